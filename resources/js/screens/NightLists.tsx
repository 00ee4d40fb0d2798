import { useQuery } from '@tanstack/react-query';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { NightLists as Lists } from '../contracts.generated';
import { useCook, useMeasure } from '../cook';
import { called, dayOf, sizes, workSaid } from '../night/shape';
import { Select } from '../parts/Select';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import { minute } from '../measure';
import { queries } from '../queries';
import { clock } from '../time';
import { t, wordOf } from '../words/messages';

/** What a night needs laid out: one sheet of paper. */
export function NightLists() {
  const { day = '' } = useParams();
  const lists = useQuery(queries.nightLists(day));
  if (!lists.data) {
    return (
      <Loading failed={lists.isError}>
        {lists.isError ? t('common.the-kitchen-cannot-be-reached') : t('night.laying-the-night-out')}
      </Loading>
    );
  }
  return <Sheet day={day} lists={lists.data} />;
}

function Sheet({ day, lists }: { day: string; lists: Lists }) {
  const { weight, volume } = useMeasure();
  const { timezone } = useCook();
  const key =
    'flex min-h-14 items-center gap-2 rounded-lg border-2 border-ink px-4 text-lg font-semibold print:hidden';
  return (
    <main className="mx-auto w-full max-w-5xl px-5 py-3 print:max-w-none print:p-0 print:text-sm">
      <Title>{t('night.lists')}</Title>
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-3xl font-bold">{t('night.lists-of', { day: dayOf(day) })}</h1>
        <Link to={`/tonight/${day}`} className={key}>
          {t('night.to-the-night')}
        </Link>
        <a href={`/api/nights/${day}/lists.csv`} className={key} download>
          {t('night.as-csv')}
        </a>
        <a href={`/api/nights/${day}/lists.ics`} className={key} download>
          {t('night.as-calendar')}
        </a>
        <button onClick={() => window.print()} className={key}>
          <Printer aria-hidden="true" className="size-5" />
          {t('night.print')}
        </button>
      </div>
      <div className="mt-3 grid grid-cols-3 gap-x-8 gap-y-4 max-md:grid-cols-1 print:grid-cols-3">
        <Totals
          title={t('night.rice-to-weigh-out')}
          rows={lists.rice.map(({ name, g }) => [name, weight(g)])}
        />
        <Totals
          title={t('night.stock-to-make')}
          rows={lists.stock.map(({ name, ml }) => [name, volume(ml)])}
          hint={t('night.with-what-boils-off')}
        />
        <Totals
          title={t('night.pans-to-lay-out')}
          rows={lists.pans.map(({ name, times, first_at }) => [
            name,
            t('night.pan-so-often', { times, at: clock(first_at, timezone) }),
          ])}
        />
      </div>
      {lists.ahead.length > 0 && <Ahead ahead={lists.ahead} />}
      <Works works={lists.works} />
      <section className="mt-5 break-inside-avoid">
        <h2 className="text-xl font-bold">{t('common.allergens')}</h2>
        <ul className="columns-2 gap-8 max-md:columns-1">
          {lists.allergens.map(({ allergen, dishes }) => (
            <li key={allergen} className="break-inside-avoid leading-snug">
              <b>{wordOf('allergen', allergen)}</b> {dishes.map(called).join(' · ')}
            </li>
          ))}
        </ul>
      </section>
    </main>
  );
}

function Totals({ title, rows, hint }: { title: string; rows: [string, string][]; hint?: string }) {
  return (
    <section>
      <h2 className="border-b-2 border-ink text-xl font-bold">{title}</h2>
      <dl className="grid grid-cols-[1fr_auto] gap-x-3 text-lg print:text-sm">
        {rows.map(([name, amount]) => (
          <div key={name} className="contents">
            <dt>{name}</dt>
            <dd className="text-right font-bold">{amount}</dd>
          </div>
        ))}
      </dl>
      {hint && <p className="text-sm text-ink-soft">{hint}</p>}
    </section>
  );
}

/** What is part-cooked before the service, and how. */
function Ahead({ ahead }: { ahead: Lists['ahead'] }) {
  const { timezone } = useCook();
  const { weight, volume, depth } = useMeasure();
  return (
    <section className="mt-5 break-inside-avoid">
      <h2 className="border-b-2 border-ink text-xl font-bold">{t('night.part-cooked-ahead')}</h2>
      <ul className="text-lg leading-snug print:text-sm">
        {ahead.map((one) => (
          <li key={one.dish} className="border-b border-rule py-1">
            <b>{t('night.so-many-of', { sizes: sizes(one), dish: called(one.dish) })}</b>{' '}
            {t('night.ahead-with', {
              at: clock(one.start_at, timezone),
              rice: weight(one.rice_g),
              stock: volume(one.make_ml),
              minute: minute(one.stop_min),
              layer: depth(one.layer_mm),
              trays: one.trays,
              pans: one.pans,
              by: clock(one.ready_at, timezone),
              days: one.keeps_days,
            })}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What is to be begun when, of everybody or of one. */
function Works({ works }: { works: Lists['works'] }) {
  const { timezone } = useCook();
  const [who, setWho] = useState('');
  const everybody = [...new Set(works.map((one) => one.who).filter(Boolean))].sort();
  return (
    <section className="mt-5">
      <div className="flex flex-wrap items-center gap-4">
        <h2 className="text-xl font-bold">{t('night.what-to-begin-when')}</h2>
        {everybody.length > 1 && (
          <div className="w-64 print:hidden">
            <Select
              label={t('night.whose')}
              value={who}
              options={[['', t('night.everybody')], ...everybody.map((one) => [one, one] as const)]}
              onChange={setWho}
            />
          </div>
        )}
      </div>
      <ul>
        {works
          .filter((one) => who === '' || one.who === who)
          .map((one, at) => (
            <li
              key={`${at} ${one.start_at} ${one.dish} ${one.what ?? ''}`}
              className="grid grid-cols-[5.5rem_minmax(0,1fr)_minmax(0,14rem)_minmax(0,9rem)] gap-x-3 border-t border-rule py-0.5 text-lg leading-snug max-md:grid-cols-[4.5rem_minmax(0,1fr)] print:text-sm"
            >
              <b>{clock(one.start_at, timezone)}</b>
              <span>
                {workSaid(one) ?? <b>{t('night.due.on', { pan: one.pan, ring: one.burner })}</b>}
                {one.ahead && <span className="text-ink-soft"> {t('night.or-ahead')}</span>}
              </span>
              <span className="max-md:col-start-2">
                {sizes(one)} {called(one.dish)}
              </span>
              <span className="text-ink-soft max-md:col-start-2">{one.who}</span>
            </li>
          ))}
      </ul>
    </section>
  );
}
