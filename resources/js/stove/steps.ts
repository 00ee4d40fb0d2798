import type { Cook, Plan } from '../contracts.generated';
import type { Step } from './ahead';

export type Stage = Plan['stages'][number];

/** The verb a cook would shout for each kind of step. */
export const VERB: Record<Step['kind'], string> = {
  toast: 'Toast',
  wine: 'Wine',
  pour: 'Pour',
  heat: 'Heat',
  stir: 'Stir',
  level: 'Level',
  add: 'Add',
  lid: 'Lid',
  taste: 'Taste',
  off: 'Off the heat',
  finish: 'Finish',
  rest: 'Rest',
  crust: 'Crust',
  serve: 'To the table',
  lift: 'Lift out',
};

export const isPour = (step: { kind: Step['kind'] }): boolean => step.kind === 'pour' || step.kind === 'wine';

/** Index of the plan's stage of a kind, or null. */
export function stageOf(cook: Cook, kind: Step['kind']): number | null {
  const index = cook.working.plan.stages.findIndex((stage) => stage.kind === kind);
  return index < 0 ? null : index;
}
