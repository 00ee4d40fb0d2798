import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api';
import type { Kitchen } from '../contracts.generated';
import { Entry } from '../parts/Entry';
import { Field, Pick } from '../parts/Field';
import { Retire } from '../parts/Retire';
import { useKeep, type FormProps } from './things';
import { DEVICES, type Device } from './words';
import { queries } from '../queries';

export function DeviceForm({ thing, kitchen, onDone }: FormProps<Device> & { kitchen: Kitchen }) {
  const keep = useKeep('devices', thing?.id, onDone);
  const rings = kitchen.burners.map((one) => [String(one.id), one.name] as const);
  return (
    <Entry
      values={{
        format: 'velko.device/1',
        name: thing?.name ?? '',
        kind: thing?.kind ?? 'scale',
        burner_id: thing?.burner_id ?? kitchen.burners[0]?.id ?? null,
      }}
      {...keep}
      beside={
        thing && (
          <Retire
            words="Delete this device"
            name={thing.name}
            retire={() => api.retireThing('devices', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label="What you call it" autoFocus maxLength={60} />
      <div className="grid grid-cols-2 gap-3">
        <Pick name="kind" label="It is" options={DEVICES} />
        <Pick name="burner_id" label="At" options={rings} numeric />
      </div>
      {thing && <DeviceKey device={thing} />}
    </Entry>
  );
}

/** The key a device speaks with: shown the once that it is made. */
function DeviceKey({ device }: { device: Device }) {
  const client = useQueryClient();
  const made = useMutation({
    mutationFn: () => api.deviceKey(device.id),
    onSuccess: () => client.invalidateQueries(queries.kitchen),
  });
  return (
    <div className="grid gap-2 rounded-lg border-2 border-rule p-3 text-lg">
      {made.data ? (
        <>
          <label className="grid gap-1">
            Its key, shown this once: write it into the device
            <input
              readOnly
              value={made.data.key}
              onFocus={(event) => event.target.select()}
              className="w-full rounded border border-ink bg-paper px-2 py-2 font-mono text-base"
            />
          </label>
          <p className="text-base text-ink-soft">
            It sends lines such as <code>{LINES[device.kind]}</code> to{' '}
            <code>{location.origin}/api/devices/lines</code>, with <code>Authorization: Bearer</code> and this
            key.
          </p>
        </>
      ) : (
        <>
          <p>
            {device.has_key
              ? 'It has a key. A new one ends the old.'
              : 'It needs a key before it can say anything.'}
          </p>
          <button
            type="button"
            disabled={made.isPending}
            onClick={() => made.mutate()}
            className="min-h-14 justify-self-start rounded-lg border-2 border-ink px-6 text-lg font-semibold"
          >
            {device.has_key ? 'A new key' : 'Make its key'}
          </button>
          {made.isError && (
            <p role="alert" className="text-tomato">
              No key was made: {made.error.message}
            </p>
          )}
        </>
      )}
    </div>
  );
}

const LINES: Record<Device['kind'], string> = {
  scale: 'scale 2345 g',
  probe: 'probe 98.4 C',
  knob: 'knob medium',
};
