/**
 * npm run failover: a primary, a replica, a pooler and two servers on loopback; the primary is killed while entries are written,
 * the replica takes its place, and the old one follows it from then on. Prints what was lost and how long it took.
 * `--without-waiting` for a primary that does not wait for its replica: it shows what that costs.
 */
import { existsSync } from 'node:fs';
import path from 'node:path';
import { ensureDebian } from './lib/debian.mjs';
import { binFolder } from './lib/debianpg.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { node } from './lib/run.mjs';
import { script } from './lib/say.mjs';

await script(async () => {
  await ensurePackages();
  await ensureDebian(['postgresql'], () => binFolder() !== undefined, 'PostgreSQL');
  await ensureDebian(['pgbouncer'], () => existsSync('/usr/sbin/pgbouncer'), 'pgbouncer');
  const all = path.join(ROOT, 'scripts/failover/all.ts');
  const { code } = await node(['--import', 'tsx', all, ...process.argv.slice(2)]);
  process.exit(code);
});
