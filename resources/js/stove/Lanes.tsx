import { useQueries } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { countdown } from '../time';
import { nextOf } from './due';
import { remembered } from './running';
import { isPour, VERB } from './steps';
import { queries } from '../queries';
import { t } from '../words/messages';
import { useKeys } from '../parts/useKeys';

const LOOK_EVERY = 2500;

/** s: a pan that calls comes forward, unless the one in front needs the hand as soon. */
const AS_SOON = 8;

export interface Lane {
  cook: Cook;
  /** s until a hand is needed; below nothing when it is overdue. */
  left: number;
}

/** The other pans of this tablet that are on the fire, by who needs a hand next. */
export function useLanes(front: Cook, now: number): Lane[] {
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
      return next ? [{ cook, left: (next.due - now) / 1000 }] : [];
    })
    .sort((a, b) => a.left - b.left);
}

/** A lane a pan across the top; the one that needs a hand next is the first, and opens by itself unless something is being said. */
export function Lanes({ lanes, front, busy }: { lanes: Lane[]; front: Cook; busy: boolean }) {
  const navigate = useNavigate();
  const first = lanes[0];
  const here = lanes.find((lane) => lane.cook.id === front.id);
  const calls =
    first && first.cook.id !== front.id && first.left <= 0 && (here?.left ?? Infinity) > first.left + AS_SOON;

  useEffect(() => {
    if (calls && !busy) {
      void navigate(`/stove/${first.cook.id}`, { replace: true, state: { came: true } });
    }
  }, [calls, busy, first?.cook.id, navigate]);

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
  const { cook, left } = lane;
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
      data-calls={left <= 0}
      className="lane"
    >
      <kbd aria-hidden="true" className="rounded border-2 border-current px-1.5 font-sans max-sm:hidden">
        {index + 1}
      </kbd>
      <span className="min-w-0">
        <span className="block truncate opacity-80">{cook.working.dish.name}</span>
        <b className="lane-do block truncate">
          {cook.state.status === 'waiting' ? t('common.pan-on') : VERB[step.kind]} {amount}
        </b>
      </span>
      <b className="lane-when">{left <= 0 ? t('common.now') : countdown(left)}</b>
    </button>
  );
}
