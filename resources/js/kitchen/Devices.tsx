import { useCook } from '../cook';
import { useReading } from '../parts/useReading';
import { clock, day, stamp, useNow } from '../time';
import { Line, Shelf, type ShelfProps } from './Shelf';
import type { Device } from './words';
import { t } from '../words/messages';

/** What speaks for itself, ring by ring, with what it said last. */
export function Devices({ kitchen, onOpen }: ShelfProps) {
  const rings = kitchen.burners.filter((ring) => kitchen.devices.some((one) => one.burner_id === ring.id));
  return (
    <Shelf title={t('kitchen.devices.devices')} add={t('kitchen.devices.a-device')} onAdd={() => onOpen()}>
      {rings.length === 0 && (
        <p className="py-2 text-lg text-ink-soft">{t('kitchen.devices.a-scale-a-probe-or-a')}</p>
      )}
      <div className="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-x-4 gap-y-2 pt-2">
        {rings.map((ring) => (
          <div key={ring.id}>
            <h3 className="px-1 text-lg font-bold">{ring.name}</h3>
            <ul>
              {kitchen.devices
                .filter((one) => one.burner_id === ring.id)
                .map((one) => (
                  <Line key={one.id} onOpen={() => onOpen(one.id)} name={one.name}>
                    <DeviceSays device={one} />
                  </Line>
                ))}
            </ul>
          </div>
        ))}
      </div>
    </Shelf>
  );
}

function DeviceSays({ device }: { device: Device }) {
  const { timezone } = useCook();
  const today = useNow(60_000);
  const said = useReading(device.reading, device.kind);
  if (said === null || device.reading === null) {
    return <>{device.has_key ? t('kitchen.devices.not-heard-yet') : t('kitchen.devices.has-no-key-yet')}</>;
  }
  const isToday = day(device.reading.at, timezone) === day(stamp(today), timezone);
  return (
    <>
      {t('kitchen.devices.said-at-istoday-at', {
        said,
        isToday: isToday ? '' : `${day(device.reading.at, timezone)} `,
        at: clock(device.reading.at, timezone),
      })}
    </>
  );
}
