import type { Plan } from '../contracts.generated';
import { useMeasure } from '../cook';
import { list, t } from '../words/messages';

const PARTS = [
  { key: 'drunk_g', label: t('common.drunk-by-the-rice'), fill: 'var(--color-grain)' },
  { key: 'boiled_off_g', label: t('common.boiled-off'), fill: 'var(--color-steam)' },
  { key: 'free_g', label: t('pictures.whereItGoes.left-as-sauce'), fill: 'var(--color-stock-light)' },
] as const;

/** mL under which nobody asks where it came from. */
const WORTH_A_WORD = 5;

/** One bar: where every millilitre of stock and wine ends, and of what else brings water. */
export function WhereItGoes({ plan }: { plan: Plan }) {
  const { balance } = plan;
  const { volume } = useMeasure();
  const brought = balance.brought_g ?? 0;
  const total = balance.stock_ml + balance.wine_ml + Math.max(0, brought);
  const parts = PARTS.filter((part) => balance[part.key] >= 0.5);
  return (
    <figure>
      <figcaption className="text-sm text-ink-soft">{t('pictures.whereItGoes.where-it-goes')}</figcaption>
      <div className="mt-1 flex h-7 overflow-hidden rounded border-2 border-ink" aria-hidden="true">
        {parts.map((part) => (
          <div
            key={part.key}
            style={{ width: `${(100 * balance[part.key]) / total}%`, background: part.fill }}
            className="border-r-2 border-ink last:border-0"
          />
        ))}
      </div>
      <dl className="mt-1 grid grid-cols-[auto_1fr_auto] items-center gap-x-2 text-[15px] leading-snug">
        {parts.map((part) => (
          <div key={part.key} className="contents">
            <dt className="contents">
              <span
                aria-hidden="true"
                className="size-3 border border-ink"
                style={{ background: part.fill }}
              />
              <span>{part.label}</span>
            </dt>
            <dd className="text-right font-semibold">{volume(balance[part.key])}</dd>
          </div>
        ))}
      </dl>
      {Math.abs(brought) >= WORTH_A_WORD && (
        <p className="mt-1 text-[15px] leading-snug text-ink-soft">
          {brought > 0
            ? t('pictures.whereItGoes.brought', {
                volume: volume(brought),
                by: list(balance.brought_by ?? []),
              })
            : t('pictures.whereItGoes.taken-up', { volume: volume(-brought) })}
        </p>
      )}
    </figure>
  );
}
