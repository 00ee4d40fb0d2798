import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, Refusal } from '../api';
import type { Address } from './things';

/** Takes a thing out of the kitchen; what was cooked with it stays in the log. */
export function Retire({ address, id, onDone }: { address: Address; id: number; onDone: () => void }) {
  const client = useQueryClient();
  const retire = useMutation({
    mutationFn: () => api.retireThing(address, id),
    onSuccess: (kitchen) => {
      client.setQueryData(['kitchen'], kitchen);
      onDone();
    },
  });
  const said =
    retire.error instanceof Refusal ? retire.error.problem.errors?.[0]?.detail : retire.error?.message;
  return (
    <>
      <button
        type="button"
        onClick={() => retire.mutate()}
        className="min-h-14 rounded-lg border-2 border-tomato px-6 text-xl font-semibold text-tomato"
      >
        Take it out
      </button>
      {said && (
        <p role="alert" className="basis-full text-lg text-tomato">
          It {said}.
        </p>
      )}
    </>
  );
}
