import { useFormContext, useWatch } from 'react-hook-form';
import type { Choices } from '../contracts.generated';
import { useMeasure } from '../cook';
import { trimmed, wholeMinute } from '../measure';
import { t } from '../words/messages';
import type { Body } from './newDish';
import { SCHOOLS } from './schools';

/** On a phone the numbers stand under what they are of. */
const NARROW = 'max-md:grid max-md:grid-cols-3 max-md:pb-1';

/** The schools of one step, each worked out for six mains; touching one takes it onto the form. */
export function SchoolTable({ choice }: { choice: Choices['choices'][number] }) {
  const { volume } = useMeasure();
  const { setValue } = useFormContext<{ dish: Body }>();
  const dish = useWatch<{ dish: Body }, 'dish'>({ name: 'dish' });
  const school = SCHOOLS[choice.code];
  const now = school.of(dish);
  const take = (one: string) => {
    for (const [field, value] of Object.entries(school.take(one, dish))) {
      setValue(`dish.${field as keyof Body}`, value, { shouldDirty: true });
    }
  };
  return (
    <table aria-label={choice.choice} className="w-full text-base leading-tight">
      <thead className="text-right text-sm text-ink-soft">
        <tr className={NARROW}>
          <th className="text-left font-normal max-md:col-span-3">{choice.choice}</th>
          <th className="w-20 font-normal max-md:w-auto">{t('common.stock')}</th>
          <th className="w-14 font-normal max-md:w-auto">{t('common.pull')}</th>
          <th className="w-20 pr-3 font-normal max-md:w-auto">{t('screens.dishScreen.hands-about')}</th>
        </tr>
      </thead>
      <tbody>
        {choice.options.map((option) => (
          <tr
            key={option.school}
            className={`border-t border-rule text-right ${NARROW} ${option.school === now ? 'bg-saffron/40 font-bold' : ''}`}
          >
            <td className="text-left max-md:col-span-3">
              <button
                type="button"
                aria-pressed={option.school === now}
                onClick={() => take(option.school)}
                className="min-h-12 w-full px-2 py-1 text-left"
              >
                {option.label}
                <span className="ml-2 text-sm font-normal text-ink-soft">{option.note}</span>
              </button>
            </td>
            <td className="whitespace-nowrap">{volume(option.stock_ml)}</td>
            <td className="whitespace-nowrap">{wholeMinute(option.pull_min)}</td>
            <td className="pr-3 whitespace-nowrap">
              {t('screens.dishScreen.hands-min', { hands: trimmed(option.hands_min, 0) })}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
