import type { Cook } from '../contracts.generated';
import { stepsOf, type Step } from './ahead';
import { isBefore } from './steps';

/** When the first liquid went in, or will by what has happened so far, ms since 1970. */
export function firstLiquidAt(cook: Cook): number {
  const { state, working } = cook;
  if (state.first_liquid_at !== null) {
    return Date.parse(state.first_liquid_at);
  }
  const { stages } = working.plan;
  const done = state.done.at(-1);
  if (done) {
    // Whatever is done before it makes room for what comes next.
    return Date.parse(done.at) - Math.min(0, stages[done.stage + 1]?.at_min ?? 0) * 60_000;
  }
  if (state.started_at !== null) {
    return Date.parse(state.started_at) - Math.min(0, stages[0]?.at_min ?? 0) * 60_000;
  }
  return Date.parse(working.clock.first_liquid_at);
}

/** When something at a minute of the cook is due, counted from the first liquid as it really went in. */
export const momentOf = (cook: Cook, minute: number): number => firstLiquidAt(cook) + minute * 60_000;

/** Minute of the cook at a moment; 0 is the first liquid. */
export const minuteAt = (cook: Cook, at: number): number => (at - firstLiquidAt(cook)) / 60_000;

export interface Next {
  step: Step;
  /** ms since 1970: when it is to be begun. */
  due: number;
  /** ms since 1970: until when it goes on, where it takes its time; it is late only after that. */
  until: number;
}

/** What to do next on a pan, and when; null when there is nothing any more. */
export function nextOf(cook: Cook): Next | null {
  const [step] = stepsOf(cook);
  if (!step) {
    return null;
  }
  if (cook.state.status === 'waiting') {
    const due = Date.parse(cook.working.clock.pan_on_at ?? cook.working.clock.toast_at);
    return { step, due, until: due };
  }
  const wait = cook.state.not_yet;
  const waited = wait !== null && wait.stage === step.stage ? Date.parse(wait.until) : 0;
  if (isBefore(step)) {
    // It goes on from when the one before was done, and calls when it has had enough.
    const next = cook.working.plan.stages[(step.stage ?? 0) + 1]?.at_min ?? 0;
    const due = Math.max(momentOf(cook, Math.min(0, next)), waited);
    return { step, due, until: due };
  }
  const due = Math.max(momentOf(cook, step.at_min), waited);
  return { step, due, until: Math.max(due, momentOf(cook, lastsUntil(cook, step))) };
}

/** Whether a step has begun and takes its time: toasting, beating in, resting. */
export function goesOn(cook: Cook, { step, due, until }: Next, now: number): boolean {
  return ['toast', 'pan-on', 'boil-up'].includes(step.kind) && cook.state.status === 'cooking'
    ? now < due
    : due <= now && now < until;
}

/** Minute of the cook at which a step that takes its time is over. */
function lastsUntil(cook: Cook, step: Step): number {
  const ready = cook.forecast?.pass?.ready_min ?? step.at_min;
  if (step.kind === 'finish') {
    return stepsOf(cook).find((next) => next.kind === 'rest')?.at_min ?? ready;
  }
  return step.kind === 'rest' ? ready : step.at_min;
}
