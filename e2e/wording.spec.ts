/** A job in American words shows no British ones on any page, apart from what people typed. */
import type { Page } from '@playwright/test';
import { differs } from '@lentum/core/wording';
import { expect, freshDemo, test } from './support.ts';
import { visit, VIEWS } from './views.ts';

/** Measures in the other system; containers keep what their label says. */
const METRIC = /(?<![\d.–])\d+(?:\.\d+)? (?:mm|m²|°C)(?![\w²/])/;

/** Every string in the job's documents and entries: what somebody typed, or chose from the library. */
async function ownTexts(page: Page, id: string): Promise<string[]> {
  const r = await page.request.get(`/api/v1/jobs/${id}/file`);
  expect(r.status()).toBe(200);
  const found = new Set<string>();
  const walk = (value: unknown): void => {
    if (typeof value === 'string') found.add(value);
    else if (value !== null && typeof value === 'object') Object.values(value).forEach(walk);
  };
  walk(await r.json());
  // Longest first: a name that holds another is taken out whole.
  return [...found]
    .filter((t) => (/^[A-Z]/.test(t) || t.length > 24) && differs(t).length > 0)
    .sort((a, b) => b.length - a.length);
}

const shown = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const texts: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT | NodeFilter.SHOW_ELEMENT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (node.nodeType === Node.TEXT_NODE) texts.push(node.textContent ?? '');
      else
        for (const name of ['aria-label', 'placeholder', 'title'])
          texts.push((node as Element).getAttribute(name) ?? '');
    }
    return texts.map((t) => t.replace(/\s+/g, ' ').trim()).filter((t) => t !== '');
  });

test('a job in American words has no British ones left', async ({ page }) => {
  const id = await freshDemo(page);
  const was = (await (await page.request.get(`/api/v1/jobs/${id}`)).json()) as {
    version: number;
    job: object;
  };
  const put = await page.request.put(`/api/v1/jobs/${id}`, {
    data: { ...was.job, units: 'us', wording: 'us' },
    headers: { 'If-Match': `"${was.version}"` },
  });
  expect(put.status()).toBe(200);
  const own = await ownTexts(page, id);
  const left = (texts: readonly string[]): string[] => [
    ...new Set(
      texts
        .map((t) =>
          own.reduce((rest, mine) => rest.replaceAll(mine, '…').replaceAll(mine.toLowerCase(), '…'), t),
        )
        .filter((t) => differs(t).length > 0 || METRIC.test(t))
        .map((t) => `${differs(t).join(', ') || 'metric'} in: ${t.slice(0, 160)}`),
    ),
  ];
  const found: Record<string, string[]> = {};
  const MORE: [string, (job: string) => string, string][] = [
    ...['hall', 'deck', 'workshop', 'garden'].flatMap((zone): [string, (job: string) => string, string][] => [
      [`readiness of ${zone}`, (job) => `/jobs/${job}/survey?zone=${zone}&part=readiness`, ''],
      [`build-up of ${zone}`, (job) => `/jobs/${job}/build-up?zone=${zone}`, ''],
      [`details of ${zone}`, (job) => `/jobs/${job}/details?zone=${zone}`, ''],
      [`bays of ${zone}`, (job) => `/jobs/${job}/site?part=bays&zone=${zone}`, ''],
    ]),
  ];
  for (const [name, path, heading] of [...VIEWS, ...MORE]) {
    if (!path('job').includes('/job/')) continue;
    await visit(page, path(id));
    // A plan takes its time.
    if (name === 'programme') await expect(page.getByRole('heading', { name: heading })).toBeVisible();
    await page.waitForTimeout(300);
    found[name] = left(await shown(page));
  }
  await visit(page, `/jobs/${id}/site?part=bays&zone=garden`);
  await page.getByRole('button', { name: 'Log', exact: true }).click();
  await page.waitForTimeout(500);
  found['log'] = left(await shown(page));
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Kettle card' }).click();
  await page.waitForTimeout(500);
  found['kettle card'] = left(await shown(page));
  expect(found).toEqual(Object.fromEntries(Object.keys(found).map((k) => [k, []])));
});
