import type { Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { looks } from './browning';
import { floorOf, Looks, PanFloor } from './PanFloor';
import { t } from '../words/messages';

/** The floor as it looks when the pan comes off, the turn to make, and the moves in words. */
export function PanFromAbove({ working }: { working: Working }) {
  const { length } = useMeasure();
  const { plan, burner } = working;
  const { crust } = plan;
  const { size, middle, radius, scale, flame } = floorOf(working);
  const shift = Math.max(0, ...crust.moves.map((move) => move.shift_cm));
  const rings = crust.rings.map(({ to, palest, darkest }) => ({ to, browning: (palest + darkest) / 2 }));
  const inner = rings[0];
  const outer = rings.at(-1);

  return (
    <figure aria-label={t('pictures.panFromAbove.the-pan-from-above')}>
      <PanFloor
        working={working}
        rings={rings}
        shift={shift}
        className="aspect-square w-59 max-w-full"
        label={
          inner && outer
            ? t('pictures.panFromAbove.the-floor-when-it-comes-off', {
                inner: looks(inner.browning),
                outer: looks(outer.browning),
              })
            : t('pictures.panFromAbove.the-floor-of-the-pan')
        }
      >
        {shift > 0 && <Turn middle={middle} radius={radius * 0.62} />}
        {inner && <Looks browning={inner.browning} y={middle + 6} />}
        {outer && <Looks browning={outer.browning} y={middle - radius + 20} />}
        <text
          x={Math.min(size - 6, middle + shift * scale)}
          y={Math.min(size - 8, middle + flame - 8)}
          textAnchor={shift > 0 ? 'end' : 'middle'}
          fontSize={16}
          fontWeight={650}
          fill="var(--color-tomato)"
          stroke="var(--color-paper)"
          strokeWidth={3.5}
          paintOrder="stroke"
        >
          {t('pictures.panFromAbove.ring-ring', { ring: length(burner.ring_cm) })}
        </text>
      </PanFloor>
      <figcaption className="text-base leading-snug">
        {crust.moves.length === 0 ? (
          <span className="text-ink-soft">{t('pictures.panFromAbove.no-crust-is-made-here')}</span>
        ) : (
          crust.moves.map((move) => (
            <span key={move.from_min} className="block">
              <b>{t('common.seconds', { seconds: Math.round(move.seconds) })}</b>{' '}
              {move.shift_cm > 0
                ? t('pictures.panFromAbove.shift-off-the-middle-an-hour', {
                    shift: length(Math.round(move.shift_cm)),
                    max: Math.round(move.every_s ?? 0),
                  })
                : t('pictures.panFromAbove.in-the-middle-on-setting', { setting: crust.setting ?? '' })}
            </span>
          ))
        )}
      </figcaption>
    </figure>
  );
}

/** Three quarters of a circle with a head: turn the pan round. */
function Turn({ middle, radius }: { middle: number; radius: number }) {
  const at = (turn: number) => {
    const angle = 2 * Math.PI * turn;
    return `${middle + radius * Math.cos(angle)} ${middle + radius * Math.sin(angle)}`;
  };
  return (
    <g fill="none" stroke="var(--color-ink)" strokeWidth={4} strokeLinecap="round">
      <path d={`M ${at(0.15)} A ${radius} ${radius} 0 1 1 ${at(0.9)}`} />
      <path d="M -11 -9 L 0 0 L -12 6" transform={`translate(${at(0.9)}) rotate(64)`} />
    </g>
  );
}
