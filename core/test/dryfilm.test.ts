/** Dry film: what is taken off, how far that may be off, and files of gauges. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dryFilms, gaugeFileKey, guessGaugeColumns, readGaugeFile, shimOff } from '../src/film/index.ts';

describe('readings of the coats alone', () => {
  it('are less the mean of what was there before, with the error of that mean', () => {
    // By hand: 80, 90, 100 have the mean 90 and s 10; Student, two degrees, 97.5 %: 4.3027. 4.3027 × 10 / √3 = 24.84 µm.
    const d = dryFilms({ readingsUm: [590], beforeUm: [80, 90, 100] });
    expect(d?.takenOffMm).toBeCloseTo(0.09, 12);
    expect(d?.offMm).toBeCloseTo(0.02484, 5);
    expect(d?.films[0]?.lowMm).toBeCloseTo(0.5 - 0.02484, 5);
    expect(d?.films[0]?.highMm).toBeCloseTo(0.5 + 0.02484 + 0.001, 5);
  });
  it('are less what it reads on the bare ground where nothing was read before, and never less than nothing', () => {
    expect(dryFilms({ readingsUm: [300, 5], beforeUm: [], zeroUm: 12 })?.films).toEqual([
      { lowMm: 0.288, highMm: 0.289 },
      { lowMm: 0, highMm: 0 },
    ]);
  });
  it('are not known where what was there before was read once', () => {
    expect(dryFilms({ readingsUm: [300], beforeUm: [90] })).toBeUndefined();
  });
  it('hold the true film in 95 of 100 bays whose old coating varies', () => {
    // A generator of its own: sums of twelve are near enough to the normal distribution.
    let seed = 7;
    const random = (): number => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const normal = (): number => Array.from({ length: 12 }, random).reduce((a, x) => a + x, -6);
    let held = 0;
    const RUNS = 2000;
    for (let i = 0; i < RUNS; i++) {
      const old = (): number => 100 + 15 * normal();
      const d = dryFilms({ readingsUm: [100 + 400], beforeUm: [old(), old(), old(), old(), old()] });
      const film = d?.films[0];
      if (film && film.lowMm <= 0.4 && (film.highMm ?? 0) >= 0.4) held += 1;
    }
    expect(held / RUNS).toBeGreaterThan(0.935);
    expect(held / RUNS).toBeLessThan(0.975);
  });
  it.each([
    [[], undefined],
    [[{ nominalUm: 250, readUm: 262 }], undefined],
    [
      [
        { nominalUm: 250, readUm: 251 },
        { nominalUm: 500, readUm: 530 },
      ],
      { nominalUm: 500, readUm: 530 },
    ],
  ])('a shim is off beyond its share: %#', (shims, off) => expect(shimOff(shims, 0.05)).toEqual(off));
});

const table = (text: string): string[][] => text.split('\n').map((l) => l.split(','));

describe('the file of a gauge', () => {
  it.each([
    ['No,Batch,Thickness (µm)\n1,A,412\n2,A,398\n3,B,510', { reading: 2, unit: 'µm', batch: 1 }],
    ['Gauge export\nreading mils,time\n16.2,09:10\n15.9,09:11', { reading: 0, unit: 'mil' }],
    ['1,0.41\n2,0.43\n3,0.40', { reading: 1, unit: 'µm' }],
    ['a,b\nc,d', undefined],
  ])('%# is guessed by its head and its numbers', (text, columns) =>
    expect(guessGaugeColumns(table(text))).toEqual(columns),
  );
  it('gives its batches in order, in µm', () => {
    const rows = table('No,Batch,Thickness (mil)\n1,B,10\n2,A,20\n3,B,12.5');
    const read = readGaugeFile(rows, { reading: 2, unit: 'mil', batch: 1 });
    expect(read.ok && read.value).toEqual([
      { name: 'B', readingsUm: [254, 317.5] },
      { name: 'A', readingsUm: [508] },
    ]);
  });
  it.each([
    ['no number', 'reading\n12\nOL', { reading: 0, unit: 'µm' }, 'rows/2', 'OL'],
    ['the wrong unit', 'reading\n412', { reading: 0, unit: 'mm' }, 'rows/1', '412 mm'],
    ['a film below nothing', 'reading\n12\n-3', { reading: 0, unit: 'µm' }, 'rows/2', '-3 µm'],
    ['no row', 'reading', { reading: 0, unit: 'µm' }, 'rows/0', 'reading'],
  ] as const)('%s is said with its row', (_, text, columns, field, actual) => {
    const read = readGaugeFile(table(text), columns);
    expect(!read.ok && read.problems[0]).toMatchObject({ field, actual });
  });
  it('is known again by its columns, whatever stands in them', () => {
    const key = gaugeFileKey(table('No,Thickness\n1,412'));
    expect(gaugeFileKey(table('no , thickness\n9,77\n10,78'))).toBe(key);
    expect(gaugeFileKey(table('No,Reading\n1,412'))).not.toBe(key);
  });
  it('never reads a film that is not in it', () => {
    const films = fc.array(fc.integer({ min: 0, max: 5000 }), { minLength: 1, maxLength: 40 });
    fc.assert(
      fc.property(films, (um) => {
        const rows = [['n', 'film µm'], ...um.map((x, i) => [String(i + 1), String(x)])];
        const columns = guessGaugeColumns(rows);
        const read = columns && readGaugeFile(rows, columns);
        expect(read?.ok && read.value[0]?.readingsUm).toEqual(um);
      }),
    );
  });
});
