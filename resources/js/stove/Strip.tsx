import type { Cook } from '../contracts.generated';
import { minute } from '../measure';
import { baseOf, pours, rightMinutes } from '../pictures/fromPlan';
import { GrainClock } from '../pictures/grain/GrainClock';
import { useMoment } from '../time';
import { t } from '../words/messages';
import { minuteAt } from './due';

/** The grain clock under the stove: what happened, now, and what is forecast; thin, what was planned. */
export function Strip({ cook }: { cook: Cook }) {
  // To the second: the line of now moves by about a pixel.
  const second = useMoment((now) =>
    cook.state.status === 'waiting' ? null : Math.round(60 * minuteAt(cook, now)),
  );
  const at = second === null ? null : second / 60;
  const { working, happened, forecast } = cook;
  const { plan } = working;
  const pull = forecast?.pull_min ?? plan.timing.pull_min;
  const table = forecast?.table_min ?? plan.timing.table_min;
  return (
    <div className="min-w-0 border-t-2 border-iron-rule px-2">
      <GrainClock
        label={t('stove.strip.grain-clock-minute-at-of-table', {
          at: at === null ? '–' : minute(at),
          table: minute(table),
        })}
        height={76}
        size="strip"
        ground="iron"
        planned={plan.track}
        plannedPours={forecast ? comingPours(cook) : pours(plan)}
        happened={happened.track}
        happenedPours={[...happened.pours]}
        forecast={forecast?.track ?? null}
        heat={plan.heat}
        base={baseOf(plan)}
        strongest={Math.max(...working.burner.marks.map((mark) => mark.net_w))}
        window={rightMinutes(plan, working.dish.window_min)}
        pull={pull}
        table={table}
        now={at}
      />
    </div>
  );
}

function comingPours({ forecast }: Cook): { minute: number; volume_ml: number; kind: string }[] {
  return (forecast?.steps ?? []).flatMap((step) =>
    step.volume_ml === null || step.kind === 'lift'
      ? []
      : [{ minute: step.at_min, volume_ml: step.volume_ml, kind: step.kind }],
  );
}
