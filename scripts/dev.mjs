/** npm run dev: the same as start, with hot reload of the interface and a server that restarts on change. */
import { spawn } from 'node:child_process';
import path from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { ensureDatabase, releaseServer } from './lib/postgres.mjs';
import { script } from './lib/say.mjs';
import { choosePort, endWith, startApp } from './lib/server.mjs';

let database;
const undo = async () => database && (await releaseServer(database));

await script(async () => {
  await ensurePackages();
  database = await ensureDatabase('lentum');
  const app = await startApp(database, { port: await choosePort(), watch: true });
  const vite = spawn(
    process.execPath,
    [path.join(ROOT, 'node_modules/vite/bin/vite.js'), '--host', '127.0.0.1'],
    {
      cwd: path.join(ROOT, 'web'),
      stdio: 'inherit',
      env: { ...process.env, LENTUM_API: `http://127.0.0.1:${app.port}` },
    },
  );
  const end = endWith(
    app.stop,
    () => new Promise((r) => (vite.exitCode === null ? (vite.once('exit', r), vite.kill('SIGTERM')) : r())),
    () => releaseServer(database),
  );
  // A server that ends by itself ends the rest.
  app.child.once('exit', (code) => end(code ?? 1));
}, undo);
