import { RadioGroup } from 'radix-ui';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import type { Cook } from '../contracts.generated';
import { platesOf, useMeasure } from '../cook';
import { tint } from '../pictures/browning';
import { Plate } from '../pictures/Plate';
import { Title } from '../parts/Title';
import type { Say } from './say';
import { BITE, SALT_TASTE } from '../words.generated';
import { countdown, useMoment } from '../time';
import { t, type Vocabulary, wordOf } from '../words/messages';
import { takesCrust } from '../pictures/fromPlan';
import { asTyped, MEASURED, Plated, saidOf, typedOf, type Typed } from './Plated';

type Verdict = NonNullable<Cook['state']['verdict']>;

const COLUMNS: Record<number, string> = { 2: 'grid-cols-2', 3: 'grid-cols-3', 4: 'grid-cols-4' };
const CRUSTS = ['pale', 'gold', 'dark', 'burnt'] as const;
const BROWNING: Record<(typeof CRUSTS)[number], number> = { pale: 0.2, gold: 1, dark: 2.5, burnt: 4.5 };

/** What came to the plate: two touches and, if there is something to say, a line; of a pan given up only that. */
export function VerdictForm({ cook, say }: { cook: Cook; say: Say }) {
  return cook.state.status === 'given-up' ? (
    <Note cook={cook} say={say} />
  ) : (
    <PlateForm cook={cook} say={say} />
  );
}

/** How it ended, and the way back from there. */
function Ended({ cook, say }: { cook: Cook; say: Say }) {
  const { ended_by, status } = cook.state;
  const words = status === 'given-up' ? t('stove.verdictForm.given-up') : t('common.at-the-table');
  return (
    <div className="flex flex-wrap items-center justify-between gap-3">
      <Title>{`${words}: ${cook.working.dish.name}`}</Title>
      <h1 className="text-4xl font-bold">{words}</h1>
      {ended_by !== null && (
        <button
          onClick={() => say({ kind: 'undo', event: ended_by })}
          className="min-h-14 rounded-lg border-2 border-iron-rule bg-iron-light px-5 text-xl font-semibold"
        >
          {status === 'given-up'
            ? t('stove.verdictForm.cook-on-after-all')
            : t('stove.verdictForm.not-yet-back-to-the-stove')}
        </button>
      )}
    </div>
  );
}

/** s after its time for which the pan is still asked for. */
const ASKED_FOR = 900;

/** What is left in the pan goes on cooking: out within so long. */
function EmptyThePan({ cook }: { cook: Cook }) {
  const served = cook.state.done.find((one) => one.event === cook.state.ended_by)?.at;
  const within = cook.working.empty_within_min;
  const until = served === undefined || within === undefined ? 0 : Date.parse(served) + within * 60_000;
  const left = useMoment((now) => (until - now) / 1000);
  return left < -ASKED_FOR ? null : (
    <p role="status" className="mt-3 text-2xl">
      <b className="text-saffron">
        {left > 0
          ? t('stove.verdictForm.empty-the-pan-within', { left: countdown(left) })
          : t('stove.verdictForm.empty-the-pan-now')}
      </b>{' '}
      {t('stove.verdictForm.what-is-left-in-it-goes-on-cooking')}
    </p>
  );
}

/** A pan given up has no plate; what was learned is kept all the same. */
function Note({ cook, say }: { cook: Cook; say: Say }) {
  const kept = cook.state.note ?? '';
  const [note, setNote] = useState(kept);
  const same = note.trim() === kept;
  return (
    <main className="flex-1 bg-iron p-6 text-chalk">
      <Ended cook={cook} say={say} />
      <form
        onSubmit={(event) => {
          event.preventDefault();
          say({ kind: 'note', note: note.trim() });
        }}
      >
        <Remember note={note} onChange={setNote} />
        <Kept cook={cook} same={same && kept !== ''} disabled={same} />
      </form>
    </main>
  );
}

function Remember({ note, onChange }: { note: string; onChange: (note: string) => void }) {
  return (
    <label className="mt-6 block text-2xl font-semibold">
      {t('stove.verdictForm.what-to-remember')}
      <input
        value={note}
        maxLength={500}
        onChange={(event) => onChange(event.target.value)}
        className="mt-2 h-16 w-full rounded-lg border-2 border-chalk-soft bg-iron px-4 text-2xl font-normal"
      />
    </label>
  );
}

function Kept({ cook, same, disabled }: { cook: Cook; same: boolean; disabled: boolean }) {
  return (
    <div className="mt-6 flex flex-wrap items-center gap-5">
      <button
        disabled={disabled}
        className="min-h-20 rounded-lg bg-chalk px-10 text-3xl font-semibold text-ink disabled:opacity-40"
      >
        {same ? t('stove.verdictForm.kept-in-the-log') : t('stove.verdictForm.keep-it-in-the-log')}
      </button>
      <Link
        to={`/log/${cook.id}`}
        className="text-2xl font-semibold text-saffron underline underline-offset-4"
      >
        {t('stove.verdictForm.see-it-in-the-log')}
      </Link>
    </div>
  );
}

function PlateForm({ cook, say }: { cook: Cook; say: Say }) {
  const kept = cook.state.verdict;
  const { volume } = useMeasure();
  const [looseness, setLooseness] = useState<Verdict['looseness'] | ''>(kept?.looseness ?? '');
  const [bite, setBite] = useState<Verdict['bite'] | ''>(kept?.bite ?? '');
  const [crust, setCrust] = useState<NonNullable<Verdict['crust']> | ''>(kept?.crust ?? '');
  const [salt, setSalt] = useState<NonNullable<Verdict['salt']> | ''>(kept?.salt ?? '');
  const [note, setNote] = useState(kept?.note ?? '');
  const [measured, setMeasured] = useState<Typed>(() => typedOf(kept));
  const asksCrust = takesCrust(cook.working.plan);
  const same =
    kept !== null &&
    kept.looseness === looseness &&
    kept.bite === bite &&
    (kept.crust ?? '') === crust &&
    (kept.salt ?? '') === salt &&
    kept.note === note &&
    MEASURED.every((name) => asTyped(kept[name]) === measured[name]);
  const words = cook.plates.map((plate) => plate.word);
  const heap = new Map(cook.plates.map((plate) => [plate.word, plate.looseness]));

  return (
    <main className="flex-1 bg-iron p-6 text-chalk">
      <Ended cook={cook} say={say} />
      <EmptyThePan cook={cook} />
      <p className="mt-1 text-2xl text-chalk-soft">
        {t('stove.verdictForm.ask-name-poured-of-stock-poured', {
          ask: platesOf(cook.working.ask),
          name: cook.working.dish.name,
          poured: volume(cook.state.poured_ml),
          stock: volume(cook.working.plan.stock_ml),
        })}
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (looseness !== '' && bite !== '') {
            say({
              kind: 'verdict',
              looseness,
              bite,
              note: note.trim(),
              ...(crust === '' ? {} : { crust }),
              ...(salt === '' ? {} : { salt }),
              ...saidOf(measured),
            });
          }
        }}
      >
        <Answers
          question={t('stove.verdictForm.how-did-it-fall-on-the')}
          vocabulary="looseness"
          answers={words}
          value={looseness}
          onChange={setLooseness}
          columns={COLUMNS[words.length] ?? 'grid-cols-4'}
          picture={(answer) => <Plate family={cook.working.dish.family} looseness={heap.get(answer) ?? 0} />}
        />
        <Answers
          question={t('stove.verdictForm.and-the-bite')}
          vocabulary="bite"
          answers={BITE}
          value={bite}
          onChange={setBite}
          columns="grid-cols-6"
        />
        <Answers
          question={t('stove.verdictForm.and-the-salt')}
          vocabulary="salt_taste"
          answers={SALT_TASTE}
          value={salt}
          onChange={setSalt}
          columns="grid-cols-3"
        />
        {asksCrust && (
          <Answers
            question={t('stove.verdictForm.and-the-crust')}
            vocabulary="browning"
            answers={CRUSTS}
            value={crust}
            onChange={setCrust}
            columns="grid-cols-4"
            picture={(answer) => <Crumb browning={BROWNING[answer]} />}
          />
        )}
        <Plated values={measured} onChange={setMeasured} crust={asksCrust} />
        <Remember note={note} onChange={setNote} />
        <Kept
          cook={cook}
          same={same}
          disabled={looseness === '' || bite === '' || (asksCrust && crust === '') || same}
        />
      </form>
    </main>
  );
}

/** A piece of the floor, as it comes off the pan. */
function Crumb({ browning }: { browning: number }) {
  return (
    <svg viewBox="0 0 120 30" className="mx-auto mb-1 block h-8" aria-hidden="true">
      <path
        d="M8 6 Q60 0 112 7 L108 24 Q60 29 12 23 Z"
        fill={tint(browning)}
        stroke="currentColor"
        strokeWidth="2"
      />
    </svg>
  );
}

interface AnswersProps<T extends string> {
  question: string;
  vocabulary: Vocabulary;
  answers: readonly T[];
  value: string;
  onChange: (answer: T) => void;
  columns: string;
  picture?: (answer: T) => React.ReactNode;
}

function Answers<T extends string>({
  question,
  vocabulary,
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
        onValueChange={(answer) => onChange(answer as T)}
        className={`mt-2 grid gap-3 max-md:grid-cols-2 ${columns}`}
      >
        {answers.map((answer) => (
          <RadioGroup.Item
            key={answer}
            value={answer}
            className="min-h-20 rounded-lg border-2 border-iron-rule bg-iron-light p-2 text-2xl font-semibold data-[state=checked]:border-saffron data-[state=checked]:bg-saffron data-[state=checked]:text-ink"
          >
            {picture?.(answer)}
            {wordOf(vocabulary, answer)}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </>
  );
}
