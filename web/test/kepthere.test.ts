/** What waits on the device counts there, says so, and is not entered twice by mistake. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { saidJustNow } from '../src/app/kepthere.ts';
import { makeEntry } from '../src/app/entering.ts';
import { readEntry, type BookEntry } from '@lentum/core/record';
import BayCard from '../src/site/BayCard.vue';
import EntryList from '../src/record/EntryList.vue';
import { tapStep } from '../src/site/steps.ts';
import { openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain } from './support.ts';

let at: OpenDemo;
beforeEach(async () => {
  at = await openDemo();
});
afterEach(leaveStandIns);
const bayOf = (label: string) => at.job.statuses.find((s) => s.bay.label === label)!;

describe('without a signal', () => {
  it('a bay that is prepared is prepared, and both the bay and the list say where the entry is', async () => {
    at.server.cut = true;
    const sent = tapStep(at.job, [bayOf('T13').bay], 'prepared');
    await at.wait(10);
    await sent;
    expect(bayOf('T13').state).toBe('prepared');
    expect(at.job.keptHere.size).toBe(1);
    const row = () =>
      plain(at.show(EntryList, { zoneId: 'terrace', highlighted: '' }).find('tbody tr').text());
    expect(row()).toMatch(/^kept here.*T13 · prepared/);
    const card = at.show(BayCard, {
      status: bayOf('T13'),
      verdict: { outcome: 'open', subject: 'T13.', says: [] },
    });
    expect(plain(card.text())).toContain('1 entry of it is kept here and not yet sent.');

    at.server.cut = false;
    await at.wait(5000);
    expect(at.server.entered).toHaveLength(1);
    expect(at.job.keptHere.size).toBe(0);
    expect(bayOf('T13').state).toBe('prepared');
    expect(row()).toMatch(/^\d+.*T13 · prepared/);
  });

  it('a second tap that says the same is asked about, and stays out where it was a mistake', async () => {
    at.server.cut = true;
    const sent = tapStep(at.job, [bayOf('T13').bay], 'prepared');
    await at.wait(10);
    await sent;
    const asked = vi.fn((_what: string) => Promise.reject(new Error('cancel')));
    const { ElMessageBox } = await import('element-plus');
    vi.spyOn(ElMessageBox, 'confirm').mockImplementation(asked as never);
    const again = tapStep(at.job, [bayOf('T13').bay], 'prepared');
    const told = expect(again).rejects.toThrow(
      /^Ines entered the same here at .*\. It is not entered again\.$/,
    );
    await at.wait(10);
    await told;
    expect(asked).toHaveBeenCalledTimes(1);
    asked.mockImplementation(() => Promise.resolve() as never);
    const third = tapStep(at.job, [bayOf('T13').bay], 'prepared');
    await at.wait(10);
    await third;
    vi.restoreAllMocks();
    expect(at.job.keptHere.size).toBe(2);
  });
});

describe('a signal again', () => {
  it('brings the documents and the job itself anew', async () => {
    at.server.cut = true;
    const opened = at.job.open('demo');
    await at.wait(10);
    await opened;
    at.server.cut = false;
    const asked: string[] = [];
    const line = fetch;
    vi.stubGlobal('fetch', (address: string, init: RequestInit) => {
      asked.push(address);
      return line(address, init);
    });
    const looked = at.job.lookAgain();
    await at.wait(10);
    await looked;
    expect(asked).toEqual(expect.arrayContaining(['/api/v1/jobs/demo', '/api/v1/jobs/demo/survey']));
  });
});

describe('the same, said just before', () => {
  const made = (minutes: number, kind: string, bayIds: readonly string[], body: object): BookEntry => {
    const entry = makeEntry(
      'p',
      kind as never,
      { zoneId: 'z', bays: bayIds.map((bayId) => ({ bayId, share: 1 })) },
      body as never,
    );
    return readEntry({ ...entry, madeAt: new Date(minutes * 60_000).toISOString() }, new Map());
  };
  const step = { at: 'x', steps: ['wash'], complete: false };
  it.each([
    [5, 'preparation', ['a'], step, true],
    [5, 'preparation', ['a'], { ...step, at: 'later' }, true],
    [9.9, 'preparation', ['a'], step, true],
    [10.1, 'preparation', ['a'], step, false],
    [5, 'preparation', ['b'], step, false],
    [5, 'preparation', ['a', 'b'], step, false],
    [5, 'preparation', ['a'], { ...step, steps: ['dry'] }, false],
    [5, 'conditions', ['a'], step, false],
  ] as const)('after %d minutes, a %s of %j: %j asked %s', (minutes, kind, bays, body, asked) => {
    const first = made(0, kind, ['a'], step);
    const book = { kinds: new Map([[kind, { entries: [first] }]]) } as never;
    expect(saidJustNow(book, made(minutes, kind, bays, body)) !== undefined).toBe(asked);
  });
});
