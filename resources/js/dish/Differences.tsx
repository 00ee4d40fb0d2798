import type { Body } from './newDish';
import { t } from '../words/messages';

/** What is other in a version than in the one on the form. */
export function Differences({ from, to }: { from: Body; to: Body }) {
  const changed = (Object.keys(to) as (keyof Body)[]).filter(
    (field) => JSON.stringify(from[field]) !== JSON.stringify(to[field]),
  );
  return (
    <span className="block text-sm text-ink-soft">
      {changed.length === 0
        ? t('dish.differences.as-on-the-form')
        : changed
            .map((field) =>
              Array.isArray(to[field])
                ? field.replaceAll('_', ' ')
                : t('dish.differences.replaceall-to-not-from', {
                    replaceAll: field.replaceAll('_', ' '),
                    to: JSON.stringify(to[field]),
                    from: JSON.stringify(from[field]),
                  }),
            )
            .join('; ')}
    </span>
  );
}
