import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api } from '../api';
import { useCook } from '../cook';
import { clock, useNow } from '../time';

const RECENT_MS = 4 * 3600_000;

/** Which pan? All that are on the fire in this kitchen. */
export function StoveDoor() {
  const { timezone } = useCook();
  const now = useNow(10_000);
  const log = useQuery({ queryKey: ['log', null], queryFn: () => api.log(null), refetchInterval: 10_000 });
  const running = (log.data?.cooks ?? []).filter(
    (cook) =>
      ['waiting', 'cooking'].includes(cook.status) && Math.abs(Date.parse(cook.table_at) - now) < RECENT_MS,
  );

  return (
    <main className="flex-1 bg-iron p-6 text-chalk">
      <h1 className="text-4xl font-bold">On the fire</h1>
      {log.data && running.length === 0 && (
        <p className="mt-6 text-2xl text-chalk-soft">
          Nothing yet.{' '}
          <Link to="/" className="font-semibold text-saffron underline underline-offset-4">
            Work out a pan
          </Link>{' '}
          and put it on.
        </p>
      )}
      <ul className="mt-6 grid gap-3">
        {running.map((cook) => (
          <li key={cook.id}>
            <Link
              to={`/stove/${cook.id}`}
              className="flex min-h-20 flex-wrap items-center gap-x-6 rounded-lg border-2 border-iron-rule bg-iron-light px-6 py-3 text-2xl"
            >
              <b>{cook.dish}</b>
              <span className="text-chalk-soft">
                {cook.covers} covers, {cook.pan} on {cook.burner}
              </span>
              <span className="ml-auto">table {clock(cook.table_at, timezone)}</span>
            </Link>
          </li>
        ))}
      </ul>
    </main>
  );
}
