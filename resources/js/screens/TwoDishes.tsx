import { keepPreviousData, useQueries, type UseQueryResult } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { allergenWords } from '../allergens';
import { useKitchen } from '../kitchen/useKitchen';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import { sides } from '../bench/sides';
import type { Ask, Around, Kitchen, Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { Select } from '../parts/Select';
import { Stepper } from '../parts/Stepper';
import { baseOf, pours } from '../pictures/fromPlan';
import { GrainClock } from '../pictures/grain/GrainClock';
import { Plate } from '../pictures/Plate';
import { queries } from '../queries';
import { t, wordOf } from '../words/messages';

const COVERS = 6;

/** Two dishes side by side, for as many mains: how they are made and what that comes to. */
export function TwoDishes() {
  const { id, other } = useParams();
  const kitchen = useKitchen();
  const [covers, setCovers] = useState(COVERS);
  const both = [Number(id), Number(other)];
  const answers = useQueries({
    queries: both.map((dish) => {
      const ask = mainsOf(dish, covers);
      return {
        ...queries.workOut(ask),
        placeholderData: keepPreviousData<Working>,
      };
    }),
  });
  if (!kitchen.data) {
    return <Loading failed={kitchen.isError}>{t('screens.twoDishes.looking-them-up')}</Loading>;
  }
  return (
    <main className="mx-auto w-full max-w-5xl flex-1 px-5 py-3 max-md:px-3">
      <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-2">
        <Title>{t('screens.twoDishes.two-dishes-side-by-side')}</Title>
        <h1 className="text-3xl font-bold">{t('screens.twoDishes.side-by-side')}</h1>
        <div className="w-60">
          <Stepper label={t('common.covers')} value={covers} onChange={setCovers} />
        </div>
        <span className="pb-3 text-lg">{t('screens.twoDishes.mains-of-each-each-in-the')}</span>
        <Link to={`/dishes/${both[0]}`} className="ml-auto pb-3 text-lg underline underline-offset-4">
          {t('screens.twoDishes.back-to-the-dish')}
        </Link>
      </div>
      <Columns kitchen={kitchen.data} both={both} answers={answers} />
    </main>
  );
}

function Columns({
  kitchen,
  both,
  answers,
}: {
  kitchen: Kitchen;
  both: number[];
  answers: UseQueryResult<Working>[];
}) {
  const navigate = useNavigate();
  const measure = useMeasure();
  const workings = answers.map((answer) => (answer.isError ? undefined : answer.data));
  const rows = workings.map((working) => (working ? lines(working, measure) : []));
  const labels = (rows[0]?.length ? rows[0] : (rows[1] ?? [])).map(([label]) => label);
  return (
    <table
      aria-label={t('screens.twoDishes.two-dishes')}
      className="w-full table-fixed text-lg leading-snug max-md:text-base"
    >
      <thead>
        <tr className="align-bottom">
          <th className="w-44 max-md:w-24">
            <span className="sr-only">{t('common.what')}</span>
          </th>
          {both.map((dish, at) => (
            <th key={at} className="px-3 pb-2 text-left font-normal max-md:px-1">
              <Select
                label={at === 0 ? t('screens.twoDishes.one-dish') : t('screens.twoDishes.the-other')}
                value={String(dish)}
                onChange={(next) => {
                  const [left, right] = at === 0 ? [next, both[1]] : [both[0], next];
                  void navigate(`/dishes/${left}/beside/${right}`, { replace: true });
                }}
                options={kitchen.dishes.map((one) => [String(one.id), one.name, one.rice])}
              />
              <Picture working={workings[at]} failed={answers[at]?.isError ?? false} />
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {labels.map((label, row) => {
          const [left, right] = rows.map((side) => side[row]?.[1] ?? '');
          return (
            <tr key={label} data-same={left === right} className="group border-t border-rule align-baseline">
              <th className="py-1 text-left font-normal text-ink-soft">{label}</th>
              {[left, right].map((amount, at) => (
                <td
                  key={at}
                  className="px-3 py-1 font-bold group-data-[same=true]:font-normal group-data-[same=true]:text-ink-soft max-md:px-1"
                >
                  {amount}
                </td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function Picture({ working, failed }: { working: Working | undefined; failed: boolean }) {
  if (!working) {
    return (
      <p role="status" className="h-24 pt-4 text-base text-ink-soft">
        {failed ? t('screens.twoDishes.this-one-cannot-be-worked-out') : t('common.working-it-out')}
      </p>
    );
  }
  const { plan, dish } = working;
  return (
    <div className="mt-2 grid grid-cols-[minmax(0,1fr)_96px] items-center gap-2 max-md:grid-cols-1">
      <GrainClock
        label={t('screens.twoDishes.name-off-the-heat-at-minute', {
          name: dish.name,
          pull: Math.round(plan.timing.pull_min),
        })}
        height={90}
        size="thumb"
        planned={plan.track}
        plannedPours={pours(plan)}
        base={baseOf(plan)}
        heat={plan.heat}
        pull={plan.timing.pull_min}
        table={plan.timing.table_min}
      />
      <Plate family={dish.family} looseness={plan.at_table.looseness} />
    </div>
  );
}

/** How it is made, then what it comes to. */
function lines(working: Working, measure: ReturnType<typeof useMeasure>): [string, string][] {
  const { dish, plan, served } = working;
  return [
    [t('screens.twoDishes.made-of'), `${dish.rice}, ${dish.stock}`],
    [t('common.in'), `${working.pan.name}, ${working.burner.name}`],
    [t('screens.twoDishes.spoon'), dish.stirring],
    [
      t('screens.twoDishes.window-of-the-packet'),
      t('screens.twoDishes.join-min', { join: dish.window_min.join(t('common.to')) }),
    ],
    ...sides(measure, sideOf(working)),
    [t('screens.twoDishes.finish'), dish.finish],
    [
      t('screens.twoDishes.sodium-a-cover'),
      t('common.sodiummgpercover-mg', {
        sodiumMgPerCover: Math.round(plan.salt.sodium_mg_per_cover),
      }),
    ],
    [
      t('common.for'),
      (served.unknown ?? []).length > 0
        ? t('screens.twoDishes.not-fully-known')
        : served.suits === 'any'
          ? t('screens.twoDishes.guests-who-eat-meat')
          : t('screens.twoDishes.suits-guests', { suits: wordOf('diet', served.suits) }),
    ],
    [t('screens.twoDishes.allergens'), allergenWords(served)],
  ];
}

function sideOf({ plan, body }: Working): Around['as_asked'] {
  return {
    stock_ml: plan.stock_ml,
    wine_ml: plan.balance.wine_ml,
    rice_g: plan.rice_g,
    ml_per_g: plan.ratio.ml_per_g,
    drunk_g: plan.balance.drunk_g,
    boiled_off_g: plan.balance.boiled_off_g,
    pull_min: plan.timing.pull_min,
    table_min: plan.timing.table_min,
    layer_mm: plan.layer_mm,
    looseness: plan.at_table.looseness,
    bite: plan.at_table.bite,
    body,
    salt_percent: plan.salt.percent_at_table,
    alcohol_g: plan.alcohol.g_per_cover,
  };
}

const mainsOf = (dish: number, covers: number): Ask => ({
  format: 'velko.ask/1',
  dish_id: dish,
  covers,
  portion: 'main',
  pan_id: null,
  burner_id: null,
  table_at: '19:00',
  heat: null,
});
