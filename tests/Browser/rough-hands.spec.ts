import { expect } from '@playwright/test';
import { test } from './house';
import { fromTheRice, done, idOf, kept, putOn, settled, signIn } from './station';

test('ten touches meant, ten touches kept: a cut network loses none and doubles none', async ({
  page,
  context,
}) => {
  await signIn(page);
  const id = idOf(await putOn(page));
  const now = page.getByRole('region', { name: 'Now' });
  await done(page);
  await expect(now).toContainText('Toast');

  await context.setOffline(true);
  await done(page);
  await page.keyboard.press('d'); // impatient: meant for the same step, counts once
  await expect(page.getByText(/kept on this tablet/)).toBeVisible();
  await context.setOffline(false);
  await expect(now).toContainText('Wine');
  await expect.poll(async () => fromTheRice(await kept(page, id)).length).toBe(1);
});

test('an answer that got lost on the way back is asked for again and counts once', async ({ page }) => {
  await signIn(page);
  const id = idOf(await putOn(page));
  const now = page.getByRole('region', { name: 'Now' });
  await done(page);
  await expect(now).toContainText('Toast');

  let lost = 0;
  await page.route('**/events*', async (route) => {
    if (lost++ === 0) {
      await route.fetch(); // the server keeps it …
      await route.abort(); // … and the tablet never hears
    } else {
      await route.continue();
    }
  });
  await done(page);
  await expect(now).toContainText('Wine');
  await expect.poll(() => lost).toBeGreaterThan(1);
  await expect.poll(async () => fromTheRice(await kept(page, id)).length).toBe(1);
});

test('two tablets at one pan show the same', async ({ page, browser }) => {
  await signIn(page);
  const url = await putOn(page);
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'chef@kiln.example');
  await other.goto(new URL(url).pathname);
  await done(page);
  await expect(other.getByRole('region', { name: 'Now' })).toContainText('Toast');
  await done(other);
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Wine');
  await other.close();
});

test('an amount that cannot be is not poured', async ({ page }) => {
  await signIn(page);
  const id = idOf(await putOn(page));
  for (const action of ['Toast', 'Wine']) {
    await done(page);
    await expect(page.getByRole('region', { name: 'Now' })).toContainText(action);
  }
  await page.keyboard.press('o');
  const amount = page.getByLabel('Amount in mL');
  for (const odd of ['', 'abc', '-5', '1e9', '99999', '1.2.3', '٣']) {
    await amount.fill(odd);
    await expect(page.getByRole('button', { name: 'It went in' })).toBeDisabled();
    await page.keyboard.press('Enter');
  }
  await settled(page);
  expect(fromTheRice(await kept(page, id))).toHaveLength(1);
  await amount.fill('152,5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Pour');
  await expect.poll(async () => (await kept(page, id)).state.done.at(-1)?.volume_ml).toBe(152.5);
});

test('a typed time is read as cooks type it, and a wrong one is not taken', async ({ page }) => {
  await signIn(page);
  const table = page.getByLabel('At the table', { exact: true });
  for (const [typed, read] of [
    ['1940', '19:40'],
    ['7.05', '07:05'],
    ['9:30', '09:30'],
    ['23h55', '23:55'],
  ] as const) {
    await table.fill(typed);
    await table.blur();
    await expect(table).toHaveValue(read);
  }
  await table.fill('25:00');
  await expect(page.getByRole('alert')).toContainText('from 00:00 to 23:59');
  await table.blur();
  await expect(table).toHaveValue('23:55');
  await table.press('ArrowUp');
  await expect(table).toHaveValue('00:00');
});

test('a wrong password says so, and lets nobody in', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('E-mail').fill('rice@kiln.example');
  await page.getByLabel('Password').fill('saffron');
  await page.getByRole('button', { name: 'To the stove' }).click();
  await expect(page.getByRole('alert')).toContainText('do not belong together');
  await expect(page.getByLabel('Kitchen clock')).toHaveCount(0);
});

test('whoever was signed out elsewhere meets the door', async ({ page }) => {
  const last = page.waitForResponse('**/api/around'); // an answer still on its way would bring the sign-in back
  await signIn(page);
  await (await last).finished();
  await page.context().clearCookies();
  await page.getByLabel('Covers', { exact: true }).fill('9');
  await expect(page.getByLabel('Password')).toBeVisible();
});
