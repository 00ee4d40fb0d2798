import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { useKitchen } from '../kitchen/useKitchen';
import { api } from '../api';
import { Title } from '../parts/Title';
import type { Imported, Kitchen } from '../contracts.generated';
import { useMay, useMeasure } from '../cook';
import { BringIn } from '../parts/BringIn';
import { Plate } from '../pictures/Plate';
import { FAMILIES } from '../kitchen/words';
import { kitchenChanged } from '../queries';

type Dish = Kitchen['dishes'][number];

/** The dishes of the house by family; a new one from each. */
export function Dishes() {
  const kitchen = useKitchen();
  const client = useQueryClient();
  const may = useMay();
  const [brought, setBrought] = useState<Imported | null>(null);
  if (!kitchen.data) {
    return (
      <main className="p-8 text-lg text-ink-soft">
        {kitchen.isError ? 'The kitchen cannot be reached.' : 'Looking up the dishes …'}
      </main>
    );
  }
  const ready = kitchen.data.rices.length > 0 && kitchen.data.stocks.length > 0;
  return (
    <main className="flex-1 px-5 py-3 max-md:px-3">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <Title>Dishes</Title>
        <h1 className="text-3xl font-bold">Dishes</h1>
        {may.dishes && (
          <BringIn
            words="Bring one in from a file"
            accept=".json,.jsonld,application/json,application/ld+json"
            bring={api.bringDish}
            onBrought={(answer) => {
              setBrought(answer);
              kitchenChanged(client);
            }}
          />
        )}
      </div>
      {brought && (
        <p role="status" className="mt-2 rounded-lg border-2 border-herb p-3 text-lg">
          <Link to={`/dishes/${brought.id}`} className="font-bold underline underline-offset-4">
            {brought.name}
          </Link>{' '}
          is in the book
          {brought.made.length > 0 && `, with ${brought.made.join(' and ')} made for it: look them over`}.
          {brought.left_out.length > 0 && ` Left out: ${brought.left_out.join('; ')}.`}
        </p>
      )}
      {!ready && (
        <p className="mt-2 text-lg">
          A dish needs a rice and a stock first:{' '}
          <Link to="/kitchen" className="font-semibold underline underline-offset-4">
            enter them in the kitchen
          </Link>
          .
        </p>
      )}
      <div className="grid grid-cols-3 gap-6 max-lg:grid-cols-1">
        {(['risotto', 'pan-rice', 'soupy-rice'] as const).map((family) => (
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
                A new {FAMILIES[family]}
              </Link>
            )}
          </section>
        ))}
      </div>
    </main>
  );
}

function Row({ dish, family }: { dish: Dish; family: 'risotto' | 'pan-rice' | 'soupy-rice' }) {
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
            {weight(dish.grams_main)} of {dish.rice}, {dish.stock}
            {dish.doses === 'one-pour' ? '' : `, ${dish.doses.replaceAll('-', ' ')}`}
          </span>
        </span>
        <Plate family={family} looseness={dish.looseness} />
      </Link>
    </li>
  );
}
