import type { DishPage } from '../contracts.generated';

export type Body = DishPage['dish'];

/** What a dish of a family is before anybody has said more. */
export function blank(family: Body['family']): Body {
  const risotto = family === 'risotto';
  const pan = family === 'pan-rice';
  return {
    name: '',
    family,
    grams_main: risotto ? 80 : pan ? 60 : 70,
    grams_starter: 45,
    wine_ml_per_80_g: risotto ? 30 : 0,
    doses: risotto ? 'ladle-by-ladle' : 'one-pour',
    stirring: risotto ? 'constant' : pan ? 'never' : 'now-and-then',
    sealed: true,
    toast: 'medium',
    rinsed: false,
    soak_min: 0,
    finish_min: risotto ? 1 : 0,
    rest_min: pan ? 5 : 0,
    rest_covered: pan,
    looseness: risotto ? 0.85 : pan ? 0 : 3,
    crust: pan ? 'gold' : 'none',
    crust_school: 'short-and-hot',
    minutes_to_table: 2,
    diet: 'vegetarian',
    finish: '',
    butter_g_per_80_g: risotto ? 15 : 0,
    butter_salted: false,
    cheese_g_per_80_g: risotto ? 15 : 0,
    garnish: '',
    ingredients: [],
    side_work: [],
  };
}
