import type { Cook } from '../contracts.generated';
import { useMeasure } from '../cook';
import { countdown, useMoment } from '../time';
import { momentOf } from './due';
import { Left } from './Left';
import { readingOf } from './readings';
import { t } from '../words/messages';

type Pass = NonNullable<NonNullable<Cook['forecast']>['pass']>;

/** mL under which nobody loosens a pan. */
const WORTH_POURING = 5;

/** Off the heat: how long it rests, how long it stays right, and what brings it back for every minute it waits. */
export function AtThePass({ cook, pass }: { cook: Cook; pass: Pass }) {
  const { heat, volume } = useMeasure();
  const probe = useMoment((now) => readingOf(cook, 'probe', now)?.value ?? null);
  const late = [1, 2, 4].flatMap((minutes) => {
    const ml = Math.round((pass.loosen.find((row) => row.at_min >= minutes)?.loosen_ml ?? 0) / 5) * 5;
    return ml >= WORTH_POURING ? [{ minutes, ml }] : [];
  });
  return (
    <div aria-label={t('common.at-the-pass')} role="group" className="min-w-0">
      <Leaves cook={cook} pass={pass} />
      {probe !== null && probe < cook.hot_holding_c && (
        <p role="alert" className="font-semibold text-saffron">
          {t('stove.atThePass.probe-under-hotholding-serve-it-now', {
            probe: heat(probe),
            hotHolding: heat(cook.hot_holding_c),
          })}
        </p>
      )}
      {late.length > 0 && (
        <table aria-label={t('stove.atThePass.to-loosen-it')} className="w-full">
          <tbody>
            {late.map(({ minutes, ml }) => (
              <tr key={minutes} className="border-t border-iron-rule">
                <td className="text-chalk-soft">{t('stove.atThePass.minutes-min-late', { minutes })}</td>
                <td className="text-right font-bold">{volume(ml)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}

/** When it is ready, and by when it must leave; said without a minus. */
function Leaves({ cook, pass }: { cook: Cook; pass: Pass }) {
  const ready = momentOf(cook, pass.ready_min);
  const leave = pass.leave_min === null ? null : momentOf(cook, pass.leave_min);
  const isReady = useMoment((now) => now >= ready);
  const isLate = useMoment((now) => leave !== null && now >= leave);
  const then = pass.then === 'soft' ? t('stove.atThePass.goes-soft') : t('stove.atThePass.sets-up');
  if (!isReady) {
    return (
      <>
        <p className="text-chalk-soft">{t('stove.atThePass.ready-in')}</p>
        <p className="beside-big">
          <Left to={ready} />
        </p>
      </>
    );
  }
  if (leave === null) {
    return <p className="beside-big">{t('stove.atThePass.ready-it-can-wait')}</p>;
  }
  return !isLate ? (
    <>
      <p className="text-chalk-soft">{t('stove.atThePass.it-must-leave-in')}</p>
      <p className="beside-big">
        <Left to={leave} />
      </p>
      <p className="text-chalk-soft">{t('stove.atThePass.then-it-then', { then })}</p>
    </>
  ) : (
    <>
      <p className="beside-big text-tomato-light">{t('stove.atThePass.out-with-it')}</p>
      <Since then={then} leave={leave} />
    </>
  );
}

function Since({ then, leave }: { then: string; leave: number }) {
  const since = useMoment((now) => countdown((now - leave) / 1000));
  return (
    <p className="text-chalk-soft">{t('stove.atThePass.it-then-since-leave', { then, leave: since })}</p>
  );
}
