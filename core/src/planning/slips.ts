/** What a kept plan had for before now and the record does not show, and why, as far as record and weather tell. */
import type { Call } from '../call/index.ts';
import { words, type Part } from '../figures/index.ts';
import { brokenIn, type GateGroup } from '../gates/index.ts';
import type { OrderDoc } from '../order/index.ts';
import { askOf, CONDITIONS, failsIn, windowsOf } from '../programme/index.ts';
import { openMisses } from '../record/index.ts';
import { breathes, type JobState } from '../state/index.ts';
import { hourOf } from '../weather/index.ts';
import { CONDITION_SHORT } from './conditionwords.ts';
import type { KeptWork } from './kept.ts';

/** What a slip comes from; `not told`: nothing on record says it. */
export const SLIP_KINDS = [
  'weather',
  'film',
  'below',
  'details',
  'preparation',
  'ground',
  'material',
  'held',
  'not told',
] as const;
export type SlipKind = (typeof SLIP_KINDS)[number];

export interface SlipCause {
  readonly kind: SlipKind;
  readonly says: readonly Part[];
}

export interface Slip {
  readonly work: KeptWork;
  /** How long ago it was to be done, ms. */
  readonly byMs: number;
  /** The bay as it is judged now: what holds it, or that it could be done. */
  readonly call: Call | undefined;
  /** What speaks for itself first; never empty. */
  readonly causes: readonly SlipCause[];
}

export interface SlipTerms {
  readonly state: JobState;
  readonly order: Pick<OrderDoc, 'deliveries'>;
  readonly nowMs: number;
}

const KIND_OF: Readonly<Partial<Record<GateGroup, SlipKind>>> = {
  below: 'below',
  details: 'details',
  preparation: 'preparation',
  ground: 'ground',
};

/** What the hours for which it was planned were like, by the readings and the weather that is known for them. */
function weatherCause({ state }: SlipTerms, work: KeptWork, call: Call): SlipCause[] {
  const { weather, kept, practice } = state;
  const { buildUp, bay } = call.status;
  const layer = buildUp?.layers.find((l) => l.id === work.layerId);
  if (!weather || !layer || layer.kind === 'fabric' || layer.kind === 'broadcast') return [];
  const hours = Math.max(1, Math.ceil((work.endMs - work.startMs) / 3_600_000));
  const ask = askOf(layer, {
    layingHours: hours,
    method: kept.inputs.weather.crew.method,
    breathes: breathes(kept.zone(bay.zoneId)),
    practice,
  });
  if (!ask) return [];
  const below = call.status.laid.at(-1)?.coat;
  const climate = weather.climate(bay.zoneId, below?.shade, below !== undefined);
  const mask = windowsOf(ask, climate).mask[hourOf(climate.line, work.startMs)] ?? 0;
  const fails = CONDITIONS.filter((c) => c !== 'unknown' && c !== 'unknownAfter' && failsIn(mask, c));
  return fails.length === 0
    ? []
    : [
        {
          kind: 'weather',
          says: words`at ${{ atMs: work.startMs }}: ${fails.map((c) => CONDITION_SHORT[c]).join(', ')}.`,
        },
      ];
}

function causesOf(terms: SlipTerms, work: KeptWork, call: Call | undefined): SlipCause[] {
  if (!call) return [{ kind: 'not told', says: ['the bay is not judged.'] }];
  const { status } = call;
  const { hold } = status;
  const causes: SlipCause[] = [
    ...(hold ? [{ kind: 'held' as const, says: [`held by ${hold.who}.`] }] : []),
    ...weatherCause(terms, work, call),
    ...openMisses(status).map((m): SlipCause => ({
      kind: 'below',
      says: words`${m.coat.name} has to be put right first, since ${{ atMs: m.atMs }}.`,
    })),
    ...brokenIn(call.gates).flatMap((g): SlipCause[] => {
      const kind = g.key.startsWith('below/film') ? 'film' : KIND_OF[g.group];
      return kind ? [{ kind, says: [`${g.name}: `, ...g.says] }] : [];
    }),
    ...terms.order.deliveries.flatMap((d): SlipCause[] =>
      d.zoneIds.includes(work.zoneId) && Date.parse(d.on) > work.startMs
        ? [{ kind: 'material', says: [`${d.name} comes ${d.on}.`] }]
        : [],
    ),
  ];
  return causes.length > 0
    ? causes
    : [{ kind: 'not told', says: ['neither the record nor the weather says why.'] }];
}

/**
 * Layers that were to be laid by an instant and are not. Preparation and details are entered in many ways, and are not looked
 * at.
 * @param works of the kept plan, in order of start
 */
export function slipsOf(works: readonly KeptWork[], terms: SlipTerms): Slip[] {
  const { state, nowMs } = terms;
  const byBay = new Map(state.calls.map((c) => [c.status.bay.id, c]));
  const seen = new Set<string>();
  return works.flatMap((work): Slip[] => {
    if (work.layerId === undefined || work.endMs > nowMs || seen.has(work.bayId)) return [];
    const call = byBay.get(work.bayId);
    const laid =
      call &&
      (call.status.laid.some((l) => l.coat.id === work.layerId && l.entry.finishedAt !== undefined) ||
        call.status.others.some((o) => o.layer.id === work.layerId));
    if (laid) return [];
    // What follows on the same bay waits for it.
    seen.add(work.bayId);
    return [{ work, byMs: nowMs - work.endMs, call, causes: causesOf(terms, work, call) }];
  });
}
