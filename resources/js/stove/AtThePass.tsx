import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { countdown } from '../time';
import { momentOf } from './due';
import { readingOf } from './readings';

type Pass = NonNullable<NonNullable<Cook['forecast']>['pass']>;

/** Off the heat: how long it rests, how long it stays right, and what brings it back for every minute it waits. */
export function AtThePass({ cook, pass, now }: { cook: Cook; pass: Pass; now: number }) {
  const { heat, volume } = useMeasure();
  const probe = readingOf(cook, 'probe', now)?.value ?? null;
  const ready = (momentOf(cook, pass.ready_min) - now) / 1000;
  const leave = pass.leave_min === null ? null : (momentOf(cook, pass.leave_min) - now) / 1000;
  const dry = cook.working.dish.family === 'pan-rice';
  const late = [1, 2, 4].map((minutes) => ({
    minutes,
    ml: pass.loosen.find((row) => row.at_min >= minutes)?.loosen_ml ?? 0,
  }));
  return (
    <div aria-label="At the pass" role="group">
      {ready > 0 ? (
        <>
          <p className="text-chalk-soft">ready in</p>
          <p className="text-5xl font-bold">{countdown(ready)}</p>
        </>
      ) : leave === null ? (
        <p className="text-3xl font-bold">Ready. It can wait.</p>
      ) : (
        <>
          <p className="text-chalk-soft">it must leave in</p>
          <p className={`text-5xl font-bold ${leave < 0 ? 'text-tomato-light' : ''}`}>{countdown(leave)}</p>
          <p className="leading-tight text-chalk-soft">
            {leave < 0 ? 'by now it ' : 'then it '}
            {pass.then === 'soft' ? 'goes soft' : 'sets up'}
          </p>
        </>
      )}
      {probe !== null && probe < cook.hot_holding_c && (
        <p role="alert" className="mt-1 leading-tight font-semibold text-saffron">
          {heat(probe)}: under {heat(cook.hot_holding_c)}. Serve it now or heat it through; your local code
          decides.
        </p>
      )}
      {!dry && (
        <table aria-label="To loosen it" className="mt-2 w-full leading-tight">
          <tbody>
            {late.map(({ minutes, ml }) => (
              <tr key={minutes} className="border-t border-iron-rule">
                <td className="py-1 text-chalk-soft">{minutes} min late</td>
                <td className="text-right font-bold">{volume(Math.round(ml / 5) * 5)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
