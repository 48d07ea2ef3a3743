/** Names as long as they may be and thirty zones: nothing sticks out, and the head stays as high as it is. */
import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { expect, ownDemo, sticksOut, test } from './support.ts';
import { visit, VIEWS } from './views.ts';

const LONGEST = 120;
const ZONES = 30;
/** Words, and one word that has no place to break. */
const inWords = (name: string): string =>
  `${name} ${'above the waiting rooms of the old ferry hall '.repeat(3)}`
    .slice(0, LONGEST)
    .trimEnd()
    .padEnd(LONGEST, 's');
const unbroken = (name: string): string =>
  `${name}${'longname'.repeat(20)}`.replace(/\s/g, '').slice(0, LONGEST);

/** The demo under the longest names there may be, and with zones more. */
const longJob = (page: Page): Promise<string> =>
  ownDemo(page, (demo) => {
    const [first] = demo.survey.zones;
    if (!first) throw new Error('the demo has zones');
    const zones = [
      ...demo.survey.zones,
      ...Array.from({ length: ZONES - demo.survey.zones.length }, (_, i) => ({
        ...first,
        ...{ id: `more-${i}`, code: `M${String.fromCharCode(65 + i)}`, name: `Roof ${i + 1}` },
      })),
    ].map((z, i) => ({ ...z, name: i % 2 === 0 ? inWords(z.name) : unbroken(z.name) }));
    const job = { ...demo.job, name: unbroken(`Terminal${randomUUID()}`), place: inWords('Velmora') };
    return { ...demo, job, survey: { ...demo.survey, zones } };
  });

const SIZES = [
  [360, 740],
  // 1280 by 800 at twice the size of everything.
  [640, 400],
  [1280, 800],
  [1920, 1080],
] as const;

test('names of 120 characters and thirty zones: every view holds at four sizes', async ({ page }) => {
  test.slow();
  const id = await longJob(page);
  const found: string[] = [];
  await page.goto(`/jobs/${id}/survey`);
  await expect(page.getByRole('group', { name: 'Zone' }).getByText('1 of 30')).toBeVisible();
  for (const [name, path] of VIEWS) {
    await visit(page, path(id));
    await page.waitForTimeout(1200);
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      await page.evaluate(
        () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
      );
      const over = await sticksOut(page);
      if (over > 0) found.push(`${name}: ${over} px stick out at ${width} px`);
      if (width === 1280 && path(id).startsWith('/jobs/')) {
        const bottom = await page
          .getByRole('navigation', { name: 'Stages' })
          .evaluate((nav) => Math.round(nav.getBoundingClientRect().bottom + window.scrollY));
        if (bottom > 84) found.push(`${name}: the head is ${bottom} px high`);
      }
    }
  }
  expect(found).toEqual([]);
});
