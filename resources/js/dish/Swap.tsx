import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api';
import type { Ask, Swapped } from '../contracts.generated';
import { useMeasure } from '../cook';
import { trimmed } from '../measure';
import { t } from '../words/messages';

/** Another thing in the place of an ingredient: worked out before and after for six mains, and taken by a touch; by two where it is not for whom the dish is meant. */
export function Swap({
  ask,
  ingredient,
  name,
  onTake,
}: {
  ask: Ask;
  /** Its place on the dish as it was saved. */
  ingredient: number;
  name: string;
  onTake: (instead: string) => void;
}) {
  const [instead, setInstead] = useState('');
  const swapped = useMutation({ mutationFn: (what: string) => api.swap(ask, ingredient, what) });
  const look = () => {
    const what = instead.trim();
    if (what !== '' && what !== name) {
      swapped.mutate(what);
    }
  };
  return (
    <details className="mt-2">
      <summary className="min-h-11 cursor-pointer content-center text-base font-semibold">
        {t('dish.swap.instead-of-it')}
      </summary>
      <div className="flex flex-wrap items-end gap-2">
        <label className="block grow text-base">
          <span className="text-ink-soft">{t('dish.swap.what-is-there')}</span>
          <input
            value={instead}
            maxLength={80}
            autoComplete="off"
            onChange={(event) => {
              setInstead(event.target.value);
              swapped.reset();
            }}
            onKeyDown={(event) => {
              if (event.key === 'Enter') {
                event.preventDefault();
                look();
              }
            }}
            className="h-14 w-full rounded-lg border-2 border-ink-soft bg-field px-3 text-xl"
          />
        </label>
        <button
          type="button"
          onClick={look}
          className="min-h-14 rounded-lg border-2 border-ink px-5 text-lg font-semibold"
        >
          {t('dish.swap.lay-it-beside')}
        </button>
      </div>
      {swapped.isError && (
        <p role="alert" className="mt-1 text-tomato">
          {swapped.error.message}
        </p>
      )}
      {swapped.data && (
        <BeforeAfter key={swapped.data.what} swapped={swapped.data} onTake={() => onTake(instead.trim())} />
      )}
    </details>
  );
}

function BeforeAfter({ swapped, onTake }: { swapped: Swapped; onTake: () => void }) {
  const { volume } = useMeasure();
  const [sure, setSure] = useState(false);
  const rows = [
    [t('common.stock'), swapped.stock_ml.map(volume)],
    [t('dish.swap.salt-of-the-plate'), swapped.salt_percent.map((one) => `${trimmed(one, 2)} %`)],
    [t('dish.swap.sodium-a-cover'), swapped.sodium_mg.map((one) => `${trimmed(one, 0)} mg`)],
    [t('common.pull'), swapped.pull_min.map((one) => `${trimmed(one, 1)} ${t('common.min')}`)],
  ] as const;
  return (
    <section aria-label={swapped.what} className="mt-2 rounded-lg border-2 border-ink bg-paper-deep p-3">
      <table className="w-full max-w-md text-lg leading-snug">
        <thead className="text-right text-base text-ink-soft">
          <tr>
            <th className="sr-only">{t('common.what')}</th>
            <th className="font-normal">{t('dish.swap.now')}</th>
            <th className="font-normal">{t('dish.swap.then')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, [was, is]]) => (
            <tr key={label} className="border-t border-rule text-right">
              <td className="py-0.5 text-left text-ink-soft">{label}</td>
              <td>{was}</td>
              <td className={was === is ? 'text-ink-soft' : 'font-bold'}>{is}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {swapped.changes.length > 0 && <p className="mt-2">{swapped.changes.join('; ')}</p>}
      {swapped.warnings.map((warning) => (
        <p key={warning} role="alert" className="mt-1 font-semibold text-tomato">
          {warning}
        </p>
      ))}
      <button
        type="button"
        onClick={() => (swapped.unfit && !sure ? setSure(true) : onTake())}
        className={`mt-2 min-h-14 w-full rounded-lg text-lg font-semibold text-paper ${swapped.unfit ? 'bg-tomato' : 'bg-ink'}`}
      >
        {sure ? t('dish.swap.touch-again') : t('dish.swap.take-it')}
      </button>
    </section>
  );
}
