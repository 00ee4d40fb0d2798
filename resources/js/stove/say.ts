/** What a hand can say at the stove; the outbox adds its id and the time. */
export type Say = (
  event:
    | { kind: 'start' | 'abandon' }
    | { kind: 'done'; stage: number }
    | { kind: 'pour'; stage: number; volume_ml: number }
    | { kind: 'undo'; event: string }
    | { kind: 'verdict'; looseness: string; bite: string; note: string },
) => void;
