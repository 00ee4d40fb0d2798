import { useSyncExternalStore } from 'react';
import { readerLocale } from './number';
import { locale, t } from './words/messages';

const TICK = 250;
const heard = new Set<() => void>();
let timer: ReturnType<typeof setInterval> | undefined;

function tick(listener: () => void): () => void {
  heard.add(listener);
  timer ??= setInterval(() => heard.forEach((one) => one()), TICK);
  return () => {
    heard.delete(listener);
    if (heard.size === 0) {
      clearInterval(timer);
      timer = undefined;
    }
  };
}

/** What this moment comes to, looked at four times a second: whoever asks is drawn anew only when it comes to something else. */
export const useMoment = <T extends string | number | boolean | null>(of: (now: number) => T): T =>
  useSyncExternalStore(tick, () => of(Date.now()));

/** The device's clock, in steps of so many ms. */
export const useNow = (every = TICK): number => useMoment((now) => now - (now % every));

/** ECMA-402, locale info: younger browsers have the method, older ones the property. */
interface WithWeeks {
  getWeekInfo?: () => { firstDay: number };
  weekInfo?: { firstDay: number };
}

const BY_LOCALE = new Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12 === true;

let asked: '12' | '24' | null = null;

/** Clocks run as whoever is signed in has them; null: as the browser's locale does. */
export function runClocks(as: '12' | '24' | null): void {
  asked = as;
}

/** Whether clocks here run to twelve twice a day. */
export const halfDays = (): boolean => (asked === null ? BY_LOCALE : asked === '12');

/** The kitchen's wall clock, wherever the tablet thinks it is. */
export function clock(at: number | string, timezone: string, twelve = halfDays()): string {
  return new Intl.DateTimeFormat(twelve ? 'en-US' : 'en-GB', {
    hour: twelve ? 'numeric' : '2-digit',
    minute: '2-digit',
    timeZone: timezone,
  }).format(new Date(at));
}

/** The same where nobody can be in doubt which half of the day it is: on a night, "7:40". */
export const clockOfTheNight = (at: number | string, timezone: string): string =>
  clock(at, timezone).replace(/\s?[AP]M$/, '');

/** Seconds of the wall clock, ":07". */
export const seconds = (at: number): string => `:${String(new Date(at).getUTCSeconds()).padStart(2, '0')}`;

/** A time of the documents, "19:30", as this reader's clocks show it. */
export function clockWords(time: string): string {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return clock(Date.UTC(2000, 0, 1, hours, minutes), 'UTC');
}

/** Days are written as the reader's country writes them, if it speaks the language of the screens: "Mon 23 Nov", "Mon, Nov 23". */
export function dateLocale(): string {
  const reader = new Intl.Locale(readerLocale());
  return reader.language === new Intl.Locale(locale()).language ? reader.toString() : locale();
}

/** The parts of a date as this reader's country writes them. */
export const dateFormat = (parts: Intl.DateTimeFormatOptions): Intl.DateTimeFormat =>
  new Intl.DateTimeFormat(dateLocale(), parts);

/** The day on which weeks begin where this reader comes from: 0 is Sunday. */
export function weekBegins(): 0 | 1 | 2 | 3 | 4 | 5 | 6 {
  const reader: Intl.Locale & WithWeeks = new Intl.Locale(dateLocale());
  const first = (reader.getWeekInfo?.() ?? reader.weekInfo)?.firstDay ?? 1;
  return (first % 7) as 0 | 1 | 2 | 3 | 4 | 5 | 6;
}

/** "Mon 23 Nov" in the kitchen's days. */
export function day(at: string, timezone: string): string {
  return dateFormat({ weekday: 'short', day: 'numeric', month: 'short', timeZone: timezone }).format(
    new Date(at),
  );
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

/** "40 s", or "2 min" where seconds say nothing. */
export const lasting = (seconds: number): string =>
  seconds < 120 ? `${Math.round(seconds)} s` : t('time.seconds-min', { seconds: Math.round(seconds / 60) });
