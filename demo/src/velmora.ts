/** The demo job: some bays accepted, some curing, one held, one window about to close, one film too thin. */
import type { JobContent } from '@lentum/core/jobfile';
import { link, type StoredEntry } from '@lentum/core/record';
import { orderAt } from './orders.ts';
import { buildUps, cutBays } from './roofs.ts';
import { Story } from './story.ts';
import { morningZone, skyOver, weatherAt } from './sky.ts';
import { surveyAt } from './zones.ts';

const PRIMER = {
  containerId: 'can-5',
  net: 5,
  over: 0.04,
  gauge: 'fine',
  lastWetMm: [],
  batch: 'P-0417',
} as const;
const FIRST = { containerId: 'pail-25', net: 25, over: 0.02, gauge: 'deep', batch: 'F-2231' } as const;
const SECOND = { containerId: 'pail-25', net: 25, over: 0.03, gauge: 'middle', batch: 'F-2240' } as const;

function hall(story: Story): void {
  story.conditions('hall', -71, -62, -47, -38, -23, -15, -0.4);
  for (let n = 1; n <= 11; n += 1) story.step(`H${n}`, 'prepared', -72 + n * 0.1);
  for (const bay of ['H1', 'H2', 'H3', 'H4']) {
    story.coat(bay, 'primer', -69, PRIMER);
    story.step(bay, 'detailed', -63, 'Upstand and corner pieces laid, saturated, no pinholes.');
  }
  story.coat('H1', 'first', -46, { ...FIRST, lastWetMm: [1.5, 1.4, 1.5, 1.4, 1.5, 1.4] });
  story.coat('H2', 'first', -45, { ...FIRST, lastWetMm: [1.5, 1.5, 1.4, 1.4, 1.5, 1.5] });
  story.coat('H3', 'first', -44, { ...FIRST, lastWetMm: [1.4, 1.5, 1.5, 1.4, 1.5, 1.4] });
  story.coat('H4', 'first', -43, { ...FIRST, lastWetMm: [1.5, 1.4, 1.5, 1.5, 1.4, 1.5] });
  story.coat('H1', 'second', -22.5, { ...SECOND, lastWetMm: [0.9, 0.8, 0.9, 0.9, 0.8, 0.9] });
  const typo = story.coat('H2', 'second', -21.5, {
    ...SECOND,
    lastWetMm: [0.8, 0.9, 0.9, 0.9, 0.9, 0.8],
    batch: 'F-2204',
  });
  story.correct(typo, -21, { containers: [{ containerId: 'pail-25', opened: 1, batch: 'F-2240' }] });
  story.coat('H3', 'second', -20.5, {
    ...SECOND,
    over: -0.2,
    lastWetMm: [0.7, 0.6, 0.6, 0.7, 0.8, 0.7],
    note: 'Pail ran short toward the north edge.',
  });
  story.step('H1', 'accepted', -13.8);
  story.step('H2', 'accepted', -13.7);
  story.coat('H4', 'second', -0.2, { ...SECOND, over: -0.09, lastWetMm: [0.7, 0.8, 0.7, 0.6, 0.8, 0.7] });
  for (const bay of ['H5', 'H6', 'H9', 'H11']) story.coat(bay, 'primer', -18, PRIMER);
  story.coat('H5', 'first', -14.6, { ...FIRST, lastWetMm: [1.5, 1.4, 1.5, 1.5, 1.4, 1.4] });
  story.coat('H6', 'first', -10.8, { ...FIRST, lastWetMm: [1.4, 1.5, 1.4, 1.5, 1.5, 1.5] });
  story.coat('H7', 'primer', -26, PRIMER);
  story.coat('H8', 'primer', -47, PRIMER);
  story.step('H9', 'held', -13.5, 'blister under the primer by the outlet, cut out and dry first');
}

function terrace(story: Story): void {
  story.conditions('terrace', -47, -22, -15, -0.5);
  const drum = { containerId: 'drum-10', net: 10, over: 0.02, gauge: 'deep', batch: 'M-0902' } as const;
  for (let n = 1; n <= 12; n += 1) {
    story.step(`T${n}`, 'prepared', -47);
    story.coat(`T${n}`, 'primer', -46 + n * 0.1, {
      ...drum,
      over: 0.05,
      gauge: 'fine',
      lastWetMm: [],
      batch: 'M-0877',
    });
  }
  for (let n = 1; n <= 8; n += 1) {
    story.coat(`T${n}`, 'membrane', -43 + n * 0.25, {
      ...drum,
      over: 0.06,
      gauge: 'deep',
      lastWetMm: [2, 2, 2.5, 2, 2.5],
    });
  }
  for (let n = 1; n <= 4; n += 1) {
    story.coat(`T${n}`, 'wear', -22.5 + n * 0.3, {
      containerId: 'bucket-33',
      net: 33,
      over: 0.03,
      gauge: 'deep',
      lastWetMm: [2, 2.5, 2, 2.5, 2.5],
      batch: 'W-3310',
    });
  }
  for (let n = 1; n <= 2; n += 1) {
    story.coat(`T${n}`, 'finish', -17 + n * 0.3, {
      ...drum,
      over: 0.04,
      gauge: 'fine',
      lastWetMm: [0.6, 0.55, 0.6, 0.6],
      batch: 'M-0911',
    });
    story.step(`T${n}`, 'accepted', -13.6);
  }
}

function canopy(story: Story): void {
  story.conditions('canopy', -22);
  for (let n = 1; n <= 6; n += 1)
    story.step(`C${n}`, 'prepared', -21.5, 'Washed, rinsed, old coating holds.');
  const pail = {
    containerId: 'pail-20',
    net: 20,
    over: 0.05,
    gauge: 'fine',
    lastWetMm: [],
    batch: 'R-1180',
  } as const;
  for (const bay of ['C1', 'C2', 'C3']) story.coat(bay, 'rust', -18.5, pail);
  story.conditions('canopy', -0.3);
}

/** Sheets: primed in the morning, the first bays under their base ply by now. */
function workshop(story: Story): void {
  story.conditions('workshop', -23);
  const can = {
    containerId: 'can-10',
    net: 10,
    over: 0.05,
    gauge: 'fine',
    lastWetMm: [],
    batch: 'P-0418',
  } as const;
  for (let n = 1; n <= 4; n += 1) story.step(`W${n}`, 'prepared', -23);
  for (let n = 1; n <= 3; n += 1) story.coat(`W${n}`, 'primer', -21.5 + n * 0.3, can);
  for (let n = 1; n <= 2; n += 1)
    story.step(`W${n}`, 'detailed', -19.5, 'Corners and outlets in self-adhered pieces.');
  story.ply('W1', 'base', -17.5, 2.7, 'B-7702');
  story.ply('W2', 'base', -15.8, 2.8, 'B-7702');
  story.ply('W1', 'cap', -13.9, 4.1, 'C-9914');
  story.conditions('workshop', -0.5);
}

/** Details that were made and looked at: most of the hall's, one refused. */
function details(story: Story): void {
  for (const [id, name, hours] of [
    ['corner-1', 'Internal corner, corner 1', -66],
    ['corner-2', 'Internal corner, corner 2', -65.8],
    ['corner-3', 'External corner, corner 3', -65.6],
    ['hall-f1', 'Outlet, Outlet 1', -65.4],
    ['hall-f3', 'Pipe, Pipe 1', -65.2],
  ] as const) {
    story.detail('hall', id, name, 'made', hours);
    story.detail('hall', id, name, 'accepted', hours + 1.4);
  }
  story.detail('hall', 'hall-f4', 'Pipe, Pipe 2', 'made', -65);
  story.detail(
    'hall',
    'hall-f4',
    'Pipe, Pipe 2',
    'refused',
    -63.8,
    'white shows under the wrap on the north side',
  );
  story.detail('hall', 'rooflight-1', 'Roof light kerb, Roof light', 'made', -63.5);
}

/** Puts entries in the order in which they were made and chains them. */
export function chain(
  entries: readonly { entry: StoredEntry['entry']; receivedAt: string }[],
): StoredEntry[] {
  const record: StoredEntry[] = [];
  for (const { entry, receivedAt } of entries) record.push(link(record.at(-1), entry, receivedAt));
  return record;
}

/** The demo as it stands at an instant. */
export function velmora(anchor: Date): JobContent {
  const survey = surveyAt(anchor);
  const site = cutBays(survey);
  const story = new Story(site, anchor.getTime(), skyOver(survey, anchor));
  hall(story);
  terrace(story);
  canopy(story);
  workshop(story);
  details(story);
  const inOrder = [...story.entries].sort((a, b) => Date.parse(a.madeAt) - Date.parse(b.madeAt));
  return {
    job: {
      name: 'Velmora ferry terminal',
      place: 'Velmora quay (made up)',
      timeZone: morningZone(anchor),
      units: 'metric',
      demo: true,
    },
    survey,
    buildUp: buildUps,
    order: orderAt(survey, anchor),
    site,
    weather: weatherAt(anchor),
    weatherSeries: [],
    pictures: [],
    papers: [],
    record: chain(inOrder.map((entry) => ({ entry, receivedAt: entry.madeAt }))),
  };
}
