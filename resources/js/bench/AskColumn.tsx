import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Flame } from 'lucide-react';
import { useNavigate } from 'react-router';
import { api, type Refusal } from '../api';
import type { Ask, Kitchen, Working } from '../contracts.generated';
import { useCook, useMeasure } from '../cook';
import { Choice } from '../parts/Choice';
import { ClockField } from '../parts/ClockField';
import { placeOf } from '../parts/faults';
import { Stepper } from '../parts/Stepper';
import { remember } from '../stove/running';
import { date } from '../time';
import type { Sharing } from './shared';
import { SharedPans } from './SharedPans';
import { Warnings } from './Warnings';
import { queries } from '../queries';

const OURS = 'ours';

/** What the fields of an ask are called here. */
const WORDS = new Map(
  Object.entries({
    covers: 'Covers',
    starters: 'Starters',
    dish_id: 'The dish',
    pan_id: 'The pan',
    burner_id: 'The ring',
    heat: 'The heat',
    table_at: 'The time at the table',
    table_on: 'The day',
  }).map(([field, label]) => [field, { label }]),
);

/** The choice that is left to Velko, with what it comes to. */
const ours = (chosen: string | undefined) => ({
  value: OURS,
  label: chosen ? `${chosen} (ours)` : 'let Velko choose',
});

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
  const { length } = useMeasure();
  const { timezone } = useCook();
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
  const heat = working && [...new Set(working.plan.heat.map((change) => change.setting))].join(', ');

  return (
    <section
      aria-label="The ask"
      className="flex flex-col gap-2.5 border-r-2 border-rule bg-paper-deep p-4 text-lg lg:max-xl:row-span-3 lg:max-xl:px-3 xl:row-span-2"
    >
      <Stepper
        label="Covers"
        value={ask.covers}
        fault={refusal?.about('/covers')}
        onChange={(covers) => change({ covers })}
      />
      {ask.portion === 'main' && (ask.starters ?? 0) > 0 ? (
        <>
          <p className="text-ink-soft">mains and</p>
          <Stepper
            label="Starters"
            least={0}
            value={ask.starters ?? 0}
            fault={refusal?.about('/starters')}
            onChange={(starters) => change({ starters })}
          />
        </>
      ) : null}
      <Choice
        label="Portion"
        value={ask.portion === 'main' && (ask.starters ?? 0) > 0 ? 'both' : ask.portion}
        onChange={(portion) =>
          change(
            portion === 'both'
              ? { portion: 'main', starters: 2 }
              : { portion: portion as Ask['portion'], starters: 0 },
          )
        }
        options={[
          { value: 'main', label: 'mains of' },
          { value: 'starter', label: 'starters of' },
          { value: 'both', label: ask.starters ? 'starters of' : 'mains and starters of' },
        ]}
      />
      <Choice
        label="Dish"
        value={String(ask.dish_id)}
        onChange={(dish) => change({ dish_id: Number(dish), heat: null, pan_heat: null })}
        options={kitchen.dishes.map((dish) => ({
          value: String(dish.id),
          label: dish.name,
          note: dish.rice,
        }))}
      />
      <Line word="in the">
        <Choice
          label="Pan"
          value={ask.pan_id === null ? OURS : String(ask.pan_id)}
          onChange={(pan) => change({ pan_id: pan === OURS ? null : Number(pan) })}
          options={[
            ours(ask.pan_id === null ? working?.pan.name : undefined),
            ...kitchen.pans.map((pan) => ({
              value: String(pan.id),
              label: pan.name,
              note: `base ${length(pan.base_cm)}`,
            })),
          ]}
        />
      </Line>
      <Line word="on">
        <Choice
          label="Ring"
          value={ask.burner_id === null ? OURS : String(ask.burner_id)}
          onChange={(id) =>
            change({ burner_id: id === OURS ? null : Number(id), heat: null, pan_heat: null })
          }
          options={[
            ours(ask.burner_id === null ? working?.burner.name : undefined),
            ...kitchen.burners.map((one) => ({
              value: String(one.id),
              label: one.name,
              note: length(one.ring_cm),
            })),
          ]}
        />
      </Line>
      <Line word="at">
        <Choice
          label="Heat"
          value={ask.heat ?? OURS}
          onChange={(heat) => change({ heat: heat === OURS ? null : heat, pan_heat: null })}
          options={[
            ours(ask.heat === null ? heat : undefined),
            ...(working?.burner.marks ?? []).map((setting) => ({
              value: setting.mark,
              label: setting.mark,
              note: `${Math.round(setting.net_w)} W${setting.measured ? '' : ' est.'}`,
            })),
          ]}
        />
      </Line>
      <Line word="table">
        <ClockField label="At the table" value={ask.table_at} onChange={(table_at) => change({ table_at })} />
      </Line>
      <Line word="on">
        <input
          type="date"
          aria-label="Day"
          value={ask.table_on ?? (working ? date(working.clock.table_at, timezone) : '')}
          onChange={(event) => change({ table_on: event.target.value || null })}
          className={`h-12 w-full min-w-0 rounded-lg border-2 border-rule bg-paper px-3 text-lg ${ask.table_on ? '' : 'text-ink-soft'}`}
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
        <Flame aria-hidden="true" className="text-saffron" /> On the fire
      </button>
      {start.isError && (
        <p role="alert" className="text-tomato">
          It did not go on: {start.error.message}
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
    <div className="grid grid-cols-[52px_minmax(0,1fr)] items-center gap-1">
      <span className="text-ink-soft">{word}</span>
      {children}
    </div>
  );
}
