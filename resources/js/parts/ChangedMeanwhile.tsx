import type { FieldValues } from 'react-hook-form';
import { t } from '../words/messages';
import { placeOf, type FieldWords } from './faults';

/** Somebody saved the same thing meanwhile: what theirs is now, and which of them it shall be. */
export function ChangedMeanwhile({
  from,
  to,
  labels,
  onMine,
  onTheirs,
}: {
  /** As it was when somebody began to type. */
  from: FieldValues;
  /** As it is now. */
  to: FieldValues;
  labels: Map<string, FieldWords>;
  /** The next that is saved is put over theirs. */
  onMine: () => void;
  onTheirs: () => void;
}) {
  const others = Object.keys(to).filter((name) => JSON.stringify(from[name]) !== JSON.stringify(to[name]));
  return (
    <section
      role="alert"
      aria-label={t('dish.meanwhile.meanwhile')}
      className="rounded-lg border-2 border-tomato p-4 text-lg"
    >
      <p className="font-semibold">{t('parts.changedMeanwhile.somebody-changed-it')}</p>
      <ul>
        {others.map((name) => (
          <li key={name}>
            {t('parts.changedMeanwhile.field-is-now', {
              field: placeOf(`/${name}`, labels),
              now: said(to[name]),
            })}
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          onClick={onMine}
          className="min-h-14 rounded-lg bg-ink px-6 font-semibold text-paper"
        >
          {t('dish.meanwhile.save-mine-over-it')}
        </button>
        <button
          type="button"
          onClick={onTheirs}
          className="min-h-14 rounded-lg border-2 border-ink px-6 font-semibold"
        >
          {t('dish.meanwhile.take-theirs')}
        </button>
      </div>
    </section>
  );
}

/** Lists are told by their length: what is in them stands on the form once theirs is taken. */
function said(value: unknown): string {
  if (Array.isArray(value)) {
    return t('parts.changedMeanwhile.so-many-lines', { count: value.length });
  }
  return typeof value === 'string' || typeof value === 'number'
    ? String(value)
    : t('parts.changedMeanwhile.another');
}
