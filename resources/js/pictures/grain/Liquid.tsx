import { area, line } from 'd3-shape';
import { useId } from 'react';
import type { Frame } from './frame';
import type { Run } from './GrainClock';

type Row = [number, number];

const LIGHT = 'var(--color-stock-light)';
const PALE = 'var(--color-stock-pale)';

const rows = (run: Run): Row[] => run.min.map((min, row): Row => [min, run.free_g[row] ?? 0]);

/** What of a run is still to come. */
const after = (all: Row[], now: number | null): Row[] =>
  now === null ? all : all.filter(([min]) => min >= now);

/** The liquid between the grains: as planned, as it was, as it will be. */
export function Liquid({
  frame,
  planned,
  happened,
  forecast,
  now,
}: {
  frame: Frame;
  planned: Run;
  happened: Run | null;
  forecast: Run | null;
  now: number | null;
}) {
  const clip = useId();
  const { x, y, floor, room, width, height, thumb, colours } = frame;
  const surface = line()
    .x(([min]) => x(min))
    .y(([, free]) => y(free));
  const body = area()
    .x(([min]) => x(min))
    .y0(floor)
    .y1(([, free]) => y(free));
  const top = (all: Row[], stroke: string) => (
    <path d={surface(all) ?? ''} fill="none" stroke={stroke} strokeWidth={2} />
  );
  const full = (all: Row[], fill: string, opacity: number) => (
    <path d={body(all) ?? ''} fill={fill} opacity={opacity} />
  );
  return (
    <>
      <clipPath id={clip}>
        <rect x={room.left} y={0} width={width - room.left - room.right} height={height} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {happened ? (
          <>
            {full(rows(happened), colours.poured, 0.55)}
            <path
              d={surface(rows(planned)) ?? ''}
              fill="none"
              stroke={colours.ink}
              strokeWidth={thumb ? 1 : 1.5}
              strokeDasharray="4 3"
              opacity={forecast ? 0.4 : 0.75}
            />
            {forecast && full(after(rows(forecast), now), LIGHT, 0.3)}
            {forecast && top(after(rows(forecast), now), PALE)}
          </>
        ) : (
          <>
            {full(rows(planned), LIGHT, colours.dark ? 0.6 : 0.5)}
            {top(rows(planned), colours.drop)}
          </>
        )}
      </g>
    </>
  );
}
