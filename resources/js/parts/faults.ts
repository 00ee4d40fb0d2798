import { createContext } from 'react';
import type { Problem } from '../contracts.generated';
import { trimmed, type Typed } from '../measure';
import { t } from '../words/messages';

export interface FieldWords {
  label: string;
  /** Where it is typed in units of its own. */
  units?: Typed | undefined;
}

/** What the fields of a form are called on it, by their place in the document: "dish.grams_main" is "A main". */
export const Labels = createContext<Map<string, FieldWords>>(new Map());

type Fault = NonNullable<Problem['errors']>[number];

/** What is wrong, in the words and units of the field. */
export function saidOf({ detail, least, most }: Fault, units: Typed | undefined): string {
  const [from, to] = [least, most].map((value) =>
    units && value !== undefined ? `${trimmed(units.shown(value), units.decimals)} ${units.unit}` : undefined,
  );
  return from !== undefined && to !== undefined
    ? t('parts.faults.must-be-a-number-from-from', { from, to })
    : detail;
}

/** One row of a list, as a cook says it. */
const ROW: Record<string, string> = {
  ingredients: t('parts.faults.ingredient'),
  side_work: t('parts.faults.work'),
  marks: t('parts.faults.mark'),
  dishes: t('parts.faults.dish'),
  pans: t('parts.faults.pan'),
  burners: t('parts.faults.ring'),
  ladles: t('parts.faults.ladle'),
  rices: t('common.rice-4'),
  stocks: t('common.stock'),
  cooks: t('parts.faults.cook'),
  events: t('common.touch'),
  versions: t('parts.faults.version'),
  tests: t('parts.faults.boil-off-test'),
};

/** A JSON Pointer as a cook reads it: "/dish/ingredients/2/amount" is "Ingredient 3, amount". */
export function placeOf(pointer: string, labels: Map<string, FieldWords> = new Map()): string {
  const parts = pointer.split('/').filter((part) => part !== '');
  if (parts.length === 0) {
    return t('common.it');
  }
  const label = labels.get(parts.join('.'))?.label;
  const words: string[] = [];
  for (let at = 0; at < parts.length; at++) {
    const [part = '', next = ''] = [parts[at], parts[at + 1]];
    if (/^\d+$/.test(next)) {
      words.push(`${ROW[part] ?? part.replaceAll('_', ' ')} ${Number(next) + 1}`);
      at++;
    } else if (at === parts.length - 1) {
      words.push(label ?? part.replaceAll('_', ' '));
    } else if (label === undefined) {
      words.push(part.replaceAll('_', ' '));
    }
  }
  const text = words.join(', ');
  return text.charAt(0).toUpperCase() + text.slice(1);
}
