// Makes the pictures in this folder from the demo kitchen: bin/pictures starts a server for it and runs this.
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../../tests/chromium.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const base = process.env['VELKO_TEST_URL'];
const browser = await chromium.launch(chromiumOptions);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
const shot = async (name) => {
  await page.mouse.move(640, 1);
  // No number of what was asked before: what is asked last is shown a moment later.
  for (let calm = 0; calm < 8; calm++) {
    await page.waitForTimeout(200);
    calm = (await page.locator('[aria-busy=true], [data-stale=true]').count()) > 0 ? -1 : calm;
  }
  await page.screenshot({ path: join(here, `${name}.png`) });
};
const choose = async (label, option) => {
  await page.getByRole('combobox', { name: label }).click();
  await page.getByRole('option', { name: option }).filter({ hasNotText: '(ours)' }).click();
};
const top = () => page.locator('body').evaluate((body) => body.ownerDocument.defaultView.scrollTo(0, 0));

// The pan is put on some minutes ago, so that the server's clock and the tablet's agree when the pictures are taken.
await page.clock.install({ time: Date.now() - 9.4 * 60_000 });
await page.goto(base);
await page.getByLabel('E-mail').fill('chef@kiln.example');
await page.getByLabel('Password').fill('lock-keeper-rice');
await page.getByRole('button', { name: 'To the stove' }).click();
await page.getByRole('table', { name: 'Steps' }).waitFor();

await choose('Dish', /cuttlefish/);
await page.getByLabel('Covers', { exact: true }).fill('6');
await page.getByRole('list', { name: 'Instead of' }).waitFor();
await shot('work-out-pan-rice');
await top();
await choose('Dish', /hake/);
await page.getByLabel('Covers', { exact: true }).fill('6');
await top();
await shot('work-out-soupy-rice');
await choose('Dish', /pea, lovage/);
await choose('Pan', /28 sautoir/);
await choose('Ring', /ring 2/);
await top();
await shot('work-out-a-pan');

await page.getByRole('link', { name: 'A card to print' }).click();
await page.getByRole('article', { name: 'Card' }).waitFor();
await shot('card');
await page.goBack();
await page.goto(`${base}/kitchen`);
await page.getByRole('region', { name: 'Rings' }).waitFor();
await shot('kitchen');
const { nights } = await (await page.request.get(`${base}/api/nights`)).json();
await page.goto(`${base}/tonight/${nights.at(-1).on}`);
await page
  .getByRole('button', { name: /min later/ })
  .first()
  .waitFor();
await page.getByRole('group', { name: 'Pans on their rings' }).evaluate((all) => {
  all.parentElement.scrollLeft = 200;
});
await shot('tonight');
await page.getByRole('link', { name: 'Lists' }).click();
await page.getByRole('heading', { name: 'Rice to weigh out' }).waitFor();
await shot('night-lists');
await page.goto(`${base}/dishes`);
await page.getByRole('link', { name: /pea, lovage/ }).click();
await page.getByRole('button', { name: /^Stock/ }).click();
await page.getByRole('table', { name: 'doses' }).waitFor();
await shot('dish');
await page.goto(`${base}/dishes/bring`);
await page.getByRole('textbox', { name: 'The recipe as it stands' }).fill(`Risotto alla zucca
Per 4 persone

Ingredienti
320 g di riso Carnaroli
1 l di brodo vegetale
mezzo bicchiere di vino bianco
400 g di zucca
un pezzo di fantasia
40 g di burro

Preparazione
Rosolate la zucca. Tostate il riso, sfumate, portate a cottura con il brodo.`);
await page.getByRole('button', { name: 'Read it' }).click();
await page.getByRole('button', { name: 'Keep the dish' }).waitFor();
await shot('recipe');
await page.goto(base);
await page.getByRole('table', { name: 'Steps' }).waitFor();

await page.getByRole('button', { name: 'On the fire', exact: true }).click();
await page.getByRole('button', { name: 'Pan is on' }).waitFor();
const now = page.getByRole('region', { name: 'Now' });
const done = async () => {
  const stage = await now.getAttribute('data-stage');
  await page.waitForTimeout(720); // sooner would be the same knock
  await page.keyboard.press('d');
  await page.locator(`[aria-label=Now]:not([data-stage='${stage}'])`).waitFor();
};
const wait = async (minutes) => {
  await page.clock.fastForward(Math.round(minutes * 60_000));
  await page.waitForTimeout(300);
};
const untilCalled = async () => {
  while ((await now.getAttribute('data-calls')) === 'false') await wait(0.2);
};
await done();
await untilCalled();
await done();
await wait(1.1);
await shot('stove');
for (let step = 0; step < 6; step++) {
  await untilCalled();
  await done();
}
await untilCalled();
await shot('stove-now');
await page.keyboard.press('w');
const scale = page.getByRole('dialog', { name: 'The pan on the scale' });
await scale.getByLabel('the empty pan').fill('1480');
const thought = 1000 * Number(/about ([\d.]+) kg/.exec(await scale.getByRole('status').innerText())?.[1]);
await scale.getByLabel('Weighs now').fill(String(Math.round(thought - 70)));
await page.keyboard.press('Enter');
await page.getByText(/boiling off faster/).waitFor();
await shot('stove-weighed');
await page.keyboard.press('x');
await page.getByRole('button', { name: /soft outside/ }).click();
await page.getByRole('dialog', { name: 'soft outside, hard inside' }).waitFor();
await shot('stove-something-is-off');
await page.keyboard.press('Escape');

// The risotto goes to the table. Then a pan rice, down to its crust.
const atTheTable = page.getByRole('heading', { name: 'At the table' });
for (let step = 0; step < 12 && !(await atTheTable.isVisible()); step++) {
  await untilCalled();
  await page.waitForTimeout(720);
  await page.keyboard.press('d');
  await page.waitForTimeout(800);
}
await atTheTable.waitFor();
await page.goto(base);
await page.getByRole('combobox', { name: 'Dish' }).click();
await page.getByRole('option', { name: /cauliflower/ }).click();
await choose('Pan', /42 wide pan/);
await choose('Ring', /big ring/);
await page.getByRole('img', { name: /The floor when it comes off/ }).waitFor();
await page.getByRole('button', { name: 'On the fire', exact: true }).click();
await page.waitForURL(/stove/);
const colours = async () => (await now.innerText()).includes('to gold');
for (let looks = 0; looks < 200 && !(await colours()); looks++) {
  await ((await now.getAttribute('data-calls')) === 'true' ? done() : wait(0.2));
  await page.waitForTimeout(500);
}
await wait(0.4);
await shot('stove-crust');
await page.goto(`${base}/log`);
await page.getByRole('listitem').nth(5).waitFor();
await shot('log');
await page.getByRole('link', { name: /Two ladles too many/ }).click();
await page.getByRole('table', { name: 'Steps, planned and done' }).waitFor();
await shot('log-one-cook');
await page.goto(`${base}/log/weeks`);
await page.getByRole('region', { name: 'Worth changing' }).waitFor();
await shot('log-weeks');
await page.getByRole('button', { name: 'Correct its marks' }).first().click();
await page.getByRole('region', { name: 'Pans that come next' }).waitFor();
await page.goto(`${base}/log/taught`);
await page.getByRole('region', { name: 'ring 3' }).waitFor();
await shot('log-taught');

await page.setViewportSize({ width: 390, height: 844 });
await page.goto(base);
await page.getByRole('table', { name: 'Steps' }).waitFor();
await page.getByRole('button', { name: /^Rice/ }).evaluate((number) => number.scrollIntoView());
await shot('phone-work-out');
await browser.close();
