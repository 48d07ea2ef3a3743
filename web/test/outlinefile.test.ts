/** Outlines out of files: what is asked of each kind, read again as it is answered, given up, and nothing of one in the next. */
import { flushPromises } from '@vue/test-utils';
import { effectScope } from 'vue';
import { describe, expect, it, vi } from 'vitest';
import { useReading } from '../src/shared/reading.ts';
import { useOutlineFile } from '../src/survey/outlinefile.ts';

const picked = (name: string, text: string): Event =>
  ({ target: { files: [new File([text], name)] } }) as unknown as Event;
const inScope = <T>(make: () => T): T & { readonly end: () => void } => {
  const scope = effectScope();
  const made = scope.run(make)!;
  return Object.assign(made as object, { end: () => scope.stop() }) as T & { end: () => void };
};
const opened = async (name: string, text: string) => {
  const file = inScope(useOutlineFile);
  await file.pick(picked(name, text));
  await flushPromises();
  return file;
};
const line = (layer: string, x1: number, y1: number, x2: number, y2: number): string =>
  `0\nLINE\n8\n${layer}\n10\n${x1}\n20\n${y1}\n11\n${x2}\n21\n${y2}\n`;
const square = (layer: string, side: number, x = 0): string =>
  [
    [0, 0, side, 0],
    [side, 0, side, side],
    [side, side, 0, side],
    [0, side, 0, 0],
  ]
    .map(([a = 0, b = 0, c = 0, d = 0]) => line(layer, x + a, b, x + c, d))
    .join('');
const dxf = (entities: string): string => `0\nSECTION\n2\nENTITIES\n${entities}0\nENDSEC\n0\nEOF\n`;
const outer = (file: { outlines: { value: readonly { outer: readonly unknown[] }[] } }) =>
  file.outlines.value.map((o) => o.outer);

describe('a table of corners', () => {
  it('is read again in the unit that is chosen', async () => {
    const file = await opened('a.csv', 'x,y\n0,0\n6000,0\n6000,4000\n');
    expect(file.kind.value).toBe('CSV');
    expect(outer(file)[0]).toEqual([
      [0, 0],
      [6000, 0],
      [6000, 4000],
    ]);
    file.unit.value = 'mm';
    await flushPromises();
    expect(file.imported.value).toEqual({
      origin: 'CSV',
      outlines: [
        {
          name: 'Outline',
          holes: [],
          outer: [
            [0, 0],
            [6, 0],
            [6, 4],
          ],
        },
      ],
    });
  });
  it('that is wrong says so, and nothing can be added', async () => {
    const file = await opened('a.csv', 'x,y\n0,0\n6000,north\n6000,4000\n');
    expect(file.problems.value).toEqual([
      'The CSV file, line 3: “north” is not a number with a unit; expected two numbers, x and y.',
    ]);
    expect(file.imported.value).toBeUndefined();
  });
});

describe('GeoJSON', () => {
  const ring = (x: number, y: number, size: number) => [
    [x, y],
    [x + size, y],
    [x + size, y + size],
    [x, y],
  ];
  const polygon = (...rings: unknown[]) => JSON.stringify({ type: 'Polygon', coordinates: rings });
  it('in degrees tells where it lies; read as metres it does not', async () => {
    const file = await opened('a.geojson', polygon(ring(12.5, 41.9, 0.0001)));
    expect(file.coordinates.value).toBe('degrees');
    expect(file.imported.value?.onGlobe).toEqual([12.5, 41.9]);
    expect(Math.hypot(...(outer(file)[0]![1] as [number, number]))).toBeCloseTo(8.3, 1);
    file.coordinates.value = 'metres';
    expect(file.imported.value).not.toHaveProperty('onGlobe');
  });
  it('in metres is not asked to lie anywhere', async () => {
    const file = await opened('a.json', polygon(ring(500, 700, 20)));
    expect(file.coordinates.value).toBe('metres');
    expect(file.imported.value).toMatchObject({ origin: 'GeoJSON' });
    expect(file.imported.value).not.toHaveProperty('onGlobe');
  });
  it('that is cut short says so', async () => {
    const file = await opened('a.geojson', polygon(ring(0, 0, 5)).slice(0, 40));
    expect(file.problems.value[0]).toContain('The GeoJSON file is cut short');
    expect(file.imported.value).toBeUndefined();
  });
});

describe('a drawing', () => {
  it('without a unit is added only once somebody has said it', async () => {
    const file = await opened('a.dxf', dxf(square('ROOF', 8000)));
    expect(file.layers.value).toEqual(['ROOF']);
    expect(outer(file)).toHaveLength(1);
    expect(file.imported.value).toBeUndefined();
    file.unit.value = 'mm';
    file.confirmed.value = true;
    await flushPromises();
    expect(file.imported.value?.outlines[0]?.outer.flat()).toContain(8);
  });
  it('of many layers is read on those that are chosen', async () => {
    const file = await opened('a.dxf', dxf(square('A', 8) + square('B', 9, 20)));
    expect(file.layers.value).toEqual(['A']);
    file.layers.value = ['A', 'B'];
    await flushPromises();
    expect(outer(file)).toHaveLength(2);
    file.layers.value = [];
    await flushPromises();
    expect(outer(file)).toEqual([]);
  });
});

it('the next file has nothing of the one before', async () => {
  const file = await opened('a.dxf', dxf(square('ROOF', 8000)));
  file.unit.value = 'mm';
  file.confirmed.value = true;
  await file.pick(picked('b.csv', 'x,y\n0,0\n6,0\n6,4\n'));
  await flushPromises();
  expect(file.facts.value).toBeUndefined();
  expect(file.imported.value).toMatchObject({
    origin: 'CSV',
    outlines: [
      {
        outer: [
          [0, 0],
          [6, 0],
          [6, 4],
        ],
      },
    ],
  });
  file.close();
  expect(file.imported.value).toBeUndefined();
});

describe('reading', () => {
  it('that is given up answers nothing, however it ends', async () => {
    const { read, stop, end } = inScope(useReading);
    const ended: string[] = [];
    for (const settle of ['resolve', 'reject'] as const) {
      let finish: (() => void) | undefined;
      const answer = read(
        () =>
          new Promise<object>((resolve, reject) => {
            finish = () => (settle === 'resolve' ? resolve({}) : reject(new Error('cut')));
          }),
        () => ended.push(settle),
      );
      stop();
      finish?.();
      expect(await answer).toBeUndefined();
    }
    expect(ended).toEqual(['resolve', 'reject']);
    end();
  });
  it('tells its share only where it takes a while, and not after its end', async () => {
    vi.useFakeTimers();
    const { read, share, end } = inScope(useReading);
    let tell: ((of: number) => void) | undefined;
    let finish: ((answer: object) => void) | undefined;
    const answer = read(
      (progress) =>
        new Promise<object>((resolve) => {
          tell = progress;
          finish = resolve;
        }),
      () => undefined,
    );
    tell?.(0.1);
    expect(share.value).toBeUndefined();
    // What was told before is said then, also where nothing more is told.
    vi.advanceTimersByTime(300);
    expect(share.value).toBe(0.1);
    tell?.(0.4);
    expect(share.value).toBe(0.4);
    finish?.({});
    expect(await answer).toEqual({});
    expect(share.value).toBeUndefined();
    tell?.(0.9);
    expect(share.value).toBeUndefined();
    end();
    vi.useRealTimers();
  });
  it('what goes wrong is told where it was not given up', async () => {
    const { read, end } = inScope(useReading);
    await expect(
      read(
        () => Promise.reject(new Error('cut')),
        () => undefined,
      ),
    ).rejects.toThrow('cut');
    end();
  });
});
