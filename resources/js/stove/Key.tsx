import type { ReactNode } from 'react';

/** A wide key with its letter: for a knuckle or a keyboard. */
export function Key({
  letter,
  look = 'plain',
  disabled = false,
  pressed,
  onPress,
  children,
}: {
  letter: string;
  look?: 'main' | 'plain' | 'small';
  disabled?: boolean;
  pressed?: boolean;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <button
      onClick={onPress}
      disabled={disabled}
      aria-keyshortcuts={letter}
      aria-pressed={pressed}
      data-look={look}
      className="group flex min-h-18 items-center justify-center gap-3 rounded-lg border-2 border-iron-rule bg-iron-light px-2 text-[26px] leading-tight font-semibold text-chalk disabled:opacity-35 aria-pressed:border-saffron data-[look=main]:border-chalk data-[look=main]:bg-chalk data-[look=main]:text-3xl data-[look=main]:text-ink data-[look=small]:min-h-14 data-[look=small]:text-xl data-[look=small]:font-medium max-md:min-h-14 max-md:text-base max-md:data-[look=main]:text-2xl max-md:data-[look=small]:px-0.5 max-md:data-[look=small]:text-sm"
    >
      <kbd className="rounded border-2 border-chalk-soft px-1.5 font-sans text-lg leading-snug group-data-[look=main]:border-ink max-md:hidden">
        {letter}
      </kbd>
      {children}
    </button>
  );
}
