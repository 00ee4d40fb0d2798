import type { DishPage, Kitchen } from '../contracts.generated';

export type Body = DishPage['dish'];

/** Whoever eats the first of these eats none of the later ones. */
const STRICTEST_FIRST = ['vegan', 'vegetarian', 'pescatarian', 'any'] as const;

/** What the kitchen's engine has to say of a family. */
export function familyOf(kitchen: Kitchen, family: Body['family']): Kitchen['families'][number] {
  const found = kitchen.families.find((one) => one.family === family);
  if (!found) {
    throw new Error(`there is no family ${family}`);
  }
  return found;
}

/** A new dish of a family as this kitchen can cook it: the right rice, and a stock that whom it is meant for may eat. */
export function newDish(kitchen: Kitchen, family: Body['family']) {
  const { rices, new_dish } = familyOf(kitchen, family);
  const body = { ...new_dish, name: '' };
  const rice =
    rices.flatMap((variety) => kitchen.rices.filter((one) => one.variety === variety))[0] ?? kitchen.rices[0];
  const suits = (stock: Kitchen['stocks'][number], diet: Body['diet']) =>
    STRICTEST_FIRST.indexOf(stock.suits) <= STRICTEST_FIRST.indexOf(diet);
  const stock = kitchen.stocks.find((one) => suits(one, body.diet)) ?? kitchen.stocks[0];
  return {
    body: stock && !suits(stock, body.diet) ? { ...body, diet: stock.suits } : body,
    rice: rice?.id,
    stock: stock?.id,
  };
}
