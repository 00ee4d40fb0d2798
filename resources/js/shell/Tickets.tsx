import { verbOf } from '../stages';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { remembered } from '../stove/running';
import { useMoment } from '../time';
import { Left } from '../stove/Left';
import { nextOf } from '../stove/due';
import { queries } from '../queries';
import { t } from '../words/messages';

/** A small ticket per pan on the fire: dish, what is next, how long until then. */
export function Tickets() {
  const running = remembered();
  return (
    <ul
      aria-label={t('common.on-the-fire')}
      className="flex min-w-0 items-start gap-2 overflow-hidden px-3 max-md:hidden"
    >
      {running.map((id) => (
        <Ticket key={id} id={id} />
      ))}
    </ul>
  );
}

function Ticket({ id }: { id: string }) {
  const cook = useQuery({
    ...queries.cook(id),
    staleTime: 15_000,
    refetchInterval: 15_000,
  });
  const next =
    cook.data && ['waiting', 'cooking'].includes(cook.data.state.status) ? nextOf(cook.data) : null;
  if (!cook.data || !next) {
    return null;
  }
  return (
    <li className="min-w-0">
      <Link
        to={`/stove/${id}`}
        className="block min-w-0 rounded-b-md border-x border-b border-steel-deep bg-paper px-3 pt-1 pb-1.5 text-sm leading-tight shadow-sm"
      >
        <span className="block truncate font-semibold">{cook.data.working.dish.name}</span>
        <span className="block truncate">
          {cook.data.state.status === 'waiting' ? t('common.pan-on-4') : verbOf(next.step).toLowerCase()}{' '}
          <When due={next.due} />
        </span>
      </Link>
    </li>
  );
}

function When({ due }: { due: number }) {
  const isDue = useMoment((now) => due <= now);
  return (
    <b className={isDue ? 'text-tomato' : ''}>
      <Left to={due} over={t('common.now-4')} />
    </b>
  );
}
