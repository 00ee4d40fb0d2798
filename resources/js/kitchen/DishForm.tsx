import { useQueryClient } from '@tanstack/react-query';
import { Minus, Plus } from 'lucide-react';
import { useRef, useState, type ReactNode } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { api, Refusal } from '../api';
import type { DishPage, Kitchen } from '../contracts.generated';
import { useMeasure } from '../cook';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick, Tick, Ticks } from '../parts/Field';
import type { Body } from './blank';
import { Meanwhile } from './Meanwhile';
import { readAmount } from './readAmount';
import * as vocabulary from '../words.generated';
import { DIETS, labelled } from './words';
import { kitchenChanged, queries } from '../queries';

const DOSES = [
  ['ladle-by-ladle', 'ladle by ladle'],
  ['little-and-often', 'little and often'],
  ['kept-covered', 'kept covered'],
  ['cooked-down', 'cooked down'],
] as const;
const STIRRING = labelled(vocabulary.STIRRING, {
  constant: 'all the time',
  'now-and-then': 'now and then',
  never: 'never',
});
const TOAST = labelled(vocabulary.TOASTING, {
  quick: 'quick, 1 ½ min hot',
  medium: 'medium, 3 min',
  slow: 'slow, 5 min',
});
const PLATES = {
  risotto: [
    ['0.45', 'stands'],
    ['0.65', 'slow slump'],
    ['0.85', 'wave'],
    ['1.1', 'very loose'],
  ],
  'soupy-rice': [
    ['1.8', 'creamy'],
    ['3', 'loose'],
    ['4.5', 'soup'],
  ],
  'pan-rice': [['0', 'dry']],
} as const;
const CRUST = labelled(vocabulary.CRUST, { none: 'no crust', gold: 'gold', dark: 'dark' });
const CRUST_SCHOOL = labelled(vocabulary.CRUST_SCHOOL, {
  'short-and-hot': 'short and hot',
  'long-and-gentle': 'long and gentle',
});
/** What nobody says is looked up by its name, and is unknown where it is not an ordinary ingredient. */
const SUITS = [['', 'by its name'], ...DIETS] as const;
const PER = labelled(vocabulary.SCALES, {
  main: 'a main',
  plate: 'a plate',
  floor: '100 cm² of floor',
  pan: 'a pan',
});
const GOES = [
  ['base', 'in the base'],
  ['with-the-rice', 'with the rice'],
  ['at-minute', 'at a minute'],
  ['nine-tenths-gone', 'when nine tenths is gone'],
  ['last-two-minutes', 'for the last two minutes'],
  ['on-top', 'held back for the top'],
] as const;
const READY = [
  ['rice', 'before the rice'],
  ['stock', 'before the first stock'],
  ['last-dose', 'by the last dose'],
  ['table', 'by the table'],
] as const;
const UNITS = [
  ['g', 'g'],
  ['ml', 'mL'],
  ['pieces', 'pieces'],
] as const;

/** HTTP: the version that was changed is not the latest any more. */
const CHANGED_MEANWHILE = 412;

interface Values {
  rice_id: string;
  stock_id: string;
  dish: Body;
}

/** A dish as cooks think of it; what is typed is kept as a version each time. */
export function DishForm({
  kitchen,
  id,
  version,
  body,
  rice,
  stock,
  onKept,
  onTheirs = onKept,
  beside,
}: {
  kitchen: Kitchen;
  id?: number;
  /** The one that is laid on the form. */
  version: number;
  body: Body;
  rice: number | undefined;
  stock: number | undefined;
  onKept: (page: DishPage) => void;
  /** What somebody else saved meanwhile is taken in place of what is on the form. */
  onTheirs?: (page: DishPage) => void;
  beside?: ReactNode;
}) {
  const client = useQueryClient();
  // The version that what is typed was typed over. Somebody else's is known once it was shown.
  const known = useRef(version);
  const [theirs, setTheirs] = useState<DishPage | null>(null);
  const saveAs = async ({ rice_id, stock_id, dish }: Values) => {
    const entry = {
      format: 'velko.dish-entry/1',
      rice_id: Number(rice_id),
      stock_id: Number(stock_id),
      dish,
    };
    try {
      return await api.keepDish(id, entry, known.current);
    } catch (fault) {
      if (id !== undefined && fault instanceof Refusal && fault.problem.status === CHANGED_MEANWHILE) {
        setTheirs(await api.dish(id));
      }
      throw fault;
    }
  };
  return (
    <Entry<Values, DishPage>
      values={{ rice_id: String(rice ?? ''), stock_id: String(stock ?? ''), dish: body }}
      save={saveAs}
      onSaved={(page) => {
        setTheirs(null);
        kitchenChanged(client);
        client.setQueryData(queries.dish(page.id).queryKey, page);
        onKept(page);
      }}
      words="Save the dish"
      beside={beside}
    >
      <Field name="dish.name" label="Dish" maxLength={120} autoFocus={id === undefined} />
      <div className="grid grid-cols-4 gap-3 max-md:grid-cols-2">
        <Pick
          name="rice_id"
          label="Rice"
          options={kitchen.rices.map((one) => [String(one.id), one.name] as const)}
        />
        <Pick
          name="stock_id"
          label="Stock"
          options={kitchen.stocks.map((one) => [String(one.id), one.name] as const)}
        />
        <Amount name="dish.grams_main" label="A main" of="weight" unitWords="raw" />
        <Amount name="dish.grams_starter" label="A starter" of="weight" unitWords="raw" />
      </div>
      <Method family={body.family} looseness={body.looseness} />
      <Ingredients />
      <SideWork />
      <div className="grid grid-cols-2 gap-3 max-md:grid-cols-1">
        <Field name="dish.finish" label="Finish, in words" maxLength={240} />
        <Field name="dish.garnish" label="Garnish" maxLength={240} />
      </div>
      {theirs && (
        <Meanwhile
          theirs={theirs}
          onMine={() => {
            known.current = theirs.versions[0]?.number ?? 0;
          }}
          onTheirs={() => {
            client.setQueryData(queries.dish(theirs.id).queryKey, theirs);
            onTheirs(theirs);
          }}
        />
      )}
    </Entry>
  );
}

function Method({ family, looseness }: { family: Body['family']; looseness: number }) {
  const { weight } = useMeasure();
  const risotto = family === 'risotto';
  const pan = family === 'pan-rice';
  const words: (readonly [string, string])[] = [...PLATES[family]];
  const plates = words.some(([value]) => Number(value) === looseness)
    ? words.map(([value, word]) => [Number(value) === looseness ? String(looseness) : value, word] as const)
    : [[String(looseness), `${looseness} g of sauce a gram`] as const, ...words];
  return (
    <fieldset>
      <legend className="text-xl font-bold">Method</legend>
      <div className="mt-1 grid grid-cols-4 gap-3 max-md:grid-cols-2">
        {risotto && <Pick name="dish.doses" label="Stock goes in" options={DOSES} />}
        <Pick name="dish.stirring" label="Stirred" options={STIRRING} />
        <Pick name="dish.toast" label="Toasted" options={TOAST} />
        {!pan && <Pick numeric name="dish.looseness" label="At the table it" options={plates} />}
        {pan && <Pick name="dish.crust" label="Crust" options={CRUST} />}
        {pan && <Pick name="dish.crust_school" label="made" options={CRUST_SCHOOL} />}
        {risotto && <Amount name="dish.wine_ml_per_80_g" label={`Wine for ${weight(80)}`} of="volume" />}
        {risotto && (
          <Field name="dish.butter_g_per_80_g" label={`Butter for ${weight(80)}`} unit="g" kind="number" />
        )}
        {risotto && (
          <Field name="dish.cheese_g_per_80_g" label={`Cheese for ${weight(80)}`} unit="g" kind="number" />
        )}
        {!risotto && <Field name="dish.soak_min" label="Soaked" unit="min" kind="number" />}
        {risotto && <Field name="dish.finish_min" label="Beaten in" unit="min" kind="number" />}
        <Field name="dish.rest_min" label="Rest" unit="min" kind="number" />
        <Field name="dish.minutes_to_table" label="Pass to table" unit="min" kind="number" />
        <Pick name="dish.diet" label="Meant for" options={DIETS} />
      </div>
      <div className="mt-1 flex flex-wrap gap-x-6">
        <Tick name="dish.sealed" label="toasted in fat" />
        {!risotto && <Tick name="dish.rinsed" label="washed" />}
        <Tick name="dish.rest_covered" label="rests under a cloth" />
        {risotto && <Tick name="dish.butter_salted" label="salted butter" />}
      </div>
    </fieldset>
  );
}

function Ingredients() {
  const { control } = useFormContext();
  const rows = useFieldArray({ control, name: 'dish.ingredients' });
  return (
    <fieldset>
      <legend className="text-xl font-bold">What else goes in</legend>
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
            suits: null,
            allergens: null,
          })
        }
      >
        Another ingredient
      </Another>
    </fieldset>
  );
}

function Ingredient({ row, onRemove }: { row: number; onRemove: () => void }) {
  const name = (field: string) => `dish.ingredients.${row}.${field}`;
  const { setValue } = useFormContext();
  const goes: unknown = useWatch({ name: name('goes') });
  return (
    <li className="rounded-lg border-2 border-rule p-3">
      <div className="grid grid-cols-[2fr_1fr_1fr_1.4fr_auto] items-end gap-2 max-md:grid-cols-2">
        <Field name={name('name')} label="Ingredient" maxLength={80} />
        <Field
          name={name('amount')}
          label="Amount"
          kind="number"
          onLeave={(text) => {
            const read = readAmount(text);
            if (read) {
              setValue(name('amount'), read.amount, { shouldDirty: true });
              setValue(name('unit'), read.unit, { shouldDirty: true });
            }
          }}
        />
        <Pick name={name('unit')} label="in" options={UNITS} />
        <Pick name={name('per')} label="for" options={PER} />
        <Remove label={`Take ingredient ${row + 1} out`} onPress={onRemove} />
      </div>
      <div className="mt-2 grid grid-cols-[2fr_1fr_1.4fr] gap-2 max-md:grid-cols-2">
        <Pick name={name('goes')} label="It goes in" options={GOES} />
        {goes === 'at-minute' ? <Field name={name('minute')} label="Minute" kind="number" /> : <span />}
        <Pick name={name('suits')} label="It suits" options={SUITS} orNull />
      </div>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer content-center text-base font-semibold">
          Allergens
        </summary>
        <Ticks
          name={name('allergens')}
          label="None ticked: looked up by its name, unknown where that says nothing"
          options={vocabulary.ALLERGEN}
          none="none of these"
        />
      </details>
    </li>
  );
}

function SideWork() {
  const { control } = useFormContext();
  const rows = useFieldArray({ control, name: 'dish.side_work' });
  const name = (row: number, field: string) => `dish.side_work.${row}.${field}`;
  return (
    <fieldset>
      <legend className="text-xl font-bold">Work beside the pan</legend>
      <ol className="grid gap-3">
        {rows.fields.map((field, row) => (
          <li key={field.id} className="rounded-lg border-2 border-rule p-3">
            <div className="grid grid-cols-[2fr_1.3fr_1fr_1fr_auto] items-end gap-2 max-md:grid-cols-2">
              <Field name={name(row, 'what')} label="Work" maxLength={120} />
              <Pick name={name(row, 'ready')} label="Ready" options={READY} />
              <Field name={name(row, 'takes_min')} label="Takes" unit="min" kind="number" />
              <Field name={name(row, 'hands_min')} label="Hands" unit="min" kind="number" />
              <Remove label={`Take work ${row + 1} out`} onPress={() => rows.remove(row)} />
            </div>
            <Tick name={name(row, 'ahead')} label="can be done before service" />
          </li>
        ))}
      </ol>
      <Another
        onPress={() => rows.append({ what: '', ready: 'rice', takes_min: 20, hands_min: 5, ahead: true })}
      >
        More work
      </Another>
    </fieldset>
  );
}

function Remove({ label, onPress }: { label: string; onPress: () => void }) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onPress}
      className="grid size-14 place-content-center rounded-lg border-2 border-ink"
    >
      <Minus aria-hidden="true" />
    </button>
  );
}

function Another({ onPress, children }: { onPress: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      onClick={onPress}
      className="mt-2 flex min-h-12 w-full items-center justify-center gap-2 rounded-lg border-2 border-dashed border-ink-soft text-lg"
    >
      <Plus aria-hidden="true" className="size-5" /> {children}
    </button>
  );
}
