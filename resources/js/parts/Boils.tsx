import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from '../api';
import { MEASURES } from '../measure';
import { t } from '../words/messages';

/** An altitude in words, and where water boils there: a height that was read wrong is seen at once. */
export function Boils({ metres, units }: { metres: number; units: 'metric' | 'us' }) {
  const { data } = useQuery({
    queryKey: ['boils', metres],
    queryFn: () => api.amount({ text: `${metres} m`, name: '', others: [], of: 'altitude', locale: 'en' }),
    staleTime: Infinity,
    retry: false,
    placeholderData: keepPreviousData,
  });
  if (data?.boils_c === undefined) {
    return null;
  }
  const { typed } = MEASURES[units];
  const [height, heat] = [typed.altitude, typed.heat];
  return (
    <span className="mt-1.5 block text-base text-ink-soft">
      {t('parts.field.boils-at', {
        height: `${Math.round(height.shown(data.amount))} ${height.unit}`,
        heat: `${heat.shown(data.boils_c).toFixed(1)} ${heat.unit}`,
      })}
    </span>
  );
}
