import type { ChildProcess } from 'node:child_process';
import type { Database } from './postgres.mjs';

export interface App {
  readonly child: ChildProcess;
  readonly port: number;
  readonly stop: () => Promise<void>;
}
export function addressesOf(database: Database): { DATABASE_URL: string; DATABASE_OWNER_URL: string };
export function choosePort(wanted?: number): Promise<number>;
export function startApp(
  database: Database,
  options?: { port?: number; env?: Record<string, string>; watch?: boolean; quiet?: boolean },
): Promise<App>;
