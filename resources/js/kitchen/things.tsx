import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useWatch } from 'react-hook-form';
import { api, type AsTyped, type Things } from '../api';
import type { Kitchen, PanHolds } from '../contracts.generated';
import { useMeasure } from '../cook';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick } from '../parts/Field';
import { Retire } from '../parts/Retire';
import { PanSide } from '../pictures/PanSide';
import { FAMILIES, VARIETIES, type Ladle, type Pan, type Rice } from './words';
import { kitchenChanged, queries } from '../queries';
import { t } from '../words/messages';

/** What a pan is not filled with: `Pan::FREEBOARD_CM`, mm. */
const FREEBOARD_MM = 15;

export type Address = keyof Things;

type Typed = number | string | null;

/** Keeps an entry, new or changed; the answer is the kitchen as it then is. */
export function useKeep<Name extends Address>(
  address: Name,
  thing: { id: number; tag: string } | undefined,
  onKept: () => void,
) {
  const client = useQueryClient();
  return {
    tag: thing?.tag,
    save: (values: AsTyped<Things[Name]>, tag?: string) => api.keepThing(address, thing?.id, values, tag),
    onMeanwhile: () => client.invalidateQueries(queries.kitchen),
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
  const keep = useKeep('pans', thing, onDone);
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
            words={t('kitchen.things.delete-this-pan')}
            name={thing.name}
            retire={() => api.retireThing('pans', thing.id)}
            undo={() => api.bringBack('pans', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label={t('common.what-you-call-it')} autoFocus maxLength={60} />
      <PanDrawing />
      <div className="grid grid-cols-3 gap-3">
        <Amount name="base_cm" label={t('kitchen.things.floor')} of="length" />
        <Amount name="rim_cm" label={t('kitchen.things.rim')} of="length" />
        <Amount name="height_cm" label={t('kitchen.things.height')} of="length" />
      </div>
      <div className="grid grid-cols-2 gap-3">
        <Amount
          name="weight_g"
          label={t('kitchen.things.weighs-empty')}
          of="weight"
          hint={t('kitchen.things.then-one-weighing-at-the-stove')}
        />
        <Field
          name="metal_j_per_k"
          label={t('kitchen.things.heat-it-holds')}
          unit="J/K"
          kind="number"
          hint={t('kitchen.things.weight-in-grams-0-5-for')}
        />
      </div>
      <PanTakes />
    </Entry>
  );
}

/** What the pan as typed holds, in covers of each family; the engine's answer, asked as the numbers change. */
function PanTakes() {
  const [base_cm, rim_cm, height_cm, metal_j_per_k] = useWatch({
    name: ['base_cm', 'rim_cm', 'height_cm', 'metal_j_per_k'],
  }) as [Typed, Typed, Typed, Typed];
  const typed = { format: 'velko.pan/1', name: 'as typed', base_cm, rim_cm, height_cm, metal_j_per_k };
  const holds = useQuery({
    queryKey: ['pan-holds', typed],
    queryFn: ({ signal }) => api.panHolds(typed, signal),
    enabled: Number(rim_cm) >= Number(base_cm),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  const known = holds.isError ? undefined : holds.data;
  // Its place is kept: what is under it does not move away from under a finger.
  return (
    <p className="min-h-14 text-lg" aria-live="polite" data-testid="holds">
      {known && <Takes holds={known} />}
    </p>
  );
}

function Takes({ holds }: { holds: PanHolds }) {
  const { volume, depth } = useMeasure();
  return (
    <>
      {t('kitchen.things.up-to-freeboardmm-under-the-rim', { FREEBOARDMM: depth(FREEBOARD_MM) })}{' '}
      <b>{volume(holds.holds_ml)}</b>
      {t('kitchen.things.takes')}{' '}
      {holds.takes.map((one, at) => (
        <span key={one.family} className={one.suited ? '' : 'text-ink-soft'}>
          {at > 0 && ', '}
          <b>{one.covers}</b>{' '}
          {t('kitchen.things.of-a-families-suited', {
            FAMILIES: FAMILIES[one.family] ?? one.family,
            suited: !one.suited && t('kitchen.things.not-its-shape'),
          })}
        </span>
      ))}
      .
    </>
  );
}

/** The pan as its numbers are typed. */
function PanDrawing() {
  const [base, rim, height] = useWatch({ name: ['base_cm', 'rim_cm', 'height_cm'] }) as unknown[];
  const pan = { base_cm: Number(base), rim_cm: Number(rim), height_cm: Number(height) };
  if (!Object.values(pan).every((value) => value > 0 && value <= 150) || pan.rim_cm < pan.base_cm) {
    return <p className="h-32 text-ink-soft">{t('kitchen.things.three-numbers-and-it-is-drawn')}</p>;
  }
  return (
    <div className="grid h-32 place-items-center">
      <PanSide pan={pan} scale={Math.min(7, 440 / pan.rim_cm, 120 / pan.height_cm)} height={126} />
    </div>
  );
}

export function LadleForm({ thing, onDone }: FormProps<Ladle>) {
  const keep = useKeep('ladles', thing, onDone);
  return (
    <Entry
      values={{ format: 'velko.ladle/1', ml: thing?.ml ?? 90 }}
      {...keep}
      beside={
        thing && (
          <Retire
            words={t('kitchen.things.delete-this-ladle')}
            name={t('common.a-ladle')}
            retire={() => api.retireThing('ladles', thing.id)}
            undo={() => api.keepThing('ladles', undefined, { format: 'velko.ladle/1', ml: thing.ml })}
            onDone={onDone}
          />
        )
      }
    >
      <Amount
        name="ml"
        label={t('kitchen.things.level-full-it-holds')}
        of="volume"
        autoFocus
        hint={t('kitchen.things.fill-it-with-water-on-the')}
      />
    </Entry>
  );
}

export function RiceForm({ thing, onDone }: FormProps<Rice>) {
  const keep = useKeep('rices', thing, onDone);
  return (
    <Entry
      values={{
        format: 'velko.rice/1',
        name: thing?.name ?? '',
        variety: thing?.variety ?? 'carnaroli',
        low: thing?.own_window ? (thing.window_min[0] ?? null) : null,
        high: thing?.own_window ? (thing.window_min[1] ?? null) : null,
        grams_per_cup: thing?.grams_per_cup ?? null,
        boiled: { raw_g: thing?.boiled?.raw_g ?? null, drained_g: thing?.boiled?.drained_g ?? null },
      }}
      save={({ low, high, boiled, ...entry }) =>
        keep.save({
          ...entry,
          window_min: low === null && high === null ? null : [low, high],
          boiled: boiled.raw_g === null && boiled.drained_g === null ? null : boiled,
        })
      }
      onSaved={keep.onSaved}
      beside={
        thing && (
          <Retire
            words={t('kitchen.things.delete-this-rice')}
            name={thing.name}
            retire={() => api.retireThing('rices', thing.id)}
            undo={() => api.bringBack('rices', thing.id)}
            onDone={onDone}
          />
        )
      }
    >
      <Field name="name" label={t('kitchen.things.packet-or-name')} autoFocus maxLength={60} />
      <Pick name="variety" label={t('kitchen.things.variety')} options={VARIETIES} />
      <div className="grid grid-cols-3 gap-3">
        <Field name="low" label={t('kitchen.things.packet-says')} unit={t('common.min')} kind="number" />
        <Field name="high" label={t('common.to-4')} unit={t('common.min')} kind="number" />
        <Amount name="grams_per_cup" label={t('kitchen.things.a-level-cup')} of="weight" />
      </div>
      <p className="text-base text-ink-soft">{t('kitchen.things.the-minutes-printed-on-the-packet')}</p>
      <div className="grid grid-cols-2 gap-3">
        <Amount name="boiled.raw_g" label={t('kitchen.things.boiled-raw')} of="weight" />
        <Amount name="boiled.drained_g" label={t('kitchen.things.boiled-drained')} of="weight" />
      </div>
      <p className="text-base text-ink-soft">{t('kitchen.things.a-packet-nobody-knows')}</p>
    </Entry>
  );
}
