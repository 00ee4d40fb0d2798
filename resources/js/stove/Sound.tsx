import { Bell, BellOff, BellRing } from 'lucide-react';
import { useSyncExternalStore } from 'react';
import { isQuiet, setQuiet, sound, whenSoundChanges, type Sound } from './calls';
import { t } from '../words/messages';

const useSound = (): Sound => useSyncExternalStore(whenSoundChanges, sound);

const WORDS: Record<Sound, string> = {
  chime: t('stove.sound.it-calls-with-a-chime'),
  asleep: t('stove.sound.the-chime-sleeps-until-the-screen'),
  quiet: t('stove.sound.quiet-it-calls-by-colour-only'),
  none: t('stove.sound.no-sound-on-this-tablet-it'),
};

/** The bell: how it calls, and a touch to change that. */
export function SoundKey() {
  const heard = useSound();
  const Icon = heard === 'chime' ? BellRing : heard === 'asleep' ? Bell : BellOff;
  return (
    <button
      onClick={() => setQuiet(!isQuiet())}
      aria-pressed={heard === 'quiet'}
      aria-label={WORDS[heard]}
      title={WORDS[heard]}
      data-sound={heard}
      className="key"
      data-look="small"
    >
      <Icon aria-hidden="true" className="size-[1.5em]" />
      {heard === 'asleep' && <span aria-hidden="true">z</span>}
    </button>
  );
}

/** After a reload a browser plays nothing until the page was touched: said once, gone with the touch. */
export function TouchOnce() {
  return useSound() === 'asleep' ? (
    <p role="status" className="flex-none bg-steel px-6 py-1 text-[min(1.25rem,2.6dvh)] text-ink">
      {t('stove.sound.touch-the-screen-once-until-then')}
    </p>
  ) : null;
}
