import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useKitchen } from '../kitchen/useKitchen';
import { api } from '../api';
import { Title } from '../parts/Title';
import type { Ask, Choices, DishPage, Kitchen } from '../contracts.generated';
import { useCook, useMay, useMeasure } from '../cook';
import { Differences } from '../kitchen/Differences';
import { DishForm } from '../kitchen/DishForm';
import { newDish, type Body } from '../kitchen/newDish';
import { FAMILIES } from '../kitchen/words';
import { trimmed, wholeMinute } from '../measure';
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
      <main className="p-8 text-lg text-ink-soft">
        {page.isError ? t('screens.dishScreen.there-is-no-such-dish-in') : t('common.looking-it-up')}
      </main>
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
  const [kept, setKept] = useState(false);
  const leave = useLeave();
  const may = useMay();
  const copy = useMutation({
    mutationFn: () => api.copyDish(page.id),
    onSuccess: (next) => {
      kitchenChanged(client);
      client.setQueryData(queries.dish(next.id).queryKey, next);
      void navigate(`/dishes/${next.id}`);
    },
  });

  return (
    <main className="grid flex-1 grid-cols-[minmax(0,1fr)_360px] gap-6 px-5 py-3 max-lg:grid-cols-1 max-md:px-3">
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
        <SideBySide page={page} />
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

function SideBySide({ page }: { page: DishPage }) {
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
  const choices = useQuery({
    ...queries.choices(ask, page.versions[0]?.number),
    retry: false,
  });
  if (!choices.data) {
    return null;
  }
  return (
    <section aria-label={t('screens.dishScreen.schools-side-by-side')}>
      <h2 className="border-b-2 border-ink text-xl font-bold">
        {t('screens.dishScreen.schools-side-by-side-six-mains')}
      </h2>
      {choices.data.choices.map((choice) => (
        <Choice key={choice.choice} choice={choice} />
      ))}
    </section>
  );
}

function Choice({ choice }: { choice: Choices['choices'][number] }) {
  const { volume } = useMeasure();
  return (
    <table aria-label={choice.choice} className="mt-2 w-full table-fixed text-base leading-tight">
      <colgroup>
        <col />
        <col className="w-18" />
        <col className="w-11" />
        <col className="w-17" />
      </colgroup>
      <thead className="text-right text-sm text-ink-soft">
        <tr>
          <th className="text-left font-normal">{choice.choice}</th>
          <th className="pr-2 font-normal">{t('common.stock')}</th>
          <th className="pr-2 font-normal">{t('common.pull')}</th>
          <th className="pl-2 font-normal">{t('screens.dishScreen.hands-about')}</th>
        </tr>
      </thead>
      <tbody>
        {choice.options.map((option) => (
          <tr
            key={option.label}
            className={`border-t border-rule text-right align-baseline ${option.chosen ? 'font-bold' : ''}`}
          >
            <td className="py-1 pr-2 text-left">
              {option.label}
              <span className="block text-sm font-normal text-ink-soft">{option.note}</span>
            </td>
            <td className="pr-2 whitespace-nowrap">{volume(option.stock_ml)}</td>
            <td className="pr-2 whitespace-nowrap">{wholeMinute(option.pull_min)}</td>
            <td className="whitespace-nowrap">
              {t('screens.dishScreen.hands-min', { hands: trimmed(option.hands_min, 0) })}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
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
