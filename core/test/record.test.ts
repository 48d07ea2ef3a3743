import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_ANCHOR, shiftJob, velmora } from '@lentum/demo';
import { sentence } from '@lentum/core/problems';
import {
  achievedFilms,
  bayStatus,
  canonicalJson,
  chainProblem,
  EMPTY_BOOK,
  entryProblems,
  foldRecord,
  hashText,
  judgeCoat,
  link,
  RECORD_COLUMNS,
  recordTable,
  type CoatEntry,
  type Entry,
  type StoredEntry,
} from '@lentum/core/record';
import { bayAreaFigure } from '@lentum/core/site';
import { bayVerdict, coatVerdict, verdictText } from '@lentum/core/words';
import { evaluate } from './support/formula.ts';

const now = Date.parse(DEMO_ANCHOR);
const job = velmora(new Date(DEMO_ANCHOR));
const book = foldRecord(EMPTY_BOOK, job.record);
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
  it('breaks on any edit, loss or exchange', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: job.record.length - 2 }),
        fc.constantFrom('who', 'lose', 'swap', 'time', 'number'),
        (i, how) => {
          const edited = structuredClone(job.record) as StoredEntry[];
          const e = edited[i]!;
          if (how === 'who') e.entry.who += '!';
          else if (how === 'lose') edited.splice(i, 1);
          else if (how === 'swap') [edited[i], edited[i + 1]] = [edited[i + 1]!, e];
          else if (how === 'time') edited[i] = { ...e, receivedAt: '2020-01-01T00:00:00.000Z' };
          else edited[i] = { ...e, seq: e.seq + 1 };
          expect(chainProblem(edited)?.field).toBe(`record/${i}`);
        },
      ),
    );
  });
});

describe('folding', () => {
  const flat = (b: typeof book) => ({
    ...b,
    seen: [...b.seen.keys()],
    superseded: [...b.superseded].sort(),
    bays: [...b.bays].sort(),
    conditions: [...b.conditions].sort(),
  });
  it('gives the same book in any batch sizes, overlapping or not', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 60 }),
        fc.integer({ min: 0, max: 10 }),
        (sizes, overlap) => {
          let b = EMPTY_BOOK;
          let i = 0;
          for (const size of [...sizes, job.record.length]) {
            b = foldRecord(b, job.record.slice(Math.max(0, i - overlap), i + size));
            i += size;
          }
          expect(flat(b)).toEqual(flat(book));
        },
      ),
    );
  });
  it('a correction takes the place of the entry, a withdrawal takes it away, and nothing is lost', () => {
    const first = job.record.find((s) => s.entry.kind === 'coat')!;
    const old = first.entry as CoatEntry;
    const correction = link(
      job.record.at(-1),
      { ...old, id: 'c1', supersedes: old.id, note: 'corrected' },
      DEMO_ANCHOR,
    );
    const withdrawal = link(
      correction,
      {
        kind: 'withdrawal',
        id: 'w1',
        who: 'Ines',
        madeAt: DEMO_ANCHOR,
        supersedes: 'c1',
        reason: 'wrong bay',
      },
      DEMO_ANCHOR,
    );
    const corrected = foldRecord(book, [correction]);
    const coats = (b: typeof book) => b.bays.get(old.bayId)!.coats;
    expect(coats(corrected).map((c) => c.id)).toContain('c1');
    expect(coats(corrected).map((c) => c.id)).not.toContain(old.id);
    expect(coats(foldRecord(corrected, [withdrawal])).map((c) => c.id)).not.toContain('c1');
    expect(foldRecord(corrected, [withdrawal]).seen.has(old.id)).toBe(true);
    expect(coats(book).map((c) => c.id)).toContain(old.id);
  });
});

describe('states of the demo bays', () => {
  it.each([
    ['H1', 'accepted', 'H1. Accepted 19:42 by Marek.'],
    ['H3', 'ready', 'H3 · second coat. Thin: the mean is at most'],
    ['H4', 'wet', 'H4 · second coat. Thin:'],
    [
      'H5',
      'ready',
      'H5 · second coat. Hold: surface 12.8\u00a0°C is 1.9\u00a0°C above the dew point 10.9\u00a0°C; 3.0\u00a0°C is needed',
    ],
    ['H7', 'closing', 'H7 · first coat. Hold: surface 12.8'],
    [
      'H8',
      'missed',
      'H8 · first coat. Overcoat time of the primer was missed 15:52. Abrade, wipe clean and prime again.',
    ],
    ['H9', 'held', 'H9 · first coat. Held by Marek: blister'],
    ['H10', 'prepared', 'H10 · primer. Hold: surface 12.8'],
    ['H11', 'primed', 'H11 · first coat. Hold: surface 12.8'],
    ['H12', 'bare', 'H12 · primer. Bare: clean, dry and repair'],
    [
      'C1',
      'primed',
      'C1 · stripe coat. Go: surface 17.8\u00a0°C is 6.9\u00a0°C above the dew point 10.9\u00a0°C',
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
  it('a reading speaks for two hours', () => {
    const v = bayVerdict(status('H10', now + 3 * 3_600_000), now + 3 * 3_600_000);
    expect(verdictText(v.says, 'metric', clock)).toContain('Hold: the last reading is 3.4\u00a0h old');
  });
  it('without a surface temperature no times are told', () => {
    const blind = foldRecord(
      EMPTY_BOOK,
      job.record.filter((s) => s.entry.kind !== 'conditions'),
    );
    const s = status('H6', now, blind);
    expect(s).toMatchObject({ state: 'curing', unknown: 'no temperature', opensMs: undefined });
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
    ['the gauge can not tell, consumption decides', { ...full, lastWetMm: [0.8, 0.8, 0.8] }, 'enough'],
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
    const s = status('H3', now, foldRecord(book, [link(job.record.at(-1), more, DEMO_ANCHOR)]));
    const j = s.laid.at(-1)!.judgement;
    expect(j.design.value).toBeCloseTo(1.1 / 1.3 - 0.7333333, 5);
    expect(j.outcome).toBe('enough');
    expect(s.doubt).toBe(false);
  });
  it('words for an outcome name the rule’s number', () => {
    const v = coatVerdict('H3.', laid, 0, now);
    expect(verdictText([...v.says, ' ', ...(v.quiet ?? [])], 'us', clock)).toMatch(
      /Thin: the mean is at most 31\u00a0mil; 33\u00a0mil is needed .* The film has set: key it/,
    );
  });
});

describe('entries that are refused, one case a reason', () => {
  const good = status('H5').laid.at(-1)!.entry;
  const fresh = { ...good, id: 'new' };
  const context = { survey: job.survey, buildUps: job.buildUp, site: job.site, nowMs: now };
  const cases: [string, Entry, object, string][] = [
    ['finishes before it starts', { ...fresh, finishedAt: fresh.startedAt }, {}, 'Coat, finish: '],
    [
      'more left than opened',
      { ...fresh, leftOver: { basis: 'mass', value: 26 } },
      {},
      'Coat, left over: 26 kg of 25 kg opened; expected no more than was opened.',
    ],
    [
      'unknown container',
      { ...fresh, containers: [{ containerId: 'bucket', opened: 1, batch: '' }] },
      {},
      'Coat, container: “bucket” is not known here; expected one of 25 kg pail, 5 kg pail.',
    ],
    [
      'unknown layer',
      { ...fresh, layerId: 'third' },
      {},
      'Coat, layer: “reinforced-polyurethane revision 1, third” is not known here',
    ],
    ['unknown revision', { ...fresh, revision: 9 }, {}, 'revision 9'],
    [
      'unknown bay',
      { ...fresh, bayId: 'x1' },
      {},
      'Entry, bay: “x1” is not known here; expected a bay of this job.',
    ],
    [
      'a tooth the gauge has not',
      { ...fresh, lastWetMm: [1.45] },
      {},
      'Reading 1: “1.45 mm” is not known here',
    ],
    [
      'in the future',
      {
        ...fresh,
        startedAt: new Date(now + 86_400_000).toISOString(),
        finishedAt: new Date(now + 90_000_000).toISOString(),
      },
      {},
      'is in the future; expected a time that has come.',
    ],
    [
      'corrects what is not there',
      { ...fresh, supersedes: 'gone' },
      {},
      'Correction of: “gone” is not known here',
    ],
    [
      'corrects what was corrected',
      { ...fresh, supersedes: good.id },
      { target: { entry: good, alreadySuperseded: true } },
      'was corrected or withdrawn already',
    ],
    [
      'corrects another kind',
      { ...fresh, supersedes: 's' },
      { target: { entry: { kind: 'step' }, alreadySuperseded: false } },
      'a step entry would be replaced by a coat entry',
    ],
    [
      'conditions on an unknown zone',
      {
        kind: 'conditions',
        id: 'k',
        madeAt: DEMO_ANCHOR,
        who: 'I',
        zoneId: 'q',
        at: DEMO_ANCHOR,
        airC: 1,
        humidityPct: 1,
        surfaceC: 1,
      },
      {},
      'Conditions, zone: “q” is not known here',
    ],
  ];
  it.each(cases)('%s', (_, entry, more, words) =>
    expect(
      entryProblems(entry, { ...context, ...more })
        .map(sentence)
        .join(' '),
    ).toContain(words),
  );
  it('a sound entry has none', () => expect(entryProblems(fresh, context)).toEqual([]));
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

it('the table has a row an entry and a cell a column', () => {
  const rows = recordTable(job.record, job.buildUp, job.site);
  expect(rows.length).toBe(job.record.length);
  expect(rows.every((r) => r.length === RECORD_COLUMNS.length)).toBe(true);
  expect(rows.filter((r) => r[RECORD_COLUMNS.indexOf('in_force')] === 'no').length).toBe(1);
});

it('a demo moved in time tells the same story', () => {
  const moved = shiftJob(job, 86_400_000 * 30);
  expect(chainProblem(moved.record)).toBe(undefined);
  const later = foldRecord(EMPTY_BOOK, moved.record);
  expect(job.site.bays.map((b) => bayStatus(b, job.buildUp, later, now + 86_400_000 * 30).state)).toEqual(
    job.site.bays.map((b) => bayStatus(b, job.buildUp, book, now).state),
  );
});
