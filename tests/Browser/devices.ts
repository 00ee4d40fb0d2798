import { spawn, type ChildProcessWithoutNullStreams } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createInterface, type Interface } from 'node:readline';
import type { Page } from '@playwright/test';
import { standDevices } from './house';

/** How much stronger the demo kitchen's rings are for the stand-ins than their marks say. */
export const POWER = 1.2;

const KINDS = ['scale', 'probe', 'knob'];

interface Running {
  process: ChildProcessWithoutNullStreams;
  lines: Interface;
}

/**
 * A scale, a probe and a knob at every ring, each kind a process of its own that speaks the line protocol to the server
 * under test. They read when they are told to, by the clock of the page.
 */
export class Devices {
  private constructor(
    private readonly folder: string,
    private readonly running: Running[],
  ) {}

  static atTheRings(url: string, seed: number): Devices {
    const folder = mkdtempSync(join(tmpdir(), 'velko-devices-'));
    standDevices(folder);
    const running = KINDS.map((kind) => {
      const options = [`--url=${url}`, `--keys=${join(folder, `${kind}.keys`)}`, `--power=${POWER}`];
      const process = spawn('php', [
        'artisan',
        'velko:device',
        kind,
        ...options,
        `--seed=${seed}`,
        '--clock=-',
      ]);
      return { process, lines: createInterface({ input: process.stdout }) };
    });
    return new Devices(folder, running);
  }

  /** Each reads once, at the moment that the page's clock shows, and has said so to the server, if there is one. */
  async read(page: Page): Promise<void> {
    const at = await page.evaluate(() => new Date().toISOString());
    await Promise.all(
      this.running.map(
        ({ process, lines }) =>
          new Promise<void>((heard, failed) => {
            const line = (text: string) => {
              lines.off('line', line);
              if (text === '.') {
                heard();
              } else {
                failed(new Error(text));
              }
            };
            lines.on('line', line);
            process.stdin.write(`${at}\n`);
          }),
      ),
    );
  }

  stop(): void {
    this.running.forEach(({ process }) => process.kill());
    rmSync(this.folder, { recursive: true });
  }
}
