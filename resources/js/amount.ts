import { useMeasure } from './cook';
import { trimmed } from './measure';

/** An ingredient's amount. What weighs next to nothing keeps its tenths, in grams: saffron is no matter for a kitchen scale. */
export function useAmount(): (value: number, unit: string) => string {
  const { weight, volume, small } = useMeasure();
  return (value, unit) => {
    if (unit === 'pieces') {
      return trimmed(value, 2);
    }
    if (value < 10) {
      return small(value, unit === 'g' ? 'g' : 'ml');
    }
    return unit === 'g' ? weight(value) : volume(value);
  };
}
