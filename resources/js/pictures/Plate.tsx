import { useId } from 'react';
import type { Kitchen, Working } from '../contracts.generated';
import { Morsel } from './Morsel';

type Shows = Kitchen['dishes'][number]['shows'];

/**
 * How it lies when it is served, from the side: a risotto as a heap that is wider and flatter the looser it is, a soupy
 * rice in its bowl with the broth standing over the rice, a pan rice as dry or shining grains. What is seen of a dish lies on it.
 */
export function Plate({
  family,
  looseness,
  shows = [],
}: {
  family: Working['dish']['family'];
  looseness: number;
  shows?: Shows;
}) {
  // Each kind once on either side of the middle, the heaviest in the middle.
  const [first, second, third] = shows;
  const lies = [third, second, first, second ?? first, third ?? second].flatMap((kind, at) =>
    kind === undefined || (shows.length === 1 && at !== 2 && at !== 3) ? [] : [[kind, 30 + 15 * at] as const],
  );
  const top = (x: number) =>
    family === 'soupy-rice' ? 11 : family === 'pan-rice' ? 18 : crown(looseness, x);
  return (
    <svg viewBox="0 0 120 44" className="mx-auto block h-14 max-w-full" aria-hidden="true">
      {family === 'soupy-rice' ? (
        <Bowl looseness={looseness} />
      ) : family === 'pan-rice' ? (
        <Grains wet={looseness > 0.1} />
      ) : (
        <Heap looseness={looseness} />
      )}
      {lies.map(([kind, x]) => (
        <Morsel key={x} kind={kind} x={x} y={top(x)} />
      ))}
    </svg>
  );
}

const halfOf = (looseness: number) => 12 + 34 * looseness;

const tallOf = (looseness: number) => 30 / (0.45 + looseness * 1.6);

/** Where a heap ends upwards, so far from the left: the curve of {@link Heap}, near enough. */
function crown(looseness: number, x: number): number {
  const off = Math.min(1, Math.abs(x - 60) / halfOf(looseness));
  return 34 - tallOf(looseness) * (1 - off ** 2.4);
}

function Heap({ looseness }: { looseness: number }) {
  const half = halfOf(looseness);
  const tall = tallOf(looseness);
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
