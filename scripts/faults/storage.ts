/** A device whose store says that it is full, and one on which something else was written: what was entered is kept, sent, or said to be neither. */
import { randomUUID } from 'node:crypto';
import { chromium } from '@playwright/test';
import { BROWSER } from '../lib/browser.mjs';
import type { Target } from './target.ts';

export interface Storage {
  readonly tried: readonly string[];
  /** What vanished without a word, a sentence each. */
  readonly silent: readonly string[];
}

const WAIT_MS = 60_000;

export async function storage(target: Target): Promise<Storage> {
  const job = randomUUID();
  if ((await target.ask('PUT', `/demo/${job}`)) !== 201) throw new Error('the demo was not made');
  const base = target.base.replace('/api/v1', '');
  const silent: string[] = [];
  const browser = await chromium.launch(BROWSER);
  try {
    const context = await browser.newContext({
      viewport: { width: 390, height: 844 },
      serviceWorkers: 'allow',
    });
    context.setDefaultTimeout(WAIT_MS);
    await context.addInitScript(() => localStorage.setItem('lentum.who', 'Ines'));
    const page = await context.newPage();
    await page.goto(`${base}/jobs/${job}/site?part=bays&zone=terrace`);
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await page.locator('.state', { hasText: /^\s*saved\s*$/ }).waitFor();
    const reading = page.getByRole('button', { name: 'Take a reading' });
    const keep = page.getByRole('button', { name: 'Keep the reading' });
    const air = page.getByRole('textbox', { name: 'Air temperature', exact: true });
    const fill = async (airC: number): Promise<void> => {
      await reading.click();
      await air.fill(String(airC));
      await page.getByRole('textbox', { name: 'Humidity', exact: true }).fill('50');
      const surface = page.getByRole('textbox', { name: 'Surface temperature', exact: true });
      await surface.fill('20');
      await surface.press('Tab');
    };
    const stored = async (airC: number): Promise<boolean> => {
      const { entries } = await target.read<{
        entries: { entry: { kind: string; body: { airC?: number } } }[];
      }>(`/jobs/${job}/record?limit=2000`);
      return entries.some(({ entry }) => entry.kind === 'conditions' && entry.body.airC === airC);
    };

    // Full and without a signal: the form says so and keeps what was typed. The browser's own limit is a part of the disk, so
    // its store is made to answer as it does there.
    await context.setOffline(true);
    await page.evaluate(() => {
      const { add, put } = IDBObjectStore.prototype;
      Object.assign(window, { room: { add, put } });
      for (const how of ['add', 'put'] as const)
        IDBObjectStore.prototype[how] = function () {
          throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
        };
    });
    await fill(11.1);
    await keep.click();
    const said = page.getByRole('alert').filter({ hasText: 'this device cannot keep it' });
    await said
      .first()
      .waitFor({ timeout: 10_000 })
      .catch(() => undefined);
    const kept = (await page.getByText(/kept here/).count()) > 0;
    if (!kept && (await said.count()) === 0)
      silent.push('A reading on a full device was neither kept nor said to be lost.');
    if (!kept && (await air.inputValue().catch(() => '')) !== '11.1')
      silent.push('A reading that could not be kept is gone from its form.');
    // With room again the same form keeps it.
    await page.evaluate(() =>
      Object.assign(IDBObjectStore.prototype, (window as unknown as { room: object }).room),
    );
    if (!kept) {
      await keep.click();
      await page
        .getByText(/kept here/)
        .first()
        .waitFor();
    }

    // Something else among what waits: what is whole goes out, and the rest is shown.
    await page.evaluate(
      () =>
        new Promise<void>((done, failed) => {
          const opened = indexedDB.open('lentum');
          opened.onsuccess = () => {
            const tx = opened.result.transaction('waiting', 'readwrite');
            tx.objectStore('waiting').add({ half: 'an entry that was spoilt' });
            tx.oncomplete = () => (opened.result.close(), done());
            tx.onerror = () => failed(new Error('nothing could be written'));
          };
        }),
    );
    await page.reload();
    await fill(11.2);
    await keep.click();
    await reading.waitFor();
    await context.setOffline(false);
    await page.locator('.state', { hasText: /^\s*saved\s*$/ }).waitFor();
    for (const airC of [11.1, 11.2])
      if (!(await stored(airC))) silent.push(`The reading of ${airC} °C did not arrive.`);
    const shown = page.getByRole('alert', { name: 'Entries that cannot be read' });
    if ((await shown.count()) === 0) silent.push('What was spoilt on the device is not shown.');
    await context.close();
  } finally {
    await browser.close();
  }
  return { tried: ['full', 'spoilt'], silent };
}
