import { Check, ChevronDown } from 'lucide-react';
import { Select } from 'radix-ui';
import { NONCE } from '../nonce';

export interface Option {
  value: string;
  label: string;
  note?: string;
}

/** A word in the ask that can be another word. */
export function Choice({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: Option[];
  onChange: (value: string) => void;
}) {
  const chosen = options.find((option) => option.value === value);
  return (
    <Select.Root value={value} onValueChange={onChange}>
      <Select.Trigger
        aria-label={label}
        className="flex min-h-12 w-full items-center justify-between gap-2 rounded-lg border-2 border-ink-soft bg-white px-3 py-1 text-left text-xl leading-tight font-semibold"
      >
        <span className="min-w-0">
          <Select.Value>{chosen?.label ?? '…'}</Select.Value>
        </span>
        <Select.Icon>
          <ChevronDown aria-hidden="true" className="size-5" />
        </Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className="z-30 max-h-(--radix-select-content-available-height) min-w-(--radix-select-trigger-width) overflow-hidden rounded-lg border-2 border-ink bg-white shadow-xl"
        >
          <Select.Viewport nonce={NONCE}>
            {options.map((option) => (
              <Select.Item
                key={option.value}
                value={option.value}
                className="flex min-h-14 cursor-pointer items-center gap-3 px-3 text-xl outline-none data-highlighted:bg-saffron"
              >
                <span className="w-5">
                  <Select.ItemIndicator>
                    <Check aria-hidden="true" className="size-5" />
                  </Select.ItemIndicator>
                </span>
                <Select.ItemText>{option.label}</Select.ItemText>
                {option.note && <span className="ml-auto pl-4 text-base text-ink-soft">{option.note}</span>}
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
