// What a cook asks all day of a kitchen with a long log, against the bare route; then its archive out, and in again.
import { createReadStream, createWriteStream, statSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';

const [, , base, archive] = process.argv;
const REPEATS = 60;
const PASSWORD = 'lock-keeper-rice';
const LINES = 40;
const JSON_TYPE = 'application/json';
let cookies = {};

const headers = (type) => ({
  Accept: JSON_TYPE,
  ...(type === null ? {} : { 'Content-Type': type }),
  Cookie: Object.entries(cookies)
    .map(([name, value]) => `${name}=${value}`)
    .join('; '),
  'X-XSRF-TOKEN': decodeURIComponent(cookies['XSRF-TOKEN'] ?? ''),
  Origin: base,
});

async function ask(method, path, body, type = JSON_TYPE) {
  const response = await fetch(path.startsWith('http') ? path : `${base}/api/${path}`, {
    method,
    headers: headers(body === undefined ? null : type),
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
  for (const cookie of response.headers.getSetCookie()) {
    const [pair] = cookie.split(';');
    const at = pair.indexOf('=');
    cookies[pair.slice(0, at)] = pair.slice(at + 1);
  }
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
  return response;
}

const read = async (path) => (await ask('GET', path)).json();
const say = (event) => ({ id: crypto.randomUUID(), at: new Date().toISOString(), ...event });

async function measured(what, once) {
  for (let i = 0; i < 5; i++) await once(i);
  const times = [];
  for (let i = 0; i < REPEATS; i++) {
    const from = performance.now();
    await once(i);
    times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  const at = (share) => times[Math.floor(share * (REPEATS - 1))];
  console.log(
    `  ${what.padEnd(36)} p50 ${at(0.5).toFixed(1).padStart(7)} ms   p95 ${at(0.95).toFixed(1).padStart(7)} ms`,
  );
}

async function signIn(email) {
  cookies = {};
  await read('session');
  await ask('POST', 'session', { format: 'velko.sign-in/1', email, password: PASSWORD });
}

await signIn('chef@kiln.example');
await measured('bare route', () => read('session'));
await measured('the kitchen', () => read('kitchen'));
await measured('the log, first page', () => read('cooks'));
let page = await read('cooks');
let pages = 1;
for (let deep = page; deep.next && pages < 200; pages++) {
  deep = await read(deep.next);
  page = deep.next ? deep : page;
}
if (!page.next) throw new Error('the log has one page only');
await measured(`the log, page ${pages}`, () => read(page.next));
await measured('one cook of it', (i) => read(`cooks/${page.cooks[i % page.cooks.length].id}`));

// A cook that is touched a hundred times: what a touch costs at the sixth event and at the sixtieth.
const kitchen = await read('kitchen');
async function begin() {
  const cook = await (
    await ask('POST', 'cooks', { format: 'velko.start-cook/1', id: crypto.randomUUID(), ask: kitchen.begin })
  ).json();
  for (const [stage, { at_min, volume_ml }] of cook.working.plan.stages.entries()) {
    if (at_min <= 5) {
      await ask(
        'POST',
        `cooks/${cook.id}/events`,
        say({
          stage,
          ...(volume_ml === null ? { kind: 'done' } : { kind: 'pour', volume_ml }),
          at: new Date(Date.now() + 60_000 * (at_min - 6)).toISOString(),
        }),
      );
    }
  }
  return cook.id;
}
const young = [];
for (let i = 0; i < 12; i++) young.push(await begin());
await measured('a touch, at the 6th event and after', (i) =>
  ask('POST', `cooks/${young[i % 12]}/events`, say({ kind: 'lid', on: i % 24 < 12 })),
);
const old = await begin();
for (let i = 0; i < 54; i++) await ask('POST', `cooks/${old}/events`, say({ kind: 'lid', on: i % 2 === 0 }));
await measured('a touch, at the 60th event and after', (i) =>
  ask('POST', `cooks/${old}/events`, say({ kind: 'lid', on: i % 2 === 0 })),
);

// Two people change one ring at once, as two hands on one knob would.
const ring = kitchen.burners[0];
const entry = {
  format: 'velko.burner/1',
  ...Object.fromEntries(['name', 'ring_cm', 'fuel'].map((field) => [field, ring[field]])),
  marks: ring.settings.map(({ mark, share, measured, net_w }) => ({
    mark,
    share,
    net_w: measured ? net_w : null,
  })),
};
const answers = {};
async function change(times) {
  for (let i = 0; i < times; i++) {
    const response = await fetch(`${base}/api/kitchen/burners/${ring.id}`, {
      method: 'PUT',
      headers: headers(JSON_TYPE),
      body: JSON.stringify({ ...entry, rated_w: 4000 + i }),
    });
    answers[response.status] = (answers[response.status] ?? 0) + 1;
    await response.text();
  }
}
await Promise.all([change(250), change(250)]);
console.log(`  two at one ring, 500 changes: ${JSON.stringify(answers)}`);

let from = performance.now();
await pipeline((await ask('GET', 'kitchen/archive')).body, createWriteStream(archive));
const seconds = () => ((performance.now() - from) / 1000).toFixed(0);
console.log(`  the archive out: ${(statSync(archive).size / 1e6).toFixed(1)} MB in ${seconds()} s`);

await ask('DELETE', 'session');
cookies = {};
await read('session');
await ask('POST', 'kitchens', {
  format: 'velko.new-kitchen/1',
  kitchen: 'A second house',
  name: 'Chef',
  email: 'second@kiln.example',
  password: 'a hatch over the lock',
  timezone: 'UTC',
});
from = performance.now();
const lines = createInterface({ input: createReadStream(archive).pipe(createGunzip()), crlfDelay: Infinity });
let head = null;
let part = [];
let brought = 0;
const send = async () => {
  await ask('POST', 'kitchen/archive/cooks', `${part.join('\n')}\n`, 'application/jsonl');
  brought += part.length;
  part = [];
};
for await (const line of lines) {
  if (head === null) {
    head = JSON.parse(line);
    await ask('POST', 'kitchen/archive', line);
    continue;
  }
  part.push(line);
  if (part.length === LINES) await send();
}
if (part.length > 0) await send();
console.log(`  and in: ${brought} of ${head.cooks} cooks in ${seconds()} s`);
