import { queryOptions, type QueryClient } from '@tanstack/react-query';
import { api } from './api';
import type { Ask, Kitchen, Session } from './contracts.generated';

/* What the screens ask the kitchen for, each document under one name; and what becomes of it when something changes. */

export const queries = {
  session: queryOptions({ queryKey: ['session'], queryFn: api.session }),
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
  cook: (id: string) => queryOptions({ queryKey: ['cook', id], queryFn: () => api.cook(id) }),
  /** After so many steps of it are done. */
  waysBack: (id: string, done: number) =>
    queryOptions({ queryKey: ['ways-back', id, done], queryFn: () => api.waysBack(id) }),
};

/** All that was heard of the kitchen, but for who is signed in. */
const allButTheSession = {
  predicate: ({ queryKey }: { queryKey: readonly unknown[] }) => queryKey[0] !== queries.session.queryKey[0],
};

/** What is worked out with what the kitchen has. */
const WORKED_OUT = ['work-out', 'six-mains', 'around', 'choices', 'pan-holds'];

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
  client.setQueryData(queries.session.queryKey, session);
}
