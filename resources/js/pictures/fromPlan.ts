import { VERB, type Stage } from '../stages';
import type { Plan } from '../contracts.generated';

/** Minutes of the cook between which the rice is in its window, if it ever is; to the end when it does not leave it. */
export function rightMinutes(plan: Plan, window: number[]): [number, number] | null {
  const [low = 0, high = Infinity] = window;
  const { min, doneness_min } = plan.track;
  const from = doneness_min.findIndex((done) => done >= low);
  if (from < 0) {
    return null;
  }
  const past = doneness_min.findIndex((done) => done > high);
  return [min[from] ?? 0, past < 0 ? Infinity : (min[past] ?? Infinity)];
}

/** Wine and stock as the plan pours them. */
export function pours(plan: Plan): { minute: number; volume_ml: number; kind: string }[] {
  return plan.stages
    .filter((stage) => stage.volume_ml !== null)
    .map((stage) => ({ minute: stage.at_min, volume_ml: stage.volume_ml ?? 0, kind: stage.kind }));
}

/** By what a part of it is called, where it is not plain. */
const NAMED: Partial<Record<Stage['kind'], (stage: Stage) => string>> = {
  base: (stage) => stage.items?.at(-1)?.name ?? '',
  toast: () => VERB.toast,
};

/** What is done in the pan before the first liquid, from the cold pan on. */
export function baseOf(plan: Plan): { from: number; to: number; what: string }[] {
  const before = plan.stages.filter((stage) => stage.at_min < 0);
  return before.map((stage, row) => ({
    from: stage.at_min,
    to: before[row + 1]?.at_min ?? 0,
    what: NAMED[stage.kind]?.(stage) ?? '',
  }));
}

/** Whether the floor of the pan is to take colour: a pan that is cooked dry. */
export const takesCrust = (plan: Plan): boolean => plan.crust.even !== null;

/** Less than this lies dry on its plate, g to a gram of rice; it neither tightens nor is loosened. */
const DRY = 0.05;

/** Whether anything of it is left to tighten at the pass. */
export const hasSauce = (plan: Plan): boolean => plan.pass.some(({ looseness }) => looseness > DRY);

/** So far under its boil a pan no longer moves, K; so much and so long is told, K and min. */
const STILL_MOVES = 2;
const TOLD_K = 4;
const TOLD_MIN = 0.75;

/** Stretches in which a pan that has boiled is off its boil, before it leaves the heat: what cold things do to it. */
export function dips(plan: Plan): { from: number; to: number; lowest_c: number }[] {
  const { min, temperature_c } = plan.track;
  const boiling = Math.max(...temperature_c);
  const cold = (row: number) => (temperature_c[row] ?? boiling) < boiling - STILL_MOVES;
  const boils = temperature_c.findIndex((celsius, row) => (min[row] ?? 0) > 0 && celsius >= boiling - 0.1);
  const found: { from: number; to: number; lowest_c: number }[] = [];
  for (let row = boils < 0 ? min.length : boils; row < min.length; row++) {
    const at = min[row] ?? 0;
    if (at > plan.timing.pull_min) {
      break;
    }
    const open = found.at(-1);
    if (cold(row) && open && cold(row - 1)) {
      open.to = at;
      open.lowest_c = Math.min(open.lowest_c, temperature_c[row] ?? boiling);
    } else if (cold(row)) {
      found.push({ from: min[row - 1] ?? at, to: at, lowest_c: temperature_c[row] ?? boiling });
    }
  }
  return found.filter(
    ({ from, to, lowest_c }) =>
      to - from >= TOLD_MIN && lowest_c <= boiling - TOLD_K && from < plan.timing.pull_min - 0.2,
  );
}
