import { useQueryClient } from '@tanstack/react-query';
import Dexie, { type EntityTable } from 'dexie';
import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect, useState } from 'react';
import { api, Refusal } from '../api';
import type { Touch } from './say';

/**
 * Touches on their way to the server. Each is kept on the tablet until the server has said that it is kept there, so
 * a lost connection, a reload or a closed lid loses none; sent twice, it still is one, since the device makes its id.
 */

export interface Waiting {
  /** In the order in which they were made. */
  at: number;
  cook: string;
  event: Touch;
}

const TRY_AGAIN_MS = 1500;

const tablet = new Dexie('velko') as Dexie & { touches: EntityTable<Waiting, 'at'> };
tablet.version(1).stores({ touches: '++at, cook' });

export interface Outbox {
  touch: (event: Touch) => void;
  /** Touches of this pan that the server has not confirmed yet, in the order they were made. */
  pending: Touch[];
  /** How many of all pans. */
  unsent: number;
  /** Why the last one was refused, if it was. */
  refused: string | null;
}

const NONE: Waiting[] = [];

export function useOutbox(cook: string): Outbox {
  const [refused, setRefused] = useState<string | null>(null);
  const waiting = useLiveQuery(() => tablet.touches.orderBy('at').toArray(), []) ?? NONE;
  const send = useSender(setRefused);

  useEffect(() => {
    void send();
    const timer = setInterval(() => void send(), TRY_AGAIN_MS);
    return () => clearInterval(timer);
  }, [send]);

  const touch = useCallback(
    (event: Touch) => {
      void tablet.touches.add({ cook, event }).then(send);
    },
    [cook, send],
  );

  return {
    touch,
    pending: waiting.filter((one) => one.cook === cook).map((one) => one.event),
    unsent: waiting.length,
    refused,
  };
}

let sending = false;

/** Sends what waits, oldest first, one at a time; what cannot be sent now waits on. */
function useSender(onRefused: (why: string | null) => void): () => Promise<void> {
  const client = useQueryClient();
  return useCallback(async () => {
    if (sending) {
      return;
    }
    sending = true;
    try {
      for (
        let first = await tablet.touches.orderBy('at').first();
        first;
        first = await tablet.touches.orderBy('at').first()
      ) {
        try {
          const answer = await api.keep(first.cook, first.event);
          // A look that was on its way meanwhile does not know this touch: its answer would bring the step back.
          await client.cancelQueries({ queryKey: ['cook', first.cook] });
          client.setQueryData(['cook', first.cook], answer);
          onRefused(null);
        } catch (fault) {
          if (!(fault instanceof Refusal) || fault.signedOut || fault.problem.status >= 429) {
            return;
          }
          onRefused(fault.problem.errors?.[0]?.detail ?? fault.message);
        }
        await tablet.touches.delete(first.at);
      }
    } finally {
      sending = false;
    }
  }, [client, onRefused]);
}
