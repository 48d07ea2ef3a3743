/** The details of a job: each with its pieces, material, steps and time; pieces alike together, with their labels. */
import {
  buildUpOfZone,
  detailRulesOf,
  isWorkLayer,
  resolve,
  shippedPocket,
  sumOf,
  type BuildUp,
  type BuildUpDoc,
  type DetailRules,
  type Layer,
  type DetailKind,
} from '../buildup/index.ts';
import { fallOf } from '../choosing/index.ts';
import { knownRoofLevelsOf } from '../falls/index.ts';
import type { Figure, Given } from '../figures/index.ts';
import { Kept, Names } from '../keeping/index.ts';
import type { Problem } from '../problems/index.ts';
import { zoneQuantities, type Zone, type Zones } from '../survey/index.ts';
import { pocketOf, type Pocket } from './clusters.ts';
import { findDetails, type Detail } from './find.ts';
import { isCut, madeFor, type Made } from './own.ts';
import { wayOf } from './bonding.ts';
import { materialsOf } from './materials.ts';
import type { MaterialUse } from './uses.ts';
import { piecesOf } from './making.ts';
import { pieceKey, type Piece, type Roll } from './pieces.ts';
import type { Step } from './particular.ts';
import { minutesFor, stepsFor } from './steps.ts';

export interface DetailWork {
  readonly detail: Detail;
  readonly pieces: readonly Piece[];
  readonly materials: readonly MaterialUse[];
  readonly steps: readonly Step[];
  readonly minutes: Figure;
  readonly pocket: Pocket | undefined;
  readonly problems: readonly Problem[];
  /** How its kind is made: the rules as they hold for it, and its own product. */
  readonly made: Made;
}

/** Pieces cut alike, wherever they go. */
export interface PieceGroup {
  readonly key: string;
  /** "H-07": zone and number. */
  readonly label: string;
  readonly piece: Piece;
  readonly count: number;
  readonly details: readonly string[];
}

export interface ZoneDetails {
  readonly zone: Zone;
  readonly buildUp: BuildUp;
  readonly rules: DetailRules;
  readonly roll: Roll;
  readonly work: readonly DetailWork[];
  readonly groups: readonly PieceGroup[];
  readonly minutes: Figure;
}

export interface DetailSchedule {
  readonly zones: readonly ZoneDetails[];
  /** Zones without details, and why. */
  readonly missing: readonly { readonly zone: Zone; readonly problems: readonly Problem[] }[];
  readonly pocket: BuildUp;
}

/** What a build-up's pieces are cut from: its fabric or sheet, or the detail fabric of its rules. */
export function rollOf(layers: readonly Layer[], rules: DetailRules): Roll {
  const layer = layers.find((l) => l.id === rules.cutFrom);
  if (layer && (layer.kind === 'fabric' || layer.kind === 'sheet')) {
    return {
      name: layer.name,
      widthMm: layer.rollWidthM.value * 1000,
      lengthMm: layer.rollLengthM.value * 1000,
    };
  }
  return {
    name: 'detail fabric',
    widthMm: rules.rollWidthMm.value,
    lengthMm: rules.rollLengthM.value * 1000,
  };
}

/** What a ply is cut from: in sheets each further one from the next sheet of the build-up, as in the field. */
function cutFromOf(layers: readonly Layer[], rules: DetailRules, ply: number): Layer | undefined {
  const own = layers.find((l) => l.id === rules.cutFrom);
  if (own?.kind !== 'sheet') return own;
  const sheets = layers.filter((l) => l.kind === 'sheet');
  return sheets[Math.min(sheets.indexOf(own) + ply, sheets.length - 1)] ?? own;
}

/** The job's pocket: the first build-up of that family that it holds, or the one that ships, marked typical. */
const pocketBuildUp = (doc: BuildUpDoc): BuildUp =>
  resolve(doc.buildUps.find((b) => b.family === 'POCKET') ?? shippedPocket());

/** What lies in courses closes a ridge itself: its strip, or its fold, is cut with them and not once more here. */
const closedByCourses = (kind: DetailKind, { layers }: BuildUp): boolean =>
  kind === 'ridge' &&
  layers.some((l) => l.kind === 'sheet' || (l.kind === 'fabric' && l.where !== 'details'));

/** One detail, made: its pieces, material, steps and time. */
function workOf(
  detail: Detail,
  buildUp: BuildUp,
  rules: DetailRules,
  { pocket, fall }: { readonly pocket: BuildUp; readonly fall: () => Given | undefined },
): DetailWork {
  const how = madeFor(detail.kind, buildUp, rules);
  if (detail.kind === 'pipe-cluster') {
    const made = pocketOf(detail, pocket, fall());
    return {
      detail,
      pieces: [],
      materials: made.ok ? made.value.materials : [],
      steps: made.ok ? made.value.steps : [],
      minutes: minutesFor(detail, []),
      pocket: made.ok ? made.value : undefined,
      problems: made.ok ? [] : made.problems,
      made: how,
    };
  }
  const made = piecesOf(detail, how.rules, rollOf(buildUp.layers, how.rules));
  const cut = made.ok && !(closedByCourses(detail.kind, buildUp) && !how.own) ? made.value : [];
  const shaped = cut.map((p): Piece => {
    const from = cutFromOf(buildUp.layers, how.rules, p.ply)?.id;
    return from === undefined ? p : { ...p, from };
  });
  const pieces = isCut(how) ? shaped : [];
  const way = wayOf(buildUp, rules);
  return {
    detail,
    pieces,
    materials: made.ok ? materialsOf(detail, buildUp, how, shaped, way) : [],
    steps: stepsFor(detail, how, pieces, way),
    minutes: minutesFor(detail, pieces),
    pocket: undefined,
    problems: made.ok ? [] : made.problems,
    made: how,
  };
}

function grouped(code: string, work: readonly DetailWork[]): PieceGroup[] {
  const groups = new Map<string, { piece: Piece; count: number; details: string[] }>();
  for (const { detail, pieces } of work) {
    for (const piece of pieces) {
      const key = pieceKey(piece);
      const there = groups.get(key) ?? { piece, count: 0, details: [] };
      there.count += piece.count * detail.count;
      there.details.push(detail.id);
      groups.set(key, there);
    }
  }
  return [...groups].map(([key, g], i) => ({
    key,
    label: `${code}-${String(i + 1).padStart(2, '0')}`,
    ...g,
  }));
}

function detailsOfZone(zone: Zone, buildUp: BuildUp, pocket: BuildUp): ZoneDetails | readonly Problem[] {
  const q = zoneQuantities(zone);
  if (!q.ok) return q.problems;
  const rules = detailRulesOf(buildUp);
  const roll = rollOf(buildUp.layers, rules);
  const at = { pocket, fall: () => fallOf(zone, knownRoofLevelsOf(zone)) };
  const work = findDetails(zone, q.value, buildUp).map((d) => workOf(d, buildUp, rules, at));
  return {
    zone,
    buildUp,
    rules,
    roll,
    work,
    groups: grouped(zone.code, work),
    minutes: sumOf(
      `${zone.name}, details`,
      'minutes',
      work.map((w) => w.minutes),
      'sum of its details',
    ),
  };
}

/** Zones made last, by all that they are made from: a change in one zone leaves the others as they are. */
const ZONES_KEPT = 400;
const zonesMade = new Kept<ReturnType<typeof detailsOfZone>>(ZONES_KEPT);
const buildUpNames = new Names();

/** Every detail of every zone that has a build-up. */
export function detailSchedule(survey: Zones, doc: BuildUpDoc): DetailSchedule {
  const pocketText = JSON.stringify(pocketBuildUp(doc));
  const pocketName = buildUpNames.of(pocketText);
  const pocket = JSON.parse(pocketText) as BuildUp;
  const zones: ZoneDetails[] = [];
  const missing: DetailSchedule['missing'][number][] = [];
  for (const zone of survey.zones) {
    const buildUp = buildUpOfZone(doc, zone.id);
    if (!buildUp || buildUp.family === 'POCKET') {
      missing.push({
        zone,
        problems: [
          {
            kind: 'missing',
            field: 'build-up',
            label: `${zone.name}, build-up`,
            actual: buildUp?.name ?? '',
            expected: 'a build-up for the field, which decides how details are made',
          },
        ],
      });
      continue;
    }
    const [zoneText, buildUpText] = [JSON.stringify(zone), JSON.stringify(buildUp)];
    const made = zonesMade.get(`${pocketName}${buildUpNames.of(buildUpText)}${zoneText}`, () =>
      detailsOfZone(JSON.parse(zoneText) as Zone, JSON.parse(buildUpText) as BuildUp, pocket),
    );
    if ('work' in made) zones.push(made);
    else missing.push({ zone, problems: made });
  }
  return { zones, missing, pocket };
}

/** How many of a kind there are, or how long, over some zones. */
export function countsByKind(
  zones: readonly ZoneDetails[],
): { kind: DetailKind; count: number; lengthM: number }[] {
  const counts = new Map<DetailKind, { count: number; lengthM: number }>();
  for (const { detail } of zones.flatMap((z) => z.work)) {
    const there = counts.get(detail.kind) ?? { count: 0, lengthM: 0 };
    counts.set(detail.kind, {
      count: there.count + detail.count,
      lengthM: there.lengthM + (detail.length?.value ?? 0),
    });
  }
  return [...counts].map(([kind, c]) => ({ kind, ...c }));
}

/** The layer before which details are made: the first coat or ply over the primers, where the build-up says nothing else. */
export function detailsBefore(buildUp: BuildUp): Layer | undefined {
  const work = buildUp.layers.filter(isWorkLayer);
  const after = work.findIndex((l) => l.id === buildUp.detailsAfter);
  if (after >= 0) return work[after + 1];
  // A cover board below is part of the ground.
  return work.find(
    (l) =>
      l.kind !== 'protection' && !(l.kind === 'coat' && (l.role === 'primer' || l.role === 'preparation')),
  );
}
