import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { ladles } from '../measure';
import type { Step } from './ahead';
import { readingOf } from './readings';
import { VERB } from './steps';

/** Before the first step: what goes into the pan, and what stands ready. */
export function PanOn({ cook }: { cook: Cook }) {
  const { working } = cook;
  const { volume, weight } = useMeasure();
  return (
    <>
      <p className="text-7xl leading-none font-bold">Pan on</p>
      <p className="text-[128px] leading-none font-bold tracking-tight max-md:text-7xl">
        {weight(working.plan.rice_g)}
      </p>
      <p className="text-4xl max-md:text-2xl">
        of {working.dish.rice}, {working.pan.name} on {working.burner.name}, {working.burner.mark}
      </p>
      <p className="mt-2 text-3xl opacity-80 max-md:text-xl">
        {volume(working.plan.stock_ml + working.plan.reserve_ml)} of {working.dish.stock} hot beside it
        {working.plan.balance.wine_ml > 0 ? `, ${volume(working.plan.balance.wine_ml)} of wine` : ''}
      </p>
    </>
  );
}

/** The step to do now: verb, amount, second measure, sign. */
export function Action({ cook, step: stage }: { cook: Cook; step: Step }) {
  const { working } = cook;
  const { dose, said } = useMeasure();
  const { number, unit } = dose(stage.volume_ml ?? 0);
  return (
    <>
      <p className="text-7xl leading-none font-bold max-md:text-5xl md:group-data-[tight=true]/stove:text-6xl">
        {VERB[stage.kind]}
      </p>
      {stage.volume_ml !== null ? (
        <>
          <p className="text-[160px] leading-[0.95] font-bold tracking-tight max-md:text-8xl md:group-data-[tight=true]/stove:text-[124px]">
            {number}
            <span className="pl-4 text-6xl font-semibold max-md:text-4xl">{unit}</span>
          </p>
          {stage.ladles !== null && (
            <p className="text-5xl font-semibold max-md:text-3xl md:group-data-[tight=true]/stove:text-4xl">
              {ladles(stage.ladles)}{' '}
              <span className="font-normal opacity-80">of {dose(working.ladle_ml).number}</span>
            </p>
          )}
        </>
      ) : (
        <p className="py-2 text-6xl font-bold max-md:text-4xl">
          {['heat', 'crust'].includes(stage.kind) ? stage.setting : ''}
        </p>
      )}
      <p className="mt-2 text-4xl leading-tight max-md:text-2xl md:group-data-[tight=true]/stove:text-3xl">
        {stage.kind === 'finish' ? working.dish.finish : said(stage.say)}
      </p>
    </>
  );
}

/** Heat and stirring as plain pictograms with words; between them what a probe reads, where one stands in the pan. */
export function HeatAndSpoon({
  cook,
  step,
  calls,
  now,
}: {
  cook: Cook;
  step: Step;
  calls: boolean;
  now: number;
}) {
  const { working } = cook;
  const { heat } = useMeasure();
  const probe = readingOf(cook, 'probe', now)?.value ?? null;
  const gone =
    (step.kind === 'off' && calls) ||
    cook.state.done.some((done) => working.plan.stages[done.stage]?.kind === 'off');
  return (
    <ul aria-label="Heat and spoon" className="flex flex-wrap gap-x-8 gap-y-2 text-2xl max-md:text-lg">
      <Sign words={gone ? 'heat off' : (cook.forecast?.setting ?? step.setting ?? working.burner.mark)}>
        {gone ? (
          <path d="M12 12 36 36 M36 12 12 36" stroke="currentColor" strokeWidth="5" />
        ) : (
          <path d="M24 8c6 8 9 12 9 18a9 9 0 0 1-18 0c0-6 3-10 9-18z" fill="currentColor" />
        )}
      </Sign>
      {probe !== null && (
        <Sign words={heat(probe)} by="by the probe">
          <path d="M24 10v19" stroke="currentColor" strokeWidth="5" strokeLinecap="round" />
          <circle cx="24" cy="33" r="6.5" fill="currentColor" />
        </Sign>
      )}
      {!gone && (
        <Sign words={working.dish.stirring}>
          <path d="M30 10 18 30" stroke="currentColor" strokeWidth="4.5" strokeLinecap="round" />
          <ellipse cx="16" cy="34" rx="5" ry="7" fill="currentColor" transform="rotate(32 16 34)" />
        </Sign>
      )}
    </ul>
  );
}

function Sign({ words, by, children }: { words: string; by?: string; children: React.ReactNode }) {
  return (
    <li className="flex items-center gap-3">
      <svg viewBox="0 0 48 48" className="size-12 shrink-0" aria-hidden="true">
        <circle cx="24" cy="24" r="21" fill="none" stroke="currentColor" strokeWidth="4" />
        {children}
      </svg>
      {words}
      {by && <span className="sr-only">{by}</span>}
    </li>
  );
}
