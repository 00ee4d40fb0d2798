import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, stack } from 'd3-shape';
import type { Around } from '../contracts.generated';
import { useMeasure } from '../cook';
import { t } from '../words/messages';

type Point = Around['scale'][number];

const LAYERS = ['drunk', 'sauce', 'boiled_off'] as const;
const FILL: Record<(typeof LAYERS)[number], string> = {
  drunk: 'var(--color-grain)',
  sauce: 'var(--color-stock-light)',
  boiled_off: 'var(--color-steam)',
};

/**
 * Why stock does not scale by multiplying, in one picture: liquid per gram of rice against covers, in this pan on this
 * heat. What the rice drinks and keeps as sauce is the same for everyone; what boils off is shared.
 */
export function ScaleCurve({
  points,
  covers,
  width,
  height,
}: {
  points: Point[];
  covers: number;
  width: number;
  height: number;
}) {
  const { ratios } = useMeasure();
  const here = points.find((point) => point.covers === covers);
  if (points.length < 2 || !here) {
    return null;
  }
  const room = { top: 30, right: 4, bottom: 20, left: 4 };
  const first = points[0] ?? here;
  const last = points.at(-1) ?? here;
  const x = scaleLinear([first.covers, last.covers], [room.left, width - room.right]);
  const y = scaleLinear(
    [0, Math.max(...points.map((point) => point.ml_per_g))],
    [height - room.bottom, room.top],
  );
  const layers = stack<unknown, Point, (typeof LAYERS)[number]>().keys(LAYERS)(points);
  const shape = area<(typeof layers)[number][number]>()
    .x((row) => x(row.data.covers))
    .y0((row) => y(row[0]))
    .y1((row) => y(row[1]))
    .curve(curveMonotoneX);
  const anchor = (at: number) => (at < width * 0.2 ? 'start' : at > width * 0.8 ? 'end' : 'middle');

  return (
    <figure>
      <figcaption className="text-sm text-ink-soft">
        {t('pictures.scaleCurve.long-wine-and-all', { long: ratios.long })}
      </figcaption>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={t('pictures.scaleCurve.in-this-pan-on-this-heat', {
          toFixed: ratios.of(first.ml_per_g).toFixed(1),
          long: ratios.long,
          covers: first.covers,
          toFixed2: ratios.of(here.ml_per_g).toFixed(1),
          covers2: covers,
          toFixed3: ratios.of(last.ml_per_g).toFixed(1),
          covers3: last.covers,
        })}
      >
        {layers.map((layer) => (
          <path key={layer.key} d={shape(layer) ?? ''} fill={FILL[layer.key]} />
        ))}
        <line
          x1={x(covers)}
          x2={x(covers)}
          y1={y(here.ml_per_g)}
          y2={height - room.bottom}
          stroke="var(--color-ink)"
          strokeWidth={2.5}
        />
        <circle
          cx={x(covers)}
          cy={y(here.ml_per_g)}
          r={5}
          fill="var(--color-saffron)"
          stroke="var(--color-ink)"
          strokeWidth={2}
        />
        {[first, here, last].map((point) => (
          <g key={point.covers}>
            {(point === here || Math.abs(x(point.covers) - x(covers)) > 40) && (
              <text
                x={x(point.covers)}
                y={y(point.ml_per_g) - 9}
                textAnchor={anchor(x(point.covers))}
                fontSize={point === here ? 17 : 14}
                fontWeight={point === here ? 700 : 500}
                fill="var(--color-ink)"
              >
                {ratios.of(point.ml_per_g).toFixed(1)}
              </text>
            )}
            <text
              x={x(point.covers)}
              y={height - 4}
              textAnchor={anchor(x(point.covers))}
              fontSize={13}
              fill="var(--color-ink-soft)"
            >
              {point.covers}
            </text>
          </g>
        ))}
      </svg>
    </figure>
  );
}
