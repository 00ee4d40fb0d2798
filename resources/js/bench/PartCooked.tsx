import type { Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { minute } from '../measure';
import { t } from '../words/messages';

const lasts = (min: number): string =>
  t('bench.partCooked.lasts', { hours: Math.floor(min / 60), minutes: min % 60 });

/** What becomes of rice that is cooked ahead; or what is weighed out of it, and what it was. */
export function PartCooked({ working }: { working: Working }) {
  const { weight, depth, heat } = useMeasure();
  const part = working.part_cooked;
  if (!part) {
    return null;
  }
  const ahead = working.ask.way === 'ahead';
  const facts: [string, string][] = ahead
    ? [
        [
          t('bench.partCooked.spread'),
          t('bench.partCooked.on-trays', { layer: depth(part.layer_mm), trays: part.trays }),
        ],
        [t('bench.partCooked.cold', { heat: heat(21) }), lasts(part.first_min)],
        [t('bench.partCooked.cold', { heat: heat(5) }), lasts(part.cold_min)],
        [
          t('bench.partCooked.weighs-then'),
          t('bench.partCooked.to-raw', { weight: weight(part.per_100_g_g), raw: weight(100) }),
        ],
        [t('bench.partCooked.eaten-within'), t('bench.partCooked.days', { days: part.keeps_days })],
      ]
    : [
        [t('bench.partCooked.weigh-out'), weight(part.weighs_g)],
        [
          t('bench.partCooked.weighs-then'),
          t('bench.partCooked.to-raw', { weight: weight(part.per_100_g_g), raw: weight(100) }),
        ],
        [
          t('bench.partCooked.was-stopped'),
          t('bench.partCooked.at-minute', { minute: minute(part.stop_min) }),
        ],
      ];
  return (
    <dl className="mb-2 flex flex-wrap gap-x-6 gap-y-1 rounded-lg bg-paper-deep px-3 py-1.5 leading-tight">
      {facts.map(([what, much]) => (
        <div key={what}>
          <dt className="text-[15px] text-ink-soft">{what}</dt>
          <dd className="text-xl font-bold">{much}</dd>
        </div>
      ))}
    </dl>
  );
}
