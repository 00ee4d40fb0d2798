import type { Working } from '../contracts.generated';
import { trimmed } from '../measure';
import { ScaleCurve } from '../pictures/ScaleCurve';
import { StockColumn } from '../pictures/StockColumn';
import { WhereItGoes } from '../pictures/WhereItGoes';

/** The stock: the column with a band a dose, where it goes, and why it does not multiply. */
export function StockSide({ working }: { working: Working }) {
  const { plan } = working;
  return (
    <aside aria-label="The stock" className="flex flex-col gap-3 border-l-2 border-rule p-3">
      <p className="text-sm leading-tight text-ink-soft">{working.dish.stock}, a band for each dose</p>
      <StockColumn
        width={204}
        height={296}
        reserve={plan.reserve_ml}
        bands={plan.stages
          .filter((stage) => stage.kind === 'pour')
          .map((stage) => ({ volume_ml: stage.volume_ml ?? 0, poured: false, next: false }))}
      />
      <WhereItGoes plan={plan} />
      <ScaleCurve points={working.why} covers={working.ask.covers} width={204} height={150} />
      <p className="text-sm leading-tight text-ink-soft">
        The rice drinks the same by the gram; the steam is shared by more.
      </p>
      <p className="text-sm leading-tight text-ink-soft">
        Salt {trimmed(plan.salt.percent_at_table, 1)} % of the plate before the finish,{' '}
        {Math.round(plan.salt.sodium_mg_per_cover)} mg sodium a cover from the stock.
      </p>
    </aside>
  );
}
