import { useState } from 'react';
import { useCook } from '../cook';
import { clock } from '../time';
import { isOurs, sendAgain, throwAway, useWaiting, type Waiting } from './outbox';
import { t } from '../words/messages';
import { CALLED } from './words';

/** Touches that are on this tablet and will not get further by themselves: refused, or of somebody who is not here. */
export function NotKept() {
  const cook = useCook();
  const waiting = useWaiting();
  const refused = waiting.filter((one) => one.refused !== undefined && isOurs(one, cook));
  const theirs = waiting.filter((one) => !isOurs(one, cook));
  // One at a time: there must be room for the pan.
  const [first] = refused;
  const names = [...new Set(theirs.map((one) => one.by?.name ?? ''))].join(', ');
  if (refused.length === 0 && theirs.length === 0) {
    return null;
  }
  return (
    <section aria-label={t('stove.notKept.not-kept')} className="flex-none bg-paper text-ink">
      {theirs.length > 0 && (
        <p role="status" className="border-b-2 border-rule px-6 py-1 text-lg">
          {t('stove.notKept.touches-wait', { count: theirs.length, names })}
        </p>
      )}
      {first && <Refused key={first.at} one={first} more={refused.length - 1} />}
    </section>
  );
}

/** What the server said to it, as a cook reads it. */
function reason({ status, why }: NonNullable<Waiting['refused']>): string {
  switch (status) {
    case 403:
      return t('stove.notKept.whoever-said-it-has-to-show');
    case 404:
      return t('stove.notKept.the-kitchen-does-not-know-this');
    case 409:
      return t('stove.notKept.it-was-said-before-otherwise');
    default:
      return t('stove.notKept.it-why', { why });
  }
}

function Refused({ one, more }: { one: Waiting; more: number }) {
  const { timezone } = useCook();
  const [sure, setSure] = useState(false);
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b-2 border-tomato px-6 py-1 text-lg max-md:px-3 max-md:text-base"
    >
      <p className="min-w-0 flex-1 leading-snug max-md:basis-full">
        <b>
          {t('stove.notKept.not-kept-more', { more: more > 0 && t('stove.notKept.and-more-more', { more }) })}
        </b>{' '}
        {CALLED[one.event.kind]}, {clock(one.event.at, timezone)}
        {one.by && `, ${one.by.name}`}.{' '}
        <span className="text-tomato">{one.refused && reason(one.refused)}</span>
      </p>
      <button
        onClick={() => void sendAgain(one.at)}
        className="min-h-12 rounded-lg border-2 border-ink px-4 font-semibold max-md:flex-1"
      >
        {t('stove.notKept.send-again')}
      </button>
      <button
        data-sure={sure}
        onClick={() => (sure ? void throwAway(one.at) : setSure(true))}
        onBlur={() => setSure(false)}
        className="min-h-12 rounded-lg border-2 border-tomato px-4 font-semibold text-tomato data-[sure=true]:bg-tomato data-[sure=true]:text-on-mark max-md:flex-1"
      >
        {sure ? t('common.touch-again-to-be-sure') : t('stove.notKept.throw-it-away')}
      </button>
    </div>
  );
}
