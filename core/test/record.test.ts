import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_ANCHOR, shiftJob, velmora } from '@lentum/demo';
import {
  achievedFilms,
  bayStatus,
  canonicalJson,
  chainProblem,
  EMPTY_BOOK,
  foldRecord,
  hashText,
  judgeCoat,
  link,
  type Body,
  type CoatEntry,
  namesOf,
} from '@lentum/core/record';
import { bayAreaFigure } from '@lentum/core/site';
import { bayVerdict, coatVerdict, verdictText } from '@lentum/core/words';
import { make } from './support/entries.ts';
import { evaluate } from './support/formula.ts';

const now = Date.parse(DEMO_ANCHOR);
const job = velmora(new Date(DEMO_ANCHOR));
const names = namesOf(job.people);
const book = foldRecord(EMPTY_BOOK, job.record, names);
const bay = (label: string) => job.site.bays.find((b) => b.label === label)!;
const status = (label: string, at = now, b = book) => bayStatus(bay(label), job.buildUp, b, at);
const clock = (ms: number): string => new Date(ms).toISOString().slice(11, 16);

describe('hash chain', () => {
  it('is SHA-256 of canonical JSON (test vector of FIPS 180-4, from memory)', () => {
    expect(hashText('abc')).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad');
    expect(canonicalJson({ b: [1, { d: 2, c: undefined }], a: 'x' })).toBe('{"a":"x","b":[1,{"d":2}]}');
  });
  it('is whole as made, in any cut', () => {
    expect(chainProblem(job.record)).toBe(undefined);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: job.record.length - 1 }), (i) => {
        expect(chainProblem(job.record.slice(i), job.record[i - 1])).toBe(undefined);
      }),
    );
  });
});

describe('states of the demo bays', () => {
  it.each([
    ['H1', 'accepted', 'H1. Accepted 19:42 by Marek.'],
    ['H3', 'ready', 'H3 · second coat. Thin: the mean is under'],
    ['H4', 'wet', 'H4 · second coat. Thin:'],
    [
      'H5',
      'ready',
      'H5 · second coat. Hold: surface 12.8\u00a0°C is 1.9\u00a0°C above the dew point 10.9\u00a0°C; 3.0\u00a0°C required',
    ],
    ['H7', 'closing', 'H7 · first coat. Hold: surface 12.8'],
    [
      'H8',
      'missed',
      'H8 · first coat. Overcoat window of the primer closed 15:52. Abrade until it is matt all over. Wipe clean. Prime again.',
    ],
    ['H9', 'held', 'H9 · first coat. Held by Marek: blister'],
    ['H10', 'prepared', 'H10 · primer. Hold: surface 12.8'],
    ['H11', 'detailed', 'H11 · first coat. Hold: surface 12.8'],
    ['H12', 'bare', 'H12 · primer. Not prepared: repair, clean and dry'],
    [
      'C1',
      'primed',
      'C1 · stripe coat. The limits that a reading tells hold: surface 17.8\u00a0°C is 6.9\u00a0°C above the dew point 10.9\u00a0°C.',
    ],
  ])('%s is %s', (label, state, words) => {
    const s = status(label);
    const v = bayVerdict(s, now);
    expect(s.state).toBe(state);
    expect(`${v.subject} ${verdictText(v.says, 'metric', clock)}`).toContain(words);
  });
  it('a coat of the evening before cures through the night, by the last reading', () => {
    const then = now - 8 * 3_600_000;
    const v = bayVerdict(status('H6', then), then);
    expect(status('H6', then).state).toBe('curing');
    expect(verdictText(v.says, 'metric', clock)).toMatch(
      /^\d+\u00a0% of the way; overcoat from \d\d:\d\d if the surface stays as last read\.$/,
    );
  });
  it('the wet thin bay says how much to roll and until when', () => {
    const v = bayVerdict(status('H4'), now);
    expect(verdictText(v.quiet ?? [], 'metric', clock)).toMatch(
      /^Roll 1\.0\u00a0L more over the thin places while it is still wet, until 10:1\d\.$/,
    );
    const later = bayVerdict(status('H4', now + 3_600_000), now + 3_600_000);
    expect(later.outcome).not.toBe('go');
  });
  it('a reading is valid for an hour', () => {
    const v = bayVerdict(status('H10', now + 3 * 3_600_000), now + 3 * 3_600_000);
    expect(verdictText(v.says, 'metric', clock)).toContain('Hold: the last reading is 3.4 h old');
  });
  it('without a surface temperature the coldest row of the table is assumed, and said so', () => {
    const blind = foldRecord(
      EMPTY_BOOK,
      job.record.filter((s) => s.entry.kind !== 'conditions'),
    );
    const s = status('H6', now, blind);
    const coat = s.laid.at(-1)!;
    const { points } = coat.coat.cure.overcoatFrom;
    const since = (row: { hours: number }): number =>
      Date.parse(coat.entry.finishedAt!) + row.hours * 3_600_000;
    expect(s).toMatchObject({ unknown: 'no temperature', basis: 'assumed' });
    // The film is as thick as its table is for, within the factors of its own: later than at the warmest row.
    expect(s.opensMs!).toBeGreaterThanOrEqual(since(points[0]!) * (1 - 1e-12));
    expect(s.soonestMs!).toBeGreaterThanOrEqual(since(points.at(-1)!) * (1 - 1e-12));
    expect(s.soonestMs!).toBeLessThan(s.opensMs!);
    expect(s.state).toBe(now < s.opensMs! ? 'curing' : 'ready');
  });
});

describe('was it enough', () => {
  const laid = status('H3').laid.at(-1)!;
  const area = bayAreaFigure(bay('H3'));
  const judge = (change: Partial<CoatEntry>) =>
    judgeCoat(laid.buildUp, laid.coat, { ...laid.entry, ...change }, area);
  const full = { leftOver: { basis: 'mass' as const, value: 25 - 1.1 * 1.03 * area.value } };
  const cases: [string, Partial<CoatEntry>, string][] = [
    ['thin by readings', {}, 'thin'],
    ['enough, both agree', { ...full, lastWetMm: [0.9, 0.9, 0.8, 0.9] }, 'enough'],
    ['readings far over consumption', { ...full, lastWetMm: [1.2, 1.2, 1.2] }, 'check'],
    ['no readings', { ...full, lastWetMm: [] }, 'check'],
    ['no readings and too little used', { lastWetMm: [] }, 'thin'],
    [
      'nothing known yet',
      {
        lastWetMm: [],
        containers: [],
        leftOver: { basis: 'mass', value: 0 },
        finishedAt: undefined as unknown as string,
      },
      'unproven',
    ],
    ['the gauge cannot tell, consumption decides', { ...full, lastWetMm: [0.8, 0.8, 0.8] }, 'enough'],
  ];
  it.each(cases)('%s', (_, change, outcome) => expect(judge(change).outcome).toBe(outcome));

  it('shows workings that give the figures', () => {
    for (const label of ['H1', 'H3', 'H4', 'T3']) {
      for (const { judgement: j } of status(label).laid) {
        for (const f of [j.used, j.fromConsumption, j.missing, j.design, j.fromReadings?.figure, j.gap])
          if (f) expect(evaluate(f)).toBeCloseTo(f.value, 9);
      }
    }
  });
  it('litres missing: what is over in one place does not fill another (worked by hand)', () => {
    const j = judge({ lastWetMm: [0.7, 1.2] });
    const design = 1.1 / 1.3;
    expect(j.missing.value).toBeCloseTo(((design - 0.75) / 2) * area.value, 9);
  });
  it('a further coat is judged by what the first one left to do', () => {
    const start = new Date(now - 3_600_000).toISOString();
    const more: CoatEntry = {
      ...laid.entry,
      id: 'more',
      startedAt: start,
      finishedAt: new Date(now - 1_800_000).toISOString(),
      gauge: 'fine',
      lastWetMm: [0.15, 0.2, 0.15],
      leftOver: { basis: 'mass', value: 25 - 0.17 * 1.3 * area.value },
    };
    const { bayId, part: _part, lastWetMm, who: _who, seq: _seq, ...body } = more;
    const entry = make('coat', { ...body, readings: [{ bayId, lastWetMm }] } as unknown as Body<'coat'>, {
      ...{ id: 'more', bays: ['H3'] },
    });
    const s = status('H3', now, foldRecord(book, [link(job.record.at(-1), entry, DEMO_ANCHOR)]));
    const j = s.laid.at(-1)!.judgement;
    expect(j.design.value).toBeCloseTo(1.1 / 1.3 - 0.7333333, 5);
    expect(j.outcome).toBe('enough');
    expect(s.doubt).toBe(false);
  });
  it('words for an outcome name the rule’s number', () => {
    const v = coatVerdict('H3.', laid, 0, now);
    expect(verdictText([...v.says, ' ', ...(v.quiet ?? [])], 'us', clock)).toMatch(
      /Thin: the mean is under 31\u00a0mil; 33\u00a0mil required .* The film has cured: abrade/,
    );
  });
});

it('the film achieved on a zone is the mean of its bays by area, dry by the solids, and shows its working', () => {
  const films = achievedFilms(job.site.bays.filter((b) => b.zoneId === 'hall').map((b) => status(b.label)));
  expect(films.map((f) => [f.layerId, f.bays])).toEqual([
    ['primer', 10],
    ['first', 6],
    ['second', 4],
  ]);
  for (const f of films) {
    expect(evaluate(f.wet)).toBeCloseTo(f.wet.value, 9);
    expect(evaluate(f.dry)).toBeCloseTo(f.dry.value, 9);
  }
  // Bays of equal size: the plain mean of 0.9167, 0.9167, 0.7333 and 0.7667 mm, worked by hand.
  expect(films[2]!.wet.value).toBeCloseTo((5.5 / 6 + 5.5 / 6 + 4.4 / 6 + 4.6 / 6) / 4, 3);
});

it('a demo moved in time tells the same story', () => {
  const moved = shiftJob(job, 86_400_000 * 30);
  expect(chainProblem(moved.record)).toBe(undefined);
  const later = foldRecord(EMPTY_BOOK, moved.record, names);
  expect(job.site.bays.map((b) => bayStatus(b, job.buildUp, later, now + 86_400_000 * 30).state)).toEqual(
    job.site.bays.map((b) => bayStatus(b, job.buildUp, book, now).state),
  );
});
