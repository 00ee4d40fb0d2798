import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api';
import type { Kitchen } from '../contracts.generated';
import { Entry } from '../parts/Entry';
import { Field, Pick } from '../parts/Field';
import { Retire } from '../parts/Retire';
import { useKeep, type FormProps } from './things';
import { DEVICES, type Device } from './words';
import { queries } from '../queries';
import { t } from '../words/messages';

export function DeviceForm({ thing, kitchen, onDone }: FormProps<Device> & { kitchen: Kitchen }) {
  const keep = useKeep('devices', thing, onDone);
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
            words={t('kitchen.deviceForm.delete-this-device')}
            name={thing.name}
            retire={() => api.retireThing('devices', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label={t('common.what-you-call-it')} autoFocus maxLength={60} />
      <div className="grid grid-cols-2 gap-3">
        <Pick name="kind" label={t('kitchen.deviceForm.it-is')} options={DEVICES} />
        <Pick name="burner_id" label={t('kitchen.deviceForm.at')} options={rings} numeric />
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
            {t('kitchen.deviceForm.its-key-shown-this-once-write')}
            <input
              readOnly
              value={made.data.key}
              onFocus={(event) => event.target.select()}
              className="w-full rounded border border-ink bg-paper px-2 py-2 font-mono text-base"
            />
          </label>
          <p className="text-base text-ink-soft">
            {t('kitchen.deviceForm.it-sends-lines-such-as')} <code>{LINES[device.kind]}</code>{' '}
            {t('common.to-4')} <code>{LINES_GO_TO}</code>
            {t('kitchen.deviceForm.with')} <code>{HEADER}</code> {t('kitchen.deviceForm.and-this-key')}
          </p>
        </>
      ) : (
        <>
          <p>
            {device.has_key
              ? t('kitchen.deviceForm.it-has-a-key-a-new')
              : t('kitchen.deviceForm.it-needs-a-key-before-it')}
          </p>
          <button
            type="button"
            disabled={made.isPending}
            onClick={() => made.mutate()}
            className="min-h-14 justify-self-start rounded-lg border-2 border-ink px-6 text-lg font-semibold"
          >
            {device.has_key ? t('kitchen.deviceForm.a-new-key') : t('kitchen.deviceForm.make-its-key')}
          </button>
          {made.isError && (
            <p role="alert" className="text-tomato">
              {t('kitchen.deviceForm.no-key-was-made-message', { message: made.error.message })}
            </p>
          )}
        </>
      )}
    </div>
  );
}

// A device's own tongue: not words of a screen.
const LINES_GO_TO = `${location.origin}/api/devices/lines`;
const HEADER = 'Authorization: Bearer';
const LINES: Record<Device['kind'], string> = {
  scale: 'scale 2345 g',
  probe: 'probe 98.4 C',
  knob: 'knob medium',
};
