import { useFormContext } from 'react-hook-form';
import type { DishPage } from '../contracts.generated';
import { useCook } from '../cook';
import { clock } from '../time';
import type { Body } from './newDish';
import { Differences } from './Differences';
import { t } from '../words/messages';

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
    <section
      role="alert"
      aria-label={t('dish.meanwhile.meanwhile')}
      className="rounded-lg border-2 border-tomato p-4 text-lg"
    >
      <p>
        <b>
          {t('dish.meanwhile.by-saved-version-number-at-version', {
            by: version?.by,
            number: version?.number,
            version: version && clock(version.at, timezone),
          })}
        </b>
        {t('dish.meanwhile.while-this-form-was-open-nothing')}
      </p>
      <Differences from={getValues('dish')} to={theirs.dish} />
      <div className="mt-3 flex flex-wrap gap-3">
        <button onClick={onMine} className="min-h-14 rounded-lg bg-ink px-6 font-semibold text-paper">
          {t('dish.meanwhile.save-mine-over-it')}
        </button>
        <button
          type="button"
          onClick={onTheirs}
          className="min-h-14 rounded-lg border-2 border-ink px-6 font-semibold"
        >
          {t('dish.meanwhile.take-theirs')}
        </button>
      </div>
      <p className="mt-2 text-base text-ink-soft">
        {t('dish.meanwhile.theirs-stays-among-the-versions-either')}
      </p>
    </section>
  );
}
