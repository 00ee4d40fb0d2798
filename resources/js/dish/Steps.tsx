import type { ReactNode } from 'react';
import { useWatch } from 'react-hook-form';
import { useAmount } from '../amount';
import type { Ask, Choices, Kitchen, Plan } from '../contracts.generated';
import { useMeasure } from '../cook';
import { trimmed } from '../measure';
import { Amount, Field, Pick, Tick } from '../parts/Field';
import type { Kind } from '../stages';
import { t, wordOf } from '../words/messages';
import { Ingredients } from './Ingredients';
import type { Body } from './newDish';
import {
  coldOf,
  COVER,
  COVER_A_STEW,
  CRUST,
  CRUST_SCHOOL,
  DOSES,
  FAT,
  labelOf,
  PACE,
  STIRRING,
  TOAST,
} from './options';
import { SideWork } from './SideWork';
import { SCHOOLS, stepOf, type StepName } from './schools';
import { Step } from './Step';

/** Six mains of a dish as it was saved: when its steps come, and what each of its schools would make of them. */
export interface Worked {
  ask: Ask;
  stages: Plan['stages'] | undefined;
  choices: Choices['choices'];
}

export type CardStep = StepName | 'beside';

/** The steps of the plan that tell when a step of the dish begins: the first of these that it has. */
const BEGINS: Record<StepName, readonly Kind[]> = {
  base: ['pan-on', 'base'],
  rice: ['toast', 'boil-up', 'rice-in'],
  wine: ['wine'],
  stock: ['pour'],
  crust: ['crust'],
  finish: ['off'],
  table: ['serve'],
};

/** The fields of a dish by the step in which they stand. */
const FIELDS: Record<StepName, readonly (keyof Body)[]> = {
  base: ['fat'],
  rice: ['sealed', 'toast', 'soak_min', 'rinsed', 'rained_in'],
  wine: ['wine_ml_per_80_g', 'wine_percent', 'wine_cooked_off'],
  stock: ['doses', 'two_pours', 'stirring', 'pace', 'cover'],
  crust: ['crust', 'crust_school'],
  finish: [
    'butter_g_per_80_g',
    'butter_c',
    'butter_salted',
    'cheese_g_per_80_g',
    'cream_g_per_80_g',
    'marrow_g_per_80_g',
    'finish_min',
    'finish_on_the_heat',
    'finish',
  ],
  table: ['rest_min', 'rest_covered', 'plated', 'minutes_to_table', 'looseness', 'sodium_most_mg', 'garnish'],
};

/** A dish as its cook's card: its steps in order, each with the school it is done by, each opened in place. */
export function Steps({
  family,
  worked,
  open,
  onOpen,
}: {
  family: Kitchen['families'][number];
  worked: Worked | undefined;
  open: ReadonlySet<CardStep>;
  onOpen: (open: ReadonlySet<CardStep>) => void;
}) {
  const dish = useWatch<{ dish: Body }, 'dish'>({ name: 'dish' });
  const toggle = (step: CardStep) => onOpen(open.symmetricDifference(new Set([step])));
  const pan = family.dries_out;
  const names: StepName[] = [
    'base',
    'rice',
    'wine',
    'stock',
    ...(pan ? (['crust'] as const) : []),
    ...(family.in_stages ? (['finish'] as const) : []),
    'table',
  ];
  const minute = (step: StepName): string => {
    const stage = worked?.stages?.find(({ kind }) => BEGINS[step].includes(kind));
    return stage ? minuteOf(stage.at_min) : '';
  };
  const goesIn = (step: StepName) =>
    dish.ingredients.flatMap((one, row) => (stepOf(one.goes) === step ? [{ one, row }] : []));
  const parts: Record<StepName, { verb: string; body: ReactNode }> = {
    base: { verb: t('dish.steps.base'), body: <BaseFields /> },
    rice: { verb: t('dish.steps.rice'), body: <RiceFields family={family} /> },
    wine: { verb: t('stove.steps.wine'), body: <WineFields /> },
    stock: { verb: t('dish.steps.stock'), body: <StockFields family={family} /> },
    crust: { verb: t('common.crust'), body: <CrustFields /> },
    finish: { verb: t('stove.steps.finish'), body: <FinishFields butter={dish.butter_c ?? 4} /> },
    table: { verb: t('dish.steps.table'), body: <TableFields family={family} looseness={dish.looseness} /> },
  };
  return (
    <section aria-label={t('dish.steps.step-by-step')}>
      {worked?.stages && (
        <p className="text-base text-ink-soft">{t('dish.steps.minutes-of-six-mains-as-saved')}</p>
      )}
      <ol className="border-t-4 border-ink">
        {names.map((step) => (
          <Step
            key={step}
            minute={minute(step)}
            verb={parts[step].verb}
            says={<Says step={step} dish={dish} family={family} />}
            open={open.has(step)}
            onToggle={() => toggle(step)}
            fields={[
              ...FIELDS[step].map((field) => `dish.${field}`),
              ...goesIn(step).map(({ row }) => `dish.ingredients.${row}`),
            ]}
            choices={(worked?.choices ?? []).filter(({ code }) => SCHOOLS[code].step === step)}
          >
            {parts[step].body}
          </Step>
        ))}
        <Step
          minute=""
          verb={t('dish.steps.beside')}
          says={
            <span className="text-ink-soft">
              {dish.side_work.length === 0
                ? t('dish.steps.none')
                : dish.side_work
                    .map((one) => t('dish.steps.work-min', { what: one.what, min: one.takes_min }))
                    .join(', ')}
            </span>
          }
          open={open.has('beside')}
          onToggle={() => toggle('beside')}
          fields={['dish.side_work']}
          choices={[]}
        >
          <SideWork />
        </Step>
      </ol>
    </section>
  );
}

const SECONDS = 60;

/** Minute and second of the cook; before the first liquid below nothing. */
function minuteOf(min: number): string {
  const seconds = Math.round(Math.abs(min) * SECONDS);
  const sign = min < 0 && seconds > 0 ? '−' : '';
  return `${sign}${Math.floor(seconds / SECONDS)}:${String(seconds % SECONDS).padStart(2, '0')}`;
}

/** What a step does, as the form has it. */
function Says({ step, dish, family }: { step: StepName; dish: Body; family: Kitchen['families'][number] }) {
  const amount = useAmount();
  const { volume, weight } = useMeasure();
  const pan = family.dries_out;
  const wine = dish.wine_ml_per_80_g;
  const finish = (
    [
      [
        dish.butter_g_per_80_g,
        labelOf(coldOf(dish.butter_c ?? 4), String(dish.butter_c ?? 4)) + ' ' + t('dish.steps.butter'),
      ],
      [dish.cheese_g_per_80_g, t('dish.steps.cheese')],
      [dish.cream_g_per_80_g ?? 0, t('dish.steps.cream')],
      [dish.marrow_g_per_80_g ?? 0, t('dish.steps.marrow')],
    ] as const
  ).flatMap(([grams, what]) => (grams > 0 ? [`${weight(grams)} ${what}`] : []));
  const ways: Record<StepName, readonly (string | false | undefined)[]> = {
    base: [t('dish.steps.in-fat', { fat: wordOf('fat', dish.fat ?? 'oil') })],
    rice: [
      dish.soak_min > 0 && t('dish.steps.soaked-min', { min: dish.soak_min }),
      dish.rinsed && t('dish.dishForm.washed'),
      dish.rained_in
        ? t('dish.dishForm.rained-in')
        : dish.sealed
          ? t('dish.steps.toasted', { way: labelOf(TOAST, dish.toast) })
          : t('dish.steps.not-toasted'),
    ],
    wine: [
      wine > 0 ? t('dish.steps.wine-for', { wine: volume(wine), rice: weight(80) }) : t('dish.steps.none'),
      wine > 0 && t('dish.steps.percent', { percent: trimmed(dish.wine_percent ?? 12.5, 1) }),
      wine > 0 && dish.wine_cooked_off && t('dish.dishForm.wine-boiled-off-apart'),
    ],
    stock: [
      family.in_stages
        ? wordOf('doses', dish.doses)
        : dish.two_pours
          ? t('dish.dishForm.two-pours')
          : t('dish.steps.all-at-once'),
      dish.stirring === 'never'
        ? t('dish.steps.never-stirred')
        : t('dish.steps.stirred', { how: labelOf(STIRRING, dish.stirring) }),
      !pan && wordOf('pace', dish.pace ?? 'medium'),
      (dish.cover ?? 'open') !== 'open' && wordOf('cover', dish.cover ?? 'open'),
    ],
    crust: [labelOf(CRUST, dish.crust), dish.crust !== 'none' && labelOf(CRUST_SCHOOL, dish.crust_school)],
    finish: [
      finish.length > 0 ? finish.join(', ') : t('dish.steps.none'),
      dish.finish_on_the_heat && t('dish.dishForm.finished-on-the-heat'),
    ],
    table: [
      dish.rest_min > 0 && t('dish.steps.rests-min', { min: dish.rest_min }),
      (dish.plated ?? !pan) ? t('dish.steps.on-plates') : t('dish.steps.in-its-pan'),
      t('dish.steps.eaten-after-min', { min: dish.minutes_to_table }),
    ],
  };
  const things = dish.ingredients.filter((one) => stepOf(one.goes) === step && one.name !== '');
  return (
    <>
      <span className="font-semibold">
        {ways[step].filter((word) => word !== false && word !== undefined).join(' · ')}
      </span>
      {things.length > 0 && (
        <span className="block text-ink-soft">
          {things
            .map((one) =>
              `${one.name} ${typeof one.amount === 'number' ? amount(one.amount, one.unit) : ''}`.trim(),
            )
            .join(', ')}
        </span>
      )}
    </>
  );
}

const ROW = 'grid grid-cols-3 items-end gap-3 max-md:grid-cols-2';

function BaseFields() {
  return (
    <>
      <div className={ROW}>
        <Pick name="dish.fat" label={t('dish.dishForm.base-and-toasting-in')} options={FAT} />
      </div>
      <Ingredients step="base" goes="base" />
    </>
  );
}

function RiceFields({ family }: { family: Kitchen['families'][number] }) {
  return (
    <>
      <div className={ROW}>
        <Pick name="dish.toast" label={t('dish.dishForm.toasted')} options={TOAST} />
        {!family.in_stages && (
          <Field
            name="dish.soak_min"
            label={t('dish.dishForm.soaked')}
            unit={t('common.min')}
            kind="number"
          />
        )}
      </div>
      <div className="flex flex-wrap gap-x-6">
        <Tick name="dish.sealed" label={t('dish.dishForm.toasted-in-fat')} />
        {!family.in_stages && <Tick name="dish.rinsed" label={t('dish.dishForm.washed')} />}
        {!family.in_stages && <Tick name="dish.rained_in" label={t('dish.dishForm.rained-in')} />}
      </div>
      <Ingredients step="rice" goes="with-the-rice" />
    </>
  );
}

function WineFields() {
  const { weight } = useMeasure();
  return (
    <>
      <div className={ROW}>
        <Amount
          name="dish.wine_ml_per_80_g"
          label={t('dish.dishForm.wine-for-weight', { weight: weight(80) })}
          of="volume"
        />
        <Field name="dish.wine_percent" label={t('dish.dishForm.wine-strength')} unit="%" kind="number" />
      </div>
      <Tick name="dish.wine_cooked_off" label={t('dish.dishForm.wine-boiled-off-apart')} />
    </>
  );
}

function StockFields({ family }: { family: Kitchen['families'][number] }) {
  const pan = family.dries_out;
  return (
    <>
      <div className={ROW}>
        {family.in_stages && (
          <Pick name="dish.doses" label={t('dish.dishForm.stock-goes-in')} options={DOSES} />
        )}
        <Pick name="dish.stirring" label={t('dish.dishForm.stirred')} options={STIRRING} />
        {!pan && <Pick name="dish.pace" label={t('dish.dishForm.boiled')} options={PACE} />}
        {!family.in_stages && (
          <Pick
            name="dish.cover"
            label={t('dish.dishForm.lid-or-foil')}
            options={pan ? COVER : COVER_A_STEW}
          />
        )}
      </div>
      {!family.in_stages && !pan && <Tick name="dish.two_pours" label={t('dish.dishForm.two-pours')} />}
      <Ingredients step="stock" goes="last-two-minutes" />
    </>
  );
}

function CrustFields() {
  return (
    <div className={ROW}>
      <Pick name="dish.crust" label={t('common.crust')} options={CRUST} />
      <Pick name="dish.crust_school" label={t('dish.dishForm.made')} options={CRUST_SCHOOL} />
    </div>
  );
}

function FinishFields({ butter }: { butter: number }) {
  const { weight } = useMeasure();
  const to80 = { weight: weight(80) };
  return (
    <>
      <div className={ROW}>
        <Field
          name="dish.butter_g_per_80_g"
          label={t('dish.dishForm.butter-for-weight', to80)}
          unit="g"
          kind="number"
        />
        <Pick
          numeric
          name="dish.butter_c"
          label={t('dish.dishForm.butter-goes-in')}
          options={coldOf(butter)}
        />
        <Field
          name="dish.cheese_g_per_80_g"
          label={t('dish.dishForm.cheese-for-weight', to80)}
          unit="g"
          kind="number"
        />
        <Field
          name="dish.cream_g_per_80_g"
          label={t('dish.dishForm.cream-for-weight', to80)}
          unit="g"
          kind="number"
        />
        <Field
          name="dish.marrow_g_per_80_g"
          label={t('dish.dishForm.marrow-for-weight', to80)}
          unit="g"
          kind="number"
        />
        <Field
          name="dish.finish_min"
          label={t('dish.dishForm.beaten-in')}
          unit={t('common.min')}
          kind="number"
        />
      </div>
      <div className="flex flex-wrap gap-x-6">
        <Tick name="dish.butter_salted" label={t('dish.dishForm.salted-butter')} />
        <Tick name="dish.finish_on_the_heat" label={t('dish.dishForm.finished-on-the-heat')} />
      </div>
      <Field name="dish.finish" label={t('dish.dishForm.finish-in-words')} maxLength={240} />
    </>
  );
}

function TableFields({ family, looseness }: { family: Kitchen['families'][number]; looseness: number }) {
  const pan = family.dries_out;
  const words = family.plates.map(
    (plate) => [String(plate.looseness), wordOf('looseness', plate.word)] as const,
  );
  const plates = words.some(([value]) => Number(value) === looseness)
    ? words.map(([value, word]) => [Number(value) === looseness ? String(looseness) : value, word] as const)
    : [[String(looseness), t('dish.dishForm.looseness-g-of-sauce-a-gram', { looseness })] as const, ...words];
  return (
    <>
      <div className={ROW}>
        {!pan && (
          <Pick numeric name="dish.looseness" label={t('dish.dishForm.at-the-table-it')} options={plates} />
        )}
        <Field name="dish.rest_min" label={t('dish.dishForm.rest')} unit={t('common.min')} kind="number" />
        <Field
          name="dish.minutes_to_table"
          label={t('dish.dishForm.pass-to-table')}
          unit={t('common.min')}
          kind="number"
        />
        <Field
          name="dish.sodium_most_mg"
          label={t('dish.dishForm.sodium-at-most')}
          unit="mg"
          kind="number"
          hint={t('dish.dishForm.a-cover-the-dietitian-sets-it')}
        />
      </div>
      <div className="flex flex-wrap gap-x-6">
        <Tick name="dish.rest_covered" label={t('dish.dishForm.rests-under-a-cloth')} />
        {pan && <Tick name="dish.plated" label={t('dish.dishForm.on-plates')} />}
      </div>
      <Ingredients step="table" goes="on-top" />
      <Field name="dish.garnish" label={t('dish.dishForm.garnish')} maxLength={240} />
    </>
  );
}
