import { expect, type Page } from '@playwright/test';
import { test } from './house';
import { existsSync, readFileSync } from 'node:fs';
import type english from '../../lang/en/screens.json';
import { expectFits, SIZES } from './fits';
import { PASSWORD, settled } from './station';

/* In a language that nobody speaks (tests/made-up-language.mjs): every letter accented, every text a third longer. What a kitchen has
   named itself is plain, and signs of units are; whatever else is plain on a screen was not said by a message. */

const FILE = new URL('../../lang/en-XA/screens.json', import.meta.url);
const SAID = existsSync(FILE) ? (JSON.parse(readFileSync(FILE, 'utf8')) as Record<string, string>) : {};
const said = (message: keyof typeof english): string => SAID[message] ?? '';

test.use({ locale: 'en-XA' });

/** Signs that are the same in every language, names, and what Intl writes. */
const SIGNS =
  /\b(mL|kg|mg|mm|cm|min|kW|fl oz|qt|oz|lb|in|ft|BTU|AM|PM|Velko|Mon|Tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|Europe\/London|kiln\.example)\b/g;
const LETTERS = /[A-Za-z]{2,}/;

/** Every text of a document, however deep. */
const texts = (node: unknown): string[] =>
  typeof node === 'string'
    ? [node]
    : node !== null && typeof node === 'object'
      ? Object.values(node).flatMap(texts)
      : [];

let ownNames: string[] = [];

/** What the kitchen has named itself: longest first, so that a name within a name does not break it. */
async function learnNames(page: Page): Promise<void> {
  const kitchen = (await (await page.request.get('/api/kitchen')).json()) as { dishes: { id: number }[] };
  const dishes = await Promise.all(
    kitchen.dishes.map(async ({ id }): Promise<unknown> =>
      (await page.request.get(`/api/dishes/${id}`)).json(),
    ),
  );
  // Names and notes that somebody wrote.
  const { cooks } = (await (await page.request.get('/api/cooks')).json()) as {
    cooks: { cook: string; verdict: { note: string } | null }[];
  };
  const written = cooks.flatMap(({ cook, verdict }) => [cook, verdict?.note ?? '']);
  const session: unknown = await (await page.request.get('/api/session')).json();
  // As it is called: as much of a dish as stands before its first comma.
  const called = texts(kitchen.dishes).map((name) => name.split(',')[0] ?? name);
  const briefly = called.map((name) => name.split(/ (?:and|with|in) /)[0] ?? name);
  const own = [kitchen, ...dishes, called, briefly, written, session];
  const marks = Object.keys((own[0] as Record<string, object>)['marks'] ?? {});
  const named = [...texts(own), ...marks, 'Rice station', 'Trainee', 'medium-low', 'medium-high'];
  // At the head of a sentence a name is written with a capital.
  ownNames = [...new Set([...named, ...named.map((text) => text.charAt(0).toUpperCase() + text.slice(1))])]
    .filter((text) => LETTERS.test(text))
    .sort((a, b) => b.length - a.length);
}

const plain = (text: string): boolean => {
  let left = text;
  for (const name of ownNames) {
    left = left.replaceAll(name, '');
  }
  return LETTERS.test(left.replace(SIGNS, ''));
};

/** Everything on the screen that was not said by a message. */
async function leftPlain(page: Page): Promise<string[]> {
  const found = await page.evaluate(() => {
    const all: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const { textContent, parentElement } = walker.currentNode;
      if (!['SCRIPT', 'STYLE', 'NOSCRIPT', 'CODE', 'TEXTAREA'].includes(parentElement?.tagName ?? '')) {
        all.push(textContent ?? '');
      }
    }
    for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
      for (const element of document.querySelectorAll(`[${name}]`)) {
        all.push(element.getAttribute(name) ?? '');
      }
    }
    return all;
  });
  return [...new Set(found.map((text) => text.trim()))].filter(plain);
}

const expectSaid = async (page: Page, where: string): Promise<void> =>
  expect.soft(await leftPlain(page), where).toEqual([]);

/** Both where a cook reads it standing and in the hand. */
const TWO = SIZES.filter((size) => ['1280×800', '390×844'].includes(size.name));

async function signIn(page: Page): Promise<void> {
  await page.goto('/');
  await expect(page.locator('input[type=email]')).toBeVisible();
  await expectSaid(page, 'the door');
  await page.fill('input[type=email]', 'rice@kiln.example');
  await page.fill('input[type=password]', PASSWORD);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('navigation', { name: said('shell.rail.places') })).toBeVisible();
  await learnNames(page);
}

async function read(page: Page, units: 'metric' | 'us'): Promise<void> {
  const { cook } = (await (await page.request.get('/api/session')).json()) as {
    cook: { name: string; email: string };
  };
  const cookies = await page.context().cookies();
  const token = decodeURIComponent(cookies.find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '');
  const answer = await page.request.put('/api/me', {
    headers: {
      'X-XSRF-TOKEN': token,
      Origin: new URL(page.url()).origin,
      'Content-Type': 'application/json',
    },
    data: { format: 'velko.me/1', name: cook.name, email: cook.email, units, clock: null },
  });
  expect(answer.ok(), await answer.text()).toBe(true);
}

/** Step after step until the plate is asked for. */
async function cookIt(page: Page, family: string): Promise<void> {
  await expect(page.getByRole('region', { name: said('screens.stove.now') })).toBeVisible();
  await expectSaid(page, `${family}: pan on`);
  for (let step = 0; step < 40 && (await page.getByRole('radiogroup').count()) === 0; step++) {
    await page.keyboard.press('d');
    await page.clock.fastForward(900);
    await settled(page);
    if (step === 2) {
      await expectFits(page, `${family}, in the made-up language`, 'main', false, TWO);
      for (const key of ['t', 'w', 's', 'h', 'o', 'x']) {
        await page.keyboard.press(key);
        await page.waitForTimeout(key === 'x' ? 700 : 100);
        await expectSaid(page, `${family}: key ${key}`);
        await page.keyboard.press('Escape');
      }
    }
    await expectSaid(page, `${family}: step ${step}`);
  }
  for (const group of await page.getByRole('radiogroup').all()) {
    await group.getByRole('radio').first().click();
  }
  await expectSaid(page, `${family}: the plate`);
  await page.getByRole('button', { name: said('stove.verdictForm.keep-it-in-the-log') }).click();
  await page.getByRole('link', { name: said('stove.verdictForm.see-it-in-the-log') }).click();
  await expect(page).toHaveURL(/\/log\//);
  await page.waitForTimeout(600);
  await expectSaid(page, `${family}: in the log`);
}

for (const units of ['metric', 'us'] as const) {
  test(`nothing escapes and nothing overflows, in ${units} units`, async ({ page }) => {
    test.skip(!existsSync(FILE), 'the made-up language is made by bin/test');
    test.setTimeout(300_000);
    const broken: string[] = [];
    page.on('console', (message) => message.type() === 'error' && broken.push(message.text()));
    await page.clock.install({ time: Date.now() - 30 * 60_000 });
    await signIn(page);
    await read(page, units);
    await page.reload();
    for (const [family, dish] of [
      ['risotto', /pea, lovage/],
      ['pan rice', /cauliflower, almond/],
      ['soupy rice', /hake, leek/],
    ] as const) {
      await page.goto('/');
      await page.getByRole('combobox', { name: said('common.dish') }).click();
      await page.getByRole('option', { name: dish }).click();
      await page.waitForTimeout(1500);
      await expectSaid(page, `${family}: worked out`);
      if (family === 'risotto') {
        await expectFits(page, 'the bench in the made-up language', 'main', true, TWO);
        const [file] = await Promise.all([
          page.waitForEvent('download'),
          page.getByText(said('bench.before.preparation-for-a-calendar')).click(),
        ]);
        const lines = readFileSync(await file.path(), 'utf8')
          .replace(/\r?\n /g, '')
          .replaceAll('\\,', ',');
        const summaries = lines.match(/^SUMMARY:.*$/gm) ?? [];
        expect(summaries.map((line) => line.slice('SUMMARY:'.length)).filter(plain)).toEqual([]);
        await page.getByText(said('bench.before.a-card-to-print')).click();
        await expect(page.locator('article, section').first()).toBeVisible();
        await page.waitForTimeout(800);
        await expectSaid(page, 'the card');
        await page.goBack();
      }
      await page.getByRole('button', { name: said('common.on-the-fire'), exact: true }).click();
      await cookIt(page, family);
    }
    const { nights } = (await (await page.request.get('/api/nights')).json()) as { nights: { on: string }[] };
    const night = `/tonight/${nights.at(-1)?.on ?? ''}`;
    for (const place of ['/dishes', '/kitchen', '/log', '/stove', '/you', night, `${night}/lists`]) {
      await page.goto(place);
      await page.waitForTimeout(900);
      await expectSaid(page, place);
      // What slides under its frame is cut by it.
      if (place !== night) await expectFits(page, place, 'main', true, TWO);
    }
    await read(page, 'metric');
    expect(broken.filter((text) => !text.includes('favicon'))).toEqual([]);
  });
}
