import { Minus, Plus } from 'lucide-react';
import type { ReactNode } from 'react';

/** Takes a row of a form out. */
export function Remove({ label, onPress }: { label: string; onPress: () => void }) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onPress}
      className="grid size-14 place-content-center rounded-lg border-2 border-ink"
    >
      <Minus aria-hidden="true" />
    </button>
  );
}

/** One more row. */
export function Another({ onPress, children }: { onPress: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      onClick={onPress}
      className="mt-2 flex min-h-12 w-full items-center justify-center gap-2 rounded-lg border-2 border-dashed border-ink-soft text-lg"
    >
      <Plus aria-hidden="true" className="size-5" /> {children}
    </button>
  );
}
