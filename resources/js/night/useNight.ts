import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, Refusal, type AsTyped } from '../api';
import type { FiringEntry, Night, NightEntry } from '../contracts.generated';
import { queries } from '../queries';

/** A second tablet sees the same night so soon, ms. */
const EVERY_MS = 10_000;

/** A night, and what changes it; each answer is the night as it is then. */
export function useNight(day: string) {
  const client = useQueryClient();
  const night = useQuery({ ...queries.night(day), refetchInterval: EVERY_MS });
  const came = (answer: Night) => {
    client.setQueryData(queries.night(day).queryKey, answer);
    void client.invalidateQueries(queries.nights);
  };
  const change = useMutation({
    mutationFn: (make: () => Promise<Night>) => make(),
    onMutate: () => client.cancelQueries(queries.night(day)),
    onSuccess: came,
    // Where somebody changed it meanwhile, that is looked at.
    onError: () => client.invalidateQueries(queries.night(day)),
  });
  return {
    night,
    came,
    busy: change.isPending,
    /** What was last refused, in words. */
    refused: refusedWords(change.error),
    /** For whoever need not know what came of it: what was refused stands on the screen. */
    quietly: (change: Promise<unknown>): Promise<void> =>
      change.then(
        () => undefined,
        () => undefined,
      ),
    keep: (firings: { id: number; tag: string | undefined; entry: AsTyped<FiringEntry> }[]) =>
      change.mutateAsync(async () => {
        let answer: Night | null = null;
        for (const { id, tag, entry } of firings) {
          answer = await api.keepFiring(id, entry, tag);
        }
        return answer ?? api.night(day);
      }),
    strike: (id: number) => change.mutateAsync(() => api.strikeFiring(id)),
    man: (entry: AsTyped<NightEntry>, tag?: string) =>
      change.mutateAsync(() => api.manNight(day, entry, tag)),
    look: () => client.invalidateQueries(queries.night(day)),
    copy: (from: string) => change.mutateAsync(() => api.copyNight(day, from)),
  };
}

function refusedWords(error: Error | null): string | null {
  return error instanceof Refusal
    ? (error.problem.errors?.map((one) => one.detail).join('; ') ?? error.message)
    : (error?.message ?? null);
}

export type Nightly = ReturnType<typeof useNight>;

/** How a night is manned, as it stands. */
export const manned = (night: Night): NightEntry => ({
  format: 'velko.night-entry/1',
  hands: night.hands,
  taken: night.taken,
  wash_min: night.wash_min,
  merge: night.merge,
});
