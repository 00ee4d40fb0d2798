import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import type { Cook } from '../../resources/js/contracts.generated';

export const PASSWORD = 'lock-keeper-rice';

/** Through the door, as a cook does. */
export async function throughTheDoor(page: Page, email = 'rice@kiln.example'): Promise<void> {
  await page.goto('/');
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'To the stove' }).click();
  await expect(page.getByLabel('Kitchen clock')).toBeVisible();
}

/** Past the door: it has tests of its own. */
export async function signIn(page: Page, email = 'rice@kiln.example'): Promise<void> {
  await page.request.get('/api/session', { headers: { Accept: 'application/json' } });
  const { cookies } = await page.request.storageState();
  const token = cookies.find((one) => one.name === 'XSRF-TOKEN')?.value ?? '';
  const answer = await page.request.post('/api/session', {
    data: { format: 'velko.sign-in/1', email, password: PASSWORD },
    headers: { 'X-XSRF-TOKEN': decodeURIComponent(token), Accept: 'application/json' },
  });
  expect(answer.ok()).toBe(true);
  await page.goto('/');
  await expect(page.getByLabel('Kitchen clock')).toBeVisible();
}

/** Whoever stands at the tablet leaves it. */
export async function signOut(page: Page): Promise<void> {
  await page.locator('header button[aria-haspopup=dialog]').click();
  await page.getByRole('button', { name: /^Sign out/ }).click();
  await expect(page.getByRole('button', { name: 'To the stove' })).toBeVisible();
}

/** One of a few words, chosen from its list. */
export async function choose(page: Page, label: string | RegExp, option: RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click();
  await page.getByRole('option', { name: option }).filter({ hasNotText: '(ours)' }).click();
}

/** Works out six covers of the pea risotto in the 28 sautoir on ring 2 and puts it on; answers the cook's address. */
export async function putOn(page: Page): Promise<string> {
  await choose(page, 'Dish', /pea, lovage/);
  await choose(page, 'Pan', /28 sautoir/);
  await choose(page, 'Ring', /ring 2/);
  await page.getByRole('button', { name: 'On the fire', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
  return page.url();
}

/** ms within which the stove takes a second knock for the same one. */
const SAME_KNOCK = 700;

/** Until the server has kept every touch, and what is shown is its answer: no step moves under the hand any more. */
export async function settled(page: Page): Promise<void> {
  await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '0');
}

/**
 * The step is done, said with a key; not so soon after the last, by the page's own clock, that it would be the same knock.
 * Whoever puts the pan on here has the base ready, and the rice in: the cold pan has a test of its own.
 */
export async function done(page: Page): Promise<void> {
  await knock(page);
  const waits = page.locator('[data-stage="pan-on"]');
  if (await waits.isVisible()) {
    await page.keyboard.press('d');
    await expect(waits).toBeHidden();
    await baseIsReady(page);
    await riceIsIn(page);
  } else {
    await page.keyboard.press('d');
  }
}

/** The pan is on, and nothing else is said yet. */
export async function panIsOn(page: Page): Promise<void> {
  await knock(page);
  await page.keyboard.press('d');
  await expect(page.locator('[data-stage="pan-on"]')).toBeHidden();
}

/** The base was made before: on to the rice. */
export async function baseIsReady(page: Page): Promise<void> {
  const ready = page.getByRole('button', { name: 'Base is ready' });
  if (await ready.isVisible()) {
    await page.keyboard.press('b');
    await expect(ready).toBeHidden();
  }
}

/** The rice goes in and is toasted from now on. */
export async function riceIsIn(page: Page): Promise<void> {
  const ricesIn = now(page).getByText('Rice in', { exact: true });
  const toasts = page
    .getByRole('complementary', { name: 'What is left' })
    .getByText('Toast', { exact: true });
  if ((await ricesIn.isVisible()) && (await toasts.isVisible())) {
    await knock(page);
    await page.keyboard.press('d');
    await expect(ricesIn).toBeHidden();
  }
}

/** What is done from the toasting on, its steps counted from there: the base was ready. */
export function fromTheRice({ state, working }: Cook): Cook['state']['done'] {
  const kinds = working.plan.stages.map((stage) => stage.kind);
  const before = ['pan-on', 'base', 'take-out', ...(kinds.includes('toast') ? ['rice-in'] : [])];
  const rice = kinds.findIndex((kind) => !before.includes(kind));
  return state.done.flatMap((one) => (one.stage < rice ? [] : [{ ...one, stage: one.stage - rice }]));
}

/** So long after the last knock that the next is one of its own; a test's own clock leaps there. */
export async function knock(page: Page): Promise<void> {
  const time = () => page.evaluate(() => Date.now());
  const from = await time();
  if (await page.evaluate(() => '__pwClock' in globalThis)) {
    await page.clock.fastForward(SAME_KNOCK + 50);
  } else {
    await page.waitForTimeout(SAME_KNOCK);
  }
  await expect.poll(time, { intervals: [20] }).toBeGreaterThan(from + SAME_KNOCK);
}

const now = (page: Page) => page.getByRole('region', { name: 'Now' });

/** The step that is shown is done, and what is shown after it is the server's answer. */
export async function step(page: Page): Promise<void> {
  const stage = (await now(page).getAttribute('data-stage')) ?? '';
  await done(page);
  await expect(now(page).and(page.locator(`[data-stage="${stage}"]`))).toBeHidden();
  await settled(page);
}

/** s of the longest leap of a test's clock, and how soon before a call it leaps no more. */
const LEAP_S = 30;
const CLOSE_S = 5;

/** ms after which a step that is not there any more is not waited for. */
const GONE_MS = 500;

/** What the step that is shown says; nothing once the pan has gone to the table meanwhile. */
const seen = (page: Page): Promise<string> =>
  now(page)
    .innerText({ timeout: GONE_MS })
    .catch(() => '');

/** On towards the call, not past it; nothing of what happens on the way is waited for. Answers what stood there before. */
export async function leap(page: Page): Promise<string> {
  const shown = await seen(page);
  const [, minutes = 0, seconds = 0] = /\bin (\d+):(\d\d)/.exec(shown) ?? [];
  const left = Number(minutes) * 60 + Number(seconds);
  await page.clock.fastForward(Math.min(LEAP_S, Math.max(CLOSE_S, left - CLOSE_S)) * 1000);
  return shown;
}

/**
 * On until the action calls, as the fuse would burn down, or there is none any more. Once it has called it has: what is called
 * at the last moment may be too late a look later, and something else stand there.
 */
export async function untilCalled(page: Page): Promise<void> {
  const over = now(page)
    .and(page.locator('[data-calls=true]'))
    .or(page.getByRole('heading', { name: 'At the table' }));
  for (let leaps = 0; leaps < 300; leaps++) {
    if (await over.isVisible()) {
      return;
    }
    const shown = await leap(page);
    await expect
      .poll(async () => (await over.isVisible()) || (await seen(page)) !== shown, { intervals: [20] })
      .toBe(true);
  }
  throw new Error('nothing called');
}

/** The amount on the stove, mL, or null where nothing is poured. */
export async function amountNow(page: Page): Promise<number | null> {
  const words = await now(page).innerText();
  const match = /(\d+)\s*mL/.exec(words);
  return match ? Number(match[1]) : null;
}

/** What the server has, asked past the screen. */
export async function kept(page: Page, id: string): Promise<Cook> {
  return page.evaluate(async (cook): Promise<Cook> => {
    const answer = await fetch(`/api/cooks/${cook}`, { headers: { Accept: 'application/json' } });
    return (await answer.json()) as Cook;
  }, id);
}

export const idOf = (url: string): string => url.split('/').at(-1) ?? '';

/** ms between two looks, and so many of them in a row at which nothing is dimmed because it is still that of the ask before. */
const LOOKS_EVERY = 150;
const QUIET_LOOKS = 3;

/** No longer than so many: what cannot be asked stays dimmed. */
const MOST_LOOKS = 60;

async function quiet(page: Page): Promise<void> {
  const dimmed = page.locator('[aria-busy=true], [data-stale=true]');
  for (let all = 0, looks = 0; looks < QUIET_LOOKS && all < MOST_LOOKS; all++) {
    looks = (await dimmed.count()) === 0 ? looks + 1 : 0;
    await new Promise((resolve) => setTimeout(resolve, LOOKS_EVERY));
  }
}

export async function expectAccessible(page: Page): Promise<void> {
  await quiet(page);
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(
    violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ')).join(', ')}`),
  ).toEqual([]);
}

/** px that a wet thumb needs each way (WCAG 2.2, 2.5.5 Target Size (Enhanced)). */
const THUMB = 44;

/** Whatever is touched is large enough for a thumb; a box belongs to its label. */
export async function expectThumbs(page: Page): Promise<void> {
  const small = await page.evaluate((least) => {
    const touched =
      'a, button, input, select:not([aria-hidden]), summary, [role=radio], [role=combobox], label:has(input)';
    return [...document.querySelectorAll(touched)]
      .filter(
        (one) =>
          !one.closest('.sr-only') && !(one.matches('[type=checkbox], [type=radio]') && one.closest('label')),
      )
      .map((one) => ({
        name: one.getAttribute('aria-label') ?? one.textContent,
        box: one.getBoundingClientRect(),
      }))
      .filter(({ box }) => box.width > 0 && (box.width < least || box.height < least))
      .map(({ name, box }) => `${name.trim()}: ${Math.round(box.width)}×${Math.round(box.height)}`);
  }, THUMB);
  expect(small).toEqual([]);
}

/** The archive of the kitchen, unpacked: the kitchen first, then a cook a line. */
export function archived(page: Page): Promise<string[]> {
  return page.evaluate(async (): Promise<string[]> => {
    const answer = await fetch('/api/kitchen/archive');
    const packed = (answer.body as ReadableStream<BufferSource>).pipeThrough(new DecompressionStream('gzip'));
    return (await new Response(packed).text()).trim().split('\n');
  });
}

/** How much wider than the screen the page is, px. */
export const overflow = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** Says to the server what no screen says here. */
export const say = (page: Page, method: string, path: string, body?: unknown) =>
  page.evaluate(
    async ({ method, path, body }) => {
      const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
      const headers = {
        'Content-Type': 'application/json',
        Accept: 'application/json',
        'X-XSRF-TOKEN': token,
        'Idempotency-Key': crypto.randomUUID(),
        'If-Match': '*',
      };
      const answer = await fetch(path, { method, headers, body: JSON.stringify(body) });
      if (!answer.ok) {
        throw new Error(`${path}: ${answer.status}`);
      }
      return (answer.status === 204 ? null : await answer.json()) as unknown;
    },
    { method, path, body },
  );
