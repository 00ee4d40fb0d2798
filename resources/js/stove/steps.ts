import type { Cook, Plan } from '../contracts.generated';
import type { Step } from './ahead';
import { t } from '../words/messages';

export type Stage = Plan['stages'][number];

/** The verb a cook would shout for each kind of step. */
export const VERB: Record<Step['kind'], string> = {
  toast: t('stove.steps.toast'),
  wine: t('stove.steps.wine'),
  pour: t('stove.steps.pour'),
  heat: t('stove.steps.heat'),
  stir: t('stove.steps.stir'),
  level: t('stove.steps.level'),
  add: t('stove.steps.add'),
  lid: t('stove.steps.lid'),
  taste: t('stove.steps.taste'),
  off: t('common.off-the-heat-4'),
  finish: t('stove.steps.finish'),
  rest: t('stove.steps.rest'),
  crust: t('stove.steps.crust'),
  serve: t('stove.steps.to-the-table'),
  lift: t('stove.steps.lift-out'),
};

export const isPour = (step: { kind: Step['kind'] }): boolean => step.kind === 'pour' || step.kind === 'wine';

/** Index of the plan's stage of a kind, or null. */
export function stageOf(cook: Cook, kind: Step['kind']): number | null {
  const index = cook.working.plan.stages.findIndex((stage) => stage.kind === kind);
  return index < 0 ? null : index;
}
