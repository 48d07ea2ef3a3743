/** Somebody else saved first: what differs is said in words, and each part is taken from whom the person says. */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { nextTick, reactive } from 'vue';
import { partDifferences } from '@lentum/core/job';
import { format } from '@lentum/core/units';
import type { Survey } from '@lentum/core/survey';
import type { OpenDocument } from '../src/app/opendocument.ts';
import ConflictDialog from '../src/shared/ConflictDialog.vue';
import { bothWords, fieldName, partName, valueWords } from '../src/shared/conflictwords.ts';
import { demo, openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain } from './support.ts';

const zones = (change: (z: Survey['zones'][number]) => Survey['zones'][number]): Survey => ({
  ...demo.survey,
  zones: demo.survey.zones.map(change),
});
const named = (id: string, name: string) => zones((z) => (z.id === id ? { ...z, name } : z));
const say = (v: number, q: Parameters<typeof format>[1]): string => format(v, q, 'metric');

describe('in words', () => {
  it('a part is named as it is on screen', () => {
    const theirs = named('hall', 'Hall of departures');
    const [part] = partDifferences(demo.survey, demo.survey, theirs);
    expect(partName(part!, [demo.survey, theirs])).toBe('Zone Booking hall roof');
    const doc = demo.buildUp;
    const layer = doc.buildUps[0]!.layers[0]!;
    expect(partName({ path: ['buildUps', doc.buildUps[0]!.id, 'layers', layer.id] }, [doc])).toBe(
      `Build up ${doc.buildUps[0]!.name}, layer ${layer.name}`,
    );
    expect(partName({ path: ['zones', '(order)'] }, [doc])).toBe('Order of the zones');
    expect(partName({ path: ['primerSchool'] }, [doc])).toBe('Primer school');
  });
  it.each<[readonly string[], unknown, string, string]>([
    [['outline', 'legs', '4', 'lengthM'], 6.2, 'outline, legs, 4, length', '6.20 m'],
    [['rate', 'wetFilmMm'], 1.5, 'rate, wet film', '1.50 mm'],
    [['fallPct'], 1.8, 'fall', '1.80 %'],
    [['heightMm'], undefined, 'height', 'not there'],
    [['adjustmentAccepted'], true, 'adjustment accepted', 'yes'],
    [['note'], '', 'note', 'empty'],
    [['tests'], [1, 2], 'tests', '2 of them'],
    [[], { name: 'Ramp' }, 'all of it', 'Ramp'],
    [['from'], 3, 'from', '3'],
  ])('%j', (path, value, field, words) => {
    expect(fieldName({ path })).toBe(field);
    expect(plain(valueWords({ path }, value, say))).toBe(words);
  });
});

it('values that are written alike but differ are shown as they are', () => {
  const f = { path: ['heightMm'], mine: 150.2, theirs: 150.4 };
  expect(bothWords(f, say)).toEqual({ mine: '150.2', theirs: '150.4' });
  expect(bothWords({ ...f, theirs: 160 }, say)).toEqual({ mine: '150\u00a0mm', theirs: '160\u00a0mm' });
});

describe('the dialog', () => {
  let at: OpenDemo;
  beforeEach(async () => {
    at = await openDemo();
  });
  afterEach(leaveStandIns);
  function meet(mine: Survey, theirs: Survey, base: Survey | null = demo.survey) {
    const settled: Survey[] = [];
    const document = reactive({
      ...{
        draft: mine,
        content: mine,
        state: 'conflict',
        refusal: '',
        version: 3,
        canUndo: false,
        canRedo: false,
      },
      newest: { version: 5, body: theirs, from: 3, base: base ? JSON.stringify(base) : undefined },
      undo: () => undefined,
      redo: () => undefined,
      settleAs: (chosen: Survey) => Promise.resolve(void settled.push(chosen)),
    }) as unknown as OpenDocument;
    const dialog = at.show(ConflictDialog, { document, name: 'survey' });
    const press = async (words: string): Promise<void> => {
      await dialog
        .findAll('button')
        .find((b) => plain(b.text()) === words)!
        .trigger('click');
    };
    return { dialog, settled, press };
  }

  it('keeps both where they changed different zones', async () => {
    const mine = named('hall', 'My hall');
    const theirs = named('terrace', 'Their terrace');
    const { dialog, settled, press } = meet(mine, theirs);
    await nextTick();
    expect(plain(dialog.text())).toContain(
      'You worked from version 3; version 5 has been saved meanwhile. You changed different parts: both changes fit together.',
    );
    expect(plain(dialog.find('[aria-label="Zone My hall"]').text())).toContain('changed by you');
    await press('Save as chosen');
    const names = settled[0]!.zones.map((z) => z.name);
    expect(names).toContain('My hall');
    expect(names).toContain('Their terrace');
  });

  it('lets the person choose where both changed one zone, and shows each field', async () => {
    const { dialog, settled, press } = meet(named('hall', 'My hall'), named('hall', 'Their hall'));
    await nextTick();
    expect(plain(dialog.text())).toContain('One part was changed by both: choose whose stands.');
    const row = dialog.find('section tbody tr');
    expect(row.findAll('th, td').map((c) => plain(c.text()))).toEqual(['name', 'My hall', 'Their hall']);
    await dialog.find('section input[value="theirs"]').setValue(true);
    await press('Save as chosen');
    expect(settled[0]!.zones.find((z) => z.id === 'hall')!.name).toBe('Their hall');
  });

  it('all of one side is one tap; without what both began from it is said', async () => {
    const mine = named('hall', 'My hall');
    const theirs = named('hall', 'Their hall');
    const { dialog, settled, press } = meet(mine, theirs, null);
    await nextTick();
    expect(plain(dialog.text())).toContain('What both began from is not known on this device');
    await press('All theirs');
    await press('All mine');
    expect(settled).toEqual([theirs, mine]);
  });
});
