/** Who asks a server as a device does it: an answer is a status, and no answer is one as well. */
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';

const QUIET_MS = 25;

export class Caller {
  /** What was said to the last request that was refused. */
  lastDetail = '';

  /** @param base the address of the interface, such as http://127.0.0.1:4174/api/v1 */
  constructor(public base = '') {}

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
