import { labelled } from '../kitchen/words';
import type { Option } from '../parts/Select';
import * as vocabulary from '../words.generated';
import { t, wordOf } from '../words/messages';

/* The words of a dish's fields, as a cook reads them. */

export const DOSES = vocabulary.DOSES.filter((one) => one !== 'one-pour').map(
  (one) => [one, wordOf('doses', one)] as const,
);
export const STIRRING = labelled(vocabulary.STIRRING, {
  constant: t('dish.dishForm.all-the-time'),
  'now-and-then': t('dish.dishForm.now-and-then'),
  never: t('common.never'),
});
export const TOAST = labelled(vocabulary.TOASTING, {
  quick: t('dish.dishForm.quick-1-min-hot'),
  medium: t('dish.dishForm.medium-3-min'),
  slow: t('dish.dishForm.slow-5-min'),
});
export const PACE = vocabulary.PACE.map((one) => [one, wordOf('pace', one)] as const);
export const FAT = vocabulary.FAT.map((one) => [one, wordOf('fat', one)] as const);
export const COVER = vocabulary.COVER.map((one) => [one, wordOf('cover', one)] as const);
/** A stew is thin enough that its top needs no lid of its own. */
export const COVER_A_STEW = COVER.filter(([one]) => one === 'open' || one === 'to-the-end');
/** Butter as it is beaten in, °C: from the freezer, from the fridge, soft. */
const BUTTER: readonly Option[] = [
  ['-18', t('dish.dishForm.frozen-butter')],
  ['4', t('dish.dishForm.cold-butter')],
  ['20', t('dish.dishForm.soft-butter')],
];
export const CRUST = labelled(vocabulary.CRUST, {
  none: t('dish.dishForm.no-crust'),
  gold: t('common.gold'),
  dark: t('common.dark'),
});
export const CRUST_SCHOOL = labelled(vocabulary.CRUST_SCHOOL, {
  'short-and-hot': t('dish.dishForm.short-and-hot'),
  'long-and-gentle': t('dish.dishForm.long-and-gentle'),
});

/** Those, and how cold else it was said to be. */
export const coldOf = (celsius: number): readonly Option[] =>
  BUTTER.some(([value]) => Number(value) === celsius)
    ? BUTTER
    : [...BUTTER, [String(celsius), `${celsius} °C`]];

/** What a cook reads for a word. */
export const labelOf = (options: readonly Option[], value: string): string =>
  options.find(([one]) => one === value)?.[1] ?? value;

/** How far a risotto is cooked ahead, as a share of its minutes. */
export const AHEAD: readonly (readonly [string, string])[] = [
  ['', t('dish.ahead.in-one-go')],
  ...[0.5, 0.55, 0.6, 0.65, 0.7, 0.75, 0.8, 0.85].map(
    (share) => [String(share), t('dish.ahead.percent', { percent: Math.round(100 * share) })] as const,
  ),
];
