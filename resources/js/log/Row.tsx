import { Link } from 'react-router';
import type { Log } from '../contracts.generated';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api';
import { useCook, useMay, useMeasure } from '../cook';
import { GrainClock } from '../pictures/grain/GrainClock';
import { clock, day } from '../time';
import { verdictWords } from '../verdict';
import { t } from '../words/messages';

export type Line = Log['cooks'][number];

/** One cook in a line: its small grain clock, what it took, and the verdict. */
export function Row({ cook, picked, onPick }: { cook: Line; picked: boolean; onPick: () => void }) {
  const { timezone } = useCook();
  const { volume } = useMeasure();
  const may = useMay();
  const failed = cook.status === 'given-up' || (cook.verdict !== null && !cook.verdict.as_wanted);
  const { planned } = cook;
  const difference = cook.happened.poured_ml - (planned?.stock_ml ?? cook.happened.poured_ml);
  return (
    <li className="flex border-t border-rule">
      <label className="grid w-12 shrink-0 cursor-pointer place-content-center">
        <input
          type="checkbox"
          checked={picked}
          disabled={planned === null}
          onChange={onPick}
          aria-label={t('log.pick', {
            dish: cook.dish,
            day: day(cook.table_at, timezone),
            time: clock(cook.table_at, timezone),
          })}
          className="size-6 accent-ink disabled:opacity-30"
        />
      </label>
      <Link
        to={planned === null ? '#' : `/log/${cook.id}`}
        aria-disabled={planned === null}
        className="grid min-h-22 flex-1 grid-cols-[108px_minmax(0,270px)_minmax(0,1fr)_150px_minmax(0,270px)] items-center gap-4 py-1.5 hover:bg-paper-deep max-lg:grid-cols-[90px_minmax(0,1fr)] max-lg:gap-y-1"
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
          {planned === null ? (
            <span className="text-lg text-ink-soft">{t('log.on-paper')}</span>
          ) : (
            <GrainClock
              label={t('screens.logBook.covers-covers-of-dish-poured-poured', {
                covers: cook.covers,
                dish: cook.dish,
                poured: volume(cook.happened.poured_ml),
                stock: volume(planned.stock_ml),
              })}
              height={70}
              size="thumb"
              planned={planned.track}
              plannedPours={[]}
              happened={cook.happened.track}
              happenedPours={cook.happened.pours}
              heat={planned.heat}
              pull={cook.happened.pull_min ?? planned.pull_min}
              table={cook.happened.table_min ?? planned.table_min}
            />
          )}
        </span>
        <span className="text-right leading-tight">
          <b className="text-2xl">{volume(cook.happened.poured_ml)}</b>
          <span className="block text-ink-soft">
            {planned === null
              ? ''
              : cook.status === 'at-table'
                ? Math.abs(difference) < 1
                  ? t('screens.logBook.as-planned')
                  : t('screens.logBook.difference-difference2-on-plan', {
                      difference: difference > 0 ? '+' : '−',
                      difference2: volume(Math.abs(difference)),
                    })
                : t('screens.logBook.of-stock', { stock: volume(planned.stock_ml) })}
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
          {cook.note && <span className="line-clamp-2 block text-ink-soft">{cook.note}</span>}
        </span>
      </Link>
      {planned === null && may.kitchen && <StrikeOff line={cook.id} />}
    </li>
  );
}

/** A line from paper that was typed wrongly. */
function StrikeOff({ line }: { line: string }) {
  const client = useQueryClient();
  const [sure, setSure] = useState(false);
  const strike = useMutation({
    mutationFn: () => api.strikePaper(line),
    onSettled: () => client.invalidateQueries({ queryKey: ['log'] }),
  });
  return (
    <button
      disabled={strike.isPending}
      data-sure={sure}
      onClick={() => (sure ? strike.mutate() : setSure(true))}
      onBlur={() => setSure(false)}
      className="my-2 min-h-12 shrink-0 self-center rounded-lg border-2 border-rule px-3 data-[sure=true]:border-tomato data-[sure=true]:bg-tomato data-[sure=true]:text-on-mark"
    >
      {sure ? t('common.touch-again-to-be-sure') : t('night.strike-it-off')}
    </button>
  );
}

const STATUS: Record<string, string> = {
  waiting: t('screens.logBook.not-on-yet'),
  cooking: t('common.on-the-fire-4'),
  'at-table': t('screens.logBook.no-verdict-yet'),
  'given-up': t('screens.logBook.given-up'),
};
