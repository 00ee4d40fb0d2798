import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState, type ReactNode } from 'react';
import { useFormContext, useFormState, useWatch } from 'react-hook-form';
import { api, Refusal } from '../api';
import type { DishPage, Kitchen } from '../contracts.generated';
import { DIETS } from '../kitchen/words';
import { Entry } from '../parts/Entry';
import { Amount, Field, Pick } from '../parts/Field';
import { IngredientRows, withItsNumbers } from './Ingredients';
import { Meanwhile } from './Meanwhile';
import { familyOf, type Body } from './newDish';
import { Steps, type CardStep, type Worked } from './Steps';
import { kitchenChanged, queries } from '../queries';
import { readerLocale } from '../number';
import { t } from '../words/messages';

/** Raw rice a head, in grams or as it is said: "three quarters of a cup", by what a cup of this rice weighs. */
function RawRice({ name, label, kitchen }: { name: string; label: string; kitchen: Kitchen }) {
  const rice = useWatch<{ rice_id: string }, 'rice_id'>({ name: 'rice_id' });
  const rice_cup_g = kitchen.rices.find(({ id }) => String(id) === rice)?.grams_per_cup ?? null;
  const said = (text: string): Promise<number | null> =>
    api
      .amount({ text, name: 'rice', others: [], rice_cup_g, locale: readerLocale() })
      .then(({ amount }) => amount);
  return <Amount name={name} label={label} of="weight" unitWords={t('dish.dishForm.raw')} onSaid={said} />;
}

/** HTTP: the version that was changed is not the latest any more. */
const CHANGED_MEANWHILE = 412;

interface Values {
  rice_id: string;
  stock_id: string;
  dish: Body;
}

/** A dish as cooks think of it; what is typed is kept as a version each time. */
export function DishForm({
  kitchen,
  id,
  version,
  body,
  rice,
  stock,
  onKept,
  onTheirs = onKept,
  beside,
  worked,
  open,
  onOpen,
}: {
  kitchen: Kitchen;
  id?: number;
  /** The one that is laid on the form. */
  version: number;
  body: Body;
  rice: number | undefined;
  stock: number | undefined;
  onKept: (page: DishPage) => void;
  /** What somebody else saved meanwhile is taken in place of what is on the form. */
  onTheirs?: (page: DishPage) => void;
  beside?: ReactNode;
  /** Six mains of it as it was saved, and its schools. */
  worked?: Worked;
  /** The steps that stand open. */
  open: ReadonlySet<CardStep>;
  onOpen: (open: ReadonlySet<CardStep>) => void;
}) {
  const client = useQueryClient();
  // The version that what is typed was typed over. Somebody else's is known once it was shown.
  const known = useRef(version);
  const [theirs, setTheirs] = useState<DishPage | null>(null);
  const saveAs = async ({ rice_id, stock_id, dish }: Values) => {
    const entry = {
      format: 'velko.dish-entry/1',
      rice_id: Number(rice_id),
      stock_id: Number(stock_id),
      dish: { ...dish, ingredients: dish.ingredients.map(withItsNumbers) },
    };
    try {
      return await api.keepDish(id, entry, known.current);
    } catch (fault) {
      if (id !== undefined && fault instanceof Refusal && fault.problem.status === CHANGED_MEANWHILE) {
        setTheirs(await api.dish(id));
      }
      throw fault;
    }
  };
  return (
    <Entry<Values, DishPage>
      values={{ rice_id: String(rice ?? ''), stock_id: String(stock ?? ''), dish: body }}
      save={saveAs}
      onSaved={(page) => {
        setTheirs(null);
        kitchenChanged(client);
        client.setQueryData(queries.dish(page.id).queryKey, page);
        onKept(page);
      }}
      words={t('dish.dishForm.save-the-dish')}
      beside={beside}
    >
      <Field name="dish.name" label={t('common.dish')} maxLength={120} autoFocus={id === undefined} />
      <div className="grid grid-cols-[2fr_2fr_1fr_1fr_1.4fr] gap-3 max-md:grid-cols-2">
        <Pick
          name="rice_id"
          label={t('common.rice')}
          options={kitchen.rices.map((one) => [String(one.id), one.name] as const)}
        />
        <Pick
          name="stock_id"
          label={t('common.stock-4')}
          options={kitchen.stocks.map((one) => [String(one.id), one.name] as const)}
        />
        <RawRice name="dish.grams_main" label={t('dish.dishForm.a-main')} kitchen={kitchen} />
        <RawRice name="dish.grams_starter" label={t('dish.dishForm.a-starter')} kitchen={kitchen} />
        <Pick name="dish.diet" label={t('dish.dishForm.meant-for')} options={DIETS} />
      </div>
      <IngredientRows ask={worked?.ask} onMove={(step) => onOpen(open.union(new Set([step])))}>
        <Steps family={familyOf(kitchen, body.family)} worked={worked} open={open} onOpen={onOpen} />
      </IngredientRows>
      <Instructions />
      {theirs && (
        <Meanwhile
          theirs={theirs}
          onMine={() => {
            known.current = theirs.versions[0]?.number ?? 0;
          }}
          onTheirs={() => {
            client.setQueryData(queries.dish(theirs.id).queryKey, theirs);
            onTheirs(theirs);
          }}
        />
      )}
    </Entry>
  );
}

/** What the recipe that it came from says, in its own words. */
function Instructions() {
  const { register } = useFormContext<{ dish: Body }>();
  const { defaultValues } = useFormState<{ dish: Body }>();
  return (
    <details className="mt-2" open={(defaultValues?.dish?.instructions ?? '') !== ''}>
      <summary className="min-h-11 cursor-pointer content-center text-base font-semibold">
        {t('recipe.its-own-words')}
      </summary>
      <textarea
        {...register('dish.instructions')}
        aria-label={t('recipe.its-own-words')}
        rows={6}
        maxLength={8000}
        className="w-full rounded-lg border-2 border-ink-soft bg-field p-3 text-lg leading-snug"
      />
    </details>
  );
}
