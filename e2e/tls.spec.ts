/** Behind a proxy that brings TLS: under a name, with a certificate that the browser trusts, over two servers. */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, expect, test, type BrowserContext } from '@playwright/test';
import { BROWSER } from '../scripts/lib/browser.mjs';
import { ensureDatabase, releaseServer, type Database } from '../scripts/lib/postgres.mjs';
import { startApp, type App } from '../scripts/lib/server.mjs';
import { authority } from '../scripts/lib/authority.ts';
import { PASSWORD, PHONE, signIn } from './firmhouse.ts';
import { NAME, proxy, type Proxy } from './proxy.ts';

let folder: string;
let trusted: string;
let database: Database;
let apps: [App, App];
let front: Proxy;
let site: string;
test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'lentum-tls-'));
  const known = authority(folder);
  trusted = known.home('trusts');
  database = await ensureDatabase('lentum_e2e_tls', { fresh: true });
  const env = { LENTUM_PROXY: 'yes', LENTUM_HOSTS: NAME };
  const first = await startApp(database, { quiet: true, env });
  apps = [first, await startApp(database, { quiet: true, env })];
  front = await proxy(folder, known.certify(NAME), [apps[0].port, apps[1].port]);
  site = `https://${NAME}:${front.secure}`;
});
test.afterAll(async () => {
  await front.end();
  for (const app of apps) await app.stop();
  await releaseServer(database);
  rmSync(folder, { recursive: true, force: true });
});

/** A phone that finds the name here; it trusts what the machine's browsers trust, and the authority where it is told to. */
async function phone(trusts: boolean): Promise<BrowserContext> {
  const home = trusts ? trusted : mkdtempSync(path.join(folder, 'home-'));
  return chromium.launchPersistentContext(mkdtempSync(path.join(folder, 'profile-')), {
    ...BROWSER,
    args: [...BROWSER.args, `--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
    env: { ...process.env, HOME: home } as Record<string, string>,
    viewport: PHONE,
    hasTouch: true,
    locale: 'en-GB',
    serviceWorkers: 'allow',
  });
}

test('a browser that does not know the authority refuses, and one that does has a secure place', async () => {
  const stranger = await phone(false);
  await expect((await stranger.newPage()).goto(site)).rejects.toThrow(/ERR_CERT_AUTHORITY_INVALID/);
  await stranger.close();

  const context = await phone(true);
  const page = await context.newPage();
  await page.goto(site);
  const state = await page.evaluate(async (password) => {
    await navigator.serviceWorker.ready;
    const begun = await fetch('/api/v1/firm/accounts', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        firm: 'Harbour Coatings',
        name: 'Oda',
        login: 'oda',
        password,
      }),
    });
    return { secure: isSecureContext, begun: begun.status, signs: 'subtle' in crypto };
  }, PASSWORD);
  expect(state).toEqual({ secure: true, begun: 201, signs: true });
  // Kept by the application on the device: it opens without a line.
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await context.setOffline(false);
  await context.clearCookies();
  await page.goto(site);
  await signIn(page, 'oda');
  await expect(page.getByRole('link', { name: 'Velmora ferry terminal' })).toBeVisible();
  const cookies = await context.cookies(site);
  expect(
    cookies.map(({ secure, httpOnly, sameSite, domain }) => ({ secure, httpOnly, sameSite, domain })),
  ).toEqual([{ secure: true, httpOnly: true, sameSite: 'Strict', domain: NAME }]);
  await context.close();
});

test('what a client says of itself is not believed, and another name is not answered', async () => {
  const context = await phone(true);
  const page = await context.newPage();
  await page.goto(site);
  const wrong = await page.evaluate(async () =>
    (
      await fetch('/api/v1/session', {
        method: 'POST',
        headers: {
          'Content-Type': 'application/json',
          'X-Forwarded-For': '203.0.113.9',
          'X-Request-Id': 'mine',
        },
        body: JSON.stringify({ login: 'oda', password: 'a wrong one altogether' }),
      })
    ).headers.get('X-Request-Id'),
  );
  expect(wrong).toMatch(/^[0-9a-f-]{36}$/);
  await signIn(page, 'oda');
  await expect(page.getByRole('link', { name: 'Velmora ferry terminal' })).toBeVisible();
  const log = await page.evaluate(async () => (await fetch('/api/v1/security-log')).text());
  expect(log).toContain('wrong password');
  expect(log).toContain('127.0.0.1');
  expect(log).not.toContain('203.0.113.9');
  await context.close();

  const plain = await fetch(`http://127.0.0.1:${front.plain}/jobs?x=1`, { redirect: 'manual' });
  expect(plain.status).toBe(308);
  expect(plain.headers.get('location')).toBe(`https://127.0.0.1:${front.plain}/jobs?x=1`);
});

test('a stream comes through at once, and a server that ends is not missed', async () => {
  const context = await phone(true);
  const page = await context.newPage();
  await page.goto(site);
  await signIn(page, 'oda');
  await expect(page.getByRole('link', { name: 'Velmora ferry terminal' })).toBeVisible();
  const told = await page.evaluate(async () => {
    const id = crypto.randomUUID();
    const head = { name: 'A roof', place: '', timeZone: 'Europe/Lisbon', units: 'metric' };
    const put = (name: string, tag: Record<string, string>): Promise<Response> =>
      fetch(`/api/v1/jobs/${id}`, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json', ...tag },
        body: JSON.stringify({ ...head, name }),
      });
    await put('A roof', {});
    const stream = new EventSource(`/api/v1/jobs/${id}/live`);
    const change = new Promise<string>((say) =>
      stream.addEventListener(
        'message',
        ({ data }) => String(data).includes('"version":2') && say(String(data)),
      ),
    );
    // From then on it is told.
    await new Promise((looks) => stream.addEventListener('look', looks));
    await put('Another', { 'If-Match': '"1"' });
    const text = await change;
    stream.close();
    return text;
  });
  expect(JSON.parse(told)).toMatchObject({ what: 'job', version: 2 });

  await apps[0].stop();
  // The proxy looks every second.
  const statuses = await page.evaluate(async () => {
    const all: number[] = [];
    for (let i = 0; i < 40; i += 1) {
      all.push((await fetch('/api/v1/jobs?limit=1')).status);
      await new Promise((r) => setTimeout(r, 50));
    }
    return all;
  });
  expect([...new Set(statuses)]).toEqual([200]);
  await context.close();
});

test('a server listens on this machine alone, whatever is set', () => {
  const port = apps[1].port.toString(16).toUpperCase().padStart(4, '0');
  const LISTENS = '0A';
  // What the kernel has: address and port in hexadecimal, state.
  const heard = ['tcp', 'tcp6'].flatMap((kind) =>
    readFileSync(`/proc/net/${kind}`, 'utf8')
      .split('\n')
      .map((line) => line.trim().split(/\s+/))
      .filter(([, local, , state]) => state === LISTENS && local?.endsWith(`:${port}`))
      .map(([, local]) => local),
  );
  expect(heard).toEqual([`0100007F:${port}`]);
});
