import type { Cook } from '../contracts.generated';
import { stepsOf } from './ahead';
import { momentOf } from './due';
import { isPour } from './steps';

type Prep = Cook['working']['prep'][number];

/** Work beside the pan, with its own clock: when it is begun and when it must be ready, ms since 1970, as the cook goes now. */
export interface Beside {
  /** Place in the plan's list. */
  work: number;
  what: string;
  begin: number;
  ready: number;
  /** It was said to be begun. */
  begun: boolean;
  /** What it needs, where that is not ready yet. */
  waitsFor: string | null;
  /** ms after the step that wants it at which it will be ready, as it was begun; 0 in time. */
  late: number;
}

/** What does not come before the service is shown from so long before it is begun, ms; what nobody has begun, until it was to be ready. */
const SOON = 600_000;

/** The works beside the pan that want hands soon, and those that one of them waits for, in order of when they begin. */
export function besides(cook: Cook, now: number): Beside[] {
  const works = cook.working.prep.flatMap((one, work) =>
    one.ahead || one.ready === undefined || isReady(cook, work) ? [] : [beside(cook, one, work)],
  );
  const shown = works.filter(({ begin, ready, begun }) => begun || (now > begin - SOON && now < ready));
  // What a work waits for stands before it, however long ago it was due.
  for (const { work } of shown) {
    const needed = works.find((one) => one.work === cook.working.prep[work]?.needs);
    if (needed && !shown.includes(needed)) {
      shown.push(needed);
    }
  }
  return shown.sort((a, b) => a.begin - b.begin);
}

const saidOf = (cook: Cook, work: number) => cook.state.beside.find((one) => one.work === work);

const isReady = (cook: Cook, work: number): boolean => saidOf(cook, work)?.ready_at != null;

function beside(cook: Cook, one: Prep, work: number): Beside {
  const wanted = momentOf(cook, minuteOf(cook, one)) - (one.lead_min ?? 0) * 60_000;
  const takes = one.takes_min * 60_000;
  const begun = saidOf(cook, work)?.begun_at ?? null;
  const begin = begun === null ? wanted - takes : Date.parse(begun);
  const needs = one.needs ?? null;
  return {
    work,
    what: one.what,
    begin,
    ready: begin + takes,
    begun: begun !== null,
    waitsFor:
      begun !== null || needs === null || isReady(cook, needs)
        ? null
        : (cook.working.prep[needs]?.what ?? null),
    late: Math.max(0, begin + takes - wanted),
  };
}

/** Minute of the cook that it must be ready for, as it is forecast now. */
function minuteOf({ working, forecast, ...cook }: Cook, { ready }: Prep): number {
  const { stages, timing } = working.plan;
  const pours = [...stages, ...stepsOf({ working, forecast, ...cook })].filter(isPour);
  switch (ready) {
    case 'rice':
      return Math.min(0, stages.find((stage) => stage.kind === 'toast')?.at_min ?? 0);
    case 'stock':
      return stages.find((stage) => stage.kind === 'pour')?.at_min ?? 0;
    case 'last-dose':
      return pours.at(-1)?.at_min ?? 0;
    default:
      return forecast?.table_min ?? timing.table_min;
  }
}
