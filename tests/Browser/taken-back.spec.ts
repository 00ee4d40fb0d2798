import { expect } from '@playwright/test';
import { test } from './house';
import { fromTheRice, done, idOf, kept, putOn, settled, signIn } from './station';

/* What was touched by mistake, and what two tablets touched at once. */

test('undo walks back touch by touch and says what it took back', async ({ page }) => {
  await signIn(page);
  const id = idOf(await putOn(page));
  const now = page.getByRole('region', { name: 'Now' });
  for (const verb of ['Toast', 'Wine', 'Pour']) {
    await done(page);
    await expect(now).toContainText(verb);
  }
  await settled(page);
  for (const [verb, done_] of [
    ['Wine', 1],
    ['Toast', 0],
  ] as const) {
    await page.keyboard.press('u');
    await expect(now).toContainText(verb);
    await expect(now).toContainText('Taken back:');
    await settled(page);
    expect(fromTheRice(await kept(page, id)).length).toBe(done_);
  }
  // The rice; the base, taken back as one; and the pan.
  await page.keyboard.press('u');
  await expect(now).toContainText('Rice in');
  await settled(page);
  await page.keyboard.press('u');
  await expect(now).toContainText('Pan on');
  await settled(page);
  await page.keyboard.press('u');
  await expect.poll(async () => (await kept(page, id)).state.status).toBe('waiting');
});

test('a pan given up by mistake is cooked on from the page that it leads to; one given up keeps a note', async ({
  page,
}) => {
  await signIn(page);
  const id = idOf(await putOn(page));
  await done(page);
  await settled(page);
  const giveUp = async () => {
    await page.getByRole('button', { name: /Give up/ }).click();
    await page.getByRole('button', { name: 'Give it up' }).click();
    await expect(page.getByRole('heading', { name: 'Given up' })).toBeVisible();
  };
  await giveUp();
  await page.getByRole('button', { name: 'Cook on after all' }).click();
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Toast');
  await expect.poll(async () => (await kept(page, id)).state.status).toBe('cooking');
  await giveUp();
  await page.getByLabel('What to remember').fill('the ring went out');
  await page.getByLabel('What to remember').press('Enter');
  await expect.poll(async () => (await kept(page, id)).state.note).toBe('the ring went out');
  expect((await kept(page, id)).state.verdict).toBeNull();
});

test('a step touched on two tablets at once counts once, and undo takes the step back, not the second touch', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const url = await putOn(page);
  const id = idOf(url);
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'chef@kiln.example');
  await other.goto(new URL(url).pathname);
  await done(page);
  for (const tablet of [page, other]) {
    await expect(tablet.getByRole('region', { name: 'Now' })).toContainText('Toast');
  }
  await done(page);
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Wine');
  await expect(other.getByRole('region', { name: 'Now' })).toContainText('Wine');
  await Promise.all([done(page), done(other)]);
  await settled(page);
  await settled(other);
  const cook = await kept(page, id);
  expect(fromTheRice(cook).map((one) => one.stage)).toEqual([0, 1]);
  expect(cook.forecast?.said ?? '').toBe('');
  for (const tablet of [page, other]) {
    await expect(tablet.getByRole('region', { name: 'Now' })).toContainText('Pour');
  }
  await page.waitForTimeout(1000); // not the same knock
  await page.keyboard.press('u');
  await expect.poll(async () => fromTheRice(await kept(page, id)).map((one) => one.stage)).toEqual([0]);
  await other.close();
});

test('a look that left before a touch and answers after it does not bring the step back', async ({
  browser,
}) => {
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await signIn(page);
  const id = idOf(await putOn(page));
  const now = page.getByRole('region', { name: 'Now' });
  await done(page);
  await expect(now).toContainText('Toast');
  await settled(page);

  let left = () => {};
  const looking = new Promise<void>((resolve) => (left = resolve));
  let release = () => {};
  const answered = new Promise<void>((resolve) => (release = resolve));
  await page.route(
    `**/api/cooks/${id}`,
    async (route) => {
      const old = await route.fetch();
      left();
      await answered;
      await route.fulfill({ response: old }).catch(() => undefined); // nobody may be waiting for it any more
    },
    { times: 1 },
  );
  await looking;
  await done(page);
  await expect(now).toContainText('Wine');
  await settled(page);
  release();
  await page.waitForTimeout(400);
  await expect(now).toContainText('Wine', { timeout: 1 });
  expect(fromTheRice(await kept(page, id))).toHaveLength(1);
  await page.context().close();
});
