import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, Refusal } from '../api';
import type { BehindLink, Session } from '../contracts.generated';
import { turnOver } from '../cook';
import { Entry } from '../parts/Entry';
import { Field } from '../parts/Field';
import { Title } from '../parts/Title';
import { LookIntoYourMail } from '../people/LookIntoYourMail';
import { roleWords } from '../people/words';
import { t } from '../words/messages';

/** Whoever follows a link: joins a kitchen, or sets the password that was forgotten. */
export function ThroughTheLink() {
  // Behind the #, so that no server on the way writes it down; the address bar forgets it.
  const [token] = useState(() => location.hash.slice(1));
  const behind = useQuery({
    queryKey: ['link', token],
    queryFn: () => api.behindLink(token),
    retry: false,
    staleTime: Infinity,
  });
  if (behind.isPending) {
    return <Door>{t('screens.throughTheLink.looking-at-the-link')}</Door>;
  }
  if (behind.isError) {
    return (
      <Door>
        <h1 className="text-4xl font-bold">{t('screens.throughTheLink.this-link-opens-nothing')}</h1>
        <p className="text-xl">{t('screens.throughTheLink.it-was-used-already-is-too')}</p>
        <Link to="/" className="text-lg font-semibold underline underline-offset-4">
          {t('screens.throughTheLink.to-the-sign-in')}
        </Link>
      </Door>
    );
  }
  if (behind.data.for === 'confirm') {
    return <Confirm token={token} behind={behind.data} />;
  }
  return behind.data.for === 'join' ? (
    <Join token={token} behind={behind.data} />
  ) : (
    <Reset token={token} behind={behind.data} />
  );
}

function Door({ children }: { children: ReactNode }) {
  return (
    <main className="mx-auto grid min-h-dvh w-full max-w-xl content-center gap-5 p-6 text-lg">
      <Title>{t('common.the-link')}</Title>
      {children}
    </main>
  );
}

function useIn() {
  const client = useQueryClient();
  const navigate = useNavigate();
  return (session: Session) => {
    turnOver(client, session);
    void navigate('/', { replace: true });
  };
}

/** An address that somebody gave: whoever follows the link that was mailed there has it. */
function Confirm({ token, behind }: { token: string; behind: BehindLink }) {
  const onIn = useIn();
  const confirm = useMutation({ mutationFn: () => api.confirmAddress(token), onSuccess: onIn });
  return (
    <Door>
      <h1 className="text-4xl font-bold">{t('screens.throughTheLink.is-this-your-address')}</h1>
      <p className="text-xl break-words">
        {behind.email}
        {behind.kitchen !== '' && `, ${behind.kitchen}`}
      </p>
      {confirm.isError && (
        <p role="alert" className="text-tomato">
          {confirm.error instanceof Refusal && confirm.error.problem.errors?.[0]?.code === 'sign-in-first'
            ? t('screens.throughTheLink.sign-in-first')
            : t('screens.throughTheLink.it-was-used-already-is-too')}
        </p>
      )}
      <button
        disabled={confirm.isPending}
        onClick={() => confirm.mutate()}
        className="min-h-14 rounded-lg bg-ink px-6 text-xl font-semibold text-paper"
      >
        {t('screens.throughTheLink.yes-it-is-mine')}
      </button>
    </Door>
  );
}

function Join({ token, behind }: { token: string; behind: BehindLink }) {
  const enter = useIn();
  const [mailed, setMailed] = useState(false);
  const onIn = (session: Session) => (session.cook === null ? setMailed(true) : enter(session));
  if (mailed) {
    return (
      <Door>
        <LookIntoYourMail />
      </Door>
    );
  }
  return (
    <Door>
      <h1 className="text-4xl font-bold">
        {t('screens.throughTheLink.come-into-kitchen', { kitchen: behind.kitchen })}
      </h1>
      <p className="text-xl text-ink-soft">
        {t('screens.throughTheLink.as-tolowercase', {
          toLowerCase: roleWords(behind.role ?? '').toLowerCase(),
        })}
      </p>
      <Entry
        values={{
          format: 'velko.join/1',
          token,
          name: '',
          email: behind.email ?? '',
          password: '',
        }}
        save={api.join}
        onSaved={onIn}
        words={t('screens.throughTheLink.come-in')}
      >
        <Field name="name" label={t('common.your-name')} autoFocus maxLength={120} />
        <Field name="email" label={t('common.e-mail')} kind="email" />
        <Field
          name="password"
          label={t('common.password')}
          kind="password"
          hint={t('common.ten-letters-or-more')}
        />
      </Entry>
    </Door>
  );
}

function Reset({ token, behind }: { token: string; behind: BehindLink }) {
  const onIn = useIn();
  return (
    <Door>
      <h1 className="text-4xl font-bold">
        {t('screens.throughTheLink.a-new-password-for-name', { name: behind.name })}
      </h1>
      <p className="text-xl text-ink-soft">
        {t('screens.throughTheLink.email-kitchen-every-tablet-is-signed', {
          email: behind.email,
          kitchen: behind.kitchen,
        })}
      </p>
      <Entry
        values={{ format: 'velko.reset/1', token, password: '' }}
        save={api.reset}
        onSaved={onIn}
        words={t('screens.throughTheLink.set-it-and-go-in')}
      >
        <Field
          name="password"
          label={t('common.password')}
          kind="password"
          autoFocus
          hint={t('common.ten-letters-or-more')}
        />
      </Entry>
    </Door>
  );
}
