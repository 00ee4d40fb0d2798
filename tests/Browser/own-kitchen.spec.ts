import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { expect, type Page } from '@playwright/test';
import type { Kitchen } from '../../resources/js/contracts.generated';
import { test } from './house';
import { archived, choose, expectAccessible, expectThumbs, signIn, signOut, overflow } from './station';

/** Presses Tab until the thing of this name has the focus. */
async function reach(page: Page, name: string | RegExp): Promise<void> {
  for (let tabs = 0; tabs < 120; tabs++) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const here = document.activeElement;
      const labels =
        here instanceof HTMLInputElement || here instanceof HTMLSelectElement ? here.labels : null;
      return here?.getAttribute('aria-label') ?? labels?.[0]?.innerText ?? here?.textContent ?? '';
    });
    if (typeof name === 'string' ? label.trim() === name : name.test(label.trim())) {
      return;
    }
  }
  throw new Error(`no way to ${String(name)} with Tab`);
}

/** Opens a kitchen of one's own, with keys alone. */
async function openKitchen(page: Page, kitchen: string): Promise<void> {
  await page.goto('/');
  await expect(page.getByLabel('E-mail')).toBeVisible();
  await reach(page, 'Open a kitchen of your own');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Kitchen')).toBeFocused();
  await page.keyboard.type(kitchen);
  await reach(page, 'Your name');
  await page.keyboard.type('Chef');
  await reach(page, 'E-mail');
  await page.keyboard.type(`chef-${crypto.randomUUID()}@osier.example`);
  await reach(page, /^Password/);
  await page.keyboard.type('wade-in-slowly');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Set up your kitchen' })).toBeVisible();
}

test('a kitchen from nothing on a phone with keys alone: set up, a dish of its own, 9 and 45 covers, a card; then carried into a second kitchen', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openKitchen(page, 'The Osier Beds');
  expect(await overflow(page)).toBe(0);
  await expectAccessible(page); // of the chips some are ticked, some not
  await expectThumbs(page);
  await reach(page, '36 rondeau');
  await page.keyboard.press('Space');
  await reach(page, 'Work out the first pan');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('table', { name: 'Steps' })).toBeVisible();
  expect(await overflow(page)).toBe(0);

  // A dish of one's own.
  await reach(page, 'Dishes');
  await page.keyboard.press('Enter');
  await reach(page, 'A new risotto');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Dish', { exact: true })).toBeFocused();
  await page.keyboard.type('sorrel risotto');
  await reach(page, /^Base/);
  await page.keyboard.press('Enter');
  await reach(page, 'Another ingredient');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Ingredient', exact: true }).focus();
  await page.keyboard.type('sorrel');
  await reach(page, 'Save the dish');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('sorrel risotto');
  await expect(page.getByRole('region', { name: 'Versions' })).toContainText('Chef');
  expect(await overflow(page)).toBe(0);
  await expectAccessible(page);

  // Planned for nine and for forty-five.
  await page.getByRole('link', { name: 'Work out a pan of it' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('combobox', { name: 'Dish' })).toContainText('sorrel risotto');
  await reach(page, 'Covers');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('9');
  await expect(page.getByRole('button', { name: /^Rice/ })).toContainText('720 g');
  await expect(page.getByRole('table', { name: 'Weighed out' })).toContainText('180 g');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('45');
  await expect(page.getByRole('button', { name: /^Rice/ })).toContainText('3.6 kg');
  await expect(page.getByRole('list', { name: 'Warnings' })).toContainText('No one pan here takes 45');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('9');
  await expect(page.getByRole('button', { name: /^Rice/ })).toContainText('720 g');

  // The card.
  await page.getByRole('link', { name: 'A card to print' }).focus();
  await page.keyboard.press('Enter');
  const card = page.getByRole('article', { name: 'Card' });
  await expect(card).toContainText('sorrel risotto');
  await expect(card).toContainText('180 g sorrel');
  expect(await overflow(page)).toBe(0);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });

  // Out, and into a second kitchen.
  await page.goto('/kitchen');
  expect(await overflow(page)).toBe(0);
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The kitchen whole' }).focus();
  await page.keyboard.press('Enter');
  const archive = await (await saved).path();
  await signOut(page);
  await openKitchen(page, 'Another place');
  // A log too long for one minute's work waits and goes on by itself.
  let parts = 0;
  const tooOften = { type: 'about:blank', title: 'Too often; wait a little', status: 429 };
  await page.route('**/api/kitchen/archive/cooks', (route) =>
    parts++ === 0
      ? route.fulfill({ status: 429, headers: { 'Retry-After': '1' }, json: tooOften })
      : route.continue(),
  );
  await page.getByLabel('Or bring a kitchen in from its archive').last().setInputFiles(archive);
  await page.getByRole('button', { name: 'Bring it in, and call this kitchen The Osier Beds' }).click();
  await expect(page.getByRole('table', { name: 'Steps' })).toBeVisible();
  const before = gunzipSync(readFileSync(archive)).toString('utf8').trim().split('\n');
  expect(await archived(page)).toEqual(before);
});

test('a boil-off test changes the plan at once, and the screen says which marks were measured', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  await choose(page, 'Dish', /pea, lovage/);
  await choose(page, 'Pan', /28 sautoir/);
  await choose(page, 'Ring', /ring 3/);
  const stock = page.getByRole('button', { name: /^Stock/ });
  await expect(stock).toContainText('L');
  const before = await stock.innerText();
  await page.goto('/kitchen');
  await page
    .getByRole('listitem')
    .filter({ hasText: 'ring 3' })
    .getByRole('button', { name: 'Boil-off test' })
    .click();
  await choose(page, 'Mark', /^medium$/);
  await page.getByLabel('Before (g)').fill('3200');
  await page.getByLabel('After (g)').fill('3400');
  await page.getByRole('button', { name: 'Take it for this mark' }).click();
  await expect(page.getByRole('alert').first()).toContainText('less than before');
  await page.getByLabel('After (g)').fill('2800');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Take it for this mark' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(page.getByRole('region', { name: 'Rings' })).toContainText('1003 W');
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Pan', exact: true }).click();
  await expect(stock).not.toHaveText(before);
});

test('a dish goes back to a version it had', async ({ page }) => {
  await signIn(page);
  await page.goto('/dishes');
  await expectAccessible(page);
  await page
    .getByRole('link', { name: /smoked trout/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Copy it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('(');
  await page.getByRole('button', { name: /^To the table/ }).click();
  const lies = page.getByRole('combobox', { name: 'At the table it' });
  const before = await lies.innerText();
  await choose(page, 'At the table it', /^stands$/);
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByText('Saved as version 2.')).toBeVisible();
  await page.getByRole('region', { name: 'Versions' }).getByRole('button', { name: /^1 / }).click();
  await expect(lies).toHaveText(before);
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByText('Saved as version 3.')).toBeVisible();

  // Off the list by two touches, not by one.
  const name = await page.getByRole('heading', { level: 1 }).innerText();
  await page.getByRole('button', { name: 'Delete this dish' }).click();
  await page.getByLabel('Garnish').focus();
  await expect(page.getByRole('button', { name: 'Delete this dish' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete this dish' }).click();
  await page.getByRole('button', { name: 'Touch again to be sure' }).click();
  await expect(page.getByRole('heading', { name: 'Dishes' })).toBeVisible();
  await expect(page.getByRole('link', { name })).toHaveCount(0);
});

test('what cannot be a dish is said by field, and nothing typed is lost', async ({ page }) => {
  await signIn(page);
  await page.goto('/dishes/new/pan-rice');
  await page.getByLabel('A main (g raw)').fill('lots');
  await page.getByRole('button', { name: /^To the table/ }).click();
  await page.getByLabel('Garnish').fill('a sprig of hope');
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByRole('alert').first()).toBeVisible();
  await expect(page.getByLabel('A main (g raw)')).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByLabel('Garnish')).toHaveValue('a sprig of hope');
});

test('a file that is no dish is refused, one that is comes in', async ({ page }) => {
  await signIn(page);
  await page.goto('/dishes');
  const file = page.getByLabel('Bring one in from a file').last();
  await file.setInputFiles({
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"@type":"Person"}'),
  });
  await expect(page.getByRole('alert')).toContainText('must be Recipe');
  // A recipe from elsewhere has a screen of its own, where its lines are looked over.
  await file.setInputFiles({
    name: 'x.jsonld',
    mimeType: 'application/ld+json',
    buffer: Buffer.from(
      '{"@type":"Recipe","name":"Celeriac risotto","recipeIngredient":["320 g carnaroli"]}',
    ),
  });
  await expect(page.getByRole('alert')).toContainText('a recipe from elsewhere is read first');
  const { dishes } = (await (await page.request.get('/api/kitchen')).json()) as Kitchen;
  const exported = await page.request.get(`/api/dishes/${dishes[0]?.id ?? 0}/export`);
  const dish = (await exported.text()).replace(
    /("dish": \{\s*"name": ")[^"]*/,
    `$1Celeriac risotto ${Date.now()}`,
  );
  await file.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(dish) });
  await expect(page.getByRole('status')).toContainText('is in the book');
});
