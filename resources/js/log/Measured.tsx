import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { t } from '../words/messages';

/** What was measured of a plate beside the words of its verdict. */
export function Measured({ verdict }: { verdict: NonNullable<Cook['state']['verdict']> }) {
  const { depth, weight } = useMeasure();
  const { spread_mm, crust_covered_percent, waste_g, waste_plates } = verdict;
  const said = [
    ...(spread_mm ? [t('log.ran-to', { across: depth(spread_mm) })] : []),
    ...(typeof crust_covered_percent === 'number'
      ? [t('log.crust-covers', { percent: Math.round(crust_covered_percent) })]
      : []),
    ...(waste_g ? [t('log.came-back', { waste: weight(waste_g) })] : []),
    ...(waste_plates ? [t('log.plates-came-back', { plates: waste_plates })] : []),
  ];
  return said.length === 0 ? null : <p className="mt-1 text-lg">{said.join(' · ')}</p>;
}
