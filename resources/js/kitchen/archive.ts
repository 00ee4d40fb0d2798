import { api, Refusal } from '../api';
import type { ArchiveHead } from '../contracts.generated';

/* The archive of a kitchen as it is brought in: the kitchen first, then its log in parts, so that a log of any length
 * passes through without ever being in memory whole, here or there. */

const GZIP = [0x1f, 0x8b];

/** One part of a log: so many lines, or so many characters, whichever comes first. */
const MOST_LINES = 40;
const MOST_CHARACTERS = 1_500_000;

export interface ReadArchive {
  head: ArchiveHead;
  /** Its cooks, a line each, anew each time they are asked for. */
  cooks: () => AsyncIterable<string>;
}

/** null where it is not the archive of a kitchen; whether all of it holds is the server's to say. */
export async function readArchive(file: File): Promise<ReadArchive | null> {
  try {
    for await (const line of linesOf(file)) {
      const head = JSON.parse(line) as Partial<ArchiveHead>;
      return head.format === 'velko.archive/2' && isKitchen(head)
        ? { head, cooks: () => linesOf(file, 1) }
        : await readOld(file);
    }
    return null;
  } catch {
    return readOld(file);
  }
}

const isKitchen = (head: Partial<ArchiveHead>): head is ArchiveHead =>
  typeof head.house?.name === 'string' && [head.pans, head.burners, head.dishes].every(Array.isArray);

/** From before it came in lines: one document. */
async function readOld(file: File): Promise<ReadArchive | null> {
  try {
    const { cooks = [], ...rest } = JSON.parse(await file.text()) as { cooks?: unknown[] } & object;
    const head = { ...rest, format: 'velko.archive/2', cooks: cooks.length } as Partial<ArchiveHead>;
    return isKitchen(head)
      ? {
          head,
          cooks: async function* () {
            for (const cook of cooks) {
              yield await Promise.resolve(JSON.stringify(cook));
            }
          },
        }
      : null;
  } catch {
    return null;
  }
}

async function* linesOf(file: File, from = 0): AsyncGenerator<string> {
  const start = new Uint8Array(await file.slice(0, GZIP.length).arrayBuffer());
  const packed = GZIP.every((byte, at) => start[at] === byte);
  const bytes: ReadableStream<BufferSource> = file.stream();
  const text = (packed ? bytes.pipeThrough(new DecompressionStream('gzip')) : bytes).pipeThrough(
    new TextDecoderStream(),
  );
  const reader = text.getReader();
  let rest = '';
  let number = 0;
  for (let read = await reader.read(); !read.done; read = await reader.read()) {
    const lines = (rest + read.value).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) {
      if (line.trim() !== '' && number++ >= from) {
        yield line;
      }
    }
  }
  if (rest.trim() !== '' && number >= from) {
    yield rest;
  }
}

/**
 * All of it, or nothing: what is refused takes with it what came before. Where the connection is lost it can go on later
 * with the same file.
 */
export async function bringArchive(
  { head, cooks }: ReadArchive,
  onProgress: (done: number) => void,
): Promise<void> {
  await api.bringKitchen(JSON.stringify(head));
  await bringCooks({ head, cooks }, onProgress);
}

/** A long log is more work than one person may ask for in a minute: what is too often is asked again when it may be. */
async function inItsTime(send: () => Promise<unknown>): Promise<void> {
  for (;;) {
    try {
      await send();
      return;
    } catch (fault) {
      if (!(fault instanceof Refusal) || fault.waitS === null) {
        throw fault;
      }
      const waitMs = 1000 * fault.waitS;
      await new Promise((resume) => setTimeout(resume, waitMs));
    }
  }
}

/** A line of a part is a cook of the log. */
const inTheLog =
  (before: number) =>
  <T extends { pointer: string }>(error: T): T => ({
    ...error,
    pointer: error.pointer.replace(/^\/(\d+)/, (_, line) => `/cooks/${before + Number(line) - 1}`),
  });

/** The log alone: for one that was broken off. */
export async function bringCooks({ cooks }: ReadArchive, onProgress: (done: number) => void): Promise<void> {
  let part: string[] = [];
  let characters = 0;
  let done = 0;
  const send = async () => {
    try {
      await inItsTime(() => api.bringCooks(part.join('\n')));
    } catch (fault) {
      if (fault instanceof Refusal && !fault.signedOut && fault.problem.status < 429) {
        await api.bringNothing();
        throw new Refusal({ ...fault.problem, errors: (fault.problem.errors ?? []).map(inTheLog(done)) });
      }
      throw fault;
    }
    done += part.length;
    part = [];
    characters = 0;
    onProgress(done);
  };
  for await (const line of cooks()) {
    part.push(line);
    characters += line.length;
    if (part.length >= MOST_LINES || characters >= MOST_CHARACTERS) {
      await send();
    }
  }
  if (part.length > 0) {
    await send();
  }
}
