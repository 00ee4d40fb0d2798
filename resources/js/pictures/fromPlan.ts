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

/** Whether the floor of the pan is to take colour: a pan that is cooked dry. */
export const takesCrust = (plan: Plan): boolean => plan.crust.even !== null;
