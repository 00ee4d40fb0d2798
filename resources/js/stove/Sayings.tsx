import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { Answers, Drawer } from './Drawer';
import type { Say } from './say';
import { stageOf } from './steps';
import { SALT_TASTE } from '../words.generated';
import { t, wordOf } from '../words/messages';

/** No ring has a mark without a name. */
const OFF = '';

interface Props {
  cook: Cook;
  say: Say;
  onClose: () => void;
}

const TASTES = [
  { value: 'crunchy', words: t('stove.sayings.crunchy') },
  { value: 'nearly', words: t('stove.sayings.nearly') },
  { value: 'right', words: t('stove.sayings.right') },
  { value: 'soft', words: t('common.soft') },
] as const;

/** A grain out of the pan. */
export function Taste({ say, onClose }: Props) {
  return (
    <Drawer title={t('stove.sayings.what-does-the-tooth-say')} onClose={onClose}>
      <Answers
        answers={TASTES}
        columns="grid-cols-4"
        onAnswer={(taste) => {
          onClose();
          say({ kind: 'taste', taste });
        }}
      />
      <h3 className="mt-5 mb-2 text-2xl font-semibold">{t('stove.sayings.and-the-tongue-of-the-salt')}</h3>
      <Answers
        answers={SALT_TASTE.map((salt) => ({ value: salt, words: wordOf('salt_taste', salt) }))}
        columns="grid-cols-3"
        from={TASTES.length + 1}
        onAnswer={(salt) => {
          onClose();
          say({ kind: 'taste', salt });
        }}
      />
    </Drawer>
  );
}

/** The knob, where it was turned to; or the pan, taken off it before the plan says so. */
export function Heat({ cook, say, onClose }: Props) {
  const { power } = useMeasure();
  const marks = cook.working.burner.marks;
  const off = stageOf(cook, 'off');
  return (
    <Drawer
      title={t('stove.sayings.name-was-turned-to', { name: cook.working.burner.name })}
      onClose={onClose}
    >
      <Answers
        answers={[
          ...marks.map((mark) => ({
            value: mark.mark,
            words: mark.mark,
            note: `${(mark.source ?? (mark.measured ? 'measured' : 'guessed')) === 'guessed' ? '≈ ' : ''}${power(mark.net_w)}`,
          })),
          ...(off !== null && cook.state.first_liquid_at !== null
            ? [
                {
                  value: OFF,
                  words: t('common.off-the-heat'),
                  note: t('stove.sayings.whatever-is-left-undone'),
                },
              ]
            : []),
        ]}
        columns="grid-cols-3"
        now={cook.forecast?.setting ?? cook.working.burner.mark}
        onAnswer={(mark) => {
          onClose();
          say(mark === OFF && off !== null ? { kind: 'done', stage: off } : { kind: 'heat', mark });
        }}
      />
    </Drawer>
  );
}

/** What was seen or heard: a rough weighing. */
export function Signs({ cook, say, onClose }: Props) {
  return (
    <Drawer title={t('stove.sayings.what-do-you-see-or-hear')} onClose={onClose}>
      <Answers
        answers={cook.signs.map((sign) => ({ value: sign, words: wordOf('sign', sign) }))}
        columns="grid-cols-3"
        onAnswer={(sign) => {
          onClose();
          say({ kind: 'sign', sign });
        }}
      />
    </Drawer>
  );
}
