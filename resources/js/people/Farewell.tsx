import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api';
import type { Session } from '../contracts.generated';
import { useCook, useMay } from '../cook';
import { Entry } from '../parts/Entry';
import { Field } from '../parts/Field';
import { TakeOut } from '../parts/TakeOut';
import { clock, day } from '../time';
import { queries } from '../queries';
import { t } from '../words/messages';

function useKept() {
  const client = useQueryClient();
  return (session: Session) => {
    client.setQueryData(queries.session.queryKey, session);
  };
}

/** The end of a kitchen: first its archive, then its name and the password, then a day to think again. */
export function Farewell() {
  const [open, setOpen] = useState(false);
  const cook = useCook();
  const kept = useKept();
  if (cook.delete_at !== null || cook.hand !== null) {
    return null;
  }
  return (
    <section aria-label={t('people.farewell.the-end')} className="mt-8 border-t-2 border-rule pt-3">
      {open ? (
        <div className="grid max-w-xl gap-4">
          <h2 className="text-2xl font-bold">
            {t('people.farewell.delete-kitchen', { kitchen: cook.kitchen })}
          </h2>
          <p className="text-lg">{t('people.farewell.with-everything-in-it-and-everybodys')}</p>
          <div className="flex">
            <TakeOut href="/api/kitchen/archive">{t('common.the-kitchen-whole')}</TakeOut>
          </div>
          <Entry
            values={{ format: 'velko.farewell/1', kitchen: '', password: '' }}
            words={t('people.farewell.delete-it-in-a-day')}
            save={api.farewell}
            onSaved={kept}
            beside={
              <button
                type="button"
                onClick={() => setOpen(false)}
                className="min-h-14 rounded-lg border-2 border-ink px-6 text-xl"
              >
                {t('people.farewell.keep-it')}
              </button>
            }
          >
            <Field
              name="kitchen"
              label={t('people.farewell.the-name-of-the-kitchen-kitchen', { kitchen: cook.kitchen })}
              autoFocus
            />
            <Field name="password" label={t('common.your-password')} kind="password" known />
          </Entry>
        </div>
      ) : (
        <button
          onClick={() => setOpen(true)}
          className="min-h-12 rounded-lg px-2 text-lg text-tomato underline underline-offset-4"
        >
          {t('people.farewell.delete-this-kitchen')}
        </button>
      )}
    </section>
  );
}

/** Said on every place while the day runs. */
export function GoingAway() {
  const { delete_at, timezone, kitchen } = useCook();
  const may = useMay();
  const kept = useKept();
  const stay = useMutation({ mutationFn: api.stay, onSuccess: kept });
  return delete_at === null ? null : (
    <p
      role="status"
      className="flex flex-wrap items-center gap-x-6 bg-tomato px-5 py-1 text-lg text-on-mark print:hidden"
    >
      {t('people.farewell.kitchen-is-deleted-with-everything-in', {
        kitchen,
        deleteAt: day(delete_at, timezone),
        deleteAt2: clock(delete_at, timezone),
      })}
      {may.kitchen && (
        <button
          onClick={() => stay.mutate()}
          className="min-h-11 rounded-lg border-2 border-on-mark px-4 font-semibold"
        >
          {t('people.farewell.keep-it')}
        </button>
      )}
    </p>
  );
}
