import { scaleBand, scaleLinear } from 'd3-scale';
import { useSize } from './useSize';

interface Bar {
  /** null: nothing is known of it. */
  share: number | null;
  said: string;
}

/** One bar a week, from a line that is drawn across where there is one. */
export function WeekBars({
  label,
  bars,
  from,
  to,
  at = from,
  small = false,
}: {
  label: string;
  bars: Bar[];
  from: number;
  to: number;
  at?: number;
  small?: boolean;
}) {
  const [frame, { width }] = useSize<HTMLDivElement>();
  const height = small ? 36 : 96;
  const x = scaleBand(
    bars.map((_, i) => i),
    [0, width],
  )
    .paddingInner(0.2)
    .align(0);
  const y = scaleLinear([from, to], [height - 2, 2]).clamp(true);
  const wide = Math.min(x.bandwidth(), 40);
  return (
    <div ref={frame} className="w-full" style={{ height }}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`${label}: ${bars.map(({ said }) => said).join('; ')}`}
        >
          <line x1={0} x2={width} y1={y(at)} y2={y(at)} stroke="var(--color-ink-soft)" />
          {bars.map(({ share, said }, i) =>
            share === null ? null : (
              <rect
                key={said}
                x={x(i)}
                width={wide}
                y={Math.min(y(share), y(at)) - 1}
                height={Math.abs(y(share) - y(at)) + 2}
                fill={
                  at === from
                    ? 'var(--color-herb)'
                    : share > at
                      ? 'var(--color-saffron-deep)'
                      : 'var(--color-ink-soft)'
                }
              >
                <title>{said}</title>
              </rect>
            ),
          )}
        </svg>
      )}
    </div>
  );
}
