import { expect, type Page } from '@playwright/test';
import { server, test } from './house';
import { Devices, POWER } from './devices';
import { choose, done, expectAccessible, idOf, kept, leap, settled, signIn } from './station';
import { logOf, restOf, served, stageOf } from './truth';

// It goes offline: the app comes from its service worker then.
test.use({ serviceWorkers: 'allow' });

/*
 * A whole cook a family, by keys and on a clock that runs ahead, beside a scale, a probe and a knob at a ring 20 %
 * stronger than its marks; in the middle of it the network goes for ten minutes, the page is loaded anew and the server
 * is killed.
 */

/* The last file of all, and a long one: both workers take of it. */
test.describe.configure({ mode: 'parallel' });

interface Touched {
  kind: string;
  stage: number | null;
}

const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const atTheTable = (page: Page) => page.getByRole('heading', { name: 'At the table' });

/** What a knock on "done" says at the step that is shown. */
async function aboutToSay(page: Page): Promise<Touched> {
  const stage = (await now(page).getAttribute('data-stage')) ?? '';
  const words = await now(page).innerText();
  if (stage === 'pan-on') {
    return { kind: 'start', stage: null };
  }
  const [, extra] = /^extra (\w+)/.exec(stage) ?? [];
  return extra
    ? { kind: extra === 'pour' ? 'splash' : extra, stage: null }
    : { kind: /^(Pour|Wine)$/m.test(words) ? 'pour' : 'done', stage: Number(stage) };
}

/** Minute of the cook; none is left once it is at the table. */
const minuteNow = async (page: Page): Promise<number> => {
  if (await atTheTable(page).isVisible()) {
    return Infinity;
  }
  const [, minutes = '-1', seconds = '0'] =
    /min (−?\d+):(\d\d)/.exec(await page.getByLabel('Clock since the first liquid').innerText()) ?? [];
  return Number(minutes.replace('−', '-')) + Number(seconds) / 60;
};

/**
 * `poursOn`: most of its stock is still to be poured when it is weighed; else it is in the pan already. `knobTurns`: that its
 * plan has before the network goes; what a weighing changes may add to them.
 */
const FAMILIES = [
  { family: 'risotto', dish: /pea, lovage/, pan: null, weighAt: 7, poursOn: true, knobTurns: 0 },
  // The one that is turned down before it is weighed, and takes its colour without being moved.
  {
    family: 'pan rice',
    dish: /cauliflower/,
    pan: /42 wide pan/,
    weighAt: 10.5,
    poursOn: false,
    knobTurns: 1,
  },
  { family: 'soupy rice', dish: /hake/, pan: null, weighAt: 8, poursOn: false, knobTurns: 1 },
];

for (const { family, dish, pan, weighAt, poursOn, knobTurns } of FAMILIES) {
  test(`a ${family} is cooked to the end beside its devices: one weighing knows the rest, and its log is whole`, async ({
    page,
    context,
    baseURL,
  }) => {
    test.setTimeout(400_000);
    const devices = Devices.atTheRings(baseURL ?? '', 5);
    try {
      await page.clock.install();
      await signIn(page, 'chef@kiln.example');
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
      await choose(page, 'Dish', dish);
      if (pan) {
        await choose(page, 'Pan', pan);
      }
      await page.getByRole('button', { name: 'On the fire', exact: true }).click();
      await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
      const id = idOf(page.url());
      const hand: Touched[] = [];
      let byKnob = 0;

      const knock = async () => {
        const said = await aboutToSay(page);
        const stage = (await now(page).getAttribute('data-stage')) ?? '';
        await done(page);
        hand.push(said);
        await expect(now(page).and(page.locator(`[data-stage="${stage}"]`))).toBeHidden();
        const rice = said.kind === 'start' ? Number(await now(page).getAttribute('data-stage')) : 0;
        if (rice > 0) {
          // The base was ready, and the rice is in.
          const { stages } = (await kept(page, id)).working.plan;
          const riceIn = stages[rice - 1]?.kind === 'rice-in' ? 1 : 0;
          hand.push(
            ...(rice - riceIn > 0 ? [{ kind: 'done', stage: rice - riceIn - 1 }] : []),
            ...(riceIn > 0 ? [{ kind: 'done', stage: rice - 1 }] : []),
          );
        }
      };
      /** On towards the call, or the step that calls is done: by the knob where it is one for the knob, else by hand. */
      const on = async (devicesRead: boolean) => {
        if (devicesRead) {
          await settled(page);
        }
        if ((await now(page).getAttribute('data-calls')) === 'false') {
          await leap(page);
          await page.waitForTimeout(20);
          return;
        }
        if (devicesRead) {
          const stage = (await now(page).getAttribute('data-stage')) ?? '';
          const says = await now(page).innerText();
          // A pan that is moved on its ring turns no knob.
          if (/^(Heat|Crust)$/m.test(says) && !says.includes('back to the middle')) {
            await page.clock.fastForward(5_000);
            await devices.read(page);
            await expect(now(page).and(page.locator(`[data-stage="${stage}"]`))).toBeHidden();
            byKnob++;
            return;
          }
        }
        await knock();
      };

      await knock();
      while ((await minuteNow(page)) < weighAt) {
        await on(true);
      }
      await settled(page);
      await devices.read(page);
      await page.keyboard.press('w');
      const scale = page.getByRole('dialog', { name: 'The pan on the scale' });
      await expect(scale.getByRole('status')).toContainText('by the scale');
      await page.keyboard.press('Enter');
      hand.push({ kind: 'weigh', stage: null });
      await expect.poll(async () => (await kept(page, id)).forecast?.power.weighed).toBe(true);

      const { forecast } = await kept(page, id);
      if (forecast === null) {
        throw new Error('nothing is forecast');
      }
      const log = await logOf(page, id);
      const rest = restOf(log, POWER, forecast);
      if (poursOn) {
        expect(rest.said.toPour / rest.needed.toPour).toBeGreaterThan(0.95);
        expect(rest.said.toPour / rest.needed.toPour).toBeLessThan(1.05);
      }
      const [said, needed] = [rest.said, rest.needed].map(({ toPour, free }) => toPour + free) as [
        number,
        number,
      ];
      expect(said / needed).toBeGreaterThan(0.95);
      expect(said / needed).toBeLessThan(1.05);

      // Ten minutes without network; in the middle the page is loaded anew, then the server dies.
      const cut = await minuteNow(page);
      await context.setOffline(true);
      while ((await minuteNow(page)) < cut + 5) {
        await on(false);
      }
      await page.reload();
      await expect(now(page)).toBeVisible();
      server('kill');
      while ((await minuteNow(page)) < cut + 10) {
        await on(false);
      }
      server('serve');
      await context.setOffline(false);
      await settled(page);

      while (!(await atTheTable(page).isVisible())) {
        await on(true);
        await page.waitForTimeout(100);
      }
      await expect.poll(async () => (await kept(page, id)).state.status).toBe('at-table');

      const whole = await logOf(page, id);
      const knob = `knob, ${whole.working.burner.name}`;
      const touched = (by: (name: string) => boolean) =>
        whole.events
          .filter((one) => by(one.by))
          .map(({ event }) => event)
          .sort((a, b) => a.at.localeCompare(b.at))
          .map((event): Touched => ({
            kind: event.kind,
            stage: stageOf(event),
          }));
      expect(touched((by) => by !== knob)).toEqual(hand);
      const turned = touched((by) => by === knob);
      expect(turned.length).toBe(byKnob);
      expect(byKnob).toBeGreaterThanOrEqual(knobTurns);
      expect(new Set(whole.events.map(({ event }) => event.id)).size).toBe(hand.length + turned.length);

      // And the plate is what the dish asks for, on the ring as it truly was.
      const plate = served(whole, POWER);
      const asked = whole.request.target?.looseness ?? 0;
      expect(plate.bite).toBe('right');
      expect(Math.abs(plate.looseness - asked)).toBeLessThan(0.05 + 0.08 * asked);
    } finally {
      devices.stop();
      server('serve'); // for the tests after this one, should it have ended in the dark
    }
  });
}

test('a device is entered at a ring, gets its key, and is heard', async ({ page, baseURL }) => {
  await signIn(page, 'chef@kiln.example');
  await page.goto('/kitchen');
  const shelf = page.getByRole('region', { name: 'Devices' });
  await shelf.getByRole('button', { name: 'a device' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('What you call it').fill('bench scale');
  await choose(page, /^At/, /^ring 3$/);
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(shelf.getByRole('button', { name: 'bench scale' })).toContainText('has no key yet');
  await shelf.getByRole('button', { name: 'bench scale' }).click();
  await sheet.getByRole('button', { name: 'Make its key' }).click();
  const key = await sheet.getByLabel(/^Its key/).inputValue();
  await expectAccessible(page);

  const says = (line: string) =>
    fetch(`${baseURL}/api/devices/lines`, {
      method: 'POST',
      headers: { Authorization: `Bearer ${key}`, 'Content-Type': 'text/plain', Accept: 'application/json' },
      body: line,
    });
  expect((await says('scale 1483 g')).status).toBe(204);
  expect((await says('knob low')).status).toBe(422);
  await page.keyboard.press('Escape');
  await expect(shelf.getByRole('button', { name: 'bench scale' })).toContainText('1.48 kg at');
  await shelf.getByRole('button', { name: 'bench scale' }).click();
  await sheet.getByRole('button', { name: 'Delete this device' }).click();
  await sheet.getByRole('button', { name: 'Touch again to be sure' }).click();
  await expect(sheet).toBeHidden();
  await expect(shelf.getByRole('button', { name: 'bench scale' })).toBeHidden();
  expect((await says('scale 1483 g')).status).toBe(401);
});

test('off the heat and to the table out of turn; the probe warns at the pass, and a quiet one says nothing', async ({
  page,
  baseURL,
}) => {
  const devices = Devices.atTheRings(baseURL ?? '', 5);
  try {
    await page.clock.install();
    await signIn(page, 'chef@kiln.example');
    await choose(page, 'Dish', /pea, lovage/);
    await page.getByRole('button', { name: 'On the fire', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
    const id = idOf(page.url());
    for (const step of ['Toast', 'Wine', 'Pour']) {
      await done(page);
      await expect(now(page)).toContainText(step);
    }
    await settled(page);
    await devices.read(page);
    const signs = page.getByRole('list', { name: 'Heat and spoon' });
    await expect(signs).toContainText('by the probe');
    await page.clock.fastForward(20_000);
    await expect(signs).not.toContainText('by the probe');

    await page.keyboard.press('h');
    await page
      .getByRole('dialog')
      .getByRole('button', { name: /off the heat/ })
      .click();
    await expect(signs).toContainText('heat off');
    const pass = page.getByRole('group', { name: 'At the pass' });
    await expect(pass).toBeVisible();
    await expect(pass.getByRole('alert')).toBeHidden();
    // It stands until it is below what the kitchen's code asks for; half an hour in the open does that.
    await page.clock.fastForward(40 * 60_000);
    await devices.read(page);
    await expect(pass.getByRole('alert')).toContainText(/under 57 °C.*your local code decides/);
    await page.keyboard.press('p');
    await expect(atTheTable(page)).toBeVisible();
    await expect.poll(async () => (await kept(page, id)).state.status).toBe('at-table');
  } finally {
    devices.stop();
  }
});
