import { useMeasure } from '../../cook';
import type { Frame } from './frame';
import { legible, type Poured } from './legible';

interface Props {
  frame: Frame;
  pours: Poured[];
  /** mL of the largest that is drawn. */
  biggest: number;
}

const drop = (r: number): string =>
  `M0 ${-r} C ${r * 0.55} ${-r * 0.3} ${r * 0.75} ${r * 0.1} ${r * 0.75} ${r * 0.35} A ${r * 0.75} ${r * 0.75} 0 1 1 ${-r * 0.75} ${r * 0.35} C ${-r * 0.75} ${r * 0.1} ${-r * 0.55} ${-r * 0.3} 0 ${-r} Z`;

/** What is poured, each a drop as large as its amount. */
export function Drops({ frame, pours, biggest }: Props) {
  const { dose } = useMeasure();
  const { x, room, full, thumb, colours } = frame;
  const said = full ? legible(pours, x, (pour) => dose(pour.volume_ml).number) : new Set<number>();
  const at = thumb ? room.top + 5 : full ? room.top - 18 : 9;
  return pours.map((pour, index) => {
    const r = (thumb ? 4 : full ? 9 : 6) * Math.sqrt(pour.volume_ml / biggest) + (thumb ? 1 : 3);
    return (
      <g key={index} transform={`translate(${x(pour.minute)} ${at})`}>
        {said.has(index) && (
          <text y={-r - 5} fontSize={12.5} fontWeight={650} fill={colours.ink} textAnchor="middle">
            {dose(pour.volume_ml).number}
          </text>
        )}
        <path d={drop(r)} fill={pour.kind === 'wine' ? 'var(--color-tomato)' : colours.drop} />
      </g>
    );
  });
}

/** What the plan still pours. */
export const DropsToCome = ({ frame, pours, biggest }: Props) =>
  pours.map((pour, index) => (
    <circle
      key={index}
      cx={frame.x(pour.minute)}
      cy={10}
      r={3 + 4 * Math.sqrt(pour.volume_ml / biggest)}
      fill="none"
      stroke="var(--color-stock-pale)"
      strokeWidth={2}
    />
  ));
