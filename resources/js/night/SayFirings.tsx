import { Check, CircleQuestionMark, LoaderCircle, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { useKeys } from '../parts/useKeys';
import { useTyped } from '../parts/Unsaved';
import { t } from '../words/messages';
import { ManyTickets } from './ManyTickets';
import { Candidates } from './Reading';
import type { Nightly } from './useNight';
import { useTickets, type Row, type Said, type Ticket } from './useTickets';

/** A ticket on one line, or many pasted or from a file; N goes to the line. */
export function SayFirings({ day, nightly }: { day: string; nightly: Nightly }) {
  const [text, setText] = useState('');
  useTyped(text !== '');
  const [many, setMany] = useState<{ text: string; rows: Row[] } | null>(null);
  const line = useRef<HTMLInputElement>(null);
  const { tickets, busy, say, sayAgain, take, leave, putAll } = useTickets(day, nightly, (text, read) =>
    setMany({ text, rows: read.rows }),
  );
  useKeys((key) => (key === 'n' ? () => line.current?.focus() : undefined), many === null);

  return (
    <>
      <form
        className="flex min-w-0 flex-1 gap-2 max-xl:basis-full max-md:flex-wrap"
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() !== '') {
            say(text.trim());
            setText('');
          }
        }}
      >
        <input
          ref={line}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onPaste={(event) => {
            const pasted = event.clipboardData.getData('text');
            if (pasted.trim().includes('\n')) {
              event.preventDefault();
              say(pasted);
            }
          }}
          aria-label={t('night.a-firing')}
          placeholder={t('night.as-it-is-called')}
          autoComplete="off"
          maxLength={400}
          className="h-14 min-w-0 flex-1 rounded-lg border-2 border-ink-soft bg-field px-3 text-xl max-md:basis-full"
        />
        <button
          disabled={text.trim() === ''}
          className="min-h-14 rounded-lg bg-ink px-5 text-xl font-semibold text-paper disabled:opacity-50"
        >
          {t('night.put-on')}
        </button>
        <button
          type="button"
          onClick={() => setMany({ text: '', rows: [] })}
          className="min-h-14 rounded-lg border-2 border-ink px-4 text-lg font-semibold"
        >
          {t('night.many')}
        </button>
      </form>
      <div id="night-said" role="status" aria-busy={busy} className="basis-full">
        <ol className="grid gap-1">
          {tickets.map((ticket) => (
            <OneTicket
              key={ticket.id}
              ticket={ticket}
              onTake={(said) => take(ticket.id, said)}
              onChange={(text) => sayAgain(ticket.id, text)}
              onLeave={() => leave(ticket.id)}
            />
          ))}
        </ol>
      </div>
      {many && (
        <ManyTickets
          day={day}
          begin={many}
          onPut={async (entries) => {
            await putAll(entries);
            setMany(null);
          }}
          onClose={() => setMany(null)}
        />
      )}
    </>
  );
}

const KEY = 'min-h-12 rounded-lg border-2 border-ink-soft px-3 text-base font-semibold';

/** A ticket that was typed: still read, put on, asked about, or refused with why. */
function OneTicket({
  ticket: { text, is },
  onTake,
  onChange,
  onLeave,
}: {
  ticket: Ticket;
  onTake: (said: Said) => void;
  onChange: (text: string) => void;
  onLeave: () => void;
}) {
  const [changed, setChanged] = useState<string | null>(null);
  if (is.state === 'waiting') {
    return (
      <li className="flex items-center gap-2 text-base text-ink-soft">
        <LoaderCircle
          aria-hidden="true"
          className="size-5 shrink-0 animate-spin motion-reduce:animate-none"
        />
        {text}
      </li>
    );
  }
  if (is.state === 'put') {
    return (
      <li className="flex items-center gap-2 text-base">
        <Check aria-hidden="true" className="size-5 shrink-0 text-herb" />
        <b>{is.words}</b>
      </li>
    );
  }
  return (
    <li className="flex flex-wrap items-center gap-2 rounded-lg border-2 border-tomato bg-field p-2 text-lg leading-tight">
      <span className="flex min-w-0 items-center gap-2 max-md:basis-full">
        {is.state === 'asked' ? (
          <CircleQuestionMark aria-hidden="true" className="size-6 shrink-0 text-tomato" />
        ) : (
          <X aria-hidden="true" className="size-6 shrink-0 text-tomato" />
        )}
        <span className="min-w-0 break-words">
          {t('night.ticket-said', { text })} <b>{is.state === 'asked' ? is.asks.question : is.why}</b>
        </span>
      </span>
      {is.state === 'asked' && <Candidates asks={is.asks} onTake={onTake} />}
      {changed === null ? (
        <button type="button" onClick={() => setChanged(text)} className={KEY}>
          {t('night.ticket-change')}
        </button>
      ) : (
        <form
          className="flex min-w-0 flex-1 gap-2 max-md:basis-full"
          onSubmit={(event) => {
            event.preventDefault();
            if (changed.trim() !== '') {
              setChanged(null);
              onChange(changed.trim());
            }
          }}
        >
          <input
            autoFocus
            value={changed}
            onChange={(event) => setChanged(event.target.value)}
            aria-label={t('night.ticket-change')}
            autoComplete="off"
            maxLength={400}
            className="h-12 min-w-0 flex-1 rounded-lg border-2 border-ink-soft px-3 text-lg"
          />
          <button className="min-h-12 rounded-lg bg-ink px-4 text-lg font-semibold text-paper">
            {t('night.put-on')}
          </button>
        </form>
      )}
      <button type="button" onClick={onLeave} className={KEY}>
        {t('night.ticket-leave')}
      </button>
    </li>
  );
}
