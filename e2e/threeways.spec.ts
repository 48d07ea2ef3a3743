/** The whole walk of a job of one's own in US units: with a mouse, with a finger, and by the keyboard alone. */
import type { Locator, Page } from '@playwright/test';
import { Hand, type Way } from './hand.ts';
import { expect, sticksOut, test } from './support.ts';

/** What has to be said of each question before anybody works on the roof. */
const RISKY = /asbestos|come in from elsewhere|moss|oil, fat|fins, ridges|pinholes/;

async function walk(page: Page, way: Way): Promise<void> {
  const hand = new Hand(page, way);
  const button = (name: string | RegExp): Locator =>
    page.getByRole('button', typeof name === 'string' ? { name, exact: true } : { name });
  const field = (name: string): Locator => page.getByRole('textbox', { name, exact: true });
  const counted: Record<string, number> = {};
  let before = 0;
  const done = (what: string): void => {
    counted[what] = hand.acts - before;
    before = hand.acts;
  };

  await page.goto('/jobs');
  await hand.press(button('Start a job'));
  const dialog = page.getByRole('dialog', { name: 'Start a job' });
  await hand.write(dialog.getByRole('textbox', { name: 'Name', exact: true }), `Dock roof, ${way}`);
  await hand.choose(dialog.getByRole('radiogroup', { name: 'Units' }), 'US customary');
  await hand.press(dialog.getByRole('button', { name: 'Start', exact: true }));
  done('a job');

  await hand.press(button('Walk round the edge'));
  for (const [i, text] of [`40'`, `16'`, `20'`, `12'`, `20'`, `28'`].entries()) {
    await hand.write(field(`Side ${i + 1}, length`), text);
    if (i === 2) await hand.press(button(/end of side 3/));
  }
  await hand.press(button('Make the zone'));
  await expect(page.locator('section.figures .large')).toHaveText(/880.0.ft²/);
  for (const [n, along] of [`6'`, `14'`].entries()) {
    await hand.press(button('Add a skylight'));
    const measures = { 'along side 1': along, 'into the zone': `6'`, length: `4'`, width: `4'` };
    for (const [name, text] of Object.entries({ ...measures, 'curb height': '8' }))
      await hand.write(field(`Skylight ${n + 1}, ${name}`), text);
    await hand.press(button('Add it'));
  }
  await expect(page.locator('section.figures .large')).toHaveText(/848.0.ft²/);
  await expect(page.locator('section.figures')).toContainText('Squares8.48');
  await hand.act('p', button('Edges'));
  await hand.pick(page.getByRole('combobox', { name: 'Side 1, kind of edge' }), 'Base flashing');
  await hand.press(button('All like side 1'));
  await hand.press(button('Add'));
  await hand.write(field('Roof drain 1, along side 1'), `35'`);
  await hand.write(field('Roof drain 1, into the zone'), `3'`);
  await hand.press(button('Add it'));
  await expect(page.getByText('Roof drain 1', { exact: true })).toBeVisible();
  done('an L with two skylights and a drain');

  if (way === 'keyboard') await hand.act('p', button('Levels'));
  await hand.act('p', button('Readiness'));
  await hand.pick(page.getByRole('combobox', { name: 'Substrate' }), 'Old concrete');
  const questions = page.getByRole('radiogroup', { name: /\?$/ });
  await expect(questions.nth(8)).toBeVisible();
  const asked = await questions.evaluateAll((all) =>
    all.map((q) => {
      const by = q.getAttribute('aria-labelledby') ?? '';
      return { by, text: document.getElementById(by)?.textContent ?? '' };
    }),
  );
  for (const { by, text } of asked)
    await hand.choose(page.locator(`[aria-labelledby="${by}"]`), RISKY.test(text) ? 'no' : 'yes');
  await hand.write(field('Value of the test'), '3');
  await hand.write(field('Test, along side 1'), `20'`);
  await hand.write(field('Test, into the zone'), `10'`);
  await hand.press(button('Enter the test'));
  await expect(page.getByText('1 on record')).toBeVisible();
  done('readiness');

  await hand.act('n', page.getByRole('link', { name: 'Choose its build-up' }));
  await hand.press(button('Choose for me'));
  const offered = page.locator('.choose .row', { hasText: 'Reinforced polyurethane, fabric throughout.' });
  await hand.press(offered.getByRole('button', { name: 'Take it' }));
  await hand.act('n', page.getByRole('link', { name: 'See the order' }));
  await expect(button(/, gross/).first()).toBeVisible();
  await expect(page.locator('main')).not.toContainText(/\d\s(kg|m²|mm)\b/);
  done('build-up and order');

  await hand.act('n', page.getByRole('link', { name: 'Cut it into bays' }));
  await hand.press(button('Cut it into bays'));
  await hand.press(button('Cut into bays'));
  await hand.act('r', button('Take a reading'));
  await hand.write(field('Air temperature'), '68');
  await hand.write(field('Humidity'), '50');
  await hand.write(field('Surface temperature'), '70');
  await hand.press(button('Keep the reading'));
  await expect(button('Take a reading')).toBeVisible();
  await hand.press(button(/^Prepared, \d bays/));
  done('bays');

  await hand.press(button('Mix card'));
  const mix = page.getByRole('dialog', { name: /^Mix for bay A1/ });
  await hand.write(mix.getByRole('textbox', { name: /resin/i }), '66');
  await expect(mix).toContainText(/covers 141.3.ft² at 9.mil wet/);
  done('mix');
  await page.keyboard.press('Escape');
  await expect(mix).toBeHidden();
  await hand.act('c', button('Log a coat'));
  const sheet = page.getByRole('dialog', { name: /^Log a coat/ });
  for (const bay of ['A2', 'A3']) {
    const picked = sheet.getByRole('button', { name: `Bay ${bay}`, exact: true });
    // Its middle may lie outside of it.
    await hand.press(way === 'keyboard' ? picked : picked.locator('text').first());
  }
  await hand.write(sheet.getByRole('combobox', { name: 'Batch of container 1' }), 'P-20');
  await hand.write(sheet.getByRole('textbox', { name: 'Left over', exact: true }), '23');
  for (const bay of ['A1', 'A2', 'A3']) {
    await hand.press(sheet.getByRole('button', { name: new RegExp(`^Readings on ${bay},`) }));
    await hand.press(sheet.getByRole('button', { name: /^Last wet tooth 10.mil/ }));
  }
  await hand.press(sheet.getByRole('button', { name: 'Finished now' }));
  await expect(sheet).toBeHidden();
  done('a coat over three bays');

  await hand.go('Record', 7);
  const coat = page.locator('article.coat').first();
  await expect(coat).toContainText('batch P-20');
  await hand.press(coat.getByRole('button', { name: 'Correct', exact: true }));
  const again = page.getByRole('dialog', { name: /^Correct/ });
  await hand.write(again.getByRole('combobox', { name: 'Batch of container 1' }), 'P-21');
  await hand.press(again.getByRole('button', { name: 'Keep the correction' }));
  await expect(coat).toContainText('batch P-21');
  await expect(page.locator('tr.gone', { hasText: 'batch P-20' }).first()).toContainText('corrected by');
  await expect(page.locator('main')).not.toContainText(/\d\s(kg|m²|mm)\b/);
  done('correction and record');
  const far = hand.ways.toSorted((a, b) => b.steps - a.steps).slice(0, 3);
  const parts = Object.entries(counted).map(([what, n]) => `${what} ${n}`);
  console.log(`${way}: ${hand.acts} acts: ${parts.join(', ')}`);
  if (hand.steps > 0)
    console.log(`  ${hand.steps} steps; longest to ${far.map((w) => `${w.to} ${w.steps}`).join(', ')}`);
  // Thirty of them are the tape. A coat over three bays with a reading on each was three forms.
  expect(hand.acts).toBeLessThanOrEqual(90);
  expect(counted['a coat over three bays']).toBeLessThanOrEqual(12);
  expect(hand.steps).toBeLessThanOrEqual(600);
}

test.describe('an American browser', () => {
  test.use({ locale: 'en-US' });
  test('at the desk, with a mouse', async ({ page }) => {
    await walk(page, 'pointer');
  });
  test('at the desk, by the keyboard alone', async ({ page }) => {
    await walk(page, 'keyboard');
  });
});

test.describe('an American phone', () => {
  test.use({ locale: 'en-US', hasTouch: true, viewport: { width: 360, height: 780 } });
  test('in the hand, with a finger', async ({ page }) => {
    await walk(page, 'touch');
    expect(await sticksOut(page)).toBe(0);
  });
});
