/**
 * The main views in the browser, with the demo and with a large job: work of the main thread until the view is there and
 * until it rests, and the longest task after it is there. Each in a tab of its own, with the interface already fetched.
 */
import { randomUUID } from 'node:crypto';
import { chromium, type Browser, type BrowserContext } from '@playwright/test';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { createPool } from '../../server/src/db/pool.ts';
import { prepare } from '../../server/src/db/prepare.ts';
import { importJob } from '../../server/src/jobfile/store.ts';
import { BROWSER } from '../lib/browser.mjs';
import { startApp } from '../lib/server.mjs';
import { inputs } from './state.ts';
import { median, type Row } from './table.ts';

const RUNS = 5;
const AIM = { usableMs: 1200, demoTaskMs: 50, largeTaskMs: 120 } as const;
/** Nothing was done for so long: the view rests. */
const REST_MS = 1500;
const MOST_MS = 60_000;

/** What is there when the view is: a part of its page that only it has. */
const VIEWS: readonly [name: string, path: string, there: string][] = [
  ['Today', 'site?part=today', 'section[aria-label="Bays by what missing them costs"] .figure'],
  ['Survey', 'survey', '[data-plan]'],
  ['Build-up', 'build-up?zone={zone}', 'main h2'],
  // Zones of the large job have no details: the page says so, and leads to their edges.
  ['Details', 'details?zone={zone}', 'main table, main a[href*="part=edges"]'],
  ['Order', 'order', 'main table tbody tr'],
  ['Bays', 'site?part=bays&zone={zone}', 'section[aria-label="Bays by what they wait for"] .figure'],
  ['Record', 'record?zone={zone}', 'main table tbody tr'],
];

interface Seen {
  readonly usable: number;
  readonly rest: number;
  readonly longest: number;
}

async function look(context: BrowserContext, address: string, there: string): Promise<Seen> {
  const page = await context.newPage();
  await page.addInitScript(() => {
    const store = window as unknown as { tasks: [number, number][] };
    store.tasks = [];
    new PerformanceObserver((list) => {
      for (const e of list.getEntries()) store.tasks.push([e.startTime, e.duration]);
    }).observe({ type: 'longtask', buffered: true });
  });
  const tools = await context.newCDPSession(page);
  await tools.send('Performance.enable', { timeDomain: 'threadTicks' });
  const cpu = async (): Promise<number> => {
    const { metrics } = await tools.send('Performance.getMetrics');
    return (metrics.find((m) => m.name === 'TaskDuration')?.value ?? Number.NaN) * 1000;
  };
  await page.goto(address, { waitUntil: 'commit' });
  await page
    .locator(there)
    .first()
    .waitFor({ timeout: MOST_MS })
    .catch(() => {
      throw new Error(`${address}: nothing of ${there} within ${MOST_MS} ms`);
    });
  const since = await page.evaluate(() => performance.now());
  const usable = await cpu();
  const from = performance.now();
  for (let before = await cpu(), quiet = 0; quiet < REST_MS && performance.now() - from < MOST_MS;) {
    await page.waitForTimeout(250);
    const now = await cpu();
    quiet = now - before < 15 ? quiet + 250 : 0;
    before = now;
  }
  const rest = await cpu();
  const tasks = await page.evaluate(() => (window as unknown as { tasks: [number, number][] }).tasks);
  await page.close();
  return { usable, rest, longest: Math.max(0, ...tasks.filter(([at]) => at > since).map(([, ms]) => ms)) };
}

export async function benchViews(): Promise<Row[]> {
  const database = {
    url: process.env['DATABASE_URL'] ?? '',
    ownerUrl: process.env['DATABASE_OWNER_URL'] ?? '',
  };
  await prepare(database);
  const pool = createPool(database.url);
  const nowMs = Date.now();
  const { job, chain } = inputs(40, 20, 10_000, nowMs);
  const like = velmora(new Date(DEMO_ANCHOR));
  const large = randomUUID();
  await importJob(
    pool,
    large,
    {
      ...like,
      ...{ survey: { ...like.survey, zones: job.survey.zones }, site: job.site },
      ...{ buildUp: job.buildUps, record: chain, people: [{ id: 'p', name: 'Ines' }] },
    },
    new Date(nowMs),
  );
  await pool.end();
  const app = await startApp(database, { quiet: true });
  const base = `http://127.0.0.1:${app.port}`;
  const demo = randomUUID();
  await fetch(`${base}/api/v1/demo/${demo}`, { method: 'PUT' });
  const browser = await chromium.launch(BROWSER);
  try {
    return await measured(browser, base, demo, large);
  } finally {
    await browser.close();
    await app.stop();
  }
}

async function measured(browser: Browser, base: string, demo: string, large: string): Promise<Row[]> {
  const context = await browser.newContext({ locale: 'en-GB', viewport: { width: 1280, height: 800 } });
  const rows: Row[] = [];
  const ms = (v: number): string => v.toFixed(0);
  for (const [kind, id, zone, runs] of [
    ['demo', demo, 'hall', RUNS],
    ['40 zones × 20 bays', large, 'z3', 3],
  ] as const) {
    for (const [name, path, there] of VIEWS) {
      const address = `${base}/jobs/${id}/${path.replace('{zone}', zone)}`;
      await look(context, address, there);
      const seen: Seen[] = [];
      for (let i = 0; i < runs; i += 1) seen.push(await look(context, address, there));
      const middle = (of: (s: Seen) => number): number => median(seen.map(of));
      const [usable, rest, longest] = [
        middle((s) => s.usable),
        middle((s) => s.rest),
        middle((s) => s.longest),
      ];
      const isAimed = kind === 'demo' && (name === 'Today' || name === 'Survey');
      const most = kind === 'demo' ? AIM.demoTaskMs : AIM.largeTaskMs;
      rows.push({
        what: `${name}, ${kind}: CPU until it is there / rests, longest task after`,
        measured: `${ms(usable)} / ${ms(rest)} / ${ms(longest)} ms`,
        aim: `${isAimed ? `< ${AIM.usableMs} / – ` : ''}/ < ${most} ms`,
        held: longest < most && (!isAimed || usable < AIM.usableMs),
      });
    }
  }
  return rows;
}
