import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { useCook } from '../cook';
import type { Kitchen, Night, NightPan } from '../contracts.generated';
import { clock, clockOfTheNight, useNow } from '../time';
import { t } from '../words/messages';
import { HandsCurve } from './HandsCurve';
import { called, lateBy, ms, sizes, span, tablesOf, type Span } from './shape';

/** px a minute. */
const PACE = 5.4;

/** px of a ring's row, and of what is under it. */
const ROW = 70;
const CLOCK = 48;
const CURVE = 92;

/** More clashes than these draw no line through the pans. */
const MANY = 10;

/** A hand trembles: less than so many px is no drag. */
const TREMBLES = 6;

/** Where now stands, of the width. */
const NOW_AT = 1 / 3;

/** The keys move a pan once they have been let alone so long, ms. */
const SETTLES = 700;

const PHASES: Record<NightPan['hands'][number]['doing'], string> = {
  base: 'bg-steel-deep',
  toast: 'bg-grain',
  stir: 'bg-stock-pale',
  watch: 'bg-stock-pale',
  finish: 'bg-herb-light',
  beside: '',
};

/** What a drag, or the keys, make of a pan: minutes later, and rows down. */
export interface Move {
  minutes: number;
  rows: number;
}

/** The night from left to right: a row for each ring with the pans on it, and under them the hands. */
export function Timeline({
  night,
  kitchen,
  onOpen,
  onMove,
}: {
  night: Night;
  kitchen: Kitchen;
  onOpen: (pan: NightPan) => void;
  /** Settles when the night has answered. */
  onMove: (pan: NightPan, to: { minutes: number; burner: number }) => Promise<void>;
}) {
  const { timezone } = useCook();
  const now = useNow(5000);
  const shown = span(night);
  const x = (at: number) => ((at - shown.from) / 60_000) * PACE;
  const width = x(shown.to);
  const rings = kitchen.burners;
  const frame = useFollowedNow(x(now), width);
  const moved = (pan: NightPan, { minutes, rows }: Move) => {
    const row = rings.findIndex(({ id }) => id === pan.burner_id);
    const ring = rings[Math.min(rings.length - 1, Math.max(0, row + rows))];
    return ring && (minutes !== 0 || ring.id !== pan.burner_id)
      ? onMove(pan, { minutes, burner: ring.id })
      : Promise.resolve();
  };

  return (
    <div className="grid min-w-0 grid-cols-[6.5rem_minmax(0,1fr)] border-y-2 border-rule">
      <div aria-hidden="true" className="border-r-2 border-rule bg-paper-deep text-right leading-tight">
        <div style={{ height: CLOCK }} />
        {rings.map((ring) => (
          <div
            key={ring.id}
            style={{ height: ROW }}
            className="flex items-center justify-end border-t border-rule pr-2 text-lg font-bold"
          >
            {ring.name}
          </div>
        ))}
        <div style={{ height: CURVE }} className="border-t-2 border-rule pt-2 pr-2 text-lg font-bold">
          {t('night.hands')}
        </div>
      </div>
      <div ref={frame} className="relative min-w-0 overflow-x-auto" tabIndex={-1}>
        <div
          role="group"
          aria-label={t('night.pans-on-their-rings')}
          className="relative"
          style={{ width, height: CLOCK + ROW * rings.length + CURVE }}
        >
          <Hours shown={shown} x={x} timezone={timezone} />
          {rings.map((ring, row) => (
            <div
              key={ring.id}
              aria-hidden="true"
              className="absolute inset-x-0 border-t border-rule"
              style={{ top: CLOCK + ROW * row }}
            />
          ))}
          {night.standing.map((one) => (
            <Standing
              key={`${one.burner_id} ${one.from_at}`}
              one={one}
              x={x}
              top={CLOCK + ROW * rings.findIndex(({ id }) => id === one.burner_id)}
            />
          ))}
          {night.pans.flatMap((pan) =>
            pan.beside.map((one) => (
              <Beside
                key={`${pan.on_at} ${pan.burner_id} ${one.burner_id} ${one.from_at}`}
                one={one}
                x={x}
                top={CLOCK + ROW * rings.findIndex(({ id }) => id === one.burner_id)}
              />
            )),
          )}
          {night.pans.map((pan) => (
            <Bar
              key={`${pan.cook ?? ''} ${pan.serves.map(({ firing }) => firing).join(' ')} ${pan.on_at}`}
              pan={pan}
              night={night}
              x={x}
              top={CLOCK + ROW * rings.findIndex(({ id }) => id === pan.burner_id)}
              onOpen={() => onOpen(pan)}
              onMoved={(move) => moved(pan, move)}
            />
          ))}
          {night.clashes.map((clash, at) => (
            <div
              key={`${clash.at} ${clash.firings.join(' ')}`}
              aria-hidden="true"
              className="pointer-events-none absolute border-l-2 border-dashed border-tomato"
              style={{
                left: x(ms(clash.at)),
                top: 22,
                height: CLOCK - 22 + (night.clashes.length > MANY ? 0 : ROW * rings.length),
              }}
            >
              <span className="absolute top-0 left-0 grid size-6 -translate-x-1/2 place-content-center rounded-full bg-tomato text-sm font-bold text-white">
                {at + 1}
              </span>
            </div>
          ))}
          <div
            className="absolute inset-x-0 border-t-2 border-rule"
            style={{ top: CLOCK + ROW * rings.length }}
          >
            <HandsCurve night={night} x={x} width={width} height={CURVE} />
          </div>
          {now > shown.from && now < shown.to && (
            <div
              aria-hidden="true"
              className="pointer-events-none absolute inset-y-0 w-1 -translate-x-1/2 bg-saffron"
              style={{ left: x(now) }}
            >
              <span className="absolute top-0 left-1/2 -translate-x-1/2 rounded-b bg-saffron px-1.5 text-base font-bold whitespace-nowrap">
                {clockOfTheNight(now, timezone)}
              </span>
            </div>
          )}
        </div>
      </div>
    </div>
  );
}

/** While the night runs, now stays where it is and the night slides under it, as long as nobody pushes it. */
function useFollowedNow(now: number, width: number) {
  const frame = useRef<HTMLDivElement>(null);
  const [follows, setFollows] = useState(true);
  const set = useRef(0);
  useLayoutEffect(() => {
    const element = frame.current;
    if (element && follows && now > 0 && now < width) {
      element.scrollLeft = now - element.clientWidth * NOW_AT;
      set.current = element.scrollLeft;
    }
  }, [now, width, follows]);
  useEffect(() => {
    const element = frame.current;
    const pushed = () => {
      if (element && Math.abs(element.scrollLeft - set.current) > 40) setFollows(false);
    };
    element?.addEventListener('scroll', pushed);
    return () => element?.removeEventListener('scroll', pushed);
  }, []);
  return frame;
}

function Hours({ shown, x, timezone }: { shown: Span; x: (at: number) => number; timezone: string }) {
  const quarters: number[] = [];
  for (let at = shown.from; at <= shown.to; at += 15 * 60_000) {
    quarters.push(at);
  }
  return (
    <div aria-hidden="true">
      {quarters.map((at) => (
        <div
          key={at}
          className={`absolute bottom-0 border-l ${new Date(at).getUTCMinutes() % 30 === 0 ? 'border-rule' : 'border-paper-deep'}`}
          style={{ left: x(at), top: 22 }}
        >
          <span className="absolute -top-[22px] left-0 -translate-x-1/2 text-base whitespace-nowrap text-ink-soft">
            {clockOfTheNight(at, timezone)}
          </span>
        </div>
      ))}
    </div>
  );
}

/** A pan on its ring, made of its phases, down to the moment at the table; what is done beside it hangs under it. */
function Bar({
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
        className={`absolute top-0 left-0 h-11 touch-none overflow-hidden rounded-md border-2 text-left leading-tight ${late > 0 ? 'border-tomato' : pan.status === 'cooking' ? 'border-saffron-deep' : 'border-ink'} ${pan.by_hand ? 'outline-2 outline-offset-1 outline-ink outline-dashed' : ''} ${dragging ? 'shadow-xl' : ''}`}
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
          <b className="block truncate text-[17px]">
            {sizes(pan)} {called(pan.dish)}
          </b>
          <span className="block text-[13px]">{pan.pan}</span>
        </span>
      </button>
      <span
        aria-hidden="true"
        className={`absolute top-9 right-0 h-1.5 ${late > 0 ? 'bg-tomato' : 'bg-ink'}`}
        style={{ left: x(off) - x(on) }}
      />
      <span
        aria-hidden="true"
        className={`absolute top-[45px] -right-1 text-[15px] leading-none font-bold whitespace-nowrap ${late > 0 ? 'text-tomato' : ''}`}
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

/** What stands on a ring of its own beside a pan. */
function Beside({
  one,
  x,
  top,
}: {
  one: NightPan['beside'][number];
  x: (at: number) => number;
  top: number;
}) {
  const [from, to] = [ms(one.from_at), ms(one.to_at)];
  return top < CLOCK ? null : (
    <div
      title={one.what}
      className="absolute flex items-center overflow-hidden rounded-md border-2 border-steam-deep bg-paper px-1 text-[15px] leading-none"
      style={{ left: x(from), width: x(to) - x(from), top: top + 7, height: 40 }}
    >
      {one.what}
    </div>
  );
}

/** A ring that carries something else. */
function Standing({
  one,
  x,
  top,
}: {
  one: Night['standing'][number];
  x: (at: number) => number;
  top: number;
}) {
  const [from, to] = [ms(one.from_at), ms(one.to_at)];
  return top < CLOCK ? null : (
    <div
      className="absolute flex items-center overflow-hidden rounded-md border-2 border-steel-deep bg-steel px-2 text-base whitespace-nowrap text-ink-soft"
      style={{ left: x(from), width: x(to) - x(from), top: top + 12, height: ROW - 26 }}
    >
      {one.what}
    </div>
  );
}

/** A bar under a finger, or under the arrow keys. */
function useMoved(onMoved: (move: Move) => Promise<void>, onOpen: () => void, may: boolean) {
  const [move, setMove] = useState<Move>({ minutes: 0, rows: 0 });
  const [dragging, setDragging] = useState(false);
  const from = useRef<{ x: number; y: number } | null>(null);
  const settles = useRef<ReturnType<typeof setTimeout>>(undefined);
  const last = useRef(move);
  const set = (next: Move) => {
    last.current = next;
    setMove(next);
  };
  // Where the night has answered it stands where the night has it.
  const settle = () => void onMoved(last.current).finally(() => set({ minutes: 0, rows: 0 }));
  const handlers = {
    onPointerDown: (event: React.PointerEvent<HTMLElement>) => {
      if (may) {
        from.current = { x: event.clientX, y: event.clientY };
        event.currentTarget.setPointerCapture(event.pointerId);
      }
    },
    onPointerMove: (event: React.PointerEvent) => {
      if (from.current) {
        const [right, down] = [event.clientX - from.current.x, event.clientY - from.current.y];
        if (dragging || Math.hypot(right, down) > TREMBLES) {
          setDragging(true);
          set({ minutes: Math.round(right / PACE), rows: Math.round(down / ROW) });
        }
      }
    },
    onPointerUp: () => {
      from.current = null;
      if (dragging) {
        settle();
      }
    },
    onPointerCancel: () => {
      from.current = null;
      setDragging(false);
      set({ minutes: 0, rows: 0 });
    },
    onClick: () => {
      if (dragging) {
        setDragging(false);
      } else {
        onOpen();
      }
    },
    onKeyDown: (event: React.KeyboardEvent) => {
      const by: Record<string, Move> = {
        ArrowLeft: { minutes: event.shiftKey ? -5 : -1, rows: 0 },
        ArrowRight: { minutes: event.shiftKey ? 5 : 1, rows: 0 },
        ArrowUp: { minutes: 0, rows: -1 },
        ArrowDown: { minutes: 0, rows: 1 },
      };
      const step = by[event.key];
      if (step && may) {
        event.preventDefault();
        set({ minutes: last.current.minutes + step.minutes, rows: last.current.rows + step.rows });
        clearTimeout(settles.current);
        settles.current = setTimeout(settle, SETTLES);
      }
    },
  };
  useEffect(() => () => clearTimeout(settles.current), []);
  return { move, handlers, dragging };
}
