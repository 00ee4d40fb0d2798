import { useCallback, useState } from 'react';
import type { Ask, Working } from '../contracts.generated';

/* Covers that no one pan takes, shared over several: while one of them is looked at the others stay on the screen. */

const KEPT = 'velko.shared';

type Batch = Working['batches'][number];

export interface Shared {
  /** The ask for all of them together. */
  whole: Ask;
  batches: Batch[];
  /** The rows that are on the fire already. */
  on: number[];
  /** The row on the bench. */
  at: number;
}

/** Fields of the ask that say how many of what: whoever changes them cooks something else than what was shared. */
const WHAT = ['covers', 'starters', 'portion', 'dish_id'] as const;

export interface Sharing {
  shared: Shared | null;
  /** One of the pans is taken to the bench. */
  take: (whole: Ask, batches: Batch[], row: number) => Ask;
  /** The one on the bench has been put on the fire. */
  putOn: () => void;
  /** Something was changed by hand. */
  changed: (part: Partial<Ask>) => void;
  /** All of them together again. */
  together: () => void;
}

function read(ask: Ask): Shared | null {
  try {
    const kept = JSON.parse(sessionStorage.getItem(KEPT) ?? 'null') as Shared | null;
    return kept?.whole.dish_id === ask.dish_id ? kept : null;
  } catch {
    return null; // what cannot be read is begun anew
  }
}

export function useShared(ask: Ask): Sharing {
  const [shared, setShared] = useState(() => read(ask));
  const keep = useCallback((next: Shared | null) => {
    sessionStorage.setItem(KEPT, JSON.stringify(next));
    setShared(next);
  }, []);
  const changed = useCallback(
    (part: Partial<Ask>) => {
      if (WHAT.some((field) => field in part)) {
        keep(null);
      }
    },
    [keep],
  );

  return {
    shared,
    take: (whole, batches, row) => {
      keep({ whole, batches, on: shared?.on ?? [], at: row });
      return { ...whole, ...batches[row]?.change };
    },
    putOn: () => {
      if (shared !== null) {
        keep({ ...shared, on: [...new Set([...shared.on, shared.at])] });
      }
    },
    changed,
    together: () => keep(null),
  };
}
