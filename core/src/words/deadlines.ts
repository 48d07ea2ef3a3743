/** What closes and what opens, and when: for alerts and calendars. */
import type { Call } from '../call/index.ts';
import { verdictText, type Verdict } from '../figures/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';

const WHAT = { until: 'overcoat time ends', closes: 'window closes', opens: 'window opens' } as const;

export interface Deadline {
  readonly key: string;
  readonly kind: 'until' | 'closes' | 'opens';
  readonly bayId: string;
  readonly bay: string;
  readonly atMs: number;
  readonly title: string;
  readonly text: string;
}

/** The closings and openings that are ahead, the soonest first; one for each bay and kind. */
export function deadlinesOf(
  rows: readonly { readonly call: Call; readonly verdict: Verdict }[],
  nowMs: number,
  say: { readonly system: 'metric' | 'us'; readonly time: (ms: number) => string },
): Deadline[] {
  const found = rows.flatMap(({ call, verdict }): Deadline[] => {
    const bay = call.status.bay.label;
    const layer = call.layer?.name.toLowerCase() ?? 'bay';
    const text = verdictText([...verdict.says, ...(verdict.quiet ?? [])], say.system, say.time);
    const bayId = call.status.bay.id;
    const one = (kind: Deadline['kind'], atMs: number | undefined): Deadline[] =>
      atMs === undefined || atMs <= nowMs
        ? []
        : [
            {
              key: `${bayId}-${kind}`,
              kind,
              bayId,
              bay,
              atMs,
              title: `${bay}: ${WHAT[kind]} (${layer})`,
              text,
            },
          ];
    return [
      ...one('until', call.deadlineMs),
      ...(call.kind === 'open' || call.kind === 'closing' ? one('closes', call.toMs) : []),
      ...(call.kind === 'opens' || call.kind === 'curing' ? one('opens', call.fromMs) : []),
    ];
  });
  return found.sort((a, b) => a.atMs - b.atMs || a.title.localeCompare(b.title));
}

/** Bays for which the same comes in the same minute are said together. */
export function together(
  deadlines: readonly Deadline[],
): Pick<Deadline, 'key' | 'atMs' | 'bayId' | 'title'>[] {
  const groups = new Map<string, Deadline[]>();
  for (const d of deadlines) {
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
        title: `${WHAT[first.kind]}: ${all.map((d) => d.bay).join(', ')}`,
      },
    ];
  });
}
