import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { useKitchen } from '../kitchen/useKitchen';
import { api } from '../api';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import type { Imported, Kitchen } from '../contracts.generated';
import { useMay, useMeasure } from '../cook';
import { BringIn } from '../parts/BringIn';
import { Plate } from '../pictures/Plate';
import { FAMILIES } from '../kitchen/words';
import { kitchenChanged } from '../queries';
import { list, t, wordOf } from '../words/messages';
import { FAMILY } from '../words.generated';

type Dish = Kitchen['dishes'][number];

/** The dishes of the house by family; a new one from each. */
export function Dishes() {
  const kitchen = useKitchen();
  const client = useQueryClient();
  const may = useMay();
  const [brought, setBrought] = useState<Imported | null>(null);
  if (!kitchen.data) {
    return (
      <Loading failed={kitchen.isError}>
        {kitchen.isError
          ? t('common.the-kitchen-cannot-be-reached')
          : t('screens.dishes.looking-up-the-dishes')}
      </Loading>
    );
  }
  const ready = kitchen.data.rices.length > 0 && kitchen.data.stocks.length > 0;
  return (
    <main className="flex-1 px-5 py-3 max-md:px-3">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <Title>{t('common.dishes')}</Title>
        <h1 className="text-3xl font-bold">{t('common.dishes')}</h1>
        {may.dishes && (
          <span className="flex flex-wrap gap-3">
            <Link
              to="/dishes/bring"
              className="grid min-h-14 place-content-center rounded-lg bg-ink px-6 text-lg font-semibold text-paper"
            >
              {t('recipe.bring-a-recipe')}
            </Link>
            <BringIn
              words={t('screens.dishes.bring-one-in-from-a-file')}
              accept=".json,.jsonld,application/json,application/ld+json"
              bring={api.bringDish}
              onBrought={(answer) => {
                setBrought(answer);
                kitchenChanged(client);
              }}
            />
          </span>
        )}
      </div>
      {brought && (
        <p role="status" className="mt-2 rounded-lg border-2 border-herb p-3 text-lg">
          <Link to={`/dishes/${brought.id}`} className="font-bold underline underline-offset-4">
            {brought.name}
          </Link>{' '}
          {t('screens.dishes.is-in-the-book-length-length2', {
            length:
              brought.made.length > 0 &&
              t('screens.dishes.with-join-made-for-it-look', {
                join: list(brought.made),
              }),
          })}
        </p>
      )}
      {!ready && (
        <p className="mt-2 text-lg">
          {t('screens.dishes.a-dish-needs-a-rice-and')}{' '}
          <Link to="/kitchen" className="font-semibold underline underline-offset-4">
            {t('screens.dishes.enter-them-in-the-kitchen')}
          </Link>
          .
        </p>
      )}
      <div className="grid grid-cols-3 gap-6 max-lg:grid-cols-1">
        {FAMILY.map((family) => (
          <section key={family} aria-label={FAMILIES[family]} className="mt-3">
            <h2 className="flex items-end gap-2 border-b-2 border-ink text-2xl font-bold">
              {FAMILIES[family]}
            </h2>
            <ul>
              {kitchen.data.dishes
                .filter((dish) => dish.family === family)
                .map((dish) => (
                  <Row key={dish.id} dish={dish} family={family} />
                ))}
            </ul>
            {ready && may.dishes && (
              <Link
                to={`/dishes/new/${family}`}
                className="mt-2 flex min-h-14 items-center justify-center rounded-lg border-2 border-dashed border-ink-soft text-lg font-semibold"
              >
                {t('common.a-new-families', { FAMILIES: FAMILIES[family] })}
              </Link>
            )}
          </section>
        ))}
      </div>
    </main>
  );
}

function Row({ dish, family }: { dish: Dish; family: (typeof FAMILY)[number] }) {
  const { weight } = useMeasure();
  return (
    <li className="border-b border-rule">
      <Link
        to={`/dishes/${dish.id}`}
        className="grid min-h-20 grid-cols-[minmax(0,1fr)_96px] items-center gap-3 py-2 hover:bg-paper-deep"
      >
        <span className="leading-tight">
          <b className="block text-xl leading-tight">{dish.name}</b>
          <span className="text-ink-soft">
            {t('screens.dishes.gramsmain-of-rice-stock-doses', {
              gramsMain: weight(dish.grams_main),
              rice: dish.rice,
              stock: dish.stock,
              doses: dish.doses === 'one-pour' ? '' : `, ${wordOf('doses', dish.doses)}`,
            })}
          </span>
        </span>
        <Plate family={family} looseness={dish.looseness} shows={dish.shows} />
      </Link>
    </li>
  );
}
