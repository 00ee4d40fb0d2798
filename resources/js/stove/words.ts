import { verbOf } from '../stages';
import type { Cook } from '../contracts.generated';
import type { Measure } from '../measure';
import { t } from '../words/messages';
import type { Touch } from './say';

type Said = NonNullable<Cook['state']['undo']>;

/** What kind of touch it is. */
export const CALLED: Record<Touch['kind'], string> = {
  start: t('common.pan-on-4'),
  done: t('stove.notKept.a-step'),
  pour: t('stove.notKept.a-pour'),
  splash: t('stove.notKept.an-extra-pour'),
  lift: t('stove.notKept.liquid-lifted-out'),
  heat: t('stove.notKept.the-heat'),
  lid: t('stove.notKept.the-lid'),
  sign: t('stove.notKept.a-sign'),
  'not-yet': t('common.not-yet'),
  taste: t('stove.notKept.a-taste'),
  weigh: t('stove.notKept.a-weighing'),
  beside: t('stove.notKept.a-work-beside-the-pan'),
  trouble: t('stove.notKept.a-way-back'),
  undo: t('stove.notKept.undo'),
  verdict: t('stove.notKept.the-verdict'),
  'back-on': t('stove.words.back-on-the-heat'),
  abandon: t('common.giving-up'),
  note: t('stove.notKept.a-note'),
};

/** A touch as a cook would call it: "pour 90 mL", "heat to medium". */
export function wordsOf(touch: Said, cook: Cook, { volume }: Measure): string {
  const amount = touch.volume_ml === null ? '' : volume(touch.volume_ml);
  const stage = touch.stage === null ? undefined : cook.working.plan.stages[touch.stage];
  switch (touch.kind) {
    case 'start':
      return t('common.pan-on-4');
    case 'done':
    case 'pour':
      return t('stove.words.step-amount', {
        step: stage ? verbOf(stage).toLowerCase() : CALLED.done,
        amount,
      }).trim();
    case 'splash':
      return t('stove.words.pour-amount', { amount });
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
    default:
      return CALLED[touch.kind as Touch['kind']];
  }
}
