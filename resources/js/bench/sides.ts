import type { Around } from '../contracts.generated';
import { minute, trimmed, type Measure } from '../measure';

/** One of two plans laid side by side: what a cook would compare them by, line by line. */
export function sides(
  { volume, weight, ratio, depth }: Measure,
  side: Around['as_asked'],
): [label: string, amount: string][] {
  return [
    ['rice', weight(side.rice_g)],
    ['stock', volume(side.stock_ml)],
    ['wine', volume(side.wine_ml)],
    ['to a gram of rice', ratio(side.ml_per_g)],
    ['drunk by the rice', volume(side.drunk_g)],
    ['boiled off', volume(side.boiled_off_g)],
    ['off the heat', `minute ${minute(side.pull_min)}`],
    ['at the table', `minute ${minute(side.table_min)}`],
    ['deep in the pan', depth(side.layer_mm)],
    ['sauce to a gram', trimmed(side.looseness, 2)],
    ['bite', side.bite],
    ['body, indicative', side.looseness > 0.05 ? side.body : '0'],
    ['salt of the plate', `${trimmed(side.salt_percent, 2)} %`],
    ['alcohol a cover', `${trimmed(side.alcohol_g, 1)} g`],
  ];
}
