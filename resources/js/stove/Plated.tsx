import { useState } from 'react';
import type { Cook } from '../contracts.generated';
import { t } from '../words/messages';

/** What may be measured of a plate beside its words. */
export const MEASURED = ['spread_mm', 'crust_covered_percent', 'waste_g', 'waste_plates'] as const;

type Name = (typeof MEASURED)[number];

/** As it stands in the boxes. */
export type Typed = Record<Name, string>;

const LIMITS: Record<Name, readonly [least: number, most: number]> = {
  spread_mm: [20, 600],
  crust_covered_percent: [0, 100],
  waste_g: [0, 100_000],
  waste_plates: [0, 2000],
};

const LABELS: Record<Name, string> = {
  spread_mm: t('plated.ran-to'),
  crust_covered_percent: t('plated.crust-on'),
  waste_g: t('plated.came-back'),
  waste_plates: t('plated.plates-came-back'),
};

export const asTyped = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(value);

export const typedOf = (verdict: Cook['state']['verdict']): Typed => ({
  spread_mm: asTyped(verdict?.spread_mm),
  crust_covered_percent: asTyped(verdict?.crust_covered_percent),
  waste_g: asTyped(verdict?.waste_g),
  waste_plates: asTyped(verdict?.waste_plates),
});

const readable = (name: Name, typed: string): boolean => {
  const [least, most] = LIMITS[name];
  const value = Number(typed.replace(',', '.'));
  return (
    typed.trim() !== '' &&
    value >= least &&
    value <= most &&
    (name !== 'waste_plates' || Number.isInteger(value))
  );
};

/** What of it can be said. */
export const saidOf = (typed: Typed): Partial<Record<Name, number>> =>
  Object.fromEntries(
    MEASURED.filter((name) => readable(name, typed[name])).map((name) => [
      name,
      Number(typed[name].replace(',', '.')),
    ]),
  );

/** Boxes for what somebody measured: nobody must. */
export function Plated({
  values,
  onChange,
  crust,
}: {
  values: Typed;
  onChange: (values: Typed) => void;
  crust: boolean;
}) {
  // Closed where nobody has measured anything; from then on as whoever stands there has it.
  const [open, setOpen] = useState(() => MEASURED.some((name) => values[name] !== ''));
  return (
    <div className="mt-5">
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="flex min-h-14 items-center gap-2 text-xl text-chalk-soft underline underline-offset-4"
      >
        {t('plated.if-measured')}
      </button>
      {open && (
        <div className="mt-2 grid grid-cols-4 gap-3 max-md:grid-cols-2">
          {MEASURED.filter((name) => crust || name !== 'crust_covered_percent').map((name) => {
            const wrong = values[name].trim() !== '' && !readable(name, values[name]);
            return (
              <label key={name} className="text-lg text-chalk-soft">
                {LABELS[name]}
                <input
                  inputMode="decimal"
                  value={values[name]}
                  aria-invalid={wrong}
                  onChange={(event) => onChange({ ...values, [name]: event.target.value })}
                  className="mt-1 h-14 w-full rounded-lg border-2 border-chalk-soft bg-iron px-4 text-2xl text-chalk aria-invalid:border-tomato"
                />
                {wrong && (
                  <span role="alert" className="block text-base text-saffron">
                    {t('plated.from-to', { least: LIMITS[name][0], most: LIMITS[name][1] })}
                  </span>
                )}
              </label>
            );
          })}
        </div>
      )}
    </div>
  );
}
