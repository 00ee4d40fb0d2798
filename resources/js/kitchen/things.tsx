import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { api } from '../api';
import type { Kitchen } from '../contracts.generated';
import { useMeasure } from '../cook';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick, Ticks } from '../parts/Field';
import { Retire } from '../parts/Retire';
import { PanSide } from '../pictures/PanSide';
import {
  BASES,
  FAMILIES,
  MARKS,
  VARIETIES,
  type Burner,
  type Ladle,
  type Pan,
  type Rice,
  type Stock,
} from './words';
import { ALLERGEN } from '../words.generated';
import { kitchenChanged } from '../queries';

/** What a pan is not filled with: `Pan::FREEBOARD_CM`, mm. */
const FREEBOARD_MM = 15;

export type Address = 'pans' | 'burners' | 'ladles' | 'rices' | 'stocks' | 'devices';

/** Keeps an entry, new or changed; the answer is the kitchen as it then is. */
export function useKeep(address: Address, id: number | undefined, onKept: () => void) {
  const client = useQueryClient();
  return {
    save: (values: object) => api.keepThing(address, id, values),
    onSaved: (kitchen: Kitchen) => {
      kitchenChanged(client, kitchen);
      onKept();
    },
  };
}

export interface FormProps<T> {
  thing?: T | undefined;
  onDone: () => void;
}

export function PanForm({ thing, onDone }: FormProps<Pan>) {
  const keep = useKeep('pans', thing?.id, onDone);
  return (
    <Entry
      values={{
        format: 'velko.pan/1',
        name: thing?.name ?? '',
        base_cm: thing?.base_cm ?? 26,
        rim_cm: thing?.rim_cm ?? 28,
        height_cm: thing?.height_cm ?? 7,
        metal_j_per_k: thing?.metal_j_per_k ?? 1100,
        weight_g: thing?.weight_g ?? null,
      }}
      {...keep}
      beside={
        thing && (
          <Retire
            words="Delete this pan"
            name={thing.name}
            retire={() => api.retireThing('pans', thing.id)}
            undo={() => api.bringBack('pans', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label="What you call it" autoFocus maxLength={60} />
      <PanDrawing />
      <div className="grid grid-cols-3 gap-3">
        <Amount name="base_cm" label="Floor" of="length" />
        <Amount name="rim_cm" label="Rim" of="length" />
        <Amount name="height_cm" label="Height" of="length" />
      </div>
      <div className="grid grid-cols-2 gap-3">
        <Amount
          name="weight_g"
          label="Weighs empty"
          of="weight"
          hint="Then one weighing at the stove tells how much liquid is left. Handles and all, no lid."
        />
        <Field
          name="metal_j_per_k"
          label="Heat it holds"
          unit="J/K"
          kind="number"
          hint="Weight in grams × 0.5 for steel and iron, × 0.9 for aluminium, × 0.39 for copper."
        />
      </div>
      <PanTakes />
    </Entry>
  );
}

/** What the pan as typed holds, in covers of each family; the engine's answer, asked as the numbers change. */
function PanTakes() {
  const { volume, depth } = useMeasure();
  const [base_cm, rim_cm, height_cm, metal_j_per_k] = useWatch({
    name: ['base_cm', 'rim_cm', 'height_cm', 'metal_j_per_k'],
  }) as unknown[];
  const typed = { format: 'velko.pan/1', name: 'as typed', base_cm, rim_cm, height_cm, metal_j_per_k };
  const holds = useQuery({
    queryKey: ['pan-holds', typed],
    queryFn: ({ signal }) => api.panHolds(typed, signal),
    enabled: Number(rim_cm) >= Number(base_cm),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  if (!holds.data || holds.isError) {
    return null;
  }
  return (
    <p className="text-lg" aria-live="polite" data-testid="holds">
      Up to {depth(FREEBOARD_MM)} under the rim <b>{volume(holds.data.holds_ml)}</b>. Takes{' '}
      {holds.data.takes.map((one, at) => (
        <span key={one.family} className={one.suited ? '' : 'text-ink-soft'}>
          {at > 0 && ', '}
          <b>{one.covers}</b> of a {FAMILIES[one.family] ?? one.family}
          {!one.suited && ' (not its shape)'}
        </span>
      ))}
      .
    </p>
  );
}

/** The pan as its numbers are typed. */
function PanDrawing() {
  const [base, rim, height] = useWatch({ name: ['base_cm', 'rim_cm', 'height_cm'] }) as unknown[];
  const pan = { base_cm: Number(base), rim_cm: Number(rim), height_cm: Number(height) };
  if (!Object.values(pan).every((value) => value > 0 && value <= 150) || pan.rim_cm < pan.base_cm) {
    return <p className="h-32 text-ink-soft">Three numbers, and it is drawn here.</p>;
  }
  return (
    <div className="grid h-32 place-items-center">
      <PanSide pan={pan} scale={Math.min(7, 440 / pan.rim_cm, 120 / pan.height_cm)} height={126} />
    </div>
  );
}

export function BurnerForm({ thing, onDone }: FormProps<Burner>) {
  const keep = useKeep('burners', thing?.id, onDone);
  return (
    <Entry
      values={{
        format: 'velko.burner/1',
        name: thing?.name ?? '',
        ring_cm: thing?.ring_cm ?? 15,
        fuel: thing?.fuel ?? 'gas',
        rated_w: thing?.rated_w ?? 5000,
        marks: thing
          ? thing.settings.map((one) => ({
              mark: one.mark,
              share: one.share,
              net_w: one.measured ? one.net_w : null,
            }))
          : MARKS,
      }}
      {...keep}
      beside={
        thing && (
          <Retire
            words="Delete this ring"
            name={thing.name}
            retire={() => api.retireThing('burners', thing.id)}
            undo={() => api.bringBack('burners', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label="What you call it" autoFocus maxLength={60} />
      <div className="grid grid-cols-3 gap-3">
        <Amount name="ring_cm" label="Flame or coil" of="length" />
        <Rated />
        <Pick
          name="fuel"
          label="Heat"
          options={[
            ['gas', 'gas'],
            ['induction', 'induction'],
          ]}
        />
      </div>
      <Marks />
    </Entry>
  );
}

/** Gas is sold by what its plate says in the kitchen's units; current is watts everywhere. */
function Rated() {
  const fuel: unknown = useWatch({ name: 'fuel' });
  return fuel === 'gas' ? (
    <Amount name="rated_w" label="Rated" of="burner" />
  ) : (
    <Field name="rated_w" label="Rated" unit="W" kind="number" />
  );
}

function Marks() {
  const { control } = useFormContext();
  const marks = useFieldArray({ control, name: 'marks' });
  return (
    <fieldset className="grid gap-2">
      <legend className="text-base text-ink-soft">
        Marks on the knob, weakest first: share of full power, and net watts where a boil-off test gave them
      </legend>
      {marks.fields.map((field, row) => (
        <div key={field.id} className="grid grid-cols-[1.3fr_1fr_1fr_auto] items-end gap-2">
          <Field name={`marks.${row}.mark`} label="Mark" maxLength={30} />
          <Field name={`marks.${row}.share`} label="Share" kind="number" />
          <Field name={`marks.${row}.net_w`} label="Net" unit="W" kind="number" />
          <button
            type="button"
            onClick={() => marks.remove(row)}
            aria-label={`Take mark ${row + 1} off`}
            className="size-14 rounded-lg border-2 border-ink text-2xl"
          >
            −
          </button>
        </div>
      ))}
      <button
        type="button"
        onClick={() => marks.append({ mark: '', share: 1, net_w: null })}
        className="min-h-12 rounded-lg border-2 border-ink text-lg"
      >
        Another mark
      </button>
    </fieldset>
  );
}

export function LadleForm({ thing, onDone }: FormProps<Ladle>) {
  const keep = useKeep('ladles', thing?.id, onDone);
  return (
    <Entry
      values={{ format: 'velko.ladle/1', ml: thing?.ml ?? 90 }}
      {...keep}
      beside={
        thing && (
          <Retire
            words="Delete this ladle"
            name={'a ladle'}
            retire={() => api.retireThing('ladles', thing.id)}
            undo={() => api.keepThing('ladles', undefined, { format: 'velko.ladle/1', ml: thing.ml })}
            onDone={onDone}
          />
        )
      }
    >
      <Amount
        name="ml"
        label="Level full it holds"
        of="volume"
        autoFocus
        hint="Fill it with water on the scale: 1 g is 1 mL."
      />
    </Entry>
  );
}

export function RiceForm({ thing, onDone }: FormProps<Rice>) {
  const keep = useKeep('rices', thing?.id, onDone);
  return (
    <Entry
      values={{
        format: 'velko.rice/1',
        name: thing?.name ?? '',
        variety: thing?.variety ?? 'carnaroli',
        low: thing?.own_window ? (thing.window_min[0] ?? null) : null,
        high: thing?.own_window ? (thing.window_min[1] ?? null) : null,
        grams_per_cup: thing?.grams_per_cup ?? null,
      }}
      save={({ low, high, ...entry }) =>
        keep.save({ ...entry, window_min: low === null && high === null ? null : [low, high] })
      }
      onSaved={keep.onSaved}
      beside={
        thing && (
          <Retire
            words="Delete this rice"
            name={thing.name}
            retire={() => api.retireThing('rices', thing.id)}
            undo={() => api.bringBack('rices', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label="Packet or name" autoFocus maxLength={60} />
      <Pick name="variety" label="Variety" options={VARIETIES} />
      <div className="grid grid-cols-3 gap-3">
        <Field name="low" label="Packet says" unit="min" kind="number" />
        <Field name="high" label="to" unit="min" kind="number" />
        <Amount name="grams_per_cup" label="A level cup" of="weight" />
      </div>
      <p className="text-base text-ink-soft">
        The minutes printed on the packet are its window. Left empty, the variety’s own is taken.
      </p>
    </Entry>
  );
}

export function StockForm({ thing, onDone }: FormProps<Stock>) {
  const keep = useKeep('stocks', thing?.id, onDone);
  return (
    <Entry
      values={{
        format: 'velko.stock/1',
        name: thing?.name ?? '',
        base: thing?.base ?? 'vegetable',
        salt_percent: thing?.salt_percent ?? 0.6,
        held_at_c: thing?.held_at_c ?? 92,
        batch_ml: thing?.batch_ml ?? null,
        allergens: thing?.allergens ?? null,
      }}
      {...keep}
      beside={
        thing && (
          <Retire
            words="Delete this stock"
            name={thing.name}
            retire={() => api.retireThing('stocks', thing.id)}
            undo={() => api.bringBack('stocks', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label="What you call it" autoFocus maxLength={60} />
      <div className="grid grid-cols-2 gap-3">
        <Pick name="base" label="Made from" options={BASES} />
        <Field name="salt_percent" label="Salt" unit="g in 100 g" kind="number" />
        <Amount name="held_at_c" label="Held at" of="heat" />
        <Amount name="batch_ml" label="A batch" of="volume" />
      </div>
      <Ticks
        name="allergens"
        label="Allergens in it; those of its base are named anyway. None ticked: not known yet"
        options={ALLERGEN}
        none="none of these"
      />
    </Entry>
  );
}
