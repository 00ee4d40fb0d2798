import { Bell, BellOff } from 'lucide-react';
import { useCallback, useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { Refusal } from '../api';
import type { Cook } from '../contracts.generated';
import { platesOf, useCook, useMeasure } from '../cook';
import { withPending } from '../stove/ahead';
import { Beside } from '../stove/Beside';
import { call, isQuiet, setQuiet } from '../stove/calls';
import { CrustWatch } from '../stove/CrustWatch';
import { minuteAt, nextOf } from '../stove/due';
import { Fuse } from '../stove/Fuse';
import { Keys } from '../stove/Keys';
import { Lanes, useLanes } from '../stove/Lanes';
import { Action, HeatAndSpoon, PanOn } from '../stove/Now';
import { useOutbox, type Outbox } from '../stove/outbox';
import { forget, remember } from '../stove/running';
import type { Say } from '../stove/say';
import { Strip } from '../stove/Strip';
import { Unsent } from '../stove/Unsent';
import { isLost, useCookNow } from '../stove/useCookNow';
import { useStayAwake } from '../stove/useStayAwake';
import { VerdictForm } from '../stove/VerdictForm';
import { clock, countdown, stamp, useNow } from '../time';

/** ms before "pan on" from which the fuse burns. */
const FUSE_BEFORE_PAN_ON = 10 * 60_000;

export function Stove() {
  const { id = '' } = useParams();
  const cook = useCookNow(id);

  if (!cook.data) {
    const gone = cook.error instanceof Refusal && cook.error.problem.status === 404;
    return (
      <main className="flex-1 bg-iron p-8 text-2xl text-chalk">
        {gone
          ? 'There is no such pan in this kitchen.'
          : cook.isError
            ? 'The kitchen cannot be reached. Trying again …'
            : 'Lighting the ring …'}
      </main>
    );
  }
  return <Station key={id} known={cook.data} lost={isLost(cook)} />;
}

function Station({ known, lost }: { known: Cook; lost: boolean }) {
  const outbox = useOutbox(known.id);
  const cook = withPending(known, outbox.pending);
  const over = cook.state.status === 'at-table' || cook.state.status === 'given-up';
  useStayAwake(!over);
  useEffect(() => (over ? forget(cook.id) : remember(cook.id)), [over, cook.id]);

  const say: Say = (saying) => outbox.touch({ id: crypto.randomUUID(), at: stamp(Date.now()), ...saying });
  const trouble = <Trouble outbox={outbox} lost={lost} />;
  return (
    <div data-unsent={outbox.unsent} className="contents">
      {over ? (
        <>
          {trouble}
          <VerdictForm cook={cook} say={say} />
        </>
      ) : (
        <AtTheStove cook={cook} say={say} trouble={trouble} />
      )}
    </div>
  );
}

/** ms that a touch may be on its way before that is worth a word. */
const ON_ITS_WAY = 2000;

function Trouble({ outbox, lost }: { outbox: Outbox; lost: boolean }) {
  const now = useNow(500);
  if (outbox.refused !== null) {
    return (
      <p role="alert" className="bg-tomato px-6 py-2 text-xl text-white">
        Not kept: {outbox.refused}
      </p>
    );
  }
  const waits = outbox.pending.some((event) => now - Date.parse(event.at) > ON_ITS_WAY);
  return lost || waits ? <Unsent count={outbox.unsent} lost={lost} /> : null;
}

function AtTheStove({ cook, say, trouble }: { cook: Cook; say: Say; trouble: React.ReactNode }) {
  const { timezone } = useCook();
  const now = useNow(250);
  const [busy, setBusy] = useState(false);
  const lanes = useLanes(cook, now);
  const next = nextOf(cook);
  const calls = next !== null && next.due <= now;
  useCall(calls ? `${cook.id} ${next.step.stage ?? next.step.kind}` : null);
  if (next === null) {
    return null;
  }
  const { step, due } = next;
  const { state, working, forecast } = cook;
  const waiting = state.status === 'waiting';
  const seconds = (due - now) / 1000;
  const at = minuteAt(cook, now);
  const began = Date.parse(state.done.at(-1)?.at ?? state.started_at ?? '');
  const before = waiting || Number.isNaN(began) ? due - FUSE_BEFORE_PAN_ON : Math.min(began, due - 1000);

  return (
    <main
      data-tight={lanes.length > 1}
      className="group/stove flex flex-1 flex-col bg-iron text-chalk md:h-[calc(100dvh-3.5rem)] md:flex-none md:overflow-y-auto"
    >
      {trouble}
      <Lanes lanes={lanes} front={cook} busy={busy} />
      <Fuse from={before} to={due} now={now} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,2fr)_minmax(0,1fr)] max-md:grid-cols-1">
        <section
          aria-label="Now"
          data-calls={calls}
          data-stage={
            waiting ? 'pan-on' : (step.stage ?? `extra ${step.kind} ${Math.round(step.at_min * 60)}`)
          }
          className="flex flex-col justify-between gap-1 px-7 py-3 data-[calls=true]:bg-saffron data-[calls=true]:text-ink"
        >
          <div className="flex items-baseline justify-between gap-4 text-3xl max-md:text-xl">
            <span className="truncate">
              {platesOf(working.ask)} × {working.dish.name}
            </span>
            <span className="font-bold whitespace-nowrap" aria-label="Clock since the first liquid">
              {state.first_liquid_at === null
                ? `table ${clock(cook.table_at, timezone)}`
                : `min ${countdown(at * 60)}`}
            </span>
          </div>
          <Said line={forecast?.said ?? null} last={state.last} />
          <div aria-live="assertive">
            {waiting ? (
              <PanOn cook={cook} />
            ) : forecast?.floor && step.kind === 'off' ? (
              <CrustWatch cook={cook} floor={forecast.floor} now={now} />
            ) : (
              <Action cook={cook} step={step} />
            )}
          </div>
          <div className="flex items-end justify-between gap-4">
            <HeatAndSpoon cook={cook} step={step} calls={calls} now={now} />
            <p className="text-right text-3xl leading-tight font-bold whitespace-nowrap max-md:text-2xl">
              {calls ? <span className="text-7xl">NOW</span> : 'in'}{' '}
              {calls ? (
                seconds < -15 ? (
                  <span className="block text-2xl font-medium">late {countdown(-seconds)}</span>
                ) : null
              ) : (
                <span className="text-6xl">{countdown(seconds)}</span>
              )}
            </p>
          </div>
        </section>
        <Beside cook={cook} now={now} timezone={timezone} tight={lanes.length > 1} />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)_auto] items-center">
        <Strip cook={cook} at={waiting ? null : at} />
        <Quiet />
      </div>
      <Keys cook={cook} last={state.last} say={say} step={step} onBusy={setBusy} />
    </main>
  );
}

/** What the last touch changed, in one line, until the next one. */
function Said({ line, last }: { line: string | null; last: string | null }) {
  const { said } = useMeasure();
  return (
    <p role="status" key={last} className="min-h-8 text-2xl leading-tight font-semibold max-md:text-lg">
      {line === null ? '' : said(line)}
    </p>
  );
}

/** Calls once when something new is due. */
function useCall(due: string | null): void {
  useEffect(() => {
    if (due !== null) {
      call();
    }
  }, [due]);
}

function Quiet() {
  const [quiet, set] = useState(isQuiet);
  const toggle = useCallback(() => {
    setQuiet(!quiet);
    set(!quiet);
  }, [quiet]);
  return (
    <button
      onClick={toggle}
      aria-pressed={quiet}
      aria-label={quiet ? 'Quiet: it calls by colour only' : 'It calls with a chime'}
      title={quiet ? 'Quiet' : 'Chime'}
      className="mr-2 grid size-14 place-content-center rounded-lg border-2 border-iron-rule"
    >
      {quiet ? (
        <BellOff aria-hidden="true" className="size-7" />
      ) : (
        <Bell aria-hidden="true" className="size-7" />
      )}
    </button>
  );
}
