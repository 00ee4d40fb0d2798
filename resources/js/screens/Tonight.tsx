import { useQuery } from '@tanstack/react-query';
import { ChevronLeft, ChevronRight, ListChecks, Users } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Refusal } from '../api';
import type { Kitchen, Night, NightFiring, NightPan } from '../contracts.generated';
import { useCook } from '../cook';
import { useKitchen } from '../kitchen/useKitchen';
import { Clashes } from '../night/Clashes';
import { MannedSheet } from '../night/MannedSheet';
import { Next } from '../night/Next';
import { PanSheet } from '../night/PanSheet';
import { SayFirings } from '../night/SayFirings';
import {
  called,
  dayOf,
  daysOn,
  entryOf,
  lateBy,
  ms,
  nightOf,
  notesOf,
  sizes,
  tablesOf,
} from '../night/shape';
import { Timeline } from '../night/Timeline';
import { useNight, type Nightly } from '../night/useNight';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import { queries } from '../queries';
import { clock, useMoment } from '../time';
import { t } from '../words/messages';

/** The night: all that was ordered, every pan in its place, and what does not fit. */
export function Tonight() {
  const cook = useCook();
  const { day } = useParams();
  const today = useMoment((now) => nightOf(now, cook));
  return <OneNight key={day ?? today} day={day ?? today} />;
}

function OneNight({ day }: { day: string }) {
  const kitchen = useKitchen();
  const nightly = useNight(day);
  const { night } = nightly;
  if (!night.data || !kitchen.data) {
    const refused = night.error instanceof Refusal ? night.error.problem.errors?.[0]?.detail : null;
    return (
      <Loading failed={refused !== null || night.isError || kitchen.isError}>
        {refused ??
          (night.isError || kitchen.isError
            ? t('common.the-kitchen-cannot-be-reached')
            : t('night.laying-the-night-out'))}
      </Loading>
    );
  }
  return <Laid night={night.data} kitchen={kitchen.data} nightly={nightly} />;
}

/** The nth of the pans that serve these firings: as the night becomes another, so does what is opened of it. */
type Opened = { firings: number[]; nth: number } | 'manned' | null;

const serving = (night: Night, firings: number[]) =>
  night.pans.filter((pan) => pan.serves.some(({ firing }) => firings.includes(firing)));

function Laid({ night, kitchen, nightly }: { night: Night; kitchen: Kitchen; nightly: Nightly }) {
  const { timezone } = useCook();
  const [opened, setOpened] = useState<Opened>(null);
  const openPan = (pan: NightPan) => {
    const firings = pan.serves.map(({ firing }) => firing);
    setOpened({ firings, nth: serving(night, firings).indexOf(pan) });
  };
  const openFiring = (firing: NightFiring) => setOpened({ firings: [firing.id], nth: 0 });
  const firings =
    opened === null || opened === 'manned'
      ? []
      : night.firings.filter(({ id }) => opened.firings.includes(id));
  const hands = Math.max(0, ...night.needed.map((one) => one.there));
  const covers = night.firings.reduce((sum, one) => sum + one.covers + one.starters, 0);
  return (
    <main className="flex min-w-0 flex-1 flex-col gap-2 px-4 py-3">
      <Title>{t('common.tonight')}</Title>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
        <Days night={night} />
        <p className="pt-1.5 leading-tight">
          <b className="text-2xl">{t('night.covers', { covers })}</b>
          <span className="block text-ink-soft">
            {t('night.in-so-many-firings', { firings: night.firings.length, pans: night.pans.length })}
          </span>
        </p>
        <button
          onClick={() => setOpened('manned')}
          aria-label={t('night.so-many-hands', { hands })}
          className="flex min-h-14 items-center gap-2 rounded-lg border-2 border-ink px-4 text-xl font-semibold"
        >
          <Users aria-hidden="true" className="size-5" />
          {hands}
        </button>
        {night.firings.length > 0 && (
          <Link
            to={`/tonight/${night.on}/lists`}
            className="flex min-h-14 items-center gap-2 rounded-lg border-2 border-ink px-4 text-lg font-semibold"
          >
            <ListChecks aria-hidden="true" className="size-5" />
            {t('night.lists')}
          </Link>
        )}
        {night.may_change && <SayFirings day={night.on} nightly={nightly} />}
      </div>
      {nightly.refused !== null && (
        <p role="alert" className="text-lg text-tomato">
          {nightly.refused}
        </p>
      )}
      {night.firings.length === 0 ? (
        <Empty night={night} nightly={nightly} />
      ) : (
        <>
          <Next night={night} onOpen={(due) => openPan(due.pan)} />
          <div className="grid min-w-0 flex-1 grid-cols-[minmax(0,1fr)_19rem] gap-4 max-lg:grid-cols-1 max-lg:content-start">
            <div className="min-w-0 max-md:hidden">
              <Timeline
                night={night}
                kitchen={kitchen}
                onOpen={openPan}
                onMove={(pan, to) => nightly.quietly(nightly.keep(movedTo(pan, night, to, timezone)))}
              />
            </div>
            <ByTheClock night={night} onOpen={openPan} />
            <Clashes night={night} nightly={nightly} onOpen={openFiring} />
          </div>
        </>
      )}
      {opened === 'manned' && (
        <MannedSheet night={night} kitchen={kitchen} nightly={nightly} onClose={() => setOpened(null)} />
      )}
      {opened !== null && opened !== 'manned' && firings.length > 0 && (
        <PanSheet
          pan={
            serving(night, opened.firings)
              .slice(0, opened.nth + 1)
              .at(-1) ?? null
          }
          firings={firings}
          night={night}
          kitchen={kitchen}
          nightly={nightly}
          onClose={() => setOpened(null)}
        />
      )}
    </main>
  );
}

/** A pan that was moved by hand: its ring and its minute are settled, and where that is another time at the table, that too. */
function movedTo(
  pan: NightPan,
  night: Night,
  { minutes, burner }: { minutes: number; burner: number },
  timezone: string,
) {
  const clock24 = (at: string) => clock(at, timezone, false);
  const shifted = (at: string) => new Date(ms(at) + minutes * 60_000).toISOString();
  return pan.serves.flatMap(({ firing }) => {
    const one = night.firings.find(({ id }) => id === firing);
    if (!one) {
      return [];
    }
    const entry = entryOf(one, clock24);
    const table = ms(shifted(pan.table_at));
    const inWindow =
      table >= ms(one.table_at) - one.early_min * 60_000 && table <= ms(one.table_at) + one.late_min * 60_000;
    return [
      {
        id: firing,
        tag: one.tag,
        entry: {
          ...entry,
          burner_id: burner,
          on_at: minutes === 0 ? (entry.on_at ?? null) : clock24(shifted(pan.on_at)),
          table_at: minutes === 0 || inWindow ? entry.table_at : clock24(shifted(pan.table_at)),
        },
      },
    ];
  });
}

function Days({ night }: { night: Night }) {
  const cook = useCook();
  const navigate = useNavigate();
  const today = useMoment((now) => nightOf(now, cook));
  const go = (days: number) => void navigate(`/tonight/${daysOn(night.on, days)}`);
  const key = 'grid size-14 place-content-center rounded-lg border-2 border-ink';
  return (
    <div className="flex items-center gap-2">
      <button aria-label={t('night.the-night-before')} onClick={() => go(-1)} className={key}>
        <ChevronLeft aria-hidden="true" />
      </button>
      {night.on === today ? (
        <div className="min-w-32 text-center leading-tight">
          <h1 className="text-2xl font-bold">{dayOf(night.on)}</h1>
          <span className="text-ink-soft">{t('night.tonight')}</span>
        </div>
      ) : (
        <Link to="/tonight" className="block min-h-14 min-w-32 text-center leading-tight">
          <h1 className="text-2xl font-bold">{dayOf(night.on)}</h1>
          <span className="text-ink-soft underline underline-offset-4">{t('night.to-tonight')}</span>
        </Link>
      )}
      <button aria-label={t('night.the-night-after')} onClick={() => go(1)} className={key}>
        <ChevronRight aria-hidden="true" />
      </button>
    </div>
  );
}

/** Nothing ordered yet: another night may be taken over, or one gone to. */
function Empty({ night, nightly }: { night: Night; nightly: Nightly }) {
  const nights = useQuery(queries.nights);
  const others = (nights.data?.nights ?? []).filter(({ on, firings }) => on !== night.on && firings > 0);
  return (
    <section className="max-w-3xl py-6">
      <p className="text-2xl">{t('night.nothing-ordered-yet')}</p>
      {others.length > 0 && (
        <ul className="mt-4 grid gap-2">
          {others.slice(0, 5).map((one) => (
            <li key={one.on} className="flex flex-wrap items-center gap-3 border-t border-rule pt-2 text-xl">
              <span className="min-w-64 flex-1">
                <b>{dayOf(one.on)}</b> {t('night.so-many-in', { covers: one.covers, firings: one.firings })}
              </span>
              <Link
                to={`/tonight/${one.on}`}
                className="flex min-h-14 items-center rounded-lg border-2 border-ink px-5 font-semibold"
              >
                {t('night.look-at-it')}
              </Link>
              {night.may_change && (
                <button
                  disabled={nightly.busy}
                  onClick={() => void nightly.quietly(nightly.copy(one.on))}
                  className="min-h-14 rounded-lg bg-ink px-5 font-semibold text-paper"
                >
                  {t('night.take-it-over')}
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** On a phone: the pans by the minute at which they go on. */
function ByTheClock({ night, onOpen }: { night: Night; onOpen: (pan: NightPan) => void }) {
  const { timezone } = useCook();
  return (
    <ol aria-label={t('night.pans-on-their-rings')} className="max-md:order-last md:hidden">
      {night.pans.map((pan) => {
        const late = lateBy(pan, night);
        return (
          <li key={`${pan.on_at} ${pan.burner_id}`} className="border-t border-rule">
            <button
              onClick={() => onOpen(pan)}
              className="grid min-h-14 w-full grid-cols-[4.75rem_minmax(0,1fr)_4.75rem] items-center gap-2 py-1 text-left leading-tight"
            >
              <b className="text-lg whitespace-nowrap">{clock(pan.on_at, timezone)}</b>
              <span>
                <b>
                  {sizes(pan)} {called(pan.dish)}
                </b>{' '}
                <span className="text-ink-soft">
                  {[`${pan.pan}, ${pan.burner}`, tablesOf(pan, night), notesOf(pan, night)]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </span>
              <b className={`text-right text-lg whitespace-nowrap ${late > 0 ? 'text-tomato' : ''}`}>
                {clock(pan.table_at, timezone)}
              </b>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
