import { randomUUID } from 'node:crypto';
import { ensureDatabase } from './lib/postgres.mjs';
import { startApp } from './lib/server.mjs';
const database = await ensureDatabase('lentum_prof', { fresh: true });
const app = await startApp(database, { port: 4277, env: { LENTUM_WEB: process.env.DIST ?? '/tmp/distp' } });
const id = '11111111-1111-4111-8111-111111111111';
const r = await fetch(`http://127.0.0.1:4277/api/v1/demo/${id}`, { method: 'PUT' });
console.log('ready', r.status, process.pid);
process.on('SIGTERM', () => app.stop().then(() => process.exit(0)));
