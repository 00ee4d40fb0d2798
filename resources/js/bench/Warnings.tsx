import { Info, TriangleAlert } from 'lucide-react';
import type { Ask, Working } from '../contracts.generated';
import { clockWords, lasting } from '../time';
import { t } from '../words/messages';

/** Said for a guest's sake; nothing about them goes wrong at the stove. */
const CAUTIONS = ['alcohol-stays', 'either-mark'];

/** What is wrong with the choice, each with its fix in one touch where there is one. */
export function Warnings({
  working,
  change,
  children,
}: {
  working: Working;
  change: (part: Partial<Ask>) => void;
  children: React.ReactNode;
}) {
  const { warnings } = working.plan;
  const late = working.offers.find((offer) => offer.warning === 'too-late');
  return (
    <ul aria-label={t('bench.warnings.warnings')} className="grid gap-2">
      {late && (
        <Warning
          message={t('bench.warnings.too-late-by-startsin', {
            startsIn: lasting(-60 * working.clock.starts_in_min),
          })}
          fix=""
          label={
            typeof late.change.table_at === 'string'
              ? t('bench.warnings.at-the-table-tableat', { tableAt: clockWords(late.change.table_at) })
              : late.label
          }
          onTake={() => change(late.change)}
        />
      )}
      {warnings.map((warning) => {
        const offer = working.offers.find((one) => one.warning === warning.code);
        return (
          <Warning
            key={warning.code}
            message={warning.message}
            // What a touch does is said on its button.
            fix={offer?.label_fact && offer.label_fact.code === warning.fix_fact?.code ? '' : warning.fix}
            caution={CAUTIONS.includes(warning.code)}
            label={offer?.label}
            onTake={offer ? () => change(offer.change) : undefined}
          />
        );
      })}
      {children}
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
      {fix && <p className="text-ink-soft">{fix}</p>}
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
