import type { Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { minute, wholeMinute, type Measure } from '../measure';
import { Explain, type Term } from '../parts/Explain';
import { sum } from './terms';

const HELD_BACK = {
  risotto: 'What is held back stays hot beside the pot, to loosen it at the pass.',
  'pan-rice': 'What is held back is for the rescue: hot, round the rim, if it dries too early.',
  'soupy-rice': 'What is held back stays hot, to loosen the bowl when it sets up.',
};

/** The plates of each size, by what goes on them. */
function portions({ ask, plan, dish }: Working, { weight }: Measure): Term[] {
  const starters = ask.starters ?? 0;
  if (starters === 0) {
    return [
      { label: ask.portion === 'main' ? 'a main' : 'a starter', amount: weight(plan.rice_g / ask.covers) },
      { sign: '×', label: 'covers', amount: String(ask.covers) },
    ];
  }
  return [
    { label: `${ask.covers} mains`, amount: weight(ask.covers * dish.grams_main) },
    { sign: '+', label: `${starters} starters`, amount: weight(starters * dish.grams_starter) },
  ];
}

/** The five numbers that matter; each says why when it is touched. */
export function Numbers({ working, clockAt }: { working: Working; clockAt: (min: number) => string }) {
  const { plan, dish } = working;
  const measure = useMeasure();
  const { volume, weight } = measure;
  const minutes = (value: number) => `${minute(value)} min`;
  return (
    <div className="flex flex-wrap items-start justify-between">
      <Explain
        label="Rice"
        value={weight(plan.rice_g)}
        note={dish.rice}
        terms={[...portions(working, measure), { sign: '=', label: 'raw rice', amount: weight(plan.rice_g) }]}
        because={`${measure.depth(plan.layer_mm)} deep in the pan when it is done.`}
      />
      <Explain
        label="Stock"
        value={volume(plan.stock_ml)}
        note={
          <>
            {measure.ratio(plan.ratio.ml_per_g)}
            <br />
            {plan.ratio.by_volume.toFixed(1)} cups to 1 of rice
          </>
        }
        terms={sum(plan, 'stock_ml', { label: 'stock', amount: volume(plan.stock_ml) }, volume)}
        because="What is drunk and left as sauce goes by the weight of the rice; what boils off goes by heat and time, whatever the covers."
      />
      <Explain
        label="Put on beside it"
        value={volume(plan.side_pot.make_ml)}
        note={`${volume(plan.reserve_ml)} held back`}
        terms={sum(
          plan,
          'make_ml',
          { label: 'in the side pot', amount: volume(plan.side_pot.make_ml) },
          volume,
        )}
        because={`${HELD_BACK[dish.family]} Ladle of ${volume(working.ladle_ml)}.`}
      />
      <Explain
        label="First liquid"
        value={clockAt(0)}
        note={`pan on at ${clockAt(Math.min(0, plan.stages[0]?.at_min ?? 0))}`}
        terms={[
          ...sum(
            plan,
            'table_min',
            { label: 'from first liquid to the spoon', amount: minutes(plan.timing.table_min) },
            minutes,
          ),
          { label: 'at the table', amount: clockAt(plan.timing.table_min) },
          { sign: '=', label: 'first liquid', amount: clockAt(0) },
        ]}
        because="The packet's minutes count from here."
      />
      <Explain
        label="Pull"
        value={clockAt(plan.timing.pull_min)}
        note={`minute ${wholeMinute(plan.timing.pull_min)}`}
        terms={[
          ...sum(
            plan,
            'doneness_min',
            {
              label: `done, of ${working.dish.window_min.map(minute).join(' to ')}`,
              amount: minutes(plan.at_table.doneness_min),
            },
            minutes,
          ),
          { label: 'bite', amount: plan.at_table.bite },
          { label: 'body, indicative', amount: working.body },
          { label: 'at the table', amount: measure.heat(plan.at_table.temperature_c) },
        ]}
        because={
          dish.family === 'pan-rice'
            ? 'Once it is dry the grain cooks no further: dry, crust, off.'
            : `Off early: the grain goes on cooking on its own heat until it is eaten. Minutes of doneness count at ${measure.heat(100)}.`
        }
      />
    </div>
  );
}
