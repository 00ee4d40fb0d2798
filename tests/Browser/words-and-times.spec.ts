import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import Qty from 'js-quantities';
import type { Cook, Night, Plan } from '../../resources/js/contracts.generated';
import { dues, workSaid } from '../../resources/js/night/shape';
import { ladles, METRIC, minute, trimmed, US } from '../../resources/js/measure';
import { readNumber } from '../../resources/js/number';
import { pours, rightMinutes } from '../../resources/js/pictures/fromPlan';
import { legible } from '../../resources/js/pictures/grain/legible';
import { stepsOf, withPending } from '../../resources/js/stove/ahead';
import { firstLiquidAt, minuteAt, momentOf, nextOf } from '../../resources/js/stove/due';
import type { Touch } from '../../resources/js/stove/say';
import { VERB } from '../../resources/js/stages';
import { isPour } from '../../resources/js/stove/steps';
import { clock, countdown, day, stamp } from '../../resources/js/time';

/* How numbers become words on the screens: no browser needed. */

test('amounts are said as they are read off a jug or a scale', () => {
  expect([0, 4.4, 180, 999.4].map(METRIC.volume)).toEqual(['0 mL', '4 mL', '180 mL', '999 mL']);
  expect([999.6, 1250, 12_000].map(METRIC.volume)).toEqual(['1 L', '1.25 L', '12 L']);
  expect([1275, 90.4, 2092].map((ml) => Object.values(METRIC.dose(ml)).join(' '))).toEqual([
    '1.28 L',
    '90 mL',
    '2.09 L',
  ]);
  expect([480, 999.6, 2080].map(METRIC.weight)).toEqual(['480 g', '1 kg', '2.08 kg']);
  // Halves go up, though the nearest binary fraction to 1.265 lies below it.
  expect([1265, 1275].map(METRIC.volume)).toEqual(['1.27 L', '1.28 L']);
  expect(Object.values(METRIC.dose(1265)).join(' ')).toBe('1.27 L');
  expect([2.5, -0.04].map((value) => trimmed(value, 0))).toEqual(['3', '0']);
});

test('a number is read as the server reads it', () => {
  const cases = JSON.parse(readFileSync('tests/numbers.json', 'utf8')) as [
    string,
    '.' | ',',
    number | null,
  ][];
  expect(cases.map(([text, mark]) => [text, mark, readNumber(text, mark)])).toEqual(cases);
});

test('a kitchen on US units reads ounces, cups, quarts and °F, as js-quantities has them', () => {
  const in_ = (value: number, from: string, to: string) => Qty(value, from).to(to).scalar;
  expect([59, 180].map(US.volume)).toEqual(
    [59, 180].map((ml) => `${in_(ml, 'ml', 'floz').toFixed(1).replace('.0', '')} fl oz`),
  );
  expect([236.6, 300, 1300].map(US.volume)).toEqual(['1 cup', '1 ¼ cups', '5 ½ cups']);
  expect(in_(1300, 'ml', 'cu')).toBeCloseTo(5.5, 1);
  expect(US.volume(4000)).toBe(`${in_(4000, 'ml', 'quart').toFixed(1)} qt`);
  expect(US.weight(320)).toBe(`${in_(320, 'g', 'oz').toFixed(1)} oz`);
  expect([453.6, 480, 2080].map(US.weight)).toEqual(['1 lb', '1 lb 1 oz', '4 lb 9 oz']);
  // One unit in a line: 6.5 g of salt in ounces on every screen, a teaspoon of oil, saffron in grams.
  expect([US.small(6.5, 'g'), US.weight(6.5), US.small(5, 'ml'), US.small(0.1, 'g')]).toEqual([
    `${in_(6.5, 'g', 'oz').toFixed(2)} oz`,
    `${in_(6.5, 'g', 'oz').toFixed(2)} oz`,
    '1 tsp',
    '0.1 g',
  ]);
  expect(in_(5, 'ml', 'tsp')).toBeCloseTo(1, 1);
  // Pours are read off a jug in whole ounces; a temperature of the food code is the code's own: 145 °F, not 145.4.
  expect(US.dose(150)).toEqual({ number: in_(150, 'ml', 'floz').toFixed(0), unit: 'fl oz' });
  expect(US.typed.heat.decimals).toBe(0);
  expect(in_(63, 'tempC', 'tempF').toFixed(0)).toBe('145');
  expect(US.heat(90)).toBe(`${in_(90, 'tempC', 'tempF').toFixed(0)} °F`);
  expect(US.length(36)).toBe(`${in_(36, 'cm', 'in').toFixed(1)} in`);
  expect([650, 1900].map(US.power)).toEqual(
    [650, 1900].map(
      (watts) => `${(Math.round(in_(watts, 'W', 'btu/hour') / 10) * 10).toLocaleString('en')} BTU/h`,
    ),
  );
  expect(METRIC.power(649.6)).toBe('650 W');
  expect(US.ratio(1)).toBe(`${(in_(1, 'ml', 'floz') / in_(1, 'g', 'oz')).toFixed(2)} fl oz/oz`);
});

test('ladles are said in quarters', () => {
  expect([0.05, 0.25, 0.5, 1, 1.1, 1.26, 2, 12.74].map(ladles)).toEqual([
    'a splash',
    '¼ ladle',
    '½ ladle',
    '1 ladle',
    '1 ladle',
    '1 ¼ ladles',
    '2 ladles',
    '12 ¾ ladles',
  ]);
});

test('minutes before the first liquid have a true minus', () => {
  expect([-3, 0, 2.75, 17].map(minute)).toEqual(['−3', '0', '2.8', '17']);
});

test('a countdown runs through nought without a stumble', () => {
  expect([605, 60, 59.6, 59.4, 0.4, 0, -0.4, -1, -61].map(countdown)).toEqual([
    '10:05',
    '1:00',
    '1:00',
    '0:59',
    '0:00',
    '0:00',
    '0:00',
    '−0:01',
    '−1:01',
  ]);
});

test('the clock is the kitchen’s, wherever the tablet is', () => {
  // Node 20 has no navigator: the reader is British.
  Object.defineProperty(globalThis, 'navigator', { value: { language: 'en-GB' }, configurable: true });
  const moment = '2026-07-01T18:05:09.000Z';
  expect(clock(moment, 'Europe/London', false)).toBe('19:05');
  expect(clock('2026-01-01T00:00:00Z', 'UTC', false)).toBe('00:00');
  expect(clock(moment, 'Europe/London', true)).toMatch(/^7:05\sPM$/);
  expect(clock('2026-01-01T00:00:00Z', 'UTC', true)).toMatch(/^12:00\sAM$/);
  expect(day('2026-07-01T23:30:00Z', 'Europe/London')).toMatch(/Thu,? 2 Jul/);
  expect(stamp(Date.parse(moment))).toBe(moment);
});

const plan = {
  stages: [
    { at_min: -3, kind: 'toast', volume_ml: null },
    { at_min: 0, kind: 'wine', volume_ml: 150 },
    { at_min: 2.5, kind: 'pour', volume_ml: 450 },
    { at_min: 17, kind: 'off', volume_ml: null },
  ],
  track: { min: [0, 5, 10, 15, 20], doneness_min: [0, 4, 9, 14, 18] },
} as unknown as Plan;

test('drops are drawn for what is poured and for nothing else', () => {
  expect(pours(plan)).toEqual([
    { minute: 0, volume_ml: 150, kind: 'wine' },
    { minute: 2.5, volume_ml: 450, kind: 'pour' },
  ]);
  expect(plan.stages.map(isPour)).toEqual([false, true, true, false]);
  expect(new Set(Object.values(VERB)).size).toBe(Object.keys(VERB).length);
});

test('of drops that stand close the largest say their amount, and no two amounts run together', () => {
  const pours = [0, 1, 2, 3, 10].map((minute, row) => ({
    minute,
    volume_ml: row === 1 ? 1350 : 450,
    kind: 'pour',
  }));
  const words = (pour: { volume_ml: number }) => String(pour.volume_ml);
  // 20 px a minute: 1350 takes 36 px, 450 takes 28; centres must be 32, or 28, apart.
  expect([...legible(pours, (minute) => 20 * minute, words)].sort()).toEqual([1, 3, 4]);
  expect(legible(pours, (minute) => 40 * minute, words).size).toBe(5);
});

test('the window is a band of the time axis, open when the rice does not leave it', () => {
  expect(rightMinutes(plan, [13, 15])).toEqual([15, 20]);
  expect(rightMinutes(plan, [17, 19])).toEqual([20, Infinity]);
  expect(rightMinutes(plan, [30, 32])).toBeNull();
});

const cook = (state: Partial<Cook['state']>) =>
  ({
    working: { plan, clock: { first_liquid_at: '2026-05-04T19:00:00Z' } },
    state: { first_liquid_at: null, started_at: null, done: [], ...state },
  }) as unknown as Cook;

test('what is due is counted from the first liquid as it really went in', () => {
  const at = (time: string) => Date.parse(`2026-05-04T${time}Z`);
  expect(firstLiquidAt(cook({}))).toBe(at('19:00:00'));
  expect(firstLiquidAt(cook({ started_at: '2026-05-04T19:10:00Z' }))).toBe(at('19:13:00'));
  // Toasted a minute sooner than planned: the wine is due at once.
  const toasted = [{ stage: 0, event: 't', at: '2026-05-04T19:12:00Z', volume_ml: null }];
  expect(firstLiquidAt(cook({ started_at: '2026-05-04T19:10:00Z', done: toasted }))).toBe(at('19:12:00'));
  const late = cook({ started_at: '2026-05-04T19:10:00Z', first_liquid_at: '2026-05-04T19:14:00Z' });
  expect(momentOf(late, 2.5)).toBe(at('19:16:30'));
  expect(minuteAt(late, at('19:20:00'))).toBe(6);
});

test('next in a night is what is still to be begun beside a pan, on the fire or not, and what the pan itself waits for', () => {
  const at = (time: string) => `2026-05-04T${time}:00Z`;
  const work = (what: string, start: string, ahead = false) => ({ what, start_at: at(start), ahead });
  const pan = (status: string, on: string, off: string, works: object[], firing = 0) => ({
    status,
    serves: [{ firing }],
    on_at: at(on),
    off_at: at(off),
    table_at: at('20:30'),
    works,
  });
  const night = {
    pans: [
      pan('cooking', '19:00', '19:30', [work('crisp the skin', '19:20'), work('begun long ago', '19:05')]),
      pan('to-come', '19:10', '19:40', [work('toast', '19:08'), work('grate the cheese', '19:09', true)]),
      pan('at-table', '18:00', '18:20', [work('of no use any more', '19:30')]),
      pan('cooking', '18:30', '18:50', []),
      pan('waiting', '19:15', '19:45', []),
      pan('to-come', '19:07', '19:36', [], 7),
    ],
    clashes: [{ code: 'missed', at: at('18:58'), firings: [7] }],
  } as unknown as Night;
  expect(
    dues(night, Date.parse(at('19:07'))).map((one) => [one.verb, one.work, new Date(one.at).toISOString()]),
  ).toEqual([
    ['missed', null, '2026-05-04T18:58:00.000Z'],
    ['work', 'toast', '2026-05-04T19:08:00.000Z'],
    ['on', null, '2026-05-04T19:10:00.000Z'],
    ['on', null, '2026-05-04T19:15:00.000Z'],
    ['work', 'crisp the skin', '2026-05-04T19:20:00.000Z'],
    ['off', null, '2026-05-04T19:30:00.000Z'],
    ['table', null, '2026-05-04T20:30:00.000Z'],
  ]);
  expect(workSaid({ what: 'crisp the skin', burner: 'ring 4' })).toBe('crisp the skin, on ring 4');
  expect([workSaid({ what: 'toast' }), workSaid({ what: null, burner: 'ring 4' })]).toEqual(['toast', null]);
});

test('touches that nobody has answered yet already count on the tablet', () => {
  const fresh = {
    id: 'c',
    working: { plan, clock: { toast_at: '2026-05-04T18:57:00Z', first_liquid_at: '2026-05-04T19:00:00Z' } },
    state: {
      status: 'waiting',
      first_liquid_at: null,
      started_at: null,
      stage: 0,
      done: [],
      poured_ml: 0,
      lid_on: false,
      last: null,
      not_yet: null,
      undo: null,
      taken_back: null,
    },
    forecast: null,
  } as unknown as Cook;
  const touch = (part: object, second: number) =>
    ({ id: `t${second}`, at: `2026-05-04T19:00:${String(second).padStart(2, '0')}.000Z`, ...part }) as Touch;
  const touches = [
    touch({ kind: 'start' }, 0),
    touch({ kind: 'done', stage: 0 }, 1),
    touch({ kind: 'pour', stage: 1, volume_ml: 150 }, 2),
    touch({ kind: 'pour', stage: 2, volume_ml: 440 }, 3),
  ];
  const after = withPending(fresh, touches);
  expect(after.state).toMatchObject({
    status: 'cooking',
    stage: 3,
    poured_ml: 440,
    first_liquid_at: '2026-05-04T19:00:02.000Z',
    last: 't3',
  });
  expect(nextOf(after)?.step.kind).toBe('off');
  expect(stepsOf(after)).toHaveLength(1);
  // Said again, as after a lost answer, they count once.
  expect(withPending(after, touches).state.done).toHaveLength(3);
  expect(withPending(after, [touch({ kind: 'undo', event: 't3' }, 4)]).state).toMatchObject({
    stage: 2,
    poured_ml: 0,
  });
  expect(withPending(after, [touch({ kind: 'done', stage: 3 }, 5)]).state).toMatchObject({
    status: 'at-table',
    stage: null,
  });
  expect(withPending(after, [touch({ kind: 'abandon' }, 6)]).state.status).toBe('given-up');
  // Off by mistake, and back on the heat: the pan comes off later. Once it is at the table it stays there.
  const served = {
    ...fresh,
    working: { ...fresh.working, plan: { ...plan, stages: [...plan.stages, { kind: 'serve', at_min: 20 }] } },
  } as unknown as Cook;
  const backOn = touch({ kind: 'back-on' }, 8);
  const off3 = [...touches, touch({ kind: 'done', stage: 3 }, 7)];
  expect(withPending(served, off3).state.stage).toBe(4);
  expect(withPending(served, [...off3, backOn]).state).toMatchObject({ stage: 3, status: 'cooking' });
  expect(stepsOf(withPending(served, [...off3, backOn])).map(({ kind }) => kind)).toEqual(['off', 'serve']);
  expect(withPending(after, [touch({ kind: 'done', stage: 3 }, 5), backOn]).state.status).toBe('at-table');
  // What the plan does not have is taken off the forecast when it is said.
  const extra = { stage: null, at_min: 9, kind: 'pour', volume_ml: 40, ladles: null, setting: null, say: '' };
  const off = { ...extra, stage: 3, kind: 'off', volume_ml: null };
  const forecast = { ...after, forecast: { steps: [extra, off] } } as unknown as Cook;
  const splashed = withPending(forecast, [touch({ kind: 'splash', volume_ml: 40, water: false }, 7)]);
  expect(stepsOf(splashed).map((step) => step.kind)).toEqual(['off']);
  expect(splashed.state.poured_ml).toBe(480);
  expect(withPending(forecast, [touch({ kind: 'lid', on: true }, 8)]).state.lid_on).toBe(true);
});
