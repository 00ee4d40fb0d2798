import type { Kitchen, Reading } from '../contracts.generated';
import { useMeasure } from '../cook';

/** What a device read, in the kitchen's units; null where it has read nothing yet. */
export function useReading(reading: Reading, kind: Kitchen['devices'][number]['kind']): string | null {
  const { heat, weight } = useMeasure();
  if (reading === null) {
    return null;
  }
  if (kind === 'knob') {
    return reading.mark;
  }
  return reading.value === null ? null : kind === 'scale' ? weight(reading.value) : heat(reading.value);
}
