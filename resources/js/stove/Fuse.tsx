import { useNow } from '../time';

/** Burns down across the full width to the next action, about a pixel at a time: drawn smoother than that it keeps a tablet painting all evening. */
export function Fuse({ from, to }: { from: number; to: number }) {
  const now = useNow();
  const left = to <= now ? 0 : Math.min(1, (to - now) / Math.max(1, to - from));
  return (
    <div className="h-[min(0.875rem,1.6dvh)] flex-none bg-iron-light" role="presentation">
      <div className="h-full origin-left bg-saffron" style={{ transform: `scaleX(${left.toFixed(4)})` }} />
    </div>
  );
}
