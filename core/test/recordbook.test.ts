/** What the book makes of entries: any order, shares, shifts, misses and remedies, lines of words. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  openMiss,
  bayStatus,
  EMPTY_BOOK,
  foldRecord,
  KINDS,
  link,
  RECORD_COLUMNS,
  recordTable,
  sharesByArea,
  splitAmount,
  type Body,
  type EntryOf,
  type SiteBook,
  type StoredEntry,
} from '@lentum/core/record';
import { whenMissed } from '@lentum/core/buildup';
import { bayAreaM2 } from '@lentum/core/site';
import { bayRuns, bayVerdict, entryLine, missLine, verdictText } from '@lentum/core/words';
import { evaluate } from './support/formula.ts';
import {
  ago,
  bay,
  book,
  bookWith,
  coatIdOn,
  job,
  make,
  names,
  now,
  recordWith,
  sample,
} from './support/entries.ts';

const clock = (ms: number): string => new Date(ms).toISOString().slice(11, 16);
const status = (label: string, b: SiteBook = book, at = now) => bayStatus(bay(label), job.buildUp, b, at);
const flat = (b: SiteBook) => ({
  lastSeq: b.lastSeq,
  seen: [...b.seen.values()].sort((x, y) => x.seq - y.seq),
  superseded: [...b.superseded].sort(),
  bays: [...b.bays].filter(([, x]) => x.entries.length > 0).sort(([x], [y]) => (x < y ? -1 : 1)),
  zones: [...b.zones].filter(([, x]) => x.entries.length > 0).sort(([x], [y]) => (x < y ? -1 : 1)),
  job: b.job,
});

/** A record with every kind, a correction, and a withdrawal of the correction. */
const rich: StoredEntry[] = (() => {
  const all = KINDS.map((kind) => sample(kind));
  const corrected = sample('coat', { note: 'weighed again' }, { id: 'again', supersedes: 'made-coat' });
  const gone = make('withdrawal', { reason: 'no' }, { id: 'gone', supersedes: 'again' });
  return recordWith(...all, corrected, gone);
})();

describe('any order and any cut gives one book', () => {
  const whole = flat(foldRecord(EMPTY_BOOK, rich, names));
  it('in any order', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(rich, { minLength: rich.length }), (mixed) => {
        expect(flat(foldRecord(EMPTY_BOOK, mixed, names))).toEqual(whole);
      }),
      { numRuns: 40 },
    );
  });
  it('in any batches, overlapping or not, each of them shuffled', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray(rich, { minLength: rich.length }),
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 20 }),
        fc.integer({ min: 0, max: 10 }),
        (mixed, sizes, overlap) => {
          let b = EMPTY_BOOK;
          let i = 0;
          for (const size of [...sizes, mixed.length]) {
            b = foldRecord(b, mixed.slice(Math.max(0, i - overlap), i + size), names);
            i += size;
          }
          expect(flat(b)).toEqual(whole);
        },
      ),
      { numRuns: 40 },
    );
  });
  it('a name that is replaced is read anew, and no hash is touched', () => {
    const other = new Map([...names, ['velmora-ines', 'Person 7']]);
    const b = foldRecord(EMPTY_BOOK, rich, other);
    expect([...b.seen.values()].some((e) => e.who === 'Ines')).toBe(false);
    expect([...b.seen.values()].some((e) => e.who === 'Person 7')).toBe(true);
    expect(foldRecord(EMPTY_BOOK, rich).seen.get('made-event')!.who).toBe('person velmora-');
  });
});

describe('what several bays shared', () => {
  it('splits to the gram: parts are never negative and add up to the total', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 5_000_000 }),
        fc.array(fc.double({ min: 0.001, max: 1000, noNaN: true }), { minLength: 1, maxLength: 60 }),
        (grams, shares) => {
          const parts = splitAmount(grams / 1000, shares);
          expect(Math.round(parts.reduce((a, b) => a + Math.round(b * 1000), 0))).toBe(grams);
          const sum = shares.reduce((a, b) => a + b, 0);
          parts.forEach((p, i) => {
            expect(p).toBeGreaterThanOrEqual(0);
            expect(Math.abs(p * 1000 - (grams * shares[i]!) / sum)).toBeLessThan(1 + 1e-6);
          });
        },
      ),
    );
  });
  it('worked by hand: 10 kg over three equal bays, and by 1, 2 and 3', () => {
    expect(splitAmount(10, [1, 1, 1])).toEqual([3.334, 3.333, 3.333]);
    expect(splitAmount(12, [1, 2, 3])).toEqual([2, 4, 6]);
    expect(splitAmount(1, [])).toEqual([]);
  });

  const bays = ['H5', 'H6'];
  const shift = (
    more: Partial<Body<'coat'>> = {},
    shares = sharesByArea(bays.map((l) => bay(l))).map((s) => s.share),
  ) => sample('coat', more, { bays, shares });
  it('a shift is judged bay by bay, each with its part, and the parts are the whole', () => {
    const b = bookWith(shift());
    const judged = bays.map((l) => status(l, b).laid.at(-1)!.judgement);
    const litres = (50 - 20) / 1.3;
    expect(judged.reduce((sum, j) => sum + j.used.value, 0)).toBeCloseTo(litres, 9);
    const area = bays.reduce((sum, l) => sum + bayAreaM2(bay(l)), 0);
    // By area, so every bay has the same film from consumption.
    for (const j of judged) expect(j.fromConsumption.value).toBeCloseTo(litres / area, 5);
    for (const j of judged) expect(evaluate(j.used)).toBeCloseTo(j.used.value, 9);
    expect(judged[0]!.readings.length).toBe(2);
    expect(judged[1]!.readings.length).toBe(1);
  });
  it('by hand it is as it was said: three quarters and a quarter', () => {
    const b = bookWith(shift({}, [3, 1]));
    const [one, two] = bays.map((l) => status(l, b).laid.at(-1)!.judgement.used.value);
    expect(one! / two!).toBeCloseTo(3, 9);
  });
  it('a correction corrects the shift: every bay changes, the old one stays in the record', () => {
    const old = shift();
    const b = bookWith(old, {
      ...shift({ leftOver: { basis: 'mass', value: 10 } }),
      id: 'better',
      supersedes: old.id,
    });
    for (const l of bays) {
      const top = status(l, b).laid.at(-1)!;
      expect(top.entry.id).toBe('better');
      expect(top.judgement.used.value).toBeGreaterThan(
        status(l, bookWith(old)).laid.at(-1)!.judgement.used.value,
      );
    }
    expect(b.seen.has(old.id)).toBe(true);
  });
  it('what is taken back leaves the bay as it was', () => {
    const tap = sample('preparation', { complete: true }, { bays: ['H12'] });
    expect(status('H12').state).toBe('bare');
    expect(status('H12', bookWith(tap)).state).toBe('prepared');
    const undone = make('withdrawal', { reason: 'a mis-tap', undone: true }, { id: 'u', supersedes: tap.id });
    expect(status('H12', bookWith(tap, undone)).state).toBe('bare');
  });
  it('said of the zone as a whole it holds for each of its bays; a step of the list alone does not', () => {
    const zone = make('preparation', { at: ago(1), steps: [], complete: true }, { zoneId: 'hall' });
    expect(status('H12', bookWith(zone)).state).toBe('prepared');
    expect(status('H12', bookWith(sample('preparation'))).state).toBe('bare');
  });
  it('a refusal holds the bay until somebody releases or accepts it', () => {
    const refused = sample('decision', { what: 'refused', reason: 'pinholes' }, { bays: ['H5'] });
    const s = status('H5', bookWith(refused));
    expect(s.state).toBe('held');
    expect(verdictText(bayVerdict(s, now).says, 'metric', clock)).toBe('Refused by Ines: pinholes.');
    const released = sample(
      'decision',
      { what: 'released', reason: 'rolled', at: ago(0.5) },
      { id: 'r', bays: ['H5'] },
    );
    expect(status('H5', bookWith(refused, released)).state).not.toBe('held');
  });
});

describe('a miss, its remedy, and who judged it', () => {
  const primer = coatIdOn('H8', 'primer');
  const steps = whenMissed(status('H8').laid.at(-1)!.coat, 'overcoatUntil').steps;
  const did = (n: number, hours: number, id = `did${n}`) =>
    make(
      'remedy',
      { at: ago(hours), entryId: primer, limit: 'overcoatUntil', steps: [{ n, says: steps[n]!.says }] },
      { id, bays: ['H8'] },
    );
  it('holds the bay while a step is missing, and says which', () => {
    expect(steps.map((s) => s.does)).toEqual(['abrade', 'wipe', 'prime']);
    expect(status('H8').state).toBe('missed');
    const b = bookWith(did(0, 2), did(1, 1.5));
    const s = status('H8', b);
    expect(s.state).toBe('missed');
    expect(openMiss(s)!.done.size).toBe(2);
    const v = bayVerdict(s, now);
    expect(verdictText(v.quiet ?? [], 'metric', clock)).toBe('Done: 2 of 3 steps. Still to do: Prime again.');
  });
  it('is cleared by all of its steps; the window opens anew by the times of what was laid', () => {
    const b = bookWith(did(0, 2), did(1, 1.5), did(2, 1));
    const s = status('H8', b);
    expect(openMiss(s)).toBe(undefined);
    expect(s.misses[0]).toMatchObject({ limit: 'overcoatUntil', clearedMs: now - 3_600_000 });
    // The primer of an hour ago is curing, as a fresh one on the neighbour would.
    expect(s.state).toBe('curing');
    expect(s.opensMs!).toBeGreaterThan(now);
    expect(s.closesMs!).toBeGreaterThan(s.opensMs!);
  });
  it('steps done before it happened clear nothing, nor do those of another limit', () => {
    const early = did(0, 40, 'early');
    const other = { ...did(1, 1), body: { ...did(1, 1).body, limit: 'foot' } } as ReturnType<typeof did>;
    expect(openMiss(status('H8', bookWith(early, other)))!.done.size).toBe(0);
  });
  it('follows the coat when that is corrected', () => {
    const { bayId: _b, part: _p, ...old } = status('H8').laid.at(-1)!.entry;
    const again = make(
      'coat',
      {
        ...(job.record.find((x) => x.entry.id === primer)!.entry as EntryOf<'coat'>).body,
        note: 'batch read again',
      } as Body<'coat'>,
      { id: 'corrected', bays: ['H8'], supersedes: old.id },
    );
    const s = status('H8', bookWith(did(0, 2), again, did(1, 1.5), did(2, 1)));
    expect(openMiss(s)).toBe(undefined);
  });
  it('may be missed again, and then needs its steps again', () => {
    const b = bookWith(did(0, 2), did(1, 1.5), did(2, 1));
    const later = status('H8', b, now + 96 * 3_600_000);
    expect(later.state).toBe('missed');
    expect(later.misses.map((m) => m.clearedMs !== undefined)).toEqual([true, false]);
  });
  it('rain, shoes and wheels that came too early are misses; those that came late enough are not', () => {
    const rain = (hours: number) =>
      make('event', { at: ago(hours), what: 'rain' }, { id: `rain${hours}`, bays: ['H6'] });
    const wet = status('H6', bookWith(rain(10.7)));
    expect(openMiss(wet)).toMatchObject({ limit: 'rainSafe' });
    expect(wet.state).toBe('missed');
    expect(verdictText(bayVerdict(wet, now).says, 'metric', clock)).toMatch(
      /^Rain on the first coat \d\d:\d\d, before it was rain-safe\. Let it dry\./,
    );
    expect(openMiss(status('H6', bookWith(rain(0.2))))).toBe(undefined);
    const driven = make('event', { at: ago(0.2), what: 'traffic' }, { id: 't', bays: ['H6'] });
    expect(openMiss(status('H6', bookWith(driven)))).toMatchObject({ limit: 'wheels' });
  });
  it('the book says the miss, the remedy and who judged it', () => {
    const [miss] = status('H11').misses;
    expect(verdictText(missLine(miss!), 'metric', clock)).toMatch(
      /^Overcoat window of the primer closed \d\d:\d\d\. Mended \d\d:\d\d by Ines\. Accepted by Marek: Matt all over, primer closed, no dust\.$/,
    );
  });
});

describe('in words and as a table', () => {
  const facts = { buildUps: job.buildUp, site: job.site, book: foldRecord(EMPTY_BOOK, rich, names) };
  const say = {
    time: (i: string) => clock(Date.parse(i)),
    value: (v: number, q: string) => `${Number(v.toFixed(2))} ${q}`,
  };
  const line = (id: string): string => entryLine(facts.book.seen.get(id)!, { ...facts, say });
  it.each([
    ['made-conditions', 'air 12 temperature, humidity 70 %, surface 11 temperature'],
    [
      'made-preparation',
      'H12 · washed, ground, turning nozzle, 300 pressure, wash, 9:1 with water, 4 volume, stood 15 minutes, drying from 08:30: rinsed',
    ],
    ['made-test', 'moisture by meter 4.1 moisture, scale of the meter, meter'],
    [
      'made-trial',
      'trial patch, fill rate, 1 area, 1.5 volume, 10 % thickener, tip 0.4, 180 pressure, grey, good, decided by Marek',
    ],
    ['made-coat', 'H5, H6 · Second coat, rolled, 2 passes, grey, thinned 5 %, 3 readings, batch F-2240'],
    ['made-ply', 'W2 · Cap sheet laid, 3 count used, batch C-9914, looked at'],
    ['made-broadcast', 'T5, T6 · Coloured quartz thrown to refusal, 100 mass, batch Q-5521'],
    ['made-mix', 'mix of primer, 10 massFine resin, catalyst 3 %, resin 15 temperature'],
    [
      'made-melt',
      'charge 3 of first hot layer, 288 mass in, 200 mass drawn, 88 mass left, up to 190 temperature, batch K-6610',
    ],
    ['made-permit', 'permit 32 for torching opened by Marek until 16:30'],
    ['made-watch', 'fire watch by Ines until 09:30, extinguisher at hand'],
    ['made-dry-film', 'dry film after the coat, magnetic on steel, 2 readings, mean 0.41 film'],
    ['made-gauge', 'gauge “Comb”, 3 teeth, marked in mil'],
    [
      'made-flood',
      'flood test filled, 50 gap at its deepest, level 40 gap, pan 30 gap, 2 outlets plugged, to stand 48 hours: mark at the stair',
    ],
    ['made-leak-test', 'H1 · leak test, spark, detector, 6000 V, 2 found: corner by the stair; outlet 2'],
    ['made-snag', 'H5 · snag: a pinhole, for Ines, by 2027-05-01'],
    ['made-upkeep', 'visit: looked at, washed, top film 0.31 film, 0.29 film dry: a seam lifts at the stair'],
    ['made-event', 'H6 · rain on it, 2 rain, 08:30, until 09:00: a shower'],
    ['made-opening', 'H1, H2 · opened to feet'],
    ['made-decision', 'H5 · held: a blister'],
    ['made-detail', 'Internal corner: accepted'],
    [
      'made-stock',
      'Polyurethane resin came, 4 pieces, 100 kg, batch F-2250, best before 2027-05-01, note 122',
    ],
    ['gone', `withdraws entry ${job.record.length + 25}: no`],
  ])('%s', (id, words) => expect(line(id)).toBe(words));
  it('a remedy names its entry and its steps', () => {
    expect(line('made-remedy')).toMatch(/^H8 · overcoat window closed, entry \d+: Abrade\.$/);
  });
  it('runs of bays are drawn together', () => {
    expect(bayRuns(['H1', 'H2', 'H3', 'H5'])).toBe('H1–H3, H5');
    expect(bayRuns(['H9', 'H10', 'H11', 'T1'])).toBe('H9–H11, T1');
    expect(bayRuns(['W1', 'W2'])).toBe('W1, W2');
    expect(bayRuns([])).toBe('');
  });
  it('the table has every kind, a row for each bay of a shift, a cell for each column; amounts add up', () => {
    const rows = recordTable(rich, {
      ...{ buildUps: job.buildUp, site: job.site, names },
      says: (e) => entryLine(e, { ...facts, say }),
      flags: () => '',
    });
    const cell = (row: (string | number)[], column: (typeof RECORD_COLUMNS)[number]) =>
      row[RECORD_COLUMNS.indexOf(column)]!;
    expect(rows.every((r) => r.length === RECORD_COLUMNS.length)).toBe(true);
    expect([...new Set(rows.map((r) => cell(r, 'kind')))].sort()).toEqual([...KINDS].sort());
    expect(new Set(rows.map((r) => cell(r, 'id'))).size).toBe(rich.length);
    const shift = rows.filter((r) => cell(r, 'id') === 'made-coat');
    expect(shift.map((r) => cell(r, 'bay'))).toEqual(['H5', 'H6']);
    expect(shift.reduce((sum, r) => sum + Number(cell(r, 'part_pct')), 0)).toBeCloseTo(100, 2);
    expect(shift.reduce((sum, r) => sum + Number(cell(r, 'used')), 0)).toBeCloseTo(30 / 1.3, 2);
    expect(rows.every((r) => cell(r, 'says') !== '')).toBe(true);
  });
  it('an entry numbered out of turn is put in its place', () => {
    const [a, b] = [
      link(undefined, sample('event', {}, { id: 'a' }), ago(0)),
      link(undefined, sample('event', {}, { id: 'b' }), ago(0)),
    ];
    const late = foldRecord(foldRecord(EMPTY_BOOK, [{ ...b, seq: 2 }]), [a]);
    expect(late.bays.get('hall-6')!.entries.map((e) => e.id)).toEqual(['a', 'b']);
  });
});
