import type { Kitchen } from '../contracts.generated';

export const FAMILIES: Record<string, string> = {
  risotto: 'risotto',
  'pan-rice': 'pan rice',
  'soupy-rice': 'soupy rice',
};

export const VARIETIES = [
  ['carnaroli', 'carnaroli'],
  ['arborio', 'arborio'],
  ['vialone-nano', 'vialone nano'],
  ['bomba', 'bomba'],
  ['round', 'round or medium grain'],
  ['sushi', 'sushi rice'],
  ['parboiled', 'parboiled long grain'],
] as const;

export const BASES = [
  ['vegetable', 'vegetables'],
  ['mushroom', 'mushrooms'],
  ['fish', 'fish'],
  ['shellfish', 'shellfish'],
  ['poultry', 'poultry'],
  ['meat', 'meat'],
] as const;

export const DIETS = [
  ['vegan', 'vegan'],
  ['vegetarian', 'vegetarian'],
  ['pescatarian', 'fish, no meat'],
  ['any', 'anybody'],
] as const;

export const ALLERGENS = [
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

export const MARKS = [
  { mark: 'low', share: 0.12, net_w: null },
  { mark: 'medium-low', share: 0.25, net_w: null },
  { mark: 'medium', share: 0.4, net_w: null },
  { mark: 'medium-high', share: 0.65, net_w: null },
  { mark: 'high', share: 1, net_w: null },
];

export const DEVICES = [
  ['scale', 'a scale under the pan'],
  ['probe', 'a probe in the pan'],
  ['knob', 'the ring’s knob'],
] as const;

export type Device = Kitchen['devices'][number];
export type Pan = Kitchen['pans'][number];
export type Burner = Kitchen['burners'][number];
export type Ladle = Kitchen['ladles'][number];
export type Rice = Kitchen['rices'][number];
export type Stock = Kitchen['stocks'][number];
