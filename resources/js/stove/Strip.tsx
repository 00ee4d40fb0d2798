import type { Cook } from '../contracts.generated';
import { minute } from '../measure';
import { pours, rightMinutes } from '../pictures/fromPlan';
import { GrainClock } from '../pictures/GrainClock';

/** The grain clock under the stove: what happened, now, and what is planned. */
export function Strip({ cook, at }: { cook: Cook; at: number | null }) {
  const { working, happened } = cook;
  const { plan } = working;
  return (
    <div className="border-t-2 border-iron-rule px-2">
      <GrainClock
        label={`Grain clock, minute ${at === null ? '–' : minute(at)} of ${minute(plan.timing.table_min)}`}
        height={92}
        size="strip"
        ground="iron"
        planned={plan.track}
        plannedPours={pours(plan)}
        happened={happened.track}
        happenedPours={[...happened.pours]}
        heat={plan.heat}
        strongest={Math.max(...working.burner.marks.map((mark) => mark.net_w))}
        window={rightMinutes(plan, working.dish.window_min)}
        pull={plan.timing.pull_min}
        table={plan.timing.table_min}
        now={at}
      />
    </div>
  );
}
