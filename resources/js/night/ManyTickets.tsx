import { useMutation } from '@tanstack/react-query';
import { Check, CircleQuestionMark, X } from 'lucide-react';
import { useState } from 'react';
import { api, Refusal } from '../api';
import type { FiringEntry, FiringsRead } from '../contracts.generated';
import { BringIn } from '../parts/BringIn';
import { Sheet } from '../parts/Sheet';
import { t } from '../words/messages';
import { Candidates, readWords } from './Reading';
import type { Row } from './useTickets';

/** Many lines at once: how each was understood, what is asked about it, or what is wrong with it. */
export function ManyTickets({
  day,
  begin,
  onPut,
  onClose,
}: {
  day: string;
  begin: { text: string; rows: Row[] };
  onPut: (entries: FiringEntry[]) => Promise<void>;
  onClose: () => void;
}) {
  const [text, setText] = useState(begin.text);
  const [rows, setRows] = useState(begin.rows);
  const [taken, setTaken] = useState<Record<number, number>>({});
  const show = (read: FiringsRead) => {
    setRows(read.rows);
    setTaken({});
  };
  const read = useMutation({ mutationFn: (typed: string) => api.readFirings(day, typed), onSuccess: show });
  const put = useMutation({ mutationFn: onPut });
  const saidBy = (row: Row) =>
    row.asks === null ? row.firings : (row.asks.candidates[taken[row.row] ?? -1] ?? []);
  const entries = rows.flatMap((row) => saidBy(row).map(({ entry }) => entry));
  const open = rows.filter((row) => saidBy(row).length === 0).length;
  const error = put.error ?? read.error;
  const refused =
    error instanceof Refusal ? (error.problem.errors?.[0]?.detail ?? error.message) : error?.message;
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
        className="mt-2 w-full rounded-lg border-2 border-ink-soft bg-field p-3 text-lg"
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
          onBrought={show}
        />
      </div>
      <ol className="mt-4 grid gap-1">
        {rows.map((row) => (
          <li key={row.row} className="flex gap-2 border-t border-rule py-1.5 text-lg leading-tight">
            <Mark isRead={saidBy(row).length > 0} isAsked={row.asks !== null} />
            <span className="min-w-0">
              {row.asks === null && row.fault === null ? (
                readWords(row.firings)
              ) : (
                <>
                  <span className="break-words">{t('night.row-text', { row: row.row, text: row.text })}</span>
                  <b role={row.fault === null ? undefined : 'alert'} className="block text-tomato">
                    {row.fault ?? row.asks?.question}
                  </b>
                  {row.asks && (
                    <span className="mt-1 block">
                      <Candidates
                        asks={row.asks}
                        chosen={taken[row.row] ?? -1}
                        onTake={(_, at) => setTaken((all) => ({ ...all, [row.row]: at }))}
                      />
                    </span>
                  )}
                </>
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
          disabled={put.isPending || entries.length === 0}
          onClick={() => put.mutate(entries)}
          className="mt-4 min-h-14 w-full rounded-lg bg-ink px-6 text-xl font-semibold text-paper disabled:opacity-50"
        >
          {t('night.put-so-many-on', { firings: entries.length, faults: open })}
        </button>
      )}
    </Sheet>
  );
}

function Mark({ isRead, isAsked }: { isRead: boolean; isAsked: boolean }) {
  const shape = 'mt-0.5 size-5 shrink-0';
  if (isRead) {
    return <Check aria-hidden="true" className={`${shape} text-herb`} />;
  }
  return isAsked ? (
    <CircleQuestionMark aria-hidden="true" className={`${shape} text-tomato`} />
  ) : (
    <X aria-hidden="true" className={`${shape} text-tomato`} />
  );
}
