/** Handover: the film map with its thin patch, what is asked for, snags with a picture and without a signal. */
import { createHash } from 'node:crypto';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { strFromU8, unzipSync } from 'fflate';
import { expect, freshDemo, saved, test } from './support.ts';

/** The smallest picture there is: one grey point. */
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==',
  'base64',
);

test.describe('on a phone', () => {
  test.use({ ownProfile: true, ownWorkers: true });
  test('a snag with a picture is kept without a signal, and arrives once there is one', async ({
    page,
    context,
  }) => {
    const id = await freshDemo(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(`/jobs/${id}/handover?zone=hall`);
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await saved(page);
    const snags = page.getByRole('region', { name: 'Snags' });
    await expect(snags.getByText('1 open of 1')).toBeVisible();
    await context.setOffline(true);
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('button', { name: 'Snag', exact: true }).click();
    const sheet = page.getByRole('dialog', { name: /^Snag · / });
    await sheet.getByRole('button', { name: 'Bay H3' }).click();
    await sheet.getByRole('textbox', { name: 'What' }).fill('Pinhole beside the drain');
    await sheet.getByRole('application', { name: /^Where on / }).click({ position: { x: 150, y: 60 } });
    await sheet
      .getByLabel('Pictures of it')
      .setInputFiles({ name: 'hole.png', mimeType: 'image/png', buffer: PNG });
    await expect(sheet.getByRole('img', { name: 'hole.png' })).toBeVisible();
    await sheet.getByRole('button', { name: 'Draw on hole.png' }).click();
    const drawing = page.getByRole('dialog', { name: 'Draw on hole.png' });
    await drawing.getByRole('button', { name: 'Put it in the middle' }).click();
    await drawing.getByRole('button', { name: /^Arrow 1, second end/ }).press('ArrowUp');
    await drawing.getByRole('textbox', { name: 'Arrow 1, what it shows' }).fill('here');
    await drawing.getByRole('button', { name: 'Done' }).click();
    await sheet
      .getByLabel('Pictures of it')
      .setInputFiles({ name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
    await expect(sheet.getByText('“notes.png” is no picture; expected a PNG or JPEG.')).toBeVisible();
    await sheet.getByRole('button', { name: 'Keep for H3' }).click();
    await expect(snags.getByText('Pinhole beside the drain')).toBeVisible();
    await snags.scrollIntoViewIfNeeded();
    await snags.getByRole('button', { name: /^Look at .*Pinhole beside the drain, picture 1/ }).click();
    const large = page.getByRole('dialog', { name: /Pinhole beside the drain/ });
    await expect(large.getByRole('img', { name: /picture 1/ })).toBeVisible();
    await page.keyboard.press('Escape');
    await context.setOffline(false);
    const sha = createHash('sha256').update(PNG).digest('hex');
    await expect
      .poll(async () => (await page.request.get(`/api/v1/jobs/${id}/pictures/${sha}`)).status(), {
        timeout: 30_000,
      })
      .toBe(200);
    interface Stored {
      readonly entry: {
        readonly kind: string;
        readonly attachments: string[];
        readonly marks?: object[];
        readonly place?: object;
      };
    }
    await expect
      .poll(
        async () => {
          const r = await page.request.get(`/api/v1/jobs/${id}/record?limit=2000`);
          const { entries } = (await r.json()) as { entries: Stored[] };
          return entries
            .filter((s) => s.entry.kind === 'snag' && s.entry.attachments.includes(sha))
            .map((s) => [s.entry.attachments, s.entry.marks, typeof s.entry.place]);
        },
        { timeout: 30_000 },
      )
      .toEqual([
        [
          [sha],
          [{ picture: sha, shape: 'arrow', from: [0.4, 0.5], to: [0.6, 0.49], says: 'here' }],
          'object',
        ],
      ]);
    const own = snags.getByRole('listitem').filter({ hasText: 'Pinhole beside the drain' });
    await own.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(own.getByRole('button', { name: 'Accept', exact: true })).toBeVisible();
  });
});

test('the film map shows where the second coat is thin, and goes out as files', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/handover?zone=hall`);
  const film = page.getByRole('region', { name: 'Film as laid' });
  await expect(film.getByText(/24 spots read/)).toBeVisible();
  await film.getByRole('combobox', { name: 'Film of' }).press('Enter');
  await page.getByRole('option', { name: 'Second coat, wet' }).click();
  await expect(film.getByText(/^H3: perhaps thin/)).toBeVisible();
  await expect(film.getByText(/Left out in turn, a reading is found again within/)).toBeVisible();
  for (const [name, end] of [
    ['CSV', 'csv'],
    ['Picture', 'png'],
  ] as const) {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      film.getByRole('button', { name, exact: true }).click(),
    ]);
    expect(file.suggestedFilename()).toBe(`film H Second coat.${end}`);
  }
  // What is asked for is saved, and the proof goes by it.
  const proof = page.getByRole('region', { name: 'What is proven' });
  const leak = proof.getByRole('listitem').filter({ hasText: 'No leak' }).first();
  await expect(leak).toContainText('0 of 12 bays');
  await page.getByRole('combobox', { name: 'Leak test asked for' }).press('Enter');
  await page.getByRole('option', { name: 'none', exact: true }).click();
  // Only what was tested is left: it counts, asked for or not.
  await expect(leak).toContainText('2 of 2 bays');
  await page.getByText('A picture of each detail').click();
  await expect(proof.getByText('Pictures of the details')).toBeVisible();
  await saved(page);
});

test('what went wrong: a cause with what speaks for it, and a look where nothing on record tells', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/handover?zone=hall`);
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  const sheet = page.getByRole('dialog', { name: 'What went wrong' });
  await sheet.getByRole('button', { name: 'bubbles', exact: true }).click();
  await sheet.getByRole('button', { name: 'H5', exact: true }).click();
  await expect(sheet.getByText('Slab warming: air came out of it, by what is on record.')).toBeVisible();
  await expect(sheet.getByText(/Speaks for it: laid while the slab was warming/)).toBeVisible();
  await expect(sheet.getByRole('region', { name: 'Also at risk' })).toContainText('the same batch (F-2231)');
  const first = sheet.getByRole('region', { name: 'Causes' });
  await first.getByRole('button', { name: /^Share of: Slab warming.*show working/ }).click();
  const working = page.getByRole('dialog', { name: 'Working' });
  await expect(working.getByText('it ranks the causes, and is no measurement')).toBeVisible();
  await working.getByRole('button', { name: 'weight of: Slab warming: air came out of it' }).click();
  await expect(
    working.getByRole('cell', { name: 'so often true: laid while the slab was warming', exact: true }),
  ).toBeVisible();
  await page.keyboard.press('Escape');
  const also = sheet.getByRole('region', { name: 'Seen also on' });
  await expect(sheet.getByText(/look at the other bays, and mark above/)).toBeVisible();
  for (const bay of ['H6', 'H9']) await also.getByRole('button', { name: bay, exact: true }).click();
  await also.getByText('The others were looked at, and do not show it').click();
  await expect(sheet.getByText(/look at the other bays, and mark above/)).toBeHidden();
  await sheet.getByRole('button', { name: 'rust spots' }).click();
  await expect(sheet.getByText('Cannot tell yet.')).toBeVisible();
  await expect(sheet.getByText('Does a magnet draw the grains at the spots?').first()).toBeVisible();
  await sheet.getByRole('button', { name: 'Yes', exact: true }).click();
  await expect(sheet.getByText('Iron in the aggregate, by what is on record.')).toBeVisible();
  await sheet.getByRole('button', { name: 'Keep it as a snag on H5' }).click();
  await page
    .getByRole('dialog', { name: /^Snag · / })
    .getByRole('button', { name: 'Keep for H5' })
    .click();
  await expect(page.getByRole('region', { name: 'Snags' })).toContainText(
    'rust spots: iron in the aggregate',
  );
});

test('where a batch is, over all jobs', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto('/jobs');
  await page.getByRole('button', { name: 'Where a batch is' }).click();
  const dialog = page.getByRole('dialog', { name: 'Where a batch is' });
  await dialog.getByRole('textbox', { name: 'Batch' }).fill('f 2240');
  await dialog.getByRole('button', { name: 'Look' }).click();
  await expect(dialog.getByText('Booking hall roof, H3').first()).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'F-2204' })).toBeVisible();
  expect(await dialog.locator(`a[href*="${id}"]`).count()).toBeGreaterThan(3);
});

test('all files of a roof are checked by their own page in a bare browser; one that was changed is found', async ({
  page,
  browser,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/handover?zone=hall`);
  const [file] = await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    page.getByRole('button', { name: 'All files' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('handover-booking-hall-roof.zip');
  const folder = mkdtempSync(path.join(tmpdir(), 'lentum-zip-'));
  const files = unzipSync(readFileSync(await file.path()));
  for (const [name, bytes] of Object.entries(files)) {
    mkdirSync(path.join(folder, path.dirname(name)), { recursive: true });
    writeFileSync(path.join(folder, name), bytes);
  }
  // From the disk, without the application and without a net.
  const context = await browser.newContext({ offline: true });
  const bare = await context.newPage();
  await bare.goto(`file://${path.join(folder, 'check.html')}`);
  const check = async (): Promise<void> => bare.getByLabel('The folder:').setInputFiles(folder);
  await check();
  await expect(bare.getByText(/^All \d+ files are as they were made/)).toBeVisible();
  const { seal } = JSON.parse(strFromU8(files['manifest.json'] ?? new Uint8Array())) as {
    seal: { head: string };
  };
  await expect(bare.getByText(`The chain of the record is whole. Its head: ${seal.head}`)).toBeVisible();

  // An entry is changed, and the manifest with it: the chain finds it.
  const record = strFromU8(files['record.json'] ?? new Uint8Array());
  const changed = record.replace(/"airC": \d+/, '"airC": 31');
  expect(changed).not.toBe(record);
  writeFileSync(path.join(folder, 'record.json'), changed);
  await check();
  await expect(bare.getByText('Changed since it was made: record.json')).toBeVisible();
  await expect(bare.getByText(/^The chain of the record breaks at entry \d+\.$/)).toBeVisible();
  await expect(bare.getByText('2 things are not as they were made.')).toBeVisible();
  rmSync(path.join(folder, 'proof.json'));
  writeFileSync(path.join(folder, 'more.txt'), 'more');
  await check();
  await expect(bare.getByText('Missing: proof.json')).toBeVisible();
  await expect(bare.getByText('Not one of the files that were made: more.txt')).toBeVisible();
  await context.close();
  rmSync(folder, { recursive: true });
});

test('a leak below: details uphill of the spot, the most suspect first', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/handover?zone=hall`);
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  const sheet = page.getByRole('dialog', { name: 'What went wrong' });
  await sheet.getByRole('button', { name: 'leak below' }).click();
  await sheet.getByRole('button', { name: 'H4', exact: true }).click();
  const where = sheet.getByRole('region', { name: 'Where it may come in' });
  const first = where.getByRole('listitem').first();
  await expect(first).toContainText(/its water runs by the spot/);
  const before = await where.getByRole('listitem').allTextContents();
  // Somewhere else on the plan it is another list.
  const pad = where.getByRole('application', { name: 'Place of the leak, on the plan' });
  await pad.focus();
  for (let n = 0; n < 12; n += 1) await pad.press('ArrowRight');
  await expect.poll(() => where.getByRole('listitem').allTextContents()).not.toEqual(before);
});
