import type { Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { minute, wholeMinute, type Measure } from '../measure';
import { Explain, type Term } from '../parts/Explain';
import { GiveOrTake, WhyGiveOrTake } from './GiveOrTake';
import { sum } from './terms';
import { t, wordOf } from '../words/messages';
import { takesCrust } from '../pictures/fromPlan';

const HELD_BACK = {
  risotto: t('bench.numbers.what-is-held-back-stays-hot'),
  'pan-rice': t('bench.numbers.what-is-held-back-is-for'),
  'soupy-rice': t('bench.numbers.what-is-held-back-stays-hot-2'),
};

/** The plates of each size, by what goes on them. */
function portions({ ask, plan, dish }: Working, { weight }: Measure): Term[] {
  const starters = ask.starters ?? 0;
  if (starters === 0) {
    return [
      {
        label: ask.portion === 'main' ? t('common.a-main') : t('bench.numbers.a-starter'),
        amount: weight(plan.rice_g / ask.covers),
      },
      { sign: '×', label: t('bench.numbers.covers'), amount: String(ask.covers) },
    ];
  }
  return [
    {
      label: t('bench.numbers.covers-mains', { covers: ask.covers }),
      amount: weight(ask.covers * dish.grams_main),
    },
    {
      sign: '+',
      label: t('bench.numbers.starters-starters', { starters }),
      amount: weight(starters * dish.grams_starter),
    },
  ];
}

/** The five numbers that matter; each says why when it is touched. */
export function Numbers({ working, clockAt }: { working: Working; clockAt: (min: number) => string }) {
  const { plan, dish } = working;
  const measure = useMeasure();
  const { volume, weight } = measure;
  const liquor = working.prep.reduce((all, one) => all + (one.gives_ml ?? 0), 0);
  const minutes = (value: number) => t('bench.numbers.value-min', { value: minute(value) });
  return (
    <div className="flex flex-wrap items-start justify-between">
      <Explain
        label={t('common.rice')}
        value={weight(plan.rice_g)}
        note={dish.rice}
        terms={[
          ...portions(working, measure),
          { sign: '=', label: t('bench.numbers.raw-rice'), amount: weight(plan.rice_g) },
        ]}
        because={t('bench.numbers.layer-deep-in-the-pan-when', { layer: measure.depth(plan.layer_mm) })}
      />
      <Explain
        label={t('common.stock-4')}
        value={volume(plan.stock_ml)}
        note={
          <>
            {measure.ratio(plan.ratio.ml_per_g)}
            <br />
            {t('bench.numbers.tofixed-cups-to-1-of-rice', { toFixed: plan.ratio.by_volume.toFixed(1) })}
            <GiveOrTake working={working} />
          </>
        }
        beyond={<WhyGiveOrTake working={working} />}
        terms={sum(plan, 'stock_ml', { label: t('common.stock'), amount: volume(plan.stock_ml) }, volume)}
        because={t('bench.numbers.what-is-drunk-and-left-as')}
      />
      <Explain
        label={t('bench.numbers.put-on-beside-it')}
        value={volume(plan.side_pot.make_ml)}
        note={
          <>
            {t('bench.numbers.reserve-held-back', { reserve: volume(plan.reserve_ml) })}
            {liquor > 0 && (
              <>
                <br />
                {t('bench.numbers.of-it-liquor', { liquor: volume(liquor) })}
              </>
            )}
          </>
        }
        terms={sum(
          plan,
          'make_ml',
          { label: t('bench.numbers.in-the-side-pot'), amount: volume(plan.side_pot.make_ml) },
          volume,
        )}
        because={t('bench.numbers.heldback-ladle-of-ladle', {
          HELDBACK: HELD_BACK[dish.family],
          ladle: volume(working.ladle_ml),
        })}
      />
      <Explain
        label={t('bench.numbers.first-liquid')}
        value={clockAt(0)}
        note={t('bench.numbers.pan-on-at-min', { min: clockAt(Math.min(0, plan.stages[0]?.at_min ?? 0)) })}
        terms={[
          ...sum(
            plan,
            'table_min',
            {
              label: t('bench.numbers.from-first-liquid-to-the-spoon'),
              amount: minutes(plan.timing.table_min),
            },
            minutes,
          ),
          { label: t('common.at-the-table-4'), amount: clockAt(plan.timing.table_min) },
          { sign: '=', label: t('bench.numbers.first-liquid-2'), amount: clockAt(0) },
        ]}
        because={t('bench.numbers.the-packets-minutes-count-from-here')}
      />
      <Explain
        label={t('bench.numbers.pull')}
        value={clockAt(plan.timing.pull_min)}
        note={t('common.minute-pull', { pull: wholeMinute(plan.timing.pull_min) })}
        terms={[
          ...sum(
            plan,
            'doneness_min',
            {
              label: t('bench.numbers.done-of-join', {
                join: working.dish.window_min.map(minute).join(t('common.to')),
              }),
              amount: minutes(plan.at_table.doneness_min),
            },
            minutes,
          ),
          { label: t('common.bite'), amount: wordOf('bite', plan.at_table.bite) },
          { label: t('common.body-indicative'), amount: wordOf('body', working.body) },
          { label: t('common.at-the-table-4'), amount: measure.heat(plan.at_table.temperature_c) },
        ]}
        because={
          takesCrust(plan)
            ? t('bench.numbers.once-it-is-dry-the-grain')
            : t('bench.numbers.off-early-the-grain-goes-on', { heat: measure.heat(100) })
        }
      />
    </div>
  );
}
