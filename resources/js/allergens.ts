import type { Working } from './contracts.generated';

/** What a plate brings, in one line; what nobody has said is never passed over. */
export function allergenWords({ allergens, unknown = [] }: Working['served']): string {
  const known = allergens.map((one) => one.allergen).join(', ');
  if (unknown.length === 0) {
    return known || 'none of the fourteen';
  }
  return `${known ? `${known}; ` : ''}not fully known: ${unknown.join(', ')}`;
}
