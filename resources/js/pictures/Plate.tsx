import { useId } from 'react';
import type { Working } from '../contracts.generated';

/**
 * How it lies when it is served, from the side: a risotto as a heap that is wider and flatter the looser it is, a soupy
 * rice in its bowl with the broth standing over the rice, a pan rice as dry or shining grains.
 */
export function Plate({ family, looseness }: { family: Working['dish']['family']; looseness: number }) {
  return (
    <svg viewBox="0 0 120 44" className="mx-auto block h-14 max-w-full" aria-hidden="true">
      {family === 'soupy-rice' ? (
        <Bowl looseness={looseness} />
      ) : family === 'pan-rice' ? (
        <Grains wet={looseness > 0.1} />
      ) : (
        <Heap looseness={looseness} />
      )}
    </svg>
  );
}

function Heap({ looseness }: { looseness: number }) {
  const half = 12 + 34 * looseness;
  const tall = 30 / (0.45 + looseness * 1.6);
  return (
    <>
      <path
        d={`M${60 - half} 34 C ${60 - half * 0.8} ${34 - tall * 1.35} ${60 + half * 0.8} ${34 - tall * 1.35} ${60 + half} 34 Z`}
        fill="var(--color-grain)"
        stroke="currentColor"
        strokeWidth="2"
      />
      <path
        d="M4 34 H116 M16 34 Q60 44 104 34"
        fill="none"
        stroke="currentColor"
        strokeWidth="3"
        strokeLinecap="round"
      />
    </>
  );
}

function Bowl({ looseness }: { looseness: number }) {
  const inside = useId();
  // The rice itself takes about as much room in each; the broth over it is what differs.
  const rice = 40 - 46 / (1.6 + looseness);
  return (
    <>
      <clipPath id={inside}>
        <path d="M18 6 Q22 41 60 41 Q98 41 102 6 Z" />
      </clipPath>
      <g clipPath={`url(#${inside})`}>
        <rect x="10" y="11" width="100" height="32" fill="var(--color-stock-light)" />
        <rect x="10" y={rice} width="100" height="32" fill="var(--color-grain)" />
      </g>
      <path
        d="M18 6 Q22 41 60 41 Q98 41 102 6"
        fill="none"
        stroke="currentColor"
        strokeWidth="3"
        strokeLinecap="round"
      />
    </>
  );
}

function Grains({ wet }: { wet: boolean }) {
  return (
    <>
      {wet && <rect x="8" y="24" width="104" height="12" fill="var(--color-stock-light)" />}
      {Array.from({ length: 9 }, (_, i) => (
        <ellipse
          key={i}
          cx={16 + 11 * i}
          cy={i % 2 === 0 ? 28 : 21}
          rx="6.5"
          ry="4"
          fill="var(--color-grain)"
          stroke="currentColor"
          strokeWidth="1.5"
          transform={`rotate(${i % 2 === 0 ? -18 : 22} ${16 + 11 * i} ${i % 2 === 0 ? 28 : 21})`}
        />
      ))}
      <path d="M4 38 H116" stroke="currentColor" strokeWidth="3" strokeLinecap="round" />
    </>
  );
}
