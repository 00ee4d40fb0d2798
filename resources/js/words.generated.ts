/* Made from contracts/words.json by contracts/types.mjs. Do not edit; run `npm run types`. */

/** what the tooth says */
export const BITE = ['hard heart', 'crunchy', 'firm heart', 'right', 'soft', 'mush'] as const;

/** of rice */
export const VARIETY = [
  'arborio',
  'carnaroli',
  'vialone-nano',
  'bomba',
  'round',
  'sushi',
  'parboiled',
] as const;

/** what amounts are read in */
export const UNITS = ['metric', 'us'] as const;

/** hours of the day */
export const CLOCK = ['12', '24'] as const;

/** what a stock is made of */
export const BASE = ['vegetable', 'mushroom', 'fish', 'shellfish', 'poultry', 'meat'] as const;

/** the fourteen of Regulation (EU) No 1169/2011, annex II */
export const ALLERGEN = [
  'celery',
  'crustaceans',
  'egg',
  'fish',
  'gluten',
  'lupin',
  'milk',
  'molluscs',
  'mustard',
  'nuts',
  'peanuts',
  'sesame',
  'soy',
  'sulphites',
] as const;

/** what a guest eats, strictest first */
export const DIET = ['vegan', 'vegetarian', 'pescatarian', 'any'] as const;

/** in a kitchen */
export const ROLE = ['chef', 'cook', 'trainee'] as const;

/** of a ring */
export const FUEL = ['gas', 'induction'] as const;

/** how a plate lies, each family its own words */
export const LOOSENESS = [
  'stands',
  'slow slump',
  'wave',
  'very loose',
  'creamy',
  'loose',
  'soup',
  'dry',
  'moist',
] as const;

/** what speaks for itself at a ring */
export const DEVICE = ['scale', 'probe', 'knob'] as const;

/** of an ingredient */
export const UNIT = ['g', 'ml', 'pieces'] as const;

/** of dishes */
export const FAMILY = ['risotto', 'pan-rice', 'soupy-rice'] as const;

/** how much the spoon moves */
export const STIRRING = ['constant', 'now-and-then', 'never'] as const;

/** of the grain */
export const TOASTING = ['quick', 'medium', 'slow'] as const;

/** of the floor */
export const BROWNING = ['pale', 'gold', 'dark', 'burnt'] as const;

/** what a cook sees go wrong */
export const TROUBLE = [
  'hard-and-dry',
  'hard-and-wet',
  'soft-outside',
  'swimming',
  'tight',
  'catching',
  'wet-late',
  'dry-early',
  'top-hard',
  'pale-rim',
  'bitter',
  'too-salty',
  'stock-out',
  'set-up',
] as const;

/** schools of dosing a risotto */
export const DOSES = [
  'ladle-by-ladle',
  'little-and-often',
  'kept-covered',
  'cooked-down',
  'one-pour',
] as const;

/** wished for */
export const CRUST = ['none', 'gold', 'dark'] as const;

/** ways of making a crust */
export const CRUST_SCHOOL = ['short-and-hot', 'long-and-gentle'] as const;

/** what an ingredient scales with */
export const SCALES = ['main', 'plate', 'floor', 'pan'] as const;

/** what a cook sees or hears in the pan */
export const SIGN = [
  'wine-gone',
  'dry-trail',
  'grains-show',
  'crackle',
  'spoon-resists',
  'boils',
  'stands',
  'slow-slump',
  'wave',
  'very-loose',
  'creamy',
  'loose',
  'soup',
] as const;

/** a pan that a kitchen can be set up with */
export const KIT_PAN = ['sautoir-24', 'sautoir-28', 'rondeau-36', 'wide-34', 'wide-42', 'pot-8'] as const;

/** a ring that a kitchen can be set up with */
export const KIT_RING = ['gas', 'gas-strong', 'gas-big', 'induction'] as const;
