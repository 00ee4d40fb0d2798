import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

export interface Term {
  label: string;
  amount: string;
  sign?: '+' | '−' | '=' | '×' | '÷';
}

/** Letters beyond which a number is set smaller, so that five stand in one line: "1 lb 1 oz". */
const LONG = 6;

/** A number that says why: touch it and the terms that make it unfold, as a sum a cook can follow. */
export function Explain({
  label,
  value,
  note,
  terms,
  because,
  beyond,
  small = false,
}: {
  label: string;
  value: ReactNode;
  note?: ReactNode;
  terms: Term[];
  because: string;
  /** What else there is to it. */
  beyond?: ReactNode;
  small?: boolean;
}) {
  return (
    <Popover.Root>
      <Popover.Trigger
        data-small={small}
        data-long={typeof value === 'string' && value.length > LONG}
        className="group min-w-0 rounded-lg px-3 py-1.5 text-left hover:bg-paper-deep data-[small=true]:px-1.5 data-[state=open]:bg-paper-deep"
      >
        <span className="block text-sm text-ink-soft underline decoration-dotted underline-offset-4">
          {label}
        </span>
        <span className="block text-[34px] leading-tight font-bold tracking-tight whitespace-nowrap group-data-[long=true]:text-[26px] group-data-[long=true]:leading-[42px] group-data-[small=true]:text-xl">
          {value}
        </span>
        <span className="block text-sm whitespace-nowrap text-ink-soft">{note ?? ' '}</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          className="z-30 w-96 max-w-[calc(100vw-24px)] rounded-lg border-2 border-ink bg-paper p-4 text-lg shadow-xl"
        >
          <table className="w-full">
            <caption className="pb-2 text-left font-semibold">{label}</caption>
            <tbody>
              {terms.map((term, row) => (
                <tr key={row} className={term.sign === '=' ? 'border-t-2 border-ink font-bold' : ''}>
                  <td className="w-6 py-0.5 text-ink-soft">{term.sign}</td>
                  <td>{term.label}</td>
                  <td className="text-right whitespace-nowrap">{term.amount}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-2 text-base text-ink-soft">{because}</p>
          {beyond}
          <Popover.Arrow className="fill-ink" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
