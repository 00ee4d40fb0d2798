import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useMeasure } from '../cook';
import type { Working } from '../contracts.generated';
import { minute } from '../measure';
import { t } from '../words/messages';

const WIDTH = 250;
const HEIGHT = 236;
const ROOM = { top: 26, right: 8, bottom: 34, left: 34 };

/**
 * How it sets up at the pass: free liquid for a gram of rice against the minutes it stands, where it should be eaten, and
 * the hot stock that brings it back.
 */
export function PassCurve({ working }: { working: Working }) {
  const { plan } = working;
  const { volume } = useMeasure();
  const rows = plan.pass;
  if (rows.length < 2) {
    return null;
  }
  const walk = plan.timing.table_min - plan.timing.pass_min;
  const within =
    plan.timing.leave_pass_min === null ? null : plan.timing.leave_pass_min - plan.timing.pass_min;
  const values = [...rows.map((row) => row.looseness), plan.at_table.looseness];
  const spread = Math.max(0.1, Math.max(...values) - Math.min(...values));
  const last = rows.at(-1)?.at_min ?? 1;
  const x = scaleLinear([0, last], [ROOM.left, WIDTH - ROOM.right]);
  const y = scaleLinear(
    [Math.max(0, Math.min(...values) - 0.35 * spread), Math.max(...values) + 0.1 * spread],
    [HEIGHT - ROOM.bottom, ROOM.top],
  );
  type Row = (typeof rows)[number];
  const curve = line<Row>(
    (row) => x(row.at_min),
    (row) => y(row.looseness),
  );
  const softFrom = rows.find((row) => row.bite === 'soft' || row.bite === 'mush')?.at_min;

  return (
    <figure aria-label={t('common.at-the-pass')}>
      <svg
        width={WIDTH}
        height={HEIGHT}
        role="img"
        aria-label={t('pictures.passCurve.standing-at-the-pass-tofixed-g', {
          toFixed: rows[0]?.looseness.toFixed(2),
          toFixed2: rows.at(-1)?.looseness.toFixed(2),
          last: minute(last),
          within:
            within === null
              ? ''
              : t('pictures.passCurve.it-leaves-within-within-minutes', { within: minute(within) }),
        })}
      >
        {softFrom !== undefined && (
          <g>
            <rect
              x={x(softFrom)}
              y={ROOM.top}
              width={Math.max(0, WIDTH - ROOM.right - x(softFrom))}
              height={HEIGHT - ROOM.bottom - ROOM.top}
              fill="var(--color-tomato)"
              opacity={0.1}
            />
            <text
              x={WIDTH - ROOM.right - 4}
              y={ROOM.top + 15}
              fontSize={13}
              textAnchor="end"
              fill="var(--color-tomato)"
            >
              {t('common.soft')}
            </text>
          </g>
        )}
        <path d={curve(rows) ?? ''} fill="none" stroke="var(--color-stock)" strokeWidth={2.5} />
        {y.ticks(4).map((tick) => (
          <text
            key={tick}
            x={ROOM.left - 6}
            y={y(tick) + 4}
            fontSize={12}
            textAnchor="end"
            fill="var(--color-ink-soft)"
          >
            {tick}
          </text>
        ))}
        <line
          x1={ROOM.left}
          x2={WIDTH - ROOM.right}
          y1={HEIGHT - ROOM.bottom}
          y2={HEIGHT - ROOM.bottom}
          stroke="var(--color-ink-soft)"
        />
        {[0, 2, 4, 6, 8, 10, 12].map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={HEIGHT - ROOM.bottom + 15}
            fontSize={12}
            textAnchor="middle"
            fill="var(--color-ink-soft)"
          >
            {tick}
          </text>
        ))}
        <text
          x={WIDTH - ROOM.right}
          y={HEIGHT - 4}
          fontSize={12}
          textAnchor="end"
          fill="var(--color-ink-soft)"
        >
          {t('pictures.passCurve.min-at-the-pass')}
        </text>
        <text x={2} y={12} fontSize={12} fill="var(--color-ink-soft)">
          {t('pictures.passCurve.g-sauce-to-a-g-of')}
        </text>
        <g>
          <line
            x1={x(walk)}
            x2={x(walk)}
            y1={ROOM.top - 4}
            y2={HEIGHT - ROOM.bottom}
            stroke="var(--color-ink)"
            strokeWidth={2}
          />
          <circle
            cx={x(walk)}
            cy={y(plan.at_table.looseness)}
            r={5}
            fill="var(--color-saffron)"
            stroke="var(--color-ink)"
            strokeWidth={2}
          />
          <text
            x={x(walk) + 7}
            y={HEIGHT - ROOM.bottom - 8}
            fontSize={13}
            fontWeight={650}
            fill="var(--color-ink)"
          >
            {t('pictures.passCurve.eaten')}
          </text>
        </g>
      </svg>
      <figcaption className="text-base leading-snug">
        {within === null ? (
          t('pictures.passCurve.it-can-wait')
        ) : (
          <>
            {t('pictures.passCurve.leaves-the-pass')}{' '}
            <b>{t('pictures.passCurve.within-within-min', { within: minute(within) })}</b>.
          </>
        )}{' '}
        {t('pictures.passCurve.loosen-it')}{' '}
        {[2, 4, 8].map((at, i) => {
          const row =
            rows.find((one) => one.at_min === walk + at) ?? rows.find((one) => one.at_min >= walk + at);
          return row ? (
            <span key={at}>
              {i > 0 && ', '}
              <b>{volume(Math.round(row.loosen_ml / 5) * 5)}</b> {t('pictures.passCurve.at-min-late', { at })}
            </span>
          ) : null;
        })}
        .
      </figcaption>
    </figure>
  );
}
