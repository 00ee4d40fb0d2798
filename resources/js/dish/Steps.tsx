import type { ReactNode } from 'react';
import { useWatch } from 'react-hook-form';
import type { Ask, Choices, Kitchen, Plan } from '../contracts.generated';
import type { Kind } from '../stages';
import { t } from '../words/messages';
import type { Body } from './newDish';
import { Says } from './Says';
import { SideWork } from './SideWork';
import { SCHOOLS, stepOf, type StepName } from './schools';
import { Step } from './Step';
import {
  BaseFields,
  CrustFields,
  FinishFields,
  RiceFields,
  StockFields,
  TableFields,
  WineFields,
} from './StepFields';

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
  rice: ['sealed', 'toast', 'soak_min', 'rinsed', 'rained_in', 'base_apart'],
  wine: ['wine_ml_per_80_g', 'wine_percent', 'wine_cooked_off'],
  stock: ['doses', 'two_pours', 'stirring', 'pace', 'cover', 'part_cooked_share', 'part_cooked_mm'],
  crust: ['crust', 'crust_school', 'oven_c'],
  finish: [
    'butter_g_per_80_g',
    'butter_c',
    'butter_salted',
    'cheese_g_per_80_g',
    'cream_g_per_80_g',
    'marrow_g_per_80_g',
    'oil_g_per_80_g',
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
