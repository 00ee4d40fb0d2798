import type { Cook } from '../contracts.generated';
import { minuteAt } from './due';

interface Plate {
  word: string;
  bite: string;
  /** The floor is burnt by now. */
  burnt: boolean;
}

/**
 * What will be on the plate, true for this moment, also while the kitchen cannot be asked: by the forecast, or, where the
 * pull or the table has gone by, by what the engine said would come of a pan that nobody touches.
 */
export function plateNow(cook: Cook, now: number): Plate | null {
  const { forecast, plates } = cook;
  if (!forecast) {
    return null;
  }
  const minute = minuteAt(cook, now);
  const at = eatenNow(forecast, minute) ?? forecast.at_table;
  const word = [...plates].sort(
    (a, b) => Math.abs(a.looseness - at.looseness) - Math.abs(b.looseness - at.looseness),
  )[0]?.word;
  return {
    word: word ?? '',
    bite: at.bite,
    burnt: forecast.floor !== null && minute >= forecast.floor.burnt_min,
  };
}

function eatenNow(
  { pass, left_alone, pull_min, table_min }: NonNullable<Cook['forecast']>,
  minute: number,
): { looseness: number; bite: string } | null {
  if (pass) {
    const waited = minute - pass.ready_min;
    return minute > table_min ? (pass.loosen.findLast((row) => row.at_min <= waited) ?? null) : null;
  }
  return minute > pull_min ? (left_alone.findLast((row) => row.off_min <= minute) ?? null) : null;
}
