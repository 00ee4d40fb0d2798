import { expect } from '@playwright/test';
import { server, test } from './house';
import { fromTheRice, done, idOf, kept, putOn, settled, signIn } from './station';

// It goes offline: the app comes from its service worker then.
test.use({ serviceWorkers: 'allow' });

test('killing the server and the database in the middle of a cook loses no touch', async ({ page }) => {
  await signIn(page);
  const url = await putOn(page);
  const id = idOf(url);
  for (const action of ['Toast', 'Wine', 'Pour']) {
    await done(page);
    await expect(page.getByRole('region', { name: 'Now' })).toContainText(action);
  }
  await settled(page);
  const before = await kept(page, id);
  expect(fromTheRice(before)).toHaveLength(2);

  server('kill');
  // A touch while nobody answers stays on the tablet, through a reload as well.
  await done(page);
  await expect(page.getByText('kept on this tablet')).toBeVisible();
  server('serve');

  await expect.poll(async () => fromTheRice(await kept(page, id)).length, { timeout: 20_000 }).toBe(3);
  const after = await kept(page, id);
  expect(after.state.done.slice(0, before.state.done.length)).toEqual(before.state.done);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Pour');
  expect((await kept(page, id)).state.done).toEqual(after.state.done);
});
