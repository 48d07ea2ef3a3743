import type { ChildProcess } from 'node:child_process';

export interface App {
  readonly child: ChildProcess;
  readonly port: number;
  readonly stop: () => Promise<void>;
}
export function choosePort(wanted?: number): Promise<number>;
export function startApp(
  databaseUrl: string,
  options?: { port?: number; env?: Record<string, string>; watch?: boolean; quiet?: boolean },
): Promise<App>;
