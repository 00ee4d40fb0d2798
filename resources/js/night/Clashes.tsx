import { useQuery } from '@tanstack/react-query';
import { TriangleAlert } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Night, NightClash, NightFiring, NightOffer } from '../contracts.generated';
import { useCook } from '../cook';
import { queries } from '../queries';
import { clock, clockWords } from '../time';
import { t } from '../words/messages';
import { entryOf, firingWords } from './shape';
import { manned, type Nightly } from './useNight';

const CLASH: Record<NightClash['code'], (at: string) => string> = {
  hands: (at) => t('night.clash.hands', { at }),
  ring: (at) => t('night.clash.ring', { at }),
  pan: (at) => t('night.clash.pan', { at }),
  'too-big': () => t('night.clash.too-big'),
  'too-soon': (at) => t('night.clash.too-soon', { at }),
  missed: (at) => t('night.clash.missed', { at }),
  behind: () => t('night.clash.behind'),
};

type Said = Parameters<typeof t>[1];

const OFFER: Record<NightOffer['code'], (said: Said) => string> = {
  'more-hands': (said) => t('night.offer.more-hands', said),
  later: (said) => t('night.offer.later', said),
  split: () => t('night.offer.split'),
  merge: () => t('night.offer.merge'),
  ahead: (said) => t('night.offer.ahead', said),
  'other-pan': (said) => t('night.offer.another', said),
  'other-ring': (said) => t('night.offer.another', said),
};

/** Clashes that are shown before somebody asks for all of them. */
const AT_FIRST = 4;

/** What does not fit tonight: what each waits for, and what would mend it. */
export function Clashes({
  night,
  nightly,
  onOpen,
}: {
  night: Night;
  nightly: Nightly;
  onOpen: (firing: NightFiring) => void;
}) {
  const offers = useQuery({ ...queries.nightOffers(night), enabled: night.clashes.length > 0 });
  const found = (clash: NightClash) =>
    offers.data?.clashes.find((one) => one.firings.join() === clash.firings.join());
  // Of many the first few stand before the pans: what mends them often mends the rest.
  const [all, setAll] = useState(false);
  const shown = all ? night.clashes : night.clashes.slice(0, AT_FIRST);
  // Whoever looked for offers may have found a night in which it fits: then that is the night.
  const outdated = offers.data !== undefined && !night.clashes.every(found);
  const { refetch } = nightly.night;
  useEffect(() => {
    if (outdated) void refetch();
  }, [outdated, refetch]);
  return (
    <section aria-label={t('night.clashes')} className="grid content-start gap-3">
      {night.clashes.length === 0 ? (
        <p role="status" className="rounded-lg bg-herb px-4 py-3 text-xl font-semibold text-on-mark">
          {night.firings.length === 0 ? t('night.nothing-yet') : t('night.all-fits')}
        </p>
      ) : (
        <div role="status">
          <h2 className="text-xl font-bold text-tomato">
            {t('night.so-many-late', { clashes: night.clashes.length })}
          </h2>
        </div>
      )}
      {shown.map((clash, at) => (
        <OneClash
          key={`${clash.at} ${clash.firings.join(' ')}`}
          number={at + 1}
          clash={found(clash) ?? clash}
          asking={offers.isFetching || found(clash) === undefined}
          night={night}
          nightly={nightly}
          onOpen={onOpen}
        />
      ))}
      {shown.length < night.clashes.length && (
        <button
          onClick={() => setAll(true)}
          className="min-h-14 rounded-lg border-2 border-tomato px-5 text-lg font-semibold"
        >
          {t('night.show-all-late', { clashes: night.clashes.length })}
        </button>
      )}
    </section>
  );
}

function OneClash({
  number,
  clash,
  asking,
  night,
  nightly,
  onOpen,
}: {
  number: number;
  clash: NightClash;
  asking: boolean;
  night: Night;
  nightly: Nightly;
  onOpen: (firing: NightFiring) => void;
}) {
  const { timezone } = useCook();
  const firing = night.firings.find(({ id }) => id === clash.firings[0]);
  if (!firing) {
    return null;
  }
  const lateBy = Math.ceil(firing.late_by_min - 1e-6);
  return (
    <article className="border-t-2 border-tomato pt-2">
      <button
        onClick={() => onOpen(firing)}
        className="flex min-h-12 w-full items-center gap-2 text-left text-lg leading-tight font-bold"
      >
        <span
          aria-hidden="true"
          className="grid size-7 shrink-0 place-content-center rounded-full bg-tomato text-base text-on-mark"
        >
          {number}
        </span>
        <span>
          {firingWords(firing)}{' '}
          <span className="text-tomato">
            {firing.there_at === null ? t('night.not-cooked') : t('night.min-late', { late: lateBy })}
          </span>
        </span>
      </button>
      <p className="flex gap-1.5 text-base text-ink-soft">
        <TriangleAlert aria-hidden="true" className="mt-1 size-4 shrink-0" />
        {CLASH[clash.code](clock(clash.at, timezone))}
      </p>
      <ul className="mt-1.5 grid gap-1.5">
        {clash.offers.map((offer) => (
          <li key={offer.code}>
            <Offer offer={offer} firing={firing} night={night} nightly={nightly} />
          </li>
        ))}
        {clash.offers.length === 0 && (
          <li className="text-base text-ink-soft">
            {asking ? t('night.looking-for-a-way') : t('night.no-one-change')}
          </li>
        )}
      </ul>
    </article>
  );
}

function Offer({
  offer,
  firing,
  night,
  nightly,
}: {
  offer: NightOffer;
  firing: NightFiring;
  night: Night;
  nightly: Nightly;
}) {
  const { timezone } = useCook();
  const clock24 = (at: string) => clock(at, timezone, false);
  const entry = () => entryOf(firing, clock24);
  const other = night.firings.find(({ id }) => id === offer.firing);
  const later = new Date(Date.parse(firing.table_at) + (offer.later_min ?? 0) * 60_000).toISOString();
  const take: Partial<Record<NightOffer['code'], () => Promise<Night>>> = {
    'more-hands': () =>
      nightly.man({
        ...manned(night),
        hands: [...night.hands, { name: '', from: offer.from ?? '', to: offer.to ?? '', count: 1 }],
      }),
    later: () =>
      nightly.keep([
        { id: firing.id, tag: firing.tag, entry: { ...entry(), table_at: clock(later, timezone, false) } },
      ]),
    split: () => nightly.keep([{ id: firing.id, tag: firing.tag, entry: { ...entry(), parts: 2 } }]),
    merge: () => nightly.man({ ...manned(night), merge: true }),
    ahead: () =>
      nightly.keep(
        other
          ? [{ id: other.id, tag: other.tag, entry: { ...entryOf(other, clock24), to_order: true } }]
          : [],
      ),
  };
  const still = offer.late.map(({ firing: id, min }) => {
    const one = night.firings.find((each) => each.id === id);
    return t('night.so-late', { firing: one ? firingWords(one) : '', min: Math.ceil(min - 1e-6) });
  });
  const words = (
    <>
      <b className="block">
        {OFFER[offer.code]({
          from: offer.from === null ? '' : clockWords(offer.from),
          to: offer.to === null ? '' : clockWords(offer.to),
          min: offer.later_min,
          at: clock(later, timezone),
          like: offer.like,
          firing: other ? firingWords(other) : '',
        })}
      </b>
      <span className="text-[15px]">
        {still.length === 0
          ? t('night.then-nothing-is-late')
          : still.length > 3
            ? t('night.then-so-many-late', { late: still.length })
            : t('night.then-late', { late: still.join('; ') })}
      </span>
    </>
  );
  const taken = take[offer.code];
  return taken && night.may_change ? (
    <button
      disabled={nightly.busy}
      onClick={() => void nightly.quietly(taken())}
      className="min-h-14 w-full rounded-lg border-2 border-ink bg-field px-3 py-1.5 text-left leading-tight disabled:opacity-50"
    >
      {words}
    </button>
  ) : (
    <p className="rounded-lg border-2 border-dashed border-ink-soft px-3 py-1.5 leading-tight">{words}</p>
  );
}
