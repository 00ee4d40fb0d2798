import { useEffect, useState } from 'react';
import type { Cook } from '../contracts.generated';
import type { Say } from './say';
import { GiveUp } from './GiveUp';
import { OtherAmount } from './OtherAmount';
import { isPour, type Stage } from './steps';

interface KeysProps {
  cook: Cook;
  /** A touch is on its way: another would be meant for the step after, which is not shown yet. */
  busy: boolean;
  say: Say;
  stage: Stage;
  index: number;
}

/** The wide keys under the stove, each with its letter: for a knuckle or a keyboard. */
export function Keys({ cook, busy, say, stage, index }: KeysProps) {
  const [open, setOpen] = useState<'amount' | 'give-up' | null>(null);
  const waiting = cook.state.status === 'waiting';
  const last = cook.state.done.at(-1);
  const amounts = !waiting && isPour(stage);

  const done = () => {
    if (busy) {
      return;
    }
    if (waiting) {
      say({ kind: 'start' });
    } else if (stage.volume_ml !== null) {
      say({ kind: 'pour', stage: index, volume_ml: stage.volume_ml });
    } else {
      say({ kind: 'done', stage: index });
    }
  };
  const undo = () => {
    if (last && !busy) {
      say({ kind: 'undo', event: last.event });
    }
  };

  useEffect(() => {
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
      const key = event.key.toLowerCase();
      if (key === 'd') done();
      else if (key === 'o' && amounts) setOpen('amount');
      else if (key === 'u') undo();
      else if (key === 'g') setOpen('give-up');
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });

  return (
    <div className="grid grid-cols-[2fr_1.4fr_1fr_1fr] gap-2 bg-iron p-2 max-md:sticky max-md:bottom-16 max-md:grid-cols-2">
      <Key letter="D" onPress={done} main>
        {waiting ? 'Pan is on' : 'Done'}
      </Key>
      <Key letter="O" onPress={() => setOpen('amount')} disabled={!amounts}>
        Other amount
      </Key>
      <Key letter="U" onPress={undo} disabled={!last}>
        Undo
      </Key>
      <Key letter="G" onPress={() => setOpen('give-up')}>
        Give up
      </Key>
      {open === 'amount' && stage.volume_ml !== null && (
        <OtherAmount
          planned={stage.volume_ml}
          ladle={cook.working.ladle_ml}
          onClose={() => setOpen(null)}
          onPour={(volume_ml) => {
            setOpen(null);
            say({ kind: 'pour', stage: index, volume_ml });
          }}
        />
      )}
      {open === 'give-up' && (
        <GiveUp
          onClose={() => setOpen(null)}
          onGiveUp={() => {
            setOpen(null);
            say({ kind: 'abandon' });
          }}
        />
      )}
    </div>
  );
}

function Key({
  letter,
  main = false,
  disabled = false,
  onPress,
  children,
}: {
  letter: string;
  main?: boolean;
  disabled?: boolean;
  onPress: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      onClick={onPress}
      disabled={disabled}
      aria-keyshortcuts={letter}
      className={`flex min-h-20 items-center justify-center gap-4 rounded-lg border-2 text-3xl font-semibold disabled:opacity-35 max-md:min-h-16 max-md:text-xl ${
        main ? 'border-chalk bg-chalk text-ink' : 'border-iron-rule bg-iron-light text-chalk'
      }`}
    >
      <kbd
        className={`rounded border-2 px-2 font-sans text-xl max-md:hidden ${main ? 'border-ink' : 'border-chalk-soft'}`}
      >
        {letter}
      </kbd>
      {children}
    </button>
  );
}
