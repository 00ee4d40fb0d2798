import { useCook } from '../cook';
import type { Night, NightPan } from '../contracts.generated';
import { clock, clockOfTheNight } from '../time';
import { t } from '../words/messages';
import { briefly, lateBy, ms, notesOf, PACE, ROW, sizes, tablesOf } from './shape';
import { useMoved, type Move } from './useMoved';

const PHASES: Record<NightPan['hands'][number]['doing'], string> = {
  base: 'bg-steel-deep',
  toast: 'bg-grain',
  stir: 'bg-stock-pale',
  watch: 'bg-stock-pale',
  finish: 'bg-herb-light',
  beside: '',
};

/** px that a letter of a bar's name takes at most, with its share of the margins. */
const LETTER = 10.5;

/** A pan on its ring, made of its phases, down to the moment at the table; what is done beside it hangs under it. */
export function Bar({
  pan,
  night,
  x,
  top,
  onOpen,
  onMoved,
}: {
  pan: NightPan;
  night: Night;
  x: (at: number) => number;
  top: number;
  onOpen: () => void;
  onMoved: (move: Move) => Promise<void>;
}) {
  const { timezone } = useCook();
  const { move, handlers, dragging } = useMoved(onMoved, onOpen, pan.cook === null && night.may_change);
  const [on, off, table] = [ms(pan.on_at), ms(pan.off_at), ms(pan.table_at)];
  const late = lateBy(pan, night);
  const past = pan.status === 'at-table';
  const name = `${sizes(pan)} ${briefly(pan.dish, night)}`;
  const words = t('night.bar', {
    sizes: sizes(pan),
    dish: pan.dish,
    pan: pan.pan,
    ring: pan.burner,
    on: clock(on, timezone),
    table: clock(table, timezone),
    tables: tablesOf(pan, night),
    has: tablesOf(pan, night) === '' ? 0 : 1,
    late: Math.ceil(late - 1e-6),
  });
  return (
    <div
      className={`absolute ${dragging ? 'z-10' : ''} ${past ? 'opacity-55' : ''}`}
      style={{
        left: x(on) + move.minutes * PACE,
        top: top + 5 + move.rows * ROW,
        width: x(table) - x(on),
        height: ROW - 10,
      }}
    >
      <button
        {...handlers}
        aria-label={words}
        className={`absolute top-0 left-0 h-11 touch-none overflow-hidden rounded-md border-2 bg-paper text-left leading-tight ${late > 0 ? 'border-tomato' : pan.status === 'cooking' ? 'border-saffron-deep' : 'border-ink'} ${pan.by_hand ? 'outline-2 outline-offset-1 outline-ink outline-dashed' : ''} ${dragging ? 'shadow-xl' : ''}`}
        style={{ width: x(off) - x(on) }}
      >
        {pan.hands
          .filter(({ doing, from_at }) => doing !== 'beside' && ms(from_at) < off)
          .map((one) => (
            <span
              key={one.from_at}
              aria-hidden="true"
              className={`absolute inset-y-0 ${PHASES[one.doing]}`}
              style={{ left: x(ms(one.from_at)) - x(on), width: x(ms(one.to_at)) - x(ms(one.from_at)) }}
            />
          ))}
        <span className="absolute inset-0 overflow-hidden px-1.5 whitespace-nowrap">
          <b
            data-long={name.length * LETTER > x(off) - x(on)}
            className="block truncate text-[17px] data-[long=true]:text-[14px] data-[long=true]:leading-[21px] data-[long=true]:tracking-tight"
          >
            {name}
          </b>
          <span className="block truncate text-[13px]">
            {[notesOf(pan, night), pan.pan].filter(Boolean).join(' · ')}
          </span>
        </span>
      </button>
      <span
        aria-hidden="true"
        className={`absolute top-9 right-0 h-1.5 ${late > 0 ? 'bg-tomato' : 'bg-ink'}`}
        style={{ left: x(off) - x(on) }}
      />
      <span
        aria-hidden="true"
        className={`absolute top-[45px] -right-1 rounded-sm bg-paper text-[15px] leading-none font-bold whitespace-nowrap ${late > 0 ? 'text-tomato' : ''}`}
      >
        {late > 0 && `${t('night.late-by', { late: Math.ceil(late - 1e-6) })} · `}
        {clockOfTheNight(table, timezone)}
      </span>
      {pan.works
        .filter((work) => !work.ahead)
        .map((work, line) => (
          <span
            key={`${work.what} ${work.start_at}`}
            title={work.what}
            aria-hidden="true"
            className="absolute h-[3px] rounded bg-steam-deep"
            style={{
              left: x(ms(work.start_at)) - x(on),
              width: Math.max(3, x(ms(work.ready_at)) - x(ms(work.start_at))),
              top: 60 + 4 * (line % 2),
            }}
          />
        ))}
    </div>
  );
}
