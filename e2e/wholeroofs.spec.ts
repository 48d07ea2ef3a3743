/** Three whole roofs ordered in the application: all that they take, nothing asked for, nothing to add by hand. */
import type { Page } from '@playwright/test';
import { catalogue } from '@lentum/core/buildup';
import type { Zone } from '@lentum/core/survey';
import { DECK, OFFICE, STORE } from '../core/test/support/wholeroofs.ts';
import { pointsZone } from '../core/test/support/zones.ts';
import { changedJob, emptyJob, expect, sticksOut, test } from './support.ts';

async function roofOf(page: Page, zone: Zone, buildUpId: string): Promise<string> {
  const buildUp = catalogue().find((b) => b.id === buildUpId)!;
  const { revision } = buildUp;
  return changedJob(page, await emptyJob(page), (job) => ({
    ...job,
    survey: { ...job.survey, zones: [zone] },
    buildUp: {
      buildUps: [buildUp],
      zones: [{ zoneId: zone.id, buildUpId, revision, conditions: [], choices: {} }],
    },
  }));
}

// What each takes is summed up by hand in the tests of the core.
for (const { what, zone, buildUp, takes, pounds } of [
  {
    ...{
      what: 'a deck with cracks and spalls',
      zone: DECK,
      buildUp: 'vehicular-deck',
      pounds: '27,503.00 GBP',
    },
    takes: [
      ...['Wash concentrate', 'Repair mortar for spalls', 'Filler for pinholes and voids', 'Primer'],
      ...['Catalyst powder', 'Membrane', 'Wear coat', 'Quartz sand', 'Lock coat', 'Detail fabric'],
      ...['Primer for metal', 'Sealant', 'Low-modulus stripe', 'Joint sealant', 'Bond-breaking tape'],
      ...['Resin cleaner for tools', 'Masking tape'],
    ],
  },
  {
    ...{
      what: 'an office by area alone',
      zone: OFFICE,
      buildUp: 'gravel-restoration',
      pounds: '3,486.00 GBP',
    },
    takes: [
      ...['Wash concentrate', 'Bitumen emulsion', 'Bleed-blocking primer', 'White coat, first'],
      ...['White coat, second', 'Polyester fabric', 'Sealant', 'Termination bar', 'Fasteners for bars'],
      'Masking tape',
    ],
  },
  {
    ...{ what: 'a gabled store', zone: STORE, buildUp: 'torched-two-ply', pounds: '3,224.00 GBP' },
    takes: [
      ...[
        'Wash concentrate',
        'Bitumen primer',
        'Base sheet',
        'Cap sheet',
        'Detail fabric',
        'Primer for metal',
      ],
      ...['Liquid flashing', 'Loose granules', 'Sealant', 'Solvent for tools', 'Gas for torch and kettle'],
    ],
  },
]) {
  test(`${what} is ordered whole`, async ({ page }) => {
    const id = await roofOf(page, zone, buildUp);
    await page.goto(`/jobs/${id}/order`);
    await expect(page.getByText('Courses are being laid out')).toHaveCount(0);
    const table = page.locator('table', { has: page.getByRole('columnheader', { name: 'Next best' }) });
    await expect(table).toContainText(pounds);
    const rows = table.locator('tbody tr:not(.section) > th');
    const names = await rows.evaluateAll((cells) =>
      cells.map((c) => (c.firstChild?.textContent ?? '').trim()).filter((n) => n !== ''),
    );
    expect(names.filter((n) => !/pallet/.test(n)).toSorted()).toEqual(takes.toSorted());
    // Nothing is missing, and nothing is left for somebody to say.
    await expect(
      page.getByText(/Asked before it can be ordered|Not in the order|nothing of it is counted/),
    ).toHaveCount(0);
    expect(await sticksOut(page)).toBeLessThanOrEqual(0);
  });
}

test('a gable with drip verges is two planes, each with its own courses up to the ridge', async ({
  page,
}) => {
  const id = await roofOf(page, STORE, 'torched-two-ply');
  await page.goto(`/jobs/${id}/order?part=courses&zone=store`);
  await expect(page.getByText(/^Plane 1: \d+ courses/)).toBeVisible();
  await expect(page.getByText(/^Plane 2: \d+ courses/)).toBeVisible();
});

test('an L that lies askew is cut from rolls shorter than it is', async ({ page }) => {
  const [w, h, turn] = [18, 13.7, (17 * Math.PI) / 180];
  const ring = [
    [0, 0],
    [w, 0],
    [w, h / 2],
    [w / 2, h / 2],
    [w / 2, h],
    [0, h],
  ] as const;
  const turned = ring.map(([x, y]): [number, number] => [
    x * Math.cos(turn) - y * Math.sin(turn),
    x * Math.sin(turn) + y * Math.cos(turn),
  ]);
  const zone: Zone = { ...pointsZone(turned, {}), id: 'askew', name: 'Askew' };
  const id = await roofOf(page, zone, 'self-adhered-two-ply');
  await page.goto(`/jobs/${id}/order?part=courses&zone=askew`);
  await expect(page.locator('.facts .verdict').first()).toContainText(
    /\d+\srolls of \d+\.00\sm: (proven least|at most)/,
  );
  await expect(page.getByText('cannot be cut')).toHaveCount(0);
});
