import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, Refusal } from '../api';
import { placeOf } from '../parts/faults';
import { bringArchive, bringCooks, readArchive, type ReadArchive } from './archive';
import { t } from '../words/messages';

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
        words={t('kitchen.bringKitchen.or-bring-a-kitchen-in-from')}
        disabled={bring.isPending}
        onFile={(file) => void readArchive(file).then((archive) => setRead(archive ?? 'none'))}
      />
      {read === 'none' && (
        <p role="alert" className="mt-2 text-lg text-tomato">
          {t('kitchen.bringKitchen.this-is-not-the-archive-of')}{' '}
          <button type="button" onClick={() => setRead(null)} className="min-h-11 font-semibold underline">
            {t('kitchen.bringKitchen.take-another-file')}
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
    <div
      role="group"
      aria-label={t('kitchen.bringKitchen.the-archive')}
      className="mt-3 rounded-lg border-2 border-ink p-4 text-lg"
    >
      <p>
        <b>{house.name}</b>
        {t('kitchen.bringKitchen.length-pans-length2-rings-length3-dishes', {
          length: pans.length,
          length2: burners.length,
          length3: dishes.length,
          toLocaleString: cooks.toLocaleString('en'),
        })}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" onClick={() => onTake(read)} className={`${KEY} bg-ink text-paper`}>
          {house.name === name
            ? t('kitchen.bringKitchen.bring-it-in')
            : t('kitchen.bringKitchen.bring-it-in-and-call-this', { name: house.name })}
        </button>
        {house.name !== name && (
          <button
            type="button"
            onClick={() => onTake({ ...read, head: { ...read.head, house: { ...house, name } } })}
            className={KEY}
          >
            {t('kitchen.bringKitchen.bring-it-in-but-stay-name', { name })}
          </button>
        )}
        <button type="button" onClick={onStop} className={KEY}>
          {t('common.leave-it')}
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
      aria-label={t('kitchen.bringKitchen.an-archive-half-brought-in')}
      className="my-3 rounded-lg border-2 border-tomato p-4 text-lg"
    >
      <p>
        {t('kitchen.bringKitchen.an-archive-is-half-brought-in', {
          toLocaleString: toCome.toLocaleString('en'),
        })}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <FileKey
          words={t('kitchen.bringKitchen.go-on-with-the-same-file')}
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
          {t('kitchen.bringKitchen.empty-the-kitchen-again')}
        </button>
      </div>
      {wrong && (
        <p role="alert" className="mt-2 text-tomato">
          {t('kitchen.bringKitchen.this-is-not-the-archive-of')}
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
            aria-label={t('common.taking-it-in')}
            max={Math.max(1, bring.done.of)}
            value={bring.done.cooks}
            className="h-3 w-56 accent-ink"
          />
          {t('kitchen.bringKitchen.taking-it-in-all-of-it', {
            toLocaleString: bring.done.cooks.toLocaleString('en'),
            toLocaleString2: bring.done.of.toLocaleString('en'),
          })}
        </p>
      )}
      {bring.isError && (
        <div role="alert" className="mt-2 text-lg text-tomato">
          <p>
            {faults.length > 0
              ? t('kitchen.bringKitchen.nothing-was-taken-in')
              : t('kitchen.bringKitchen.it-broke-off-message', { message: bring.error.message })}
          </p>
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
