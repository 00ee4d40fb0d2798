import type { Night } from '../contracts.generated';
import { useCook } from '../cook';
import { clock, useNow } from '../time';
import { t } from '../words/messages';
import { called, dues, notesOf, sizes, type Due } from './shape';

const DUE: Record<Due['verb'], (said: { pan: string; ring: string }) => string> = {
  on: (said) => t('night.due.on', said),
  missed: (said) => t('night.due.missed', said),
  off: (said) => t('night.due.off', said),
  table: (said) => t('night.due.table', said),
  work: () => '',
};

/** The next three things to do. */
export function Next({ night, onOpen }: { night: Night; onOpen: (due: Due) => void }) {
  const { timezone } = useCook();
  const now = useNow(5000);
  const next = dues(night, now).slice(0, 3);
  return (
    <ol aria-label={t('night.next')} className="grid grid-cols-3 gap-2 max-md:grid-cols-1">
      {next.map((due) => {
        const overdue = due.at < now - 30_000;
        return (
          <li key={due.key}>
            <button
              onClick={() => onOpen(due)}
              className={`flex min-h-16 w-full items-center gap-3 rounded-lg px-3 py-1 text-left leading-tight ${overdue ? 'bg-tomato text-on-mark' : 'bg-ink text-paper'}`}
            >
              <b className="text-2xl whitespace-nowrap">{clock(due.at, timezone)}</b>
              <span className="min-w-0">
                <b className="block truncate text-lg">
                  {due.work ?? DUE[due.verb]({ pan: due.pan.pan, ring: due.pan.burner })}
                </b>
                <span className="block truncate">
                  {[
                    t('night.for-so-many', { sizes: sizes(due.pan), dish: called(due.pan.dish) }),
                    notesOf(due.pan, night),
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
