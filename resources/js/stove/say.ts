import type {
  CookEventAbandon,
  CookEventBackOn,
  CookEventBeside,
  CookEventDone,
  CookEventHeat,
  CookEventLid,
  CookEventLift,
  CookEventNote,
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
  | CookEventBackOn
  | CookEventBeside
  | CookEventDone
  | CookEventHeat
  | CookEventLid
  | CookEventLift
  | CookEventNote
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

/** Says it, and answers the id that the touch got. */
export type Say = (saying: Saying) => string;
