import { Question } from '../parts/Over';
import { t } from '../words/messages';

/** Before a pan is given up: it stays in the log with what was poured. */
export function GiveUp({ onGiveUp, onClose }: { onGiveUp: () => void; onClose: () => void }) {
  return (
    <Question
      ground="iron"
      title={t('stove.giveUp.give-this-pan-up')}
      text={t('stove.giveUp.it-stays-in-the-log-with')}
      stay={t('stove.giveUp.cook-on')}
      go={t('stove.giveUp.give-it-up')}
      onStay={onClose}
      onGo={onGiveUp}
    />
  );
}
