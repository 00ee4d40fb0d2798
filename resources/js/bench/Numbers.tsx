import type { Working } from '../contracts.generated';
import { grams, millilitres, minute, trimmed } from '../measure';
import { Explain } from '../parts/Explain';

/** The five numbers that matter; each says why when it is touched. */
export function Numbers({ working, clockAt }: { working: Working; clockAt: (min: number) => string }) {
  const { plan } = working;
  const { balance } = plan;
  const perCover = plan.rice_g / working.ask.covers;
  return (
    <div className="flex flex-wrap justify-between">
      <Explain
        label="Rice"
        value={grams(plan.rice_g)}
        note={working.dish.rice}
        terms={[
          { label: working.ask.portion === 'main' ? 'a main' : 'a starter', amount: grams(perCover) },
          { sign: '×', label: 'covers', amount: String(working.ask.covers) },
          { sign: '=', label: 'raw rice', amount: grams(plan.rice_g) },
        ]}
        because={`${trimmed(plan.layer_mm, 0)} mm deep in the pan when it is done.`}
      />
      <Explain
        label="Stock"
        value={millilitres(plan.stock_ml)}
        note={`${plan.ratio.ml_per_g.toFixed(2)} mL/g · ${plan.ratio.by_volume.toFixed(1)} to 1`}
        terms={[
          {
            label: `drunk by the rice, ${plan.at_table.drunk_g_per_g.toFixed(2)} a gram`,
            amount: millilitres(balance.drunk_g),
          },
          { sign: '+', label: 'boiled off', amount: millilitres(balance.boiled_off_g) },
          { sign: '+', label: 'left as sauce', amount: millilitres(balance.free_g) },
          ...(balance.wine_ml > 0
            ? [{ sign: '−' as const, label: 'wine', amount: millilitres(balance.wine_ml) }]
            : []),
          { sign: '=', label: 'stock', amount: millilitres(balance.stock_ml) },
        ]}
        because="What is drunk and left as sauce goes by the weight of the rice; what boils off goes by heat and time, whatever the covers."
      />
      <Explain
        label="Reserve"
        value={millilitres(plan.reserve_ml)}
        note={`have ${millilitres(plan.stock_ml + plan.reserve_ml)} hot`}
        terms={[
          { label: 'stock', amount: millilitres(plan.stock_ml) },
          { sign: '×', label: 'held back', amount: '10 %' },
          { sign: '=', label: 'reserve', amount: millilitres(plan.reserve_ml) },
        ]}
        because={`Kept hot beside the pot, to loosen. Ladle of ${trimmed(working.ladle_ml, 0)}.`}
      />
      <Explain
        label="First liquid"
        value={clockAt(0)}
        note={`pan on at ${clockAt(Math.min(0, plan.stages[0]?.at_min ?? 0))}`}
        terms={[
          { label: 'at the table', amount: clockAt(plan.timing.table_min) },
          { sign: '−', label: 'on the heat', amount: `${minute(plan.timing.pull_min)} min` },
          {
            sign: '−',
            label: 'finish, rest and walk',
            amount: `${minute(plan.timing.table_min - plan.timing.pull_min)} min`,
          },
          { sign: '=', label: 'first liquid', amount: clockAt(0) },
        ]}
        because="The packet's minutes count from here."
      />
      <Explain
        label="Pull"
        value={clockAt(plan.timing.pull_min)}
        note={`minute ${minute(plan.timing.pull_min)}`}
        terms={[
          { label: 'done at the table', amount: `${minute(plan.at_table.doneness_min)} min` },
          {
            label: 'its window',
            amount: `${working.dish.window_min.map((min) => minute(min)).join(' to ')} min`,
          },
          { label: 'bite', amount: plan.at_table.bite },
          { label: 'body of the sauce, indicative', amount: working.body },
          { label: 'at the table', amount: `${Math.round(plan.at_table.temperature_c)} °C` },
        ]}
        because="Off early: the grain goes on cooking on its own heat until it is eaten. Minutes of doneness count at 100 °C."
      />
    </div>
  );
}
