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

test('what a base weighs once it is sweated is taken from the log, set by hand by keys, and taken back', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  await page.goto('/log/taught');
  const base = page.getByRole('region', { name: 'smoked trout and fennel risotto' });
  const words = base.getByRole('listitem');
  await expect(words).toContainText(/100 g of base, sweated, weigh.*Guessed: 70 g/);
  await base.getByRole('button', { name: 'Plan by this' }).click();
  await expect(page.getByRole('region', { name: 'Pans that come next' })).toBeVisible();
  await expect(words).toContainText(/Learned: 8\d g/);
  await base.getByRole('button', { name: /set by hand/ }).press('Enter');
  const sheet = page.getByRole('dialog');
  // More than there was cannot be left.
  await sheet.getByLabel(/Set by hand/).fill('1.3');
  await page.keyboard.press('Enter');
  await expect(sheet.getByText(/must be a number from 0\.14 to 1 \(g\/g\)/).first()).toBeVisible();
  await sheet.getByLabel(/Set by hand/).fill('0.8');
  await page.keyboard.press('Enter');
  await expect(sheet).toBeHidden();
  await expect(words).toContainText('By hand: 80 g.');
  await expectAccessible(page);
  await base.getByRole('button', { name: 'Take it back' }).press('Enter');
  await expect(words).toContainText('Guessed: 70 g.');
});
