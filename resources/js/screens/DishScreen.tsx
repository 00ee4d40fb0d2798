import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useKitchen } from '../kitchen/useKitchen';
import { api } from '../api';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import type { Ask, DishPage, Kitchen } from '../contracts.generated';
import { useCook, useMay } from '../cook';
import { Differences } from '../dish/Differences';
import { DishForm } from '../dish/DishForm';
import { newDish, type Body } from '../dish/newDish';
import type { CardStep, Worked } from '../dish/Steps';
import { FAMILIES } from '../kitchen/words';
import { Select } from '../parts/Select';
import { Retire } from '../parts/Retire';
import { TakeOut } from '../parts/TakeOut';
import { useLeave } from '../parts/Unsaved';
import { clock, day } from '../time';
import { kitchenChanged, queries } from '../queries';
import { t } from '../words/messages';
import { FAMILY } from '../words.generated';

/** One dish: what it is, its schools side by side, its versions. */
export function DishScreen() {
  const { id, family } = useParams();
  const kitchen = useKitchen();
  const page = useQuery({
    ...queries.dish(Number(id)),
    enabled: id !== undefined,
  });
  if (!kitchen.data || (id !== undefined && !page.data)) {
    return (
      <Loading failed={page.isError}>
        {page.isError ? t('screens.dishScreen.there-is-no-such-dish-in') : t('common.looking-it-up')}
      </Loading>
    );
  }
  return page.data ? (
    <Known key={page.data.id} kitchen={kitchen.data} page={page.data} />
  ) : (
    <New kitchen={kitchen.data} family={asFamily(family)} />
  );
}

const asFamily = (text: string | undefined): Body['family'] =>
  FAMILY.find((family) => family === text) ?? FAMILY[0];

function New({ kitchen, family }: { kitchen: Kitchen; family: Body['family'] }) {
  const navigate = useNavigate();
  const [open, setOpen] = useState<ReadonlySet<CardStep>>(new Set());
  return (
    <main className="mx-auto w-full max-w-4xl flex-1 px-5 py-3 max-md:px-3">
      <Title>{t('common.a-new-families', { FAMILIES: FAMILIES[family] })}</Title>
      <h1 className="mb-3 text-3xl font-bold">
        {t('common.a-new-families', { FAMILIES: FAMILIES[family] })}
      </h1>
      <DishForm
        kitchen={kitchen}
        version={0}
        {...newDish(kitchen, family)}
        open={open}
        onOpen={setOpen}
        onKept={(page) => void navigate(`/dishes/${page.id}`)}
      />
    </main>
  );
}

/** Its version as it stands. */
const latest = (page: DishPage): number => page.versions[0]?.number ?? 0;

function Known({ kitchen, page }: { kitchen: Kitchen; page: DishPage }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  // Which version the form shows; a new key lays the form anew.
  const [shown, setShown] = useState<{ key: string; body: Body; version: number }>({
    key: `${latest(page)}`,
    body: page.dish,
    version: latest(page),
  });
  const lay = (next: DishPage) =>
    setShown({ key: `${latest(next)}-${Date.now()}`, body: next.dish, version: latest(next) });
  // What stands open stays so when another version is laid on it.
  const [open, setOpen] = useState<ReadonlySet<CardStep>>(new Set());
  const [kept, setKept] = useState(false);
  const leave = useLeave();
  const may = useMay();
  const worked = useWorked(page);
  const copy = useMutation({
    mutationFn: () => api.copyDish(page.id),
    onSuccess: (next) => {
      kitchenChanged(client);
      client.setQueryData(queries.dish(next.id).queryKey, next);
      void navigate(`/dishes/${next.id}`);
    },
  });

  return (
    <main className="grid flex-1 grid-cols-[minmax(0,1fr)_280px] gap-6 px-5 py-3 max-lg:grid-cols-1 max-md:px-3">
      <div>
        <div className="mb-2 flex flex-wrap items-baseline justify-between gap-4">
          <Title>{page.dish.name}</Title>
          <h1 className="text-3xl font-bold">{page.dish.name}</h1>
          <Link
            to="/"
            onClick={() => planIt(page.id)}
            className="inline-flex min-h-11 items-center text-lg font-semibold underline underline-offset-4"
          >
            {t('screens.dishScreen.work-out-a-pan-of-it')}
          </Link>
        </div>
        <fieldset disabled={!may.dishes} className="group/dish contents">
          <DishForm
            key={shown.key}
            kitchen={kitchen}
            id={page.id}
            version={shown.version}
            body={shown.body}
            rice={page.rice_id}
            stock={page.stock_id}
            onKept={(next) => {
              setKept(true);
              lay(next);
            }}
            onTheirs={lay}
            worked={worked}
            open={open}
            onOpen={setOpen}
            beside={
              <>
                <button
                  type="button"
                  onClick={() => leave(() => copy.mutate())}
                  className="min-h-14 rounded-lg border-2 border-ink px-6 text-xl font-semibold"
                >
                  {t('common.copy-it')}
                </button>
                <Retire
                  words={t('screens.dishScreen.delete-this-dish')}
                  name={page.dish.name}
                  retire={() => api.retireDish(page.id)}
                  undo={() => api.bringBackDish(page.id)}
                  onDone={() => void navigate('/dishes')}
                />
                {kept && (
                  <p role="status" className="self-center text-lg text-herb">
                    {t('screens.dishScreen.saved-as-version-number', { number: page.versions[0]?.number })}
                  </p>
                )}
              </>
            }
          />
        </fieldset>
        {!may.dishes && (
          <p className="mt-3 text-lg text-ink-soft">
            {t('screens.dishScreen.to-look-at-dishes-are-changed')}
          </p>
        )}
      </div>
      <aside className="min-w-0">
        <Beside page={page} kitchen={kitchen} />
        <div className="mt-6 flex flex-wrap gap-3">
          <TakeOut href={`/api/dishes/${page.id}/export`}>{t('screens.dishScreen.velkos-own')}</TakeOut>
          <TakeOut href={`/api/dishes/${page.id}/export?as=json-ld`}>
            {t('screens.dishScreen.as-a-recipe')}
          </TakeOut>
        </div>
        <Versions
          page={page}
          shown={shown.body}
          onShow={(body, number) => {
            leave(() => {
              setKept(false);
              setShown({ key: `v${number}-${Date.now()}`, body, version: latest(page) });
            });
          }}
        />
      </aside>
    </main>
  );
}

/** The way to lay another dish of the house beside this one. */
function Beside({ page, kitchen }: { page: DishPage; kitchen: Kitchen }) {
  const navigate = useNavigate();
  const others = kitchen.dishes.filter((dish) => dish.id !== page.id);
  if (others.length === 0) {
    return null;
  }
  return (
    <section aria-label={t('screens.dishScreen.another-dish-beside-it')} className="mt-6">
      <h2 className="border-b-2 border-ink text-xl font-bold">
        {t('screens.dishScreen.another-dish-beside-it')}
      </h2>
      <div className="mt-2">
        <Select
          label={t('screens.dishScreen.lay-beside-it')}
          value=""
          onChange={(other) => void navigate(`/dishes/${page.id}/beside/${other}`)}
          options={others.map((dish) => [String(dish.id), dish.name])}
        />
      </div>
    </section>
  );
}

/** The bench opens on this dish next. */
function planIt(dish: number): void {
  sessionStorage.setItem('velko.dish', String(dish));
}

/** Six mains of the dish as it was saved, in the pan that suits them: its steps, and its schools side by side. */
function useWorked(page: DishPage): Worked {
  const ask: Ask = {
    format: 'velko.ask/1',
    dish_id: page.id,
    covers: 6,
    portion: 'main',
    pan_id: null,
    burner_id: null,
    table_at: '19:00',
    heat: null,
  };
  const choices = useQuery({ ...queries.choices(ask, latest(page)), retry: false });
  const working = useQuery({ ...queries.sixMains(ask, latest(page)), retry: false });
  return { ask, stages: working.data?.plan.stages, choices: choices.data?.choices ?? [] };
}

function Versions({
  page,
  shown,
  onShow,
}: {
  page: DishPage;
  shown: Body;
  onShow: (body: Body, number: number) => void;
}) {
  const { timezone } = useCook();
  return (
    <section aria-label={t('screens.dishScreen.versions')} className="mt-6">
      <h2 className="border-b-2 border-ink text-xl font-bold">{t('screens.dishScreen.versions')}</h2>
      <ul>
        {page.versions.map((version) => (
          <li key={version.number} className="border-b border-rule py-1.5">
            <button
              onClick={() => onShow(version.dish, version.number)}
              className="min-h-12 w-full text-left"
            >
              <b>{version.number}</b>{' '}
              <span className="text-ink-soft">
                {day(version.at, timezone)} {clock(version.at, timezone)}, {version.by}
              </span>
              <Differences from={shown} to={version.dish} />
            </button>
          </li>
        ))}
      </ul>
      <p className="text-sm text-ink-soft">{t('screens.dishScreen.touch-one-to-lay-it-on')}</p>
    </section>
  );
}
