/** How the stove calls: a chime, a shake of the tablet, and nothing but colour and words in the quiet mode. */

const QUIET = 'velko.quiet';

export const isQuiet = (): boolean => localStorage.getItem(QUIET) === 'yes';

export const setQuiet = (quiet: boolean): void => localStorage.setItem(QUIET, quiet ? 'yes' : 'no');

/** Two notes, a fourth apart, Hz and s: heard through a hood, unlike any timer in the kitchen. */
const NOTES = [
  { hertz: 587, at: 0 },
  { hertz: 784, at: 0.18 },
] as const;
const LASTS = 0.35;
const LOUD = 0.5;

let audio: AudioContext | null = null;

/** Calls the cook, by ear and by hand, where the browser lets it. */
export function call(): void {
  if (isQuiet()) {
    return;
  }
  if ('vibrate' in navigator) {
    navigator.vibrate([180, 80, 180]);
  }
  try {
    audio ??= new AudioContext();
    void audio.resume();
    for (const { hertz, at } of NOTES) {
      strike(audio, hertz, audio.currentTime + at);
    }
  } catch {
    // A tablet without sound still turns saffron.
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
