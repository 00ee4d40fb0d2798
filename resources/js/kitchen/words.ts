import type { Kitchen } from '../contracts.generated';
import { ALLERGEN, BASE, DEVICE, DIET, FAMILY, VARIETY } from '../words.generated';
import { t, type Vocabulary, wordOf } from '../words/messages';

/** Each word of a vocabulary with what a cook reads for it. */
export const labelled = <Word extends string>(all: readonly Word[], labels: Record<Word, string>) =>
  all.map((word): readonly [Word, string] => [word, labels[word]]);

/** Each word of a vocabulary with what a cook reads for it, by its message. */
export const worded = <Word extends string>(vocabulary: Vocabulary, all: readonly Word[]) =>
  all.map((word): readonly [Word, string] => [word, wordOf(vocabulary, word)]);

export const FAMILIES: Record<string, string> = Object.fromEntries(worded('family', FAMILY));

export const VARIETIES = worded('variety', VARIETY);

export const BASES = worded('base', BASE);

export const DIETS = labelled(DIET, {
  vegan: t('kitchen.words.vegan'),
  vegetarian: t('kitchen.words.vegetarian'),
  pescatarian: t('kitchen.words.fish-no-meat'),
  any: t('kitchen.words.anybody'),
});

export const ALLERGENS = worded('allergen', ALLERGEN);

export const DEVICES = worded('device', DEVICE);

/** Where a number of the kitchen comes from. */
export const SOURCES = {
  guessed: t('common.guessed'),
  measured: t('common.measured'),
  learned: t('common.learned'),
  pinned: t('common.pinned'),
};

export type Device = Kitchen['devices'][number];
export type Pan = Kitchen['pans'][number];
export type Burner = Kitchen['burners'][number];
export type Ladle = Kitchen['ladles'][number];
export type Rice = Kitchen['rices'][number];
export type Stock = Kitchen['stocks'][number];
