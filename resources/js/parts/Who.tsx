import { useQueryClient } from '@tanstack/react-query';
import { LogOut, UserRound } from 'lucide-react';
import { Popover } from 'radix-ui';
import { api } from '../api';
import { turnOver, useCook } from '../cook';
import { remembered } from '../stove/running';
import { useLeave } from './Unsaved';

/** Who stands at the tablet, and the way out: two touches, with a word while pans are on the fire. */
export function Who() {
  const cook = useCook();
  const client = useQueryClient();
  const leave = useLeave();
  const signOut = () => leave(() => void api.signOut().then((session) => turnOver(client, session)));
  const pans = remembered().length;

  return (
    <Popover.Root>
      <Popover.Trigger className="flex min-h-12 min-w-12 items-center justify-center gap-2 rounded-lg px-2 text-right leading-tight text-ink-soft">
        <UserRound aria-hidden="true" className="size-6 text-ink" />
        <span className="sr-only">Signed in:</span>
        <span className="max-lg:sr-only">
          {cook.name}
          <br />
          <span className="text-sm">{cook.kitchen}</span>
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={6}
          collisionPadding={8}
          className="z-40 w-80 max-w-[calc(100vw-1rem)] rounded-lg border-2 border-ink bg-paper p-4 text-lg shadow-lg"
        >
          <p className="font-semibold">{cook.name}</p>
          <p className="text-ink-soft">{cook.kitchen}</p>
          {pans > 0 && (
            <p className="mt-2 border-t-2 border-tomato pt-2">
              {pans === 1 ? 'A pan is' : `${pans} pans are`} on the fire here. This tablet stops calling; the
              log goes on.
            </p>
          )}
          <button
            onClick={signOut}
            className="mt-3 flex min-h-14 w-full items-center justify-center gap-2 rounded-lg border-2 border-ink text-xl font-semibold"
          >
            <LogOut aria-hidden="true" className="size-5" /> {pans > 0 ? 'Sign out all the same' : 'Sign out'}
          </button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
