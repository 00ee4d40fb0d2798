import type { Frame } from './frame';
import { LETTER } from './legible';

/** Whether a word has room before its line, beside the line before it, so many px away. */
export const fitsBeside = (text: string, px: number): boolean => px >= text.length * LETTER + 10;

/** A moment: an upright line, in full with its word before it. */
export function Flag({
  frame: { room, floor, full, colours },
  at,
  text,
  above = false,
}: {
  frame: Frame;
  at: number;
  text: string;
  /** In a row of its own, over the one before it. */
  above?: boolean;
}) {
  return (
    <g>
      <line x1={at} x2={at} y1={room.top} y2={floor} stroke={colours.ink} strokeWidth={2} />
      {full && (
        <text
          x={at - 5}
          y={floor - (above ? 23 : 7)}
          fontSize={13}
          fontWeight={650}
          fill={colours.ink}
          textAnchor="end"
        >
          {text}
        </text>
      )}
    </g>
  );
}
