import { scaleLinear } from 'd3-scale';
import { useId } from 'react';
import { useMeasure } from '../cook';
import { trimmed } from '../measure';
import { t } from '../words/messages';

/** px that a letter of the label in the reserve takes at most. */
const LETTER = 7.6;

interface Band {
  volume_ml: number;
  poured: boolean;
  next: boolean;
}

/**
 * The side pot as a tall measured column: the first dose is the topmost band, so the level drains as the cook pours;
 * the reserve, hatched, lies at the bottom.
 */
export function StockColumn({
  bands,
  reserve,
  width,
  height,
  ground = 'paper',
}: {
  bands: Band[];
  reserve: number;
  width: number;
  height: number;
  ground?: 'paper' | 'iron';
}) {
  const hatch = useId();
  const { column, dose, volume } = useMeasure();
  const dark = ground === 'iron';
  const ink = dark ? 'var(--color-chalk)' : 'var(--color-ink)';
  const soft = dark ? 'var(--color-chalk-soft)' : 'var(--color-ink-soft)';
  const total = bands.reduce((sum, band) => sum + band.volume_ml, 0) + reserve;
  const left = bands.reduce((sum, band) => sum + (band.poured ? 0 : band.volume_ml), 0) + reserve;
  const wall = { left: 46, right: width - 10, top: 10, bottom: height - 10 };
  const y = scaleLinear([0, Math.max(1, total)], [wall.bottom, wall.top + 6]);
  const ticks = scaleLinear([0, Math.max(1, total) / column.ml], [0, 1])
    .ticks(6)
    .filter((tick) => tick > 0);

  const levels: { from: number; to: number; band: Band }[] = [];
  let level = total;
  for (const band of bands) {
    levels.push({ from: level, to: level - band.volume_ml, band });
    level -= band.volume_ml;
  }

  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={t('pictures.stockColumn.stock-column-left-of-total-left', {
        left: volume(left),
        total: volume(total),
      })}
    >
      <defs>
        <pattern id={hatch} width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="8" height="8" fill="var(--color-stock-pale)" />
          <rect width="3" height="8" fill="var(--color-stock)" />
        </pattern>
      </defs>
      {levels.map(({ from, to, band }, index) => {
        const top = y(from);
        const tall = y(to) - top;
        return (
          <g key={index}>
            <rect
              x={wall.left}
              width={wall.right - wall.left}
              y={top}
              height={Math.max(0, tall - 1.5)}
              fill={
                band.poured
                  ? 'none'
                  : band.next
                    ? 'var(--color-saffron)'
                    : index % 2 === 0
                      ? 'var(--color-stock)'
                      : '#7a481c'
              }
              stroke={band.poured ? soft : 'none'}
              strokeDasharray="3 4"
              opacity={band.poured ? 0.5 : 1}
            />
            {tall > 13 && (
              <text
                x={wall.right - 9}
                y={top + tall / 2 + 4.5}
                textAnchor="end"
                fontSize={Math.min(17, Math.max(12, tall * 0.5))}
                fontWeight={650}
                fill={band.poured ? soft : band.next ? 'var(--color-ink)' : 'var(--color-chalk)'}
              >
                {dose(band.volume_ml).number}
              </text>
            )}
          </g>
        );
      })}
      <rect
        x={wall.left}
        width={wall.right - wall.left}
        y={y(reserve)}
        height={wall.bottom - y(reserve)}
        fill={`url(#${hatch})`}
      />
      {wall.bottom - y(reserve) > 18 && (
        <g>
          <rect
            x={wall.left + 4}
            y={(y(reserve) + wall.bottom) / 2 - 10}
            width={Math.min(96, wall.right - wall.left - 8)}
            height={20}
            rx={4}
            fill="var(--color-paper)"
          />
          <text
            x={wall.left + 4 + Math.min(96, wall.right - wall.left - 8) / 2}
            y={(y(reserve) + wall.bottom) / 2 + 4.5}
            textAnchor="middle"
            fontSize={13}
            fontWeight={650}
            fill="var(--color-ink)"
          >
            {[
              t('pictures.stockColumn.reserve-amount', { amount: dose(reserve).number }),
              t('pictures.stockColumn.held-amount', { amount: dose(reserve).number }),
              dose(reserve).number,
            ].find((words) => words.length * LETTER < wall.right - wall.left - 16) ?? ''}
          </text>
        </g>
      )}
      <path
        d={`M${wall.left - 3} ${wall.top - 6} V${wall.bottom + 2} H${wall.right + 3} V${wall.top - 6}`}
        fill="none"
        stroke={ink}
        strokeWidth={3.5}
        strokeLinecap="round"
      />
      {ticks.map((tick) => (
        <g key={tick}>
          <line
            x1={wall.left - 12}
            x2={wall.left - 3}
            y1={y(tick * column.ml)}
            y2={y(tick * column.ml)}
            stroke={ink}
            strokeWidth={2}
          />
          <text x={wall.left - 16} y={y(tick * column.ml) + 4.5} textAnchor="end" fontSize={13} fill={ink}>
            {trimmed(tick, 2)}
          </text>
        </g>
      ))}
      <text x={wall.left - 16} y={wall.top + 2} textAnchor="end" fontSize={12} fill={soft}>
        {column.unit}
      </text>
    </svg>
  );
}
