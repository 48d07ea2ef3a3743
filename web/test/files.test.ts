/** Pictures and papers are kept on the device until the server has them, and sent before what names them. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { freshDevice, pass, settle, TIMERS } from './device.ts';
import { leaveStandIns } from './support.ts';

const PATH = '/papers/abc';
/** A server with files, in the order in which they came. */
const server = { cut: false, refuse: false, files: [] as string[] };
async function answer(address: string, init?: RequestInit): Promise<Response> {
  await Promise.resolve();
  if (server.cut) throw new TypeError('Failed to fetch');
  if (server.refuse)
    return new Response(JSON.stringify({ status: 422, detail: 'The paper: not whole.' }), {
      status: 422,
      headers: { 'Content-Type': 'application/problem+json' },
    });
  server.files.push(`${address.replace('/api/v1', '')} ${await (init?.body as Blob).text()}`);
  return new Response('{}', { status: 201 });
}
async function openTab() {
  vi.resetModules();
  return import('../src/app/files.ts');
}
const file = (text: string): Blob => new Blob([text], { type: 'application/pdf' });
beforeEach(() => {
  freshDevice();
  Object.assign(server, { cut: false, refuse: false, files: [] });
  vi.useFakeTimers(TIMERS);
  vi.stubGlobal('fetch', answer);
});
afterEach(leaveStandIns);

describe('a file', () => {
  it('is sent, and stays to be looked at without a signal', async () => {
    const { keepFile, fileHere, useWaitingFiles } = await openTab();
    await keepFile(PATH, file('sheet'));
    expect(server.files).toEqual([`${PATH} sheet`]);
    expect(useWaitingFiles().waiting.value).toEqual([]);
    const here = await fileHere(PATH);
    expect(await here?.text()).toBe('sheet');
    expect(here?.type).toBe('application/pdf');
  });
  it('without a signal is kept, over a closed tab, and sent once when there is one', async () => {
    const first = await openTab();
    server.cut = true;
    await first.keepFile(PATH, file('sheet'));
    expect(first.useWaitingFiles().waiting.value).toMatchObject([{ path: PATH, sent: false }]);
    const again = await openTab();
    await again.sendFiles();
    expect(again.useWaitingFiles().waiting.value).toHaveLength(1);
    server.cut = false;
    await pass(5000);
    await settle();
    expect(server.files).toEqual([`${PATH} sheet`]);
    expect(again.useWaitingFiles().waiting.value).toEqual([]);
    await again.sendFiles();
    expect(server.files).toHaveLength(1);
  });
  it('that is refused is told to whoever takes it, and is not kept', async () => {
    const { keepFile, fileHere } = await openTab();
    server.refuse = true;
    await expect(keepFile(PATH, file('x'))).rejects.toThrow('The paper: not whole.');
    expect(await fileHere(PATH)).toBe(undefined);
  });
  it('that waited and is then refused stays with its reason, until somebody discards it', async () => {
    const { keepFile, sendFiles, useWaitingFiles, dropFile, fileHere } = await openTab();
    server.cut = true;
    await keepFile(PATH, file('x'));
    await keepFile('/papers/def', file('y'));
    server.cut = false;
    server.refuse = true;
    await sendFiles();
    server.refuse = false;
    await sendFiles();
    expect(useWaitingFiles().aside.value).toMatchObject([
      { path: PATH, why: 'The paper: not whole.' },
      { path: '/papers/def', why: 'The paper: not whole.' },
    ]);
    expect(await (await fileHere(PATH))?.text()).toBe('x');
    await dropFile(PATH);
    expect(useWaitingFiles().aside.value.map((f) => f.path)).toEqual(['/papers/def']);
  });
  it('that cannot be kept is sent at once; without a signal that is said, and nothing is lost unsaid', async () => {
    const { keepFile } = await openTab();
    vi.stubGlobal('indexedDB', undefined);
    await keepFile(PATH, file('sheet'));
    expect(server.files).toEqual([`${PATH} sheet`]);
    server.cut = true;
    await expect(keepFile(PATH, file('sheet'))).rejects.toThrow(
      /^No signal, and this device cannot keep the file/,
    );
  });
});

it('a document is sent after the file that it names', async () => {
  const files = await openTab();
  const { useDocument } = await import('../src/app/document.ts');
  const { ref, nextTick } = await import('vue');
  const came: string[] = [];
  vi.stubGlobal('fetch', async (address: string, init: RequestInit) => {
    await Promise.resolve();
    if (server.cut) throw new TypeError('Failed to fetch');
    if (init.method !== 'GET') came.push(address.replace('/api/v1', ''));
    return new Response(JSON.stringify(init.method === 'GET' ? { name: 'a' } : { version: 2 }), {
      headers: { ETag: '"1"', 'Content-Type': 'application/json' },
    });
  });
  const doc = useDocument(ref('job'), {
    path: (j) => `/jobs/${j}/survey`,
    empty: { name: '' },
    problems: () => [],
  });
  await doc.load();
  server.cut = true;
  await files.keepFile('/jobs/job/pictures/abc', file('x'));
  doc.draft.value.name = 'named';
  await nextTick();
  await pass(1000);
  expect(came).toEqual([]);
  server.cut = false;
  await pass(9000);
  expect(came).toEqual(['/jobs/job/pictures/abc', '/jobs/job/survey']);
});
