import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useParams } from 'react-router';
import { api, Refusal } from '../api';
import type { Cook, CookEvent } from '../contracts.generated';
import { platesOf, useCook } from '../cook';
import { Beside } from '../stove/Beside';
import { dueAt, minuteAt } from '../stove/due';
import { Fuse } from '../stove/Fuse';
import { Keys } from '../stove/Keys';
import { Action, HeatAndSpoon, PanOn } from '../stove/Now';
import { useOutbox } from '../stove/outbox';
import { forget, remember } from '../stove/running';
import type { Say } from '../stove/say';
import { Strip } from '../stove/Strip';
import { Unsent } from '../stove/Unsent';
import { useStayAwake } from '../stove/useStayAwake';
import { VerdictForm } from '../stove/VerdictForm';
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
              {platesOf(working.ask)} × {working.dish.name}
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
