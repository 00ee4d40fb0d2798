import type { Frame } from './frame';

/** What is done in the pan before the first liquid. */
export interface BeforeTheLiquid {
  from: number;
  to: number;
  what: string;
}

/** A bar narrower than this has no room for a name beside the next, px. */
const ROOM_FOR_A_NAME = 18;

/** The base, from the cold pan on: a bar for each part, between the floor and nothing, with its name where it has room. */
export function Base({ frame, parts }: { frame: Frame; parts: BeforeTheLiquid[] }) {
  const { x, floor, full, colours } = frame;
  return parts.map(({ from, to, what }, row) => {
    const wide = x(to) - x(from);
    const legible = full && wide >= ROOM_FOR_A_NAME;
    return (
      <g key={`${from} ${what}`}>
        <rect
          x={x(from)}
          y={floor - 8}
          width={Math.max(1, wide - 1)}
          height={8}
          fill={row % 2 === 0 ? 'var(--color-saffron)' : 'var(--color-stock-light)'}
        />
        {legible && (
          <text
            x={x(from) + wide / 2 + 4}
            y={floor - 14}
            fontSize={13}
            fill={colours.soft}
            transform={`rotate(-90 ${x(from) + wide / 2 + 4} ${floor - 14})`}
          >
            {what}
          </text>
        )}
      </g>
    );
  });
}
