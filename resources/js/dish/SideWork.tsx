import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { useMeasure } from '../cook';
import { Amount, Field, Pick, Tick } from '../parts/Field';
import type { Option } from '../parts/Select';
import { t } from '../words/messages';
import { Another, Remove } from '../kitchen/rows';
import type { Body } from './newDish';

const READY = [
  ['rice', t('dish.dishForm.before-the-rice')],
  ['stock', t('dish.dishForm.before-the-first-stock')],
  ['last-dose', t('dish.dishForm.by-the-last-dose')],
  ['table', t('dish.dishForm.by-the-table')],
] as const;

/** What is worked at beside the pan. */
export function SideWork() {
  const { weight } = useMeasure();
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
      <legend className="sr-only">{t('dish.dishForm.work-beside-the-pan')}</legend>
      <ol className="grid gap-3">
        {rows.fields.map((field, row) => (
          <li key={field.id} className="rounded-lg border-2 border-rule p-3">
            <div className="grid grid-cols-[2fr_1.3fr_1fr_1fr_auto] items-end gap-2 max-md:grid-cols-2">
              <Field name={name(row, 'what')} label={t('dish.dishForm.work')} maxLength={120} />
              <Pick name={name(row, 'ready')} label={t('dish.dishForm.ready')} options={READY} />
              <Field
                name={name(row, 'takes_min')}
                label={t('dish.dishForm.takes')}
                unit={t('common.min')}
                kind="number"
              />
              <Field
                name={name(row, 'hands_min')}
                label={t('dish.dishForm.hands')}
                unit={t('common.min')}
                kind="number"
              />
              <Remove
                label={t('dish.dishForm.take-work-row-out', { row: row + 1 })}
                onPress={() => takeOut(row)}
              />
            </div>
            <div className="mt-2 grid grid-cols-2 items-end gap-2 max-md:grid-cols-1">
              <div className="grid">
                <Tick name={name(row, 'ahead')} label={t('dish.dishForm.can-be-done-before-service')} />
                <Tick name={name(row, 'on_ring')} label={t('dish.dishForm.stands-on-a-ring')} />
              </div>
              {row > 0 && (
                <Pick
                  name={name(row, 'needs')}
                  label={t('dish.dishForm.begun-after')}
                  options={[['', t('dish.dishForm.nothing-else')], ...works.slice(0, row)]}
                  numeric
                />
              )}
              <Amount
                name={name(row, 'drinks_ml_per_80_g')}
                label={t('dish.dishForm.takes-of-the-stock')}
                of="volume"
                unitWords={t('dish.dishForm.for-weight-of-rice', { weight: weight(80) })}
              />
              <Amount
                name={name(row, 'gives_ml_per_80_g')}
                label={t('dish.dishForm.liquor-to-the-stock')}
                of="volume"
                unitWords={t('dish.dishForm.for-weight-of-rice', { weight: weight(80) })}
              />
            </div>
          </li>
        ))}
      </ol>
      <Another
        onPress={() =>
          rows.append({
            what: '',
            ready: 'rice',
            takes_min: 20,
            hands_min: 5,
            ahead: true,
            needs: null,
            drinks_ml_per_80_g: 0,
            gives_ml_per_80_g: 0,
            on_ring: false,
          })
        }
      >
        {t('dish.dishForm.more-work')}
      </Another>
    </fieldset>
  );
}
