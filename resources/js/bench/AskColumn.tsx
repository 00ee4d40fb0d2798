import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Flame, X } from 'lucide-react';
import { useNavigate } from 'react-router';
import { api, type Refusal } from '../api';
import type { Ask, Kitchen, Working } from '../contracts.generated';
import { useCook, useMeasure } from '../cook';
import { trimmed } from '../measure';
import { Select, type Option } from '../parts/Select';
import { ClockField } from '../parts/ClockField';
import { DayField } from '../parts/DayField';
import { placeOf } from '../parts/faults';
import { Stepper } from '../parts/Stepper';
import { remember } from '../stove/running';
import { date, stamp, useMoment } from '../time';
import type { Sharing } from './shared';
import { SharedPans } from './SharedPans';
import { Warnings } from './Warnings';
import { queries } from '../queries';
import { t } from '../words/messages';

const OURS = t('bench.askColumn.ours');

/** Over the pan, inside its rim, m/s: less than a weather report has it. */
const WIND: readonly Option[] = [
  ['0', t('bench.askColumn.still-air'), t('bench.askColumn.or-screened')],
  ['1', t('bench.askColumn.a-breeze')],
  ['2', t('bench.askColumn.wind-that-moves-leaves')],
  ['3', t('bench.askColumn.hard-wind')],
];

/** What the fields of an ask are called here. */
const WORDS = new Map(
  Object.entries({
    covers: t('common.covers'),
    starters: t('bench.askColumn.starters'),
    dish_id: t('bench.askColumn.the-dish'),
    way: t('bench.askColumn.how-much-of-it-now'),
    pan_id: t('bench.askColumn.the-pan'),
    burner_id: t('bench.askColumn.the-ring'),
    heat: t('bench.askColumn.the-heat'),
    table_at: t('bench.askColumn.the-time-at-the-table'),
    table_on: t('bench.askColumn.the-day'),
  }).map(([field, label]) => [field, { label }]),
);

/** The choice that is left to Velko, with what it comes to. */
const ours = (chosen: string | undefined): Option => [
  OURS,
  chosen ? t('bench.askColumn.chosen-ours', { chosen }) : t('bench.askColumn.let-velko-choose'),
];

/** The ask as a sentence of large choices: six mains of this dish, in this pan, on this ring, at the table by then. */
export function AskColumn({
  kitchen,
  ask,
  change,
  working,
  refusal,
  sharing,
  takeAsk,
}: {
  kitchen: Kitchen;
  ask: Ask;
  change: (part: Partial<Ask>) => void;
  working: Working | undefined;
  refusal: Refusal | null;
  sharing: Sharing;
  takeAsk: (ask: Ask) => void;
}) {
  const navigate = useNavigate();
  const { length, power } = useMeasure();
  const { timezone } = useCook();
  const today = useMoment((at) => date(stamp(at), timezone));
  const client = useQueryClient();
  const start = useMutation({
    mutationFn: () => api.start(crypto.randomUUID(), ask),
    onSuccess: (cook) => {
      remember(cook.id);
      sharing.putOn();
      client.setQueryData(queries.cook(cook.id).queryKey, cook);
      void navigate(`/stove/${cook.id}`);
    },
  });
  const ring = kitchen.burners.find(({ id, name }) =>
    ask.burner_id === null ? name === working?.burner.name : id === ask.burner_id,
  );
  const outdoors = ring?.outdoors === true;
  const heat = working && [...new Set(working.plan.heat.map((change) => change.setting))].join(', ');

  return (
    <section
      aria-label={t('bench.askColumn.the-ask')}
      className="flex flex-col gap-2.5 border-r-2 border-rule bg-paper-deep p-4 text-lg lg:max-xl:row-span-3 lg:max-xl:px-3 xl:row-span-2"
    >
      <Stepper
        label={t('common.covers')}
        value={ask.covers}
        fault={refusal?.about('/covers')}
        onChange={(covers) => change({ covers })}
      />
      {ask.portion === 'main' && (ask.starters ?? 0) > 0 ? (
        <>
          <p className="text-ink-soft">{t('bench.askColumn.mains-and')}</p>
          <Stepper
            label={t('bench.askColumn.starters')}
            least={0}
            value={ask.starters ?? 0}
            fault={refusal?.about('/starters')}
            onChange={(starters) => change({ starters })}
          />
        </>
      ) : null}
      <Select
        label={t('bench.askColumn.portion')}
        value={ask.portion === 'main' && (ask.starters ?? 0) > 0 ? 'both' : ask.portion}
        onChange={(portion) =>
          change(
            portion === 'both'
              ? { portion: 'main', starters: 2 }
              : { portion: portion as Ask['portion'], starters: 0 },
          )
        }
        options={[
          ['main', t('bench.askColumn.mains-of')],
          ['starter', t('bench.askColumn.starters-of')],
          [
            'both',
            ask.starters ? t('bench.askColumn.starters-of') : t('bench.askColumn.mains-and-starters-of'),
          ],
        ]}
      />
      <Select
        label={t('common.dish')}
        value={String(ask.dish_id)}
        onChange={(dish) =>
          change({ dish_id: Number(dish), way: 'whole', heat: null, pan_heat: null, cover_last_min: null })
        }
        options={kitchen.dishes.map((dish) => [String(dish.id), dish.name, dish.rice])}
      />
      {(ask.way ?? 'whole') !== 'whole' ||
      kitchen.dishes.find(({ id }) => id === ask.dish_id)?.part_cooked === true ? (
        <Select
          label={t('bench.askColumn.how-much-of-it-now')}
          value={ask.way ?? 'whole'}
          onChange={(way) =>
            change({ way: way as NonNullable<Ask['way']>, pan_id: null, burner_id: null, heat: null })
          }
          options={[
            ['whole', t('bench.askColumn.in-one-go')],
            ['ahead', t('bench.askColumn.part-cooked-ahead')],
            ['to-order', t('bench.askColumn.finished-to-order')],
          ]}
        />
      ) : null}
      <Line word={t('bench.askColumn.in-the')}>
        <Select
          label={t('common.pan')}
          value={ask.pan_id === null ? OURS : String(ask.pan_id)}
          onChange={(pan) => change({ pan_id: pan === OURS ? null : Number(pan) })}
          options={[
            ours(ask.pan_id === null ? working?.pan.name : undefined),
            ...kitchen.pans.map((pan): Option => [
              String(pan.id),
              pan.name,
              t('bench.askColumn.base-base', { base: length(pan.base_cm) }),
            ]),
          ]}
        />
      </Line>
      <Line word={t('bench.askColumn.on')}>
        <Select
          label={t('bench.askColumn.ring')}
          value={ask.burner_id === null ? OURS : String(ask.burner_id)}
          onChange={(id) =>
            change({ burner_id: id === OURS ? null : Number(id), heat: null, pan_heat: null, wind_m_s: 0 })
          }
          options={[
            ours(ask.burner_id === null ? working?.burner.name : undefined),
            ...kitchen.burners.map((one): Option => [String(one.id), one.name, length(one.ring_cm)]),
          ]}
        />
      </Line>
      {outdoors && (
        <Line word={t('bench.askColumn.in')}>
          <Select
            label={t('bench.askColumn.wind')}
            value={String(ask.wind_m_s ?? 0)}
            onChange={(wind) => change({ wind_m_s: Number(wind) })}
            options={WIND}
          />
        </Line>
      )}
      <Line word={t('common.at')}>
        <Select
          label={t('common.heat')}
          value={ask.heat ?? OURS}
          onChange={(heat) => change({ heat: heat === OURS ? null : heat, pan_heat: null })}
          options={[
            ours(ask.heat === null ? heat : undefined),
            ...(working?.burner.marks ?? []).map((setting): Option => [
              setting.mark,
              setting.mark,
              `${power(setting.net_w)}${setting.source === 'guessed' ? t('bench.askColumn.est') : ''}`,
            ]),
          ]}
        />
      </Line>
      {ask.cover_last_min ? (
        <button
          onClick={() => change({ cover_last_min: null })}
          className="flex min-h-12 items-center justify-between gap-2 rounded-lg border-2 border-rule px-3 text-left text-lg"
        >
          {t('bench.askColumn.under-a-lid-for-the-last', { minutes: trimmed(ask.cover_last_min, 1) })}
          <X aria-label={t('bench.askColumn.without-it')} className="shrink-0 text-ink-soft" />
        </button>
      ) : null}
      <Line word={t('common.table')}>
        <ClockField
          label={t('common.at-the-table')}
          value={ask.table_at}
          onChange={(table_at) => change({ table_at })}
        />
      </Line>
      <Line word={t('bench.askColumn.on')}>
        <DayField
          label={t('bench.askColumn.day')}
          value={ask.table_on ?? (working ? date(working.clock.table_at, timezone) : '')}
          today={today}
          none={t('bench.askColumn.the-next-time')}
          own={ask.table_on !== null && ask.table_on !== undefined}
          onChange={(on) => change({ table_on: on === '' ? null : on })}
        />
      </Line>
      {refusal && refusal.about('/covers') === undefined && (
        <p role="alert" className="text-tomato">
          {refusal.problem.errors
            ?.map((error) => `${placeOf(error.pointer, WORDS)} ${error.detail}`)
            .join('; ') ?? refusal.message}
        </p>
      )}
      <button
        disabled={!working || working.plan.possible === false || start.isPending}
        onClick={() => start.mutate()}
        className="mt-1 flex h-16 items-center justify-center gap-3 rounded-lg bg-ink text-2xl font-semibold text-paper disabled:opacity-50"
      >
        <Flame aria-hidden="true" className="text-saffron" /> {t('common.on-the-fire')}
      </button>
      {start.isError && (
        <p role="alert" className="text-tomato">
          {t('bench.askColumn.it-did-not-go-on-message', { message: start.error.message })}
        </p>
      )}
      {working && (
        <Warnings working={working} change={change}>
          <SharedPans working={working} sharing={sharing} takeAsk={takeAsk} />
        </Warnings>
      )}
    </section>
  );
}

function Line({ word, children }: { word: string; children: React.ReactNode }) {
  return (
    <div className="grid grid-cols-[minmax(52px,auto)_minmax(0,1fr)] items-center gap-1">
      <span className="text-ink-soft">{word}</span>
      {children}
    </div>
  );
}
