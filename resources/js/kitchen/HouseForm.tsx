import { useQueryClient } from '@tanstack/react-query';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { api } from '../api';
import type { Kitchen } from '../contracts.generated';
import { useCook, useMeasure } from '../cook';
import { Boils } from '../parts/Boils';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick, Tick } from '../parts/Field';
import { kitchenChanged, queries } from '../queries';
import { t } from '../words/messages';
import { Another, Remove } from './rows';

const ZONES = Intl.supportedValuesOf('timeZone').map((zone) => [zone, zone.replaceAll('_', ' ')] as const);

/** The kitchen itself: its name, its height or what water boils at there, its clock. */
export function HouseForm({ kitchen, onDone }: { kitchen: Kitchen; onDone: () => void }) {
  const client = useQueryClient();
  const { heat } = useMeasure();
  const zones = ZONES.some(([zone]) => zone === kitchen.timezone)
    ? ZONES
    : [[kitchen.timezone, kitchen.timezone] as const, ...ZONES];
  return (
    <Entry
      values={{
        format: 'velko.house/1',
        name: kitchen.name,
        altitude_m: kitchen.altitude_m,
        boiling_c: null as number | null,
        room_c: kitchen.room_c,
        plates_c: kitchen.plates_c,
        glug_ml: kitchen.glug_ml,
        salt_low: kitchen.salt_low,
        salt_high: kitchen.salt_high,
        timezone: kitchen.timezone,
        services: kitchen.services,
        units: kitchen.units,
        safety: kitchen.safety,
      }}
      save={api.keepHouse}
      onSaved={(next) => {
        kitchenChanged(client, next);
        void client.invalidateQueries(queries.session);
        onDone();
      }}
    >
      <Field name="name" label={t('common.kitchen')} maxLength={120} />
      <div className="grid grid-cols-4 items-end gap-3 max-md:grid-cols-2">
        <Amount name="altitude_m" label={t('kitchen.houseForm.above-the-sea')} of="altitude" />
        <Amount name="boiling_c" label={t('kitchen.houseForm.or-water-boils-at')} of="heat" />
        <Amount name="room_c" label={t('kitchen.houseForm.room')} of="heat" />
        <Amount name="plates_c" label={t('kitchen.houseForm.plates')} of="heat" />
        <Amount name="glug_ml" label={t('kitchen.houseForm.a-glug')} of="volume" />
        <Field name="salt_low" label={t('kitchen.houseForm.salt-from')} kind="number" />
        <Field name="salt_high" label={t('kitchen.houseForm.salt-to')} kind="number" />
      </div>
      <BoilsThere />
      <p className="text-base text-ink-soft">{t('kitchen.houseForm.one-of-the-two-clear-the')}</p>
      <Pick name="timezone" label={t('kitchen.houseForm.clock')} options={zones} />
      <Services />
      <Pick
        name="units"
        label={t('common.amounts-are-in')}
        options={[
          ['metric', t('common.grams-millilitres-c')],
          ['us', t('common.ounces-cups-quarts-f')],
        ]}
      />
      <fieldset className="mt-3 border-t-2 border-rule pt-2">
        <legend className="pr-2 text-xl font-bold">{t('kitchen.houseForm.what-your-code-asks-for')}</legend>
        <div className="grid grid-cols-2 items-end gap-3">
          <Amount name="safety.fish_c" label={t('kitchen.houseForm.fish-shellfish-reach')} of="heat" />
          <Amount name="safety.poultry_c" label={t('kitchen.houseForm.poultry-reaches')} of="heat" />
          <Amount name="safety.meat_c" label={t('kitchen.houseForm.whole-cuts-of-meat-reach')} of="heat" />
          <Amount name="safety.hot_holding_c" label={t('kitchen.houseForm.held-hot-at')} of="heat" />
          <Field
            name="safety.fridge_days"
            label={t('kitchen.houseForm.cooked-rice-keeps-cold')}
            unit={t('kitchen.houseForm.days')}
            kind="number"
          />
          <Amount name="safety.reheat_c" label={t('kitchen.houseForm.reheated-to')} of="heat" />
          <Field
            name="safety.cooled_first_min"
            label={t('kitchen.houseForm.cooled-to-within', { heat: heat(21) })}
            unit={t('common.min')}
            kind="number"
          />
          <Field
            name="safety.cooled_min"
            label={t('kitchen.houseForm.cooled-to-within', { heat: heat(5) })}
            unit={t('common.min')}
            kind="number"
          />
        </div>
        <Tick name="safety.part_cooks" label={t('kitchen.houseForm.rice-is-part-cooked-ahead')} />
        <p className="mt-1 text-base text-ink-soft">{t('kitchen.houseForm.built-in-from-the-fda-food')}</p>
      </fieldset>
    </Entry>
  );
}

/** Where water boils at the height that is typed. */
function BoilsThere() {
  const { units } = useCook();
  const metres: unknown = useWatch({ name: 'altitude_m' });
  return typeof metres === 'number' ? <Boils metres={metres} units={units} /> : null;
}

/** When it serves: lunch, dinner, past midnight. A ticket's time is read by it, and tonight begins and ends with it. */
function Services() {
  const { control } = useFormContext<{ services: Kitchen['services'] }>();
  const rows = useFieldArray({ control, name: 'services' });
  return (
    <fieldset>
      <legend className="text-lg font-bold">{t('kitchen.houseForm.serves')}</legend>
      {rows.fields.map((row, at) => (
        <div
          key={row.id}
          className="mt-1 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_3.5rem] items-end gap-2"
        >
          <Field name={`services.${at}.from`} label={t('night.from')} />
          <Field name={`services.${at}.to`} label={t('night.until')} />
          <Remove
            label={t('kitchen.houseForm.take-out-service', { at: at + 1 })}
            onPress={() => rows.remove(at)}
          />
        </div>
      ))}
      <Another onPress={() => rows.append({ from: '17:00', to: '23:00' })}>
        {t('kitchen.houseForm.another-service')}
      </Another>
    </fieldset>
  );
}
