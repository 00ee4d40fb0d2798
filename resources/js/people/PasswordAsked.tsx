import { useState, type SubmitEvent } from 'react';
import { Refusal } from '../api';
import { t } from '../words/messages';

/** What is asked before an account is changed, or a tablet given back: the password of whoever signed in here. */
export function PasswordAsked({
  label,
  act,
  isPending,
  fault,
  onPassword,
  onBack,
}: {
  label: string;
  /** On the button. */
  act: string;
  isPending: boolean;
  fault: Error | null;
  onPassword: (password: string) => void;
  onBack: () => void;
}) {
  const [typed, setTyped] = useState('');
  const send = (event: SubmitEvent) => {
    event.preventDefault();
    onPassword(typed);
    setTyped('');
  };
  return (
    <form onSubmit={send} className="mt-2 grid gap-2">
      <label className="grid gap-1 text-base text-ink-soft">
        {label}
        <input
          autoFocus
          required
          type="password"
          autoComplete="current-password"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          className="h-14 w-full rounded-lg border-2 border-ink bg-field px-3 text-xl text-ink"
        />
      </label>
      {fault && (
        <p role="alert" className="text-lg text-tomato">
          {why(fault)}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button
          disabled={isPending}
          className="min-h-14 flex-1 rounded-lg bg-ink px-4 text-lg font-semibold text-paper"
        >
          {act}
        </button>
        <button
          type="button"
          onClick={onBack}
          className="min-h-14 rounded-lg border-2 border-rule px-4 text-lg"
        >
          {t('common.back')}
        </button>
      </div>
    </form>
  );
}

function why(fault: Error): string {
  const problem = fault instanceof Refusal ? fault.problem : null;
  const [first] = problem?.errors ?? [];
  if (problem?.status === 429) {
    return t('people.handSwitch.too-many-tries-wait-a-little');
  }
  if (first?.pointer === '/password') {
    return t('people.passwordAsked.that-is-not-the-password');
  }
  return first ? t('people.passwordAsked.refused', { why: first.detail }) : fault.message;
}
