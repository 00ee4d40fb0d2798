import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, type SubmitEvent } from 'react';
import { useLocation } from 'react-router';
import { api } from '../api';
import { turnOver, type SignedInCook } from '../cook';
import { Over } from '../parts/Over';
import { useIsTyped } from '../parts/Unsaved';
import { SignInFields } from '../people/SignInFields';
import { queries, signedInAgain } from '../queries';
import { t } from '../words/messages';

/** The session has ended: whoever has typed something, or stands at a pan, signs in over it; else the door is shown. */
export function SignedOut({ cook }: { cook: SignedInCook }) {
  const { data: ended } = useQuery(queries.ended);
  return ended ? <Ended cook={cook} /> : null;
}

function Ended({ cook }: { cook: SignedInCook }) {
  const client = useQueryClient();
  const { pathname } = useLocation();
  const isTyped = useIsTyped();
  const atThePan = pathname.startsWith('/stove/');
  const [stays] = useState(() => atThePan || isTyped());
  // At the stove nothing is laid over the pan: its touches are kept until somebody signs in.
  const [open, setOpen] = useState(stays && !atThePan);
  useEffect(() => {
    if (!stays) {
      void api.session().then((session) => {
        if (session.cook === null) {
          turnOver(client, session);
        }
      });
    }
  }, [stays, client]);
  return stays ? (
    <>
      <div
        role="status"
        className="fixed top-0 right-34 z-30 flex h-(--rail) items-center gap-3 bg-saffron pl-4 text-lg font-semibold text-ink max-md:top-auto max-md:right-0 max-md:bottom-0 max-md:pl-0"
      >
        <span className="max-md:sr-only">{t('shell.signedOut.signed-out')}</span>
        <button onClick={() => setOpen(true)} className="h-full bg-ink px-5 text-paper">
          {t('screens.signIn.sign-in')}
        </button>
      </div>
      {open && <Again cook={cook} onClose={() => setOpen(false)} />}
    </>
  ) : null;
}

function Again({ cook, onClose }: { cook: SignedInCook; onClose: () => void }) {
  const client = useQueryClient();
  const [email, setEmail] = useState(cook.email);
  const [password, setPassword] = useState('');
  const first = useRef<HTMLInputElement>(null);
  const entry = useMutation({
    mutationFn: () => api.signIn(email, password),
    onSuccess: (session) =>
      session.cook?.id === cook.id ? signedInAgain(client, session) : turnOver(client, session),
  });
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    entry.mutate();
  };
  return (
    <Over
      title={t('shell.signedOut.signed-out')}
      ground="paper"
      first={first}
      onClose={onClose}
      close={
        <button className="min-h-14 shrink-0 rounded-lg border-2 border-ink px-5 text-lg font-semibold">
          {t('shell.signedOut.later')}
        </button>
      }
    >
      <form onSubmit={submit} className="grid gap-4">
        <p className="text-lg">{t('shell.signedOut.what-you-typed-stands', { email: cook.email })}</p>
        <p className="text-lg">{t('shell.signedOut.touches-are-kept')}</p>
        <SignInFields
          email={email}
          password={password}
          onEmail={setEmail}
          onPassword={setPassword}
          fault={entry.error}
          passwordField={first}
        />
        <button
          disabled={entry.isPending}
          className="h-16 rounded-lg bg-ink text-2xl font-semibold text-paper disabled:opacity-60"
        >
          {t('screens.signIn.sign-in')}
        </button>
      </form>
    </Over>
  );
}
