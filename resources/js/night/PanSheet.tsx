import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, Refusal } from '../api';
import type { FiringEntry, Kitchen, Night, NightFiring, NightPan } from '../contracts.generated';
import { useCook, useMeasure } from '../cook';
import { Entry } from '../parts/Entry';
import { Field, Pick, Tick } from '../parts/Field';
import { Sheet } from '../parts/Sheet';
import { queries } from '../queries';
import { remember } from '../stove/running';
import { clock, countdown } from '../time';
import { t } from '../words/messages';
import { entryOf, firingWords, ms, sizes, workSaid } from './shape';
import type { Nightly } from './useNight';

/** Where the bench finds what it is asked. */
const BENCH = 'velko.ask';

/** One pan of the night, and each firing it serves; or a firing that is in no pan. */
export function PanSheet({
  pan,
  firings,
  night,
  kitchen,
  nightly,
  onClose,
}: {
  pan: NightPan | null;
  firings: NightFiring[];
  night: Night;
  kitchen: Kitchen;
  nightly: Nightly;
  onClose: () => void;
}) {
  const [first] = firings;
  const title = pan
    ? t('night.so-many-of', { sizes: sizes(pan), dish: pan.dish })
    : first
      ? firingWords(first)
      : '';
  return (
    <Sheet title={title} onClose={onClose}>
      {pan && <OnItsRing pan={pan} />}
      {firings.map((firing) => (
        <section key={firing.id} className="mt-5 border-t-2 border-ink pt-3">
          <h3 className="mb-2 text-xl font-bold">{firingWords(firing)}</h3>
          {firing.late_by_min > 0 && (
            <p className="mb-2 text-lg font-semibold text-tomato">
              {t('night.min-late', { late: Math.ceil(firing.late_by_min - 1e-6) })}
            </p>
          )}
          {night.may_change && (
            <FiringForm firing={firing} kitchen={kitchen} nightly={nightly} onClose={onClose} />
          )}
        </section>
      ))}
    </Sheet>
  );
}

/** When it goes on, and why then: back from the table by what its plan takes. */
function OnItsRing({ pan }: { pan: NightPan }) {
  const { timezone } = useCook();
  const { weight, volume } = useMeasure();
  const navigate = useNavigate();
  const client = useQueryClient();
  const start = useMutation({
    mutationFn: () => {
      if (pan.ask === null) {
        throw new Error();
      }
      return api.start(crypto.randomUUID(), pan.ask, pan.serves);
    },
    onSuccess: (cook) => {
      remember(cook.id);
      client.setQueryData(queries.cook(cook.id).queryKey, cook);
      void client.invalidateQueries({ queryKey: ['night'] });
      void navigate(`/stove/${cook.id}`);
    },
  });
  const lasts = (from: string, to: string) => countdown((ms(to) - ms(from)) / 1000);
  const terms: [string, string][] = [
    [t('night.on-at', { pan: pan.pan, ring: pan.burner }), clock(pan.on_at, timezone)],
    [t('night.to-the-first-liquid'), `+ ${lasts(pan.on_at, pan.first_liquid_at)}`],
    [t('night.on-the-ring'), `+ ${lasts(pan.first_liquid_at, pan.off_at)}`],
    [t('night.off-it-and-to-the-table'), `+ ${lasts(pan.off_at, pan.table_at)}`],
    [t('common.at-the-table-4'), `= ${clock(pan.table_at, timezone)}`],
    [t('night.its-pan-is-free'), clock(pan.free_at, timezone)],
    [t('common.rice-4'), weight(pan.rice_g)],
    ...(pan.make_ml === null
      ? []
      : ([[t('night.stock-to-make'), volume(pan.make_ml)]] as [string, string][])),
  ];
  const refused =
    start.error instanceof Refusal ? start.error.problem.errors?.[0]?.detail : start.error?.message;
  return (
    <>
      <dl className="grid grid-cols-[1fr_auto] gap-x-4 text-lg">
        {terms.map(([words, amount]) => (
          <div key={words} className="contents">
            <dt className="text-ink-soft">{words}</dt>
            <dd className="text-right font-bold">{amount}</dd>
          </div>
        ))}
      </dl>
      {pan.works.length > 0 && (
        <ul className="mt-3 grid gap-0.5 text-base">
          {pan.works.map((work) => (
            <li key={`${work.what} ${work.start_at}`} className="flex gap-3">
              <b>{clock(work.start_at, timezone)}</b>
              <span>
                {workSaid(work)}
                {work.ahead && <span className="text-ink-soft"> {t('night.or-ahead')}</span>}
              </span>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-4 flex flex-wrap gap-3">
        {pan.cook === null ? (
          <>
            <button
              disabled={start.isPending}
              onClick={() => start.mutate()}
              className="min-h-14 flex-1 rounded-lg bg-saffron px-6 text-xl font-semibold"
            >
              {t('night.put-it-on-the-fire')}
            </button>
            <button
              onClick={() => {
                sessionStorage.setItem(BENCH, JSON.stringify(pan.ask));
                void navigate('/');
              }}
              className="min-h-14 rounded-lg border-2 border-ink px-5 text-lg font-semibold"
            >
              {t('night.work-it-out')}
            </button>
          </>
        ) : (
          <button
            onClick={() =>
              void navigate(pan.status === 'at-table' ? `/log/${pan.cook}` : `/stove/${pan.cook}`)
            }
            className="min-h-14 flex-1 rounded-lg bg-saffron px-6 text-xl font-semibold"
          >
            {pan.status === 'at-table' ? t('night.how-it-went') : t('night.to-the-stove')}
          </button>
        )}
      </div>
      {refused && (
        <p role="alert" className="mt-2 text-lg text-tomato">
          {refused}
        </p>
      )}
    </>
  );
}

function FiringForm({
  firing,
  kitchen,
  nightly,
  onClose,
}: {
  firing: NightFiring;
  kitchen: Kitchen;
  nightly: Nightly;
  onClose: () => void;
}) {
  const { timezone } = useCook();
  const values = entryOf(firing, (at) => clock(at, timezone, false));
  const byHand =
    firing.pan_id !== null || firing.burner_id !== null || firing.on_at !== null || firing.parts > 1;
  const any = ['', t('night.velko-chooses')] as const;
  return (
    <Entry<FiringEntry, Night>
      values={values}
      live
      words={t('parts.entry.save')}
      tag={firing.tag}
      save={(entry, tag) => nightly.keep([{ id: firing.id, tag, entry }])}
      onSaved={onClose}
      beside={
        <>
          {byHand && (
            <button
              type="button"
              onClick={() =>
                void nightly
                  .quietly(
                    nightly.keep([
                      {
                        id: firing.id,
                        tag: firing.tag,
                        entry: { ...values, pan_id: null, burner_id: null, on_at: null, parts: 1 },
                      },
                    ]),
                  )
                  .then(onClose)
              }
              className="min-h-14 rounded-lg border-2 border-ink px-5 text-lg font-semibold"
            >
              {t('night.let-it-go')}
            </button>
          )}
          <button
            type="button"
            onClick={() => void nightly.quietly(nightly.strike(firing.id)).then(onClose)}
            className="min-h-14 rounded-lg border-2 border-tomato px-5 text-lg font-semibold text-tomato"
          >
            {t('night.strike-it-off')}
          </button>
        </>
      }
    >
      <Pick
        name="dish_id"
        label={t('common.dish')}
        numeric
        options={kitchen.dishes.map((dish) => [String(dish.id), dish.name])}
      />
      <div className="grid grid-cols-3 gap-3">
        <Field name="covers" label={t('night.mains')} kind="number" />
        <Field name="starters" label={t('night.starters-4')} kind="number" />
        <Field name="table_at" label={t('common.at-the-table')} empty={null} />
        <Field name="early_min" label={t('night.early')} unit={t('common.min')} kind="number" />
        <Field name="late_min" label={t('night.late')} unit={t('common.min')} kind="number" />
        <Field name="label" label={t('night.table')} maxLength={60} />
        <Field name="note" label={t('night.note')} maxLength={200} />
      </div>
      <div className="grid grid-cols-2 gap-3">
        <Pick
          name="pan_id"
          label={t('common.pan')}
          numeric
          options={[any, ...kitchen.pans.map((pan) => [String(pan.id), pan.name] as const)]}
        />
        <Pick
          name="burner_id"
          label={t('night.ring')}
          numeric
          options={[any, ...kitchen.burners.map((ring) => [String(ring.id), ring.name] as const)]}
        />
        <Field name="on_at" label={t('night.pan-on-at')} empty={null} />
        <Field name="parts" label={t('night.in-pans')} kind="number" />
      </div>
      {firing.may_be_to_order && <Tick name="to_order" label={t('night.finished-to-order')} />}
    </Entry>
  );
}
