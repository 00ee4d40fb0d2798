import { BookOpenText, Clock4, CookingPot, Flame, ScrollText, Soup } from 'lucide-react';
import { NavLink, useLocation } from 'react-router';
import { useCook } from '../cook';
import { useWarned } from '../night/useWarned';
import { clock, halfDays, seconds, useNow } from '../time';
import { RunningCount, Tickets } from './Tickets';
import { Who } from './Who';
import { t } from '../words/messages';

const PLACES = [
  { to: '/tonight', label: t('common.tonight'), icon: Clock4 },
  { to: '/', label: t('common.pan'), icon: Soup },
  { to: '/stove', label: t('common.stove'), icon: Flame },
  { to: '/dishes', label: t('common.dishes'), icon: ScrollText },
  { to: '/kitchen', label: t('common.kitchen'), icon: CookingPot },
  { to: '/log', label: t('shell.rail.log'), icon: BookOpenText },
] as const;

/** The strip above every screen: places, what is on the fire, the kitchen's clock. At the bottom on a phone. */
export function Rail() {
  const cook = useCook();
  const warned = useWarned();
  // At the stove the pans have lanes of their own.
  const { pathname } = useLocation();

  return (
    <header className="z-20 flex h-(--rail) shrink-0 items-stretch overflow-hidden border-b-2 border-steel-deep bg-steel text-ink max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:border-t-2 max-md:border-b-0 print:hidden">
      <nav
        aria-label={t('shell.rail.places')}
        className="flex shrink-0 items-stretch max-md:min-w-0 max-md:flex-1"
      >
        {PLACES.map(({ to, label, icon: Icon }) => (
          <NavLink
            key={to}
            to={to}
            end={to === '/'}
            className="flex min-w-0 items-center justify-center gap-2 border-b-4 border-transparent px-[min(0.875rem,1.3vw)] text-[min(1.25rem,1.9vw)] font-semibold aria-[current=page]:border-saffron-deep aria-[current=page]:bg-paper max-md:flex-1 max-md:flex-col max-md:gap-0 max-md:px-0.5 max-md:text-[min(0.875rem,3.4vw)]"
          >
            <span className="relative">
              <Icon aria-hidden="true" className="size-[min(1.25rem,2vw)] max-md:size-5" />
              {to === '/tonight' && warned > 0 && (
                <b
                  aria-hidden="true"
                  className="absolute -top-2.5 -left-2.5 grid size-5 place-content-center rounded-full bg-tomato text-[13px] leading-none text-on-mark"
                >
                  {warned}
                </b>
              )}
              {to === '/stove' && <RunningCount />}
            </span>
            {label}
            {to === '/tonight' && warned > 0 && (
              <span role="status" className="sr-only">
                {t('night.so-many-late', { clashes: warned })}
              </span>
            )}
          </NavLink>
        ))}
      </nav>
      {!pathname.startsWith('/stove/') && <Tickets />}
      <div className="ml-auto flex min-w-0 items-center gap-[min(1rem,1.3vw)] pr-2 pl-[min(0.75rem,1vw)] max-md:gap-0 max-md:px-1">
        <Who />
        <WallClock timezone={cook.timezone} />
      </div>
    </header>
  );
}

function WallClock({ timezone }: { timezone: string }) {
  const now = useNow(1000);
  return (
    <time
      aria-label={t('shell.rail.kitchen-clock')}
      className="shrink-0 text-[min(1.875rem,2.7vw)] font-bold tracking-tight max-md:text-[min(1rem,3.8vw)]"
    >
      {clock(now, timezone)}
      {!halfDays() && <span className="max-md:hidden">{seconds(now)}</span>}
    </time>
  );
}
