// p50 and p95 of the plan endpoint against a bare authenticated JSON route, over loopback, signed in to the demo kitchen.
const [, , base] = process.argv;
const REPEATS = 200;
let cookies = {};

async function call(method, path, body) {
  const response = await fetch(`${base}/api/${path}`, {
    method,
    headers: {
      Accept: 'application/json',
      'Content-Type': 'application/json',
      Cookie: Object.entries(cookies)
        .map(([name, value]) => `${name}=${value}`)
        .join('; '),
      'X-XSRF-TOKEN': decodeURIComponent(cookies['XSRF-TOKEN'] ?? ''),
    },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  for (const cookie of response.headers.getSetCookie()) {
    const [pair] = cookie.split(';');
    const at = pair.indexOf('=');
    cookies[pair.slice(0, at)] = pair.slice(at + 1);
  }
  const answer = await response.json();
  if (!response.ok) throw new Error(`${path}: ${response.status} ${JSON.stringify(answer)}`);
  return answer;
}

async function measured(what, ask) {
  for (let i = 0; i < 20; i++) await ask(i);
  const times = [];
  for (let i = 0; i < REPEATS; i++) {
    const from = performance.now();
    await ask(i);
    times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  const at = (share) => times[Math.floor(share * (REPEATS - 1))];
  console.log(
    `  ${what.padEnd(34)} p50 ${at(0.5).toFixed(1).padStart(6)} ms   p95 ${at(0.95).toFixed(1).padStart(6)} ms`,
  );
  return at(0.95);
}

await call('GET', 'session');
await call('POST', 'session', {
  format: 'velko.sign-in/1',
  email: 'rice@kiln.example',
  password: 'lock-keeper-rice',
});
const bare = await measured('bare authenticated JSON route', () => call('GET', 'session'));
const families = { risotto: 'carnaroli', 'pan-rice': 'bomba', 'soupy-rice': 'round' };
let worst = 0;
for (const [family, variety] of Object.entries(families)) {
  const plan = (i) =>
    call('POST', 'plan', {
      format: 'velko.plan-request/1',
      family,
      covers: 2 + (i % 5),
      rice: { variety, grams_per_cover: 55 },
    });
  worst = Math.max(worst, await measured(`POST /api/plan, ${family}`, plan));
}
// Four pans on the fire, each touched in turn: what a cook waits for after a touch.
const kitchen = await call('GET', 'kitchen');
const pans = [];
for (const dish of ['pea', 'smoked', 'cauliflower', 'hake']) {
  const ask = {
    ...kitchen.begin,
    dish_id: kitchen.dishes.find((one) => one.name.startsWith(dish)).id,
  };
  const cook = await call('POST', 'cooks', { format: 'velko.start-cook/1', id: crypto.randomUUID(), ask });
  const first = Date.now() - 6 * 60_000;
  for (const [stage, { at_min, volume_ml }] of cook.working.plan.stages.entries()) {
    if (at_min <= 5) {
      const at = new Date(first + 60_000 * at_min).toISOString();
      const event = { id: crypto.randomUUID(), at, stage };
      await call(
        'POST',
        `cooks/${cook.id}/events`,
        volume_ml === null ? { ...event, kind: 'done' } : { ...event, kind: 'pour', volume_ml },
      );
    }
  }
  pans.push(cook.id);
}
let open = false;
await measured('a touch, four pans on the fire', (i) => {
  open = i % 4 === 0 ? !open : open;
  const event = { id: crypto.randomUUID(), at: new Date().toISOString(), kind: 'lid', on: open };
  return call('POST', `cooks/${pans[i % 4]}/events`, event);
});
console.log(`  the slowest plan's p95 is ${(worst / bare).toFixed(1)} times the bare route's`);
