import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Refusal } from '../api';
import type { Kitchen } from '../contracts.generated';
import { useUndo } from './Undo';
import { kitchenChanged } from '../queries';
import { t } from '../words/messages';

/** Deletes something of the kitchen's, by two touches: one wet knuckle must not do it. What was cooked stays in the log. */
export function Retire({
  words,
  name,
  retire,
  undo,
  onDone,
}: {
  words: string;
  /** What is said to be deleted. */
  name: string;
  retire: () => Promise<Kitchen>;
  /** Brings it back; a thing without is gone. */
  undo?: () => Promise<Kitchen>;
  onDone: () => void;
}) {
  const client = useQueryClient();
  const say = useUndo();
  const [sure, setSure] = useState(false);
  const gone = useMutation({
    mutationFn: retire,
    onSuccess: (kitchen) => {
      kitchenChanged(client, kitchen);
      onDone();
      if (undo) {
        say({ words: t('parts.retire.deleted-name', { name }), undo });
      }
    },
    onSettled: () => setSure(false),
  });
  const said = gone.error instanceof Refusal ? gone.error.problem.errors?.[0]?.detail : gone.error?.message;
  return (
    <>
      <button
        type="button"
        disabled={gone.isPending}
        onClick={() => (sure ? gone.mutate() : setSure(true))}
        onBlur={() => setSure(false)}
        data-sure={sure}
        className="min-h-14 rounded-lg border-2 border-tomato px-6 text-xl font-semibold text-tomato data-[sure=true]:bg-tomato data-[sure=true]:text-on-mark"
      >
        {sure ? t('common.touch-again-to-be-sure') : words}
      </button>
      {said && (
        <p role="alert" className="basis-full text-lg text-tomato">
          {t('parts.retire.it-said', { said })}
        </p>
      )}
    </>
  );
}
