import { useAmount } from '../amount';
import type { Kitchen } from '../contracts.generated';
import { useMeasure } from '../cook';
import { trimmed } from '../measure';
import { t, wordOf } from '../words/messages';
import type { Body } from './newDish';
import { coldOf, CRUST, CRUST_SCHOOL, labelOf, STIRRING, TOAST } from './options';
import { isCookedFirst, stepOf, type StepName } from './schools';

/** What a step does, as the form has it. */
export function Says({
  step,
  dish,
  family,
}: {
  step: StepName;
  dish: Body;
  family: Kitchen['families'][number];
}) {
  const amount = useAmount();
  const { volume, weight, heat } = useMeasure();
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
      [dish.oil_g_per_80_g ?? 0, t('dish.steps.oil')],
    ] as const
  ).flatMap(([grams, what]) => (grams > 0 ? [`${weight(grams)} ${what}`] : []));
  const ways: Record<StepName, readonly (string | false | undefined)[]> = {
    base: [t('dish.steps.in-fat', { fat: wordOf('fat', dish.fat ?? 'oil') })],
    rice: [
      dish.soak_min > 0 && t('dish.steps.soaked-min', { min: dish.soak_min }),
      dish.rinsed && t('dish.dishForm.washed'),
      dish.rained_in
        ? dish.base_apart
          ? t('dish.dishForm.base-goes-to-the-stock')
          : t('dish.dishForm.rained-in')
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
      typeof dish.part_cooked_share === 'number' &&
        t('dish.steps.part-cooked', { percent: Math.round(100 * dish.part_cooked_share) }),
    ],
    crust: [
      typeof dish.oven_c === 'number' && t('dish.steps.in-the-oven-at', { heat: heat(dish.oven_c) }),
      labelOf(CRUST, dish.crust),
      dish.crust !== 'none' && labelOf(CRUST_SCHOOL, dish.crust_school),
    ],
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
  const named = dish.ingredients.filter((one) => one.name !== '');
  const things = named.filter((one) => stepOf(one.goes) === step);
  // What is browned in the base and comes out again belongs to both of its steps.
  const first = step === 'base' ? named.filter((one) => one.goes !== 'base' && isCookedFirst(one)) : [];
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
      {first.length > 0 && (
        <span className="block text-ink-soft">
          {t('dish.steps.cooked-first-and-out', { things: first.map((one) => one.name).join(', ') })}
        </span>
      )}
    </>
  );
}
