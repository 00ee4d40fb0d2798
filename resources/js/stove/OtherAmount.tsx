import { useState } from 'react';
import { useMeasure } from '../cook';
import { ladles, trimmed } from '../measure';
import { Drawer, Foot } from './Drawer';
import { t } from '../words/messages';

const MOST_ML = 20_000;

/** What really went in: nudge by half ladles, or type it. */
export function OtherAmount({
  planned,
  ladle,
  onPour,
  onClose,
}: {
  planned: number;
  ladle: number;
  onPour: (volume: number) => void;
  onClose: () => void;
}) {
  const { jug, volume: shown } = useMeasure();
  const written = (ml: number) => trimmed(ml / jug.ml, jug.decimals);
  const [text, setText] = useState(written(planned));
  const volume = /^\d+([.,]\d+)?$/.test(text.trim()) ? jug.ml * Number(text.replace(',', '.')) : null;
  const fits = volume !== null && volume <= MOST_ML;
  const nudge = (by: number) =>
    setText(written(Math.max(0, Math.min(MOST_ML, (volume ?? planned) + by * (ladle / 2)))));

  return (
    <Drawer title={t('stove.otherAmount.how-much-went-in')} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (fits) onPour(volume);
        }}
      >
        <div className="mt-4 flex items-stretch gap-3">
          <Nudge onPress={() => nudge(-1)} label={t('stove.otherAmount.half-a-ladle-less')}>
            {t('stove.otherAmount.less')}
          </Nudge>
          <label className="flex min-w-0 flex-1 items-baseline gap-3 rounded-lg border-2 border-chalk px-4 focus-within:border-saffron">
            <span className="sr-only">{t('stove.otherAmount.amount-in-unit', { unit: jug.unit })}</span>
            <input
              autoFocus
              onFocus={(event) => event.target.select()}
              inputMode="decimal"
              value={text}
              aria-invalid={!fits}
              onChange={(event) => setText(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
                  event.preventDefault();
                  nudge(event.key === 'ArrowUp' ? 1 : -1);
                }
              }}
              className="w-full min-w-0 bg-transparent text-right text-8xl font-bold shadow-none outline-none max-md:text-6xl"
            />
            <span className="text-4xl">{jug.unit}</span>
          </label>
          <Nudge onPress={() => nudge(1)} label={t('stove.otherAmount.half-a-ladle-more')}>
            {t('stove.otherAmount.more')}
          </Nudge>
        </div>
        <p role="status" className="mt-2 min-h-9 text-2xl text-chalk-soft">
          {fits ? (
            t('stove.otherAmount.volume-of-ladle-planned-planned', {
              volume: ladles(volume / ladle),
              ladle: shown(ladle),
              planned: shown(planned),
            })
          ) : (
            <span className="text-tomato-light">
              {t('stove.otherAmount.a-number-up-to-mostml', { MOSTML: shown(MOST_ML) })}
            </span>
          )}
        </p>
        <Foot words={t('stove.otherAmount.it-went-in')} fits={fits} />
      </form>
    </Drawer>
  );
}

function Nudge({
  label,
  onPress,
  children,
}: {
  label: string;
  onPress: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onPress}
      className="min-h-24 min-w-28 rounded-lg border-2 border-iron-rule bg-iron-light text-4xl font-bold max-md:min-w-20"
    >
      {children}
    </button>
  );
}
