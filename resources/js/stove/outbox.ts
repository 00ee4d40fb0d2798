import { useQueryClient } from '@tanstack/react-query';
import Dexie, { type EntityTable } from 'dexie';
import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect } from 'react';
import { api, Refusal } from '../api';
import { useCook, whoSays, type SignedInCook } from '../cook';
import type { Touch } from './say';
import { queries } from '../queries';

/**
 * Touches on their way to the server. Each belongs to a pan and to who said it, and is kept on the tablet until the
 * server has said that it is kept there, so a lost connection, a reload or a closed lid loses none; sent twice, it still
 * is one, since the device makes its id. What the server refuses stays too, with why, until somebody decides.
 */

export interface Waiting {
  /** In the order in which they were made. */
  at: number;
  cook: string;
  event: Touch;
  /** Who said it; unknown of what was kept before tablets had many hands. */
  by?: { id: number; name: string };
  /** What the server said to it, and when. */
  refused?: { status: number; why: string; at: number };
}

const TRY_AGAIN_MS = 1500;

/** A pan that was not found may only not have got there yet: asked again so often. */
const LOOK_AGAIN_MS = 30_000;

/** Somebody else's touch is offered once, and again so often. */
const OFFER_AGAIN_MS = 300_000;

const FORBIDDEN = 403;
const NOT_FOUND = 404;

const tablet = new Dexie('velko') as Dexie & { touches: EntityTable<Waiting, 'at'> };
tablet.version(1).stores({ touches: '++at, cook' });

const NONE: Waiting[] = [];

/** Everything that is still on this tablet, oldest first. */
export const useWaiting = (): Waiting[] =>
  useLiveQuery(() => tablet.touches.orderBy('at').toArray(), []) ?? NONE;

/** Whether whoever stands here made it: nobody's touch goes out under another's name. */
export const isOurs = (one: Waiting, cook: SignedInCook): boolean =>
  one.by === undefined || one.by.id === whoSays(cook).id;

export interface Outbox {
  touch: (event: Touch) => void;
  /** Touches of this pan that the server has not confirmed yet, in the order they were made. */
  pending: Touch[];
  /** How many of all pans are on their way. */
  unsent: number;
}

export function useOutbox(pan: string): Outbox {
  const cook = useCook();
  const { id, name } = whoSays(cook);
  const waiting = useWaiting().filter((one) => one.refused === undefined);
  const send = useSender();

  const touch = useCallback(
    (event: Touch) => {
      void tablet.touches.add({ cook: pan, event, by: { id, name } }).then(send);
    },
    [pan, send, id, name],
  );

  return {
    touch,
    pending: waiting.filter((one) => one.cook === pan).map((one) => one.event),
    unsent: waiting.filter((one) => isOurs(one, cook)).length,
  };
}

/** Sends what waits, wherever on the tablet somebody is. */
export function useSending(): void {
  const send = useSender();
  useEffect(() => {
    void send();
    const timer = setInterval(() => void send(), TRY_AGAIN_MS);
    return () => clearInterval(timer);
  }, [send]);
}

/** What was refused goes to the server once more. */
export const sendAgain = (at: number): Promise<unknown> =>
  tablet.touches
    .where('at')
    .equals(at)
    .modify((one) => delete one.refused);

export const throwAway = (at: number): Promise<void> => tablet.touches.delete(at);

let sending = false;

const isDue = (one: Waiting): boolean =>
  one.refused === undefined ||
  (one.refused.status === NOT_FOUND && Date.now() - one.refused.at > LOOK_AGAIN_MS);

/** When somebody else's touch was last offered to the server. It holds those of who was removed, for a chef to decide. */
const offered = new Map<number, number>();

const mayBeHeld = (one: Waiting): boolean => Date.now() - (offered.get(one.at) ?? 0) > OFFER_AGAIN_MS;

/** Before another stands here: what was said goes out under the name of who said it. */
export function useFlush(): () => Promise<void> {
  return useSender();
}

/** Sends what waits, oldest first, one at a time; what cannot be sent now waits on. */
function useSender(): () => Promise<void> {
  const client = useQueryClient();
  const cook = useCook();
  return useCallback(async () => {
    if (sending) {
      return;
    }
    sending = true;
    try {
      const next = () =>
        tablet.touches
          .orderBy('at')
          .filter((one) => (isOurs(one, cook) ? isDue(one) : mayBeHeld(one)))
          .first();
      for (let first = await next(); first; first = await next()) {
        const ours = isOurs(first, cook);
        if (!ours) {
          offered.set(first.at, Date.now());
        }
        try {
          const answer = await api.keep(first.cook, first.event, first.by?.id ?? null);
          // A look that was on its way meanwhile does not know this touch: its answer would bring the step back.
          await client.cancelQueries(queries.cook(first.cook));
          client.setQueryData(queries.cook(first.cook).queryKey, answer);
          await tablet.touches.delete(first.at);
        } catch (fault) {
          if (!ours && fault instanceof Refusal && !fault.signedOut && fault.problem.status < 429) {
            continue;
          }
          // Where somebody else has signed in beside this page, what was said here waits for whoever said it.
          if (
            !(fault instanceof Refusal) ||
            fault.signedOut ||
            fault.problem.status === FORBIDDEN ||
            fault.problem.status >= 429
          ) {
            return;
          }
          const { status, errors } = fault.problem;
          await tablet.touches.update(first.at, {
            refused: { status, why: errors?.[0]?.detail ?? fault.message, at: Date.now() },
          });
        }
      }
    } finally {
      sending = false;
    }
  }, [client, cook]);
}
