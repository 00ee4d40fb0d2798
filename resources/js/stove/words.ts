import type { Cook } from '../contracts.generated';
import type { Measure } from '../measure';
import { VERB } from './steps';
import { t } from '../words/messages';

type Touch = NonNullable<Cook['state']['undo']>;

/** A touch as a cook would call it: "pour 90 mL", "heat to medium". */
export function wordsOf(touch: Touch, cook: Cook, { volume }: Measure): string {
  const amount = touch.volume_ml === null ? '' : ` ${volume(touch.volume_ml)}`;
  const stage = touch.stage === null ? undefined : cook.working.plan.stages[touch.stage];
  switch (touch.kind) {
    case 'start':
      return t('common.pan-on-4');
    case 'done':
    case 'pour':
      return `${stage ? VERB[stage.kind].toLowerCase() : 'step'}${amount}`;
    case 'splash':
      return `pour${amount}`;
    case 'lift':
      return t('stove.words.lift-out-amount', { amount });
    case 'heat':
      return t('stove.words.heat-to-setting', { setting: touch.setting ?? '' });
    case 'not-yet':
      return t('common.not-yet');
    case 'trouble':
      return t('stove.words.way-back');
    case 'abandon':
      return t('common.giving-up');
    case 'weigh':
      return 'weighing';
    default:
      return touch.kind;
  }
}
