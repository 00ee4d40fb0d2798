/** How amounts are shown: a cook reads "480 g", "1.36 L", "2 ¾ ladles"; in a kitchen on US units "1 lb 1 oz", "1.4 qt". */

export const trimmed = (value: number, decimals: number): string => String(Number(value.toFixed(decimals)));

/** Minute of the cook, "−3", "2 ½" is too fine: "2.8". */
export const minute = (min: number): string => trimmed(min, 1).replace('-', '−');

/** How one kitchen reads its amounts. Numbers come metric from the engine; only their showing differs. */
export interface Measure {
  /** mL, as much as there is: "180 mL", "1.36 L". */
  volume: (ml: number) => string;
  /** mL, a dose as it is read off a jug: number and unit apart, for the digits seen across the room. */
  dose: (ml: number) => { number: string; unit: string };
  /** g */
  weight: (g: number) => string;
  /** °C */
  heat: (celsius: number) => string;
  /** cm */
  length: (cm: number) => string;
  /** mm */
  depth: (mm: number) => string;
  /** mL of stock to a gram of raw rice. */
  ratio: (mlPerGram: number) => string;
  /** A sentence of the engine's, its amounts in this kitchen's units. */
  said: (sentence: string) => string;
  /** What a jug is read in, and so what is typed at the stove. */
  jug: { unit: string; ml: number; decimals: number };
  /** What a tall column is graduated in. */
  column: { unit: string; ml: number };
}

export const METRIC: Measure = {
  volume: (ml) => (ml < 999.5 ? `${Math.round(ml)} mL` : `${trimmed(ml / 1000, 2)} L`),
  dose: (ml) => ({ number: trimmed(ml, 0), unit: 'mL' }),
  weight: (g) => (g < 999.5 ? `${Math.round(g)} g` : `${trimmed(g / 1000, 2)} kg`),
  heat: (celsius) => `${Math.round(celsius)} °C`,
  length: (cm) => `${trimmed(cm, 1)} cm`,
  depth: (mm) => `${Math.round(mm)} mm`,
  ratio: (mlPerGram) => `${mlPerGram.toFixed(2)} mL/g`,
  said: (sentence) => sentence,
  jug: { unit: 'mL', ml: 1, decimals: 0 },
  column: { unit: 'L', ml: 1000 },
};

// NIST Handbook 44, appendix C: exact by definition. tests/Browser/words-and-times.spec.ts holds them against js-quantities.
const ML = { 'fl oz': 3785.411784 / 128, cup: 3785.411784 / 16, qt: 3785.411784 / 4 };
const G_PER_OZ = 453.59237 / 16;
const CM_PER_INCH = 2.54;

const fluidOunces = (ml: number): string => trimmed(ml / ML['fl oz'], 1);

export const US: Measure = {
  volume: (ml) => {
    const cups = ml / ML.cup;
    if (cups < 1) {
      return `${fluidOunces(ml)} fl oz`;
    }
    return cups < 8 ? `${quarters(cups)} ${cups < 1.125 ? 'cup' : 'cups'}` : `${trimmed(ml / ML.qt, 1)} qt`;
  },
  dose: (ml) => ({ number: fluidOunces(ml), unit: 'fl oz' }),
  weight: (g) => {
    const ounces = g / G_PER_OZ;
    if (ounces < 15.95) {
      return `${trimmed(ounces, 1)} oz`;
    }
    const whole = Math.round(ounces);
    return `${Math.floor(whole / 16)} lb${whole % 16 === 0 ? '' : ` ${whole % 16} oz`}`;
  },
  heat: (celsius) => `${Math.round(celsius * 1.8 + 32)} °F`,
  length: (cm) => `${trimmed(cm / CM_PER_INCH, 1)} in`,
  depth: (mm) => `${trimmed(mm / 10 / CM_PER_INCH, 1)} in`,
  ratio: (mlPerGram) => `${((mlPerGram * G_PER_OZ) / ML['fl oz']).toFixed(2)} fl oz/oz`,
  said: (sentence) =>
    sentence.replace(
      /(?<![\d.,])(\d[\d,]*(?:\.\d+)?) (mL to a gram|mL|L|g|kg|°C|cm|mm)(?![\p{L}²])/gu,
      (all, digits: string, unit: string) => SPOKEN[unit]?.(Number(digits.replaceAll(',', ''))) ?? all,
    ),
  jug: { unit: 'fl oz', ml: ML['fl oz'], decimals: 1 },
  column: { unit: 'qt', ml: ML.qt },
};

const SPOKEN: Record<string, (value: number) => string> = {
  mL: US.volume,
  L: (litres) => US.volume(1000 * litres),
  // What weighs next to nothing stays in grams: no scale reads a hundredth of an ounce.
  g: (grams) => (grams < 10 ? `${trimmed(grams, 1)} g` : US.weight(grams)),
  kg: (kilos) => US.weight(1000 * kilos),
  '°C': US.heat,
  cm: US.length,
  mm: US.depth,
};

/** How a kitchen shows its amounts, by its setting. */
export const MEASURES: Record<'metric' | 'us', Measure> = { metric: METRIC, us: US };

const QUARTERS = ['', '¼', '½', '¾'];

function quarters(value: number): string {
  const count = Math.round(value * 4);
  const whole = Math.floor(count / 4);
  const part = QUARTERS[count % 4] ?? '';
  return whole === 0 ? part : part === '' ? String(whole) : `${whole} ${part}`;
}

/** "2 ladles", "½ ladle", "1 ¾ ladles". */
export function ladles(count: number): string {
  if (Math.round(count * 4) === 0) {
    return 'a splash';
  }
  return `${quarters(count)} ${Math.round(count * 4) <= 4 ? 'ladle' : 'ladles'}`;
}
