import type { ReactNode } from 'react';
import { Over } from '../parts/Over';
import { useKeys } from '../parts/useKeys';
import { t } from '../words/messages';

/** What is asked at the stove, from the bottom of the screen: large, and closed by a touch beside it or Escape. */
export function Drawer({
  title,
  onClose,
  children,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
}) {
  const close = (
    <button className="min-h-12 shrink-0 rounded-lg border-2 border-iron-rule bg-iron-light px-5 text-xl font-semibold">
      {t('common.back')}
    </button>
  );
  return (
    <Over title={title} ground="iron" close={close} onClose={onClose}>
      {children}
    </Over>
  );
}

/** Under a form in a drawer: kept as typed. */
export function Foot({ words, fits }: { words: string; fits: boolean }) {
  return (
    <button
      disabled={!fits}
      className="mt-3 min-h-20 w-full rounded-lg bg-chalk text-3xl font-semibold text-ink disabled:opacity-40"
    >
      {words}
    </button>
  );
}

/** Large answers in a row, each with the key that gives it. */
export function Answers<T extends string>({
  answers,
  columns,
  now,
  from = 1,
  onAnswer,
}: {
  answers: readonly { value: T; words: string; note?: string }[];
  columns: string;
  now?: string | undefined;
  /** Digit of the first answer, where another question stands before it. */
  from?: number;
  onAnswer: (value: T) => void;
}) {
  useKeys((key) => {
    const answer = answers[Number(key) - from];
    return answer && (() => onAnswer(answer.value));
  });

  return (
    <div className={`mt-4 grid gap-3 max-md:grid-cols-2 ${columns}`}>
      {answers.map(({ value, words, note }, index) => (
        <button
          key={value}
          aria-keyshortcuts={String(from + index)}
          aria-pressed={now === undefined ? undefined : now === value}
          onClick={() => onAnswer(value)}
          className="min-h-24 rounded-lg border-2 border-iron-rule bg-iron-light px-3 py-2 text-2xl leading-tight font-semibold aria-pressed:border-saffron aria-pressed:bg-saffron aria-pressed:text-ink max-md:min-h-20 max-md:text-xl"
        >
          <kbd className="mr-2 rounded border-2 border-current px-1.5 align-middle font-sans text-base opacity-70 max-md:hidden">
            {from + index}
          </kbd>
          {words}
          {note && <span className="block text-lg font-normal opacity-80">{note}</span>}
        </button>
      ))}
    </div>
  );
}
