import { verbOf } from '../stages';
import { useQueries } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { useMoment } from '../time';
import { Left } from './Left';
import { nextOf } from './due';
import { remembered } from './running';
import { isPour } from './steps';
import { queries } from '../queries';
import { t } from '../words/messages';
import { useKeys } from '../parts/useKeys';

const LOOK_EVERY = 2500;

/** ms: a pan that calls comes forward, unless the one in front needs the hand as soon. */
const AS_SOON = 8000;

export interface Lane {
  cook: Cook;
  /** ms since 1970: when a hand is needed. */
  due: number;
}

/** The other pans of this tablet that are on the fire, by who needs a hand next. */
export function useLanes(front: Cook): Lane[] {
  const ids = remembered().filter((id) => id !== front.id);
  const others = useQueries({
    queries: ids.map((id) => ({
      ...queries.cook(id),
      refetchInterval: LOOK_EVERY,
      staleTime: LOOK_EVERY,
    })),
  });
  return [front, ...others.flatMap(({ data }) => (data ? [data] : []))]
    .flatMap((cook) => {
      const next = ['waiting', 'cooking'].includes(cook.state.status) ? nextOf(cook) : null;
      return next ? [{ cook, due: next.due }] : [];
    })
    .sort((a, b) => a.due - b.due);
}

/** A lane a pan across the top; the one that needs a hand next is the first, and opens by itself unless something is being said. */
export function Lanes({ lanes, front, busy }: { lanes: Lane[]; front: Cook; busy: boolean }) {
  const navigate = useNavigate();
  const first = lanes[0];
  const here = lanes.find((lane) => lane.cook.id === front.id);
  const calls = useMoment(
    (now) =>
      first !== undefined &&
      first.cook.id !== front.id &&
      first.due <= now &&
      (here?.due ?? Infinity) > first.due + AS_SOON,
  );

  const forward = calls && first ? first.cook.id : null;

  useEffect(() => {
    if (forward !== null && !busy) {
      void navigate(`/stove/${forward}`, { replace: true, state: { came: true } });
    }
  }, [forward, busy, navigate]);

  useKeys((key) => {
    const lane = lanes[Number(key) - 1];
    return lane && (() => void navigate(`/stove/${lane.cook.id}`, { replace: true }));
  }, !busy);

  if (lanes.length < 2) {
    return null;
  }
  return (
    <nav aria-label={t('stove.lanes.pans-on-the-fire')} className="stove-lanes">
      {lanes.map((lane, index) => (
        <One
          key={lane.cook.id}
          lane={lane}
          index={index}
          here={lane.cook.id === front.id}
          onOpen={() => void navigate(`/stove/${lane.cook.id}`, { replace: true })}
        />
      ))}
    </nav>
  );
}

function One({
  lane,
  index,
  here,
  onOpen,
}: {
  lane: Lane;
  index: number;
  here: boolean;
  onOpen: () => void;
}) {
  const { dose } = useMeasure();
  const { cook, due } = lane;
  const isDue = useMoment((now) => due <= now);
  const step = nextOf(cook)?.step;
  if (!step) {
    return null;
  }
  const amount =
    cook.state.status === 'waiting'
      ? ''
      : isPour(step) && step.volume_ml !== null
        ? Object.values(dose(step.volume_ml)).join(' ')
        : (step.item?.name ?? '');
  return (
    <button
      onClick={onOpen}
      aria-current={here ? 'true' : undefined}
      aria-keyshortcuts={String(index + 1)}
      data-calls={isDue}
      className="lane"
    >
      <kbd aria-hidden="true" className="rounded border-2 border-current px-1.5 font-sans max-sm:hidden">
        {index + 1}
      </kbd>
      <span className="min-w-0">
        <span className="block truncate opacity-80">{cook.working.dish.name}</span>
        <b className="lane-do block truncate">
          {cook.state.status === 'waiting' ? t('common.pan-on') : verbOf(step)} {amount}
        </b>
      </span>
      <b className="lane-when">
        <Left to={due} over={t('common.now')} />
      </b>
    </button>
  );
}
