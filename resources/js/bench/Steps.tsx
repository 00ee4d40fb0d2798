import { OVEN, verbOf, amounts, named, only, type Stage } from '../stages';
import { useAmount } from '../amount';
import type { Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { ladleCount, ladles, wholeMinute } from '../measure';
import { halfDays } from '../time';
import { t } from '../words/messages';

/** On a phone the sign stands under its step, as wide as there is room. */
const NARROW = 'max-md:grid max-md:grid-cols-[5.5rem_minmax(0,1fr)_auto] max-md:items-baseline';

/** The cook step by step, one line each. */
export function Steps({ working, clockAt }: { working: Working; clockAt: (min: number) => string }) {
  const { plan, ladle_ml } = working;
  const { dose } = useMeasure();
  const amount = useAmount();
  const jug = (ml: number) => Object.values(dose(ml)).join(' ');
  return (
    <table
      aria-label={t('bench.steps.steps')}
      className="w-full min-w-[36rem] table-fixed text-base leading-snug max-md:block max-md:min-w-0"
    >
      <colgroup className="max-md:hidden">
        {[
          halfDays() ? 'w-21' : 'w-15',
          'w-11 max-md:hidden',
          'w-28 max-md:w-20',
          'w-27',
          'w-28 max-md:hidden',
          '',
        ].map((width, column) => (
          <col key={column} className={width} />
        ))}
      </colgroup>
      <thead className="text-left text-sm text-ink-soft max-md:block">
        <tr className={NARROW}>
          <th className="font-normal">{t('bench.steps.time')}</th>
          <th className="pr-3 text-right font-normal max-md:hidden">{t('common.min')}</th>
          <th className="font-normal">{t('bench.steps.do')}</th>
          <th className="pr-3 text-right font-normal">{t('bench.steps.amount')}</th>
          <th className="font-normal whitespace-nowrap max-md:hidden">
            {t('bench.steps.ladles-of-number', { number: dose(ladle_ml).number })}
          </th>
          <th className="font-normal max-md:hidden">{t('bench.steps.sign')}</th>
        </tr>
      </thead>
      <tbody className="max-md:block">
        {plan.stages.map((stage, row) => (
          <tr key={row} className={`border-t border-rule align-baseline ${NARROW}`}>
            <td className="py-1 pr-2 font-semibold whitespace-nowrap">{clockAt(stage.at_min)}</td>
            <td className="pr-3 text-right text-ink-soft max-md:hidden">{wholeMinute(stage.at_min)}</td>
            <td className="pr-3 font-semibold whitespace-nowrap">{verbOf(stage)}</td>
            <td className="pr-3 text-right font-bold whitespace-nowrap">
              {only(stage)
                ? amounts(stage, amount)
                : stage.volume_ml === null
                  ? turned(stage)
                  : jug(stage.volume_ml)}
              {stage.ladles !== null && (
                <span className="block text-sm font-normal md:hidden">{ladles(stage.ladles)}</span>
              )}
            </td>
            <td className="pr-3 whitespace-nowrap text-ink-soft max-md:hidden">
              {stage.ladles === null ? '' : ladleCount(stage.ladles)}
            </td>
            <td className="text-ink-soft max-md:col-span-3 max-md:pb-1.5">
              {named(stage, amount) && (
                <b className="font-semibold text-ink">
                  {named(stage, amount)}
                  {': '}
                </b>
              )}
              {sign(working, row)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Where the knob goes, for the steps that turn it. */
function turned(stage: Stage): string {
  return ['heat', 'crust'].includes(stage.kind) && stage.setting !== OVEN ? (stage.setting ?? '') : '';
}

/** What to wait for; said once where several steps in a row wait for the same. */
function sign(working: Working, row: number): string {
  const { stages } = working.plan;
  const stage = stages[row];
  if (!stage) {
    return '';
  }
  if (stage.kind === 'finish') {
    return working.dish.finish || stage.say;
  }
  if (stages[row - 1]?.say === stage.say && !only(stage)) {
    return '″';
  }
  return stage.kind === 'toast'
    ? t('bench.steps.on-setting-say', { setting: stage.setting ?? '', say: stage.say })
    : stage.say;
}
