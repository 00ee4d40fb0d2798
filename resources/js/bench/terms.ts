import type { Plan } from '../contracts.generated';
import type { Term } from '../parts/Explain';

/** The engine's own sum for a number, ready to unfold: its terms, then what they come to. */
export function sum(
  plan: Plan,
  number: string,
  comesTo: { label: string; amount: string },
  format: (value: number) => string,
): Term[] {
  const terms = plan.explain[number] ?? [];
  return [
    ...terms.map((term, row): Term => {
      const sign = term.value < 0 ? ('−' as const) : row > 0 ? ('+' as const) : undefined;
      return { label: term.term, amount: format(Math.abs(term.value)), ...(sign ? { sign } : {}) };
    }),
    { sign: '=', ...comesTo },
  ];
}
