/** The years after: handed over with what is not proven, a visit, the dates, the guarantee. */
import { randomUUID } from 'node:crypto';
import { strFromU8, unzipSync } from 'fflate';
import ICAL from 'ical.js';
import { writeJobFile } from '@lentum/core/jobfile';
import { hallFinished } from '@lentum/demo';
import { expect, freshDemo, saved, test } from './support.ts';

test('a roof is handed over as it stands, and looked after: its dates, its visits, its guarantee', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/handover?zone=hall`);
  await page.getByRole('button', { name: 'Hand over', exact: true }).click();
  const sheet = page.getByRole('dialog', { name: /^Handed over, or visited · / });
  await expect(sheet.getByText(/^Not proven, and kept with the entry: .*no leak.*accepted\.$/)).toBeVisible();
  await sheet.getByRole('textbox', { name: 'Taken over by' }).fill('the port office');
  await sheet.getByRole('button', { name: /^Keep/ }).click();
  const after = page.getByRole('region', { name: 'Handing over and upkeep' });
  await expect(after.getByText(/Handed over to the port office, .* by Ines/)).toBeVisible();
  await expect(after.getByText(/Handed over with \d+ not proven: .*no leak/)).toBeVisible();

  await page.getByRole('link', { name: 'Visits, twenty years and guarantee' }).click();
  await expect(page.getByText(/^Counted from when it was handed over to the port office/)).toBeVisible();
  await expect(
    page.getByRole('img', { name: /Look at it, wash, clear outlets: .*Guarantee ends: / }),
  ).toBeVisible();
  const guarantee = page.getByRole('region', { name: 'Guarantee' });
  await expect(guarantee.getByText(/Film of each coat, broken: 8 of 10 bays/)).toBeVisible();
  await expect(guarantee.getByText(/Sent in, to come: not sent yet; asked for by /)).toBeVisible();
  await guarantee.getByText('What it says and what it hangs on').click();
  const years = guarantee.getByRole('textbox', { name: 'For how many years' });
  await years.fill('12');
  await years.press('Tab');
  await expect(guarantee.getByText(/Given by the applicator for 12 years: /)).toBeVisible();
  await saved(page);

  await page.getByRole('button', { name: 'Log a visit' }).click();
  const visit = page.getByRole('dialog', { name: /^Handed over, or visited · / });
  await visit.getByText('outlets cleared').click();
  await visit.getByRole('textbox', { name: /^Top film, dry/ }).fill('700 690');
  await visit.getByRole('textbox', { name: 'Note' }).fill('a lap lifts at the stair');
  await visit.getByRole('button', { name: /^Keep/ }).click();
  const visits = page.getByRole('region', { name: 'Visits' });
  await expect(visits.getByText(/Ines: looked at, outlets cleared\. a lap lifts at the stair/)).toBeVisible();
  // Read on the day it was laid, the film tells no wear.
  await expect(page.getByText(/by what the build-up says and the film as it lies/)).toBeVisible();

  const link = page.getByRole('link', { name: 'All dates as a calendar' });
  const text = await (await page.request.get((await link.getAttribute('href')) ?? '')).text();
  const events = new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(40);
  expect(text).toContain('Booking hall roof: guarantee ends');

  await page.getByRole('button', { name: 'Sheet of the year' }).click();
  await expect(page.getByRole('dialog').getByText('The way over the roof')).toBeVisible();
});

test('a roof of which one thing is not proven is handed over as a draft that says which', async ({
  page,
}) => {
  const id = randomUUID();
  const job = hallFinished(new Date(), false);
  const put = await page.request.put(`/api/v1/jobs/${id}/file`, {
    data: writeJobFile({ ...job, job: { ...job.job, demo: false } }, new Date().toISOString()),
  });
  expect(put.status()).toBe(201);
  await page.goto(`/jobs/${id}/handover?zone=hall`);
  const proof = page.getByRole('region', { name: 'What is proven' });
  await expect(proof.getByText('10 of 11', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Hand over', exact: true }).click();
  const sheet = page.getByRole('dialog', { name: /^Handed over, or visited · / });
  await expect(sheet.getByText('Not proven, and kept with the entry: no leak.')).toBeVisible();
  await sheet.getByRole('textbox', { name: 'Taken over by' }).fill('the port office');
  await sheet.getByRole('button', { name: /^Keep/ }).click();
  await expect(page.getByText('Handed over with 1 not proven: no leak.')).toBeVisible();
  await saved(page);
  const zip = await page.request.get(`/api/v1/jobs/${id}/handover.zip?zone=hall`);
  const files = unzipSync(await zip.body());
  const manifest = JSON.parse(strFromU8(files['manifest.json'] ?? new Uint8Array())) as { draft: string };
  expect(manifest.draft).toBe('Draft: not everything is proven');
});
