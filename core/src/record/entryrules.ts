/**
 * What an entry must be beyond its form, given the job it belongs to. Refused is only what cannot have happened; what was
 * done against a rule is taken and said (`entryflags.ts`).
 */
import {
  findBuildUp,
  isCoat,
  isWorkLayer,
  litresOf,
  type BuildUpDoc,
  type Coat,
  type Layer,
  type WorkLayer,
} from '../buildup/index.ts';
import { GAUGE_IDS, teethOf, type GaugeId } from '../film/index.ts';
import type { Problem } from '../problems/index.ts';
import type { SiteDoc } from '../site/index.ts';
import type { Survey } from '../survey/index.ts';
import { format, TOLERANCE, type Quantity } from '../units/index.ts';
import type { EntryForm, Kind } from './entry.ts';
import type { CoatEntry, LaidEntry } from './fold.ts';
import { readEntry, type BookEntry, type BookEntryOf } from './reading.ts';

/** How figures and instants are said: in the units and the clock of the job. */
export interface Say {
  readonly time: (instant: string) => string;
  readonly value: (value: number, quantity: Quantity) => string;
}
const PLAIN: Say = { time: (i) => i, value: (v, q) => format(v, q, 'metric') };

export interface RecordContext {
  readonly survey: Pick<Survey, 'zones'>;
  readonly buildUps: BuildUpDoc;
  readonly site: SiteDoc;
  /** The entry that would be superseded, when there is one. */
  readonly target?: { readonly entry: EntryForm; readonly alreadySuperseded: boolean } | undefined;
  /** Another entry of the record that this one refers to. */
  readonly refers?: ((id: string) => BookEntry | undefined) | undefined;
  /** Instant at which the entry arrives, by the server's clock, ms. */
  readonly nowMs: number;
  readonly say?: Say | undefined;
}

type LayerNamed = { readonly buildUpId: string; readonly revision: number; readonly layerId: string };
const layerNamed = (doc: BuildUpDoc, of: LayerNamed): Layer | undefined =>
  findBuildUp(doc, of.buildUpId, of.revision)?.layers.find((l) => l.id === of.layerId);

export function coatOf(doc: BuildUpDoc, entry: LayerNamed): Coat | undefined {
  const layer = layerNamed(doc, entry);
  return layer && isCoat(layer) ? layer : undefined;
}

/** The ply, protection or pieces that an entry names; undefined where it names none. */
export function layerLaid(
  doc: BuildUpDoc,
  entry: Pick<LaidEntry, keyof LayerNamed>,
): Exclude<WorkLayer, Coat> | undefined {
  const layer = layerNamed(doc, entry);
  return layer && isWorkLayer(layer) && !isCoat(layer) ? layer : undefined;
}

/** Litres opened for a coat, by the containers of its layer. Unknown containers count as nothing. */
export const openedLitres = (coat: Coat, entry: Pick<CoatEntry, 'containers'>): number =>
  entry.containers.reduce((sum, c) => {
    const container = coat.containers.find((k) => k.id === c.containerId);
    return container ? sum + c.opened * litresOf(coat, container.basis, container.net) : sum;
  }, 0);

/** Depths of the gauge of a coat; none where it names a gauge of one's own without its teeth. */
export const teethUsed = (coat: Pick<CoatEntry, 'gauge' | 'teethMm'>): readonly number[] =>
  coat.teethMm ??
  ((GAUGE_IDS as readonly string[]).includes(coat.gauge) ? teethOf(coat.gauge as GaugeId) : []);

const unknown = (field: string, label: string, actual: string, expected: string): Problem => ({
  kind: 'unknown',
  field,
  label,
  actual,
  expected,
});
const order = (field: string, label: string, actual: string, expected: string): Problem => ({
  kind: 'order',
  field,
  label,
  actual,
  expected,
});
const missing = (field: string, label: string, expected: string): Problem => ({
  kind: 'missing',
  field,
  label,
  actual: 'nothing',
  expected,
});

/** How kinds are named in sentences. */
const NAMES: Readonly<Record<Kind, string>> = {
  conditions: 'Conditions',
  preparation: 'Preparation',
  test: 'Test',
  trial: 'Trial patch',
  coat: 'Coat',
  ply: 'Laid',
  broadcast: 'Broadcast',
  mix: 'Mix',
  melt: 'Melt',
  permit: 'Permit',
  watch: 'Fire watch',
  'dry film': 'Dry film',
  gauge: 'Gauge',
  event: 'Event',
  opening: 'Opening',
  decision: 'Decision',
  detail: 'Detail',
  remedy: 'Remedy',
  stock: 'Stock',
  withdrawal: 'Withdrawal',
};
export const kindName = (kind: Kind): string => NAMES[kind];

/** What a kind has to name: bays, at least its zone, or nothing. */
const PLACES: Readonly<Record<Kind, 'bays' | 'zone' | 'free'>> = {
  conditions: 'zone',
  preparation: 'zone',
  test: 'zone',
  trial: 'zone',
  coat: 'bays',
  ply: 'bays',
  broadcast: 'bays',
  mix: 'zone',
  melt: 'zone',
  permit: 'free',
  watch: 'zone',
  'dry film': 'zone',
  gauge: 'free',
  event: 'zone',
  opening: 'zone',
  decision: 'zone',
  detail: 'zone',
  remedy: 'bays',
  stock: 'free',
  withdrawal: 'free',
};

/** Fields that tell when something began and when it ended. */
function spanOf(entry: BookEntry): [string, string | undefined, string, string | undefined] | undefined {
  switch (entry.kind) {
    case 'coat':
    case 'ply':
      return ['startedAt', entry.body.startedAt, 'finishedAt', entry.body.finishedAt];
    case 'preparation':
      return ['startedAt', entry.body.startedAt, 'at', entry.body.at];
    case 'melt':
      return ['litAt', entry.body.litAt, 'offAt', entry.body.offAt];
    case 'mix':
      return ['at', entry.body.at, 'placedAt', entry.body.placedAt];
    case 'trial':
      return ['at', entry.body.at, 'judgedAt', entry.body.judgedAt];
    default:
      return undefined;
  }
}

function spanProblems(entry: BookEntry, say: Say): Problem[] {
  const span = spanOf(entry);
  if (!span) return [];
  const [, from, field, to] = span;
  if (from === undefined || to === undefined || Date.parse(to) > Date.parse(from)) return [];
  return [
    order(
      field,
      `${NAMES[entry.kind]}, finish`,
      `${say.time(to)} is not after the start ${say.time(from)}`,
      'a finish later than the start',
    ),
  ];
}

/** Instants of an entry that must have come, each with its field. */
export function instantsOf(entry: BookEntry): [string, string][] {
  const { body } = entry;
  const found = ['at', 'startedAt', 'finishedAt', 'litAt', 'offAt', 'placedAt', 'judgedAt', 'dryingFrom']
    .map((field): [string, unknown] => [field, (body as Record<string, unknown>)[field]])
    .filter((pair): pair is [string, string] => typeof pair[1] === 'string');
  const read =
    entry.kind === 'melt'
      ? entry.body.temperatures.map((t, i): [string, string] => [`temperatures/${i}/at`, t.at])
      : [];
  return [...found, ...read];
}

/** By the corrected clock where the device has measured it, else with the slack of clocks that run apart. */
function futureProblems(entry: BookEntry, nowMs: number, say: Say): Problem[] {
  const slack = entry.offsetMs === undefined ? TOLERANCE.clockMs : TOLERANCE.clockMeasuredMs;
  const latest = nowMs - (entry.offsetMs ?? 0) + slack;
  return instantsOf(entry).flatMap(([field, instant]) =>
    Date.parse(instant) > latest
      ? [
          order(
            field,
            `${NAMES[entry.kind]}, time`,
            `${say.time(instant)} is in the future`,
            'a time that has come',
          ),
        ]
      : [],
  );
}

function placeProblems(entry: BookEntry, { site, survey }: RecordContext): Problem[] {
  const problems: Problem[] = [];
  const label = NAMES[entry.kind];
  const zones = new Set<string>();
  const named = new Set<string>();
  entry.bays.forEach(({ bayId }, i) => {
    const bay = site.bays.find((b) => b.id === bayId);
    if (bay) zones.add(bay.zoneId);
    else problems.push(unknown(`bays/${i}/bayId`, 'Entry, bay', bayId, 'a bay of this job'));
    if (named.has(bayId))
      problems.push({
        ...{ kind: 'duplicate', field: `bays/${i}/bayId`, label: `${label}, bay` },
        ...{ actual: bay?.label ?? bayId, expected: 'each bay once' },
      });
    named.add(bayId);
  });
  if (entry.zoneId !== undefined) {
    zones.add(entry.zoneId);
    if (!survey.zones.some((z) => z.id === entry.zoneId))
      problems.push(unknown('zoneId', `${label}, zone`, entry.zoneId, 'a zone of this job'));
  }
  if (zones.size > 1)
    problems.push(
      order(
        'bays',
        `${label}, bays`,
        `they lie on ${zones.size} zones`,
        'bays of one zone: what is used on one cannot be split with another',
      ),
    );
  const wants = PLACES[entry.kind];
  if (wants === 'bays' && entry.bays.length === 0)
    problems.push(missing('bays', `${label}, bays`, 'at least one bay'));
  if (wants === 'zone' && entry.bays.length === 0 && entry.zoneId === undefined)
    problems.push(missing('zoneId', `${label}, zone`, 'a zone, or bays of it'));
  return problems;
}

/** The layer has to be of the kind that the entry lays. */
function layerProblems(entry: BookEntry, { buildUps }: RecordContext): Problem[] {
  const wrong = (of: LayerNamed, expected: string): Problem[] => [
    unknown(
      'layerId',
      `${NAMES[entry.kind]}, layer`,
      `${of.buildUpId} revision ${of.revision}, ${of.layerId}`,
      `${expected} of a build-up that this job holds`,
    ),
  ];
  switch (entry.kind) {
    case 'coat':
    case 'mix':
      return coatOf(buildUps, entry.body) ? [] : wrong(entry.body, 'a coat');
    case 'ply':
      return layerLaid(buildUps, entry.body) ? [] : wrong(entry.body, 'a ply, protection or pieces');
    case 'broadcast':
      return layerNamed(buildUps, entry.body)?.kind === 'broadcast' ? [] : wrong(entry.body, 'aggregate');
    case 'melt':
      return coatOf(buildUps, entry.body)?.kettle
        ? []
        : wrong(entry.body, 'a coat that is melted in a kettle');
    default:
      return [];
  }
}

function coatProblems(entry: BookEntryOf<'coat'>, { buildUps }: RecordContext, say: Say): Problem[] {
  const problems: Problem[] = [];
  const { body } = entry;
  const coat = coatOf(buildUps, body);
  body.containers.forEach((c, i) => {
    if (coat && !coat.containers.some((k) => k.id === c.containerId)) {
      problems.push(
        unknown(
          `containers/${i}/containerId`,
          'Coat, container',
          c.containerId,
          `one of ${coat.containers.map((k) => k.name).join(', ')}`,
        ),
      );
    }
  });
  if (coat) {
    const opened = openedLitres(coat, body);
    if (litresOf(coat, body.leftOver.basis, body.leftOver.value) > opened * (1 + TOLERANCE.relative)) {
      const quantity = body.leftOver.basis;
      const most = quantity === 'mass' ? opened * coat.densityKgPerL.value : opened;
      problems.push(
        order(
          'leftOver',
          'Coat, left over',
          `${say.value(body.leftOver.value, quantity)} of ${say.value(most, quantity)} opened`,
          'no more than was opened',
        ),
      );
    }
  }
  const teeth = teethUsed(body);
  if (teeth.length === 0)
    problems.push(unknown('gauge', 'Coat, gauge', body.gauge, 'a gauge that is known here, or its teeth'));
  body.readings.forEach((r, n) => {
    if (!entry.bays.some((b) => b.bayId === r.bayId))
      problems.push(
        unknown(`readings/${n}/bayId`, 'Coat, readings', r.bayId, 'a bay that the coat was laid on'),
      );
    r.lastWetMm.forEach((tooth, i) => {
      if (teeth.length === 0 || tooth === 0 || teeth.includes(tooth)) return;
      problems.push(
        unknown(
          `readings/${n}/lastWetMm/${i}`,
          `Reading ${i + 1}`,
          say.value(tooth, 'film'),
          `a tooth of this gauge: ${teeth.map((t) => say.value(t, 'film')).join(', ')}, or none wet`,
        ),
      );
    });
  });
  return problems;
}

function dryFilmProblems({ body }: BookEntryOf<'dry film'>): Problem[] {
  const reads = {
    magnetic: body.ground === 'steel',
    'eddy current': body.ground === 'other metal',
    ultrasonic: true,
    'cut-out': true,
  }[body.gauge];
  if (reads) return [];
  const on = body.ground === 'other' ? 'a ground without metal' : body.ground;
  return [
    order(
      'gauge',
      'Dry film, gauge',
      `a gauge by ${body.gauge === 'magnetic' ? 'magnetism' : 'eddy current'} cannot read a film on ${on}`,
      body.ground === 'steel' || body.ground === 'other metal'
        ? 'a magnetic gauge on steel, an eddy current gauge on other metals'
        : 'ultrasound or a cut-out',
    ),
  ];
}

/** A closing needs its opening, and comes after it. */
function closingProblems(entry: BookEntry, context: RecordContext, say: Say): Problem[] {
  const pair =
    entry.kind === 'permit' && entry.body.step === 'closed'
      ? (['permitId', entry.body.permitId, entry.body.at] as const)
      : entry.kind === 'watch' && entry.body.step === 'closed'
        ? (['watchId', entry.body.watchId, entry.body.at] as const)
        : undefined;
  if (!pair) return [];
  const [field, id, closedAt] = pair;
  const first = context.refers?.(id);
  const label = NAMES[entry.kind];
  const isOpening =
    (first?.kind === 'permit' || first?.kind === 'watch') &&
    first.kind === entry.kind &&
    first.body.step === 'opened';
  if (!isOpening) return [unknown(field, label, id, 'one that was opened in this record')];
  return Date.parse(closedAt) > Date.parse(first.body.at)
    ? []
    : [
        order(
          'at',
          `${label}, closed`,
          `${say.time(closedAt)} is not after it was opened ${say.time(first.body.at)}`,
          'a time later than its opening',
        ),
      ];
}

function kindProblems(entry: BookEntry, context: RecordContext, say: Say): Problem[] {
  switch (entry.kind) {
    case 'coat':
      return coatProblems(entry, context, say);
    case 'dry film':
      return dryFilmProblems(entry);
    case 'permit':
    case 'watch':
      return closingProblems(entry, context, say);
    case 'melt': {
      const { drawnKg, leftKg, chargedKg } = entry.body;
      if (drawnKg + leftKg <= chargedKg * (1 + TOLERANCE.relative)) return [];
      return [
        order(
          'leftKg',
          'Melt, drawn and left',
          `${say.value(drawnKg, 'mass')} and ${say.value(leftKg, 'mass')} of ${say.value(chargedKg, 'mass')} charged`,
          'no more than was in the kettle',
        ),
      ];
    }
    case 'broadcast': {
      if (entry.body.step !== 'swept' || entry.body.backKg <= entry.body.sweptKg) return [];
      return [
        order(
          'backKg',
          'Broadcast, back into stock',
          `${say.value(entry.body.backKg, 'mass')} of ${say.value(entry.body.sweptKg, 'mass')} swept off`,
          'no more than was swept off',
        ),
      ];
    }
    case 'decision':
      return entry.body.reason !== '' || entry.body.what === 'accepted' || entry.form === 1
        ? []
        : [missing('reason', 'Decision, reason', 'a reason in a few words')];
    case 'stock':
      return entry.body.count === undefined && entry.body.amount === undefined
        ? [missing('count', 'Stock, how much', 'a count, or an amount with its unit')]
        : [];
    case 'remedy':
      return ['coat', 'ply'].includes(context.refers?.(entry.body.entryId)?.kind ?? '')
        ? []
        : [unknown('entryId', 'Remedy', entry.body.entryId, 'a coat or a ply of this record')];
    default:
      return [];
  }
}

function correctionProblems(entry: BookEntry, { target }: RecordContext): Problem[] {
  if (entry.supersedes === undefined) return [];
  if (!target)
    return [unknown('supersedes', 'Correction of', entry.supersedes, 'an entry of this job’s record')];
  const old = readEntry(target.entry, new Map());
  const wrong = (actual: string, expected: string): Problem[] => [
    order('supersedes', 'Correction', actual, expected),
  ];
  if (target.alreadySuperseded)
    return wrong('the entry was corrected or withdrawn already', 'the entry that is in force now');
  if (old.kind === 'withdrawal') return wrong('a withdrawal is final', 'a new entry instead');
  return entry.kind === 'withdrawal' || old.kind === entry.kind
    ? []
    : wrong(
        `an entry of kind “${old.kind}” would be replaced by one of kind “${entry.kind}”`,
        'an entry of the same kind',
      );
}

/** Ids of other entries that have to be there for an entry to be taken. */
export function refersTo(form: EntryForm): string[] {
  const entry = readEntry(form, new Map());
  if (entry.kind === 'permit' && entry.body.step === 'closed') return [entry.body.permitId];
  if (entry.kind === 'watch' && entry.body.step === 'closed') return [entry.body.watchId];
  return entry.kind === 'remedy' ? [entry.body.entryId] : [];
}

/** Every reason why an entry cannot be taken into the record. */
export function entryProblems(form: EntryForm, context: RecordContext): Problem[] {
  const entry = readEntry(form, new Map());
  const say = context.say ?? PLAIN;
  return [
    ...futureProblems(entry, context.nowMs, say),
    ...placeProblems(entry, context),
    ...layerProblems(entry, context),
    ...spanProblems(entry, say),
    ...kindProblems(entry, context, say),
    ...correctionProblems(entry, context),
    ...(form.kind === 'withdrawal' && form.supersedes === undefined
      ? [missing('supersedes', 'Withdrawal of', 'the entry that is withdrawn')]
      : []),
  ];
}
