import { useLayoutEffect } from 'react';

/**
 * Keys of the keyboard, while this stands on the screen. They are heard before it is painted: a knock is always meant for
 * what is seen. What is typed into a field, held down, or pressed with Ctrl, ⌘ or Alt is not for it.
 *
 * @param press what a key does, in small letters; nothing where it is none of ours
 */
export function useKeys(press: (key: string) => (() => void) | undefined, listens = true): void {
  useLayoutEffect(() => {
    if (!listens) {
      return;
    }
    const heard = (event: KeyboardEvent) => {
      const { repeat, ctrlKey, metaKey, altKey, target } = event;
      if (repeat || ctrlKey || metaKey || altKey || target instanceof HTMLInputElement) {
        return;
      }
      const act = press(event.key.toLowerCase());
      if (act) {
        event.preventDefault();
        act();
      }
    };
    window.addEventListener('keydown', heard);
    return () => window.removeEventListener('keydown', heard);
  });
}
