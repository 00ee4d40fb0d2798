import { ChevronDown } from 'lucide-react';
import { useId, type ReactNode } from 'react';
import { useFormState } from 'react-hook-form';
import type { Choices } from '../contracts.generated';
import { SchoolTable } from './SchoolTable';

/** One step of a dish on its card: when, what, in which way; opened in place to change it. */
export function Step({
  minute,
  verb,
  says,
  open,
  onToggle,
  fields,
  choices,
  children,
}: {
  /** Minute of the cook for six mains, in words; nothing where nobody has worked it out. */
  minute: string;
  verb: string;
  /** What the step does as the form has it. */
  says: ReactNode;
  open: boolean;
  onToggle: () => void;
  /** Names of the form's fields that stand in it: what is refused of them opens it. */
  fields: readonly string[];
  choices: readonly Choices['choices'][number][];
  children: ReactNode;
}) {
  const id = useId();
  const { errors } = useFormState({ name: fields });
  const refused = fields.some((field) => has(errors, field));
  const shown = open || refused;
  return (
    <li className="grid grid-cols-[5rem_minmax(0,1fr)] border-b border-rule max-md:grid-cols-[4.25rem_minmax(0,1fr)]">
      <p className="border-r-4 border-ink py-2 pr-3 text-right text-lg font-semibold tabular-nums max-md:pr-1.5 max-md:text-base">
        {minute}
      </p>
      <div className={`min-w-0 pl-4 max-md:pl-2 ${shown ? 'bg-field/60' : ''}`}>
        <button
          type="button"
          aria-expanded={shown}
          aria-controls={id}
          onClick={onToggle}
          className="grid min-h-14 w-full grid-cols-[7.5rem_minmax(0,1fr)_auto] items-baseline gap-x-3 py-2 text-left max-md:grid-cols-[minmax(0,1fr)_auto]"
        >
          <span className="text-xl font-bold max-md:col-start-1 max-md:row-start-1">{verb}</span>
          <span className="text-lg leading-snug max-md:col-span-2 max-md:row-start-2">{says}</span>
          <ChevronDown
            aria-hidden="true"
            className={`size-6 self-center text-ink-soft max-md:col-start-2 max-md:row-start-1 ${shown ? 'rotate-180' : ''}`}
          />
        </button>
        <div id={id} hidden={!shown} className="grid gap-3 pb-4">
          {children}
          {choices.map((choice) => (
            <SchoolTable key={choice.code} choice={choice} />
          ))}
        </div>
      </div>
    </li>
  );
}

const has = (errors: object, path: string): boolean =>
  path
    .split('.')
    .reduce<unknown>((at, part) => (at as Record<string, unknown> | undefined)?.[part], errors) !== undefined;
