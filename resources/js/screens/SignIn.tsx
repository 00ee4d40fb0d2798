import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type SubmitEvent } from 'react';
import { useFormContext } from 'react-hook-form';
import { api } from '../api';
import { Title } from '../parts/Title';
import { turnOver } from '../cook';
import { Entry } from '../parts/Entry';
import { Field } from '../parts/Field';
import { SignInFields } from '../people/SignInFields';
import { LookIntoYourMail } from '../people/LookIntoYourMail';
import { t } from '../words/messages';

export function SignIn({ demo, mail }: { demo: boolean; mail: boolean }) {
  const [opening, setOpening] = useState(false);
  const client = useQueryClient();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const entry = useMutation({
    mutationFn: () => api.signIn(email, password),
    onSuccess: (session) => turnOver(client, session),
  });
  const look = useMutation({ mutationFn: api.demo, onSuccess: (session) => turnOver(client, session) });
  const open = (event: SubmitEvent) => {
    event.preventDefault();
    entry.mutate();
  };

  return (
    <main className="grid min-h-dvh bg-iron text-chalk md:grid-cols-[1fr_minmax(380px,480px)]">
      <div className="relative hidden overflow-hidden md:block" aria-hidden="true">
        <PanFromAbove />
      </div>
      <div className="flex flex-col justify-center gap-5 bg-paper p-10 text-ink max-md:p-6">
        <div>
          <Title>{t('screens.signIn.sign-in')}</Title>
          <h1 className="text-5xl font-bold tracking-tight">{t('screens.signIn.velko')}</h1>
          <p className="mt-2 text-lg text-ink-soft">{t('screens.signIn.stock-heat-and-rest-for-rice')}</p>
        </div>
        {opening ? (
          <OpenKitchen
            onBack={(known) => {
              setEmail(known ?? email);
              setOpening(false);
            }}
          />
        ) : (
          <form onSubmit={open} className="grid gap-5">
            <SignInFields
              email={email}
              password={password}
              onEmail={setEmail}
              onPassword={setPassword}
              fault={entry.error}
            />
            <button
              disabled={entry.isPending}
              className="h-16 rounded-lg bg-ink text-2xl font-semibold text-paper disabled:opacity-60"
            >
              {t('common.to-the-stove')}
            </button>
            <Forgotten email={email} mail={mail} />
            <div className="flex flex-wrap gap-3">
              <button
                type="button"
                onClick={() => setOpening(true)}
                className="min-h-14 flex-1 rounded-lg border-2 border-ink px-4 text-lg font-semibold"
              >
                {t('screens.signIn.open-a-kitchen-of-your-own')}
              </button>
              {demo && (
                <button
                  type="button"
                  disabled={look.isPending}
                  onClick={() => look.mutate()}
                  className="min-h-14 flex-1 rounded-lg border-2 border-ink px-4 text-lg font-semibold"
                >
                  {t('screens.signIn.look-round-the-demo-kitchen')}
                </button>
              )}
            </div>
          </form>
        )}
      </div>
    </main>
  );
}

/** The way back in: by mail where this house sends mail, else by a chef, else by whoever runs the machine. */
function Forgotten({ email, mail }: { email: string; mail: boolean }) {
  const [open, setOpen] = useState(false);
  const ask = useMutation({ mutationFn: () => api.forgotten(email) });
  if (!open) {
    return (
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="min-h-11 justify-self-start text-lg underline underline-offset-4"
      >
        {t('screens.signIn.forgot-the-password')}
      </button>
    );
  }
  return (
    <div className="grid gap-2 rounded-lg border-2 border-rule p-3 text-lg">
      <p>{t('screens.signIn.a-chef-of-your-kitchen-makes')}</p>
      {mail &&
        (ask.isSuccess ? (
          <p role="status" className="text-herb">
            {t('screens.signIn.if-email-has-an-account-here', { email })}
          </p>
        ) : (
          <button
            type="button"
            disabled={ask.isPending || email === ''}
            onClick={() => ask.mutate()}
            className="min-h-14 rounded-lg border-2 border-ink px-4 font-semibold disabled:opacity-60"
          >
            {t('screens.signIn.mail-a-link-to-email', {
              email: email === '' ? t('screens.signIn.the-e-mail-above') : email,
            })}
          </button>
        ))}
      {ask.isError && (
        <p role="alert" className="text-tomato">
          {t('screens.signIn.it-did-not-go-out-message', { message: ask.error.message })}
        </p>
      )}
    </div>
  );
}

/** A kitchen of one's own: its name, yours, and how you sign in. */
function OpenKitchen({ onBack }: { onBack: (email?: string) => void }) {
  const client = useQueryClient();
  const [mailed, setMailed] = useState(false);
  if (mailed) {
    return <LookIntoYourMail />;
  }
  return (
    <Entry
      values={{
        format: 'velko.new-kitchen/1',
        kitchen: '',
        name: '',
        email: '',
        password: '',
        timezone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      }}
      save={api.openKitchen}
      onSaved={(session) => (session.cook === null ? setMailed(true) : turnOver(client, session))}
      words={t('screens.signIn.open-it')}
      beside={
        <button
          type="button"
          onClick={() => onBack()}
          className="min-h-14 rounded-lg border-2 border-ink px-6 text-xl"
        >
          {t('common.back')}
        </button>
      }
    >
      <Field name="kitchen" label={t('common.kitchen')} autoFocus maxLength={120} />
      <Field name="name" label={t('common.your-name')} maxLength={120} />
      <Field name="email" label={t('common.e-mail')} kind="email" />
      <KnownAlready onSignIn={onBack} />
      <Field
        name="password"
        label={t('common.password')}
        kind="password"
        hint={t('common.ten-letters-or-more')}
      />
    </Entry>
  );
}

/** An e-mail that opened a kitchen before: the way to it. */
function KnownAlready({ onSignIn }: { onSignIn: (email: string) => void }) {
  const { formState, getValues } = useFormContext<{ email: string }>();
  return formState.errors.email?.type === 'email-known' ? (
    <button
      type="button"
      onClick={() => onSignIn(getValues('email'))}
      className="min-h-14 rounded-lg border-2 border-ink px-6 text-lg font-semibold"
    >
      {t('screens.signIn.sign-in-instead')}
    </button>
  ) : null;
}

/** The house picture: a wide pan seen from above, rice in rings. */
function PanFromAbove() {
  const rings = Array.from({ length: 13 }, (_, ring) => ring);
  return (
    <svg viewBox="0 0 800 800" preserveAspectRatio="xMidYMid slice" className="absolute inset-0 size-full">
      <circle cx="360" cy="430" r="372" fill="#14161a" />
      <circle cx="360" cy="430" r="340" fill="#8a5424" />
      {rings.map((ring) =>
        Array.from({ length: 8 + ring * 6 }, (_, grain) => {
          const turn = (grain / (8 + ring * 6)) * 2 * Math.PI + ring * 0.41;
          const away = 18 + ring * 24;
          const x = 360 + away * Math.cos(turn);
          const y = 430 + away * Math.sin(turn);
          const shade = ['#f4eddc', '#e6d7a8', '#f0a81c', '#e9c98a'][(grain * 7 + ring * 3) % 4] ?? '#f4eddc';
          return (
            <ellipse
              key={`${ring}-${grain}`}
              cx={x}
              cy={y}
              rx="9.5"
              ry="4.6"
              fill={shade}
              transform={`rotate(${((grain * 137 + ring * 53) % 180).toString()} ${x} ${y})`}
            />
          );
        }),
      )}
    </svg>
  );
}
