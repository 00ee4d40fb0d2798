import { X } from 'lucide-react';
import type { OwnTaken } from '../contracts.generated';
import { useMeasure } from '../cook';
import { minute } from '../measure';
import { t } from '../words/messages';

/** What another number does to the pans that come next. */
export function ComesNext({
  taken: { changes, left_out },
  onClose,
}: {
  taken: OwnTaken;
  onClose: () => void;
}) {
  const { volume } = useMeasure();
  return (
    <section
      aria-label={t('taught.pans-that-come-next')}
      className="mt-3 rounded-lg border-2 border-ink bg-field p-4"
    >
      <div className="flex items-start gap-4">
        <h2 className="flex-1 text-xl font-bold">
          {changes.length > 0
            ? t('taught.so-many-are-others', { pans: changes.length })
            : left_out === 0 && t('taught.no-pan-that-comes-next')}{' '}
          {left_out > 0 && t('taught.so-many-not-worked-out', { pans: left_out })}
        </h2>
        <button
          onClick={onClose}
          aria-label={t('common.close')}
          className="-m-2 grid size-14 shrink-0 place-content-center"
        >
          <X aria-hidden="true" />
        </button>
      </div>
      <ul>
        {changes.map((one, row) => (
          <li
            key={row}
            className="grid grid-cols-[minmax(0,1fr)_auto_auto] items-baseline gap-x-5 border-t border-rule py-1.5 text-lg max-md:grid-cols-1"
          >
            <span>
              <b>
                {one.covers} × {one.dish}
              </b>{' '}
              <span className="text-ink-soft">
                {one.pan}, {one.ring}
              </span>
            </span>
            <span className="whitespace-nowrap">
              {t('taught.stock-then', { before: volume(one.stock_ml) })}{' '}
              <b className="text-xl">{volume(one.stock_ml_then)}</b>
            </span>
            <span className="whitespace-nowrap text-ink-soft">
              {t('taught.off-then', { before: minute(one.pull_min), then: minute(one.pull_min_then) })}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
