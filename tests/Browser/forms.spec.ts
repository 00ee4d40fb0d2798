import { expect, type Page } from '@playwright/test';
import { test } from './house';
import { choose, done, kept, idOf, PASSWORD, putOn, settled, signIn } from './station';

/* What is typed on the kitchen's shelves: in its own words and units, never lost without a word, never gone for good at once. */

const shelf = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

/** A kitchen of one's own, empty. */
async function openKitchen(page: Page, email: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open a kitchen of your own' }).click();
  for (const [label, words] of [
    ['Kitchen', 'The Withy Pot'],
    ['Your name', 'Chef'],
    ['E-mail', email],
    ['Password', 'wade-in-slowly'],
  ] as const) {
    await page.getByLabel(label).fill(words);
  }
  await page.getByRole('button', { name: 'Open it' }).click();
}

test('what was typed is not lost by Esc or by leaving, and a deleted pan comes back by one touch', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  await page.goto('/kitchen');
  await shelf(page, 'Pans').getByRole('button', { name: 'a pan' }).click();
  const sheet = page.getByRole('dialog', { name: 'A pan' });
  await sheet.getByLabel('What you call it').fill('30 braiser');
  await page.keyboard.press('Escape');
  const question = page.getByRole('alertdialog', { name: 'Not saved yet' });
  await question.getByRole('button', { name: 'Stay' }).click();
  await expect(sheet.getByLabel('What you call it')).toHaveValue('30 braiser');

  await sheet.getByLabel(/^Floor/).fill('3');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(sheet.getByText(/^Not saved\./)).toHaveText(/Floor must be a number from 10 cm to 150 cm/);
  await expect(sheet.getByText('/base_cm')).toHaveCount(0);
  await sheet.getByLabel(/^Floor/).fill('28');
  await sheet.getByLabel(/^Rim/).fill('30');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(sheet).toBeHidden();
  await page.reload();
  const pan = shelf(page, 'Pans').getByRole('button', { name: /30 braiser/ });
  await pan.click();
  await page.getByRole('button', { name: 'Delete this pan' }).click();
  await page.getByRole('button', { name: 'Touch again to be sure' }).click();
  await expect(pan).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(pan).toBeVisible();
  await pan.click();
  await page.getByRole('button', { name: 'Delete this pan' }).click();
  await page.getByRole('button', { name: 'Touch again to be sure' }).click();
  await expect(pan).toBeHidden();

  // A whole page of typing, and a place touched by mistake.
  await page.goto('/dishes/new/soupy-rice');
  await page.getByLabel('Dish', { exact: true }).fill('bean and sage rice');
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await question.getByRole('button', { name: 'Stay' }).click();
  await expect(page.getByLabel('Dish', { exact: true })).toHaveValue('bean and sage rice');
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await question.getByRole('button', { name: 'Leave it' }).click();
  await expect(page).toHaveURL(/log/);
});

test('a pan that was deleted is in no offer any more', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  await choose(page, 'Dish', /pea, lovage/);
  await page.getByRole('combobox', { name: 'Pan' }).click();
  await page.getByRole('option', { name: /36 rondeau/ }).waitFor();
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  await shelf(page, 'Pans')
    .getByRole('button', { name: /36 rondeau/ })
    .click();
  await page.getByRole('button', { name: 'Delete this pan' }).click();
  await page.getByRole('button', { name: 'Touch again to be sure' }).click();
  try {
    await page.getByRole('link', { name: 'Pan', exact: true }).click();
    await page.getByLabel('Covers', { exact: true }).fill('40');
    await expect(page.getByRole('list', { name: 'Warnings' })).toContainText('No one pan here takes 40');
    await expect(page.getByRole('main').getByText('36 rondeau')).toHaveCount(0);
    await page.getByRole('combobox', { name: 'Pan' }).click();
    await expect(page.getByRole('option', { name: /28 sautoir/ }).first()).toBeVisible();
    await expect(page.getByRole('option', { name: /36 rondeau/ })).toHaveCount(0);
    await page.keyboard.press('Escape');
  } finally {
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
  }
});

test('a new dish begins with the rice of its family and a stock that its guests may eat', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  for (const [family, rice] of [
    ['risotto', /carnaroli/],
    ['pan-rice', /bomba/],
    ['soupy-rice', /round/],
  ] as const) {
    await page.goto(`/dishes/new/${family}`);
    await expect(page.getByRole('combobox', { name: 'Rice' })).toHaveText(rice);
    await expect(page.getByRole('combobox', { name: /^Stock(?! goes)/ })).toHaveText(/vegetable|mushroom/);
  }
});

test('three pans share what none takes, and the others stay while one is cooked', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  await choose(page, 'Dish', /pea, lovage/);
  await page.getByLabel('Covers', { exact: true }).fill('34');
  const shared = page.getByRole('list', { name: 'Warnings' });
  await expect(shared).toContainText('No one pan here takes 34');
  const row = (name: RegExp) => shared.getByRole('button', { name });
  await row(/28 sautoir/).click();
  await expect(page.getByLabel('Covers', { exact: true })).not.toHaveValue('34');
  await expect(shared).toContainText('No one pan here takes 34');
  await expect(row(/28 sautoir/)).toContainText('on the bench now');
  await page.getByRole('button', { name: 'On the fire', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Pan is on' })).toBeVisible();
  const id = idOf(page.url());
  await page.getByRole('link', { name: 'Pan', exact: true }).click();
  await expect(row(/28 sautoir/)).toContainText('on the fire');
  await row(/36 rondeau/).click();
  await expect(row(/36 rondeau/)).toContainText('on the bench now');
  await shared.getByRole('button', { name: 'All 34 together' }).click();
  await expect(page.getByLabel('Covers', { exact: true })).toHaveValue('34');
  expect((await kept(page, id)).working.plan.rice_g).toBeLessThan(34 * 80);
});

test.describe('on the other side of the ocean', () => {
  test.use({ locale: 'en-US' });

  test('a kitchen in ounces and feet is set up, typed into and cooked in them, by a twelve-hour clock; its e-mail leads back to it', async ({
    page,
  }) => {
    const email = `chef-${crypto.randomUUID()}@withy.example`;
    await openKitchen(page, email);
    await expect(page.getByRole('heading', { name: 'Set up your kitchen' })).toBeVisible();
    await expect(page.getByRole('combobox', { name: 'Amounts are in' })).toContainText('ounces');
    // Why the key does nothing stands over it, and a page loaded again goes on where it stopped.
    await page.getByRole('checkbox', { name: /BTU\/h gas ring/ }).uncheck();
    await page.getByRole('checkbox', { name: /BTU\/h big ring/ }).uncheck();
    await expect(page.getByText('Choose a ring to cook on.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Work out the first pan' })).toBeDisabled();
    await page.getByRole('checkbox', { name: /BTU\/h gas ring/ }).check();
    await page.getByLabel('The kitchen stands above the sea (ft)').fill('5280');
    await page.reload();
    await expect(page.getByLabel('The kitchen stands above the sea (ft)')).toHaveValue('5280');
    await expect(page.getByRole('checkbox', { name: /BTU\/h big ring/ })).not.toBeChecked();
    await page.getByRole('checkbox', { name: /BTU\/h big ring/ }).check();
    await page.getByRole('button', { name: 'Work out the first pan' }).click();
    await expect(page.getByRole('table', { name: 'Steps' })).toBeVisible();
    await expect(page.getByRole('list', { name: 'Warnings' }).getByText('Too late')).toHaveCount(0);
    const table = page.getByLabel('At the table', { exact: true });
    await expect(table).toHaveValue(/^\d{1,2}:\d\d\s[AP]M$/);
    await table.fill('11:45 pm');
    await table.blur();
    await expect(table).toHaveValue(/^11:45\sPM$/);

    await page.goto('/kitchen');
    const main = page.getByRole('main');
    await expect(main).toContainText('5280 ft above the sea');
    await shelf(page, 'Pans')
      .getByRole('button', { name: /11 in sautoir/ })
      .click();
    const sheet = page.getByRole('dialog', { name: '11 in sautoir' });
    await expect(sheet.getByLabel('Floor (in)')).toHaveValue('10.24'); // 26 cm / 2.54
    await sheet.getByLabel('Floor (in)').fill('2');
    await sheet.getByRole('button', { name: 'Save' }).click();
    await expect(sheet.getByText(/^Not saved\./)).toHaveText(
      /Floor must be a number from 3\.94 in to 59\.06 in/,
    ); // 10 and 150 cm
    await sheet.getByLabel('Floor (in)').fill('10');
    await sheet.getByRole('button', { name: 'Save' }).click();
    await expect(sheet).toBeHidden();
    const floor = await page.evaluate(async () => {
      const answer = await fetch('/api/kitchen', { headers: { Accept: 'application/json' } });
      const { pans } = (await answer.json()) as { pans: { name: string; base_cm: number }[] };
      return pans.find((pan) => pan.name === '11 in sautoir')?.base_cm;
    });
    expect(floor).toBe(25.4);

    await page.context().clearCookies();
    await openKitchen(page, email);
    await page.getByRole('button', { name: 'Sign in instead' }).click();
    await expect(page.getByLabel('E-mail')).toHaveValue(email);
  });
});

test('signing out asks while a pan is on the fire', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  await putOn(page);
  await done(page);
  await page.locator('header button[aria-haspopup=dialog]').click();
  await expect(page.getByText(/on the fire here/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Sign out all the same' })).toBeVisible();
});

test('an amount is understood as it is said: "1 tbsp" of oil, half a bunch, three times the onion', async ({
  page,
}) => {
  await signIn(page, 'chef@kiln.example');
  await page.goto('/dishes/new/risotto');
  await page.getByRole('button', { name: /^Base/ }).click();
  await page.getByRole('button', { name: 'Another ingredient' }).click();
  const amount = page.getByRole('textbox', { name: 'Amount', exact: true });
  const unit = page.getByRole('combobox', { name: /^in/ });
  // NIST Handbook 44, appendix C: a tablespoon is 14.787 mL, an ounce 28.350 g, a cup 236.588 mL.
  for (const [text, number, of] of [
    ['1 tbsp', '14.8', 'mL'],
    ['2 oz', '56.7', 'g'],
    ['1 ½ cups', '354.9', 'mL'],
    ['12,5', '12,5', 'mL'],
  ] as const) {
    await amount.fill(text);
    await amount.blur();
    await expect(amount).toHaveValue(number);
    await expect(unit).toHaveText(of);
  }
  // A bunch of herbs some 30 g, a clove of garlic 4 g (common practice, no single source).
  const name = page.getByRole('textbox', { name: 'Ingredient', exact: true });
  for (const [what, text, number, of] of [
    ['parsley', 'half a bunch', '15', 'g'],
    ['garlic', '3 cloves', '12', 'g'],
    ['olive oil', '2 glugs', '30', 'mL'],
  ] as const) {
    await name.fill(what);
    await amount.fill(text);
    await amount.blur();
    await expect(amount).toHaveValue(number);
    await expect(unit).toHaveText(of);
  }
  await page.getByRole('button', { name: 'Another ingredient' }).click();
  await name.nth(1).fill('sunflower oil');
  await amount.nth(1).fill('twice the olive oil');
  await amount.nth(1).blur();
  await expect(amount.nth(1)).toHaveValue('60');
  await expect(unit.nth(1)).toHaveText('mL');
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await page.getByRole('button', { name: 'Leave it' }).click();
});

test('the card of an ordinary dish is one A5 page', async ({ page }) => {
  await signIn(page, 'chef@kiln.example');
  for (const dish of [/pea, lovage/, /radicchio/, /cuttlefish/, /lamb neck/]) {
    await page.goto('/');
    await choose(page, 'Dish', dish);
    await expect(page.getByRole('region', { name: 'The cook' })).toHaveAttribute('data-stale', 'false');
    await page.getByRole('link', { name: 'A card to print' }).click();
    await expect(page.getByRole('article', { name: 'Card' })).toBeVisible();
    const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
    expect(pdf).toContain('[0 0 420 594'); // A5 in points: 148 mm × 210 mm
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
  }
});

test('a session that ends while somebody types is renewed over the form; at the stove nothing covers the pan', async ({
  page,
  context,
}) => {
  await signIn(page, 'chef@kiln.example');
  await page.goto('/kitchen');
  await shelf(page, 'Pans').getByRole('button', { name: 'a pan' }).click();
  const sheet = page.getByRole('dialog', { name: 'A pan' });
  const name = `30 sauteuse ${Date.now()}`;
  await sheet.getByLabel('What you call it').fill(name);
  await sheet.getByLabel(/^Floor/).fill('26');
  await sheet.getByLabel(/^Rim/).fill('30');
  await context.clearCookies();
  await sheet.getByRole('button', { name: 'Save' }).click();
  const again = page.getByRole('dialog', { name: 'You are signed out' });
  await expect(again.getByLabel('E-mail')).toHaveValue('chef@kiln.example');
  await expect(again.getByLabel('Password')).toBeFocused();
  await page.keyboard.type('not this one');
  await page.keyboard.press('Enter');
  await expect(again.getByRole('alert')).toContainText('do not belong together');
  await again.getByLabel('Password').fill(PASSWORD);
  await page.keyboard.press('Enter');
  await expect(again).toBeHidden();
  await expect(sheet.getByLabel('What you call it')).toHaveValue(name);
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(shelf(page, 'Pans').getByRole('button', { name })).toBeVisible();

  await page.goto('/');
  await putOn(page);
  await context.clearCookies();
  // A knock on the heels of the one that brought the page here is the same one.
  await expect(async () => {
    await page.getByRole('button', { name: 'Pan is on' }).click({ timeout: 1000 });
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '1', { timeout: 500 });
  }).toPass();
  const signedOut = page.getByRole('status').filter({ hasText: 'You are signed out' });
  await expect(signedOut).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await signedOut.getByRole('button', { name: 'Sign in' }).click();
  await again.getByLabel('Password').fill(PASSWORD);
  await page.keyboard.press('Enter');
  await expect(signedOut).toBeHidden();
  await settled(page);
});
