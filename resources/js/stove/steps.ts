import type { Plan } from '../contracts.generated';
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
