import { useEffect, useRef, useState } from 'react';
import { PACE, ROW } from './shape';

/** A hand trembles: less than so many px is no drag. */
const TREMBLES = 6;

/** The keys move a pan once they have been let alone so long, ms. */
const SETTLES = 700;

/** What a drag, or the keys, make of a pan: minutes later, and rows down. */
export interface Move {
  minutes: number;
  rows: number;
}

/** A bar under a finger, or under the arrow keys. */
export function useMoved(onMoved: (move: Move) => Promise<void>, onOpen: () => void, may: boolean) {
  const [move, setMove] = useState<Move>({ minutes: 0, rows: 0 });
  const [dragging, setDragging] = useState(false);
  const from = useRef<{ x: number; y: number } | null>(null);
  const settles = useRef<ReturnType<typeof setTimeout>>(undefined);
  const last = useRef(move);
  const set = (next: Move) => {
    last.current = next;
    setMove(next);
  };
  // Where the night has answered it stands where the night has it.
  const settle = () => void onMoved(last.current).finally(() => set({ minutes: 0, rows: 0 }));
  const handlers = {
    onPointerDown: (event: React.PointerEvent<HTMLElement>) => {
      if (may) {
        from.current = { x: event.clientX, y: event.clientY };
        event.currentTarget.setPointerCapture(event.pointerId);
      }
    },
    onPointerMove: (event: React.PointerEvent) => {
      if (from.current) {
        const [right, down] = [event.clientX - from.current.x, event.clientY - from.current.y];
        if (dragging || Math.hypot(right, down) > TREMBLES) {
          setDragging(true);
          set({ minutes: Math.round(right / PACE), rows: Math.round(down / ROW) });
        }
      }
    },
    onPointerUp: () => {
      from.current = null;
      if (dragging) {
        settle();
      }
    },
    onPointerCancel: () => {
      from.current = null;
      setDragging(false);
      set({ minutes: 0, rows: 0 });
    },
    onClick: () => {
      if (dragging) {
        setDragging(false);
      } else {
        onOpen();
      }
    },
    onKeyDown: (event: React.KeyboardEvent) => {
      const by: Record<string, Move> = {
        ArrowLeft: { minutes: event.shiftKey ? -5 : -1, rows: 0 },
        ArrowRight: { minutes: event.shiftKey ? 5 : 1, rows: 0 },
        ArrowUp: { minutes: 0, rows: -1 },
        ArrowDown: { minutes: 0, rows: 1 },
      };
      const step = by[event.key];
      if (step && may) {
        event.preventDefault();
        set({ minutes: last.current.minutes + step.minutes, rows: last.current.rows + step.rows });
        clearTimeout(settles.current);
        settles.current = setTimeout(settle, SETTLES);
      }
    },
  };
  useEffect(() => () => clearTimeout(settles.current), []);
  return { move, handlers, dragging };
}
