import type { Learned, OwnNumberEntry } from '../contracts.generated';
import type { AsTyped } from '../api';
import { useMeasure } from '../cook';
import { trimmed } from '../measure';
import { t } from '../words/messages';

export type OneNumber = Learned['numbers'][number];

/** Whose it is, by name. */
export const whoseOf = ({ of, ring, rice, dish, pan }: OneNumber): string =>
  ring ?? rice ?? dish ?? pan ?? (of === 'ladle' ? t('taught.the-ladle') : t('taught.the-scale'));

type Of = OwnNumberEntry['of'];

/** What a kitchen takes for its own; a pan, a ladle and a scale are only told of. */
const TAKEN: readonly string[] = ['ring-power', 'drinking', 'doneness', 'crust', 'base-yield'] satisfies Of[];

export type TakenNumber = OneNumber & { of: Of };

export const isTaken = (one: OneNumber): one is TakenNumber => TAKEN.includes(one.of);

/** How it is addressed: one mark, what one rice does, or what the base of one dish weighs. */
export const addressOf = ({
  of,
  burner_id = null,
  rice_id = null,
  dish_id = null,
  mark,
}: TakenNumber): AsTyped<OwnNumberEntry> => ({
  format: 'velko.own-number/1',
  of,
  burner_id,
  rice_id,
  dish_id,
  mark,
});

/** Whether plans go by a number of the kitchen's own. */
export const isOwn = ({ source }: OneNumber): boolean => source === 'learned' || source === 'pinned';

/** Whether nine cooks in ten have it be another than plans take it for. */
export const isOff = ({ low_90, high_90, given }: OneNumber): boolean => low_90 > given || high_90 < given;

/** Its value in the kitchen's words. */
export function useSaid(): (one: OneNumber, value: number) => string {
  const { volume, weight, power } = useMeasure();
  return ({ of, unit }, value) =>
    of === 'base-yield'
      ? weight(100 * value)
      : unit === 'g/g'
        ? volume(100 * value)
        : unit === 'min'
          ? t('taught.minutes', { minutes: trimmed(value, 1) })
          : unit === '×'
            ? t('taught.times', { times: trimmed(value, 2) })
            : power(10 * Math.round(value / 10));
}

/** What one number is called beside its ring, its rice or its dish. */
export function useCalled(): (one: OneNumber) => string {
  const { weight } = useMeasure();
  return ({ of, mark }) =>
    of === 'ring-power'
      ? (mark ?? '')
      : of === 'drinking'
        ? t('taught.so-much-drinks', { rice: weight(100) })
        : of === 'crust'
          ? t('taught.crust-browns')
          : of === 'base-yield'
            ? t('taught.so-much-base-weighs', { base: weight(100) })
            : of === 'pan-power'
              ? t('taught.so-much-heat-caught')
              : of === 'ladle'
                ? t('taught.so-much-a-ladle-holds')
                : of === 'scale'
                  ? t('taught.so-much-the-scale-shows')
                  : t('taught.is-done-at');
}
