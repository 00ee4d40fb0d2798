import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { useLeave } from './Unsaved';
import { t } from '../words/messages';

/** A sheet of paper laid over the right of the screen, to write one thing on. */
export function Sheet({
  title,
  onClose,
  children,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
}) {
  const leave = useLeave();
  return (
    <Dialog.Root open onOpenChange={(open) => !open && leave(onClose)}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-black/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-y-0 right-0 z-40 w-full max-w-xl overflow-y-auto border-l-2 border-ink bg-paper p-6 max-md:p-4"
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Dialog.Title className="text-3xl font-bold">{title}</Dialog.Title>
            <Dialog.Close
              aria-label={t('parts.sheet.close')}
              className="grid size-14 shrink-0 place-content-center rounded-lg border-2 border-ink"
            >
              <X aria-hidden="true" />
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
