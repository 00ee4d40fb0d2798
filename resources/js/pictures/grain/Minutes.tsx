import { minute as shown } from '../../measure';
import { halfDays } from '../../time';
import type { Frame } from './frame';

/** The time axis: minutes of the cook below, the kitchen's clock above. */
export function Minutes({ frame, clockAt }: { frame: Frame; clockAt?: (minute: number) => string }) {
  const { x, floor, width, height, colours } = frame;
  const marks = x.ticks(Math.max(4, Math.round(width / 90))).filter((tick) => Number.isInteger(tick));
  // A clock's time needs more room than a minute: with little of it, every second or third is said.
  const apart = x(marks[1] ?? 0) - x(marks[0] ?? 0);
  const every = Math.max(1, Math.ceil((halfDays() ? 78 : 54) / Math.max(1, apart)));
  return marks.map((tick, at) => (
    <g key={tick}>
      <line x1={x(tick)} x2={x(tick)} y1={floor} y2={floor + 4} stroke={colours.soft} />
      <text x={x(tick)} y={height - 4} fontSize={13} fill={colours.soft} textAnchor="middle">
        {shown(tick)}
      </text>
      {clockAt && at % every === 0 && x(tick) < width - 20 && (
        <text x={x(tick)} y={12} fontSize={13} fill={colours.soft} textAnchor="middle">
          {clockAt(tick)}
        </text>
      )}
    </g>
  ));
}
