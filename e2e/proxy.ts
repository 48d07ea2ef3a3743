/** The proxy of docs/deploy as it stands there, with other ports and a certificate of the tests. */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { freePort } from '../scripts/lib/debianpg.mjs';

const EXAMPLE = new URL('../docs/deploy/haproxy.cfg', import.meta.url);
export const NAME = 'lentum.example';

export interface Proxy {
  readonly plain: number;
  readonly secure: number;
  readonly end: () => Promise<void>;
}

/**
 * @param folder where its file is written
 * @param certificate with its key
 * @param servers the ports of both
 */
export async function proxy(
  folder: string,
  certificate: string,
  servers: readonly [number, number],
): Promise<Proxy> {
  const [plain, secure] = [await freePort(), await freePort()];
  let text = readFileSync(EXAMPLE, 'utf8');
  for (const [there, here] of [
    ['bind :80\n', `bind 127.0.0.1:${plain}\n`],
    ['bind :443 ', `bind 127.0.0.1:${secure} `],
    ['/etc/haproxy/lentum.pem', certificate],
    ['127.0.0.1:4174', `127.0.0.1:${servers[0]}`],
    ['127.0.0.1:4175', `127.0.0.1:${servers[1]}`],
  ] as const) {
    if (text.split(there).length !== 2) throw new Error(`the example does not have “${there}” once`);
    text = text.replace(there, here);
  }
  const file = path.join(folder, 'haproxy.cfg');
  writeFileSync(file, text);
  const child = spawn('/usr/sbin/haproxy', ['-db', '-f', file], { stdio: ['ignore', 'ignore', 'pipe'] });
  let said = '';
  child.stderr.on('data', (d) => (said += String(d)));
  while (!(await answers(plain))) {
    if (child.exitCode !== null) throw new Error(`the proxy did not start:\n${said}`);
    await wait(50);
  }
  // What it only warns of is a mistake of the example too.
  if (/WARNING|ALERT/.test(said)) throw new Error(`the proxy complains:\n${said}`);
  return {
    ...{ plain, secure },
    end: async () => {
      if (child.exitCode !== null) return;
      child.kill('SIGTERM');
      await once(child, 'exit');
    },
  };
}

const answers = (port: number): Promise<boolean> =>
  fetch(`http://127.0.0.1:${port}/`, { redirect: 'manual' }).then(
    () => true,
    () => false,
  );
