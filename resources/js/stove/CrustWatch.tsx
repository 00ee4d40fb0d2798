import type { Cook } from '../contracts.generated';
import { looks } from '../pictures/browning';
import { floorOf, Looks, PanFloor } from '../pictures/PanFloor';
import { countdown, useNow } from '../time';
import { minuteAt, momentOf } from './due';
import { t } from '../words/messages';

type Floor = NonNullable<NonNullable<Cook['forecast']>['floor']>;

/** s before the pull from which it is announced. */
const SOON = 20;

/** The last minutes of a pan rice: when to take it off, the floor from above as it browns, and the hard stop before it burns. */
export function CrustWatch({ cook, floor }: { cook: Cook; floor: Floor }) {
  const now = useNow(500);
  const gold = (momentOf(cook, floor.gold_min) - now) / 1000;
  const burnt = (momentOf(cook, floor.burnt_min) - now) / 1000;
  const rings = ringsAt(floor, minuteAt(cook, now));
  const inner = rings[0] ?? 0;
  const verb = gold > SOON ? t('common.crust') : t('common.off-the-heat-4');
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-4">
      <div className="min-w-0">
        <p className="now-verb">{burnt <= 0 ? t('stove.crustWatch.off-at-once') : verb}</p>
        <p className="now-digits now-digits-countdown">{countdown(Math.abs(gold))}</p>
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
      <PanFloor
        working={cook.working}
        rings={rings.map((browning, index) => ({ to: (index + 1) / rings.length, browning }))}
        shift={Math.max(0, ...cook.working.plan.crust.moves.map((move) => move.shift_cm))}
        className="now-floor"
        label={t('stove.crustWatch.the-floor-now-inner-in-the', {
          inner: looks(inner),
          outer: looks(rings.at(-1) ?? 0),
        })}
      >
        <Looks browning={inner} y={floorOf(cook.working).middle + 8} size={24} />
      </PanFloor>
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
