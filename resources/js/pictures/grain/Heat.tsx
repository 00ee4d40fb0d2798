import { curveStepAfter, line } from 'd3-shape';
import { useMeasure } from '../../cook';
import { t } from '../../words/messages';
import type { Frame } from './frame';
import type { GrainClockProps } from './GrainClock';
import { LETTER } from './legible';

type Turns = GrainClockProps['heat'];

/** px from the turn to its word, and what stays free before the next. */
const ASIDE = 6;
const FREE = 6;

/** The heat as a stepped track under the floor, up to the pull. */
export function Heat({ frame, heat, end }: { frame: Frame; heat: Turns; end: number }) {
  const { power: shown } = useMeasure();
  const { x, power, floor, first, full, thumb, width, room, colours } = frame;
  const rows = [
    ...heat.map((change): [number, number] => [Math.max(first, change.from_min), change.net_w]),
    [end, 0] as [number, number],
  ];
  const track = line()
    .x(([min]) => x(min))
    .y(([, net]) => power(net))
    .curve(curveStepAfter);
  const labels = full ? words(heat, (min) => x(Math.max(first, min)), x(end), shown) : [];
  return (
    <>
      <line x1={room.left} x2={width - room.right} y1={floor} y2={floor} stroke={colours.soft} />
      {!thumb && <path d={track(rows) ?? ''} fill="none" stroke={colours.heat} strokeWidth={full ? 3 : 2} />}
      {labels.map(({ at, net_w, text }) => (
        <text
          key={at}
          x={at + ASIDE}
          y={power(net_w) + (power(net_w) < floor + 24 ? 15 : -5)}
          fontSize={13}
          fill={colours.heat}
        >
          {text}
        </text>
      ))}
    </>
  );
}

/** What stands along the track: as much as there is room for before the knob is turned again. */
function words(
  heat: Turns,
  x: (minute: number) => number,
  end: number,
  shown: (watts: number) => string,
): { at: number; net_w: number; text: string }[] {
  return heat.flatMap((change, row) => {
    const at = x(change.from_min);
    const next = heat[row + 1];
    const room = (next ? x(next.from_min) : Math.max(end, at)) - at;
    const watts = `${change.setting} · ${shown(change.net_w)}`;
    const said = [t('pictures.grainClock.watts-into-the-pan', { watts }), watts, change.setting];
    // The last stretch may be short: there is room after it.
    const text =
      said.find((one) => ASIDE + one.length * LETTER < room - FREE) ?? (next ? undefined : change.setting);
    return text === undefined ? [] : [{ at, net_w: change.net_w, text }];
  });
}
