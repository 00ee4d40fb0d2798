import { useEffect, useLayoutEffect, useState } from 'react';
import type { Cook } from '../contracts.generated';
import type { Step } from './ahead';
import { GiveUp } from './GiveUp';
import { Key } from './Key';
import { Off } from './Off';
import { OtherAmount } from './OtherAmount';
import type { Say } from './say';
import { Heat, Signs, Taste } from './Sayings';
import { isPour, stageOf } from './steps';
import { Weigh } from './Weigh';

type Open = 'amount' | 'taste' | 'weigh' | 'off' | 'heat' | 'sign' | 'give-up';

/** ms within which a second knock of a wet knuckle is the same one. */
const SAME_KNOCK = 700;

let knocked = 0;

function isSameKnock(): boolean {
  const since = Date.now() - knocked;
  knocked = Date.now();
  return since >= 0 && since < SAME_KNOCK;
}

interface KeysProps {
  cook: Cook;
  /** The last event said at this stove, to be taken back. */
  last: string | null;
  say: Say;
  step: Step;
  /** Something is being asked or typed: the lanes keep still. */
  onBusy: (busy: boolean) => void;
}

/** The wide keys under the stove, each with its letter; below them what is said less often. */
export function Keys({ cook, last, say, step, onBusy }: KeysProps) {
  const [open, setOpen] = useState<Open | null>(null);
  const waiting = cook.state.status === 'waiting';
  const begun = cook.state.first_liquid_at !== null;
  const off = cook.state.done.some((one) => cook.working.plan.stages[one.stage]?.kind === 'off');
  const amounts = !waiting && (isPour(step) || step.kind === 'lift') && step.volume_ml !== null;
  const lidOn = cook.state.lid_on;

  useEffect(() => onBusy(open !== null), [open, onBusy]);
  // A pan that has just come forward takes no knock that was meant for the one before.
  useLayoutEffect(() => {
    isSameKnock();
  }, []);

  const done = () => {
    if (isSameKnock()) {
      return;
    }
    say(waiting ? { kind: 'start' } : asDone(step, step.volume_ml));
  };
  const serve = stageOf(cook, 'serve');
  const toTable =
    serve === null || serve === step.stage ? undefined : () => say({ kind: 'done', stage: serve });
  const keys: Record<string, (() => void) | undefined> = {
    d: done,
    o: amounts ? () => setOpen('amount') : undefined,
    t: begun && !off ? () => setOpen('taste') : undefined,
    w: begun && !off ? () => setOpen('weigh') : undefined,
    x: begun ? () => setOpen('off') : undefined,
    n:
      !waiting && step.stage !== null
        ? () => step.stage !== null && say({ kind: 'not-yet', stage: step.stage })
        : undefined,
    h: waiting ? undefined : off ? toTable : () => setOpen('heat'),
    l: begun && !off ? () => say({ kind: 'lid', on: !lidOn }) : undefined,
    s: begun && !off ? () => setOpen('sign') : undefined,
    u: last === null ? undefined : () => say({ kind: 'undo', event: last }),
    g: () => setOpen('give-up'),
  };

  // Before the screen is painted: a knock is always meant for the step that is seen.
  useLayoutEffect(() => {
    if (open !== null) {
      return;
    }
    const press = (event: KeyboardEvent) => {
      if (
        event.repeat ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        event.target instanceof HTMLInputElement
      ) {
        return;
      }
      const act = keys[event.key.toLowerCase()];
      if (act) {
        act();
        event.preventDefault();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });

  const close = () => setOpen(null);
  return (
    <div className="bg-iron p-2 max-md:sticky max-md:bottom-16">
      <div className="grid grid-cols-[1.7fr_1.2fr_1fr_1fr_1.4fr] gap-2 max-md:grid-cols-6 max-md:*:col-span-2 max-md:*:first:col-span-4">
        <Key letter="D" look="main" onPress={done}>
          {waiting ? 'Pan is on' : 'Done'}
        </Key>
        <Key letter="O" onPress={() => keys['o']?.()} disabled={!keys['o']}>
          Other amount
        </Key>
        <Key letter="T" onPress={() => keys['t']?.()} disabled={!keys['t']}>
          Taste
        </Key>
        <Key letter="W" onPress={() => keys['w']?.()} disabled={!keys['w']}>
          Weigh
        </Key>
        <Key letter="X" onPress={() => keys['x']?.()} disabled={!keys['x']}>
          Something is off
        </Key>
      </div>
      <div className="mt-2 grid grid-cols-6 gap-2 max-md:mt-1.5 max-md:gap-1.5">
        <Key letter="N" look="small" onPress={() => keys['n']?.()} disabled={!keys['n']}>
          Not yet
        </Key>
        <Key letter="S" look="small" onPress={() => keys['s']?.()} disabled={!keys['s']}>
          I see, I hear
        </Key>
        <Key letter="H" look="small" onPress={() => keys['h']?.()} disabled={!keys['h']}>
          {off ? 'To the table' : 'Heat'}
        </Key>
        <Key letter="L" look="small" onPress={() => keys['l']?.()} disabled={!keys['l']} pressed={lidOn}>
          {lidOn ? 'Lid is on' : 'Lid'}
        </Key>
        <Key letter="U" look="small" onPress={() => keys['u']?.()} disabled={!keys['u']}>
          Undo
        </Key>
        <Key letter="G" look="small" onPress={() => keys['g']?.()}>
          Give up
        </Key>
      </div>
      {open === 'amount' && step.volume_ml !== null && (
        <OtherAmount
          planned={step.volume_ml}
          ladle={cook.working.ladle_ml}
          onClose={close}
          onPour={(volume) => {
            close();
            say(asDone(step, volume));
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

/** A step as it is said to be done; one that the plan does not have is said by what it was. */
function asDone(step: Step, volume: number | null): Parameters<Say>[0] {
  // The knob went where the stove said, which may not be where the plan had it.
  const turned = ['heat', 'crust'].includes(step.kind) ? step.setting : null;
  if (step.stage !== null) {
    return volume !== null && isPour(step)
      ? { kind: 'pour', stage: step.stage, volume_ml: volume }
      : { kind: 'done', stage: step.stage, ...(turned ? { setting: turned } : {}) };
  }
  if (step.kind === 'lift') {
    return { kind: 'lift', volume_ml: volume ?? 0 };
  }
  return step.kind === 'heat'
    ? { kind: 'heat', mark: step.setting ?? '' }
    : { kind: 'splash', volume_ml: volume ?? 0, water: false };
}
