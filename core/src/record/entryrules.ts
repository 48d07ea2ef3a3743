/**
 * What an entry must be beyond its form, given the job it belongs to. Refused is only what cannot have happened; what was
 * done against a rule is taken and said (`entryflags.ts`).
 */
import { litresOf } from '../buildup/index.ts';
import type { Problem } from '../problems/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { EntryForm, Kind } from './entry.ts';
import { coatOf, layerLaid, layerNamed, openedLitres, teethUsed, type LayerNamed } from './laidlayers.ts';
import { markProblems } from './picturemarks.ts';
import { readingPlaceProblems } from './readingplaces.ts';
import { readEntry, type BookEntry, type BookEntryOf } from './reading.ts';
import { kindName, missing, order, PLAIN, unknown, type RecordContext, type Say } from './rulebase.ts';
import { futureProblems, placeProblems, spanProblems } from './whenandwhere.ts';

/** The layer has to be of the kind that the entry lays. */
function layerProblems(entry: BookEntry, { buildUps }: RecordContext): Problem[] {
  const wrong = (of: LayerNamed, expected: string): Problem[] => [
    unknown(
      'layerId',
      `${kindName(entry.kind)}, layer`,
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

/** What follows an earlier entry: which, and what of it is asked for. */
function followed(entry: BookEntry): { field: string; id: string; at: string } | undefined {
  if (entry.kind === 'permit' && entry.body.step === 'closed')
    return { field: 'permitId', id: entry.body.permitId, at: entry.body.at };
  if (entry.kind === 'watch' && entry.body.step === 'closed')
    return { field: 'watchId', id: entry.body.watchId, at: entry.body.at };
  if (entry.kind === 'flood' && entry.body.step !== 'filled')
    return { field: 'floodId', id: entry.body.floodId, at: entry.body.at };
  if (entry.kind === 'snag' && entry.body.step !== 'found')
    return { field: 'snagId', id: entry.body.snagId, at: entry.body.at };
  return undefined;
}
/** What an entry begins that others follow, and when. */
function begun(entry: BookEntry | undefined): string | undefined {
  const begins =
    ((entry?.kind === 'permit' || entry?.kind === 'watch') && entry.body.step === 'opened') ||
    (entry?.kind === 'flood' && entry.body.step === 'filled') ||
    (entry?.kind === 'snag' && entry.body.step === 'found');
  return begins ? entry.body.at : undefined;
}
const FIRST_STEPS: Readonly<Partial<Record<Kind, string>>> = {
  ...{ permit: 'opened', watch: 'opened', flood: 'filled', snag: 'found' },
};

/** A closing needs its opening, and comes after it. */
function closingProblems(entry: BookEntry, context: RecordContext, say: Say): Problem[] {
  const pair = followed(entry);
  if (!pair) return [];
  const first = context.refers?.(pair.id);
  const label = kindName(entry.kind);
  const beginning = FIRST_STEPS[entry.kind] ?? '';
  const sinceAt = first?.kind === entry.kind ? begun(first) : undefined;
  if (sinceAt === undefined)
    return [unknown(pair.field, label, pair.id, `one that was ${beginning} in this record`)];
  return Date.parse(pair.at) > Date.parse(sinceAt)
    ? []
    : [
        order(
          'at',
          `${label}, ${'step' in entry.body ? entry.body.step : 'time'}`,
          `${say.time(pair.at)} is not after it was ${beginning} ${say.time(sinceAt)}`,
          'a later time',
        ),
      ];
}

function kindProblems(entry: BookEntry, context: RecordContext, say: Say): Problem[] {
  switch (entry.kind) {
    case 'coat':
      return [...coatProblems(entry, context, say), ...readingPlaceProblems(entry, context, say)];
    case 'dry film':
      return dryFilmProblems(entry);
    case 'permit':
    case 'watch':
    case 'flood':
    case 'snag':
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
  const before = followed(entry);
  if (before) return [before.id];
  return entry.kind === 'remedy' ? [entry.body.entryId] : [];
}

/** Every reason why an entry cannot be taken into the record. */
export function entryProblems(form: EntryForm, context: RecordContext): Problem[] {
  const entry = readEntry(form, new Map());
  const say = context.say ?? PLAIN;
  return [
    ...futureProblems(entry, context.nowMs, say),
    ...placeProblems(entry, context),
    ...markProblems(entry),
    ...layerProblems(entry, context),
    ...spanProblems(entry, say),
    ...kindProblems(entry, context, say),
    ...correctionProblems(entry, context),
    ...(form.kind === 'withdrawal' && form.supersedes === undefined
      ? [missing('supersedes', 'Withdrawal of', 'the entry that is withdrawn')]
      : []),
  ];
}
