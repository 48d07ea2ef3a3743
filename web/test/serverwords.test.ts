/** How the server does, in words. */
import { expect, it } from 'vitest';
import {
  bytesWords,
  kindWords,
  serverWords,
  taskWords,
  type ServerProcess,
  type ServerTask,
} from '../src/server/serverwords.ts';

const when = (iso: string): string => iso.slice(11, 16);
const server = (more: Partial<ServerProcess>): string =>
  serverWords(
    { does: 'all', ends: false, lost: false, seenAt: '2026-05-12T09:30:00Z', ...more } as ServerProcess,
    when,
  );
const task = (more: Partial<ServerTask>): string =>
  taskWords({ state: 'working', share: 0.42, doing: '', says: null, ...more } as ServerTask);

it('a server does something, ends, or is lost', () => {
  expect(server({})).toBe('pages and tasks');
  expect(server({ does: 'tasks' })).toBe('tasks only');
  expect(server({ ends: true })).toBe('ends: it takes no more work');
  expect(server({ ends: true, lost: true })).toBe('lost: it was last heard of 09:30');
});
it('a task waits, is so far, or failed with its reason', () => {
  expect(task({ state: 'waiting' })).toBe('waits for its turn');
  expect(task({})).toBe('42 %');
  expect(task({ doing: 'The pages are drawn.' })).toBe('42 %, The pages are drawn.');
  expect(task({ state: 'failed', says: 'It failed twice' })).toBe('failed: It failed twice');
  expect(task({ state: 'failed' })).toBe('failed: the log of the server says why');
});
it.each([
  [0, '0 B'],
  [999, '999 B'],
  [1000, '1.00 kB'],
  [12_345, '12.3 kB'],
  [456_789_000, '457 MB'],
  [2.5e12, '2.50 TB'],
  [3e15, '3000 TB'],
])('%d bytes are %s', (bytes, says) => {
  expect(bytesWords(bytes)).toBe(says);
});
it('kinds of tasks have names, and one that is not known stands as it is', () => {
  expect(['import', 'handover pdf', 'handover zip', 'new kind'].map(kindWords)).toEqual([
    ...['Job taken in', 'Handover as PDF', 'Handover, all files', 'new kind'],
  ]);
});
