import { useState } from 'react';
import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { trimmed, type Typed } from '../measure';
import { useNow } from '../time';
import { Drawer, Foot } from './Drawer';
import { minuteAt } from './due';
import { readingOf } from './readings';
import type { Say } from './say';
import { t } from '../words/messages';

const number = (text: string, unit: Typed): number | null =>
  /^\d+([.,]\d+)?$/.test(text.trim()) ? unit.read(Number(text.trim().replace(',', '.'))) : null;

/** A weighing that lies further off than so many standard deviations is asked about before it counts. */
const DOUBTED = 3;

type Forecast = NonNullable<Cook['forecast']>;

/** Water in the pan by the forecast, free and drunk, at a minute of the cook, g; what is still to go in is not in it yet. */
function waterAt({ track, steps }: Forecast, rice: number, minute: number): number {
  const { min, free_g, drunk_g_per_g } = track;
  const dose = steps.find((step) => step.kind === 'pour')?.at_min ?? Infinity;
  const row = Math.max(
    0,
    min.findLastIndex((at) => at <= Math.min(minute, dose)),
  );
  return (free_g[row] ?? 0) + rice * (drunk_g_per_g[row] ?? 0);
}

/** What the rice weighs as it goes in: raw, or part-cooked. */
const riceOf = ({ ask, plan, part_cooked }: Cook['working']) =>
  ask.way === 'to-order' ? (part_cooked?.weighs_g ?? plan.rice_g) : plan.rice_g;

/** The pan on the scale: one number, and the rest of the stock is known better. */
export function Weigh({ cook, say, onClose }: { cook: Cook; say: Say; onClose: () => void }) {
  const {
    weight,
    typed: { weight: unit },
  } = useMeasure();
  const { scale, forecast, working } = cook;
  const now = useNow(1000);
  const scaleSays = readingOf(cook, 'scale', now)?.value ?? null;
  const [typed, setTyped] = useState<string | null>(null);
  const written = (g: number) => trimmed(unit.shown(g), unit.unit === 'g' ? 0 : unit.decimals);
  const gross = typed ?? (scaleSays === null ? '' : written(scaleSays));
  const [tare, setTare] = useState(scale.tare_g === null ? '' : written(scale.tare_g));
  const [extras, setExtras] = useState(written(scale.extras_g));
  const [all, typedEmpty, besides] = [gross, tare, extras].map((text) => number(text, unit));
  const first = cook.state.first_liquid_at === null;
  // Before the first liquid the weighing itself is the tare: whoever does not know what the empty pan weighs need not.
  const empty =
    first && tare.trim() === '' && typeof all === 'number' && typeof besides === 'number'
      ? Math.max(0, all - besides - riceOf(working))
      : typedEmpty;
  const fits =
    typeof all === 'number' &&
    typeof empty === 'number' &&
    typeof besides === 'number' &&
    all > empty + besides;
  const rice = working.plan.rice_g;
  const expected =
    forecast && typeof empty === 'number' && typeof besides === 'number'
      ? empty + besides + rice + waterAt(forecast, rice, minuteAt(cook, now))
      : null;

  const off = fits && expected !== null ? all - expected : 0;
  const more = off > 0;
  const doubted = Math.abs(off) > DOUBTED * Math.hypot(forecast?.water_spread_g ?? 0, scale.spread_g ?? 0);
  const most =
    typeof empty === 'number' && typeof besides === 'number' && scale.most_g !== undefined
      ? empty + besides + scale.most_g
      : Infinity;
  const impossible = typeof all === 'number' && all > most;
  // Asked once for what is typed; a scale that stands at the ring goes on moving by a gram or two.
  const [asked, setAsked] = useState(false);
  const asks = doubted && !impossible && asked;
  const change = (set: (text: string) => void) => (text: string) => {
    set(text);
    setAsked(false);
  };

  return (
    <Drawer title={t('stove.weigh.the-pan-on-the-scale')} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (fits && doubted && !asks) {
            setAsked(true);
          } else if (fits && !impossible) {
            onClose();
            say({ kind: 'weigh', gross_g: all, tare_g: empty, extras_g: besides });
          }
        }}
      >
        <div className="mt-4 grid grid-cols-[2fr_1fr_1fr] gap-3 max-md:grid-cols-1">
          <Number_
            unit={unit.unit}
            label={t('stove.weigh.weighs-now-pan-and-all')}
            value={gross}
            onChange={change(setTyped)}
            big
            autoFocus
          />
          <Number_
            unit={unit.unit}
            label={t('stove.weigh.the-empty-pan')}
            value={tare}
            onChange={change(setTare)}
          />
          <Number_
            unit={unit.unit}
            label={t('stove.weigh.base-and-what-else-is-in')}
            value={extras}
            onChange={change(setExtras)}
          />
        </div>
        <p role="status" className="mt-2 min-h-9 text-2xl text-chalk-soft">
          {first
            ? t('stove.weigh.before-the-first-liquid')
            : impossible
              ? ''
              : fits
                ? t('stove.weigh.all-of-liquid-in-rice-of', {
                    all: weight(all - empty - besides - rice),
                    rice: weight(rice),
                    typed: typed === null ? t('common.by-the-scale') : '',
                  })
                : tare === ''
                  ? t('stove.weigh.weigh-the-empty-pan-once-it')
                  : ''}
          {!first && expected !== null && (
            <span className="block">
              {t('stove.weigh.expect-about-expected', { expected: weight(expected) })}
            </span>
          )}
        </p>
        {(impossible || asks) && (
          <p role="alert" className="mt-1 text-2xl font-bold text-saffron">
            {impossible
              ? t('stove.weigh.more-than-it-holds', { most: weight(most) })
              : more
                ? t('stove.weigh.heavier-than-it-can-be', { off: weight(Math.abs(off)) })
                : t('stove.weigh.lighter-than-it-can-be', { off: weight(Math.abs(off)) })}
          </p>
        )}
        <Foot
          words={asks ? t('stove.weigh.count-it-all-the-same') : t('stove.weigh.that-is-it')}
          fits={fits && !impossible}
        />
        <p className="mt-3 text-lg text-chalk-soft">{t('stove.weigh.a-full-pan-is-hot-and')}</p>
      </form>
    </Drawer>
  );
}

function Number_({
  label,
  unit,
  value,
  onChange,
  big = false,
  autoFocus = false,
}: {
  label: string;
  unit: string;
  value: string;
  onChange: (value: string) => void;
  big?: boolean;
  autoFocus?: boolean;
}) {
  return (
    <label className="block text-lg text-chalk-soft">
      {label} ({unit})
      <input
        autoFocus={autoFocus}
        inputMode="decimal"
        value={value}
        onChange={(event) => onChange(event.target.value)}
        onFocus={(event) => event.target.select()}
        className={`mt-1 block h-24 w-full rounded-lg border-2 border-chalk bg-transparent px-4 text-right font-bold text-chalk ${big ? 'text-7xl' : 'text-4xl'}`}
      />
    </label>
  );
}
