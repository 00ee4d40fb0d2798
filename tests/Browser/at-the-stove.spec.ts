import { expect, type Page } from '@playwright/test';
import { server, test } from './house';
import type { ArchiveCook } from '../../resources/js/contracts.generated';
import {
  fromTheRice,
  archived,
  choose,
  done,
  idOf,
  kept,
  putOn,
  settled,
  signIn,
  step,
  untilCalled,
} from './station';

// It goes offline: the app comes from its service worker then.
test.use({ serviceWorkers: 'allow' });

/* What really happens at the stove, said with keys; the forecast moves with it. */

const now = (page: Page) => page.getByRole('region', { name: 'Now' });

const atTheTable = (page: Page) => page.getByRole('heading', { name: 'At the table' });

/** Steps as they call, until one of these words is on the stove. */
async function cookUntil(page: Page, words: RegExp): Promise<void> {
  for (let knock = 0; knock < 30; knock++) {
    await untilCalled(page);
    if (words.test(await now(page).innerText())) {
      return;
    }
    await step(page);
  }
}

/** On the fire, beside what is on already; answers its id. */
async function another(page: Page, dish: RegExp): Promise<string> {
  await page.goto('/');
  await choose(page, 'Dish', dish);
  await page.getByRole('button', { name: 'On the fire', exact: true }).click();
  await page.waitForURL(/stove/);
  await expect(now(page)).toBeVisible();
  return idOf(page.url());
}

test('one weighing moves the forecast, says so in a line, and narrows it', async ({ page }) => {
  await page.clock.install();
  await signIn(page);
  const id = idOf(await putOn(page));
  await done(page);
  await cookUntil(page, /mL[\s\S]*trail closes/);
  const before = (await kept(page, id)).forecast;
  expect(before?.power.times).toBe(1);
  await page.keyboard.press('w');
  const scale = page.getByRole('dialog', { name: 'The pan on the scale' });
  await scale.getByLabel('the empty pan').fill('1480');
  const thought =
    Number(/about ([\d.]+) kg/.exec((await scale.getByRole('status').textContent()) ?? '')?.[1]) * 1000;
  // A spoon left in it: asked about before it counts, with what is expected still in sight; more than the pan holds is refused.
  await scale.getByLabel('Weighs now').fill(String(Math.round(thought + 500)));
  await page.keyboard.press('Enter');
  await expect(scale.getByRole('alert')).toContainText(/\d+ g more than expected/);
  await expect(scale.getByRole('status')).toContainText(/of liquid in .* of rice\s*expect about/);
  await expect(scale.getByRole('button', { name: 'It is right: count it' })).toBeEnabled();
  await scale.getByLabel('Weighs now').fill('50000');
  await expect(scale.getByRole('alert')).toContainText(/full of water to its rim/);
  await expect(scale.getByRole('button', { name: 'That is it' })).toBeDisabled();
  await scale.getByLabel('Weighs now').fill(String(Math.round(thought - 60)));
  await expect(scale.getByRole('alert')).toHaveCount(0);
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^boiling off faster than thought, \d+ mL more by minute \d+/)).toBeVisible();
  const after = (await kept(page, id)).forecast;
  expect(after?.power.times).toBeGreaterThan(1.1);
  expect(after?.power.weighed).toBe(true);
  const width = (spread: number[] = [0, 0]) => (spread[1] ?? 0) - (spread[0] ?? 0);
  // Not by more: nobody weighed what the base lost in the pan.
  expect(width(after?.stock_spread_ml)).toBeLessThan(0.7 * width(before?.stock_spread_ml));
  await expect(page.getByRole('complementary', { name: 'What is left' })).toContainText(/was \d+ mL/);
  // It stands on the page of the cook.
  const log = await page.context().newPage();
  await log.goto(`/log/${id}`);
  await expect(log.getByRole('table', { name: 'Said at the stove' })).toContainText(/weighed [\d.]+ kg/);
  await expect(log.getByText(/found to give 1\d\d % of its marks .* by the scale/)).toBeVisible();
  await log.close();
  // Taken back, it is as it was.
  await page.keyboard.press('u');
  await expect.poll(async () => (await kept(page, id)).forecast?.power.times).toBe(1);
  // The empty pan is remembered for the next time.
  await page.keyboard.press('w');
  await expect(scale.getByLabel('the empty pan')).toHaveValue('1480');
});

test('something is off: what is seen, then the way back in this pan’s numbers, two touches', async ({
  page,
}) => {
  await page.clock.install();
  await signIn(page, 'chef@kiln.example');
  const id = idOf(await putOn(page));
  await done(page);
  await cookUntil(page, /mL[\s\S]*trail closes/);
  await page.keyboard.press('x');
  await page.getByRole('button', { name: /it swims/ }).click();
  const way = page.getByRole('dialog', { name: 'it swims' });
  await expect(way).toContainText('turn it to high');
  await expect(way).toContainText(/nothing goes in for [\d.]+ min/);
  await expect(way).toContainText('The plate then: wave, bite right.');
  await page.keyboard.press('Enter');
  await expect(way).toBeHidden();
  await expect(page.getByRole('list', { name: 'Heat and spoon' })).toContainText('high');
  // Heard, tasted, covered, turned: each with a key.
  await page.keyboard.press('h');
  await page.getByRole('dialog').getByRole('button', { name: /^2/ }).waitFor();
  await page.keyboard.press('2');
  await expect(page.getByRole('list', { name: 'Heat and spoon' })).toContainText('medium-low');
  await page.keyboard.press('l');
  await expect(page.getByRole('button', { name: 'Lid is on' })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('t');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /nearly/ })
    .waitFor();
  await page.keyboard.press('2');
  await page.keyboard.press('s');
  await page.getByRole('dialog').getByRole('button', { name: /trail/ }).waitFor();
  await page.keyboard.press('2');
  await page.keyboard.press('n');
  await expect
    .poll(async () => (await events(page, id)).slice(-8))
    .toEqual(['trouble', 'heat', 'heat', 'lid', 'taste', 'sign', 'not-yet'].slice(-8));
});

test('in the taste drawer a digit says one thing, of the tooth or of the salt', async ({ page }) => {
  await page.clock.install();
  await signIn(page);
  await putOn(page);
  await done(page);
  await cookUntil(page, /mL[\s\S]*trail closes/);
  const said = async (digit: string) => {
    await page.keyboard.press('t');
    await page.getByRole('dialog', { name: 'What does the tooth say?' }).waitFor();
    const touch = page.waitForRequest((request) => request.url().includes('/events'));
    await page.keyboard.press(digit);
    const { taste, salt } = (await touch).postDataJSON() as { taste?: string; salt?: string };
    await settled(page);
    return { taste, salt };
  };
  expect(await said('1')).toEqual({ taste: 'crunchy', salt: undefined });
  expect(await said('7')).toEqual({ taste: undefined, salt: 'salty' });
});

/** Kinds of the touches that count, oldest first, as the kitchen's archive has them. */
async function events(page: Page, id: string): Promise<string[]> {
  const cooks = (await archived(page)).slice(1).map((line) => JSON.parse(line) as ArchiveCook);
  const kinds = cooks.find((one) => one.id === id)?.events.map(({ event }) => event.kind) ?? [];
  return kinds.filter((kind) => !['start', 'done', 'pour'].includes(kind));
}

test('two pans six minutes apart are cooked with keys only, each coming forward when it calls', async ({
  page,
}) => {
  test.setTimeout(400_000);
  await page.clock.install();
  await signIn(page);
  const first = await another(page, /pea, lovage/);
  await done(page);
  await expect(now(page)).toContainText('Toast');
  await page.clock.fastForward(360_000);
  const second = await another(page, /hake/);
  const fronts = new Set<string>();
  const finished: string[] = [];
  for (let knock = 0; knock < 60 && finished.length < 2; knock++) {
    if (await atTheTable(page).isVisible()) {
      finished.push(idOf(page.url()));
      const left = finished.includes(first) ? second : first;
      if (finished.length < 2) await page.goto(`/stove/${left}`);
      continue;
    }
    await untilCalled(page);
    await page.waitForTimeout(80); // another pan may just be coming forward
    await untilCalled(page);
    if (await atTheTable(page).isVisible()) {
      continue;
    }
    await settled(page);
    fronts.add(idOf(page.url()));
    await done(page);
    await page.waitForTimeout(150);
  }
  expect(new Set(finished)).toEqual(new Set([first, second]));
  expect(fronts).toEqual(new Set([first, second]));
  for (const id of [first, second]) {
    await expect.poll(async () => (await kept(page, id)).state.status).toBe('at-table');
  }
});

test('ten minutes without network, a reload and a killed server end with one true log', async ({
  page,
  context,
  browser,
}) => {
  test.setTimeout(180_000);
  await page.clock.install();
  await signIn(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  const url = await putOn(page);
  const id = idOf(url);
  await done(page);
  await cookUntil(page, /mL[\s\S]*trail closes/);
  await expect.poll(async () => fromTheRice(await kept(page, id)).length).toBe(3);
  await page.waitForTimeout(1500); // what was heard last is written down on the tablet

  await context.setOffline(true);
  const said: string[] = [];
  for (let knock = 0; knock < 3; knock++) {
    await untilCalled(page);
    said.push((await now(page).getAttribute('data-stage')) ?? '');
    await done(page);
    await expect(now(page)).not.toHaveAttribute('data-stage', said.at(-1) ?? '');
  }
  await page.reload();
  await expect(now(page)).toBeVisible();
  await expect(now(page)).not.toHaveAttribute('data-stage', said[2] ?? '');
  server('kill');
  await untilCalled(page);
  said.push((await now(page).getAttribute('data-stage')) ?? '');
  await done(page);
  server('serve');
  await context.setOffline(false);

  await expect.poll(async () => fromTheRice(await kept(page, id)).length, { timeout: 30_000 }).toBe(7);
  const { state } = await kept(page, id);
  expect(new Set(state.done.map((one) => one.event)).size).toBe(9); // the base, and the rice
  expect(state.done.slice(5).map((one) => String((one as unknown as { stage: number }).stage))).toEqual(said);
  // A second tablet sees the same within three seconds.
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'chef@kiln.example');
  await other.goto(new URL(url).pathname);
  await expect(now(other)).toHaveAttribute('data-stage', (await now(page).getAttribute('data-stage')) ?? '', {
    timeout: 3000,
  });
  await other.close();
});
