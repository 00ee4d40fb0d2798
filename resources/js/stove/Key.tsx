import type { ReactNode } from 'react';

/** A wide key with its letter: for a knuckle or a keyboard. */
export function Key({
  letter,
  look = 'plain',
  disabled = false,
  pressed,
  label,
  onPress,
  children,
}: {
  letter: string;
  look?: 'main' | 'plain' | 'small';
  disabled?: boolean;
  pressed?: boolean;
  /** What it says to whoever does not see it, where that is more than what stands on it. */
  label?: string | undefined;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <button
      onClick={onPress}
      disabled={disabled}
      aria-keyshortcuts={letter}
      aria-pressed={pressed}
      aria-label={label}
      data-look={look}
      className="key"
    >
      <kbd aria-hidden="true">{letter}</kbd>
      {children}
    </button>
  );
}
