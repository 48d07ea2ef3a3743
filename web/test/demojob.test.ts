/** The open job as its pages have it: marks of the stages, words of the record, finding, work on zones. */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Point } from '@lentum/core/geometry';
import { zoneQuantities, type Zone } from '@lentum/core/survey';
import FindDialog from '../src/frame/FindDialog.vue';
import { useStageStates } from '../src/frame/stages.ts';
import EntryList from '../src/record/EntryList.vue';
import { useEntryWords } from '../src/record/entrywords.ts';
import { useZoneWork } from '../src/survey/zonework.ts';
import { demo, openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain } from './support.ts';
import { SQUARE } from './walked.ts';

let at: OpenDemo;
beforeEach(async () => {
  at = await openDemo('/jobs/demo/survey?zone=terrace');
});
afterEach(leaveStandIns);

const areaOf = (zone: Zone): number => {
  const q = zoneQuantities(zone);
  if (!q.ok) throw new Error(`${zone.name} has no area`);
  return q.value.area.value;
};

describe('the job', () => {
  it('has a state for every bay, and nothing to save when it was only opened', async () => {
    expect(at.job.statuses).toHaveLength(demo.site.bays.length);
    await at.wait(5000);
    expect(at.server.saved).toEqual({});
  });

  it('marks its stages once they are counted, and again when something changes', async () => {
    const states = at.within(useStageStates);
    expect(states.value['build-up'].mark).toBe('done');
    await at.wait(10);
    expect(states.value.survey).toEqual({
      mark: 'done',
      reason: `${demo.survey.zones.length} zones, all closed and described`,
    });
    expect(states.value.order.mark).toBe('done');
    expect(states.value.details.reason).toMatch(/^\d+ details with their pieces$/);
    expect(states.value.site.mark).toBe('attention');
    // A zone more, and the stages say what it lacks.
    const work = at.within(useZoneWork);
    await work.addWalk(SQUARE);
    await at.wait(10);
    expect(states.value['build-up']).toMatchObject({ mark: 'work' });
    const outline = work.zone.value!.outline;
    if (outline.kind !== 'walk') throw new Error('a new zone is walked');
    outline.legs[0]!.lengthM += 5;
    await at.wait(10);
    expect(states.value.survey).toMatchObject({
      mark: 'attention',
      reason: `${work.zone.value!.name}: the outline is not closed`,
    });
  });
});

describe('the record in words', () => {
  it('says every entry in one line, with its bay and without names of the file', () => {
    const { line: say } = at.within(useEntryWords);
    const labels = new Map(demo.site.bays.map((b) => [b.id, b.label]));
    expect(demo.record.length).toBeGreaterThan(50);
    for (const entry of at.job.book.seen.values()) {
      const line = say(entry);
      expect(line).not.toMatch(/undefined|NaN|null|\[object/);
      if (entry.bays.length > 0) expect(line.startsWith(labels.get(entry.bays[0]!.bayId)!)).toBe(true);
    }
  });

  it('lists those of a zone, newest first; those that are superseded are struck through', () => {
    const mine = demo.record.filter(({ entry }) => !('zoneId' in entry) || entry.zoneId === 'hall');
    const w = at.show(EntryList, { zoneId: 'hall', highlighted: mine[0]!.entry.id });
    expect(plain(w.get('.head').text())).toContain(`${mine.length} on this zone and of the job`);
    const numbers = w.findAll('tbody tr td:first-child').map((c) => Number(c.text()));
    expect(numbers).toEqual([...numbers].sort((a, b) => b - a));
    const replaced = new Set(demo.record.map((s) => s.entry.supersedes).filter((x) => x !== undefined));
    const shown = demo.record.filter((s) => numbers.includes(s.seq));
    expect(w.findAll('tr.gone')).toHaveLength(shown.filter((s) => replaced.has(s.entry.id)).length);
  });

  it('are found by words, in any order; what is not there is said', async () => {
    const w = at.show(EntryList, { zoneId: 'hall', highlighted: '' });
    const find = async (text: string): Promise<string[]> => {
      await w.get('input[type="search"]').setValue(text);
      await at.wait(300);
      return w.findAll('tbody tr').map((r) => plain(r.text()).toLowerCase());
    };
    const all = w.findAll('tbody tr').length;
    const some = await find('PRIMER h3');
    expect(some.length).toBeGreaterThan(0);
    expect(some.length).toBeLessThan(all);
    for (const row of some) expect(row).toMatch(/primer/);
    expect(await find('  h3   primer ')).toEqual(some);
    expect(await find('no such thing')).toEqual([]);
    expect(plain(w.text())).toContain('No entry of this zone has “no such thing” in it.');
    expect(await find('')).toHaveLength(all);
  });
});

describe('finding', () => {
  const find = async (text: string) => {
    const w = at.show(FindDialog, { modelValue: true });
    await at.wait(500);
    await w.get('input').setValue(text);
    return w;
  };
  it.each([
    ['bay h7', 'Bay H7'],
    ['stage order', '4 Order'],
    ['zone terrace', 'Upper passenger terrace'],
    ['layer fleece booking', 'Fleece, Booking hall roof'],
  ])('%s finds %s first', async (text, name) => {
    const w = await find(text);
    expect(plain(w.findAll('li, [role=option]')[0]!.text())).toContain(name);
  });
  it('goes to what was found with Enter', async () => {
    const w = await find('bay h7');
    await w.get('input').trigger('keydown', { key: 'Enter' });
    await at.wait(10);
    expect(at.router.currentRoute.value).toMatchObject({
      name: 'site',
      query: { bay: 'hall-7', zone: 'hall' },
    });
  });
  it('finds nothing for what is not there', async () => {
    const w = await find('helicopter');
    expect(w.findAll('[role=option]')).toHaveLength(0);
  });
});

describe('work on zones', () => {
  const RECTANGLE: Point[] = [
    [0, 0],
    [6, 0],
    [6, 4],
    [0, 4],
  ];
  const zones = () => at.job.documents.survey.draft.zones;

  it('a new zone is chosen and saved, with a code of its own', async () => {
    const work = at.within(useZoneWork);
    await work.addDrawn(RECTANGLE);
    await at.wait(1000);
    const added = zones().at(-1)!;
    expect(work.chosenId.value).toBe(added.id);
    expect(areaOf(added)).toBeCloseTo(24, 9);
    expect(new Set(zones().map((z) => z.code)).size).toBe(zones().length);
    expect((at.server.saved['survey'] as { zones: Zone[] }).zones).toHaveLength(demo.survey.zones.length + 1);
  });

  it('is cut in two along a line and joined again, its area the same', async () => {
    const work = at.within(useZoneWork);
    await work.addDrawn(RECTANGLE);
    await at.wait(10);
    const plot = work.zone.value!.plot;
    const on = (x: number, y: number): [number, number] => [plot.xM + x, plot.yM + y];
    expect(work.cut(on(-1, 1), on(7, 1))).toBe(true);
    const [first, second] = zones().slice(-2);
    const parts = [areaOf(first!), areaOf(second!)].sort((a, b) => a - b);
    expect(parts[0]).toBeCloseTo(6, 6);
    expect(parts[1]).toBeCloseTo(18, 6);
    work.join(second!.id);
    expect(areaOf(zones().at(-1)!)).toBeCloseTo(24, 6);
    expect(zones()).toHaveLength(demo.survey.zones.length + 1);
  });

  it('a line that does not cross it is said, and nothing is cut', async () => {
    const work = at.within(useZoneWork);
    const before = JSON.stringify(zones());
    expect(work.cut([900, 900], [901, 900])).toBe(false);
    expect(work.trouble.value).toHaveLength(1);
    expect(JSON.stringify(zones())).toBe(before);
  });

  it('every step can be undone, back to the survey as it was opened', async () => {
    const work = at.within(useZoneWork);
    const before = JSON.stringify(zones());
    await work.addWalk(SQUARE);
    await at.wait(1000);
    work.remove();
    await at.wait(1000);
    work.choose('workshop');
    await at.wait(10);
    work.remove();
    await at.wait(1000);
    expect(zones()).toHaveLength(demo.survey.zones.length - 1);
    const doc = at.job.documents.survey;
    while (doc.canUndo) doc.undo();
    expect(JSON.stringify(zones())).toBe(before);
    await at.wait(1000);
    expect(doc.state).toBe('saved');
  });
});
