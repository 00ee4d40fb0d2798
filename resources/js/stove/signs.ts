import type { Cook } from '../contracts.generated';
import type { Saying } from './say';
import { t } from '../words/messages';

type Sign = Extract<Saying, { kind: 'sign' }>['sign'];

/** What can be seen, heard or felt in each kind of pan. */
export const SIGNS: Record<Cook['working']['dish']['family'], readonly { value: Sign; words: string }[]> = {
  risotto: [
    { value: 'wine-gone', words: t('stove.signs.wine-gone') },
    { value: 'dry-trail', words: t('stove.signs.the-trail-stays-dry') },
    { value: 'grains-show', words: t('stove.signs.grains-show') },
    { value: 'stands', words: t('stove.signs.it-stands-on-the-spoon') },
    { value: 'slow-slump', words: t('stove.signs.it-slumps-slowly') },
    { value: 'wave', words: t('stove.signs.it-flows') },
    { value: 'very-loose', words: t('stove.signs.it-runs') },
  ],
  'pan-rice': [
    { value: 'grains-show', words: t('stove.signs.grains-show') },
    { value: 'crackle', words: t('stove.signs.it-crackles') },
    { value: 'spoon-resists', words: t('stove.signs.the-spoon-resists') },
  ],
  'soupy-rice': [
    { value: 'boils', words: t('stove.signs.it-boils-again') },
    { value: 'grains-show', words: t('stove.signs.grains-show') },
    { value: 'creamy', words: t('common.creamy') },
    { value: 'loose', words: t('common.loose') },
    { value: 'soup', words: t('stove.signs.a-soup') },
  ],
};
