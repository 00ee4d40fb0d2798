import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import type { Kitchen } from '../contracts.generated';
import { queries } from '../queries';

/** What the kitchen has: what this tablet remembers at first, and at every place the truth a moment later. */
export const useKitchen = (
  listen: (kitchen: Kitchen | undefined) => number | false = () => false,
): UseQueryResult<Kitchen> =>
  useQuery({
    ...queries.kitchen,
    staleTime: 60_000,
    refetchOnMount: 'always',
    refetchInterval: ({ state }) => listen(state.data),
  });
