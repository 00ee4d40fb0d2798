import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { StepKey } from './StepKey';
import { t } from '../words/messages';

/** A number in the ask with a key on each side. What is typed goes out as soon as it is a whole number; the server says whether it can be. */
export function Stepper({
  label,
  value,
  step = 1,
  least = 1,
  fault,
  onChange,
}: {
  label: string;
  value: number;
  step?: number;
  least?: number;
  fault?: string | undefined;
  onChange: (value: number) => void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  const text = draft ?? String(value);
  const move = (by: number) => {
    setDraft(null);
    onChange(Math.max(least, value + by));
  };
  const unreadable = !/^\d{1,4}$/.test(text.trim());
  const said = unreadable ? t('parts.stepper.a-whole-number-please') : fault;

  return (
    <div>
      <div className="flex items-stretch gap-1.5">
        <StepKey label={t('parts.stepper.label-one-less', { label })} onPress={() => move(-step)}>
          <Minus aria-hidden="true" />
        </StepKey>
        <input
          aria-label={label}
          aria-invalid={said !== undefined}
          inputMode="numeric"
          value={text}
          onChange={(change) => {
            setDraft(change.target.value);
            if (/^\d{1,4}$/.test(change.target.value.trim())) {
              onChange(Number(change.target.value));
            }
          }}
          onBlur={() => setDraft(null)}
          onKeyDown={(key) => {
            if (key.key === 'ArrowUp' || key.key === 'ArrowDown') {
              key.preventDefault();
              move(key.key === 'ArrowUp' ? step : -step);
            }
          }}
          className="h-14 w-full min-w-0 rounded-lg border-2 border-ink-soft bg-field text-center text-3xl font-bold aria-invalid:border-tomato"
        />
        <StepKey label={t('parts.stepper.label-one-more', { label })} onPress={() => move(step)}>
          <Plus aria-hidden="true" />
        </StepKey>
      </div>
      {said && (
        <p role="alert" className="mt-1 text-tomato">
          {said}
        </p>
      )}
    </div>
  );
}
