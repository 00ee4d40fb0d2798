import type { Cook, Plan } from './contracts.generated';
import { t } from './words/messages';

export type Stage = Plan['stages'][number];

/** What there is to do at a pan, planned or beyond the plan. */
export type Kind = NonNullable<Cook['forecast']>['steps'][number]['kind'];

/** The verb a cook would shout for each kind of step. */
export const VERB: Record<Kind, string> = {
  'pan-on': t('common.pan-on'),
  base: t('stove.steps.into-the-pan'),
  'take-out': t('stove.steps.take-out'),
  'boil-up': t('stove.steps.boil-up'),
  toast: t('stove.steps.toast'),
  'rice-in': t('stove.steps.rice-in'),
  wine: t('stove.steps.wine'),
  pour: t('stove.steps.pour'),
  heat: t('stove.steps.heat'),
  stir: t('stove.steps.stir'),
  level: t('stove.steps.level'),
  add: t('stove.steps.add'),
  lid: t('stove.steps.lid'),
  taste: t('stove.steps.taste'),
  core: t('stove.steps.core'),
  off: t('common.off-the-heat-4'),
  finish: t('stove.steps.finish'),
  rest: t('stove.steps.rest'),
  crust: t('stove.steps.crust'),
  'pick-out': t('stove.steps.pick-out'),
  garnish: t('stove.steps.on-top'),
  serve: t('stove.steps.to-the-table'),
  lift: t('stove.steps.lift-out'),
};

/** A pan that leaves its ring: no mark of a knob. */
export const OVEN = 'oven';

/** What is part-cooked is spread, not served. */
const SPREAD = 'say.spread';

/** The same for this very step: one that is turned to the oven goes into it, one that is part-cooked onto its trays. */
export const verbOf = ({
  kind,
  setting,
  say_fact,
}: {
  kind: Kind;
  setting: string | null;
  say_fact?: { code: string };
}): string =>
  kind === 'heat' && setting === OVEN
    ? t('stages.into-the-oven')
    : kind === 'serve' && say_fact?.code === SPREAD
      ? t('stages.onto-its-trays')
      : VERB[kind];

type Amount = (value: number, unit: string) => string;

type Item = NonNullable<Stage['items']>[number];

/** The one thing that a step is about; null if there are none or several, and if it only goes in on the side: into a pour, at the tasting. */
export const only = ({ kind, volume_ml, item, items = [] }: Stage) =>
  item ?? (volume_ml === null && kind !== 'taste' && items.length === 1 ? (items[0] ?? null) : null);

/** "6 g salt, 90 g hard cheese" */
export const listed = (items: readonly Item[], amount: Amount): string =>
  items.map(({ name, amount: much, unit }) => (much > 0 ? `${amount(much, unit)} ${name}` : name)).join(', ');

/** What a pour holds besides plain stock: what steeped in some of it, and what is dissolved in it. */
export function inThePour(items: readonly Item[], amount: Amount): string {
  const steeped = listed(
    items.filter(({ unit }) => unit === 'ml'),
    amount,
  );
  const dissolved = listed(
    items.filter(({ unit }) => unit !== 'ml'),
    amount,
  );
  return [
    steeped === '' ? '' : t('stove.now.of-it-words', { words: steeped }),
    dissolved === '' ? '' : t('stove.now.with-words', { words: dissolved }),
  ]
    .filter((words) => words !== '')
    .join('; ');
}

/** How much of it, where it is one thing and is measured. */
export function amounts(stage: Stage, amount: Amount): string {
  const one = only(stage);
  return one !== null && one.amount > 0 ? amount(one.amount, one.unit) : '';
}

/** What goes in, comes out or lies on top, by name; where there are several, each with how much. */
export function named(stage: Stage, amount: Amount): string {
  const one = only(stage);
  if (one !== null) {
    return one.name;
  }
  const { items = [] } = stage;
  return stage.volume_ml === null ? listed(items, amount) : inThePour(items, amount);
}
