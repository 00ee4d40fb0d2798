import { Bell, BellOff, BellRing } from 'lucide-react';
import { useSyncExternalStore } from 'react';
import { isQuiet, setQuiet, sound, whenSoundChanges, type Sound } from './calls';

const useSound = (): Sound => useSyncExternalStore(whenSoundChanges, sound);

const WORDS: Record<Sound, string> = {
  chime: 'It calls with a chime',
  asleep: 'The chime sleeps until the screen is touched once',
  quiet: 'Quiet: it calls by colour only',
  none: 'No sound on this tablet: it calls by colour only',
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
      Touch the screen once: until then chime and shake are asleep.
    </p>
  ) : null;
}
