import { isCalledAtItsEnd, itemsOf } from '../stove/steps';
import { verbOf } from '../stages';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useLocation, useParams } from 'react-router';
import { Refusal } from '../api';
import type { Cook } from '../contracts.generated';
import { platesOf, useCook, useMeasure } from '../cook';
import { ladles } from '../measure';
import { Title } from '../parts/Title';
import { queries } from '../queries';
import { stepsOf, withPending, type Step } from '../stove/ahead';
import { Beside } from '../stove/Beside';
import { call } from '../stove/calls';
import { CrustWatch } from '../stove/CrustWatch';
import { goesOn, minuteAt, nextOf } from '../stove/due';
import { Fuse } from '../stove/Fuse';
import { Keys } from '../stove/Keys';
import { Lanes, useLanes } from '../stove/Lanes';
import { Action, HeatAndSpoon, PanOn } from '../stove/Now';
import { NotKept } from '../stove/NotKept';
import { useOutbox, type Outbox } from '../stove/outbox';
import { forget, remember } from '../stove/running';
import type { Say } from '../stove/say';
import { TouchOnce } from '../stove/Sound';
import { Strip } from '../stove/Strip';
import { Unsent } from '../stove/Unsent';
import { isLost, useCookNow } from '../stove/useCookNow';
import { useStayAwake } from '../stove/useStayAwake';
import { VerdictForm } from '../stove/VerdictForm';
import { wordsOf } from '../stove/words';
import { clock, countdown, lasting, stamp, useMoment } from '../time';
import { Left } from '../stove/Left';
import { t } from '../words/messages';

/** ms before "pan on" from which the fuse burns. */
const FUSE_BEFORE_PAN_ON = 10 * 60_000;

export function Stove() {
  const { id = '' } = useParams();
  const cook = useCookNow(id);

  if (!cook.data) {
    const gone = cook.error instanceof Refusal && cook.error.problem.status === 404;
    return (
      <main className="flex-1 bg-iron p-8 text-2xl text-chalk">
        <Title>{t('common.stove')}</Title>
        <h1 className="sr-only">{t('common.stove')}</h1>
        {gone
          ? t('screens.stove.there-is-no-such-pan-in')
          : cook.isError
            ? t('common.the-kitchen-cannot-be-reached-trying')
            : t('screens.stove.lighting-the-ring')}
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

  const say: Say = (saying) => {
    const id = crypto.randomUUID();
    outbox.touch({ id, at: stamp(Date.now()), ...saying });
    return id;
  };
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
  // Signed out is not disconnected: the rail says it, and has the key that mends it.
  const { data: ended } = useQuery(queries.ended);
  const disconnected = lost && !ended;
  const waits = useMoment((now) => outbox.pending.some((event) => now - Date.parse(event.at) > ON_ITS_WAY));
  return (
    <>
      <NotKept />
      {(disconnected || waits) && <Unsent count={outbox.unsent} lost={disconnected} />}
    </>
  );
}

function AtTheStove({ cook, say, trouble }: { cook: Cook; say: Say; trouble: React.ReactNode }) {
  const { timezone } = useCook();
  const came = (useLocation().state as { came?: boolean } | null)?.came === true;
  const [busy, setBusy] = useState(false);
  const lanes = useLanes(cook);
  const next = nextOf(cook);
  const on = useMoment((now) => next !== null && goesOn(cook, next, now));
  const calls = useMoment((now) => next !== null && next.due <= now) && !(on && next?.step.kind === 'rest');
  useCall(calls && next ? `${cook.id} ${next.step.stage ?? next.step.kind}` : null);
  if (next === null) {
    return null;
  }
  const { step, due, until } = next;
  const { state, working, forecast } = cook;
  const waiting = state.status === 'waiting';
  const began = Date.parse(state.done.at(-1)?.at ?? state.started_at ?? '');
  const before = waiting || Number.isNaN(began) ? due - FUSE_BEFORE_PAN_ON : Math.min(began, due - 1000);

  return (
    <main className="stove" data-tight={lanes.length > 1}>
      <Title>{`${waiting ? t('common.pan-on') : verbOf(step)}: ${working.dish.name}`}</Title>
      <h1 className="sr-only">{t('screens.stove.stove-name', { name: working.dish.name })}</h1>
      {trouble}
      <TouchOnce />
      <Lanes lanes={lanes} front={cook} busy={busy} />
      <Fuse from={before} to={on ? until : due} />
      <div className="stove-body">
        <section
          aria-label={t('screens.stove.now')}
          data-calls={calls}
          data-stage={
            waiting ? 'pan-on' : (step.stage ?? `extra ${step.kind} ${Math.round(step.at_min * 60)}`)
          }
          className="stove-now"
        >
          <div className="now-head">
            <span className="truncate">
              {platesOf(working.ask)} × {working.dish.name}
            </span>
            <span
              className="font-bold whitespace-nowrap"
              aria-label={t('screens.stove.clock-since-the-first-liquid')}
            >
              {waiting
                ? t('common.table-tableat', { tableAt: clock(cook.table_at, timezone) })
                : state.first_liquid_at !== null && <Minute cook={cook} />}
            </span>
          </div>
          <Said cook={cook} due={waiting ? due : null} />
          <div className="min-w-0">
            {waiting ? (
              <PanOn cook={cook} />
            ) : forecast?.floor && step.kind === 'off' ? (
              <CrustWatch cook={cook} floor={forecast.floor} />
            ) : (
              <Action cook={cook} step={step} until={on ? until : null} />
            )}
          </div>
          <div className="now-foot">
            <HeatAndSpoon cook={cook} step={step} calls={calls} />
            <When
              calls={calls}
              on={on}
              ends={!waiting && isCalledAtItsEnd(step.kind)}
              due={due}
              until={until}
            />
          </div>
          <Spoken calls={calls} waiting={waiting} step={step} cook={cook} />
        </section>
        <Beside cook={cook} timezone={timezone} say={say} busy={busy} calls={calls} />
      </div>
      <div className="stove-strip flex-none">
        <Strip cook={cook} />
      </div>
      <Keys cook={cook} say={say} step={step} came={came} onBusy={setBusy} />
    </main>
  );
}

/** ms after a call from which it counts as late. */
const LATE = 15_000;

function Minute({ cook }: { cook: Cook }) {
  const at = useMoment((now) => countdown(60 * minuteAt(cook, now)));
  return t('screens.stove.minute', { at });
}

/** When it is to be done: in so long, now, going on, or late by so much. NOW is for what is to be begun; what is called at its end has had enough. */
function When({
  calls,
  on,
  ends,
  due,
  until,
}: {
  calls: boolean;
  on: boolean;
  ends: boolean;
  due: number;
  until: number;
}) {
  const late = useMoment((now) => (now - until > LATE ? countdown((now - until) / 1000) : null));
  if (on) {
    return (
      <p className="now-when">
        <b>{t('screens.stove.going-on')}</b>
      </p>
    );
  }
  return (
    <p className="now-when">
      {calls ? <b>{ends ? t('screens.stove.enough') : t('common.now')}</b> : <>{t('common.in')} </>}
      {calls ? (
        late !== null && (
          <span className="block">
            {ends ? t('screens.stove.over-late', { late }) : t('screens.stove.late-late', { late })}
          </span>
        )
      ) : (
        <b>
          <Left to={due} />
        </b>
      )}
    </p>
  );
}

/** The call, for whoever hears the screen: said once, when it comes. */
function Spoken({
  calls,
  waiting,
  step,
  cook,
}: {
  calls: boolean;
  waiting: boolean;
  step: Step;
  cook: Cook;
}) {
  const { volume } = useMeasure();
  const words = waiting
    ? t('common.pan-on')
    : [
        verbOf(step),
        step.volume_ml === null ? null : volume(step.volume_ml),
        step.ladles === null ? null : ladles(step.ladles),
        step.item?.name ?? null,
        ...itemsOf(cook, step).map((one) => one.name),
        step.setting !== null && ['heat', 'crust'].includes(step.kind) ? step.setting : null,
        step.say,
      ]
        .filter(Boolean)
        .join(', ');
  return (
    <p aria-live="assertive" className="sr-only">
      {calls ? t('screens.stove.name-now-words', { name: cook.working.dish.name, words }) : ''}
    </p>
  );
}

/** ms before its time from which a pan that is put on is far too early. */
const FAR_TOO_EARLY = 300_000;

/** What the last touch changed, in one line, until the next one; before the first, that it is too early for it. */
function Said({ cook, due }: { cook: Cook; due: number | null }) {
  const measure = useMeasure();
  const early = useMoment((now) =>
    due !== null && due - now > FAR_TOO_EARLY ? lasting((due - now) / 1000) : null,
  );
  const { timezone } = useCook();
  const { forecast, state } = cook;
  const wait = state.not_yet;
  const words =
    early !== null
      ? t('screens.stove.on-at-toastat-now-it-would', {
          toastAt: clock(cook.working.clock.pan_on_at ?? cook.working.clock.toast_at, timezone),
          early,
        })
      : state.taken_back !== null
        ? t('screens.stove.taken-back-takenback', { takenBack: wordsOf(state.taken_back, cook, measure) })
        : wait !== null && wait.stage === stepsOf(cook)[0]?.stage
          ? t('screens.stove.not-yet-seconds-more', { seconds: lasting(wait.seconds) })
          : forecast?.said
            ? forecast.said
            : '';
  return (
    <p role="status" key={state.last} className="now-said">
      {words}
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
