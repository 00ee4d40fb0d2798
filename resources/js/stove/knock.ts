/** ms within which a second knock of a wet knuckle is the same one. */
const SAME_KNOCK = 700;

/** Knocks at one thing: each answers whether it is still the one before. */
export function knocks(): () => boolean {
  let last = 0;
  return () => {
    const since = Date.now() - last;
    last = Date.now();
    return since >= 0 && since < SAME_KNOCK;
  };
}
