import type { Cook } from '../contracts.generated';
import { looks, tint } from '../pictures/browning';
import { countdown } from '../time';
import { minuteAt, momentOf } from './due';

type Floor = NonNullable<NonNullable<Cook['forecast']>['floor']>;

const SIZE = 280;

/** The last minutes of a pan rice: the floor from above as it browns, to gold, and the hard stop before it burns. */
export function CrustWatch({ cook, floor, now }: { cook: Cook; floor: Floor; now: number }) {
  const { pan, burner, plan } = cook.working;
  const gold = (momentOf(cook, floor.gold_min) - now) / 1000;
  const burnt = (momentOf(cook, floor.burnt_min) - now) / 1000;
  const radius = (pan.base_cm / pan.rim_cm) * (SIZE / 2 - 8);
  const scale = radius / (pan.base_cm / 2);
  const middle = SIZE / 2;
  const shift = Math.max(0, ...plan.crust.moves.map((move) => move.shift_cm));
  const rings = ringsAt(floor, minuteAt(cook, now));
  const inner = rings[0] ?? 0;
  const outer = rings.at(-1) ?? 0;
  return (
    <div className="grid grid-cols-[auto_minmax(0,1fr)] items-center gap-6 max-md:grid-cols-1">
      <svg
        width={SIZE}
        height={SIZE}
        role="img"
        aria-label={`The floor now: ${looks(inner)} in the middle, ${looks(outer)} at the rim`}
      >
        <circle
          cx={middle}
          cy={middle}
          r={SIZE / 2 - 4}
          fill="var(--color-steel)"
          stroke="currentColor"
          strokeWidth={3}
        />
        {rings
          .map((browning, index) => (
            <circle
              key={index}
              cx={middle}
              cy={middle}
              r={((index + 1) / rings.length) * radius}
              fill={tint(browning)}
            />
          ))
          .reverse()}
        <circle
          cx={middle + shift * scale}
          cy={middle}
          r={(burner.ring_cm / 2) * scale}
          fill="none"
          stroke="var(--color-tomato)"
          strokeWidth={3}
          strokeDasharray="8 6"
        />
        <text
          x={middle}
          y={middle + 8}
          textAnchor="middle"
          fontSize={24}
          fontWeight={700}
          fill="var(--color-ink)"
          stroke="var(--color-paper)"
          strokeWidth={5}
          paintOrder="stroke"
        >
          {looks(inner)}
        </text>
      </svg>
      <dl className="text-3xl max-md:text-2xl">
        <dt>{gold > 0 ? 'gold in' : 'gold since'}</dt>
        <dd className="text-[120px] leading-none font-bold tracking-tight max-md:text-7xl">
          {countdown(Math.abs(gold))}
        </dd>
        <dt className="mt-3">{burnt > 0 ? 'burnt in' : 'burnt'}</dt>
        <dd className="text-6xl leading-none font-bold">{burnt > 0 ? countdown(burnt) : 'off, at once'}</dd>
      </dl>
    </div>
  );
}

/** Browning of each ring at a minute of the cook, between the rows that the engine gave. */
function ringsAt({ rows }: Floor, minute: number): number[] {
  const next = rows.findIndex((row) => row.at_min >= minute);
  const after = rows[next < 0 ? rows.length - 1 : next];
  const before = rows[Math.max(0, next - 1)] ?? after;
  if (!before || !after || next <= 0) {
    return after?.rings ?? [];
  }
  const share = (minute - before.at_min) / Math.max(1e-6, after.at_min - before.at_min);
  return after.rings.map((browning, index) => {
    const was = before.rings[index] ?? 0;
    return was + share * (browning - was);
  });
}
