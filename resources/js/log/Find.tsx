import { Search, X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useCook } from '../cook';
import { useKitchen } from '../kitchen/useKitchen';
import { DayField } from '../parts/DayField';
import { Select, type Option } from '../parts/Select';
import { date, stamp, useMoment } from '../time';
import { t } from '../words/messages';

/** ms after the last letter. */
const TYPED = 350;

const BOX = 'h-12 w-full min-w-0 rounded-lg border-2 border-ink-soft bg-field px-3 text-lg';

const VERDICTS: Option[] = [
  ['', t('log.any-verdict')],
  ['wanted', t('log.as-wanted')],
  ['otherwise', t('log.otherwise')],
  ['given-up', t('screens.logBook.given-up')],
  ['none', t('screens.logBook.no-verdict-yet')],
];

/** What is looked for in the log; it stands in the address. */
export function Find() {
  const kitchen = useKitchen();
  const { timezone } = useCook();
  const today = useMoment((at) => date(stamp(at), timezone));
  const [looked, setLooked] = useSearchParams();
  const [open, setOpen] = useState(false);
  const say = (name: string, value: string) =>
    setLooked(
      (before) => {
        if (value === '') {
          before.delete(name);
        } else {
          before.set(name, value);
        }
        return before;
      },
      { replace: true },
    );
  const of = (rows: readonly { id: number; name: string }[] | undefined, any: string): Option[] => [
    ['', any],
    ...(rows ?? []).map((one): Option => [String(one.id), one.name]),
  ];
  const choices: [string, string, Option[]][] = [
    ['dish', t('common.dish'), of(kitchen.data?.dishes, t('log.any-dish'))],
    ['pan', t('common.pan'), of(kitchen.data?.pans, t('log.any-pan'))],
    ['burner', t('weeks.ring'), of(kitchen.data?.burners, t('log.any-ring'))],
    ['rice', t('common.rice'), of(kitchen.data?.rices, t('log.any-rice'))],
    ['verdict', t('screens.logBook.verdict'), VERDICTS],
  ];
  const days = [
    ['from', t('log.from')],
    ['to', t('log.to')],
  ] as const;
  return (
    <>
      <button
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="mt-2 flex min-h-12 w-full items-center gap-2 rounded-lg border-2 border-ink px-4 text-lg font-semibold md:hidden"
      >
        <Search aria-hidden="true" /> {t('log.find')}
      </button>
      <search
        aria-label={t('log.find')}
        className="mt-2 grid grid-cols-5 items-stretch gap-2 max-lg:grid-cols-2 max-md:data-[open=false]:hidden"
        data-open={open || looked.size > 0}
      >
        {choices.map(([name, label, options]) => (
          <Select
            key={name}
            label={label}
            value={looked.get(name) ?? ''}
            options={options}
            onChange={(value) => say(name, value)}
          />
        ))}
        {days.map(([name, label]) => (
          <DayField
            key={name}
            label={label}
            value={looked.get(name) ?? ''}
            today={today}
            none={t('log.any-day')}
            onChange={(day) => say(name, day)}
          />
        ))}
        <Words
          label={t('log.who-cooked')}
          value={looked.get('by') ?? ''}
          onSay={(value) => say('by', value)}
        />
        <div className="col-span-2 flex gap-2">
          <Words
            label={t('log.words-in-the-note')}
            value={looked.get('words') ?? ''}
            onSay={(value) => say('words', value)}
          />
          <button
            onClick={() => setLooked({}, { replace: true })}
            disabled={looked.size === 0}
            aria-label={t('log.all-of-it')}
            className="grid min-h-12 w-12 shrink-0 place-content-center rounded-lg border-2 border-ink disabled:opacity-30"
          >
            <X aria-hidden="true" />
          </button>
        </div>
      </search>
    </>
  );
}

function Words({ label, value, onSay }: { label: string; value: string; onSay: (value: string) => void }) {
  const [typed, setTyped] = useState(value);
  const [last, setLast] = useState(value);
  if (value !== last) {
    setLast(value);
    setTyped(value);
  }
  useEffect(() => {
    if (typed === value) {
      return;
    }
    const timer = setTimeout(() => onSay(typed), TYPED);
    return () => clearTimeout(timer);
  }, [typed, value, onSay]);
  return (
    <input
      type="search"
      aria-label={label}
      placeholder={label}
      maxLength={100}
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
      className={BOX}
    />
  );
}
