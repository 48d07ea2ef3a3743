/** What happened on the demo roofs, told in hours before "now". People are made-up first names. */
import { findBuildUp, laidRate, whenMissed, type Missable } from '@lentum/core/buildup';
import { boxOf } from '@lentum/core/geometry';
import {
  ALL_DETAILS,
  sharesByArea,
  testEntry,
  type Body,
  type Entry,
  type Kind,
  type Person,
  type PictureMark,
  type Share,
} from '@lentum/core/record';
import { bayAreaM2, type Bay, type SiteDoc } from '@lentum/core/site';
import { setOut, zoneQuantities, type Zone } from '@lentum/core/survey';
import { buildUps, coatOf } from './roofs.ts';
import type { Read } from './sky.ts';

const HOUR_MS = 3_600_000;

const PEOPLE = ['Ines', 'Marek', 'Tomas'] as const;
export type Who = (typeof PEOPLE)[number];
const personId = (who: Who): string => `velmora-${who.toLowerCase()}`;
export const people: Person[] = PEOPLE.map((name) => ({ id: personId(name), name }));

export interface Laying {
  readonly containerId: string;
  /** kg or L in one container, and more than the rate asks for, as a share. */
  readonly net: number;
  readonly over: number;
  readonly gauge: Body<'coat'>['gauge'];
  readonly lastWetMm: readonly number[];
  /** Bays by their labels where the gauge read otherwise. */
  readonly lastWetOn?: Readonly<Record<string, readonly number[]>>;
  /** It was tapped on the plan where each was read: rows of three from the far end. */
  readonly placed?: boolean;
  readonly batch: string;
  readonly note?: string;
  readonly hours?: number;
  /** Of what it covered, where it kept to edges or rust; absent: all of its bays, m². */
  readonly coveredM2?: number;
  readonly more?: Partial<Body<'coat'>>;
}

/** Pictures of an entry, and what is drawn on them. */
export interface Shown {
  readonly attachments?: readonly string[];
  readonly marks?: readonly PictureMark[];
}
interface Place extends Shown {
  readonly zoneId?: string;
  readonly bays?: readonly Share[];
  readonly supersedes?: string;
  readonly place?: { readonly alongM: number; readonly acrossM: number };
}

export class Story {
  readonly entries: Entry[] = [];
  private readonly site: SiteDoc;
  private readonly anchorMs: number;
  private readonly sky: (zoneId: string, hours: number) => Read;

  private readonly zones: readonly Zone[];

  constructor(
    site: SiteDoc,
    zones: readonly Zone[],
    anchorMs: number,
    sky: (zoneId: string, hours: number) => Read,
  ) {
    this.zones = zones;
    this.site = site;
    this.anchorMs = anchorMs;
    this.sky = sky;
  }

  at(hours: number): string {
    return new Date(this.anchorMs + Math.round(hours * HOUR_MS)).toISOString();
  }

  private placesOn(bay: Bay, count: number): { alongM: number; acrossM: number }[] {
    const zone = this.zones.find((z) => z.id === bay.zoneId);
    const q = zone && zoneQuantities(zone);
    if (!q?.ok) throw new Error(`the demo has no shape for ${bay.label}`);
    const { toPlace } = setOut(q.value.shape.corners);
    const box = boxOf(bay.parts.map((p) => p.outer));
    const rows = Math.ceil(count / 3);
    const cm = (m: number): number => Math.round(m * 100) / 100;
    return Array.from({ length: count }, (_, i) => {
      const [col, row] = [i % 3, Math.floor(i / 3)];
      const x = box.minX + ((col + 0.5 + 0.16 * Math.sin(7 * i + 1)) / 3) * (box.maxX - box.minX);
      const y = box.maxY - ((row + 0.5 + 0.16 * Math.cos(5 * i + 2)) / rows) * (box.maxY - box.minY);
      const { alongM, acrossM } = toPlace([x, y]);
      return { alongM: cm(alongM), acrossM: cm(acrossM) };
    });
  }

  private bay(label: string): Bay {
    const bay = this.site.bays.find((b) => b.label === label);
    if (!bay) throw new Error(`the demo has no bay ${label}`);
    return bay;
  }

  /** Bays by their labels, with their shares by area. */
  private on(labels: readonly string[]): { zoneId: string; bays: Share[] } {
    const bays = labels.map((l) => this.bay(l));
    return { zoneId: bays[0]?.zoneId ?? '', bays: sharesByArea(bays) };
  }

  add<K extends Kind>(hours: number, who: Who, kind: K, place: Place, body: Body<K>): string {
    const id = `velmora-${String(this.entries.length + 1).padStart(4, '0')}`;
    this.entries.push({
      ...{ form: 2, id, kind, version: 1, personId: personId(who), deviceId: 'velmora-phone' },
      ...{ madeAt: this.at(hours), offsetMs: 0, bays: [], attachments: [] },
      ...place,
      body,
    } as unknown as Entry);
    return id;
  }

  /** Air, humidity and surface as the instruments read them then. */
  conditions(zoneId: string, ...hours: readonly number[]): void {
    for (const h of hours)
      this.add(h, 'Ines', 'conditions', { zoneId }, { at: this.at(h), ...this.sky(zoneId, h) });
  }

  /** The same with the wind, as a cup read it. */
  windy(zoneId: string, hours: number, windMPerS: number): void {
    const body = { at: this.at(hours), ...this.sky(zoneId, hours), windMPerS };
    this.add(hours, 'Ines', 'conditions', { zoneId }, body);
  }

  /** A meter reading of the ground at a spot of a zone. */
  moisture(zoneId: string, hours: number, value: number, place: { alongM: number; acrossM: number }): void {
    this.add(
      hours,
      'Ines',
      'test',
      { zoneId, place },
      {
        ...{ at: this.at(hours), test: 'moisture', instrument: 'moisture meter', value },
        ...{ scale: 'scale of the meter', unprimed: false },
      },
    );
  }

  /** The readings of a zone's survey, as entries of the one who took them. */
  tests(zone: Zone): void {
    for (const test of zone.tests) {
      const made = testEntry(zone.id, test);
      const { broughtOverFrom: _survey, ...body } = made.body as Body<'test'>;
      this.entries.push({
        ...made,
        ...{
          id: `velmora-${test.id}`,
          personId: personId('Ines'),
          deviceId: 'velmora-phone',
          offsetMs: 0,
          body,
        },
      } as Entry);
    }
  }

  /** Steps of the list, or that nothing of it is left to do. */
  prepared(labels: readonly string[], hours: number, more: Partial<Body<'preparation'>> = {}): void {
    const body = { at: this.at(hours), steps: [], complete: true, ...more };
    this.add(hours, 'Ines', 'preparation', this.on(labels), body);
  }

  detailed(labels: readonly string[], hours: number, note: string): void {
    const body = { at: this.at(hours), detailId: ALL_DETAILS, name: 'All details', step: 'made' as const };
    this.add(hours, 'Ines', 'detail', this.on(labels), { ...body, note });
  }

  decided(
    labels: readonly string[],
    what: Body<'decision'>['what'],
    hours: number,
    reason = '',
    about?: Body<'decision'>['about'],
  ): void {
    const body = { at: this.at(hours), what, reason, ...(about ? { about } : {}) };
    this.add(hours, 'Marek', 'decision', this.on(labels), body);
  }

  /** Somebody answers by name for a gate that stands against a layer. */
  takenOver(
    labels: readonly string[],
    about: { readonly gate: string; readonly layerId: string },
    hours: number,
    reason: string,
  ): void {
    this.decided(labels, 'gate taken over', hours, reason, about);
  }

  detail(
    zoneId: string,
    detailId: string,
    name: string,
    step: 'made' | 'accepted' | 'refused',
    hours: number,
    note?: string,
    shown: Shown = {},
  ): void {
    const body = { detailId, name, step, at: this.at(hours), ...(note === undefined ? {} : { note }) };
    this.add(hours, step === 'made' ? 'Tomas' : 'Marek', 'detail', { zoneId, ...shown }, body);
  }

  layer(zoneId: string, layerId: string): { buildUpId: string; revision: number; layerId: string } {
    const chosen = buildUps.zones.find((z) => z.zoneId === zoneId);
    if (!chosen || !findBuildUp(buildUps, chosen.buildUpId, chosen.revision))
      throw new Error(`the demo zone ${zoneId} has no build-up`);
    return { buildUpId: chosen.buildUpId, revision: chosen.revision, layerId };
  }

  /** A coat over one bay or several that used so much more (or less) than the rate asks for, out of whole containers. */
  coat(labels: readonly string[], layerId: string, finishedHours: number, laying: Laying): string {
    const bays = labels.map((l) => this.bay(l));
    const place = this.on(labels);
    const laid = laidRate(coatOf(place.zoneId, layerId));
    const area = laying.coveredM2 ?? bays.reduce((sum, b) => sum + bayAreaM2(b), 0);
    const used = area * laid.rate.value * (1 + laying.over);
    const opened = Math.ceil(used / laying.net);
    return this.add(finishedHours, 'Tomas', 'coat', place, {
      ...this.layer(place.zoneId, layerId),
      startedAt: this.at(finishedHours - (laying.hours ?? 0.7)),
      finishedAt: this.at(finishedHours),
      containers: [{ containerId: laying.containerId, opened, batch: laying.batch }],
      leftOver: { basis: laid.basis, value: Number((opened * laying.net - used).toFixed(2)) },
      gauge: laying.gauge,
      readings: bays.map((b) => ({
        bayId: b.id,
        lastWetMm: [...(laying.lastWetOn?.[b.label] ?? laying.lastWetMm)],
        ...(laying.placed ? { places: this.placesOn(b, laying.lastWetMm.length) } : {}),
      })),
      ...(laying.note === undefined ? {} : { note: laying.note }),
      ...laying.more,
    });
  }

  /** Plies that were laid on a bay, and looked at. */
  ply(label: string, layerId: string, finishedHours: number, used: number, batch: string): void {
    const place = this.on([label]);
    this.add(finishedHours, 'Tomas', 'ply', place, {
      ...this.layer(place.zoneId, layerId),
      ...{ startedAt: this.at(finishedHours - 1.5), finishedAt: this.at(finishedHours) },
      ...{ used, batch, looked: true },
    });
  }

  thrown(labels: readonly string[], layerId: string, hours: number, bags: number, batch: string): void {
    const place = this.on(labels);
    const of = this.layer(place.zoneId, layerId);
    const body = { step: 'thrown' as const, ...of, at: this.at(hours), method: 'to refusal' as const };
    this.add(hours, 'Tomas', 'broadcast', place, { ...body, bags, thrownKg: bags * 25, batch });
  }

  swept(labels: readonly string[], layerId: string, hours: number, sweptKg: number, backKg: number): void {
    const place = this.on(labels);
    const of = this.layer(place.zoneId, layerId);
    this.add(hours, 'Ines', 'broadcast', place, {
      ...{ step: 'swept', ...of, at: this.at(hours), sweptKg, backKg },
      note: 'Into dry bags, marked as used once.',
    });
  }

  /** Every step of the remedy for a missed limit of a coat. */
  mended(label: string, layerId: string, coatEntryId: string, limit: Missable, hours: number): void {
    const place = this.on([label]);
    const { steps } = whenMissed(coatOf(place.zoneId, layerId), limit);
    this.add(hours, 'Ines', 'remedy', place, {
      ...{ at: this.at(hours), entryId: coatEntryId, limit },
      steps: steps.map((s, n) => ({ n, says: s.says })),
    });
  }

  came(hours: number, item: string, name: string, count: number, batch: string, paper: string): void {
    const body = { at: this.at(hours), step: 'came' as const, item, name, count, batch, paper };
    this.add(hours, 'Ines', 'stock', {}, body);
  }

  /** The same coat again with something put right; the old entry stays in the record. */
  correct(entryId: string, hours: number, change: Partial<Body<'coat'>>): string {
    const old = this.entries.find((e) => e.id === entryId);
    if (old?.kind !== 'coat') throw new Error(`the demo has no coat ${entryId}`);
    const place = { ...(old.zoneId === undefined ? {} : { zoneId: old.zoneId }), bays: old.bays };
    return this.add(hours, 'Ines', 'coat', { ...place, supersedes: entryId }, { ...old.body, ...change });
  }
}
