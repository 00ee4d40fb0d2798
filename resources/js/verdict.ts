import type { Cook } from './contracts.generated';
import { t, wordOf } from './words/messages';

/** A verdict in a line: "wave, right" or "dry, right, gold crust". */
export function verdictWords(verdict: NonNullable<Cook['state']['verdict']>): string {
  return [
    wordOf('looseness', verdict.looseness),
    wordOf('bite', verdict.bite),
    ...(verdict.crust ? [t('verdict.crust-crust', { crust: wordOf('browning', verdict.crust) })] : []),
    ...(verdict.salt && verdict.salt !== 'right' ? [wordOf('salt_taste', verdict.salt)] : []),
  ].join(', ');
}
