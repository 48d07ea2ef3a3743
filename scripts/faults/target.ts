/** The server under fault: kept alive as `npm start` keeps it, on one port, with a job to write to. */
import { keepAlive } from '../lib/keepalive.mjs';
import { watchDatabase, type Database } from '../lib/postgres.mjs';
import { choosePort, startApp, type App } from '../lib/server.mjs';
import { Caller } from './caller.ts';

export class Target extends Caller {
  private app: App | undefined;
  private alive: { stop: () => Promise<void> } | undefined;
  private endWatch: () => void = () => undefined;

  constructor(readonly database: Database) {
    super();
  }

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
}
