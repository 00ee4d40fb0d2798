import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { t } from '../words/messages';
import { Over } from './Over';
import { useLeave } from './Unsaved';

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
  const close = (
    <button
      aria-label={t('parts.sheet.close')}
      className="grid size-14 shrink-0 place-content-center rounded-lg border-2 border-ink"
    >
      <X aria-hidden="true" />
    </button>
  );
  return (
    <Over title={title} ground="paper" close={close} onClose={() => leave(onClose)}>
      {children}
    </Over>
  );
}
