import { useNow } from '../time';

/** Burns down across the full width to the next action. */
export function Fuse({ from, to }: { from: number; to: number }) {
  const now = useNow();
  const left = to <= now ? 0 : Math.min(1, (to - now) / Math.max(1, to - from));
  return (
    <div className="h-[min(0.875rem,1.6dvh)] flex-none bg-iron-light" role="presentation">
      <div
        className="h-full bg-saffron transition-[width] duration-200 ease-linear"
        style={{ width: `${(left * 100).toFixed(2)}%` }}
      />
    </div>
  );
}
