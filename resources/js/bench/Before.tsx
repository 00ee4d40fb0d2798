import { useAmount } from '../amount';
import { Link } from 'react-router';
import { api } from '../api';
import type { Ask, Working } from '../contracts.generated';
import { useCook, useMeasure } from '../cook';
import { trimmed } from '../measure';
import { TakeOutText } from '../parts/TakeOut';
import { OnTheRice } from '../pictures/OnTheRice';
import { clock } from '../time';
import { t, wordOf } from '../words/messages';

const GOES: Record<string, string> = {
  base: t('common.in-the-base'),
  'with-the-rice': t('common.with-the-rice'),
  'at-minute': t('bench.before.at-minute'),
  'nine-tenths-gone': t('bench.before.nine-tenths-gone'),
  'last-two-minutes': t('bench.before.last-two-minutes'),
  'on-top': t('bench.before.for-the-top'),
  season: t('bench.before.season'),
  stock: t('bench.before.into-the-stock'),
  finish: t('bench.before.beaten-in-at-the-end'),
};

/** What can be taken away of the pan that is asked for now, whatever is still being drawn of the one before. */
export function ToTake({ ask }: { ask: Ask }) {
  return (
    <div className="mt-4 flex flex-wrap gap-3">
      <Link
        to="/card"
        state={ask}
        className="flex min-h-12 items-center rounded-lg bg-ink px-6 text-lg font-semibold text-paper"
      >
        {t('bench.before.a-card-to-print')}
      </Link>
      <TakeOutText name="ingredients.csv" fetch={() => api.text('work-out/mise.csv', ask)}>
        {t('bench.before.ingredients')}
      </TakeOutText>
      <TakeOutText name="preparation.ics" fetch={() => api.text('work-out/prep.ics', ask)}>
        {t('bench.before.preparation-for-a-calendar')}
      </TakeOutText>
    </div>
  );
}

/** What is weighed out and what is begun before the pan is hot; who may eat it; what can hurt. */
export function Before({ working }: { working: Working }) {
  return (
    <section
      aria-label={t('bench.before.before-the-heat')}
      className="mt-4 grid grid-cols-[repeat(auto-fit,minmax(280px,1fr))] gap-6"
    >
      <div>
        <Mise working={working} />
        <OnTheRice working={working} />
      </div>
      <div>
        <Prep working={working} />
        <Served working={working} />
      </div>
    </section>
  );
}

function Mise({ working }: { working: Working }) {
  const amount = useAmount();
  if (working.mise.length === 0) {
    return null;
  }
  return (
    <table aria-label={t('bench.before.weighed-out')} className="w-full self-start text-base leading-snug">
      <caption className="pb-1 text-left font-semibold">{t('bench.before.weighed-out')}</caption>
      <tbody>
        {working.mise.map((one, row) => (
          <tr key={row} className="border-t border-rule align-baseline">
            <td className="py-1 pr-3 text-right font-bold whitespace-nowrap">
              {amount(one.amount, one.unit)}
            </td>
            <td className="pr-3">{one.name}</td>
            <td className="text-right text-sm text-ink-soft">
              {GOES[one.goes] ?? one.goes}
              {one.goes === 'at-minute' && one.minute !== null && ` ${trimmed(one.minute, 1)}`}
              {one.scales !== 'main' && <span className="block">{one.per}</span>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Prep({ working }: { working: Working }) {
  const { timezone } = useCook();
  const { volume } = useMeasure();
  return (
    <table aria-label={t('bench.before.to-begin')} className="w-full text-base leading-snug">
      <caption className="pb-1 text-left font-semibold">{t('bench.before.to-begin')}</caption>
      <tbody>
        {working.prep.map((one, row) => (
          <tr key={row} className="border-t border-rule align-baseline">
            <td className={`py-1 pr-3 font-bold ${one.late ? 'text-tomato' : ''}`}>
              {clock(one.start_at, timezone)}
            </td>
            <td className="pr-3">
              {one.what}
              {(one.drinks_ml ?? 0) > 0 && (
                <span className="text-sm text-ink-soft">
                  {' '}
                  {t('bench.before.in-volume-of-the-stock', { volume: volume(one.drinks_ml ?? 0) })}
                </span>
              )}
              {(one.gives_ml ?? 0) > 0 && (
                <span className="text-sm text-ink-soft">
                  {' '}
                  {t('bench.before.volume-to-the-stock', { volume: volume(one.gives_ml ?? 0) })}
                </span>
              )}
              {one.ahead && <span className="text-sm text-ink-soft"> {t('bench.before.or-ahead')}</span>}
              {one.late && <b className="text-tomato"> {t('bench.before.too-late')}</b>}
            </td>
            <td className="text-right text-sm whitespace-nowrap text-ink-soft">
              {t('bench.before.takes-min-ready-readyat', {
                takes: trimmed(one.takes_min, 0),
                readyAt: clock(one.ready_at, timezone),
              })}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Served({ working }: { working: Working }) {
  const { served } = working;
  const { unknown = [] } = served;
  return (
    <div className="mt-3 text-base leading-snug">
      <p>
        <b>{t('common.allergens')}</b>{' '}
        {served.allergens.length === 0
          ? unknown.length === 0 && t('common.none-of-the-fourteen')
          : served.allergens.map((one) => (
              <span key={one.allergen} className="mr-2 inline-block">
                <b>{wordOf('allergen', one.allergen)}</b>{' '}
                <span className="text-ink-soft">({one.from.join(', ')})</span>
              </span>
            ))}
        {unknown.length > 0 && (
          <b className="text-tomato">
            {t('bench.before.not-fully-known-join', { join: unknown.join(', ') })}
          </b>
        )}
      </p>
      <ul className="mt-2 list-disc pl-5 text-sm text-ink-soft">
        {working.cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </div>
  );
}
