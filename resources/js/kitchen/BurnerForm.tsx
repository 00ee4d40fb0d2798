import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { api } from '../api';
import type { Kitchen } from '../contracts.generated';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick, Tick } from '../parts/Field';
import { Retire } from '../parts/Retire';
import { t, wordOf } from '../words/messages';
import { useKeep, type FormProps } from './things';
import type { Burner } from './words';

const FIRES = (['gas', 'induction', 'top', 'charcoal', 'wood'] as const).map(
  (one) => [one, wordOf('fuel', one)] as const,
);

export function BurnerForm({ thing, marks, onDone }: FormProps<Burner> & { marks: Kitchen['kit']['marks'] }) {
  const keep = useKeep('burners', thing, onDone);
  return (
    <Entry
      values={{
        format: 'velko.burner/1',
        name: thing?.name ?? '',
        ring_cm: thing?.ring_cm ?? 15,
        grate_cm: thing?.grate_cm ?? null,
        fuel: thing?.fuel ?? 'gas',
        fades_percent_per_min: thing?.fades_percent_per_min ?? null,
        outdoors: thing?.outdoors ?? false,
        rated_w: thing?.rated_w ?? 5000,
        marks: thing
          ? thing.settings.map((one) => ({
              mark: one.mark,
              share: one.share,
              net_w: one.measured ? one.net_w : null,
            }))
          : marks,
      }}
      {...keep}
      beside={
        thing && (
          <Retire
            words={t('kitchen.things.delete-this-ring')}
            name={thing.name}
            retire={() => api.retireThing('burners', thing.id)}
            undo={() => api.bringBack('burners', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label={t('common.what-you-call-it')} autoFocus maxLength={60} />
      <div className="grid grid-cols-2 gap-3">
        <Amount name="ring_cm" label={t('kitchen.things.flame-or-coil')} of="length" />
        <Amount
          name="grate_cm"
          label={t('kitchen.things.grate-or-top-across')}
          of="length"
          hint={t('kitchen.things.a-pan-is-not-shifted-off-it')}
        />
        <Amount name="rated_w" label={t('kitchen.things.rated')} of="burner" />
        <Pick name="fuel" label={t('common.heat')} options={FIRES} />
        <Fades />
      </div>
      <Tick name="outdoors" label={t('kitchen.things.in-the-open-wind-gets-at-it')} />
      <Marks />
    </Entry>
  );
}

const FADES: readonly unknown[] = ['wood', 'charcoal', 'top'];

/** A fire that is no knob falls by itself. */
function Fades() {
  const fuel: unknown = useWatch({ name: 'fuel' });
  return FADES.includes(fuel) ? (
    <Field
      name="fades_percent_per_min"
      label={t('kitchen.things.falls-by-itself')}
      unit={t('kitchen.things.percent-a-minute')}
      kind="number"
      hint={t('kitchen.things.empty-as-such-a-fire-does')}
    />
  ) : null;
}

function Marks() {
  const { control } = useFormContext();
  const marks = useFieldArray({ control, name: 'marks' });
  return (
    <fieldset className="grid gap-2">
      <legend className="text-base text-ink-soft">
        {t('kitchen.things.marks-on-the-knob-weakest-first')}
      </legend>
      {marks.fields.map((field, row) => (
        <div key={field.id} className="grid grid-cols-[1.3fr_1fr_1fr_auto] items-end gap-2">
          <Field name={`marks.${row}.mark`} label={t('common.mark')} maxLength={30} />
          <Field name={`marks.${row}.share`} label={t('kitchen.things.share')} kind="number" />
          <Amount name={`marks.${row}.net_w`} label={t('kitchen.things.net')} of="burner" />
          <button
            type="button"
            onClick={() => marks.remove(row)}
            aria-label={t('kitchen.things.take-mark-row-off', { row: row + 1 })}
            className="size-14 rounded-lg border-2 border-ink text-2xl"
          >
            −
          </button>
        </div>
      ))}
      <button
        type="button"
        onClick={() => marks.append({ mark: '', share: 1, net_w: null })}
        className="min-h-12 rounded-lg border-2 border-ink text-lg"
      >
        {t('kitchen.things.another-mark')}
      </button>
    </fieldset>
  );
}
