/**
 * Phones that are without a signal for a day, in a real browser: two tabs each, one of them closed in between and opened
 * again. Each enters readings by hand; later all of them are in the record, once, and in the order in which each was made.
 */
import { randomUUID } from 'node:crypto';
import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test';
import type { StoredEntry } from '@lentum/core/record';
import { BROWSER } from '../lib/browser.mjs';
import type { Target } from './target.ts';

export interface Phones {
  readonly phones: number;
  readonly entered: number;
  readonly lost: number;
  readonly twice: number;
  /** Entries that stand behind one that was made later on the same device. */
  readonly outOfOrder: number;
  readonly slowestMs: number;
}

const WAIT_MS = 60_000;
/** For all that waits to be sent. */
const SEND_MS = 600_000;

class Phone {
  readonly entered: number[] = [];
  tabs: Page[] = [];

  private constructor(
    private readonly context: BrowserContext,
    private readonly address: string,
  ) {}

  static async open(browser: Browser, base: string, job: string, who: string): Promise<Phone> {
    const context = await browser.newContext({
      viewport: { width: 390, height: 844 },
      serviceWorkers: 'allow',
    });
    context.setDefaultTimeout(WAIT_MS);
    await context.addInitScript((name) => localStorage.setItem('lentum.who', name), who);
    const phone = new Phone(context, `${base}/jobs/${job}/site?part=bays&zone=terrace`);
    await phone.tab();
    await phone.tabs[0]?.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await phone.tabs[0]?.locator('.state', { hasText: /^\s*saved\s*$/ }).waitFor();
    await phone.tab();
    return phone;
  }
  async tab(): Promise<void> {
    const page = await this.context.newPage();
    await page.goto(this.address);
    await page.getByRole('button', { name: 'Take a reading' }).waitFor();
    this.tabs.push(page);
  }
  signal(there: boolean): Promise<void> {
    return this.context.setOffline(!there);
  }
  /** A reading of which the air tells its number. */
  async enter(tab: number, n: number): Promise<void> {
    const page = this.tabs[tab];
    if (!page) throw new Error('there is no such tab');
    await page.getByRole('button', { name: 'Take a reading' }).click();
    for (const [label, value] of [
      ['Air temperature', n / 10],
      ['Humidity', 50],
      ['Surface temperature', 20],
    ] as const) {
      const field = page.getByRole('textbox', { name: label, exact: true });
      await field.fill(String(value));
      await field.press('Tab');
    }
    await page.getByRole('button', { name: 'Keep the reading' }).click();
    // It is taken once the form is gone.
    await page.getByRole('button', { name: 'Take a reading' }).waitFor();
    this.entered.push(n);
  }
  /** The phone closes a tab without a word; it is opened again without a signal. */
  async kill(tab: number): Promise<void> {
    await this.tabs.splice(tab, 1)[0]?.close({ runBeforeUnload: false });
    await this.tab();
  }
  async empty(): Promise<void> {
    await this.tabs[0]?.locator('.state', { hasText: /^\s*saved\s*$/ }).waitFor({ timeout: SEND_MS });
  }
  close(): Promise<void> {
    return this.context.close();
  }
}

async function record(target: Target, job: string): Promise<StoredEntry[]> {
  const all: StoredEntry[] = [];
  for (let after = 0, more = true; more;) {
    const page = await target.read<{ entries: StoredEntry[]; next?: number }>(
      `/jobs/${job}/record?after=${after}&limit=2000`,
    );
    all.push(...page.entries);
    more = page.next !== undefined;
    after = page.next ?? after;
  }
  return all;
}

/** @param each so many entries each phone makes */
export async function phones(target: Target, each: number): Promise<Phones> {
  const job = randomUUID();
  if ((await target.ask('PUT', `/demo/${job}`)) !== 201) throw new Error('the demo was not made');
  const before = new Set((await record(target, job)).map((s) => s.entry.id));
  const browser = await chromium.launch(BROWSER);
  const base = target.base.replace('/api/v1', '');
  try {
    const all = await Promise.all(['Ines', 'Marek'].map((who) => Phone.open(browser, base, job, who)));
    await Promise.all(all.map((p) => p.signal(false)));
    await Promise.all(
      all.map(async (phone) => {
        for (let n = 1; n <= each; n += 1) {
          if (n === Math.ceil(each / 2)) await phone.kill(0);
          await phone.enter(n % 2, n);
        }
      }),
    );
    const from = performance.now();
    await Promise.all(all.map((p) => p.signal(true)));
    await Promise.all(all.map((p) => p.empty()));
    const slowestMs = performance.now() - from;
    const byDevice = new Map<string, number[]>();
    let [lost, twice, outOfOrder] = [0, 0, 0];
    for (const { entry } of await record(target, job)) {
      if (before.has(entry.id) || entry.kind !== 'conditions' || !('deviceId' in entry)) continue;
      const made = byDevice.get(entry.deviceId) ?? [];
      byDevice.set(entry.deviceId, [...made, Math.round(entry.body.airC * 10)]);
    }
    for (const made of byDevice.values()) {
      twice += made.length - new Set(made).size;
      outOfOrder += made.filter((n, i) => i > 0 && n < (made[i - 1] ?? 0)).length;
    }
    const there = [...byDevice.values()].reduce((n, made) => n + new Set(made).size, 0);
    const entered = all.reduce((n, p) => n + p.entered.length, 0);
    lost = entered - there;
    for (const p of all) await p.close();
    return { phones: all.length, entered, lost, twice, outOfOrder, slowestMs };
  } finally {
    await browser.close();
  }
}
