import { useEffect, useState } from 'react';

/** The device's clock, read anew so many times a second's worth of ms. */
export function useNow(every = 250): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), every);
    return () => clearInterval(timer);
  }, [every]);
  return now;
}

/** The kitchen's wall clock, wherever the tablet thinks it is. */
export function clock(at: number | string, timezone: string, seconds = false): string {
  return new Intl.DateTimeFormat('en-GB', {
    hour: '2-digit',
    minute: '2-digit',
    ...(seconds ? { second: '2-digit' } : {}),
    timeZone: timezone,
  }).format(new Date(at));
}

/** "Mon 23 Nov" in the kitchen's days. */
export function day(at: string, timezone: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: timezone,
  }).format(new Date(at));
}

/** The day of a moment in the kitchen, as ISO 8601 has it: 2026-05-04. */
export function date(at: string, timezone: string): string {
  return new Intl.DateTimeFormat('en-CA', { timeZone: timezone, dateStyle: 'short' }).format(new Date(at));
}

/** Device time as the contract wants it. */
export function stamp(at: number): string {
  return new Date(at).toISOString();
}

/** "4:05" or "−0:40". */
export function countdown(seconds: number): string {
  const left = Math.abs(Math.round(seconds));
  const sign = seconds <= -0.5 ? '−' : '';
  return `${sign}${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`;
}
