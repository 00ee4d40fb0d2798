import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api } from '../api';
import { platesOf, useCook } from '../cook';
import { Title } from '../parts/Title';
import { NotKept } from '../stove/NotKept';
import { remembered } from '../stove/running';
import { clock, useNow } from '../time';
import { queries } from '../queries';
import { t } from '../words/messages';

const RECENT_MS = 4 * 3600_000;

/** Which pan? All that are on the fire in this kitchen. */
export function StoveDoor() {
  const { timezone } = useCook();
  const now = useNow(10_000);
  const log = useQuery({ queryKey: ['log', null], queryFn: () => api.log(null), refetchInterval: 10_000 });
  const known = useKnown();
  const lost = log.isError || log.failureCount > 0;
  const heard = (log.data?.cooks ?? []).filter(
    (cook) =>
      ['waiting', 'cooking'].includes(cook.status) && Math.abs(Date.parse(cook.table_at) - now) < RECENT_MS,
  );
  // What this tablet put on or opened is known to it whether the kitchen can be reached or not.
  const running = lost && log.data === undefined ? known : heard;

  return (
    <main className="flex-1 bg-iron p-6 text-chalk">
      <div className="mb-4 empty:hidden">
        <NotKept />
      </div>
      <Title>{t('common.on-the-fire')}</Title>
      <h1 className="text-4xl font-bold">{t('common.on-the-fire')}</h1>
      {lost && (
        <p role="status" className="mt-3 text-xl text-chalk-soft">
          {t('screens.stoveDoor.no-connection-the-pans-that-this')}
        </p>
      )}
      {(log.data !== undefined || lost) && running.length === 0 && (
        <p className="mt-6 text-2xl text-chalk-soft">
          {t('screens.stoveDoor.nothing-yet')}{' '}
          <Link
            to="/"
            className="inline-flex min-h-12 items-center font-semibold text-saffron underline underline-offset-4"
          >
            {t('screens.stoveDoor.work-out-a-pan')}
          </Link>{' '}
          {t('screens.stoveDoor.and-put-it-on')}
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
                {t('screens.stoveDoor.covers-covers-pan-on-burner', {
                  covers: cook.covers,
                  pan: cook.pan,
                  burner: cook.burner,
                })}
              </span>
              <span className="ml-auto">
                {t('common.table-tableat', { tableAt: clock(cook.table_at, timezone) })}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </main>
  );
}

/** A pan as the list shows it. */
interface Running {
  id: string;
  dish: string;
  covers: number | string;
  pan: string;
  burner: string;
  table_at: string;
}

/** The pans that this tablet remembers, as it last heard of them. */
function useKnown(): Running[] {
  const client = useQueryClient();
  return remembered().flatMap((id) => {
    const cook = client.getQueryData(queries.cook(id).queryKey);
    return cook && ['waiting', 'cooking'].includes(cook.state.status)
      ? [
          {
            id,
            dish: cook.working.dish.name,
            covers: platesOf(cook.working.ask),
            pan: cook.working.pan.name,
            burner: cook.working.burner.name,
            table_at: cook.table_at,
          },
        ]
      : [];
  });
}
