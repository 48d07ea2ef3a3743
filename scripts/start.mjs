/** npm start: sets everything up, starts the server, prints its address. Fast the second time. */
import { FINAL_EXIT, keepAlive, MOST_STARTS } from './lib/keepalive.mjs';
import { keepBackups } from './lib/keepbackups.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ensureDatabase, releaseServer, watchDatabase } from './lib/postgres.mjs';
import { say, script } from './lib/say.mjs';
import { choosePort, endWith, startApp } from './lib/server.mjs';
import { ensureWeb } from './lib/web.mjs';

/** A database of another name, such as one that was brought back beside the first. */
const NAME = process.env.LENTUM_DATABASE ?? 'lentum';

let database;
/** What was begun is ended by a start that fails, the database with it. */
const undo = async () => database && (await releaseServer(database));

await script(async () => {
  await ensurePackages();
  const [made, built] = await Promise.allSettled([ensureDatabase(NAME), ensureWeb()]);
  database = made.value;
  for (const { status, reason } of [made, built]) if (status === 'rejected') throw reason;
  const wanted = Number(process.env.PORT ?? 4174);
  const port = await choosePort(wanted);
  if (port !== wanted) say(`Port ${wanted} is taken; using ${port}.`);
  const app = await keepAlive(() => startApp(database, { port }), {
    again: (code, times) => say(`The server ended with ${code}. It is started again (${times}).`),
    givenUp: (code) => {
      const often = code === FINAL_EXIT ? '' : `, ${MOST_STARTS} times within a minute`;
      say(`The server ended with ${code}${often}. It is not started again.`);
      void end(code ?? 1);
    },
  });
  const endWatch = watchDatabase(NAME, database, () => say('The database had died. It is started again.'));
  const end = endWith(endWatch, keepBackups(database), app.stop, undo);
  say('Ctrl-C ends it. The data stay in .lentum/.');
}, undo);
