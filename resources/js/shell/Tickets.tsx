import { useQueries } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Cook } from '../contracts.generated';
import { called } from '../night/shape';
import { queries } from '../queries';
import { verbOf } from '../stages';
import { nextOf, type Next } from '../stove/due';
import { Left } from '../stove/Left';
import { remembered } from '../stove/running';
import { useMoment } from '../time';
import { t } from '../words/messages';

interface Running {
  cook: Cook;
  next: Next;
}

/** The pans on the fire that wait for something, the one that waits soonest first. */
export function useRunning(): Running[] {
  return useQueries({
    queries: remembered().map((id) => ({ ...queries.cook(id), staleTime: 15_000, refetchInterval: 15_000 })),
    combine: (all) =>
      all
        .flatMap(({ data: cook }) => {
          const next = cook && ['waiting', 'cooking'].includes(cook.state.status) ? nextOf(cook) : null;
          return cook && next ? [{ cook, next }] : [];
        })
        .sort((a, b) => a.next.due - b.next.due),
  });
}

/** From which width so many tickets have room beside the places and the clock, and the sign that tells of the others up to there. */
const ROOM = [
  { shown: '', others: 'xl:hidden max-lg:hidden' },
  { shown: 'max-xl:hidden', others: 'max-xl:hidden min-[1500px]:hidden' },
  { shown: 'max-[1500px]:hidden', others: 'max-[1500px]:hidden' },
];

/** A small ticket per pan on the fire: dish, what is next, how long until then. Those that wait soonest; the others are counted. */
export function Tickets() {
  const running = useRunning();
  return (
    <ul
      aria-label={t('common.on-the-fire')}
      className="flex min-w-0 flex-1 items-start gap-2 overflow-hidden px-3 max-md:hidden"
    >
      {running.slice(0, ROOM.length).map(({ cook, next }, at) => (
        <li key={cook.id} className={`max-w-44 min-w-0 flex-1 ${ROOM[at]?.shown ?? ''}`}>
          <Ticket cook={cook} next={next} />
        </li>
      ))}
      {ROOM.map(({ others }, at) =>
        running.length > at + 1 ? (
          <li key={others} className={`shrink-0 self-center ${others}`}>
            <Link to="/stove" className="grid min-h-11 min-w-11 place-content-center font-semibold">
              {t('shell.tickets.so-many-more', { pans: running.length - at - 1 })}
            </Link>
          </li>
        ) : null,
      )}
    </ul>
  );
}

function Ticket({ cook, next }: Running) {
  return (
    <Link
      to={`/stove/${cook.id}`}
      className="block min-h-11 min-w-0 rounded-b-md border-x border-b border-steel-deep bg-paper px-2 pt-1 pb-1.5 text-sm leading-tight shadow-sm"
    >
      <span className="block truncate font-semibold">{called(cook.working.dish.name)}</span>
      <span className="flex gap-1 whitespace-nowrap">
        <span className="truncate">
          {cook.state.status === 'waiting' ? t('common.pan-on-4') : verbOf(next.step).toLowerCase()}
        </span>
        <When due={next.due} />
      </span>
    </Link>
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

/** How many pans are on the fire, on the place that leads to them: on a phone, which has no room for their tickets. */
export function RunningCount() {
  const running = useRunning();
  const due = running[0]?.next.due ?? Infinity;
  const calls = useMoment((now) => due <= now);
  return running.length === 0 ? null : (
    <b
      aria-hidden="true"
      data-calls={calls}
      className="absolute -top-2 -right-3 grid size-5 place-content-center rounded-full bg-ink text-[13px] leading-none text-paper data-[calls=true]:bg-tomato data-[calls=true]:text-on-mark md:hidden"
    >
      {running.length}
    </b>
  );
}
