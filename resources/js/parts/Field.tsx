import { useContext, useEffect, useId, useState } from 'react';
import { get, useController, useFormContext } from 'react-hook-form';
import { api, Refusal } from '../api';
import { useMeasure } from '../cook';
import { trimmed, type Quantity } from '../measure';
import { mayBeMisread, readerLocale, readNumber } from '../number';
import { t } from '../words/messages';
import { Labels, type FieldWords } from './faults';
import { Select, type Option } from './Select';

const BOX =
  'h-14 w-full min-w-0 rounded-lg border-2 border-ink-soft bg-field px-3 text-xl aria-invalid:border-tomato';

interface FieldProps {
  name: string;
  label: string;
  unit?: string;
  hint?: string;
}

/** A line of text or a number of the form around it, with what the server said about it. */
export function Field({
  name,
  label,
  unit,
  hint,
  kind = 'text',
  onLeave,
  known = false,
  digits = false,
  empty,
  ...rest
}: FieldProps & {
  /** With what stands in it. */
  onLeave?: (text: string) => void;
  kind?: 'text' | 'number' | 'email' | 'password';
  /** Of a password: the one there is, not a new one. */
  known?: boolean;
  /** Of a password: four digits. */
  digits?: boolean;
  /** What nothing typed stands for. */
  empty?: null;
  autoFocus?: boolean;
  maxLength?: number;
}) {
  const { register, watch, setError, clearErrors } = useFormContext();
  const { fault, id } = useFault(name, label);
  const [typed, setTyped] = useState('');
  const value: unknown = kind === 'number' ? watch(name) : null;
  return (
    <div className="text-base">
      <label className="block">
        <span className="text-ink-soft">
          {label}
          {unit && <span> ({unit})</span>}
        </span>
        <input
          {...register(name, {
            ...(kind === 'number' ? { setValueAs: asNumber } : {}),
            ...(empty === null ? { setValueAs: asNull } : {}),
            ...(kind === 'number' && {
              onChange: (event: React.ChangeEvent<HTMLInputElement>) => {
                setTyped(event.target.value);
                clearErrors(name);
              },
            }),
            onBlur: (event: React.FocusEvent<HTMLInputElement>) => {
              onLeave?.(event.target.value);
              if (kind === 'number' && !onLeave && typeof asNumber(event.target.value) === 'string') {
                setError(name, { message: t('parts.field.no-number') });
              }
            },
          })}
          {...rest}
          type={kind === 'number' ? 'text' : kind}
          inputMode={kind === 'number' ? 'decimal' : digits ? 'numeric' : undefined}
          autoComplete={kind !== 'password' || digits ? 'off' : known ? 'current-password' : 'new-password'}
          aria-invalid={fault !== undefined}
          aria-describedby={fault || hint ? id : undefined}
          className={`${BOX} ${kind === 'number' ? 'text-right font-semibold' : ''}`}
        />
      </label>
      <Said
        id={id}
        fault={fault}
        hint={
          typeof value === 'number' && mayBeMisread(typed)
            ? t('parts.field.read-as', { amount: [trimmed(value, 4), unit].filter(Boolean).join(' ') })
            : hint
        }
      />
    </div>
  );
}

/** A quantity, shown and typed in the kitchen's own units, kept in the engine's. */
export function Amount({
  name,
  label,
  of,
  hint,
  unitWords = '',
  autoFocus,
  onSaid,
}: {
  name: string;
  label: string;
  of: Quantity;
  hint?: string;
  /** What follows the unit: "g raw". */
  unitWords?: string;
  autoFocus?: boolean;
  /** What words come to, in the engine's unit; null where they are no amount. */
  onSaid?: (text: string) => Promise<number | null>;
}) {
  const typed = useMeasure().typed[of];
  const { unit, shown, read, decimals } = typed;
  const { field } = useController({ name });
  const { setError, clearErrors } = useFormContext();
  const { fault, id } = useFault(name, label, typed);
  const [draft, setDraft] = useState<string | null>(null);
  const [words, setWords] = useState<string | null>(null);
  const value: unknown = field.value;
  const shownAs = (metric: number) => `${trimmed(shown(metric), decimals)} ${unit}`;
  const kept =
    typeof value === 'number' ? trimmed(shown(value), decimals) : typeof value === 'string' ? value : '';
  // "4 lb 2 oz", "a cup and a half": what it comes to is asked; what is none is said at once.
  const readWords = async (text: string) => {
    try {
      const came = await (onSaid ? onSaid(text) : saidOf(of, text));
      if (came !== null) {
        field.onChange(came);
        setWords(text);
        setDraft(null);
      }
    } catch (error) {
      if (error instanceof Refusal) {
        setError(name, { message: error.problem.errors?.[0]?.detail ?? error.message });
      }
    }
  };
  return (
    <div className="text-base">
      <label className="block">
        <span className="text-ink-soft">
          {label} ({[unit, unitWords].filter(Boolean).join(' ')})
        </span>
        <input
          name={name}
          value={draft ?? kept}
          onChange={(event) => {
            setDraft(event.target.value);
            setWords(null);
            clearErrors(name);
            const entered = asNumber(event.target.value);
            field.onChange(typeof entered === 'number' ? read(entered) : entered);
          }}
          onBlur={() => {
            field.onBlur();
            if (draft !== null && typeof asNumber(draft) === 'string') {
              void readWords(draft.trim());
            }
          }}
          autoFocus={autoFocus}
          inputMode="decimal"
          autoComplete="off"
          aria-invalid={fault !== undefined}
          aria-describedby={fault || hint ? id : undefined}
          className={`${BOX} text-right font-semibold`}
        />
      </label>
      <Said
        id={id}
        fault={fault}
        hint={
          typeof value === 'number' && (words !== null || (draft !== null && mayBeMisread(draft)))
            ? words === null
              ? t('parts.field.read-as', { amount: shownAs(value) })
              : t('parts.field.words-read-as', { words, amount: shownAs(value) })
            : hint
        }
      />
    </div>
  );
}

const saidOf = (of: Quantity, text: string): Promise<number> =>
  api
    .amount({ text: text.slice(0, LONGEST), name: '', others: [], of, locale: readerLocale() })
    .then((read) => read.amount);

/** No amount is longer. */
const LONGEST = 80;

/** One of a few words. */
export function Pick({
  name,
  label,
  hint,
  options,
  numeric = false,
  orNull = false,
  onPick,
}: FieldProps & {
  options: readonly Option[];
  /** Told what was chosen, once the form has it. */
  onPick?: (value: string) => void;
  /** The words stand for numbers. */
  numeric?: boolean;
  /** The empty word stands for null. */
  orNull?: boolean;
}) {
  const { field } = useController({ name });
  const { fault, id } = useFault(name, label);
  return (
    <div className="text-base">
      <span aria-hidden="true" className="text-ink-soft">
        {label}
      </span>
      <Select
        tall
        label={label}
        value={String((field.value as string | number | null | undefined) ?? '')}
        options={options}
        onChange={(value) => {
          field.onChange(numeric ? asNumber(value) : orNull ? asNull(value) : value);
          onPick?.(value);
        }}
        fault={fault !== undefined}
        said={fault || hint ? id : undefined}
      />
      <Said id={id} fault={fault} hint={hint} />
    </div>
  );
}

/** Yes or no. */
export function Tick({ name, label }: { name: string; label: string }) {
  const { register } = useFormContext();
  return (
    <label className="flex min-h-12 items-center gap-3 text-lg">
      <input type="checkbox" {...register(name)} className="size-7 accent-ink" />
      {label}
    </label>
  );
}

/** Any of several words; `none` is said by a tick of its own, and while nothing is ticked it is null: nobody has said. */
export function Ticks({
  name,
  label,
  options,
  none,
}: {
  name: string;
  label: string;
  options: readonly (readonly [string, string])[];
  none: string;
}) {
  const { field } = useController({ name });
  const ticked: string[] | null = Array.isArray(field.value) ? field.value : null;
  const toggle = (option: string, on: boolean) => {
    const rest = (ticked ?? []).filter((one) => one !== option);
    field.onChange(on ? [...rest, option] : rest.length > 0 ? rest : null);
  };
  return (
    <fieldset>
      <legend className="text-base text-ink-soft">{label}</legend>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {options.map(([option, words]) => (
          <Tickable
            key={option}
            words={words}
            ticked={ticked?.includes(option) ?? false}
            onTick={(on) => toggle(option, on)}
          />
        ))}
        <Tickable
          words={none}
          ticked={ticked?.length === 0}
          onTick={(on) => field.onChange(on ? [] : null)}
        />
      </div>
    </fieldset>
  );
}

function Tickable({
  words,
  ticked,
  onTick,
}: {
  words: string;
  ticked: boolean;
  onTick: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-11 cursor-pointer items-center gap-2 rounded-lg border-2 border-rule bg-field px-3 text-base has-checked:border-ink has-checked:bg-saffron">
      <input
        type="checkbox"
        checked={ticked}
        onChange={(event) => onTick(event.target.checked)}
        className="size-5 accent-ink"
      />
      {words}
    </label>
  );
}

function Said({ id, fault, hint }: { id: string; fault: string | undefined; hint: string | undefined }) {
  if (fault !== undefined) {
    return (
      <span id={id} role="alert" className="block text-tomato">
        {fault}
      </span>
    );
  }
  return hint ? (
    <span id={id} className="block text-sm text-ink-soft">
      {hint}
    </span>
  ) : null;
}

function useFault(
  name: string,
  label: string,
  units?: FieldWords['units'],
): { fault: string | undefined; id: string } {
  const id = useId();
  const { formState } = useFormContext();
  const labels = useContext(Labels);
  useEffect(() => {
    labels.set(name, { label, units });
    return () => void labels.delete(name);
  }, [labels, name, label, units]);
  const error: unknown = get(formState.errors, name);
  const fault =
    typeof error === 'object' && error !== null && 'message' in error && typeof error.message === 'string'
      ? error.message
      : undefined;
  return { fault, id };
}

/** "12,5", "5,280" and "1 1/2" are numbers (readNumber); what is left empty is nothing; anything else goes to the server as it is, to be refused there. */
export function asNumber(value: unknown): unknown {
  if (typeof value !== 'string') {
    return value;
  }
  return value.trim() === '' ? null : (readNumber(value) ?? value);
}

const asNull = (value: string | null): string | null => (value === '' ? null : value);
