import { expect, type Page } from '@playwright/test';
import { asSeeded, test } from './house';
import type { Kitchen, Log, Night } from '../../resources/js/contracts.generated';
import { choose, expectAccessible, expectThumbs, overflow, say, signIn } from './station';

/* The demo's Friday, taken over to nights of its own so that each test has it as it was. */

/** ms within which a second tablet has asked again. */
const HEARD = 15_000;

const clashes = (page: Page) => page.getByRole('region', { name: 'What does not fit' });
const pans = (page: Page) => page.getByRole('group', { name: 'Pans on their rings' });
const bar = (page: Page, name: RegExp) => pans(page).getByRole('button', { name });

async function friday(page: Page): Promise<string> {
  const { nights } = (await (await page.request.get('/api/nights')).json()) as {
    nights: { on: string; firings: number }[];
  };
  const days = nights.filter(({ firings }) => firings === 14).map(({ on }) => on);
  return days.sort()[0] ?? '';
}

/* Whatever other tests have made of the kitchen. */
test.beforeAll(asSeeded);

/** The Friday so many weeks on, taken over from the demo's by its key. */
async function takenOver(page: Page, weeks: number): Promise<string> {
  const first = await friday(page);
  const day = new Date(Date.parse(`${first}T12:00:00Z`) + weeks * 7 * 86_400_000).toISOString().slice(0, 10);
  await page.goto(`/tonight/${day}`);
  await page
    .getByRole('listitem')
    .filter({ hasText: /72 covers in 14 firings/ })
    .last()
    .getByRole('button', { name: 'Take it over' })
    .click();
  await expect(clashes(page).getByRole('heading', { name: '2 tables do not fit' })).toBeVisible();
  return day;
}

const kept = async (page: Page, day: string) =>
  (await (await page.request.get(`/api/nights/${day}`)).json()) as Night;

const giveUp = (page: Page, cook: string) =>
  say(page, 'POST', `/api/cooks/${cook}/events`, {
    id: crypto.randomUUID(),
    kind: 'abandon',
    at: new Date().toISOString(),
  });

/** What other tests left on the fire is on no ring any more. */
async function emptyStove(page: Page): Promise<void> {
  // Nights that other tests had filled may have taken this cook's minute of computing.
  await expect
    .poll(async () => (await page.request.get('/api/cooks')).status(), { timeout: 70_000 })
    .toBe(200);
  const { cooks } = (await (await page.request.get('/api/cooks')).json()) as Log;
  for (const { id, status } of cooks) {
    if (status === 'waiting' || status === 'cooking') {
      await giveUp(page, id);
    }
  }
}

/** Six hours apart, none with a summer time: in one of them it is between two and eight in the evening, whenever that is. */
const ZONES = ['Pacific/Pago_Pago', 'America/Bogota', 'Africa/Lagos', 'Asia/Bangkok'];
const AFTERNOON = 14;
const NIGHT = 20;

/** The kitchen stands where a service is ahead of it now; what it is called there, and how it goes back. Asks a chef. */
async function whereItIsEvening(page: Page): Promise<{ zone: string; back: () => Promise<unknown> }> {
  const house = (await (await page.request.get('/api/kitchen')).json()) as Kitchen;
  const moved = (timezone: string) =>
    say(page, 'PUT', '/api/kitchen', {
      format: 'velko.house/1',
      name: house.name,
      altitude_m: house.altitude_m,
      room_c: house.room_c,
      units: house.units,
      timezone,
    });
  const hour = (timeZone: string) =>
    Number(new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', hourCycle: 'h23' }).format());
  const zone = ZONES.find((one) => hour(one) >= AFTERNOON && hour(one) < NIGHT) ?? '';
  await moved(zone);
  return { zone, back: () => moved(house.timezone) };
}

test('two tables of a Friday that do not fit are mended by touching what is offered, and every number says why', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  const day = await takenOver(page, 3);
  await expectAccessible(page);
  for (let left = 2; left > 0; left--) {
    // What is late then stands beside each offer.
    const offer = clashes(page)
      .getByRole('button', { name: /min later: at the table/ })
      .first();
    await expect(offer).toContainText(left === 2 ? /then late: .+ min/ : 'then nothing is late');
    await offer.click();
    await expect(offer).toHaveCount(left - 1 === 0 ? 0 : 1);
  }
  await expect(clashes(page).getByText('All of it fits')).toBeVisible();
  const night = await kept(page, day);
  expect(night.late_cover_min).toBe(0);
  expect(night.pans.flatMap((pan) => pan.serves).reduce((sum, { covers }) => sum + covers, 0)).toBe(72);

  // A sum that a cook can follow: on, and so long until it is at the table.
  await bar(page, /^12 \+ 4 of pea/).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('36 rondeau on big ring');
  const lasts = await sheet.locator('dd').allInnerTexts();
  const [toLiquid = 0, onTheRing = 0, off = 0] = lasts
    .slice(1, 4)
    .map((text) => text.replace('+ ', '').split(':').map(Number))
    .map(([minutes = 0, seconds = 0]) => minutes + seconds / 60);
  const pan = night.pans.find(({ covers, starters }) => covers === 12 && starters === 4);
  expect(toLiquid + onTheRing + off).toBeCloseTo(
    (Date.parse(pan?.table_at ?? '') - Date.parse(pan?.on_at ?? '')) / 60_000,
    1,
  );
  // The rice of twelve mains and four starters: 12 × 80 + 4 × 45 g.
  await expect(sheet).toContainText('1.14 kg');
});

test('a pan that is dragged stays where it was put, and the rest makes room; a second tablet sees it; it can be let go', async ({
  page,
  browser,
}) => {
  await signIn(page, 'chef@kiln.example');
  const day = await takenOver(page, 4);
  const other = await (await browser.newContext()).newPage();
  await signIn(other);
  await other.goto(`/tonight/${day}`);
  await expect(bar(other, /^4 of lamb.*ring [234]/)).toBeVisible();

  const lamb = (await kept(page, day)).pans.find(({ dish }) => dish.startsWith('lamb'));
  const at = await bar(page, /^4 of lamb/).boundingBox();
  if (!at || !lamb) throw new Error('no lamb');
  const rows = lamb.burner === 'ring 4' ? -1 : 1;
  await page.mouse.move(at.x + 20, at.y + 20);
  await page.mouse.down();
  // Ten minutes at 5.4 px, one row of 70 px.
  await page.mouse.move(at.x + 20 + 54, at.y + 20 + rows * 70, { steps: 8 });
  await page.mouse.up();
  await expect
    .poll(async () => (await kept(page, day)).pans.find(({ dish }) => dish.startsWith('lamb'))?.by_hand)
    .toBe(true);
  const moved = (await kept(page, day)).pans.find(({ dish }) => dish.startsWith('lamb'));
  expect(moved?.burner).not.toBe(lamb.burner);
  // To the minute before.
  const later = (Date.parse(moved?.on_at ?? '') - Date.parse(lamb.on_at)) / 60_000;
  expect(later).toBeGreaterThan(9);
  expect(later).toBeLessThanOrEqual(10);
  await expect(bar(other, new RegExp(`^4 of lamb.*${moved?.burner}`))).toBeVisible({ timeout: HEARD });
  await other.close();

  await bar(page, /^4 of lamb/).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Let it go' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  expect((await kept(page, day)).pans.find(({ dish }) => dish.startsWith('lamb'))?.by_hand).toBe(false);

  // Struck off at another tablet while its sheet is open here: nothing is left to show.
  await bar(page, /^4 of lamb/).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await say(page, 'DELETE', `/api/firings/${moved?.serves[0]?.firing}`);
  await expect(page.getByRole('dialog')).toBeHidden({ timeout: HEARD });
  await expect(bar(page, /^4 of lamb/)).toHaveCount(0);
});

test('the same Friday is made to work with keys alone', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  const day = await takenOver(page, 5);
  for (let left = 2; left > 0; left--) {
    const offers = clashes(page).getByRole('button', { name: /min later: at the table/ });
    await expect(offers.first()).toBeVisible();
    await offers.first().focus();
    await page.keyboard.press('Enter');
    await expect(offers).toHaveCount(left - 1);
  }
  await expect(clashes(page).getByText('All of it fits')).toBeVisible();
  // A firing by its line.
  await page.locator('body').press('n');
  await expect(page.getByRole('textbox', { name: 'A firing' })).toBeFocused();
  await page.keyboard.type('21:40 2 trout table 9');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/2 smoked trout and fennel risotto, table 9: at the table/)).toBeVisible();
  await page.keyboard.type('21:50 2 moon');
  await page.keyboard.press('Enter');
  await expect(page.getByText('no dish of this kitchen is called “moon”')).toBeVisible();
  // The line is free for the next one; the ticket stays until somebody decides.
  await expect(page.getByRole('textbox', { name: 'A firing' })).toHaveValue('');
  await page.keyboard.type('21:55 3 hake');
  // It is changed where it stands: what is typed meanwhile is not wiped.
  await page.getByRole('button', { name: 'Change the line' }).click();
  const change = page.getByRole('textbox', { name: 'Change the line' });
  await expect(change).toHaveValue('21:50 2 moon');
  await expect(page.getByRole('textbox', { name: 'A firing' })).toHaveValue('21:55 3 hake');
  await change.fill('21:50 2 sun');
  await page.keyboard.press('Enter');
  await expect(page.getByText('no dish of this kitchen is called “sun”')).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByText('“sun”')).toBeHidden();
  await page.getByRole('textbox', { name: 'A firing' }).fill('');
  // A pan two minutes later by its arrow keys.
  const before = (await kept(page, day)).pans.find(
    ({ serves, dish }) => dish.startsWith('hake') && serves[0]?.covers === 4,
  );
  await bar(page, /^4 of hake/).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect
    .poll(async () => {
      const pan = (await kept(page, day)).pans.find(({ by_hand }) => by_hand);
      return Math.round((Date.parse(pan?.on_at ?? '') - Date.parse(before?.on_at ?? '')) / 60_000);
    })
    .toBe(2);
  await bar(page, /^4 of hake/).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
});

test('a risotto is part-cooked ahead where that frees hands; the lists say how, and the bench knows both halves', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  const day = await takenOver(page, 6);
  const offer = clashes(page)
    .getByRole('button', { name: /part-cooked ahead/ })
    .first();
  // The answer is slow to come: the sheet is open, and typed in, before the page has heard of it.
  await page.route('**/api/firings/*', async (route) => {
    const response = await route.fetch();
    await page.waitForTimeout(2000);
    await route.fulfill({ response });
  });
  await offer.click();
  await bar(page, /^4 of radicchio/)
    .first()
    .click();
  const sheet = page.getByRole('dialog');
  const partCooked = sheet.getByRole('checkbox', { name: /Part-cooked ahead/ });
  await expect(partCooked).not.toBeChecked();
  const table = sheet.getByLabel('Table', { exact: true });
  const was = await table.inputValue();
  await table.fill('by the door');
  await expect(partCooked).toBeChecked();
  await expect(table).toHaveValue('by the door');
  await table.fill(was);
  expect((await kept(page, day)).pans.filter((pan) => pan.to_order).length).toBe(1);
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByText('Weigh out of the part-cooked')).toBeVisible();
  await choose(page, 'How much of it now', /part-cooked ahead/);
  await expect(page.getByText('From hot to 5 °C')).toBeVisible();
  await expect(page.getByText(/20 mm deep, on one tray/)).toBeVisible();
  await choose(page, 'How much of it now', /in one go/);
  await expect(page.getByText('From hot to 5 °C')).toBeHidden();
  await page.goto(`/tonight/${day}/lists`);
  await expect(page.getByRole('heading', { name: 'Part-cooked ahead' })).toBeVisible();
  await expect(page.getByText(/spread 20 mm deep on one tray by/)).toBeVisible();
});

test('on a phone the next three things to do stand first; whoever comes unannounced is told a minute, and the pan goes to the stove', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  const { zone, back } = await whereItIsEvening(page);
  await signIn(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/tonight');
  await emptyStove(page);
  const day = new Intl.DateTimeFormat('en-CA', { timeZone: zone, dateStyle: 'short' }).format();
  await say(page, 'PUT', `/api/nights/${day}`, {
    format: 'velko.night-entry/1',
    hands: [{ name: '', from: '06:00', to: '05:59', count: 2 }],
    taken: [],
    wash_min: 4,
    merge: true,
  });
  await page.reload();
  await page.getByRole('textbox', { name: 'A firing' }).fill('two trout as soon as they can be');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/2 smoked trout and fennel risotto: at the table/)).toBeVisible();
  const next = page.getByRole('list', { name: 'Next' });
  await expect(next.getByRole('button').first()).toContainText('2 smoked trout');
  expect(await overflow(page)).toBe(0);
  await expectThumbs(page);
  await expectAccessible(page);

  const before = await kept(page, day);
  const mine = before.firings.find(({ covers, dish }) => covers === 2 && dish?.startsWith('smoked trout'));
  await page
    .getByRole('list', { name: 'Pans on their rings' })
    .getByRole('button', { name: /2 smoked trout/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Put it on the fire' }).click();
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
  const cook = page.url().split('/').pop() ?? '';
  expect((await kept(page, day)).firings.find(({ id }) => id === mine?.id)?.on_the_fire).toBe(2);
  await page.goto('/tonight');
  await page
    .getByRole('list', { name: 'Pans on their rings' })
    .getByRole('button', { name: /2 smoked trout/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'To the stove' }).click();
  await expect(page).toHaveURL(new RegExp(`/stove/${cook}$`));
  // Twelve in twenty minutes cannot be: whoever stands elsewhere hears of it.
  const soon = new Intl.DateTimeFormat('en-GB', { timeZone: zone, timeStyle: 'short' }).format(
    Date.now() + 20 * 60_000,
  );
  await page.goto('/tonight');
  await page.getByRole('textbox', { name: 'A firing' }).fill(`${soon} 12 pea table 12`);
  await page.keyboard.press('Enter');
  await expect(clashes(page).getByRole('heading', { name: 'One table does not fit' })).toBeVisible();
  await page.goto('/dishes');
  const tonight = page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: /Tonight/ });
  await expect(tonight.getByRole('status')).toHaveText('One table does not fit');
  await expectAccessible(page);
  for (const { id, covers } of (await kept(page, day)).firings) {
    if (covers === 12) {
      await say(page, 'DELETE', `/api/firings/${id}`);
    }
  }
  // The ring is free again for whoever comes after this test.
  await giveUp(page, cook);
  await say(page, 'DELETE', `/api/firings/${mine?.id}`);
  await signIn(page, 'chef@kiln.example');
  await back();
});

test('tickets are typed one after the other: none is lost, and what can mean two things is asked', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  const first = await friday(page);
  const day = new Date(Date.parse(`${first}T12:00:00Z`) + 47 * 86_400_000).toISOString().slice(0, 10);
  await page.goto(`/tonight/${day}`);
  const line = page.getByRole('textbox', { name: 'A firing' });
  // The first answer comes late: the second ticket is typed before.
  let held = true;
  await page.route('**/read', async (route) => {
    while (held) {
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    await route.continue();
  });
  await line.fill('19:40 6 trout no cheese table 4');
  await page.keyboard.press('Enter');
  await expect(line).toHaveValue('');
  await line.fill('20:10,4,hake,9');
  await page.keyboard.press('Enter');
  await line.fill('20:30 2 pea');
  held = false;
  await expect(
    page.getByText(/6 smoked trout and fennel risotto, table 4, no cheese: at the table/),
  ).toBeVisible();
  await expect(page.getByText('which number is the covers: 4, 9, 13?')).toBeVisible();
  await expect(line).toHaveValue('20:30 2 pea');
  await expectAccessible(page);
  await page.getByRole('button', { name: /^20:10 · 4 hake.* · table 9$/ }).click();
  await expect(page.getByText(/4 hake.*, table 9: at the table/)).toBeVisible();
  expect((await kept(page, day)).firings.map(({ covers, label, note }) => [covers, label, note])).toEqual([
    [6, '4', 'no cheese'],
    [4, '9', ''],
  ]);
});

test('many firings are pasted, each fault stands on its row, and the good ones are put on', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  const first = await friday(page);
  const day = new Date(Date.parse(`${first}T12:00:00Z`) + 40 * 86_400_000).toISOString().slice(0, 10);
  await page.goto(`/tonight/${day}`);
  await page.getByRole('button', { name: 'Many …' }).click();
  const sheet = page.getByRole('dialog');
  await sheet
    .getByRole('textbox', { name: 'Firings' })
    .fill('time;covers;dish;table\n19:40;6;pea;4\n19:50;3;moon;5\n20:00;2;trout;6');
  await sheet.getByRole('button', { name: 'Read them' }).click();
  await expect(sheet.getByRole('alert')).toHaveText('no dish of this kitchen is called “moon”');
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Put 2 on, one left out' }).click();
  await expect(page.getByText('2 firings put on')).toBeVisible();
  expect((await kept(page, day)).firings.map(({ covers, label }) => [covers, label])).toEqual([
    [6, '4'],
    [2, '6'],
  ]);
});

test('of many late tables the first four stand there, and all of them after a touch', async ({ page }) => {
  await signIn(page);
  const first = await friday(page);
  const day = new Date(Date.parse(`${first}T12:00:00Z`) + 41 * 86_400_000).toISOString().slice(0, 10);
  await page.goto(`/tonight/${day}`);
  await page.getByRole('button', { name: 'Many …' }).click();
  const sheet = page.getByRole('dialog');
  // Ten stirred pans at one minute, and four hands: most of them wait.
  const rows = Array.from(
    { length: 10 },
    (_, at) => `20:00;4;${at % 2 === 0 ? 'pea' : 'radicchio'};${20 + at}`,
  );
  await sheet.getByRole('textbox', { name: 'Firings' }).fill(['time;covers;dish;table', ...rows].join('\n'));
  await sheet.getByRole('button', { name: 'Read them' }).click();
  await sheet.getByRole('button', { name: /^Put .*10.* on/ }).click();
  await expect(sheet).toBeHidden();
  const clashes = (await kept(page, day)).clashes.length;
  expect(clashes).toBeGreaterThan(4);
  const late = page.getByRole('region', { name: 'What does not fit' }).getByRole('article');
  await expect(late).toHaveCount(4);
  await page.getByRole('button', { name: `Show all ${clashes}` }).click();
  await expect(late).toHaveCount(clashes);
});
