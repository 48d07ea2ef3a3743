import { chromium } from '@playwright/test';
import { BROWSER } from './lib/browser.mjs';
const [,, path, there] = process.argv;
const base = 'http://127.0.0.1:4277/jobs/11111111-1111-4111-8111-111111111111/';
const browser = await chromium.launch(BROWSER);
const context = await browser.newContext({ locale: 'en-GB', viewport: { width: 1280, height: 800 } });
async function go(trace) {
  const page = await context.newPage();
  let data;
  const cdp = await browser.newBrowserCDPSession();
  const events = [];
  if (trace) {
    cdp.on('Tracing.dataCollected', (d) => events.push(...d.value));
    await cdp.send('Tracing.start', { transferMode: 'ReportEvents', traceConfig: { includedCategories: ['devtools.timeline', 'v8', 'disabled-by-default-v8.compile', 'toplevel', 'blink.user_timing','v8.execute'] } });
  }
  await page.goto(base + path, { waitUntil: 'commit' });
  await page.locator(there).first().waitFor({ timeout: 60000 });
  if (trace) { const done = new Promise((r) => cdp.once('Tracing.tracingComplete', r)); await cdp.send('Tracing.end'); await done; }
  await page.close();
  return events;
}
await go(false); await go(false);
const ev = await go(true);
// main thread of renderer: the thread with most EvaluateScript / 'v8.run'
const count = new Map();
for (const e of ev) if (e.name === 'ParseHTML' || e.name==='EvaluateScript'|| e.name==='v8.evaluateModule') { const k = e.pid + ':' + e.tid; count.set(k, (count.get(k) ?? 0) + 1); }
const [main] = [...count].sort((a, b) => b[1] - a[1])[0];
const mine = ev.filter((e) => e.pid + ':' + e.tid === main && e.ph === 'X' && e.dur).sort((a, b) => a.ts - b.ts || b.dur - a.dur);
// self time by nesting
const self = new Map(), total = new Map(); const stack = [];
for (const e of mine) {
  while (stack.length && stack.at(-1).end <= e.ts) stack.pop();
  const p = stack.at(-1);
  if (p) p.child += e.tdur ?? e.dur;
  const rec = { end: e.ts + e.dur, child: 0, e };
  stack.push(rec);
  (self.list ??= []).push(rec);
}
for (const r of self.list) { const s = (r.e.tdur ?? r.e.dur) - r.child; self.set(r.e.name, (self.get(r.e.name) ?? 0) + s); total.set(r.e.name, (total.get(r.e.name) ?? 0) + (r.e.tdur??r.e.dur)); }
for (const [k, v] of [...self].sort((a, b) => b[1] - a[1]).slice(0, 22)) console.log(k.padEnd(45), (v / 1000).toFixed(0).padStart(6), (total.get(k) / 1000).toFixed(0).padStart(6));

const mods = new Map();
for (const e of mine) if (/evaluateModule|EvaluateScript|v8.compileModule|CompileCode|ParseProgram|CompileIgnition$/.test(e.name)) { const f = (e.args?.data?.url ?? e.args?.fileName ?? e.args?.data?.fileName ?? '').split('/').pop(); const k = e.name + ' ' + f; mods.set(k, (mods.get(k) ?? 0) + (e.tdur ?? e.dur)); }
for (const [k, v] of [...mods].sort((a, b) => b[1] - a[1]).slice(0, 25)) console.log((v / 1000).toFixed(0).padStart(6), k);
const tops = mine.filter((e) => e.name === 'ThreadControllerImpl::RunTask' && e.dur > 40000);
const t0 = mine[0].ts;
for (const t of tops) { console.log(((t.ts - t0) / 1000).toFixed(0), (t.dur / 1000).toFixed(0), (t.tdur/1000).toFixed(0)); for (const e of mine) if (e !== t && e.ts >= t.ts && e.ts + e.dur <= t.ts + t.dur && e.dur > 15000) console.log('      ', ((e.ts - t.ts) / 1000).toFixed(0), e.name, (e.dur / 1000).toFixed(0), JSON.stringify(e.args).slice(0, 150)); }
await browser.close();
