import { useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { api } from '../api';
import type { Kitchen } from '../contracts.generated';
import { BoilOffForm } from '../kitchen/BoilOffForm';
import { HouseForm } from '../kitchen/HouseForm';
import { BurnerForm, DeviceForm, LadleForm, PanForm, RiceForm, StockForm } from '../kitchen/things';
import { FAMILIES, type Burner, type Device, type Pan } from '../kitchen/words';
import { useCook, useMeasure } from '../cook';
import { trimmed } from '../measure';
import { Sheet } from '../parts/Sheet';
import { TakeOut } from '../parts/TakeOut';
import { PanSide } from '../pictures/PanSide';
import { useReading } from '../parts/useReading';
import { clock, day, stamp, useNow } from '../time';

type Open =
  | { what: 'house' }
  | { what: 'boil-off'; id: number }
  | { what: 'pan' | 'burner' | 'ladle' | 'rice' | 'stock' | 'device'; id?: number };

/** What the kitchen has: pans and rings to scale, ladles, rices, stocks; each a touch away from being changed. */
export function KitchenScreen() {
  const kitchen = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen, staleTime: 60_000 });
  const [open, setOpen] = useState<Open | null>(null);
  if (!kitchen.data) {
    return (
      <main className="p-8 text-lg text-ink-soft">
        {kitchen.isError ? 'The kitchen cannot be reached.' : 'Opening the cupboards …'}
      </main>
    );
  }
  return (
    <main className="flex-1 px-5 py-3 max-md:px-3">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <House kitchen={kitchen.data} onOpen={() => setOpen({ what: 'house' })} />
        <TakeOut href="/api/kitchen/archive">The kitchen whole</TakeOut>
      </div>
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
        <Devices kitchen={kitchen.data} onOpen={(id) => setOpen({ what: 'device', ...(id ? { id } : {}) })} />
      )}
      {open && <Writing kitchen={kitchen.data} open={open} onClose={() => setOpen(null)} />}
    </main>
  );
}

function Writing({ kitchen, open, onClose }: { kitchen: Kitchen; open: Open; onClose: () => void }) {
  const find = <T extends { id: number }>(rows: T[]) =>
    'id' in open ? rows.find((row) => row.id === open.id) : undefined;
  switch (open.what) {
    case 'house':
      return (
        <Sheet title="The kitchen" onClose={onClose}>
          <HouseForm kitchen={kitchen} onDone={onClose} />
        </Sheet>
      );
    case 'boil-off': {
      const burner = find(kitchen.burners);
      return burner ? (
        <Sheet title={`Boil-off test, ${burner.name}`} onClose={onClose}>
          <BoilOffForm kitchen={kitchen} burner={burner} onDone={onClose} />
        </Sheet>
      ) : null;
    }
    case 'pan':
      return (
        <Sheet title={find(kitchen.pans)?.name ?? 'A pan'} onClose={onClose}>
          <PanForm thing={find(kitchen.pans)} onDone={onClose} />
        </Sheet>
      );
    case 'burner':
      return (
        <Sheet title={find(kitchen.burners)?.name ?? 'A ring'} onClose={onClose}>
          <BurnerForm thing={find(kitchen.burners)} onDone={onClose} />
        </Sheet>
      );
    case 'ladle':
      return (
        <Sheet title="A ladle" onClose={onClose}>
          <LadleForm thing={find(kitchen.ladles)} onDone={onClose} />
        </Sheet>
      );
    case 'rice':
      return (
        <Sheet title={find(kitchen.rices)?.name ?? 'A rice'} onClose={onClose}>
          <RiceForm thing={find(kitchen.rices)} onDone={onClose} />
        </Sheet>
      );
    case 'device':
      return (
        <Sheet title={find(kitchen.devices)?.name ?? 'A device'} onClose={onClose}>
          <DeviceForm thing={find(kitchen.devices)} kitchen={kitchen} onDone={onClose} />
        </Sheet>
      );
    case 'stock':
      return (
        <Sheet title={find(kitchen.stocks)?.name ?? 'A stock'} onClose={onClose}>
          <StockForm thing={find(kitchen.stocks)} onDone={onClose} />
        </Sheet>
      );
  }
}

function House({ kitchen, onOpen }: { kitchen: Kitchen; onOpen: () => void }) {
  const { heat } = useMeasure();
  return (
    <button onClick={onOpen} className="flex min-h-14 flex-wrap items-baseline gap-x-6 rounded-lg text-left">
      <span className="text-3xl font-bold underline decoration-dotted underline-offset-4">
        {kitchen.name}
      </span>
      <span className="text-lg text-ink-soft">
        {trimmed(kitchen.altitude_m, 0)} m above the sea, water boils at {heat(kitchen.boiling_c)} · room{' '}
        {heat(kitchen.room_c)} · {kitchen.timezone.replaceAll('_', ' ')}
      </span>
    </button>
  );
}

function Shelf({
  title,
  add,
  onAdd,
  children,
}: {
  title: string;
  add: string;
  onAdd: () => void;
  children: ReactNode;
}) {
  return (
    <section aria-label={title} className="mt-4">
      <div className="flex items-center justify-between border-b-2 border-ink">
        <h2 className="text-2xl font-bold">{title}</h2>
        <button onClick={onAdd} className="flex min-h-12 items-center gap-2 px-2 text-lg font-semibold">
          <Plus aria-hidden="true" className="size-5" /> {add}
        </button>
      </div>
      {children}
    </section>
  );
}

interface ShelfProps {
  kitchen: Kitchen;
  onOpen: (id?: number) => void;
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
    <Shelf title="Pans" add="a pan" onAdd={() => onOpen()}>
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
        <p className="text-sm text-ink-soft">
          To one scale. Covers are ordinary mains of what the pan is made for.
        </p>
      )}
    </Shelf>
  );
}

function Rings({ kitchen, onOpen, onTest }: ShelfProps & { onTest: (id: number) => void }) {
  const { length } = useMeasure();
  const strongest = Math.max(...kitchen.burners.flatMap((one) => one.settings.map((mark) => mark.net_w)), 1);
  const widest = Math.max(...kitchen.burners.map((one) => one.ring_cm), 1);
  return (
    <Shelf title="Rings" add="a ring" onAdd={() => onOpen()}>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-4 pt-3">
        {kitchen.burners.map((burner) => (
          <li key={burner.id} className="flex flex-col">
            <button
              onClick={() => onOpen(burner.id)}
              className="flex-1 rounded-lg p-2 text-left hover:bg-paper-deep"
            >
              <span className="flex items-center gap-3">
                <Flame burner={burner} scale={64 / widest} />
                <span className="leading-tight">
                  <b className="block text-lg">{burner.name}</b>
                  <span className="text-ink-soft">
                    {length(burner.ring_cm)} {burner.fuel}, {trimmed(burner.rated_w / 1000, 1)} kW
                  </span>
                </span>
              </span>
              <Knob burner={burner} strongest={strongest} />
            </button>
            {kitchen.pans.length > 0 && (
              <button
                onClick={() => onTest(burner.id)}
                className="min-h-12 rounded-lg border-2 border-ink text-base font-semibold"
              >
                Boil-off test
              </button>
            )}
          </li>
        ))}
      </ul>
      {kitchen.burners.length > 0 && (
        <p className="text-sm text-ink-soft">Net watts into the pan. ≈ is estimated until a boil-off test.</p>
      )}
    </Shelf>
  );
}

function Flame({ burner, scale }: { burner: Burner; scale: number }) {
  const radius = Math.max(6, (burner.ring_cm / 2) * scale);
  return (
    <svg width={72} height={72} aria-hidden="true" className="shrink-0">
      <circle cx={36} cy={36} r={34} fill="var(--color-steel)" />
      <circle
        cx={36}
        cy={36}
        r={radius}
        fill="none"
        stroke={burner.fuel === 'gas' ? 'var(--color-saffron-deep)' : 'var(--color-ink)'}
        strokeWidth={5}
        strokeDasharray={burner.fuel === 'gas' ? '4 3' : undefined}
      />
    </svg>
  );
}

/** What each mark puts into the pan; a full bar was measured, an open one is estimated. */
function Knob({ burner, strongest }: { burner: Burner; strongest: number }) {
  return (
    <span className="mt-1 block">
      {burner.settings.map((one) => (
        <span
          key={one.mark}
          className="grid grid-cols-[104px_1fr_auto] items-center gap-2 text-base leading-snug"
        >
          <span className="truncate">{one.mark}</span>
          <span className="h-3">
            <span
              className={`block h-full border-2 border-tomato ${one.measured ? 'bg-tomato' : ''}`}
              style={{ width: `${Math.max(3, (100 * one.net_w) / strongest)}%` }}
            />
          </span>
          <span className="text-right tabular-nums">
            {one.measured ? '' : '≈ '}
            {Math.round(one.net_w)} W
          </span>
        </span>
      ))}
    </span>
  );
}

function Ladles({ kitchen, onOpen }: ShelfProps) {
  const { volume } = useMeasure();
  const largest = Math.max(...kitchen.ladles.map((one) => one.ml), 1);
  return (
    <Shelf title="Ladles" add="a ladle" onAdd={() => onOpen()}>
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
  return (
    <Shelf title="Rices" add="a rice" onAdd={() => onOpen()}>
      <ul>
        {kitchen.rices.map((rice) => (
          <Line key={rice.id} onOpen={() => onOpen(rice.id)} name={rice.name}>
            {rice.label !== rice.name && `${rice.label}, `}
            {rice.window_min.map((min) => trimmed(min, 1)).join(' to ')} min
            {rice.own_window ? ' by its packet' : ''}
            {rice.grams_per_cup !== null && `, ${trimmed(rice.grams_per_cup, 0)} g a cup`}
          </Line>
        ))}
      </ul>
    </Shelf>
  );
}

function Stocks({ kitchen, onOpen }: ShelfProps) {
  const { heat, volume } = useMeasure();
  return (
    <Shelf title="Stocks" add="a stock" onAdd={() => onOpen()}>
      <ul>
        {kitchen.stocks.map((stock) => (
          <Line key={stock.id} onOpen={() => onOpen(stock.id)} name={stock.name}>
            {trimmed(stock.salt_percent, 2)} % salt, held at {heat(stock.held_at_c)}
            {stock.batch_ml !== null && `, ${volume(stock.batch_ml)} a batch`}
            {stock.allergens.length > 0 && ` · ${stock.allergens.join(', ')}`}
          </Line>
        ))}
      </ul>
    </Shelf>
  );
}

/** What speaks for itself, ring by ring, with what it said last. */
function Devices({ kitchen, onOpen }: ShelfProps) {
  const rings = kitchen.burners.filter((ring) => kitchen.devices.some((one) => one.burner_id === ring.id));
  return (
    <Shelf title="Devices" add="a device" onAdd={() => onOpen()}>
      {rings.length === 0 && (
        <p className="py-2 text-lg text-ink-soft">
          A scale, a probe or a knob that speaks for itself saves typing at the stove.
        </p>
      )}
      <div className="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-x-4 gap-y-2 pt-2">
        {rings.map((ring) => (
          <div key={ring.id}>
            <h3 className="px-1 text-lg font-bold">{ring.name}</h3>
            <ul>
              {kitchen.devices
                .filter((one) => one.burner_id === ring.id)
                .map((one) => (
                  <Line key={one.id} onOpen={() => onOpen(one.id)} name={one.name}>
                    <DeviceSays device={one} />
                  </Line>
                ))}
            </ul>
          </div>
        ))}
      </div>
    </Shelf>
  );
}

function DeviceSays({ device }: { device: Device }) {
  const { timezone } = useCook();
  const today = useNow(60_000);
  const said = useReading(device.reading, device.kind);
  if (said === null || device.reading === null) {
    return <>{device.has_key ? 'not heard yet' : 'has no key yet'}</>;
  }
  const isToday = day(device.reading.at, timezone) === day(stamp(today), timezone);
  return (
    <>
      {said} at {isToday ? '' : `${day(device.reading.at, timezone)} `}
      {clock(device.reading.at, timezone)}
    </>
  );
}

function Line({ name, onOpen, children }: { name: string; onOpen: () => void; children: ReactNode }) {
  return (
    <li className="border-b border-rule">
      <button
        onClick={onOpen}
        className="min-h-14 w-full rounded-lg px-1 py-1.5 text-left hover:bg-paper-deep"
      >
        <b className="block text-lg leading-tight">{name}</b>
        <span className="block text-base leading-tight text-ink-soft">{children}</span>
      </button>
    </li>
  );
}
