import { Check, ChevronDown } from 'lucide-react';
import { Select as Radix } from 'radix-ui';
import { NONCE } from '../nonce';

/** A value, its words, and what is said beside them while the list is open. */
export type Option = readonly [value: string, words: string, note?: string];

/** The list cannot hold an empty value. */
const NOTHING = 'nothing';

/** One of a few words. */
export function Select({
  label,
  value,
  options,
  onChange,
  tall = false,
  fault = false,
  said,
}: {
  label: string;
  value: string;
  options: readonly Option[];
  onChange: (value: string) => void;
  /** As tall as a field of a form. */
  tall?: boolean;
  /** What is chosen was refused. */
  fault?: boolean;
  /** Id of what is said about it. */
  said?: string | undefined;
}) {
  const words = options.find(([one]) => one === value)?.[1];
  return (
    <Radix.Root value={value || NOTHING} onValueChange={(next) => onChange(next === NOTHING ? '' : next)}>
      <Radix.Trigger
        aria-label={label}
        aria-invalid={fault}
        aria-describedby={said}
        className={`flex w-full min-w-0 items-center justify-between gap-2 rounded-lg border-2 border-ink-soft bg-field px-3 text-left text-xl aria-invalid:border-tomato ${tall ? 'h-14' : 'min-h-12 py-1 leading-tight font-semibold'}`}
      >
        <span className={`min-w-0 ${tall ? 'truncate' : ''}`}>
          <Radix.Value>{words ?? '…'}</Radix.Value>
        </span>
        <Radix.Icon>
          <ChevronDown aria-hidden="true" className="size-5" />
        </Radix.Icon>
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          position="popper"
          sideOffset={4}
          className="z-60 max-h-(--radix-select-content-available-height) max-w-[calc(100vw-1rem)] min-w-(--radix-select-trigger-width) overflow-hidden rounded-lg border-2 border-ink bg-field text-ink shadow-xl"
        >
          <Radix.Viewport nonce={NONCE}>
            {options.map(([one, words, note]) => (
              <Radix.Item
                key={one}
                value={one || NOTHING}
                className="flex min-h-14 cursor-pointer items-center gap-3 px-3 text-xl outline-none data-highlighted:bg-saffron"
              >
                <span className="w-5">
                  <Radix.ItemIndicator>
                    <Check aria-hidden="true" className="size-5" />
                  </Radix.ItemIndicator>
                </span>
                <Radix.ItemText>{words}</Radix.ItemText>
                {note && <span className="ml-auto pl-4 text-base text-ink-soft">{note}</span>}
              </Radix.Item>
            ))}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
