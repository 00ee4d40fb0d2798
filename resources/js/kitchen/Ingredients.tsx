import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { useMeasure } from '../cook';
import { api } from '../api';
import { asNumber, Field, Pick, Tick, Ticks } from '../parts/Field';
import { type Option } from '../parts/Select';
import * as vocabulary from '../words.generated';
import { t, wordOf } from '../words/messages';
import { FoodNumbers, withoutNothing } from './FoodNumbers';
import type { Body } from './newDish';
import { Another, Remove } from './rows';
import { ALLERGENS, DIETS, labelled } from './words';

/** What nobody says is looked up by its name, and is unknown where it is not an ordinary ingredient. */
const SUITS = [['', t('kitchen.dishForm.by-its-name')], ...DIETS] as const;
const PER = labelled(vocabulary.SCALES, {
  main: t('common.a-main'),
  plate: t('kitchen.dishForm.a-plate'),
  floor: t('kitchen.dishForm.100-cm-of-floor'),
  pan: t('common.a-pan'),
});
const GOES = [
  ['base', t('common.in-the-base')],
  ['with-the-rice', t('common.with-the-rice')],
  ['at-minute', t('kitchen.dishForm.at-a-minute')],
  ['nine-tenths-gone', t('kitchen.dishForm.when-nine-tenths-is-gone')],
  ['last-two-minutes', t('kitchen.dishForm.for-the-last-two-minutes')],
  ['on-top', t('kitchen.dishForm.held-back-for-the-top')],
] as const;
/** By which sign it has had enough in the pan, before the rice. */
const UNTIL: readonly Option[] = [
  ['', t('kitchen.dishForm.nothing-said')],
  ...vocabulary.UNTIL.map((one) => [one, wordOf('until', one)] as const),
];
const UNITS = [
  ['g', 'g'],
  ['ml', t('common.ml')],
  ['pieces', t('kitchen.dishForm.pieces')],
] as const;

/** Letters of an amount that is said. */
const LONGEST = 80;

/** Without the numbers that nobody typed: those it is known by. */
export function withItsNumbers(one: Body['ingredients'][number]): Body['ingredients'][number] {
  const said = withoutNothing(one.food ?? {});
  return { ...one, food: Object.keys(said).length > 0 ? said : null };
}

/** Everything else that goes into the pan. */
export function Ingredients() {
  const { control } = useFormContext();
  const rows = useFieldArray({ control, name: 'dish.ingredients' });
  return (
    <fieldset>
      <legend className="text-xl font-bold">{t('kitchen.dishForm.what-else-goes-in')}</legend>
      <ol className="grid gap-3">
        {rows.fields.map((field, row) => (
          <Ingredient key={field.id} row={row} onRemove={() => rows.remove(row)} />
        ))}
      </ol>
      <Another
        onPress={() =>
          rows.append({
            name: '',
            amount: 20,
            unit: 'g',
            per: 'main',
            goes: 'base',
            minute: null,
            before_min: null,
            until: null,
            comes_out: false,
            temperature_c: null,
            food: null,
            suits: null,
            allergens: null,
          })
        }
      >
        {t('kitchen.dishForm.another-ingredient')}
      </Another>
    </fieldset>
  );
}

/** As cold or as hot as things stand in a kitchen, °C, and whatever else was said. */
function comes(temperature: unknown, heat: (celsius: number) => string): Option[] {
  const usual: Option[] = [
    ['', t('kitchen.dishForm.as-it-is-kept')],
    ['-18', t('kitchen.dishForm.frozen')],
    ['5', t('kitchen.dishForm.from-the-fridge')],
    ['20', t('kitchen.dishForm.at-room-temperature')],
    ['65', t('kitchen.dishForm.hot')],
  ];
  const said = typeof temperature === 'number' ? String(temperature) : '';
  return usual.some(([value]) => value === said) ? usual : [...usual, [said, heat(Number(said))]];
}

function Ingredient({ row, onRemove }: { row: number; onRemove: () => void }) {
  const name = (field: string) => `dish.ingredients.${row}.${field}`;
  const { getValues, setValue } = useFormContext();
  const { heat } = useMeasure();
  const goes: unknown = useWatch({ name: name('goes') });
  const until: unknown = useWatch({ name: name('until') });
  const before: unknown = useWatch({ name: name('before_min') });
  const temperature: unknown = useWatch({ name: name('temperature_c') });
  // "2 glugs", "half a bunch", "twice the onion": what it comes to is asked; what is none stands as it is, to be refused when it is saved.
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
      })
      .catch(() => null);
    if (read) {
      setValue(name('amount'), read.amount, { shouldDirty: true });
      setValue(name('unit'), read.unit, { shouldDirty: true });
    }
  };
  return (
    <li className="rounded-lg border-2 border-rule p-3">
      <div className="grid grid-cols-[2fr_1fr_1fr_1.4fr_auto] items-end gap-2 max-md:grid-cols-2">
        <Field name={name('name')} label={t('kitchen.dishForm.ingredient')} maxLength={80} />
        <Field
          name={name('amount')}
          label={t('kitchen.dishForm.amount')}
          kind="number"
          onLeave={(text) => void readAs(text)}
        />
        <Pick name={name('unit')} label={t('common.in')} options={UNITS} />
        <Pick name={name('per')} label={t('common.for')} options={PER} />
        <Remove label={t('kitchen.dishForm.take-ingredient-row-out', { row: row + 1 })} onPress={onRemove} />
      </div>
      <div className="mt-2 grid grid-cols-[2fr_1fr_1.4fr_1.4fr] gap-2 max-md:grid-cols-2">
        <Pick name={name('goes')} label={t('kitchen.dishForm.it-goes-in')} options={GOES} />
        {goes === 'at-minute' ? (
          <Field name={name('minute')} label={t('kitchen.dishForm.minute')} kind="number" />
        ) : (
          <span />
        )}
        <Pick
          name={name('temperature_c')}
          label={t('kitchen.dishForm.as-it-goes-in')}
          options={comes(temperature, heat)}
          numeric
        />
        <Pick name={name('suits')} label={t('kitchen.dishForm.it-suits')} options={SUITS} orNull />
      </div>
      <div className="mt-2 grid grid-cols-[2fr_1fr_2.8fr] items-end gap-2 max-md:grid-cols-2">
        <Pick
          name={name('until')}
          label={goes === 'base' ? t('kitchen.dishForm.cooked') : t('kitchen.dishForm.cooked-first')}
          options={UNTIL}
          orNull
        />
        <Field
          name={name('before_min')}
          label={t('kitchen.dishForm.for')}
          unit={t('common.min')}
          kind="number"
        />
        <Tick name={name('comes_out')} label={t('kitchen.dishForm.out-before-serving')} />
      </div>
      <FoodNumbers
        of={name('name')}
        name={name('food')}
        cooked={goes === 'base' || typeof until === 'string' || typeof before === 'number'}
      />
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer content-center text-base font-semibold">
          {t('common.allergens')}
        </summary>
        <Ticks
          name={name('allergens')}
          label={t('kitchen.dishForm.none-ticked-looked-up-by-its')}
          options={ALLERGENS}
          none={t('common.none-of-these')}
        />
      </details>
    </li>
  );
}
