import type { Cook } from '../contracts.generated';

/** When the first liquid went in, or will by what has happened so far, ms since 1970. */
export function firstLiquidAt(cook: Cook): number {
  const { state, working } = cook;
  if (state.first_liquid_at !== null) {
    return Date.parse(state.first_liquid_at);
  }
  if (state.started_at !== null) {
    return Date.parse(state.started_at) - Math.min(0, working.plan.stages[0]?.at_min ?? 0) * 60_000;
  }
  return Date.parse(working.clock.first_liquid_at);
}

/** When a stage is due by the plan, counted from the first liquid as it really went in. */
export function dueAt(cook: Cook, stage: number): number {
  return firstLiquidAt(cook) + (cook.working.plan.stages[stage]?.at_min ?? 0) * 60_000;
}

/** Minute of the cook at a moment; 0 is the first liquid. */
export function minuteAt(cook: Cook, at: number): number {
  return (at - firstLiquidAt(cook)) / 60_000;
}
