/** A drop on the time axis. */
export interface Poured {
  minute: number;
  volume_ml: number;
  kind: string;
}

/** px that a letter of a word beside a line takes, about. */
export const LETTER = 6.6;

/** px that a figure over a drop takes, about, and what is left free between two amounts. */
const FIGURE = 8;
const BETWEEN = 4;

/** Which drops have room for their amount over them: the largest first, of like ones the earliest. */
export function legible(
  pours: Poured[],
  x: (minute: number) => number,
  words: (pour: Poured) => string,
): Set<number> {
  const placed: { index: number; at: number; half: number }[] = [];
  const bySize = pours
    .map((pour, index) => ({ pour, index }))
    .sort((a, b) => b.pour.volume_ml - a.pour.volume_ml || a.pour.minute - b.pour.minute);
  for (const { pour, index } of bySize) {
    const at = x(pour.minute);
    const half = (words(pour).length * FIGURE + BETWEEN) / 2;
    if (placed.every((other) => Math.abs(other.at - at) >= other.half + half)) {
      placed.push({ index, at, half });
    }
  }
  return new Set(placed.map(({ index }) => index));
}
