/** The state of a large job: from nothing, after one more entry, at a tick; and how it grows with the job. */
import { catalogue, isCoat } from '@lentum/core/buildup';
import { EMPTY_BOOK, foldRecord, link, type Entry, type StoredEntry } from '@lentum/core/record';
import { jobState, type JobInputs } from '@lentum/core/state';
import { blankZone, type Survey } from '@lentum/core/survey';
import { SimulatedWeather, MILD_COAST, weatherDocSchema, type WeatherSeries } from '@lentum/core/weather';
import { median, type Row } from './table.ts';

const HOUR = 3_600_000;
const NOW = Date.parse('2026-05-12T09:30:00Z');
const PLACE = { latitudeDeg: 38.7, longitudeDeg: -9.1 };
const buildUp = catalogue()[0] as ReturnType<typeof catalogue>[number];
const coats = buildUp.layers.filter(isCoat);
const hoursFrom =
  (nowMs: number) =>
  (hours: number): string =>
    new Date(Math.round(nowMs + hours * HOUR)).toISOString();
const at = hoursFrom(NOW);

const survey = (zones: number): Survey => ({
  ...({ primerSchool: 'always' } as Survey),
  zones: Array.from({ length: zones }, (_, z) => ({
    ...blankZone({
      id: `z${z}`,
      code: `Z${z}`,
      name: `Roof ${z}`,
      outline: {
        kind: 'points',
        origin: 'typed',
        points: [
          [0, 0],
          [20, 0],
          [20, 10],
          [0, 10],
        ],
      },
    }),
    fallPct: 3,
    substrate: { kind: 'concrete-old' },
  })),
});

/** Every bay prepared, primed, based; the rest of the entries are readings of its zone. */
function record(zones: number, bays: number, entries: number, nowMs: number): StoredEntry[] {
  const at = hoursFrom(nowMs);
  const made: { entry: Entry; h: number }[] = [];
  const add = (h: number, kind: string, zoneId: string, bay: string | undefined, body: object): void => {
    const entry = {
      ...{
        form: 2,
        id: `e${made.length}`,
        kind,
        version: 1,
        personId: 'p',
        deviceId: 'bench',
        madeAt: at(h),
      },
      ...{ zoneId, bays: bay ? [{ bayId: bay, share: 1 }] : [], attachments: [], body },
    } as unknown as Entry;
    made.push({ entry, h });
  };
  const layer = { buildUpId: buildUp.id, revision: buildUp.revision };
  for (let z = 0; z < zones; z += 1) {
    add(-200, 'test', `z${z}`, undefined, {
      ...{ at: at(-200), test: 'moisture', instrument: 'meter', value: 3.5, unprimed: false },
      scale: 'scale of the meter',
    });
    for (let b = 0; b < bays; b += 1) {
      const bay = `z${z}b${b}`;
      const early = -150 + ((z * bays + b) % 97) / 10;
      add(early, 'preparation', `z${z}`, bay, { at: at(early), steps: [], complete: true });
      coats.slice(0, (z + b) % 3).forEach((coat, i) => {
        const h = early + 10 + i * 30;
        const container = coat.containers[0];
        add(h, 'coat', `z${z}`, bay, {
          ...{ ...layer, layerId: coat.id, startedAt: at(h - 0.5), finishedAt: at(h) },
          containers: [{ containerId: container?.id, opened: 1, batch: 'A' }],
          leftOver: { basis: container?.basis, value: 2 },
          gauge: 'deep',
          readings: [{ bayId: bay, lastWetMm: i === 0 ? [] : [1.4, 1.5, 1.4] }],
        });
      });
    }
  }
  for (let i = 0; made.length < entries; i += 1) {
    const h = -190 + (i * 189.9) / entries;
    const body = { at: at(h), airC: 15 + (i % 5), humidityPct: 55, surfaceC: 17 + (i % 6) };
    add(h, 'conditions', `z${i % zones}`, undefined, body);
  }
  made.sort((a, b) => a.h - b.h);
  const chain: StoredEntry[] = [];
  for (const { entry } of made) chain.push(link(chain.at(-1), entry, entry.madeAt));
  return chain;
}

/** Roofs of one build-up with a long record, at an instant. */
export function inputs(
  zones: number,
  bays: number,
  entries: number,
  nowMs = NOW,
): { job: JobInputs; chain: StoredEntry[] } {
  const weather = new SimulatedWeather({ ...MILD_COAST, place: PLACE, seed: 3 });
  const start = Math.floor(nowMs / HOUR) * HOUR - 14 * 24 * HOUR;
  const series: WeatherSeries = {
    ...{ id: 'x', kind: 'forecast', source: 'made up', simulated: true, issuedAt: hoursFrom(nowMs)(-400) },
    ...{ startAt: new Date(start).toISOString(), hours: 24 * 24, columns: weather.columns(start, 24 * 24) },
  };
  const chain = record(zones, bays, entries, nowMs);
  const columns = 5;
  const site = Array.from({ length: zones }, (_, z) =>
    Array.from({ length: bays }, (_, b) => {
      const [x, y] = [(b % columns) * 4, Math.floor(b / columns) * (10 / Math.ceil(bays / columns))];
      const h = 10 / Math.ceil(bays / columns);
      const outer: [number, number][] = [
        [x, y],
        [x + 4, y],
        [x + 4, y + h],
        [x, y + h],
      ];
      return { id: `z${z}b${b}`, zoneId: `z${z}`, label: `Z${z}-${b}`, parts: [{ outer, holes: [] }] };
    }),
  ).flat();
  return {
    chain,
    job: {
      survey: survey(zones),
      buildUps: {
        buildUps: [buildUp],
        zones: Array.from({ length: zones }, (_, z) => ({
          ...{ zoneId: `z${z}`, buildUpId: buildUp.id, revision: buildUp.revision },
          ...{ conditions: [], choices: {} },
        })),
      },
      site: { bays: site, cuts: [], access: [] },
      weather: weatherDocSchema.parse({ place: PLACE }),
      series: [series],
      book: foldRecord(EMPTY_BOOK, chain),
      nowMs,
    },
  };
}

/** CPU time of some work, ms: the middle of several runs. */
function cpu(work: () => unknown, runs = 5): number {
  const times: number[] = [];
  for (let i = 0; i < runs; i += 1) {
    const from = process.cpuUsage();
    work();
    const { user, system } = process.cpuUsage(from);
    times.push((user + system) / 1000);
  }
  return median(times);
}

/** Short work is run often, until it is as fast as it gets. */
const SHORT_RUNS = 40;
const AIM = { scratchMs: 150, entryMs: 10, tickMs: 5, growth: 4.6 } as const;

export function benchState(): Row[] {
  const { job, chain } = inputs(40, 20, 10_000);
  // A fresh job each time: nothing of the run before is kept.
  const afresh = (of: JobInputs): JobInputs => ({ ...of, survey: structuredClone(of.survey) });
  const scratch = cpu(() => jobState(afresh(job)));
  const state = jobState(job);
  const later: StoredEntry = link(
    chain.at(-1),
    {
      ...{ form: 2, id: 'one-more', kind: 'preparation', version: 1, personId: 'p', deviceId: 'bench' },
      ...{ madeAt: at(-0.01), zoneId: 'z3', bays: [{ bayId: 'z3b3', share: 1 }], attachments: [] },
      body: { at: at(-0.01), steps: ['fibres'], complete: false },
    } as unknown as Entry,
    at(0),
  );
  const more = foldRecord(job.book, [later]);
  const entry = cpu(() => jobState({ ...job, book: more }, state), SHORT_RUNS);
  const tick = cpu(() => jobState({ ...job, nowMs: NOW + 15_000 }, state), SHORT_RUNS);
  const minute = cpu(() => jobState({ ...job, nowMs: NOW + 60_000 }, state));
  const large = inputs(160, 20, 40_000);
  const four = cpu(() => jobState(afresh(large.job)), 3);
  const ms = (v: number): string => `${v.toFixed(1)} ms`;
  return [
    {
      what: 'state of 40 zones × 20 bays, 10,000 entries, from nothing (CPU)',
      measured: ms(scratch),
      aim: `< ${AIM.scratchMs} ms`,
      held: scratch < AIM.scratchMs,
    },
    {
      what: '  after one more entry',
      measured: ms(entry),
      aim: `< ${AIM.entryMs} ms`,
      held: entry < AIM.entryMs,
    },
    {
      what: '  at a tick with nothing changed',
      measured: ms(tick),
      aim: `< ${AIM.tickMs} ms`,
      held: tick < AIM.tickMs,
    },
    { what: '  at the next full minute', measured: ms(minute), aim: '' },
    {
      what: '  four times the bays and entries, times as long',
      measured: (four / scratch).toFixed(2),
      aim: `< ${AIM.growth}`,
      held: four / scratch < AIM.growth,
    },
  ];
}
