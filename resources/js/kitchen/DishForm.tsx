import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState, type ReactNode } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { api, Refusal } from '../api';
import type { DishPage, Kitchen } from '../contracts.generated';
import { useMeasure } from '../cook';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick, Tick } from '../parts/Field';
import type { Option } from '../parts/Select';
import { familyOf, type Body } from './newDish';
import { Meanwhile } from './Meanwhile';
import { Ingredients, withItsNumbers } from './Ingredients';
import { Another, Remove } from './rows';
import * as vocabulary from '../words.generated';
import { DIETS, labelled } from './words';
import { kitchenChanged, queries } from '../queries';
import { t, wordOf } from '../words/messages';

const DOSES = vocabulary.DOSES.filter((one) => one !== 'one-pour').map(
  (one) => [one, wordOf('doses', one)] as const,
);
const STIRRING = labelled(vocabulary.STIRRING, {
  constant: t('kitchen.dishForm.all-the-time'),
  'now-and-then': t('kitchen.dishForm.now-and-then'),
  never: t('common.never'),
});
const TOAST = labelled(vocabulary.TOASTING, {
  quick: t('kitchen.dishForm.quick-1-min-hot'),
  medium: t('kitchen.dishForm.medium-3-min'),
  slow: t('kitchen.dishForm.slow-5-min'),
});
const PACE = vocabulary.PACE.map((one) => [one, wordOf('pace', one)] as const);
const FAT = vocabulary.FAT.map((one) => [one, wordOf('fat', one)] as const);
const COVER = vocabulary.COVER.map((one) => [one, wordOf('cover', one)] as const);
/** A stew is thin enough that its top needs no lid of its own. */
const COVER_A_STEW = COVER.filter(([one]) => one !== 'last-two-minutes');
/** Butter as it is beaten in, °C: from the freezer, from the fridge, soft. */
const BUTTER: readonly Option[] = [
  ['-18', t('kitchen.dishForm.frozen-butter')],
  ['4', t('kitchen.dishForm.cold-butter')],
  ['20', t('kitchen.dishForm.soft-butter')],
];
const CRUST = labelled(vocabulary.CRUST, {
  none: t('kitchen.dishForm.no-crust'),
  gold: t('common.gold'),
  dark: t('common.dark'),
});
const CRUST_SCHOOL = labelled(vocabulary.CRUST_SCHOOL, {
  'short-and-hot': t('kitchen.dishForm.short-and-hot'),
  'long-and-gentle': t('kitchen.dishForm.long-and-gentle'),
});
const READY = [
  ['rice', t('kitchen.dishForm.before-the-rice')],
  ['stock', t('kitchen.dishForm.before-the-first-stock')],
  ['last-dose', t('kitchen.dishForm.by-the-last-dose')],
  ['table', t('kitchen.dishForm.by-the-table')],
] as const;

/** HTTP: the version that was changed is not the latest any more. */
const CHANGED_MEANWHILE = 412;

interface Values {
  rice_id: string;
  stock_id: string;
  dish: Body;
}

/** Those, and how cold else it was said to be. */
const coldOf = (celsius: number): readonly Option[] =>
  BUTTER.some(([value]) => Number(value) === celsius)
    ? BUTTER
    : [...BUTTER, [String(celsius), `${celsius} °C`]];

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
      dish: { ...dish, ingredients: dish.ingredients.map(withItsNumbers) },
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
      words={t('kitchen.dishForm.save-the-dish')}
      beside={beside}
    >
      <Field name="dish.name" label={t('common.dish')} maxLength={120} autoFocus={id === undefined} />
      <div className="grid grid-cols-4 gap-3 max-md:grid-cols-2">
        <Pick
          name="rice_id"
          label={t('common.rice')}
          options={kitchen.rices.map((one) => [String(one.id), one.name] as const)}
        />
        <Pick
          name="stock_id"
          label={t('common.stock-4')}
          options={kitchen.stocks.map((one) => [String(one.id), one.name] as const)}
        />
        <Amount
          name="dish.grams_main"
          label={t('kitchen.dishForm.a-main')}
          of="weight"
          unitWords={t('kitchen.dishForm.raw')}
        />
        <Amount
          name="dish.grams_starter"
          label={t('kitchen.dishForm.a-starter')}
          of="weight"
          unitWords={t('kitchen.dishForm.raw')}
        />
      </div>
      <Method
        family={familyOf(kitchen, body.family)}
        looseness={body.looseness}
        butter_c={body.butter_c ?? 4}
      />
      <Ingredients />
      <SideWork />
      <div className="grid grid-cols-2 gap-3 max-md:grid-cols-1">
        <Field name="dish.finish" label={t('kitchen.dishForm.finish-in-words')} maxLength={240} />
        <Field name="dish.garnish" label={t('kitchen.dishForm.garnish')} maxLength={240} />
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

function Method({
  family,
  looseness,
  butter_c,
}: {
  family: Kitchen['families'][number];
  looseness: number;
  butter_c: number;
}) {
  const { weight } = useMeasure();
  const inStages = family.in_stages;
  const pan = family.dries_out;
  const words = family.plates.map(
    (plate) => [String(plate.looseness), wordOf('looseness', plate.word)] as const,
  );
  const plates = words.some(([value]) => Number(value) === looseness)
    ? words.map(([value, word]) => [Number(value) === looseness ? String(looseness) : value, word] as const)
    : [
        [String(looseness), t('kitchen.dishForm.looseness-g-of-sauce-a-gram', { looseness })] as const,
        ...words,
      ];
  return (
    <fieldset>
      <legend className="text-xl font-bold">{t('kitchen.dishForm.method')}</legend>
      <div className="mt-1 grid grid-cols-4 gap-3 max-md:grid-cols-2">
        {inStages && <Pick name="dish.doses" label={t('kitchen.dishForm.stock-goes-in')} options={DOSES} />}
        <Pick name="dish.stirring" label={t('kitchen.dishForm.stirred')} options={STIRRING} />
        <Pick name="dish.toast" label={t('kitchen.dishForm.toasted')} options={TOAST} />
        {!pan && (
          <Pick
            numeric
            name="dish.looseness"
            label={t('kitchen.dishForm.at-the-table-it')}
            options={plates}
          />
        )}
        {pan && <Pick name="dish.crust" label={t('common.crust')} options={CRUST} />}
        {pan && <Pick name="dish.crust_school" label={t('kitchen.dishForm.made')} options={CRUST_SCHOOL} />}
        {!pan && <Pick name="dish.pace" label={t('kitchen.dishForm.boiled')} options={PACE} />}
        {!inStages && (
          <Pick
            name="dish.cover"
            label={t('kitchen.dishForm.lid-or-foil')}
            options={pan ? COVER : COVER_A_STEW}
          />
        )}
        <Amount
          name="dish.wine_ml_per_80_g"
          label={t('kitchen.dishForm.wine-for-weight', { weight: weight(80) })}
          of="volume"
        />
        <Field name="dish.wine_percent" label={t('kitchen.dishForm.wine-strength')} unit="%" kind="number" />
        {inStages && (
          <Field
            name="dish.butter_g_per_80_g"
            label={t('kitchen.dishForm.butter-for-weight', { weight: weight(80) })}
            unit="g"
            kind="number"
          />
        )}
        {inStages && (
          <Field
            name="dish.cheese_g_per_80_g"
            label={t('kitchen.dishForm.cheese-for-weight', { weight: weight(80) })}
            unit="g"
            kind="number"
          />
        )}
        <Pick name="dish.fat" label={t('kitchen.dishForm.base-and-toasting-in')} options={FAT} />
        {inStages && (
          <Field
            name="dish.cream_g_per_80_g"
            label={t('kitchen.dishForm.cream-for-weight', { weight: weight(80) })}
            unit="g"
            kind="number"
          />
        )}
        {inStages && (
          <Field
            name="dish.marrow_g_per_80_g"
            label={t('kitchen.dishForm.marrow-for-weight', { weight: weight(80) })}
            unit="g"
            kind="number"
          />
        )}
        {inStages && (
          <Pick
            numeric
            name="dish.butter_c"
            label={t('kitchen.dishForm.butter-goes-in')}
            options={coldOf(butter_c)}
          />
        )}
        {!inStages && (
          <Field
            name="dish.soak_min"
            label={t('kitchen.dishForm.soaked')}
            unit={t('common.min')}
            kind="number"
          />
        )}
        {inStages && (
          <Field
            name="dish.finish_min"
            label={t('kitchen.dishForm.beaten-in')}
            unit={t('common.min')}
            kind="number"
          />
        )}
        <Field name="dish.rest_min" label={t('kitchen.dishForm.rest')} unit={t('common.min')} kind="number" />
        <Field
          name="dish.minutes_to_table"
          label={t('kitchen.dishForm.pass-to-table')}
          unit={t('common.min')}
          kind="number"
        />
        <Pick name="dish.diet" label={t('kitchen.dishForm.meant-for')} options={DIETS} />
        <Field
          name="dish.sodium_most_mg"
          label={t('kitchen.dishForm.sodium-at-most')}
          unit="mg"
          kind="number"
          hint={t('kitchen.dishForm.a-cover-the-dietitian-sets-it')}
        />
      </div>
      <div className="mt-1 flex flex-wrap gap-x-6">
        <Tick name="dish.sealed" label={t('kitchen.dishForm.toasted-in-fat')} />
        {!inStages && <Tick name="dish.rained_in" label={t('kitchen.dishForm.rained-in')} />}
        {pan && <Tick name="dish.plated" label={t('kitchen.dishForm.on-plates')} />}
        {!inStages && !pan && <Tick name="dish.two_pours" label={t('kitchen.dishForm.two-pours')} />}
        {inStages && (
          <Tick name="dish.finish_on_the_heat" label={t('kitchen.dishForm.finished-on-the-heat')} />
        )}
        {!inStages && <Tick name="dish.rinsed" label={t('kitchen.dishForm.washed')} />}
        <Tick name="dish.rest_covered" label={t('kitchen.dishForm.rests-under-a-cloth')} />
        <Tick name="dish.wine_cooked_off" label={t('kitchen.dishForm.wine-boiled-off-apart')} />
        {inStages && <Tick name="dish.butter_salted" label={t('kitchen.dishForm.salted-butter')} />}
      </div>
    </fieldset>
  );
}

function SideWork() {
  const { control, setValue } = useFormContext();
  const rows = useFieldArray({ control, name: 'dish.side_work' });
  const written = useWatch<{ dish: Body }, 'dish.side_work'>({ name: 'dish.side_work' });
  const works = written.map((one, at): Option => [String(at), one.what || `${at + 1}`]);
  const name = (row: number, field: string) => `dish.side_work.${row}.${field}`;
  // What stood behind it moves up, and so does what needs it.
  const takeOut = (gone: number) => {
    written.forEach(({ needs = null }, row) => {
      if (needs !== null && needs >= gone) {
        setValue(name(row, 'needs'), needs === gone ? null : needs - 1);
      }
    });
    rows.remove(gone);
  };
  return (
    <fieldset>
      <legend className="text-xl font-bold">{t('kitchen.dishForm.work-beside-the-pan')}</legend>
      <ol className="grid gap-3">
        {rows.fields.map((field, row) => (
          <li key={field.id} className="rounded-lg border-2 border-rule p-3">
            <div className="grid grid-cols-[2fr_1.3fr_1fr_1fr_auto] items-end gap-2 max-md:grid-cols-2">
              <Field name={name(row, 'what')} label={t('kitchen.dishForm.work')} maxLength={120} />
              <Pick name={name(row, 'ready')} label={t('kitchen.dishForm.ready')} options={READY} />
              <Field
                name={name(row, 'takes_min')}
                label={t('kitchen.dishForm.takes')}
                unit={t('common.min')}
                kind="number"
              />
              <Field
                name={name(row, 'hands_min')}
                label={t('kitchen.dishForm.hands')}
                unit={t('common.min')}
                kind="number"
              />
              <Remove
                label={t('kitchen.dishForm.take-work-row-out', { row: row + 1 })}
                onPress={() => takeOut(row)}
              />
            </div>
            <div className="mt-2 grid grid-cols-2 items-end gap-2 max-md:grid-cols-1">
              <Tick name={name(row, 'ahead')} label={t('kitchen.dishForm.can-be-done-before-service')} />
              {row > 0 && (
                <Pick
                  name={name(row, 'needs')}
                  label={t('kitchen.dishForm.begun-after')}
                  options={[['', t('kitchen.dishForm.nothing-else')], ...works.slice(0, row)]}
                  numeric
                />
              )}
            </div>
          </li>
        ))}
      </ol>
      <Another
        onPress={() =>
          rows.append({ what: '', ready: 'rice', takes_min: 20, hands_min: 5, ahead: true, needs: null })
        }
      >
        {t('kitchen.dishForm.more-work')}
      </Another>
    </fieldset>
  );
}
