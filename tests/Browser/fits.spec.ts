import { expect, type Page } from '@playwright/test';
import { test } from './house';
import { expectFits, SIZES } from './fits';
import { choose, settled, signIn, step, untilCalled } from './station';

/* Wet hands, a bright room, whatever screen there is: nothing at the stove lies over anything, is cut off, or has to be scrolled to. */

const now = (page: Page) => page.getByRole('region', { name: 'Now' });

const wait = async (page: Page, minutes: number) => {
  await page.clock.fastForward(Math.round(minutes * 60_000));
  await page.waitForTimeout(250);
};

async function putOnDish(page: Page, dish: RegExp): Promise<void> {
  await page.goto('/');
  await choose(page, 'Dish', dish);
  await page.getByRole('button', { name: 'On the fire', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
}

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: Date.now() - 30 * 60_000 });
  await signIn(page);
});

test('a risotto fits every screen: before, toasting, waiting, called, late, offline, weighed, at the pass, on the plate', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await putOnDish(page, /pea, lovage/);
  await expectFits(page, 'pan on');
  await step(page);
  await expectFits(page, 'toasting');
  for (let begun = 0; begun < 4; begun++) {
    await untilCalled(page);
    await step(page);
  }
  await expectFits(page, 'waiting');
  await untilCalled(page);
  await expectFits(page, 'called');
  await wait(page, 1.3);
  await expectFits(page, 'late');
  await page.context().setOffline(true);
  await page.keyboard.press('n');
  await wait(page, 0.1);
  await page.waitForTimeout(3000);
  await expectFits(page, 'offline');
  await page.context().setOffline(false);
  await page.keyboard.press('w');
  await expectFits(page, 'weighing', '[role=dialog]', true);
  await page.getByLabel('the empty pan').fill('1480');
  const scale = page.getByRole('dialog').getByRole('status');
  const expected = Number(/about ([\d.]+) kg/.exec((await scale.textContent()) ?? '')?.[1]) * 1000;
  await page.getByLabel('Weighs now').fill(String(Math.round(expected - 60)));
  await page.keyboard.press('Enter');
  await settled(page);
  await expectFits(page, 'weighed');
  for (const [key, state] of [
    ['t', 'tasting'],
    ['s', 'seeing'],
    ['h', 'heat'],
    ['o', 'other amount'],
  ] as const) {
    await page.keyboard.press(key);
    if (await page.getByRole('dialog').isVisible()) {
      await expectFits(page, state, '[role=dialog]', true);
      await page.getByRole('button', { name: 'Back' }).click();
    }
  }
  await page.keyboard.press('x');
  await page.getByRole('button', { name: /hard/ }).first().click();
  await expectFits(page, 'something is off', '[role=dialog]', true);
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  for (
    let knock = 0;
    knock < 30 && (await page.getByRole('group', { name: 'At the pass' }).isHidden());
    knock++
  ) {
    await untilCalled(page);
    await step(page);
  }
  for (let knock = 0; !(await now(page).innerText()).includes('To the table\n'); knock++) {
    await expectFits(page, `at the pass ${knock}`);
    await step(page);
  }
  await expectFits(page, 'to the table');
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { name: 'At the table' })).toBeVisible();
  await expectFits(page, 'on the plate', 'main', true);
});

test('two pans, four pans and a crust fit every screen', async ({ page }) => {
  test.setTimeout(240_000);
  await putOnDish(page, /cauliflower/);
  const crust = page.url();
  await putOnDish(page, /hake/);
  await expectFits(page, 'two pans');
  await putOnDish(page, /smoked trout/);
  await putOnDish(page, /lamb neck/);
  await wait(page, 25);
  await expectFits(page, 'four pans, some calling');
  await page.evaluate(
    (url) => localStorage.setItem('velko.running', JSON.stringify([url.split('/').at(-1)])),
    crust,
  );
  await page.goto(crust);
  for (let knock = 0; knock < 40 && !(await page.locator('.now-floor').isVisible()); knock++) {
    await untilCalled(page);
    await step(page);
  }
  await expectFits(page, 'the crust');
  await wait(page, 2.5);
  await expectFits(page, 'burnt');
});

/** The bench goes to one column by the reader's own text size, which a style on the page cannot stand for; zoom can. */
const ZOOMED_OR_NOT = SIZES.filter((size) => !('text' in size));

test('the bench fits every screen, with as many doses as twenty-two covers take', async ({ page }) => {
  test.setTimeout(120_000);
  await choose(page, 'Dish', /pea, lovage/);
  for (const covers of ['6', '22']) {
    await page.getByLabel('Covers', { exact: true }).fill(covers);
    await expect(page.getByRole('region', { name: 'The cook' })).toHaveAttribute('data-stale', 'false');
    await page.getByRole('table', { name: 'What if' }).waitFor();
    await expectFits(page, `the bench, ${covers} covers`, 'main', true, ZOOMED_OR_NOT);
  }
});
