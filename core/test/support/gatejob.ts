/** One bay of 10 m² with everything in order, at a held clock: what a test changes is what its gates speak of. */
import { catalogue, isCoat, type BuildUp, type Coat } from '@lentum/core/buildup';
import type { Call } from '@lentum/core/call';
import { SUBSTRATES, type SubstrateKey } from '@lentum/core/family';
import type { Gate } from '@lentum/core/gates';
import type { JobRules } from '@lentum/core/job';
import { inspectionFor } from '@lentum/core/readiness';
import {
  EMPTY_BOOK,
  foldRecord,
  link,
  namesOf,
  type Body,
  type Kind,
  type StoredEntry,
} from '@lentum/core/record';
import { jobState, type JobInputs, type JobState } from '@lentum/core/state';
import { edgeOf, type Survey, type Test, type Zone } from '@lentum/core/survey';
import { weatherDocSchema, type Columns, type WeatherDoc, type WeatherSeries } from '@lentum/core/weather';
import { corners, pointsZone } from './zones.ts';

export const NOW = Date.parse('2026-05-12T09:30:00Z');
export const HOUR = 3_600_000;
export const at = (hours: number): string => new Date(NOW + hours * HOUR).toISOString();
export const polyurethane = catalogue()[0]!;
export const coatsOf = (b: BuildUp): Coat[] => b.layers.filter(isCoat);

export interface Told {
  readonly kind: Kind;
  readonly body: unknown;
  readonly who: string;
  readonly zoneOnly: boolean;
  readonly madeH: number;
}
/** An entry on the bay, or on its zone as a whole. */
export const told = <K extends Kind>(
  kind: K,
  madeH: number,
  body: Body<K>,
  more: { readonly zoneOnly?: boolean; readonly who?: string } = {},
): Told => ({ kind, madeH, body, who: more.who ?? 'Ines', zoneOnly: more.zoneOnly ?? false });

const who = (name: string) => ({ id: `p-${name.toLowerCase()}`, name });
const PEOPLE = ['Ines', 'Marek'].map(who);

export function recordOf(entries: readonly Told[]): StoredEntry[] {
  const record: StoredEntry[] = [];
  [...entries]
    .sort((a, b) => a.madeH - b.madeH)
    .forEach((e, i) =>
      record.push(
        link(
          record.at(-1),
          {
            ...{ form: 2, id: `e${i}-${e.kind.replace(' ', '-')}`, kind: e.kind, version: 1 },
            ...{ personId: who(e.who).id, deviceId: 'test', madeAt: at(e.madeH), zoneId: 'hall' },
            ...{ bays: e.zoneOnly ? [] : [{ bayId: 'own', share: 1 }], attachments: [], body: e.body },
          } as never,
          at(e.madeH),
        ),
      ),
    );
  return record;
}

/** Mild, dry, still hours from ten days before now to five after, with what a test changes. */
export function hours(
  change: (hour: number) => Partial<Record<keyof Columns, number>> = () => ({}),
): WeatherSeries {
  const count = 15 * 24;
  const startH = -10 * 24;
  const usual = { airC: 18, humidityPct: 50, rainMm: 0, windMPerS: 2, cloudPct: 50, surfaceC: 20 };
  const columns = Object.fromEntries(
    Object.entries(usual).map(([key, value]) => [
      key,
      Array.from({ length: count }, (_, i) => change(startH + i)[key as keyof Columns] ?? value),
    ]),
  );
  return {
    id: 'hours',
    kind: 'forecast',
    source: 'made up',
    simulated: true,
    issuedAt: at(-240),
    startAt: new Date(Math.floor(NOW / HOUR) * HOUR + startH * HOUR).toISOString(),
    hours: count,
    columns,
  };
}

export interface GateJob {
  readonly buildUp?: BuildUp;
  readonly substrate?: SubstrateKey;
  readonly laidOn?: string;
  readonly tests?: readonly Test[];
  readonly zone?: Partial<Zone>;
  readonly entries?: readonly Told[];
  readonly series?: readonly WeatherSeries[];
  readonly rules?: JobRules;
  readonly crew?: Partial<WeatherDoc['crew']>;
  readonly nowMs?: number;
}

export const reading = (hoursAgo = 0.1, change: Partial<Body<'conditions'>> = {}): Told =>
  told(
    'conditions',
    -hoursAgo,
    { at: at(-hoursAgo), airC: 18, humidityPct: 50, surfaceC: 20, ...change },
    { zoneOnly: true },
  );
export const prepared = (hoursAgo = 100, change: Partial<Body<'preparation'>> = {}): Told =>
  told('preparation', -hoursAgo, { at: at(-hoursAgo), steps: [], complete: true, ...change });
export const moisture = (value: number, hoursAgo = 2, change: Partial<Body<'test'>> = {}): Told =>
  told(
    'test',
    -hoursAgo,
    {
      ...{ at: at(-hoursAgo), test: 'moisture', instrument: 'meter', value, unprimed: false },
      scale: 'scale of the meter',
      ...change,
    },
    { zoneOnly: true },
  );
export const pulled = (hoursAgo = 50): Told =>
  told(
    'test',
    -hoursAgo,
    { at: at(-hoursAgo), test: 'pull-off', instrument: 'gauge', value: 1.8, unprimed: false },
    { zoneOnly: true },
  );
export const detailsMade = (hoursAgo: number, step: 'made' | 'accepted' | 'refused' = 'made'): Told =>
  told('detail', -hoursAgo, { at: at(-hoursAgo), detailId: 'all', name: 'All details', step });

/** A coat finished so many hours ago, of so many times its design by readings and by what was used. */
export function coated(
  buildUp: BuildUp,
  layerId: string,
  hoursAgo: number,
  times = 1.02,
  change: Partial<Body<'coat'>> = {},
): Told {
  const coat = coatsOf(buildUp).find((c) => c.id === layerId)!;
  const container = coat.containers[0]!;
  const film = coat.rate.basis === 'mass' ? coat.rate.value / coat.densityKgPerL.value : coat.rate.value;
  const used = film * times * 10 * (container.basis === 'mass' ? coat.densityKgPerL.value : 1);
  const opened = Math.ceil(used / container.net);
  const teeth = Array.from({ length: 60 }, (_, i) => Number(((i + 1) * 0.05).toFixed(2)));
  const wet = teeth.findLast((t) => t <= film * times + 1e-9) ?? 0;
  return told('coat', -hoursAgo, {
    ...{ buildUpId: buildUp.id, revision: buildUp.revision, layerId },
    ...{ startedAt: at(-hoursAgo - 0.5), finishedAt: at(-hoursAgo) },
    containers: [{ containerId: container.id, opened, batch: 'A-1' }],
    leftOver: { basis: container.basis, value: Number((opened * container.net - used).toFixed(6)) },
    gauge: 'own-gauge',
    teethMm: teeth,
    readings: coat.role === 'primer' ? [] : [{ bayId: 'own', lastWetMm: [wet, wet, wet] }],
    ...change,
  });
}

const RING = corners(5, 2);

export function inputsFor(job: GateJob): JobInputs {
  const { buildUp = polyurethane, substrate = 'concrete-old', entries = [], nowMs = NOW } = job;
  const zone: Zone = pointsZone(RING, {
    id: 'hall',
    code: 'H',
    name: 'Hall',
    sides: RING.map((_, i) => ({ edge: edgeOf(i === 0 ? 'drip' : 'free'), riseM: 0 })),
    fallPct: 3,
    substrate: { kind: substrate, ...(job.laidOn ? { laidOn: job.laidOn } : {}) },
    findings: inspectionFor(SUBSTRATES[substrate]).map((i) => ({ item: i.key, answer: i.good, note: '' })),
    tests: [...(job.tests ?? [])],
    ...job.zone,
  });
  const survey = { zones: [zone], primerSchool: 'always' } as unknown as Survey;
  return {
    survey,
    buildUps: {
      buildUps: [buildUp],
      zones: [
        { zoneId: 'hall', buildUpId: buildUp.id, revision: buildUp.revision, conditions: [], choices: {} },
      ],
    },
    site: {
      bays: [{ id: 'own', zoneId: 'hall', label: 'H1', parts: [{ outer: RING, holes: [] }] }],
      cuts: [],
      access: [],
    },
    weather: weatherDocSchema.parse({
      place: { latitudeDeg: 40, longitudeDeg: -8 },
      crew: { people: 2, ...job.crew },
    }),
    series: job.series ?? [hours()],
    book: foldRecord(EMPTY_BOOK, recordOf(entries), namesOf(PEOPLE)),
    ...(job.rules ? { rules: job.rules } : {}),
    nowMs,
  };
}

export const stateFor = (job: GateJob, previous?: JobState): JobState => jobState(inputsFor(job), previous);
export const callFor = (job: GateJob): Call => stateFor(job).calls[0]!;
export const gateOf = (job: GateJob, key: string): Gate | undefined =>
  callFor(job).gates.find((g) => g.key === key);

/** Everything that bare ground needs before its first layer. */
export const READY = [moisture(3.5), pulled(), prepared(3), reading()];
