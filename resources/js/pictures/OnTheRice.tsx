import type { Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { t } from '../words/messages';
import { floorOf } from './PanFloor';

/** Turn of a sunflower's seeds, radians: whatever their number, they lie evenly. */
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

/** More than so many pieces are not told apart. */
const MOST = 600;

/** One colour for each thing, told apart in the dark of a pass too. */
const FILLS = [
  'var(--color-tomato)',
  'var(--color-ink)',
  'var(--color-herb)',
  'var(--color-saffron-deep)',
  'var(--color-paper)',
  'var(--color-steam-deep)',
];
const fill = (row: number) => FILLS[row % FILLS.length] ?? '';

type Lies = NonNullable<Working['plan']['on_the_rice']>['lies'];

/** Everything that lies on the rice, drawn as large as it is in its pan, with how much of it is covered. */
export function OnTheRice({ working }: { working: Working }) {
  const { length } = useMeasure();
  const on = working.plan.on_the_rice;
  if (on === undefined || on.lies.length === 0) {
    return null;
  }
  const smothered = working.plan.warnings.some(({ code }) => code === 'smothered');
  const { size, middle, radius, scale } = floorOf(working);
  return (
    <figure
      className="mt-4 flex flex-wrap items-center gap-4"
      aria-label={t('pictures.onTheRice.on-the-rice')}
    >
      <svg
        viewBox={`0 0 ${size} ${size}`}
        className="size-52"
        role="img"
        aria-label={t('pictures.onTheRice.covered', { percent: Math.round(on.covered_percent) })}
      >
        <circle
          cx={middle}
          cy={middle}
          r={middle - 4}
          fill="var(--color-steel)"
          stroke="currentColor"
          strokeWidth={3}
        />
        <circle cx={middle} cy={middle} r={radius} fill="var(--color-grain)" stroke="var(--color-ink)" />
        {spread(on.lies).map(({ row, long, wide, at, of }) => {
          const angle = at * GOLDEN + row;
          const out = Math.sqrt((at + 0.5) / of) * (radius - (long * scale) / 2);
          const x = middle + out * Math.cos(angle);
          const y = middle + out * Math.sin(angle);
          return (
            <ellipse
              key={`${row} ${at}`}
              rx={(long * scale) / 2}
              ry={(wide * scale) / 2}
              transform={`translate(${x} ${y}) rotate(${(angle * 180) / Math.PI + 90})`}
              fill={fill(row)}
              stroke="var(--color-grain)"
              strokeWidth={0.75}
            />
          );
        })}
      </svg>
      <figcaption className="grow text-base leading-snug">
        <b className={smothered ? 'text-tomato' : ''}>
          {t('pictures.onTheRice.covered', { percent: Math.round(on.covered_percent) })}
        </b>
        {on.lies.map((one, row) => (
          <span key={row} className="flex items-baseline gap-2">
            <span
              aria-hidden="true"
              className="inline-block size-3 rounded-full border border-ink"
              style={{ background: fill(row) }}
            />
            <span>
              {t('pictures.onTheRice.count-of-name', { count: Math.round(one.count), name: one.name })}{' '}
              <span className="text-sm text-ink-soft">
                {t('pictures.onTheRice.so-large', { long: length(one.long_cm), wide: length(one.wide_cm) })}
              </span>
            </span>
          </span>
        ))}
      </figcaption>
    </figure>
  );
}

/** Every piece of every kind by its place from the middle out, the small ones under the large. */
function spread(lies: Lies) {
  return lies
    .flatMap((one, row) => {
      const of = Math.min(MOST, Math.round(one.count));
      return Array.from({ length: of }, (_, at) => ({ row, long: one.long_cm, wide: one.wide_cm, at, of }));
    })
    .sort((a, b) => a.long * a.wide - b.long * b.wide);
}
