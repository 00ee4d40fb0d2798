import { useId } from 'react';
import type { Cook } from '../contracts.generated';
import { looks, tint } from '../pictures/browning';
import { countdown } from '../time';
import { minuteAt, momentOf } from './due';
import { t } from '../words/messages';

type Floor = NonNullable<NonNullable<Cook['forecast']>['floor']>;

/** Side of the picture in its own units; it is drawn as large as there is room. */
const SIZE = 280;

/** s before the pull from which it is announced. */
const SOON = 20;

/** The last minutes of a pan rice: when to take it off, the floor from above as it browns, and the hard stop before it burns. */
export function CrustWatch({ cook, floor, now }: { cook: Cook; floor: Floor; now: number }) {
  const { pan, burner, plan } = cook.working;
  const gold = (momentOf(cook, floor.gold_min) - now) / 1000;
  const burnt = (momentOf(cook, floor.burnt_min) - now) / 1000;
  const underThePan = useId();
  const radius = (pan.base_cm / pan.rim_cm) * (SIZE / 2 - 8);
  const scale = radius / (pan.base_cm / 2);
  const middle = SIZE / 2;
  const shift = Math.max(0, ...plan.crust.moves.map((move) => move.shift_cm));
  const rings = ringsAt(floor, minuteAt(cook, now));
  const inner = rings[0] ?? 0;
  const outer = rings.at(-1) ?? 0;
  const verb = gold > SOON ? t('common.crust') : t('common.off-the-heat-4');
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-4">
      <div className="min-w-0">
        <p className="now-verb">{burnt <= 0 ? t('stove.crustWatch.off-at-once') : verb}</p>
        <p className="now-digits now-digits-pan-on">{countdown(Math.abs(gold))}</p>
        <p className="now-second">
          {gold > SOON
            ? t('stove.crustWatch.to-gold-listen-and-smell')
            : gold > 0
              ? t('stove.crustWatch.then-off')
              : t('stove.crustWatch.gold-since')}
        </p>
        <p className="now-say">
          {burnt > 0
            ? t('stove.crustWatch.burnt-in-burnt', { burnt: countdown(burnt) })
            : t('stove.crustWatch.burnt-do-not-scrape-serve-from')}
        </p>
      </div>
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        className="now-floor"
        role="img"
        aria-label={t('stove.crustWatch.the-floor-now-inner-in-the', {
          inner: looks(inner),
          outer: looks(outer),
        })}
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
        <clipPath id={underThePan}>
          <circle cx={middle} cy={middle} r={SIZE / 2 - 4} />
        </clipPath>
        <circle
          clipPath={`url(#${underThePan})`}
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
