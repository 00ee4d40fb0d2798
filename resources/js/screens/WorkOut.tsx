import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { memo, useCallback, useDeferredValue, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useKitchen } from '../kitchen/useKitchen';
import { Refusal } from '../api';
import { AskColumn } from '../bench/AskColumn';
import { Around } from '../bench/Around';
import { useAround } from '../bench/useAround';
import { Course } from '../bench/Course';
import { useShared } from '../bench/shared';
import { StockSide } from '../bench/StockSide';
import type { Ask, Kitchen, Working } from '../contracts.generated';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import { SetUp } from './SetUp';
import { queries } from '../queries';
import { t } from '../words/messages';

const KEPT = 'velko.ask';
const SENT = 'velko.dish';

export function WorkOut() {
  const kitchen = useKitchen();
  if (!kitchen.data) {
    return (
      <Loading failed={kitchen.isError}>
        {kitchen.isError ? t('common.the-kitchen-cannot-be-reached') : t('common.setting-out-the-pans')}
      </Loading>
    );
  }
  const begin = withDish(firstAsk(kitchen.data), kitchen.data);
  if (begin === null) {
    const { pans, burners, dishes } = kitchen.data;
    return pans.length + burners.length + dishes.length === 0 ? (
      <SetUp kitchen={kitchen.data} />
    ) : (
      <Lacks kitchen={kitchen.data} />
    );
  }
  return <Bench kitchen={kitchen.data} begin={begin} />;
}

/** A kitchen that has been set up and has none of something: what it is, and the way there. */
function Lacks({ kitchen }: { kitchen: Kitchen }) {
  const lacks = [
    {
      none: kitchen.pans.length === 0,
      words: t('screens.workOut.no-pan-to-cook-in'),
      to: '/kitchen',
      way: t('screens.workOut.add-a-pan'),
    },
    {
      none: kitchen.burners.length === 0,
      words: t('screens.workOut.no-ring-to-cook-on'),
      to: '/kitchen',
      way: t('screens.workOut.add-a-ring'),
    },
    {
      none: kitchen.dishes.length === 0,
      words: t('screens.workOut.no-dish-to-cook'),
      to: '/dishes',
      way: t('screens.workOut.write-a-dish-down'),
    },
  ].filter((one) => one.none);
  return (
    <main className="flex-1 px-5 py-6">
      <Title>{t('common.a-pan-4')}</Title>
      <h1 className="text-3xl font-bold">{t('screens.workOut.nothing-to-work-out-yet')}</h1>
      <ul className="mt-4 grid max-w-xl gap-3">
        {lacks.map((one) => (
          <li key={one.words} className="flex items-center justify-between gap-4 border-t-2 border-rule pt-3">
            <span className="text-xl">{one.words}.</span>
            <Link
              to={one.to}
              className="flex min-h-14 items-center rounded-lg bg-ink px-6 text-xl font-semibold text-paper"
            >
              {one.way}
            </Link>
          </li>
        ))}
      </ul>
    </main>
  );
}

/** A dish that was sent to the bench comes first. */
function withDish(ask: Ask | null, kitchen: Kitchen): Ask | null {
  const dish = Number(sessionStorage.getItem(SENT));
  return ask !== null && kitchen.dishes.some((one) => one.id === dish)
    ? { ...ask, dish_id: dish, pan_id: null, burner_id: null, heat: null }
    : ask;
}

function firstAsk(kitchen: Kitchen): Ask | null {
  try {
    const kept = JSON.parse(sessionStorage.getItem(KEPT) ?? 'null') as Ask | null;
    if (
      kept &&
      kitchen.dishes.some((dish) => dish.id === kept.dish_id) &&
      (kept.pan_id === null || kitchen.pans.some((pan) => pan.id === kept.pan_id)) &&
      (kept.burner_id === null || kitchen.burners.some((burner) => burner.id === kept.burner_id))
    ) {
      return kept;
    }
  } catch {
    // What cannot be read is begun anew.
  }
  return kitchen.begin;
}

function Bench({ kitchen, begin }: { kitchen: Kitchen; begin: Ask }) {
  const [first] = useState(begin);
  const [ask, setAsk] = useState(first);
  // Two changes in one moment are both kept: each goes on from the one before, not from what is on the screen.
  const shared = useShared(first);
  const { changed } = shared;
  const change = useCallback(
    (part: Partial<Ask>) => {
      setAsk((now) => ({ ...now, ...part }));
      changed(part);
    },
    [changed],
  );
  useEffect(() => {
    if (ask !== first) {
      sessionStorage.setItem(KEPT, JSON.stringify(ask));
      sessionStorage.removeItem(SENT);
    }
  }, [ask, first]);
  const answer = useQuery({
    ...queries.workOut(ask),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
  });
  const refusal = answer.error instanceof Refusal ? answer.error : null;
  const working = answer.data;

  return (
    <main className="grid flex-1 grid-cols-[min(18.75rem,30vw)_minmax(0,1fr)_min(14.5rem,24vw)] grid-rows-[auto_1fr] max-xl:grid-cols-[min(17.625rem,36vw)_minmax(0,1fr)] max-xl:grid-rows-[auto_auto_1fr] max-lg:grid-cols-1 max-lg:grid-rows-none">
      <Title>{t('common.a-pan-4')}</Title>
      <h1 className="sr-only">{t('screens.workOut.a-pan-worked-out')}</h1>
      <AskColumn
        kitchen={kitchen}
        ask={ask}
        change={change}
        working={refusal ? undefined : working}
        refusal={refusal}
        sharing={shared}
        takeAsk={setAsk}
      />
      {working && !refusal ? (
        <>
          <Course working={working} stale={answer.isPlaceholderData} />
          {working.plan.possible === false ? null : <Beyond working={working} change={change} />}
        </>
      ) : (
        <p role="status" className="p-8 text-xl text-ink-soft">
          {refusal
            ? t('screens.workOut.nothing-to-show-until-the-ask')
            : answer.isError
              ? t('common.the-kitchen-cannot-be-reached-trying')
              : t('common.working-it-out')}
        </p>
      )}
    </main>
  );
}

/** The stock, and what is around the pan: both wait for what is asked a little later. */
const Beyond = memo(function Beyond({
  working,
  change,
}: {
  working: Working;
  change: (part: Partial<Ask>) => void;
}) {
  const { around: latest, stale } = useAround(working.ask);
  const around = useDeferredValue(latest);
  return (
    <>
      <StockSide working={working} scale={around?.scale ?? []} stale={stale} />
      {around && <Around around={around} change={change} stale={stale} />}
    </>
  );
});
