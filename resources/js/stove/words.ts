import type { Cook } from '../contracts.generated';
import type { Measure } from '../measure';
import { VERB } from './steps';

type Touch = NonNullable<Cook['state']['undo']>;

/** A touch as a cook would call it: "pour 90 mL", "heat to medium". */
export function wordsOf(touch: Touch, cook: Cook, { volume }: Measure): string {
  const amount = touch.volume_ml === null ? '' : ` ${volume(touch.volume_ml)}`;
  const stage = touch.stage === null ? undefined : cook.working.plan.stages[touch.stage];
  switch (touch.kind) {
    case 'start':
      return 'pan on';
    case 'done':
    case 'pour':
      return `${stage ? VERB[stage.kind].toLowerCase() : 'step'}${amount}`;
    case 'splash':
      return `pour${amount}`;
    case 'lift':
      return `lift out${amount}`;
    case 'heat':
      return `heat to ${touch.setting ?? ''}`;
    case 'not-yet':
      return 'not yet';
    case 'trouble':
      return 'way back';
    case 'abandon':
      return 'giving up';
    case 'weigh':
      return 'weighing';
    default:
      return touch.kind;
  }
}
