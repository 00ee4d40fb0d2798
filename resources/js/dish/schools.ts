import type { Choices } from '../contracts.generated';
import type { Body } from './newDish';

/* Which step of a dish each school belongs to, which one a dish has, and what taking another changes on it. */

export type Code = Choices['choices'][number]['code'];
export type StepName = 'base' | 'rice' | 'wine' | 'stock' | 'crust' | 'finish' | 'table';

/** °C: from the freezer, from the fridge, soft. */
export const BUTTER_C: Readonly<Record<string, number>> = { frozen: -18, cold: 4, soft: 20 };

/** Within so many kelvin butter is as cold. */
const AS_COLD = 8;

/** What a dish that has none is given of it, to 80 g of rice: common practice, no single source. */
const USUAL = { butter: 15, cream: 25, marrow: 15, oil: 15, wine: 30, soak: 18, oven: 190 };
const FORTIFIED = 18;
const TABLE_WINE = 12.5;

interface School {
  step: StepName;
  /** The one a dish has. */
  of: (dish: Body) => string;
  /** The fields that another one changes. */
  take: (school: string, dish: Body) => Partial<Body>;
}

const plain = (
  step: StepName,
  field: 'fat' | 'doses' | 'stirring' | 'pace' | 'cover' | 'crust' | 'crust_school',
): School => ({
  step,
  of: (dish) => dish[field] ?? '',
  take: (school) => ({ [field]: school }),
});

const either = (step: StepName, field: keyof Body, on: string, off: string): School => ({
  step,
  of: (dish) => (dish[field] === true ? on : off),
  take: (school) => ({ [field]: school === on }),
});

/** Washed, soaked, drained into boiling stock, and covered when its top is dry. */
const isSteamed = ({ soak_min, rained_in, cover }: Body): boolean =>
  soak_min > 0 && rained_in === true && cover === 'from-the-grains';

export const SCHOOLS: Record<Code, School> = {
  fat: plain('base', 'fat'),
  toast: {
    step: 'rice',
    of: (dish) => (dish.sealed ? dish.toast : 'not-toasted'),
    take: (school) =>
      school === 'not-toasted'
        ? { sealed: false }
        : { sealed: true, soak_min: 0, toast: school as Body['toast'] },
  },
  soak: {
    step: 'rice',
    of: (dish) => (dish.soak_min > 0 ? 'washed-and-soaked' : 'as-it-comes'),
    take: (school, dish) =>
      school === 'as-it-comes'
        ? { soak_min: 0, rinsed: false, sealed: true }
        : { soak_min: dish.soak_min > 0 ? dish.soak_min : USUAL.soak, rinsed: true, sealed: false },
  },
  order: {
    step: 'rice',
    of: ({ rained_in, base_apart }) =>
      rained_in ? (base_apart ? 'base-to-the-stock' : 'stock-first') : 'rice-first',
    take: (school) => ({
      rained_in: school !== 'rice-first',
      base_apart: school === 'base-to-the-stock',
    }),
  },
  way: {
    step: 'rice',
    of: (dish) => (isSteamed(dish) ? 'washed-soaked-steamed' : 'its-own'),
    take: (school, dish) =>
      school === 'its-own'
        ? { soak_min: 0, rinsed: false, sealed: true, rained_in: false, cover: 'open', crust: 'gold' }
        : {
            soak_min: dish.soak_min > 0 ? dish.soak_min : USUAL.soak,
            rinsed: true,
            sealed: false,
            rained_in: true,
            cover: 'from-the-grains',
            crust: 'none',
            oven_c: null,
          },
  },
  wine: {
    step: 'wine',
    of: ({ wine_ml_per_80_g, wine_cooked_off = false, wine_percent = TABLE_WINE }) =>
      wine_ml_per_80_g <= 0
        ? 'no-wine'
        : wine_percent >= FORTIFIED
          ? 'wine-fortified'
          : wine_cooked_off
            ? 'wine-cooked-off'
            : 'wine-as-it-comes',
    take: (school, { wine_ml_per_80_g, wine_percent = TABLE_WINE }) =>
      school === 'no-wine'
        ? { wine_ml_per_80_g: 0 }
        : {
            wine_ml_per_80_g: wine_ml_per_80_g > 0 ? wine_ml_per_80_g : USUAL.wine,
            wine_cooked_off: school === 'wine-cooked-off',
            wine_percent:
              school === 'wine-fortified' ? FORTIFIED : wine_percent < FORTIFIED ? wine_percent : TABLE_WINE,
          },
  },
  doses: plain('stock', 'doses'),
  pours: either('stock', 'two_pours', 'two', 'one'),
  stirring: plain('stock', 'stirring'),
  pace: plain('stock', 'pace'),
  cover: plain('stock', 'cover'),
  crust: plain('crust', 'crust'),
  'second-half': {
    step: 'crust',
    of: ({ oven_c }) => (typeof oven_c === 'number' ? 'in-the-oven' : 'on-the-ring'),
    take: (school, { oven_c }) =>
      school === 'in-the-oven' ? { oven_c: oven_c ?? USUAL.oven, crust: 'none' } : { oven_c: null },
  },
  'crust-school': plain('crust', 'crust_school'),
  butter: {
    step: 'finish',
    of: ({
      butter_g_per_80_g,
      butter_c = 4,
      cream_g_per_80_g = 0,
      marrow_g_per_80_g = 0,
      oil_g_per_80_g = 0,
    }) =>
      butter_g_per_80_g > 0
        ? (Object.entries(BUTTER_C).find(([, celsius]) => Math.abs(celsius - butter_c) < AS_COLD)?.[0] ?? '')
        : cream_g_per_80_g > 0
          ? 'cream'
          : marrow_g_per_80_g > 0
            ? 'marrow'
            : oil_g_per_80_g > 0
              ? 'oil'
              : 'no-butter',
    take: (school, { butter_g_per_80_g }) => {
      const celsius = BUTTER_C[school];
      return {
        butter_g_per_80_g:
          celsius === undefined ? 0 : butter_g_per_80_g > 0 ? butter_g_per_80_g : USUAL.butter,
        cream_g_per_80_g: school === 'cream' ? USUAL.cream : 0,
        marrow_g_per_80_g: school === 'marrow' ? USUAL.marrow : 0,
        oil_g_per_80_g: school === 'oil' ? USUAL.oil : 0,
        ...(celsius === undefined ? {} : { butter_c: celsius }),
      };
    },
  },
  'finish-on': either('finish', 'finish_on_the_heat', 'lowest-heat', 'off'),
  served: either('table', 'plated', 'plated', 'in-the-pan'),
};

/** The step at which an ingredient goes in. */
export const stepOf = (goes: Body['ingredients'][number]['goes']): StepName =>
  goes === 'base' ? 'base' : goes === 'with-the-rice' ? 'rice' : goes === 'on-top' ? 'table' : 'stock';

/** Whether it is cooked in the base first. */
export const isCookedFirst = (one: Body['ingredients'][number]): boolean =>
  (one.before_min ?? 0) > 0 || (one.until !== undefined && one.until !== null);
