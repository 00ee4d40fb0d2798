import { useFormContext } from 'react-hook-form';
import type { DishPage } from '../contracts.generated';
import { useCook } from '../cook';
import { clock } from '../time';
import type { Body } from './blank';
import { Differences } from './Differences';

/** Somebody saved the same dish meanwhile: theirs against what is on the form, and which of them it shall be. */
export function Meanwhile({
  theirs,
  onMine,
  onTheirs,
}: {
  theirs: DishPage;
  onMine: () => void;
  onTheirs: () => void;
}) {
  const { timezone } = useCook();
  const { getValues } = useFormContext<{ dish: Body }>();
  const version = theirs.versions[0];
  return (
    <section role="alert" aria-label="Meanwhile" className="rounded-lg border-2 border-tomato p-4 text-lg">
      <p>
        <b>
          {version?.by} saved version {version?.number} at {version && clock(version.at, timezone)}
        </b>
        , while this form was open. Nothing of yours is lost yet. In theirs:
      </p>
      <Differences from={getValues('dish')} to={theirs.dish} />
      <div className="mt-3 flex flex-wrap gap-3">
        <button onClick={onMine} className="min-h-14 rounded-lg bg-ink px-6 font-semibold text-paper">
          Save mine over it
        </button>
        <button
          type="button"
          onClick={onTheirs}
          className="min-h-14 rounded-lg border-2 border-ink px-6 font-semibold"
        >
          Take theirs
        </button>
      </div>
      <p className="mt-2 text-base text-ink-soft">Theirs stays among the versions either way.</p>
    </section>
  );
}
