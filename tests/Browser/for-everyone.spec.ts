import { expect } from '@playwright/test';
import { test } from './house';
import { choose, done, expectAccessible, putOn, expectThumbs, signIn, signOut } from './station';

test('no screen has a fault that axe can find', async ({ page }) => {
  test.setTimeout(240_000);
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'To the stove' })).toBeVisible();
  await expectAccessible(page);
  await signIn(page);
  await expect(page.getByRole('table', { name: 'Steps' })).toBeVisible();
  await expectAccessible(page);
  for (const dish of [/cuttlefish/, /hake/]) {
    await choose(page, 'Dish', dish);
    await expect(page.getByRole('list', { name: 'Instead of' })).toBeVisible();
    await expectAccessible(page);
  }
  await putOn(page);
  await expectAccessible(page);
  for (const action of ['Toast', 'Wine']) {
    await done(page);
    await expect(page.getByRole('region', { name: 'Now' })).toContainText(action);
  }
  await page.keyboard.press('o');
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('g');
  await page.getByRole('button', { name: 'Give it up' }).click();
  await expect(page.getByRole('heading', { name: 'Given up' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'See it in the log' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('pea, lovage');
  await expectAccessible(page);
  await page.goto('/log');
  await expect(page.getByRole('listitem').nth(3)).toBeVisible();
  await expectAccessible(page);
});

test('everything can be done with keys alone', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByLabel('E-mail')).toBeVisible();
  await page.keyboard.press('Tab');
  await page.keyboard.type('rice@kiln.example');
  await page.keyboard.press('Tab');
  await page.keyboard.type('lock-keeper-rice');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('table', { name: 'Steps' })).toBeVisible();

  const reach = async (name: string | RegExp) => {
    for (let tabs = 0; tabs < 40; tabs++) {
      await page.keyboard.press('Tab');
      const label = await page.evaluate(
        () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '',
      );
      if (typeof name === 'string' ? label === name : name.test(label)) {
        return;
      }
    }
    throw new Error(`no way to ${String(name)} with Tab`);
  };
  await reach('Covers');
  await page.keyboard.press('ArrowUp');
  await reach('Dish');
  await page.keyboard.press('Enter');
  await page.keyboard.type('pea, lov');
  await expect(page.getByRole('option', { name: /pea, lovage/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Rice/ })).toContainText('560 g');
  await reach('Pan');
  await page.keyboard.press('Enter');
  await page.keyboard.type('24');
  await expect(page.getByRole('option', { name: /24 sautoir/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('combobox', { name: 'Pan' })).toContainText('24 sautoir');
  await reach('At the table');
  await page.keyboard.press('ArrowUp');
  await reach(/On the fire/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();

  await done(page);
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Toast');
  await done(page);
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Wine');
  await page.keyboard.press('u');
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Toast');
});

test('nothing runs over the edge of a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  await expect(page.getByRole('table', { name: 'Steps' })).toBeVisible();
  const overflow = () =>
    page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(await overflow()).toBe(0);
  await putOn(page);
  expect(await overflow()).toBe(0);
  await done(page);
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Toast');
  await expect(page.getByRole('button', { name: 'Done' })).toBeInViewport();
  await page.goto('/log');
  await expect(page.getByRole('listitem').nth(3)).toBeVisible();
  expect(await overflow()).toBe(0);
});

test('no address breaks the server that stands before the application', async ({ request }) => {
  for (const path of ['/%00', '/%2e%2e/%2e%2e/.env', '/index.php%00.js', '/sw.js%00']) {
    const answer = await request.get(path);
    expect(answer.status(), path).toBeLessThan(500);
    expect(await answer.text(), path).not.toContain('APP_KEY');
  }
});

test('a second cook at the tablet sees nothing of the first before signing in', async ({ page }) => {
  await signIn(page);
  await signOut(page);
  await page.goto('/log');
  await expect(page.getByRole('button', { name: 'To the stove' })).toBeVisible();
});

for (const [width, height] of [
  [1280, 800],
  [390, 844],
] as const) {
  test(`whatever is touched is large enough for a thumb, at ${width}×${height}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await signIn(page);
    await expect(page.getByRole('table', { name: 'What if' })).toBeVisible();
    await expectThumbs(page);
    const { nights } = (await (await page.request.get('/api/nights')).json()) as { nights: { on: string }[] };
    const night = `/tonight/${nights.at(-1)?.on ?? ''}`;
    for (const place of [
      night,
      `${night}/lists`,
      '/stove',
      '/dishes',
      '/dishes/new/risotto',
      '/kitchen',
      '/log',
    ]) {
      await page.goto(place);
      await expect(page.getByRole('heading').first()).toBeAttached();
      await page.waitForTimeout(300);
      await expectThumbs(page);
    }
    await page.goto('/');
    await putOn(page);
    await done(page);
    await expect(page.getByRole('region', { name: 'Now' })).toContainText('Toast');
    await expectThumbs(page);
  });
}

test('with letters twice as large nothing leaves the screen, and covers and clock can be read', async ({
  page,
}) => {
  await page.addInitScript(() =>
    addEventListener('DOMContentLoaded', () => {
      document.documentElement.style.fontSize = '200%';
    }),
  );
  await signIn(page, 'chef@kiln.example');
  const { nights } = (await (await page.request.get('/api/nights')).json()) as { nights: { on: string }[] };
  const clock = page.getByLabel('Kitchen clock');
  for (const place of ['/', `/tonight/${nights.at(-1)?.on ?? ''}`, '/dishes', '/kitchen', '/log', '/you']) {
    await page.goto(place);
    await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth - innerWidth), { message: place })
      .toBe(0);
    const box = await clock.boundingBox();
    expect((box?.x ?? Infinity) + (box?.width ?? 0), place).toBeLessThanOrEqual(1280);
  }
  await page.goto('/');
  await expect(page.getByRole('table', { name: 'Steps' })).toBeVisible();
  for (const field of [
    page.getByLabel('Covers', { exact: true }),
    page.getByLabel('At the table', { exact: true }),
  ]) {
    expect(await field.evaluate((input) => input.clientWidth - input.scrollWidth)).toBeGreaterThanOrEqual(0);
    expect((await field.boundingBox())?.width).toBeGreaterThan(60);
  }
});
