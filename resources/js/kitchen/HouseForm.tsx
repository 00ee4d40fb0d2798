import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api';
import type { Kitchen } from '../contracts.generated';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick } from '../parts/Field';
import { kitchenChanged, queries } from '../queries';

const ZONES = Intl.supportedValuesOf('timeZone').map((zone) => [zone, zone.replaceAll('_', ' ')] as const);

/** The kitchen itself: its name, its height or what water boils at there, its clock. */
export function HouseForm({ kitchen, onDone }: { kitchen: Kitchen; onDone: () => void }) {
  const client = useQueryClient();
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
        timezone: kitchen.timezone,
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
      <Field name="name" label="Kitchen" maxLength={120} />
      <div className="grid grid-cols-4 items-end gap-3 max-md:grid-cols-2">
        <Amount name="altitude_m" label="Above the sea" of="altitude" />
        <Amount name="boiling_c" label="or water boils at" of="heat" />
        <Amount name="room_c" label="Room" of="heat" />
        <Amount name="plates_c" label="Plates" of="heat" />
      </div>
      <p className="text-base text-ink-soft">
        One of the two: clear the altitude if you measured the boiling point.
      </p>
      <Pick name="timezone" label="Clock" options={zones} />
      <Pick
        name="units"
        label="Amounts are in"
        options={[
          ['metric', 'grams, millilitres, °C'],
          ['us', 'ounces, cups, quarts, °F'],
        ]}
      />
      <fieldset className="mt-3 border-t-2 border-rule pt-2">
        <legend className="pr-2 text-xl font-bold">What your code asks for</legend>
        <div className="grid grid-cols-2 items-end gap-3">
          <Amount name="safety.fish_c" label="Fish, shellfish reach" of="heat" />
          <Amount name="safety.poultry_c" label="Poultry reaches" of="heat" />
          <Amount name="safety.meat_c" label="Whole cuts of meat reach" of="heat" />
          <Amount name="safety.hot_holding_c" label="Held hot at" of="heat" />
          <Field name="safety.fridge_days" label="Cooked rice keeps, cold" unit="days" kind="number" />
        </div>
        <p className="mt-1 text-base text-ink-soft">
          Built in from the FDA Food Code 2022. Many authorities allow cooked rice fewer days. Your local code
          decides.
        </p>
      </fieldset>
    </Entry>
  );
}
