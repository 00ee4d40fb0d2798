import type { Kitchen } from '../contracts.generated';
import { useMeasure } from '../cook';
import { Amount, Field, Pick, Tick } from '../parts/Field';
import { t, wordOf } from '../words/messages';
import { Ingredients } from './Ingredients';
import {
  AHEAD,
  coldOf,
  COVER,
  COVER_A_STEW,
  CRUST,
  CRUST_SCHOOL,
  DOSES,
  FAT,
  PACE,
  STIRRING,
  TOAST,
} from './options';

/* What each step of a dish asks for, when it is opened. */

const ROW = 'grid grid-cols-3 items-end gap-3 max-md:grid-cols-2';

export function BaseFields() {
  return (
    <>
      <div className={ROW}>
        <Pick name="dish.fat" label={t('dish.dishForm.base-and-toasting-in')} options={FAT} />
      </div>
      <Ingredients step="base" goes="base" />
    </>
  );
}

export function RiceFields({ family }: { family: Kitchen['families'][number] }) {
  return (
    <>
      <div className={ROW}>
        <Pick name="dish.toast" label={t('dish.dishForm.toasted')} options={TOAST} />
        {!family.in_stages && (
          <Field
            name="dish.soak_min"
            label={t('dish.dishForm.soaked')}
            unit={t('common.min')}
            kind="number"
          />
        )}
      </div>
      <div className="flex flex-wrap gap-x-6">
        <Tick name="dish.sealed" label={t('dish.dishForm.toasted-in-fat')} />
        {!family.in_stages && <Tick name="dish.rinsed" label={t('dish.dishForm.washed')} />}
        {!family.in_stages && <Tick name="dish.rained_in" label={t('dish.dishForm.rained-in')} />}
        {!family.in_stages && (
          <Tick name="dish.base_apart" label={t('dish.dishForm.base-goes-to-the-stock')} />
        )}
      </div>
      <Ingredients step="rice" goes="with-the-rice" />
    </>
  );
}

export function WineFields() {
  const { weight } = useMeasure();
  return (
    <>
      <div className={ROW}>
        <Amount
          name="dish.wine_ml_per_80_g"
          label={t('dish.dishForm.wine-for-weight', { weight: weight(80) })}
          of="volume"
        />
        <Field name="dish.wine_percent" label={t('dish.dishForm.wine-strength')} unit="%" kind="number" />
      </div>
      <Tick name="dish.wine_cooked_off" label={t('dish.dishForm.wine-boiled-off-apart')} />
    </>
  );
}

export function StockFields({ family }: { family: Kitchen['families'][number] }) {
  const pan = family.dries_out;
  return (
    <>
      <div className={ROW}>
        {family.in_stages && (
          <Pick name="dish.doses" label={t('dish.dishForm.stock-goes-in')} options={DOSES} />
        )}
        <Pick name="dish.stirring" label={t('dish.dishForm.stirred')} options={STIRRING} />
        {!pan && <Pick name="dish.pace" label={t('dish.dishForm.boiled')} options={PACE} />}
        {!family.in_stages && (
          <Pick
            name="dish.cover"
            label={t('dish.dishForm.lid-or-foil')}
            options={pan ? COVER : COVER_A_STEW}
          />
        )}
      </div>
      {family.in_stages && (
        <div className={ROW}>
          <Pick
            name="dish.part_cooked_share"
            label={t('dish.dishForm.cooked-ahead')}
            numeric
            orNull
            options={AHEAD}
          />
          <Field
            name="dish.part_cooked_mm"
            label={t('dish.dishForm.spread-to-cool')}
            unit="mm"
            kind="number"
          />
        </div>
      )}
      {!family.in_stages && !pan && <Tick name="dish.two_pours" label={t('dish.dishForm.two-pours')} />}
      <Ingredients step="stock" goes="last-two-minutes" />
    </>
  );
}

export function CrustFields() {
  return (
    <div className={ROW}>
      <Pick name="dish.crust" label={t('common.crust')} options={CRUST} />
      <Pick name="dish.crust_school" label={t('dish.dishForm.made')} options={CRUST_SCHOOL} />
      <Amount
        name="dish.oven_c"
        label={t('dish.dishForm.into-an-oven-of')}
        of="heat"
        hint={t('dish.dishForm.left-empty-it-stays-on-its-ring')}
      />
    </div>
  );
}

export function FinishFields({ butter }: { butter: number }) {
  const { weight } = useMeasure();
  const to80 = { weight: weight(80) };
  return (
    <>
      <div className={ROW}>
        <Amount
          name="dish.butter_g_per_80_g"
          label={t('dish.dishForm.butter-for-weight', to80)}
          of="weight"
        />
        <Pick
          numeric
          name="dish.butter_c"
          label={t('dish.dishForm.butter-goes-in')}
          options={coldOf(butter)}
        />
        <Amount
          name="dish.cheese_g_per_80_g"
          label={t('dish.dishForm.cheese-for-weight', to80)}
          of="weight"
        />
        <Amount name="dish.cream_g_per_80_g" label={t('dish.dishForm.cream-for-weight', to80)} of="weight" />
        <Amount
          name="dish.marrow_g_per_80_g"
          label={t('dish.dishForm.marrow-for-weight', to80)}
          of="weight"
        />
        <Amount name="dish.oil_g_per_80_g" label={t('dish.dishForm.oil-for-weight', to80)} of="weight" />
        <Field
          name="dish.finish_min"
          label={t('dish.dishForm.beaten-in')}
          unit={t('common.min')}
          kind="number"
        />
      </div>
      <div className="flex flex-wrap gap-x-6">
        <Tick name="dish.butter_salted" label={t('dish.dishForm.salted-butter')} />
        <Tick name="dish.finish_on_the_heat" label={t('dish.dishForm.finished-on-the-heat')} />
      </div>
      <Field name="dish.finish" label={t('dish.dishForm.finish-in-words')} maxLength={240} />
    </>
  );
}

export function TableFields({
  family,
  looseness,
}: {
  family: Kitchen['families'][number];
  looseness: number;
}) {
  const pan = family.dries_out;
  const words = family.plates.map(
    (plate) => [String(plate.looseness), wordOf('looseness', plate.word)] as const,
  );
  const plates = words.some(([value]) => Number(value) === looseness)
    ? words.map(([value, word]) => [Number(value) === looseness ? String(looseness) : value, word] as const)
    : [[String(looseness), t('dish.dishForm.looseness-g-of-sauce-a-gram', { looseness })] as const, ...words];
  return (
    <>
      <div className={ROW}>
        {!pan && (
          <Pick numeric name="dish.looseness" label={t('dish.dishForm.at-the-table-it')} options={plates} />
        )}
        <Field name="dish.rest_min" label={t('dish.dishForm.rest')} unit={t('common.min')} kind="number" />
        <Field
          name="dish.minutes_to_table"
          label={t('dish.dishForm.pass-to-table')}
          unit={t('common.min')}
          kind="number"
        />
        <Field
          name="dish.sodium_most_mg"
          label={t('dish.dishForm.sodium-at-most')}
          unit="mg"
          kind="number"
          hint={t('dish.dishForm.a-cover-the-dietitian-sets-it')}
        />
      </div>
      <div className="flex flex-wrap gap-x-6">
        <Tick name="dish.rest_covered" label={t('dish.dishForm.rests-under-a-cloth')} />
        {pan && <Tick name="dish.plated" label={t('dish.dishForm.on-plates')} />}
      </div>
      <Ingredients step="table" goes="on-top" />
      <Field name="dish.garnish" label={t('dish.dishForm.garnish')} maxLength={240} />
    </>
  );
}
