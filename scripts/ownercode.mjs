/** npm run owner-code [-- NAME]: a code for an owner who cannot come in any more, made at the machine itself. */
import path from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { ensureDatabase, releaseServer } from './lib/postgres.mjs';
import { node } from './lib/run.mjs';
import { script } from './lib/say.mjs';
import { addressesOf } from './lib/server.mjs';

let database;
const undo = async () => database && (await releaseServer(database));

await script(async () => {
  await ensurePackages();
  database = await ensureDatabase(process.env.LENTUM_DATABASE ?? 'lentum');
  const { code } = await node(
    ['--import', 'tsx', path.join(ROOT, 'server/src/access/owncode.ts'), ...process.argv.slice(2)],
    { env: { ...process.env, ...addressesOf(database) } },
  );
  await undo();
  process.exit(code);
}, undo);
