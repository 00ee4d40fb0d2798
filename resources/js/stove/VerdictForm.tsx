import { RadioGroup } from 'radix-ui';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import type { Cook } from '../contracts.generated';
import { millilitres } from '../measure';
import { Plate } from '../pictures/Plate';
import type { Say } from './say';

const LOOSENESS = ['stands', 'slow slump', 'wave', 'very loose'] as const;
const BITES = ['hard heart', 'crunchy', 'firm heart', 'right', 'soft', 'mush'] as const;
const SPREAD: Record<(typeof LOOSENESS)[number], number> = {
  stands: 0.45,
  'slow slump': 0.65,
  wave: 0.85,
  'very loose': 1.1,
};

/** What came to the plate: two touches and, if there is something to say, a line. */
export function VerdictForm({ cook, say }: { cook: Cook; say: Say }) {
  const kept = cook.state.verdict;
  const [looseness, setLooseness] = useState<string>(kept?.looseness ?? '');
  const [bite, setBite] = useState<string>(kept?.bite ?? '');
  const [note, setNote] = useState(kept?.note ?? '');
  const same = kept !== null && kept.looseness === looseness && kept.bite === bite && kept.note === note;

  return (
    <main className="flex-1 bg-iron p-6 text-chalk">
      <h1 className="text-4xl font-bold">{cook.state.status === 'given-up' ? 'Given up' : 'At the table'}</h1>
      <p className="mt-1 text-2xl text-chalk-soft">
        {cook.working.ask.covers} × {cook.working.dish.name}: {millilitres(cook.state.poured_ml)} of stock
        poured, {millilitres(cook.working.plan.stock_ml)} planned
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          say({ kind: 'verdict', looseness, bite, note: note.trim() });
        }}
      >
        <Answers
          question="How did it fall on the plate?"
          answers={LOOSENESS}
          value={looseness}
          onChange={setLooseness}
          columns="grid-cols-4"
          picture={(answer) => <Plate looseness={SPREAD[answer]} />}
        />
        <Answers
          question="And the bite?"
          answers={BITES}
          value={bite}
          onChange={setBite}
          columns="grid-cols-6"
        />
        <label className="mt-6 block text-2xl font-semibold">
          What to remember
          <input
            value={note}
            maxLength={500}
            onChange={(event) => setNote(event.target.value)}
            className="mt-2 h-16 w-full rounded-lg border-2 border-chalk-soft bg-iron px-4 text-2xl font-normal"
          />
        </label>
        <div className="mt-6 flex flex-wrap items-center gap-5">
          <button
            disabled={looseness === '' || bite === '' || same}
            className="min-h-20 rounded-lg bg-chalk px-10 text-3xl font-semibold text-ink disabled:opacity-40"
          >
            {same ? 'Kept in the log' : 'Keep it in the log'}
          </button>
          <Link
            to={`/log/${cook.id}`}
            className="text-2xl font-semibold text-saffron underline underline-offset-4"
          >
            See it in the log
          </Link>
        </div>
      </form>
    </main>
  );
}

interface AnswersProps<T extends string> {
  question: string;
  answers: readonly T[];
  value: string;
  onChange: (answer: string) => void;
  columns: string;
  picture?: (answer: T) => React.ReactNode;
}

function Answers<T extends string>({
  question,
  answers,
  value,
  onChange,
  columns,
  picture,
}: AnswersProps<T>) {
  const id = useId();
  return (
    <>
      <h2 className="mt-6 text-2xl font-semibold" id={id}>
        {question}
      </h2>
      <RadioGroup.Root
        aria-labelledby={id}
        value={value}
        onValueChange={onChange}
        className={`mt-2 grid gap-3 max-md:grid-cols-2 ${columns}`}
      >
        {answers.map((answer) => (
          <RadioGroup.Item
            key={answer}
            value={answer}
            className="min-h-20 rounded-lg border-2 border-iron-rule bg-iron-light p-2 text-2xl font-semibold data-[state=checked]:border-saffron data-[state=checked]:bg-saffron data-[state=checked]:text-ink"
          >
            {picture?.(answer)}
            {answer}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </>
  );
}
