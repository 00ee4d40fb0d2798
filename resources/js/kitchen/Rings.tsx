import { useMeasure } from '../cook';
import { Shelf, type ShelfProps } from './Shelf';
import { SOURCES, type Burner } from './words';
import { t, wordOf } from '../words/messages';

/** Each ring to scale with what its marks put into a pan. */
export function Rings({ kitchen, onOpen, onTest }: ShelfProps & { onTest: (id: number) => void }) {
  const { length, rated, typed } = useMeasure();
  const strongest = Math.max(...kitchen.burners.flatMap((one) => one.settings.map(given)), 1);
  const widest = Math.max(...kitchen.burners.map((one) => one.ring_cm), 1);
  return (
    <Shelf title={t('common.rings')} add={t('kitchen.rings.a-ring')} onAdd={() => onOpen()}>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-4 pt-3">
        {kitchen.burners.map((burner) => (
          <li key={burner.id} className="flex flex-col">
            <button
              onClick={() => onOpen(burner.id)}
              className="flex-1 rounded-lg p-2 text-left hover:bg-paper-deep"
            >
              <span className="flex items-center gap-3">
                <Flame burner={burner} scale={64 / widest} />
                <span className="leading-tight">
                  <b className="block text-lg">{burner.name}</b>
                  <span className="text-ink-soft">
                    {t('kitchen.rings.ring-fuel-rated', {
                      ring: length(burner.ring_cm),
                      fuel: wordOf('fuel', burner.fuel),
                      rated: rated(burner.rated_w),
                    })}
                  </span>
                </span>
              </span>
              <Knob burner={burner} strongest={strongest} />
            </button>
            {kitchen.pans.length > 0 && (
              <button
                onClick={() => onTest(burner.id)}
                className="min-h-12 rounded-lg border-2 border-ink text-base font-semibold disabled:hidden"
              >
                {t('kitchen.rings.boil-off-test')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {kitchen.burners.length > 0 && (
        <p className="text-sm text-ink-soft">
          {t('kitchen.rings.net-power-into-the-pan', { unit: typed.burner.unit })}
        </p>
      )}
    </Shelf>
  );
}

const isFlame = ({ fuel }: Burner): boolean => fuel !== 'induction' && fuel !== 'top';

function Flame({ burner, scale }: { burner: Burner; scale: number }) {
  const radius = Math.max(6, (burner.ring_cm / 2) * scale);
  return (
    <svg width={72} height={72} aria-hidden="true" className="shrink-0">
      <circle cx={36} cy={36} r={34} fill="var(--color-steel)" />
      <circle
        cx={36}
        cy={36}
        r={radius}
        fill="none"
        stroke={isFlame(burner) ? 'var(--color-saffron-deep)' : 'var(--color-ink)'}
        strokeWidth={5}
        strokeDasharray={isFlame(burner) ? '4 3' : undefined}
      />
    </svg>
  );
}

/** What plans go by. */
const given = ({ own_w, net_w }: Burner['settings'][number]): number => own_w ?? net_w;

/** What each mark puts into the pan; a full bar was measured or learned, a pale one is estimated. */
function Knob({ burner, strongest }: { burner: Burner; strongest: number }) {
  const { powerInList } = useMeasure();
  return (
    <span className="mt-1 grid grid-cols-[minmax(0,1fr)] gap-0.5">
      {burner.settings.map((one) => (
        <span
          key={one.mark}
          className="relative flex flex-wrap items-baseline justify-between gap-x-2 px-1.5 text-base leading-snug"
        >
          <span
            aria-hidden="true"
            className={`absolute inset-y-0 left-0 rounded-sm ${one.source === 'guessed' ? 'bg-saffron/35' : 'bg-saffron'}`}
            style={{ width: `${Math.max(3, (100 * given(one)) / strongest)}%` }}
          />
          <span className="relative min-w-0 truncate">{one.mark}</span>
          <span className="relative shrink-0 tabular-nums">
            {one.source === 'guessed' ? '≈ ' : ''}
            {powerInList(given(one))}
            {(one.source === 'learned' || one.source === 'pinned') && <> {SOURCES[one.source]}</>}
          </span>
        </span>
      ))}
    </span>
  );
}
