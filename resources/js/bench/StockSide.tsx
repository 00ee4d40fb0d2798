import type { Around as AroundThePan, Plan, Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { trimmed } from '../measure';
import { Explain } from '../parts/Explain';
import { ScaleCurve } from '../pictures/ScaleCurve';
import { StockColumn } from '../pictures/StockColumn';
import { WhereItGoes } from '../pictures/WhereItGoes';
import { sum } from './terms';

const milligrams = (value: number) => `${Math.round(value)} mg`;

const plateWeight = (plan: Plan) =>
  (plan.explain['plate_g'] ?? []).reduce((all, term) => all + term.value, 0);

/** The stock: the column with a band a dose, where it goes, and why it does not multiply. */
export function StockSide({ working, scale }: { working: Working; scale: AroundThePan['scale'] }) {
  const { plan } = working;
  const { weight } = useMeasure();
  return (
    <aside
      aria-label="The stock"
      className="flex flex-col gap-3 border-rule p-3 lg:max-xl:col-start-2 lg:max-xl:grid lg:max-xl:grid-cols-[204px_minmax(0,1fr)_204px] lg:max-xl:gap-x-6 lg:max-xl:border-t-2 lg:max-xl:px-4 xl:row-span-2 xl:border-l-2"
    >
      <p className="text-sm leading-tight text-ink-soft">
        {working.dish.stock}
        {working.dish.family === 'risotto' ? ', a band for each dose' : ', all in one pour'}
      </p>
      <StockColumn
        width={204}
        height={296}
        reserve={plan.reserve_ml}
        bands={plan.stages
          .filter((stage) => stage.kind === 'pour')
          .map((stage) => ({ volume_ml: stage.volume_ml ?? 0, poured: false, next: false }))}
      />
      <WhereItGoes plan={plan} />
      <ScaleCurve
        points={scale}
        covers={working.ask.covers + (working.ask.starters ?? 0)}
        width={204}
        height={150}
      />
      <p className="text-sm leading-tight text-ink-soft">
        The rice drinks the same by the gram; the steam is shared by more.
      </p>
      <div className="grid grid-cols-2">
        <Explain
          small
          label="Salt"
          value={`${trimmed(plan.salt.percent_at_table, 1)} %`}
          note="of the plate"
          terms={[
            ...(plan.explain['salt_g'] ?? []).map((term, row) => ({
              label: `salt from ${term.term}`,
              amount: `${trimmed(term.value, 1)} g`,
              ...(row > 0 ? { sign: '+' as const } : {}),
            })),
            { sign: '÷', label: 'on all plates', amount: weight(plateWeight(plan)) },
            { sign: '=', label: 'of the plate', amount: `${trimmed(plan.salt.percent_at_table, 2)} %` },
          ]}
          because="0.8 to 1.0 % is right for most. Steam takes none of it away."
        />
        <Explain
          small
          label="Sodium"
          value={`${Math.round(plan.salt.sodium_mg_per_cover)} mg`}
          note="a cover"
          terms={sum(
            plan,
            'sodium_mg_per_cover',
            { label: 'a cover', amount: milligrams(plan.salt.sodium_mg_per_cover) },
            milligrams,
          )}
          because="393 mg in a gram of salt. On a low-sodium diet the dietitian decides."
        />
        {plan.balance.wine_ml > 0 && (
          <Explain
            small
            label="Alcohol"
            value={`${trimmed(plan.alcohol.g_per_cover, 1)} g`}
            note={`${Math.round(plan.alcohol.left_percent)} % stays`}
            terms={sum(
              plan,
              'alcohol_g_per_cover',
              { label: 'a cover', amount: `${trimmed(plan.alcohol.g_per_cover, 2)} g` },
              (value) => `${trimmed(value, 2)} g`,
            )}
            because="Cooking does not remove all of it."
          />
        )}
        {plan.finish.fat_g > 0 && (
          <Explain
            small
            label="Finish"
            value={weight(plan.finish.fat_g)}
            note="of fat"
            terms={[
              { label: 'fat', amount: weight(plan.finish.fat_g) },
              { label: 'water', amount: weight(plan.finish.water_g) },
              { label: 'salt', amount: `${trimmed(plan.finish.salt_g, 1)} g` },
            ]}
            because="What butter and cheese bring, all covers; counted apart from the sauce."
          />
        )}
      </div>
    </aside>
  );
}
