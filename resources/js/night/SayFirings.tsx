import { useMutation } from '@tanstack/react-query';
import { Check, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { api, Refusal } from '../api';
import type { FiringEntry, FiringsRead, Night } from '../contracts.generated';
import { useCook } from '../cook';
import { BringIn } from '../parts/BringIn';
import { Sheet } from '../parts/Sheet';
import { useKeys } from '../parts/useKeys';
import { clock, clockWords } from '../time';
import { t } from '../words/messages';
import { firingWords, sizes } from './shape';
import type { Nightly } from './useNight';

type Row = FiringsRead['rows'][number];

/** A firing on one line, or many pasted or from a file; N goes to the line. */
export function SayFirings({ day, nightly }: { day: string; nightly: Nightly }) {
  const { timezone } = useCook();
  const [text, setText] = useState('');
  const [rows, setRows] = useState<{ text: string; read: FiringsRead } | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const line = useRef<HTMLInputElement>(null);
  useKeys((key) => (key === 'n' ? () => line.current?.focus() : undefined), rows === null);

  const put = async (entries: FiringEntry[]) => {
    const before = new Set((nightly.night.data?.firings ?? []).map(({ id }) => id));
    const night = await nightly.put(entries);
    setSaid(newWords(night, before, timezone));
  };
  const say = useMutation({
    mutationFn: async (typed: string) => {
      const read = await api.readFirings(day, typed);
      const [only] = read.rows;
      if (read.as === 'lines' && read.rows.length === 1 && only) {
        if (only.entry === null) {
          return only.fault;
        }
        await put([only.entry]);
        setText('');
        return null;
      }
      setRows({ text: typed, read });
      return null;
    },
  });
  const fault =
    say.data ??
    (say.error instanceof Refusal
      ? (say.error.problem.errors?.[0]?.detail ?? say.error.message)
      : say.error?.message);

  return (
    <div className="min-w-0 flex-1 max-md:basis-full">
      <form
        className="flex gap-2 max-md:flex-wrap"
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() !== '') say.mutate(text);
        }}
      >
        <input
          ref={line}
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            say.reset();
            setSaid(null);
          }}
          onPaste={(event) => {
            const pasted = event.clipboardData.getData('text');
            if (pasted.trim().includes('\n')) {
              event.preventDefault();
              say.mutate(pasted);
            }
          }}
          aria-label={t('night.a-firing')}
          aria-invalid={Boolean(fault)}
          aria-describedby="night-said"
          placeholder={t('night.as-it-is-called')}
          autoComplete="off"
          maxLength={400}
          className="h-14 min-w-0 flex-1 rounded-lg border-2 border-ink-soft bg-white px-3 text-xl aria-invalid:border-tomato"
        />
        <button
          disabled={say.isPending || text.trim() === ''}
          className="min-h-14 rounded-lg bg-ink px-5 text-xl font-semibold text-paper disabled:opacity-50"
        >
          {t('night.put-on')}
        </button>
        <button
          type="button"
          onClick={() =>
            setRows({ text: '', read: { format: 'velko.firings-read/1', as: 'lines', rows: [] } })
          }
          className="min-h-14 rounded-lg border-2 border-ink px-4 text-lg font-semibold"
        >
          {t('night.many')}
        </button>
      </form>
      <p id="night-said" role="status" className="min-h-7 text-base">
        {fault ? <span className="text-tomato">{fault}</span> : <b>{said}</b>}
      </p>
      {rows && (
        <Many
          day={day}
          begin={rows}
          onPut={async (entries) => {
            await put(entries);
            setRows(null);
            setText('');
          }}
          onClose={() => setRows(null)}
        />
      )}
    </div>
  );
}

/** What was put on and when it will be there: nobody who came unannounced is told less. */
function newWords(night: Night, before: Set<number>, timezone: string): string {
  const come = night.firings.filter(({ id }) => !before.has(id));
  const [only] = come;
  return come.length === 1 && only
    ? only.there_at === null
      ? t('night.there-not', { firing: firingWords(only) })
      : t('night.there-at', { firing: firingWords(only), at: clock(only.there_at, timezone) })
    : t('night.so-many-put-on', { firings: come.length });
}

/** Many lines at once: what each was read as, what is wrong with which. */
function Many({
  day,
  begin,
  onPut,
  onClose,
}: {
  day: string;
  begin: { text: string; read: FiringsRead };
  onPut: (entries: FiringEntry[]) => Promise<void>;
  onClose: () => void;
}) {
  const [text, setText] = useState(begin.text);
  const [rows, setRows] = useState<Row[]>(begin.read.rows);
  const read = useMutation({
    mutationFn: (typed: string) => api.readFirings(day, typed),
    onSuccess: (answer) => setRows(answer.rows),
  });
  const put = useMutation({ mutationFn: onPut });
  const good = rows.flatMap((row) => (row.entry === null ? [] : [row.entry]));
  const refused = put.error instanceof Refusal ? put.error.problem.errors?.[0]?.detail : put.error?.message;
  return (
    <Sheet title={t('night.many-firings')} onClose={onClose}>
      <p className="text-lg text-ink-soft">{t('night.a-line-each-or')}</p>
      <textarea
        value={text}
        aria-label={t('night.firings')}
        rows={6}
        onChange={(event) => {
          setText(event.target.value);
          setRows([]);
        }}
        className="mt-2 w-full rounded-lg border-2 border-ink-soft bg-white p-3 text-lg"
      />
      <div className="mt-2 flex flex-wrap gap-3">
        <button
          disabled={read.isPending || text.trim() === ''}
          onClick={() => read.mutate(text)}
          className="min-h-14 rounded-lg border-2 border-ink px-5 text-lg font-semibold disabled:opacity-50"
        >
          {t('night.read-them')}
        </button>
        <BringIn
          words={t('night.from-a-file')}
          accept=".csv,.ics,.txt,text/csv,text/calendar,text/plain"
          bring={(file) => {
            setText(file);
            return api.readFirings(day, file);
          }}
          onBrought={(answer) => setRows(answer.rows)}
        />
      </div>
      <ol className="mt-4 grid gap-1">
        {rows.map((row) => (
          <li key={row.row} className="flex gap-2 border-t border-rule py-1.5 text-lg leading-tight">
            {row.entry === null ? (
              <X aria-hidden="true" className="mt-0.5 size-5 shrink-0 text-tomato" />
            ) : (
              <Check aria-hidden="true" className="mt-0.5 size-5 shrink-0 text-herb" />
            )}
            <span className="min-w-0">
              {row.entry === null ? (
                <>
                  <span className="break-words">{t('night.row-text', { row: row.row, text: row.text })}</span>
                  <b role="alert" className="block text-tomato">
                    {row.fault}
                  </b>
                </>
              ) : (
                t('night.row-read', {
                  at: row.entry.table_at === null ? t('night.soon') : clockWords(row.entry.table_at),
                  sizes: sizes({ covers: row.entry.covers, starters: row.entry.starters ?? 0 }),
                  dish: row.dish,
                  label: row.entry.label,
                  has: row.entry.label ? 1 : 0,
                })
              )}
            </span>
          </li>
        ))}
      </ol>
      {refused && (
        <p role="alert" className="mt-2 text-lg text-tomato">
          {refused}
        </p>
      )}
      {rows.length > 0 && (
        <button
          disabled={put.isPending || good.length === 0}
          onClick={() => put.mutate(good)}
          className="mt-4 min-h-14 w-full rounded-lg bg-ink px-6 text-xl font-semibold text-paper disabled:opacity-50"
        >
          {t('night.put-so-many-on', { firings: good.length, faults: rows.length - good.length })}
        </button>
      )}
    </Sheet>
  );
}
