import { type Stage } from '../stages';
import type { Cook } from '../contracts.generated';
import type { Touch } from './say';

type Forecast = NonNullable<Cook['forecast']>;

/** One thing to do now or later; `stage` is null for what the plan does not have. */
export type Step = Forecast['steps'][number];

/** What is still to do, in order of time: by the forecast, or by the plan while there is none. */
export function stepsOf({ forecast, state, working }: Cook): Step[] {
  if (state.stage === null) {
    return [];
  }
  return forecast?.steps ?? working.plan.stages.map(asStep).slice(state.stage);
}

const asStep = (stage: Stage, index: number): Step => ({
  stage: index,
  at_min: stage.at_min,
  kind: stage.kind,
  volume_ml: stage.volume_ml,
  ladles: stage.ladles,
  setting: stage.setting,
  say: stage.say,
  item: stage.item ?? null,
});

/**
 * The cook as it stands with the touches that the server has not answered yet: what was done is done, whoever knows of
 * it. The numbers of the forecast stay as they last were; they move when the server is there again.
 */
export function withPending(cook: Cook, pending: Touch[]): Cook {
  const known = new Set(cook.state.done.map((done) => done.event));
  const waiting = new Map(pending.flatMap((event) => (known.has(event.id) ? [] : [[event.id, event]])));
  const undone = new Set(pending.flatMap((event) => (event.kind === 'undo' ? [event.event] : [])));
  return pending.reduce((now, event) => {
    if (waiting.has(event.id) && belongsTo(undone, event)) {
      return now; // taken back before the server heard of it, it was never made
    }
    const never = event.kind === 'undo' ? waiting.get(event.event) : undefined;
    return never ? with_(now, { last: null, undo: null, taken_back: undoOf(never) }) : withOne(now, event);
  }, cook);
}

/** Whether a touch is one of these, or part of a way back that is. */
const belongsTo = (ids: Set<string>, event: Touch): boolean =>
  ids.has(event.id) || ('with' in event && typeof event.with === 'string' && ids.has(event.with));

function withOne(before: Cook, event: Touch): Cook {
  if (before.state.done.some((done) => done.event === event.id) || changesNothing(before, event)) {
    return before; // the answer got lost, the touch did not; or it was said before
  }
  const cook = with_(before, {
    last: event.kind === 'undo' ? null : event.id,
    undo: event.kind === 'undo' ? null : undoOf(event),
    taken_back: event.kind === 'undo' ? before.state.undo : null,
    not_yet: event.kind === 'not-yet' ? waitOf(event) : before.state.not_yet,
  });
  const { state } = cook;
  const began = { status: 'cooking' as const, started_at: state.started_at ?? event.at };
  const poured = { ...began, first_liquid_at: state.first_liquid_at ?? event.at };
  switch (event.kind) {
    case 'start':
      return with_(cook, state.status === 'waiting' ? began : {});
    case 'done':
      return done(cook, event.stage, event, null, began);
    case 'pour':
      return done(cook, event.stage, event, event.volume_ml, poured);
    case 'splash':
      return without(with_(cook, { ...poured, poured_ml: state.poured_ml + event.volume_ml }), 'pour');
    case 'lift':
      return without(cook, 'lift');
    case 'heat':
      return without(cook, 'heat');
    case 'lid':
      return with_(event.on ? cook : without(cook, 'lid'), { lid_on: event.on });
    case 'back-on':
      return backOn(cook);
    case 'abandon':
      return with_(cook, { status: 'given-up', stage: null, ended_by: event.id });
    case 'undo':
      return undone(cook, event.event, before.state.undo);
    case 'beside':
      return with_(cook, { beside: besideWith(cook.state.beside, event) });
    case 'note':
      return with_(cook, { note: event.note });
    default:
      return cook;
  }
}

const MOMENT = { begun: 'begun_at', ready: 'ready_at' } as const;

function besideWith(
  before: Cook['state']['beside'],
  { work, is, at }: Extract<Touch, { kind: 'beside' }>,
): Cook['state']['beside'] {
  const said = before.find((one) => one.work === work) ?? { work, begun_at: null, ready_at: null };
  return [...before.filter((one) => one.work !== work), { ...said, [MOMENT[is]]: at }];
}

/** A step that is done already, a lid that is there already, a work that is ready already. */
const changesNothing = ({ state }: Cook, event: Touch): boolean =>
  (event.kind === 'beside' &&
    state.beside.some((one) => one.work === event.work && one[MOMENT[event.is]] !== null)) ||
  ((event.kind === 'done' || event.kind === 'pour') && state.done.some((one) => one.stage === event.stage)) ||
  (event.kind === 'lid' && event.on === state.lid_on);

/** What undo would take back: the touch itself, or the trouble whose way back it is part of. */
const undoOf = (event: Touch): NonNullable<Cook['state']['undo']> => ({
  event: ('with' in event ? event.with : undefined) ?? event.id,
  kind: 'with' in event && event.with ? 'trouble' : event.kind,
  stage: 'stage' in event ? event.stage : null,
  volume_ml: 'volume_ml' in event ? event.volume_ml : null,
  setting: 'mark' in event ? event.mark : null,
});

/** s that "not yet" buys until the kitchen's server has said better. */
const WAIT = 40;

const waitOf = (event: Extract<Touch, { kind: 'not-yet' }>): NonNullable<Cook['state']['not_yet']> => ({
  stage: event.stage,
  until: new Date(Date.parse(event.at) + WAIT * 1000).toISOString(),
  seconds: WAIT,
});

const with_ = (cook: Cook, state: Partial<Cook['state']>): Cook => ({
  ...cook,
  state: { ...cook.state, ...state },
});

function done(
  cook: Cook,
  stage: number,
  event: Touch,
  volume: number | null,
  state: Partial<Cook['state']>,
): Cook {
  const now = cook.state;
  const stages = cook.working.plan.stages;
  const all = [...now.done, { stage, event: event.id, at: event.at, volume_ml: volume }].sort(
    (a, b) => a.stage - b.stage,
  );
  const furthest = all.at(-1)?.stage ?? -1;
  const next = furthest + 1 < stages.length ? furthest + 1 : null;
  return {
    ...cook,
    state: {
      ...now,
      ...state,
      ...(next === null ? { status: 'at-table' as const, ended_by: event.id } : {}),
      done: all,
      stage: next,
      poured_ml: now.poured_ml + (stages[stage]?.kind === 'pour' ? (volume ?? 0) : 0),
    },
    forecast: cook.forecast && {
      ...cook.forecast,
      steps: cook.forecast.steps.filter((step) => step.stage === null || step.stage > furthest),
    },
  };
}

/** A pan that is off and not finished goes on where it was: its steps off the heat are still to come. */
function backOn(cook: Cook): Cook {
  const { forecast, state, working } = cook;
  const off = offStageOf(cook);
  if (off === null) {
    return cook;
  }
  const done = state.done.filter((one) => one.stage < off);
  const steps = forecast?.steps ?? [];
  const again = working.plan.stages
    .map(asStep)
    .filter(({ stage }) => stage !== null && stage >= off && !steps.some((step) => step.stage === stage));
  return {
    ...cook,
    state: { ...state, done, stage: (done.at(-1)?.stage ?? -1) + 1 },
    forecast: forecast && { ...forecast, steps: [...again, ...steps] },
  };
}

/** The stage that took the pan off the heat, as long as nothing was finished or served since. */
export function offStageOf({ state, working }: Cook): number | null {
  const kinds = state.done.map(({ stage }) => working.plan.stages[stage]?.kind);
  const off = state.done[kinds.indexOf('off')];
  return off === undefined || kinds.includes('finish') || kinds.includes('serve') ? null : off.stage;
}

/** Without the first thing of a kind that the plan does not have. */
function without(cook: Cook, kind: Step['kind']): Cook {
  const { forecast } = cook;
  const at = forecast?.steps.findIndex((step) => step.stage === null && step.kind === kind) ?? -1;
  return at < 0 || !forecast
    ? cook
    : { ...cook, forecast: { ...forecast, steps: forecast.steps.filter((_, index) => index !== at) } };
}

/** Taken back: its step is the next again, and what it changed is as it was. */
function undone(cook: Cook, event: string, last: Cook['state']['undo']): Cook {
  const { forecast, state, working } = cook;
  if (state.ended_by === event && state.status === 'given-up') {
    return with_(cook, {
      status: state.started_at === null ? 'waiting' : 'cooking',
      stage: (state.done.at(-1)?.stage ?? -1) + 1,
      ended_by: null,
    });
  }
  const gone = state.done.find((one) => one.event === event);
  const stage = gone && working.plan.stages[gone.stage];
  if (!gone || !stage) {
    return last?.event === event ? with_(cook, asBefore(state, last)) : cook;
  }
  const left = state.done.filter((one) => one !== gone);
  return {
    ...cook,
    state: {
      ...state,
      ...(state.ended_by === event ? { status: 'cooking' as const, ended_by: null } : {}),
      first_liquid_at: gone.at === state.first_liquid_at ? null : state.first_liquid_at,
      done: left,
      stage: (left.at(-1)?.stage ?? -1) + 1,
      poured_ml: state.poured_ml - (stage.kind === 'pour' ? (gone.volume_ml ?? 0) : 0),
    },
    forecast: forecast && { ...forecast, steps: [asStep(stage, gone.stage), ...forecast.steps] },
  };
}

/** As it was before the touch that was made last. */
function asBefore(state: Cook['state'], last: NonNullable<Cook['state']['undo']>): Partial<Cook['state']> {
  switch (last.kind) {
    case 'splash':
      return { poured_ml: state.poured_ml - (last.volume_ml ?? 0) };
    case 'lid':
      return { lid_on: !state.lid_on };
    case 'start':
      return { status: 'waiting', started_at: null };
    default:
      return {};
  }
}
