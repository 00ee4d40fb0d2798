import type { People } from '../contracts.generated';
import { t } from '../words/messages';

export type Person = People['people'][number];

export const ROLES = [
  ['chef', t('people.words.chef'), t('people.words.everything-kitchen-people-dishes-cooks')],
  ['cook', t('people.words.cook'), t('people.words.plans-cooks-log-dishes')],
  ['trainee', t('people.words.trainee'), t('people.words.plans-cooks-and-reads-changes-nothing')],
] as const;

export const roleWords = (role: string): string => ROLES.find(([value]) => value === role)?.[1] ?? role;
