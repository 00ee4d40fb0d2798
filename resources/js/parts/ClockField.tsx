import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { clockWords, halfDays } from '../time';
import { StepKey } from './StepKey';
import { t } from '../words/messages';

const STEP_MIN = 5;

/** A time of day, typed on the reader's clock or the 24-hour one, or stepped by five minutes. */
export function ClockField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  const text = draft ?? clockWords(value);
  const read = readClock(text);
  const step = (by: number) => {
    setDraft(null);
    const [hours = 0, minutes = 0] = value.split(':').map(Number);
    const next = (((hours * 60 + minutes + by) % 1440) + 1440) % 1440;
    onChange(written(Math.floor(next / 60), next % 60));
  };

  return (
    <div>
      <div className="flex items-stretch gap-1.5">
        <StepKey
          label={t('parts.clockField.label-five-minutes-earlier', { label })}
          onPress={() => step(-STEP_MIN)}
        >
          <Minus aria-hidden="true" className="size-5" />
        </StepKey>
        <input
          aria-label={label}
          aria-invalid={read === null}
          inputMode="numeric"
          value={text}
          onChange={(event) => {
            setDraft(event.target.value);
            const next = readClock(event.target.value);
            if (next !== null && event.target.value.replace(/\D/g, '').length >= 4) {
              onChange(next);
            }
          }}
          onBlur={() => {
            setDraft(null);
            if (read !== null) onChange(read);
          }}
          onKeyDown={(event) => {
            if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
              event.preventDefault();
              step(event.key === 'ArrowUp' ? STEP_MIN : -STEP_MIN);
            }
          }}
          data-half-days={halfDays()}
          className="h-14 w-full min-w-0 rounded-lg border-2 border-ink-soft bg-field text-center text-[26px] font-bold aria-invalid:border-tomato data-[half-days=true]:text-[17px] data-[half-days=true]:tracking-tighter lg:max-xl:text-[22px]"
        />
        <StepKey
          label={t('parts.clockField.label-five-minutes-later', { label })}
          onPress={() => step(STEP_MIN)}
        >
          <Plus aria-hidden="true" className="size-5" />
        </StepKey>
      </div>
      {read === null && (
        <p role="alert" className="mt-1 text-tomato">
          {halfDays() ? t('parts.clockField.a-time-as-7-40-pm') : t('parts.clockField.a-time-from-00-00-to')}
        </p>
      )}
    </div>
  );
}

/** "1940", "19:40", "19.40", "7:40 pm", "740p" */
function readClock(text: string): string | null {
  const match = /^\s*(\d{1,2})\s*[:.h ]?\s*(\d{2})\s*(?:([ap])\.?\s*m?\.?)?\s*$/i.exec(text);
  const half = match?.[3]?.toLowerCase();
  const [hours, minutes] = [Number(match?.[1]), Number(match?.[2])];
  if (!match || minutes > 59 || hours > 23 || (half && (hours < 1 || hours > 12))) {
    return null;
  }
  return written(half ? (hours % 12) + (half === 'p' ? 12 : 0) : hours, minutes);
}

const written = (hours: number, minutes: number) =>
  `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
