import type { Working } from '../contracts.generated';
import { useMeasure } from '../cook';
import { trimmed } from '../measure';
import { t } from '../words/messages';

const minutes = (value: number | null) => (value === null ? t('common.never') : trimmed(value, 1));

/** Minutes from dry to gold and to burnt, in the middle and at the rim, for each setting of this ring. */
export function CrustMinutes({ working }: { working: Working }) {
  const { crust } = working.plan;
  const { power } = useMeasure();
  return (
    <>
      <table
        aria-label={t('bench.crustMinutes.crust-by-setting')}
        className="mt-4 w-full text-base leading-snug"
      >
        <caption className="pb-1 text-left font-semibold">
          {t('bench.crustMinutes.minutes-from-dry-left-in-the')}{' '}
          <span className="font-normal text-ink-soft">
            {t('bench.crustMinutes.estimated-until-you-log-a-few')}
          </span>
        </caption>
        <thead className="text-right text-sm text-ink-soft">
          <tr>
            <th className="text-left font-normal">{t('bench.crustMinutes.setting')}</th>
            <th className="font-normal">{t('bench.crustMinutes.middle-gold')}</th>
            <th className="font-normal">{t('bench.crustMinutes.middle-burnt')}</th>
            <th className="font-normal">{t('bench.crustMinutes.rim-gold')}</th>
            <th className="font-normal">{t('bench.crustMinutes.rim-burnt')}</th>
          </tr>
        </thead>
        <tbody>
          {crust.by_setting.map((row) => (
            <tr
              key={row.setting}
              className={`border-t border-rule text-right ${row.setting === crust.setting ? 'font-bold' : ''}`}
            >
              <td className="py-1 text-left">
                {row.setting} <span className="font-normal text-ink-soft">{power(row.net_w)}</span>
                {row.setting === crust.setting && t('bench.crustMinutes.ours')}
              </td>
              <td>{minutes(row.centre_gold_min)}</td>
              <td>{minutes(row.centre_burnt_min)}</td>
              <td>{minutes(row.rim_gold_min)}</td>
              <td>{minutes(row.rim_burnt_min)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {crust.moves.length > 0 && <RingByRing rings={crust.rings} />}
    </>
  );
}

/** The same by the moves of the plan, were the last to go on; and how thick the crust is when it comes off. */
function RingByRing({ rings }: { rings: Working['plan']['crust']['rings'] }) {
  const rows = [
    [t('bench.crustMinutes.gold-after'), rings.map((ring) => minutes(ring.gold_min ?? null))],
    [t('bench.crustMinutes.burnt-after'), rings.map((ring) => minutes(ring.burnt_min ?? null))],
    [t('bench.crustMinutes.dry-mm'), rings.map((ring) => trimmed(ring.dry_mm ?? 0, 1))],
  ] as const;
  return (
    <table className="mt-3 w-full text-base leading-snug tabular-nums">
      <caption className="pb-1 text-left font-semibold">{t('bench.crustMinutes.ring-by-ring')}</caption>
      <tbody>
        {rows.map(([label, cells]) => (
          <tr key={label} className="border-t border-rule text-right">
            <th className="py-1 text-left font-normal text-ink-soft">{label}</th>
            {cells.map((cell, ring) => (
              <td key={ring} className="pl-1">
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
