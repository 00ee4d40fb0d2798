import { Fragment, useState } from 'react';
import type { Around as AroundThePan, Ask } from '../contracts.generated';
import { useMeasure } from '../cook';
import { minute, trimmed, type Measure } from '../measure';
import { sides } from './sides';
import { t } from '../words/messages';

type Swap = AroundThePan['swaps'][number];

/** What the same pan would come to if one thing about it were different; and what can stand in for what. */
export function Around({
  around,
  change,
  stale,
}: {
  around: AroundThePan;
  change: (part: Partial<Ask>) => void;
  /** It is still that of what was asked before. */
  stale: boolean;
}) {
  return (
    <section
      aria-label={t('bench.around.around-it')}
      aria-busy={stale}
      className="px-4 pb-4 transition-opacity aria-busy:opacity-30 lg:col-start-2"
    >
      <WhatIf rows={around.what_if} />
      <Swaps around={around} change={change} />
    </section>
  );
}

function WhatIf({ rows }: { rows: AroundThePan['what_if'] }) {
  const { volume, ratios } = useMeasure();
  return (
    <table aria-label={t('bench.around.what-if')} className="mt-4 w-full text-base leading-snug">
      <caption className="pb-1 text-left font-semibold">{t('bench.around.what-if')}</caption>
      <thead className="text-right text-sm text-ink-soft">
        <tr>
          <th className="text-left font-normal">{t('bench.around.the-same-but')}</th>
          <th className="font-normal">{t('common.stock')}</th>
          <th className="font-normal max-md:hidden">{ratios.unit}</th>
          <th className="pr-4 font-normal">{t('common.pull')}</th>
          <th className="text-left font-normal max-md:hidden">{t('bench.around.because')}</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <Fragment key={row.what}>
            <tr className="border-t border-rule text-right align-baseline">
              <td className="py-1 pr-3 text-left font-semibold">{row.what}</td>
              <td className="pr-3 whitespace-nowrap">
                <b>{volume(row.stock_ml)}</b>
                <span className="block text-sm text-ink-soft">{more(volume, row.stock_by)}</span>
              </td>
              <td className="pr-3 whitespace-nowrap max-md:hidden">
                <b>{ratios.of(row.ml_per_g).toFixed(2)}</b>
                <span className="block text-sm text-ink-soft">{signed(ratios.of(row.ml_per_g_by), 2)}</span>
              </td>
              <td className="pr-4 whitespace-nowrap">
                <b>{minute(row.pull_min)}</b>
                <span className="block text-sm text-ink-soft">
                  {t('bench.around.pullby-min', { pullBy: signed(row.pull_by, 1) })}
                </span>
              </td>
              <td className="text-left text-ink-soft max-md:hidden">{row.because}</td>
            </tr>
            <tr className="md:hidden">
              <td colSpan={4} className="pb-2 text-ink-soft">
                {row.because}
              </td>
            </tr>
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

/** A line that is nought on both sides says nothing. */
const NOTHING = /^0(?![.\d])/;

const KINDS: readonly [Swap['kind'], string][] = [
  ['wine', t('bench.around.the-wine')],
  ['rice', t('bench.around.the-rice')],
  ['stock', t('bench.around.the-stock')],
  ['pan', t('bench.around.the-pan')],
];

/** Out of something, or another pan: each in a line; touched, it is laid beside the pan as asked. */
function Swaps({ around, change }: { around: AroundThePan; change: (part: Partial<Ask>) => void }) {
  const kinds = KINDS.filter(([kind]) => around.swaps.some((swap) => swap.kind === kind));
  const [kind, setKind] = useState<Swap['kind']>('rice');
  const [open, setOpen] = useState<string | null>(null);
  const shown = kinds.some(([one]) => one === kind) ? kind : kinds[0]?.[0];
  return (
    <div className="mt-5 mb-6">
      <h2 className="text-base font-semibold">{t('bench.around.instead-of-the')}</h2>
      <div
        role="group"
        aria-label={t('bench.around.instead-of-the-2')}
        className="mt-1 flex flex-wrap gap-1.5"
      >
        {kinds.map(([one, words]) => (
          <button
            key={one}
            aria-pressed={one === shown}
            onClick={() => setKind(one)}
            className="min-h-12 rounded-lg border-2 border-ink-soft px-5 text-lg font-semibold aria-pressed:border-ink aria-pressed:bg-saffron"
          >
            {words}
          </button>
        ))}
      </div>
      <ul aria-label={t('bench.around.instead-of')} className="mt-1">
        {around.swaps
          .filter((swap) => swap.kind === shown)
          .map((swap) => (
            <li key={swap.what} className="border-b border-rule">
              <Line
                swap={swap}
                open={open === swap.what}
                onOpen={() => setOpen(open === swap.what ? null : swap.what)}
              />
              {open === swap.what && <BeforeAfter before={around.as_asked} swap={swap} change={change} />}
            </li>
          ))}
      </ul>
      {around.left_out > 0 && (
        <p className="mt-1 text-base text-ink-soft">
          {t('bench.around.leftout-more-would-take-too-long', { leftOut: around.left_out })}
        </p>
      )}
    </div>
  );
}

function Line({ swap, open, onOpen }: { swap: Swap; open: boolean; onOpen: () => void }) {
  const { volume } = useMeasure();
  return (
    <button
      aria-expanded={open}
      onClick={onOpen}
      className="grid min-h-14 w-full grid-cols-[minmax(0,1fr)_110px_90px_minmax(0,1.4fr)] items-baseline gap-x-3 py-2 text-left leading-snug max-md:grid-cols-[minmax(0,1fr)_90px_80px]"
    >
      <b>{swap.what}</b>
      <span className="text-right whitespace-nowrap">{more(volume, swap.stock_by)}</span>
      <span className="text-right whitespace-nowrap">
        {t('bench.around.pullby-min', { pullBy: signed(swap.pull_by, 1) })}
      </span>
      <span className="text-ink-soft max-md:col-span-3">
        {swap.changes.join('; ')}
        {swap.warnings.map((warning) => (
          <span key={warning} className="block font-semibold text-tomato">
            {warning}
          </span>
        ))}
      </span>
    </button>
  );
}

/** The pan as asked and with the one thing swapped, line by line. */
function BeforeAfter({
  before,
  swap,
  change,
}: {
  before: AroundThePan['as_asked'];
  swap: Swap;
  change: (part: Partial<Ask>) => void;
}) {
  const measure = useMeasure();
  const after = sides(measure, swap.after);
  const rows = sides(measure, before)
    .map(([label, was], row) => ({ label, was, is: after[row]?.[1] ?? '' }))
    .filter(({ was, is }) => was !== is || !NOTHING.test(was));
  const { take } = swap;
  return (
    <div className="mb-3 max-w-xl rounded-lg border-2 border-ink bg-paper-deep p-3">
      <table
        aria-label={t('bench.around.before-and-after-what', { what: swap.what })}
        className="w-full text-lg leading-snug"
      >
        <thead className="text-right text-base text-ink-soft">
          <tr>
            <th className="sr-only">{t('common.what')}</th>
            <th className="font-normal">{t('bench.around.as-asked')}</th>
            <th className="font-normal">{swap.what}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ label, was, is }) => (
            <tr key={label} className="border-t border-rule text-right">
              <td className="py-0.5 text-left text-ink-soft">{label}</td>
              <td>{was}</td>
              <td className={was === is ? 'text-ink-soft' : 'font-bold'}>{is}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {take ? (
        <button
          onClick={() => change(take)}
          className="mt-2 min-h-14 w-full rounded-lg bg-ink text-lg font-semibold text-paper"
        >
          {t('bench.around.take-it')}
        </button>
      ) : (
        <p className="mt-2 text-base text-ink-soft">{t('bench.around.to-cook-it-so-copy-the')}</p>
      )}
    </div>
  );
}

function signed(value: number, decimals: number): string {
  const shown = trimmed(Math.abs(value), decimals);
  return shown === '0' ? '±0' : `${value < 0 ? '−' : '+'}${shown}`;
}

/** "+85 mL", "−1 cup", "±0". */
function more(volume: Measure['volume'], ml: number): string {
  return Math.round(ml) === 0 ? '±0' : `${ml < 0 ? '−' : '+'}${volume(Math.abs(ml))}`;
}
