/** Nothing that was typed is lost: documents that save themselves. */
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { useDocument } from '../src/app/document.ts';
import { emptyDevice, pass, TIMERS } from './device.ts';
import { EMPTY, Server, type Roof } from './miniature.ts';
import { leaveStandIns } from './support.ts';

let server: Server;
beforeEach(async () => {
  await emptyDevice();
  vi.useFakeTimers(TIMERS);
  server = new Server();
  vi.stubGlobal('fetch', server.answer);
});
afterEach(leaveStandIns);

describe('a document that saves itself', () => {
  const open = async () => {
    const doc = useDocument<Roof>(ref('job'), {
      path: (j) => `/jobs/${j}/survey`,
      empty: EMPTY,
      problems: (draft) =>
        draft.name === ''
          ? [{ kind: 'missing', field: 'name', label: 'Name', actual: 'nothing', expected: 'a name' }]
          : [],
    });
    await doc.load();
    return doc;
  };

  it('is saved a moment after the last of several changes, once, under the version it came from', async () => {
    const doc = await open();
    doc.draft.value.name = 'Quay roof';
    await nextTick();
    doc.draft.value.zones[0]!.areaM2 = 12;
    await nextTick();
    expect(doc.state.value).toBe('waiting');
    await pass(1000);
    expect(server).toMatchObject({
      puts: 1,
      version: 2,
      body: { name: 'Quay roof', zones: [{ areaM2: 12 }] },
    });
    expect(doc.state.value).toBe('saved');
    expect(doc.version.value).toBe(2);
  });

  it('is sent with its text as the server takes it, and is then saved', async () => {
    const doc = await open();
    doc.draft.value.name = 'A\u030angstro\u0308m\u0007';
    await nextTick();
    await pass(1000);
    expect(server.body).toMatchObject({ name: '\u00c5ngstr\u00f6m' });
    expect(doc.state.value).toBe('saved');
    expect(server.puts).toBe(1);
  });

  it('that the server cannot take just now is sent again by itself', async () => {
    const doc = await open();
    server.fails = () => 503;
    doc.draft.value.name = 'Quay roof';
    await pass(1000);
    expect([doc.state.value, doc.refusal.value]).toEqual(['offline', 'It fails with 503.']);
    server.fails = () => undefined;
    await pass(5000);
    expect(server.body.name).toBe('Quay roof');
    expect(doc.state.value).toBe('saved');
  });
  it('is not sent when nothing is other than before', async () => {
    const doc = await open();
    doc.draft.value.name = 'Quay roof';
    await nextTick();
    doc.draft.value.name = 'Quay';
    await pass(1000);
    expect(server.puts).toBe(0);
    expect(doc.state.value).toBe('saved');
  });

  it('has a plain copy to calculate with, which follows each change at once', async () => {
    const doc = await open();
    const before = doc.content.value;
    doc.draft.value.zones.push({ id: 'b', areaM2: 7 });
    expect(doc.content.value).toEqual({ name: 'Quay', zones: [...before.zones, { id: 'b', areaM2: 7 }] });
    expect(before.zones).toHaveLength(1);
    doc.content.value.zones.pop();
    expect(doc.draft.value.zones).toHaveLength(2);
  });

  it('is kept back with its reason while something is wrong; the last good version stays', async () => {
    const doc = await open();
    doc.draft.value.name = '';
    await pass(1000);
    expect(doc.state.value).toBe('refused');
    expect(doc.refusal.value).toBe('Name is missing; expected a name.');
    expect(server).toMatchObject({ puts: 0, body: { name: 'Quay' } });
    doc.draft.value.name = 'Pier';
    await pass(1000);
    expect(doc.state.value).toBe('saved');
    expect(server.body.name).toBe('Pier');
  });

  it('is saved again after a change that was made while it was being saved', async () => {
    const doc = await open();
    server.onTheWay = () => {
      server.onTheWay = () => undefined;
      doc.draft.value.name = 'Third';
    };
    doc.draft.value.name = 'Second';
    await pass(2000);
    expect(server).toMatchObject({ puts: 2, version: 3, body: { name: 'Third' } });
    expect(doc.state.value).toBe('saved');
  });

  it('waits for a signal and is then sent by itself', async () => {
    const doc = await open();
    server.cut = true;
    doc.draft.value.name = 'Pier';
    await pass(1000);
    expect(doc.state.value).toBe('offline');
    await pass(9000);
    expect(server.body.name).toBe('Quay');
    server.cut = false;
    await pass(5000);
    expect(doc.state.value).toBe('saved');
    expect(server.body.name).toBe('Pier');
  });

  describe('when somebody else saved first', () => {
    const meet = async () => {
      const doc = await open();
      server.body = { name: 'Theirs', zones: [] };
      server.version = 5;
      doc.draft.value.name = 'Ours';
      await pass(1000);
      expect(doc.state.value).toBe('conflict');
      expect(server.body.name).toBe('Theirs');
      // Whatever is typed meanwhile is not sent over theirs.
      doc.draft.value.name = 'Ours, longer';
      await pass(1000);
      expect(server.body.name).toBe('Theirs');
      return doc;
    };
    it('theirs can be taken, and ours is one undo away', async () => {
      const doc = await meet();
      await doc.settleAs(doc.newest.value!.body);
      await pass(1000);
      expect(doc.draft.value.name).toBe('Theirs');
      expect(server).toMatchObject({ version: 5, body: { name: 'Theirs' } });
      doc.undo();
      await pass(1000);
      expect(doc.draft.value.name).toBe('Ours, longer');
      expect(server).toMatchObject({ version: 6, body: { name: 'Ours, longer' } });
    });
    it('or ours becomes the version after theirs', async () => {
      const doc = await meet();
      await doc.settleAs(doc.content.value);
      expect(server).toMatchObject({ version: 6, body: { name: 'Ours, longer' } });
      expect(doc.state.value).toBe('saved');
    });
  });

  it('goes back through any changes to what was loaded, and forward again', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ name: fc.string({ minLength: 1 }), areaM2: fc.integer({ min: 1, max: 99 }) }), {
          minLength: 1,
          maxLength: 12,
        }),
        async (changes) => {
          await emptyDevice();
          const doc = await open();
          const first = JSON.stringify(doc.draft.value);
          for (const { name, areaM2 } of changes) {
            doc.draft.value.name = name;
            doc.draft.value.zones[0]!.areaM2 = areaM2;
            await nextTick();
          }
          const last = JSON.stringify(doc.draft.value);
          while (doc.canUndo.value) doc.undo();
          expect(JSON.stringify(doc.draft.value)).toBe(first);
          while (doc.canRedo.value) doc.redo();
          expect(JSON.stringify(doc.draft.value)).toBe(last);
          await nextTick();
          expect(doc.canRedo.value).toBe(false);
        },
      ),
      { numRuns: 40 },
    );
  });
});
