import { useFieldArray, useFormContext } from 'react-hook-form';
import type { Kitchen, Night, NightEntry } from '../contracts.generated';
import { Another, Remove } from '../kitchen/rows';
import { Entry } from '../parts/Entry';
import { Field, Pick, Tick } from '../parts/Field';
import { Sheet } from '../parts/Sheet';
import { t } from '../words/messages';
import { manned, type Nightly } from './useNight';

/** Who is there and when, which rings carry something else, how long washing takes. */
export function MannedSheet({
  night,
  kitchen,
  nightly,
  onClose,
}: {
  night: Night;
  kitchen: Kitchen;
  nightly: Nightly;
  onClose: () => void;
}) {
  return (
    <Sheet title={t('night.who-is-there')} onClose={onClose}>
      <Entry<NightEntry, Night> values={manned(night)} tag={night.tag} save={nightly.man} onSaved={onClose}>
        <People />
        <Standing kitchen={kitchen} />
        <Field name="wash_min" label={t('night.washing-takes')} unit={t('common.min')} kind="number" />
        <Tick name="merge" label={t('night.tables-may-share-a-pan')} />
      </Entry>
    </Sheet>
  );
}

function People() {
  const { control } = useFormContext<NightEntry>();
  const rows = useFieldArray({ control, name: 'hands' });
  return (
    <fieldset>
      <legend className="text-lg font-bold">{t('night.hands')}</legend>
      {rows.fields.map((row, at) => (
        <div
          key={row.id}
          className="mt-2 grid grid-cols-[minmax(0,1fr)_5.5rem_5.5rem_4rem_3.5rem] items-end gap-2 max-md:grid-cols-[1fr_1fr_1fr_3.5rem]"
        >
          <div className="max-md:col-span-4">
            <Field name={`hands.${at}.name`} label={t('night.who')} maxLength={60} />
          </div>
          <Field name={`hands.${at}.from`} label={t('night.from')} />
          <Field name={`hands.${at}.to`} label={t('night.until')} />
          <Field name={`hands.${at}.count`} label={t('night.pairs')} kind="number" />
          <Remove label={t('night.take-out-hands', { at: at + 1 })} onPress={() => rows.remove(at)} />
        </div>
      ))}
      <Another onPress={() => rows.append({ name: '', from: '17:00', to: '23:00', count: 1 })}>
        {t('night.more-hands')}
      </Another>
    </fieldset>
  );
}

function Standing({ kitchen }: { kitchen: Kitchen }) {
  const { control } = useFormContext<NightEntry>();
  const rows = useFieldArray({ control, name: 'taken' });
  const [first] = kitchen.burners;
  return (
    <fieldset>
      <legend className="text-lg font-bold">{t('night.rings-that-are-taken')}</legend>
      {rows.fields.map((row, at) => (
        <div
          key={row.id}
          className="mt-2 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_5.5rem_5.5rem_3.5rem] items-end gap-2 max-md:grid-cols-[1fr_1fr]"
        >
          <Pick
            name={`taken.${at}.burner_id`}
            label={t('night.ring')}
            numeric
            options={kitchen.burners.map((ring) => [String(ring.id), ring.name] as const)}
          />
          <Field name={`taken.${at}.what`} label={t('night.by-what')} maxLength={60} />
          <Field name={`taken.${at}.from`} label={t('night.from')} />
          <Field name={`taken.${at}.to`} label={t('night.until')} />
          <Remove label={t('night.take-out-ring', { at: at + 1 })} onPress={() => rows.remove(at)} />
        </div>
      ))}
      {first && (
        <Another
          onPress={() =>
            rows.append({
              burner_id: first.id,
              what: t('night.stock-pot'),
              from: '16:00',
              to: '23:00',
              share: 0.1,
            })
          }
        >
          {t('night.a-ring-more')}
        </Another>
      )}
    </fieldset>
  );
}
