/** The reading on top of the day: what was read last, whether it still counts, and the next one by one tap. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { latestConditions } from '@lentum/core/record';
import ReadingBar from '../src/site/today/ReadingBar.vue';
import { openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain } from './support.ts';

let at: OpenDemo;
beforeEach(async () => {
  at = await openDemo('/jobs/demo/site?part=today');
  // Instruments that say nothing.
  vi.stubGlobal(
    'EventSource',
    class extends EventTarget {
      close(): void {
        /* nothing runs */
      }
    },
  );
});
afterEach(leaveStandIns);

describe('the reading on top of the day', () => {
  it('says what was read last on the zone, and how far it was from the dew point', () => {
    const read = latestConditions(at.job.book, 'hall', at.job.nowMs)!;
    const w = at.show(ReadingBar, { zoneId: 'hall' });
    const shown = w.findAll('dl > div').map((d) => [plain(d.get('dt').text()), plain(d.get('dd').text())]);
    const says = (v: number): string => `${v.toFixed(1)} °C`;
    // By hand, Magnus over water with 17.62 and 243.12 °C (WMO No. 8): the dew point of what was read.
    const g = Math.log(read.humidityPct / 100) + (17.62 * read.airC) / (243.12 + read.airC);
    const dewPoint = (243.12 * g) / (17.62 - g);
    expect(shown.slice(0, 3)).toEqual([
      ['air', says(read.airC)],
      ['humidity', `${read.humidityPct.toFixed(0)} %`],
      ['surface', says(read.surfaceC)],
    ]);
    expect(shown[3]![0]).toBe('over dew point');
    expect(Math.abs(Number.parseFloat(shown[3]![1]!) - (read.surfaceC - dewPoint))).toBeLessThan(0.15);
    expect(plain(w.text())).not.toContain('too old');
  });
  it('is too old for the gates after an hour, and then its button is the main one', async () => {
    const w = at.show(ReadingBar, { zoneId: 'hall' });
    expect(w.find('button.el-button--primary').exists()).toBe(false);
    await at.wait(61 * 60_000);
    expect(plain(w.text())).toContain('too old for the gates');
    expect(w.find('button.el-button--primary').exists()).toBe(true);
  });
  it('opens the sheet with its fields empty, and closes it once it is left', async () => {
    const w = at.show(ReadingBar, { zoneId: 'hall' });
    await w.get('button[aria-label^="Read air and surface"]').trigger('click');
    await expect.poll(() => w.findAll('input[aria-label="Air temperature"]').length).toBe(1);
    expect(w.get<HTMLInputElement>('input[aria-label="Air temperature"]').element.value).toBe('');
    await w
      .findAll('button')
      .find((b) => plain(b.text()) === 'Cancel')!
      .trigger('click');
    await expect.poll(() => w.findAll('input[aria-label="Air temperature"]').length).toBe(0);
  });
});
