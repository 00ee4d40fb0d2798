import type { Cook } from '../contracts.generated';
import { stepsOf } from './ahead';
import { momentOf } from './due';
import { isPour } from './steps';

type Prep = Cook['working']['prep'][number];

/** Work beside the pan, with its own clock: when it is begun and when it must be ready, ms since 1970, as the cook goes now. */
export interface Beside {
  what: string;
  begin: number;
  ready: number;
}

/** What does not come before the service is shown from so long before it is begun until so long after it is due, ms. */
const SOON = 600_000;
const STILL = 60_000;

/** The works beside the pan that want hands soon, in order of when they begin. */
export function besides(cook: Cook, now: number): Beside[] {
  return cook.working.prep
    .flatMap((one) => (one.ahead || one.ready === undefined ? [] : [beside(cook, one)]))
    .filter(({ begin, ready }) => now > begin - SOON && now < ready + STILL)
    .sort((a, b) => a.begin - b.begin);
}

function beside(cook: Cook, one: Prep): Beside {
  const ready = momentOf(cook, minuteOf(cook, one)) - (one.lead_min ?? 0) * 60_000;
  return { what: one.what, begin: ready - one.takes_min * 60_000, ready };
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
