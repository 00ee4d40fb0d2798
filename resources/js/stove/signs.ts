import type { Cook } from '../contracts.generated';
import type { Saying } from './say';

type Sign = Extract<Saying, { kind: 'sign' }>['sign'];

/** What can be seen, heard or felt in each kind of pan. */
export const SIGNS: Record<Cook['working']['dish']['family'], readonly { value: Sign; words: string }[]> = {
  risotto: [
    { value: 'wine-gone', words: 'wine gone' },
    { value: 'dry-trail', words: 'the trail stays dry' },
    { value: 'grains-show', words: 'grains show' },
    { value: 'stands', words: 'it stands on the spoon' },
    { value: 'slow-slump', words: 'it slumps slowly' },
    { value: 'wave', words: 'it flows' },
    { value: 'very-loose', words: 'it runs' },
  ],
  'pan-rice': [
    { value: 'grains-show', words: 'grains show' },
    { value: 'crackle', words: 'it crackles' },
    { value: 'spoon-resists', words: 'the spoon resists' },
  ],
  'soupy-rice': [
    { value: 'boils', words: 'it boils again' },
    { value: 'grains-show', words: 'grains show' },
    { value: 'creamy', words: 'creamy' },
    { value: 'loose', words: 'loose' },
    { value: 'soup', words: 'a soup' },
  ],
};
