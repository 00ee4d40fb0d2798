import { expect } from '@playwright/test';
import { test } from './house';
import { choose, done, idOf, kept, settled, signIn } from './station';

test('a pan rice shows its pan from above, its crust by setting, and what else it could be', async ({
  page,
}) => {
  await signIn(page);
  await choose(page, 'Dish', /cuttlefish/);
  await page.getByLabel('Covers', { exact: true }).fill('10');
  await expect(page.getByRole('combobox', { name: 'Pan' })).toContainText('55 wide pan (ours)');
  const above = page.getByRole('figure', { name: 'The pan from above' });
  await expect(above.getByRole('img')).toHaveAccessibleName(/gold|dark/);
  await expect(above).toContainText('off the middle, an hour of the clock');
  const crust = page.getByRole('table', { name: 'Crust by setting' });
  await expect(crust.getByRole('row')).toHaveCount(6);
  await expect(crust).toContainText('ours');

  const whatIf = page.getByRole('table', { name: 'What if' });
  await expect(whatIf).toContainText('20 covers in this pan');
  await expect(whatIf).toContainText('the rice drinks twice as much');
  await expect(whatIf).toContainText('it boils at 95 °C');
  await expect(page.getByRole('list', { name: 'Instead of' })).toContainText(
    'Arborio goes creamy and splits in a pan',
  );
});

test('a soupy rice says when it must leave the pass and what loosens it', async ({ page }) => {
  await signIn(page);
  await choose(page, 'Dish', /hake/);
  const pass = page.getByRole('figure', { name: 'At the pass' });
  await expect(pass).toContainText(/Leaves the pass within [\d.]+ min/);
  await expect(pass).toContainText(/\d+ mL 2 min late/);
});

test('covers that no one pan takes are shared, and each share is a touch away', async ({ page }) => {
  await signIn(page);
  await choose(page, 'Dish', /cuttlefish/);
  await page.getByLabel('Covers', { exact: true }).fill('14');
  const warnings = page.getByRole('list', { name: 'Warnings' });
  await expect(warnings).toContainText('No one pan here takes 14');
  await warnings.getByRole('button', { name: /34 wide pan/ }).click();
  await expect(page.getByRole('combobox', { name: 'Pan' })).toContainText('34 wide pan');
  await expect(warnings).not.toContainText('cooks evenly');
});

test('a pan rice is cooked with keys to its verdict, crust and all', async ({ page }) => {
  await page.clock.install();
  await signIn(page);
  await choose(page, 'Dish', /cauliflower/);
  await page.getByRole('button', { name: 'On the fire', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
  const id = idOf(page.url());
  await done(page);
  const now = page.getByRole('region', { name: 'Now' });
  const seen: string[] = [];
  for (let step = 0; step < 20; step++) {
    await settled(page);
    const stage = (await now.getAttribute('data-stage')) ?? '';
    const words = await now.innerText();
    seen.push(words);
    await done(page);
    if (words.includes('To the table')) {
      break;
    }
    await expect(now).not.toHaveAttribute('data-stage', stage);
  }
  for (const verb of ['Toast', 'Pour', 'Level', 'Heat', 'Crust', 'Rest']) {
    expect(seen.some((words) => words.includes(verb))).toBe(true);
  }
  await page.getByRole('radio', { name: 'dry' }).click();
  await page.getByRole('radiogroup', { name: 'And the bite?' }).getByRole('radio', { name: 'right' }).click();
  const keep = page.getByRole('button', { name: 'Keep it in the log' });
  await expect(keep).toBeDisabled();
  await page.getByRole('radio', { name: 'gold' }).click();
  await keep.click();
  await expect(page.getByRole('button', { name: 'Kept in the log' })).toBeVisible();
  expect((await kept(page, id)).state.status).toBe('at-table');
  await page.getByRole('link', { name: 'See it in the log' }).click();
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('dry, right, gold crust');
});
