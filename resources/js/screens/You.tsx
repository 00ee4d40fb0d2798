import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { api } from '../api';
import type { Session } from '../contracts.generated';
import { turnOver, useCook, type SignedInCook } from '../cook';
import { Entry } from '../parts/Entry';
import { Field, Pick } from '../parts/Field';
import { Title } from '../parts/Title';
import { roleWords } from '../people/words';
import { readerChanged } from '../queries';

/** One's own account: name, address, units and clock; password, PIN, and the way out of every tablet. */
export function You() {
  const cook = useCook();
  if (cook.hand !== null) {
    return (
      <main className="p-8 text-lg">
        <Title>Your account</Title>
        This tablet belongs to {cook.name}. Accounts are changed by whoever signed in.
      </main>
    );
  }
  return (
    <main className="flex-1 px-5 py-3 max-md:px-3">
      <Title>Your account</Title>
      <h1 className="text-3xl font-bold">Your account</h1>
      <p className="text-lg text-ink-soft">
        {roleWords(cook.role)} in {cook.kitchen}
      </p>
      <div className="mt-3 grid grid-cols-3 gap-10 max-lg:grid-cols-1">
        <Account cook={cook} />
        <Part title="Password">
          <NewPassword />
          <Everywhere />
        </Part>
        <Part title="PIN for a shared tablet">
          <Pin cook={cook} />
        </Part>
      </div>
    </main>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title}>
      <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">{title}</h2>
      <div className="mt-3 grid gap-6">{children}</div>
    </section>
  );
}

function useKept() {
  const client = useQueryClient();
  return (session: Session) => {
    readerChanged(client, session);
  };
}

const Saved = ({ said }: { said: string | null }) =>
  said && (
    <p role="status" className="text-lg text-herb">
      {said}
    </p>
  );

function Account({ cook }: { cook: SignedInCook }) {
  const kept = useKept();
  const [said, setSaid] = useState<string | null>(null);
  return (
    <Part title="You">
      <Entry
        key={said}
        values={{
          format: 'velko.me/1',
          name: cook.name,
          email: cook.email,
          units: cook.own_units ?? '',
          clock: cook.clock ?? '',
          password: '',
        }}
        save={({ password, ...me }) => api.keepMe(password === '' ? me : { ...me, password })}
        onSaved={(session) => {
          kept(session);
          setSaid('Saved.');
        }}
      >
        <Field name="name" label="Name" maxLength={120} />
        <Field name="email" label="E-mail" kind="email" />
        <Pick
          name="units"
          label="Amounts are in"
          orNull
          options={[
            ['', 'what the kitchen has'],
            ['metric', 'grams, millilitres, °C'],
            ['us', 'ounces, cups, quarts, °F'],
          ]}
        />
        <Pick
          name="clock"
          label="Clocks show"
          orNull
          options={[
            ['', 'what this browser has'],
            ['24', '19:40'],
            ['12', '7:40 PM'],
          ]}
        />
        <Field
          name="password"
          label="Your password"
          kind="password"
          known
          hint="Only where the e-mail changes."
        />
      </Entry>
      <Saved said={said} />
    </Part>
  );
}

function NewPassword() {
  const kept = useKept();
  const [times, setTimes] = useState(0);
  return (
    <>
      <Entry
        key={times}
        values={{ format: 'velko.new-password/1', password: '', new_password: '' }}
        words="Change it"
        save={api.newPassword}
        onSaved={(session) => {
          kept(session);
          setTimes(times + 1);
        }}
      >
        <Field name="password" label="The one until now" kind="password" known />
        <Field
          name="new_password"
          label="The new one"
          kind="password"
          hint="Ten letters or more. Every other tablet is signed out."
        />
      </Entry>
      <Saved said={times > 0 ? 'Changed. Other tablets are signed out.' : null} />
    </>
  );
}

function Everywhere() {
  const client = useQueryClient();
  const [sure, setSure] = useState(false);
  const out = useMutation({
    mutationFn: api.signOutEverywhere,
    onSuccess: (session) => turnOver(client, session),
  });
  return (
    <button
      data-sure={sure}
      onClick={() => (sure ? out.mutate() : setSure(true))}
      onBlur={() => setSure(false)}
      className="min-h-14 rounded-lg border-2 border-ink px-6 text-lg font-semibold data-[sure=true]:bg-ink data-[sure=true]:text-paper"
    >
      {sure ? 'Touch again: this tablet too' : 'Sign out everywhere'}
    </button>
  );
}

function Pin({ cook }: { cook: SignedInCook }) {
  const kept = useKept();
  const [said, setSaid] = useState<string | null>(null);
  return (
    <>
      <p className="text-lg text-ink-soft">
        Four digits say that you stand at a tablet somebody else signed in at. They open no account.
        {cook.has_pin && ' You have one.'}
      </p>
      <Entry
        key={said}
        values={{ format: 'velko.pin/1', password: '', pin: '' }}
        words={cook.has_pin ? 'Another PIN' : 'Set it'}
        save={(entry) => api.pin(entry.pin === '' ? { ...entry, pin: null } : entry)}
        onSaved={(session) => {
          kept(session);
          setSaid(session.cook?.has_pin ? `Set. It works from now on.` : 'Taken away.');
        }}
      >
        <Field name="pin" label="PIN" kind="password" digits hint="Empty takes it away." />
        <Field name="password" label="Your password" kind="password" known />
      </Entry>
      <Saved said={said} />
    </>
  );
}
