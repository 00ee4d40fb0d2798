import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { api } from '../api';
import type { Session } from '../contracts.generated';
import { turnOver, useCook, type SignedInCook } from '../cook';
import { Entry } from '../parts/Entry';
import { Field, Pick } from '../parts/Field';
import { Title } from '../parts/Title';
import { LookIntoYourMail } from '../people/LookIntoYourMail';
import { roleWords } from '../people/words';
import { readerChanged } from '../queries';
import { t } from '../words/messages';

/** One's own account: name, address, units and clock; password, PIN, and the way out of every tablet. */
export function You() {
  const cook = useCook();
  if (cook.hand !== null) {
    return (
      <main className="p-8 text-lg">
        <Title>{t('common.your-account')}</Title>
        {t('screens.you.this-tablet-belongs-to-name-accounts', { name: cook.name })}
      </main>
    );
  }
  return (
    <main className="flex-1 px-5 py-3 max-md:px-3">
      <Title>{t('common.your-account')}</Title>
      <h1 className="text-3xl font-bold">{t('common.your-account')}</h1>
      <p className="text-lg text-ink-soft">
        {t('screens.you.role-in-kitchen', { role: roleWords(cook.role), kitchen: cook.kitchen })}
      </p>
      <div className="mt-3 grid grid-cols-3 gap-10 max-lg:grid-cols-1">
        <Account cook={cook} />
        <Part title={t('common.password')}>
          <NewPassword />
          <Everywhere />
        </Part>
        <Part title={t('screens.you.pin-for-a-shared-tablet')}>
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
  const [mailed, setMailed] = useState(false);
  return (
    <Part title={t('screens.you.you')}>
      <Entry
        key={said}
        values={{
          format: 'velko.me/1',
          name: cook.name,
          email: cook.email,
          units: cook.own_units,
          clock: cook.clock,
          password: '',
        }}
        save={async ({ password, ...me }) => ({
          session: await api.keepMe(password === '' ? me : { ...me, password }),
          email: me.email.trim().toLowerCase(),
        })}
        onSaved={({ session, email }) => {
          kept(session);
          setMailed(session.cook?.email !== email);
          setSaid('Saved.');
        }}
      >
        <Field name="name" label={t('screens.you.name')} maxLength={120} />
        <Field name="email" label={t('common.e-mail')} kind="email" />
        <Pick
          name="units"
          label={t('common.amounts-are-in')}
          orNull
          options={[
            ['', t('screens.you.what-the-kitchen-has')],
            ['metric', t('common.grams-millilitres-c')],
            ['us', t('common.ounces-cups-quarts-f')],
          ]}
        />
        <Pick
          name="clock"
          label={t('screens.you.clocks-show')}
          orNull
          options={[
            ['', t('screens.you.what-this-browser-has')],
            ['24', '19:40'],
            ['12', t('screens.you.7-40-pm')],
          ]}
        />
        <Field
          name="password"
          label={t('common.your-password')}
          kind="password"
          known
          hint={t('screens.you.only-where-the-e-mail-changes')}
        />
      </Entry>
      <Saved said={said} />
      {mailed && <LookIntoYourMail />}
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
        words={t('screens.you.change-it')}
        save={api.newPassword}
        onSaved={(session) => {
          kept(session);
          setTimes(times + 1);
        }}
      >
        <Field name="password" label={t('screens.you.the-one-until-now')} kind="password" known />
        <Field
          name="new_password"
          label={t('screens.you.the-new-one')}
          kind="password"
          hint={t('screens.you.ten-letters-or-more-every-other')}
        />
      </Entry>
      <Saved said={times > 0 ? t('screens.you.changed-other-tablets-are-signed-out') : null} />
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
      {sure ? t('screens.you.touch-again-this-tablet-too') : t('screens.you.sign-out-everywhere')}
    </button>
  );
}

function Pin({ cook }: { cook: SignedInCook }) {
  const kept = useKept();
  const [said, setSaid] = useState<string | null>(null);
  return (
    <>
      <p className="text-lg text-ink-soft">
        {t('screens.you.four-digits-say-that-you-stand', {
          hasPin: cook.has_pin && t('screens.you.you-have-one'),
        })}
      </p>
      <Entry
        key={said}
        values={{ format: 'velko.pin/1', password: '', pin: '' }}
        words={cook.has_pin ? t('screens.you.another-pin') : t('screens.you.set-it')}
        save={(entry) => api.pin(entry.pin === '' ? { ...entry, pin: null } : entry)}
        onSaved={(session) => {
          kept(session);
          setSaid(
            session.cook?.has_pin ? t('screens.you.set-it-works-from-now-on') : t('screens.you.taken-away'),
          );
        }}
      >
        <Field
          name="pin"
          label={t('screens.you.pin')}
          kind="password"
          digits
          hint={t('screens.you.empty-takes-it-away')}
        />
        <Field name="password" label={t('common.your-password')} kind="password" known />
      </Entry>
      <Saved said={said} />
    </>
  );
}
