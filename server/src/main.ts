/** The server. Listens on loopback only. Ends with 78 where starting it again would not help. */
import { randomUUID } from 'node:crypto';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Firms } from './access/firms.ts';
import { backupSettings, makeBackup } from './backup/backup.ts';
import { createPool } from './db/pool.ts';
import { CannotServe, OutOfReach, prepare } from './db/prepare.ts';
import { Replica } from './db/replica.ts';
import { keepDemoAlive } from './demo/load.ts';
import { endThreads, warmThreads } from './compute/threads.ts';
import './fasthash.ts';
import { endFileThreads } from './jobfile/filethreads.ts';
import { createApp } from './http/app.ts';
import { PER_MINUTE } from './http/ratelimits.ts';
import { LiveFeed } from './live/feed.ts';
import { log, makeLog, useLog } from './operations/log.ts';
import { Presence } from './operations/presence.ts';
import { Mail } from './operations/mail.ts';
import { Metrics } from './operations/metrics.ts';
import { readSettings } from './operations/settings.ts';
import { signAll } from './sealed/receipts.ts';
import { Tasks } from './tasks/tasks.ts';
import { bringOverAll } from './record/broughtover.ts';

/** EX_CONFIG of sysexits.h. */
const FINAL_EXIT = 78;

function giveUp(sentence: string, code = FINAL_EXIT): never {
  console.error(sentence);
  process.exit(code);
}

const read = readSettings(process.env);
if (!read.ok) giveUp(read.problems.join('\n'));
const { settings, unknown } = read;
useLog(makeLog({ form: settings.LENTUM_LOG, level: settings.LENTUM_LOG_LEVEL }));
/** What is said of the start itself; in the plain form it stands whatever the level is. */
const say = (words: string): void =>
  settings.LENTUM_LOG === 'json' ? log().info(words) : console.log(words);
for (const name of unknown) log().warn(`${name} is no setting of the server: docs/configuration.md has them`);

const databaseUrl = settings.DATABASE_URL;
// Where a pooler is between, what listens has an address past it.
const pool = createPool(databaseUrl, { direct: settings.DATABASE_LISTEN_URL === undefined });
const several = settings.LENTUM_FIRMS === 'several';
const firms = new Firms(pool, several);
try {
  const addresses = { url: databaseUrl, ownerUrl: settings.DATABASE_OWNER_URL ?? databaseUrl };
  await prepare(addresses, {
    before: async (missing) => {
      const { folder, phrase, off } = backupSettings();
      if (off) return;
      const why = `before ${missing.join(', ')}`;
      try {
        say(`Backed up into ${await makeBackup(addresses.ownerUrl, { folder, why, phrase })}.`);
      } catch (error) {
        const said = error instanceof Error ? error.message : String(error);
        throw new CannotServe(
          `The schema has to be changed, and the backup before it failed: ${said} Mend that, or start once with LENTUM_BACKUPS=off.`,
        );
      }
    },
    work: async () => {
      await firms.check();
      await firms.each((one) => bringOverAll(one, new Date()));
      // Several firms load it where they want it.
      if (settings.LENTUM_DEMO === 'on' && !several) await keepDemoAlive(pool, randomUUID, new Date());
    },
  });
} catch (error) {
  if (error instanceof CannotServe) giveUp(error.message, error instanceof OutOfReach ? 1 : FINAL_EXIT);
  throw error;
}

/** Every record that has grown is signed by night; looked at this often, and what is signed already is left. */
const NIGHT_LOOK_MS = 20 * 60_000;
const NIGHT_HOUR = 3;
const nightly = setInterval(() => {
  const now = new Date();
  if (now.getHours() !== NIGHT_HOUR) return;
  const failed = (what: string) => (error: unknown) => log().error({ err: error }, what);
  void firms.each((one) => signAll(one, now)).catch(failed('not signed by night'));
  void firms.prune().catch(failed('sessions that are over were not cleared'));
}, NIGHT_LOOK_MS);
nightly.unref();

const role = settings.LENTUM_ROLE;
const live = new LiveFeed(settings.DATABASE_LISTEN_URL ?? databaseUrl);
const copy =
  settings.DATABASE_REPORTS_URL === undefined
    ? undefined
    : createPool(settings.DATABASE_REPORTS_URL, { least: 0 });
const replica = copy && new Replica(pool, copy);
const tasks = new Tasks(pool, () => new Date(), replica);
await tasks.start(role !== 'pages');
const presence = new Presence(pool, role, () => ({ streams: live.closing.size, tasks: tasks.workedOn }));
await presence.begin();
tasks.changed = () => presence.sayNow();
const metrics = new Metrics({ pool, streams: () => live.closing.size });
const { LENTUM_SMTP: smtp, LENTUM_MAIL_FROM: from } = settings;
const mail = smtp !== undefined && from !== undefined ? new Mail(smtp, from) : undefined;
if ((smtp === undefined) !== (from === undefined))
  log().warn('no letters are sent: LENTUM_SMTP and LENTUM_MAIL_FROM are both needed');
const measuring =
  settings.LENTUM_METRICS_PORT === undefined ? undefined : metrics.listen(settings.LENTUM_METRICS_PORT);

/** @param port 0 where it listens nowhere */
function begun(port: number, says: string): void {
  say(says);
  void warmThreads().catch(() => undefined);
  // Whoever started it may be gone by now.
  process.send?.({ port }, undefined, undefined, () => undefined);
}

function listen(): Server {
  const app = createApp({
    ...{ pool, several, replica, live, tasks, metrics, mail },
    webDist: settings.LENTUM_WEB,
    allowedHosts: settings.LENTUM_HOSTS,
    perMinute: settings.LENTUM_RATES === 'off' ? undefined : PER_MINUTE,
    behindProxy: settings.LENTUM_PROXY === 'yes',
  });
  const server = app.listen(settings.PORT, '127.0.0.1', (error) => {
    if (error) giveUp(`The server cannot listen: ${error.message}`, 1);
    const { port } = server.address() as AddressInfo;
    begun(port, `Lentum listens on http://localhost:${port}/`);
  });
  // Longer than anybody waits between two requests, so that no connection is closed just as the next one is sent.
  server.keepAliveTimeout = 120_000;
  return server;
}
const server = role === 'tasks' ? undefined : listen();
if (!server) begun(0, 'Lentum does tasks, and listens nowhere.');

/** The last requests are answered, and no further ones are taken. */
const requestsEnd = (): Promise<void> =>
  new Promise((ended) => {
    if (!server) {
      ended();
      return;
    }
    server.close(() => ended());
    server.closeIdleConnections();
    // Requests that hang are cut off; their transactions roll back.
    setTimeout(() => server.closeAllConnections(), 3000).unref();
  });

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  void live.end();
  measuring?.close();
  await Promise.all([requestsEnd(), presence.leaving()]);
  // What is worked on goes back in line, for another server or for the next start.
  await tasks.stop();
  await presence.gone();
  await Promise.all([pool.end(), copy?.end(), endThreads(), endFileThreads()]);
  process.exit(0);
}
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());
