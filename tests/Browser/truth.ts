import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import type {
  ArchiveCook,
  Cook,
  Simulation,
  SimulationRequest,
} from '../../resources/js/contracts.generated';
import { archived } from './station';

/* The pan as it truly is, played by `velko:simulate` on a ring stronger than marked: what the forecast is held against. */

export type Logged = ArchiveCook;
type Happening = SimulationRequest['events'][number];
type Forecast = NonNullable<Cook['forecast']>;

const WINE = { temperature_c: 20, salt_percent: 0 };

/** Bisection ends within this, mL. */
const CLOSE = 0.5;

/** One cook as the kitchen's archive has it. */
export async function logOf(page: Page, id: string): Promise<Logged> {
  const cooks = (await archived(page)).slice(1).map((line) => JSON.parse(line) as Logged);
  const found = cooks.find((one) => one.id === id);
  if (!found) {
    throw new Error(`no cook ${id} in the archive`);
  }
  return found;
}

/** What `velko:simulate` makes of a cook's log, and of what the forecast would have done from there on. */
/** Of the stock beside the pan, what matters once it is poured. */
const asPoured = ({ temperature_c, salt_percent }: NonNullable<Logged['request']['stock']> = {}) => ({
  ...(temperature_c !== undefined && { temperature_c }),
  ...(salt_percent !== undefined && { salt_percent }),
});

/** Everything else in the pan: as it was asked for, each step at the minute at which it was done, or will be by the forecast. */
function ingredients(cook: Logged, forecast?: Forecast): NonNullable<SimulationRequest['ingredients']> {
  const { stages } = cook.working.plan;
  return (cook.request.ingredients ?? []).flatMap((one) => {
    if (['base', 'with-the-rice', 'on-top'].includes(one.goes)) {
      return [one];
    }
    const stage = stages.findIndex((step) => step.item?.name === one.name);
    const touch = cook.events.find(({ event }) => event.kind === 'done' && stageOf(event) === stage);
    const at_min = touch
      ? minuteOf(cook, touch.event)
      : forecast?.steps.find((step) => step.stage === stage)?.at_min;
    return at_min === undefined ? [] : [{ ...one, goes: 'at-minute' as const, at_min }];
  });
}

function played(
  cook: Logged,
  power: number,
  happenings: Happening[],
  until: number,
  forecast?: Forecast,
): Simulation {
  const { covers, rice, kitchen, pan, stock, burner, method } = cook.request;
  const marks = Object.entries(burner?.net_w ?? {}).map(([mark, watts]) => [mark, (watts ?? 0) * power]);
  const request: SimulationRequest = {
    format: 'velko.simulation-request/1',
    covers,
    rice,
    ...(kitchen && { kitchen }),
    ...(pan && { pan }),
    stock: asPoured(stock),
    ...(burner && { burner: { ...burner, net_w: Object.fromEntries(marks) as Record<string, number> } }),
    method: Object.fromEntries(
      Object.entries(method ?? {}).filter(([name]) =>
        ['sealed', 'toast', 'soak_min', 'stirring'].includes(name),
      ),
    ),
    ingredients: ingredients(cook, forecast),
    events: happenings.sort((a, b) => a.at_min - b.at_min),
    until_min: until,
  };
  const answer = execFileSync('php', ['artisan', 'velko:simulate', '-'], { input: JSON.stringify(request) });
  return JSON.parse(answer.toString()) as Simulation;
}

type Touched = Logged['events'][number]['event'];

/** Index in the plan of what was touched; null for what the plan does not have. */
export function stageOf(touch: Touched): number | null {
  return 'stage' in touch && typeof touch.stage === 'number' ? touch.stage : null;
}

/** Minute of the cook at a touch. */
function minuteOf(cook: Logged, touch: Touched): number {
  const pours = cook.events.filter(({ event }) => event.kind === 'pour');
  const first = Math.min(...pours.map(({ event }) => Date.parse(event.at)));
  return Math.max(0, (Date.parse(touch.at) - first) / 60_000);
}

/** What hands did to it, minute by minute since the first liquid. */
function happened(cook: Logged): Happening[] {
  const { stages, heat } = cook.working.plan;
  const touches = cook.events.map(({ event }) => event);
  return [
    { at_min: 0, setting: heat[0]?.setting ?? '' },
    ...(cook.request.method?.lid ?? []).map(({ from_min, on }) => ({ at_min: from_min, lid: on })),
    ...touches.flatMap((touch): Happening[] => {
      const at_min = minuteOf(cook, touch);
      const stage = stages[stageOf(touch) ?? -1];
      switch (touch.kind) {
        case 'pour':
          return [{ at_min, pour_ml: touch.volume_ml, ...(stage?.kind === 'wine' ? WINE : {}) }];
        case 'splash':
          return [{ at_min, pour_ml: touch.volume_ml }];
        case 'lift':
          return [{ at_min, lift_ml: touch.volume_ml }];
        case 'heat':
          return [{ at_min, setting: touch.mark }];
        case 'done': {
          const setting = touch.setting ?? stage?.setting;
          return stage && ['heat', 'crust'].includes(stage.kind) && setting
            ? [{ at_min, setting: setting }]
            : [];
        }
        default:
          return [];
      }
    }),
  ];
}

/** Off the heat, finished, rested, on its plates where it is served on plates, and brought to the table as the dish asks. */
function pulled(cook: Logged, at: number): { happenings: Happening[]; until: number } {
  const { family, method, finish, covers, target } = cook.request;
  const { butter_g_per_cover = 0, cheese_g_per_cover = 0, ...butter } = finish ?? {};
  const finished = at + (method?.finish_min ?? 0);
  const rested = finished + (method?.rest_min ?? 0);
  return {
    happenings: [
      { at_min: at, off: true },
      {
        at_min: at,
        beat_in: { ...butter, butter_g: covers * butter_g_per_cover, cheese_g: covers * cheese_g_per_cover },
      },
      { at_min: finished, lid: method?.rest_covered ?? false },
      { at_min: rested, lid: false },
      ...(family === 'pan-rice' ? [] : [{ at_min: rested, plated: true as const }]),
    ],
    until: rested + (target?.minutes_to_table ?? 0),
  };
}

/** Minute of the cook at which it was taken off the heat. */
export function offAt(cook: Logged): number {
  const { stages } = cook.working.plan;
  const off = cook.events.find(({ event }) => stages[stageOf(event) ?? -1]?.kind === 'off');
  if (!off) {
    throw new Error('it was never taken off the heat');
  }
  return minuteOf(cook, off.event);
}

/** What came to the table of a cook that is over, were the pan what it truly is; free liquid to a gram of raw rice. */
export function served(cook: Logged, power: number): { looseness: number; bite: string } {
  const { happenings, until } = pulled(cook, offAt(cook));
  const { end } = played(cook, power, [...happened(cook), ...happenings], until).summary;
  return { looseness: end.free_g / cook.working.plan.rice_g, bite: end.bite };
}

export interface Rest {
  /** mL that the forecast says are still to be poured, and what it thinks is free in the pan, g. */
  said: { toPour: number; free: number };
  /** The same, as the true pan has it and needs it. */
  needed: { toPour: number; free: number };
}

/**
 * What the true pan needs from now on, by halving: so much on the last dose of the forecast (or poured now, where it has
 * none) that it lies at the table as the dish asks; where no sauce is left, that it is dry when the forecast says.
 */
export function restOf(cook: Logged, power: number, forecast: Forecast): Rest {
  const pours = forecast.steps.filter((step) => step.kind === 'pour');
  const dry = cook.request.family === 'pan-rice';
  const { happenings, until } = pulled(cook, forecast.pull_min);
  const before = happened(cook);
  const now = forecast.from_min;
  const run = (more: number) => {
    const coming = forecast.steps.flatMap((step): Happening[] => {
      const volume = (step.volume_ml ?? 0) + (step === pours.at(-1) ? more : 0);
      const setting = ['heat', 'crust'].includes(step.kind) ? step.setting : null;
      return [
        ...(step.kind === 'pour' ? [{ at_min: step.at_min, pour_ml: Math.max(0, volume) }] : []),
        ...(setting ? [{ at_min: step.at_min, setting }] : []),
      ];
    });
    const extra: Happening[] =
      pours.length > 0 ? [] : [more < 0 ? { at_min: now, lift_ml: -more } : { at_min: now, pour_ml: more }];
    return played(cook, power, [...before, ...extra, ...coming, ...happenings], until, forecast);
  };
  const target = dry ? (forecast.dry_min ?? forecast.pull_min) : (cook.request.target?.looseness ?? 0);
  const has = ({ summary }: Simulation) =>
    dry ? (summary.dry_min ?? until) : summary.end.free_g / cook.working.plan.rice_g;
  let [low, high] = [-300, 300];
  while (high - low > CLOSE) {
    const middle = (low + high) / 2;
    if (has(run(middle)) < target) {
      low = middle;
    } else {
      high = middle;
    }
  }
  const toPour = pours.reduce((sum, step) => sum + (step.volume_ml ?? 0), 0);
  const free = played(cook, power, before, Math.max(0.1, now)).summary.end.free_g;
  return {
    said: { toPour, free: forecast.now.free_g },
    needed: { toPour: toPour + low, free },
  };
}
