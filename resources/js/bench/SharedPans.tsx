import type { Ask, Working } from '../contracts.generated';
import { platesOf } from '../cook';
import { clockWords } from '../time';
import type { Shared, Sharing } from './shared';
import { t } from '../words/messages';

type Batch = Working['batches'][number];

/** The covers shared over several pans, each a touch away; the others stay while one is on the bench. */
export function SharedPans({
  working,
  sharing,
  takeAsk,
}: {
  working: Working;
  sharing: Sharing;
  takeAsk: (ask: Ask) => void;
}) {
  const { shared, take, together } = sharing;
  const batches = shared?.batches ?? working.batches;
  const whole = shared?.whole ?? working.ask;
  if (batches.length === 0) {
    return null;
  }
  const rounds = [...new Set(batches.map((batch) => batch.round))];
  return (
    <li className="rounded-lg border-2 border-ink bg-paper p-2.5 text-base leading-snug">
      <p className="font-semibold">
        {t('bench.sharedPans.no-one-pan-here-takes-whole', { whole: platesOf(whole) })}
      </p>
      {rounds.map((round) => (
        <div key={round}>
          {rounds.length > 1 && <p className="mt-2">{roundOf(batches, round)}</p>}
          <ul className="mt-1.5 grid gap-1.5">
            {batches.map((batch, row) =>
              batch.round === round ? (
                <li key={row}>
                  <button
                    aria-pressed={shared?.at === row}
                    onClick={() => takeAsk(take(whole, batches, row))}
                    className="flex min-h-12 w-full items-center gap-3 rounded-md border-2 border-ink bg-ink px-3 py-1 text-left text-paper aria-pressed:bg-paper aria-pressed:text-ink"
                  >
                    <b className="text-2xl">{batch.covers}</b>
                    <span className="leading-tight">
                      {t('bench.sharedPans.pan-on-burner', { pan: batch.pan, burner: batch.burner })}
                      <span className="block text-sm">{standing(shared, row, batch)}</span>
                    </span>
                  </button>
                </li>
              ) : null,
            )}
          </ul>
        </div>
      ))}
      {shared && (
        <button
          onClick={() => {
            together();
            takeAsk(whole);
          }}
          className="mt-1.5 min-h-12 w-full rounded-md border-2 border-ink px-3 text-left font-semibold"
        >
          {t('bench.sharedPans.all-whole-together', { whole: platesOf(whole) })}
        </button>
      )}
    </li>
  );
}

/** "First, table 19:30" */
function roundOf(batches: Batch[], round: number): string {
  const table = batches.find((batch) => batch.round === round)?.table_at ?? '00:00';
  return round === 1
    ? t('bench.sharedPans.first-table-table', { table: clockWords(table) })
    : t('bench.sharedPans.then-in-pans-that-are-free', { table: clockWords(table) });
}

function standing(shared: Shared | null, row: number, batch: Batch): string {
  if (shared?.on.includes(row)) {
    return t('common.on-the-fire-4');
  }
  return shared?.at === row
    ? t('bench.sharedPans.on-the-bench-now')
    : t('bench.sharedPans.takes-most', { most: batch.most });
}
