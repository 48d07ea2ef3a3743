import { chromium } from '@playwright/test';
import { BROWSER } from './lib/browser.mjs';
import { writeFileSync } from 'node:fs';
const [,, path, there, profile] = process.argv;
const base = 'http://127.0.0.1:4277/jobs/11111111-1111-4111-8111-111111111111/';
const browser = await chromium.launch(BROWSER);
const context = await browser.newContext({ locale: 'en-GB', viewport: { width: 1280, height: 800 } });
const med = (a) => [...a].sort((x, y) => x - y)[a.length >> 1];
async function look(prof) {
  const page = await context.newPage();
  await page.addInitScript(() => { window.tasks = []; new PerformanceObserver((l) => { for (const e of l.getEntries()) window.tasks.push([Math.round(e.startTime), Math.round(e.duration)]); }).observe({ type: 'longtask', buffered: true }); });
  const tools = await context.newCDPSession(page);
  await tools.send('Performance.enable', { timeDomain: 'threadTicks' });
  const metrics = async () => Object.fromEntries((await tools.send('Performance.getMetrics')).metrics.map((m) => [m.name, m.value]));
  if (prof) { await tools.send('Profiler.enable'); await tools.send('Profiler.setSamplingInterval', { interval: 500 }); await tools.send('Profiler.start'); }
  await page.goto(base + path, { waitUntil: 'commit' });
  await page.locator(there).first().waitFor({ timeout: 60000 });
  const since = await page.evaluate(() => performance.now());
  const m1 = await metrics();
  let before = m1.TaskDuration;
  for (let q = 0; q < 1500;) { await page.waitForTimeout(250); const n = (await metrics()).TaskDuration; q = n - before < 0.015 ? q + 250 : 0; before = n; }
  const m2 = await metrics();
  if (prof) { const { profile } = await tools.send('Profiler.stop'); writeFileSync('/tmp/prof.json', JSON.stringify(profile)); }
  const tasks = await page.evaluate(() => window.tasks);
  await page.close();
  const g = (m) => ['TaskDuration', 'ScriptDuration', 'LayoutDuration', 'RecalcStyleDuration'].map((k) => `${k.replace('Duration', '')} ${Math.round(m[k] * 1000)}`).join(' ');
  return { usable: m1.TaskDuration * 1000, rest: m2.TaskDuration * 1000, since, line: `${g(m1)} || rest ${g(m2)} nodes ${m2.Nodes} since ${Math.round(since)}`, tasks };
}
await look(false);
if (profile) { const r = await look(true); console.log(r.line, JSON.stringify(r.tasks)); }
else { const rs = []; for (let i = 0; i < 7; i++) { const r = await look(false); rs.push(r); } const mn = (k) => Math.round(Math.min(...rs.map((r) => r[k]))); console.log(path, 'min', mn('usable'), mn('rest'), mn('since'), 'median', Math.round(med(rs.map((r) => r.usable))), Math.round(med(rs.map((r) => r.rest)))); console.log(JSON.stringify(rs.at(-1).tasks)); }
await browser.close();
