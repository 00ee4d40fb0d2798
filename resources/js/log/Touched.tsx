import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { minute, type Measure } from '../measure';
import { looks } from '../pictures/browning';
import { t, wordOf } from '../words/messages';

type Touched = Cook['happened']['touched'][number];

/** Touches that the table of steps has already, or the verdict. */
const ELSEWHERE = ['start', 'done', 'pour', 'verdict', 'note', 'abandon'];

/** What was said at the stove beside the steps: weighings, tastes, signs, the lid, the knob, what went wrong. */
export function Touched({ cook }: { cook: Cook }) {
  const measure = useMeasure();
  const rows = cook.happened.touched.filter(({ event }) => !ELSEWHERE.includes(event.kind));
  if (rows.length === 0) {
    return null;
  }
  return (
    <table className="mt-6 w-full text-lg">
      <caption className="pb-1 text-left text-xl font-bold">{t('screens.touched.said-at-the-stove')}</caption>
      <tbody>
        {rows.map((row) => (
          <tr key={row.event.id} className="border-t border-rule align-baseline">
            <td className="w-16 py-1 text-right text-ink-soft">
              {row.minute === null ? '' : minute(row.minute)}
            </td>
            <td className="pl-4">{wordsOf(row, cook, measure)}</td>
            <td className="text-right text-base text-ink-soft">{row.by}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function wordsOf({ event }: Touched, cook: Cook, { volume, weight }: Measure): string {
  switch (event.kind) {
    case 'weigh': {
      const liquid = event.gross_g - event.tare_g - event.extras_g - cook.working.plan.rice_g;
      return t('screens.touched.weighed-gross-liquid-of-liquid-drunk', {
        gross: weight(event.gross_g),
        liquid: weight(liquid),
      });
    }
    case 'taste':
      return [
        ...(event.taste ? [t('screens.touched.tasted-taste', { taste: wordOf('taste', event.taste) })] : []),
        ...(event.salt
          ? [t('screens.touched.tasted-salt', { taste: wordOf('salt_taste', event.salt) })]
          : []),
      ].join(', ');
    case 'sign':
      return t('screens.touched.seen-or-heard-words', {
        words: wordOf('sign', event.sign),
      });
    case 'lid':
      return event.on ? t('screens.touched.lid-on') : t('screens.touched.lid-off');
    case 'heat':
      return t('screens.touched.knob-to-mark', { mark: event.mark });
    case 'splash':
      return t('screens.touched.volume-of-water-more', {
        volume: volume(event.volume_ml),
        water: event.water ? t('screens.touched.hot-water') : t('common.stock'),
      });
    case 'lift':
      return t('screens.touched.volume-lifted-out', { volume: volume(event.volume_ml) });
    case 'beside': {
      const what = cook.working.prep[event.work]?.what ?? '';
      return event.is === 'begun'
        ? t('screens.touched.begun-beside-what', { what })
        : t('screens.touched.ready-beside-what', { what });
    }
    case 'not-yet':
      return t('common.not-yet');
    case 'trouble':
      return t('screens.touched.something-was-off-replaceall', {
        replaceAll: wordOf('trouble', event.what),
      });
    default:
      return event.kind;
  }
}

/** What the engine makes of it: what the ring gave, and the colour of the floor when it came off. */
export function Found({ cook }: { cook: Cook }) {
  const { power, crust } = cook.happened;
  const { name } = cook.working.burner;
  const most = crust === null ? null : Math.max(...crust.rings);
  return (
    <div className="mt-2 grid gap-1 text-ink-soft">
      {crust !== null && most !== null && (
        <p>
          {t('screens.touched.the-crust-took-colour-from-minute', {
            since: minute(crust.since_min),
            min: looks(Math.min(...crust.rings)),
            most: looks(most),
          })}
        </p>
      )}
      <p>
        {power === null || (power.times === 1 && !power.weighed)
          ? t('screens.touched.bite-and-sauce-are-what-the', { name })
          : t('screens.touched.bite-and-sauce-are-what-the-2', {
              name,
              times: Math.round(100 * power.times),
              spread: Math.round(100 * power.spread),
              weighed: power.weighed ? t('screens.touched.the-scale') : t('screens.touched.what-was-seen'),
            })}
      </p>
    </div>
  );
}
