/** The programs of PostgreSQL that take and bring back its data. */
import { spawn } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';

/** Debian's place for them, by version. */
const DEBIAN = '/usr/lib/postgresql';

/** The newest of a program on this machine; undefined where there is none. */
function programOf(name: 'pg_dump' | 'pg_restore'): string | undefined {
  const versions = existsSync(DEBIAN) ? readdirSync(DEBIAN) : [];
  const places = [
    ...versions.sort((a, b) => Number(b) - Number(a)).map((v) => path.join(DEBIAN, v, 'bin')),
    ...(process.env['PATH'] ?? '').split(path.delimiter),
  ];
  return places.map((p) => path.join(p, name)).find((p) => existsSync(p));
}

/** The parts of an address as these programs read them: no password stands in a list of processes. */
function environment(address: string): NodeJS.ProcessEnv {
  const { hostname, port, username, password, pathname } = new URL(address);
  return {
    ...process.env,
    PGHOST: decodeURIComponent(hostname),
    PGPORT: port === '' ? '5432' : port,
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
  };
}

/** @throws with what the program said, where it failed or is not there */
export async function runProgram(
  name: 'pg_dump' | 'pg_restore',
  address: string,
  args: readonly string[],
): Promise<void> {
  const program = programOf(name);
  if (program === undefined)
    throw new Error(`${name} is not on this machine; it comes with Debian's package postgresql-client.`);
  const child = spawn(program, args, { env: environment(address), stdio: ['ignore', 'ignore', 'pipe'] });
  let said = '';
  child.stderr.on('data', (d: Buffer) => (said += d.toString()));
  const code = await new Promise<number>((done, failed) => {
    child.once('error', failed);
    child.once('close', (c) => done(c ?? 1));
  });
  if (code !== 0) throw new Error(`${name} ended with ${code}: ${said.trim().slice(-800)}`);
}
