import { AlertDialog } from 'radix-ui';
import { t } from '../words/messages';

/** Before a pan is given up: it stays in the log with what was poured. */
export function GiveUp({ onGiveUp, onClose }: { onGiveUp: () => void; onClose: () => void }) {
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && onClose()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-30 bg-black/60" />
        <AlertDialog.Content className="fixed inset-x-0 bottom-0 z-40 mx-auto max-w-3xl rounded-t-2xl border-2 border-b-0 border-chalk bg-iron p-6 text-chalk">
          <AlertDialog.Title className="text-3xl font-semibold">
            {t('stove.giveUp.give-this-pan-up')}
          </AlertDialog.Title>
          <AlertDialog.Description className="mt-2 text-2xl text-chalk-soft">
            {t('stove.giveUp.it-stays-in-the-log-with')}
          </AlertDialog.Description>
          <div className="mt-5 grid grid-cols-2 gap-3">
            <AlertDialog.Cancel className="min-h-20 rounded-lg bg-chalk text-3xl font-semibold text-ink">
              {t('stove.giveUp.cook-on')}
            </AlertDialog.Cancel>
            <AlertDialog.Action
              onClick={onGiveUp}
              className="min-h-20 rounded-lg bg-tomato text-3xl font-semibold text-white"
            >
              {t('stove.giveUp.give-it-up')}
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
