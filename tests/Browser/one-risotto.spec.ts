import { expect } from '@playwright/test';
import { test } from './house';
import {
  amountNow,
  choose,
  done,
  idOf,
  kept,
  putOn,
  settled,
  signIn,
  throughTheDoor,
  untilCalled,
} from './station';

const PEA = /pea, lovage/;

test('a cook signs in, works out a pan, cooks it and finds it in the log', async ({ page }) => {
  await page.clock.install();
  await throughTheDoor(page);
  await choose(page, 'Dish', PEA);
  await expect(page.getByRole('button', { name: /^Rice/ })).toContainText('480 g');
  const url = await putOn(page);

  await done(page); // the pan is on
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('Toast');

  let poured = 0;
  let pours = 0;
  let other = 0;
  for (let step = 0; step < 30; step++) {
    await settled(page);
    await untilCalled(page);
    await expect(now).toContainText(/NOW|ENOUGH|going on/);
    const stage = (await now.getAttribute('data-stage')) ?? '';
    const before = await now.innerText();
    const amount = await amountNow(page);
    const isStock = amount !== null && before.includes('Pour');
    if (isStock && pours === 2) {
      // The third dose: half a ladle more than planned.
      await page.keyboard.press('o');
      await page.keyboard.press('ArrowUp');
      other = Number(await page.getByLabel('Amount in mL').inputValue());
      expect(other).toBeGreaterThan(amount);
      await page.keyboard.press('Enter');
      poured += other;
    } else {
      await done(page);
      poured += isStock ? amount : 0;
    }
    pours += isStock ? 1 : 0;
    if (before.includes('To the table')) {
      break;
    }
    await expect(now).not.toHaveAttribute('data-stage', stage);
  }

  await expect(page.getByRole('heading', { name: 'At the table' })).toBeVisible();
  await expect.poll(async () => (await kept(page, idOf(url))).state.status).toBe('at-table');
  expect((await kept(page, idOf(url))).state.poured_ml).toBe(poured);
  await page.getByRole('radio', { name: 'wave' }).click();
  await page.getByRole('radiogroup', { name: 'And the bite?' }).getByRole('radio', { name: 'right' }).click();
  await page.getByLabel('What to remember').fill('half a ladle over, still fine');
  await page.getByRole('button', { name: 'Keep it in the log' }).click();
  await expect(page.getByRole('button', { name: 'Kept in the log' })).toBeVisible();

  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const row = page.getByRole('link', { name: /half a ladle over, still fine/ });
  await expect(row).toContainText('wave, right');
  await row.click();
  await expect(page.getByRole('table', { name: 'Steps, planned and done' })).toContainText(`${other} mL`);
});

test('the answer moves as the ask changes, and an ask that cannot be says so', async ({ page }) => {
  await signIn(page);
  await choose(page, 'Dish', PEA);
  const stock = page.getByRole('button', { name: /^Stock/ });
  const covers = page.getByLabel('Covers', { exact: true });
  await expect(stock).toContainText('L');
  const six = await stock.innerText();
  await covers.fill('2');
  await expect(page.getByRole('button', { name: /^Rice/ })).toContainText('160 g');
  expect(await stock.innerText()).not.toBe(six);

  await covers.fill('9999');
  await expect(page.getByRole('alert')).toContainText('from 1 to 400');
  await expect(page.getByRole('button', { name: 'On the fire', exact: true })).toBeDisabled();
  await covers.fill('-3');
  await expect(page.getByRole('alert').first()).toContainText('whole number');
  await covers.fill('40');
  await expect(page.getByRole('list', { name: 'Warnings' })).toContainText('stirs evenly');
  await page
    .getByRole('button', { name: /36 rondeau on big ring/ })
    .first()
    .click();
  await expect(page.getByRole('list', { name: 'Warnings' })).not.toContainText('stirs evenly');
});

test('two covers and forty need clearly different stock a gram, and the picture says why', async ({
  page,
}) => {
  await signIn(page);
  await choose(page, 'Dish', PEA);
  const curve = page.getByRole('img', { name: /because what boils off is shared/ });
  const perGram = async () =>
    Number(/([\d.]+) mL\/g/.exec(await page.getByRole('button', { name: /^Stock/ }).innerText())?.[1]);

  await page.getByLabel('Covers', { exact: true }).fill('2');
  await expect(curve).toHaveAccessibleName(/for 2,/);
  const two = await perGram();

  await choose(page, 'Portion', /^starters of/);
  await choose(page, 'Pan', /55 wide pan/);
  await choose(page, 'Ring', /big ring/);
  await page.getByLabel('Covers', { exact: true }).fill('40');
  await expect(curve).toHaveAccessibleName(/for 40,/);
  await expect(page.getByText('stirs evenly')).toHaveCount(0);
  expect(two / (await perGram())).toBeGreaterThan(1.2);
});

test('a number says why when it is touched', async ({ page }) => {
  await signIn(page);
  await choose(page, 'Dish', PEA);
  await expect(page.getByRole('button', { name: /^Rice/ })).toContainText('carnaroli');
  await page.getByRole('button', { name: /^Stock/ }).click();
  const sum = page.getByRole('table', { name: 'Stock' });
  for (const term of ['drunk by the rice', 'boiled off', 'left as sauce', 'wine']) {
    await expect(sum).toContainText(term);
  }
});
