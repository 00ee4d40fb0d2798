import type { Working } from './contracts.generated';
import { t, wordOf } from './words/messages';

/** What a plate brings, in one line; what nobody has said is never passed over. */
export function allergenWords({ allergens, unknown = [] }: Working['served']): string {
  const known = allergens.map((one) => wordOf('allergen', one.allergen)).join(', ');
  if (unknown.length === 0) {
    return known || t('common.none-of-the-fourteen');
  }
  return t('allergens.known-not-fully-known-join', {
    known: known ? `${known}; ` : '',
    join: unknown.join(', '),
  });
}
