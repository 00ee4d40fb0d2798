import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { offStageOf, type Step } from './ahead';
import { nextOf } from './due';
import { GiveUp } from './GiveUp';
import { Key } from './Key';
import { Off } from './Off';
import { OtherAmount } from './OtherAmount';
import { knocks } from './knock';
import type { Say } from './say';
import { Heat, Signs, Taste } from './Sayings';
import { baseReadyAt, isPour, stageOf } from './steps';
import { SoundKey } from './Sound';
import { Weigh } from './Weigh';
import { wordsOf } from './words';
import { t } from '../words/messages';
import { useKeys } from '../parts/useKeys';

type Open = 'amount' | 'taste' | 'weigh' | 'off' | 'heat' | 'sign' | 'give-up';

/** ms for which a pan that has come forward by itself takes no key: whoever presses one then meant the pan before. */
const UNSEEN = 1500;

/** ms for which a step that the forecast has put there takes no knock: a hand that was falling meant the one before. */
const UNREAD = 300;

const isSameKnock = knocks();

interface KeysProps {
  cook: Cook;
  say: Say;
  /** This pan has come forward by itself, over another. */
  came: boolean;
  step: Step;
  /** Something is being asked or typed: the lanes keep still. */
  onBusy: (busy: boolean) => void;
}

/** The wide keys under the stove, each with its letter; below them what is said less often. */
export function Keys({ cook, say, step, came, onBusy }: KeysProps) {
  const measure = useMeasure();
  const [open, setOpen] = useState<Open | null>(null);
  const seen = useSeen(came);
  const isUnread = useUnread(`${step.stage} ${step.kind}`);
  const waiting = cook.state.status === 'waiting';
  const begun = cook.state.first_liquid_at !== null;
  const off = cook.state.done.some((one) => cook.working.plan.stages[one.stage]?.kind === 'off');
  const backOn = offStageOf(cook) !== null;
  const amounts = !waiting && (isPour(step) || step.kind === 'lift') && step.volume_ml !== null;
  const lidOn = cook.state.lid_on;
  const undo = cook.state.undo;

  useEffect(() => onBusy(open !== null), [open, onBusy]);
  // A pan that has just come forward takes no knock that was meant for the one before.
  useLayoutEffect(() => {
    isSameKnock();
  }, []);

  const done = () => {
    if (isSameKnock() || !seen || isUnread()) {
      return;
    }
    say(waiting ? { kind: 'start' } : asDone(step, step.volume_ml, lateFor(cook)));
  };
  const serve = stageOf(cook, 'serve');
  const ready = baseReadyAt(cook);
  const keys: Record<string, (() => void) | undefined> = {
    d: done,
    o: amounts ? () => setOpen('amount') : undefined,
    t: begun && !off ? () => setOpen('taste') : undefined,
    w: !waiting && !off ? () => setOpen('weigh') : undefined,
    x: begun ? () => setOpen('off') : undefined,
    n:
      !waiting && step.stage !== null
        ? () => step.stage !== null && say({ kind: 'not-yet', stage: step.stage })
        : undefined,
    h: backOn ? () => say({ kind: 'back-on' }) : waiting || off ? undefined : () => setOpen('heat'),
    p: off && serve !== null ? () => say({ kind: 'done', stage: serve }) : undefined,
    l: begun && !off ? () => say({ kind: 'lid', on: !lidOn }) : undefined,
    s: begun && !off ? () => setOpen('sign') : undefined,
    b: !waiting && ready !== null ? () => say({ kind: 'done', stage: ready }) : undefined,
    u: undo === null ? undefined : () => say({ kind: 'undo', event: undo.event }),
    g: () => setOpen('give-up'),
  };

  // A key of ours that may not be pressed yet is still ours.
  useKeys((key) => keys[key] && (seen ? keys[key] : () => undefined), open === null);

  const close = () => setOpen(null);
  const key = (letter: string) => ({
    letter: letter.toUpperCase(),
    onPress: () => (seen ? keys[letter]?.() : undefined),
    disabled: !keys[letter],
  });
  return (
    <div className="stove-keys" data-seen={seen}>
      <div className="keys-first">
        <Key {...key('d')} look="main">
          {waiting ? t('stove.keys.pan-is-on') : t('stove.keys.done')}
        </Key>
        <Key {...key('o')}>{t('stove.keys.other-amount')}</Key>
        <Key {...key('t')}>{t('stove.keys.taste')}</Key>
        <Key {...key('w')}>{t('stove.keys.weigh')}</Key>
        <Key {...key('x')}>{t('stove.keys.something-is-off')}</Key>
      </div>
      <div className="keys-second">
        <Key {...key('n')} look="small">
          {t('stove.keys.not-yet')}
        </Key>
        {ready === null ? (
          <Key {...key('s')} look="small">
            {t('stove.keys.i-see-i-hear')}
          </Key>
        ) : (
          <Key {...key('b')} look="small">
            {t('stove.keys.base-is-ready')}
          </Key>
        )}
        <Key {...key('h')} look="small">
          {backOn ? t('stove.keys.back-on-the-heat') : t('common.heat')}
        </Key>
        <Key {...key('l')} look="small" pressed={lidOn}>
          {lidOn ? t('stove.keys.lid-is-on') : t('stove.keys.lid')}
        </Key>
        <Key {...key('p')} look="small">
          {t('common.at-the-table')}
        </Key>
        <Key
          {...key('u')}
          look="small"
          label={
            undo === null ? undefined : t('stove.keys.undo-undo', { undo: wordsOf(undo, cook, measure) })
          }
        >
          {t('common.undo')}
        </Key>
        <Key {...key('g')} look="small">
          {t('stove.keys.give-up')}
        </Key>
        <SoundKey />
      </div>
      {open === 'amount' && step.volume_ml !== null && (
        <OtherAmount
          planned={step.volume_ml}
          ladle={cook.working.ladle_ml}
          onClose={close}
          onPour={(volume) => {
            close();
            say(asDone(step, volume, lateFor(cook)));
          }}
        />
      )}
      {open === 'taste' && <Taste cook={cook} say={say} onClose={close} />}
      {open === 'heat' && <Heat cook={cook} say={say} onClose={close} />}
      {open === 'sign' && <Signs cook={cook} say={say} onClose={close} />}
      {open === 'weigh' && <Weigh cook={cook} say={say} onClose={close} />}
      {open === 'off' && <Off cook={cook} say={say} onClose={close} />}
      {open === 'give-up' && (
        <GiveUp
          onClose={close}
          onGiveUp={() => {
            close();
            say({ kind: 'abandon' });
          }}
        />
      )}
    </div>
  );
}

/** Longest time after its call that a step tells of, s. */
const LATE_AT_MOST = 3600;

/** How long the stove has called for the step, where it has. */
function lateFor(cook: Cook): { late_s?: number } {
  const next = nextOf(cook);
  const late = next === null ? -1 : Math.round((Date.now() - next.until) / 1000);
  return late < 0 ? {} : { late_s: Math.min(LATE_AT_MOST, late) };
}

/** A step as it is said to be done; one that the plan does not have is said by what it was. */
function asDone(step: Step, volume: number | null, late: { late_s?: number }): Parameters<Say>[0] {
  // The knob went where the stove said, which may not be where the plan had it.
  const turned = ['heat', 'crust'].includes(step.kind) ? step.setting : null;
  if (step.stage !== null) {
    return volume !== null && isPour(step)
      ? { kind: 'pour', stage: step.stage, volume_ml: volume, ...late }
      : { kind: 'done', stage: step.stage, ...(turned ? { setting: turned } : {}), ...late };
  }
  if (step.kind === 'lid') {
    return { kind: 'lid', on: false };
  }
  if (step.kind === 'lift') {
    return { kind: 'lift', volume_ml: volume ?? 0, asked: true };
  }
  return step.kind === 'heat'
    ? { kind: 'heat', mark: step.setting ?? '', asked: true }
    : { kind: 'splash', volume_ml: volume ?? 0, water: false, asked: true };
}

/** Whether a step has come only just now. */
function useUnread(step: string): () => boolean {
  const came = useRef(0);
  useLayoutEffect(() => {
    came.current = Date.now();
  }, [step]);
  return () => {
    const since = Date.now() - came.current;
    return since >= 0 && since < UNREAD;
  };
}

/** Whether this pan has been in front for long enough to be seen. */
function useSeen(came: boolean): boolean {
  const [seen, setSeen] = useState(!came);
  useEffect(() => {
    const timer = setTimeout(() => setSeen(true), came ? UNSEEN : 0);
    return () => clearTimeout(timer);
  }, [came]);
  return seen;
}
