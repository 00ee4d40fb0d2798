import { verbOf, amounts, named } from '../stages';
import { useAmount } from '../amount';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { allergenWords } from '../allergens';
import { api } from '../api';
import { NONCE } from '../nonce';
import { Title } from '../parts/Title';
import type { Ask, Working } from '../contracts.generated';
import { useCook, useMeasure } from '../cook';
import { ladles, trimmed, wholeMinute } from '../measure';
import { clock } from '../time';
import { t } from '../words/messages';

const sheet = (size: string): string => `@page { size: ${size}; margin: 9mm; }`;

/** The pan on a card, to be printed and cooked by without a screen. */
export function Card() {
  // Which pan is written on it comes with the link, and stays through a reload.
  const ask = useLocation().state as Ask | null;
  const [size, setSize] = useState<'A5' | 'A4'>('A5');
  const answer = useQuery({
    queryKey: ['work-out', ask],
    queryFn: ({ signal }) =>
      ask ? api.workOut(ask, signal) : Promise.reject(new Error(t('screens.card.no-pan'))),
    enabled: ask !== null,
  });
  if (!answer.data) {
    return (
      <main className="p-8 text-xl">
        {ask === null || answer.isError ? (
          <Link to="/" className="font-semibold underline">
            {t('screens.card.work-out-a-pan-first')}
          </Link>
        ) : (
          t('screens.card.writing-the-card')
        )}
      </main>
    );
  }
  return (
    <main className="flex-1 bg-paper-deep p-6 max-md:p-2 print:bg-white print:p-0">
      <style nonce={NONCE}>{sheet(size)}</style>
      <div className="mb-4 flex flex-wrap gap-3 print:hidden">
        {(['A5', 'A4'] as const).map((one) => (
          <button
            key={one}
            aria-pressed={size === one}
            onClick={() => setSize(one)}
            className="min-h-14 rounded-lg border-2 border-ink px-6 text-xl font-semibold aria-pressed:bg-saffron"
          >
            {one}
          </button>
        ))}
        <button
          onClick={() => window.print()}
          className="min-h-14 rounded-lg bg-ink px-8 text-xl font-semibold text-paper"
        >
          {t('screens.card.print')}
        </button>
        <Link
          to="/"
          className="grid min-h-14 place-content-center rounded-lg border-2 border-ink px-6 text-xl"
        >
          {t('screens.card.back-to-the-pan')}
        </Link>
      </div>
      <Sheet working={answer.data} size={size} />
    </main>
  );
}

/** Lines beyond which an A5 card is set smaller, and smaller still, so that it stays one page. */
const ROOMY = 24;
const DENSE = 31;

/** Letters of a sign that stand in one line of it, about. */
const LETTERS = 38;

function Sheet({ working, size }: { working: Working; size: 'A5' | 'A4' }) {
  const { timezone } = useCook();
  const { plan, ask, dish } = working;
  const { volume, weight, dose } = useMeasure();
  const amount = useAmount();
  const first = Date.parse(working.clock.first_liquid_at);
  const at = (min: number) => clock(first + min * 60_000, timezone);
  const starters = ask.starters ?? 0;
  const letters = plan.stages.map(
    (stage) =>
      [
        stage.setting,
        named(stage, amount),
        stage.kind === 'finish' ? dish.finish || stage.say : stage.say,
      ].join(': ').length,
  );
  const lines =
    letters.reduce((sum, one) => sum + Math.max(1, Math.ceil(one / LETTERS)), 0) +
    Math.max(working.mise.length, working.prep.length);
  return (
    <article
      aria-label={t('screens.card.card')}
      data-size={size}
      data-dense={lines > ROOMY}
      data-tight={lines > DENSE}
      className="mx-auto w-full max-w-[148mm] bg-white p-[7mm] text-[11pt] leading-snug text-black scheme-light shadow data-[dense=true]:text-[9.5pt] data-[dense=true]:leading-tight data-[size=A4]:max-w-[210mm] data-[size=A4]:text-[14pt] data-[tight=true]:text-[8.6pt] print:max-w-none print:p-0 print:shadow-none"
    >
      <Title>{t('screens.card.card-name', { name: dish.name })}</Title>
      <h1 className="text-[1.6em] leading-tight font-bold">{dish.name}</h1>
      <p className="border-b-2 border-black pb-1">
        {t('screens.card.covers-portion-starters-name-on-name2', {
          covers: ask.covers,
          portion: ask.portion === 'main' ? t('screens.card.mains') : t('screens.card.starters'),
          starters: starters > 0 && t('screens.card.starters-starters', { starters }),
          name: working.pan.name,
          name2: working.burner.name,
        })}{' '}
        <b>{at(plan.timing.table_min)}</b>
      </p>
      <p className="flex flex-wrap gap-x-4 py-1 text-[1.25em]">
        <span>
          {t('common.rice-4')} <b>{weight(plan.rice_g)}</b>
        </span>
        <span>
          {dish.stock} <b>{volume(plan.stock_ml)}</b>{' '}
          {t('screens.card.reserve-held-back', { reserve: volume(plan.reserve_ml) })}
        </span>
        {plan.balance.wine_ml > 0 && (
          <span>
            {t('common.wine')} <b>{volume(plan.balance.wine_ml)}</b>
          </span>
        )}
      </p>
      <table className="w-full border-t-2 border-black">
        <tbody>
          {plan.stages.map((stage, row) => (
            <tr key={row} className="border-b border-black/30 align-baseline">
              <td className="pr-2 font-bold whitespace-nowrap">{at(stage.at_min)}</td>
              <td className="pr-2 text-right whitespace-nowrap">{wholeMinute(stage.at_min)}</td>
              <td className="pr-2 font-bold whitespace-nowrap">{verbOf(stage)}</td>
              <td className="pr-2 text-right font-bold whitespace-nowrap">
                {amounts(stage, amount)}
                {stage.volume_ml === null ? '' : Object.values(dose(stage.volume_ml)).join(' ')}
                {stage.ladles !== null && stage.ladles <= 6 && (
                  <span className="block text-[0.85em] font-normal">
                    {t('common.ladles-of-number', {
                      ladles: ladles(stage.ladles),
                      number: dose(working.ladle_ml).number,
                    })}
                  </span>
                )}
              </td>
              <td>
                {stage.setting && <b>{stage.setting}: </b>}
                {named(stage, amount) && <b>{named(stage, amount)}: </b>}
                {stage.kind === 'finish' ? dish.finish || stage.say : stage.say}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="grid grid-cols-2 gap-4 pt-2">
        <ul>
          {working.mise.map((one, row) => (
            <li key={row}>
              <b>{amount(one.amount, one.unit)}</b> {one.name}
            </li>
          ))}
        </ul>
        <ul>
          {working.prep.map((one, row) => (
            <li key={row}>
              <b>{clock(one.start_at, timezone)}</b> {one.what}
            </li>
          ))}
        </ul>
      </div>
      <p className="pt-2">
        <b>{t('screens.card.allergens')}</b>{' '}
        {t('screens.card.served-salt-percentattable-sodium-sodiummgpercover-mg', {
          served: allergenWords(working.served),
          percentAtTable: trimmed(plan.salt.seasoned_percent ?? plan.salt.percent_at_table, 1),
          sodiumMgPerCover: Math.round(
            plan.salt.sodium_seasoned_mg_per_cover ?? plan.salt.sodium_mg_per_cover,
          ),
        })}
      </p>
      <p className="pt-1 text-[0.85em]">{working.cautions.join(' ')}</p>
    </article>
  );
}
