import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { minute } from '../measure';
import { StockColumn } from '../pictures/StockColumn';
import { clock, countdown } from '../time';
import { stepsOf } from './ahead';
import { momentOf } from './due';
import { AtThePass } from './AtThePass';
import { isPour, VERB } from './steps';

const SHOWN = 2;

/** What is left: in the pot, to do next, to the pull and to the table, with how well that is known. */
export function Beside({
  cook,
  now,
  timezone,
  tight,
}: {
  cook: Cook;
  now: number;
  timezone: string;
  /** Other pans take some of the height. */
  tight: boolean;
}) {
  const { volume } = useMeasure();
  const { state, working, forecast } = cook;
  const { plan } = working;
  const steps = stepsOf(cook);
  const next = steps.slice(state.status === 'waiting' ? 0 : 1).slice(0, SHOWN);
  const pull = forecast?.pull_min ?? plan.timing.pull_min;
  const table = forecast?.table_min ?? plan.timing.table_min;
  const still = steps.filter((step) => step.kind === 'pour');
  const bands = [
    ...state.done
      .filter((one) => plan.stages[one.stage]?.kind === 'pour')
      .map((one) => ({ volume_ml: one.volume_ml ?? 0, poured: true, next: false })),
    ...still.map((step) => ({
      volume_ml: step.volume_ml ?? 0,
      poured: false,
      next: step === steps[0] && state.status === 'cooking',
    })),
  ];
  const left = still.reduce((sum, step) => sum + (step.volume_ml ?? 0), 0);
  const more = state.poured_ml + left - plan.stock_ml;

  return (
    <aside
      aria-label="What is left"
      className="grid grid-cols-[150px_minmax(0,1fr)] gap-3 border-l-2 border-iron-rule p-3 max-md:block max-md:border-l-0 max-md:py-1"
    >
      <div className="max-md:hidden">
        <StockColumn
          ground="iron"
          width={150}
          height={tight ? 366 : 440}
          bands={bands}
          reserve={plan.reserve_ml}
        />
      </div>
      <div className="flex flex-col gap-2.5 text-xl max-md:gap-1">
        {forecast?.pass ? (
          <AtThePass cook={cook} pass={forecast.pass} now={now} />
        ) : (
          <div>
            <p className="text-chalk-soft">left to pour</p>
            <p className="text-4xl font-bold">{volume(left)}</p>
            {forecast && !forecast.floor && (
              <Spread
                left={left}
                spread={forecast.stock_spread_ml}
                before={forecast.stock_spread_before_ml}
              />
            )}
            {Math.abs(more) >= 10 && (
              <p className="leading-tight text-saffron">
                {volume(Math.abs(more))} {more > 0 ? 'more' : 'less'} than planned in all
              </p>
            )}
          </div>
        )}
        <ol aria-label="Next">
          {next.map((step, row) => (
            <li key={row} className="border-t border-iron-rule py-1.5 leading-tight">
              <span className="float-right text-chalk-soft">
                {countdown((momentOf(cook, step.at_min) - now) / 1000)}
              </span>
              <b>{VERB[step.kind]}</b>
              {isPour(step) ? ` ${volume(step.volume_ml ?? 0)}` : ''}
            </li>
          ))}
        </ol>
        {steps[0] && isPour(steps[0]) && (
          <p className="text-base leading-tight text-chalk-soft">Hot steam: pour away from you.</p>
        )}
        <dl className="mt-auto grid grid-cols-[auto_1fr] gap-x-3 leading-tight">
          {!forecast?.pass && <Until word="pull" at={momentOf(cook, pull)} now={now} timezone={timezone} />}
          <Until word="table" at={momentOf(cook, table)} now={now} timezone={timezone} />
        </dl>
        {forecast && <Will cook={cook} forecast={forecast} />}
      </div>
    </aside>
  );
}

function Until({ word, at, now, timezone }: { word: string; at: number; now: number; timezone: string }) {
  return (
    <>
      <dt className="text-chalk-soft">{word}</dt>
      <dd className="text-right">
        <b className="text-2xl">{countdown((at - now) / 1000)}</b>{' '}
        <span className="text-chalk-soft">{clock(at, timezone)}</span>
      </dd>
    </>
  );
}

/** How well the rest of the stock is known; and how well it was, where the last touch narrowed it. */
function Spread({ left, spread, before }: { left: number; spread: number[]; before: number[] | null }) {
  const { volume } = useMeasure();
  const half = ([low = 0, high = 0]: number[]) => (high - low) / 2;
  const known = half(spread);
  const was = before === null ? known : half(before);
  return (
    <p className="leading-tight text-chalk-soft">
      {left > 0
        ? `give or take ${volume(known)}`
        : `up to ${volume(Math.max(0, spread[1] ?? 0))} may be lacking`}
      {was > 1.3 * known && was - known > 5 && <span className="text-herb-light">, was {volume(was)}</span>}
    </p>
  );
}

/** What will be on the plate, and how strong the ring is by what happened. */
function Will({ cook, forecast }: { cook: Cook; forecast: NonNullable<Cook['forecast']> }) {
  const percent = Math.round(100 * (forecast.power.times - 1));
  const plate = [...cook.plates].sort(
    (a, b) =>
      Math.abs(a.looseness - forecast.at_table.looseness) -
      Math.abs(b.looseness - forecast.at_table.looseness),
  )[0];
  return (
    <p className="border-t border-iron-rule pt-1.5 text-lg leading-tight text-chalk-soft">
      on the plate <b className="text-chalk">{plate?.word}</b>, bite{' '}
      <b className="text-chalk">{forecast.at_table.bite}</b>
      {forecast.pull_spread_min[0] !== forecast.pull_spread_min[1] && (
        <span className="block">
          pull between minute {forecast.pull_spread_min.map(minute).join(' and ')}
        </span>
      )}
      {Math.abs(percent) >= 4 && (
        <span className="block">
          ring {Math.abs(percent)} % {percent > 0 ? 'stronger' : 'weaker'} than its mark
          {forecast.power.weighed ? ', by the scale' : ''}
        </span>
      )}
    </p>
  );
}
