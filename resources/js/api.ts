import type {
  AmountRead,
  AmountSaid,
  ArchiveCame,
  Around,
  Ask,
  BehindLink,
  BoilOffEntry,
  BurnerEntry,
  Choices,
  Cook,
  DeviceEntry,
  DeviceKey,
  DishEntry,
  DishPage,
  DoorLink,
  Farewell,
  FiringEntry,
  FiringsRead,
  FoodByName,
  House,
  Imported,
  Invitation,
  Join,
  Kitchen,
  LadleEntry,
  Learned,
  Log,
  Me,
  NewKitchen,
  NewPassword,
  Night,
  NightEntry,
  NightLists,
  NightOffers,
  Nights,
  OwnNumberEntry,
  PaperKept,
  PaperLine,
  PaperRead,
  PaperSaid,
  Weeks,
  OwnTaken,
  PanEntry,
  PanHolds,
  People,
  Pin,
  Problem,
  RecipeEntry,
  RecipeRead,
  Reset,
  RiceEntry,
  Serves,
  Session,
  SetUp,
  StockEntry,
  WaysBack,
  Working,
  Swapped,
} from './contracts.generated';

/** Where it was asked too often and does not say when it may be asked again, s. */
const ONCE_MORE_S = 10;

/** What a form holds: what is in it by its names; a number or a word may still be whatever somebody typed for it, and is refused by its name. */
export type AsTyped<Entry> = Entry extends number
  ? number | string | null
  : Entry extends string
    ? string
    : Entry extends object
      ? { [Name in keyof Entry]: AsTyped<Entry[Name]> }
      : Entry;

/** What a kitchen enters one by one. */
export interface Things {
  pans: PanEntry;
  burners: BurnerEntry;
  ladles: LadleEntry;
  rices: RiceEntry;
  stocks: StockEntry;
  devices: DeviceEntry;
}

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

/**
 * What adds something has a key of its own: what got no answer is sent again under the key it had, so that it is added once, however
 * often a key is touched meanwhile.
 */
const unanswered = new Map<string, string>();

function keyOf(method: string, path: string, body: unknown): string {
  const what = `${method} ${path} ${typeof body === 'string' ? body : JSON.stringify(body ?? null)}`;
  const key = unanswered.get(what) ?? crypto.randomUUID();
  unanswered.set(what, key);
  return key;
}

const answered = (key: string | undefined): void => {
  for (const [what, one] of unanswered) {
    if (one === key) {
      unanswered.delete(what);
    }
  }
};

/** A body that is text or a picture already is a file, sent as it is. */
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
      ...(body === undefined || body instanceof Blob ? {} : { 'Content-Type': 'application/json' }),
    },
    ...(body === undefined
      ? {}
      : { body: typeof body === 'string' || body instanceof Blob ? body : JSON.stringify(body) }),
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
  const key = method === 'POST' ? keyOf(method, path, body) : undefined;
  const response = await send(method, path, body, signal, {
    ...headers,
    ...(key === undefined ? {} : { 'Idempotency-Key': key }),
  });
  answered(key);
  const answer: unknown = response.status === 204 ? null : await response.json();
  if (!response.ok) {
    const wait = response.status === 429 ? Number(response.headers.get('Retry-After') ?? ONCE_MORE_S) : null;
    throw new Refusal(answer as Problem, wait);
  }
  return answer as T;
}

/** What was changed, as it was when somebody began: where it is another now it is refused with 412. */
const changed = (tag: string | undefined) => ({ 'If-Match': tag === undefined ? '*' : `"${tag}"` });

export const api = {
  session: () => call<Session>('GET', 'session'),
  signIn: (email: string, password: string) =>
    call<Session>('POST', 'session', { format: 'velko.sign-in/1', email, password }),
  signOut: () => call<Session>('DELETE', 'session'),
  signOutEverywhere: () => call<Session>('POST', 'session/everywhere'),
  hand: (person: number, pin: string) =>
    call<Session>('POST', 'session/hand', { format: 'velko.hand/1', person, pin }),
  giveTabletBack: (password: string) =>
    call<Session>('POST', 'session/hand', { format: 'velko.hand/1', person: null, pin: null, password }),
  forgotten: (email: string) =>
    call<null>('POST', 'session/forgotten', { format: 'velko.forgotten/1', email }),
  behindLink: (token: string) => call<BehindLink>('POST', 'links/look', { format: 'velko.token/1', token }),
  join: (entry: AsTyped<Join>) => call<Session>('POST', 'links/join', entry),
  confirmAddress: (token: string) =>
    call<Session>('POST', 'links/confirm', { format: 'velko.token/1', token }),
  reset: (entry: AsTyped<Reset>) => call<Session>('POST', 'links/reset', entry),
  keepMe: (entry: AsTyped<Me>) => call<Session>('PUT', 'me', entry),
  newPassword: (entry: AsTyped<NewPassword>) => call<Session>('PUT', 'me/password', entry),
  pin: (entry: AsTyped<Pin>) => call<Session>('PUT', 'me/pin', entry),
  people: () => call<People>('GET', 'people'),
  invite: (entry: AsTyped<Invitation>) => call<DoorLink>('POST', 'people/invitations', entry),
  uninvite: (id: number) => call<People>('DELETE', `people/invitations/${id}`),
  giveRole: (id: number, role: string, password: string) =>
    call<People>('PUT', `people/${id}`, { format: 'velko.person/1', role, password }),
  takeAway: (id: number, password: string) =>
    call<People>('DELETE', `people/${id}`, { format: 'velko.own-password/1', password }),
  passwordLink: (id: number, password: string) =>
    call<DoorLink>('POST', `people/${id}/link`, { format: 'velko.own-password/1', password }),
  decideHeld: (id: number, keep: boolean) =>
    call<People>('POST', `people/${id}/held`, { format: 'velko.held-decision/1', keep }),
  farewell: (entry: AsTyped<Farewell>) => call<Session>('POST', 'kitchen/farewell', entry),
  stay: () => call<Session>('DELETE', 'kitchen/farewell'),
  demo: () => call<Session>('POST', 'session/demo'),
  openKitchen: (entry: AsTyped<NewKitchen>) => call<Session>('POST', 'kitchens', entry),
  kitchen: () => call<Kitchen>('GET', 'kitchen'),
  keepHouse: (entry: AsTyped<House>) => call<Kitchen>('PUT', 'kitchen', entry),
  setUp: (entry: AsTyped<SetUp>) => call<Kitchen>('POST', 'kitchen/set-up', entry),
  keepThing: <Name extends keyof Things>(
    address: Name,
    id: number | undefined,
    entry: AsTyped<Things[Name]>,
    tag?: string,
  ) =>
    id === undefined
      ? call<Kitchen>('POST', `kitchen/${address}`, entry)
      : call<Kitchen>('PUT', `kitchen/${address}/${id}`, entry, undefined, changed(tag)),
  retireThing: (address: string, id: number) => call<Kitchen>('DELETE', `kitchen/${address}/${id}`),
  bringBack: (address: string, id: number) => call<Kitchen>('POST', `kitchen/${address}/${id}/back`),
  bringBackDish: (id: number) => call<Kitchen>('POST', `dishes/${id}/back`),
  deviceKey: (id: number) => call<DeviceKey>('POST', `kitchen/devices/${id}/key`),
  panHolds: (pan: AsTyped<PanEntry>, signal?: AbortSignal) =>
    call<PanHolds>('POST', 'kitchen/pans/holds', pan, signal),
  boilOff: (burner: number, entry: AsTyped<BoilOffEntry>) =>
    call<Kitchen>('POST', `kitchen/burners/${burner}/boil-off`, entry),
  readRecipe: (text: string) =>
    call<RecipeRead>('POST', 'recipes/read', { format: 'velko.recipe-said/1', text }),
  keepRecipe: (entry: RecipeEntry) => call<Imported>('POST', 'recipes', entry),
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
  keepDish: (id: number | undefined, entry: AsTyped<DishEntry>, version?: number) =>
    id === undefined
      ? call<DishPage>('POST', 'dishes', entry)
      : call<DishPage>('PUT', `dishes/${id}`, entry, undefined, changed(String(version ?? 0))),
  copyDish: (id: number) => call<DishPage>('POST', `dishes/${id}/copy`),
  retireDish: (id: number) => call<Kitchen>('DELETE', `dishes/${id}`),
  workOut: (ask: Ask, signal?: AbortSignal) => call<Working>('POST', 'work-out', ask, signal),
  amount: (said: Omit<AmountSaid, 'format'>) =>
    call<AmountRead>('POST', 'amounts', { format: 'velko.amount-said/1', ...said }),
  food: (name: string, signal?: AbortSignal) =>
    call<FoodByName>('GET', `foods?name=${encodeURIComponent(name)}`, undefined, signal),
  around: (ask: Ask, signal?: AbortSignal) => call<Around>('POST', 'around', ask, signal),
  swap: (ask: Ask, ingredient: number, instead: string) =>
    call<Swapped>('POST', 'swaps', { format: 'velko.swap-asked/1', ask, ingredient, instead }),
  choices: (ask: Ask, signal?: AbortSignal) => call<Choices>('POST', 'choices', ask, signal),
  /** `serves`: the firings of a night that it is for. */
  start: (id: string, ask: Ask, serves: Serves[] = []) =>
    call<Cook>('POST', 'cooks', {
      format: 'velko.start-cook/1',
      id,
      ask,
      ...(serves.length === 0 ? {} : { serves }),
    }),
  nights: () => call<Nights>('GET', 'nights'),
  night: (day: string) => call<Night>('GET', `nights/${day}`),
  nightLists: (day: string) => call<NightLists>('GET', `nights/${day}/lists`),
  nightOffers: (day: string, signal?: AbortSignal) =>
    call<NightOffers>('GET', `nights/${day}/offers`, undefined, signal),
  manNight: (day: string, entry: AsTyped<NightEntry>, tag?: string) =>
    call<Night>('PUT', `nights/${day}`, entry, undefined, changed(tag)),
  copyNight: (day: string, from: string) =>
    call<Night>('POST', `nights/${day}/copy`, { format: 'velko.night-copy/1', from }),
  readFirings: (day: string, text: string) =>
    call<FiringsRead>('POST', `nights/${day}/read`, { format: 'velko.firings-said/1', text }),
  putFirings: (day: string, firings: FiringEntry[]) =>
    call<Night>('POST', `nights/${day}/firings`, { format: 'velko.firings-entry/1', firings }),
  keepFiring: (id: number, entry: AsTyped<FiringEntry>, tag?: string) =>
    call<Night>('PUT', `firings/${id}`, entry, undefined, changed(tag)),
  strikeFiring: (id: number) => call<Night>('DELETE', `firings/${id}`),
  cook: (id: string) => call<Cook>('GET', `cooks/${id}`),
  waysBack: (id: string) => call<WaysBack>('GET', `cooks/${id}/ways-back`),
  keep: (id: string, event: object, by: number | null) =>
    call<Cook>('POST', `cooks/${id}/events${by === null ? '' : `?by=${by}`}`, event),
  learned: () => call<Learned>('GET', 'learned'),
  takeOwn: (entry: AsTyped<OwnNumberEntry>) => call<OwnTaken>('POST', 'learned/own', entry),
  giveOwnBack: (entry: AsTyped<OwnNumberEntry>) => call<OwnTaken>('POST', 'learned/own/back', entry),
  /** `sought`: as it stands in the address of the page. */
  log: (cursor: string | null, sought = '') => {
    const asked = new URLSearchParams(sought);
    if (cursor !== null) {
      asked.set('cursor', cursor);
    }
    return call<Log>('GET', asked.size === 0 ? 'cooks' : `cooks?${asked}`);
  },
  weeks: () => call<Weeks>('GET', 'log/weeks'),
  readPaper: (text: string, columns: PaperSaid['columns']) =>
    call<PaperRead>('POST', 'log/read', { format: 'velko.paper-said/1', text, columns: columns ?? null }),
  keepPaper: (lines: PaperLine[]) =>
    call<PaperKept>('POST', 'log/paper', { format: 'velko.paper-entry/1', lines }),
  strikePaper: (line: string) => call<null>('DELETE', `log/paper/${line}`),
  keepPhoto: (cook: string, photo: Blob) => call<Cook>('PUT', `cooks/${cook}/photo`, photo),
  dropPhoto: (cook: string) => call<Cook>('DELETE', `cooks/${cook}/photo`),
};
