/** How the stove calls: a chime, a shake of the tablet, and nothing but colour and words in the quiet mode. */

const QUIET = 'velko.quiet';

export const isQuiet = (): boolean => localStorage.getItem(QUIET) === 'yes';

export const setQuiet = (quiet: boolean): void => {
  localStorage.setItem(QUIET, quiet ? 'yes' : 'no');
  tell();
};

/** Two notes, a fourth apart, Hz and s: heard through a hood, unlike any timer in the kitchen. */
const NOTES = [
  { hertz: 587, at: 0 },
  { hertz: 784, at: 0.18 },
] as const;
const LASTS = 0.35;
const LOUD = 0.5;

let audio: AudioContext | null = null;

/** What a call can be heard by now: a browser keeps a page silent until it has been touched once. */
export type Sound = 'chime' | 'asleep' | 'quiet' | 'none';

export function sound(): Sound {
  if (isQuiet()) {
    return 'quiet';
  }
  if (!('AudioContext' in window)) {
    return 'none';
  }
  return audio?.state === 'running' ? 'chime' : 'asleep';
}

const listeners = new Set<() => void>();
const tell = (): void => listeners.forEach((listener) => listener());

/** For React: told whenever what can be heard has changed. */
export function whenSoundChanges(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function wake(): void {
  try {
    audio ??= new AudioContext();
    audio.onstatechange = tell;
    void audio.resume().then(tell, tell);
  } catch {
    // A tablet without sound still turns saffron.
  }
}

// Any touch will do; it may be the first since the page was opened.
for (const touch of ['pointerdown', 'keydown'] as const) {
  window.addEventListener(touch, () => audio?.state !== 'running' && wake(), {
    capture: true,
    passive: true,
  });
}

/** Calls the cook, by ear and by hand, where the browser lets it. */
export function call(): void {
  if (!isQuiet()) {
    strikeUp();
  }
}

/** The chime, whatever the mode: to hear whether it carries through the room. */
export function strikeUp(): void {
  if ('vibrate' in navigator) {
    navigator.vibrate([180, 80, 180]);
  }
  wake();
  if (audio) {
    for (const { hertz, at } of NOTES) {
      strike(audio, hertz, audio.currentTime + at);
    }
  }
}

function strike(context: AudioContext, hertz: number, at: number): void {
  const tone = context.createOscillator();
  const swell = context.createGain();
  tone.frequency.value = hertz;
  tone.type = 'triangle';
  swell.gain.setValueAtTime(0, at);
  swell.gain.linearRampToValueAtTime(LOUD, at + 0.02);
  swell.gain.exponentialRampToValueAtTime(0.001, at + LASTS);
  tone.connect(swell).connect(context.destination);
  tone.start(at);
  tone.stop(at + LASTS);
}
