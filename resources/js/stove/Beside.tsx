import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { StockColumn } from '../pictures/StockColumn';
import { clock, countdown } from '../time';
import { dueAt, firstLiquidAt } from './due';
import { isPour, VERB } from './steps';

/** What is left: in the pot, to do next, to the pull and to the table. */
export function Beside({ cook, now, timezone }: { cook: Cook; now: number; timezone: string }) {
  const { state, working } = cook;
  const { plan } = working;
  const { volume } = useMeasure();
  const index = state.stage ?? 0;
  const next = plan.stages.slice(state.status === 'waiting' ? 0 : index + 1).slice(0, 2);
  const from = state.status === 'waiting' ? 0 : index + 1;
  const done = new Map(state.done.map((one) => [one.stage, one]));
  const shift = firstLiquidAt(cook);
  const off = shift + plan.timing.pull_min * 60_000;
  const table = shift + plan.timing.table_min * 60_000;
  const bands = plan.stages.flatMap((stage, at) =>
    stage.kind === 'pour'
      ? [
          {
            volume_ml: done.get(at)?.volume_ml ?? stage.volume_ml ?? 0,
            poured: done.has(at),
            next: at === index && state.status === 'cooking',
          },
        ]
      : [],
  );
  const left = bands.reduce((sum, band) => sum + (band.poured ? 0 : band.volume_ml), 0);
  const over =
    state.poured_ml -
    plan.stages.reduce(
      (sum, stage, at) => sum + (stage.kind === 'pour' && done.has(at) ? (stage.volume_ml ?? 0) : 0),
      0,
    );

  return (
    <aside
      aria-label="What is left"
      className="grid grid-cols-[170px_minmax(0,1fr)] gap-3 border-l-2 border-iron-rule p-4 max-md:block max-md:border-l-0 max-md:py-1"
    >
      <div className="max-md:hidden">
        <StockColumn ground="iron" width={168} height={510} bands={bands} reserve={plan.reserve_ml} />
      </div>
      <div className="flex flex-col gap-3 text-xl max-md:gap-1">
        <div>
          <p className="text-chalk-soft">left to pour</p>
          <p className="text-4xl font-bold">{volume(left)}</p>
          {Math.abs(over) >= 1 && (
            <p className="text-saffron">
              {volume(Math.abs(over))} {over > 0 ? 'more' : 'less'} than planned so far
            </p>
          )}
        </div>
        <ol aria-label="Next">
          {next.map((stage, row) => (
            <li key={row} className="border-t border-iron-rule py-1.5 leading-tight">
              <span className="float-right text-chalk-soft">
                {countdown((dueAt(cook, from + row) - now) / 1000)}
              </span>
              <b>{VERB[stage.kind]}</b>
              {isPour(stage) ? ` ${volume(stage.volume_ml ?? 0)}` : ''}
            </li>
          ))}
        </ol>
        <dl className="mt-auto grid grid-cols-[auto_1fr] gap-x-3 leading-tight">
          <dt className="text-chalk-soft">pull</dt>
          <dd className="text-right">
            <b className="text-2xl">{countdown((off - now) / 1000)}</b>{' '}
            <span className="text-chalk-soft">{clock(off, timezone)}</span>
          </dd>
          <dt className="text-chalk-soft">table</dt>
          <dd className="text-right">
            <b className="text-2xl">{countdown((table - now) / 1000)}</b>{' '}
            <span className="text-chalk-soft">{clock(table, timezone)}</span>
          </dd>
        </dl>
        <p className="text-base leading-tight text-chalk-soft">
          Steam and hot handles: turn the pan away before you pour.
        </p>
      </div>
    </aside>
  );
}
