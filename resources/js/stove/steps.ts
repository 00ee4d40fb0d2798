import type { Plan } from '../contracts.generated';

export type Stage = Plan['stages'][number];

/** The verb a cook would shout for each kind of step. */
export const VERB: Record<Stage['kind'], string> = {
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
};

export const isPour = (stage: Stage): boolean => stage.kind === 'pour' || stage.kind === 'wine';
