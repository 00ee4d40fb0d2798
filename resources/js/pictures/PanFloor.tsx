import { useId, type ReactNode } from 'react';
import type { Working } from '../contracts.generated';
import { looks, tint } from './browning';

/** Side of the picture in its own units; it is drawn as large as there is room. */
const SIZE = 280;
const MIDDLE = SIZE / 2;
const PAN = MIDDLE - 4;

/** Part of the floor up to a share of its radius, and how brown it is. */
export interface FloorRing {
  to: number;
  browning: number;
}

/** Where things lie in the picture: units, and units a centimetre. */
export function floorOf({ pan, burner }: Pick<Working, 'pan' | 'burner'>) {
  const radius = (pan.base_cm / pan.rim_cm) * (MIDDLE - 8);
  const scale = radius / (pan.base_cm / 2);
  return { size: SIZE, middle: MIDDLE, radius, scale, flame: (burner.ring_cm / 2) * scale };
}

/** The wide pan from above: its floor in rings tinted by the engine's browning, and the burner's ring dashed where it stands under it. */
export function PanFloor({
  working,
  rings,
  shift,
  label,
  className,
  children,
}: {
  working: Pick<Working, 'pan' | 'burner'>;
  rings: readonly FloorRing[];
  /** cm off the middle of the ring. */
  shift: number;
  label: string;
  className: string;
  children?: ReactNode;
}) {
  const underThePan = useId();
  const { radius, scale, flame } = floorOf(working);
  return (
    <svg viewBox={`0 0 ${SIZE} ${SIZE}`} className={className} role="img" aria-label={label}>
      <circle
        cx={MIDDLE}
        cy={MIDDLE}
        r={PAN}
        fill="var(--color-steel)"
        stroke="currentColor"
        strokeWidth={3}
      />
      {[-1, 1].map((side) => (
        <rect
          key={side}
          x={MIDDLE + side * PAN - 4}
          y={MIDDLE - 22}
          width={8}
          height={44}
          rx={4}
          fill="currentColor"
        />
      ))}
      {[...rings].reverse().map(({ to, browning }) => (
        <circle key={to} cx={MIDDLE} cy={MIDDLE} r={to * radius} fill={tint(browning)} />
      ))}
      <circle cx={MIDDLE} cy={MIDDLE} r={radius} fill="none" stroke="var(--color-ink)" strokeWidth={1.5} />
      <clipPath id={underThePan}>
        <circle cx={MIDDLE} cy={MIDDLE} r={PAN} />
      </clipPath>
      <circle
        clipPath={`url(#${underThePan})`}
        cx={MIDDLE + shift * scale}
        cy={MIDDLE}
        r={flame}
        fill="none"
        stroke="var(--color-tomato)"
        strokeWidth={3}
        strokeDasharray="8 6"
      />
      {children}
    </svg>
  );
}

/** How brown it is, in words on the floor itself. */
export function Looks({ browning, y, size = 18 }: { browning: number; y: number; size?: number }) {
  return (
    <text
      x={MIDDLE}
      y={y}
      textAnchor="middle"
      fontSize={size}
      fontWeight={700}
      fill="var(--color-ink)"
      stroke="var(--color-paper)"
      strokeWidth={size / 4.5}
      paintOrder="stroke"
    >
      {looks(browning)}
    </text>
  );
}
