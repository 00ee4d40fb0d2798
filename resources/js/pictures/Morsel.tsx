import type { ReactNode } from 'react';
import type { Kitchen } from '../contracts.generated';

type Kind = Kitchen['dishes'][number]['shows'][number];

/** What each kind of food looks like from a step away, round nought; a drawing of ours. */
const LOOKS: Record<Kind, ReactNode> = {
  vegetable: <circle r="3.6" fill="var(--color-herb)" />,
  pickle: <circle r="2.8" fill="none" stroke="var(--color-herb)" strokeWidth="2" />,
  mushroom: <path d="M-5 1 Q0 -8 5 1 H2 V4 H-2 V1 Z" fill="var(--color-stock-light)" />,
  pulse: (
    <g fill="var(--color-stock-light)">
      <circle cx="-3" r="2.2" />
      <circle cx="2.4" cy="-1" r="2.2" />
    </g>
  ),
  dried: (
    <g fill="var(--color-stock)">
      <circle cx="-2.6" r="1.6" />
      <circle cx="2.2" cy="-1.4" r="1.6" />
    </g>
  ),
  fish: <path d="M-7 2 L-4 -4 H7 L4 2 Z M-3 2 L0 -4 M1 2 L4 -4" fill="var(--color-field)" />,
  prawn: <path d="M-5 2 A5 5 0 1 1 5 2" fill="none" stroke="var(--color-tomato)" strokeWidth="3.2" />,
  squid: <circle r="4" fill="var(--color-field)" strokeWidth="2.6" />,
  'in-shell': <path d="M-7 0 Q0 -8 7 0 Q0 4 -7 0 Z" fill="var(--color-steam-deep)" />,
  meat: <path d="M-7 2 Q-7 -5 0 -5 Q8 -5 7 2 Z" fill="var(--color-stock)" />,
  cured: <rect x="-3.4" y="-3.4" width="6.8" height="6.8" fill="var(--color-tomato)" />,
  nut: <path d="M-4 2 Q-2 -5 4 -3 Q3 3 -4 2 Z" fill="var(--color-saffron-deep)" />,
};

/** One piece of a food as it lies on a rice. */
export function Morsel({ kind, x, y }: { kind: Kind; x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y.toFixed(1)})`} stroke="currentColor" strokeWidth="1.2">
      {LOOKS[kind]}
    </g>
  );
}
