import type { People } from '../contracts.generated';

export type Person = People['people'][number];

export const ROLES = [
  ['chef', 'Chef', 'everything: kitchen, people, dishes, cooks'],
  ['cook', 'Cook', 'plans, cooks, log, dishes'],
  ['trainee', 'Trainee', 'plans, cooks and reads; changes nothing of the kitchen'],
] as const;

export const roleWords = (role: string): string => ROLES.find(([value]) => value === role)?.[1] ?? role;
