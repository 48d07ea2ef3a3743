/** Who is signed in: what the pages offer, whose entries go out, what stays on the device when it changes hands. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { generateKeyPairSync, sign } from 'node:crypto';
import { nextTick, ref } from 'vue';
import type { Gate } from '@lentum/core/gates';
import { link, type Entry, type StoredEntry } from '@lentum/core/record';
import { receiptText, type Receipt } from '@lentum/core/sealed';
import type * as SessionModule from '../src/app/session.ts';
import { deviceWords } from '../src/app/devicewords.ts';
import { rolesLine, standing, type Account } from '../src/access/accounts.ts';
import { eventWords } from '../src/access/eventwords.ts';
import { freshDevice, pass, settle, TIMERS } from './device.ts';
import { EMPTY, Server, type Roof } from './miniature.ts';
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

const ANNA = {
  id: 'a',
  personId: 'anna',
  name: 'Anna',
  login: 'anna',
  firmRole: 'applicator',
  jobRoles: {},
} as const;
const BEN = {
  ...ANNA,
  id: 'b',
  personId: 'ben',
  name: 'Ben',
  login: 'ben',
  firmRole: null,
  jobRoles: { job: 'client' },
} as const;
async function signedIn(who: typeof ANNA | typeof BEN | undefined): Promise<typeof SessionModule> {
  const session = await import('../src/app/session.ts');
  await session.takeSession({ mode: 'firm', firm: 'Harbour', ...(who ? { account: who } : {}) });
  return session;
}
const entry = (id: string, personId: string): Entry =>
  ({
    ...{ form: 2, kind: 'event', version: 1, id, personId, deviceId: 'd', bays: [], attachments: [] },
    ...{ madeAt: '2026-05-04T08:00:00.000Z', body: { at: '2026-05-04T08:00:00.000Z', what: 'rain' } },
  }) as unknown as Entry;

describe('what may be done', () => {
  it('where nobody signs in everything is; at the door nothing', async () => {
    const session = await import('../src/app/session.ts');
    expect(session.may('admit people')).toBe(true);
    expect(session.isLockedOut.value).toBe(false);
    await signedIn(undefined);
    expect(session.isLockedOut.value).toBe(true);
    expect(session.may('read job', 'job')).toBe(false);
  });
  it('is what the roles allow, in the job that they are for', async () => {
    const session = await signedIn(BEN);
    expect(session.may('read job', 'job')).toBe(true);
    expect(session.may('read job', 'other')).toBe(false);
    expect(session.whyNot('change order', 'job')).toBe('Only an owner or an estimator may change the order.');
    expect(session.mayEnterSome('snag', 'job')).toBe(true);
    expect(session.mayEnterSome('coat', 'job')).toBe(false);
    expect(session.whyNotEnter(entry('1', 'ben'), 'job')).toBe(undefined);
    expect(session.mayReplace('ben', 'job')).toBe(true);
    expect(session.mayReplace('anna', 'job')).toBe(false);
  });
  it('stages that are only read say who changes them', async () => {
    await signedIn(BEN);
    const { heldAt } = await import('../src/frame/heldstage.ts');
    expect(heldAt('order', 'job')).toBe('Only an owner or an estimator may change the order.');
    expect(heldAt('site', 'job')).toBe(undefined);
    expect(heldAt('record', 'job')).toBe(undefined);
  });
});

describe('gates of a bay', () => {
  const gate = (settle: object, fixed = false) => ({ settle, fixed, key: 'k' }) as unknown as Gate;
  it('are settled and answered for by those who may, and their buttons are nobody else’s', async () => {
    const { maySettle, mayTakeOver } = await import('../src/site/settling.ts');
    const opened = gate({ by: 'entry', kind: 'opening', known: { to: 'rain', step: 'opened' } });
    const prepared = gate({ by: 'entry', kind: 'preparation', known: {} });
    const accepted = gate({ by: 'entry', kind: 'detail', known: { step: 'accepted' } });
    const rolled = gate({ by: 'method' });
    const all = [opened, prepared, accepted, rolled];
    const may = (): boolean[] => [
      ...all.map((g) => maySettle(g, 'job')),
      ...[opened, gate({}, true)].map((g) => mayTakeOver(g, 'job')),
    ];
    await signedIn(ANNA);
    expect(may()).toEqual([false, true, false, false, false, false]);
    await signedIn(BEN);
    // A client accepts, also in place of a licensed person who is named.
    expect(may()).toEqual([false, false, true, false, false, true]);
    await signedIn(undefined);
    expect(may()).toEqual([false, false, false, false, false, false]);
    // Pages may be looked at by whoever reads the job.
    expect(maySettle(gate({ by: 'survey' }), 'job')).toBe(true);
  });
});

describe('a document that somebody may not change', () => {
  it('is put back as it was, and nothing is sent', async () => {
    const { useDocument } = await import('../src/app/document.ts');
    const why = ref<string | undefined>('Only an owner may.');
    const doc = useDocument<Roof>(ref('job'), {
      path: (j) => `/jobs/${j}/survey`,
      empty: EMPTY,
      problems: () => [],
      held: () => why.value,
    });
    await doc.load();
    doc.draft.value.name = 'Another';
    await nextTick();
    await nextTick();
    expect(doc.draft.value.name).toBe('Quay');
    await pass(3000);
    expect(server.puts).toBe(0);
    expect(doc.state.value).toBe('saved');
    why.value = undefined;
    doc.draft.value.name = 'Another';
    await pass(3000);
    expect(server.body.name).toBe('Another');
  });
});

describe('entries that wait', () => {
  it('go out under the name of whoever made them, and wait while somebody else is here', async () => {
    const session = await signedIn(ANNA);
    const { useOutbox } = await import('../src/app/outbox.ts');
    const box = useOutbox(ref('job'), () => undefined);
    await settle();
    server.cut = true;
    await box.send(entry('1', 'anna'));
    server.cut = false;
    await session.takeSession({ mode: 'firm', account: BEN });
    await box.send(entry('2', 'ben'));
    await pass(10_000);
    expect(server.entries.map((e) => e.id)).toEqual(['2']);
    expect(box.waiting.value.map((w) => w.entry.id)).toEqual(['1']);
    expect(box.ofOthers.value.map((w) => w.entry.id)).toEqual(['1']);
    await session.takeSession({ mode: 'firm', account: ANNA });
    await box.flush();
    expect(server.entries.map((e) => e.id)).toEqual(['2', '1']);
    expect(box.ofOthers.value).toEqual([]);
  });
  it('what was seen of jobs goes when somebody else comes, and what waits stays', async () => {
    const session = await signedIn(ANNA);
    const { keepCopy, copyOf } = await import('../src/app/device/copies.ts');
    await keepCopy('/jobs/job/survey', { name: 'seen' }, 1);
    await session.takeSession({ mode: 'firm', account: ANNA });
    expect(await copyOf('/jobs/job/survey')).toBeDefined();
    expect(session.changedHands.value).toBe(false);
    await session.takeSession({ mode: 'firm', account: BEN });
    expect(await copyOf('/jobs/job/survey')).toBe(undefined);
    expect(session.changedHands.value).toBe(true);
  });
  it('signs with the person of the account, not with one of the same name from before', async () => {
    localStorage.setItem('lentum.people', JSON.stringify([{ id: 'old', name: 'Anna' }]));
    await signedIn(ANNA);
    const { personNamed, peopleHere } = await import('../src/app/signing.ts');
    expect(personNamed('Anna')).toEqual({ id: 'anna', name: 'Anna' });
    expect(peopleHere().map((p) => p.id)).toEqual(['old', 'anna']);
  });
});

describe('the receipt that a device holds', () => {
  const pair = generateKeyPairSync('ed25519');
  const record: StoredEntry[] = [];
  for (let i = 0; i < 5; i++)
    record.push(link(record.at(-1), entry(`e${i}`, 'anna'), '2026-05-04T08:00:00.000Z'));
  const receiptOf = (entries: readonly StoredEntry[]): Receipt => {
    const bare: Receipt = {
      ...{ format: 'lentum-receipt', version: 1, jobId: 'job', entries: entries.length },
      ...{ head: entries.at(-1)?.hash ?? '', at: '2026-05-04T18:00:00.000Z' },
      ...{ key: pair.publicKey.export({ format: 'jwk' }).x ?? '', signature: '' },
    };
    return {
      ...bare,
      signature: sign(null, Buffer.from(receiptText(bare)), pair.privateKey).toString('base64url'),
    };
  };
  const say = (): string => 'at six';
  const answering = (receipt: unknown) =>
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify(receipt), { status: 200 })));

  it('is taken, grows with the record, and finds a tail that is missing', async () => {
    const { minded, heldReceipt, receiptTrouble, letGoOf } = await import('../src/app/receipts.ts');
    answering(receiptOf(record.slice(0, 3)));
    await minded('job', record.slice(0, 3), say);
    expect(heldReceipt('job')?.entries).toBe(3);
    answering(receiptOf(record));
    await minded('job', record, say);
    expect(heldReceipt('job')?.entries).toBe(5);
    expect(receiptTrouble.value).toEqual({});
    await minded('job', record.slice(0, 4), say);
    expect(receiptTrouble.value['job']).toContain('The record has 4 entries; 5 were signed at six.');
    expect(heldReceipt('job')?.entries).toBe(5);
    letGoOf('job');
    expect(receiptTrouble.value).toEqual({});
    expect(heldReceipt('job')).toBe(undefined);
  });
  it.each([
    ['not signed', { ...receiptOf(record), head: '0'.repeat(64) }],
    ['of another end', receiptOf(record.slice(0, 2))],
    ['no receipt at all', { some: 'thing' }],
  ])('one that is %s is not taken', async (_, receipt) => {
    const { minded, heldReceipt } = await import('../src/app/receipts.ts');
    answering(receipt);
    await minded('job', record, say);
    expect(heldReceipt('job')).toBe(undefined);
  });
});

describe('words about people', () => {
  const account: Account = {
    ...{
      id: 'a',
      personId: 'a',
      name: 'Anna',
      login: 'anna',
      firmRole: 'foreman',
      jobRoles: { j: 'client', k: 'inspector' },
    },
    ...{ madeAt: '2026-05-04T08:00:00Z', closedAt: null, codeUntil: null, seenAt: null, forgottenAt: null },
  };
  it('what somebody may do, and how it stands with the account', () => {
    expect(rolesLine(account, [{ id: 'j', name: 'Quay' }])).toBe(
      'Foreman in all jobs; Client in Quay; Inspector in a job that is put away',
    );
    expect(rolesLine({ ...account, firmRole: null, jobRoles: {} }, [])).toBe('Nothing: they see no job');
    expect(standing(account)).toBe('signed in nowhere');
    expect(standing({ ...account, login: null })).toBe('was never here, and has no code');
    expect(standing({ ...account, codeUntil: '2026-05-11T08:00:00' })).toContain(
      'a code is good until 11 May',
    );
    expect(standing({ ...account, closedAt: '2026-05-11T08:00:00' })).toContain('closed 11 May');
  });
  it.each([
    [
      'account made',
      { firmRole: 'foreman', jobRoles: { j: 'client' } },
      'Oda let Anna in as foreman, client in one job.',
    ],
    ['roles changed', { firmRole: null, jobRoles: {} }, 'Oda made Anna without any role.'],
    ['wrong password', { login: 'anna' }, 'Wrong password for “anna”.'],
    ['session ended', {}, 'Oda signed Anna out everywhere.'],
    ['code mailed', {}, 'Oda sent Anna a code by mail.'],
    ['signatures demanded', {}, 'Oda has only signed entries taken from now on.'],
    ['host allowed', { host: 'hours.example' }, 'Oda allowed hours.example to be asked.'],
    ['host no longer allowed', { host: 'hours.example' }, 'Oda no longer allows hours.example to be asked.'],
    ['signatures let go', {}, 'Oda has entries taken again that no device has signed.'],
  ])('%s', (what, detail, says) => {
    const event = { n: 1, at: '', what, who: 'Oda', about: 'Anna', address: null, detail };
    expect(eventWords(event)).toBe(says);
  });
  it('a device by its kind', () => {
    expect(deviceWords('Something/5.0 (X11) Engine/1')).toBe('Computer');
    expect(deviceWords('Something/5.0 (Mobile) Engine/1')).toBe('Phone');
  });
});
