/** What is brought in files: build-ups, spreadsheets, papers, photographs. Looked at first, and nothing half in. */
import { flushPromises } from '@vue/test-utils';
import ElementPlus from 'element-plus';
import { mount } from '@vue/test-utils';
import { effectScope, h, ref } from 'vue';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { catalogue, type Paper } from '@lentum/core/buildup';
import { writeBuildUpFile } from '@lentum/core/library';
import { ok } from '@lentum/core/problems';
import { hashOf } from '../src/app/contenthash.ts';
import type { Photo } from '../src/app/photos.ts';
import { seenPaper } from '../src/buildup/paperfile.ts';
import { useFileRead } from '../src/shared/fileread.ts';
import PhotoPicker from '../src/shared/pictures/PhotoPicker.vue';
import { libraryTasks } from '../src/workers/librarytasks.ts';
import { sheetTasks } from '../src/workers/sheettasks.ts';
import { openDemo } from './openjob.ts';
import { leaveStandIns } from './support.ts';

const still = (): void => undefined;
const PDF = [0x25, 0x50, 0x44, 0x46, 0x2d];
const JPEG = [0xff, 0xd8, 0xff, 0xe0];
const fileOf = (name: string, bytes: readonly number[], type = ''): File =>
  new File([Uint8Array.from(bytes)], name, { type });

describe('a build-up out of a file', () => {
  it('a table: its layers, and the columns that are left out', async () => {
    const table = new Blob(['layer;rate;wind\nPrimer;0,2 kg/m2;3\nMembrane;1,5 L/m2;4\n']);
    const shares: number[] = [];
    const read = await libraryTasks.read(table, 'a.csv', 'metric', (of) => shares.push(of));
    expect(read).toMatchObject({
      ok: true,
      value: {
        kind: 'table',
        layers: [
          { name: 'Primer', role: 'primer', rate: { basis: 'mass', value: 0.2 } },
          { name: 'Membrane', role: 'membrane', rate: { basis: 'volume', value: 1.5 } },
        ],
        ignored: ['wind'],
      },
    });
    expect(shares.at(-1)).toBe(0.5);
  });
  it('a whole one: with its papers as files of their kind', async () => {
    const content = Uint8Array.from(JPEG);
    const sha256 = await hashOf(new Blob([content]));
    const paper: Paper = {
      ...{ id: 'sheet', kind: 'data sheet', title: 'Sheet', date: '2026-03-01', layerIds: [] },
      file: { sha256, name: 'sheet.jpg', mime: 'image/jpeg', bytes: content.length },
    };
    const buildUp = { ...catalogue()[0]!, papers: [paper] };
    const base64 = btoa(String.fromCharCode(...content));
    const text = JSON.stringify(writeBuildUpFile(buildUp, [{ sha256, base64 }], '2026-05-12T09:30:00.000Z'));
    const read = await libraryTasks.read(new Blob([text]), 'a.json', 'metric', still);
    if (!read.ok || read.value.kind !== 'file') throw new Error('no whole build-up');
    expect(read.value.buildUp).toEqual(buildUp);
    const [only] = read.value.papers;
    expect(only?.content.type).toBe('image/jpeg');
    expect(await hashOf(only!.content)).toBe(sha256);
  });
  it('that is neither says so', async () => {
    expect(await libraryTasks.read(new Blob(['{']), 'a.json', 'metric', still)).toMatchObject({ ok: false });
    expect(await libraryTasks.read(new Blob(['a,b\n1,2\n']), 'a.csv', 'metric', still)).toMatchObject({
      ok: false,
    });
  });
});

it('a table in text is read as cells; what is called a spreadsheet and is none is not', async () => {
  expect(await sheetTasks.read(new Blob(['item;price\nA;"12,50"\n']), 'a.csv', still)).toEqual([
    ['item', 'price'],
    ['A', '12.50'],
  ]);
  await expect(sheetTasks.read(new Blob(['item']), 'a.xlsx', still)).rejects.toThrow();
});

describe('a paper', () => {
  it('is what its bytes say, not its name; that is told', async () => {
    const seen = await seenPaper(fileOf('sheet.jpg', PDF, 'image/jpeg'), []);
    expect(seen.file).toMatchObject({ mime: 'application/pdf', name: 'sheet.jpg', bytes: PDF.length });
    expect(seen.file.content.type).toBe('application/pdf');
    expect(seen.doubts).toEqual(['sheet.jpg is named as image/jpeg and is a PDF: it is filed as that.']);
    expect((await seenPaper(fileOf('sheet.jpg', JPEG, 'image/jpeg'), [])).doubts).toEqual([]);
  });
  it('that is filed already is told', async () => {
    const { file } = await seenPaper(fileOf('a.pdf', PDF, 'application/pdf'), []);
    const { content: _, ...said } = file;
    const filed: Paper = {
      ...{ id: 'a', kind: 'data sheet', title: 'Pier coat', date: '2026-03-01', layerIds: [] },
      file: said,
    };
    expect((await seenPaper(fileOf('b.pdf', PDF, 'application/pdf'), [filed])).doubts).toEqual([
      'The same file is in the binder already, as “Pier coat” of 2026-03-01.',
    ]);
  });
  it('that is none, or too large, is refused in one sentence', async () => {
    await expect(seenPaper(fileOf('a.pdf', [1, 2, 3, 4], 'application/pdf'), [])).rejects.toThrow(
      'a.pdf: its content is no PDF, PNG or JPEG; expected one of these.',
    );
    const large = fileOf('a.pdf', PDF);
    Object.defineProperty(large, 'size', { value: 20 * 1024 * 1024 });
    await expect(seenPaper(large, [])).rejects.toThrow('a.pdf: 20.0 MB; expected at most 12 MB.');
  });
});

it('a file that is read is told of; the next one has nothing of it, and one that is closed is gone', async () => {
  const scope = effectScope();
  const file = scope.run(() =>
    useFileRead<{ size: number }>(() => ({
      read: (f) =>
        f.name === 'odd' ? Promise.reject(new Error('It is odd.')) : Promise.resolve(ok({ size: f.size })),
      end: still,
    })),
  )!;
  const pick = (name: string): Promise<void> =>
    file.pick({ target: { files: [new File(['abc'], name)] } } as unknown as Event);
  await pick('a');
  expect(file.found.value).toEqual({ size: 3 });
  await pick('odd');
  expect(file.found.value).toBeUndefined();
  expect(file.problems.value).toEqual(['It is odd.']);
  await pick('a');
  expect(file.problems.value).toEqual([]);
  file.close();
  expect([file.found.value, file.name.value]).toEqual([undefined, '']);
  scope.stop();
});

describe('several pictures at once', () => {
  afterEach(() => {
    vi.unstubAllGlobals();
    leaveStandIns();
  });
  it('are counted as they are kept; stopped, those that are kept stay', async () => {
    // The first picture is drawn, the second never ends.
    const drawn = vi
      .fn()
      .mockResolvedValueOnce({ width: 4, height: 3, close: still })
      .mockReturnValue(new Promise(still));
    vi.stubGlobal('createImageBitmap', drawn);
    await openDemo();
    const photos = ref<readonly Photo[]>([]);
    const page = mount(
      {
        render: () =>
          h(PhotoPicker, {
            ...{ atMs: undefined, marks: [], modelValue: photos.value },
            'onUpdate:modelValue': (p: readonly Photo[]) => (photos.value = p),
          }),
      },
      { global: { plugins: [ElementPlus] }, attachTo: document.body },
    );
    const field = page.get<HTMLInputElement>('input[type=file]');
    const files = ['a.jpg', 'b.jpg', 'c.jpg'].map((name, i) => fileOf(name, [...JPEG, i], 'image/jpeg'));
    Object.defineProperty(field.element, 'files', { value: files });
    Object.defineProperty(field.element, 'value', { value: '', writable: true });
    await field.trigger('change');
    await vi.waitFor(() => expect(photos.value).toHaveLength(1), { timeout: 5000 });
    await vi.advanceTimersByTimeAsync(300);
    await flushPromises();
    expect(photos.value[0]).toMatchObject({ name: 'a.jpg', isReduced: false });
    expect(page.text()).toContain('Picture 2 of 3');
    await page
      .findAll('button')
      .find((b) => b.text() === 'Stop')!
      .trigger('click');
    expect(page.text()).toContain('Stopped: 1 of 3 pictures were looked at; the others were left out.');
    expect(page.text()).not.toContain('Picture 2 of 3');
    expect(photos.value).toHaveLength(1);
  });
});
