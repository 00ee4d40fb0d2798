/** How amounts are shown: a cook reads "480 g", "1.36 L", "2 ¾ ladles". */

export const millilitres = (ml: number): string => (ml < 999.5 ? `${Math.round(ml)} mL` : `${litres(ml)} L`);

/** A dose, as it is read off a jug: always in mL. */
export const dose = (ml: number): string => `${Math.round(ml)} mL`;

export const litres = (ml: number): string => trimmed(ml / 1000, 2);

export const grams = (g: number): string => (g < 999.5 ? `${Math.round(g)} g` : `${trimmed(g / 1000, 2)} kg`);

export const trimmed = (value: number, decimals: number): string => String(Number(value.toFixed(decimals)));

const QUARTERS = ['', '¼', '½', '¾'];

/** "2 ladles", "½ ladle", "1 ¾ ladles". */
export function ladles(count: number): string {
  const quarters = Math.round(count * 4);
  if (quarters === 0) {
    return 'a splash';
  }
  const whole = Math.floor(quarters / 4);
  const part = QUARTERS[quarters % 4] ?? '';
  const number = whole === 0 ? part : part === '' ? String(whole) : `${whole} ${part}`;
  return `${number} ${quarters <= 4 ? 'ladle' : 'ladles'}`;
}

/** Minute of the cook, "−3", "2 ½" is too fine: "2.8". */
export const minute = (min: number): string => trimmed(min, 1).replace('-', '−');
