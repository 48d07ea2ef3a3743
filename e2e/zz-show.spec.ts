import { freshDemo, saved, test, expect } from './support.ts';
const NEW: [string, string, string][] = [
  ['two-part-deck', 'deck', 'Two-part'],
  ['single-ply', 'office', 'Single ply'],
  ['warm-roof', 'office', 'Warm'],
  ['glass-polyester', 'balcony', 'Glass'],
  ['cold-bonded-felt', 'office', 'Cold'],
  ['torched-two-ply', 'workshop', 'torched'],
];
for (const [key, zone] of NEW)
  test(`shown ${key}`, async ({ page }) => {
    test.setTimeout(120_000);
    const id = await freshDemo(page);
    const errors: string[] = [];
    const doc = (await (await page.request.get(`/api/v1/jobs/${id}/file`)).json()) as { documents?: unknown };
    const lib = (await (await page.request.get('/api/v1/library')).json()) as { buildUps: { id: string; buildUp: { name: string } }[] };
    const name = lib.buildUps.find((b) => b.id === key)!.buildUp.name;
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`/jobs/${id}/build-up?zone=${zone}`);
    await page.getByRole('button', { name: /Choose another|Choose/ }).first().click();
    await page.waitForTimeout(800);
    const row = page.locator('li, tr, article, section, div').filter({ hasText: name }).filter({ has: page.getByRole('button', { name: /Take|Choose/ }) }).last();
    await row.getByRole('button', { name: /Take|Choose/ }).first().click();
    await page.waitForTimeout(1200);
    await page.screenshot({ path: `/tmp/show-${key}-1.png` });
    await saved(page);
    await page.goto(`/jobs/${id}/details?zone=${zone}`);
    await page.waitForTimeout(1200);
    await page.screenshot({ path: `/tmp/show-${key}-2.png`, fullPage: true });
    await page.goto(`/jobs/${id}/order?group=zone`);
    await page.waitForTimeout(1500);
    await page.screenshot({ path: `/tmp/show-${key}-3.png` });
    void doc; void errors; void expect;
  });
