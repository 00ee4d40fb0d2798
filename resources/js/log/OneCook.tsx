import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { Link, useParams } from 'react-router';
import type { Cook } from '../contracts.generated';
import { platesOf, useCook, useMeasure } from '../cook';
import { minute } from '../measure';
import { baseOf, pours, rightMinutes } from '../pictures/fromPlan';
import { GrainClock } from '../pictures/grain/GrainClock';
import { queries } from '../queries';
import { named, only, verbOf } from '../stages';
import { clock, day } from '../time';
import { verdictWords } from '../verdict';
import { t, wordOf } from '../words/messages';
import { Measured } from './Measured';
import { Photo } from './Photo';
import { Found, Touched } from './Touched';

/** One cook out of the log: planned against happened, and what came to the plate. */
export function OneCookPage() {
  const { id = '' } = useParams();
  return (
    <main className="flex-1">
      <OneCook id={id} />
    </main>
  );
}

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
        {cook.night && (
          <Link
            to={`/tonight/${cook.night}`}
            className="flex min-h-14 items-center rounded-lg border-2 border-ink px-5 text-lg font-semibold"
          >
            {t('log.its-night')}
          </Link>
        )}
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
            {state.verdict && <Measured verdict={state.verdict} />}
            <Photo cook={cook} />
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
