import { useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { useWatch } from 'react-hook-form';
import type { Food } from '../contracts.generated';
import { trimmed } from '../measure';
import { Field, Pick } from '../parts/Field';
import type { Option } from '../parts/Select';
import { queries } from '../queries';
import { FOOD_GROUP } from '../words.generated';
import { t, wordOf } from '../words/messages';

const KINDS: readonly Option[] = [
  ['', t('dish.dishForm.by-its-name')],
  ...FOOD_GROUP.map((one) => [one, wordOf('food_group', one)] as const),
];

/** What one thing brings into the pan: the numbers it is known by, and the kitchen's own in their place; `cooked` before the rice. */
export function FoodNumbers({ of, name, cooked }: { of: string; name: string; cooked: boolean }) {
  const typed: unknown = useWatch({ name: of });
  const own = useWatch<Record<string, Food | null | undefined>>({ name });
  const called = useDeferredValue(typeof typed === 'string' ? typed.trim() : '');
  const { data } = useQuery({ ...queries.food(called), enabled: called !== '' });
  const known = data?.food;
  const taken = { ...known, ...withoutNothing(own ?? {}) };
  const words = {
    kind: wordOf('food_group', taken.group ?? ''),
    water: trimmed(Number(taken.water_percent), 0),
    salt: trimmed(Number(taken.salt_g_per_100_g), 2),
  };
  const number = (field: keyof Food, label: string, unit: string) => {
    const value = known?.[field];
    const hint =
      typeof value === 'number'
        ? { hint: t('dish.foodNumbers.else-value', { value: trimmed(value, 2), unit }) }
        : {};
    return <Field name={`${name}.${field}`} label={label} unit={unit} kind="number" {...hint} />;
  };
  return (
    <details className="mt-2">
      <summary className="min-h-11 cursor-pointer content-center text-base font-semibold">
        {t('dish.foodNumbers.what-it-brings')}
        {known && (
          <span className="ml-2 font-normal text-ink-soft">
            {data.known ? t('dish.foodNumbers.known-as', words) : t('dish.foodNumbers.taken-as', words)}
          </span>
        )}
      </summary>
      <div className="grid grid-cols-4 gap-2 max-md:grid-cols-2">
        <Pick name={`${name}.group`} label={t('dish.foodNumbers.kind')} options={KINDS} orNull />
        {number('water_percent', t('dish.foodNumbers.water'), '%')}
        {number('fat_percent', t('dish.foodNumbers.fat'), '%')}
        {number('salt_g_per_100_g', t('common.salt'), t('dish.foodNumbers.g-in-100-g'))}
        {number('frees_percent', t('dish.foodNumbers.of-its-water-comes-out'), '%')}
        {number('tau_min', t('dish.foodNumbers.two-thirds-of-that-within'), t('common.min'))}
        {number('takes_g_per_g', t('dish.foodNumbers.drinks'), t('dish.foodNumbers.g-a-gram'))}
        {number('shell_percent', t('dish.foodNumbers.shell-or-bone'), '%')}
        {cooked && number('loses_percent', t('dish.foodNumbers.goes-while-it-is-sweated'), '%')}
        {cooked && number('loses_spread_percent', t('dish.foodNumbers.give-or-take'), '%')}
      </div>
    </details>
  );
}

/** What was said of it: a field that was emptied says nothing. */
export function withoutNothing(food: Food): Food {
  return Object.fromEntries(
    Object.entries(food).filter(([, value]) => value !== null && value !== undefined),
  );
}
