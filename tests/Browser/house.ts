import { execFileSync } from 'node:child_process';
import { test as base } from '@playwright/test';

/** What `bin/lib/demo-server.sh` does with the house of the worker that calls: `kill` as a power cut would, `serve` to come back. */
function house(command: string, ...rest: string[]): string {
  return execFileSync('bin/lib/demo-server.sh', [command, ...rest], {
    env: { ...process.env, VELKO_LANE: process.env['TEST_PARALLEL_INDEX'] ?? '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
    encoding: 'utf8',
  }).trim();
}

export const server = (command: 'kill' | 'serve'): void => {
  house(command);
};

/** The demo kitchen as it was seeded, whatever other tests have made of it. */
export const asSeeded = (): void => {
  house('again');
};

/** A scale, a probe and a knob at every ring of the demo kitchen; their keys into the folder. */
export const standDevices = (folder: string): void => {
  house('devices', folder);
};

/** ms that making a house may take on a busy machine. */
const BUILDS_WITHIN = 180_000;

/** Each worker has a house of its own, database and all: what one breaks is not another's. */
export const test = base.extend<object, { address: string }>({
  address: [
    // Playwright reads from the braces which fixtures this one needs: none.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const address = house('fresh');
      await use(address);
      house('stop');
    },
    { scope: 'worker', timeout: BUILDS_WITHIN },
  ],
  baseURL: async ({ address }, use) => {
    await use(address);
  },
});
