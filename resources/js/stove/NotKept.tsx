import { useState } from 'react';
import { useCook } from '../cook';
import { clock } from '../time';
import { isOurs, sendAgain, throwAway, useWaiting, type Waiting } from './outbox';
import type { Touch } from './say';

const KINDS: Record<Touch['kind'], string> = {
  start: 'pan on',
  done: 'a step',
  pour: 'a pour',
  splash: 'an extra pour',
  lift: 'liquid lifted out',
  heat: 'the heat',
  lid: 'the lid',
  sign: 'a sign',
  'not-yet': 'not yet',
  taste: 'a taste',
  weigh: 'a weighing',
  trouble: 'a way back',
  undo: 'undo',
  verdict: 'the verdict',
  abandon: 'giving up',
  note: 'a note',
};

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
    <section aria-label="Not kept" className="flex-none bg-paper text-ink">
      {theirs.length > 0 && (
        <p role="status" className="border-b-2 border-rule px-6 py-1 text-lg">
          {theirs.length === 1 ? 'A touch waits' : `${theirs.length} touches wait`} on this tablet until{' '}
          {names} is at it again.
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
      return 'Whoever said it has to show the PIN here.';
    case 404:
      return 'The kitchen does not know this pan, or not yet: it is asked again by itself.';
    case 409:
      return 'It was said before, otherwise.';
    default:
      return `It ${why}.`;
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
        <b>Not kept{more > 0 && `, and ${more} more`}:</b> {KINDS[one.event.kind]},{' '}
        {clock(one.event.at, timezone)}
        {one.by && `, ${one.by.name}`}.{' '}
        <span className="text-tomato">{one.refused && reason(one.refused)}</span>
      </p>
      <button
        onClick={() => void sendAgain(one.at)}
        className="min-h-12 rounded-lg border-2 border-ink px-4 font-semibold max-md:flex-1"
      >
        Send again
      </button>
      <button
        data-sure={sure}
        onClick={() => (sure ? void throwAway(one.at) : setSure(true))}
        onBlur={() => setSure(false)}
        className="min-h-12 rounded-lg border-2 border-tomato px-4 font-semibold text-tomato data-[sure=true]:bg-tomato data-[sure=true]:text-white max-md:flex-1"
      >
        {sure ? 'Touch again to be sure' : 'Throw it away'}
      </button>
    </div>
  );
}
