import type { RefObject } from 'react';
import { Refusal } from '../api';
import { t } from '../words/messages';

const FIELD = 'h-14 rounded-lg border-2 border-ink-soft bg-field px-4 text-xl';

/** Who signs in, and why it was refused. */
export function SignInFields({
  email,
  password,
  onEmail,
  onPassword,
  fault,
  passwordField,
}: {
  email: string;
  password: string;
  onEmail: (email: string) => void;
  onPassword: (password: string) => void;
  /** What the last try came to. */
  fault: Error | null;
  passwordField?: RefObject<HTMLInputElement | null>;
}) {
  return (
    <>
      <label className="grid gap-1 text-lg">
        {t('common.e-mail')}
        <input
          type="email"
          autoComplete="username"
          required
          value={email}
          onChange={(change) => onEmail(change.target.value)}
          className={FIELD}
        />
      </label>
      <label className="grid gap-1 text-lg">
        {t('common.password')}
        <input
          type="password"
          ref={passwordField}
          autoComplete="current-password"
          required
          value={password}
          onChange={(change) => onPassword(change.target.value)}
          className={FIELD}
        />
      </label>
      <p role="alert" className="min-h-7 text-lg text-tomato">
        {saidOf(fault)}
      </p>
    </>
  );
}

function saidOf(fault: Error | null): string | null {
  if (!(fault instanceof Refusal)) {
    return fault && t('screens.signIn.the-kitchen-cannot-be-reached-try');
  }
  return fault.problem.status === 429
    ? t('screens.signIn.too-many-tries-wait-a-minute')
    : (fault.problem.errors?.[0]?.detail ?? fault.message);
}
