/** A heap of risotto on a plate, from the side: the looser, the wider and flatter. */
export function Plate({ looseness }: { looseness: number }) {
  const half = 12 + 34 * looseness;
  const tall = 30 / (0.45 + looseness * 1.6);
  return (
    <svg viewBox="0 0 120 44" className="mx-auto block h-14" aria-hidden="true">
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
    </svg>
  );
}
