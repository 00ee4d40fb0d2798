import { queryOptions, type QueryClient } from '@tanstack/react-query';
import { api, Refusal } from './api';
import type { Ask, Kitchen, Night, Session } from './contracts.generated';

/* What the screens ask the kitchen for, each document under one name; and what becomes of it when something changes. */

/** Whether somebody was seen at this page: then what they typed may stand on it. */
let somebodyHere = false;

/** Who is signed in. One whose session has ended stays on the page, so that nothing typed is lost, and is asked to sign in. */
async function session(client: QueryClient): Promise<Session> {
  const before = client.getQueryData<Session>(['session']);
  try {
    const now = await api.session();
    if (now.cook === null && before?.cook && somebodyHere) {
      client.setQueryData(queries.ended.queryKey, true);
      return before;
    }
    somebodyHere = now.cook !== null;
    return now;
  } catch (fault) {
    // Without the network whoever was here goes on.
    somebodyHere ||= Boolean(before?.cook) && !(fault instanceof Refusal);
    throw fault;
  }
}

export const queries = {
  session: queryOptions({ queryKey: ['session'], queryFn: ({ client }) => session(client) }),
  /** Whether the session of whoever is on the page has ended. */
  ended: queryOptions({ queryKey: ['ended'], queryFn: () => false, staleTime: Infinity, initialData: false }),
  kitchen: queryOptions({ queryKey: ['kitchen'], queryFn: api.kitchen }),
  people: queryOptions({ queryKey: ['people'], queryFn: api.people }),
  dish: (id: number) => queryOptions({ queryKey: ['dish', id], queryFn: () => api.dish(id) }),
  workOut: (ask: Ask) =>
    queryOptions({ queryKey: ['work-out', ask], queryFn: ({ signal }) => api.workOut(ask, signal) }),
  /** A food is known by its name once and for all. */
  food: (name: string) =>
    queryOptions({
      queryKey: ['food', name],
      queryFn: ({ signal }) => api.food(name, signal),
      staleTime: Infinity,
    }),
  /** The same whenever it is to be at the table. */
  around: (ask: Ask) =>
    queryOptions({
      queryKey: ['around', { ...ask, table_at: '' }],
      queryFn: ({ signal }) => api.around(ask, signal),
    }),
  /** Of a dish as it stands in this version. */
  choices: (ask: Ask, version: number | undefined) =>
    queryOptions({
      queryKey: ['choices', ask.dish_id, version],
      queryFn: ({ signal }) => api.choices(ask, signal),
    }),
  /** Of a dish as it stands in this version, whenever it is to be at the table. */
  sixMains: (ask: Ask, version: number) =>
    queryOptions({
      queryKey: ['six-mains', ask.dish_id, version],
      queryFn: ({ signal }) => api.workOut(ask, signal),
    }),
  /** As it stands now. */
  night: (day: string) => queryOptions({ queryKey: ['night', day], queryFn: () => api.night(day) }),
  /** What it needs, as it stands now. */
  nightLists: (day: string) =>
    queryOptions({ queryKey: ['night', day, 'lists'], queryFn: () => api.nightLists(day) }),
  nights: queryOptions({ queryKey: ['nights'], queryFn: api.nights }),
  /** Of a night that has these firings, these hands and these clashes. */
  nightOffers: (night: Night) =>
    queryOptions({
      queryKey: ['night-offers', night.on, night.firings, night.hands, night.taken, night.merge],
      queryFn: ({ signal }) => api.nightOffers(night.on, signal),
    }),
  cook: (id: string) => queryOptions({ queryKey: ['cook', id], queryFn: () => api.cook(id) }),
  /** As the log stands now. */
  learned: queryOptions({ queryKey: ['learned'], queryFn: api.learned, staleTime: 0 }),
  /** As the log stands now. */
  weeks: queryOptions({ queryKey: ['weeks'], queryFn: api.weeks, staleTime: 0 }),
  /** After so many steps of it are done. */
  waysBack: (id: string, done: number) =>
    queryOptions({ queryKey: ['ways-back', id, done], queryFn: () => api.waysBack(id) }),
};

/** All that was heard of the kitchen, but for who is signed in. */
const allButTheSession = {
  predicate: ({ queryKey }: { queryKey: readonly unknown[] }) =>
    queryKey[0] !== queries.session.queryKey[0] && queryKey[0] !== queries.ended.queryKey[0],
};

/** What is worked out with what the kitchen has. */
const WORKED_OUT = ['work-out', 'six-mains', 'around', 'choices', 'pan-holds', 'night', 'night-offers'];

/** The kitchen is another now: what was worked out with it is asked anew. */
export function kitchenChanged(client: QueryClient, kitchen?: Kitchen): void {
  if (kitchen) {
    client.setQueryData(queries.kitchen.queryKey, kitchen);
  } else {
    void client.invalidateQueries(queries.kitchen);
  }
  for (const name of WORKED_OUT) {
    void client.invalidateQueries({ queryKey: [name] });
  }
}

/** Who reads is another, or reads in other units: what was said is said anew. */
export function readerChanged(client: QueryClient, session: Session): void {
  client.setQueryData(queries.session.queryKey, session);
  void client.invalidateQueries(allButTheSession);
}

/** Another account at the tablet, or none: nothing the last one saw stays behind. */
export function allForgotten(client: QueryClient, session: Session): void {
  client.removeQueries(allButTheSession);
  here(client, session);
}

/** The same account has signed in again: what it typed stands, what it was refused is asked for once more. */
export function signedInAgain(client: QueryClient, session: Session): void {
  here(client, session);
  void client.invalidateQueries(allButTheSession);
}

function here(client: QueryClient, session: Session): void {
  somebodyHere = session.cook !== null;
  client.setQueryData(queries.session.queryKey, session);
  client.setQueryData(queries.ended.queryKey, false);
}
