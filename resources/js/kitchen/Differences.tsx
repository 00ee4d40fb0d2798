import type { Body } from './blank';

/** What is other in a version than in the one on the form. */
export function Differences({ from, to }: { from: Body; to: Body }) {
  const changed = (Object.keys(to) as (keyof Body)[]).filter(
    (field) => JSON.stringify(from[field]) !== JSON.stringify(to[field]),
  );
  return (
    <span className="block text-sm text-ink-soft">
      {changed.length === 0
        ? 'as on the form'
        : changed
            .map((field) =>
              Array.isArray(to[field])
                ? field.replaceAll('_', ' ')
                : `${field.replaceAll('_', ' ')}: ${JSON.stringify(to[field])}, not ${JSON.stringify(from[field])}`,
            )
            .join('; ')}
    </span>
  );
}
