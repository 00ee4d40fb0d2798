import { expect, type Page } from '@playwright/test';
import { test } from './house';
import { choose, done, idOf, kept, settled, signIn, step, untilCalled } from './station';
import { logOf, offAt, served } from './truth';

/*
 * A cook who is late at every call, by as much each time: the pan still comes off, no pour is asked for without end, and
 * nobody is told to pour into rice that is done.
 */

const COOKS = [
  { family: 'risotto', dish: /pea, lovage/, late: 40 },
  { family: 'risotto', dish: /pea, lovage/, late: 70 },
  { family: 'pan rice', dish: /cauliflower/, late: 70 },
  { family: 'soupy rice', dish: /hake/, late: 70 },
];

/** Steps beyond the plan that a late cook may be asked for, as often as a trouble may be stated by nobody. */
const MOST_BEYOND = 2;

/** min that it may come off after the plan's pull and one late touch: half an ordinary window, and a tick of the test. */
const SLACK_MIN = 1 + 5 / 60;

/** min after which any of these would have been given up. */
const LONGEST = 45;

for (const { family, dish, late } of COOKS) {
  test(`a ${family} comes off in time though every touch comes ${late} s after its call`, async ({
    page,
  }) => {
    test.setTimeout(240_000);
    await page.clock.install();
    await page.setExtraHTTPHeaders({ 'X-Test-Clock': 'the tablet' });
    await signIn(page, 'chef@kiln.example');
    await choose(page, 'Dish', dish);
    await page.getByRole('button', { name: 'On the fire', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
    const id = idOf(page.url());
    const now = page.getByRole('region', { name: 'Now' });
    const atTheTable = page.getByRole('heading', { name: 'At the table' });

    await done(page);
    const began = await page.evaluate(() => Date.now());
    let beyond = 0;
    // s from the last call to its touch, by the page's clock: a busy machine is a slow hand on top of the late one.
    let lateAtLast = late;
    // s by which any touch came later than it was meant to.
    let slowest = 0;
    while (!(await atTheTable.isVisible())) {
      expect((await page.evaluate(() => Date.now())) - began).toBeLessThan(LONGEST * 60_000);
      await untilCalled(page);
      const called = await page.evaluate(() => Date.now());
      await later(page, id, late);
      await settled(page);
      const stage = (await now.getAttribute('data-stage')) ?? '';
      beyond += stage.startsWith('extra') ? 1 : 0;
      lateAtLast = ((await page.evaluate(() => Date.now())) - called) / 1000;
      slowest = Math.max(slowest, lateAtLast - late);
      await step(page);
    }
    expect(beyond).toBeLessThanOrEqual(MOST_BEYOND);
    await expect.poll(async () => (await kept(page, id)).state.status).toBe('at-table');
    const whole = await logOf(page, id);
    const plate = served(whole, 1);
    const asked = whole.request.target?.looseness ?? 0;
    // Such a cook is called early by as much: no plate leaves its bite for it.
    const over = offAt(whole) - (whole.working.plan.timing.pull_min + lateAtLast / 60);
    // A crust that is begun late is done late; there the bite alone is the measure.
    if (family !== 'pan rice') {
      expect(over, JSON.stringify({ ...plate, over, slowest })).toBeLessThan(SLACK_MIN + slowest / 60);
    }
    expect(plate.bite).toBe('right');
    expect(plate.looseness).toBeLessThan(asked + 0.05 + 0.25 * asked);
  });
}

/** So many seconds on, with the pan as it is by then before the cook's eyes: not as a look on its way had it. */
async function later(page: Page, id: string, seconds: number): Promise<void> {
  const then = (await page.evaluate(() => Date.now())) + 1000 * seconds;
  const look = page.waitForResponse(
    (answer) =>
      answer.url().endsWith(`/api/cooks/${id}`) &&
      Date.parse(answer.request().headers()['x-device-now'] ?? '') >= then,
  );
  await page.clock.fastForward(1000 * seconds);
  await look;
}
