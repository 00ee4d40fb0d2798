import { AlertDialog, Dialog } from 'radix-ui';
import type { ReactNode, RefObject } from 'react';

/* What is laid over a screen and dims it: on paper away from the fire, on iron at the stove. */

const GROUND = {
  paper: 'border-ink bg-paper',
  iron: 'border-chalk bg-iron text-chalk',
};

const PLACE = {
  right: 'inset-y-0 right-0 w-full max-w-xl overflow-y-auto border-l-2 p-6 max-md:p-4',
  bottom:
    'inset-x-0 bottom-0 mx-auto max-h-[94dvh] overflow-y-auto rounded-t-2xl border-2 border-b-0 p-6 max-md:p-4',
  middle: 'top-1/2 left-1/2 w-[min(30rem,calc(100vw-2rem))] -translate-1/2 rounded-lg border-2 p-6',
};

type Ground = keyof typeof GROUND;

/** One thing to write or to choose; closed by its key, by Escape or by a touch beside it. */
export function Over({
  title,
  ground,
  close,
  first,
  onClose,
  children,
}: {
  title: string;
  ground: Ground;
  /** What has the focus at first; else the first key. */
  first?: RefObject<HTMLElement | null>;
  /** The key that closes it. */
  close: ReactNode;
  onClose: () => void;
  children: ReactNode;
}) {
  const paper = ground === 'paper';
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-black/50" />
        <Dialog.Content
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            if (first?.current) {
              event.preventDefault();
              first.current.focus();
            }
          }}
          className={`fixed z-40 ${GROUND[ground]} ${paper ? PLACE.right : `${PLACE.bottom} max-w-5xl`}`}
        >
          <div className={`flex items-start justify-between gap-4 ${paper ? 'mb-4' : ''}`}>
            <Dialog.Title
              className={
                paper ? 'text-3xl font-bold' : 'text-[min(1.875rem,6vw)] leading-tight font-semibold'
              }
            >
              {title}
            </Dialog.Title>
            <Dialog.Close asChild>{close}</Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** A question before something is lost: to stay is the first key. */
export function Question({
  open = true,
  ground,
  title,
  text,
  stay,
  go,
  onStay,
  onGo,
}: {
  open?: boolean;
  ground: Ground;
  title: string;
  text: string;
  stay: string;
  go: string;
  onStay: () => void;
  onGo: () => void;
}) {
  const paper = ground === 'paper';
  const key = `flex-1 rounded-lg px-5 font-semibold ${paper ? 'min-h-14 text-xl' : 'min-h-20 text-3xl'}`;
  return (
    <AlertDialog.Root open={open}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-50 bg-black/50" />
        <AlertDialog.Content
          onEscapeKeyDown={onStay}
          className={`fixed z-50 ${GROUND[ground]} ${paper ? PLACE.middle : `${PLACE.bottom} max-w-3xl`}`}
        >
          <AlertDialog.Title className={paper ? 'text-2xl font-bold' : 'text-3xl font-semibold'}>
            {title}
          </AlertDialog.Title>
          <AlertDialog.Description className={paper ? 'mt-1 text-lg' : 'mt-2 text-2xl text-chalk-soft'}>
            {text}
          </AlertDialog.Description>
          <div className="mt-5 flex flex-wrap gap-3">
            <AlertDialog.Cancel
              onClick={onStay}
              className={`${key} ${paper ? 'bg-ink text-paper' : 'bg-chalk text-ink'}`}
            >
              {stay}
            </AlertDialog.Cancel>
            <AlertDialog.Action
              onClick={onGo}
              className={`${key} ${paper ? 'border-2 border-ink' : 'bg-tomato text-on-mark'}`}
            >
              {go}
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
