import { BellRing } from 'lucide-react';
import { useState } from 'react';
import { useKitchen } from '../kitchen/useKitchen';
import type { Kitchen } from '../contracts.generated';
import { BrokenOff } from '../kitchen/BringKitchen';
import { BoilOffForm } from '../kitchen/BoilOffForm';
import { DeviceForm } from '../kitchen/DeviceForm';
import { Devices } from '../kitchen/Devices';
import { HouseForm } from '../kitchen/HouseForm';
import { Rings } from '../kitchen/Rings';
import { Line, Shelf, type ShelfProps } from '../kitchen/Shelf';
import { BurnerForm } from '../kitchen/BurnerForm';
import { StockForm } from '../kitchen/StockForm';
import { LadleForm, PanForm, RiceForm } from '../kitchen/things';
import { FAMILIES, type Pan } from '../kitchen/words';
import { useMay, useMeasure } from '../cook';
import { trimmed } from '../measure';
import { Farewell } from '../people/Farewell';
import { Sheet } from '../parts/Sheet';
import { TakeOut } from '../parts/TakeOut';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import { PanSide } from '../pictures/PanSide';
import { strikeUp } from '../stove/calls';
import { t, wordOf } from '../words/messages';

type Open =
  | { what: 'house' }
  | { what: 'boil-off'; id: number }
  | { what: 'pan' | 'burner' | 'ladle' | 'rice' | 'stock' | 'device'; id?: number };

/** What devices read is heard anew so often. */
const LISTEN_MS = 5000;

/** What the kitchen has: pans and rings to scale, ladles, rices, stocks; each a touch away from being changed. */
export function KitchenScreen() {
  const kitchen = useKitchen((kitchen) => ((kitchen?.devices.length ?? 0) > 0 ? LISTEN_MS : false));
  const [open, setOpen] = useState<Open | null>(null);
  const may = useMay();
  if (!kitchen.data) {
    return (
      <Loading failed={kitchen.isError}>
        {kitchen.isError
          ? t('common.the-kitchen-cannot-be-reached')
          : t('screens.kitchenScreen.opening-the-cupboards')}
      </Loading>
    );
  }
  return (
    <main className="flex-1 px-5 py-3 max-md:px-3">
      <Title>{kitchen.data.name}</Title>
      <h1 className="sr-only">{t('screens.kitchenScreen.the-kitchen-name', { name: kitchen.data.name })}</h1>
      <div className="flex flex-wrap items-start justify-between gap-4">
        <fieldset disabled={!may.kitchen} className="contents">
          <House kitchen={kitchen.data} onOpen={() => setOpen({ what: 'house' })} />
        </fieldset>
        <div className="flex flex-wrap items-center gap-3">
          <TryTheCall />
          {may.kitchen && <TakeOut href="/api/kitchen/archive">{t('common.the-kitchen-whole')}</TakeOut>}
        </div>
      </div>
      {may.kitchen && kitchen.data.cooks_to_come > 0 && <BrokenOff toCome={kitchen.data.cooks_to_come} />}
      {!may.kitchen && (
        <p className="text-lg text-ink-soft">{t('screens.kitchenScreen.to-look-at-what-the-kitchen')}</p>
      )}
      <fieldset disabled={!may.kitchen} className="contents">
        <Pans kitchen={kitchen.data} onOpen={(id) => setOpen({ what: 'pan', ...(id ? { id } : {}) })} />
        <Rings
          kitchen={kitchen.data}
          onOpen={(id) => setOpen({ what: 'burner', ...(id ? { id } : {}) })}
          onTest={(id) => setOpen({ what: 'boil-off', id })}
        />
        <div className="grid grid-cols-3 gap-8 max-lg:grid-cols-1">
          <Ladles kitchen={kitchen.data} onOpen={(id) => setOpen({ what: 'ladle', ...(id ? { id } : {}) })} />
          <Rices kitchen={kitchen.data} onOpen={(id) => setOpen({ what: 'rice', ...(id ? { id } : {}) })} />
          <Stocks kitchen={kitchen.data} onOpen={(id) => setOpen({ what: 'stock', ...(id ? { id } : {}) })} />
        </div>
        {kitchen.data.burners.length > 0 && (
          <Devices
            kitchen={kitchen.data}
            onOpen={(id) => setOpen({ what: 'device', ...(id ? { id } : {}) })}
          />
        )}
      </fieldset>
      {may.kitchen && <Farewell />}
      {open && <Writing kitchen={kitchen.data} open={open} onClose={() => setOpen(null)} />}
    </main>
  );
}

/** Whether the call of the stove carries through this room, on this tablet. */
function TryTheCall() {
  return (
    <button
      onClick={strikeUp}
      className="flex min-h-12 items-center gap-2 rounded-lg border-2 border-rule px-4 text-lg"
    >
      <BellRing aria-hidden="true" className="size-5" /> {t('screens.kitchenScreen.try-the-call')}
    </button>
  );
}

function Writing({ kitchen, open, onClose }: { kitchen: Kitchen; open: Open; onClose: () => void }) {
  const find = <T extends { id: number }>(rows: T[]) =>
    'id' in open ? rows.find((row) => row.id === open.id) : undefined;
  switch (open.what) {
    case 'house':
      return (
        <Sheet title={t('screens.kitchenScreen.the-kitchen')} onClose={onClose}>
          <HouseForm kitchen={kitchen} onDone={onClose} />
        </Sheet>
      );
    case 'boil-off': {
      const burner = find(kitchen.burners);
      return burner ? (
        <Sheet title={t('screens.kitchenScreen.boil-off-test-name', { name: burner.name })} onClose={onClose}>
          <BoilOffForm kitchen={kitchen} burner={burner} onDone={onClose} />
        </Sheet>
      ) : null;
    }
    case 'pan':
      return (
        <Sheet title={find(kitchen.pans)?.name ?? t('common.a-pan-4')} onClose={onClose}>
          <PanForm thing={find(kitchen.pans)} onDone={onClose} />
        </Sheet>
      );
    case 'burner':
      return (
        <Sheet title={find(kitchen.burners)?.name ?? t('screens.kitchenScreen.a-ring')} onClose={onClose}>
          <BurnerForm thing={find(kitchen.burners)} marks={kitchen.kit.marks} onDone={onClose} />
        </Sheet>
      );
    case 'ladle':
      return (
        <Sheet title={t('screens.kitchenScreen.a-ladle')} onClose={onClose}>
          <LadleForm thing={find(kitchen.ladles)} onDone={onClose} />
        </Sheet>
      );
    case 'rice':
      return (
        <Sheet title={find(kitchen.rices)?.name ?? t('screens.kitchenScreen.a-rice')} onClose={onClose}>
          <RiceForm thing={find(kitchen.rices)} onDone={onClose} />
        </Sheet>
      );
    case 'device':
      return (
        <Sheet title={find(kitchen.devices)?.name ?? t('screens.kitchenScreen.a-device')} onClose={onClose}>
          <DeviceForm thing={find(kitchen.devices)} kitchen={kitchen} onDone={onClose} />
        </Sheet>
      );
    case 'stock':
      return (
        <Sheet title={find(kitchen.stocks)?.name ?? t('screens.kitchenScreen.a-stock')} onClose={onClose}>
          <StockForm thing={find(kitchen.stocks)} onDone={onClose} />
        </Sheet>
      );
  }
}

function House({ kitchen, onOpen }: { kitchen: Kitchen; onOpen: () => void }) {
  const { heat, typed } = useMeasure();
  return (
    <button onClick={onOpen} className="flex min-h-14 flex-wrap items-baseline gap-x-6 rounded-lg text-left">
      <span className="text-3xl font-bold underline decoration-dotted underline-offset-4 in-disabled:no-underline">
        {kitchen.name}
      </span>
      <span className="text-lg text-ink-soft">
        {t('screens.kitchenScreen.altitudem-unit-above-the-sea-water', {
          altitudeM: trimmed(typed.altitude.shown(kitchen.altitude_m), 0),
          unit: typed.altitude.unit,
          boiling: heat(kitchen.boiling_c),
          room: heat(kitchen.room_c),
          replaceAll: kitchen.timezone.replaceAll('_', ' '),
        })}
      </span>
    </button>
  );
}

const takes = (pan: Pan) =>
  pan.takes
    .filter((one) => one.suited)
    .map((one) => `${one.covers} ${FAMILIES[one.family] ?? one.family}`)
    .join(' · ');

function Pans({ kitchen, onOpen }: ShelfProps) {
  const { volume } = useMeasure();
  const tallest = Math.max(...kitchen.pans.map((pan) => pan.height_cm), 10);
  const across = kitchen.pans.reduce((sum, pan) => sum + pan.rim_cm, 0);
  const scale = Math.min(5, 700 / Math.max(across, 150), 110 / tallest);
  return (
    <Shelf title={t('common.pans')} add={t('common.a-pan')} onAdd={() => onOpen()}>
      <ul className="flex flex-wrap items-end gap-x-1 gap-y-3 pt-3">
        {kitchen.pans.map((pan) => (
          <li key={pan.id}>
            <button onClick={() => onOpen(pan.id)} className="rounded-lg p-2 text-left hover:bg-paper-deep">
              <PanSide pan={pan} scale={scale} height={tallest * scale + 6} />
              <b className="block text-lg leading-tight">{pan.name}</b>
              <span className="block text-base leading-tight text-ink-soft">{volume(pan.holds_ml)}</span>
              <span className="block max-w-40 text-sm leading-tight text-ink-soft">{takes(pan)}</span>
            </button>
          </li>
        ))}
      </ul>
      {kitchen.pans.length > 0 && (
        <p className="text-sm text-ink-soft">{t('screens.kitchenScreen.to-one-scale-covers-are-ordinary')}</p>
      )}
    </Shelf>
  );
}

function Ladles({ kitchen, onOpen }: ShelfProps) {
  const { volume } = useMeasure();
  const largest = Math.max(...kitchen.ladles.map((one) => one.ml), 1);
  return (
    <Shelf title={t('screens.kitchenScreen.ladles')} add={t('common.a-ladle')} onAdd={() => onOpen()}>
      <ul className="flex flex-wrap items-end gap-2 pt-3">
        {kitchen.ladles.map((one) => {
          const radius = 30 * Math.cbrt(one.ml / largest);
          return (
            <li key={one.id}>
              <button onClick={() => onOpen(one.id)} className="rounded-lg p-2 hover:bg-paper-deep">
                <svg width={76} height={90} aria-hidden="true">
                  <path d="M38 4 V54" stroke="var(--color-ink)" strokeWidth={4} />
                  <path
                    d={`M${38 - radius} 54 A ${radius} ${radius} 0 0 0 ${38 + radius} 54 Z`}
                    fill="var(--color-steel)"
                    stroke="var(--color-ink)"
                    strokeWidth={3}
                  />
                </svg>
                <b className="block text-lg">{volume(one.ml)}</b>
              </button>
            </li>
          );
        })}
      </ul>
    </Shelf>
  );
}

function Rices({ kitchen, onOpen }: ShelfProps) {
  const { weight } = useMeasure();
  return (
    <Shelf
      title={t('screens.kitchenScreen.rices')}
      add={t('screens.kitchenScreen.a-rice-2')}
      onAdd={() => onOpen()}
    >
      <ul>
        {kitchen.rices.map((rice) => (
          <Line key={rice.id} onOpen={() => onOpen(rice.id)} name={rice.name}>
            {t('screens.kitchenScreen.label-join-min-ownwindow-gramspercup', {
              label: rice.label !== rice.name && `${rice.label}, `,
              join: rice.window_min.map((min) => trimmed(min, 1)).join(t('common.to')),
              ownWindow: rice.own_window ? t('screens.kitchenScreen.by-its-packet') : '',
              gramsPerCup:
                rice.grams_per_cup !== null &&
                t('screens.kitchenScreen.gramspercup-a-cup', { gramsPerCup: weight(rice.grams_per_cup) }),
            })}
          </Line>
        ))}
      </ul>
    </Shelf>
  );
}

function Stocks({ kitchen, onOpen }: ShelfProps) {
  const { heat, volume } = useMeasure();
  return (
    <Shelf
      title={t('screens.kitchenScreen.stocks')}
      add={t('screens.kitchenScreen.a-stock-2')}
      onAdd={() => onOpen()}
    >
      <ul>
        {kitchen.stocks.map((stock) => (
          <Line key={stock.id} onOpen={() => onOpen(stock.id)} name={stock.name}>
            {t('screens.kitchenScreen.saltpercent-salt-held-at-heldat-batch', {
              saltPercent: trimmed(stock.salt_percent, 2),
              heldAt: heat(stock.held_at_c),
              batch:
                stock.batch_ml !== null &&
                t('screens.kitchenScreen.batch-a-batch', { batch: volume(stock.batch_ml) }),
              allergens:
                stock.allergens === null
                  ? t('screens.kitchenScreen.allergens-not-said')
                  : stock.allergens.length > 0 &&
                    ` · ${stock.allergens.map((one) => wordOf('allergen', one)).join(', ')}`,
            })}
          </Line>
        ))}
      </ul>
    </Shelf>
  );
}
