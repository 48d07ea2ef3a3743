/** The server under fault: kept alive as `npm start` keeps it, on one port, with a job to write to. */
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { keepAlive } from '../lib/keepalive.mjs';
import { watchDatabase, type Database } from '../lib/postgres.mjs';
import { choosePort, startApp, type App } from '../lib/server.mjs';

const QUIET_MS = 25;

export class Target {
  private app: App | undefined;
  private alive: { stop: () => Promise<void> } | undefined;
  private endWatch: () => void = () => undefined;
  base = '';
  /** What was said to the last request that was refused. */
  lastDetail = '';

  constructor(readonly database: Database) {}

  async begin(): Promise<void> {
    const port = await choosePort(4600);
    const start = async (): Promise<App> => {
      this.app = await startApp(this.database, {
        port,
        env: { LENTUM_DEMO: 'off', LENTUM_RATES: 'off' },
        quiet: true,
      });
      return this.app;
    };
    // Killed far more often than a server dies by itself: it is never given up here.
    const clock = { now: 0 };
    this.alive = await keepAlive(start, {
      again: () => undefined,
      givenUp: () => undefined,
      now: () => (clock.now += 3_600_000),
    });
    this.endWatch = watchDatabase('lentum_faults', this.database, () => undefined);
    this.base = `http://127.0.0.1:${port}/api/v1`;
  }
  kill(): void {
    this.app?.child.kill('SIGKILL');
  }
  async end(): Promise<void> {
    this.endWatch();
    await this.alive?.stop();
  }

  /** @returns the status, or nothing where there was no answer */
  async ask(method: string, path: string, body?: unknown): Promise<number | undefined> {
    try {
      const r = await fetch(`${this.base}${path}`, {
        method,
        ...(body === undefined
          ? {}
          : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
        signal: AbortSignal.timeout(30_000),
      });
      const text = await r.text();
      if (!r.ok) this.lastDetail = text.slice(0, 500);
      return r.status;
    } catch {
      return undefined;
    }
  }
  async read<T>(path: string): Promise<T> {
    const r = await fetch(`${this.base}${path}`);
    if (!r.ok) throw new Error(`${path} answers ${r.status}`);
    return (await r.json()) as T;
  }
  /** Until the database answers again. @returns how long it took, ms */
  async back(): Promise<number> {
    const from = performance.now();
    while ((await this.ask('GET', '/jobs?limit=1')) !== 200) await wait(QUIET_MS);
    return performance.now() - from;
  }
  async job(): Promise<string> {
    const id = randomUUID();
    const head = { name: 'A roof', place: '', timeZone: 'Etc/GMT', units: 'metric' };
    const status = await this.ask('PUT', `/jobs/${id}`, head);
    if (status !== 201) throw new Error(`a job was not made: ${status}`);
    return id;
  }
}
