import Qty from 'js-quantities';
import { asNumber } from '../parts/Field';

const PARTS: Record<string, number> = { '¼': 1 / 4, '½': 1 / 2, '¾': 3 / 4, '⅓': 1 / 3, '⅔': 2 / 3 };

/** Units of a kitchen that the library spells otherwise. */
const SPELT: Record<string, string> = {
  'fl oz': 'floz',
  'fluid ounces': 'floz',
  'fluid ounce': 'floz',
  T: 'tbsp',
  t: 'tsp',
};

/**
 * An amount with its unit as a cook writes it, "1 tbsp", "1 ½ cups", "3 oz": in the two that a dish is kept in. Null where the
 * text is no such thing: a plain number, or something to be refused.
 */
export function readAmount(text: string): { amount: number; unit: 'g' | 'ml' } | null {
  const [, digits = '', part = '', written = ''] =
    /^\s*([\d.,]*)\s*([¼½¾⅓⅔]|\d+\/\d+)?\s*([A-Za-z][A-Za-z. ]*)$/.exec(text) ?? [];
  const whole = digits === '' ? 0 : asNumber(digits);
  const [over, under] = part.split('/').map(Number);
  const fraction = PARTS[part] ?? (part === '' ? 0 : (over ?? 0) / (under ?? 1));
  const unit = written.trim().replace(/\.$/, '');
  if (unit === '' || typeof whole !== 'number' || (digits === '' && part === '')) {
    return null;
  }
  const quantity = Qty.parse(`${whole + fraction} ${SPELT[unit] ?? unit}`) as Qty | null; // its types forget that it may not be able to
  const kind = quantity?.kind();
  const to = kind === 'mass' ? 'g' : kind === 'volume' ? 'ml' : null;
  return quantity && to ? { amount: Number(quantity.to(to).scalar.toFixed(1)), unit: to } : null;
}
