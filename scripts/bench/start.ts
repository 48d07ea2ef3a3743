/** `npm start` the second time, to the printed address. */
import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type { Row } from './table.ts';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const AIM_S = 10;

function once(): Promise<number> {
  const from = performance.now();
  const { DATABASE_URL: _own, DATABASE_OWNER_URL: _owner, ...env } = process.env;
  const child = spawn('npm', ['start'], {
    cwd: ROOT,
    env: { ...env, PORT: '4300' },
    stdio: ['ignore', 'pipe', 'inherit'],
    detached: true,
  });
  return new Promise((resolve) => {
    child.stdout.on('data', (d: Buffer) => {
      if (!d.toString().includes('listens on')) return;
      const seconds = (performance.now() - from) / 1000;
      child.once('close', () => resolve(seconds));
      if (child.pid !== undefined) process.kill(-child.pid, 'SIGTERM');
    });
  });
}

export async function benchStart(): Promise<Row[]> {
  await once();
  const seconds = await once();
  return [
    {
      what: '`npm start` the second time, to its address',
      measured: `${seconds.toFixed(1)} s`,
      aim: '< 10 s',
      held: seconds < AIM_S,
    },
  ];
}
