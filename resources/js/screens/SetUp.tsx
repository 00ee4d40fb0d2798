import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, Refusal } from '../api';
import type { Kitchen } from '../contracts.generated';
import { MEASURES } from '../measure';
import { saidOf } from '../parts/faults';
import { Boils } from '../parts/Boils';
import { asNumber } from '../parts/Field';
import { halfDays } from '../time';
import { Title } from '../parts/Title';
import { VARIETIES } from '../kitchen/words';
import { BringKitchen } from '../kitchen/BringKitchen';
import { Select } from '../parts/Select';
import { PanSide } from '../pictures/PanSide';
import { queries } from '../queries';
import { t } from '../words/messages';

const SETS: Record<string, string> = { '/altitude_m': t('screens.setUp.the-height-above-the-sea') };

type Pan = Kitchen['kit']['pans'][number]['code'];
type Ring = Kitchen['kit']['rings'][number]['code'];

/** What is ticked at first. */
const PANS: readonly Pan[] = ['sautoir-24', 'sautoir-28', 'wide-42'];
const RINGS: readonly Ring[] = ['gas', 'gas-big'];

/** What is chosen, until the kitchen is set up: a page loaded again goes on where it stopped. */
interface Chosen {
  pans: Pan[];
  rings: Ring[];
  variety: (typeof VARIETIES)[number][0];
  units: 'metric' | 'us';
  height: string;
}

const CHOSEN = 'velko.set-up';

function stopped(): Chosen {
  const first: Chosen = {
    pans: [...PANS],
    rings: [...RINGS],
    variety: 'carnaroli',
    units: halfDays() ? 'us' : 'metric',
    height: '0',
  };
  try {
    return { ...first, ...(JSON.parse(sessionStorage.getItem(CHOSEN) ?? '{}') as Partial<Chosen>) };
  } catch {
    return first;
  }
}

/** A kitchen from nothing in a minute: three pans, two rings, one rice; all of it can be put right later. */
export function SetUp({ kitchen: house }: { kitchen: Kitchen }) {
  const client = useQueryClient();
  const [before] = useState(stopped);
  const [pans, setPans] = useState(new Set(before.pans));
  const [rings, setRings] = useState(new Set(before.rings));
  const [variety, setVariety] = useState<(typeof VARIETIES)[number][0]>(before.variety);
  const [units, setUnits] = useState(before.units);
  const [height, setHeight] = useState(before.height);
  useEffect(() => {
    const chosen: Chosen = { pans: [...pans], rings: [...rings], variety, units, height };
    sessionStorage.setItem(CHOSEN, JSON.stringify(chosen));
  }, [pans, rings, variety, units, height]);
  const { typed, length, rated } = MEASURES[units];
  const above = asNumber(height);
  const lacks =
    pans.size > 0 && rings.size > 0
      ? null
      : t('screens.setUp.choose-at-least-one', { pans: pans.size, rings: rings.size });

  const setUp = useMutation({
    mutationFn: () =>
      api.setUp({
        format: 'velko.set-up/1',
        units,
        altitude_m: typeof above === 'number' ? typed.altitude.read(above) : height,
        pans: [...pans],
        rings: [...rings],
        variety,
      }),
    onSuccess: async (made) => {
      sessionStorage.removeItem(CHOSEN);
      await client.invalidateQueries(queries.session);
      client.setQueryData(queries.kitchen.queryKey, made);
    },
  });

  return (
    <main className="mx-auto w-full max-w-5xl flex-1 px-5 py-4 max-md:px-3">
      <Title>{t('screens.setUp.set-up-your-kitchen')}</Title>
      <h1 className="text-3xl font-bold">{t('screens.setUp.set-up-your-kitchen')}</h1>
      <p className="mt-1 text-lg text-ink-soft">{t('screens.setUp.what-comes-nearest-will-do-sizes')}</p>
      <div className="mt-3">
        <BringKitchen name={house.name} />
      </div>
      <div className="mt-4 flex flex-wrap items-start gap-x-8 gap-y-3">
        <div className="w-72 max-w-full">
          <span className="text-base text-ink-soft">{t('common.amounts-are-in')}</span>
          <Select
            label={t('common.amounts-are-in')}
            value={units}
            onChange={(value) => setUnits(value === 'us' ? 'us' : 'metric')}
            options={[
              ['metric', t('screens.setUp.grams-ml-c')],
              ['us', t('screens.setUp.ounces-cups-f')],
            ]}
          />
        </div>
        <div className="w-72 max-w-full">
          <label className="block text-base text-ink-soft">
            {t('screens.setUp.the-kitchen-stands-above-the-sea', { unit: typed.altitude.unit })}
            <input
              inputMode="decimal"
              value={height}
              onChange={(event) => setHeight(event.target.value)}
              onFocus={(event) => event.target.select()}
              className="block h-12 w-full rounded-lg border-2 border-ink-soft bg-field px-3 text-right text-xl font-semibold text-ink"
            />
          </label>
          {typeof above === 'number' && <Boils metres={typed.altitude.read(above)} units={units} />}
        </div>
      </div>
      <Many
        title={t('common.pans')}
        all={house.kit.pans.map((pan) => ({ ...pan, name: units === 'us' ? pan.name_us : pan.name }))}
        chosen={pans}
        onChange={setPans}
      >
        {(pan) => <PanSide pan={pan} scale={3} height={58} />}
      </Many>
      <Many title={t('common.rings')} all={house.kit.rings} chosen={rings} onChange={setRings}>
        {(ring) => (
          <span className="text-base text-ink-soft in-has-checked:text-ink">
            {length(ring.ring_cm)}, {rated(ring.rated_w)}
          </span>
        )}
      </Many>
      <h2 className="mt-5 mb-1 text-2xl font-bold">{t('common.rice')}</h2>
      <div className="max-w-sm">
        <Select
          label={t('common.rice')}
          value={variety}
          onChange={(value) => setVariety(VARIETIES.find(([one]) => one === value)?.[0] ?? variety)}
          options={VARIETIES}
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
      {lacks !== null && (
        <p role="status" className="mt-4 text-lg text-tomato">
          {lacks}
        </p>
      )}
      <button
        disabled={setUp.isPending || lacks !== null}
        onClick={() => setUp.mutate()}
        className="mt-6 min-h-16 rounded-lg bg-ink px-10 text-2xl font-semibold text-paper disabled:opacity-50"
      >
        {setUp.isPending ? t('common.setting-out-the-pans') : t('screens.setUp.work-out-the-first-pan')}
      </button>
    </main>
  );
}

function Many<Code extends string, One extends { code: Code; name: string }>({
  title,
  all,
  chosen,
  onChange,
  children,
}: {
  title: string;
  all: readonly One[];
  chosen: ReadonlySet<Code>;
  onChange: (chosen: Set<Code>) => void;
  children: (one: One) => React.ReactNode;
}) {
  const turn = (code: Code) => {
    const next = new Set(chosen);
    if (!next.delete(code)) next.add(code);
    onChange(next);
  };
  return (
    <fieldset className="mt-5">
      <legend className="text-2xl font-bold">{title}</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {all.map((one) => (
          <label
            key={one.code}
            className="flex min-h-16 cursor-pointer items-end gap-3 rounded-lg border-2 border-rule bg-field p-3 has-checked:border-ink has-checked:bg-saffron has-focus-visible:outline-3 has-focus-visible:outline-ink"
          >
            <input
              type="checkbox"
              checked={chosen.has(one.code)}
              onChange={() => turn(one.code)}
              className="size-6 accent-ink"
            />
            <span className="grid gap-1">
              {children(one)}
              <b className="text-lg leading-tight">{one.name}</b>
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
