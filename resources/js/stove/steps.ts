import type { Cook } from '../contracts.generated';
import type { Step } from './ahead';
import type { Stage } from '../stages';

export const isPour = (step: { kind: Step['kind'] }): boolean => step.kind === 'pour' || step.kind === 'wine';

/** Whether it is done before the rice meets its first liquid: it goes on until the next begins. */
export const isBefore = ({ kind, at_min }: { kind: Step['kind']; at_min: number }): boolean =>
  at_min <= 0 && ['pan-on', 'base', 'take-out', 'boil-up', 'toast', 'rice-in'].includes(kind);

const SALT = 'ingredient.salt';

/** Whether a step is called when it has had its time, not when it is to be begun: warming, sweating, toasting, beating in, resting. */
export const isCalledAtItsEnd = (kind: Step['kind']): boolean =>
  ['pan-on', 'base', 'boil-up', 'toast', 'finish', 'rest'].includes(kind);

/** What goes in, comes out or lies on top together at a step of the plan; of salt, as much as the pan wants by now. */
export function itemsOf(cook: Cook, step: Step): NonNullable<Stage['items']> {
  const planned = (step.stage === null ? undefined : cook.working.plan.stages[step.stage]?.items) ?? [];
  const salt = cook.forecast?.salt?.season_g;
  if (salt === undefined || isPour(step)) {
    return planned;
  }
  return planned.flatMap((one) =>
    one.name_fact?.code !== SALT ? [one] : salt > 0 ? [{ ...one, amount: salt }] : [],
  );
}

/** Index of the last step of the base, where the rice is still to come; null when there is none to pass over. */
export function baseReadyAt(cook: Cook): number | null {
  const { stages } = cook.working.plan;
  const now = cook.state.stage;
  if (now === null || cook.state.first_liquid_at !== null || stages[0]?.kind !== 'pan-on') {
    return null;
  }
  const rice = stages.findIndex((stage) => !['pan-on', 'base', 'take-out'].includes(stage.kind));
  return now < rice ? rice - 1 : null;
}

/** Index of the plan's stage of a kind, or null. */
export function stageOf(cook: Cook, kind: Step['kind']): number | null {
  const index = cook.working.plan.stages.findIndex((stage) => stage.kind === kind);
  return index < 0 ? null : index;
}
