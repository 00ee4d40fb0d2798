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
console.log(`  the slowest plan's p95 is ${(worst / bare).toFixed(1)} times the bare route's`);
