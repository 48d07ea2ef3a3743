/** A roof of which all is proven, and the same with one thing that is not: what is handed over says the one as the other. */
import { beforeAll, describe, expect, it } from 'vitest';
import { detailSchedule } from '@lentum/core/details';
import { rulesOf } from '@lentum/core/job';
import { readJobFile, writeJobFile, type JobContent } from '@lentum/core/jobfile';
import { sentence } from '@lentum/core/problems';
import { handoverOf, isGood, isProven, keptAfter, proofOf, type ProofLine } from '@lentum/core/handover';
import { printoutLines } from '@lentum/core/printout';
import { EMPTY_BOOK, foldRecord, link, namesOf, type StoredEntry } from '@lentum/core/record';
import { jobState, type JobState } from '@lentum/core/state';
import { DEMO_ANCHOR, hallFinished } from '@lentum/demo';

const NOW = Date.parse(DEMO_ANCHOR);
function stateOf(job: JobContent, record: readonly StoredEntry[] = job.record): JobState {
  return jobState({
    ...{ survey: job.survey, buildUps: job.buildUp, site: job.site, weather: job.weather },
    ...{ series: job.weatherSeries, rules: rulesOf(job.job), nowMs: NOW },
    book: foldRecord(EMPTY_BOOK, record, namesOf(job.people)),
  });
}
const hall = (job: JobContent) =>
  detailSchedule(job.survey, job.buildUp).zones.find((z) => z.zone.id === 'hall');
const proofs = (job: JobContent, record?: readonly StoredEntry[]): ProofLine[] =>
  proofOf(stateOf(job, record), 'hall', hall(job), job.proving);
const openIn = (lines: readonly ProofLine[]): string[] =>
  lines.filter((l) => !isGood(l.answer)).map((l) => `${l.subject} ${l.answer}`);

let whole: JobContent;
let unlooked: JobContent;
beforeAll(() => {
  whole = hallFinished(new Date(DEMO_ANCHOR));
  unlooked = hallFinished(new Date(DEMO_ANCHOR), false);
});

describe('a roof of which everything is on record', () => {
  it('is a job that can be taken in', () => {
    const read = readJobFile(JSON.stringify(writeJobFile(whole, DEMO_ANCHOR)));
    expect(read.ok ? [] : read.problems.map(sentence)).toEqual([]);
  });
  it('is proven line by line, and its paper is no draft', () => {
    const lines = proofs(whole);
    expect(openIn(lines)).toEqual([]);
    expect(isProven(lines)).toBe(true);
    expect(lines.map((l) => l.subject)).toEqual([
      ...['ground', 'preparation', 'details', 'seen', 'weather', 'times', 'below', 'film', 'layers', 'leak'],
      'accepted',
    ]);
    const paper = handoverOf({
      ...{ head: whole.job, state: stateOf(whole), last: whole.record.at(-1), chain: undefined },
      ...{ zoneId: 'hall', asked: whole.proving },
    });
    expect(paper.ok && paper.value.draft).toBe(undefined);
    expect(paper.ok && printoutLines(paper.value).join('\n')).toContain(
      'Everything that was looked at is proven, 11 of 11.',
    );
  });
  it('is not proven any more without any one of its entries that shows something', () => {
    // Of each kind the last one; what is read beside what was read already shows nothing more.
    const kinds = ['coat', 'decision', 'detail', 'flood', 'preparation'] as const;
    for (const kind of kinds) {
      const gone = whole.record.findLast(({ entry }) => entry.kind === kind)!;
      const rest: StoredEntry[] = [];
      for (const { entry, receivedAt } of whole.record)
        if (entry !== gone.entry) rest.push(link(rest.at(-1), entry, receivedAt));
      expect([kind, openIn(proofs(whole, rest)).length > 0]).toEqual([kind, true]);
    }
  });
});

describe('the same with nobody below during the flood test', () => {
  it('has one thing that is not shown, says which, and is a draft', () => {
    expect(openIn(proofs(unlooked))).toEqual(['leak not shown']);
    const paper = handoverOf({
      ...{ head: unlooked.job, state: stateOf(unlooked), last: unlooked.record.at(-1), chain: undefined },
      ...{ zoneId: 'hall', asked: unlooked.proving },
    });
    expect(paper.ok && paper.value.draft).toBe('Draft: not everything is proven');
    expect(paper.ok && printoutLines(paper.value).join('\n')).toMatch(
      /10 of 11 are proven\. Not proven: no leak \(0 of 12 bays\)/,
    );
  });
  it('can be handed over, and the guarantee that hangs on it says so', () => {
    const record = [...unlooked.record];
    const entry = {
      ...{ form: 2, id: 'over', kind: 'upkeep', version: 1, personId: 'velmora-ines', deviceId: 'test' },
      ...{ madeAt: DEMO_ANCHOR, zoneId: 'hall', bays: [], attachments: [] },
      body: { step: 'handed over', at: DEMO_ANCHOR, to: 'the port office', unproven: ['No leak'] },
    } as never;
    record.push(link(record.at(-1), entry, DEMO_ANCHOR));
    const { plan, guarantee, dates } = keptAfter(
      stateOf(unlooked, record),
      'hall',
      unlooked.job.timeZone,
      unlooked.proving,
    );
    expect(plan?.startBy).toBe('handed over');
    expect(guarantee?.lines.filter((l) => l.answer !== 'kept').map((l) => `${l.what} ${l.answer}`)).toEqual([
      'No leak missing',
      'Sent in to come',
      'Visits of year 1 to come',
    ]);
    expect(dates.some((d) => d.key === 'guarantee')).toBe(true);
  });
});
