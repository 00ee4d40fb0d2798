import { expect } from '@playwright/test';
import { test } from './house';
import { choose, signIn } from './station';

/* What is laid beside what: a swap before and after, two dishes, a pan as it is typed, and amounts in other units. */

test('another pan is laid beside the one asked, and taken in one touch', async ({ page }) => {
  await signIn(page);
  await choose(page, 'Dish', /cuttlefish/);
  await choose(page, 'Pan', /42 wide pan/);
  const instead = page.getByRole('group', { name: 'Instead of the' });
  await expect(instead.getByRole('button')).toHaveText(['rice', 'stock', 'pan']);
  await instead.getByRole('button', { name: 'pan' }).click();
  await page
    .getByRole('list', { name: 'Instead of' })
    .getByRole('button', { name: /^55 wide pan/ })
    .click();
  const table = page.getByRole('table', { name: /^Before and after: 55 wide pan/ });
  const [, asked, after] = await table
    .getByRole('row', { name: /^boiled off/ })
    .locator('td')
    .allTextContents();
  expect(after).not.toBe(asked);
  await expect(table.getByRole('row', { name: /^wine/ })).toHaveCount(0);
  const stock = await table
    .getByRole('row', { name: /^stock/ })
    .locator('td')
    .last()
    .textContent();
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByRole('combobox', { name: 'Pan' })).toContainText('55 wide pan');
  await expect(page.getByRole('button', { name: /^Stock/ })).toContainText(stock ?? '?');
});

test('two dishes stand side by side, for as many covers as are asked', async ({ page }) => {
  await signIn(page);
  await page.goto('/dishes');
  await page.getByRole('link', { name: /hake/ }).click();
  await choose(page, 'Lay beside it', /pea, lovage/);
  const table = page.getByRole('table', { name: 'Two dishes' });
  await expect(table.getByRole('row', { name: /^rice/ }).locator('td')).toHaveText(['420 g', '480 g']);
  await expect(table.getByRole('row', { name: /^allergens/ })).toContainText('fish');
  await page.getByRole('button', { name: 'Covers: one more' }).click();
  await expect(table.getByRole('row', { name: /^rice/ }).locator('td')).toHaveText(['490 g', '560 g']);
  await choose(page, 'The other', /trout/);
  await expect(page).toHaveURL(/beside/);
  await expect(table.getByRole('row', { name: /^made of/ })).toContainText('fish stock');
});

test('a pan says what it holds while it is typed', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  await page.goto('/kitchen');
  await page.getByRole('button', { name: /^42 wide pan/ }).click();
  const holds = page.getByTestId('holds');
  await expect(holds).toContainText('of a pan rice');
  const before = await holds.textContent();
  await page.getByLabel('Rim').fill('60');
  await page.getByLabel('Floor').fill('58');
  await expect(holds).not.toHaveText(before ?? '');
});

test('a kitchen on US units reads them on the bench, at the stove and on the card, and types fluid ounces', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  const units = async (words: RegExp) => {
    await page.goto('/kitchen');
    await page.getByRole('main').getByRole('button', { name: 'The Kiln House' }).click();
    await choose(page, 'Amounts are in', words);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
  };
  await units(/ounces/);
  try {
    await page.goto('/');
    await choose(page, 'Dish', /pea, lovage/);
    await expect(page.getByRole('button', { name: /^Rice/ })).toContainText('1 lb 1 oz');
    await expect(page.getByRole('table', { name: 'Steps' })).toContainText('fl oz');
    await expect(page.getByRole('main')).not.toContainText(/\d (mL(?! to a gram)|L|kg)\b/);
    await page.getByRole('link', { name: 'A card to print' }).click();
    await expect(page.getByRole('article', { name: 'Card' })).toContainText('fl oz');
    await expect(page.getByRole('article', { name: 'Card' })).toContainText('135 °F');
  } finally {
    await units(/grams/);
  }
});
