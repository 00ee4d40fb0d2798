import { expect, type Page } from '@playwright/test';
import { test } from './house';
import { choose, done, idOf, kept, knock, putOn, settled, signIn, step, untilCalled } from './station';

/* From the cold pan to the empty one: what comes before the rice, and after the last plate. */

const now = (page: Page) => page.getByRole('region', { name: 'Now' });

/** s of the page's clock until the step that is shown calls. */
async function countedDown(page: Page): Promise<number> {
  const [, minutes = '0', seconds = '0'] = /in\s*(\d+):(\d\d)/.exec(await now(page).innerText()) ?? [];
  return 60 * Number(minutes) + Number(seconds);
}

test('the base is cooked part by part at the stove, and the pan is emptied', async ({ page }) => {
  test.setTimeout(180_000);
  await page.clock.install();
  await signIn(page);
  await choose(page, 'Dish', /radicchio/);
  const steps = page.getByRole('table', { name: 'Steps' });
  await expect(steps.getByRole('row', { name: /Pan on/ })).toContainText('warm it');
  await expect(steps.getByRole('row', { name: /Into the pan/ })).toContainText(
    /olive oil, 1 bay leaf, \d+ g onion/,
  );
  await page.getByRole('button', { name: 'On the fire', exact: true }).click();
  await page.waitForURL(/stove/);
  const id = idOf(page.url());
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
  await knock(page);
  await page.getByRole('button', { name: 'Pan is on' }).click();

  // Two minutes to warm it, four for the onion, three to toast the rice.
  await expect(now(page)).toContainText('warm it; the fat in when it is hot');
  await untilCalled(page);
  await step(page);
  await expect(now(page)).toContainText('Into the pan');
  await expect(now(page)).toContainText('until soft, without colour');
  expect(await countedDown(page)).toBeGreaterThan(230);
  await untilCalled(page);
  await step(page);
  // The rice is called with its grams before it is toasted.
  await expect(now(page)).toContainText(/Rice in\s*480\s*g\s*arborio/);
  await expect(now(page)).toContainText('NOW');
  await step(page);
  await expect(now(page)).toContainText('Toast');
  await untilCalled(page);
  // It is called at its end, and says so.
  await expect(now(page)).toContainText('ENOUGH');
  await step(page);
  await expect(now(page)).toContainText('Wine');
  const { state, working } = await kept(page, id);
  const began = Date.parse(state.started_at ?? '');
  const toasted = Date.parse(state.done.at(-1)?.at ?? '');
  expect((toasted - began) / 60_000).toBeGreaterThan(8.9);
  expect((toasted - began) / 60_000).toBeLessThan(10);
  expect(working.plan.stages.slice(0, 3).map((stage) => stage.at_min)).toEqual([-9, -7, -3]);

  const seen: string[] = [];
  while (!(await page.getByRole('heading', { name: 'At the table' }).isVisible())) {
    await untilCalled(page);
    if (await page.getByRole('heading', { name: 'At the table' }).isVisible()) {
      break;
    }
    seen.push(await now(page).innerText());
    await step(page).catch(() => undefined);
  }
  const last = seen.slice(-3).join('\n');
  expect(last).toMatch(/Pick out[\s\S]*bay leaf/);
  expect(last).toMatch(/On top[\s\S]*walnuts[\s\S]*on each plate/);
  await expect(page.getByText(/Empty the pan within [78]:\d\d/)).toBeVisible();
});

test('a base that is ready is passed over in one touch, and taken back in one', async ({ page }) => {
  await signIn(page);
  const id = idOf(await putOn(page));
  await knock(page);
  await page.keyboard.press('d');
  await expect(now(page)).toContainText('warm it');
  await page.keyboard.press('b');
  await expect(now(page)).toContainText('Rice in');
  await settled(page);
  const { state, working } = await kept(page, id);
  expect(state.done.map((one) => working.plan.stages[one.stage]?.kind)).toEqual(['base']);
  await page.keyboard.press('u');
  await expect(now(page)).toContainText('warm it');
});

test('less than ten grams keep their decimals in the large digits', async ({ page }) => {
  await signIn(page);
  await choose(page, 'Dish', /cauliflower/);
  await page.getByRole('button', { name: 'On the fire', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
  // The base is ready and the rice in: it is toasted now.
  await done(page);
  await expect(now(page)).toContainText('Toast');
  // 0.02 g of saffron a main, for six: 0.12 g, which was 0 g.
  await expect(now(page)).toContainText('saffron');
  await expect(now(page)).toContainText('0.12');
});
