/** A job file of 125,000 entries comes in, while another client asks. */
import { randomUUID } from 'node:crypto';
import { DEMO_ANCHOR } from '@lentum/demo';
import { writeJobFile } from '@lentum/core/jobfile';
import '../../server/src/fasthash.ts';
import { prepare } from '../../server/src/db/prepare.ts';
import { otherClient } from '../lib/otherclient.mjs';
import { startApp } from '../lib/server.mjs';
import { largeJob } from './manyentries.ts';
import type { Row } from './table.ts';

const ENTRIES = 125_000;
const AIM_S = 8;
const WAIT_MS = 250;

export async function benchImports(): Promise<Row[]> {
  const { DATABASE_URL: url = '', DATABASE_OWNER_URL: ownerUrl = url } = process.env;
  await prepare({ url, ownerUrl });
  const body = Buffer.from(JSON.stringify(writeJobFile(largeJob(ENTRIES), DEMO_ANCHOR)));
  const app = await startApp(
    { url, ownerUrl },
    { env: { LENTUM_DEMO: 'off', LENTUM_RATES: 'off' }, quiet: true },
  );
  const base = `http://127.0.0.1:${app.port}/api/v1`;
  const put = (data: Buffer): Promise<Response> =>
    fetch(`${base}/jobs/${randomUUID()}/file`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: new Uint8Array(data),
    });
  try {
    // The threads are started: that is not what is measured.
    await put(Buffer.from('{}'));
    const longest = otherClient(`${base}/jobs?limit=1`);
    const from = performance.now();
    const answer = await put(body);
    const seconds = (performance.now() - from) / 1000;
    const longestMs = await longest();
    if (answer.status !== 201)
      throw new Error(`the import was answered with ${answer.status}: ${await answer.text()}`);
    return [
      {
        what: `a job file of ${ENTRIES.toLocaleString('en')} entries (${(body.length / 1e6).toFixed(0)} MB), stored`,
        measured: `${seconds.toFixed(1)} s`,
        aim: `< ${AIM_S} s`,
        held: seconds < AIM_S,
      },
      {
        what: 'another client meanwhile, longest wait',
        measured: `${longestMs.toFixed(0)} ms`,
        aim: `< ${WAIT_MS} ms`,
        held: longestMs < WAIT_MS,
      },
    ];
  } finally {
    await app.stop();
  }
}
