import type { Cook } from '../contracts.generated';

/** ms after which what a device said is no longer how things stand. */
const FRESH = 15_000;

type Device = Cook['devices'][number];

/** What a device at this pan's ring says by now; null where there is none, or it has gone quiet. */
export function readingOf(
  cook: Cook,
  kind: Device['kind'],
  now: number,
): NonNullable<Device['reading']> | null {
  const reading = cook.devices.find((one) => one.kind === kind)?.reading ?? null;
  return reading !== null && Math.abs(now - Date.parse(reading.at)) <= FRESH ? reading : null;
}
