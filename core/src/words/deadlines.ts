/** What closes and what opens, and when: for alerts and calendars. */
import type { Call } from '../call/index.ts';
import { verdictText, type Verdict } from '../figures/index.ts';
import { MS_PER_MINUTE, type Written } from '../units/index.ts';

export const DUE_WORDS = {
  until: 'overcoat window closes',
  closes: 'window closes',
  opens: 'window opens',
} as const;

export interface Due {
  readonly key: string;
  readonly kind: 'until' | 'closes' | 'opens';
  readonly bayId: string;
  readonly bay: string;
  /** The layer that it is about; absent where none is to be laid. */
  readonly layerId: string | undefined;
  readonly atMs: number;
  readonly title: string;
}

export interface Deadline extends Due {
  /** The verdict of the bay. */
  readonly text: string;
}

const inOrder = <T extends Due>(dues: readonly T[]): T[] =>
  [...dues].sort((a, b) => a.atMs - b.atMs || a.title.localeCompare(b.title));

function duesOfBay(call: Call, nowMs: number): Due[] {
  const { id: bayId, label: bay } = call.status.bay;
  const layer = call.layer?.name.toLowerCase() ?? 'bay';
  const one = (kind: Due['kind'], atMs: number | undefined): Due[] =>
    atMs === undefined || atMs <= nowMs
      ? []
      : [
          {
            key: `${bayId}-${kind}`,
            kind,
            bayId,
            bay,
            layerId: call.layer?.id,
            atMs,
            title: `${bay}: ${DUE_WORDS[kind]} (${layer})`,
          },
        ];
  return [
    ...one('until', call.deadlineMs),
    ...(call.kind === 'open' || call.kind === 'closing' || call.kind === 'check'
      ? one('closes', call.toMs)
      : []),
    ...(call.kind === 'opens' || call.kind === 'curing' ? one('opens', call.fromMs) : []),
  ];
}

/** The closings and openings that are ahead, the soonest first; one for each bay and kind. */
export const duesOf = (calls: readonly Call[], nowMs: number): Due[] =>
  inOrder(calls.flatMap((call) => duesOfBay(call, nowMs)));

/** The same, each with the verdict of its bay in words. */
export function deadlinesOf(
  rows: readonly { readonly call: Call; readonly verdict: Verdict }[],
  nowMs: number,
  say: { readonly written: Written; readonly time: (ms: number) => string },
): Deadline[] {
  return inOrder(
    rows.flatMap(({ call, verdict }) => {
      const dues = duesOfBay(call, nowMs);
      if (dues.length === 0) return [];
      const text = verdictText([...verdict.says, ...(verdict.quiet ?? [])], say.written, say.time);
      return dues.map((due) => ({ ...due, text }));
    }),
  );
}

/** Bays for which the same comes in the same minute are said together. */
export function together(dues: readonly Due[]): Pick<Due, 'key' | 'atMs' | 'bayId' | 'title'>[] {
  const groups = new Map<string, Due[]>();
  for (const d of dues) {
    const key = `${Math.round(d.atMs / MS_PER_MINUTE)}/${d.kind}`;
    groups.set(key, [...(groups.get(key) ?? []), d]);
  }
  return [...groups.values()].flatMap((group) => {
    const [first, ...more] = group.sort((a, b) => a.bay.localeCompare(b.bay, 'en', { numeric: true }));
    if (!first) return [];
    const all = [first, ...more];
    return [
      {
        key: all.map((d) => d.key).join('+'),
        atMs: first.atMs,
        bayId: first.bayId,
        title: `${DUE_WORDS[first.kind]}: ${all.map((d) => d.bay).join(', ')}`,
      },
    ];
  });
}
