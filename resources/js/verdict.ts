import type { Cook } from './contracts.generated';

/** A verdict in a line: "wave, right" or "dry, right, gold crust". */
export function verdictWords(verdict: NonNullable<Cook['state']['verdict']>): string {
  return [verdict.looseness, verdict.bite, ...(verdict.crust ? [`${verdict.crust} crust`] : [])].join(', ');
}
