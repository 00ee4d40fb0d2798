import type { Around } from '../contracts.generated';
import { minute, trimmed, type Measure } from '../measure';
import { t, wordOf } from '../words/messages';

/** One of two plans laid side by side: what a cook would compare them by, line by line. */
export function sides(
  { volume, weight, ratio, depth }: Measure,
  side: Around['as_asked'],
): [label: string, amount: string][] {
  return [
    [t('common.rice-4'), weight(side.rice_g)],
    [t('common.stock'), volume(side.stock_ml)],
    [t('common.wine'), volume(side.wine_ml)],
    [t('bench.sides.to-a-gram-of-rice'), ratio(side.ml_per_g)],
    [t('common.drunk-by-the-rice'), volume(side.drunk_g)],
    [t('common.boiled-off'), volume(side.boiled_off_g)],
    [t('common.off-the-heat'), t('common.minute-pull', { pull: minute(side.pull_min) })],
    [t('common.at-the-table-4'), t('bench.sides.minute-table', { table: minute(side.table_min) })],
    [t('bench.sides.deep-in-the-pan'), depth(side.layer_mm)],
    [t('bench.sides.sauce-to-a-gram'), trimmed(side.looseness, 2)],
    [t('common.bite'), wordOf('bite', side.bite)],
    [t('common.body-indicative'), side.looseness > 0.05 ? wordOf('body', side.body) : '0'],
    [t('bench.sides.salt-of-the-plate'), `${trimmed(side.salt_percent, 2)} %`],
    [t('bench.sides.alcohol-a-cover'), `${trimmed(side.alcohol_g, 1)} g`],
  ];
}
