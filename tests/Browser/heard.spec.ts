import { expect } from '@playwright/test';
import { test } from './house';
import { putOn, signIn } from './station';

/* What calls the cook, and whether it can be heard. */

declare global {
  interface Window {
    notes: number;
  }
}

test('the call can be tried in the kitchen, and the bell tells whether the stove can be heard', async ({
  page,
}) => {
  await page.addInitScript(() => {
    window.notes = 0;
    window.AudioContext = class extends AudioContext {
      override createOscillator() {
        window.notes++;
        return super.createOscillator();
      }
    };
  });
  await signIn(page);
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Try the call' }).click();
  await expect.poll(() => page.evaluate(() => window.notes)).toBe(2); // two notes

  await page.goto('/');
  await putOn(page);
  const bell = page.locator('[data-sound]');
  await expect(bell).toHaveAttribute('data-sound', 'chime'); // the page was touched
  await bell.click();
  await expect(bell).toHaveAccessibleName('Quiet: it calls by colour only');

  await bell.click();
  await page.reload();
  await expect(bell).toHaveAttribute('data-sound', 'asleep');
  await expect(page.getByText('Touch the screen once')).toBeVisible();
  await page.keyboard.press('Shift');
  await expect(bell).toHaveAttribute('data-sound', 'chime');
  await expect(page.getByText('Touch the screen once')).toBeHidden();
});
