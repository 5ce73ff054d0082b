/** A Stube without sites for each test file: the built server, and eyes for what goes wrong. */
import type { ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readFileSync } from 'node:fs';
import { expect, test as base, type Page } from '@playwright/test';
import type { SiteSummary, Snapshot } from '@stube/contract/answers';
import type { SiteData } from '@stube/core/model';
import { forkServer } from '../scripts/server.mjs';
import { now } from './clock.ts';
import { EMPTY } from './setup.ts';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

export class Stube {
  readonly directory = mkdtempSync(join(tmpdir(), 'stube-e2e-'));
  port = 0;
  private child: ChildProcess | null = null;

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    const { child, ready } = forkServer({
      STUBE_DATA: join(this.directory, 'data'),
      PORT: String(this.port),
      STUBE_NOW: now().toISOString(),
    });
    this.child = child;
    this.port = (await ready).port;
  }

  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    const child = this.child;
    if (!child || child.exitCode !== null) return;
    this.child = null;
    await new Promise((resolve) => child.removeAllListeners('exit').once('exit', resolve).kill(signal));
  }

  /** The same data directory and port, after a stop of that kind. */
  async restart(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    await this.stop(signal);
    await this.start();
  }

  async end(): Promise<void> {
    await this.stop();
    rmSync(this.directory, { recursive: true, force: true });
  }

  async loadDemo(): Promise<void> {
    await this.ask('/visit', {});
  }

  async ask<T>(path: string, body?: unknown): Promise<T> {
    const response = await fetch(
      `${this.address}/api${path}`,
      body === undefined
        ? {}
        : { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) },
    );
    return (await response.json()) as T;
  }

  /** Those that are not removed. */
  async sites(): Promise<SiteSummary[]> {
    return (await this.ask<SiteSummary[]>('/sites')).filter(({ removed }) => !removed);
  }

  async data(site: string): Promise<SiteData> {
    return (await this.ask<Snapshot>(`/sites/${site}`)).data;
  }
}

/** What is refused at a field or overtaken is an answer, though the browser's console counts it as an error. */
const REFUSALS = /status of (400|409|422) /;

/** The Stube of a worker. A start takes several seconds: the next file has the same one, with its sites removed. */
class Stubes {
  private file = '';
  private stube: Stube | null = null;

  /** @param fresh for files that look at what there is before the first site */
  async of(file: string, fresh: boolean): Promise<Stube> {
    if (this.stube && this.file === file) return this.stube;
    this.file = file;
    if (this.stube && !fresh) {
      for (const { id } of await this.stube.sites())
        await fetch(`${this.stube.address}/api/sites/${id}`, { method: 'DELETE' });
      return this.stube;
    }
    await this.stube?.end();
    this.stube = new Stube();
    cpSync(EMPTY, join(this.stube.directory, 'data'), { recursive: true });
    await this.stube.start();
    return this.stube;
  }
  async end(): Promise<void> {
    await this.stube?.end();
  }
}

/** Tests with one Stube for the whole file; every console error and failed request fails the test that caused it. */
export const test = base.extend<{ stube: Stube; watched: void }, { stubes: Stubes; fresh: boolean }>({
  fresh: [false, { option: true, scope: 'worker' }],
  stubes: [
    // eslint-disable-next-line no-empty-pattern -- the first argument has to be a pattern
    async ({}, use) => {
      const stubes = new Stubes();
      await use(stubes);
      await stubes.end();
    },
    { scope: 'worker' },
  ],
  stube: async ({ stubes, fresh }, use, { file }) => use(await stubes.of(file, fresh)),
  watched: [
    async ({ page }, use) => {
      const wrong: string[] = [];
      page.on(
        'console',
        (message) => message.type() === 'error' && !REFUSALS.test(message.text()) && wrong.push(message.text()),
      );
      page.on('pageerror', (error) => wrong.push(String(error)));
      page.on(
        'requestfailed',
        (request) =>
          request.failure()?.errorText !== 'net::ERR_ABORTED' &&
          wrong.push(`${request.url()} ${request.failure()?.errorText}`),
      );
      await page.clock.install({ time: now() });
      // A search finds most of what it finds early.
      await page.addInitScript(() => (globalThis.stubeSearchMs = 500));
      await use();
      expect(wrong).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

interface AxeResult {
  violations: { id: string; nodes: { target: string[]; failureSummary?: string }[] }[];
}

/** A screen whose code and rows have come, and which has not changed for a moment. */
export async function settled(page: Page): Promise<void> {
  await expect(page.locator('main.opening')).toHaveCount(0);
  await page.locator('main').first().waitFor({ state: 'attached' });
  await page.locator('h1').first().waitFor({ state: 'attached' });
  await page.evaluate(
    (quietMs) =>
      new Promise<void>((resolve) => {
        let timer = setTimeout(resolve, quietMs);
        new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(resolve, quietMs);
        }).observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
    150,
  );
}

/** No violation of WCAG 2.2 A and AA, nor of axe's own good practice, on what is shown now. */
export async function expectAccessible(page: Page): Promise<void> {
  await settled(page);
  // What is coming in is still pale: its colours are looked at when it is there.
  await page.waitForFunction(() =>
    document.getAnimations().every(({ playState, effect }) => {
      const end = effect?.getComputedTiming().endTime;
      return playState !== 'running' || end === Infinity;
    }),
  );
  // The policy of the page forbids inline scripts: axe comes in through the debugger, once for each page that is loaded.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  const look = (selectors: boolean) =>
    page.evaluate(
      (options) => (window as unknown as { axe: { run(options: object): Promise<AxeResult> } }).axe.run(options),
      // The styles are the page's own; where a fault is found is asked only when there is one.
      { resultTypes: ['violations'], preload: false, selectors },
    );
  const found = await look(false);
  const { violations } = found.violations.length ? await look(true) : found;
  expect(
    violations.map(
      (violation) =>
        `${violation.id}: ${violation.nodes.map((node) => `${node.target.join(' ')} ${node.failureSummary ?? ''}`).join(' | ')}`,
    ),
  ).toEqual([]);
}

/** What is drawn to the width of the page follows it a moment after the page has changed its own. */
export async function expectNoSideScroll(page: Page): Promise<void> {
  const wide = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  await expect.poll(wide, { message: `${page.url()} is wider than the page` }).toBeLessThanOrEqual(0);
}

/** A PDF's text, page after page. */
export async function pdfText(bytes: Uint8Array): Promise<string> {
  const { extractText, getDocumentProxy } = await import('unpdf');
  return (await extractText(await getDocumentProxy(bytes), { mergePages: true })).text.replace(/\s+/g, ' ');
}
