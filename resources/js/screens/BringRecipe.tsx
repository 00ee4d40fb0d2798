import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, Refusal } from '../api';
import type { DishPage, Imported } from '../contracts.generated';
import { FAMILIES } from '../kitchen/words';
import { BringIn } from '../parts/BringIn';
import { placeOf } from '../parts/faults';
import { Select } from '../parts/Select';
import { Title } from '../parts/Title';
import { useTyped } from '../parts/Unsaved';
import { kitchenChanged, queries } from '../queries';
import { LineRow } from '../recipe/LineRow';
import { useMeasure } from '../cook';
import { asks, draftOf, entryOf, isCovers, type Draft, type Line } from '../recipe/lines';
import { FAMILY } from '../words.generated';
import { list, t } from '../words/messages';

/** Takes away what was made for a recipe, but for what another dish has taken up since: that is refused, and stays. */
async function withoutMade(made: Imported['made_at']): Promise<void> {
  for (const { address, id } of made) {
    await api.retireThing(address, id).catch((error: unknown) => {
      if (!(error instanceof Refusal)) {
        throw error;
      }
    });
  }
}

/** A recipe from elsewhere: its source on the left, what was understood on the right, kept once it is right. */
export function BringRecipe() {
  const client = useQueryClient();
  const measure = useMeasure();
  const [text, setText] = useState('');
  const [drafts, setDrafts] = useState<Draft[]>([]);
  const [at, setAt] = useState(0);
  const [kept, setKept] = useState<Imported | null>(null);
  // The dish as it was, where the recipe became its next version.
  const [before, setBefore] = useState<DishPage | null>(null);
  useTyped(text !== '' && kept === null);
  const read = useMutation({
    mutationFn: (source: string) => api.readRecipe(source),
    onSuccess: ({ recipes }) => {
      setDrafts(recipes.map((recipe) => draftOf(recipe, measure)));
      setAt(0);
      setKept(null);
    },
  });
  const keep = useMutation({
    mutationFn: async ({ draft, replaces }: { draft: Draft; replaces: number | null }) => {
      const entry = entryOf(draft, replaces, measure);
      if (entry === null) {
        throw new Error(t('recipe.not-decided-yet'));
      }
      setBefore(replaces === null ? null : await api.dish(replaces));
      return api.keepRecipe(entry);
    },
    onSuccess: (answer) => {
      setKept(answer);
      kitchenChanged(client);
    },
  });
  const back = useMutation({
    mutationFn: async ({ id, made_at }: Imported) => {
      if (before === null) {
        await api.retireDish(id);
        await withoutMade(made_at);
        return;
      }
      // What the dish was is its newest version again; the one from the recipe stays among them.
      const { rice_id, stock_id, dish } = before;
      const newest = (await api.dish(id)).versions[0]?.number ?? 0;
      await api.keepDish(id, { format: 'velko.dish-entry/1', rice_id, stock_id, dish }, newest);
      await withoutMade(made_at);
    },
    onSuccess: (_, { id }) => {
      setKept(null);
      kitchenChanged(client);
      void client.invalidateQueries({ queryKey: queries.dish(id).queryKey });
    },
  });
  const draft = drafts[at];
  const change = (next: Partial<Draft>) =>
    setDrafts((all) => all.map((one, place) => (place === at ? { ...one, ...next } : one)));
  return (
    <main className="flex-1 px-5 py-3 max-md:px-3">
      <Title>{t('recipe.bring-a-recipe')}</Title>
      <h1 className="text-3xl font-bold">{t('recipe.bring-a-recipe')}</h1>
      <div className="mt-2 grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)] items-start gap-6 max-lg:grid-cols-1">
        <section aria-label={t('recipe.source')}>
          <p className="text-lg text-ink-soft">{t('recipe.paste-it-here')}</p>
          <textarea
            value={text}
            rows={draft ? 12 : 18}
            aria-label={t('recipe.the-source')}
            onChange={(event) => setText(event.target.value)}
            className="mt-2 w-full rounded-lg border-2 border-ink-soft bg-field p-3 text-lg leading-snug"
          />
          <div className="mt-2 flex flex-wrap gap-3">
            <button
              disabled={read.isPending || text.trim() === ''}
              onClick={() => read.mutate(text)}
              className="min-h-14 rounded-lg bg-ink px-6 text-lg font-semibold text-paper disabled:opacity-50"
            >
              {t('recipe.read-it')}
            </button>
            <BringIn
              words={t('night.from-a-file')}
              accept=".json,.jsonld,.html,.htm,.txt,.csv,application/ld+json,application/json,text/html,text/plain,text/csv"
              bring={(file) => {
                setText(file);
                return api.readRecipe(file);
              }}
              onBrought={({ recipes }) => {
                setDrafts(recipes.map((recipe) => draftOf(recipe, measure)));
                setAt(0);
                setKept(null);
              }}
            />
          </div>
          <Refused error={read.error} />
          {draft && draft.instructions.length > 0 && (
            <section aria-label={t('recipe.its-own-words')} className="mt-4">
              <h2 className="text-xl font-bold">{t('recipe.its-own-words')}</h2>
              <ol className="list-decimal pl-6 text-lg leading-snug">
                {draft.instructions.map((step, place) => (
                  <li key={place}>{step}</li>
                ))}
              </ol>
            </section>
          )}
        </section>
        {kept ? (
          <Kept
            kept={kept}
            onBack={() => back.mutate(kept)}
            busy={back.isPending}
            replaced={before !== null}
          />
        ) : draft ? (
          <section aria-label={t('recipe.understood')}>
            {drafts.length > 1 && (
              <Select
                label={t('recipe.which-of-them')}
                value={String(at)}
                options={drafts.map((one, place) => [String(place), one.name] as const)}
                onChange={(place) => setAt(Number(place))}
              />
            )}
            <Preview
              draft={draft}
              onChange={change}
              busy={keep.isPending}
              error={keep.error}
              onKeep={(replaces) => keep.mutate({ draft, replaces })}
            />
          </section>
        ) : (
          <p className="max-w-prose text-xl leading-snug text-ink-soft">{t('recipe.what-happens')}</p>
        )}
      </div>
    </main>
  );
}

/** What was understood, to be corrected in place. */
function Preview({
  draft,
  onChange,
  busy,
  error,
  onKeep,
}: {
  draft: Draft;
  onChange: (next: Partial<Draft>) => void;
  busy: boolean;
  error: Error | null;
  onKeep: (replaces: number | null) => void;
}) {
  const measure = useMeasure();
  const open = draft.lines.filter(asks).length;
  const ready = entryOf(draft, null, measure) !== null;
  const line = (row: number, next: Partial<Line>) =>
    onChange({ lines: draft.lines.map((one, at) => (at === row ? { ...one, ...next } : one)) });
  return (
    <>
      <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)_6rem] gap-3 max-md:grid-cols-1">
        <label className="text-base text-ink-soft">
          {t('common.dish')}
          <input
            value={draft.name}
            maxLength={120}
            aria-invalid={draft.name.trim() === ''}
            onChange={(event) => onChange({ name: event.target.value, sameName: null })}
            className="block h-14 w-full rounded-lg border-2 border-ink-soft bg-field px-3 text-xl font-semibold text-ink aria-invalid:border-tomato"
          />
        </label>
        <div className="text-base">
          <span aria-hidden="true" className="text-ink-soft">
            {t('recipe.family')}
          </span>
          <Select
            tall
            label={t('recipe.family')}
            value={draft.family}
            fault={draft.family === ''}
            options={[
              ...(draft.family === '' ? [['', t('recipe.which-family')] as const] : []),
              ...FAMILY.map((one) => [one, FAMILIES[one] ?? one] as const),
            ]}
            onChange={(family) => onChange({ family: family as Draft['family'] })}
          />
        </div>
        <label className="text-base text-ink-soft">
          {t('recipe.for-so-many')}
          <input
            value={draft.covers}
            inputMode="numeric"
            aria-invalid={!isCovers(draft.covers)}
            onChange={(event) => onChange({ covers: event.target.value.trim() })}
            className="block h-14 w-full rounded-lg border-2 border-ink-soft bg-field px-3 text-center text-2xl font-bold text-ink aria-invalid:border-tomato"
          />
        </label>
      </div>
      <p role="status" className="mt-2 text-lg font-semibold">
        {open > 0
          ? t('recipe.lines-to-decide', { open, lines: draft.lines.length })
          : t('recipe.every-line-is-read', { lines: draft.lines.length })}{' '}
        {draft.family === '' && `${t('recipe.say-which-family')} `}
        {!isCovers(draft.covers) && t('recipe.say-for-how-many')}
      </p>
      <ol>
        {draft.lines.map((one, row) => (
          <LineRow
            key={`${row} ${one.said}`}
            line={one}
            row={row}
            onChange={(next) => line(row, next)}
            onRemove={() => onChange({ lines: draft.lines.filter((_, place) => place !== row) })}
          />
        ))}
      </ol>
      <p className="mt-3 text-lg text-ink-soft">{t('recipe.stock-is-worked-out')}</p>
      <Refused error={error} />
      {draft.sameName !== null && (
        <p className="mt-3 text-lg font-semibold">
          {t('recipe.there-is-one-of-that-name', { name: draft.name })}
        </p>
      )}
      <div className="mt-3 flex flex-wrap gap-3">
        {draft.sameName !== null && (
          <button
            disabled={busy || !ready}
            onClick={() => onKeep(draft.sameName)}
            className="min-h-14 rounded-lg border-2 border-ink px-6 text-lg font-semibold disabled:opacity-50"
          >
            {t('recipe.as-its-next-version')}
          </button>
        )}
        <button
          disabled={busy || !ready || draft.sameName !== null}
          onClick={() => onKeep(null)}
          className="min-h-14 rounded-lg bg-ink px-6 text-xl font-semibold text-paper disabled:opacity-50"
        >
          {t('recipe.keep-the-dish')}
        </button>
        {draft.sameName !== null && (
          <button
            onClick={() =>
              onChange({ name: t('recipe.another-of-that-name', { name: draft.name }), sameName: null })
            }
            className="min-h-14 rounded-lg border-2 border-ink px-6 text-lg font-semibold"
          >
            {t('recipe.keep-both')}
          </button>
        )}
        <Link
          to="/dishes"
          className="grid min-h-14 place-content-center rounded-lg border-2 border-ink-soft px-6 text-lg"
        >
          {t('recipe.leave-it')}
        </Link>
      </div>
    </>
  );
}

function Kept({
  kept,
  replaced,
  busy,
  onBack,
}: {
  kept: Imported;
  replaced: boolean;
  busy: boolean;
  onBack: () => void;
}) {
  return (
    <section
      aria-label={t('recipe.kept')}
      role="status"
      className="rounded-lg border-2 border-herb p-4 text-xl"
    >
      <p>
        <Link to={`/dishes/${kept.id}`} className="font-bold underline underline-offset-4">
          {kept.name}
        </Link>{' '}
        {t('recipe.is-in-the-book', {
          made:
            kept.made.length > 0 && t('screens.dishes.with-join-made-for-it-look', { join: list(kept.made) }),
        })}
      </p>
      {replaced && <p className="mt-2 text-lg">{t('recipe.the-version-before-is-kept')}</p>}
      <button
        disabled={busy}
        onClick={onBack}
        className="mt-3 min-h-14 rounded-lg border-2 border-ink px-6 text-lg font-semibold disabled:opacity-50"
      >
        {t('recipe.take-it-back')}
      </button>
    </section>
  );
}

function Refused({ error }: { error: Error | null }) {
  if (error === null) {
    return null;
  }
  const faults = error instanceof Refusal ? (error.problem.errors ?? []) : [];
  return (
    <ul role="alert" className="mt-2 text-lg text-tomato">
      {faults.map((fault) => (
        <li key={`${fault.pointer} ${fault.detail}`}>
          {placeOf(fault.pointer)} {fault.detail}
        </li>
      ))}
      {faults.length === 0 && <li>{error.message}</li>}
    </ul>
  );
}
