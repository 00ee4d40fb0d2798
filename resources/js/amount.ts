import { useMeasure } from './cook';
import { trimmed } from './measure';
import { t } from './words/messages';

/** An ingredient's amount. What weighs next to nothing keeps its tenths, in grams: saffron is no matter for a kitchen scale. */
export function useAmount(): (value: number, unit: string) => string {
  const { weight, volume } = useMeasure();
  return (value, unit) => {
    if (unit === 'pieces') {
      return trimmed(value, 2);
    }
    if (value < 10) {
      return `${trimmed(value, 2)} ${unit === 'g' ? 'g' : t('common.ml')}`;
    }
    return unit === 'g' ? weight(value) : volume(value);
  };
}
