import type { RecipeEntry, RecipeRead } from '../contracts.generated';
import { trimmed, type Measure, type Typed } from '../measure';

export type Read = RecipeRead['recipes'][number];

type Understood = Read['lines'][number];

/** A line as it stands on the screen, in the kitchen's units: an amount may be half typed. */
export type Line = Omit<Understood, 'amount'> & { amount: string; understood: Understood };

/** How an amount of a line is shown and typed; null for pieces, which are the same everywhere. */
export const typedAs = (unit: Line['unit'], { typed }: Measure): Typed | null =>
  unit === 'g' ? typed.weight : unit === 'ml' ? typed.volume : null;

/** Digits of an amount under one of its unit: 0.07 oz of salt. */
const SMALL_DECIMALS = 2;

function shownAs({ amount, unit }: Understood, measure: Measure): string {
  const typed = typedAs(unit, measure);
  if (amount === null || typed === null) {
    return amount === null ? '' : String(amount);
  }
  const shown = typed.shown(amount);
  return trimmed(shown, shown < 1 ? Math.max(SMALL_DECIMALS, typed.decimals) : typed.decimals);
}

/** In the unit of the engine; what nobody has touched is as it was understood, to its last digit. */
function metricOf({ amount, unit, understood }: Line, measure: Measure): number | null {
  const typed = typedAs(unit, measure);
  const entered = amountOf(amount);
  if (unit === understood.unit && amount === shownAs(understood, measure)) {
    return understood.amount;
  }
  return entered === null || typed === null ? entered : typed.read(entered);
}

/** A recipe as somebody is looking it over. */
export interface Draft {
  name: string;
  family: RecipeEntry['family'] | '';
  covers: string;
  lines: Line[];
  instructions: string[];
  sameName: number | null;
}

export const draftOf = (read: Read, measure: Measure): Draft => ({
  name: read.name,
  family: read.family ?? '',
  covers: read.covers === null ? '' : String(read.covers),
  lines: read.lines.map((line) => ({ ...line, amount: shownAs(line, measure), understood: line })),
  instructions: read.instructions,
  sameName: read.same_name,
});

const MOST_COVERS = 400;

/** What takes no amount: the plan works it out, or the cook does. */
const NEEDS_NONE: readonly string[] = ['stock', 'salt', 'fat'];

/** A number with a point or a comma; null if it is none. */
export const amountOf = (text: string): number | null =>
  /^\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : null;

/** Whether somebody still has to say what a line is, or how much of it goes in. */
export const asks = (line: Line): boolean =>
  line.role === 'unknown' ||
  (line.amount.trim() !== '' && amountOf(line.amount) === null) ||
  (line.amount.trim() === '' && !line.to_taste && !NEEDS_NONE.includes(line.role)) ||
  (line.role === 'add' && line.goes === 'at-minute' && line.minute === null);

/** As many as a recipe may be for: those of recipe-entry. */
export const isCovers = (text: string): boolean =>
  /^[1-9]\d{0,2}$/.test(text.trim()) && Number(text) <= MOST_COVERS;

/** What can be kept; null while something is missing. */
export function entryOf(draft: Draft, replaces: number | null, measure: Measure): RecipeEntry | null {
  if (draft.family === '' || draft.name.trim() === '' || !isCovers(draft.covers) || draft.lines.some(asks)) {
    return null;
  }
  return {
    format: 'velko.recipe-entry/1',
    name: draft.name.trim(),
    family: draft.family,
    covers: Number(draft.covers),
    lines: draft.lines.map((line) => ({
      said: line.said,
      role: line.role,
      food: line.food,
      amount: metricOf(line, measure),
      unit: line.unit,
      goes: line.goes,
      minute: line.minute,
      to_taste: line.to_taste,
    })),
    instructions: draft.instructions,
    replaces,
  };
}
