/**
 * What a record tells of a bay that went wrong: each fact true, false or not known, with what says so. Limits are those of the
 * gates, judged as each layer was begun; nothing is judged here a second time. What only a look tells is asked.
 */
import { catalystAt } from '../buildup/index.ts';
import { words, type Part } from '../figures/index.ts';
import type { Gate } from '../gates/index.ts';
import { coatOf, latestDetails, onBayOf, type BayStatus } from '../record/index.ts';
import { asPast, layersWhenLaid, type JobState } from '../state/index.ts';
import { MS_PER_DAY } from '../units/index.ts';

/** Facts that the record may tell, in words for when they are true. */
export const RECORD_FACTS = {
  earlyOvercoat: 'overcoated before the coat below was ready',
  lateOvercoat: 'overcoated after the window of the coat below had closed',
  dampGround: 'laid on ground that was too damp',
  wetSurface: 'laid on a wet surface',
  warmingSlab: 'laid while the slab was warming',
  dew: 'dew on it, or too near to the dew point',
  rain: 'rain on it before it was rain-safe',
  tooCold: 'too cold when it was laid, or after',
  tooHot: 'too hot when it was laid',
  thickFilm: 'film thicker than may lie there',
  thinFilm: 'top coat thinner than its design',
  thinPrimer: 'primer short of its film',
  notPrepared: 'ground not got ready, step by step',
  unfitGround: 'ground that the survey calls unfit',
  dirtBetween: 'left open, and not cleaned before the next coat',
  usedEarly: 'walked on, driven on or opened too early',
  uncovered: 'left for days without the coat that covers it',
  catalystOff: 'catalyst off the table of its temperature',
  notLooked: 'sheet laid without looking at laps, edges and bond',
  badDetail: 'a detail refused, or a leak found at one',
  batchToo: 'seen on the other bays of its batch, and hardly elsewhere',
  hoursToo: 'seen on the other bays laid in the same hours, and hardly elsewhere',
  personToo: 'seen on the other bays that one person laid, and hardly elsewhere',
  floodTight: 'flood test lost no more than air and readings explain',
} as const;
/** Facts that only a look tells, as a question. */
export const LOOK_FACTS = {
  waterInside: 'Cut one open: is there water in it?',
  fineBubbles: 'Cut one open: is the whole film full of fine bubbles?',
  voidsBelow: 'Under a bubble: is there an open void or crack in the ground?',
  magnet: 'Does a magnet draw the grains at the spots?',
  rinsesOff: 'Does it rinse off with water?',
  softThrough: 'Press a nail in: is it soft right through?',
  peelsClean: 'Lift an edge: is the face below clean, dry and glossy?',
  stepBelow: 'Lay a straight edge: is there a step in the ground below it?',
  dyeAtPlug: 'Dye beside the plug: is it drawn in?',
} as const;

export type RecordFact = keyof typeof RECORD_FACTS;
export type LookFact = keyof typeof LOOK_FACTS;
export type FactKey = RecordFact | LookFact;
export const RECORD_FACT_KEYS = Object.keys(RECORD_FACTS) as RecordFact[];
export const LOOK_FACT_KEYS = Object.keys(LOOK_FACTS) as LookFact[];
export const isLook = (key: FactKey): key is LookFact => key in LOOK_FACTS;
/** A fact in words: for when it is true, or the question of its look. */
export const factName = (key: FactKey): string => (isLook(key) ? LOOK_FACTS[key] : RECORD_FACTS[key]);

export interface Fact {
  readonly key: FactKey;
  readonly is: boolean;
  /** What says so, in the record. */
  readonly says: readonly Part[];
}

/** Which gates tell a fact. */
const BY_GATES: readonly (readonly [RecordFact, (key: string) => boolean])[] = [
  ['earlyOvercoat', (k) => k === 'overcoat/from' || k === 'overcoat/finished'],
  ['lateOvercoat', (k) => k === 'overcoat/until'],
  ['dampGround', (k) => ['ground/moisture', 'ground/humidity', 'ground/vapour'].includes(k)],
  ['wetSurface', (k) => k === 'weather/wet' || k === 'weather/dryHours'],
  ['warmingSlab', (k) => k === 'weather/falling'],
  ['dew', (k) => k === 'weather/dewMargin' || k === 'weather/dewSkin'],
  ['rain', (k) => k === 'weather/rain' || k === 'weather/rainSafe'],
  ['tooCold', (k) => ['weather/airMin', 'weather/surfaceMin', 'weather/noBelow'].includes(k)],
  ['tooHot', (k) => ['weather/airMax', 'weather/surfaceMax'].includes(k)],
  ['notPrepared', (k) => k.startsWith('preparation/')],
  ['unfitGround', (k) => k === 'ground/fit' || k === 'ground/survey'],
  ['dirtBetween', (k) => k.startsWith('lying/') || k === 'below/clean' || k.startsWith('below/fibres')],
];

interface Told {
  readonly layer: string;
  readonly gate: Gate;
}

function gateFact(key: RecordFact, told: readonly Told[]): Fact | undefined {
  const broken = told.find((t) => t.gate.answer === 'broken');
  if (broken) return { key, is: true, says: [`${broken.layer}: `, ...asPast(broken.gate.says)] };
  // One that nobody could tell leaves the fact open; no gate at all does too.
  if (told.length === 0 || told.some((t) => t.gate.answer === 'unknown')) return undefined;
  return { key, is: false, says: ['each limit held when it was laid.'] };
}

function filmFacts({ laid }: BayStatus): Fact[] {
  const facts: Fact[] = [];
  const outcome = (l: (typeof laid)[number]) => l.judgement.outcome;
  const thick = laid.find((l) => outcome(l) === 'thick');
  if (thick)
    facts.push({
      ...{ key: 'thickFilm', is: true },
      says: words`${thick.coat.name}: design ${thick.judgement.design}, no more than ${thick.judgement.most.film} may lie there.`,
    });
  else if (laid.length > 0 && laid.every((l) => outcome(l) === 'enough' || outcome(l) === 'thin'))
    facts.push({ key: 'thickFilm', is: false, says: ['each film was read within what may lie there.'] });
  const thin = (key: RecordFact, l: (typeof laid)[number] | undefined): void => {
    if (!l || !['thin', 'enough', 'thick'].includes(outcome(l))) return;
    facts.push({
      ...{ key, is: outcome(l) === 'thin' },
      says: words`${l.coat.name}: ${outcome(l)}, design ${l.judgement.design}.`,
    });
  };
  thin(
    'thinFilm',
    laid.findLast((l) => l.coat.role !== 'primer'),
  );
  thin(
    'thinPrimer',
    laid.findLast((l) => l.coat.role === 'primer'),
  );
  return facts;
}

const DAYS_OPEN = 7;

function useFacts(state: JobState, status: BayStatus): Fact[] {
  const { book } = state.kept.inputs;
  const facts: Fact[] = [];
  const miss = status.misses.find((m) => m.limit === 'foot' || m.limit === 'wheels');
  const events = onBayOf(book, status.bay, 'event');
  if (miss)
    facts.push({
      ...{ key: 'usedEarly', is: true },
      says: words`${miss.coat.name}: used ${{ atMs: miss.atMs }}, before it could take it.`,
    });
  else if (events.length > 0 || onBayOf(book, status.bay, 'opening').length > 0)
    facts.push({ key: 'usedEarly', is: false, says: ['what is on record of its use came late enough.'] });
  const last = status.laid.at(-1)?.entry.finishedAt;
  if (last !== undefined && status.buildUp) {
    const days = Math.floor((state.atMs - Date.parse(last)) / MS_PER_DAY);
    const open = status.next !== undefined && days >= DAYS_OPEN;
    facts.push({
      ...{ key: 'uncovered', is: open },
      says: [
        status.next === undefined
          ? 'every layer lies.'
          : `${days} ${days === 1 ? 'day' : 'days'} without its ${status.next.name.toLowerCase()}.`,
      ],
    });
  }
  const looked = onBayOf(book, status.bay, 'ply');
  if (looked.length > 0)
    facts.push({
      ...{ key: 'notLooked', is: looked.some((p) => !p.body.looked) },
      says: [
        looked.some((p) => !p.body.looked) ? 'nobody looked at one of its sheets.' : 'each was looked at.',
      ],
    });
  return facts;
}

/** Off by more than this of what the table says, it was not measured. */
const CATALYST_OFF = 0.2;

function catalystFact(state: JobState, status: BayStatus): Fact[] {
  const { book, buildUps } = state.kept.inputs;
  const mixes = onBayOf(book, status.bay, 'mix').flatMap((m) => {
    const coat = coatOf(buildUps, m.body);
    const tempC = m.body.resinC ?? m.body.airC;
    if (!coat?.catalyst || m.body.catalystPct === undefined || tempC === undefined) return [];
    const wanted = catalystAt(coat, tempC);
    const off = !wanted.ok || Math.abs(m.body.catalystPct / wanted.value.value - 1) > CATALYST_OFF;
    return [
      {
        off,
        says: `${m.body.catalystPct} % at ${tempC} °C, by the table ${wanted.ok ? `${wanted.value.value} %` : 'none'}.`,
      },
    ];
  });
  const off = mixes.find((m) => m.off);
  if (mixes.length === 0) return [];
  return [{ key: 'catalystOff', is: off !== undefined, says: [off ? off.says : 'each mix by the table.'] }];
}

function detailFact(state: JobState, status: BayStatus): Fact[] {
  const { book } = state.kept.inputs;
  const steps = [...latestDetails(book, status.bay.zoneId).values()];
  const refused = steps.find((s) => s.step === 'refused');
  // What a pass found is put right when a later one finds nothing.
  const pass = [...onBayOf(book, status.bay, 'leak test')]
    .sort((a, b) => Date.parse(a.body.at) - Date.parse(b.body.at))
    .at(-1);
  const found = pass && pass.body.finds.length > 0 ? pass : undefined;
  if (refused) return [{ key: 'badDetail', is: true, says: [`${refused.name} was refused.`] }];
  if (found)
    return [
      { key: 'badDetail', is: true, says: [`${found.body.finds.join('; ')} found by ${found.body.method}.`] },
    ];
  return steps.length > 0 && steps.every((s) => s.step === 'accepted')
    ? [{ key: 'badDetail', is: false, says: ['every detail on record was accepted.'] }]
    : [];
}

/** Facts that are known of a bay; what is not in the list is not known. */
export function factsOf(state: JobState, status: BayStatus, floodTight?: boolean): Fact[] {
  const told = layersWhenLaid(state, status).flatMap(({ layer, gates }) =>
    gates.map((gate): Told => ({ layer: layer.name, gate })),
  );
  return [
    ...BY_GATES.flatMap(([key, fits]) => {
      const fact = gateFact(
        key,
        told.filter((t) => fits(t.gate.key)),
      );
      return fact ? [fact] : [];
    }),
    ...filmFacts(status),
    ...useFacts(state, status),
    ...catalystFact(state, status),
    ...detailFact(state, status),
    ...(floodTight === undefined
      ? []
      : [
          {
            ...{ key: 'floodTight' as const, is: floodTight },
            says: [floodTight ? 'the newest flood test held.' : 'the newest flood test lost water.'],
          },
        ]),
  ];
}
