import { useQueryClient } from '@tanstack/react-query';
import { LogOut, UserRound } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api';
import { turnOver, useCook, useMay, whoSays } from '../cook';
import { HandSwitch } from '../people/HandSwitch';
import { useWaiting } from '../stove/outbox';
import { remembered } from '../stove/running';
import { useLeave } from '../parts/Unsaved';
import { t } from '../words/messages';

const ROW = 'flex min-h-12 items-center text-lg font-semibold underline underline-offset-4';

/** Who stands at the tablet, who else can, one's account, and the way out: two touches, with a word while pans are on the fire. */
export function Who() {
  const cook = useCook();
  const may = useMay();
  const client = useQueryClient();
  const leave = useLeave();
  const [open, setOpen] = useState(false);
  const signOut = () => leave(() => void api.signOut().then((session) => turnOver(client, session)));
  const pans = remembered().length;
  const unsent = useWaiting().length;
  const close = () => setOpen(false);

  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className="flex min-h-12 min-w-[min(3rem,48px)] items-center justify-center gap-2 rounded-lg px-2 text-right leading-tight text-ink-soft">
        <UserRound aria-hidden="true" className="size-[min(1.5rem,2.4vw)] shrink-0 text-ink max-md:size-6" />
        <span className="sr-only">{t('shell.who.at-the-tablet')}</span>
        <span className="max-w-[min(11rem,14vw)] min-w-0 truncate max-xl:sr-only">
          {whoSays(cook).name}
          <br />
          <span className="text-sm">{cook.kitchen}</span>
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={6}
          collisionPadding={8}
          className="z-40 max-h-(--radix-popover-content-available-height) w-80 max-w-[calc(100vw-1rem)] overflow-y-auto rounded-lg border-2 border-ink bg-paper p-4 text-lg shadow-lg"
        >
          <p className="font-semibold">{whoSays(cook).name}</p>
          <p className="text-ink-soft">
            {cook.kitchen}
            {cook.hand !== null && t('shell.who.at-the-tablet-of-name', { name: cook.name })}
          </p>
          <HandSwitch cook={cook} onDone={close} />
          {cook.hand === null && (
            <nav aria-label={t('shell.who.account')} className="mt-2 flex gap-6 border-t-2 border-rule pt-1">
              <Link to="/you" onClick={close} className={ROW}>
                {t('common.your-account')}
              </Link>
              {may.kitchen && (
                <Link to="/people" onClick={close} className={ROW}>
                  {t('common.people')}
                </Link>
              )}
            </nav>
          )}
          {pans > 0 && (
            <p className="mt-2 border-t-2 border-tomato pt-2">{t('shell.who.pans-on-the-fire', { pans })}</p>
          )}
          {unsent > 0 && <p className="mt-2 text-tomato">{t('shell.who.touches-unsent', { unsent })}</p>}
          <button
            onClick={signOut}
            className="mt-3 flex min-h-14 w-full items-center justify-center gap-2 rounded-lg border-2 border-ink text-xl font-semibold"
          >
            <LogOut aria-hidden="true" className="size-5" />{' '}
            {pans > 0 || unsent > 0 ? t('shell.who.sign-out-all-the-same') : t('shell.who.sign-out')}
          </button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
