/** Starting the application's server as a child process. */
import { spawn } from 'node:child_process';
import net from 'node:net';
import path from 'node:path';
import { ensureServer } from './bundle.mjs';
import { BACKUPS, ROOT, WEB_DIST } from './paths.mjs';
import { GaveUp } from './say.mjs';

const DEFAULT_PORT = 4174;

const isFree = (port) =>
  new Promise((resolve) => {
    const probe = net.createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/** The wanted port, or the next one that is free. */
export async function choosePort(wanted = Number(process.env.PORT ?? DEFAULT_PORT)) {
  for (let port = wanted; port < wanted + 50; port += 1) if (await isFree(port)) return port;
  return 0;
}

/** The two addresses of a database as the server reads them. */
export const addressesOf = ({ url, ownerUrl }) => ({ DATABASE_URL: url, DATABASE_OWNER_URL: ownerUrl });

/**
 * Starts the server and waits until it listens.
 * @returns the child, its port, and `stop`, which ends it cleanly
 */
export async function startApp(database, { port = 0, env = {}, watch = false, quiet = false } = {}) {
  const args = watch
    ? ['--watch', '--import', 'tsx', path.join(ROOT, 'server/src/main.ts')]
    : [await ensureServer()];
  const child = spawn(process.execPath, args, {
    cwd: ROOT,
    stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit', 'ipc'],
    env: {
      LENTUM_BACKUPS: BACKUPS,
      ...process.env,
      ...addressesOf(database),
      PORT: String(port),
      LENTUM_WEB: WEB_DIST,
      ...env,
    },
  });
  const stop = () =>
    new Promise((resolve) => {
      if (child.exitCode !== null || child.signalCode !== null) return resolve();
      child.once('exit', resolve);
      child.kill('SIGTERM');
    });
  return new Promise((resolve, reject) => {
    // With --watch the watcher sends messages of its own.
    child.on('message', (m) => typeof m.port === 'number' && resolve({ child, port: m.port, stop }));
    child.once('exit', (code) => reject(new GaveUp(`The server ended with ${code} before it listened.`)));
  });
}

/**
 * On Ctrl-C or SIGTERM, once: ends children and servers one after the other, then the process.
 * @returns the same, to be called when a child ends by itself
 */
export function endWith(...stops) {
  let ending = false;
  const end = async (code = 0) => {
    if (ending) return;
    ending = true;
    for (const stop of stops) await stop();
    process.exit(code);
  };
  process.on('SIGINT', () => end());
  process.on('SIGTERM', () => end());
  return end;
}
