import { api } from '../api';
import type { OwnTaken } from '../contracts.generated';
import { useCook } from '../cook';
import { Entry } from '../parts/Entry';
import { Field } from '../parts/Field';
import { Sheet } from '../parts/Sheet';
import { day } from '../time';
import { t } from '../words/messages';
import { addressOf, useCalled, useSaid, whoseOf, type TakenNumber } from './numbers';

const UNIT = { W: 'W', 'g/g': 'g/g', min: 'min', '×': '×' };

/** One number set by hand, and all it ever was. */
export function OwnSheet({
  one,
  onClose,
  onTaken,
}: {
  one: TakenNumber;
  onClose: () => void;
  onTaken: (answer: OwnTaken) => void;
}) {
  const said = useSaid();
  const called = useCalled();
  const { timezone } = useCook();
  const history = one.history ?? [];
  return (
    <Sheet title={`${whoseOf(one)}, ${called(one)}`} onClose={onClose}>
      <p className="text-lg">
        {t('taught.the-log-has-it', { value: said(one, one.value), cooks: one.cooks })}{' '}
        {t('taught.between', { low: said(one, one.low_90), high: said(one, one.high_90) })}
      </p>
      <div className="mt-4">
        <Entry
          values={{ ...addressOf(one), value: one.given }}
          save={api.takeOwn}
          onSaved={(answer) => {
            onTaken(answer);
            onClose();
          }}
          words={t('taught.plan-by-this')}
        >
          <Field name="value" label={t('taught.set-by-hand')} unit={UNIT[one.unit]} kind="number" />
        </Entry>
      </div>
      {history.length > 0 && (
        <section className="mt-6">
          <h2 className="border-b-2 border-ink text-xl font-bold">{t('taught.what-it-was')}</h2>
          <ul>
            {history.map((was) => (
              <li
                key={was.at}
                className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1.5 text-lg"
              >
                <b>{said(one, was.value)}</b>
                <span className="text-ink-soft">
                  {was.cooks === null
                    ? t('taught.by-hand-of', { by: was.by, day: day(was.at, timezone) })
                    : t('taught.from-the-log-of', {
                        by: was.by,
                        day: day(was.at, timezone),
                        cooks: was.cooks,
                      })}
                  {was.until !== null && ` ${t('taught.until', { day: day(was.until, timezone) })}`}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Sheet>
  );
}
