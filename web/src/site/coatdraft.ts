/** A coat of a shift as it is being entered: fields of the form, and the entry that they make. */
import { reactive } from 'vue';
import { isCoat, laidRate, wetFilm, type BuildUp, type Coat } from '@lentum/core/buildup';
import { GAUGES, isProbe } from '@lentum/core/film';
import type { System } from '@lentum/core/units';
import { sharesByArea, type Body, type BookEntryOf, type Share } from '@lentum/core/record';
import type { Bay } from '@lentum/core/site';
import type { Place } from '@lentum/core/survey';
import { MS_PER_MINUTE } from '@lentum/core/units';
import { fromField, toField } from '../app/time.ts';

/** A reading as it was tapped: the last wet tooth, and where, if somebody said. */
export interface Taken {
  readonly mm: number;
  readonly place: Place | null;
}

export interface CoatDraft {
  bayIds: string[];
  layerId: string;
  started: string;
  finished: string;
  /** The very instants at which they were tapped; a field shows the minute. */
  tapped: { readonly started?: string; readonly finished?: string };
  containers: { containerId: string; opened: number | undefined; batch: string }[];
  /** Somebody counted: the number is no proposal any more. */
  counted: boolean;
  /** Nothing while nobody said it. */
  leftOver: number | undefined;
  /** How what was used is split: by area, or by hand in the unit of the rate. */
  split: 'by area' | 'by hand';
  byHand: Record<string, number | undefined>;
  /** A gauge of the list, or the id of an entry that tells of one's own. */
  gauge: string;
  readings: Record<string, Taken[]>;
  method: string;
  tip: string;
  pressureBar: number | undefined;
  dilutionPct: number | undefined;
  shade: string;
  passes: number | undefined;
  note: string;
  /** Why it was laid although something stood against it. */
  against: string;
}

/** Those that are marked in the units of the job stand first. */
export const gaugesIn = (system: System) =>
  GAUGES.toSorted((a, b) => Number(isMarkedIn(b, system)) - Number(isMarkedIn(a, system)));
const isMarkedIn = (gauge: (typeof GAUGES)[number], system: System): boolean =>
  gauge.marked === (system === 'us' ? 'mil' : 'mm');

/** The gauge of the units on which the design film lies nearest to the middle; hot layers are probed. */
export function gaugeFor(coat: Coat, system: System = 'metric'): string {
  const mine = GAUGES.filter((g) => isMarkedIn(g, system));
  if (coat.kettle) return mine.find((g) => isProbe(g.id))?.id ?? 'probe';
  const film = wetFilm(coat).value;
  const cold = mine.filter((g) => !isProbe(g.id));
  const off = (teeth: readonly number[]): number =>
    Math.abs(film - ((teeth[0] ?? 0) + (teeth[teeth.length - 1] ?? 0)) / 2);
  const fitting = cold.filter((g) => film >= g.teethMm[0] && film < (g.teethMm[g.teethMm.length - 1] ?? 0));
  return (
    [...(fitting.length > 0 ? fitting : cold)].sort((a, b) => off(a.teethMm) - off(b.teethMm))[0]?.id ??
    'middle'
  );
}

/** Containers to begin with: one of the usual size, of the batch that was opened last. */
export const freshContainers = (coat: Coat, batch = ''): CoatDraft['containers'] => [
  { containerId: coat.containers[0]?.id ?? '', opened: 1, batch },
];

export function newDraft(
  coat: Coat,
  bayIds: readonly string[],
  zone: string,
  nowMs: number,
  batch = '',
  system: System = 'metric',
): CoatDraft {
  return reactive({
    bayIds: [...bayIds],
    layerId: coat.id,
    started: toField(nowMs, zone),
    finished: '',
    tapped: { started: new Date(nowMs).toISOString() },
    containers: freshContainers(coat, batch),
    counted: false,
    leftOver: undefined,
    split: 'by area',
    byHand: {},
    gauge: gaugeFor(coat, system),
    readings: {},
    method: '',
    tip: '',
    pressureBar: undefined,
    dilutionPct: undefined,
    shade: '',
    passes: undefined,
    note: '',
    against: '',
  });
}

const near = (a: number, b: number): boolean => Math.abs(a - b) < 1e-3 * Math.max(a, b);

export function draftOf(entry: BookEntryOf<'coat'>, bays: readonly Bay[], zone: string): CoatDraft {
  const { body } = entry;
  const area = sharesByArea(entry.bays.flatMap((s) => bays.filter((b) => b.id === s.bayId)));
  const byArea = entry.bays.length === 1 || entry.bays.every((s, i) => near(s.share, area[i]?.share ?? 0));
  return reactive({
    bayIds: entry.bays.map((b) => b.bayId),
    layerId: body.layerId,
    tapped: {},
    started: toField(Date.parse(body.startedAt), zone),
    finished: body.finishedAt === undefined ? '' : toField(Date.parse(body.finishedAt), zone),
    containers: body.containers.map((c) => ({ ...c })),
    counted: true,
    // A coat that is gone on with ends with other containers than it began with.
    leftOver: body.finishedAt === undefined && body.leftOver.value === 0 ? undefined : body.leftOver.value,
    split: byArea ? 'by area' : 'by hand',
    byHand: byArea ? {} : Object.fromEntries(entry.bays.map((b) => [b.bayId, b.share])),
    gauge: body.gauge,
    readings: Object.fromEntries(
      body.readings.map((r) => [
        r.bayId,
        r.lastWetMm.map((mm, i): Taken => ({ mm, place: r.places?.[i] ?? null })),
      ]),
    ),
    method: body.method ?? '',
    tip: body.tip ?? '',
    pressureBar: body.pressureBar,
    dilutionPct: body.dilutionPct,
    shade: body.shade ?? '',
    passes: body.passes,
    note: body.note ?? '',
    against: body.against ?? '',
  });
}

/** An instant of the field, or to the second when the field still shows one that is known: kept before, or tapped. */
const instant = (field: string, zone: string, ...known: readonly (string | undefined)[]) =>
  known.find((k) => k !== undefined && toField(Date.parse(k), zone) === field) ?? fromField(field, zone);

/** Start and finish. A coat of which no more is known than that it began and ended in one minute took a minute. */
function spanOf(draft: CoatDraft, zone: string, old?: Body<'coat'>) {
  const startedAt = instant(draft.started, zone, old?.startedAt, draft.tapped.started);
  const finishedAt =
    draft.finished === '' ? undefined : instant(draft.finished, zone, old?.finishedAt, draft.tapped.finished);
  const isNoTime =
    draft.finished === draft.started && startedAt !== undefined && startedAt >= (finishedAt ?? '');
  const start =
    isNoTime && finishedAt !== undefined
      ? new Date(Date.parse(finishedAt) - MS_PER_MINUTE).toISOString()
      : startedAt;
  return {
    ...(start === undefined ? {} : { startedAt: start }),
    ...(finishedAt === undefined ? {} : { finishedAt }),
  };
}

/** Shares of the bays: by area, or as they were typed. A bay without a share of its own has none yet. */
export function sharesOf(draft: CoatDraft, bays: readonly Bay[]): Share[] {
  const mine = bays.filter((b) => draft.bayIds.includes(b.id));
  return draft.split === 'by area'
    ? sharesByArea(mine)
    : mine.map((b) => ({ bayId: b.id, share: draft.byHand[b.id] ?? 0 }));
}

/** The body of the entry that the fields make. Nothing is made up: fields that are no time give none. */
export function bodyOf(
  draft: CoatDraft,
  buildUp: BuildUp,
  zone: string,
  ownTeethMm: readonly number[] | undefined,
  old?: Body<'coat'>,
): Partial<Body<'coat'>> {
  const coat = buildUp.layers.filter(isCoat).find((c) => c.id === draft.layerId);
  return {
    buildUpId: buildUp.id,
    revision: buildUp.revision,
    layerId: draft.layerId,
    ...spanOf(draft, zone, old),
    containers: draft.containers
      .filter((c) => (c.opened ?? 0) > 0)
      .map((c) => ({ containerId: c.containerId, opened: c.opened ?? 0, batch: c.batch })),
    leftOver: { basis: coat ? laidRate(coat).basis : 'mass', value: draft.leftOver ?? 0 },
    gauge: draft.gauge,
    ...(ownTeethMm ? { teethMm: [...ownTeethMm] } : {}),
    readings: draft.bayIds.map((bayId) => {
      const taken = draft.readings[bayId] ?? [];
      const lastWetMm = taken.map((t) => t.mm);
      return taken.some((t) => t.place !== null)
        ? { bayId, lastWetMm, places: taken.map((t) => (t.place === null ? null : { ...t.place })) }
        : { bayId, lastWetMm };
    }),
    ...(draft.method === '' ? {} : { method: draft.method as NonNullable<Body<'coat'>['method']> }),
    ...(draft.tip.trim() === '' ? {} : { tip: draft.tip }),
    ...(draft.pressureBar === undefined ? {} : { pressureBar: draft.pressureBar }),
    ...(draft.dilutionPct === undefined ? {} : { dilutionPct: draft.dilutionPct }),
    ...(draft.shade.trim() === '' ? {} : { shade: draft.shade }),
    ...(draft.passes === undefined ? {} : { passes: draft.passes }),
    ...(draft.note.trim() === '' ? {} : { note: draft.note }),
    ...(draft.against.trim() === '' ? {} : { against: draft.against }),
  };
}
