import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api';
import type { Kitchen } from '../contracts.generated';
import { Entry } from '../parts/Entry';
import { Field, Pick } from '../parts/Field';

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
        timezone: kitchen.timezone,
        units: kitchen.units,
      }}
      save={api.keepHouse}
      onSaved={(next) => {
        client.setQueryData(['kitchen'], next);
        void client.invalidateQueries({ queryKey: ['session'] });
        void client.invalidateQueries({ queryKey: ['work-out'] });
        void client.invalidateQueries({ queryKey: ['around'] });
        onDone();
      }}
    >
      <Field name="name" label="Kitchen" maxLength={120} />
      <div className="grid grid-cols-3 items-end gap-3">
        <Field name="altitude_m" label="Above the sea" unit="m" kind="number" />
        <Field name="boiling_c" label="or water boils at" unit="°C" kind="number" />
        <Field name="room_c" label="Room" unit="°C" kind="number" />
      </div>
      <p className="text-base text-ink-soft">
        One of the two: clear the altitude if you measured the boiling point.
      </p>
      <Pick name="timezone" label="Clock" options={zones} />
      <Pick
        name="units"
        label="Amounts are shown in"
        hint="Here things are still entered in the units written beside each field."
        options={[
          ['metric', 'grams, millilitres, °C'],
          ['us', 'ounces, cups, quarts, °F'],
        ]}
      />
    </Entry>
  );
}
