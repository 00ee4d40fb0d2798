import { scaleLinear, type ScaleLinear } from 'd3-scale';
import type { GrainClockProps, Run } from './GrainClock';

/** Where everything stands: one time axis, the liquid above its floor, the heat below it; and in which colours. */
export interface Frame {
  width: number;
  height: number;
  room: { top: number; bottom: number; left: number; right: number };
  /** px of the lowest liquid. */
  floor: number;
  /** Minutes of the cook. */
  x: ScaleLinear<number, number>;
  first: number;
  last: number;
  /** Free liquid, g. */
  y: ScaleLinear<number, number>;
  /** Net power, W. */
  power: ScaleLinear<number, number>;
  full: boolean;
  thumb: boolean;
  colours: typeof onPaper;
}

const onIron = {
  ink: 'var(--color-chalk)',
  soft: 'var(--color-chalk-soft)',
  rule: 'var(--color-iron-rule)',
  herb: 'var(--color-herb-light)',
  heat: 'var(--color-saffron)',
  drop: 'var(--color-stock-pale)',
  poured: 'var(--color-stock-light)',
  dark: true,
};
const onPaper = {
  ink: 'var(--color-ink)',
  soft: 'var(--color-ink-soft)',
  rule: 'var(--color-rule)',
  herb: 'var(--color-herb)',
  heat: 'var(--color-tomato)',
  drop: 'var(--color-stock)',
  poured: 'var(--color-stock)',
  dark: false,
};

/** What comes before the first liquid takes no more than this share of the width. */
const MOST_BEFORE = 0.3;

const ends = (run: Run | null): number => run?.min.at(-1) ?? 0;

export function frameOf(
  {
    planned,
    happened = null,
    forecast = null,
    heat,
    base = [],
    strongest,
    table,
    now = null,
    clockAt,
    ...props
  }: GrainClockProps,
  width: number,
): Frame {
  const { height, size = 'full', ground = 'paper' } = props;
  const full = size === 'full';
  const thumb = size === 'thumb';
  const room = full
    ? { top: clockAt ? 64 : 44, bottom: 62, left: 44, right: 14 }
    : thumb
      ? { top: 4, bottom: 4, left: 0, right: 0 }
      : { top: 20, bottom: 20, left: 10, right: 10 };
  const first = Math.min(
    0,
    ...heat.map((change) => change.from_min),
    ...base.map((part) => part.from),
    full ? -3 : -0.5,
  );
  const last =
    Math.max(table ?? 0, planned.min.at(-1) ?? 1, ends(happened), ends(forecast), now ?? 0) +
    (full ? 0.6 : 0.2);
  const [left, right] = [room.left, width - room.right];
  // A long base is drawn closer than the cook that it is for.
  const zero = left + (right - left) * Math.min(MOST_BEFORE, first / (first - last));
  const most = Math.max(1, ...planned.free_g, ...(happened?.free_g ?? []), ...(forecast?.free_g ?? []));
  const floor = height - room.bottom;
  return {
    width,
    height,
    room,
    floor,
    first,
    last,
    full,
    thumb,
    x: scaleLinear([first, 0, last], [left, zero, right]),
    y: scaleLinear([0, most * 1.06], [floor, room.top]),
    power: scaleLinear(
      [0, strongest ?? Math.max(...heat.map((change) => change.net_w))],
      [height - 20, floor + 10],
    ),
    colours: ground === 'iron' ? onIron : onPaper,
  };
}
