/**
 * A gate is one thing that must hold before a layer is laid on a bay. It says what was found, its limit, where the limit
 * comes from, how old the reading is, and what would open or settle it. A gate holds back the advice, never the entry.
 */
import type { Figure, Given, Part } from '../figures/index.ts';
import type { Answer } from '../programme/index.ts';
import { onBayOf, type BookEntryOf, type Kind, type SiteBook } from '../record/index.ts';
import type { Bay } from '../site/index.ts';

export const GATE_GROUPS = [
  'ground',
  'preparation',
  'details',
  'below',
  'overcoat',
  'lying',
  'hot',
  'weather',
  'opening',
] as const;
export type GateGroup = (typeof GATE_GROUPS)[number];

/** The one tap that settles it: an entry of a kind, with what is known of it; or a page of the job. */
export type Settle =
  | { readonly by: 'entry'; readonly kind: Kind; readonly known: Readonly<Record<string, unknown>> }
  | { readonly by: 'survey' }
  | { readonly by: 'weather' }
  /** Laid by hand instead of sprayed. */
  | { readonly by: 'method' };

export interface Gate {
  /** Of its group and what it looks at, such as `ground/moisture`. */
  readonly key: string;
  readonly group: GateGroup;
  readonly name: string;
  readonly answer: Answer;
  readonly says: readonly Part[];
  /** What would open or settle it. */
  readonly opens: readonly Part[];
  readonly actual?: Given | Figure | undefined;
  readonly limit?: Given | Figure | undefined;
  /** When the reading that decides was taken. */
  readonly readAtMs?: number | undefined;
  /** When it opens by itself, where that is known. */
  readonly opensAtMs?: number | undefined;
  readonly settle?: Settle | undefined;
  /**
   * Life hangs on it, and nobody takes it over: `licence` is opened by a licensed person who says so, `never` only by the
   * entry that it asks for.
   */
  readonly fixed?: 'licence' | 'never' | undefined;
  /** Somebody answers for it by name. */
  readonly taken?: TakenOver | undefined;
}

export interface TakenOver {
  readonly entryId: string;
  readonly who: string;
  readonly atMs: number;
  readonly reason: string;
}

/** Broken or not known, and nobody answers for it. */
export const stands = (gate: Gate): boolean => gate.answer !== 'holds' && gate.taken === undefined;
const open = (gates: readonly Gate[], answer: Answer): Gate[] =>
  gates.filter((g) => g.answer === answer && g.taken === undefined);
export const brokenIn = (gates: readonly Gate[]): Gate[] => open(gates, 'broken');
export const unknownIn = (gates: readonly Gate[]): Gate[] => open(gates, 'unknown');

export type Advice = 'go' | 'hold' | 'check';

/** Go: all hold. Hold: one is broken. Check: none is broken, some are not known. */
export const adviceOf = (gates: readonly Gate[]): Advice =>
  brokenIn(gates).length > 0 ? 'hold' : unknownIn(gates).length > 0 ? 'check' : 'go';

/** What was decided about gates of a bay up to an instant. */
export function decisionsOn(book: SiteBook, bay: Bay, nowMs: number): BookEntryOf<'decision'>[] {
  return onBayOf(book, bay, 'decision').filter(
    (d) => d.body.about?.gate !== undefined && Date.parse(d.body.at) <= nowMs,
  );
}

/**
 * Gates with what somebody answers for.
 * @param sinceMs gates of the weather are taken over for a while only: decisions before this are not looked at for them
 */
export function takenOver(
  gates: readonly Gate[],
  decisions: readonly BookEntryOf<'decision'>[],
  layerId: string,
  sinceMs: number,
): Gate[] {
  if (decisions.length === 0) return [...gates];
  return gates.map((gate) => {
    if (gate.answer === 'holds' || gate.fixed === 'never') return gate;
    const wanted = gate.fixed ? 'accepted' : 'gate taken over';
    const found = decisions.findLast(
      ({ body }) =>
        body.what === wanted &&
        body.about?.gate === gate.key &&
        (body.about.layerId === undefined || body.about.layerId === layerId) &&
        (!gate.fixed || body.licence !== undefined) &&
        (gate.group !== 'weather' || Date.parse(body.at) >= sinceMs),
    );
    return found
      ? {
          ...gate,
          taken: {
            entryId: found.id,
            who: found.body.licence ? `${found.who}, ${found.body.licence}` : found.who,
            atMs: Date.parse(found.body.at),
            reason: found.body.reason,
          },
        }
      : gate;
  });
}
