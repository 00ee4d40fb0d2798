import { countdown, useMoment } from '../time';

/** How long it is until then; where it may be over, what is said then. */
export function Left({ to, over }: { to: number; over?: string }) {
  return useMoment((now) => (over !== undefined && now >= to ? over : countdown((to - now) / 1000)));
}
