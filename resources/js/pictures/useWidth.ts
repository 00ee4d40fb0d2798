import { useEffect, useRef, useState, type RefObject } from 'react';

/** The width a picture has been given, px; 0 until it is known. */
export function useWidth<T extends HTMLElement>(): [RefObject<T | null>, number] {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    if (!ref.current) {
      return;
    }
    const watch = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)));
    watch.observe(ref.current);
    return () => watch.disconnect();
  }, []);
  return [ref, width];
}
