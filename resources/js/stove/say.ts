import type {
  CookEventAbandon,
  CookEventDone,
  CookEventHeat,
  CookEventLid,
  CookEventLift,
  CookEventNotYet,
  CookEventPour,
  CookEventSign,
  CookEventSplash,
  CookEventStart,
  CookEventTaste,
  CookEventTrouble,
  CookEventUndo,
  CookEventVerdict,
  CookEventWeigh,
} from '../contracts.generated';

/** Every kind of touch, each with what it says. */
export type Touch =
  | CookEventAbandon
  | CookEventDone
  | CookEventHeat
  | CookEventLid
  | CookEventLift
  | CookEventNotYet
  | CookEventPour
  | CookEventSign
  | CookEventSplash
  | CookEventStart
  | CookEventTaste
  | CookEventTrouble
  | CookEventUndo
  | CookEventVerdict
  | CookEventWeigh;

type Unsent<T> = T extends unknown ? Omit<T, 'id' | 'at'> : never;

/** What a hand can say at the stove; the outbox adds its id and the time. */
export type Saying = Unsent<Touch>;

export type Say = (saying: Saying) => void;
