/** Tables out of files: in pieces as in one, matched once, given up, and nothing of one in the next. */
import fc from 'fast-check';
import { flushPromises } from '@vue/test-utils';
import { effectScope } from 'vue';
import { describe, expect, it } from 'vitest';
import type { GaugeColumns } from '@lentum/core/film';
import { readText, rowsOf } from '../src/shared/tables/tablefile.ts';
import { sentence } from '@lentum/core/problems';
import { guessMap } from '@lentum/core/weather';
import { tableTasks } from '../src/workers/tabletasks.ts';
import { useTableFile } from '../src/shared/tables/usetablefile.ts';

const picked = (name: string, text: string): Event => {
  const input = document.createElement('input');
  input.type = 'file';
  Object.defineProperty(input, 'files', { value: [new File([text], name)] });
  Object.defineProperty(input, 'value', { value: '', writable: true });
  return { target: input } as unknown as Event;
};

describe('a large table', () => {
  it.each([
    ['commas', ',', ''],
    ['semicolons and decimal commas', ';', ''],
    ['what its first line says', '|', 'sep=|\n'],
  ])('with %s is read in pieces as it is in one', (_, mark, head) => {
    const lines = Array.from({ length: 120_000 }, (_at, i) =>
      [`place ${i}`, mark === ';' ? `${i},25` : `${i}.25`, '"two\nlines"'].join(mark),
    );
    const text = `${head}${['place', 'µm', 'note'].join(mark)}\n\n${lines.join('\n')}\n`;
    const shares: number[] = [];
    const inPieces = rowsOf(text, (share) => shares.push(share));
    expect(inPieces).toEqual(rowsOf(text));
    expect(inPieces).toHaveLength(120_001);
    expect(shares.length).toBeGreaterThan(1);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.at(-1)).toBeLessThanOrEqual(1);
  });
  it('bytes read in pieces are the same text', async () => {
    await fc.assert(
      fc.asyncProperty(fc.string({ unit: 'binary' }), async (text) => {
        const file = new Blob([`${'x'.repeat(1 << 20)}é${text}`]);
        const shares: number[] = [];
        expect(await readText(file, (share) => shares.push(share))).toBe(await readText(file));
        expect(shares.at(-1)).toBe(1);
      }),
      { numRuns: 5 },
    );
  });
});

describe('what is asked of a table', () => {
  it('is answered of one with 129,000 lines, far too hot ones as well', async () => {
    const tasks = tableTasks();
    const lines = Array.from({ length: 129_000 }, (_, i) => {
      const at = new Date(Date.UTC(2000, 0, 1) + i * 3_600_000).toISOString();
      return `${at},${68 + (i % 9)},${i % 90}`;
    });
    const file = new File([`time,temperature,humidity\n${lines.join('\n')}`], 'long.csv');
    const seen = await tasks.open(file, file.name, () => undefined);
    expect(seen.gauge.width).toBe(3);
    const read = tasks.hours(guessMap(seen.first[0] ?? [], 'UTC'));
    expect(!read.ok && read.problems.map(sentence).join(' ')).toContain('°F as its unit');
  });
});

describe('a table that somebody brings', () => {
  const gauge = () =>
    useTableFile<GaugeColumns, readonly { readonly readingsUm: readonly number[] }[]>(
      'test.columns',
      { key: (seen) => seen.gauge.key, guess: (seen) => seen.gauge.guess },
      (ask, columns) => ask.gauge(columns),
    );
  const within = async (run: (file: ReturnType<typeof gauge>) => Promise<void>): Promise<void> => {
    const scope = effectScope();
    const file = scope.run(gauge);
    try {
      await run(file!);
    } finally {
      scope.stop();
    }
  };
  const TWO = 'first µm,second µm\n100,500\n110,520\n';

  it('is matched once: a file like it is read the same the next time, another one is not', () =>
    within(async (file) => {
      expect(await file.pick(picked('a.csv', TWO))).toBe(true);
      expect(file.known.value).toBe(false);
      file.map.value = { ...file.map.value!, reading: 1 };
      await flushPromises();
      expect(file.found.value?.[0]?.readingsUm).toEqual([500, 520]);
      file.remember();
      file.close();
      expect(file.found.value).toBeUndefined();
      await file.pick(picked('b.csv', TWO.replace('500', '640')));
      await flushPromises();
      expect(file.known.value).toBe(true);
      expect(file.found.value?.[0]?.readingsUm).toEqual([640, 520]);
      await file.pick(picked('c.csv', 'other µm,second µm\n1,2\n3,4\n'));
      await flushPromises();
      expect(file.known.value).toBe(false);
      expect(file.found.value?.[0]?.readingsUm).toEqual([1, 3]);
    }));
  it('given up while it is read: nothing of it comes later', () =>
    within(async (file) => {
      const reading = file.pick(picked('a.csv', TWO));
      file.close();
      expect(await reading).toBe(false);
      await flushPromises();
      expect([file.share.value, file.seen.value, file.map.value, file.found.value]).toEqual(
        Array(4).fill(undefined),
      );
    }));
  it('two one behind the other: the second counts', () =>
    within(async (file) => {
      const first = file.pick(picked('a.csv', TWO));
      const second = file.pick(picked('b.csv', 'µm\n7\n9\n'));
      expect(await first).toBe(false);
      expect(await second).toBe(true);
      await flushPromises();
      expect(file.name.value).toBe('b.csv');
      expect(file.share.value).toBeUndefined();
      expect(file.found.value?.[0]?.readingsUm).toEqual([7, 9]);
    }));
  it('without numbers it is not to be matched, and what was wrong is said', () =>
    within(async (file) => {
      expect(await file.pick(picked('a.csv', 'name,note\nroof,dry\n'))).toBe(false);
      expect(file.seen.value).toBeDefined();
      await file.pick(picked('b.csv', TWO));
      file.map.value = { ...file.map.value!, reading: 9 };
      await flushPromises();
      expect(file.found.value).toBeUndefined();
      expect(file.problems.value.join(' ')).toMatch(/expected/);
    }));
});
