/**
 * The booking hall's roof as it is finished: four bays a day, each with what has to be read, every detail accepted, a flood
 * that held, and nothing left to be put right. For looking at a roof that is handed over; the demo itself is in the middle of
 * its work.
 */
import { detailSchedule, detailTitle } from '@lentum/core/details';
import type { JobContent } from '@lentum/core/jobfile';
import { link } from '@lentum/core/record';
import { MS_PER_HOUR } from '@lentum/core/units';
import type { WeatherSeries } from '@lentum/core/weather';
import { buildUps, cutBays } from './roofs.ts';
import { Story } from './story.ts';
import { velmora } from './velmora.ts';
import { surveyAt } from './zones.ts';

const AIR_C = 18;
const HUMIDITY_PCT = 50;
const SURFACE_C = 20;
const DAYS = 12;
const DAY_H = 24;
/** Three days of work on four bays each, one after the other. */
const PARTS = [
  ['H1', 'H2', 'H3', 'H4'],
  ['H5', 'H6', 'H7', 'H8'],
  ['H9', 'H10', 'H11', 'H12'],
] as const;
const ALL = PARTS.flat();
/** It lies round a roof light: nobody said where on it was read. */
const ROUND_ROOFLIGHT = 'H11';

const PRIMER = {
  containerId: 'can-5',
  net: 5,
  over: 0.03,
  gauge: 'fine',
  lastWetMm: [],
  batch: 'P-0417',
} as const;
const FIRST = {
  containerId: 'pail-25',
  net: 25,
  over: 0.02,
  gauge: 'deep',
  batch: 'F-2231',
  placed: true,
} as const;
const SECOND = {
  containerId: 'pail-25',
  net: 25,
  over: 0.03,
  gauge: 'middle',
  batch: 'F-2240',
  placed: true,
} as const;

/** Mild, dry, still hours from the first day to the anchor and some days on. */
function hoursAround(anchor: Date): WeatherSeries {
  const hours = (DAYS + 5) * DAY_H;
  const startMs = Math.floor(anchor.getTime() / MS_PER_HOUR) * MS_PER_HOUR - DAYS * DAY_H * MS_PER_HOUR;
  const flat = (value: number): number[] => Array.from({ length: hours }, () => value);
  return {
    ...{ id: 'velmora-mild', kind: 'forecast', source: 'made up', simulated: true },
    ...{ issuedAt: new Date(startMs).toISOString(), startAt: new Date(startMs).toISOString(), hours },
    columns: {
      ...{ airC: flat(AIR_C), humidityPct: flat(HUMIDITY_PCT), rainMm: flat(0), windMPerS: flat(2) },
      ...{ cloudPct: flat(50), surfaceC: flat(SURFACE_C) },
    },
  };
}

function layDay(story: Story, bays: readonly string[], fromH: number): void {
  const read = (h: number): void => story.conditions('hall', h);
  story.moisture('hall', fromH - 3, 3.6, { alongM: 4, acrossM: 3 });
  story.prepared(bays, fromH - 2, { steps: ['wash', 'dry', 'fillets'] });
  for (const [i, bay] of bays.entries()) {
    read(fromH + i - 0.9);
    story.coat([bay], 'primer', fromH + i, PRIMER);
  }
  story.detailed(bays, fromH + 20, 'Upstand and corner pieces laid, saturated, no pinholes.');
  for (const [i, bay] of bays.entries()) {
    read(fromH + DAY_H + i - 0.9);
    story.coat([bay], 'first', fromH + DAY_H + i, {
      ...FIRST,
      placed: bay !== ROUND_ROOFLIGHT,
      lastWetMm: [1.5, 1.4, 1.5, 1.4, 1.5, 1.5],
    });
  }
  story.prepared(bays, fromH + 2 * DAY_H - 3, { steps: ['fibres'], complete: false });
  for (const [i, bay] of bays.entries()) {
    read(fromH + 2 * DAY_H + i - 0.9);
    story.coat([bay], 'second', fromH + 2 * DAY_H + i, {
      ...SECOND,
      placed: bay !== ROUND_ROOFLIGHT,
      lastWetMm: [0.9, 0.8, 0.9, 0.9, 0.9, 0.9],
    });
  }
}

/** @param looked whether somebody looked below during the flood test: without that the roof is not shown to be tight */
export function hallFinished(anchor: Date, looked = true): JobContent {
  const demo = velmora(anchor);
  const tested = surveyAt(anchor);
  const site = cutBays(tested);
  const story = new Story(site, tested.zones, anchor.getTime(), () => ({
    ...{ airC: AIR_C, humidityPct: HUMIDITY_PCT, surfaceC: SURFACE_C },
  }));
  const zone = tested.zones.find((z) => z.id === 'hall');
  if (!zone) throw new Error('the demo has no hall');
  story.tests(zone);
  PARTS.forEach((bays, i) => layDay(story, bays, -(DAYS - 1 - i) * DAY_H + 1));
  for (const { detail } of detailSchedule({ zones: [zone] }, buildUps).zones[0]?.work ?? []) {
    const name = detailTitle(detail);
    story.detail('hall', detail.id, name, 'made', -7 * DAY_H);
    story.detail('hall', detail.id, name, 'accepted', -6.9 * DAY_H);
  }
  const wet = { zoneId: 'hall' };
  const floodId = story.add(-3 * DAY_H, 'Ines', 'flood', wet, {
    ...{
      step: 'filled',
      at: story.at(-3 * DAY_H),
      deepestMm: 40,
      levelMm: 30,
      panMm: 25,
      plugged: 2,
      hours: 48,
    },
  });
  story.add(-2 * DAY_H, 'Ines', 'flood', wet, {
    ...{ step: 'read', at: story.at(-2 * DAY_H), floodId, levelMm: 28.5, panMm: 23.5 },
  });
  story.add(-1 * DAY_H, 'Ines', 'flood', wet, {
    ...{ step: 'emptied', at: story.at(-1 * DAY_H), floodId, levelMm: 27, panMm: 22 },
    ...{ below: looked ? 'dry' : 'not looked at', unplugged: 2 },
  });
  for (const bay of ALL) story.decided([bay], 'accepted', -20);
  const inOrder = [...story.entries].sort((a, b) => Date.parse(a.madeAt) - Date.parse(b.madeAt));
  const record: JobContent['record'] = [];
  for (const entry of inOrder) record.push(link(record.at(-1), entry, entry.madeAt));
  return { ...demo, weatherSeries: [hoursAround(anchor)], record };
}
