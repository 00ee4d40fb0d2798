import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
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
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-black/60" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-40 mx-auto max-h-[94dvh] max-w-5xl overflow-y-auto rounded-t-2xl border-2 border-b-0 border-chalk bg-iron p-6 text-chalk max-md:p-4"
        >
          <div className="flex items-start justify-between gap-4">
            <Dialog.Title className="text-[min(1.875rem,6vw)] leading-tight font-semibold">
              {title}
            </Dialog.Title>
            <Dialog.Close className="min-h-12 shrink-0 rounded-lg border-2 border-iron-rule bg-iron-light px-5 text-xl font-semibold">
              {t('common.back')}
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
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
  onAnswer,
}: {
  answers: readonly { value: T; words: string; note?: string }[];
  columns: string;
  now?: string | undefined;
  onAnswer: (value: T) => void;
}) {
  useKeys((key) => {
    const answer = answers[Number(key) - 1];
    return answer && (() => onAnswer(answer.value));
  });

  return (
    <div className={`mt-4 grid gap-3 max-md:grid-cols-2 ${columns}`}>
      {answers.map(({ value, words, note }, index) => (
        <button
          key={value}
          aria-keyshortcuts={String(index + 1)}
          aria-pressed={now === undefined ? undefined : now === value}
          onClick={() => onAnswer(value)}
          className="min-h-24 rounded-lg border-2 border-iron-rule bg-iron-light px-3 py-2 text-2xl leading-tight font-semibold aria-pressed:border-saffron aria-pressed:bg-saffron aria-pressed:text-ink max-md:min-h-20 max-md:text-xl"
        >
          <kbd className="mr-2 rounded border-2 border-current px-1.5 align-middle font-sans text-base opacity-70 max-md:hidden">
            {index + 1}
          </kbd>
          {words}
          {note && <span className="block text-lg font-normal opacity-80">{note}</span>}
        </button>
      ))}
    </div>
  );
}
