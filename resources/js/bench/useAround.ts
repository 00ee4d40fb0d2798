import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { Around, Ask } from '../contracts.generated';
import { queries } from '../queries';

/** ms that an ask must stand before what is around it is asked too: whoever changes one thing after another has the answer itself first. */
const SETTLES = 900;

/** What the same pan would come to if one thing about it were different; a little after the pan itself. */
export function useAround(latest: Ask): { around: Around | undefined; stale: boolean } {
  const ask = useSettled(latest);
  const query = useQuery({
    ...queries.around(ask),
    placeholderData: keepPreviousData,
    staleTime: 300_000,
  });
  return { around: query.data, stale: query.isPlaceholderData || ask !== latest };
}

function useSettled(latest: Ask): Ask {
  const [settled, setSettled] = useState(latest);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(latest), SETTLES);
    return () => clearTimeout(timer);
  }, [latest]);
  return settled;
}
