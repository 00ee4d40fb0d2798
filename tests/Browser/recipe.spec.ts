import { expect, type Page } from '@playwright/test';
import type { DishPage, Kitchen } from '../../resources/js/contracts.generated';
import { test } from './house';
import { choose, expectAccessible, overflow, say, signIn } from './station';

/* A recipe from elsewhere: its lines are shown as they were understood, corrected in place, and kept once they are right. */

const RECIPE = `Riso mantecato alla zucca e salsiccia
Per 4 persone

Ingredienti
320 g di riso Carnaroli
1 l di brodo vegetale
mezzo bicchiere di vino bianco
400 g di zucca
200 g di salsiccia
una manciata di magia
40 g di burro
sale q.b.

Preparazione
Rosolate la salsiccia. Tostate il riso, sfumate, portate a cottura con il brodo.`;

async function read(page: Page, text: string): Promise<void> {
  await page.goto('/dishes');
  await page.getByRole('link', { name: 'Bring a recipe' }).click();
  await page.getByRole('textbox', { name: 'The recipe as it stands' }).fill(text);
  await page.getByRole('button', { name: 'Read it' }).click();
}

test('a recipe is read, what is not known is decided, and one touch takes it back', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  await read(page, RECIPE);
  // "Riso mantecato" is of no family that is known, and nobody knows the magic.
  await expect(
    page.getByText(/One line of 8 is for you to decide\..*Say which family it is\./),
  ).toBeVisible();
  const keep = page.getByRole('button', { name: 'Keep the dish' });
  await expect(keep).toBeDisabled();
  await expect(page.getByLabel('Ingredient, line 3', { exact: true })).toHaveValue('white wine');
  await expect(page.getByLabel('Amount, line 3', { exact: true })).toHaveValue('75');
  await expectAccessible(page);
  await choose(page, 'Family', /^risotto$/);
  await choose(page, 'What it is, line 6', /in the base/);
  await page.getByLabel('Ingredient, line 6', { exact: true }).fill('leek');
  await expect(page.getByText('All 8 lines are read. Look them over.')).toBeVisible();
  await page.getByLabel('Amount, line 4', { exact: true }).fill('a lot');
  await expect(keep).toBeDisabled();
  await page.getByLabel('Amount, line 4', { exact: true }).fill('450');
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await overflow(page)).toBe(0);
  await page.setViewportSize({ width: 1280, height: 800 });
  await keep.click();
  await page.getByRole('link', { name: 'Riso mantecato alla zucca e salsiccia' }).click();
  // The base is cooked in its order: what gives fat first; its own words stand with the dish.
  await expect(page.getByRole('button', { name: /^Base/ })).toContainText(
    /sausage 50 g, leek 10 g, pumpkin 113 g/,
  );
  await expect(page.getByRole('textbox', { name: 'In its own words' })).toHaveValue(/Rosolate la salsiccia/);

  // Brought once more it is there already: the next version of it, or another name.
  await read(page, RECIPE.replace('Riso mantecato', 'Risotto'));
  await choose(page, 'What it is, line 6', /in the base/);
  await page.getByRole('button', { name: 'Keep the dish' }).click();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('button', { name: 'Keep the dish' })).toBeVisible();
  await page.goto('/dishes');
  await expect(page.getByRole('link', { name: /^Riso mantecato/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Risotto alla zucca/ })).toHaveCount(0);
});

test('a recipe that is taken back takes the rice along that was made for it', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  const rices = async () =>
    ((await (await page.request.get('/api/kitchen')).json()) as Kitchen).rices.map(({ name }) => name);
  const before = await rices();
  await read(page, 'Risotto of the hunt\nServes 4\n320 g sushi rice\n1 litre vegetable stock\n1 onion');
  await page.getByRole('button', { name: 'Keep the dish' }).click();
  await expect(page.getByRole('button', { name: 'Take it back' })).toBeVisible();
  expect(await rices()).toHaveLength(before.length + 1);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('button', { name: 'Keep the dish' })).toBeVisible();
  await expect.poll(rices).toEqual(before);
});

test('a kitchen in ounces looks a recipe over in ounces, and keeps what was meant', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  const units = async (words: RegExp) => {
    await page.goto('/you');
    await choose(page, 'Amounts are in', words);
    await page.getByRole('button', { name: 'Save' }).first().click();
    await expect(page.getByText('Saved.')).toBeVisible();
  };
  await units(/ounces/);
  try {
    const name = `Risotto by the ounce ${Date.now()}`;
    await read(
      page,
      `${name}\nServes 4\n320 g carnaroli rice\n1 litre vegetable stock\n200 g pumpkin\n1 onion`,
    );
    // 320 / 28.35 = 11.3, 200 / 28.35 = 7.1, 1000 / 29.57 = 33.8
    for (const [line, shown] of [
      [1, '11.3'],
      [2, '33.8'],
      [3, '7.1'],
    ] as const) {
      await expect(page.getByLabel(`Amount, line ${line}`, { exact: true })).toHaveValue(shown);
    }
    await page.getByLabel('Amount, line 3', { exact: true }).fill('14');
    await page.getByRole('button', { name: 'Keep the dish' }).click();
    await expect(page.getByRole('link', { name })).toBeVisible();
    const { dishes } = (await (await page.request.get('/api/kitchen')).json()) as Kitchen;
    const id = dishes.find((dish) => dish.name === name)?.id ?? 0;
    const { dish } = (await (await page.request.get(`/api/dishes/${id}`)).json()) as DishPage;
    // What nobody touched is as it was written: 80 g a main. 14 oz are 396.9 g, 99.2 g for each of four.
    expect(dish.grams_main).toBe(80);
    expect(dish.ingredients.find((one) => one.name === 'pumpkin')?.amount).toBeCloseTo(99.2, 1);
  } finally {
    await units(/what the kitchen has/);
  }
});

test('a recipe of a name that is taken becomes its next version, or gets another name; what is none says so', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  const name = `Risotto of a name ${Date.now()}`;
  const text = `${name}\nServes 4\n320 g carnaroli rice\n1 litre vegetable stock\n1 onion`;
  for (const key of ['Keep the dish', 'Make it the next version']) {
    await read(page, text);
    await page.getByRole('button', { name: key }).click();
    await expect(page.getByRole('link', { name })).toBeVisible();
  }
  await expect(page.getByText('The version before is kept with the dish.')).toBeVisible();
  // Taken back, the dish is as it was before: four mains of onion again.
  await read(page, text.replace('1 onion', '3 onions'));
  await page.getByRole('button', { name: 'Make it the next version' }).click();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('button', { name: 'Read it' })).toBeVisible();
  const { dishes } = (await (await page.request.get('/api/kitchen')).json()) as Kitchen;
  const id = dishes.find((dish) => dish.name === name)?.id ?? 0;
  await expect
    .poll(async () => {
      const { dish, versions } = (await (await page.request.get(`/api/dishes/${id}`)).json()) as DishPage;
      return [dish.ingredients[0]?.amount, versions.length];
    })
    // 110 g for four. As it was first, with three onions, and back: the same kept twice is one version.
    .toEqual([27.5, 3]);
  await read(page, text);
  await expect(page.getByRole('button', { name: 'Keep the dish' })).toBeDisabled();
  await page.getByRole('button', { name: 'Keep both: another name' }).click();
  await page.getByRole('button', { name: 'Keep the dish' }).click();
  await expect(page.getByRole('link', { name: `${name}, second` })).toBeVisible();
  await read(page, '{"@type":"Person"}');
  await expect(page.getByRole('alert')).toContainText('has no recipe in it');
});

test('what goes in at a minute asks for it, stays open, and is refused without one', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  await page.goto('/dishes/new/soupy-rice');
  await page.getByLabel('Dish', { exact: true }).fill(`a stew with a minute ${Date.now()}`);
  await page.getByRole('button', { name: /^Base/ }).click();
  await page.getByRole('button', { name: 'Another ingredient' }).click();
  await page.getByRole('textbox', { name: 'Ingredient', exact: true }).fill('octopus');
  await choose(page, 'It goes in', /^at a minute$/);
  // It stands in another step now: that is open, and so is the card.
  const minute = page.getByRole('textbox', { name: 'Minute', exact: true });
  await expect(minute).toBeVisible();
  await minute.fill('');
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByText(/0 to 120/).first()).toBeVisible();
  await expect(minute).toBeVisible();
  await minute.fill('6');
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByRole('heading', { name: /a stew with a minute/ })).toBeVisible();
  const { dishes } = (await (await page.request.get('/api/kitchen')).json()) as Kitchen;
  const id = dishes.find(({ name }) => name.startsWith('a stew with a minute'))?.id ?? 0;
  const { dish } = (await (await page.request.get(`/api/dishes/${id}`)).json()) as DishPage;
  expect(dish.ingredients[0]).toMatchObject({ name: 'octopus', goes: 'at-minute', minute: 6 });
  await say(page, 'DELETE', `/api/dishes/${id}`);
});
