import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Flame, Info, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, Refusal } from '../api';
import type { Ask, Kitchen, Working } from '../contracts';
import { useCook } from '../cook';
import { dose, grams, ladles, millilitres, minute, trimmed } from '../measure';
import { Choice } from '../parts/Choice';
import { Explain } from '../parts/Explain';
import { ClockField } from '../parts/ClockField';
import { Stepper } from '../parts/Stepper';
import { GrainClock } from '../pictures/GrainClock';
import { ScaleCurve } from '../pictures/ScaleCurve';
import { StockColumn } from '../pictures/StockColumn';
import { rightMinutes, pours } from '../pictures/fromPlan';
import { WhereItGoes } from '../pictures/WhereItGoes';
import { remember } from '../stove/running';
import { VERB } from '../stove/steps';
import { clock } from '../time';

const KEPT = 'velko.ask';

export function WorkOut() {
  const kitchen = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen, staleTime: 60_000 });
  if (!kitchen.data) {
    return (
      <main className="p-8 text-lg text-ink-soft">
        {kitchen.isError ? 'The kitchen cannot be reached.' : 'Setting out the pans …'}
      </main>
    );
  }
  const begin = firstAsk(kitchen.data);
  if (begin === null) {
    return <main className="p-8 text-xl">This kitchen has no dish, pan or ring yet.</main>;
  }
  return <Bench kitchen={kitchen.data} begin={begin} />;
}

function firstAsk(kitchen: Kitchen): Ask | null {
  try {
    const kept = JSON.parse(sessionStorage.getItem(KEPT) ?? 'null') as Ask | null;
    if (
      kept &&
      kitchen.dishes.some((dish) => dish.id === kept.dish_id) &&
      kitchen.pans.some((pan) => pan.id === kept.pan_id) &&
      kitchen.burners.some((burner) => burner.id === kept.burner_id)
    ) {
      return kept;
    }
  } catch {
    // What cannot be read is begun anew.
  }
  return kitchen.begin;
}

function Bench({ kitchen, begin }: { kitchen: Kitchen; begin: Ask }) {
  const [ask, setAsk] = useState(begin);
  const change = (part: Partial<Ask>) => {
    const next = { ...ask, ...part };
    sessionStorage.setItem(KEPT, JSON.stringify(next));
    setAsk(next);
  };
  const answer = useQuery({
    queryKey: ['work-out', ask],
    queryFn: ({ signal }) => api.workOut(ask, signal),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
  });
  const refusal = answer.error instanceof Refusal ? answer.error : null;
  const working = answer.data;

  return (
    <main className="grid flex-1 grid-cols-[300px_minmax(0,1fr)_232px] max-lg:grid-cols-1">
      <AskColumn
        kitchen={kitchen}
        ask={ask}
        change={change}
        working={refusal ? undefined : working}
        refusal={refusal}
      />
      {working && !refusal ? (
        <>
          <Course working={working} stale={answer.isPlaceholderData} />
          <StockSide working={working} />
        </>
      ) : (
        <p role="status" className="p-8 text-xl text-ink-soft">
          {refusal
            ? 'Nothing to show until the ask can be used.'
            : answer.isError
              ? 'The kitchen cannot be reached. Trying again …'
              : 'Working it out …'}
        </p>
      )}
    </main>
  );
}

function AskColumn({
  kitchen,
  ask,
  change,
  working,
  refusal,
}: {
  kitchen: Kitchen;
  ask: Ask;
  change: (part: Partial<Ask>) => void;
  working: Working | undefined;
  refusal: Refusal | null;
}) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const start = useMutation({
    mutationFn: () => api.start(crypto.randomUUID(), ask),
    onSuccess: (cook) => {
      remember(cook.id);
      client.setQueryData(['cook', cook.id], cook);
      void navigate(`/stove/${cook.id}`);
    },
  });
  const burner = kitchen.burners.find((one) => one.id === ask.burner_id);
  const mark = working?.burner.mark ?? '';

  return (
    <section
      aria-label="The ask"
      className="flex flex-col gap-2.5 border-r-2 border-rule bg-paper-deep p-4 text-lg"
    >
      <Stepper
        label="Covers"
        value={ask.covers}
        fault={refusal?.about('/covers')}
        onChange={(covers) => change({ covers })}
      />
      <Choice
        label="Portion"
        value={ask.portion}
        onChange={(portion) => change({ portion: portion as Ask['portion'] })}
        options={[
          { value: 'main', label: 'mains of' },
          { value: 'starter', label: 'starters of' },
        ]}
      />
      <Choice
        label="Dish"
        value={String(ask.dish_id)}
        onChange={(dish) => change({ dish_id: Number(dish) })}
        options={kitchen.dishes.map((dish) => ({
          value: String(dish.id),
          label: dish.name,
          note: dish.rice,
        }))}
      />
      <Line word="in the">
        <Choice
          label="Pan"
          value={String(ask.pan_id)}
          onChange={(pan) => change({ pan_id: Number(pan) })}
          options={kitchen.pans.map((pan) => ({
            value: String(pan.id),
            label: pan.name,
            note: `base ${trimmed(pan.base_cm, 1)} cm`,
          }))}
        />
      </Line>
      <Line word="on">
        <Choice
          label="Ring"
          value={String(ask.burner_id)}
          onChange={(id) => change({ burner_id: Number(id), heat: null })}
          options={kitchen.burners.map((one) => ({
            value: String(one.id),
            label: one.name,
            note: `${trimmed(one.ring_cm, 1)} cm`,
          }))}
        />
      </Line>
      <Line word="at">
        <Choice
          label="Heat"
          value={ask.heat ?? 'auto'}
          onChange={(heat) => change({ heat: heat === 'auto' ? null : heat })}
          options={[
            { value: 'auto', label: mark && ask.heat === null ? `${mark} (ours)` : 'let Velko choose' },
            ...(burner?.settings ?? []).map((setting) => ({
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
      {refusal && refusal.about('/covers') === undefined && (
        <p role="alert" className="text-tomato">
          {refusal.problem.errors?.map((error) => `${error.pointer} ${error.detail}`).join('; ') ??
            refusal.message}
        </p>
      )}
      <button
        disabled={!working || start.isPending}
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
      {working && <Warnings working={working} change={change} />}
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

function Warnings({ working, change }: { working: Working; change: (part: Partial<Ask>) => void }) {
  const { warnings } = working.plan;
  const late = working.offers.find((offer) => offer.warning === 'too-late');
  return (
    <ul aria-label="Warnings" className="grid gap-2">
      {late && (
        <Warning
          message={`Too late by ${minute(-working.clock.starts_in_min)} min`}
          fix=""
          label={late.label}
          onTake={() => change(late.change)}
        />
      )}
      {warnings.map((warning) => {
        const offer = working.offers.find((one) => one.warning === warning.code);
        return (
          <Warning
            key={warning.code}
            message={warning.message}
            fix={warning.fix}
            caution={CAUTIONS.includes(warning.code)}
            label={offer?.label}
            onTake={offer ? () => change(offer.change) : undefined}
          />
        );
      })}
    </ul>
  );
}

/** Said for a guest's sake; nothing about them goes wrong at the stove. */
const CAUTIONS = ['alcohol-stays'];

function Warning({
  message,
  fix,
  caution = false,
  label,
  onTake,
}: {
  message: string;
  fix: string;
  caution?: boolean;
  label?: string | undefined;
  onTake?: (() => void) | undefined;
}) {
  return (
    <li
      data-caution={caution}
      className="rounded-lg border-2 border-tomato bg-paper p-2.5 text-base leading-snug data-[caution=true]:border-rule"
    >
      <p className="font-semibold">
        {caution ? (
          <Info aria-hidden="true" className="mr-1.5 mb-0.5 inline size-5 text-ink-soft" />
        ) : (
          <TriangleAlert aria-hidden="true" className="mr-1.5 mb-0.5 inline size-5 text-tomato" />
        )}
        {message}
      </p>
      {fix && <p className="text-ink-soft">{fix}</p>}
      {label && onTake && (
        <button
          onClick={onTake}
          className="mt-1.5 min-h-12 w-full rounded-md bg-ink px-3 text-lg font-semibold text-paper"
        >
          {label}
        </button>
      )}
    </li>
  );
}

function Course({ working, stale }: { working: Working; stale: boolean }) {
  const { timezone } = useCook();
  const { plan } = working;
  const first = Date.parse(working.clock.first_liquid_at);
  const clockAt = (min: number) => clock(first + min * 60_000, timezone);
  const strongest = Math.max(...working.burner.marks.map((mark) => mark.net_w));

  return (
    <section aria-label="The cook" data-stale={stale} className="min-w-0 px-4 py-2">
      <Numbers working={working} clockAt={clockAt} />
      <GrainClock
        label={`Grain clock: first liquid at ${clockAt(0)}, off the heat at minute ${minute(plan.timing.pull_min)}, at the table at minute ${minute(plan.timing.table_min)}`}
        height={292}
        planned={plan.track}
        plannedPours={pours(plan)}
        heat={plan.heat}
        strongest={strongest}
        window={rightMinutes(plan, working.dish.window_min)}
        pull={plan.timing.pull_min}
        table={plan.timing.table_min}
        clockAt={clockAt}
      />
      <Steps working={working} clockAt={clockAt} />
    </section>
  );
}

function Numbers({ working, clockAt }: { working: Working; clockAt: (min: number) => string }) {
  const { plan } = working;
  const { balance } = plan;
  const perCover = plan.rice_g / working.ask.covers;
  return (
    <div className="flex flex-wrap justify-between">
      <Explain
        label="Rice"
        value={grams(plan.rice_g)}
        note={working.dish.rice}
        terms={[
          { label: working.ask.portion === 'main' ? 'a main' : 'a starter', amount: grams(perCover) },
          { sign: '×', label: 'covers', amount: String(working.ask.covers) },
          { sign: '=', label: 'raw rice', amount: grams(plan.rice_g) },
        ]}
        because={`${trimmed(plan.layer_mm, 0)} mm deep in the pan when it is done.`}
      />
      <Explain
        label="Stock"
        value={millilitres(plan.stock_ml)}
        note={`${plan.ratio.ml_per_g.toFixed(2)} mL/g · ${plan.ratio.by_volume.toFixed(1)} to 1`}
        terms={[
          {
            label: `drunk by the rice, ${plan.at_table.drunk_g_per_g.toFixed(2)} a gram`,
            amount: millilitres(balance.drunk_g),
          },
          { sign: '+', label: 'boiled off', amount: millilitres(balance.boiled_off_g) },
          { sign: '+', label: 'left as sauce', amount: millilitres(balance.free_g) },
          ...(balance.wine_ml > 0
            ? [{ sign: '−' as const, label: 'wine', amount: millilitres(balance.wine_ml) }]
            : []),
          { sign: '=', label: 'stock', amount: millilitres(balance.stock_ml) },
        ]}
        because="The rice drinks by its weight; the pan boils off by its heat and time. Only the first scales with covers."
      />
      <Explain
        label="Reserve"
        value={millilitres(plan.reserve_ml)}
        note={`have ${millilitres(plan.stock_ml + plan.reserve_ml)} hot`}
        terms={[
          { label: 'stock', amount: millilitres(plan.stock_ml) },
          { sign: '×', label: 'held back', amount: '10 %' },
          { sign: '=', label: 'reserve', amount: millilitres(plan.reserve_ml) },
        ]}
        because={`Kept hot beside the pot, to loosen. Ladle of ${trimmed(working.ladle_ml, 0)}.`}
      />
      <Explain
        label="First liquid"
        value={clockAt(0)}
        note={`pan on at ${clockAt(Math.min(0, plan.stages[0]?.at_min ?? 0))}`}
        terms={[
          { label: 'at the table', amount: clockAt(plan.timing.table_min) },
          { sign: '−', label: 'on the heat', amount: `${minute(plan.timing.pull_min)} min` },
          {
            sign: '−',
            label: 'finish, rest and walk',
            amount: `${minute(plan.timing.table_min - plan.timing.pull_min)} min`,
          },
          { sign: '=', label: 'first liquid', amount: clockAt(0) },
        ]}
        because="The packet's minutes count from here."
      />
      <Explain
        label="Pull"
        value={clockAt(plan.timing.pull_min)}
        note={`minute ${minute(plan.timing.pull_min)}`}
        terms={[
          { label: 'done at the table', amount: `${minute(plan.at_table.doneness_min)} min` },
          {
            label: 'its window',
            amount: `${working.dish.window_min.map((min) => minute(min)).join(' to ')} min`,
          },
          { label: 'bite', amount: plan.at_table.bite },
          { label: 'at the table', amount: `${Math.round(plan.at_table.temperature_c)} °C` },
        ]}
        because="Off early: the grain goes on cooking on its own heat until it is eaten. Minutes of doneness count at 100 °C."
      />
    </div>
  );
}

function Steps({ working, clockAt }: { working: Working; clockAt: (min: number) => string }) {
  const { plan, ladle_ml } = working;
  return (
    <table aria-label="Steps" className="w-full table-fixed text-base leading-snug">
      <colgroup>
        {['w-15', 'w-11 max-md:hidden', 'w-28 max-md:w-22', 'w-20', 'w-28 max-md:hidden', ''].map(
          (width, column) => (
            <col key={column} className={width} />
          ),
        )}
      </colgroup>
      <thead className="text-left text-sm text-ink-soft">
        <tr>
          <th className="font-normal">time</th>
          <th className="pr-3 text-right font-normal max-md:hidden">min</th>
          <th className="font-normal">do</th>
          <th className="pr-3 text-right font-normal">amount</th>
          <th className="font-normal whitespace-nowrap max-md:hidden">ladles of {trimmed(ladle_ml, 0)}</th>
          <th className="font-normal">sign</th>
        </tr>
      </thead>
      <tbody>
        {plan.stages.map((stage, row) => (
          <tr key={row} className="border-t border-rule align-baseline">
            <td className="py-1 pr-2 font-semibold whitespace-nowrap">{clockAt(stage.at_min)}</td>
            <td className="pr-3 text-right text-ink-soft max-md:hidden">{minute(stage.at_min)}</td>
            <td className="pr-3 font-semibold whitespace-nowrap">{VERB[stage.kind]}</td>
            <td className="pr-3 text-right font-bold whitespace-nowrap">
              {stage.volume_ml === null ? '' : dose(stage.volume_ml)}
              {stage.ladles !== null && (
                <span className="block text-sm font-normal md:hidden">{ladles(stage.ladles)}</span>
              )}
            </td>
            <td className="pr-3 whitespace-nowrap text-ink-soft max-md:hidden">
              {stage.ladles === null ? '' : ladles(stage.ladles).replace(/ ladles?$/, '')}
            </td>
            <td className="text-ink-soft">{sign(working, row)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What to wait for; said once where several steps in a row wait for the same. */
function sign(working: Working, row: number): string {
  const { stages } = working.plan;
  const stage = stages[row];
  if (!stage) {
    return '';
  }
  if (stage.kind === 'finish') {
    return working.dish.finish;
  }
  if (stages[row - 1]?.say === stage.say) {
    return '″';
  }
  return stage.kind === 'toast' ? `on ${stage.setting ?? ''}: ${stage.say}` : stage.say;
}

function StockSide({ working }: { working: Working }) {
  const { plan } = working;
  return (
    <aside aria-label="The stock" className="flex flex-col gap-3 border-l-2 border-rule p-3">
      <p className="text-sm leading-tight text-ink-soft">{working.dish.stock}, a band for each dose</p>
      <StockColumn
        width={204}
        height={296}
        reserve={plan.reserve_ml}
        bands={plan.stages
          .filter((stage) => stage.kind === 'pour')
          .map((stage) => ({ volume_ml: stage.volume_ml ?? 0, poured: false, next: false }))}
      />
      <WhereItGoes plan={plan} />
      <ScaleCurve points={working.why} covers={working.ask.covers} width={204} height={150} />
      <p className="text-sm leading-tight text-ink-soft">
        The rice drinks the same by the gram; the steam is shared by more.
      </p>
      <p className="text-sm leading-tight text-ink-soft">
        Salt {trimmed(plan.salt.percent_at_table, 1)} % of the plate before the finish,{' '}
        {Math.round(plan.salt.sodium_mg_per_cover)} mg sodium a cover from the stock.
      </p>
    </aside>
  );
}
