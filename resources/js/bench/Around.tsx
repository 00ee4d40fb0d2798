import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from '../api';
import type { Around as AroundThePan, Ask } from '../contracts.generated';
import { Fragment, useEffect, useState } from 'react';
import { millilitres, minute, trimmed } from '../measure';

/** What the same pan would come to if one thing about it were different; and what can stand in for what. */
/** ms that an ask must stand before what is around it is asked too: the answer itself comes first. */
const SETTLES = 400;

export function Around({ ask: latest }: { ask: Ask }) {
  const ask = useSettled(latest);
  const around = useQuery({
    queryKey: ['around', { ...ask, table_at: '' }],
    queryFn: ({ signal }) => api.around(ask, signal),
    placeholderData: keepPreviousData,
    staleTime: 300_000,
  });
  if (!around.data) {
    return null;
  }
  return (
    <section aria-label="Around it" className="px-4 pb-4 lg:col-start-2">
      <WhatIf rows={around.data.what_if} />
      <Swaps rows={around.data.swaps} />
    </section>
  );
}

function useSettled(latest: Ask): Ask {
  const [settled, setSettled] = useState(latest);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(latest), SETTLES);
    return () => clearTimeout(timer);
  }, [latest]);
  return settled;
}

function WhatIf({ rows }: { rows: AroundThePan['what_if'] }) {
  return (
    <table aria-label="What if" className="mt-4 w-full text-base leading-snug">
      <caption className="pb-1 text-left font-semibold">What if</caption>
      <thead className="text-right text-sm text-ink-soft">
        <tr>
          <th className="text-left font-normal">the same, but</th>
          <th className="font-normal">stock</th>
          <th className="font-normal max-md:hidden">mL/g</th>
          <th className="pr-4 font-normal">pull</th>
          <th className="text-left font-normal max-md:hidden">because</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <Fragment key={row.what}>
            <tr className="border-t border-rule text-right align-baseline">
              <td className="py-1 pr-3 text-left font-semibold">{row.what}</td>
              <td className="pr-3 whitespace-nowrap">
                <b>{millilitres(row.stock_ml)}</b>
                <span className="block text-sm text-ink-soft">{signed(row.stock_by, 0)} mL</span>
              </td>
              <td className="pr-3 whitespace-nowrap max-md:hidden">
                <b>{row.ml_per_g.toFixed(2)}</b>
                <span className="block text-sm text-ink-soft">{signed(row.ml_per_g_by, 2)}</span>
              </td>
              <td className="pr-4 whitespace-nowrap">
                <b>{minute(row.pull_min)}</b>
                <span className="block text-sm text-ink-soft">{signed(row.pull_by, 1)} min</span>
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

function Swaps({ rows }: { rows: AroundThePan['swaps'] }) {
  return (
    <table aria-label="Instead of" className="mt-4 mb-6 w-full text-base leading-snug">
      <caption className="pb-1 text-left font-semibold">Out of something?</caption>
      <thead className="text-right text-sm text-ink-soft">
        <tr>
          <th className="text-left font-normal">take</th>
          <th className="font-normal">stock</th>
          <th className="pr-4 font-normal">pull</th>
          <th className="text-left font-normal max-md:hidden">what changes</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <Fragment key={row.what}>
            <tr className="border-t border-rule text-right align-baseline">
              <td className="py-1 pr-3 text-left font-semibold">{row.what}</td>
              <td className="pr-3 whitespace-nowrap">{signed(row.stock_by, 0)} mL</td>
              <td className="pr-4 whitespace-nowrap">{signed(row.pull_by, 1)} min</td>
              <td className="text-left text-ink-soft max-md:hidden">
                <Changes row={row} />
              </td>
            </tr>
            <tr className="md:hidden">
              <td colSpan={3} className="pb-2 text-ink-soft">
                <Changes row={row} />
              </td>
            </tr>
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function Changes({ row }: { row: AroundThePan['swaps'][number] }) {
  return (
    <>
      {row.changes.join('; ')}
      {row.warnings.map((warning) => (
        <span key={warning} className="block font-semibold text-tomato">
          {warning}
        </span>
      ))}
    </>
  );
}

function signed(value: number, decimals: number): string {
  const shown = trimmed(Math.abs(value), decimals);
  return shown === '0' ? '±0' : `${value < 0 ? '−' : '+'}${shown}`;
}
