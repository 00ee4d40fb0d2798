import { useQueries } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { Cook } from '../contracts.generated';
import { platesOf, useCook, useMeasure } from '../cook';
import { minute } from '../measure';
import { Title } from '../parts/Title';
import { GrainClock } from '../pictures/grain/GrainClock';
import { queries } from '../queries';
import { clock, day } from '../time';
import { verdictWords } from '../verdict';
import { t, wordOf } from '../words/messages';

/** Two cooks laid over each other on one grain clock: the first dashed, the second poured out. */
export function TwoCooks() {
  const { id = '', other = '' } = useParams();
  const [first, second] = useQueries({ queries: [queries.cook(id), queries.cook(other)] });
  if (!first.data || !second.data) {
    return (
      <main className="p-8 text-xl">
        {first.isError || second.isError
          ? t('screens.logBook.there-is-no-such-cook-in')
          : t('common.looking-it-up')}
      </main>
    );
  }
  return <Over first={first.data} second={second.data} />;
}

function Over({ first, second }: { first: Cook; second: Cook }) {
  const { volume } = useMeasure();
  const marks = [...first.working.burner.marks, ...second.working.burner.marks];
  const rows: [string, (cook: Cook) => string][] = [
    [t('common.rice'), (cook) => cook.working.dish.rice],
    [
      t('log.pan-and-ring'),
      ({ working }) => `${working.pan.name}, ${working.burner.name}, ${working.burner.mark}`,
    ],
    [t('common.stock'), ({ happened }) => volume(happened.poured_ml)],
    [
      t('log.stock-for-a-gram'),
      ({ happened, working }) => `${(happened.poured_ml / working.plan.rice_g).toFixed(2)} mL/g`,
    ],
    [t('log.of-planned'), ({ happened, working }) => percent(happened.poured_ml / working.plan.stock_ml)],
    [t('common.off-the-heat'), ({ happened }) => minutes(happened.pull_min)],
    [t('common.at-the-table-4'), ({ happened }) => minutes(happened.table_min)],
    [
      t('screens.logBook.sauce-for-a-gram-of-rice'),
      ({ happened }) => happened.at_table?.looseness.toFixed(2) ?? '–',
    ],
    [
      t('screens.logBook.bite-by-the-model'),
      ({ happened }) => (happened.at_table ? wordOf('bite', happened.at_table.bite) : '–'),
    ],
    [t('screens.logBook.verdict'), ({ state }) => (state.verdict ? verdictWords(state.verdict) : '–')],
    [t('log.note'), ({ state }) => state.verdict?.note ?? state.note ?? ''],
  ];
  return (
    <main className="flex-1 px-5 py-3">
      <Title>{t('log.two-cooks')}</Title>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1">
        <h1 className="mr-auto text-3xl font-bold">{t('log.two-cooks')}</h1>
        <Link
          to="/log"
          className="flex min-h-14 items-center rounded-lg border-2 border-ink px-5 text-lg font-semibold"
        >
          {t('taught.to-the-log')}
        </Link>
      </div>
      <GrainClock
        label={t('log.over-each-other', { first: titleOf(first), second: titleOf(second) })}
        height={330}
        planned={first.happened.track ?? first.working.plan.track}
        plannedPours={first.happened.pours}
        happened={second.happened.track ?? second.working.plan.track}
        happenedPours={second.happened.pours}
        heat={second.working.plan.heat}
        strongest={Math.max(...marks.map((mark) => mark.net_w))}
        pull={second.happened.pull_min ?? second.working.plan.timing.pull_min}
        table={second.happened.table_min ?? second.working.plan.timing.table_min}
      />
      <table className="mt-3 w-full max-w-4xl text-lg">
        <thead>
          <tr className="text-left align-bottom">
            <td />
            <Head cook={first} line="dashed" />
            <Head cook={second} line="full" />
          </tr>
        </thead>
        <tbody>
          {rows.map(([what, of]) => {
            const [a, b] = [of(first), of(second)];
            return (
              <tr key={what} className="border-t border-rule align-top">
                <th scope="row" className="py-1 pr-4 text-left font-normal text-ink-soft">
                  {what}
                </th>
                <td className={`pr-6 ${a === b ? '' : 'font-semibold'}`}>{a}</td>
                <td className={a === b ? '' : 'font-semibold'}>{b}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </main>
  );
}

const minutes = (value: number | null): string => (value === null ? '–' : `min ${minute(value)}`);

const percent = (share: number): string => `${Math.round(100 * share)} %`;

const titleOf = ({ working }: Cook): string => `${platesOf(working.ask)} × ${working.dish.name}`;

function Head({ cook, line }: { cook: Cook; line: 'dashed' | 'full' }) {
  const { timezone } = useCook();
  return (
    <th scope="col" className="w-2/5 pr-6 pb-1 font-normal">
      <span
        aria-hidden="true"
        className={`mb-1 block w-16 border-t-4 border-ink ${line === 'dashed' ? 'border-dashed' : ''}`}
      />
      <Link to={`/log/${cook.id}`} className="text-xl leading-tight font-bold underline underline-offset-4">
        {titleOf(cook)}
      </Link>
      <span className="block text-ink-soft">
        {day(cook.table_at, timezone)}, {clock(cook.table_at, timezone)} · {cook.cook}
      </span>
    </th>
  );
}
