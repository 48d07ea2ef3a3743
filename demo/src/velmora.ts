/** The demo job: some bays accepted, some curing, one held, one window about to close, one film too thin. */
import type { JobContent } from '@lentum/core/jobfile';
import { link, type StoredEntry } from '@lentum/core/record';
import { orderAt } from './orders.ts';
import { buildUps, cutBays } from './roofs.ts';
import { Story } from './story.ts';
import { morningZone, weatherAt } from './sky.ts';
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
  for (const [hours, air, humidity, slab] of [
    [-77, 17.5, 58, 18.2],
    [-61, 18.4, 55, 19.6],
    [-47, 17.1, 62, 18.0],
    [-31, 19.2, 54, 20.8],
    [-23, 17.8, 60, 18.9],
    [-5, 18.9, 57, 19.7],
    [-0.4, 20.6, 52, 22.4],
  ] as const) {
    story.conditions('hall', hours, air, humidity, slab);
  }
  for (let n = 1; n <= 11; n += 1) story.step(`H${n}`, 'prepared', -79 + n * 0.1);
  for (const bay of ['H1', 'H2', 'H3', 'H4']) {
    story.coat(bay, 'primer', -75, PRIMER);
    story.step(bay, 'detailed', -66, 'Upstand and corner pieces laid, saturated, no pinholes.');
  }
  story.coat('H1', 'first', -60, { ...FIRST, lastWetMm: [1.5, 1.4, 1.5, 1.4, 1.5, 1.4] });
  story.coat('H2', 'first', -59, { ...FIRST, lastWetMm: [1.5, 1.5, 1.4, 1.4, 1.5, 1.5] });
  story.coat('H3', 'first', -58, { ...FIRST, lastWetMm: [1.4, 1.5, 1.5, 1.4, 1.5, 1.4] });
  story.coat('H4', 'first', -57, { ...FIRST, lastWetMm: [1.5, 1.4, 1.5, 1.5, 1.4, 1.5] });
  story.coat('H1', 'second', -31, { ...SECOND, lastWetMm: [0.9, 0.8, 0.9, 0.9, 0.8, 0.9] });
  const typo = story.coat('H2', 'second', -30, {
    ...SECOND,
    lastWetMm: [0.8, 0.9, 0.9, 0.9, 0.9, 0.8],
    batch: 'F-2204',
  });
  story.correct(typo, -29.5, { containers: [{ containerId: 'pail-25', opened: 1, batch: 'F-2240' }] });
  story.coat('H3', 'second', -29, {
    ...SECOND,
    over: -0.2,
    lastWetMm: [0.7, 0.6, 0.6, 0.7, 0.8, 0.7],
    note: 'Pail ran short toward the north edge.',
  });
  story.step('H1', 'accepted', -5.2);
  story.step('H2', 'accepted', -5.1);
  story.coat('H4', 'second', -0.2, { ...SECOND, over: -0.09, lastWetMm: [0.7, 0.8, 0.7, 0.6, 0.8, 0.7] });
  for (const bay of ['H5', 'H6', 'H9', 'H11']) story.coat(bay, 'primer', -22, PRIMER);
  story.coat('H5', 'first', -4.4, { ...FIRST, lastWetMm: [1.5, 1.4, 1.5, 1.5, 1.4, 1.4] });
  story.coat('H6', 'first', -3.6, { ...FIRST, lastWetMm: [1.4, 1.5, 1.4, 1.5, 1.5, 1.5] });
  story.coat('H7', 'primer', -33.5, PRIMER);
  story.coat('H8', 'primer', -46, PRIMER);
  story.step('H9', 'held', -3, 'blister under the primer by the outlet, cut out and dry first');
}

function terrace(story: Story): void {
  story.conditions('terrace', -30, 16.2, 61, 17.0);
  story.conditions('terrace', -6, 17.4, 59, 18.3);
  story.conditions('terrace', -0.5, 19.8, 55, 21.2);
  const drum = { containerId: 'drum-10', net: 10, over: 0.02, gauge: 'deep', batch: 'M-0902' } as const;
  for (let n = 1; n <= 12; n += 1) {
    story.step(`T${n}`, 'prepared', -31);
    story.coat(`T${n}`, 'primer', -29 + n * 0.1, {
      ...drum,
      over: 0.05,
      gauge: 'fine',
      lastWetMm: [],
      batch: 'M-0877',
    });
  }
  for (let n = 1; n <= 8; n += 1) {
    story.coat(`T${n}`, 'membrane', -26 + n * 0.25, {
      ...drum,
      over: 0.06,
      gauge: 'deep',
      lastWetMm: [2, 2, 2.5, 2, 2.5],
    });
  }
  for (let n = 1; n <= 4; n += 1) {
    story.coat(`T${n}`, 'wear', -22 + n * 0.3, {
      containerId: 'bucket-33',
      net: 33,
      over: 0.03,
      gauge: 'deep',
      lastWetMm: [2, 2.5, 2, 2.5, 2.5],
      batch: 'W-3310',
    });
  }
  for (let n = 1; n <= 2; n += 1) {
    story.coat(`T${n}`, 'finish', -5 + n * 0.3, {
      ...drum,
      over: 0.04,
      gauge: 'fine',
      lastWetMm: [0.6, 0.55, 0.6, 0.6],
      batch: 'M-0911',
    });
    story.step(`T${n}`, 'accepted', -1);
  }
}

function canopy(story: Story): void {
  story.conditions('canopy', -28, 14.2, 71, 15.0);
  for (let n = 1; n <= 6; n += 1) story.step(`C${n}`, 'prepared', -27, 'Washed, rinsed, old coating holds.');
  const pail = {
    containerId: 'pail-20',
    net: 20,
    over: 0.05,
    gauge: 'fine',
    lastWetMm: [],
    batch: 'R-1180',
  } as const;
  for (const bay of ['C1', 'C2', 'C3']) story.coat(bay, 'rust', -24, pail);
  story.conditions('canopy', -0.3, 11.6, 83, 11.1);
}

/** Sheets: primed in the morning, the first bays under their base ply by now. */
function workshop(story: Story): void {
  story.conditions('workshop', -9, 16.8, 62, 17.9);
  const can = {
    containerId: 'can-10',
    net: 10,
    over: 0.05,
    gauge: 'fine',
    lastWetMm: [],
    batch: 'P-0418',
  } as const;
  for (let n = 1; n <= 4; n += 1) story.step(`W${n}`, 'prepared', -10);
  for (let n = 1; n <= 3; n += 1) story.coat(`W${n}`, 'primer', -8.5 + n * 0.3, can);
  for (let n = 1; n <= 2; n += 1)
    story.step(`W${n}`, 'detailed', -6.5, 'Corners and outlets in self-adhered pieces.');
  story.ply('W1', 'base', -3.5, 2.7, 'B-7702');
  story.ply('W2', 'base', -1.8, 2.8, 'B-7702');
  story.ply('W1', 'cap', -0.6, 4.1, 'C-9914');
  story.conditions('workshop', -0.5, 18.7, 57, 20.4);
}

/** Details that were made and looked at: most of the hall's, one refused. */
function details(story: Story): void {
  for (const [id, name, hours] of [
    ['corner-1', 'Internal corner, corner 1', -68],
    ['corner-2', 'Internal corner, corner 2', -67.6],
    ['corner-3', 'External corner, corner 3', -67.2],
    ['hall-f1', 'Outlet, Outlet 1', -66.5],
    ['hall-f3', 'Pipe, Pipe 1', -66],
  ] as const) {
    story.detail('hall', id, name, 'made', hours);
    story.detail('hall', id, name, 'accepted', hours + 1.4);
  }
  story.detail('hall', 'hall-f4', 'Pipe, Pipe 2', 'made', -65.5);
  story.detail(
    'hall',
    'hall-f4',
    'Pipe, Pipe 2',
    'refused',
    -64.6,
    'white shows under the wrap on the north side',
  );
  story.detail('hall', 'rooflight-1', 'Roof light kerb, Roof light', 'made', -64.2);
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
  const story = new Story(site, anchor.getTime());
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
