import type { Around as AroundThePan, Plan, Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { trimmed } from '../measure';
import { Explain } from '../parts/Explain';
import { ScaleCurve } from '../pictures/ScaleCurve';
import { StockColumn } from '../pictures/StockColumn';
import { WhereItGoes } from '../pictures/WhereItGoes';
import { sum } from './terms';
import { t } from '../words/messages';

const milligrams = (value: number) => t('bench.stockSide.value-mg', { value: Math.round(value) });

const plateWeight = (plan: Plan) =>
  (plan.explain['plate_g'] ?? []).reduce((all, term) => all + term.value, 0);

/** The stock: the column with a band a dose, where it goes, and why it does not multiply. */
export function StockSide({
  working,
  scale,
  stale,
}: {
  working: Working;
  scale: AroundThePan['scale'];
  /** The curve is still that of what was asked before. */
  stale: boolean;
}) {
  const { plan } = working;
  const { weight } = useMeasure();
  const { season_g, wanted_percent: wanted = [] } = plan.salt;
  // What is part-cooked is seasoned when it is finished.
  const season = working.ask.way === 'ahead' ? 0 : (season_g ?? 0);
  return (
    <aside
      aria-label={t('bench.stockSide.the-stock')}
      className="flex flex-col gap-3 border-rule p-3 lg:max-xl:col-start-2 lg:max-xl:grid lg:max-xl:grid-cols-[204px_minmax(0,1fr)_204px] lg:max-xl:gap-x-6 lg:max-xl:border-t-2 lg:max-xl:px-4 xl:row-span-2 xl:border-l-2"
    >
      <p className="text-sm leading-tight text-ink-soft">
        {working.dish.stock}
        {plan.stages.filter((stage) => stage.kind === 'pour').length > 1
          ? t('bench.stockSide.a-band-for-each-dose')
          : t('bench.stockSide.all-in-one-pour')}
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
      <div aria-busy={stale} className="transition-opacity aria-busy:opacity-30">
        <ScaleCurve
          points={scale}
          covers={working.ask.covers + (working.ask.starters ?? 0)}
          width={204}
          height={150}
        />
      </div>
      <p className="text-sm leading-tight text-ink-soft">
        {t('bench.stockSide.the-rice-drinks-the-same-by')}
      </p>
      <div className="grid grid-cols-[repeat(auto-fit,minmax(6rem,1fr))]">
        <Explain
          small
          label={t('common.salt')}
          value={`${trimmed(plan.salt.percent_at_table, 1)} %`}
          note={
            season > 0
              ? t('bench.stockSide.season-with', { salt: weight(season) })
              : t('bench.stockSide.of-the-plate')
          }
          terms={[
            ...(plan.explain['salt_g'] ?? []).map((term, row) => ({
              label: t('bench.stockSide.salt-from-term', { term: term.term }),
              amount: `${trimmed(term.value, 1)} g`,
              ...(row > 0 ? { sign: '+' as const } : {}),
            })),
            { sign: '÷', label: t('bench.stockSide.on-all-plates'), amount: weight(plateWeight(plan)) },
            {
              sign: '=',
              label: t('bench.stockSide.of-the-plate'),
              amount: `${trimmed(plan.salt.percent_at_table, 2)} %`,
            },
          ]}
          because={`${t('bench.stockSide.wanted', {
            low: trimmed(wanted[0] ?? 0, 2),
            high: trimmed(wanted[1] ?? 0, 2),
            season: season > 0 ? 'yes' : 'no',
            salt: weight(season),
            stock: trimmed(plan.salt.stock_percent ?? 0, 2),
          })} ${t('bench.stockSide.0-8-to-1-0-is')}`}
        />
        <Explain
          small
          label={t('bench.stockSide.sodium')}
          value={t('common.sodiummgpercover-mg', {
            sodiumMgPerCover: Math.round(plan.salt.sodium_mg_per_cover),
          })}
          note={
            season > 0
              ? t('bench.stockSide.seasoned-sodium', {
                  sodium: Math.round(plan.salt.sodium_seasoned_mg_per_cover ?? 0),
                })
              : t('bench.stockSide.a-cover')
          }
          terms={sum(
            plan,
            'sodium_mg_per_cover',
            { label: t('bench.stockSide.a-cover'), amount: milligrams(plan.salt.sodium_mg_per_cover) },
            milligrams,
          )}
          because={t('bench.stockSide.393-mg-in-a-gram-of')}
        />
        {plan.balance.wine_ml > 0 && (
          <Explain
            small
            label={t('bench.stockSide.alcohol')}
            value={`${trimmed(plan.alcohol.g_per_cover, 1)} g`}
            note={t('bench.stockSide.leftpercent-stays', {
              leftPercent: Math.round(plan.alcohol.left_percent),
            })}
            terms={sum(
              plan,
              'alcohol_g_per_cover',
              { label: t('bench.stockSide.a-cover'), amount: `${trimmed(plan.alcohol.g_per_cover, 2)} g` },
              (value) => `${trimmed(value, 2)} g`,
            )}
            because={t('bench.stockSide.cooking-does-not-remove-all-of')}
          />
        )}
        {plan.finish.fat_g > 0 && (
          <Explain
            small
            label={t('bench.stockSide.finish')}
            value={weight(plan.finish.fat_g)}
            note={t('bench.stockSide.of-fat')}
            terms={[
              { label: t('bench.stockSide.fat'), amount: weight(plan.finish.fat_g) },
              { label: t('bench.stockSide.water'), amount: weight(plan.finish.water_g) },
              { label: t('bench.stockSide.salt'), amount: `${trimmed(plan.finish.salt_g, 1)} g` },
            ]}
            because={t('bench.stockSide.what-butter-and-cheese-bring-all')}
          />
        )}
      </div>
    </aside>
  );
}
