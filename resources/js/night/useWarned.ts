import { useQuery } from '@tanstack/react-query';
import { useCook } from '../cook';
import { queries } from '../queries';
import { useMoment } from '../time';
import { nightOf } from './shape';

/** Whoever is elsewhere hears of a table that will be late so soon, ms. */
const EVERY_MS = 60_000;

/** Whether anything was ordered for tonight is asked again so often, ms. */
const SELDOM_MS = 5 * EVERY_MS;

/** How many tables of tonight will be late as things go now, whatever screen is open. */
export function useWarned(): number {
  const cook = useCook();
  const today = useMoment((now) => nightOf(now, cook));
  const nights = useQuery({ ...queries.nights, refetchInterval: SELDOM_MS });
  const ordered = nights.data?.nights.some(({ on, firings }) => on === today && firings > 0) === true;
  const night = useQuery({ ...queries.night(today), enabled: ordered, refetchInterval: EVERY_MS });
  return ordered ? (night.data?.warnings.length ?? 0) : 0;
}
