import { expect, type Page } from '@playwright/test';
import { test } from './house';
import { expectAccessible, overflow, signIn } from './station';

/* A dish is its cook's card: steps in order, each opened in place, each with its schools worked out beside each other. */

async function openDish(page: Page, name: RegExp): Promise<void> {
  await page.goto('/dishes');
  await page.getByRole('link', { name }).first().click();
}

test('a school is taken where its step stands, with keys, and stays when it is saved', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  await openDish(page, /radicchio/);
  const steps = page.getByRole('region', { name: 'Step by step' });
  const stock = steps.getByRole('button', { name: /^Stock/ });
  await expect(stock).toContainText('cooked down');
  await stock.focus();
  await page.keyboard.press('Enter');
  const doses = steps.getByRole('table', { name: 'doses' });
  await expect(doses.getByRole('button', { pressed: true })).toContainText('cooked down');
  await doses.getByRole('button', { name: /^kept covered/ }).focus();
  await page.keyboard.press('Space');
  await expect(doses.getByRole('button', { pressed: true })).toContainText('kept covered');
  await expect(stock).toContainText('kept covered');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByText('Saved as version 2.')).toBeVisible();
  await expect(doses).toBeVisible();
  await page.reload();
  await expect(stock).toContainText('kept covered');
});

test('butter is taken away and comes back, as cold as it was touched', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  await openDish(page, /pea, lovage/);
  const finish = page.getByRole('button', { name: /^Finish/ });
  await finish.click();
  const butter = page.getByRole('table', { name: 'butter' });
  await butter.getByRole('button', { name: /^none/ }).click();
  await expect(page.getByLabel(/^Butter for/)).toHaveValue('0');
  await expect(finish).not.toContainText('butter');
  await butter.getByRole('button', { name: /^frozen/ }).click();
  await expect(finish).toContainText('15 g frozen butter');
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await page.getByRole('button', { name: 'Leave it' }).click();
});

test('an ingredient moves to the step at which it goes in, and what is refused opens its step', async ({
  page,
}) => {
  const stew = `a stew to be refused ${Date.now()}`;
  await signIn(page, 'chef@kiln.example');
  await page.goto('/dishes/new/soupy-rice');
  await page.getByLabel('Dish', { exact: true }).fill(stew);
  await page.getByRole('button', { name: /^Base/ }).click();
  await page.getByRole('button', { name: 'Another ingredient' }).click();
  await page.getByRole('textbox', { name: 'Ingredient', exact: true }).fill('hake');
  await page.getByRole('combobox', { name: 'It goes in' }).click();
  await page.getByRole('option', { name: 'for the last two minutes' }).click();
  const stock = page.getByRole('button', { name: /^Stock/ });
  await expect(stock).toContainText('hake 20 g');
  await expect(page.getByRole('button', { name: /^Base/ })).not.toContainText('hake');

  await page.getByRole('button', { name: /^To the table/ }).click();
  await page.getByLabel('Rest (min)').fill('300');
  await page.getByRole('button', { name: /^To the table/ }).click();
  await expect(page.getByLabel('Rest (min)')).toBeHidden();
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByLabel('Rest (min)')).toBeVisible();
  await expect(page.getByLabel('Rest (min)')).toHaveAttribute('aria-invalid', 'true');
  await page.getByLabel('Rest (min)').fill('0');
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(stew);
});

test('the card of a dish stands on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page, 'chef@kiln.example');
  for (const dish of [/lamb neck/, /cuttlefish/]) {
    await openDish(page, dish);
    await expect(page.getByRole('region', { name: 'Step by step' })).toBeVisible();
    expect(await overflow(page)).toBe(0);
    for (const step of [/^Base/, /^Stock/, /^To the table/]) {
      await page.getByRole('button', { name: step }).click();
    }
    await expect(page.getByRole('table').first()).toBeVisible();
    expect(await overflow(page)).toBe(0);
  }
});

test('another thing is laid beside an ingredient, and what is not for the guest takes a second touch', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  await openDish(page, /pea, lovage/);
  await page.getByRole('button', { name: /^Base/ }).click();
  await page.getByRole('button', { name: /^shallot/ }).click();
  await page.getByText('Instead of it').filter({ visible: true }).click();
  await page.getByLabel('What is there').filter({ visible: true }).fill('pancetta');
  await page.keyboard.press('Enter');
  const beside = page.getByRole('region', { name: 'pancetta for shallot' });
  await expect(beside.getByRole('row', { name: /^salt of the plate/ })).toBeVisible();
  await expect(beside.getByRole('alert').first()).toContainText('not for a vegetarian guest');
  await expectAccessible(page);
  await beside.getByRole('button', { name: 'Take it onto the form' }).click();
  await expect(page.getByRole('textbox', { name: 'Ingredient', exact: true })).toHaveValue('shallot');
  await beside.getByRole('button', { name: /^Touch again/ }).click();
  await expect(page.getByRole('button', { name: /^Base/ })).toContainText('pancetta 20 g');
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await page.getByRole('button', { name: 'Leave it' }).click();
});

test('rice a head is understood in cups, by what a cup of that rice weighs', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  const kitchen = (await (await page.request.get('/api/kitchen')).json()) as {
    rices: { name: string; grams_per_cup: number | null }[];
  };
  // Some 200 g where nobody has weighed one (common practice, no single source).
  const cup = kitchen.rices.find(({ name }) => name === 'bomba')?.grams_per_cup ?? 200;
  await page.goto('/dishes/new/pan-rice');
  const main = page.getByLabel('A main (g raw)');
  await main.fill('three quarters of a cup');
  await main.blur();
  await expect(main).toHaveValue(String(Math.round(cup * 0.75)));
  await main.fill('a fair amount');
  await main.blur();
  await expect(main).toHaveValue('a fair amount');
  // Said at once, and not when it is saved.
  await expect(page.getByRole('alert')).toContainText('"fair amount" is not a unit known here');
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await page.getByRole('button', { name: 'Leave it' }).click();
});
