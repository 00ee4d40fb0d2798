// The least cover-minutes late of small nights, by HiGHS (npm highs), on a model of their own: which pan goes on at which minute.
//   node night.mjs < nights.json   [{ rings, hands, wash, pans: [covers at most], firings: [{ covers, from, table, until, minutes: { on, off, table, hands: [[from, to, share]] } }], atMost }]
// All times are whole minutes. Rings are alike and pans of one size are alike, so that as many at once as there are is all that
// must hold of them. What costs more than is known to be possible is left out.
import { readFileSync } from 'node:fs';
import loadHighs from 'highs';

const highs = await loadHighs();
const answers = [];
for (const night of JSON.parse(readFileSync(0, 'utf8'))) {
  const sizes = [...new Set(night.pans)].sort((a, b) => a - b);
  const cost = [];
  const once = [];
  const needs = new Map(); // "what minute" → terms
  const need = (what, minute, times, name) => {
    const key = `${what} ${minute}`;
    needs.set(key, [...(needs.get(key) ?? []), `${times} ${name}`]);
  };
  const names = [];
  night.firings.forEach((one, i) => {
    const whole = one.minutes.table - one.minutes.on;
    const last = one.until + Math.floor(night.atMost / one.covers) - whole;
    const mine = [];
    for (const size of sizes.filter((most) => most >= one.covers)) {
      for (let on = Math.max(0, one.from - whole); on <= last; on++) {
        const name = `x_${i}_${size}_${on}`;
        names.push(name);
        mine.push(name);
        const late = Math.max(0, on + whole - one.until);
        if (late > 0) cost.push(`${one.covers * late} ${name}`);
        for (let minute = on; minute < on + one.minutes.off - one.minutes.on; minute++)
          need('ring', minute, 1, name);
        for (let minute = on; minute < on + whole + night.wash; minute++) need(`pan${size}`, minute, 1, name);
        const shares = new Map();
        for (const [from, to, share] of one.minutes.hands) {
          for (let minute = on - one.minutes.on + from; minute < on - one.minutes.on + to; minute++) {
            shares.set(minute, Math.max(shares.get(minute) ?? 0, share));
          }
        }
        for (const [minute, share] of shares) need('hands', minute, share, name);
      }
    }
    once.push(` once_${i}: ${mine.join(' + ')} = 1`);
  });
  const most = (what) =>
    what === 'ring'
      ? night.rings
      : what === 'hands'
        ? night.hands
        : night.pans.filter((one) => `pan${one}` === what).length;
  const rows = [...needs].map(
    ([key, terms], at) => ` c${at}: ${terms.join(' + ')} <= ${most(key.split(' ')[0])}`,
  );
  const model = `Minimize\n late: ${cost.length ? cost.join(' + ') : `0 ${names[0]}`}\nSubject To\n${[...once, ...rows].join('\n')}\nBinary\n ${names.join('\n ')}\nEnd\n`;
  const solved = highs.solve(model, { time_limit: 60 });
  answers.push({ status: solved.Status, late: Math.round(solved.ObjectiveValue * 1000) / 1000 });
}
process.stdout.write(JSON.stringify(answers));
