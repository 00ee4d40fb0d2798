import { t } from '../../words/messages';
import type { Frame } from './frame';

/** The minutes in which the bite is right, as a band. */
export function Right({ frame, from, to }: { frame: Frame; from: number; to: number }) {
  const { x, room, floor, last, full, width, colours } = frame;
  return (
    <g>
      <rect
        x={x(from)}
        width={Math.max(2, x(Math.min(to, last)) - x(from))}
        y={room.top}
        height={floor - room.top}
        fill={colours.herb}
        opacity={colours.dark ? 0.22 : 0.16}
      />
      {full && (
        <text x={width - room.right} y={room.top - 5} fontSize={13} textAnchor="end" fill={colours.herb}>
          {t('pictures.grainClock.bite-right')}
        </text>
      )}
    </g>
  );
}
