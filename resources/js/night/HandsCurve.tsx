import type { Night } from '../contracts.generated';
import { t } from '../words/messages';
import { ms } from './shape';

/** Room above the highest of both for its number, px. */
const HEADROOM = 22;

/** Where as many are there for less than this their number finds no room, px. */
const NARROW = 18;

/** Pairs of hands that are needed, filled, against those that are there, a line. */
export function HandsCurve({
  night,
  x,
  width,
  height,
}: {
  night: Night;
  x: (at: number) => number;
  width: number;
  height: number;
}) {
  const most = Math.max(1, ...night.needed.map((one) => Math.max(one.needed, one.there)));
  const y = (hands: number) => height - (hands / most) * (height - HEADROOM);
  const x2 = (at: string | undefined) => (at === undefined ? width : x(ms(at)));
  const steps = night.needed.map((one, at) => ({
    from: x(ms(one.at)),
    to: x2(night.needed[at + 1]?.at),
    ...one,
  }));
  const path = (of: 'needed' | 'there') =>
    steps.map((step) => `H${step.from} V${y(step[of])} H${step.to}`).join(' ');
  // Hands there as long as they are as many, whatever is needed of them meanwhile.
  const stretches = steps.reduce<{ from: number; to: number; there: number }[]>((all, step) => {
    const last = all.at(-1);
    return last?.there === step.there
      ? [...all.slice(0, -1), { ...last, to: step.to }]
      : [...all, { from: step.from, to: step.to, there: step.there }];
  }, []);
  const peak = Math.max(0, ...night.needed.map((one) => one.needed));
  const there = Math.max(0, ...night.needed.map((one) => one.there));
  return (
    <svg
      role="img"
      aria-label={t('night.hands-peak', { peak: Math.round(peak * 10) / 10, there })}
      width={width}
      height={height}
      className="block"
    >
      <path d={`M0 ${height} ${path('needed')} V${height} Z`} className="fill-stock-light" />
      <path d={`M0 ${height} ${path('there')} V${height}`} className="fill-none stroke-ink stroke-[2.5]" />
      {stretches
        .filter(({ from, to, there }, at) => (at > 0 || there > 0) && to - from > NARROW)
        .map(({ from, there }) => (
          <text key={from} x={from + 6} y={y(there) - 5} className="fill-ink text-[15px] font-bold">
            {there}
          </text>
        ))}
    </svg>
  );
}
