import { useMutation } from '@tanstack/react-query';
import { Pencil } from 'lucide-react';
import { api, Refusal } from '../api';
import type { OwnTaken } from '../contracts.generated';
import { useCook, useMay } from '../cook';
import { day } from '../time';
import { t } from '../words/messages';
import {
  addressOf,
  isOff,
  isOwn,
  isTaken,
  useCalled,
  useSaid,
  type OneNumber,
  type TakenNumber,
} from './numbers';

/** The picture of a number runs from so little of what is given to so much. */
const FROM = 0.6;
const TO = 1.6;

/** Bands no wider than this, as a share, say something. */
const TELLS = 0.45;

const KEY = 'min-h-12 rounded-lg border-2 border-ink px-4 text-lg font-semibold whitespace-nowrap';

/** A ring with its marks, a rice with what it drinks and when it is done, or a dish with what its base weighs. */
export function Group({
  title,
  numbers,
  onTaken,
  onOpen,
}: {
  title: string;
  numbers: OneNumber[];
  onTaken: (answer: OwnTaken) => void;
  onOpen: (one: TakenNumber) => void;
}) {
  const may = useMay();
  const called = useCalled();
  const take = useMutation({ mutationFn: api.takeOwn, onSuccess: onTaken });
  const back = useMutation({ mutationFn: api.giveOwnBack, onSuccess: onTaken });
  const isRing = numbers[0]?.of === 'ring-power';
  const taken = numbers.filter(isTaken);
  const ring = taken.find(({ cooks }) => cooks > 0) ?? taken[0];
  const wrong = take.error ?? back.error;
  return (
    <section aria-label={title} className="mt-4">
      <div className="flex min-h-14 flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-ink pb-1">
        <h2 className="text-xl font-bold">{title}</h2>
        {isRing && <Against numbers={numbers} />}
        {may.kitchen && isRing && ring && (
          <span className="ml-auto flex gap-2">
            {numbers.some(isOwn) && (
              <button
                onClick={() => back.mutate({ ...addressOf(ring), mark: null })}
                disabled={back.isPending}
                className={KEY}
              >
                {t('taught.by-its-marks-again')}
              </button>
            )}
            {(!numbers.every(isOwn) || numbers.some(isOff)) && (
              <button
                onClick={() => take.mutate({ ...addressOf(ring), mark: null })}
                disabled={take.isPending}
                className={`${KEY} ${numbers.some(isOff) ? 'bg-ink text-paper' : ''}`}
              >
                {t('taught.plan-by-this')}
              </button>
            )}
          </span>
        )}
      </div>
      {wrong !== null && (
        <p role="alert" className="py-1 text-lg text-tomato">
          {wrong instanceof Refusal ? wrong.message : t('common.the-kitchen-cannot-be-reached')}
        </p>
      )}
      <ul>
        {numbers.map((one) => (
          <li
            key={`${one.of} ${one.mark}`}
            className="grid min-h-14 grid-cols-[8rem_7rem_minmax(0,1fr)_18rem_auto] items-center gap-x-4 border-b border-rule py-1 max-md:grid-cols-[1fr_auto]"
          >
            <span className="text-lg">{called(one)}</span>
            <Much one={one} />
            <Band one={one} />
            <Words one={one} />
            {may.kitchen && isTaken(one) && (
              <span className="flex justify-end gap-2 max-md:col-span-2">
                {!isRing && isOwn(one) && (
                  <button
                    onClick={() => back.mutate(addressOf(one))}
                    disabled={back.isPending}
                    className={KEY}
                  >
                    {t('taught.take-back')}
                  </button>
                )}
                {!isRing && (!isOwn(one) || isOff(one)) && (
                  <button
                    onClick={() => take.mutate(addressOf(one))}
                    disabled={take.isPending}
                    className={KEY}
                  >
                    {t('taught.plan-by-this')}
                  </button>
                )}
                <button
                  onClick={() => onOpen(one)}
                  aria-label={t('taught.by-hand-and-before', { what: `${title}, ${called(one)}` })}
                  className="grid size-12 place-content-center rounded-lg border-2 border-rule"
                >
                  <Pencil aria-hidden="true" />
                </button>
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A ring against what is guessed or measured of it: by the mark that most of its cooks tell of, one that is off before one that is not. */
function Against({ numbers }: { numbers: OneNumber[] }) {
  const [told] = [...numbers].sort((a, b) => Number(isOff(b)) - Number(isOff(a)) || b.cooks - a.cooks);
  const percent = told ? Math.round(100 * (told.value / (told.without ?? told.given) - 1)) : 0;
  return (
    <p className={`text-lg ${numbers.some(isOff) ? 'font-semibold text-tomato' : 'text-ink-soft'}`}>
      {percent === 0
        ? t('taught.gives-what-it-says')
        : percent > 0
          ? t('taught.gives-more', { percent })
          : t('taught.gives-less', { percent: -percent })}
    </p>
  );
}

function Much({ one }: { one: OneNumber }) {
  const said = useSaid();
  return <b className="text-xl whitespace-nowrap max-md:text-right">{said(one, one.value)}</b>;
}

/** Where it lies nine times in ten, against what is given: the tick. */
function Band({ one }: { one: OneNumber }) {
  const at = (value: number) => 100 * Math.max(0, Math.min(1, (value / one.given - FROM) / (TO - FROM)));
  const surely = (one.high_90 - one.low_90) / one.value < TELLS;
  return (
    <span aria-hidden="true" className="relative block h-8 max-md:col-span-2">
      <span className="absolute inset-x-0 top-1/2 border-t border-rule" />
      <span
        className={`absolute top-2 h-4 rounded-full ${isOff(one) ? 'bg-tomato' : surely ? 'bg-herb' : 'bg-steel'}`}
        style={{ left: `${at(one.low_90)}%`, width: `${at(one.high_90) - at(one.low_90)}%` }}
      />
      <span className="absolute inset-y-0 w-0.5 bg-ink" style={{ left: `${at(one.given)}%` }} />
      <span
        className="absolute top-1.5 size-5 -translate-x-1/2 rounded-full border-2 border-paper bg-ink"
        style={{ left: `${at(one.value)}%` }}
      />
    </span>
  );
}

const SOURCE = {
  guessed: (given: string) => t('taught.guessed', { given }),
  measured: (given: string) => t('taught.measured', { given }),
  learned: (given: string) => t('taught.learned', { given }),
  pinned: (given: string) => t('taught.pinned', { given }),
};

function Words({ one }: { one: OneNumber }) {
  const said = useSaid();
  const { timezone } = useCook();
  return (
    <span className="text-base leading-tight text-ink-soft max-md:col-span-2">
      {t('taught.between', { low: said(one, one.low_90), high: said(one, one.high_90) })}{' '}
      {t('taught.rests-on', { cooks: one.cooks })}{' '}
      {isTaken(one) && (
        <b className={isOwn(one) ? 'text-herb' : ''}>
          {SOURCE[one.source ?? 'guessed'](said(one, one.given))}
        </b>
      )}{' '}
      {one.of === 'base-yield' && t('taught.what-a-base-is-for')}
      {one.of === 'scale' && t('taught.check-the-scale')}
      {one.of === 'ladle' && t('taught.check-the-ladle')}
      {one.not_apart_from.length > 0 && (
        <b className="block">{t('taught.not-told-apart', { others: one.not_apart_from.join(', ') })}</b>
      )}
      {one.since !== null && (
        <b className="block text-tomato">{t('taught.another-since', { day: day(one.since, timezone) })}</b>
      )}
    </span>
  );
}
