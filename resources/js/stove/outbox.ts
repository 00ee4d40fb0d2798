import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, Refusal } from '../api';
import type { CookEvent } from '../contracts.generated';

/**
 * Touches on their way to the server. Each is kept on the tablet until the server has said that it is kept there, so
 * a lost connection or a reload loses none; sent twice, it still is one, since the device makes its id.
 */

interface Waiting {
  cook: string;
  event: CookEvent;
}

const KEY = 'velko.outbox';
const TRY_AGAIN_MS = 1500;

function waiting(): Waiting[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? (kept as Waiting[]) : [];
  } catch {
    return [];
  }
}

const keep = (items: Waiting[]) => localStorage.setItem(KEY, JSON.stringify(items));

export interface Outbox {
  touch: (event: CookEvent) => void;
  /** How many touches the server has not confirmed yet. */
  unsent: number;
  /** Why the last one was refused, if it was. */
  refused: string | null;
}

export function useOutbox(cook: string): Outbox {
  const client = useQueryClient();
  const [unsent, setUnsent] = useState(() => waiting().length);
  const [refused, setRefused] = useState<string | null>(null);
  const busy = useRef(false);

  const send = useCallback(async () => {
    if (busy.current) {
      return;
    }
    busy.current = true;
    try {
      for (let [first] = waiting(); first; [first] = waiting()) {
        try {
          const answer = await api.keep(first.cook, first.event);
          client.setQueryData(['cook', first.cook], answer);
          setRefused(null);
        } catch (fault) {
          if (!(fault instanceof Refusal) || fault.signedOut || fault.problem.status >= 429) {
            return;
          }
          setRefused(fault.problem.errors?.[0]?.detail ?? fault.message);
        }
        keep(waiting().slice(1));
      }
    } finally {
      busy.current = false;
      setUnsent(waiting().length);
    }
  }, [client]);

  useEffect(() => {
    void send();
    const timer = setInterval(() => void send(), TRY_AGAIN_MS);
    return () => clearInterval(timer);
  }, [send]);

  const touch = useCallback(
    (event: CookEvent) => {
      keep([...waiting(), { cook, event }]);
      setUnsent(waiting().length);
      void send();
    },
    [cook, send],
  );

  return { touch, unsent, refused };
}
