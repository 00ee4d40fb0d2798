import { verbOf } from '../stages';
import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { StockColumn } from '../pictures/StockColumn';
import { useSize } from '../pictures/useSize';
import { clock, lasting, useNow } from '../time';
import { useKeys } from '../parts/useKeys';
import { stepsOf } from './ahead';
import { AtThePass } from './AtThePass';
import { momentOf } from './due';
import { knocks } from './knock';
import { Left } from './Left';
import { plateNow } from './plate';
import type { Say } from './say';
import { besides, type Beside as Work } from './sideWork';
import { isPour } from './steps';
import { t, wordOf } from '../words/messages';

const SHOWN = 2;

/** px that the pot needs to be read. */
const MIN_WIDTH = 100;
const MIN_HEIGHT = 180;

/** mL under which nothing is worth a word. */
const WORTH_A_WORD = 10;

/** What is left: in the pot, to do next, to the pull and to the table, with how well that is known. */
export function Beside({
  cook,
  timezone,
  say,
  busy,
  calls,
}: {
  cook: Cook;
  timezone: string;
  say: Say;
  busy: boolean;
  /** The step of the pan is due: what is to be begun beside it comes after that. */
  calls: boolean;
}) {
  const { state, working, forecast } = cook;
  const { plan } = working;
  const steps = stepsOf(cook);
  const next = steps.slice(state.status === 'waiting' ? 0 : 1).slice(0, SHOWN);
  const pull = forecast?.pull_min ?? plan.timing.pull_min;
  const table = forecast?.table_min ?? plan.timing.table_min;

  return (
    <aside aria-label={t('stove.beside.what-is-left')} className="beside">
      <Pot cook={cook} />
      <div className="beside-facts">
        {forecast?.pass ? <AtThePass cook={cook} pass={forecast.pass} /> : <LeftToPour cook={cook} />}
        <ol aria-label={t('stove.beside.next')}>
          {next.map((step, row) => (
            <li key={row} className="border-t border-iron-rule py-[0.2em]">
              <Step step={step} at={momentOf(cook, step.at_min)} />
            </li>
          ))}
        </ol>
        <SideWorks cook={cook} say={say} listens={!busy} calls={calls} />
        {cook.scale.weigh_first && state.status !== 'waiting' && (
          <p className="text-[0.85em] leading-tight font-semibold text-saffron">
            {t('stove.beside.weigh-it-first')}
          </p>
        )}
        {steps[0] && isPour(steps[0]) && (
          <p className="text-[0.85em] text-chalk-soft">{t('stove.beside.hot-steam-pour-away-from-you')}</p>
        )}
        <dl className="mt-auto grid grid-cols-[auto_1fr] gap-x-[0.6em]">
          {!forecast?.pass && <Until word={t('common.pull')} at={momentOf(cook, pull)} timezone={timezone} />}
          <Until
            word={t('common.table')}
            at={momentOf(cook, table)}
            timezone={timezone}
            clockElsewhere={state.status === 'waiting'}
          />
        </dl>
        {forecast && <Will cook={cook} forecast={forecast} />}
      </div>
    </aside>
  );
}

function Step({ step, at }: { step: ReturnType<typeof stepsOf>[number]; at: number }) {
  const { volume } = useMeasure();
  return (
    <>
      <span className="float-right pl-[0.4em] text-chalk-soft">
        <Left to={at} over={t('common.now-4')} />
      </span>
      <b>{verbOf(step)}</b>
      {isPour(step) ? ` ${volume(step.volume_ml ?? 0)}` : step.item ? ` ${step.item.name}` : ''}
    </>
  );
}

/** What was just begun is not ready yet. */
const isSameMark = knocks();

/** Side pans and what else wants hands soon, each with its own clock. */
function SideWorks({
  cook,
  say,
  listens,
  calls,
}: {
  cook: Cook;
  say: Say;
  listens: boolean;
  calls: boolean;
}) {
  const now = useNow(5000);
  const works = besides(cook, now).slice(0, SHOWN);
  const first = works[0];
  const mark = (one: Work) => {
    if (!isSameMark()) {
      say({ kind: 'beside', work: one.work, is: one.begun ? 'ready' : 'begun' });
    }
  };
  useKeys((key) => (key === 'e' && first ? () => mark(first) : undefined), listens);
  return works.length === 0 ? null : (
    <ol aria-label={t('stove.beside.beside-the-pan')}>
      {works.map((one, row) => (
        <li key={one.work} className="border-t border-dashed border-iron-rule">
          <SideWorkLine one={one} isFirst={row === 0} calls={calls} onMark={() => mark(one)} />
        </li>
      ))}
    </ol>
  );
}

/** ms from which a work that will be ready too late is worth a word. */
const TOO_LATE = 30_000;

/** One work: begun by a touch, ready by the next. */
function SideWorkLine({
  one,
  isFirst,
  calls,
  onMark,
}: {
  one: Work;
  isFirst: boolean;
  calls: boolean;
  onMark: () => void;
}) {
  return (
    <button
      type="button"
      onClick={onMark}
      aria-keyshortcuts={isFirst ? 'e' : undefined}
      className="beside-work"
      data-begun={one.begun}
    >
      <span className="float-right pl-[0.4em] text-saffron">
        <Left
          to={one.begun ? one.ready : one.begin}
          over={calls && !one.begun ? t('stove.beside.then') : t('common.now-4')}
        />
      </span>
      {isFirst && <kbd className="beside-key">E</kbd>}
      <span className="text-chalk-soft">
        {one.begun ? t('stove.beside.ready') : t('stove.beside.begin')}{' '}
      </span>
      {one.what}
      {one.late > TOO_LATE && one.begun && (
        <span className="block text-saffron">
          {t('stove.beside.late-after-its-step', { late: lasting(one.late / 1000) })}
        </span>
      )}
      {one.waitsFor !== null && (
        <span className="block text-chalk-soft">{t('stove.beside.after-what', { what: one.waitsFor })}</span>
      )}
    </button>
  );
}

/** The pot beside the pan, as high as there is room. */
function Pot({ cook }: { cook: Cook }) {
  const [frame, { width, height }] = useSize<HTMLDivElement>();
  const { state, working } = cook;
  const steps = stepsOf(cook);
  const bands = [
    ...state.done
      .filter((one) => working.plan.stages[one.stage]?.kind === 'pour')
      .map((one) => ({ volume_ml: one.volume_ml ?? 0, poured: true, next: false })),
    ...steps
      .filter((step) => step.kind === 'pour')
      .map((step) => ({
        volume_ml: step.volume_ml ?? 0,
        poured: false,
        next: step === steps[0] && state.status === 'cooking',
      })),
  ];
  return (
    <div ref={frame} className="beside-column min-h-0 min-w-0 overflow-hidden">
      {width > MIN_WIDTH && height > MIN_HEIGHT && (
        <StockColumn
          ground="iron"
          width={width}
          height={height}
          bands={bands}
          reserve={working.plan.reserve_ml}
        />
      )}
    </div>
  );
}

/** What is still to go in, how well that is known, and how far it is off the plan. */
function LeftToPour({ cook }: { cook: Cook }) {
  const { volume } = useMeasure();
  const { state, working, forecast } = cook;
  const left = stepsOf(cook)
    .filter((step) => step.kind === 'pour')
    .reduce((sum, step) => sum + (step.volume_ml ?? 0), 0);
  const more = state.poured_ml + left - working.plan.stock_ml;
  const known = forecast && !forecast.floor ? half(forecast.stock_spread_ml) : 0;
  const was = forecast?.stock_spread_before_ml ? half(forecast.stock_spread_before_ml) : known;
  return (
    <div className="min-w-0">
      {left > 0 ? (
        <>
          <p className="text-chalk-soft">{t('stove.beside.left-to-pour')}</p>
          <p className="beside-big">{volume(left)}</p>
          {known >= WORTH_A_WORD && (
            <p className="text-chalk-soft">
              {t('stove.beside.give-or-take-known', { known: volume(known) })}
              {was > 1.3 * known && was - known > 5 && (
                <span className="text-herb-light">{t('stove.beside.was-was', { was: volume(was) })}</span>
              )}
            </p>
          )}
        </>
      ) : (
        <p className="beside-big">
          {state.poured_ml > 0 ? t('stove.beside.all-in') : t('stove.beside.nothing-poured-yet')}
        </p>
      )}
      {Math.abs(more) >= WORTH_A_WORD && (
        <p className="text-saffron">
          {t('stove.beside.more-more2-than-planned-in-all', {
            more: volume(Math.abs(more)),
            more2: more > 0 ? t('stove.beside.more') : t('stove.beside.less'),
          })}
        </p>
      )}
    </div>
  );
}

/** ms; a clock shows its minute from its beginning. */
const HALF_A_MINUTE = 30_000;

const half = ([low = 0, high = 0]: number[]): number => (high - low) / 2;

/** The clock nearest to the moment; of the table not while the head of the screen has it. */
function Until({
  word,
  at,
  timezone,
  clockElsewhere = false,
}: {
  word: string;
  at: number;
  timezone: string;
  clockElsewhere?: boolean;
}) {
  return (
    <>
      <dt className="text-chalk-soft">{word}</dt>
      <dd className="text-right">
        <b className="text-[1.2em]">
          <Left to={at} over={t('common.now-4')} />
        </b>{' '}
        {!clockElsewhere && <span className="text-chalk-soft">{clock(at + HALF_A_MINUTE, timezone)}</span>}
      </dd>
    </>
  );
}

/** What will be on the plate, and how strong the ring is by what happened. */
function Will({ cook, forecast }: { cook: Cook; forecast: NonNullable<Cook['forecast']> }) {
  const now = useNow(1000);
  const percent = Math.round(100 * (forecast.power.times - 1));
  const plate = plateNow(cook, now);
  const [first = 0, last = 0] = forecast.pull_spread_min.map(Math.round);
  return (
    <p className="border-t border-iron-rule pt-[0.2em] text-[0.9em] text-chalk-soft">
      {t('stove.beside.on-the-plate')}{' '}
      <b className="text-chalk">{plate && wordOf('looseness', plate.word)}</b>
      {t('common.bite-4')}{' '}
      <b className={plate?.bite === 'right' ? 'text-chalk' : 'text-saffron'}>
        {plate && wordOf('bite', plate.bite)}
      </b>
      {plate?.burnt && (
        <>
          {t('stove.beside.crust')} <b className="text-tomato-light">{t('common.burnt')}</b>
        </>
      )}
      {first !== last && !forecast.pass && (
        <span className="block">{t('stove.beside.pull-between-minute-first-and-last', { first, last })}</span>
      )}
      {Math.abs(percent) >= 4 && (
        <span className="block">
          {t('stove.beside.ring-percent-percent2-than-its-mark', {
            percent: Math.abs(percent),
            percent2: percent > 0 ? t('stove.beside.stronger') : t('stove.beside.weaker'),
            weighed: forecast.power.weighed ? t('common.by-the-scale') : '',
          })}
        </span>
      )}
    </p>
  );
}
