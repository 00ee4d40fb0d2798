import type { Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { trimmed } from '../measure';
import { looks, tint } from './browning';
import { t } from '../words/messages';

const SIZE = 236;
const TURN_STEPS = 12;

/**
 * The wide pan from above as its floor looks when it comes off: rings tinted by the engine's browning, the burner's ring
 * dashed where it stands under the pan, and the turn to make.
 */
export function PanFromAbove({ working }: { working: Working }) {
  const { length } = useMeasure();
  const { plan, pan, burner } = working;
  const { crust } = plan;
  const floor = (pan.base_cm / pan.rim_cm) * (SIZE / 2 - 8);
  const scale = floor / (pan.base_cm / 2);
  const middle = SIZE / 2;
  const shift = Math.max(0, ...crust.moves.map((move) => move.shift_cm));
  const colour = (ring: { palest: number; darkest: number }) => (ring.palest + ring.darkest) / 2;
  const inner = crust.rings[0];
  const outer = crust.rings.at(-1);
  const ring = (burner.ring_cm / 2) * scale;

  return (
    <figure aria-label={t('pictures.panFromAbove.the-pan-from-above')}>
      <svg
        width={SIZE}
        height={SIZE}
        role="img"
        aria-label={
          inner && outer
            ? t('pictures.panFromAbove.the-floor-when-it-comes-off', {
                inner: looks(colour(inner)),
                outer: looks(colour(outer)),
              })
            : t('pictures.panFromAbove.the-floor-of-the-pan')
        }
      >
        <circle
          cx={middle}
          cy={middle}
          r={SIZE / 2 - 4}
          fill="var(--color-steel)"
          stroke="var(--color-ink)"
          strokeWidth={3}
        />
        {[-1, 1].map((side) => (
          <rect
            key={side}
            x={middle + side * (SIZE / 2 - 4) - 4}
            y={middle - 20}
            width={8}
            height={40}
            rx={4}
            fill="var(--color-ink)"
          />
        ))}
        {[...crust.rings].reverse().map((one) => (
          <circle key={one.to} cx={middle} cy={middle} r={one.to * floor} fill={tint(colour(one))} />
        ))}
        <circle cx={middle} cy={middle} r={floor} fill="none" stroke="var(--color-ink)" strokeWidth={1.5} />
        <circle
          cx={middle + shift * scale}
          cy={middle}
          r={ring}
          fill="none"
          stroke="var(--color-tomato)"
          strokeWidth={2.5}
          strokeDasharray="7 5"
        />
        {shift > 0 && <Turn middle={middle} radius={floor * 0.62} />}
        {inner && <Word x={middle} y={middle + 5} text={looks(colour(inner))} />}
        {outer && <Word x={middle} y={middle - floor + 17} text={looks(colour(outer))} />}
        <text
          x={Math.min(SIZE - 6, middle + shift * scale)}
          y={Math.min(SIZE - 8, middle + ring - 7)}
          textAnchor={shift > 0 ? 'end' : 'middle'}
          fontSize={13}
          fontWeight={650}
          fill="var(--color-tomato)"
          stroke="var(--color-paper)"
          strokeWidth={3}
          paintOrder="stroke"
        >
          {t('pictures.panFromAbove.ring-ring', { ring: trimmed(burner.ring_cm, 0) })}
        </text>
      </svg>
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
                    max: Math.max(5, Math.round(move.seconds / TURN_STEPS)),
                  })
                : t('pictures.panFromAbove.in-the-middle-on-setting', { setting: crust.setting ?? '' })}
            </span>
          ))
        )}
      </figcaption>
    </figure>
  );
}

function Word({ x, y, text }: { x: number; y: number; text: string }) {
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      fontSize={15}
      fontWeight={700}
      fill="var(--color-ink)"
      stroke="var(--color-paper)"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {text}
    </text>
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
