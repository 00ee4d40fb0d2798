import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import type { Cook } from '../contracts.generated';
import { queries } from '../queries';

/** ms: another tablet at the same pan, or the chef's phone, sees a touch within three seconds. */
const LOOK_EVERY = 2500;

/** One pan on the fire, looked at again and again. */
export const useCookNow = (id: string): UseQueryResult<Cook> =>
  useQuery({
    ...queries.cook(id),
    refetchInterval: LOOK_EVERY,
    staleTime: LOOK_EVERY,
  });

/** The kitchen's server does not answer: what is shown is from before, and from what was touched here. */
export const isLost = (cook: UseQueryResult<Cook>): boolean => cook.isError || cook.failureCount > 0;
