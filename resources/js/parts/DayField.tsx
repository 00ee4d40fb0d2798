import { Popover } from 'radix-ui';
import { useState } from 'react';
import { DayPicker } from 'react-day-picker';
import { dateFormat, weekBegins } from '../time';
import { t } from '../words/messages';

/** A day of the documents, "2026-05-04", at noon on this device, so that no time zone moves it to another day. */
const asDate = (iso: string): Date => new Date(`${iso}T12:00:00`);

const asIso = (day: Date): string =>
  [day.getFullYear(), day.getMonth() + 1, day.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');

const month = (day: Date): string => dateFormat({ month: 'long', year: 'numeric' }).format(day);

const weekday = (day: Date): string => dateFormat({ weekday: 'short' }).format(day);

const whole = (day: Date): string =>
  dateFormat({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }).format(day);

/** With its year only if that is not this one. */
const short = (iso: string, today: string): string =>
  dateFormat(
    iso.slice(0, 4) === today.slice(0, 4)
      ? { weekday: 'short', day: 'numeric', month: 'short' }
      : { day: 'numeric', month: 'short', year: 'numeric' },
  ).format(asDate(iso));

const SQUARE = 'size-11 rounded-lg';

/** A day, written as this reader's country writes it, and chosen from a month. */
export function DayField({
  label,
  value,
  today,
  none,
  own = true,
  onChange,
}: {
  label: string;
  /** ISO 8601, as the documents have it; '' is no day. */
  value: string;
  /** The kitchen's day, ISO 8601. */
  today: string;
  /** What the key is called that takes the day away. */
  none: string;
  /** Whether somebody chose it. */
  own?: boolean;
  onChange: (day: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const take = (day: string) => {
    setOpen(false);
    onChange(day);
  };
  const written = value === '' ? '' : short(value, today);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={written === '' ? label : t('parts.dayField.label-day', { label, day: written })}
        data-own={own && value !== ''}
        className="h-12 w-full min-w-0 truncate rounded-lg border-2 border-ink-soft bg-field px-3 text-left text-lg text-ink-soft data-[own=true]:text-ink"
      >
        {written === '' ? label : written}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          aria-label={label}
          className="z-30 rounded-lg border-2 border-ink bg-paper p-3 shadow-xl"
        >
          <DayPicker
            mode="single"
            autoFocus
            weekStartsOn={weekBegins()}
            today={asDate(today)}
            defaultMonth={asDate(value === '' ? today : value)}
            selected={value === '' ? undefined : asDate(value)}
            onDayClick={(day) => take(asIso(day))}
            formatters={{
              formatCaption: month,
              formatWeekdayName: weekday,
            }}
            labels={{
              labelPrevious: () => t('parts.dayField.month-before'),
              labelNext: () => t('parts.dayField.month-after'),
              labelNav: () => t('parts.dayField.months'),
              labelGrid: month,
              labelWeekday: weekday,
              labelDayButton: (day, { today: isToday, selected }) =>
                t('parts.dayField.day', {
                  day: whole(day),
                  today: isToday ? 'yes' : 'no',
                  chosen: selected ? 'yes' : 'no',
                }),
            }}
            classNames={{
              months: 'relative',
              nav: 'absolute right-0 flex gap-1',
              button_previous: `${SQUARE} grid place-content-center border-2 border-ink`,
              button_next: `${SQUARE} grid place-content-center border-2 border-ink`,
              chevron: 'size-5 fill-ink',
              month_caption: 'flex h-11 items-center text-lg font-semibold',
              month_grid: 'mt-2 border-collapse',
              weekday: 'text-sm font-normal text-ink-soft',
              day: 'p-0 text-center text-lg',
              day_button: `${SQUARE} hover:bg-paper-deep`,
              today: 'font-bold underline underline-offset-4',
              selected: '[&>button]:bg-ink [&>button]:text-paper',
              outside: 'text-ink-soft',
            }}
          />
          <button
            disabled={value === '' || !own}
            onClick={() => take('')}
            className="mt-2 min-h-12 w-full rounded-lg border-2 border-ink px-4 text-lg disabled:opacity-50"
          >
            {none}
          </button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
