/** What is proven of a roof: each layer judged as it stood when it was begun, and what the record says of it since. */
import { describe, expect, it } from 'vitest';
import { solidsOf, wetFilm } from '@lentum/core/buildup';
import { detailSchedule } from '@lentum/core/details';
import { verdictText } from '@lentum/core/figures';
import { groupHead, groupWords, isProven, PROOF_ANSWERS, proofOf } from '@lentum/core/handover';
import { provingSchema, type LeakDemand, type ProofSubject } from '@lentum/core/proving';
import { jobState } from '@lentum/core/state';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { inputsOf } from './support/calls.ts';
import {
  at,
  coated,
  coatsOf,
  hours,
  moisture,
  polyurethane,
  prepared,
  pulled,
  reading,
  stateFor,
  told,
  type GateJob,
  type Told,
} from './support/gatejob.ts';

/** The primer was laid 20 hours ago, half an hour long, on ground that was ready, read and prepared. */
const LAID_H = 20;
const ready: readonly Told[] = [moisture(3.5, 22), pulled(60), prepared(23), reading(20.7)];
const primer = coated(polyurethane, 'primer', LAID_H);
const lines = (job: GateJob) => proofOf(stateFor(job), 'hall', undefined);
const line = (job: GateJob, subject: ProofSubject) => lines(job).find((l) => l.subject === subject);
const says = (job: GateJob, subject: ProofSubject): string =>
  (line(job, subject)?.groups ?? [])
    .map(
      (g) =>
        `${groupHead(g, subject)}, ${g.answer}: ${verdictText(groupWords(g), 'metric', (ms) => new Date(ms).toISOString())}`,
    )
    .join('\n');

describe('a layer that was laid with everything in order', () => {
  const job = { entries: [...ready, primer] };
  it('is proven by ground, preparation and weather of its own hour', () => {
    for (const subject of ['ground', 'preparation', 'weather'] as const)
      expect([subject, line(job, subject)?.answer, says(job, subject)]).toEqual([subject, 'proven', '']);
    // A primer has no film to read: it keeps to what was used.
    expect(line(job, 'film')).toMatchObject({ answer: 'proven', of: 1, good: 1 });
    expect(isProven(lines(job))).toBe(false);
  });
  it('but the roof is not whole, nor accepted: that is not shown, and no fault', () => {
    expect(line(job, 'layers')).toMatchObject({ answer: 'not shown', of: 1, good: 0 });
    expect(says(job, 'layers')).toMatch(/from first coat on nothing is on record/);
    expect(says(job, 'accepted')).toMatch(/nobody has accepted it/);
  });
});

describe('what is missing, what failed, and who answers for it', () => {
  it.each([
    // What nobody entered proves nothing.
    [
      'no reading of the ground',
      [pulled(60), prepared(23), reading(20.7), primer],
      'ground',
      'not shown',
      /moisture/,
    ],
    [
      'nothing prepared',
      [moisture(3.5, 22), pulled(60), reading(20.7), primer],
      'preparation',
      'failed',
      /./,
    ],
    [
      'no reading of the air',
      [moisture(3.5, 22), pulled(60), prepared(23), primer],
      'weather',
      'not shown',
      /air and surface read/,
    ],
    // The number of the day decides, whatever is read later.
    [
      'damp when it was laid, dry since',
      [moisture(8, 22), moisture(3, 2), pulled(60), prepared(23), reading(20.7), primer],
      'ground',
      'failed',
      /8\.0\s%/,
    ],
    [
      'a wet film on the ground',
      [
        moisture(3.5, 22),
        pulled(60),
        prepared(23),
        reading(20.7, { surfaceC: 8, airC: 20, humidityPct: 80 }),
        primer,
      ],
      'weather',
      'failed',
      /dew/,
    ],
  ] as const)('%s', (_, entries, subject, answer, what) => {
    expect(line({ entries }, subject)?.answer).toBe(answer);
    expect(says({ entries }, subject)).toMatch(what);
  });

  it('somebody who took it over by name is named with the reason', () => {
    const damp = [moisture(8, 22), pulled(60), prepared(23), reading(20.7), primer];
    const taken = told(
      'decision',
      -20.7,
      {
        at: at(-20.7),
        what: 'gate taken over',
        about: { gate: 'ground/moisture' },
        reason: 'read on a wet spot',
      },
      { who: 'Marek' },
    );
    expect(line({ entries: damp }, 'ground')).toMatchObject({ answer: 'failed', good: 0 });
    const job = { entries: [...damp, taken] };
    expect(line(job, 'ground')).toMatchObject({ answer: 'answered for', of: 1, good: 1 });
    expect(says(job, 'ground')).toMatch(/Marek answers for it, .*read on a wet spot/);
  });

  it('rain in the hours after it: failed, until each step of its remedy is on record', () => {
    const wet = hours((h) => (h >= -20 && h <= -18 ? { rainMm: 2 } : {}));
    const entries = [...ready, primer, told('event', -19, { at: at(-19), what: 'rain' })];
    const job = { entries, series: [wet] };
    expect(line(job, 'weather')?.answer).toBe('failed');
    expect(says(job, 'weather')).toMatch(/rain/i);
    expect(line(job, 'missed')?.answer).toBe('failed');
    const miss = stateFor(job).calls[0]?.status.misses.find((m) => m.limit === 'rainSafe');
    if (!miss) throw new Error('rain on fresh primer is a miss');
    const mend = (count: number) => ({
      entries: [
        ...entries,
        told('remedy', -5, {
          ...{ at: at(-5), entryId: miss.entryId, limit: 'rainSafe' },
          steps: miss.steps.slice(0, count).map(({ says: words }, n) => ({ n, says: words })),
        } as never),
      ],
      series: [wet],
    });
    expect(line(mend(miss.steps.length - 1), 'weather')?.answer).toBe('failed');
    expect(line(mend(miss.steps.length), 'weather')?.answer).toBe('proven');
    expect(line(mend(miss.steps.length), 'missed')?.answer).toBe('proven');
  });

  it('a film that is thin failed, one that nobody read is not shown', () => {
    const coat = (times: number, change = {}) => ({
      entries: [...ready, primer, reading(2.6), coated(polyurethane, 'first', 2, times, change)],
    });
    expect(line(coat(1.02), 'film')).toMatchObject({ answer: 'proven' });
    expect(line(coat(0.6), 'film')).toMatchObject({ answer: 'failed' });
    expect(says(coat(0.6), 'film')).toMatch(/^H1, first coat, film, failed: is thin; design/);
    expect(line(coat(1.02, { readings: [] }), 'film')?.answer).not.toBe('failed');
  });

  describe('what is asked of finished work', () => {
    const laid = [...ready, primer];
    const asked = provingSchema.parse({
      demands: [{ zoneId: 'hall', leak: 'none', dryFilm: true, bondMPa: { value: 1.5, source: 'chosen' } }],
    });
    const of = (subject: ProofSubject, ...more: readonly Told[]) =>
      proofOf(stateFor({ entries: [...laid, ...more] }), 'hall', undefined, asked).find(
        (l) => l.subject === subject,
      )?.answer;
    const pull = (hoursAgo: number, value: number, brokeAt?: 'in the glue' | 'in the ground') =>
      told('test', -hoursAgo, {
        ...{ at: at(-hoursAgo), test: 'pull-off', instrument: 'x', value, unprimed: false },
        ...(brokeAt ? { brokeAt } : {}),
      } as never);
    it.each([
      ['none pulled since its coat', [], 'not shown'],
      ['pulled before it only', [pull(40, 3)], 'not shown'],
      ['pulled and strong', [pull(3, 1.8), pull(2, 1.5)], 'proven'],
      ['one of them too weak', [pull(3, 1.8), pull(2, 1.4)], 'failed'],
      ['too weak in the ground', [pull(3, 1.8), pull(2, 1.4, 'in the ground')], 'failed'],
      ['parted in the glue, yet as strong as asked', [pull(3, 1.8), pull(2, 1.6, 'in the glue')], 'proven'],
      ['parted in the glue below it', [pull(3, 1.8), pull(2, 1.1, 'in the glue')], 'not shown'],
      ['only parted in the glue', [pull(2, 1.1, 'in the glue')], 'not shown'],
    ] as const)('bond: %s', (_, more, answer) => expect(of('bond', ...more)).toBe(answer));
    /** The primer leaves so much dry, µm. */
    const dryUm = (() => {
      const p = coatsOf(polyurethane)[0]!;
      return wetFilm(p).value * solidsOf(p).value * 1000;
    })();
    const film = (when: 'before' | 'after', hoursAgo: number, ...um: number[]) =>
      told('dry film', -hoursAgo, {
        ...{ at: at(-hoursAgo), gauge: 'ultrasonic', instrument: 'x', ground: 'concrete', when },
        ...{ shims: [{ nominalUm: 250, readUm: 252 }], readingsUm: um },
      });
    const unchecked = (hoursAgo: number, shims: { nominalUm: number; readUm: number }[]) =>
      told('dry film', -hoursAgo, {
        ...{ at: at(-hoursAgo), gauge: 'ultrasonic', instrument: 'y', ground: 'concrete', when: 'after' },
        ...{ shims, readingsUm: [dryUm * 1.02, dryUm * 1.05] },
      });
    it.each<[string, readonly Told[], string]>([
      ['not read', [], 'not shown'],
      ['read before it only', [film('before', 21, 10)], 'not shown'],
      ['enough', [film('after', 2, dryUm * 1.02, dryUm * 1.05, dryUm * 1.01)], 'proven'],
      ['too thin', [film('after', 2, dryUm * 0.5, dryUm * 0.6, dryUm * 0.55)], 'failed'],
      [
        'enough only with what was there before',
        [
          film('before', 21, dryUm * 0.6, dryUm * 0.58, dryUm * 0.62),
          film('after', 2, dryUm * 1.1, dryUm * 1.2, dryUm * 1.1),
        ],
        'failed',
      ],
      [
        'what was before read only once',
        [film('before', 21, dryUm * 0.6), film('after', 2, dryUm * 1.7, dryUm * 1.8)],
        'not shown',
      ],
      [
        'enough after what varied before is taken off',
        [
          film('before', 21, dryUm * 0.6, dryUm * 0.58, dryUm * 0.62),
          film('after', 2, dryUm * 1.8, dryUm * 1.75),
        ],
        'proven',
      ],
      ['by a gauge that was not checked', [unchecked(2, [])], 'not shown'],
      ['by a gauge that is off', [unchecked(2, [{ nominalUm: 250, readUm: 280 }])], 'not shown'],
      [
        'checked by another entry of the day',
        [unchecked(2, []), unchecked(2.5, [{ nominalUm: 250, readUm: 251 }])],
        'proven',
      ],
    ])('dry film: %s', (_, more, answer) => expect(of('dryFilm', ...more)).toBe(answer));
    const found = told('snag', -9, { step: 'found', at: at(-9), what: 'pinhole' });
    const step = (hoursAgo: number, name: 'done' | 'accepted' | 'refused') =>
      told('snag', -hoursAgo, { step: name, at: at(-hoursAgo), snagId: 'e5-snag' });
    it.each([
      ['found', [], 'failed'],
      ['done', [step(8, 'done')], 'not shown'],
      ['accepted', [step(8, 'done'), step(7, 'accepted')], 'proven'],
      ['not accepted', [step(8, 'done'), step(7, 'refused')], 'failed'],
    ] as const)('a snag that is %s', (_, more, answer) => expect(of('snags', found, ...more)).toBe(answer));
  });

  describe('a leak test', () => {
    const asked = (leak: LeakDemand) => provingSchema.parse({ demands: [{ zoneId: 'hall', leak }] });
    const leak = (entries: readonly Told[], demand?: LeakDemand) =>
      proofOf(stateFor({ entries }), 'hall', undefined, demand && asked(demand)).find(
        (l) => l.subject === 'leak',
      );
    const pass = (hoursAgo: number, ...finds: string[]) =>
      told('leak test', -hoursAgo, { at: at(-hoursAgo), method: 'spark', instrument: 'x', finds });
    const flooded = (fellMm: number, below: 'dry' | 'not looked at', unplugged = 1) => [
      told('flood', -60, {
        ...{ step: 'filled', at: at(-60), deepestMm: 50, levelMm: 50, panMm: 30, plugged: 1, hours: 48 },
      }),
      told('flood', -10, {
        ...{ step: 'emptied', at: at(-10), floodId: 'e0-flood', levelMm: 48 - fellMm, panMm: 28 },
        ...{ unplugged, below },
      }),
    ];
    it.each([
      ['nothing said, nothing done', [], undefined, 'not shown'],
      ['none asked for, none done', [], 'none', undefined],
      ['a flood asked for, none done', [], 'flood', 'not shown'],
      ['a pass that found nothing, where a flood is asked for', [pass(5)], 'flood', 'not shown'],
      ['a pass that found nothing, where either will do', [pass(5)], 'either', 'proven'],
      ['a pass that found something, asked for or not', [pass(5, 'corner')], 'none', 'failed'],
      ['found, and nothing found since', [pass(5, 'corner'), pass(2)], 'detector', 'proven'],
      ['nothing found, and then something', [pass(5), pass(2, 'corner')], 'detector', 'failed'],
      ['a flood that held, and dry below', flooded(0, 'dry'), 'flood', 'proven'],
      ['a flood that held, and nobody looked', flooded(0, 'not looked at'), 'flood', 'not shown'],
      ['a flood that lost', flooded(9, 'dry'), 'flood', 'failed'],
      ['a flood that held, and the plug is in', flooded(0, 'dry', 0), 'flood', 'failed'],
    ] as const)('%s', (_, entries, demand, answer) => expect(leak(entries, demand)?.answer).toBe(answer));
  });

  it('of a bare roof only says what is not there', () => {
    expect(lines({ entries: [] }).map((l) => [l.subject, l.answer])).toEqual([
      ['layers', 'not shown'],
      ['leak', 'not shown'],
      ['accepted', 'not shown'],
    ]);
    expect(isProven([])).toBe(false);
  });
});

describe('the demo', () => {
  const job = velmora(new Date(DEMO_ANCHOR));
  const state = jobState(inputsOf(job, Date.parse(DEMO_ANCHOR)));
  const { zones } = detailSchedule(job.survey, job.buildUp);
  const all = job.survey.zones.flatMap((z) =>
    proofOf(
      state,
      z.id,
      zones.find((d) => d.zone.id === z.id),
    ).map((l) => ({ zone: z.id, ...l })),
  );

  it('counts each bay once, and is as good as its worst', () => {
    for (const l of all) {
      const answers = new Set(l.groups.map((g) => g.answer));
      expect(l.good).toBeLessThanOrEqual(l.of);
      const worst = PROOF_ANSWERS.findLast((a) => a === 'proven' || answers.has(a));
      expect(l.answer).toBe(worst);
      expect(l.good === l.of).toBe(l.answer === 'proven' || l.answer === 'answered for');
      const bad = new Set(
        l.groups.filter((g) => g.answer === 'failed' || g.answer === 'not shown').flatMap((g) => g.where),
      );
      expect(l.of - l.good).toBe(bad.size);
    }
  });

  it('has a hall with two bays accepted, a thin film on two, and a primer that was missed and not mended', () => {
    const hall = new Map(all.filter((l) => l.zone === 'hall').map((l) => [l.subject, l]));
    expect(hall.get('film')).toMatchObject({ answer: 'failed', of: 10, good: 8 });
    expect(hall.get('accepted')).toMatchObject({ answer: 'failed', of: 12, good: 2 });
    expect(hall.get('missed')?.groups[0]?.where).toEqual(['H8']);
    expect(hall.get('preparation')?.answer).toBe('proven');
  });
});
