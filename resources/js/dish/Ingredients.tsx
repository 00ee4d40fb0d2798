import { createContext, useContext, useState, type ReactNode } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import type { Ask } from '../contracts.generated';
import { Another } from '../kitchen/rows';
import { t } from '../words/messages';
import { withoutNothing } from './FoodNumbers';
import { Ingredient } from './Ingredient';
import type { Body } from './newDish';
import { stepOf, type StepName } from './schools';

type One = Body['ingredients'][number];

/** Without the numbers that nobody typed: those it is known by. */
export function withItsNumbers(one: One): One {
  const said = withoutNothing(one.food ?? {});
  return { ...one, food: Object.keys(said).length > 0 ? said : null };
}

interface Rows {
  /** The form's keys of its ingredients, in the order of the dish. */
  keys: string[];
  append: (goes: One['goes']) => void;
  remove: (row: number) => void;
  /** The keys of those that are open. */
  open: ReadonlySet<string>;
  toggle: (key: string) => void;
  /** One goes in at another step from now on: it stays open, in a step that is open. */
  move: (key: string, goes: One['goes']) => void;
  /** Six mains of the dish as it was saved; nothing of a new one. */
  ask: Ask | undefined;
}

const RowsContext = createContext<Rows | null>(null);

/** All the ingredients of a dish, each of which stands in the step at which it goes in. */
export function IngredientRows({
  ask,
  onMove,
  children,
}: {
  ask: Ask | undefined;
  /** Told the step in which an ingredient stands from now on. */
  onMove: (step: StepName) => void;
  children: ReactNode;
}) {
  const { control } = useFormContext<{ dish: Body }>();
  const rows = useFieldArray({ control, name: 'dish.ingredients' });
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const toggle = (key: string) => setOpen((were) => were.symmetricDifference(new Set([key])));
  return (
    <RowsContext
      value={{
        keys: rows.fields.map((field) => field.id),
        append: (goes) =>
          rows.append({
            name: '',
            amount: 20,
            unit: 'g',
            per: 'main',
            goes,
            minute: goes === 'at-minute' ? 9 : null,
            before_min: null,
            until: null,
            comes_out: false,
            temperature_c: null,
            food: null,
            suits: null,
            allergens: null,
          }),
        remove: (row) => rows.remove(row),
        open,
        toggle,
        move: (key, goes) => {
          setOpen((were) => were.union(new Set([key])));
          onMove(stepOf(goes));
        },
        ask,
      }}
    >
      {children}
    </RowsContext>
  );
}

/** Those that go in at one step. */
export function Ingredients({ step, goes }: { step: StepName; goes: One['goes'] }) {
  const rows = useContext(RowsContext);
  const all = useWatch<{ dish: Body }, 'dish.ingredients'>({ name: 'dish.ingredients' });
  if (rows === null) {
    return null;
  }
  return (
    <div>
      <ol className="grid gap-2">
        {rows.keys.map((key, row) =>
          all[row] && stepOf(all[row].goes) === step ? (
            <Ingredient
              key={key}
              row={row}
              open={rows.open.has(key)}
              onToggle={() => rows.toggle(key)}
              onMove={(to) => rows.move(key, to)}
              onRemove={() => rows.remove(row)}
              ask={rows.ask}
            />
          ) : null,
        )}
      </ol>
      <Another onPress={() => rows.append(goes)}>{t('dish.dishForm.another-ingredient')}</Another>
    </div>
  );
}
