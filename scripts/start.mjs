/** npm start: sets everything up, starts the server, prints its address. Fast the second time. */
import { keepAlive, MOST_STARTS } from './lib/keepalive.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ensureDatabase, releaseServer, watchDatabase } from './lib/postgres.mjs';
import { say } from './lib/say.mjs';
import { choosePort, endWith, startApp } from './lib/server.mjs';
import { ensureWeb } from './lib/web.mjs';

await ensurePackages();
const [databaseUrl] = await Promise.all([ensureDatabase('lentum'), ensureWeb()]);
const wanted = Number(process.env.PORT ?? 4174);
const port = await choosePort(wanted);
if (port !== wanted) say(`Port ${wanted} is taken; using ${port}.`);
const app = await keepAlive(() => startApp(databaseUrl, { port }), {
  again: (code, times) => say(`The server ended with ${code}. It is started again (${times}).`),
  givenUp: (code) => {
    say(`The server ended with ${code}, ${MOST_STARTS} times within a minute. It is not started again.`);
    void end(code ?? 1);
  },
});
const endWatch = watchDatabase('lentum', databaseUrl, () =>
  say('The database had died. It is started again.'),
);
const end = endWith(endWatch, app.stop, () => releaseServer(databaseUrl));
say('Ctrl-C ends it. The data stay in .lentum/.');
