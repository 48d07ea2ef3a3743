/** The real server on a database of its own, made afresh, for the end-to-end tests and the pictures. */
import { ensureDatabase, releaseServer } from '../scripts/lib/postgres.mjs';
import { script } from '../scripts/lib/say.mjs';
import { endWith, startApp } from '../scripts/lib/server.mjs';
import { ensureWeb } from '../scripts/lib/web.mjs';

let database;
const undo = async () => database && (await releaseServer(database));

await script(async () => {
  await ensureWeb();
  database = await ensureDatabase(process.env.E2E_DATABASE ?? 'lentum_e2e', { fresh: true });
  const app = await startApp(database, { port: Number(process.env.E2E_PORT) });
  const end = endWith(app.stop, undo);
  // A server that ends by itself ends the rest.
  app.child.once('exit', (code) => end(code ?? 1));
}, undo);
