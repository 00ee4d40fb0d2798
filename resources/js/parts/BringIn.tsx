import { useMutation } from '@tanstack/react-query';
import { useRef } from 'react';
import { Refusal } from '../api';
import { placeOf } from './faults';
import { t } from '../words/messages';

/** A file from this device, read and handed on; what is wrong with it is said by field. */
export function BringIn<A>({
  words,
  accept,
  bring,
  onBrought,
}: {
  words: string;
  accept: string;
  bring: (text: string) => Promise<A>;
  onBrought: (answer: A) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const read = useMutation({ mutationFn: bring, onSuccess: onBrought });
  const faults = read.error instanceof Refusal ? (read.error.problem.errors ?? []) : [];
  return (
    <div>
      <button
        type="button"
        disabled={read.isPending}
        onClick={() => input.current?.click()}
        className="min-h-14 rounded-lg border-2 border-ink px-6 text-lg font-semibold"
      >
        {words}
      </button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={words}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void file.text().then((text) => read.mutate(text));
        }}
      />
      {read.isPending && (
        <p role="status" className="mt-2 flex items-center gap-3 text-lg">
          <progress aria-label={t('common.taking-it-in')} className="h-3 w-40 accent-ink" />{' '}
          {t('parts.bringIn.taking-it-in-all-of-it')}
        </p>
      )}
      {read.isError && (
        <div role="alert" className="mt-2 text-lg text-tomato">
          <p className="font-semibold">{t('parts.bringIn.nothing-was-taken-in')}</p>
          <ul className="list-disc pl-5">
            {faults.slice(0, 8).map((fault) => (
              <li key={`${fault.pointer} ${fault.detail}`}>
                {placeOf(fault.pointer)} {fault.detail}
              </li>
            ))}
            {faults.length === 0 && <li>{read.error.message}</li>}
          </ul>
        </div>
      )}
    </div>
  );
}
