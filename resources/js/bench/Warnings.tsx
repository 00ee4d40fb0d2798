import { Info, TriangleAlert } from 'lucide-react';
import type { Ask, Working } from '../contracts.generated';
import { platesOf, useMeasure } from '../cook';
import { minute } from '../measure';

/** Said for a guest's sake; nothing about them goes wrong at the stove. */
const CAUTIONS = ['alcohol-stays', 'either-mark'];

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
      {working.batches.length > 0 && <Batches working={working} change={change} />}
    </ul>
  );
}

/** The covers shared over several pans, each a touch away. */
function Batches({ working, change }: { working: Working; change: (part: Partial<Ask>) => void }) {
  return (
    <li className="rounded-lg border-2 border-ink bg-paper p-2.5 text-base leading-snug">
      <p className="font-semibold">No one pan here takes {platesOf(working.ask)}. Shared:</p>
      <ul className="mt-1.5 grid gap-1.5">
        {working.batches.map((batch, row) => (
          <li key={row}>
            <button
              onClick={() => change(batch.change)}
              className="flex min-h-12 w-full items-center gap-3 rounded-md bg-ink px-3 py-1 text-left text-paper"
            >
              <b className="text-2xl">{batch.covers}</b>
              <span className="leading-tight">
                {batch.pan} on {batch.burner}
                <span className="block text-sm opacity-80">takes {batch.most}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </li>
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
  const { said } = useMeasure();
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
        {said(message)}
      </p>
      {fix && fix !== label && <p className="text-ink-soft">{said(fix)}</p>}
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
