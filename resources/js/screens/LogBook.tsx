import { verbOf, named, only } from '../stages';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { api } from '../api';
import { Title } from '../parts/Title';
import type { Cook, Log } from '../contracts.generated';
import { platesOf, useCook, useMeasure } from '../cook';
import { minute } from '../measure';
import { baseOf, pours, rightMinutes } from '../pictures/fromPlan';
import { GrainClock } from '../pictures/grain/GrainClock';
import { clock, day } from '../time';
import { verdictWords } from '../verdict';
import { Found, Touched } from './Touched';
import { queries } from '../queries';
import { t, wordOf } from '../words/messages';

type Line = Log['cooks'][number];

export function LogBook() {
  const { id } = useParams();
  const log = useInfiniteQuery({
    queryKey: ['log', 'pages'],
    queryFn: ({ pageParam }) => api.log(pageParam),
    initialPageParam: null as string | null,
    getNextPageParam: (page) =>
      page.next === null ? undefined : new URL(page.next).searchParams.get('cursor'),
  });
  const cooks = log.data?.pages.flatMap((page) => page.cooks) ?? [];

  return (
    <main className="flex-1">
      {id !== undefined && <OneCook id={id} />}
      {id === undefined && (
        <div className="px-5 py-3">
          <div className="flex flex-wrap items-baseline gap-x-6">
            <Title>{t('screens.logBook.the-log')}</Title>
            <h1 className="text-3xl font-bold">{t('screens.logBook.the-log')}</h1>
            <p className="text-ink-soft">{t('screens.logBook.brown-is-the-liquid-as-it')}</p>
          </div>
          {log.isError && (
            <p role="alert" className="py-6 text-xl">
              {t('screens.logBook.the-log-cannot-be-reached')}
            </p>
          )}
          {log.isSuccess && cooks.length === 0 && (
            <p className="py-6 text-xl text-ink-soft">{t('screens.logBook.nothing-cooked-yet')}</p>
          )}
          <ul className="mt-2">
            {cooks.map((cook) => (
              <Row key={cook.id} cook={cook} />
            ))}
          </ul>
          {log.hasNextPage && (
            <button
              onClick={() => void log.fetchNextPage()}
              className="my-4 min-h-14 rounded-lg bg-ink px-8 text-xl font-semibold text-paper"
            >
              {t('screens.logBook.earlier')}
            </button>
          )}
        </div>
      )}
    </main>
  );
}

function Row({ cook }: { cook: Line }) {
  const { timezone } = useCook();
  const { volume } = useMeasure();
  const failed = cook.status === 'given-up' || (cook.verdict !== null && !cook.verdict.as_wanted);
  const difference = cook.happened.poured_ml - cook.planned.stock_ml;
  return (
    <li className="border-t border-rule">
      <Link
        to={`/log/${cook.id}`}
        className="grid min-h-22 grid-cols-[108px_minmax(0,270px)_minmax(0,1fr)_150px_minmax(0,270px)] items-center gap-4 py-1.5 hover:bg-paper-deep max-lg:grid-cols-[90px_minmax(0,1fr)] max-lg:gap-y-1"
      >
        <span className="leading-tight">
          <span className="block text-ink-soft">{day(cook.table_at, timezone)}</span>
          <b className="text-2xl">{clock(cook.table_at, timezone)}</b>
        </span>
        <span className="min-w-0 leading-tight">
          <b className="block text-lg leading-tight">
            {cook.covers} × {cook.dish}
          </b>
          <span className="text-ink-soft">
            {cook.pan}, {cook.burner} · {cook.cook}
          </span>
        </span>
        <span className="max-lg:col-span-2">
          <GrainClock
            label={t('screens.logBook.covers-covers-of-dish-poured-poured', {
              covers: cook.covers,
              dish: cook.dish,
              poured: volume(cook.happened.poured_ml),
              stock: volume(cook.planned.stock_ml),
            })}
            height={70}
            size="thumb"
            planned={cook.planned.track}
            plannedPours={[]}
            happened={cook.happened.track}
            happenedPours={cook.happened.pours}
            heat={cook.planned.heat}
            pull={cook.happened.pull_min ?? cook.planned.pull_min}
            table={cook.happened.table_min ?? cook.planned.table_min}
          />
        </span>
        <span className="text-right leading-tight">
          <b className="text-2xl">{volume(cook.happened.poured_ml)}</b>
          <span className="block text-ink-soft">
            {cook.status === 'at-table'
              ? Math.abs(difference) < 1
                ? t('screens.logBook.as-planned')
                : t('screens.logBook.difference-difference2-on-plan', {
                    difference: difference > 0 ? '+' : '−',
                    difference2: volume(Math.abs(difference)),
                  })
              : t('screens.logBook.of-stock', { stock: volume(cook.planned.stock_ml) })}
          </span>
        </span>
        <span className="min-w-0 leading-tight">
          <b className={`text-xl ${failed ? 'text-tomato' : cook.verdict ? 'text-herb' : 'text-ink-soft'}`}>
            {cook.status === 'given-up'
              ? t('screens.logBook.given-up')
              : cook.verdict
                ? verdictWords(cook.verdict)
                : STATUS[cook.status]}
          </b>
          {cook.verdict && cook.verdict.note !== '' && (
            <span className="line-clamp-2 block text-ink-soft">{cook.verdict.note}</span>
          )}
        </span>
      </Link>
    </li>
  );
}

const STATUS: Record<string, string> = {
  waiting: t('screens.logBook.not-on-yet'),
  cooking: t('common.on-the-fire-4'),
  'at-table': t('screens.logBook.no-verdict-yet'),
  'given-up': t('screens.logBook.given-up'),
};

function OneCook({ id }: { id: string }) {
  const cook = useQuery(queries.cook(id));
  if (!cook.data) {
    return (
      <p className="p-8 text-xl">
        {cook.isError ? t('screens.logBook.there-is-no-such-cook-in') : t('common.looking-it-up')}
      </p>
    );
  }
  return <Page cook={cook.data} />;
}

function Page({ cook }: { cook: Cook }) {
  const { timezone } = useCook();
  const { volume, weight } = useMeasure();
  const { working, happened, state } = cook;
  const { plan } = working;
  const first = Date.parse(state.first_liquid_at ?? working.clock.first_liquid_at);
  const done = new Map(state.done.map((one) => [one.stage, one]));
  const facts: [string, string, string][] = [
    [t('common.stock'), volume(plan.stock_ml), volume(happened.poured_ml)],
    [
      t('common.off-the-heat'),
      `min ${minute(plan.timing.pull_min)}`,
      happened.pull_min === null ? '–' : `min ${minute(happened.pull_min)}`,
    ],
    [
      t('common.at-the-table-4'),
      `min ${minute(plan.timing.table_min)}`,
      happened.table_min === null ? '–' : `min ${minute(happened.table_min)}`,
    ],
    [
      t('screens.logBook.sauce-for-a-gram-of-rice'),
      plan.at_table.looseness.toFixed(2),
      happened.at_table ? happened.at_table.looseness.toFixed(2) : '–',
    ],
    [
      t('screens.logBook.bite-by-the-model'),
      wordOf('bite', plan.at_table.bite),
      happened.at_table ? wordOf('bite', happened.at_table.bite) : '–',
    ],
  ];

  return (
    <article className="px-5 py-3">
      <div className="flex items-start gap-4">
        <div className="min-w-0 flex-1">
          <h1 className="text-3xl leading-tight font-bold">
            {platesOf(working.ask)} × {working.dish.name}
          </h1>
          <p className="text-lg text-ink-soft">
            {t('screens.logBook.tableat-tableat2-rice-of-rice2-name', {
              tableAt: day(cook.table_at, timezone),
              tableAt2: clock(cook.table_at, timezone),
              rice: weight(plan.rice_g),
              rice2: working.dish.rice,
              name: working.pan.name,
              name2: working.burner.name,
              mark: working.burner.mark,
              cook: cook.cook,
            })}
          </p>
        </div>
        <Link
          to="/log"
          aria-label={t('screens.logBook.back-to-the-log')}
          className="grid size-14 shrink-0 place-content-center rounded-lg bg-ink text-paper"
        >
          <X aria-hidden="true" />
        </Link>
      </div>
      <GrainClock
        label={t('screens.logBook.grain-clock-of-this-cook-planned')}
        height={300}
        planned={plan.track}
        plannedPours={pours(plan)}
        happened={happened.track}
        happenedPours={happened.pours}
        base={baseOf(plan)}
        heat={plan.heat}
        strongest={Math.max(...working.burner.marks.map((mark) => mark.net_w))}
        window={rightMinutes(plan, working.dish.window_min)}
        pull={happened.pull_min ?? plan.timing.pull_min}
        table={happened.table_min ?? plan.timing.table_min}
        clockAt={(min) => clock(first + min * 60_000, timezone)}
      />
      <div className="mt-3 grid grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)] gap-8 max-lg:grid-cols-1">
        <div>
          <table className="w-full text-lg">
            <caption className="sr-only">{t('screens.logBook.steps-planned-and-done')}</caption>
            <thead className="text-left text-ink-soft">
              <tr>
                <th className="font-normal">{t('screens.logBook.step')}</th>
                <th className="text-right font-normal">{t('screens.logBook.planned')}</th>
                <th className="text-right font-normal">{t('common.at')}</th>
                <th className="text-right font-normal">{t('screens.logBook.poured')}</th>
                <th className="text-right font-normal">{t('common.at')}</th>
              </tr>
            </thead>
            <tbody>
              {plan.stages.map((stage, index) => {
                const touch = done.get(index);
                return (
                  <tr key={index} className="border-t border-rule">
                    <td className="py-1 font-semibold">
                      {verbOf(stage)}
                      {(only(stage) ?? stage.items?.at(-1)) && (
                        <span className="font-normal text-ink-soft"> {named(stage, () => '')}</span>
                      )}
                    </td>
                    <td className="text-right">{stage.volume_ml === null ? '' : volume(stage.volume_ml)}</td>
                    <td className="text-right text-ink-soft">{minute(stage.at_min)}</td>
                    <td className="text-right font-semibold">
                      {touch?.volume_ml === null || touch === undefined ? '' : volume(touch.volume_ml)}
                    </td>
                    <td className="text-right text-ink-soft">
                      {touch === undefined ? '–' : minute((Date.parse(touch.at) - first) / 60_000)}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          <Touched cook={cook} />
        </div>
        <div>
          <section aria-label={t('screens.logBook.verdict')} className="rounded-lg border-2 border-ink p-4">
            <p className="text-ink-soft">{t('screens.logBook.at-the-plate')}</p>
            <p className="text-3xl font-bold">
              {state.verdict
                ? verdictWords(state.verdict)
                : state.status === 'given-up'
                  ? t('screens.logBook.given-up')
                  : t('screens.logBook.no-verdict-yet')}
            </p>
            {state.verdict && state.verdict.note !== '' && (
              <p className="mt-1 text-lg">{state.verdict.note}</p>
            )}
            <Link
              to={`/stove/${cook.id}`}
              className="mt-1 inline-flex min-h-11 items-center text-lg font-semibold text-saffron-deep underline underline-offset-4"
            >
              {state.status === 'at-table' || state.status === 'given-up'
                ? state.verdict
                  ? t('screens.logBook.say-it-otherwise')
                  : t('screens.logBook.say-how-it-was')
                : t('common.to-the-stove')}
            </Link>
          </section>
          <table className="mt-4 w-full text-lg">
            <caption className="sr-only">{t('screens.logBook.planned-and-happened')}</caption>
            <thead className="text-right text-ink-soft">
              <tr>
                <th className="sr-only">{t('common.what')}</th>
                <th className="font-normal">{t('screens.logBook.planned')}</th>
                <th className="font-normal">{t('screens.logBook.happened')}</th>
              </tr>
            </thead>
            <tbody>
              {facts.map(([what, planned, really]) => (
                <tr key={what} className="border-t border-rule">
                  <td className="py-1 text-ink-soft">{what}</td>
                  <td className="text-right">{planned}</td>
                  <td className="text-right font-semibold">{really}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Found cook={cook} />
        </div>
      </div>
    </article>
  );
}
