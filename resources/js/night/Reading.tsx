import type { FiringEntry } from '../contracts.generated';
import { clockWords } from '../time';
import { t } from '../words/messages';
import { called, hasTable, sizes } from './shape';
import type { Row, Said } from './useTickets';

/** "20:10 · 4 duck · table 7 · no skin": how a ticket is understood. */
export function readWords(said: Said): string {
  return said
    .map(({ dish, entry }) => t('night.row-read', { ...words(entry), dish: called(dish) }))
    .join('; ');
}

function words(entry: FiringEntry) {
  const [label, note] = [entry.label ?? '', entry.note ?? ''];
  return {
    at: entry.table_at === null ? t('night.soon') : clockWords(entry.table_at),
    sizes: sizes({ covers: entry.covers, starters: entry.starters ?? 0 }),
    label,
    has: hasTable(label),
    note,
    noted: note === '' ? 0 : 1,
  };
}

/** What a ticket can mean, each on a key of its own. */
export function Candidates({
  asks,
  chosen,
  onTake,
}: {
  asks: NonNullable<Row['asks']>;
  /** Which of them was taken, if it can still be another. */
  chosen?: number | undefined;
  onTake: (said: Said, at: number) => void;
}) {
  return (
    <span className="flex flex-wrap gap-2">
      {asks.candidates.map((said, at) => (
        <button
          key={readWords(said)}
          type="button"
          aria-pressed={chosen === undefined ? undefined : chosen === at}
          onClick={() => onTake(said, at)}
          className="min-h-12 rounded-lg border-2 border-ink bg-field px-3 text-left text-lg leading-tight font-semibold aria-pressed:bg-saffron"
        >
          {readWords(said)}
        </button>
      ))}
    </span>
  );
}
