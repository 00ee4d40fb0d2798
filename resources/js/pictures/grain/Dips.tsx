import type { Frame } from './frame';

/** A stretch in which the pan is off its boil. */
export interface Dip {
  from: number;
  to: number;
  /** How cold it gets, in the kitchen's unit. */
  lowest: string;
}

/** Where something cold takes the pan off its boil: a cold edge along the floor, and how cold it gets. */
export function Dips({ frame, dips }: { frame: Frame; dips: Dip[] }) {
  const { x, floor, full, colours } = frame;
  return dips.map(({ from, to, lowest }) => {
    return (
      <g key={from}>
        <rect
          x={x(from)}
          y={floor - 6}
          width={Math.max(2, x(to) - x(from))}
          height={6}
          fill="var(--color-steam-deep)"
        />
        {full && (
          <text
            x={x(from) - 4}
            y={floor - 2}
            fontSize={13}
            textAnchor="end"
            fill={colours.ink}
            stroke={colours.dark ? 'var(--color-iron)' : 'var(--color-paper)'}
            strokeWidth={3}
            paintOrder="stroke"
          >
            {lowest}
          </text>
        )}
      </g>
    );
  });
}
