import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api';
import type { People } from '../contracts.generated';
import { useCook } from '../cook';
import { queries } from '../queries';
import { clock, day } from '../time';
import { t } from '../words/messages';

type One = People['held'][number];

/** Touches of people who were removed before their tablet could send them: a chef takes them into the log, or not. */
export function Held({ held }: { held: People['held'] }) {
  if (held.length === 0) {
    return null;
  }
  return (
    <section aria-label={t('people.held.came-late')} className="mt-4">
      <h2 className="border-b-2 border-tomato pb-1 text-2xl font-bold">{t('people.held.came-late')}</h2>
      <ul>
        {held.map((one) => (
          <Row key={one.person} one={one} />
        ))}
      </ul>
    </section>
  );
}

function Row({ one }: { one: One }) {
  const client = useQueryClient();
  const { timezone } = useCook();
  const decide = useMutation({
    mutationFn: (keep: boolean) => api.decideHeld(one.person, keep),
    onSuccess: (people) => client.setQueryData(queries.people.queryKey, people),
  });
  return (
    <li className="grid gap-2 border-b border-rule py-2 text-lg">
      <p>
        <b>{t('people.held.name-removed', { name: one.name })}</b>{' '}
        {t('people.held.touches-for', {
          count: one.touches,
          dishes: one.dishes.join(', '),
          day: day(one.first_at, timezone),
          from: clock(one.first_at, timezone),
          to: clock(one.last_at, timezone),
          came: clock(one.came_at, timezone),
        })}
      </p>
      <div className="flex flex-wrap gap-2">
        <button
          disabled={decide.isPending}
          onClick={() => decide.mutate(true)}
          className="min-h-12 rounded-lg border-2 border-ink px-4 font-semibold"
        >
          {t('people.held.take-them-into-the-log')}
        </button>
        <button
          disabled={decide.isPending}
          onClick={() => decide.mutate(false)}
          className="min-h-12 rounded-lg border-2 border-tomato px-4 text-tomato"
        >
          {t('people.held.throw-them-away')}
        </button>
      </div>
      {decide.isError && (
        <p role="alert" className="text-tomato">
          {decide.error.message}
        </p>
      )}
    </li>
  );
}
