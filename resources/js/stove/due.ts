import type { Cook } from '../contracts.generated';
import { stepsOf, type Step } from './ahead';

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

/** When something at a minute of the cook is due, counted from the first liquid as it really went in. */
export const momentOf = (cook: Cook, minute: number): number => firstLiquidAt(cook) + minute * 60_000;

/** Minute of the cook at a moment; 0 is the first liquid. */
export const minuteAt = (cook: Cook, at: number): number => (at - firstLiquidAt(cook)) / 60_000;

/** What to do next on a pan, and when; null when there is nothing any more. */
export function nextOf(cook: Cook): { step: Step; due: number } | null {
  const [step] = stepsOf(cook);
  if (!step) {
    return null;
  }
  const due =
    cook.state.status === 'waiting' ? Date.parse(cook.working.clock.toast_at) : momentOf(cook, step.at_min);
  return { step, due };
}
