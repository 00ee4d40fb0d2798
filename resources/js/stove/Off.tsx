import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Cook, WaysBack } from '../contracts.generated';
import { Answers, Drawer } from './Drawer';
import type { Say } from './say';
import { queries } from '../queries';
import { t, wordOf } from '../words/messages';

type Way = WaysBack['ways'][number];

const LOOK_EVERY = 5000;

/** Something is off: first what is seen, then the way back in this pan's numbers. Two touches. */
export function Off({ cook, say, onClose }: { cook: Cook; say: Say; onClose: () => void }) {
  const [seen, setSeen] = useState<string | null>(null);
  const ways = useQuery({
    ...queries.waysBack(cook.id, cook.state.done.length),
    // The pan goes on while the sheet is open.
    refetchInterval: LOOK_EVERY,
    staleTime: 0,
    gcTime: 0,
  });
  const way = ways.data?.ways.find((one) => one.trouble === seen);
  if (way) {
    return <Back way={way} say={say} onClose={onClose} onOther={() => setSeen(null)} />;
  }
  return (
    <Drawer title={t('stove.off.what-is-off')} onClose={onClose}>
      {ways.data ? (
        ways.data.ways.length === 0 ? (
          <p className="mt-4 text-2xl">{t('stove.off.nothing-has-gone-in-yet')}</p>
        ) : (
          <Answers
            answers={ways.data.ways.map((one) => ({ value: one.trouble, words: one.sees }))}
            columns="grid-cols-4"
            onAnswer={setSeen}
          />
        )
      ) : (
        <p role="status" className="mt-4 text-2xl text-chalk-soft">
          {ways.isError
            ? t('stove.off.it-cannot-be-worked-out-without')
            : t('stove.off.working-it-out-for-this-pan')}
        </p>
      )}
    </Drawer>
  );
}

function Back({
  way,
  say,
  onClose,
  onOther,
}: {
  way: Way;
  say: Say;
  onClose: () => void;
  onOther: () => void;
}) {
  const take = () => {
    onClose();
    // One touch: its parts belong to the trouble, and are taken back with it.
    const trouble = say({ kind: 'trouble', what: way.trouble });
    const { splash_ml, water, lift_ml, setting, lid, lid_s } = way.first;
    if (lift_ml !== null) say({ kind: 'lift', volume_ml: lift_ml, with: trouble });
    if (splash_ml !== null) say({ kind: 'splash', volume_ml: splash_ml, water, with: trouble });
    if (setting !== null) say({ kind: 'heat', mark: setting, with: trouble });
    if (lid !== null) say({ kind: 'lid', on: lid, ...(lid_s ? { for_s: lid_s } : {}), with: trouble });
  };
  return (
    <Drawer title={way.sees} onClose={onClose}>
      <p className="text-xl text-chalk-soft">{t('stove.off.usually-cause', { cause: way.cause })}</p>
      <ol className="mt-3 grid gap-2 text-4xl leading-tight font-semibold max-md:text-2xl">
        {way.do.map((line, index) => (
          <li key={line} className="grid grid-cols-[auto_1fr] gap-3">
            <span className="text-saffron">{index + 1}</span>
            {line}
          </li>
        ))}
      </ol>
      <p className="mt-4 text-2xl">
        {t('stove.off.the-plate-then')} <b>{wordOf('looseness', way.plate.word)}</b>
        {t('common.bite-4')} <b>{wordOf('bite', way.plate.bite)}</b>.
      </p>
      {way.beware && <p className="mt-1 text-xl text-saffron">{way.beware}</p>}
      <div className="mt-5 grid grid-cols-[1fr_2fr] gap-3">
        <button
          onClick={onOther}
          className="min-h-20 rounded-lg border-2 border-iron-rule bg-iron-light text-2xl font-semibold"
        >
          {t('stove.off.something-else')}
        </button>
        {way.mends && (
          <button
            autoFocus
            onClick={take}
            className="min-h-20 rounded-lg bg-chalk text-3xl font-semibold text-ink"
          >
            {t('stove.off.doing-it')}
          </button>
        )}
      </div>
    </Drawer>
  );
}
