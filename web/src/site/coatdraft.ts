/** A coat as it is being entered: fields of the form, and the entry that they make. */
import { reactive } from 'vue';
import { isCoat, laidRate, wetFilm, type BuildUp, type Coat } from '@lentum/core/buildup';
import { GAUGES, type GaugeId } from '@lentum/core/film';
import type { CoatEntry } from '@lentum/core/record';
import { fromField, toField } from '../app/time.ts';

export interface CoatDraft {
  layerId: string;
  started: string;
  finished: string;
  containers: { containerId: string; opened: number | undefined; batch: string }[];
  leftOver: number | undefined;
  gauge: GaugeId;
  lastWetMm: number[];
  note: string;
}

/** The gauge on which the design film lies nearest to the middle; hot layers are probed. */
export function gaugeFor(coat: Coat): GaugeId {
  if (coat.kettle) return 'probe';
  const film = wetFilm(coat).value;
  const cold = GAUGES.filter((g) => g.id !== 'probe');
  const off = (teeth: readonly number[]): number =>
    Math.abs(film - ((teeth[0] ?? 0) + (teeth[teeth.length - 1] ?? 0)) / 2);
  const fitting = cold.filter((g) => film >= g.teethMm[0] && film < (g.teethMm[g.teethMm.length - 1] ?? 0));
  return (
    [...(fitting.length > 0 ? fitting : cold)].sort((a, b) => off(a.teethMm) - off(b.teethMm))[0]?.id ??
    'middle'
  );
}

export function newDraft(coat: Coat, zone: string, nowMs: number): CoatDraft {
  return reactive({
    layerId: coat.id,
    started: toField(nowMs, zone),
    finished: '',
    containers: [{ containerId: coat.containers[0]?.id ?? '', opened: 1, batch: '' }],
    leftOver: 0,
    gauge: gaugeFor(coat),
    lastWetMm: [],
    note: '',
  });
}

export function draftOf(entry: CoatEntry, zone: string): CoatDraft {
  return reactive({
    layerId: entry.layerId,
    started: toField(Date.parse(entry.startedAt), zone),
    finished: entry.finishedAt === undefined ? '' : toField(Date.parse(entry.finishedAt), zone),
    containers: entry.containers.map((c) => ({ ...c })),
    leftOver: entry.leftOver.value,
    gauge: entry.gauge,
    lastWetMm: [...entry.lastWetMm],
    note: entry.note,
  });
}

type Body = Omit<CoatEntry, 'id' | 'madeAt' | 'who'>;

/** An instant of the field, or the entry's own to the second when the field still shows it. */
function instant(field: string, zone: string, before: string | undefined): string | undefined {
  if (before !== undefined && toField(Date.parse(before), zone) === field) return before;
  return fromField(field, zone);
}

/** The body of the entry that the fields make. Nothing is made up: fields that are no time give none. */
export function bodyOf(
  draft: CoatDraft,
  bayId: string,
  buildUp: BuildUp,
  zone: string,
  old?: CoatEntry,
): Partial<Body> & { kind: 'coat' } {
  const coat = buildUp.layers.filter(isCoat).find((c) => c.id === draft.layerId);
  const startedAt = instant(draft.started, zone, old?.startedAt);
  const finishedAt = draft.finished === '' ? undefined : instant(draft.finished, zone, old?.finishedAt);
  return {
    kind: 'coat',
    bayId,
    buildUpId: buildUp.id,
    revision: buildUp.revision,
    layerId: draft.layerId,
    ...(startedAt === undefined ? {} : { startedAt }),
    ...(finishedAt === undefined ? {} : { finishedAt }),
    containers: draft.containers
      .filter((c) => (c.opened ?? 0) > 0)
      .map((c) => ({ containerId: c.containerId, opened: c.opened ?? 0, batch: c.batch })),
    leftOver: { basis: coat ? laidRate(coat).basis : 'mass', value: draft.leftOver ?? 0 },
    gauge: draft.gauge,
    lastWetMm: [...draft.lastWetMm],
    note: draft.note,
  };
}
