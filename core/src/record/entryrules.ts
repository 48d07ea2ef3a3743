/** What an entry must be beyond its form, given the job it belongs to. */
import {
  findBuildUp,
  isCoat,
  isWorkLayer,
  litresOf,
  type BuildUpDoc,
  type Coat,
  type WorkLayer,
} from '../buildup/index.ts';
import { teethOf } from '../film/index.ts';
import type { Problem } from '../problems/index.ts';
import type { SiteDoc } from '../site/index.ts';
import type { Survey } from '../survey/index.ts';
import type { CoatEntry, Entry, LaidEntry } from './schema.ts';

export interface RecordContext {
  readonly survey: Survey;
  readonly buildUps: BuildUpDoc;
  readonly site: SiteDoc;
  /** The entry that would be superseded, when there is one. */
  readonly target?: { readonly entry: Entry; readonly alreadySuperseded: boolean } | undefined;
  /** Instant at which the entry arrives, ms. */
  readonly nowMs: number;
}

/** A device's clock may run ahead by this much before an entry counts as being in the future. */
const CLOCK_SLACK_MS = 10 * 60_000;

export function coatOf(doc: BuildUpDoc, entry: CoatEntry): Coat | undefined {
  const layer = findBuildUp(doc, entry.buildUpId, entry.revision)?.layers.find((l) => l.id === entry.layerId);
  return layer && isCoat(layer) ? layer : undefined;
}

/** The ply, protection or pieces that an entry names; undefined where it names none. */
export function layerLaid(doc: BuildUpDoc, entry: LaidEntry): Exclude<WorkLayer, Coat> | undefined {
  const layer = findBuildUp(doc, entry.buildUpId, entry.revision)?.layers.find((l) => l.id === entry.layerId);
  return layer && isWorkLayer(layer) && !isCoat(layer) ? layer : undefined;
}

/** Litres opened for a coat, by the containers of its layer. Unknown containers count as nothing. */
export const openedLitres = (coat: Coat, entry: CoatEntry): number =>
  entry.containers.reduce((sum, c) => {
    const container = coat.containers.find((k) => k.id === c.containerId);
    return container ? sum + c.opened * litresOf(coat, container.basis, container.net) : sum;
  }, 0);

const unknown = (field: string, label: string, actual: string, expected: string): Problem => ({
  kind: 'unknown',
  field,
  label,
  actual,
  expected,
});

const orderProblem = (field: string, label: string, actual: string, expected: string): Problem => ({
  kind: 'order',
  field,
  label,
  actual,
  expected,
});

function laidProblems(entry: LaidEntry, context: RecordContext): Problem[] {
  const problems: Problem[] = [];
  if (!layerLaid(context.buildUps, entry)) {
    problems.push(
      unknown(
        'layerId',
        'Laid, layer',
        `${entry.buildUpId} revision ${entry.revision}, ${entry.layerId}`,
        'a ply, protection or pieces of a build-up that this job holds',
      ),
    );
  }
  return [...problems, ...spanProblems('Laid', entry)];
}

function spanProblems(
  label: string,
  entry: { startedAt: string; finishedAt?: string | undefined },
): Problem[] {
  if (entry.finishedAt === undefined || Date.parse(entry.finishedAt) > Date.parse(entry.startedAt)) return [];
  return [
    orderProblem(
      'finishedAt',
      `${label}, finish`,
      `${entry.finishedAt} is not after the start ${entry.startedAt}`,
      'a finish later than the start',
    ),
  ];
}

function coatProblems(entry: CoatEntry, context: RecordContext): Problem[] {
  const problems: Problem[] = [];
  const coat = coatOf(context.buildUps, entry);
  if (!coat) {
    problems.push(
      unknown(
        'layerId',
        'Coat, layer',
        `${entry.buildUpId} revision ${entry.revision}, ${entry.layerId}`,
        'a coat of a build-up that this job holds',
      ),
    );
  }
  problems.push(...spanProblems('Coat', entry));
  entry.containers.forEach((c, i) => {
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
    const opened = openedLitres(coat, entry);
    const left = litresOf(coat, entry.leftOver.basis, entry.leftOver.value);
    if (left > opened) {
      const unit = entry.leftOver.basis === 'mass' ? 'kg' : 'L';
      const most = entry.leftOver.basis === 'mass' ? opened * coat.densityKgPerL.value : opened;
      problems.push(
        orderProblem(
          'leftOver',
          'Coat, left over',
          `${entry.leftOver.value} ${unit} of ${Number(most.toFixed(2))} ${unit} opened`,
          'no more than was opened',
        ),
      );
    }
  }
  const teeth = teethOf(entry.gauge);
  entry.lastWetMm.forEach((tooth, i) => {
    if (tooth !== 0 && !teeth.includes(tooth)) {
      problems.push(
        unknown(
          `lastWetMm/${i}`,
          `Reading ${i + 1}`,
          `${tooth} mm`,
          `a tooth of this gauge: ${teeth.join(', ')} mm, or 0 for none wet`,
        ),
      );
    }
  });
  return problems;
}

/** Names and instants of an entry that lie in the future. */
function futureProblems(entry: Entry, nowMs: number): Problem[] {
  const times: [string, string | undefined][] =
    entry.kind === 'coat' || entry.kind === 'laid'
      ? [
          ['startedAt', entry.startedAt],
          ['finishedAt', entry.finishedAt],
        ]
      : entry.kind === 'withdrawal'
        ? []
        : [['at', entry.at]];
  return times.flatMap(([field, instant]) =>
    instant !== undefined && Date.parse(instant) > nowMs + CLOCK_SLACK_MS
      ? [orderProblem(field, 'Time', `${instant} is in the future`, 'a time that has come')]
      : [],
  );
}

/** Every reason why an entry can not be taken into the record. */
export function entryProblems(entry: Entry, context: RecordContext): Problem[] {
  const problems = futureProblems(entry, context.nowMs);
  if ('bayId' in entry && entry.bayId !== undefined && !context.site.bays.some((b) => b.id === entry.bayId)) {
    problems.push(unknown('bayId', 'Entry, bay', entry.bayId, 'a bay of this job'));
  }
  if (
    (entry.kind === 'conditions' || entry.kind === 'detail') &&
    !context.survey.zones.some((z) => z.id === entry.zoneId)
  ) {
    const label = entry.kind === 'detail' ? 'Detail, zone' : 'Conditions, zone';
    problems.push(unknown('zoneId', label, entry.zoneId, 'a zone of this job'));
  }
  if (entry.kind === 'coat') problems.push(...coatProblems(entry, context));
  if (entry.kind === 'laid') problems.push(...laidProblems(entry, context));
  if (entry.supersedes !== undefined) {
    const { target } = context;
    if (!target) {
      problems.push(
        unknown('supersedes', 'Correction of', entry.supersedes, 'an entry of this job’s record'),
      );
    } else if (target.alreadySuperseded) {
      problems.push(
        orderProblem(
          'supersedes',
          'Correction',
          'the entry was corrected or withdrawn already',
          'the entry that is in force now',
        ),
      );
    } else if (entry.kind !== 'withdrawal' && target.entry.kind !== entry.kind) {
      problems.push(
        orderProblem(
          'supersedes',
          'Correction',
          `a ${target.entry.kind} entry would be replaced by a ${entry.kind} entry`,
          'an entry of the same kind',
        ),
      );
    } else if (target.entry.kind === 'withdrawal') {
      problems.push(orderProblem('supersedes', 'Correction', 'a withdrawal is final', 'a new entry instead'));
    }
  }
  return problems;
}
