import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, Refusal } from '../api';
import type { PaperLine, PaperRead } from '../contracts.generated';
import { Select, type Option } from '../parts/Select';
import { Title } from '../parts/Title';
import { t } from '../words/messages';

type Column = keyof PaperRead['columns'];

const COLUMNS: readonly (readonly [Column, string])[] = [
  ['on', t('paper.day')],
  ['at', t('paper.time')],
  ['dish', t('common.dish')],
  ['covers', t('common.covers')],
  ['pan', t('common.pan')],
  ['burner', t('weeks.ring')],
  ['stock', t('paper.stock-used')],
  ['late', t('paper.minutes-late')],
  ['looseness', t('paper.fell')],
  ['bite', t('common.bite')],
  ['waste', t('paper.waste')],
  ['by', t('paper.who')],
  ['note', t('log.note')],
];

const KEY = 'min-h-14 rounded-lg border-2 border-ink px-6 text-lg font-semibold disabled:opacity-40';

/** A log that was kept on paper, typed into a table: its columns matched, each fault on its row, kept all of it or nothing. */
export function PaperLog() {
  const client = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const [text, setText] = useState('');
  const read = useMutation({
    mutationFn: ({ table, columns }: { table: string; columns: PaperRead['columns'] | null }) =>
      api.readPaper(table, columns),
  });
  const keep = useMutation({
    mutationFn: api.keepPaper,
    onSuccess: () => {
      setText('');
      read.reset();
      void client.invalidateQueries({ queryKey: ['log'] });
      void client.invalidateQueries({ queryKey: ['weeks'] });
    },
  });
  const answer = read.data;
  const lines = answer?.rows.flatMap(({ line }) => (line === null ? [] : [line])) ?? [];
  const faulty = answer?.rows.filter(({ line }) => line === null) ?? [];
  const wrong = read.error ?? keep.error;
  const look = (table: string, columns: PaperRead['columns'] | null = null) => {
    keep.reset();
    read.mutate({ table, columns });
  };
  return (
    <main className="mx-auto w-full max-w-6xl flex-1 px-5 py-3">
      <Title>{t('log.from-paper')}</Title>
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-3xl font-bold">{t('paper.a-log-from-paper')}</h1>
        <Link to="/log" className={`flex items-center ${KEY}`}>
          {t('taught.to-the-log')}
        </Link>
      </div>
      <p className="mt-1 text-lg text-ink-soft">{t('paper.how')}</p>
      <label className="mt-3 block text-lg">
        {t('paper.the-table')}
        <textarea
          value={text}
          onChange={(event) => setText(event.target.value)}
          rows={answer ? 3 : 8}
          spellCheck={false}
          placeholder={t('paper.like-this')}
          className="mt-1 w-full rounded-lg border-2 border-ink-soft bg-field p-3 font-mono text-base"
        />
      </label>
      <div className="mt-2 flex flex-wrap gap-3">
        <button className={KEY} disabled={text.trim() === '' || read.isPending} onClick={() => look(text)}>
          {t('paper.read-it')}
        </button>
        <button className={KEY} onClick={() => input.current?.click()}>
          {t('paper.a-file')}
        </button>
        <input
          ref={input}
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          aria-label={t('paper.a-file')}
          tabIndex={-1}
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            if (file) {
              void file.text().then((table) => {
                setText(table);
                look(table);
              });
            }
          }}
        />
      </div>
      {keep.isSuccess && (
        <p role="status" className="mt-3 text-xl font-semibold text-herb">
          {t('paper.kept', { cooks: keep.data.kept })}
        </p>
      )}
      {wrong !== null && <Wrong error={wrong} />}
      {answer && !keep.isSuccess && (
        <>
          <Match answer={answer} onMatch={(columns) => look(text, columns)} />
          {answer.missing.length > 0 ? (
            <p role="alert" className="mt-3 text-xl text-tomato">
              {t('paper.say-which', {
                columns: answer.missing.map((one) => COLUMNS.find(([name]) => name === one)?.[1]).join(', '),
              })}
            </p>
          ) : (
            <>
              <div className="mt-4 flex flex-wrap items-center gap-4">
                <p className="mr-auto text-xl">
                  <b>{t('paper.so-many-lines', { lines: lines.length })}</b>
                  {faulty.length > 0 && (
                    <span className="text-tomato">
                      {' '}
                      {t('paper.so-many-faulty', { lines: faulty.length })}
                    </span>
                  )}
                </p>
                <button
                  className="min-h-14 rounded-lg bg-ink px-6 text-xl font-semibold text-paper disabled:opacity-40"
                  disabled={lines.length === 0 || faulty.length > 0 || keep.isPending}
                  onClick={() => keep.mutate(lines)}
                >
                  {t('paper.keep-them')}
                </button>
              </div>
              <Rows rows={faulty.length > 0 ? faulty : answer.rows} />
            </>
          )}
        </>
      )}
    </main>
  );
}

function Wrong({ error }: { error: Error }) {
  const faults = error instanceof Refusal ? (error.problem.errors ?? []) : [];
  return (
    <ul role="alert" className="mt-3 text-lg text-tomato">
      {faults.slice(0, 8).map((one) => (
        <li key={`${one.pointer} ${one.detail}`}>
          {one.pointer} {one.detail}
        </li>
      ))}
      {faults.length === 0 && (
        <li>{error instanceof Refusal ? error.message : t('common.the-kitchen-cannot-be-reached')}</li>
      )}
    </ul>
  );
}

/** Which column of the table is which. */
function Match({ answer, onMatch }: { answer: PaperRead; onMatch: (columns: PaperRead['columns']) => void }) {
  const options: Option[] = [
    ['', t('paper.not-in-it')],
    ...answer.names.map((name, at): Option => [String(at), name === '' ? String(at + 1) : name]),
  ];
  return (
    <section aria-label={t('paper.columns')} className="mt-4">
      <h2 className="border-b-2 border-ink text-xl font-bold">{t('paper.columns')}</h2>
      <div className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(180px,1fr))] gap-3">
        {COLUMNS.map(([name, label]) => (
          <div key={name}>
            <p className="text-base text-ink-soft first-letter:uppercase">{label}</p>
            <Select
              label={label}
              value={String(answer.columns[name] ?? '')}
              options={options}
              onChange={(at) => onMatch({ ...answer.columns, [name]: at === '' ? null : Number(at) })}
            />
          </div>
        ))}
      </div>
    </section>
  );
}

function Rows({ rows }: { rows: PaperRead['rows'] }) {
  return (
    <ul className="mt-2">
      {rows.slice(0, 200).map(({ row, text, line, faults }) => (
        <li
          key={row}
          className="grid grid-cols-[3rem_minmax(0,1fr)] gap-x-3 border-t border-rule py-1.5 text-lg"
        >
          <b className="text-right text-ink-soft">{row}</b>
          <span className="min-w-0">
            <span className="block truncate">{line === null ? text : saidOf(line, text)}</span>
            {faults.map((fault) => (
              <span key={`${fault.column} ${fault.why}`} className="block text-tomato">
                {COLUMNS.find(([name]) => name === fault.column)?.[1] ?? fault.column}: {fault.why}
              </span>
            ))}
          </span>
        </li>
      ))}
    </ul>
  );
}

const saidOf = ({ on, at }: PaperLine, text: string): string => `${on} ${at ?? ''} · ${text}`;
