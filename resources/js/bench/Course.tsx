import { memo, useDeferredValue } from 'react';
import type { Working } from '../contracts.generated';
import { useCook, useMeasure } from '../cook';
import { wholeMinute } from '../measure';
import { baseOf, dips, hasSauce, pours, rightMinutes, takesCrust } from '../pictures/fromPlan';
import { GrainClock } from '../pictures/grain/GrainClock';
import { PanFromAbove } from '../pictures/PanFromAbove';
import { PassCurve } from '../pictures/PassCurve';
import { clock } from '../time';
import { Before, ToTake } from './Before';
import { CrustMinutes } from './CrustMinutes';
import { Numbers } from './Numbers';
import { PartCooked } from './PartCooked';
import { Steps } from './Steps';
import { t } from '../words/messages';

/** The course of the cook: its numbers, its grain clock, its steps. */
export function Course({ working, stale }: { working: Working; stale: boolean }) {
  if (working.plan.possible === false) {
    return (
      <section aria-label={t('bench.course.the-cook')} data-stale={stale} className="min-w-0 p-8">
        <p className="text-2xl font-semibold">{t('bench.course.this-cannot-be-cooked-there-is')}</p>
        <p className="mt-2 text-lg text-ink-soft">{t('bench.course.what-is-wrong-and-what-would')}</p>
      </section>
    );
  }
  return (
    <section aria-label={t('bench.course.the-cook')} data-stale={stale} className="min-w-0 px-4 py-2">
      <Cooked working={working} />
    </section>
  );
}

/** Drawn when the answer is another one, not when something is being asked; what stands below the steps a moment after them. */
const Cooked = memo(function Cooked({ working }: { working: Working }) {
  const { timezone } = useCook();
  const { heat } = useMeasure();
  const later = useDeferredValue(working);
  const { plan } = working;
  const first = Date.parse(working.clock.first_liquid_at);
  const clockAt = (min: number) => clock(first + min * 60_000, timezone);
  const ahead = working.ask.way === 'ahead';
  const leavesThePass = hasSauce(plan) && !ahead;
  const strongest = Math.max(...working.burner.marks.map((mark) => mark.net_w));

  return (
    <>
      <Numbers working={working} clockAt={clockAt} />
      <PartCooked working={working} />
      <div
        className={
          takesCrust(plan) || leavesThePass
            ? 'grid grid-cols-[minmax(0,1fr)_250px] items-start gap-4 max-md:grid-cols-1'
            : ''
        }
      >
        <GrainClock
          label={t('bench.course.grain-clock-first-liquid-at-clockat', {
            clockAt: clockAt(0),
            pull: wholeMinute(plan.timing.pull_min),
            table: wholeMinute(plan.timing.table_min),
          })}
          height={292}
          planned={plan.track}
          plannedPours={pours(plan)}
          heat={plan.heat}
          base={baseOf(plan)}
          strongest={strongest}
          dips={dips(plan).map(({ lowest_c, ...dip }) => ({ ...dip, lowest: heat(lowest_c) }))}
          window={ahead ? null : rightMinutes(plan, working.dish.window_min)}
          pull={plan.timing.pull_min}
          table={plan.timing.table_min}
          clockAt={clockAt}
        />
        {takesCrust(plan) ? (
          <PanFromAbove working={working} />
        ) : (
          leavesThePass && <PassCurve working={working} />
        )}
      </div>
      {/* Where letters are twice as large the table is wider than its place, and goes sideways in it. */}
      <div className="overflow-x-auto max-md:overflow-x-visible">
        <Steps working={working} clockAt={clockAt} />
      </div>
      <ToTake ask={working.ask} />
      <BelowTheSteps working={later} />
    </>
  );
});

const BelowTheSteps = memo(function BelowTheSteps({ working }: { working: Working }) {
  return (
    <>
      <Before working={working} />
      {takesCrust(working.plan) && <CrustMinutes working={working} />}
    </>
  );
});
