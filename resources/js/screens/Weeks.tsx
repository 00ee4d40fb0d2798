import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api';
import type { OwnTaken, Weeks as Half } from '../contracts.generated';
import { useCook, useMay, useMeasure } from '../cook';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import { WeekBars } from '../pictures/WeekBars';
import { kitchenChanged, queries } from '../queries';
import { ComesNext } from '../taught/ComesNext';
import { day } from '../time';
import { t } from '../words/messages';

type Sums = Half['weeks'][number];
type Of = Half['dishes'][number];
type OneAdvice = Half['advice'][number];

const SPANS = ['weeks', 'months'] as const;

/** Of fewer a share says nothing. */
const FEW = 3;

/** The log by week and by month: what was as wanted, in time and as planned, of each dish and each ring; and what is worth changing. */
export function Weeks() {
  const weeks = useQuery(queries.weeks);
  const [by, setBy] = useState<'weeks' | 'months'>('weeks');
  if (!weeks.data) {
    return (
      <Loading failed={weeks.isError}>
        {weeks.isError ? t('common.the-kitchen-cannot-be-reached') : t('taught.reading-the-log')}
      </Loading>
    );
  }
  const { advice, dishes, rings } = weeks.data;
  return (
    <main className="mx-auto w-full max-w-6xl flex-1 px-5 py-3">
      <Title>{t('log.weeks')}</Title>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <h1 className="mr-auto text-3xl font-bold">{t('weeks.how-it-went')}</h1>
        {SPANS.map((one) => (
          <button
            key={one}
            aria-pressed={by === one}
            onClick={() => setBy(one)}
            className="min-h-12 rounded-lg border-2 border-ink px-4 text-lg font-semibold aria-pressed:bg-ink aria-pressed:text-paper"
          >
            {one === 'weeks' ? t('log.weeks') : t('weeks.months')}
          </button>
        ))}
        <Link
          to="/log"
          className="flex min-h-12 items-center rounded-lg border-2 border-ink px-4 text-lg font-semibold"
        >
          {t('taught.to-the-log')}
        </Link>
      </div>
      {weeks.data[by].length === 0 ? (
        <p className="mt-6 text-xl text-ink-soft">{t('screens.logBook.nothing-cooked-yet')}</p>
      ) : (
        <>
          <WorthChanging advice={advice} />
          <div className="mt-4 grid grid-cols-3 gap-6 max-lg:grid-cols-1">
            <Chart
              title={t('weeks.as-wanted')}
              rows={weeks.data[by]}
              share={(one) => (one.judged === 0 ? null : one.as_wanted / one.judged)}
              said={(one) => t('weeks.so-many-of', { some: one.as_wanted, all: one.judged })}
              from={0}
              to={1}
            />
            <Chart
              title={t('weeks.in-their-window')}
              rows={weeks.data[by]}
              share={(one) => (one.timed === 0 ? null : one.in_window / one.timed)}
              said={(one) => t('weeks.so-many-of', { some: one.in_window, all: one.timed })}
              from={0}
              to={1}
            />
            <Chart
              title={t('weeks.stock-against-plan')}
              rows={weeks.data[by]}
              share={(one) => (one.planned_ml === 0 ? null : one.poured_ml / one.planned_ml)}
              said={(one) => offBy(one.poured_ml / one.planned_ml)}
              from={0.9}
              to={1.1}
              at={1}
            />
          </div>
          <Table title={t('common.dish')} rows={dishes} address={(one) => `/log?dish=${one.id}`} common />
          <Table title={t('weeks.ring')} rows={rings} address={(one) => `/log?burner=${one.id}`} />
        </>
      )}
    </main>
  );
}

/** "+7 %", or "as planned". */
function offBy(share: number): string {
  const percent = Math.round(100 * (share - 1));
  return percent === 0 ? t('screens.logBook.as-planned') : `${percent > 0 ? '+' : '−'}${Math.abs(percent)} %`;
}

function WorthChanging({ advice }: { advice: OneAdvice[] }) {
  const client = useQueryClient();
  const may = useMay();
  const [taken, setTaken] = useState<OwnTaken | null>(null);
  const take = useMutation({
    mutationFn: api.takeOwn,
    onSuccess: (answer) => {
      client.setQueryData(queries.learned.queryKey, answer.learned);
      kitchenChanged(client);
      void client.invalidateQueries(queries.weeks);
      setTaken(answer);
    },
  });
  if (advice.length === 0 && taken === null) {
    return null;
  }
  return (
    <section aria-label={t('weeks.worth-changing')} className="mt-3">
      <h2 className="border-b-2 border-ink text-xl font-bold">{t('weeks.worth-changing')}</h2>
      {taken !== null && <ComesNext taken={taken} onClose={() => setTaken(null)} />}
      <ul>
        {advice.map((one) => (
          <li
            key={`${one.kind} ${one.burner_id} ${one.dish_id}`}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-2"
          >
            <p className="mr-auto text-xl">
              <b>{said(one)}</b> <span className="text-lg text-ink-soft">{evidence(one)}</span>
            </p>
            {one.kind === 'correct-ring' && may.kitchen && (
              <button
                disabled={take.isPending}
                onClick={() =>
                  take.mutate({
                    format: 'velko.own-number/1',
                    of: 'ring-power',
                    burner_id: one.burner_id,
                    mark: null,
                  })
                }
                className="min-h-14 rounded-lg bg-ink px-5 text-lg font-semibold text-paper"
              >
                {t('weeks.correct-its-marks')}
              </button>
            )}
            {one.kind === 'dish-takes' && (
              <Link
                to={`/dishes/${one.dish_id}`}
                className="flex min-h-14 items-center rounded-lg border-2 border-ink px-5 text-lg font-semibold"
              >
                {t('weeks.to-the-dish')}
              </Link>
            )}
            {one.kind === 'weigh-on-ring' && (
              <Link
                to="/kitchen"
                className="flex min-h-14 items-center rounded-lg border-2 border-ink px-5 text-lg font-semibold"
              >
                {t('weeks.to-the-rings')}
              </Link>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function said({ kind, percent, ring, dish }: OneAdvice): string {
  const much = Math.abs(percent);
  switch (kind) {
    case 'correct-ring':
      return percent > 0
        ? t('weeks.ring-gives-more', { ring: ring ?? '', percent: much })
        : t('weeks.ring-gives-less', { ring: ring ?? '', percent: much });
    case 'dish-takes':
      return percent > 0
        ? t('weeks.dish-takes-more', { dish: dish ?? '', percent: much })
        : t('weeks.dish-takes-less', { dish: dish ?? '', percent: much });
    case 'weigh-on-ring':
      return t('weeks.weigh-once', { ring: ring ?? '' });
  }
}

function evidence({ kind, percent, least_percent, most_percent, cooks }: OneAdvice): string {
  if (kind === 'weigh-on-ring') {
    return t('weeks.known-to', { percent, cooks });
  }
  const ends = [least_percent ?? 0, most_percent ?? 0];
  // As the words say it: so much more, or so much less.
  const [least, most] = percent < 0 ? [0 - (ends[1] ?? 0), 0 - (ends[0] ?? 0)] : ends;
  return t('weeks.between', { least: least ?? 0, most: most ?? 0, cooks });
}

function Chart({
  title,
  rows,
  share,
  said,
  from,
  to,
  at,
}: {
  title: string;
  rows: Sums[];
  share: (one: Sums) => number | null;
  said: (one: Sums) => string;
  from: number;
  to: number;
  at?: number;
}) {
  const { timezone } = useCook();
  const last = rows.at(-1);
  const dayOf = (one: Sums | undefined) => (one ? day(`${one.from}T12:00:00Z`, timezone) : '');
  return (
    <figure>
      <figcaption className="flex items-baseline justify-between gap-3">
        <span className="text-lg text-ink-soft">{title}</span>
        {last && <b className="text-2xl">{share(last) === null ? '–' : said(last)}</b>}
      </figcaption>
      <WeekBars
        label={title}
        bars={rows.map((one) => ({
          share: share(one),
          said: `${dayOf(one)}: ${share(one) === null ? '–' : said(one)}`,
        }))}
        from={from}
        to={to}
        {...(at === undefined ? {} : { at })}
      />
      {rows.length > 1 && (
        <p aria-hidden="true" className="flex justify-between text-sm text-ink-soft">
          <span>{dayOf(rows[0])}</span>
          <span>{dayOf(last)}</span>
        </p>
      )}
    </figure>
  );
}

function Table({
  title,
  rows,
  address,
  common = false,
}: {
  title: string;
  rows: Of[];
  address: (one: Of) => string;
  common?: boolean;
}) {
  const { weight } = useMeasure();
  return (
    <table className="mt-5 w-full text-lg">
      <thead>
        <tr className="border-b-2 border-ink text-left align-bottom text-ink-soft max-md:hidden">
          <th className="text-xl font-bold text-ink">{title}</th>
          <th className="text-right font-normal">{t('weeks.cooks')}</th>
          <th className="text-right font-normal">{t('weeks.as-wanted')}</th>
          <th className="text-right font-normal">{t('weeks.in-their-window')}</th>
          <th className="text-right font-normal">{t('weeks.stock-against-plan')}</th>
          <th className="text-right font-normal">{t('weeks.came-back')}</th>
          <th className="w-44 pl-6 font-normal">{t('weeks.trend')}</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((one) => (
          <tr key={one.id} className="border-b border-rule align-top max-md:grid max-md:grid-cols-3">
            <th scope="row" className="py-2 pr-4 text-left font-normal max-md:col-span-3">
              <Link
                to={address(one)}
                className="inline-flex min-h-12 items-center font-bold underline underline-offset-4"
              >
                {one.name}
              </Link>
              {common && <InCommon one={one} />}
            </th>
            <Cell name={t('weeks.cooks')}>{one.cooks}</Cell>
            <Cell name={t('weeks.as-wanted')}>{shareOf(one.as_wanted, one.judged)}</Cell>
            <Cell name={t('weeks.in-their-window')}>{shareOf(one.in_window, one.timed)}</Cell>
            <Cell name={t('weeks.stock-against-plan')}>
              {one.planned_ml === 0 ? '–' : offBy(one.poured_ml / one.planned_ml)}
            </Cell>
            <Cell name={t('weeks.came-back')}>{one.wasted === 0 ? '–' : weight(one.waste_g)}</Cell>
            <td className="w-44 pt-3 pb-2 pl-6 max-md:col-span-3 max-md:pl-0">
              <WeekBars
                small
                label={t('weeks.stock-against-plan')}
                bars={one.trend.map((week) => ({
                  share: week.planned_ml === 0 ? null : week.poured_ml / week.planned_ml,
                  said: week.from,
                }))}
                from={0.85}
                to={1.15}
                at={1}
              />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const shareOf = (some: number, all: number): string =>
  all === 0 ? '–' : all < FEW ? `${some}/${all}` : `${Math.round((100 * some) / all)} %`;

function Cell({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <td className="pt-4.5 pb-2 text-right font-semibold whitespace-nowrap max-md:text-left">
      <span className="block text-sm font-normal text-ink-soft md:hidden">{name}</span>
      {children}
    </td>
  );
}

/** What the good ones of a dish have in common, beside the others where there are enough. */
function InCommon({ one }: { one: Of }) {
  const { wanted, otherwise } = one;
  if (wanted === null) {
    return null;
  }
  const ratio = (value: number) => `${value.toFixed(1)} mL/g`;
  return (
    <span className="block text-base text-ink-soft">
      {t('weeks.good-ones', {
        cooks: wanted.cooks,
        ratio: ratio(wanted.ml_per_g),
        ring: wanted.ring ?? '–',
        on: wanted.on_it,
      })}{' '}
      {otherwise !== null &&
        t('weeks.other-ones', {
          cooks: otherwise.cooks,
          ratio: ratio(otherwise.ml_per_g),
          ring: otherwise.ring ?? '–',
          on: otherwise.on_it,
        })}
    </span>
  );
}
