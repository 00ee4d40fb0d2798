import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useParams } from 'react-router';
import { api, Refusal } from '../api';
import type { Cook, CookEvent } from '../contracts';
import { useCook } from '../cook';
import { grams, ladles, millilitres, minute, trimmed } from '../measure';
import { pours, rightMinutes } from '../pictures/fromPlan';
import { GrainClock } from '../pictures/GrainClock';
import { StockColumn } from '../pictures/StockColumn';
import { Fuse } from '../stove/Fuse';
import { Keys } from '../stove/Keys';
import { dueAt, firstLiquidAt, minuteAt } from '../stove/due';
import { useOutbox } from '../stove/outbox';
import type { Say } from '../stove/say';
import { forget, remember } from '../stove/running';
import { isPour, VERB, type Stage } from '../stove/steps';
import { VerdictForm } from '../stove/VerdictForm';
import { useStayAwake } from '../stove/useStayAwake';
import { clock, countdown, stamp, useNow } from '../time';

export function Stove() {
  const { id = '' } = useParams();
  const cook = useQuery({ queryKey: ['cook', id], queryFn: () => api.cook(id), refetchInterval: 5000 });

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
  return <Station key={id} cook={cook.data} lost={cook.isError} />;
}

function Station({ cook, lost }: { cook: Cook; lost: boolean }) {
  const { timezone } = useCook();
  const now = useNow(250);
  const outbox = useOutbox(cook.id);
  const { state, working } = cook;
  const over = state.status === 'at-table' || state.status === 'given-up';
  useStayAwake(!over);
  useEffect(() => (over ? forget(cook.id) : remember(cook.id)), [over, cook.id]);

  const say: Say = (event) =>
    outbox.touch({ id: crypto.randomUUID(), at: stamp(Date.now()), ...event } as CookEvent);
  const trouble =
    lost || outbox.unsent > 0 ? (
      <Unsent count={outbox.unsent} lost={lost} />
    ) : outbox.refused ? (
      <p role="alert" className="bg-tomato px-6 py-2 text-xl text-white">
        Not kept: {outbox.refused}
      </p>
    ) : null;

  if (over) {
    return (
      <>
        {trouble}
        <VerdictForm cook={cook} say={say} />
      </>
    );
  }

  const stages = working.plan.stages;
  const index = state.stage ?? 0;
  const stage = stages[index];
  if (!stage) {
    return null;
  }
  const waiting = state.status === 'waiting';
  const due = waiting ? Date.parse(working.clock.toast_at) : dueAt(cook, index);
  const before = waiting
    ? due - 10 * 60_000
    : index === 0
      ? Date.parse(state.started_at ?? working.clock.toast_at)
      : dueAt(cook, index - 1);
  const seconds = (due - now) / 1000;
  const calls = seconds <= 0;
  const at = minuteAt(cook, now);

  return (
    <main className="flex flex-1 flex-col bg-iron text-chalk">
      {trouble}
      <Fuse from={before} to={due} now={now} />
      <div className="grid flex-1 grid-cols-[minmax(0,2fr)_minmax(0,1fr)] max-md:grid-cols-1">
        <section
          aria-label="Now"
          data-calls={calls}
          data-stage={waiting ? 'pan-on' : index}
          className="flex flex-col justify-between gap-2 px-7 py-4 data-[calls=true]:bg-saffron data-[calls=true]:text-ink"
        >
          <div className="flex items-baseline justify-between gap-4 text-3xl max-md:text-xl">
            <span className="truncate">
              {working.ask.covers} × {working.dish.name}
            </span>
            <span className="font-bold whitespace-nowrap" aria-label="Clock since the first liquid">
              {state.first_liquid_at === null
                ? `table ${clock(cook.table_at, timezone)}`
                : `min ${countdown(at * 60)}`}
            </span>
          </div>
          <div aria-live="assertive">
            {waiting ? <PanOn cook={cook} /> : <Action cook={cook} stage={stage} />}
          </div>
          <div className="flex items-end justify-between gap-4">
            <HeatAndSpoon cook={cook} stage={stage} />
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
        <Beside cook={cook} now={now} timezone={timezone} />
      </div>
      <Strip cook={cook} at={waiting ? null : at} />
      <Keys cook={cook} busy={outbox.unsent > 0} say={say} stage={stage} index={index} />
    </main>
  );
}

function PanOn({ cook }: { cook: Cook }) {
  const { working } = cook;
  return (
    <>
      <p className="text-7xl leading-none font-bold">Pan on</p>
      <p className="text-[128px] leading-none font-bold tracking-tight max-md:text-7xl">
        {grams(working.plan.rice_g)}
      </p>
      <p className="text-4xl max-md:text-2xl">
        of {working.dish.rice}, {working.pan.name} on {working.burner.name}, {working.burner.mark}
      </p>
      <p className="mt-2 text-3xl opacity-80 max-md:text-xl">
        {millilitres(working.plan.stock_ml + working.plan.reserve_ml)} of {working.dish.stock} hot beside it
        {working.plan.balance.wine_ml > 0 ? `, ${millilitres(working.plan.balance.wine_ml)} of wine` : ''}
      </p>
    </>
  );
}

function Action({ cook, stage }: { cook: Cook; stage: Stage }) {
  const { working } = cook;
  const said = stage.kind === 'finish' ? working.dish.finish : stage.say;
  return (
    <>
      <p className="text-7xl leading-none font-bold max-md:text-5xl">{VERB[stage.kind]}</p>
      {stage.volume_ml !== null ? (
        <>
          <p className="text-[168px] leading-[0.95] font-bold tracking-tight max-md:text-8xl">
            {Math.round(stage.volume_ml)}
            <span className="pl-4 text-6xl font-semibold max-md:text-4xl">mL</span>
          </p>
          {stage.ladles !== null && (
            <p className="text-5xl font-semibold max-md:text-3xl">
              {ladles(stage.ladles)}{' '}
              <span className="font-normal opacity-80">of {trimmed(working.ladle_ml, 0)}</span>
            </p>
          )}
        </>
      ) : (
        <p className="py-4" />
      )}
      <p className="mt-3 text-4xl leading-tight max-md:text-2xl">{said}</p>
    </>
  );
}

function HeatAndSpoon({ cook, stage }: { cook: Cook; stage: Stage }) {
  const { working } = cook;
  const gone =
    stage.kind === 'off' || cook.state.done.some((done) => working.plan.stages[done.stage]?.kind === 'off');
  return (
    <ul aria-label="Heat and spoon" className="flex flex-wrap gap-x-8 gap-y-2 text-2xl max-md:text-lg">
      <Sign words={gone ? 'heat off' : working.burner.mark}>
        {gone ? (
          <path d="M12 12 36 36 M36 12 12 36" stroke="currentColor" strokeWidth="5" />
        ) : (
          <path d="M24 8c6 8 9 12 9 18a9 9 0 0 1-18 0c0-6 3-10 9-18z" fill="currentColor" />
        )}
      </Sign>
      {!gone && (
        <Sign words={working.dish.stirring}>
          <path d="M30 10 18 30" stroke="currentColor" strokeWidth="4.5" strokeLinecap="round" />
          <ellipse cx="16" cy="34" rx="5" ry="7" fill="currentColor" transform="rotate(32 16 34)" />
        </Sign>
      )}
    </ul>
  );
}

function Sign({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <li className="flex items-center gap-3">
      <svg viewBox="0 0 48 48" className="size-12 shrink-0" aria-hidden="true">
        <circle cx="24" cy="24" r="21" fill="none" stroke="currentColor" strokeWidth="4" />
        {children}
      </svg>
      {words}
    </li>
  );
}

function Beside({ cook, now, timezone }: { cook: Cook; now: number; timezone: string }) {
  const { state, working } = cook;
  const { plan } = working;
  const index = state.stage ?? 0;
  const next = plan.stages.slice(state.status === 'waiting' ? 0 : index + 1).slice(0, 2);
  const from = state.status === 'waiting' ? 0 : index + 1;
  const done = new Map(state.done.map((one) => [one.stage, one]));
  const shift = firstLiquidAt(cook);
  const off = shift + plan.timing.pull_min * 60_000;
  const table = shift + plan.timing.table_min * 60_000;
  const bands = plan.stages.flatMap((stage, at) =>
    stage.kind === 'pour'
      ? [
          {
            volume_ml: done.get(at)?.volume_ml ?? stage.volume_ml ?? 0,
            poured: done.has(at),
            next: at === index && state.status === 'cooking',
          },
        ]
      : [],
  );
  const left = bands.reduce((sum, band) => sum + (band.poured ? 0 : band.volume_ml), 0);
  const over =
    state.poured_ml -
    plan.stages.reduce(
      (sum, stage, at) => sum + (stage.kind === 'pour' && done.has(at) ? (stage.volume_ml ?? 0) : 0),
      0,
    );

  return (
    <aside
      aria-label="What is left"
      className="grid grid-cols-[170px_minmax(0,1fr)] gap-3 border-l-2 border-iron-rule p-4 max-md:block max-md:border-l-0 max-md:py-1"
    >
      <div className="max-md:hidden">
        <StockColumn ground="iron" width={168} height={510} bands={bands} reserve={plan.reserve_ml} />
      </div>
      <div className="flex flex-col gap-3 text-xl max-md:gap-1">
        <div>
          <p className="text-chalk-soft">left to pour</p>
          <p className="text-4xl font-bold">{millilitres(left)}</p>
          {Math.abs(over) >= 1 && (
            <p className="text-saffron">
              {millilitres(Math.abs(over))} {over > 0 ? 'more' : 'less'} than planned so far
            </p>
          )}
        </div>
        <ol aria-label="Next">
          {next.map((stage, row) => (
            <li key={row} className="border-t border-iron-rule py-1.5 leading-tight">
              <span className="float-right text-chalk-soft">
                {countdown((dueAt(cook, from + row) - now) / 1000)}
              </span>
              <b>{VERB[stage.kind]}</b>
              {isPour(stage) ? ` ${millilitres(stage.volume_ml ?? 0)}` : ''}
            </li>
          ))}
        </ol>
        <dl className="mt-auto grid grid-cols-[auto_1fr] gap-x-3 leading-tight">
          <dt className="text-chalk-soft">pull</dt>
          <dd className="text-right">
            <b className="text-2xl">{countdown((off - now) / 1000)}</b>{' '}
            <span className="text-chalk-soft">{clock(off, timezone)}</span>
          </dd>
          <dt className="text-chalk-soft">table</dt>
          <dd className="text-right">
            <b className="text-2xl">{countdown((table - now) / 1000)}</b>{' '}
            <span className="text-chalk-soft">{clock(table, timezone)}</span>
          </dd>
        </dl>
        <p className="text-base leading-tight text-chalk-soft">
          Steam and hot handles: turn the pan away before you pour.
        </p>
      </div>
    </aside>
  );
}

function Strip({ cook, at }: { cook: Cook; at: number | null }) {
  const { working, happened } = cook;
  const { plan } = working;
  return (
    <div className="border-t-2 border-iron-rule px-2">
      <GrainClock
        label={`Grain clock, minute ${at === null ? '–' : minute(at)} of ${minute(plan.timing.table_min)}`}
        height={92}
        size="strip"
        ground="iron"
        planned={plan.track}
        plannedPours={pours(plan)}
        happened={happened.track}
        happenedPours={[...happened.pours]}
        heat={plan.heat}
        strongest={Math.max(...working.burner.marks.map((mark) => mark.net_w))}
        window={rightMinutes(plan, working.dish.window_min)}
        pull={plan.timing.pull_min}
        table={plan.timing.table_min}
        now={at}
      />
    </div>
  );
}

function Unsent({ count, lost }: { count: number; lost: boolean }) {
  return (
    <p role="status" className="bg-steel px-6 py-2 text-xl text-ink">
      {lost ? 'No connection. ' : ''}
      {count > 0
        ? `${count} ${count === 1 ? 'touch' : 'touches'} kept on this tablet, still on the way`
        : 'Trying again …'}
    </p>
  );
}
