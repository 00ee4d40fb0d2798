import type { Kitchen } from '../contracts.generated';
import { blank, type Body } from './blank';

/** Rices by what they are good for, the usual one first (common practice, no single source). */
const USUAL: Record<Body['family'], string[]> = {
  risotto: ['carnaroli', 'vialone-nano', 'arborio'],
  'pan-rice': ['bomba', 'round', 'sushi'],
  'soupy-rice': ['round', 'bomba', 'sushi'],
};

/** Whoever eats the first of these eats none of the later ones. */
const STRICTEST_FIRST = ['vegan', 'vegetarian', 'pescatarian', 'any'] as const;

/** A new dish of a family as this kitchen can cook it: the right rice, and a stock that whom it is meant for may eat. */
export function newDish(kitchen: Kitchen, family: Body['family']) {
  const body = blank(family);
  const rice =
    USUAL[family].flatMap((variety) => kitchen.rices.filter((one) => one.variety === variety))[0] ??
    kitchen.rices[0];
  const suits = (stock: Kitchen['stocks'][number], diet: Body['diet']) =>
    STRICTEST_FIRST.indexOf(stock.suits) <= STRICTEST_FIRST.indexOf(diet);
  const stock = kitchen.stocks.find((one) => suits(one, body.diet)) ?? kitchen.stocks[0];
  return {
    body: stock && !suits(stock, body.diet) ? { ...body, diet: stock.suits } : body,
    rice: rice?.id,
    stock: stock?.id,
  };
}
