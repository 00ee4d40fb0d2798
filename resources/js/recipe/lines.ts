import type { RecipeEntry, RecipeRead } from '../contracts.generated';

export type Read = RecipeRead['recipes'][number];

/** A line as it stands on the screen: an amount may be half typed. */
export type Line = Omit<Read['lines'][number], 'amount'> & { amount: string };

/** A recipe as somebody is looking it over. */
export interface Draft {
  name: string;
  family: RecipeEntry['family'] | '';
  covers: string;
  lines: Line[];
  instructions: string[];
  sameName: number | null;
}

export const draftOf = (read: Read): Draft => ({
  name: read.name,
  family: read.family ?? '',
  covers: read.covers === null ? '' : String(read.covers),
  lines: read.lines.map((line) => ({ ...line, amount: line.amount === null ? '' : String(line.amount) })),
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
export function entryOf(draft: Draft, replaces: number | null): RecipeEntry | null {
  if (draft.family === '' || draft.name.trim() === '' || !isCovers(draft.covers) || draft.lines.some(asks)) {
    return null;
  }
  return {
    format: 'velko.recipe-entry/1',
    name: draft.name.trim(),
    family: draft.family,
    covers: Number(draft.covers),
    lines: draft.lines.map(({ said, role, food, amount, unit, goes, minute, to_taste }) => ({
      said,
      role,
      food,
      amount: amountOf(amount),
      unit,
      goes,
      minute,
      to_taste,
    })),
    instructions: draft.instructions,
    replaces,
  };
}
