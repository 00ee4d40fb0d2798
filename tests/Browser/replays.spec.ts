import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import type { Cook } from '../../resources/js/contracts.generated';
import { withPending } from '../../resources/js/stove/ahead';
import type { Touch } from '../../resources/js/stove/say';

/* The tablet's replay, held to the cases that the core's is held to (tests/Feature/ReplaysTest.php). */

type Case = { name: string; events: Touch[]; then: Record<string, unknown> };
const { stages, cases } = JSON.parse(
  readFileSync(new URL('../fixtures/replays.json', import.meta.url), 'utf8'),
) as { stages: object[]; cases: Case[] };

const untouched = {
  working: { plan: { stages } },
  state: {
    status: 'waiting',
    stage: 0,
    first_liquid_at: null,
    started_at: null,
    ended_by: null,
    done: [],
    poured_ml: 0,
    lid_on: false,
    last: null,
    not_yet: null,
    beside: [],
    undo: null,
    taken_back: null,
  },
  forecast: null,
} as unknown as Cook;

for (const { name, events, then } of cases) {
  test(`on the tablet: ${name}`, () => {
    const { state } = withPending(untouched, events);
    expect({
      status: state.status,
      stage: state.stage,
      poured_ml: state.poured_ml,
      first_liquid_at: state.first_liquid_at,
      done: Object.fromEntries(state.done.map((one) => [String(one.stage), one.event])),
      lid_on: state.lid_on,
      undo: state.undo?.event ?? null,
      beside: state.beside,
    }).toEqual({ beside: [], ...then });
  });
}
