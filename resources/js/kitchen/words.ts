import type { Kitchen } from '../contracts.generated';
import { ALLERGEN, BASE, DEVICE, DIET, VARIETY } from '../words.generated';
import { t, wordOf } from '../words/messages';

/** Each word of a vocabulary with what a cook reads for it. */
export const labelled = <Word extends string>(all: readonly Word[], labels: Record<Word, string>) =>
  all.map((word): readonly [Word, string] => [word, labels[word]]);

export const FAMILIES: Record<string, string> = {
  risotto: t('kitchen.words.risotto'),
  'pan-rice': t('kitchen.words.pan-rice'),
  'soupy-rice': t('kitchen.words.soupy-rice'),
};

export const VARIETIES = labelled(VARIETY, {
  carnaroli: t('kitchen.words.carnaroli'),
  arborio: t('kitchen.words.arborio'),
  'vialone-nano': t('kitchen.words.vialone-nano'),
  bomba: t('kitchen.words.bomba'),
  round: t('kitchen.words.round-or-medium-grain'),
  sushi: t('kitchen.words.sushi-rice'),
  parboiled: t('kitchen.words.parboiled-long-grain'),
});

export const BASES = labelled(BASE, {
  vegetable: t('kitchen.words.vegetables'),
  mushroom: t('kitchen.words.mushrooms'),
  fish: t('kitchen.words.fish'),
  shellfish: t('kitchen.words.shellfish'),
  poultry: t('kitchen.words.poultry'),
  meat: t('kitchen.words.meat'),
});

export const DIETS = labelled(DIET, {
  vegan: t('kitchen.words.vegan'),
  vegetarian: t('kitchen.words.vegetarian'),
  pescatarian: t('kitchen.words.fish-no-meat'),
  any: t('kitchen.words.anybody'),
});

export const MARKS = [
  { mark: 'low', share: 0.12, net_w: null },
  { mark: 'medium-low', share: 0.25, net_w: null },
  { mark: 'medium', share: 0.4, net_w: null },
  { mark: 'medium-high', share: 0.65, net_w: null },
  { mark: 'high', share: 1, net_w: null },
];

export const ALLERGENS = ALLERGEN.map((one): readonly [string, string] => [one, wordOf('allergen', one)]);

export const DEVICES = labelled(DEVICE, {
  scale: t('kitchen.words.a-scale-under-the-pan'),
  probe: t('kitchen.words.a-probe-in-the-pan'),
  knob: t('kitchen.words.the-rings-knob'),
});

export type Device = Kitchen['devices'][number];
export type Pan = Kitchen['pans'][number];
export type Burner = Kitchen['burners'][number];
export type Ladle = Kitchen['ladles'][number];
export type Rice = Kitchen['rices'][number];
export type Stock = Kitchen['stocks'][number];
