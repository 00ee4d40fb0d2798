import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { expect, type Page } from '@playwright/test';
import { test } from './house';
import type { DishBody, Kitchen } from '../../resources/js/contracts.generated';
import { archived, choose, idOf, kept, knock, panIsOn, signOut, step, untilCalled } from './station';

/*
 * The whole job as three cooks have it: planned, cooked from the cold pan to the empty one, logged, and carried into a
 * second kitchen. In kitchens of its own, so that the demo's stays as it is.
 */

const now = (page: Page) => page.getByRole('region', { name: 'Now' });

async function openKitchen(page: Page, name: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open a kitchen of your own' }).click();
  await page.getByLabel('Kitchen').fill(name);
  await page.getByLabel('Your name').fill('Chef');
  await page.getByLabel('E-mail').fill(`chef-${crypto.randomUUID()}@osier.example`);
  await page.getByLabel(/^Password/).fill('wade-in-slowly');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Set up your kitchen' })).toBeVisible();
}

/** Sends a document as the pages do; what comes back must be no refusal. */
async function sent<T>(page: Page, path: string, document?: object): Promise<T> {
  const { status, json } = await page.evaluate(
    async ([to, body]) => {
      const token = /XSRF-TOKEN=([^;]+)/.exec(globalThis.document.cookie)?.[1] ?? '';
      const answer = await fetch(`/api/${to}`, {
        method: body === undefined ? 'GET' : 'POST',
        headers: {
          Accept: 'application/json',
          'Content-Type': 'application/json',
          'X-XSRF-TOKEN': decodeURIComponent(token),
          'Idempotency-Key': crypto.randomUUID(),
        },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      return { status: answer.status, json: (await answer.json()) as unknown };
    },
    [path, document] as const,
  );
  expect(status, JSON.stringify(json).slice(0, 400)).toBeLessThan(300);
  return json as T;
}

type Ingredient = DishBody['ingredients'][number];
type Work = DishBody['side_work'][number];

const thing = (name: string, amount: number, goes: Ingredient['goes'], more: Partial<Ingredient> = {}) => ({
  name,
  amount,
  unit: 'g',
  per: 'main',
  goes,
  minute: null,
  suits: null,
  allergens: null,
  ...more,
});

const work = (what: string, ready: Work['ready'], takes_min: number, more: Partial<Work> = {}) => ({
  what,
  ready,
  takes_min,
  hands_min: 5,
  ahead: false,
  ...more,
});

/** A dish of a family, with this changed about it. */
async function dish(page: Page, family: string, more: Record<string, unknown>): Promise<void> {
  const kitchen = await sent<Kitchen>(page, 'kitchen');
  const usual = kitchen.families.find((one) => one.family === family)?.new_dish;
  await sent(page, 'dishes', {
    format: 'velko.dish-entry/1',
    rice_id: kitchen.rices[0]?.id,
    stock_id: kitchen.stocks[0]?.id,
    dish: { ...usual, diet: 'any', ...more },
  });
}

/** From "Pan on" to the plate, each step when it calls and each work beside it when it asks; what was shown on the way. */
async function cooked(page: Page, choices: readonly [string, RegExp][], covers: number): Promise<string[]> {
  await page.goto('/');
  await page.getByLabel('Covers', { exact: true }).fill(String(covers));
  for (const [label, option] of choices) {
    await choose(page, label, option);
  }
  await page.getByRole('button', { name: 'On the fire', exact: true }).click();
  await page.waitForURL(/stove/);
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
  await panIsOn(page);
  const seen: string[] = [];
  const table = page.getByRole('heading', { name: 'At the table' });
  const beside = page.getByRole('list', { name: 'Beside the pan' }).getByRole('button');
  for (let turn = 0; turn < 60; turn++) {
    await untilCalled(page);
    if (await table.isVisible()) {
      break;
    }
    if (await beside.first().isVisible()) {
      seen.push(await beside.first().innerText());
      await knock(page);
      await page.keyboard.press('e');
    }
    seen.push(await now(page).innerText());
    await step(page).catch(() => undefined);
  }
  await expect(table).toBeVisible();
  return seen;
}

/** Whoever is signed in, at a tablet of the pass whose clock is the right time and can be leapt on. */
async function atATablet(page: Page, cook: (tablet: Page) => Promise<void>): Promise<void> {
  const context = page.context();
  const tablet = await context.browser()?.newContext({ storageState: await context.storageState() });
  if (tablet === undefined) {
    throw new Error('no browser to open a tablet in');
  }
  const one = await tablet.newPage();
  await one.clock.install();
  await cook(one);
  await tablet.close();
}

async function judged(page: Page, verdict: readonly string[]): Promise<void> {
  for (const word of verdict) {
    const radio = page.getByRole('radio', { name: word, exact: true });
    await radio.first().click();
  }
  await page.getByRole('button', { name: 'Keep it in the log' }).click();
  await expect(page.getByRole('button', { name: 'Kept in the log' })).toBeVisible();
}

test('a risotto with work beside it, a pan rice over embers, a stew on its own stock: cooked, logged, and carried into a second kitchen', async ({
  page,
}) => {
  test.setTimeout(420_000);
  await openKitchen(page, 'The Osier Beds');
  await sent(page, 'kitchen/set-up', {
    format: 'velko.set-up/1',
    units: 'metric',
    altitude_m: 40,
    pans: ['sautoir-28', 'wide-42', 'pot-8'],
    rings: ['gas-strong', 'gas-big'],
    variety: 'bomba',
  });
  await sent(page, 'kitchen/burners', {
    format: 'velko.burner/1',
    name: 'embers in the yard',
    ring_cm: 38,
    fuel: 'charcoal',
    rated_w: 20_000,
    marks: [0.12, 0.25, 0.45, 0.7, 1].map((share, row) => ({
      mark: ['raked out', 'thin', 'glowing', 'deep', 'stoked'][row],
      share,
      net_w: null,
    })),
  });
  await dish(page, 'risotto', {
    name: 'artichoke risotto',
    ingredients: [
      thing('onion', 20, 'base', { until: 'soft' }),
      thing('artichoke heart, grilled', 1, 'on-top', {
        unit: 'pieces',
        per: 'plate',
        suits: 'vegan',
        allergens: [],
      }),
      thing('marjoram', 2, 'on-top', { suits: 'vegan', allergens: [] }),
    ],
    side_work: [work('grill the artichoke hearts', 'last-dose', 8)],
  });
  await dish(page, 'pan-rice', {
    name: 'duck, cockle and langoustine rice',
    cover: 'last-two-minutes',
    ingredients: [
      thing('olive oil', 12, 'base', { unit: 'ml' }),
      thing('duck leg', 40, 'at-minute', {
        minute: 3,
        before_min: 10,
        until: 'brown',
        suits: 'any',
        allergens: [],
      }),
      thing('sofrito', 25, 'base', { until: 'dark' }),
      thing('cockles', 30, 'at-minute', { minute: 9, suits: 'pescatarian', allergens: ['molluscs'] }),
      thing('langoustines', 30, 'nine-tenths-gone', { suits: 'pescatarian', allergens: ['crustaceans'] }),
      thing('lemon', 0.25, 'on-top', { unit: 'pieces', per: 'plate', suits: 'vegan', allergens: [] }),
    ],
  });
  await dish(page, 'soupy-rice', {
    name: 'white bean stew',
    ingredients: [
      thing('onion', 20, 'base', { until: 'soft' }),
      thing('white beans, cooked', 60, 'last-two-minutes', { suits: 'vegan', allergens: [] }),
      thing('rosemary', 1, 'base', {
        unit: 'pieces',
        per: 'pan',
        comes_out: true,
        suits: 'vegan',
        allergens: [],
      }),
    ],
    side_work: [
      work('simmer the beans, keep their water', 'stock', 55, { ahead: true, gives_ml_per_80_g: 150 }),
    ],
  });
  await atATablet(page, async (tablet) => {
    const told = (await cooked(tablet, [['Dish', /artichoke risotto/]], 4)).join('\n');
    expect(told).toMatch(/grill the artichoke hearts/);
    expect(told).toMatch(/On top[\s\S]*artichoke heart, grilled[\s\S]*on each plate/);
    await expect(tablet.getByText(/Empty the pan within/)).toBeVisible();
    const { state } = await kept(tablet, idOf(tablet.url()));
    expect(state.beside.map(({ begun_at }) => begun_at !== null)).toEqual([true]);
    await judged(tablet, ['wave', 'right']);
  });

  await atATablet(page, async (tablet) => {
    const chosen: [string, RegExp][] = [
      ['Dish', /duck, cockle/],
      ['Pan', /wide/],
      ['Ring', /embers/],
    ];
    const told = (await cooked(tablet, chosen, 6)).join('\n');
    expect(told).toMatch(/Take out[\s\S]*duck leg/);
    expect(told).toMatch(/rake the coals/);
    expect(told).toMatch(/Lid[\s\S]*lid on/);
    expect(told).toMatch(/Measure[\s\S]*duck leg/);
    expect(told).toMatch(/Pick out[\s\S]*every shell that stayed shut/);
    const { plan } = (await kept(tablet, idOf(tablet.url()))).working;
    expect(plan.warnings.map(({ code }) => code)).toContain('fire-drifts');
    expect(plan.on_the_rice?.lies.map(({ name }) => name)).toEqual(['duck leg', 'cockles', 'langoustines']);
    await judged(tablet, ['dry', 'right', 'gold']);
  });

  await atATablet(page, async (tablet) => {
    const told = (await cooked(tablet, [['Dish', /white bean/]], 6)).join('\n');
    expect(told).toMatch(/Pick out[\s\S]*rosemary/);
    const { prep } = (await kept(tablet, idOf(tablet.url()))).working;
    // 150 mL for 80 g: six covers of 70 g are 5.25 times that, 787.5, in steps of 50 (jugs).
    expect(prep.find(({ what }) => what.startsWith('simmer the beans'))).toMatchObject({
      ahead: true,
      gives_ml: 800,
    });
    await judged(tablet, ['loose', 'right']);
  });

  // The log has all three; the whole of it goes out and comes in again.
  await page.goto('/log');
  for (const name of ['artichoke risotto', 'duck, cockle and langoustine rice', 'white bean stew']) {
    await expect(page.getByText(name).first()).toBeVisible();
  }
  await page.goto('/kitchen');
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The kitchen whole' }).click();
  const archive = await (await saved).path();
  await signOut(page);
  await openKitchen(page, 'Another place');
  await page.getByLabel('Or bring a kitchen in from its archive').last().setInputFiles(archive);
  await page.getByRole('button', { name: /Bring it in, and call/ }).click();
  await expect(page.getByRole('table', { name: 'Steps' })).toBeVisible();
  const before = gunzipSync(readFileSync(archive)).toString('utf8').trim().split('\n');
  expect(before).toHaveLength(4); // the kitchen and its three cooks
  expect(await archived(page)).toEqual(before);
});
