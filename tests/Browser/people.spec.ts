import { expect, type Browser, type Page } from '@playwright/test';
import { test } from './house';
import {
  PASSWORD,
  choose,
  done,
  expectAccessible,
  idOf,
  kept,
  knock,
  panIsOn,
  putOn,
  settled,
  signIn,
  signOut,
} from './station';

/* Each test in a kitchen of its own: what it does to people and passwords touches no other test. */

const WORDS = 'a bay leaf in june';

let kitchens = 0;

/** Opens a kitchen at this tablet; whoever opens it is its chef. */
async function openKitchen(page: Page): Promise<{ email: string; name: string }> {
  const number = `${Date.now()}-${++kitchens}`;
  const email = `rosa-${number}@station.example`;
  await page.goto('/');
  await page.getByRole('button', { name: 'Open a kitchen of your own' }).click();
  await page.getByLabel('Kitchen', { exact: true }).fill(`The ${number}`);
  await page.getByLabel('Your name').fill('Rosa');
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(WORDS);
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByLabel('Kitchen clock')).toBeVisible();
  return { email, name: `The ${number}` };
}

async function place(page: Page, name: 'Your account' | 'People'): Promise<void> {
  await page.locator('header button[aria-haspopup=dialog]').click();
  await page.getByRole('link', { name }).click();
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
}

/** The chef at `page` lets somebody in; answers the tablet they came in at. */
async function letIn(
  browser: Browser,
  page: Page,
  role: string,
  name: string,
  password = WORDS,
): Promise<Page> {
  await place(page, 'People');
  await choose(page, 'Comes as', new RegExp(`^${role}`, 'i'));
  await page.getByLabel('Your password').fill(password);
  await page.getByRole('button', { name: 'Make the link' }).click();
  const url = await page.getByLabel('The link', { exact: true }).inputValue();
  const theirs = await (await browser.newContext()).newPage();
  await theirs.goto(url);
  await theirs.getByLabel('Your name').fill(name);
  await theirs.getByLabel('E-mail').fill(`${name.toLowerCase()}-${Date.now()}@station.example`);
  await theirs.getByLabel('Password').fill(WORDS);
  await theirs.getByRole('button', { name: 'Come in' }).click();
  await expect(theirs.getByLabel('Kitchen clock')).toBeVisible();
  return theirs;
}

async function setPin(page: Page, pin: string, password = WORDS): Promise<void> {
  await place(page, 'Your account');
  const form = page.getByRole('region', { name: 'PIN for a shared tablet' });
  await form.getByLabel(/^PIN/).fill(pin);
  await form.getByLabel('Your password').fill(password);
  await form.getByRole('button').click();
  await expect(form.getByText('Set. It works from now on.')).toBeVisible();
}

test('a chef lets a cook in on a second tablet by a link that opens nothing twice', async ({
  browser,
  page,
}) => {
  const { name } = await openKitchen(page);
  const cook = await letIn(browser, page, 'cook', 'Tomas');
  await cook.goto('/kitchen');
  await expect(cook.getByRole('heading', { name: new RegExp(name) })).toBeAttached();
  await expect(cook.getByText('changed by its chefs')).toBeVisible();
  await expect(cook.getByRole('button', { name: 'a pan' })).toBeHidden();

  const url = await page.getByLabel('The link', { exact: true }).inputValue();
  const late = await (await browser.newContext()).newPage();
  await late.goto(url);
  await expect(late.getByRole('heading', { name: 'This link opens nothing' })).toBeVisible();
  await expectAccessible(late);

  await page.reload();
  await expect(page.getByRole('listitem', { name: 'Tomas' })).toBeVisible();
  await expectAccessible(page);
  await cook.setViewportSize({ width: 390, height: 844 });
  await place(cook, 'Your account');
  await expectAccessible(cook);
  expect(await cook.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a trainee reads and cooks; what the kitchen has and its dishes stay as they are', async ({
  browser,
  page,
}) => {
  await openKitchen(page);
  const trainee = await letIn(browser, page, 'trainee', 'Ines');
  await trainee.goto('/dishes');
  await expect(trainee.getByRole('heading', { name: 'Dishes', level: 1 })).toBeVisible();
  await expect(trainee.getByRole('button', { name: 'Bring one in' })).toBeHidden();
  await trainee.goto('/people');
  await expect(trainee.getByText('Only a chef sees')).toBeVisible();
  // Nor by what the screen does not offer.
  const answers = await trainee.evaluate(async () => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
    const ask = async (method: string, path: string) =>
      (
        await fetch(`/api/${path}`, {
          method,
          headers: {
            Accept: 'application/json',
            'X-XSRF-TOKEN': token,
            'Idempotency-Key': crypto.randomUUID(),
          },
          body: method === 'GET' ? null : '{}',
        })
      ).status;
    return [
      await ask('POST', 'kitchen/pans'),
      await ask('POST', 'dishes'),
      await ask('GET', 'kitchen/archive'),
    ];
  });
  expect(answers).toEqual([403, 403, 403]);
});

test('units of one’s own: what the engine says is said anew at once', async ({ page }) => {
  await signIn(page, 'rice@kiln.example');
  const cautions = page.getByText(/^Held hot at/);
  await expect(cautions).toContainText('°C');
  await place(page, 'Your account');
  await choose(page, 'Amounts are in', /ounces/);
  await page.getByRole('button', { name: 'Save' }).first().click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.getByRole('link', { name: 'Pan' }).click();
  // 57 °C, the hot holding of the FDA Food Code 2022, is 135 °F.
  await expect(cautions).toContainText('135 °F');
  await place(page, 'Your account');
  await choose(page, 'Amounts are in', /what the kitchen has/);
  await page.getByRole('button', { name: 'Save' }).first().click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.getByRole('link', { name: 'Pan' }).click();
  await expect(cautions).toContainText('57 °C');
});

test('the password is changed at one tablet, and the other is signed out', async ({ browser, page }) => {
  const { email } = await openKitchen(page);
  const other = await (await browser.newContext()).newPage();
  await other.goto('/');
  await other.getByLabel('E-mail').fill(email);
  await other.getByLabel('Password').fill(WORDS);
  await other.getByRole('button', { name: 'To the stove' }).click();
  await expect(other.getByLabel('Kitchen clock')).toBeVisible();

  await place(page, 'Your account');
  const form = page.getByRole('region', { name: 'Password', exact: true });
  await form.getByLabel('The one until now').fill(WORDS);
  await form.getByLabel('The new one').fill('password1234');
  await form.getByRole('button', { name: 'Change it' }).click();
  await expect(form.getByRole('alert').first()).toContainText('many people have this one');
  await form.getByLabel('The new one').fill('two ladles at a time');
  await form.getByRole('button', { name: 'Change it' }).click();
  await expect(form.getByText('Changed. Other tablets are signed out.')).toBeVisible();

  await other.getByRole('link', { name: 'Log' }).click();
  await expect(other.getByRole('button', { name: 'To the stove' })).toBeVisible();
  await page.getByRole('link', { name: 'Log' }).click();
  await expect(page.getByRole('heading', { name: 'Log' })).toBeAttached();
});

test('two stand at one tablet: a PIN says who, and what each said is theirs', async ({ browser, page }) => {
  // In the demo kitchen, which has pans to put on.
  await signIn(page, 'chef@kiln.example');
  await place(page, 'People');
  const there = page.getByRole('listitem', { name: 'Jonas' });
  const jonas = await letIn(browser, page, 'cook', 'Jonas', PASSWORD);
  await setPin(jonas, '4071');
  await page.reload();
  await expect(there.getByText('has a PIN')).toBeVisible();
  await signOut(page);

  await signIn(page);
  const id = idOf(await putOn(page));
  await panIsOn(page);
  await settled(page);
  await page.locator('header button[aria-haspopup=dialog]').click();
  await page.getByRole('button', { name: 'Jonas' }).click();
  await page.keyboard.type('0000');
  await expect(page.getByRole('alert')).toHaveText('That is not the PIN.');
  for (const digit of '4071') {
    await page.getByRole('button', { name: digit, exact: true }).click();
  }
  await expect(page.locator('header')).toContainText('Jonas');
  await done(page);
  const said = async () => (await kept(page, id)).happened.touched.map((touch) => touch.by);
  await expect.poll(said).toEqual(['Rice station', 'Jonas']);

  // His hands open no account, and the tablet is still the station's.
  await page.locator('header button[aria-haspopup=dialog]').click();
  await expect(page.getByText('at the tablet of Rice station')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Your account' })).toBeHidden();
  await page.getByRole('button', { name: 'Rice station, whose tablet it is' }).click();
  const password = page.getByLabel('Password of Rice station');
  await password.fill('not the password');
  await password.press('Enter');
  await expect(page.getByRole('alert')).toHaveText('That is not the password.');
  await expect(page.locator('header')).toContainText('Jonas');
  await password.fill(PASSWORD);
  await page.getByRole('button', { name: 'Take the tablet' }).click();
  await expect(page.locator('header')).toContainText('Rice station');

  // What Jonas says at a tablet of his own without network comes after he was removed: a chef decides.
  await jonas.goto(`/stove/${id}`);
  await settled(jonas);
  await jonas.route('**/events*', (route) => route.abort());
  await done(jonas);
  await expect(jonas.locator('[data-unsent]')).toHaveAttribute('data-unsent', '1');
  await signOut(page);
  await signIn(page, 'chef@kiln.example');
  await place(page, 'People');
  await there.getByRole('button', { name: 'Remove' }).click();
  await there.getByLabel('Your password').fill('not the password');
  await there.getByRole('button', { name: 'Remove' }).last().click();
  await expect(there.getByRole('alert')).toHaveText('That is not the password.');
  await there.getByLabel('Your password').fill(PASSWORD);
  await there.getByRole('button', { name: 'Remove' }).last().click();
  await expect(there).toBeHidden();
  await expectAccessible(page);
  await jonas.unroute('**/events*');
  await jonas.goto('/log');
  await expect(jonas.getByRole('button', { name: 'To the stove' })).toBeVisible();
  await signIn(jonas);
  const late = page.getByRole('region', { name: 'Came after they were removed' });
  await expect(async () => {
    await page.reload();
    await expect(late).toContainText('Jonas, removed.', { timeout: 1000 });
  }).toPass();
  await expect(late).toContainText('1 touch for');
  expect(await said()).toHaveLength(2);
  await expectAccessible(page);
  await late.getByRole('button', { name: 'Take them into the log' }).click();
  await expect(late).toBeHidden();
  await expect.poll(said).toEqual(['Rice station', 'Jonas', 'Jonas']);
});

test('touches of one cook never go out as another’s: they wait for whoever said them', async ({ page }) => {
  await signIn(page);
  const id = idOf(await putOn(page));
  await page.route('**/events*', (route) => route.abort());
  await panIsOn(page);
  await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '1');
  await signOut(page);
  await page.unroute('**/events*');

  await signIn(page, 'chef@kiln.example');
  await page.goto(`/stove/${id}`);
  await expect(
    page.getByText('A touch waits on this tablet until Rice station stands here again.'),
  ).toBeVisible();
  await page.waitForTimeout(3500); // longer than a try takes
  expect((await kept(page, id)).happened.touched).toEqual([]);
  await signOut(page);

  await signIn(page);
  await page.goto(`/stove/${id}`);
  await settled(page);
  await expect.poll(async () => (await kept(page, id)).happened.touched.length).toBe(1);
  await expect(page.getByRole('region', { name: 'Not kept' })).toBeHidden();
});

test('a touch that is refused stays in sight with its reason until somebody decides', async ({ page }) => {
  await signIn(page);
  const id = idOf(await putOn(page));
  // A replica that has not heard of this pan yet, as it would answer.
  await page.route('**/events*', (route) =>
    route.fulfill({
      status: 404,
      contentType: 'application/problem+json',
      body: JSON.stringify({ type: 'about:blank', title: 'There is nothing here', status: 404 }),
    }),
  );
  await knock(page);
  await page.keyboard.press('d'); // counts only until the answer is there
  const notKept = page.getByRole('region', { name: 'Not kept' });
  await expect(notKept.getByRole('alert')).toContainText('pan on');
  await page.reload();
  await expect(notKept.getByRole('alert')).toContainText('The kitchen does not know this pan');
  await page.unroute('**/events*');
  await notKept.getByRole('button', { name: 'Send again' }).click();
  await expect(notKept).toBeHidden();
  await expect.poll(async () => (await kept(page, id)).happened.touched.length).toBe(1);
});

test('two change one dish: the second is told, sees both, and decides', async ({ browser, page }) => {
  await signIn(page, 'chef@kiln.example');
  const other = await (await browser.newContext()).newPage();
  await signIn(other);
  for (const each of [page, other]) {
    await each.goto('/dishes');
    await each
      .getByRole('link', { name: /pea, lovage/ })
      .first()
      .click();
    await expect(each.getByLabel('A main (g raw)')).toHaveValue('80');
  }
  await other.getByLabel('A main (g raw)').fill('76');
  await other.getByRole('button', { name: 'Save the dish' }).click();
  await expect(other.getByText(/Saved as version/)).toBeVisible();

  await page.getByLabel('A main (g raw)').fill('64');
  await page.getByRole('button', { name: 'Save the dish' }).click();
  const meanwhile = page.getByRole('alert', { name: 'Meanwhile' });
  await expect(meanwhile).toContainText('Rice station saved version');
  await expect(meanwhile).toContainText('grams main: 76, not 64');
  await expect(page.getByLabel('A main (g raw)')).toHaveValue('64');
  await expectAccessible(page);
  await meanwhile.getByRole('button', { name: 'Save mine over it' }).click();
  await expect(page.getByText(/Saved as version/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Versions' })).toContainText('grams main: 76, not 64');

  await other.getByLabel('A main (g raw)').fill('70');
  await other.getByRole('button', { name: 'Save the dish' }).click();
  await other.getByRole('button', { name: 'Take theirs' }).click();
  await expect(other.getByLabel('A main (g raw)')).toHaveValue('64');
  await other.getByLabel('A main (g raw)').fill('80');
  const saved = other.waitForResponse((answer) => answer.request().method() === 'PUT');
  await other.getByRole('button', { name: 'Save the dish' }).click();
  expect((await saved).status()).toBe(200);
});

test('two change one pan: the second is told what the first changed, and decides', async ({
  browser,
  page,
}) => {
  const other = await (await browser.newContext()).newPage();
  for (const each of [page, other]) {
    await signIn(each, 'chef@kiln.example');
    await each.goto('/kitchen');
    await each
      .getByRole('button', { name: /36 rondeau/ })
      .first()
      .click();
    await expect(each.getByLabel('Weighs empty')).toBeVisible();
  }
  await other.getByLabel('Weighs empty').fill('3150');
  await other.getByRole('button', { name: 'Save' }).click();
  await expect(other.getByLabel('Weighs empty')).toBeHidden();

  await page.getByLabel(/^Heat it holds/).fill('1600');
  await page.getByRole('button', { name: 'Save' }).click();
  const meanwhile = page.getByRole('alert', { name: 'Meanwhile' });
  await expect(meanwhile).toContainText('Weighs empty: 3150');
  await expect(page.getByLabel(/^Heat it holds/)).toHaveValue('1600');
  await expectAccessible(page);
  await meanwhile.getByRole('button', { name: 'Take theirs' }).click();
  await expect(page.getByLabel('Weighs empty')).toHaveValue('3150');
  await page.getByLabel(/^Heat it holds/).fill('1600');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByLabel('Weighs empty')).toBeHidden();
  const { pans } = (await (await page.request.get('/api/kitchen')).json()) as {
    pans: { name: string; weight_g: number; metal_j_per_k: number }[];
  };
  expect(pans.find(({ name }) => name === '36 rondeau')).toMatchObject({
    weight_g: 3150,
    metal_j_per_k: 1600,
  });
});

test('a kitchen is deleted in a day, and kept when somebody thinks again', async ({ page }) => {
  const { name } = await openKitchen(page);
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Delete this kitchen …' }).click();
  await expect(page.getByRole('link', { name: 'The kitchen whole' }).last()).toBeVisible();
  await page.getByLabel(/^The name of the kitchen/).fill(name);
  await page.getByLabel('Your password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Delete it in a day' }).click();
  await expect(page.getByText('Your password is wrong')).toBeVisible();
  await page.getByLabel('Your password').fill(WORDS);
  await page.getByRole('button', { name: 'Delete it in a day' }).click();
  const going = page.getByText(`${name} is deleted with everything in it on`);
  await expect(going).toBeVisible();
  await page.getByRole('link', { name: 'Log' }).click();
  await expect(going).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(going).toBeHidden();
});
