import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Toast } from 'radix-ui';
import { createContext, useContext, useState } from 'react';
import { Refusal } from '../api';
import type { Kitchen } from '../contracts.generated';
import { kitchenChanged } from '../queries';
import { t } from '../words/messages';

/** ms for which what was deleted can be had back by a touch. */
const A_WHILE = 60_000;

interface Deleted {
  words: string;
  undo: () => Promise<Kitchen>;
}

const Context = createContext<(deleted: Deleted) => void>(() => undefined);

/** Says that something was deleted, with the way back. */
export const useUndo = () => useContext(Context);

export function Undoing({ children }: { children: React.ReactNode }) {
  const client = useQueryClient();
  const [deleted, setDeleted] = useState<Deleted | null>(null);
  const back = useMutation({
    mutationFn: (one: Deleted) => one.undo(),
    onSuccess: (kitchen) => {
      kitchenChanged(client, kitchen);
      setDeleted(null);
    },
  });
  const refused =
    back.error instanceof Refusal ? back.error.problem.errors?.[0]?.detail : back.error?.message;
  return (
    <Context
      value={(one) => {
        back.reset();
        setDeleted(one);
      }}
    >
      <Toast.Provider label={t('parts.undo.said')} duration={A_WHILE} swipeDirection="down">
        {children}
        {deleted && (
          <Toast.Root
            key={deleted.words}
            open
            onOpenChange={(open) => !open && setDeleted(null)}
            className="flex items-center gap-4 rounded-lg bg-ink p-2 pl-5 text-lg text-paper"
          >
            <Toast.Title className="min-w-0 flex-1">
              {deleted.words}
              {refused && <b className="block text-saffron">{t('parts.undo.it-refused', { refused })}</b>}
            </Toast.Title>
            <Toast.Action asChild altText={t('common.undo')}>
              <button
                onClick={(event) => {
                  event.preventDefault(); // it stays until it is back
                  back.mutate(deleted);
                }}
                disabled={back.isPending}
                className="min-h-12 rounded-md border-2 border-paper px-5 font-semibold"
              >
                {t('common.undo')}
              </button>
            </Toast.Action>
          </Toast.Root>
        )}
        <Toast.Viewport
          label={t('parts.undo.said')}
          className="fixed bottom-4 left-1/2 z-50 w-[min(34rem,calc(100vw-2rem))] -translate-x-1/2 max-md:bottom-[calc(var(--rail)+1rem)]"
        />
      </Toast.Provider>
    </Context>
  );
}
