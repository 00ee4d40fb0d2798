import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { useCook } from '../cook';
import type { Kitchen, Night, NightPan } from '../contracts.generated';
import { clockOfTheNight, useNow } from '../time';
import { t } from '../words/messages';
import { Bar } from './Bar';
import { HandsCurve } from './HandsCurve';
import { ms, PACE, ROW, span, type Span } from './shape';
import type { Move } from './useMoved';

/** px over the rings, and of what is under them. */
const CLOCK = 48;
const CURVE = 92;

/** More clashes than these draw no line through the pans. */
const MANY = 10;

/** Where now stands, of the width. */
const NOW_AT = 1 / 3;

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
              <span className="absolute top-0 left-0 grid size-6 -translate-x-1/2 place-content-center rounded-full bg-tomato text-sm font-bold text-on-mark">
                {at + 1}
              </span>
            </div>
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
