import type { GiveOrTake as Doubt, Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { SOURCES } from '../kitchen/words';
import { t } from '../words/messages';
import { useAround } from './useAround';

/** mL: nobody knows it better than that. */
const KNOWN_TO = 10;

const roughly = (ml: number): number => KNOWN_TO * Math.max(1, Math.round(ml / KNOWN_TO));

/** How far the stock may lie off, by how well the ring and the rice are known; a little after the stock itself, and never that of another plan. */
export function GiveOrTake({ working }: { working: Working }) {
  const { volume } = useMeasure();
  const { around, stale } = useAround(working.ask);
  return (
    <span aria-busy={stale} className="block">
      {!stale && around?.give_or_take
        ? t('bench.numbers.give-or-take', { stock: volume(roughly(around.give_or_take.stock_ml)) })
        : ' '}
    </span>
  );
}

type One = NonNullable<Doubt>['of'][number];

/** What it comes of, each alone. */
export function WhyGiveOrTake({ working }: { working: Working }) {
  const { volume } = useMeasure();
  const { around, stale } = useAround(working.ask);
  if (stale || !around?.give_or_take) {
    return null;
  }
  const called = ({ of, source }: One) =>
    of === 'ring-power'
      ? t('bench.numbers.doubt-ring', { ring: working.burner.name, source: SOURCES[source] })
      : of === 'drinking'
        ? t('bench.numbers.doubt-drinking', { rice: working.dish.rice, source: SOURCES[source] })
        : t('bench.numbers.doubt-doneness', { rice: working.dish.rice, source: SOURCES[source] });
  return (
    <div className="mt-3 border-t border-rule pt-2 text-base">
      <p className="text-ink-soft">{t('bench.numbers.nine-times-in-ten')}</p>
      <table className="w-full">
        <tbody>
          {around.give_or_take.of.map((one) => (
            <tr key={one.of}>
              <td>{called(one)}</td>
              <td className="text-right whitespace-nowrap">± {volume(roughly(one.stock_ml))}</td>
            </tr>
          ))}
          <tr className="border-t-2 border-ink font-bold">
            <td>{t('common.stock-4')}</td>
            <td className="text-right whitespace-nowrap">
              ± {volume(roughly(around.give_or_take.stock_ml))}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  );
}
