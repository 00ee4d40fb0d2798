import { expect, type Page } from '@playwright/test';
import { test } from './house';
import { expectAccessible, overflow, signIn } from './station';

/* A day is written and chosen as the reader's country has it; the documents have ISO 8601 whatever it is. */

const field = (page: Page) => page.getByRole('button', { name: /^Day: / });

/** The days of the table in which a week begins, as they are headed. */
const heads = (page: Page) => page.getByRole('dialog').getByRole('grid').locator('th');

for (const { country, locale, first, written } of [
  { country: 'Britain', locale: 'en-GB', first: 'Mon', written: /^[A-Z][a-z]{2},? \d{1,2} [A-Z][a-z]{2,3}$/ },
  {
    country: 'the United States',
    locale: 'en-US',
    first: 'Sun',
    written: /^[A-Z][a-z]{2}, [A-Z][a-z]{2} \d{1,2}$/,
  },
]) {
  test.describe(`for a reader from ${country}`, () => {
    test.use({ locale });

    test('a day is written their way, and a week on is chosen by keys', async ({ page }) => {
      await signIn(page);
      await expect(field(page)).toHaveText(written);
      const was = await field(page).textContent();
      await field(page).focus();
      await page.keyboard.press('Enter');
      await expect(heads(page).first()).toHaveText(first);
      await expectAccessible(page);
      const asked = page.waitForRequest(
        (sent) => sent.url().endsWith('/work-out') && sent.method() === 'POST',
      );
      await page.keyboard.press('ArrowDown');
      await page.keyboard.press('Enter');
      const { table_on } = (await asked).postDataJSON() as { table_on: string };
      expect(table_on).toMatch(/^\d{4}-\d\d-\d\d$/);
      await expect(page.getByRole('dialog')).toBeHidden();
      await expect(field(page)).not.toHaveText(was ?? '');
      await expect(field(page)).toContainText(String(Number(table_on.slice(8))));

      await field(page).click();
      await page.getByRole('button', { name: 'The next time it is that hour' }).click();
      await expect(field(page)).toHaveText(was ?? '');
    });
  });
}

test('the log is looked through from a day on, on a phone too', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  await page.goto('/log');
  await page.getByRole('button', { name: 'Find' }).click();
  await page.getByRole('button', { name: 'From the day' }).click();
  await page.getByRole('button', { name: 'The month before' }).click();
  await page.getByRole('gridcell').getByRole('button').first().click();
  await expect(page).toHaveURL(/[?&]from=\d{4}-\d\d-01/);
  expect(await overflow(page)).toBe(0);
  await page.getByRole('button', { name: /^From the day: / }).click();
  await page.getByRole('button', { name: 'Any day' }).click();
  await expect(page).not.toHaveURL(/from=/);
});
