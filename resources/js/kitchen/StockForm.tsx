import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { api } from '../api';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick, Ticks } from '../parts/Field';
import { Retire } from '../parts/Retire';
import { trimmed } from '../measure';
import { t } from '../words/messages';
import { useKeep, type FormProps } from './things';
import { ALLERGENS, BASES, type Stock } from './words';

/** Vegetables, simmered for 18 min; common practice, no single source. */
const USUAL = { simmer_min: 18, strained_percent: 90, solids_g_per_l: 250 };

const WATER = 'water';
const NEW_PART = { name: '', percent: 50, salt_percent: 0, base: WATER, allergens: null };

type Part = NonNullable<Stock['parts']>[number];

/** A select has no null: water is one of its words. */
const typed = (part: Part) => ({ ...part, base: part.base ?? WATER });
const said = (part: typeof NEW_PART | ReturnType<typeof typed>) => ({
  ...part,
  base: part.base === WATER ? null : part.base,
});

export function StockForm({ thing, onDone }: FormProps<Stock>) {
  const keep = useKeep('stocks', thing, onDone);
  return (
    <Entry
      values={{
        format: 'velko.stock/1',
        name: thing?.name ?? '',
        base: thing?.base ?? 'vegetable',
        salt_percent: thing?.salt_percent ?? 0.6,
        held_at_c: thing?.held_at_c ?? 92,
        batch_ml: thing?.batch_ml ?? null,
        allergens: thing?.allergens ?? null,
        comes: thing?.parts ? 'blended' : thing?.from_water ? 'from-water' : 'ready',
        from_water: thing?.from_water ?? USUAL,
        parts: (thing?.parts ?? []).map(typed),
      }}
      save={({ comes, from_water, parts, ...entry }) =>
        keep.save({
          ...entry,
          from_water: comes === 'from-water' ? from_water : null,
          parts: comes === 'blended' ? parts.map(said) : null,
        })
      }
      onSaved={keep.onSaved}
      beside={
        thing && (
          <Retire
            words={t('kitchen.things.delete-this-stock')}
            name={thing.name}
            retire={() => api.retireThing('stocks', thing.id)}
            undo={() => api.bringBack('stocks', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label={t('common.what-you-call-it')} autoFocus maxLength={60} />
      <div className="grid grid-cols-2 gap-3">
        <Pick
          name="comes"
          label={t('kitchen.stockForm.it-comes')}
          options={[
            ['ready', t('kitchen.stockForm.ready-from-the-fridge')],
            ['from-water', t('kitchen.stockForm.made-from-water-on-the-day')],
            ['blended', t('kitchen.stockForm.of-several')],
          ]}
        />
        <Amount name="held_at_c" label={t('kitchen.things.held-at')} of="heat" />
        <Amount name="batch_ml" label={t('kitchen.things.a-batch')} of="volume" />
        <WhatItIs />
      </div>
      <HowItComes />
    </Entry>
  );
}

/** Of a blend all this follows from its parts. */
function WhatItIs() {
  return useWatch({ name: 'comes' }) === 'blended' ? null : (
    <>
      <Pick name="base" label={t('kitchen.things.made-from')} options={BASES} />
      <Field
        name="salt_percent"
        label={t('common.salt')}
        unit={t('kitchen.things.g-in-100-g')}
        kind="number"
      />
    </>
  );
}

function HowItComes() {
  const comes: unknown = useWatch({ name: 'comes' });
  if (comes === 'blended') {
    return <Parts />;
  }
  return (
    <>
      {comes === 'from-water' && (
        <div className="grid grid-cols-3 gap-3">
          <Field
            name="from_water.simmer_min"
            label={t('kitchen.stockForm.simmers')}
            unit={t('common.min')}
            kind="number"
          />
          <Field
            name="from_water.solids_g_per_l"
            label={t('kitchen.stockForm.in-a-litre')}
            unit="g"
            kind="number"
          />
          <Field
            name="from_water.strained_percent"
            label={t('kitchen.stockForm.strained-off')}
            unit="%"
            kind="number"
          />
        </div>
      )}
      <Ticks
        name="allergens"
        label={t('kitchen.things.allergens-in-it-those-of-its')}
        options={ALLERGENS}
        none={t('common.none-of-these')}
      />
    </>
  );
}

const PART_BASES = [[WATER, t('kitchen.stockForm.water')] as const, ...BASES];

/** Broth, bottled juice, a liquor, water with a cube: each with its share, its salt and what is in it. */
function Parts() {
  const { control } = useFormContext();
  const parts = useFieldArray({ control, name: 'parts' });
  const shares = useWatch({ name: 'parts' }) as { percent: unknown; salt_percent: unknown }[];
  const whole = shares.reduce((sum, { percent }) => sum + (Number(percent) || 0), 0);
  const salt = shares.reduce(
    (sum, { percent, salt_percent }) => sum + ((Number(percent) || 0) / 100) * (Number(salt_percent) || 0),
    0,
  );
  return (
    <fieldset className="grid gap-3">
      <legend className="text-base text-ink-soft">{t('kitchen.stockForm.its-parts')}</legend>
      {parts.fields.map((field, row) => (
        <div key={field.id} className="grid gap-2 border-b-2 border-rule pb-3">
          <Field name={`parts.${row}.name`} label={t('kitchen.stockForm.part')} maxLength={60} />
          <div className="grid grid-cols-[1fr_1fr_1.4fr_auto] items-end gap-2 max-md:grid-cols-2">
            <Field name={`parts.${row}.percent`} label={t('kitchen.things.share')} unit="%" kind="number" />
            <Field name={`parts.${row}.salt_percent`} label={t('common.salt')} unit="%" kind="number" />
            <Pick name={`parts.${row}.base`} label={t('kitchen.things.made-from')} options={PART_BASES} />
            <button
              type="button"
              onClick={() => parts.remove(row)}
              aria-label={t('kitchen.stockForm.take-part-off', { row: row + 1 })}
              className="size-14 rounded-lg border-2 border-ink text-2xl"
            >
              −
            </button>
          </div>
          <details>
            <summary className="min-h-11 cursor-pointer py-2 text-base">
              {t('kitchen.stockForm.allergens-of-this-part')}
            </summary>
            <Ticks
              name={`parts.${row}.allergens`}
              label={t('kitchen.things.allergens-in-it-those-of-its')}
              options={ALLERGENS}
              none={t('common.none-of-these')}
            />
          </details>
        </div>
      ))}
      <button
        type="button"
        onClick={() => parts.append(NEW_PART)}
        className="min-h-12 rounded-lg border-2 border-ink text-lg"
      >
        {t('kitchen.stockForm.another-part')}
      </button>
      <p aria-live="polite" className={Math.abs(whole - 100) < 0.1 ? 'text-base' : 'text-base text-tomato'}>
        {t('kitchen.stockForm.whole-and-salt', { whole: trimmed(whole, 1), salt: trimmed(salt, 2) })}
      </p>
    </fieldset>
  );
}
