import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { minute, type Measure } from '../measure';
import { looks } from '../pictures/browning';
import { SIGNS } from '../stove/signs';

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
      <caption className="pb-1 text-left text-xl font-bold">Said at the stove</caption>
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
      return `weighed ${weight(event.gross_g)}: ${weight(liquid)} of liquid, drunk and free`;
    }
    case 'taste':
      return `tasted: ${event.taste}`;
    case 'sign':
      return `seen or heard: ${SIGNS[cook.working.dish.family].find((one) => one.value === event.sign)?.words ?? event.sign}`;
    case 'lid':
      return event.on ? 'lid on' : 'lid off';
    case 'heat':
      return `knob to ${event.mark}`;
    case 'splash':
      return `${volume(event.volume_ml)} of ${event.water ? 'hot water' : 'stock'} more`;
    case 'lift':
      return `${volume(event.volume_ml)} lifted out`;
    case 'not-yet':
      return 'not yet';
    case 'trouble':
      return `something was off: ${event.what.replaceAll('-', ' ')}`;
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
          The crust took colour from minute {minute(crust.since_min)}: by the model{' '}
          {looks(Math.min(...crust.rings))} to {looks(most)} when it came off.
        </p>
      )}
      <p>
        {power === null || (power.times === 1 && !power.weighed)
          ? `Bite and sauce are what the engine makes of what was said, if ${name} gave what its marks say: nothing was weighed or seen.`
          : `Bite and sauce are what the engine makes of what was said, with ${name} found to give ${Math.round(100 * power.times)} % of its marks (give or take ${Math.round(100 * power.spread)} %), by ${power.weighed ? 'the scale' : 'what was seen'}.`}
      </p>
    </div>
  );
}
