import { expect } from '@playwright/test';
import { asSeeded, test } from './house';
import { expectAccessible, expectThumbs, overflow, signIn } from './station';

test.beforeAll(asSeeded);

test('the log says what it teaches of each ring and each rice, how surely, and on how many cooks it rests', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  await page.goto('/log');
  await page.getByRole('link', { name: 'What the log teaches' }).click();
  await expect(page.getByRole('heading', { name: 'What the log teaches' })).toBeVisible();
  const ring = page.getByRole('region', { name: 'ring 2' });
  await expect(ring.getByText(/\d+ W to \d+ W\..*Measured: \d+ W\./).first()).toBeVisible();
  await expect(ring.getByText(/\d+ cooks\./).first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'carnaroli' }).getByText(/min/).first()).toBeVisible();
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await overflow(page)).toBe(0);
  await expectThumbs(page);
  await page.getByRole('link', { name: 'To the log' }).click();
  await expect(page.getByRole('heading', { name: 'The log' })).toBeVisible();
});
