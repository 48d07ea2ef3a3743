/** Every fault, one after the other, and a table of what came of it. `--short` for a few of each. */
import { killed, type KILLS, type Killed } from './killed.ts';
import { odd } from './odd.ts';
import { phones } from './phones.ts';
import { storage } from './storage.ts';
import { Target } from './target.ts';
import { seeded } from '../../core/test/support/random.ts';

const short = process.argv.includes('--short');
const INPUTS = short ? 400 : 10_000;
const TIMES: Record<keyof typeof KILLS, number> = short
  ? { server: 3, connections: 2, database: 1 }
  : { server: 50, connections: 10, database: 10 };
const EACH_PHONE = short ? 4 : 200;
const BACK_MS = 10_000;
const WAIT_MS = 250;

const say = (text: string): void => console.log(text);
const { DATABASE_URL: url = '', DATABASE_OWNER_URL: ownerUrl = url } = process.env;
// The environment's own database is named no cluster; this one is.
const target = new Target({ url, ownerUrl, cluster: 'faults' });
await target.begin();
let bad = 0;
const held = (ok: boolean): string => {
  if (!ok) bad += 1;
  return ok ? 'held' : 'MISSED';
};
try {
  const o = await odd(target, INPUTS, seeded(17));
  say(`${o.inputs} odd inputs: ${JSON.stringify(o.byHundreds)}`);
  say(`  5xx: ${o.faults.length}  ${held(o.faults.length === 0)}`);
  for (const f of o.faults.slice(0, 10)) say(`    ${f}`);
  // A busy machine makes everything longer: times are numbers to look at, and count in the long form only.
  const hung = `  longer than 2 s: ${o.hangs.length}`;
  say(short ? hung : `${hung}  ${held(o.hangs.length === 0)}`);
  for (const h of o.hangs.slice(0, 10)) say(`    ${h}`);
  const waited = `  another client waited at most ${o.longestWaitMs.toFixed(0)} ms of ${WAIT_MS}`;
  say(short ? waited : `${waited}  ${held(o.longestWaitMs <= WAIT_MS)}`);
  for (const what of ['server', 'connections', 'database'] as const) {
    const k: Killed = await killed(target, what, TIMES[what], seeded(23));
    say(`${what} killed ${k.times} times while ${k.acknowledged} entries were acknowledged`);
    say(
      `  lost ${k.lost}, broken chains ${k.broken}, stored twice ${k.twice}  ${held(k.lost + k.broken + k.twice === 0)}`,
    );
    const back = `  back after at most ${(k.slowestMs / 1000).toFixed(1)} s of ${BACK_MS / 1000}`;
    say(short ? back : `${back}  ${held(k.slowestMs <= BACK_MS)}`);
    held(k.acknowledged > 0);
  }
  const p = await phones(target, EACH_PHONE);
  say(`${p.phones} phones without a signal, two tabs each, one closed in between: ${p.entered} entries`);
  say(
    `  lost ${p.lost}, twice ${p.twice}, out of order ${p.outOfOrder}  ${held(p.lost + p.twice + p.outOfOrder === 0 && p.entered === 2 * EACH_PHONE)}`,
  );
  say(`  all sent ${(p.slowestMs / 1000).toFixed(1)} s after the signal was back`);
  const s = await storage(target);
  say(`storage ${s.tried.join(', ')}: silently gone ${s.silent.length}  ${held(s.silent.length === 0)}`);
  for (const what of s.silent) say(`    ${what}`);
} finally {
  await target.end();
}
say(bad === 0 ? 'Nothing was missed.' : `${bad} missed.`);
process.exit(bad === 0 ? 0 : 1);
