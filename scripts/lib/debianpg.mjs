/** Debian's PostgreSQL: where it is, as whom it runs, and how its programs are called. */
import { execFileSync, spawnSync } from 'node:child_process';
import { chownSync, existsSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import net from 'node:net';
import path from 'node:path';

const DEBIAN = '/usr/lib/postgresql';

export function binFolder() {
  if (!existsSync(DEBIAN)) return undefined;
  const versions = readdirSync(DEBIAN).filter((v) => existsSync(path.join(DEBIAN, v, 'bin', 'initdb')));
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0];
  return newest && path.join(DEBIAN, newest, 'bin');
}

export function serverUser() {
  if (process.getuid?.() !== 0) return {};
  const [, , uid, gid] = execFileSync('getent', ['passwd', 'postgres'], { encoding: 'utf8' })
    .trim()
    .split(':');
  return { uid: Number(uid), gid: Number(gid) };
}

/** Whether the server's user can enter a folder: every parent must let it through. */
export function reachable(folder, user) {
  return (
    user.uid === undefined || spawnSync('ls', [folder], { ...user, cwd: '/', stdio: 'ignore' }).status === 0
  );
}

/** The wanted port where it is free, else another; 0 wants any. */
export const freePort = (wanted = 0) =>
  new Promise((resolve, reject) => {
    const probe = net.createServer();
    probe.on('error', (error) => (wanted > 0 ? freePort().then(resolve, reject) : reject(error)));
    probe.listen(wanted, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });

export function command(user, program, args, options = {}) {
  const done = spawnSync(program, args, {
    cwd: '/',
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'pipe'],
    ...user,
    ...options,
  });
  return { code: done.status ?? 1, output: `${done.stdout ?? ''}${done.stderr ?? ''}${done.error ?? ''}` };
}

/** Hands a file or a folder to the user under whom PostgreSQL runs. */
export function giveTo(user, where) {
  if (user.uid !== undefined) chownSync(where, user.uid, user.gid);
}

/**
 * Makes an empty folder of data.
 * @param password of its first role
 * @returns as `command` does
 */
export function makeData(user, { data, owner, password, more = [] }) {
  const secret = path.join(path.dirname(data), `.secret-${process.pid}`);
  writeFileSync(secret, password, { mode: 0o600 });
  giveTo(user, secret);
  try {
    return command(user, path.join(binFolder(), 'initdb'), [
      ...['-D', data, '-U', owner, '-A', 'scram-sha-256', `--pwfile=${secret}`],
      ...['--locale=C.UTF-8', '-E', 'UTF8', '--no-sync', ...more],
    ]);
  } finally {
    rmSync(secret, { force: true });
  }
}

/** Starts it on a port of loopback, and waits until it answers. The socket folder needs a short path: there is none. */
export function startOn(user, { data, log, port, settings }) {
  const all = { listen_addresses: '127.0.0.1', port, unix_socket_directories: '', ...settings };
  const said = Object.entries(all).map(([key, value]) => `-c ${key}='${value}'`);
  return command(user, path.join(binFolder(), 'pg_ctl'), [
    ...['-D', data, '-w', '-t', '60', '-l', log, '-o', said.join(' '), 'start'],
  ]);
}
