import type { QueryClient } from '@tanstack/react-query';
import { createContext, useContext } from 'react';
import type { Ask, Session } from './contracts.generated';
import { MEASURES, type Measure } from './measure';
import { forgetAll } from './tablet';
import { allForgotten } from './queries';

export type SignedInCook = NonNullable<Session['cook']>;

const Context = createContext<SignedInCook | null>(null);

export const SignedIn = Context.Provider;

/** Who stands at the tablet. Only below <SignedIn>. */
export function useCook(): SignedInCook {
  const cook = useContext(Context);
  if (cook === null) {
    throw new Error('useCook is for screens behind the sign-in');
  }
  return cook;
}

/** What may be done here now; the server has the last word. */
export function useMay(): { kitchen: boolean; dishes: boolean } {
  const { role } = useCook();
  return { kitchen: role === 'chef', dishes: role !== 'trainee' };
}

/** Who says what is said at this tablet now. */
export const whoSays = (cook: SignedInCook): { id: number; name: string } =>
  cook.hand ?? { id: cook.id, name: cook.name };

/** How this kitchen shows its amounts. */
export const useMeasure = (): Measure => MEASURES[useCook().units];

/** Another cook at the tablet, or none: nothing the last one saw stays behind. */
export function turnOver(client: QueryClient, session: Session): void {
  void forgetAll();
  allForgotten(client, session);
}

/** "22 + 14" where mains and starters share a pan, else the covers. */
export function platesOf(ask: Ask): string {
  return ask.starters ? `${ask.covers} + ${ask.starters}` : String(ask.covers);
}
