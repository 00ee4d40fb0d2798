import { expect, type Page } from '@playwright/test';
import { test } from './house';
import { expectAccessible, putOn, signIn } from './station';

/* Where the system asks for dark, paper is dark; axe checks that every word can be read on it (WCAG 2.2, 1.4.3). */

test.use({ colorScheme: 'dark' });

/** Of what a page is drawn on: 0 is black, 1 white. */
const lightness = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const [red = 0, green = 0, blue = 0] = (
      getComputedStyle(document.documentElement).backgroundColor.match(/\d+/g) ?? []
    ).map(Number);
    return (red + green + blue) / (3 * 255);
  });

test('every screen can be read on dark paper', async ({ page }) => {
  test.setTimeout(240_000);
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'To the stove' })).toBeVisible();
  await expectAccessible(page);
  await signIn(page, 'chef@kiln.example');
  await expect(page.getByRole('table', { name: 'Steps' })).toBeVisible();
  expect(await lightness(page)).toBeLessThan(0.15);
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Day: / }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  const { nights } = (await (await page.request.get('/api/nights')).json()) as { nights: { on: string }[] };
  for (const path of [
    `/tonight/${nights.at(-1)?.on ?? ''}`,
    '/dishes',
    '/kitchen',
    '/log',
    '/log/weeks',
    '/log/taught',
    '/you',
  ]) {
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await expectAccessible(page);
  }
  await page.goto('/dishes');
  await page
    .getByRole('link', { name: /pea, lovage/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('pea, lovage');
  await expectAccessible(page);
});

test('the stove is what it is by day, and so is what is printed', async ({ page }) => {
  await signIn(page);
  await putOn(page);
  const colours = () =>
    page
      .getByRole('main')
      .locator('section, [role=region]')
      .first()
      .evaluate((now) => [
        getComputedStyle(now).color,
        getComputedStyle(now).getPropertyValue('--color-saffron'),
        getComputedStyle(now).getPropertyValue('--color-ink'),
      ]);
  const dark = await colours();
  await page.emulateMedia({ colorScheme: 'light' });
  expect(dark).toEqual(await colours());
  await page.emulateMedia({ colorScheme: 'dark', media: 'print' });
  expect(await lightness(page)).toBeGreaterThan(0.9);
});
