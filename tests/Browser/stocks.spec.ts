import { expect } from '@playwright/test';
import { test } from './house';
import { choose, expectAccessible, expectThumbs, overflow, signIn } from './station';

test('a stock of several says its salt as its parts are typed, is refused where they are no whole, and one made from water says so', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  await page.goto('/kitchen');
  await page
    .getByRole('region', { name: 'Stocks', exact: true })
    .getByRole('button', { name: /a stock/i })
    .click();
  await page.getByLabel('What you call it').fill('vegetable stock 2');
  await choose(page, 'It comes', /several/);
  await expect(page.getByLabel('Salt (g in 100 g)')).toHaveCount(0); // it follows from the parts
  for (const [row, [name, share, salt]] of [
    ['vegetable stock', '80', '0.5'],
    ['soupy', '10', '2'],
  ].entries()) {
    await page.getByRole('button', { name: 'Another part' }).click();
    await page
      .getByLabel('Part', { exact: true })
      .nth(row)
      .fill(name ?? '');
    await page
      .getByLabel('Share (%)')
      .nth(row)
      .fill(share ?? '');
    await page
      .getByLabel('Salt (%)')
      .nth(row)
      .fill(salt ?? '');
  }
  await expect(page.getByText('Together 90 %')).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert').first()).toContainText('must make 100 percent together, not 90');
  await page.getByLabel('Share (%)').nth(1).fill('20');
  // 80 % at 0.5 and 20 % at 2: 0.4 + 0.4.
  await expect(page.getByText('salt 0.8 g in 100 g')).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await overflow(page)).toBe(0);
  await expectThumbs(page);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save' }).click();
  const stock = page.getByRole('button', { name: /vegetable stock 2/ });
  await expect(stock).toContainText('0.8');

  await stock.click();
  await choose(page, 'It comes', /from water/);
  await page.getByLabel('Simmers (min)').fill('0');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert').first()).toContainText('1 to 720');
  await page.getByLabel('Simmers (min)').fill('20');
  await page.getByRole('button', { name: 'Save' }).click();
  await stock.click();
  await expect(page.getByLabel('Simmers (min)')).toHaveValue('20');
  await page.getByRole('button', { name: 'Delete this stock' }).click();
  await page.getByRole('button', { name: 'Touch again to be sure' }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
});
