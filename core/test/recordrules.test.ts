/** What cannot have happened is refused; what was done against a rule is taken and said. One case a reason. */
import { describe, expect, it } from 'vitest';
import { sentence } from '@lentum/core/problems';
import {
  batchesOf,
  EMPTY_BOOK,
  entryFlags,
  entryProblems,
  foldRecord,
  KINDS,
  permitsOpenAt,
  readEntry,
  refersTo,
  type Entry,
  type EntryForm,
  type Kind,
  type RecordContext,
} from '@lentum/core/record';
import { ago, book, bookWith, job, make, names, now, sample, type Envelope } from './support/entries.ts';

const context: RecordContext = {
  ...{ survey: job.survey, buildUps: job.buildUp, site: job.site, nowMs: now },
  refers: (id) => book.seen.get(id),
};
const says = (entry: EntryForm, more: Partial<RecordContext> = {}): string =>
  entryProblems(entry, { ...context, ...more })
    .map(sentence)
    .join(' ');
const permit = [...book.seen.values()].find((e) => e.kind === 'permit')!;
const targetOf = (entry: Entry) => ({
  target: { entry: job.record.find((s) => s.entry.id === entry.supersedes)!.entry, alreadySuperseded: false },
});

it.each([...KINDS])('a sound %s is taken', (kind) => {
  const entry = sample(kind);
  expect(says(entry, entry.supersedes === undefined ? {} : targetOf(entry))).toBe('');
});

type Case = readonly [string, Kind, Record<string, unknown>, Envelope, string];
const CASES: readonly Case[] = [
  ['a finish before its start', 'coat', { finishedAt: ago(3) }, {}, 'Coat, finish: '],
  ['a mix that was down before it was mixed', 'mix', { placedAt: ago(3) }, {}, 'Mix, finish: '],
  ['a burner that was off before it was lit', 'melt', { offAt: ago(21) }, {}, 'Melt, finish: '],
  ['a patch judged before it was laid', 'trial', { judgedAt: ago(3) }, {}, 'Trial patch, finish: '],
  [
    'more left over than was opened',
    'coat',
    { leftOver: { basis: 'mass', value: 51 } },
    {},
    'Coat, left over: 51.0\u00a0kg of 50.0\u00a0kg opened; expected no more than was opened.',
  ],
  [
    'a container that the coat has not',
    'coat',
    { containers: [{ containerId: 'bucket', opened: 1, batch: '' }], leftOver: { basis: 'mass', value: 0 } },
    {},
    'Coat, container: “bucket” is not known here; expected one of 25 kg pail, 5 kg pail.',
  ],
  [
    'a layer that the build-up has not',
    'coat',
    { layerId: 'third' },
    {},
    'Coat, layer: “reinforced-polyurethane revision 1, third” is not known here',
  ],
  ['a ply that is a coat', 'ply', { layerId: 'primer' }, {}, 'Laid, layer: '],
  ['aggregate that is a coat', 'broadcast', { layerId: 'wear' }, {}, 'Broadcast, layer: '],
  [
    'a melt of what is mixed cold',
    'melt',
    { layerId: 'primer' },
    {},
    'expected a coat that is melted in a kettle',
  ],
  [
    'a tooth that the gauge has not',
    'coat',
    { readings: [{ bayId: 'hall-5', lastWetMm: [0.45] }] },
    {},
    'Reading 1: “0.45\u00a0mm” is not known here',
  ],
  [
    'readings of a bay that it was not laid on',
    'coat',
    { readings: [{ bayId: 'hall-1', lastWetMm: [] }] },
    {},
    'Coat, readings: “hall-1” is not known here',
  ],
  [
    'a gauge that nobody told of',
    'coat',
    { gauge: 'my-comb' },
    {},
    'Coat, gauge: “my-comb” is not known here',
  ],
  [
    'more drawn and left than was in the kettle',
    'melt',
    { drawnKg: 250 },
    {},
    'Melt, drawn and left: 250.0\u00a0kg and 88.0\u00a0kg of 288.0\u00a0kg charged',
  ],
  [
    'more back into stock than was swept off',
    'broadcast',
    {
      step: 'swept',
      sweptKg: 5,
      backKg: 6,
      method: undefined,
      bags: undefined,
      thrownKg: undefined,
      batch: undefined,
    },
    {},
    'Broadcast, back into stock: 6.0\u00a0kg of 5.0\u00a0kg swept off',
  ],
  [
    'a magnetic gauge on concrete',
    'dry film',
    { ground: 'concrete' },
    {},
    'Dry film, gauge: a gauge by magnetism cannot read a film on concrete; expected ultrasound or a cut-out.',
  ],
  [
    'an eddy current gauge on steel',
    'dry film',
    { gauge: 'eddy current' },
    {},
    'a gauge by eddy current cannot read a film on steel',
  ],
  [
    'a decision without a reason',
    'decision',
    { reason: '' },
    {},
    'Decision, reason is missing; expected a reason in a few words.',
  ],
  [
    'a delivery of nothing',
    'stock',
    { count: undefined, amount: undefined },
    {},
    'Stock, how much is missing',
  ],
  ['a remedy of nothing', 'remedy', { entryId: 'gone' }, {}, 'Remedy: “gone” is not known here'],
  [
    'a permit closed before it was opened',
    'permit',
    {
      step: 'closed',
      permitId: permit.id,
      at: ago(30),
      closedBy: 'Marek',
      number: undefined,
      issuedBy: undefined,
      work: undefined,
      until: undefined,
    },
    {},
    'Permit, closed: ',
  ],
  [
    'a permit closed that nobody opened',
    'permit',
    {
      step: 'closed',
      permitId: 'none',
      closedBy: 'Marek',
      number: undefined,
      issuedBy: undefined,
      work: undefined,
      until: undefined,
    },
    {},
    'Permit: “none” is not known here',
  ],
  [
    'a watch ended that is a permit',
    'watch',
    {
      step: 'closed',
      watchId: permit.id,
      nothingFound: true,
      watcher: undefined,
      until: undefined,
      extinguisher: undefined,
    },
    {},
    'expected one that was opened in this record',
  ],
  [
    'a flood read that nobody filled',
    'flood',
    {
      ...{ step: 'read', floodId: 'none' },
      ...{ deepestMm: undefined, plugged: undefined, hours: undefined },
    },
    {},
    'expected one that was filled in this record',
  ],
  [
    'a snag done that nobody found',
    'snag',
    { step: 'done', snagId: 'none', what: undefined, forWhom: undefined, by: undefined },
    {},
    'expected one that was found in this record',
  ],
  [
    'a reading outside its bay',
    'coat',
    {
      readings: [{ bayId: 'hall-5', lastWetMm: [0.8], places: [{ alongM: -3, acrossM: 1 }] }],
    },
    {},
    'lies outside H5',
  ],
  [
    'a coat on no bay',
    'coat',
    { readings: [] },
    { bays: [], zoneId: 'hall' },
    'Coat, bays is missing; expected at least one bay.',
  ],
  [
    'a coat over two zones',
    'coat',
    { readings: [] },
    { bays: ['H5', 'T1'] },
    'Coat, bays: they lie on 2 zones',
  ],
  [
    'a bay twice',
    'coat',
    { readings: [] },
    { bays: ['H5', 'H5'] },
    'Coat, bay: “H5” is there twice; expected each bay once.',
  ],
  ['a test of nowhere', 'test', {}, { zoneId: undefined as unknown as string }, 'Test, zone is missing'],
  ['an unknown zone', 'conditions', {}, { zoneId: 'q' }, 'Conditions, zone: “q” is not known here'],
];
describe('refused: what cannot have happened', () => {
  it.each(CASES)('%s', (_, kind, change, where, words) =>
    expect(says(sample(kind, change, where))).toContain(words),
  );

  it('every refusal is said once', () => {
    for (const [, kind, change, where] of CASES) {
      const found = entryProblems(sample(kind, change, where), context).map(sentence);
      expect(new Set(found).size).toBe(found.length);
    }
  });
  it('an unknown bay', () => {
    const entry = sample('event', {}, { zoneId: 'hall', bays: [] });
    expect(says({ ...entry, bays: [{ bayId: 'x1', share: 1 }] } as Entry)).toContain(
      'Entry, bay: “x1” is not known here; expected a bay of this job.',
    );
  });
  it('sentences are in the units and the clock of the job', () => {
    const say = { time: () => '07:15', value: (v: number, q: string) => `${v.toFixed(0)} ${q} of the job` };
    expect(says(sample('coat', { leftOver: { basis: 'mass', value: 51 } }), { say })).toContain(
      '51 mass of the job of 50 mass of the job opened',
    );
    expect(says(sample('coat', { finishedAt: ago(3) }), { say })).toContain(
      '07:15 is not after the start 07:15',
    );
  });
});

describe('the future, by the corrected clock', () => {
  const inFuture = 'is in the future; expected a time that has come.';
  it('without a measured clock ten minutes are let pass', () => {
    expect(says(sample('test', { at: ago(-0.15) }))).toBe('');
    expect(says(sample('test', { at: ago(-0.2) }))).toContain(inFuture);
  });
  it('a clock that is known to be an hour ahead tells an hour too much', () => {
    const ahead = { offsetMs: -3_600_000 };
    expect(says(sample('test', { at: ago(-1) }, ahead))).toBe('');
    expect(says(sample('test', { at: ago(-1.05) }, ahead))).toContain(inFuture);
  });
  it('a clock that is behind tells too little', () => {
    const behind = { offsetMs: 3_600_000 };
    expect(says(sample('test', { at: ago(1) }, behind))).toBe('');
    expect(says(sample('test', { at: ago(0.9) }, behind))).toContain(inFuture);
  });
  it.each([
    ['melt', { temperatures: [{ at: ago(-1), kettleC: 190 }] }],
    ['preparation', { dryingFrom: ago(-1) }],
    ['trial', { judgedAt: ago(-1) }],
    ['mix', { placedAt: ago(-1) }],
  ] as [Kind, Record<string, unknown>][])('every instant of a %s that must have come', (kind, change) => {
    expect(says(sample(kind, change))).toContain(inFuture);
  });
  it('an end that lies ahead may lie ahead', () =>
    expect(says(sample('watch', { until: ago(-3) }))).toBe(''));
});

describe('corrections', () => {
  const event = sample('event');
  const of = (entry: EntryForm, alreadySuperseded = false) => ({ target: { entry, alreadySuperseded } });
  const correction = sample('event', {}, { id: 'c', supersedes: event.id });
  it.each([
    ['of nothing', correction, {}, 'Correction of: “made-event” is not known here'],
    ['of what was corrected', correction, of(event, true), 'was corrected or withdrawn already'],
    [
      'by another kind',
      correction,
      of(sample('coat')),
      'an entry of kind “coat” would be replaced by one of kind “event”',
    ],
    [
      'of a withdrawal',
      sample('withdrawal', {}, { supersedes: 'w' }),
      of(sample('withdrawal')),
      'a withdrawal is final',
    ],
    ['a withdrawal of nothing', make('withdrawal', { reason: 'x' }), {}, 'Withdrawal of is missing'],
  ] as const)('%s', (_, entry, more, words) => expect(says(entry, more)).toContain(words));
  it('of the first form by the second: a step by what does its work', () => {
    const step = {
      kind: 'step',
      id: 's',
      madeAt: ago(1),
      who: 'Ines',
      bayId: 'hall-12',
      step: 'prepared',
      at: ago(1),
      note: '',
    } as EntryForm;
    const better = sample('preparation', {}, { id: 'b', supersedes: 's' });
    expect(says(better, of(step))).toBe('');
    expect(says(correction, of(step))).toContain(
      'an entry of kind “preparation” would be replaced by one of kind “event”',
    );
  });
  it('what an entry refers to is named, so that it can be looked up', () => {
    expect(refersTo(sample('remedy'))).toEqual([expect.any(String)]);
    expect(refersTo(sample('permit', { step: 'closed', permitId: 'p' }))).toEqual(['p']);
    expect(refersTo(sample('watch', { step: 'closed', watchId: 'w' }))).toEqual(['w']);
    expect(refersTo(sample('coat'))).toEqual([]);
  });
});

describe('taken and said', () => {
  const flags = (entry: Entry, ...before: Entry[]) => {
    const b = bookWith(...before, entry);
    return entryFlags(b.seen.get(entry.id)!, { buildUps: job.buildUp, site: job.site, book: b });
  };
  const rules = (entry: Entry, ...before: Entry[]) => flags(entry, ...before).map((f) => f.rule);
  it('containers that do not cover the bays', () => {
    const [flag] = flags(sample('coat', { leftOver: { basis: 'mass', value: 42 } }));
    expect(flag!.rule).toBe('covers too little');
    expect(flag!.says).toMatch(
      /^6\.2\u00a0L cover 7\.27\u00a0m² at the design film, of 25\.\d+\u00a0m²: a container is missing, or a bay too many is named\.$/,
    );
    expect(rules(sample('coat'))).toEqual([]);
  });
  it('a batch that was never delivered is asked about; a delivery clears it', () => {
    const coat = sample('coat', { containers: [{ containerId: 'pail-25', opened: 2, batch: 'F-9999' }] });
    expect(flags(coat)[0]!.says).toBe(
      'Batch F-9999 is on no delivery. Was it read right, or is the delivery still to be entered?',
    );
    expect(rules(coat, sample('stock', { batch: 'F-9999' }))).toEqual([]);
  });
  it('without any delivery on record no batch is asked about', () => {
    const alone = foldRecord(EMPTY_BOOK, [], names);
    const read = readEntry(
      sample('coat', { containers: [{ containerId: 'pail-25', opened: 2, batch: 'F-9999' }] }),
      names,
    );
    expect(entryFlags(read, { buildUps: job.buildUp, site: job.site, book: alone })).toEqual([]);
  });
  it('a melt above the safe maximum: taken, flagged, the charge is lost', () => {
    const hot = sample('melt', { temperatures: [{ at: ago(19), kettleC: 222 }] });
    expect(says(hot)).toBe('');
    expect(flags(hot)[0]!.says).toContain('222.0\u00a0°C');
    expect(flags(hot)[0]!.says).toContain('is above the safe maximum of 200.0\u00a0°C: the charge is lost.');
  });
  it('a melt too cold where it is laid, and one too long at heat', () => {
    expect(rules(sample('melt', { temperatures: [{ at: ago(19), kettleC: 180, layingC: 170 }] }))).toEqual([
      'melt too cold',
    ]);
    expect(rules(sample('melt', { litAt: ago(22.5), offAt: ago(14) }))).toContain('melt too long');
  });
  it('a flame without a permit', () => {
    expect(rules(sample('melt', { litAt: ago(5), offAt: ago(4), temperatures: [] }))).toEqual(['no permit']);
    expect(
      rules(
        sample('melt', { litAt: ago(5), offAt: ago(4), temperatures: [] }),
        sample('permit', { at: ago(6), until: ago(0) }),
      ),
    ).toEqual([]);
    expect(permitsOpenAt(book, now - 20 * 3_600_000).length).toBe(1);
    expect(permitsOpenAt(book, now).length).toBe(0);
  });
  it('a permit closed while the kettle burned', () => {
    const opened = sample('permit', { at: ago(6), until: ago(0) }, { id: 'p' });
    const melt = sample('melt', { litAt: ago(5), temperatures: [], offAt: undefined });
    const closing = {
      step: 'closed',
      at: ago(3),
      permitId: 'p',
      closedBy: 'Marek',
      number: undefined,
      issuedBy: undefined,
      work: undefined,
      until: undefined,
    };
    expect(rules(sample('permit', closing, { id: 'q' }), opened, melt)).toEqual(['permit closed early']);
    expect(rules(sample('permit', closing, { id: 'q' }), opened)).toEqual([]);
  });
  it('a watch that ended before its end', () => {
    const opened = sample('watch', { until: ago(0) }, { id: 'w' });
    const ended = {
      step: 'closed',
      at: ago(0.5),
      watchId: 'w',
      nothingFound: true,
      watcher: undefined,
      until: undefined,
      extinguisher: undefined,
    };
    expect(flags(sample('watch', ended, { id: 'x' }), opened)[0]!.says).toContain('The fire watch ended 30');
    expect(rules(sample('watch', { ...ended, at: ago(0) }, { id: 'x' }), opened)).toEqual([]);
  });
  it('a gauge that reads its shim wrong, and more swept off than was thrown', () => {
    expect(rules(sample('dry film', { shims: [{ nominalUm: 250, readUm: 270 }] }))).toEqual(['gauge off']);
    const swept = {
      step: 'swept',
      sweptKg: 200,
      backKg: 0,
      method: undefined,
      bags: undefined,
      thrownKg: undefined,
      batch: undefined,
    };
    expect(rules(sample('broadcast', swept, { id: 's' }))).toEqual(['swept more']);
    expect(rules(sample('broadcast', { ...swept, sweptKg: 40 }, { id: 's' }), sample('broadcast'))).toEqual(
      [],
    );
  });
  it('what was opened longer ago than it keeps once opened', () => {
    const buildUps = structuredClone(job.buildUp);
    const second = buildUps.buildUps
      .find((b) => b.id === 'reinforced-polyurethane')!
      .layers.find((l) => l.id === 'second')!;
    Object.assign(second.product!, { openedDays: { value: 5, source: 'data sheet' } });
    const said = (hours: number) => {
      const opened = sample('stock', { step: 'left over', batch: 'F-2240', at: ago(hours) }, { id: 'o' });
      const coat = sample('coat');
      const b = bookWith(opened, coat);
      return entryFlags(b.seen.get(coat.id)!, { buildUps, site: job.site, book: b }).map((f) => f.says);
    };
    expect(said(24 * 6 + 3)).toEqual([
      expect.stringMatching(/^Batch F-2240 was opened .*, 6 days before; opened it keeps 5 days\.$/),
    ]);
    expect(said(24 * 5)).toEqual([]);
  });
  it('a device whose clock is more than two minutes off', () => {
    expect(flags(sample('event', {}, { offsetMs: 600_000 }))[0]!.says).toContain('was 10');
    expect(flags(sample('event', {}, { offsetMs: -600_000 }))[0]!.says).toContain('ahead');
    expect(rules(sample('event', {}, { offsetMs: 60_000 }))).toEqual([]);
  });
  it('every batch of an entry is found, once', () => {
    const read = (entry: Entry) => batchesOf(readEntry(entry, names));
    expect(
      read(
        sample('coat', {
          containers: [
            { containerId: 'a', opened: 1, batch: 'x' },
            { containerId: 'b', opened: 1, batch: 'x' },
          ],
        }),
      ),
    ).toEqual(['x']);
    expect(read(sample('mix'))).toEqual(['M-0877']);
    expect(read(sample('stock'))).toEqual(['F-2250']);
    expect(read(sample('event'))).toEqual([]);
  });
});
