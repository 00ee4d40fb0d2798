import { Info, TriangleAlert } from 'lucide-react';
import type { Ask, Working } from '../contracts.generated';
import { minute } from '../measure';

/** Said for a guest's sake; nothing about them goes wrong at the stove. */
const CAUTIONS = ['alcohol-stays'];

/** What is wrong with the choice, each with its fix in one touch where there is one. */
export function Warnings({ working, change }: { working: Working; change: (part: Partial<Ask>) => void }) {
  const { warnings } = working.plan;
  const late = working.offers.find((offer) => offer.warning === 'too-late');
  return (
    <ul aria-label="Warnings" className="grid gap-2">
      {late && (
        <Warning
          message={`Too late by ${minute(-working.clock.starts_in_min)} min`}
          fix=""
          label={late.label}
          onTake={() => change(late.change)}
        />
      )}
      {warnings.map((warning) => {
        const offer = working.offers.find((one) => one.warning === warning.code);
        return (
          <Warning
            key={warning.code}
            message={warning.message}
            fix={warning.fix}
            caution={CAUTIONS.includes(warning.code)}
            label={offer?.label}
            onTake={offer ? () => change(offer.change) : undefined}
          />
        );
      })}
    </ul>
  );
}

function Warning({
  message,
  fix,
  caution = false,
  label,
  onTake,
}: {
  message: string;
  fix: string;
  caution?: boolean;
  label?: string | undefined;
  onTake?: (() => void) | undefined;
}) {
  return (
    <li
      data-caution={caution}
      className="rounded-lg border-2 border-tomato bg-paper p-2.5 text-base leading-snug data-[caution=true]:border-rule"
    >
      <p className="font-semibold">
        {caution ? (
          <Info aria-hidden="true" className="mr-1.5 mb-0.5 inline size-5 text-ink-soft" />
        ) : (
          <TriangleAlert aria-hidden="true" className="mr-1.5 mb-0.5 inline size-5 text-tomato" />
        )}
        {message}
      </p>
      {fix && fix !== label && <p className="text-ink-soft">{fix}</p>}
      {label && onTake && (
        <button
          onClick={onTake}
          className="mt-1.5 min-h-12 w-full rounded-md bg-ink px-3 text-lg font-semibold text-paper"
        >
          {label}
        </button>
      )}
    </li>
  );
}
