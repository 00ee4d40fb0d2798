import { CircleQuestionMark } from 'lucide-react';
import { Remove } from '../kitchen/rows';
import { Select } from '../parts/Select';
import { GOES, UNITS } from '../dish/Ingredient';
import { t } from '../words/messages';
import { useMeasure } from '../cook';
import { asks, typedAs, type Line } from './lines';

const ROLES = [
  ['rice', t('recipe.rice')],
  ['stock', t('recipe.stock')],
  ['wine', t('recipe.wine')],
  ['fat', t('recipe.fat')],
  ['base', t('recipe.in-the-base')],
  ['add', t('recipe.goes-in-later')],
  ['finish', t('recipe.beaten-in-at-the-end')],
  ['on-top', t('recipe.on-top')],
  ['salt', t('recipe.salt')],
  ['unknown', t('recipe.what-is-it')],
] as const;

/** What goes in later, when. */
const LATER = GOES.filter(([goes]) => goes !== 'base' && goes !== 'on-top');

const INPUT =
  'h-12 w-full min-w-0 rounded-lg border-2 border-ink-soft bg-field px-2 text-lg aria-invalid:border-tomato';

/** One line of a recipe: as it stands there, and what it was understood as, to be corrected in place. */
export function LineRow({
  line,
  row,
  onChange,
  onRemove,
}: {
  line: Line;
  row: number;
  onChange: (change: Partial<Line>) => void;
  onRemove: () => void;
}) {
  const measure = useMeasure();
  const units = UNITS.map(([unit, word]) => [unit, typedAs(unit, measure)?.unit ?? word] as const);
  const open = asks(line);
  const named = (field: string) => t('recipe.field-of-line', { field, line: row + 1 });
  return (
    <li data-asks={open} className="border-t border-rule py-2 data-[asks=true]:bg-saffron/20">
      <p className="flex items-center gap-2 px-1 text-base text-ink-soft">
        {open && <CircleQuestionMark aria-hidden="true" className="size-5 shrink-0 text-tomato" />}
        <q className="min-w-0 break-words">{line.said}</q>
      </p>
      <div className="mt-1 grid grid-cols-[minmax(0,1.3fr)_minmax(0,1.6fr)_5.5rem_7rem_auto] items-center gap-2 max-md:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto]">
        <div className="max-md:col-span-2">
          <Select
            label={named(t('recipe.what-it-is'))}
            value={line.role}
            options={ROLES}
            fault={line.role === 'unknown'}
            onChange={(role) => onChange({ role: role as Line['role'] })}
          />
        </div>
        <input
          aria-label={named(t('dish.dishForm.ingredient'))}
          value={line.food}
          maxLength={80}
          onChange={(event) => onChange({ food: event.target.value })}
          className={`${INPUT} max-md:col-span-full`}
        />
        <input
          aria-label={named(t('dish.dishForm.amount'))}
          aria-invalid={open && line.role !== 'unknown'}
          inputMode="decimal"
          placeholder={line.to_taste ? t('recipe.to-taste') : ''}
          value={line.amount}
          onChange={(event) => onChange({ amount: event.target.value })}
          className={`${INPUT} text-right`}
        />
        <div className="max-md:col-span-2">
          <Select
            label={named(t('common.in'))}
            value={line.unit}
            options={units}
            onChange={(unit) => onChange({ unit: unit as Line['unit'] })}
          />
        </div>
        <div className="max-md:col-start-3 max-md:row-start-1">
          <Remove label={t('recipe.leave-line-out', { line: row + 1 })} onPress={onRemove} />
        </div>
        {line.role === 'add' && (
          <div className="col-span-full grid grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)_minmax(0,2fr)] gap-2 max-md:grid-cols-2">
            <Select
              label={named(t('dish.dishForm.it-goes-in'))}
              value={line.goes ?? 'last-two-minutes'}
              options={LATER}
              onChange={(goes) => onChange({ goes: goes as Line['goes'] })}
            />
            {line.goes === 'at-minute' && (
              <input
                aria-label={named(t('dish.dishForm.minute'))}
                inputMode="decimal"
                placeholder={t('dish.dishForm.minute')}
                defaultValue={line.minute ?? ''}
                onChange={(event) => {
                  const minute = Number(event.target.value.replace(',', '.'));
                  onChange({
                    minute: event.target.value.trim() === '' || Number.isNaN(minute) ? null : minute,
                  });
                }}
                className={INPUT}
              />
            )}
          </div>
        )}
      </div>
    </li>
  );
}
