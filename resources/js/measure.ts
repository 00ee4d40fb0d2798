import { t } from './words/messages';

/** How amounts are shown: a cook reads "480 g", "1.36 L", "2 ¾ ladles"; in a kitchen on US units "1 lb 1 oz", "1.4 qt". */

/** To so many decimals, halves upwards wherever the binary fraction lies: 1.265 L is 1.27 L. */
const rounded = (value: number, decimals: number): number =>
  Math.round(value * 10 ** decimals * (1 + Number.EPSILON)) / 10 ** decimals;

export const trimmed = (value: number, decimals: number): string => String(rounded(value, decimals) + 0);

/** Minute of the cook, "−3", "2 ½" is too fine: "2.8". */
export const minute = (min: number): string => trimmed(min, 1).replace('-', '−');

/** The same in whole minutes, as a cook counts them. */
export const wholeMinute = (min: number): string => trimmed(min, 0).replace(/^-0$/, '0').replace('-', '−');

/** How one kitchen reads its amounts. Numbers come metric from the engine; only their showing differs. */
export interface Measure {
  /** mL, as much as there is: "180 mL", "1.36 L". */
  volume: (ml: number) => string;
  /** mL, a dose as it is read off a jug: number and unit apart, for the digits seen across the room. */
  dose: (ml: number) => { number: string; unit: string };
  /** g */
  weight: (g: number) => string;
  /** Less than 10 g or mL of an ingredient: what a kitchen scale or a spoon measures. */
  small: (value: number, unit: 'g' | 'ml') => string;
  /** °C */
  heat: (celsius: number) => string;
  /** cm */
  length: (cm: number) => string;
  /** mm */
  depth: (mm: number) => string;
  /** W into a pan */
  power: (watts: number) => string;
  /** W into a pan, in a list that says a long unit once */
  powerInList: (watts: number) => string;
  /** W, as the plate of a ring says it */
  rated: (watts: number) => string;
  /** mL of stock to a gram of raw rice, */
  ratio: (mlPerGram: number) => string;
  /** and for a column or an axis of such numbers, what they are called and each of them. */
  ratios: { unit: string; long: string; of: (mlPerGram: number) => number };
  /** What a jug is read in, and so what is typed at the stove. */
  jug: { unit: string; ml: number; decimals: number };
  /** What a tall column is graduated in. */
  column: { unit: string; ml: number };
  /** What is typed into forms. */
  typed: Record<Quantity, Typed>;
}

/** What a field of a form asks for. */
export type Quantity = 'length' | 'altitude' | 'heat' | 'volume' | 'weight' | 'burner';

/** A unit that is typed: how the engine's own number is shown in it, and read from it. */
export interface Typed {
  unit: string;
  shown: (metric: number) => number;
  read: (typed: number) => number;
  /** Of what is shown; what is typed counts to its last digit. */
  decimals: number;
}

/** Digits after the point that a typed number keeps on its way to the engine: below anything that is measured. */
const KEPT_DECIMALS = 4;

const typedIn = (unit: string, per = 1, decimals = KEPT_DECIMALS, zero = 0): Typed => ({
  unit,
  shown: (metric) => metric / per + zero,
  read: (value) => Number(((value - zero) * per).toFixed(KEPT_DECIMALS)),
  decimals,
});

export const METRIC: Measure = {
  volume: (ml) => (ml < 999.5 ? `${Math.round(ml)} mL` : `${trimmed(ml / 1000, 2)} L`),
  dose: (ml) =>
    ml < 999.5 ? { number: trimmed(ml, 0), unit: 'mL' } : { number: trimmed(ml / 1000, 2), unit: 'L' },
  weight: (g) => (g < 999.5 ? `${Math.round(g)} g` : `${trimmed(g / 1000, 2)} kg`),
  small: (value, unit) => `${trimmed(value, 2)} ${unit === 'g' ? 'g' : 'mL'}`,
  heat: (celsius) => `${Math.round(celsius)} °C`,
  length: (cm) => `${trimmed(cm, 1)} cm`,
  depth: (mm) => `${Math.round(mm)} mm`,
  power: (watts) => `${Math.round(watts)} W`,
  powerInList: (watts) => `${Math.round(watts)} W`,
  rated: (watts) => `${trimmed(watts / 1000, 1)} kW`,
  ratio: (mlPerGram) => `${mlPerGram.toFixed(2)} mL/g`,
  ratios: { unit: 'mL/g', long: t('measure.ml-to-a-gram'), of: (mlPerGram) => mlPerGram },
  jug: { unit: 'mL', ml: 1, decimals: 0 },
  column: { unit: 'L', ml: 1000 },
  typed: {
    length: typedIn('cm'),
    altitude: typedIn('m'),
    heat: typedIn('°C'),
    volume: typedIn('mL'),
    weight: typedIn('g'),
    burner: typedIn('W'),
  },
};

// NIST Handbook 44, appendix C: exact by definition. tests/Browser/words-and-times.spec.ts holds them against js-quantities.
const ML = { 'fl oz': 3785.411784 / 128, cup: 3785.411784 / 16, qt: 3785.411784 / 4, tsp: 3785.411784 / 768 };
/** Doses below this are read off a jug in tenths of an ounce, mL. */
const SIPS = 60;
/** Threads of saffron are no matter of ounces, g. */
const WEIGHED_IN_GRAMS = 1.4;
const G_PER_OZ = 453.59237 / 16;
const CM_PER_INCH = 2.54;
const M_PER_FOOT = 0.3048;
/** NIST Special Publication 811, appendix B: the international-table Btu, so many joules, an hour. */
const W_PER_BTU_AN_HOUR = 1055.05585262 / 3600;

const perOunce = (mlPerGram: number): number => (mlPerGram * G_PER_OZ) / ML['fl oz'];

const fluidOunces = (ml: number): string => trimmed(ml / ML['fl oz'], 1);

/** "6,540", BTU/h to so many of them. */
const britishUnits = (watts: number, to: number): string =>
  (Math.round(watts / W_PER_BTU_AN_HOUR / to) * to).toLocaleString('en');

export const US: Measure = {
  volume: (ml) => {
    const cups = ml / ML.cup;
    if (cups < 1) {
      return `${fluidOunces(ml)} fl oz`;
    }
    return cups < 8
      ? t('measure.cups', { cups: quarters(cups), count: cups < 1.125 ? 1 : 2 })
      : `${trimmed(ml / ML.qt, 1)} qt`;
  },
  dose: (ml) =>
    ml < ML.qt
      ? { number: trimmed(ml / ML['fl oz'], ml < SIPS ? 1 : 0), unit: 'fl oz' }
      : { number: trimmed(ml / ML.qt, 2), unit: 'qt' },
  weight: (g) => {
    const ounces = g / G_PER_OZ;
    if (ounces < 15.95) {
      return `${trimmed(ounces, ounces < 1 ? 2 : 1)} oz`;
    }
    const whole = Math.round(ounces);
    return `${Math.floor(whole / 16)} lb${whole % 16 === 0 ? '' : ` ${whole % 16} oz`}`;
  },
  small: (value, unit) => {
    if (unit === 'g') {
      return value < WEIGHED_IN_GRAMS ? `${trimmed(value, 2)} g` : `${trimmed(value / G_PER_OZ, 2)} oz`;
    }
    return `${quarters(Math.max(0.25, value / ML.tsp))} tsp`;
  },
  heat: (celsius) => `${Math.round(celsius * 1.8 + 32)} °F`,
  length: (cm) => `${trimmed(cm / CM_PER_INCH, 1)} in`,
  depth: (mm) => `${trimmed(mm / 10 / CM_PER_INCH, 1)} in`,
  power: (watts) => `${britishUnits(watts, 10)} BTU/h`,
  powerInList: (watts) => britishUnits(watts, 10),
  rated: (watts) => `${britishUnits(watts, 100)} BTU/h`,
  ratio: (mlPerGram) => `${perOunce(mlPerGram).toFixed(2)} fl oz/oz`,
  ratios: { unit: 'fl oz/oz', long: t('measure.fl-oz-to-an-ounce'), of: perOunce },
  jug: { unit: 'fl oz', ml: ML['fl oz'], decimals: 1 },
  column: { unit: 'qt', ml: ML.qt },
  typed: {
    length: typedIn('in', CM_PER_INCH, 2),
    altitude: typedIn('ft', M_PER_FOOT, 0),
    heat: typedIn('°F', 1 / 1.8, 0, 32),
    volume: typedIn('fl oz', ML['fl oz'], 1),
    weight: typedIn('oz', G_PER_OZ, 1),
    burner: typedIn('BTU/h', W_PER_BTU_AN_HOUR, 0),
  },
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

/** "2", "½", "1 ¾": so many ladles. */
export const ladleCount = (count: number): string =>
  Math.round(count * 4) === 0 ? t('measure.a-splash') : quarters(count);

/** "2 ladles", "½ ladle", "1 ¾ ladles". */
export function ladles(count: number): string {
  if (Math.round(count * 4) === 0) {
    return ladleCount(count);
  }
  return t('measure.ladles', { ladles: ladleCount(count), count: Math.round(count * 4) <= 4 ? 1 : 2 });
}
