import type { FiringEntry, Night, NightFiring, NightPan } from '../contracts.generated';
import { day } from '../time';
import { t } from '../words/messages';

/* A night as the screen draws it: minutes from its first to its last, and what to call its pans. */

/** px a minute. */
export const PACE = 5.4;

/** px of a ring's row. */
export const ROW = 70;

const MINUTE_MS = 60_000;
const QUARTER_MS = 15 * MINUTE_MS;

/** A table with nothing in a pan yet is drawn with so much before it. */
const BEFORE_A_TABLE_MS = 45 * MINUTE_MS;

/** Of a night without firings, so much is drawn. */
const EMPTY_MS = 5 * 60 * MINUTE_MS;

export const ms = (at: string): number => Date.parse(at);

export interface Span {
  from: number;
  to: number;
}

/** From when to when there is something to see, in quarters of an hour outwards. */
export function span(night: Night): Span {
  const begins = [
    ...night.pans.flatMap((pan) => [
      ms(pan.on_at),
      ...pan.works.filter((work) => !work.ahead).map((work) => ms(work.start_at)),
    ]),
    ...night.firings
      .filter((firing) => firing.there_at === null)
      .map((firing) => ms(firing.table_at) - BEFORE_A_TABLE_MS),
  ];
  const ends = [
    ...night.pans.map((pan) => ms(pan.free_at)),
    ...night.firings.map((firing) => ms(firing.table_at)),
  ];
  const first = night.needed.find((one) => one.there > 0);
  const from = begins.length > 0 ? Math.min(...begins) : first ? ms(first.at) : ms(night.at);
  const to = ends.length > 0 ? Math.max(...ends) : from + EMPTY_MS;
  return {
    from: Math.floor(from / QUARTER_MS) * QUARTER_MS - QUARTER_MS,
    to: Math.ceil(to / QUARTER_MS) * QUARTER_MS + QUARTER_MS,
  };
}

/** The day on which the night of a moment began: until it is over, so long past midnight, it is still last night's. */
export function nightOf(
  at: number,
  { timezone, night_turns_min }: { timezone: string; night_turns_min: number },
): string {
  return new Intl.DateTimeFormat('en-CA', { timeZone: timezone, dateStyle: 'short' }).format(
    new Date(at - night_turns_min * MINUTE_MS),
  );
}

/** "Fri 27 Nov", of a day as a document has it. */
export const dayOf = (on: string): string => day(`${on}T12:00:00Z`, 'UTC');

/** So many days on. */
export function daysOn(day: string, days: number): string {
  return new Date(Date.parse(`${day}T12:00:00Z`) + days * 24 * 60 * MINUTE_MS).toISOString().slice(0, 10);
}

/** "12 + 4", or "8 starters". */
export function sizes({ covers, starters }: { covers: number; starters: number }): string {
  return covers === 0
    ? t('night.starters', { starters })
    : starters === 0
      ? String(covers)
      : t('night.mains-and-starters', { covers, starters });
}

/** As much of a dish's name as there is before its first comma. */
export const called = (dish: string): string => dish.split(',')[0] ?? dish;

/** Words that join the rest of a dish's name to its first part, in the languages in which recipes are read. */
const JOINS = /\s(?:and|with|in|e|con|y|&)\s/iu;

/** As little of a dish's name as tells it from the others of a night: its first part, if no other begins so. */
export function briefly(dish: string, night: Night): string {
  const brief = (name: string) => called(name).split(JOINS)[0] ?? name;
  const isOther = ({ dish: other }: NightPan) => other !== dish && brief(other) === brief(dish);
  return night.pans.some(isOther) ? called(dish) : brief(dish);
}

/** Of a table's name: 0 if there is none, 1 for a number, 2 for a place that says itself ("bar 2"). */
export const hasTable = (label: string): 0 | 1 | 2 => (label === '' ? 0 : /^\p{L}{2}/u.test(label) ? 2 : 1);

/** "6 hake, table 12, no cheese" */
export function firingWords(firing: NightFiring): string {
  return t('night.firing', {
    sizes: sizes(firing),
    dish: called(firing.dish ?? '?'),
    label: firing.label,
    has: hasTable(firing.label),
    note: firing.note,
    noted: firing.note === '' ? 0 : 1,
  });
}

export function tablesOf(pan: NightPan, night: Night): string {
  const labels = pan.serves.flatMap(({ firing }) => {
    const label = night.firings.find(({ id }) => id === firing)?.label;
    return label ? [label] : [];
  });
  return labels.length === 0 ? '' : t('night.tables', { tables: labels.join(', '), many: labels.length });
}

/** What else the tickets of a pan say. */
export const notesOf = (pan: NightPan, night: Night): string =>
  night.firings
    .filter(({ id, note }) => note !== '' && pan.serves.some(({ firing }) => firing === id))
    .map(({ note }) => note)
    .join(', ');

/** Minutes past its window of the latest table that a pan serves. */
export function lateBy(pan: NightPan, night: Night): number {
  return Math.max(
    0,
    ...pan.serves.map(({ firing }) => {
      const one = night.firings.find(({ id }) => id === firing);
      return one ? (ms(pan.table_at) - ms(one.table_at)) / MINUTE_MS - one.late_min : 0;
    }),
  );
}

/** What a firing is as it is kept, to be changed. */
export function entryOf(firing: NightFiring, clock24: (at: string) => string): FiringEntry {
  return {
    format: 'velko.firing-entry/1',
    dish_id: firing.dish_id,
    covers: firing.covers,
    starters: firing.starters,
    label: firing.label,
    note: firing.note,
    table_at: clock24(firing.table_at),
    early_min: firing.early_min,
    late_min: firing.late_min,
    pan_id: firing.pan_id,
    burner_id: firing.burner_id,
    on_at: firing.on_at === null ? null : clock24(firing.on_at),
    parts: firing.parts,
    // Where that is switched off meanwhile it is cooked in one go.
    to_order: firing.to_order && firing.may_be_to_order,
  };
}

export interface Due {
  key: string;
  at: number;
  pan: NightPan;
  /** What is begun beside it; null: the pan itself. */
  work: string | null;
  verb: 'on' | 'missed' | 'off' | 'table' | 'work';
}

/** What is to be done next, the soonest first. */
export function dues(night: Night, now: number): Due[] {
  const due = night.pans.flatMap((pan, place): Due[] => {
    const key = `${place} ${pan.on_at}`;
    if (pan.status === 'at-table') {
      return [];
    }
    const works = pan.works
      .filter((work) => !work.ahead)
      .map((work): Due => ({
        key: `${key} ${work.what}`,
        at: ms(work.start_at),
        pan,
        work: work.what,
        verb: 'work',
      }));
    const missed = night.clashes.find(
      ({ code, firings }) => code === 'missed' && pan.serves.some(({ firing }) => firings.includes(firing)),
    );
    const [verb, at]: [Due['verb'], string] =
      pan.status === 'to-come' || pan.status === 'waiting'
        ? missed
          ? ['missed', missed.at]
          : ['on', pan.on_at]
        : ms(pan.off_at) > now
          ? ['off', pan.off_at]
          : ['table', pan.table_at];
    return [...works, { key, at: ms(at), pan, work: null, verb }];
  });
  return due.filter((one) => one.verb !== 'work' || one.at > now - 60_000).sort((a, b) => a.at - b.at);
}

/** What is done beside a pan, and on which ring it stands meanwhile; null where it is the pan itself. */
export const workSaid = <What extends string | null>({
  what,
  burner,
}: {
  what: What;
  burner?: string;
}): What | string =>
  what === null || burner === undefined ? what : t('night.beside-on', { what, ring: burner });
