/** What cannot be saved is said in the head, each with the way to where it is put right. */
import { afterEach, describe, expect, it } from 'vitest';
import { velmora, DEMO_ANCHOR } from '@lentum/demo';
import { placeOfProblem } from '../src/frame/problemplace.ts';
import SaveState from '../src/frame/SaveState.vue';
import { openDemo } from './openjob.ts';
import { leaveStandIns, plain } from './support.ts';

const demo = velmora(new Date(DEMO_ANCHOR));
const documents = {
  survey: { content: demo.survey },
  buildUps: { content: demo.buildUp },
  site: { content: demo.site },
};
const zones = demo.survey.zones;
const bay = demo.site.bays[7]!;
const onZone = demo.buildUp.zones[1]!;
const heldAt = demo.buildUp.buildUps.findIndex(
  (b) => b.id === onZone.buildUpId && b.revision === onZone.revision,
);
const firstOn = demo.buildUp.zones.find(
  (z) => z.buildUpId === onZone.buildUpId && z.revision === onZone.revision,
)!;

describe('the place of a problem', () => {
  it.each([
    ['survey', 'zones/1/levels/points/4', 'survey', { zone: zones[1]!.id, part: 'levels' }],
    ['survey', 'zones/0/features/2', 'survey', { zone: zones[0]!.id, part: 'edges' }],
    ['survey', 'zones/0/tests/0/takenAt', 'survey', { zone: zones[0]!.id, part: 'readiness' }],
    ['survey', 'zones/2/openings/0', 'survey', { zone: zones[2]!.id, part: 'shape' }],
    ['survey', 'underlay/fileId', 'survey', { zone: undefined, part: 'shape' }],
    ['buildUps', `buildUps/${heldAt}/layers/2`, 'build-up', { zone: firstOn.zoneId }],
    ['buildUps', 'zones/1/choices', 'build-up', { zone: onZone.zoneId }],
    ['site', 'bays/7', 'site', { part: 'bays', zone: bay.zoneId, bay: bay.id }],
    ['order', 'lines/0', 'order', {}],
  ])('%s, %s', (document, field, name, query) => {
    expect(placeOfProblem(document, field, documents)).toEqual({ name, query });
  });
  it('a document without a page has none', () => {
    expect(placeOfProblem('weather', 'place', documents)).toBe(undefined);
  });
});

describe('the head', () => {
  afterEach(leaveStandIns);
  it('says what is not saved and leads there', async () => {
    const at = await openDemo('/jobs/demo/record');
    const head = at.show(SaveState);
    const survey = at.job.documents.survey;
    const [first, second] = survey.draft.zones;
    second!.code = first!.code;
    for (let i = 0; i < 20 && survey.state !== 'refused'; i += 1) await at.wait(300);
    const said = head.get('[role=alert]');
    expect(plain(said.text())).toMatch(/^Not saved\. 1 thing is kept here as typed; the rest is saved\./);
    expect(plain(said.text())).toContain(`${second!.name}, code`);
    await said.get('button').trigger('click');
    for (let i = 0; i < 50 && at.router.currentRoute.value.name !== 'survey'; i += 1) await at.wait(300);
    expect(at.router.currentRoute.value.query).toEqual({ zone: second!.id, part: 'shape' });
    second!.code = 'Q';
    for (let i = 0; i < 20 && survey.state !== 'saved'; i += 1) await at.wait(300);
    expect(head.find('[role=alert]').exists()).toBe(false);
  });
});
