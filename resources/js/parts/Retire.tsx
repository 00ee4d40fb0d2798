import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Refusal } from '../api';
import type { Kitchen } from '../contracts.generated';

/** Takes something off the kitchen's shelves, by two touches: one wet knuckle must not do it. What was cooked stays in the log. */
export function Retire({
  words,
  retire,
  onDone,
}: {
  words: string;
  retire: () => Promise<Kitchen>;
  onDone: () => void;
}) {
  const client = useQueryClient();
  const [sure, setSure] = useState(false);
  const gone = useMutation({
    mutationFn: retire,
    onSuccess: (kitchen) => {
      client.setQueryData(['kitchen'], kitchen);
      onDone();
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
        className="min-h-14 rounded-lg border-2 border-tomato px-6 text-xl font-semibold text-tomato data-[sure=true]:bg-tomato data-[sure=true]:text-white"
      >
        {sure ? 'Touch again to be sure' : words}
      </button>
      {said && (
        <p role="alert" className="basis-full text-lg text-tomato">
          It {said}.
        </p>
      )}
    </>
  );
}
