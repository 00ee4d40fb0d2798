import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, Refusal } from '../api';
import { placeOf } from '../parts/faults';
import { bringArchive, bringCooks, readArchive, type ReadArchive } from './archive';

const KEY = 'min-h-14 rounded-lg border-2 border-ink px-5 text-lg font-semibold';

/** A kitchen whole, from its archive; what it would do to this one is asked first. */
export function BringKitchen({ name }: { name: string }) {
  const [read, setRead] = useState<ReadArchive | 'none' | null>(null);
  const bring = useBringing(bringArchive, () => setRead(null));
  const take = (archive: ReadArchive) => {
    setRead(null);
    bring.mutate(archive);
  };
  return (
    <div>
      <FileKey
        words="Or bring a kitchen in from its archive"
        disabled={bring.isPending}
        onFile={(file) => void readArchive(file).then((archive) => setRead(archive ?? 'none'))}
      />
      {read === 'none' && (
        <p role="alert" className="mt-2 text-lg text-tomato">
          This is not the archive of a kitchen.{' '}
          <button type="button" onClick={() => setRead(null)} className="min-h-11 font-semibold underline">
            Take another file
          </button>
        </p>
      )}
      {read !== null && read !== 'none' && (
        <Ask read={read} name={name} onTake={take} onStop={() => setRead(null)} />
      )}
      <Progress bring={bring} />
    </div>
  );
}

function Ask({
  read,
  name,
  onTake,
  onStop,
}: {
  read: ReadArchive;
  name: string;
  onTake: (read: ReadArchive) => void;
  onStop: () => void;
}) {
  const { house, pans, burners, dishes, cooks } = read.head;
  return (
    <div role="group" aria-label="The archive" className="mt-3 rounded-lg border-2 border-ink p-4 text-lg">
      <p>
        <b>{house.name}</b>: {pans.length} pans, {burners.length} rings, {dishes.length} dishes,{' '}
        {cooks.toLocaleString('en')} pans in its log. Its height, clock, units and food code come with it.
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" onClick={() => onTake(read)} className={`${KEY} bg-ink text-paper`}>
          {house.name === name ? 'Bring it in' : `Bring it in, and call this kitchen ${house.name}`}
        </button>
        {house.name !== name && (
          <button
            type="button"
            onClick={() => onTake({ ...read, head: { ...read.head, house: { ...house, name } } })}
            className={KEY}
          >
            Bring it in, but stay {name}
          </button>
        )}
        <button type="button" onClick={onStop} className={KEY}>
          Leave it
        </button>
      </div>
    </div>
  );
}

/** An archive that was broken off: on with the same file, or empty again. */
export function BrokenOff({ toCome }: { toCome: number }) {
  const client = useQueryClient();
  const [wrong, setWrong] = useState(false);
  const bring = useBringing(bringCooks, () => setWrong(false));
  const stop = useMutation({
    mutationFn: api.bringNothing,
    onSuccess: () => client.invalidateQueries(),
  });
  return (
    <section
      role="status"
      aria-label="An archive half brought in"
      className="my-3 rounded-lg border-2 border-tomato p-4 text-lg"
    >
      <p>An archive is half brought in: {toCome.toLocaleString('en')} pans of its log are still to come.</p>
      <div className="mt-3 flex flex-wrap gap-3">
        <FileKey
          words="Go on with the same file"
          disabled={bring.isPending}
          onFile={(file) =>
            void readArchive(file).then((archive) =>
              archive === null ? setWrong(true) : bring.mutate(archive),
            )
          }
        />
        <button
          type="button"
          disabled={stop.isPending || bring.isPending}
          onClick={() => stop.mutate()}
          className={KEY}
        >
          Empty the kitchen again
        </button>
      </div>
      {wrong && (
        <p role="alert" className="mt-2 text-tomato">
          This is not the archive of a kitchen.
        </p>
      )}
      <Progress bring={bring} />
    </section>
  );
}

function useBringing(
  way: (archive: ReadArchive, onProgress: (done: number) => void) => Promise<void>,
  onBrought: () => void,
) {
  const client = useQueryClient();
  const [done, setDone] = useState<{ cooks: number; of: number } | null>(null);
  const bring = useMutation({
    mutationFn: (archive: ReadArchive) => {
      const of = archive.head.cooks;
      setDone({ cooks: 0, of });
      return way(archive, (cooks) => setDone({ cooks, of }));
    },
    onSuccess: onBrought,
    onSettled: () => client.invalidateQueries(),
  });
  return { ...bring, done };
}

function Progress({ bring }: { bring: ReturnType<typeof useBringing> }) {
  const faults = bring.error instanceof Refusal ? (bring.error.problem.errors ?? []) : [];
  return (
    <>
      {bring.isPending && bring.done && (
        <p role="status" className="mt-2 flex flex-wrap items-center gap-3 text-lg">
          <progress
            aria-label="Taking it in"
            max={Math.max(1, bring.done.of)}
            value={bring.done.cooks}
            className="h-3 w-56 accent-ink"
          />
          Taking it in, all of it or nothing: {bring.done.cooks.toLocaleString('en')} of{' '}
          {bring.done.of.toLocaleString('en')} pans
        </p>
      )}
      {bring.isError && (
        <div role="alert" className="mt-2 text-lg text-tomato">
          <p>{faults.length > 0 ? 'Nothing was taken in:' : `It broke off: ${bring.error.message}`}</p>
          <ul className="list-disc pl-6">
            {faults.slice(0, 6).map((fault) => (
              <li key={fault.pointer + fault.detail}>
                {placeOf(fault.pointer)} {fault.detail}
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

function FileKey({
  words,
  disabled,
  onFile,
}: {
  words: string;
  disabled: boolean;
  onFile: (file: File) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" disabled={disabled} onClick={() => input.current?.click()} className={KEY}>
        {words}
      </button>
      <input
        ref={input}
        type="file"
        accept=".gz,.jsonl,.json,application/gzip,application/json"
        aria-label={words}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) {
            onFile(file);
          }
        }}
      />
    </>
  );
}
