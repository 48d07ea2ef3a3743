/** What axe finds on a page, in every theme, and what sticks out at any width. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import type { AxeResults } from 'axe-core';
import { sticksOut } from './support.ts';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What a theme changes; the structure of a page is the same in all of them and is looked at in one. */
const OF_A_THEME = ['color-contrast', 'link-in-text-block'];

export async function violations(page: Page, rules?: readonly string[]): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  const results = await page.evaluate(async (only) => {
    const axe = (window as unknown as { axe: { run: (o: object) => Promise<AxeResults> } }).axe;
    const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
    // What passes is not listed: finding a name for every node takes as long as the looking.
    return axe.run({
      runOnly: only ? { type: 'rule', values: only } : tags,
      resultTypes: ['violations'],
    });
  }, rules);
  return results.violations.map(
    (v) =>
      `${v.id}: ${v.nodes
        .map((n) => n.target.join(' '))
        .slice(0, 4)
        .join(' | ')}`,
  );
}

/** The whole page in the light theme, then what the dark one and the one for bright sun change. */
export async function inThreeThemes(page: Page): Promise<string[]> {
  // Buttons change their colours over a moment, which is not waited for.
  await page.evaluate(() =>
    document.styleSheets[0]?.insertRule('*, *::before, *::after { transition: none !important; }'),
  );
  // A dialog fades in by an animation: half there it has no contrast.
  await page.evaluate(() =>
    Promise.allSettled(
      document
        .getAnimations()
        .filter((a) => Number.isFinite(Number(a.effect?.getComputedTiming().endTime)))
        .map((a) => a.finished),
    ),
  );
  const found = await violations(page);
  for (const theme of ['dark', 'sun']) {
    await page.evaluate((t) => (document.documentElement.dataset['theme'] = t), theme);
    found.push(...(await violations(page, OF_A_THEME)).map((v) => `${theme}: ${v}`));
  }
  await page.evaluate(() => (document.documentElement.dataset['theme'] = 'light'));
  return found;
}

/** Nothing sticks out at the narrowest phone, on a desk at twice the size, and on the widest desk. */
export async function overflowing(page: Page): Promise<string[]> {
  const found: string[] = [];
  const before = page.viewportSize();
  for (const width of [360, 640, 1920]) {
    await page.setViewportSize({ width, height: 800 });
    // Two frames: one for what watches its own size, one for what follows.
    await page.evaluate(
      () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
    );
    const over = await sticksOut(page);
    if (over > 0) found.push(`${over} px stick out at ${width} px`);
  }
  if (before) await page.setViewportSize(before);
  return found;
}
