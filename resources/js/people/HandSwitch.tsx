import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Delete } from 'lucide-react';
import { useState } from 'react';
import { api, Refusal } from '../api';
import type { Session } from '../contracts.generated';
import type { SignedInCook } from '../cook';
import { readerChanged } from '../queries';
import { useFlush } from '../stove/outbox';
import { t } from '../words/messages';
import { PasswordAsked } from './PasswordAsked';

const DIGITS = 4;

/** Who stands at this tablet now: a name, and its PIN. */
export function HandSwitch({ cook, onDone }: { cook: SignedInCook; onDone: () => void }) {
  const client = useQueryClient();
  const [person, setPerson] = useState<{ id: number; name: string } | null>(null);
  const [password, setPassword] = useState(false);
  const flush = useFlush();
  const kept = (session: Session) => {
    readerChanged(client, session);
    onDone();
  };
  const back = useMutation({
    mutationFn: (typed: string) => flush().then(() => api.giveTabletBack(typed)),
    onSuccess: kept,
  });
  const others = cook.hands.filter((one) => one.id !== (cook.hand?.id ?? cook.id));
  if (others.length === 0 && cook.hand === null) {
    return null;
  }
  if (password) {
    return (
      <div className="mt-3 border-t-2 border-rule pt-1">
        <PasswordAsked
          label={t('people.handSwitch.password-of-name', { name: cook.name })}
          act={t('people.handSwitch.take-the-tablet')}
          isPending={back.isPending}
          fault={back.error}
          onPassword={back.mutate}
          onBack={() => setPassword(false)}
        />
      </div>
    );
  }
  if (person) {
    return (
      <Pin
        person={person}
        onKept={kept}
        onBack={() => setPerson(null)}
        onPassword={person.id === cook.id ? () => setPassword(true) : undefined}
      />
    );
  }
  return (
    <div className="mt-3 grid gap-2 border-t-2 border-rule pt-3">
      <p className="text-base text-ink-soft">{t('people.handSwitch.who-is-cooking')}</p>
      {cook.hand !== null && (
        <button
          onClick={() => (cook.has_pin ? setPerson({ id: cook.id, name: cook.name }) : setPassword(true))}
          className="min-h-14 rounded-lg border-2 border-ink text-xl font-semibold"
        >
          {t('people.handSwitch.name-whose-tablet-it-is', { name: cook.name })}
        </button>
      )}
      <div className="grid grid-cols-2 gap-2">
        {others
          .filter((one) => one.id !== cook.id)
          .map((one) => (
            <button
              key={one.id}
              onClick={() => setPerson(one)}
              className="min-h-14 rounded-lg border-2 border-ink px-2 text-xl font-semibold"
            >
              {one.name}
            </button>
          ))}
      </div>
    </div>
  );
}

function Pin({
  person,
  onKept,
  onBack,
  onPassword,
}: {
  person: { id: number; name: string };
  onKept: (session: Session) => void;
  onBack: () => void;
  /** Where it is their tablet: the password does it too. */
  onPassword: (() => void) | undefined;
}) {
  const flush = useFlush();
  const [typed, setTyped] = useState('');
  const ask = useMutation({
    mutationFn: (pin: string) => flush().then(() => api.hand(person.id, pin)),
    onSuccess: onKept,
    onError: () => setTyped(''),
  });
  const take = (next: string) => {
    const digits = next.replace(/\D/g, '').slice(0, DIGITS);
    setTyped(digits);
    if (digits.length === DIGITS && !ask.isPending) {
      ask.mutate(digits);
    }
  };
  const refused = ask.error instanceof Refusal ? ask.error.problem : null;
  return (
    <div className="mt-3 grid gap-2 border-t-2 border-rule pt-3">
      <label className="grid gap-1 text-base text-ink-soft">
        {t('people.handSwitch.pin-of-name', { name: person.name })}
        <input
          autoFocus
          type="password"
          inputMode="numeric"
          autoComplete="off"
          value={typed}
          onChange={(event) => take(event.target.value)}
          className="h-14 w-full rounded-lg border-2 border-ink bg-field text-center text-3xl tracking-[0.5em] text-ink"
        />
      </label>
      {ask.isError && (
        <p role="alert" className="text-lg text-tomato">
          {refused?.status === 429
            ? t('people.handSwitch.too-many-tries-wait-a-little')
            : refused
              ? t('people.handSwitch.that-is-not-the-pin')
              : t('people.handSwitch.the-kitchen-cannot-be-reached-a')}
        </p>
      )}
      <div className="grid grid-cols-3 gap-2">
        {['1', '2', '3', '4', '5', '6', '7', '8', '9', '', '0'].map((digit) =>
          digit === '' ? (
            <button key="back" onClick={onBack} className="min-h-14 rounded-lg border-2 border-rule text-lg">
              {t('common.back')}
            </button>
          ) : (
            <button
              key={digit}
              onClick={() => take(typed + digit)}
              className="min-h-14 rounded-lg border-2 border-ink text-2xl font-semibold"
            >
              {digit}
            </button>
          ),
        )}
        <button
          aria-label={t('people.handSwitch.one-digit-back')}
          onClick={() => setTyped(typed.slice(0, -1))}
          className="grid min-h-14 place-content-center rounded-lg border-2 border-rule"
        >
          <Delete aria-hidden="true" />
        </button>
      </div>
      {onPassword && (
        <button onClick={onPassword} className="min-h-12 text-lg underline underline-offset-4">
          {t('people.handSwitch.with-the-password')}
        </button>
      )}
    </div>
  );
}
