/**
 * The work that is left on every bay, from the state of the job: preparation, what is accepted before it is covered, layers
 * and details, in the order of the build-up. What is done is done, and what is wet cures on.
 */
import {
  isCoat,
  isDetailCoat,
  isFieldCoat,
  isWorkLayer,
  type BuildUp,
  type Coat,
  type WorkLayer,
} from '../buildup/index.ts';
import type { Call, Shade } from '../call/index.ts';
import type { ZoneDetails } from '../details/index.ts';
import type { Part } from '../figures/index.ts';
import { brokenIn, comesAfterDetails, liesOpenSince } from '../gates/index.ts';
import { layingFigure, methodOf, type Method } from '../programme/index.ts';
import { openMisses } from '../record/index.ts';
import { bayAreaM2, isHot, workArea, type Bay } from '../site/index.ts';
import { breathes } from '../state/index.ts';
import { MINUTES_PER_HOUR } from '../units/index.ts';
import { detailsLeft, preparationLeft } from './left.ts';
import type { Exposed } from './outlook.ts';
import type { Crew, ProgrammeDoc, Skill } from './schema.ts';
import { sweepingOf, tendingOf, throwMinPerM2, type Tending } from './tending.ts';
import type { BayWorks, LeftOut, Work, WorkTerms } from './work.ts';
import { LOUD, stepMinutes, WAITS } from './worktimes.ts';

const USUAL_PEOPLE = 2;
const skillsOf = (layer: WorkLayer, method: Method): Skill[] => [
  ...(isCoat(layer) && layer.kettle ? (['kettle'] as const) : []),
  ...(!isCoat(layer) && isHot(layer) ? (['torch'] as const) : []),
  ...(isCoat(layer) && layer.catalyst ? (['catalysed'] as const) : []),
  ...(methodOf(layer, method) === 'sprayed' ? (['spray'] as const) : []),
];

/** Whoever sprays: a job that is sprayed by crews none of which can is done by hand. */
export const methodFor = (
  asked: Method,
  crews: readonly Pick<Crew, 'skills'>[],
  doc: ProgrammeDoc,
): Method =>
  asked === 'sprayed' && doc.machines.sprayers > 0 && crews.some((c) => c.skills.includes('spray'))
    ? 'sprayed'
    : 'by hand';

const shadeOf = (layer: WorkLayer | undefined): Shade =>
  layer && 'shade' in layer ? layer.shade : undefined;

interface Builder extends WorkTerms {
  readonly crews: readonly Crew[];
  readonly method: Method;
  /** Bays of a zone. */
  readonly baysOf: (zoneId: string) => readonly Bay[];
}

/** Gates that no work opens: the ground is refused or waits for something. */
const shutBy = (call: Call): readonly Part[] | undefined => {
  const ground = brokenIn(call.gates).find((g) => g.group === 'ground');
  if (ground) return [`${ground.name}: `, ...ground.says];
  const { hold } = call.status;
  return hold ? [`held by ${hold.who}.`] : undefined;
};

/** All that is left on a bay; a list of nothing where all is laid. */
export function worksOn(b: Builder, call: Call, schedule: ZoneDetails | undefined): BayWorks | LeftOut {
  const { status } = call;
  const { bay, buildUp } = status;
  if (!buildUp) return { bay, why: ['no build-up is chosen for it.'] };
  const expected = b.doc.expects.find((e) => e.zoneId === bay.zoneId);
  const shut = shutBy(call);
  if (shut && status.next && (!expected || status.hold)) return { bay, why: shut };
  const fitMs = shut && expected ? Date.parse(expected.fitAt) : 0;
  const { kept, practice } = b.state;
  const zone = kept.zone(bay.zoneId);
  const layers = buildUp.layers.filter(isWorkLayer);
  const first = status.next ? layers.findIndex((l) => l.id === status.next?.id) : layers.length;
  const works: Work[] = [];
  const zoneM2 = b.baysOf(bay.zoneId).reduce((n, x) => n + bayAreaM2(x), 0);
  const share = zoneM2 > 0 ? bayAreaM2(bay) / zoneM2 : 1;
  const head = { bay, buildUp, skills: [], parted: false, exposed: undefined, machine: undefined } as const;
  const none = { earliestMs: undefined, latestMs: undefined, remedyMin: 0, headMin: 0, tailMin: 0 } as const;
  const prepared = preparationLeft(b, call, buildUp);
  /** What the next work follows. */
  let after: Work['after'] = [];
  const add = (work: Work): number => works.push(work) - 1;
  const hands = (minutes: number) => (people: number) => minutes / Math.max(1, people);
  if (prepared.steps.length > 0) {
    const { stepMin } = b.doc.times;
    const minutes = prepared.steps.reduce((n, s) => n + stepMinutes(s, share, stepMin), 0);
    if (minutes > 0) {
      const at = add({
        ...head,
        ...none,
        id: `${bay.id}/prepare`,
        kind: 'prepare',
        name: 'Preparation',
        layer: undefined,
        minutes: hands(minutes),
        parted: true,
        after: [],
        steps: prepared.steps.filter((s) => !WAITS.includes(s.key)).map((s) => s.what),
        loud: prepared.steps.some((s) => LOUD.includes(s.key)),
      });
      after = [{ at, lagMin: prepared.dryH * MINUTES_PER_HOUR, cures: false }];
    }
  }
  const dries = call.gates.flatMap((g) => (g.group === 'preparation' ? (g.opensAtMs ?? []) : []));
  const opensMs = Math.max(status.opensMs ?? 0, fitMs, ...dries);
  const details = detailsLeft(b, schedule, bay, b.baysOf(bay.zoneId));
  const detailMin = details.reduce((n, d) => n + d.work.minutes.value * d.share, 0) * USUAL_PEOPLE;
  let detailsDone = detailMin <= 0;
  const porous = breathes(zone);
  const points = kept.inputs.rules?.holdPoints ?? [];
  const laidBefore = first > 0 ? layers[first - 1] : undefined;
  let below: WorkLayer | undefined = laidBefore;
  const openSinceMs = liesOpenSince({ status, book: kept.inputs.book, nowMs: b.nowMs });
  /** Place of the last layer among the works. */
  let laidAt: number | undefined;
  const exposed = (layer: WorkLayer): Exposed => ({
    ...{ zoneId: bay.zoneId, layer, method: b.method, breathes: porous },
    below: { shade: shadeOf(below), coated: below !== undefined },
  });
  /** What has closed, or was spoiled, is put right before it is gone on with. */
  const isMissed = openMisses(status).length > 0 || (status.closesMs ?? Infinity) <= b.nowMs;
  const layMin = (layer: WorkLayer | undefined): number =>
    layer && isCoat(layer) ? figureOf(layer, USUAL_PEOPLE) * MINUTES_PER_HOUR : 0;
  const figureOf = (layer: WorkLayer, people: number): number =>
    layingFigure(
      layer,
      workArea(bay, layer, { zone, buildUp }),
      people,
      kept.inputs.weather.crew.toolShare,
      practice,
    ).value;
  const firstStart = {
    earliestMs: opensMs > 0 ? opensMs : undefined,
    latestMs: isMissed ? undefined : status.closesMs,
  };
  const isUntended = call.gates.some(
    (g) => g.answer !== 'holds' && (g.key.startsWith('below/swept') || g.key.startsWith('below/fibres')),
  );
  /** What is done to the layer below before the next: whoever lays the next does it, right before. */
  const tendingBefore = (i: number): Tending | undefined =>
    below && (i > 0 || isUntended) ? tendingOf(buildUp, below) : undefined;
  layers.slice(first).forEach((layer, i) => {
    const start = i === 0 ? firstStart : {};
    const mendMin = i === 0 && isMissed ? layMin(below) : 0;
    if (!detailsDone && comesAfterDetails(buildUp, layer)) {
      detailsDone = true;
      const coat: Coat | undefined =
        buildUp.layers.find(isDetailCoat) ?? layers.slice(first).find((l): l is Coat => isFieldCoat(l));
      const own: Work['after'] = after;
      const at = add({
        ...head,
        ...none,
        ...start,
        id: `${bay.id}/details`,
        kind: 'details',
        name: 'Details',
        layer: coat,
        minutes: (people) => hands(detailMin)(people) + mendMin,
        remedyMin: layMin(below),
        skills: coat ? skillsOf(coat, 'by hand') : [],
        parted: true,
        after: own,
        exposed: coat && { ...exposed(coat), method: 'by hand' },
        steps: details.map((d) => d.work.detail.where),
      });
      // The field follows what it is laid on and the details, each in its time.
      after = [...own, { at, lagMin: 0, cures: coat !== undefined }];
      if (points.includes('details') && b.doc.inspector) {
        const seen = add({
          ...acceptance(bay, buildUp, `${bay.id}/details/accept`, 'Details accepted'),
          after: [{ at, lagMin: 0, cures: false }],
        });
        after = [...after, { at: seen, lagMin: 0, cures: false }];
      }
    }
    const isMended = mendMin > 0 && works.some((w) => w.kind === 'details');
    const tending = tendingBefore(i);
    const handMin = (throwMinPerM2(buildUp, layer) + (tending?.minPerM2 ?? 0)) * bayAreaM2(bay);
    const minutes = (people: number): number =>
      figureOf(layer, people) * MINUTES_PER_HOUR + hands(handMin)(people) + (isMended ? 0 : mendMin);
    const kettle = isCoat(layer) ? layer.kettle : undefined;
    const hot = isHot(layer);
    const melts =
      kettle?.meltKgPerH && kettle.loadKg
        ? (kettle.loadKg.value / kettle.meltKgPerH.value) * MINUTES_PER_HOUR
        : 0;
    const own = after;
    const isOnFilm = laidAt !== undefined || openSinceMs !== undefined;
    const at = add({
      ...head,
      ...none,
      ...start,
      id: `${bay.id}/${layer.id}`,
      kind: 'layer',
      name: layer.name,
      layer,
      minutes,
      skills: skillsOf(layer, b.method),
      after: own,
      exposed: exposed(layer),
      remedyMin: layMin(below),
      machine: kettle ? 'kettles' : methodOf(layer, b.method) === 'sprayed' ? 'sprayers' : undefined,
      headMin: Math.round(melts),
      tailMin: hot ? practice.fireWatchMin.value : 0,
      heldMin: kettle && kettle.hoursAtHeat.value * MINUTES_PER_HOUR - melts,
      rinse: isOnFilm ? { at: laidAt, sinceMs: openSinceMs ?? 0, areaM2: bayAreaM2(bay) } : undefined,
      steps: tending?.steps ?? [],
    });
    below = layer;
    laidAt = at;
    after = [{ at, lagMin: 0, cures: isCoat(layer) }];
    const role = isCoat(layer) && layer.role === 'primer' ? 'primer' : 'coats';
    if (b.doc.inspector && isCoat(layer) && points.includes(role) && i + first < layers.length - 1) {
      const seen = add({
        ...acceptance(bay, buildUp, `${bay.id}/${layer.id}/accept`, `${layer.name} accepted`),
        after: [{ at, lagMin: 0, cures: true }],
      });
      after = [...after, { at: seen, lagMin: 0, cures: false }];
    }
  });
  const loose = below && works.at(-1)?.layer === below ? sweepingOf(buildUp, below) : undefined;
  if (loose && below)
    add({
      ...head,
      ...none,
      ...{ id: `${bay.id}/${below.id}/tend`, kind: 'tend', name: loose.name, layer: undefined, after },
      ...{ minutes: hands(loose.minPerM2 * bayAreaM2(bay)), steps: [] },
    });
  return {
    bay,
    works: b.doc.opened.includes(bay.zoneId) ? asOpened(works) : works,
    wetUntilMs: status.state === 'wet' || status.state === 'curing' ? status.opensMs : undefined,
  };
}

/** What somebody comes to look at, a quarter of an hour for each. */
const acceptance = (bay: Bay, buildUp: BuildUp, id: string, name: string): Omit<Work, 'after'> => ({
  ...{ id, kind: 'accept', name, bay, buildUp, layer: undefined, skills: [], parted: false },
  ...{ exposed: undefined, earliestMs: undefined, latestMs: undefined, remedyMin: 0, machine: undefined },
  ...{ headMin: 0, tailMin: 0, steps: [] },
  minutes: () => 15,
});

/** A primer closes nothing. */
const closes = ({ kind, layer }: Work): boolean =>
  kind === 'layer' && layer !== undefined && !(isCoat(layer) && layer.role === 'primer');

/** The same works where preparing opens the old roof: nothing of it waits for another day until it is closed. */
function asOpened(works: readonly Work[]): Work[] {
  const closer = works.findIndex(closes);
  if (works[0]?.kind !== 'prepare' || closer < 0) return [...works];
  return works.map((w, i) =>
    i > closer ? w : { ...w, parted: false, opening: i === 0 ? 'opens' : i === closer ? 'closes' : 'open' },
  );
}
