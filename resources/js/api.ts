import type {
  ArchiveCame,
  Around,
  Ask,
  BehindLink,
  Cook,
  Choices,
  DeviceKey,
  DishPage,
  DoorLink,
  Imported,
  Kitchen,
  Log,
  PanHolds,
  People,
  Problem,
  Session,
  WaysBack,
  Working,
} from './contracts.generated';

/** Where it was asked too often and does not say when it may be asked again, s. */
const ONCE_MORE_S = 10;

/** The server understood and said no; `errors` name the fields. */
export class Refusal extends Error {
  /** @param waitS s after which it may be asked again, where that is why it was refused */
  constructor(
    readonly problem: Problem,
    readonly waitS: number | null = null,
  ) {
    super(problem.detail ?? problem.title);
    this.name = 'Refusal';
  }

  /** What was said about a field, by its JSON Pointer. */
  about(pointer: string): string | undefined {
    return this.problem.errors?.find((error) => error.pointer === pointer)?.detail;
  }

  get signedOut(): boolean {
    return this.problem.status === 401 || this.problem.status === 419;
  }
}

function token(): string {
  const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
  return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : '';
}

/** A body that is text already is a file, sent as it is. */
function send(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
  headers: Record<string, string> = {},
): Promise<Response> {
  return fetch(`/api/${path}`, {
    method,
    headers: {
      Accept: 'application/json',
      'X-XSRF-TOKEN': token(),
      // How far this tablet's clock is off is measured at each exchange.
      'X-Device-Now': new Date().toISOString(),
      ...headers,
      ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
    },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    ...(signal ? { signal } : {}),
  });
}

async function call<T>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
  headers?: Record<string, string>,
): Promise<T> {
  const response = await send(method, path, body, signal, headers);
  const answer: unknown = response.status === 204 ? null : await response.json();
  if (!response.ok) {
    const wait = response.status === 429 ? Number(response.headers.get('Retry-After') ?? ONCE_MORE_S) : null;
    throw new Refusal(answer as Problem, wait);
  }
  return answer as T;
}

export const api = {
  session: () => call<Session>('GET', 'session'),
  signIn: (email: string, password: string) =>
    call<Session>('POST', 'session', { format: 'velko.sign-in/1', email, password }),
  signOut: () => call<Session>('DELETE', 'session'),
  signOutEverywhere: () => call<Session>('POST', 'session/everywhere'),
  hand: (person: number | null, pin: string | null) =>
    call<Session>('POST', 'session/hand', { format: 'velko.hand/1', person, pin }),
  forgotten: (email: string) =>
    call<null>('POST', 'session/forgotten', { format: 'velko.forgotten/1', email }),
  behindLink: (token: string) => call<BehindLink>('POST', 'links/look', { format: 'velko.token/1', token }),
  join: (entry: object) => call<Session>('POST', 'links/join', entry),
  reset: (entry: object) => call<Session>('POST', 'links/reset', entry),
  keepMe: (entry: object) => call<Session>('PUT', 'me', entry),
  newPassword: (entry: object) => call<Session>('PUT', 'me/password', entry),
  pin: (entry: object) => call<Session>('PUT', 'me/pin', entry),
  people: () => call<People>('GET', 'people'),
  invite: (entry: object) => call<DoorLink>('POST', 'people/invitations', entry),
  uninvite: (id: number) => call<People>('DELETE', `people/invitations/${id}`),
  giveRole: (id: number, role: string) =>
    call<People>('PUT', `people/${id}`, { format: 'velko.person/1', role }),
  takeAway: (id: number) => call<People>('DELETE', `people/${id}`),
  passwordLink: (id: number) => call<DoorLink>('POST', `people/${id}/link`),
  farewell: (entry: object) => call<Session>('POST', 'kitchen/farewell', entry),
  stay: () => call<Session>('DELETE', 'kitchen/farewell'),
  demo: () => call<Session>('POST', 'session/demo'),
  openKitchen: (entry: object) => call<Session>('POST', 'kitchens', entry),
  kitchen: () => call<Kitchen>('GET', 'kitchen'),
  keepHouse: (entry: object) => call<Kitchen>('PUT', 'kitchen', entry),
  setUp: (entry: object) => call<Kitchen>('POST', 'kitchen/set-up', entry),
  keepThing: (address: string, id: number | undefined, entry: object) =>
    id === undefined
      ? call<Kitchen>('POST', `kitchen/${address}`, entry)
      : call<Kitchen>('PUT', `kitchen/${address}/${id}`, entry),
  retireThing: (address: string, id: number) => call<Kitchen>('DELETE', `kitchen/${address}/${id}`),
  bringBack: (address: string, id: number) => call<Kitchen>('POST', `kitchen/${address}/${id}/back`),
  bringBackDish: (id: number) => call<Kitchen>('POST', `dishes/${id}/back`),
  deviceKey: (id: number) => call<DeviceKey>('POST', `kitchen/devices/${id}/key`),
  panHolds: (pan: object, signal?: AbortSignal) => call<PanHolds>('POST', 'kitchen/pans/holds', pan, signal),
  boilOff: (burner: number, entry: object) =>
    call<Kitchen>('POST', `kitchen/burners/${burner}/boil-off`, entry),
  bringDish: (text: string) => call<Imported>('POST', 'dishes/import', text),
  bringKitchen: (text: string) => call<Kitchen>('POST', 'kitchen/archive', text),
  bringCooks: (lines: string) => call<ArchiveCame>('POST', 'kitchen/archive/cooks', lines),
  bringNothing: () => call<Kitchen>('DELETE', 'kitchen/archive'),
  text: async (path: string, body: unknown) => {
    const response = await send('POST', path, body);
    if (!response.ok) {
      throw new Refusal((await response.json()) as Problem);
    }
    return response.blob();
  },
  dish: (id: number) => call<DishPage>('GET', `dishes/${id}`),
  /** `version`: the one that was changed; where another was saved meanwhile it is refused with 412. */
  keepDish: (id: number | undefined, entry: object, version?: number) =>
    id === undefined
      ? call<DishPage>('POST', 'dishes', entry)
      : call<DishPage>('PUT', `dishes/${id}`, entry, undefined, { 'If-Match': `"${version ?? 0}"` }),
  copyDish: (id: number) => call<DishPage>('POST', `dishes/${id}/copy`),
  retireDish: (id: number) => call<Kitchen>('DELETE', `dishes/${id}`),
  workOut: (ask: Ask, signal?: AbortSignal) => call<Working>('POST', 'work-out', ask, signal),
  around: (ask: Ask, signal?: AbortSignal) => call<Around>('POST', 'around', ask, signal),
  choices: (ask: Ask, signal?: AbortSignal) => call<Choices>('POST', 'choices', ask, signal),
  start: (id: string, ask: Ask) => call<Cook>('POST', 'cooks', { format: 'velko.start-cook/1', id, ask }),
  cook: (id: string) => call<Cook>('GET', `cooks/${id}`),
  waysBack: (id: string) => call<WaysBack>('GET', `cooks/${id}/ways-back`),
  keep: (id: string, event: object, by: number | null) =>
    call<Cook>('POST', `cooks/${id}/events${by === null ? '' : `?by=${by}`}`, event),
  log: (cursor: string | null) =>
    call<Log>('GET', cursor === null ? 'cooks' : `cooks?${new URLSearchParams({ cursor })}`),
};
