import { useQueryClient } from '@tanstack/react-query';
import { useWatch } from 'react-hook-form';
import { api } from '../api';
import type { Kitchen } from '../contracts.generated';
import { useMeasure } from '../cook';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick } from '../parts/Field';
import type { Burner } from './words';
import { kitchenChanged } from '../queries';
import { t } from '../words/messages';

/** Weigh a pan of boiling water, leave it on one mark, weigh it again: what it lost says what the mark gives. */
export function BoilOffForm({
  kitchen,
  burner,
  onDone,
}: {
  kitchen: Kitchen;
  burner: Burner;
  onDone: () => void;
}) {
  const client = useQueryClient();
  const { volume } = useMeasure();
  return (
    <Entry
      values={{
        format: 'velko.boil-off/1',
        mark: burner.settings[0]?.mark ?? '',
        pan_id: String(kitchen.pans[0]?.id ?? ''),
        before_g: null as number | null,
        after_g: null as number | null,
        minutes: 15,
      }}
      save={(entry) => api.boilOff(burner.id, { ...entry, pan_id: Number(entry.pan_id) })}
      onSaved={(next) => {
        kitchenChanged(client, next);
        onDone();
      }}
      words={t('kitchen.boilOffForm.take-it-for-this-mark')}
    >
      <ol className="list-decimal pl-6 text-lg text-ink-soft">
        <li>{t('kitchen.boilOffForm.bring-about-volume-to-the-boil', { volume: volume(2000) })}</li>
        <li>{t('kitchen.boilOffForm.weigh-it-pan-and-all-start')}</li>
        <li>{t('kitchen.boilOffForm.a-quarter-of-an-hour-later')}</li>
      </ol>
      <div className="grid grid-cols-2 gap-3">
        <Pick
          name="mark"
          label={t('common.mark')}
          options={burner.settings.map((one) => [one.mark, one.mark] as const)}
        />
        <Pick
          name="pan_id"
          label={t('common.pan')}
          options={kitchen.pans.map((pan) => [String(pan.id), pan.name] as const)}
        />
        <Amount name="before_g" label={t('kitchen.boilOffForm.before')} of="weight" autoFocus />
        <Amount name="after_g" label={t('kitchen.boilOffForm.after')} of="weight" />
        <Field
          name="minutes"
          label={t('kitchen.boilOffForm.time-on-the-mark')}
          unit={t('common.min')}
          kind="number"
        />
        <Lost />
      </div>
    </Entry>
  );
}

function Lost() {
  const { weight } = useMeasure();
  const [before, after] = useWatch({ name: ['before_g', 'after_g'] }) as unknown[];
  const lost = Number(before) - Number(after);
  return (
    <p className="self-end pb-3 text-xl font-semibold">
      {lost > 0 ? t('kitchen.boilOffForm.lost-of-steam', { lost: weight(lost) }) : ''}
    </p>
  );
}
