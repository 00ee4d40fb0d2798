import { ChevronDown } from 'lucide-react';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useId, useState } from 'react';
import { useFormContext, useFormState, useWatch } from 'react-hook-form';
import { useAmount } from '../amount';
import { useMeasure } from '../cook';
import { api, Refusal } from '../api';
import type { Ask } from '../contracts.generated';
import { readerLocale } from '../number';
import { asNumber, Field, Pick, Tick, Ticks } from '../parts/Field';
import { type Option } from '../parts/Select';
import { queries } from '../queries';
import * as vocabulary from '../words.generated';
import { t, wordOf } from '../words/messages';
import { Swap } from './Swap';
import { FoodNumbers } from './FoodNumbers';
import type { Body } from './newDish';
import { labelOf } from './options';
import { Remove } from '../kitchen/rows';
import { ALLERGENS, DIETS, labelled } from '../kitchen/words';

/** What nobody says is looked up by its name, and is unknown where it is not an ordinary ingredient. */
const SUITS = [['', t('dish.dishForm.by-its-name')], ...DIETS] as const;
const PER = labelled(vocabulary.SCALES, {
  main: t('common.a-main'),
  plate: t('dish.dishForm.a-plate'),
  floor: t('dish.dishForm.100-cm-of-floor'),
  pan: t('common.a-pan'),
});
export const GOES = [
  ['base', t('common.in-the-base')],
  ['with-the-rice', t('common.with-the-rice')],
  ['at-minute', t('dish.dishForm.at-a-minute')],
  ['nine-tenths-gone', t('dish.dishForm.when-nine-tenths-is-gone')],
  ['last-two-minutes', t('dish.dishForm.for-the-last-two-minutes')],
  ['on-top', t('dish.dishForm.held-back-for-the-top')],
] as const;
/** By which sign it has had enough in the pan, before the rice. */
const UNTIL: readonly Option[] = vocabulary.UNTIL.map((one) => [one, wordOf('until', one)] as const);

/** What a base does to a thing of which the dish says neither sign nor minutes. */
function useUsual(name: string, inTheBase: boolean): string {
  const called = useDeferredValue(name.trim());
  const { data } = useQuery({ ...queries.food(called), enabled: inTheBase && called !== '' });
  return !inTheBase || !data
    ? t('dish.dishForm.nothing-said')
    : data.usual === null
      ? t('dish.ingredient.usual-with-the-next')
      : t('dish.ingredient.usual-until', {
          until: wordOf('until', data.usual.until),
          min: data.usual.minutes,
        });
}
export const UNITS = [
  ['g', 'g'],
  ['ml', t('common.ml')],
  ['pieces', t('dish.dishForm.pieces')],
] as const;

/** Letters of an amount that is said. */
const LONGEST = 80;

/** As cold or as hot as things stand in a kitchen, °C, and whatever else was said. */
function comes(temperature: unknown, heat: (celsius: number) => string): Option[] {
  const usual: Option[] = [
    ['', t('dish.dishForm.as-it-is-kept')],
    ['-18', t('dish.dishForm.frozen')],
    ['5', t('dish.dishForm.from-the-fridge')],
    ['20', t('dish.dishForm.at-room-temperature')],
    ['65', t('dish.dishForm.hot')],
  ];
  const said = typeof temperature === 'number' ? String(temperature) : '';
  return usual.some(([value]) => value === said) ? usual : [...usual, [said, heat(Number(said))]];
}

/** One ingredient: a line on the card, opened in place to change it. One that has no name yet stands open. */
export function Ingredient({
  row,
  open,
  onToggle,
  onMove,
  onRemove,
  ask,
}: {
  row: number;
  open: boolean;
  onToggle: () => void;
  /** Told when it is to go in from now on. */
  onMove: (goes: Body['ingredients'][number]['goes']) => void;
  onRemove: () => void;
  ask: Ask | undefined;
}) {
  const id = useId();
  const one = useWatch<{ dish: Body }, `dish.ingredients.${number}`>({ name: `dish.ingredients.${row}` });
  const { errors } = useFormState<{ dish: Body }>();
  const [nameless] = useState(one.name === '');
  const shown = open || nameless || errors.dish?.ingredients?.[row] !== undefined;
  const name = (field: string) => `dish.ingredients.${row}.${field}`;
  const { getValues, setError, setValue } = useFormContext();
  const { defaultValues } = useFormState<{ dish: Body }>();
  const saved = defaultValues?.dish?.ingredients?.[row];
  const { heat } = useMeasure();
  const goes: unknown = useWatch({ name: name('goes') });
  const until: unknown = useWatch({ name: name('until') });
  const before: unknown = useWatch({ name: name('before_min') });
  const usual = useUsual(one.name, goes === 'base' && typeof before !== 'number' && !one.food?.group);
  const temperature: unknown = useWatch({ name: name('temperature_c') });
  // "2 glugs", "half a bunch", "three times the onion": what it comes to is asked; what is none is said at once and stands as it is.
  const readAs = async (text: string) => {
    if (text.trim() === '' || typeof asNumber(text) === 'number') {
      return;
    }
    const rows = getValues('dish.ingredients') as Body['ingredients'];
    const others = rows.filter(
      (one, at) => at !== row && typeof one.amount === 'number' && one.name.trim() !== '',
    );
    const read = await api
      .amount({
        text: text.trim().slice(0, LONGEST),
        name: rows[row]?.name ?? '',
        others: others.map(({ name, amount, unit }) => ({ name, amount, unit })),
        locale: readerLocale(),
      })
      .catch((error: unknown) => {
        if (error instanceof Refusal) {
          setError(name('amount'), { message: error.problem.errors?.[0]?.detail ?? error.message });
        }
        return null;
      });
    if (read) {
      setValue(name('amount'), read.amount, { shouldDirty: true });
      setValue(name('unit'), read.unit, { shouldDirty: true });
    }
  };
  return (
    <li className="rounded-lg border-2 border-rule px-3">
      <button
        type="button"
        aria-expanded={shown}
        aria-controls={id}
        onClick={onToggle}
        className="grid min-h-12 w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-3 text-left text-lg"
      >
        <Line one={one} />
        <ChevronDown aria-hidden="true" className={`size-5 text-ink-soft ${shown ? 'rotate-180' : ''}`} />
      </button>
      <div id={id} hidden={!shown} className="pb-3">
        <div className="grid grid-cols-[2fr_1fr_1fr_1.4fr_auto] items-end gap-2 max-md:grid-cols-2">
          <Field name={name('name')} label={t('dish.dishForm.ingredient')} maxLength={80} />
          <Field
            name={name('amount')}
            label={t('dish.dishForm.amount')}
            kind="number"
            onLeave={(text) => void readAs(text)}
          />
          <Pick name={name('unit')} label={t('common.in')} options={UNITS} />
          <Pick name={name('per')} label={t('common.for')} options={PER} />
          <Remove label={t('dish.dishForm.take-ingredient-row-out', { row: row + 1 })} onPress={onRemove} />
        </div>
        <div className="mt-2 grid grid-cols-[2fr_1fr_1.4fr_1.4fr] gap-2 max-md:grid-cols-2">
          <Pick
            name={name('goes')}
            label={t('dish.dishForm.it-goes-in')}
            options={GOES}
            onPick={(value) => onMove(value as Body['ingredients'][number]['goes'])}
          />
          {goes === 'at-minute' ? (
            <Field name={name('minute')} label={t('dish.dishForm.minute')} kind="number" />
          ) : (
            <span />
          )}
          <Pick
            name={name('temperature_c')}
            label={t('dish.dishForm.as-it-goes-in')}
            options={comes(temperature, heat)}
            numeric
          />
          <Pick name={name('suits')} label={t('dish.dishForm.it-suits')} options={SUITS} orNull />
        </div>
        <div className="mt-2 grid grid-cols-[2fr_1fr_2.8fr] items-end gap-2 max-md:grid-cols-2">
          <Pick
            name={name('until')}
            label={goes === 'base' ? t('dish.dishForm.cooked') : t('dish.dishForm.cooked-first')}
            options={[['', usual], ...UNTIL]}
            orNull
          />
          <Field
            name={name('before_min')}
            label={t('dish.dishForm.for')}
            unit={t('common.min')}
            kind="number"
          />
          <Tick name={name('comes_out')} label={t('dish.dishForm.out-before-serving')} />
        </div>
        <FoodNumbers
          of={name('name')}
          name={name('food')}
          cooked={goes === 'base' || typeof until === 'string' || typeof before === 'number'}
        />
        {ask && saved?.name === one.name && one.name !== '' && (
          <Swap
            ask={ask}
            ingredient={row}
            name={one.name}
            onTake={(instead) => {
              // What was said of the one is not said of the other: it is looked up by its name.
              for (const [field, value] of Object.entries({
                name: instead,
                food: null,
                suits: null,
                allergens: null,
              })) {
                setValue(name(field), value, { shouldDirty: true });
              }
            }}
          />
        )}
        <details className="mt-2">
          <summary className="min-h-11 cursor-pointer content-center text-base font-semibold">
            {t('common.allergens')}
          </summary>
          <Ticks
            name={name('allergens')}
            label={t('dish.dishForm.none-ticked-looked-up-by-its')}
            options={ALLERGENS}
            none={t('common.none-of-these')}
          />
        </details>
      </div>
    </li>
  );
}

/** "shallot 20 g a main, until soft, 3 min" */
function Line({ one }: { one: Body['ingredients'][number] }) {
  const amount = useAmount();
  const words = [
    one.until ? wordOf('until', one.until) : '',
    typeof one.before_min === 'number' ? t('dish.ingredient.for-min', { min: one.before_min }) : '',
    one.goes === 'at-minute' && typeof one.minute === 'number'
      ? t('dish.ingredient.at-minute', { minute: one.minute })
      : ['nine-tenths-gone', 'last-two-minutes'].includes(one.goes)
        ? labelOf(GOES, one.goes)
        : '',
  ].filter((word) => word !== '');
  return (
    <span>
      <b className="font-semibold">{one.name || t('dish.ingredient.nameless')}</b>{' '}
      {typeof one.amount === 'number' ? amount(one.amount, one.unit) : one.amount} {labelOf(PER, one.per)}
      {words.length > 0 && <span className="text-ink-soft">, {words.join(', ')}</span>}
    </span>
  );
}
