/** Entries are signed by the key of the device and its account, once, also without a signal. */
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { signatureProblem, type Entry } from '@lentum/core/record';
import { freshDevice, pass, settle, TIMERS } from './device.ts';
import { Server } from './miniature.ts';
import { leaveStandIns } from './support.ts';

let server: Server;
beforeEach(() => {
  freshDevice();
  vi.useFakeTimers(TIMERS);
  vi.resetModules();
  server = new Server();
  vi.stubGlobal('fetch', server.answer);
});
afterEach(leaveStandIns);

const account = (id: string) =>
  ({ id, personId: id, name: id, login: id, firmRole: 'applicator', jobRoles: {} }) as const;
const entry = (id: string, personId: string): Entry =>
  ({
    ...{ form: 2, kind: 'event', version: 1, id, personId, deviceId: 'd', bays: [], attachments: [] },
    ...{ madeAt: '2026-05-04T08:00:00.000Z', body: { at: '2026-05-04T08:00:00.000Z', what: 'rain' } },
  }) as unknown as Entry;
async function boxOf(who?: string) {
  const session = await import('../src/app/session.ts');
  const signIn = (id: string) => session.takeSession({ mode: 'firm', account: account(id) });
  if (who !== undefined) await signIn(who);
  const { useOutbox } = await import('../src/app/outbox.ts');
  const box = useOutbox(ref('job'), () => undefined);
  await settle();
  return { box, signIn };
}
const sent = (): Entry[] => server.entries as Entry[];

it('carries a signature that holds, under the key that was shown, for the job', async () => {
  const { box } = await boxOf('anna');
  await box.send(entry('1', 'anna'));
  await box.send(entry('2', 'anna'));
  expect(sent().map((e) => [signatureProblem(e), e.signature?.jobId])).toEqual([
    [undefined, 'job'],
    [undefined, 'job'],
  ]);
  expect(server.keys).toEqual([sent()[0]?.signature?.key]);
  expect(sent()[1]?.signature?.key).toBe(server.keys[0]);
});
it('nothing is signed and no key is made where nobody signs in', async () => {
  const { box } = await boxOf();
  await box.send(entry('1', 'anna'));
  expect([sent()[0]?.signature, server.keys]).toEqual([undefined, []]);
});
it('is signed without a signal, and goes out as it was signed', async () => {
  const first = await boxOf('anna');
  await first.box.send(entry('1', 'anna'));
  server.cut = true;
  await first.box.send(entry('2', 'anna'));
  const waits = first.box.waiting.value[0]?.entry as Entry;
  expect(signatureProblem(waits)).toBe(undefined);
  expect(waits.signature?.key).toBe(server.keys[0]);
  server.cut = false;
  await pass(10_000);
  expect(sent()[1]).toEqual(waits);
});
it('a key is kept on the device, one for each account', async () => {
  const first = await boxOf('anna');
  await first.box.send(entry('1', 'anna'));
  vi.resetModules();
  const later = await boxOf('anna');
  await later.box.send(entry('2', 'anna'));
  await later.signIn('ben');
  await later.box.send(entry('3', 'ben'));
  const keys = sent().map((e) => e.signature?.key);
  expect(keys[1]).toBe(keys[0]);
  expect(keys[2]).not.toBe(keys[0]);
  expect(sent().map(signatureProblem)).toEqual([undefined, undefined, undefined]);
});
it('where the key was withdrawn meanwhile, another is made, and what waits is signed anew', async () => {
  const first = await boxOf('anna');
  await first.box.send(entry('1', 'anna'));
  server.cut = true;
  await first.box.send(entry('2', 'anna'));
  server.withdrawn = [...server.keys];
  vi.resetModules();
  server.cut = false;
  const later = await boxOf('anna');
  await later.box.flush();
  const [before, after] = sent().map((e) => e.signature?.key);
  expect(server.keys.at(-1)).toBe(after);
  expect(after).not.toBe(before);
  expect(signatureProblem(sent()[1] as Entry)).toBe(undefined);
});
