import { useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api } from '../api';
import { Find } from '../log/Find';
import { Row } from '../log/Row';
import { TakeOut } from '../parts/TakeOut';
import { LoadingRows } from '../parts/Loading';
import { Title } from '../parts/Title';
import { t } from '../words/messages';

const KEY = 'flex min-h-12 items-center rounded-lg border-2 border-ink px-4 text-lg font-semibold';

/** The log: found by what is looked for, a cook a line; two of them can be laid over each other. */
export function LogBook() {
  const [looked] = useSearchParams();
  const sought = looked.toString();
  const [picked, setPicked] = useState<string[]>([]);
  const log = useInfiniteQuery({
    queryKey: ['log', 'pages', sought],
    queryFn: ({ pageParam }) => api.log(pageParam, sought),
    initialPageParam: null as string | null,
    getNextPageParam: (page) =>
      page.next === null ? undefined : new URL(page.next).searchParams.get('cursor'),
  });
  const cooks = log.data?.pages.flatMap((page) => page.cooks) ?? [];
  const leftOut = log.data?.pages[0]?.left_out ?? 0;
  const pick = (id: string) =>
    setPicked((ids) => (ids.includes(id) ? ids.filter((one) => one !== id) : [...ids.slice(-1), id]));

  return (
    <main className="flex-1 px-5 py-3">
      <Title>{t('screens.logBook.the-log')}</Title>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <h1 className="mr-auto text-3xl font-bold">{t('screens.logBook.the-log')}</h1>
        <Link to="/log/weeks" className={KEY}>
          {t('log.weeks')}
        </Link>
        <Link to="/log/taught" className={KEY}>
          {t('taught.what-the-log-teaches')}
        </Link>
        <Link to="/log/paper" className={KEY}>
          {t('log.from-paper')}
        </Link>
        <TakeOut href={`/api/log.csv?${sought}`}>{t('log.csv')}</TakeOut>
        <TakeOut href={`/api/log.json?${sought}`}>{t('log.json')}</TakeOut>
      </div>
      <Find />
      <p className="mt-1 text-ink-soft">{t('screens.logBook.brown-is-the-liquid-as-it')}</p>
      {leftOut > 0 && (
        <p role="status" className="text-lg">
          {t('taught.left-out', { cooks: leftOut })}
        </p>
      )}
      {log.isError && (
        <p role="alert" className="py-6 text-xl">
          {t('screens.logBook.the-log-cannot-be-reached')}
        </p>
      )}
      {log.isPending && <LoadingRows />}
      {log.isSuccess && cooks.length === 0 && (
        <p className="py-6 text-xl text-ink-soft">
          {sought === '' ? t('screens.logBook.nothing-cooked-yet') : t('log.nothing-like-that')}
        </p>
      )}
      <ul className="mt-2">
        {cooks.map((cook) => (
          <Row key={cook.id} cook={cook} picked={picked.includes(cook.id)} onPick={() => pick(cook.id)} />
        ))}
      </ul>
      {log.hasNextPage && (
        <button
          onClick={() => void log.fetchNextPage()}
          className="my-4 min-h-14 rounded-lg bg-ink px-8 text-xl font-semibold text-paper"
        >
          {t('screens.logBook.earlier')}
        </button>
      )}
      {picked.length > 0 && (
        <div className="sticky bottom-0 -mx-5 flex flex-wrap items-center gap-4 border-t-2 border-ink bg-paper px-5 py-2 max-md:bottom-(--rail)">
          <p className="mr-auto text-lg">{t('log.picked', { cooks: picked.length })}</p>
          {picked.length === 2 && (
            <Link
              to={`/log/${picked[0]}/over/${picked[1]}`}
              className="flex min-h-14 items-center rounded-lg bg-ink px-6 text-xl font-semibold text-paper"
            >
              {t('log.lay-over')}
            </Link>
          )}
        </div>
      )}
    </main>
  );
}
