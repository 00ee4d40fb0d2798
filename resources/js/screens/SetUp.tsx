import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refusal } from '../api';
import type { Kitchen } from '../contracts.generated';
import { MEASURES, type Typed } from '../measure';
import { saidOf } from '../parts/faults';
import { asNumber } from '../parts/Field';
import { halfDays } from '../time';
import { Title } from '../parts/Title';
import { blank } from '../kitchen/blank';
import { MARKS, VARIETIES } from '../kitchen/words';
import { BringKitchen } from '../kitchen/BringKitchen';
import { Choice } from '../parts/Choice';
import { PanSide } from '../pictures/PanSide';
import { queries } from '../queries';
import { t } from '../words/messages';

const SETS: Record<string, string> = { '/altitude_m': t('screens.setUp.the-height-above-the-sea') };

const PANS = [
  { name: t('screens.setUp.24-sautoir'), base_cm: 22, rim_cm: 24, height_cm: 7, metal_j_per_k: 850 },
  { name: t('screens.setUp.28-sautoir'), base_cm: 26, rim_cm: 28, height_cm: 7.5, metal_j_per_k: 1150 },
  { name: t('screens.setUp.36-rondeau'), base_cm: 35, rim_cm: 36, height_cm: 13, metal_j_per_k: 2600 },
  { name: t('screens.setUp.34-wide-pan'), base_cm: 29, rim_cm: 34, height_cm: 5, metal_j_per_k: 700 },
  { name: t('screens.setUp.42-wide-pan'), base_cm: 36, rim_cm: 42, height_cm: 5, metal_j_per_k: 1050 },
  { name: t('screens.setUp.8-l-pot'), base_cm: 24, rim_cm: 24, height_cm: 18, metal_j_per_k: 1500 },
];
const RINGS = [
  { name: t('screens.setUp.gas-ring'), ring_cm: 15, fuel: 'gas', rated_w: 5000 },
  { name: t('screens.setUp.strong-gas-ring'), ring_cm: 20, fuel: 'gas', rated_w: 7000 },
  { name: t('screens.setUp.big-ring'), ring_cm: 32, fuel: 'gas', rated_w: 14000 },
  { name: 'induction', ring_cm: 22, fuel: 'induction', rated_w: 3500 },
];

/** A kitchen from nothing in a minute: three pans, two rings, one rice; all of it can be put right later. */
export function SetUp({ kitchen: house }: { kitchen: Kitchen }) {
  const client = useQueryClient();
  const [pans, setPans] = useState(
    new Set([t('screens.setUp.24-sautoir'), t('screens.setUp.28-sautoir'), t('screens.setUp.42-wide-pan')]),
  );
  const [rings, setRings] = useState(new Set([t('screens.setUp.gas-ring'), t('screens.setUp.big-ring')]));
  const [variety, setVariety] = useState<string>('carnaroli');
  const [units, setUnits] = useState<'metric' | 'us'>(halfDays() ? 'us' : 'metric');
  const [height, setHeight] = useState('0');
  const { typed, length } = MEASURES[units];
  const above = asNumber(height);
  const label = VARIETIES.find(([value]) => value === variety)?.[1] ?? variety;

  const setUp = useMutation({
    mutationFn: async () => {
      await api.keepHouse({
        format: 'velko.house/1',
        name: house.name,
        altitude_m: typeof above === 'number' ? typed.altitude.read(above) : above,
        boiling_c: null,
        room_c: house.room_c,
        plates_c: house.plates_c,
        timezone: house.timezone,
        units,
        safety: house.safety,
      });
      await client.invalidateQueries(queries.session);
      for (const pan of PANS.filter((one) => pans.has(one.name))) {
        await api.keepThing('pans', undefined, { format: 'velko.pan/1', ...pan });
      }
      for (const ring of RINGS.filter((one) => rings.has(one.name))) {
        await api.keepThing('burners', undefined, { format: 'velko.burner/1', ...ring, marks: MARKS });
      }
      for (const ml of [90, 150]) {
        await api.keepThing('ladles', undefined, { format: 'velko.ladle/1', ml });
      }
      await api.keepThing('rices', undefined, {
        format: 'velko.rice/1',
        name: label,
        variety,
        window_min: null,
        grams_per_cup: null,
      });
      const kitchen = await api.keepThing('stocks', undefined, {
        format: 'velko.stock/1',
        name: t('screens.setUp.vegetable-stock'),
        base: 'vegetable',
        salt_percent: 0.6,
        held_at_c: 92,
        batch_ml: null,
        allergens: ['celery'],
      });
      const family = variety === 'bomba' ? 'pan-rice' : variety === 'round' ? 'soupy-rice' : 'risotto';
      await api.keepDish(undefined, {
        format: 'velko.dish-entry/1',
        rice_id: kitchen.rices[0]?.id,
        stock_id: kitchen.stocks[0]?.id,
        dish: { ...blank(family), name: FIRST[family], finish: t('screens.setUp.as-you-like-it') },
      });
    },
    onSettled: () => client.invalidateQueries(queries.kitchen),
  });

  return (
    <main className="mx-auto w-full max-w-5xl flex-1 px-5 py-4 max-md:px-3">
      <Title>{t('screens.setUp.set-up-your-kitchen')}</Title>
      <h1 className="text-3xl font-bold">{t('screens.setUp.set-up-your-kitchen')}</h1>
      <p className="mt-1 text-lg text-ink-soft">{t('screens.setUp.what-comes-nearest-will-do-sizes')}</p>
      <div className="mt-3">
        <BringKitchen name={house.name} />
      </div>
      <div className="mt-4 flex flex-wrap items-end gap-x-8 gap-y-3">
        <div className="w-72 max-w-full">
          <span className="text-base text-ink-soft">{t('common.amounts-are-in')}</span>
          <Choice
            label={t('common.amounts-are-in')}
            value={units}
            onChange={(value) => setUnits(value === 'us' ? 'us' : 'metric')}
            options={[
              { value: 'metric', label: t('screens.setUp.grams-ml-c') },
              { value: 'us', label: t('screens.setUp.ounces-cups-f') },
            ]}
          />
        </div>
        <label className="block w-72 max-w-full text-base text-ink-soft">
          {t('screens.setUp.the-kitchen-stands-above-the-sea', { unit: typed.altitude.unit })}
          <input
            inputMode="decimal"
            value={height}
            onChange={(event) => setHeight(event.target.value)}
            onFocus={(event) => event.target.select()}
            className="block h-12 w-full rounded-lg border-2 border-ink-soft bg-white px-3 text-right text-xl font-semibold text-ink"
          />
        </label>
      </div>
      <Many title={t('common.pans')} all={PANS.map((one) => one.name)} chosen={pans} onChange={setPans}>
        {(name) => {
          const pan = PANS.find((one) => one.name === name);
          return pan ? <PanSide pan={pan} scale={3} height={58} /> : null;
        }}
      </Many>
      <Many title={t('common.rings')} all={RINGS.map((one) => one.name)} chosen={rings} onChange={setRings}>
        {(name) => {
          const ring = RINGS.find((one) => one.name === name);
          return (
            <span className="text-base text-ink-soft in-has-checked:text-ink">
              {length(ring?.ring_cm ?? 0)}, {ring ? rated(ring, typed.burner) : ''}
            </span>
          );
        }}
      </Many>
      <h2 className="mt-5 mb-1 text-2xl font-bold">{t('common.rice')}</h2>
      <div className="max-w-sm">
        <Choice
          label={t('common.rice')}
          value={variety}
          onChange={setVariety}
          options={VARIETIES.map(([value, words]) => ({ value, label: words }))}
        />
      </div>
      {setUp.isError && (
        <p role="alert" className="mt-4 text-lg text-tomato">
          {setUp.error instanceof Refusal
            ? (setUp.error.problem.errors ?? [])
                .map(
                  (fault) =>
                    `${SETS[fault.pointer] ?? t('common.it')} ${saidOf(fault, fault.pointer === '/altitude_m' ? typed.altitude : undefined)}`,
                )
                .join('; ')
            : t('screens.setUp.it-stopped-halfway-message-what-was', { message: setUp.error.message })}
        </p>
      )}
      <button
        disabled={setUp.isPending || pans.size === 0 || rings.size === 0}
        onClick={() => setUp.mutate()}
        className="mt-6 min-h-16 rounded-lg bg-ink px-10 text-2xl font-semibold text-paper disabled:opacity-50"
      >
        {setUp.isPending ? t('common.setting-out-the-pans') : t('screens.setUp.work-out-the-first-pan')}
      </button>
    </main>
  );
}

/** "5 kW", "17,100 BTU/h" */
const rated = (ring: (typeof RINGS)[number], burner: Typed): string =>
  ring.fuel === 'gas' && burner.unit !== 'W'
    ? `${(Math.round(burner.shown(ring.rated_w) / 100) * 100).toLocaleString('en')} ${burner.unit}`
    : t('screens.setUp.rated-kw', { rated: ring.rated_w / 1000 });

const FIRST = {
  risotto: t('screens.setUp.house-risotto'),
  'pan-rice': t('screens.setUp.house-pan-rice'),
  'soupy-rice': t('screens.setUp.house-soupy-rice'),
};

function Many({
  title,
  all,
  chosen,
  onChange,
  children,
}: {
  title: string;
  all: string[];
  chosen: Set<string>;
  onChange: (chosen: Set<string>) => void;
  children: (name: string) => React.ReactNode;
}) {
  const turn = (name: string) => {
    const next = new Set(chosen);
    if (!next.delete(name)) next.add(name);
    onChange(next);
  };
  return (
    <fieldset className="mt-5">
      <legend className="text-2xl font-bold">{title}</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {all.map((name) => (
          <label
            key={name}
            className="flex min-h-16 cursor-pointer items-end gap-3 rounded-lg border-2 border-rule bg-white p-3 has-checked:border-ink has-checked:bg-saffron has-focus-visible:outline-3 has-focus-visible:outline-ink"
          >
            <input
              type="checkbox"
              checked={chosen.has(name)}
              onChange={() => turn(name)}
              className="size-6 accent-ink"
            />
            <span className="grid gap-1">
              {children(name)}
              <b className="text-lg leading-tight">{name}</b>
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
