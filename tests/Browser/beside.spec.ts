import { expect } from '@playwright/test';
import { test } from './house';
import { choose, idOf, kept, knock, settled, signIn, untilCalled, done } from './station';

/** The saffron is begun 14 to 19 minutes on, as the hour at the table is rounded to; called ten minutes before, and until a minute after it should be done. */
const TO_THE_SAFFRON = 12 * 60_000;

/** And so long after that the toasting may be past, while the steeping waits for it. */
const PAST_THE_TOASTING = 5 * 60_000;

/** By then it is too late for what it goes into, and still shown. */
const TOO_LATE = 9 * 60_000;

test('a work beside the pan is begun with a key and ready with a touch; what needs it waits for it, and the log has both', async ({
  page,
}) => {
  await page.clock.install();
  await signIn(page);
  await choose(page, 'Dish', /cauliflower/);
  // What it takes of the stock stands beside it.
  await expect(page.getByRole('table', { name: 'To begin' })).toContainText('in 62 mL of the stock');
  await page.getByRole('button', { name: 'On the fire', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
  const id = idOf(page.url());
  const beside = page.getByRole('list', { name: 'Beside the pan' });
  await expect(beside).toHaveCount(0); // nothing wants a hand yet
  await page.clock.fastForward(TO_THE_SAFFRON);

  const toast = beside.getByRole('button', { name: /(begin|ready): toast the saffron/ });
  const steep = beside.getByRole('button', { name: /(begin|ready): steep the saffron/ });
  await expect(toast).toContainText('begin');
  await expect(steep).toContainText('after: toast the saffron');
  await page.clock.fastForward(PAST_THE_TOASTING);
  await expect(steep).toContainText('after: toast the saffron');
  await expect(toast).toContainText('begin');
  await page.keyboard.press('e');
  await page.keyboard.press('e'); // a wet knuckle
  await expect(toast).toContainText('ready');
  await knock(page);
  await toast.click();
  await expect(toast).toHaveCount(0);
  await expect(steep).not.toContainText('after:');
  await settled(page);
  await page.clock.fastForward(TOO_LATE);
  await steep.click();
  await expect(steep).toContainText('min after its step');
  await page.keyboard.press('u');
  await expect(steep).toContainText('begin');
  await settled(page);
  const { state } = await kept(page, id);
  expect(state.beside.map(({ begun_at, ready_at }) => [begun_at !== null, ready_at !== null])).toEqual([
    [true, true],
  ]);
});

test('over wood the stove says to rake the embers, and how much stock it may come to', async ({ page }) => {
  await page.clock.install();
  await signIn(page, 'chef@kiln.example');
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  await page
    .getByRole('region', { name: 'Rings', exact: true })
    .getByRole('button', { name: /a ring/i })
    .click();
  await page.getByLabel('What you call it').fill('big ring 2');
  await page.getByLabel(/^Flame or coil/).fill('50');
  await choose(page, 'Heat', /wood/);
  await page.getByLabel(/^Rated/).fill('40000');
  await page.getByLabel(/^Falls by itself/).fill('3');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('button', { name: /big ring 2/ }).first()).toBeVisible();
  try {
    await page.getByRole('link', { name: 'Pan', exact: true }).click();
    await choose(page, 'Dish', /duck/);
    await choose(page, 'Ring', /big ring 2/);
    await expect(page.getByRole('list', { name: 'Warnings' })).toContainText(
      'A wood fire is never twice the same',
    );
    await page.getByRole('button', { name: 'On the fire', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
    await done(page);
    const now = page.getByRole('region', { name: 'Now' });
    for (let step = 0; step < 12 && !(await now.innerText()).includes('rake'); step++) {
      await settled(page);
      await untilCalled(page);
      const stage = (await now.getAttribute('data-stage')) ?? '';
      await done(page);
      await expect(now).not.toHaveAttribute('data-stage', stage);
    }
    await expect(now).toContainText('rake the embers');
  } finally {
    // The other tests have the rings of the demo.
    await page.goto('/kitchen');
    await page
      .getByRole('button', { name: /big ring 2/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Delete this ring' }).click();
    await page.getByRole('button', { name: 'Touch again to be sure' }).click();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
  }
});
