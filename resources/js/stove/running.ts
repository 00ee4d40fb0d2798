/** Which cooks this tablet put on or opened, newest first, so that their tickets hang on the rail. */

const KEY = 'velko.running';
const MOST = 4;

export function remembered(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(kept)
      ? kept.filter((id): id is string => typeof id === 'string').slice(0, MOST)
      : [];
  } catch {
    return [];
  }
}

export function remember(id: string): void {
  localStorage.setItem(
    KEY,
    JSON.stringify([id, ...remembered().filter((other) => other !== id)].slice(0, MOST)),
  );
}

export function forget(id: string): void {
  localStorage.setItem(KEY, JSON.stringify(remembered().filter((other) => other !== id)));
}
