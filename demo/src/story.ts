/** What happened on the demo roofs, told in hours before "now". People are made-up first names. */
import { findBuildUp, laidRate } from '@lentum/core/buildup';
import type { CoatEntry, Entry } from '@lentum/core/record';
import { bayAreaM2, type Bay, type SiteDoc } from '@lentum/core/site';
import { buildUps, coatOf } from './roofs.ts';
import type { Read } from './sky.ts';

const HOUR_MS = 3_600_000;

type CoatBody = Omit<CoatEntry, 'id' | 'madeAt' | 'who' | 'kind'>;

interface Laying {
  readonly containerId: string;
  /** kg or L in one container, and more than the rate asks for, as a share. */
  readonly net: number;
  readonly over: number;
  readonly gauge: CoatEntry['gauge'];
  readonly lastWetMm: readonly number[];
  readonly batch: string;
  readonly note?: string;
}

export class Story {
  readonly entries: Entry[] = [];
  private readonly site: SiteDoc;
  private readonly anchorMs: number;
  private readonly sky: (zoneId: string, hours: number) => Read;

  constructor(site: SiteDoc, anchorMs: number, sky: (zoneId: string, hours: number) => Read) {
    this.site = site;
    this.anchorMs = anchorMs;
    this.sky = sky;
  }

  private at(hours: number): string {
    return new Date(this.anchorMs + Math.round(hours * HOUR_MS)).toISOString();
  }

  private bay(label: string): Bay {
    const bay = this.site.bays.find((b) => b.label === label);
    if (!bay) throw new Error(`the demo has no bay ${label}`);
    return bay;
  }

  private add(hours: number, who: string, body: Record<string, unknown>): string {
    const id = `velmora-${String(this.entries.length + 1).padStart(4, '0')}`;
    this.entries.push({ id, madeAt: this.at(hours), who, ...body } as Entry);
    return id;
  }

  /** Air, humidity and surface as the instruments read them then. */
  conditions(zoneId: string, ...hours: readonly number[]): void {
    for (const h of hours)
      this.add(h, 'Ines', { kind: 'conditions', zoneId, at: this.at(h), ...this.sky(zoneId, h) });
  }

  step(
    label: string,
    step: 'prepared' | 'detailed' | 'held' | 'released' | 'accepted',
    hours: number,
    note = '',
  ): void {
    this.add(hours, step === 'accepted' || step === 'held' ? 'Marek' : 'Ines', {
      kind: 'step',
      bayId: this.bay(label).id,
      step,
      at: this.at(hours),
      note,
    });
  }

  detail(
    zoneId: string,
    detailId: string,
    name: string,
    step: 'made' | 'accepted' | 'refused',
    hours: number,
    note = '',
  ): void {
    this.add(hours, step === 'made' ? 'Tomas' : 'Marek', {
      kind: 'detail',
      zoneId,
      detailId,
      name,
      step,
      at: this.at(hours),
      note,
    });
  }

  /** A coat that used so much more (or less) than the rate asks for, out of whole containers. */
  coat(label: string, layerId: string, finishedHours: number, laying: Laying): string {
    const bay = this.bay(label);
    const coat = coatOf(bay.zoneId, layerId);
    const chosen = buildUps.zones.find((z) => z.zoneId === bay.zoneId);
    const buildUp = chosen && findBuildUp(buildUps, chosen.buildUpId, chosen.revision);
    if (!buildUp) throw new Error(`the demo zone ${bay.zoneId} has no build-up`);
    const laid = laidRate(coat);
    const used = bayAreaM2(bay) * laid.rate.value * (1 + laying.over);
    const opened = Math.ceil(used / laying.net);
    const body: CoatBody = {
      bayId: bay.id,
      buildUpId: buildUp.id,
      revision: buildUp.revision,
      layerId,
      startedAt: this.at(finishedHours - 0.7),
      finishedAt: this.at(finishedHours),
      containers: [{ containerId: laying.containerId, opened, batch: laying.batch }],
      leftOver: { basis: laid.basis, value: Number((opened * laying.net - used).toFixed(2)) },
      gauge: laying.gauge,
      lastWetMm: [...laying.lastWetMm],
      note: laying.note ?? '',
    };
    return this.add(finishedHours, 'Tomas', { kind: 'coat', ...body });
  }

  /** A ply that was laid on a bay, and looked at. */
  ply(label: string, layerId: string, finishedHours: number, used: number, batch: string): void {
    const bay = this.bay(label);
    const chosen = buildUps.zones.find((z) => z.zoneId === bay.zoneId);
    if (!chosen) throw new Error(`the demo zone ${bay.zoneId} has no build-up`);
    this.add(finishedHours, 'Tomas', {
      kind: 'laid',
      bayId: bay.id,
      buildUpId: chosen.buildUpId,
      revision: chosen.revision,
      layerId,
      startedAt: this.at(finishedHours - 1.5),
      finishedAt: this.at(finishedHours),
      used,
      batch,
      looked: true,
      note: '',
    });
  }

  /** The same coat again with something put right; the old entry stays in the record. */
  correct(entryId: string, hours: number, change: Partial<CoatBody>): void {
    const old = this.entries.find((e) => e.id === entryId);
    if (old?.kind !== 'coat') throw new Error(`the demo has no coat ${entryId}`);
    const { id: supersedes, madeAt: _madeAt, who: _who, ...rest } = old;
    this.add(hours, 'Ines', { ...rest, ...change, supersedes });
  }
}
