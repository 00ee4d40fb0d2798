import { inThePour, listed, OVEN, verbOf } from '../stages';
import { useAmount } from '../amount';
import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { ladles, trimmed } from '../measure';
import type { Step } from './ahead';
import { useMoment } from '../time';
import { Left } from './Left';
import { readingOf } from './readings';
import { isPour, itemsOf } from './steps';
import { t } from '../words/messages';

/** Before the first step: what goes into the pan, and what stands ready. */
export function PanOn({ cook }: { cook: Cook }) {
  const { working } = cook;
  const { volume, weight } = useMeasure();
  const toOrder = working.ask.way === 'to-order' ? working.part_cooked : null;
  return (
    <>
      <p className="now-verb">{t('common.pan-on')}</p>
      <p className="now-digits now-digits-small">{working.pan.name}</p>
      <p className="now-say">
        {t('stove.now.on-burner-then-rice', {
          burner: working.burner.name,
          weight: weight(toOrder?.weighs_g ?? working.plan.rice_g),
          rice: toOrder ? t('stove.now.part-cooked-rice', { rice: working.dish.rice }) : working.dish.rice,
        })}
      </p>
      <p className="now-say opacity-80">
        {t('stove.now.stock-of-stock2-hot-beside-it', {
          stock: volume(working.plan.stock_ml + working.plan.reserve_ml),
          stock2: working.dish.stock,
          wine:
            working.plan.balance.wine_ml > 0
              ? t('stove.now.wine-of-wine', { wine: volume(working.plan.balance.wine_ml) })
              : '',
        })}
      </p>
    </>
  );
}

/**
 * The step to do now: verb, amount, second measure, sign.
 *
 * `until`: when it is over, where it takes its time and has begun.
 */
export function Action({ cook, step, until }: { cook: Cook; step: Step; until: number | null }) {
  return (
    <>
      <p className="now-verb">{verbOf(step)}</p>
      {until === null || step.kind === 'finish' ? (
        <Amount cook={cook} step={step} />
      ) : (
        <>
          <p className={`now-digits ${itemsOf(cook, step).length > 0 ? 'now-digits-small' : ''}`}>
            <Left to={until} />
          </p>
          <WithIt cook={cook} step={step} />
        </>
      )}
      <p className="now-say">{step.kind === 'finish' ? cook.working.dish.finish || step.say : step.say}</p>
    </>
  );
}

/** How the heat is changed where there is no knob: down, and up. */
const HOW_TURNED: Partial<Record<string, readonly [down: string, up: string]>> = {
  wood: [t('stove.now.rake-the-embers'), t('stove.now.feed-the-fire')],
  charcoal: [t('stove.now.rake-the-coals'), t('stove.now.more-coals')],
  top: [t('stove.now.move-the-pan'), t('stove.now.move-the-pan')],
};

function howTurned({ working, forecast }: Cook, step: Step): string | null {
  const net = (mark: string | null | undefined) =>
    working.burner.marks.find((one) => one.mark === mark)?.net_w ?? 0;
  const up = net(step.setting) > net(forecast?.setting ?? working.burner.mark);
  return step.setting === OVEN ? null : (HOW_TURNED[working.burner.fuel ?? 'gas']?.[up ? 1 : 0] ?? null);
}

/** g or mL below which an amount keeps its decimals: 0.12 g of saffron is not 0 g. */
const SMALL = 10;

/** What is measured out for a step, in digits that read across the room. */
function Amount({ cook, step }: { cook: Cook; step: Step }) {
  const { dose, weight, small } = useMeasure();
  const { working } = cook;
  const items = itemsOf(cook, step);
  const reach = step.stage === null ? null : (working.plan.stages[step.stage]?.reach_c ?? null);
  if (reach !== null) {
    return <Core cook={cook} reach={reach} names={items.map((one) => one.name).join(', ')} />;
  }
  if (step.kind === 'taste') {
    return <WithIt cook={cook} step={step} />;
  }
  const only = isPour(step) ? null : (step.item ?? (items.length === 1 ? items[0] : null));
  if (!isPour(step) && (items.length > 1 || only?.amount === 0)) {
    return <Items items={items} />;
  }
  if (only) {
    const { name, amount, unit } = only;
    const { number, unit: shown } =
      unit === 'pieces'
        ? { number: trimmed(amount, 2), unit: '' }
        : amount < SMALL
          ? split(small(amount, unit === 'g' ? 'g' : 'ml'))
          : unit === 'g'
            ? split(weight(amount))
            : dose(amount);
    return <Digits number={number} unit={shown} second={name} />;
  }
  if (step.volume_ml !== null) {
    const { number, unit } = dose(step.volume_ml);
    return (
      <>
        <Digits
          number={number}
          unit={unit}
          second={
            step.ladles === null
              ? null
              : t('common.ladles-of-number', {
                  ladles: ladles(step.ladles),
                  number: dose(working.ladle_ml).number,
                })
          }
        />
        <WithIt cook={cook} step={step} />
      </>
    );
  }
  const how = howTurned(cook, step);
  return ['heat', 'crust'].includes(step.kind) ? (
    <>
      {step.setting !== OVEN && <p className="now-digits now-digits-small">{step.setting}</p>}
      {how !== null && <p className="now-second">{how}</p>}
    </>
  ) : null;
}

/** What the middle of something has to reach; a probe that stands at the ring reads the pan until it is put in there. */
function Core({ cook, reach, names }: { cook: Cook; reach: number; names: string }) {
  const { heat } = useMeasure();
  const probe = useMoment((now) => readingOf(cook, 'probe', now)?.value ?? null);
  return (
    <>
      <p className="now-digits now-digits-small">{heat(reach)}</p>
      <p className="now-second">{names}</p>
      {probe !== null && (
        <p className="now-say font-bold">{t('stove.now.probe-into-it', { reads: heat(probe) })}</p>
      )}
    </>
  );
}

/** What goes in with it, while it goes on. */
function WithIt({ cook, step }: { cook: Cook; step: Step }) {
  const amount = useAmount();
  const items = itemsOf(cook, step);
  return items.length === 0 ? null : (
    <p className="now-say font-bold">
      {isPour(step) ? inThePour(items, amount) : t('stove.now.with-words', { words: listed(items, amount) })}
    </p>
  );
}

/** Several things at once, a line each. */
function Items({ items }: { items: ReturnType<typeof itemsOf> }) {
  const amount = useAmount();
  return (
    <ul className="now-digits now-digits-small" data-lines={Math.min(5, items.length)}>
      {items.map((one) => (
        <li key={one.name} className="truncate pb-[0.12em]">
          {one.amount > 0 && `${amount(one.amount, one.unit)} `}
          {one.name}
        </li>
      ))}
    </ul>
  );
}

/** "480 g" in digits and unit. */
function split(weight: string): { number: string; unit: string } {
  const at = weight.lastIndexOf(' ');
  return { number: weight.slice(0, at), unit: weight.slice(at + 1) };
}

function Digits({ number, unit, second }: { number: string; unit: string; second: string | null }) {
  return (
    <>
      <p className="now-digits">
        {number}
        <span className="now-unit">{unit}</span>
      </p>
      {second !== null && <p className="now-second">{second}</p>}
    </>
  );
}

/** How it is stirred while it cooks is no word for these: each says itself what the hand does; nor for a floor that takes its colour. */
const MOVED_OTHERWISE: readonly Step['kind'][] = [
  'pan-on',
  'base',
  'take-out',
  'toast',
  'rice-in',
  'boil-up',
  'crust',
];

/** Heat and stirring as plain pictograms with words; between them what a probe reads, where one stands in the pan. */
export function HeatAndSpoon({ cook, step, calls }: { cook: Cook; step: Step; calls: boolean }) {
  const { working } = cook;
  const { heat } = useMeasure();
  const probe = useMoment((now) => readingOf(cook, 'probe', now)?.value ?? null);
  const gone =
    (step.kind === 'off' && calls) ||
    cook.state.done.some((done) => working.plan.stages[done.stage]?.kind === 'off');
  return (
    <ul aria-label={t('stove.now.heat-and-spoon')} className="now-signs">
      <Sign
        words={
          gone ? t('stove.now.heat-off') : (cook.forecast?.setting ?? step.setting ?? working.burner.mark)
        }
      >
        {gone ? (
          <path d="M12 12 36 36 M36 12 12 36" stroke="currentColor" strokeWidth="5" />
        ) : (
          <path d="M24 8c6 8 9 12 9 18a9 9 0 0 1-18 0c0-6 3-10 9-18z" fill="currentColor" />
        )}
      </Sign>
      {probe !== null && (
        <Sign words={heat(probe)} by={t('stove.now.by-the-probe')}>
          <path d="M24 10v19" stroke="currentColor" strokeWidth="5" strokeLinecap="round" />
          <circle cx="24" cy="33" r="6.5" fill="currentColor" />
        </Sign>
      )}
      {!gone && !MOVED_OTHERWISE.includes(step.kind) && !cook.forecast?.floor && (
        <Sign words={working.dish.stirring}>
          <path d="M30 10 18 30" stroke="currentColor" strokeWidth="4.5" strokeLinecap="round" />
          <ellipse cx="16" cy="34" rx="5" ry="7" fill="currentColor" transform="rotate(32 16 34)" />
        </Sign>
      )}
    </ul>
  );
}

function Sign({ words, by, children }: { words: string; by?: string; children: React.ReactNode }) {
  return (
    <li>
      <svg viewBox="0 0 48 48" aria-hidden="true">
        <circle cx="24" cy="24" r="21" fill="none" stroke="currentColor" strokeWidth="4" />
        {children}
      </svg>
      {words}
      {by && <span className="sr-only">{by}</span>}
    </li>
  );
}
