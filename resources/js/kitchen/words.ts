import type { Kitchen } from '../contracts.generated';
import { BASE, DEVICE, DIET, VARIETY } from '../words.generated';

/** Each word of a vocabulary with what a cook reads for it. */
export const labelled = <Word extends string>(all: readonly Word[], labels: Record<Word, string>) =>
  all.map((word): readonly [Word, string] => [word, labels[word]]);

export const FAMILIES: Record<string, string> = {
  risotto: 'risotto',
  'pan-rice': 'pan rice',
  'soupy-rice': 'soupy rice',
};

export const VARIETIES = labelled(VARIETY, {
  carnaroli: 'carnaroli',
  arborio: 'arborio',
  'vialone-nano': 'vialone nano',
  bomba: 'bomba',
  round: 'round or medium grain',
  sushi: 'sushi rice',
  parboiled: 'parboiled long grain',
});

export const BASES = labelled(BASE, {
  vegetable: 'vegetables',
  mushroom: 'mushrooms',
  fish: 'fish',
  shellfish: 'shellfish',
  poultry: 'poultry',
  meat: 'meat',
});

export const DIETS = labelled(DIET, {
  vegan: 'vegan',
  vegetarian: 'vegetarian',
  pescatarian: 'fish, no meat',
  any: 'anybody',
});

export const MARKS = [
  { mark: 'low', share: 0.12, net_w: null },
  { mark: 'medium-low', share: 0.25, net_w: null },
  { mark: 'medium', share: 0.4, net_w: null },
  { mark: 'medium-high', share: 0.65, net_w: null },
  { mark: 'high', share: 1, net_w: null },
];

export const DEVICES = labelled(DEVICE, {
  scale: 'a scale under the pan',
  probe: 'a probe in the pan',
  knob: 'the ring’s knob',
});

export type Device = Kitchen['devices'][number];
export type Pan = Kitchen['pans'][number];
export type Burner = Kitchen['burners'][number];
export type Ladle = Kitchen['ladles'][number];
export type Rice = Kitchen['rices'][number];
export type Stock = Kitchen['stocks'][number];
