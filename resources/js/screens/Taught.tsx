import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { OwnTaken } from '../contracts.generated';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import { kitchenChanged, queries } from '../queries';
import { ComesNext } from '../taught/ComesNext';
import { Group } from '../taught/Group';
import { isOff, isOwn, whoseOf, type TakenNumber } from '../taught/numbers';
import { OwnSheet } from '../taught/OwnSheet';
import { t } from '../words/messages';

const SPOKEN_OF = {
  taste: () => t('taught.words-of-the-bite'),
  bite: () => t('taught.words-of-the-bite'),
  looseness: () => t('taught.words-of-the-looseness'),
  crust: () => t('taught.words-of-the-crust'),
  'not-yet': () => t('taught.words-not-yet'),
};

/** What the log teaches of this kitchen's rings, its rice and its bases, and what of that its plans go by. */
export function Taught() {
  const client = useQueryClient();
  const learned = useQuery(queries.learned);
  const [taken, setTaken] = useState<OwnTaken | null>(null);
  const [opened, setOpened] = useState<TakenNumber | null>(null);
  if (!learned.data) {
    return (
      <Loading failed={learned.isError}>
        {learned.isError ? t('common.the-kitchen-cannot-be-reached') : t('taught.reading-the-log')}
      </Loading>
    );
  }
  const onTaken = (answer: OwnTaken) => {
    client.setQueryData(queries.learned.queryKey, answer.learned);
    kitchenChanged(client);
    setTaken(answer);
  };
  const { numbers, cooks, told, left_out = 0 } = learned.data;
  const silent = [...new Set(learned.data.words_that_tell_nothing.map((kind) => SPOKEN_OF[kind]()))];
  // What is off stands first, then what is the kitchen's own.
  const own = new Set(numbers.filter(isOwn).map(whoseOf));
  const off = new Set(numbers.filter(isOff).map(whoseOf));
  const inOrder = (names: (string | null)[]) =>
    [...new Set(names.flatMap((name) => name ?? []))].sort(
      (a, b) =>
        Number(off.has(b)) - Number(off.has(a)) ||
        Number(own.has(b)) - Number(own.has(a)) ||
        a.localeCompare(b),
    );
  const rings = inOrder(numbers.map(({ ring }) => ring));
  const rices = inOrder(numbers.map(({ rice }) => rice));
  const dishes = inOrder(numbers.map(({ dish }) => dish));
  const pans = inOrder(numbers.map(({ pan }) => pan));
  const tools = numbers.filter(({ of }) => of === 'ladle' || of === 'scale').map(whoseOf);
  const out = numbers.flatMap((one) => one.outliers.map((outlier) => ({ one, ...outlier })));
  return (
    <main className="mx-auto w-full max-w-6xl px-5 py-3">
      <Title>{t('taught.what-the-log-teaches')}</Title>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <h1 className="text-3xl font-bold">{t('taught.what-the-log-teaches')}</h1>
        <p className="mr-auto text-lg text-ink-soft">{t('taught.from-so-many', { cooks, told })}</p>
        <Link
          to="/log"
          className="flex min-h-14 items-center rounded-lg border-2 border-ink px-5 text-lg font-semibold"
        >
          {t('taught.to-the-log')}
        </Link>
      </div>
      {left_out > 0 && (
        <p role="status" className="mt-2 text-lg">
          {t('taught.left-out', { cooks: left_out })}
        </p>
      )}
      {taken !== null && <ComesNext taken={taken} onClose={() => setTaken(null)} />}
      {numbers.length === 0 ? (
        <p className="mt-6 text-xl text-ink-soft">{t('taught.nothing-yet')}</p>
      ) : (
        <>
          <p className="mt-1 text-lg">{t('taught.how-to-read')}</p>
          {silent.length > 0 && (
            <p role="status" className="mt-1 text-lg font-semibold">
              {t('taught.words-tell-nothing', { words: silent.join(', ') })}
            </p>
          )}
          {rings.map((ring) => (
            <Group
              key={ring}
              title={ring}
              numbers={numbers.filter((one) => one.ring === ring).sort((a, b) => a.given - b.given)}
              onTaken={onTaken}
              onOpen={setOpened}
            />
          ))}
          {[...tools, ...pans, ...rices, ...dishes].map((whose) => (
            <Group
              key={whose}
              title={whose}
              numbers={numbers.filter((one) => one.ring === null && whoseOf(one) === whose)}
              onTaken={onTaken}
              onOpen={setOpened}
            />
          ))}
          {out.length > 0 && (
            <section className="mt-5">
              <h2 className="border-b-2 border-ink text-xl font-bold">{t('taught.do-not-fit')}</h2>
              <ul>
                {out.map(({ one, cook, why }) => (
                  <li key={`${one.of} ${one.mark} ${cook}`} className="border-b border-rule">
                    <Link
                      to={`/log/${cook}`}
                      className="flex min-h-12 flex-wrap items-center gap-x-3 text-lg"
                    >
                      <b>{whoseOf(one)}</b> {why}
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </>
      )}
      {opened && <OwnSheet one={opened} onClose={() => setOpened(null)} onTaken={onTaken} />}
    </main>
  );
}
