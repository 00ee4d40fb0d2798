import { scaleLinear } from 'd3-scale';
import { useMeasure } from '../../cook';
import { t } from '../../words/messages';
import type { Frame } from './frame';

/** What is free, in round numbers of what this kitchen's jugs are read in. */
export function Graduation({ frame: { y, room, width, colours } }: { frame: Frame }) {
  const { jug } = useMeasure();
  const ticks = scaleLinear(
    y.domain().map((value) => value / jug.ml),
    y.range(),
  ).ticks(4);
  return (
    <>
      {ticks.map((tick) => (
        <g key={tick}>
          <line
            x1={room.left}
            x2={width - room.right}
            y1={y(tick * jug.ml)}
            y2={y(tick * jug.ml)}
            stroke={colours.rule}
          />
          <text x={room.left - 6} y={y(tick * jug.ml) + 4} fontSize={12} fill={colours.soft} textAnchor="end">
            {tick}
          </text>
        </g>
      ))}
      <text x={4} y={room.top - 8} fontSize={12} fill={colours.soft}>
        {t('pictures.grainClock.unit-free', { unit: jug.unit })}
      </text>
    </>
  );
}
