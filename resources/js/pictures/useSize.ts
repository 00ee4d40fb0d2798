import { useEffect, useRef, useState, type RefObject } from 'react';

interface Size {
  width: number;
  height: number;
}

/** The room a picture has been given, px; nothing until it is known. */
export function useSize<T extends HTMLElement>(): [RefObject<T | null>, Size] {
  const ref = useRef<T>(null);
  const [size, setSize] = useState<Size>({ width: 0, height: 0 });
  useEffect(() => {
    if (!ref.current) {
      return;
    }
    const watch = new ResizeObserver(([entry]) => {
      if (entry) {
        const { width, height } = entry.contentRect;
        setSize({ width: Math.floor(width), height: Math.floor(height) });
      }
    });
    watch.observe(ref.current);
    return () => watch.disconnect();
  }, []);
  return [ref, size];
}
