import { useRef, useState } from 'react';
import { api, Refusal } from '../api';
import type { FiringEntry, FiringsRead, Night } from '../contracts.generated';
import { useCook } from '../cook';
import { clock } from '../time';
import { t } from '../words/messages';
import { firingWords } from './shape';
import type { Nightly } from './useNight';

export type Row = FiringsRead['rows'][number];
export type Said = Row['firings'];

/** A ticket that was typed, and what came of it. */
export interface Ticket {
  id: number;
  text: string;
  is:
    | { state: 'waiting' }
    | { state: 'put'; words: string }
    | { state: 'asked'; asks: NonNullable<Row['asks']> }
    | { state: 'refused'; why: string };
}

/** So many tickets that were put on stay in sight; those that are asked about or refused stay until somebody decides. */
const STAY = 3;

/**
 * Tickets one after the other, in the order in which they were typed: the next may be typed while one is still read. None is lost if the
 * connection fails or a ticket is refused.
 */
export function useTickets(day: string, nightly: Nightly, onMany: (text: string, read: FiringsRead) => void) {
  const { timezone } = useCook();
  const [tickets, setTickets] = useState<Ticket[]>([]);
  const [busy, setBusy] = useState(0);
  const nextId = useRef(1);
  const queue = useRef(Promise.resolve());

  const becomes = (id: number, is: Ticket['is']) =>
    setTickets((all) => trimmed(all.map((one) => (one.id === id ? { ...one, is } : one))));
  const leave = (id: number) => setTickets((all) => all.filter((one) => one.id !== id));
  const inTurn = (id: number, act: () => Promise<void>) => {
    setBusy((now) => now + 1);
    becomes(id, { state: 'waiting' });
    queue.current = queue.current
      .then(act)
      .catch((error: unknown) => becomes(id, { state: 'refused', why: why(error) }))
      .finally(() => setBusy((now) => now - 1));
  };
  // A refusal stands beside its ticket, not on the night.
  const put = async (entries: FiringEntry[]) => {
    const night = await api.putFirings(day, entries);
    nightly.came(night);
    return night;
  };
  const putOn = async (id: number, said: Said) => {
    const before = new Set((nightly.night.data?.firings ?? []).map((one) => one.id));
    const night = await put(said.map(({ entry }) => entry));
    becomes(id, { state: 'put', words: newWords(night, before, said.length, timezone) });
  };

  const read = (id: number, text: string) =>
    inTurn(id, async () => {
      const answer = await api.readFirings(day, text);
      const [row] = answer.rows;
      if (answer.as !== 'lines' || answer.rows.length !== 1 || !row) {
        leave(id);
        onMany(text, answer);
      } else if (row.asks !== null) {
        becomes(id, { state: 'asked', asks: row.asks });
      } else if (row.fault !== null) {
        becomes(id, { state: 'refused', why: row.fault });
      } else {
        await putOn(id, row.firings);
      }
    });

  return {
    tickets,
    busy: busy > 0,
    say: (text: string) => {
      const id = nextId.current++;
      setTickets((all) => [{ id, text, is: { state: 'waiting' } }, ...all]);
      read(id, text);
    },
    /** The same ticket in other words. */
    sayAgain: (id: number, text: string) => {
      setTickets((all) => all.map((one) => (one.id === id ? { ...one, text } : one)));
      read(id, text);
    },
    take: (id: number, said: Said) => inTurn(id, () => putOn(id, said)),
    leave,
    /** Several at once, as they were read. */
    putAll: async (entries: FiringEntry[]) => {
      const id = nextId.current++;
      await put(entries);
      setTickets((all) => [
        { id, text: '', is: { state: 'put', words: t('night.so-many-put-on', { firings: entries.length }) } },
        ...all,
      ]);
    },
  };
}

/** What was put on long ago goes; all else stays. */
function trimmed(tickets: Ticket[]): Ticket[] {
  let put = 0;
  return tickets.filter(({ is }) => is.state !== 'put' || ++put <= STAY);
}

function why(error: unknown): string {
  return error instanceof Refusal
    ? (error.problem.errors?.[0]?.detail ?? error.message)
    : error instanceof Error
      ? error.message
      : String(error);
}

/** What was put on and when it will be there: nobody who came unannounced is told less. */
function newWords(night: Night, before: Set<number>, count: number, timezone: string): string {
  const come = night.firings.filter(({ id }) => !before.has(id));
  const [only] = come;
  return count === 1 && come.length === 1 && only
    ? only.there_at === null
      ? t('night.there-not', { firing: firingWords(only) })
      : t('night.there-at', { firing: firingWords(only), at: clock(only.there_at, timezone) })
    : t('night.so-many-put-on', { firings: count });
}
