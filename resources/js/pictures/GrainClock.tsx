import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { area, curveStepAfter, line } from 'd3-shape';
import { useId } from 'react';
import { useMeasure } from '../cook';
import { minute as shown } from '../measure';
import { legible, type Poured } from './legible';
import { useSize } from './useSize';
import { t } from '../words/messages';

interface Run {
  min: number[];
  free_g: number[];
}

export interface GrainClockProps {
  label: string;
  height: number;
  /** Liquid as planned. */
  planned: Run;
  plannedPours: Poured[];
  /** Liquid as the engine makes it of what was poured. */
  happened?: Run | null;
  happenedPours?: Poured[];
  /** Liquid as it will be, from the last touch on. */
  forecast?: Run | null;
  heat: { from_min: number; setting: string; net_w: number }[];
  /** Net power of the strongest mark, W: the top of the heat lane. */
  strongest?: number;
  /** Minutes of the cook between which the bite is right. */
  window?: [number, number] | null;
  pull: number | null;
  table: number | null;
  now?: number | null;
  /** The kitchen's clock at a minute of the cook. */
  clockAt?: (minute: number) => string;
  ground?: 'paper' | 'iron';
  size?: 'full' | 'strip' | 'thumb';
}

/**
 * One cook on one time axis: doses as drops, the liquid between the grains as it rises and falls, the heat as a
 * stepped track, the window as a band. Every shape is a number of the engine.
 */
export function GrainClock(props: GrainClockProps) {
  const [frame, { width }] = useSize<HTMLDivElement>();
  return (
    <div ref={frame} className="w-full" style={{ height: props.height }}>
      {width > 0 && <Drawing {...props} width={width} />}
    </div>
  );
}

function Drawing({
  label,
  height,
  width,
  planned,
  plannedPours,
  happened = null,
  happenedPours = [],
  forecast = null,
  heat,
  strongest,
  window: right = null,
  pull,
  table,
  now = null,
  clockAt,
  ground = 'paper',
  size = 'full',
}: GrainClockProps & { width: number }) {
  const clip = useId();
  const dark = ground === 'iron';
  const ink = dark ? 'var(--color-chalk)' : 'var(--color-ink)';
  const soft = dark ? 'var(--color-chalk-soft)' : 'var(--color-ink-soft)';
  const rule = dark ? 'var(--color-iron-rule)' : 'var(--color-rule)';
  const full = size === 'full';
  const thumb = size === 'thumb';

  const room = full
    ? { top: clockAt ? 64 : 44, bottom: 62, left: 44, right: 14 }
    : thumb
      ? { top: 4, bottom: 4, left: 0, right: 0 }
      : { top: 20, bottom: 20, left: 10, right: 10 };
  const first = Math.min(0, ...heat.map((change) => change.from_min), full ? -3 : -0.5);
  const last =
    Math.max(
      table ?? 0,
      planned.min.at(-1) ?? 1,
      happened?.min.at(-1) ?? 0,
      forecast?.min.at(-1) ?? 0,
      now ?? 0,
    ) + (full ? 0.6 : 0.2);
  const x = scaleLinear([first, last], [room.left, width - room.right]);
  const { dose, jug } = useMeasure();
  const most = Math.max(1, ...planned.free_g, ...(happened?.free_g ?? []), ...(forecast?.free_g ?? []));
  const floor = height - room.bottom;
  const y = scaleLinear([0, most * 1.06], [floor, room.top]);

  const rows = (run: Run) => run.min.map((min, row): [number, number] => [min, run.free_g[row] ?? 0]);
  const surface = line()
    .x(([min]) => x(min))
    .y(([, free]) => y(free));
  const body = area()
    .x(([min]) => x(min))
    .y0(floor)
    .y1(([, free]) => y(free));

  const power = scaleLinear(
    [0, strongest ?? Math.max(...heat.map((change) => change.net_w))],
    [height - 20, floor + 10],
  );
  const end = pull ?? last;
  const knob = line()
    .x(([min]) => x(min))
    .y(([, net]) => power(net))
    .curve(curveStepAfter);
  const knobRows = [
    ...heat.map((change): [number, number] => [Math.max(first, change.from_min), change.net_w]),
    [end, 0] as [number, number],
  ];
  if (full && knobRows[0]) {
    knobRows[0][0] = first;
  }

  const marks = full
    ? x.ticks(Math.max(4, Math.round(width / 90))).filter((tick) => Number.isInteger(tick))
    : [];
  const pours = happened ? happenedPours : plannedPours;
  const said = full ? legible(pours, x, (pour) => dose(pour.volume_ml).number) : new Set<number>();
  const biggest = Math.max(
    1,
    ...plannedPours.map((pour) => pour.volume_ml),
    ...pours.map((pour) => pour.volume_ml),
  );

  return (
    <svg width={width} height={height} role="img" aria-label={label}>
      <clipPath id={clip}>
        <rect x={room.left} y={0} width={width - room.left - room.right} height={height} />
      </clipPath>

      {right && (
        <g>
          <rect
            x={x(right[0])}
            width={Math.max(2, x(Math.min(right[1], last)) - x(right[0]))}
            y={room.top}
            height={floor - room.top}
            fill={dark ? 'var(--color-herb-light)' : 'var(--color-herb)'}
            opacity={dark ? 0.22 : 0.16}
          />
          {full && (
            <text
              x={width - room.right}
              y={room.top - 5}
              fontSize={13}
              textAnchor="end"
              fill={dark ? 'var(--color-herb-light)' : 'var(--color-herb)'}
            >
              {t('pictures.grainClock.bite-right')}
            </text>
          )}
        </g>
      )}

      {full &&
        graduation(y, jug.ml).map((tick) => (
          <g key={tick}>
            <line
              x1={room.left}
              x2={width - room.right}
              y1={y(tick * jug.ml)}
              y2={y(tick * jug.ml)}
              stroke={rule}
            />
            <text x={room.left - 6} y={y(tick * jug.ml) + 4} fontSize={12} fill={soft} textAnchor="end">
              {tick}
            </text>
          </g>
        ))}
      {full && (
        <text x={4} y={room.top - 8} fontSize={12} fill={soft}>
          {t('pictures.grainClock.unit-free', { unit: jug.unit })}
        </text>
      )}

      <g clipPath={`url(#${clip})`}>
        {happened ? (
          <>
            <path
              d={body(rows(happened)) ?? ''}
              fill={dark ? 'var(--color-stock-light)' : 'var(--color-stock)'}
              opacity={0.55}
            />
            <path
              d={surface(rows(planned)) ?? ''}
              fill="none"
              stroke={ink}
              strokeWidth={thumb ? 1 : 1.5}
              strokeDasharray="4 3"
              opacity={forecast ? 0.4 : 0.75}
            />
            {forecast && (
              <>
                <path
                  d={body(after(rows(forecast), now)) ?? ''}
                  fill="var(--color-stock-light)"
                  opacity={0.3}
                />
                <path
                  d={surface(after(rows(forecast), now)) ?? ''}
                  fill="none"
                  stroke="var(--color-stock-pale)"
                  strokeWidth={2}
                />
              </>
            )}
          </>
        ) : (
          <>
            <path
              d={body(rows(planned)) ?? ''}
              fill={dark ? 'var(--color-stock-light)' : 'var(--color-stock-light)'}
              opacity={dark ? 0.6 : 0.5}
            />
            <path
              d={surface(rows(planned)) ?? ''}
              fill="none"
              stroke={dark ? 'var(--color-stock-pale)' : 'var(--color-stock)'}
              strokeWidth={2}
            />
          </>
        )}
      </g>

      {pours.map((pour, index) => {
        const scale = (thumb ? 4 : full ? 9 : 6) * Math.sqrt(pour.volume_ml / biggest) + (thumb ? 1 : 3);
        const at = thumb ? room.top + 5 : full ? room.top - 18 : 9;
        return (
          <g key={index} transform={`translate(${x(pour.minute)} ${at})`}>
            {said.has(index) && (
              <text y={-scale - 5} fontSize={12.5} fontWeight={650} fill={ink} textAnchor="middle">
                {dose(pour.volume_ml).number}
              </text>
            )}
            <path
              d={`M0 ${-scale} C ${scale * 0.55} ${-scale * 0.3} ${scale * 0.75} ${scale * 0.1} ${scale * 0.75} ${scale * 0.35} A ${scale * 0.75} ${scale * 0.75} 0 1 1 ${-scale * 0.75} ${scale * 0.35} C ${-scale * 0.75} ${scale * 0.1} ${-scale * 0.55} ${-scale * 0.3} 0 ${-scale} Z`}
              fill={
                pour.kind === 'wine'
                  ? 'var(--color-tomato)'
                  : dark
                    ? 'var(--color-stock-pale)'
                    : 'var(--color-stock)'
              }
            />
          </g>
        );
      })}

      {happened &&
        now !== null &&
        plannedPours
          .filter((pour) => pour.minute > now)
          .map((pour, index) => (
            <circle
              key={index}
              cx={x(pour.minute)}
              cy={10}
              r={3 + 4 * Math.sqrt(pour.volume_ml / biggest)}
              fill="none"
              stroke="var(--color-stock-pale)"
              strokeWidth={2}
            />
          ))}

      <line x1={room.left} x2={width - room.right} y1={floor} y2={floor} stroke={soft} />
      {!thumb && (
        <path
          d={knob(knobRows) ?? ''}
          fill="none"
          stroke={dark ? 'var(--color-saffron)' : 'var(--color-tomato)'}
          strokeWidth={full ? 3 : 2}
        />
      )}
      {full &&
        knobLabels(heat, (min) => x(Math.max(first, min)), x(end)).map((label) => (
          <text
            key={label.at}
            x={label.at + (label.anchor === 'end' ? -4 : 6)}
            y={power(label.net_w) + (power(label.net_w) < floor + 24 ? 15 : -5)}
            fontSize={13}
            textAnchor={label.anchor}
            fill={dark ? 'var(--color-saffron)' : 'var(--color-tomato)'}
          >
            {label.text}
          </text>
        ))}
      {marks.map((tick) => (
        <g key={tick}>
          <line x1={x(tick)} x2={x(tick)} y1={floor} y2={floor + 4} stroke={soft} />
          <text x={x(tick)} y={height - 4} fontSize={13} fill={soft} textAnchor="middle">
            {shown(tick)}
          </text>
          {clockAt && x(tick) < width - 20 && (
            <text x={x(tick)} y={12} fontSize={13} fill={soft} textAnchor="middle">
              {clockAt(tick)}
            </text>
          )}
        </g>
      ))}

      {pull !== null && (
        <Flag
          x={x(pull)}
          top={room.top}
          floor={floor}
          text={full ? t('common.pull') : null}
          ink={ink}
          before
        />
      )}
      {table !== null && !thumb && (
        <Flag
          x={x(table)}
          top={room.top}
          floor={floor}
          text={full ? t('common.table') : null}
          ink={ink}
          before
          above={pull !== null && x(table) - x(pull) < t('common.table').length * LETTER + 10}
        />
      )}
      {now !== null && (
        <g>
          <line
            x1={x(now)}
            x2={x(now)}
            y1={2}
            y2={height - 2}
            stroke="var(--color-saffron)"
            strokeWidth={4}
          />
        </g>
      )}
    </svg>
  );
}

/** px that a letter of a knob label takes, about. */
const LETTER = 6.6;

/** What stands along the heat track: as much as there is room for before the knob is turned again. */
function knobLabels(
  heat: GrainClockProps['heat'],
  x: (minute: number) => number,
  end: number,
): { at: number; net_w: number; text: string; anchor: 'start' | 'end' }[] {
  return heat.flatMap((change, row) => {
    const from = x(change.from_min);
    const next = heat[row + 1];
    const room = (next ? x(next.from_min) : Math.max(end, from)) - from;
    const watts = `${change.setting} · ${Math.round(change.net_w)} W`;
    const text = [t('pictures.grainClock.watts-into-the-pan', { watts }), watts, change.setting].find(
      (one) => one.length * LETTER < room,
    );
    if (text !== undefined) {
      return [{ at: from, net_w: change.net_w, text, anchor: 'start' as const }];
    }
    // The last stretch is short, and there is room after it.
    return next ? [] : [{ at: from, net_w: change.net_w, text: change.setting, anchor: 'start' as const }];
  });
}

function Flag({
  x,
  top,
  floor,
  text,
  ink,
  before,
  above = false,
}: {
  x: number;
  top: number;
  floor: number;
  text: string | null;
  ink: string;
  before: boolean;
  /** In a row of its own, over the one before it. */
  above?: boolean;
}) {
  return (
    <g>
      <line x1={x} x2={x} y1={top} y2={floor} stroke={ink} strokeWidth={2} />
      {text && (
        <text
          x={before ? x - 5 : x + 5}
          y={floor - (above ? 23 : 7)}
          fontSize={13}
          fontWeight={650}
          fill={ink}
          textAnchor={before ? 'end' : 'start'}
        >
          {text}
        </text>
      )}
    </g>
  );
}

/** Round numbers on the axis of what is free, in what this kitchen's jugs are read in. */
function graduation(y: ScaleLinear<number, number>, ml: number): number[] {
  return scaleLinear(
    y.domain().map((value) => value / ml),
    y.range(),
  ).ticks(4);
}

/** What of a run is still to come. */
const after = (rows: [number, number][], now: number | null): [number, number][] =>
  now === null ? rows : rows.filter(([min]) => min >= now);
