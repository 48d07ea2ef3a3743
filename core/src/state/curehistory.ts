/** What each coat of a bay was laid in and how it cured, as it is known now: for whoever reads the record later. */
import { latestConditions, type BayStatus, type ConditionsEntry, type LaidCoat } from '../record/index.ts';
import { seenAt, type JobBasis } from './jobstate.ts';

export interface CureHistory {
  readonly laid: LaidCoat;
  /** The last reading of air and surface before it was begun. */
  readonly reading: ConditionsEntry | undefined;
  /** When the next layer was begun on it; undefined: nothing lies on it. */
  readonly coveredMs: number | undefined;
  /** It waits for foot traffic, and not for a further layer. */
  readonly isLast: boolean;
  /** When it was ready for what comes next, and until when; undefined: it is not told, or has no end. */
  readonly opensMs: number | undefined;
  readonly closesMs: number | undefined;
  readonly unknown: BayStatus['unknown'];
  readonly basis: BayStatus['basis'];
  /** Coldest and warmest surface from its end until it was ready, °C; undefined: no temperature is known. */
  readonly surfaceC: { readonly coldest: number; readonly warmest: number } | undefined;
}

/** Of the hours that it cured in; what is not over yet is known as far as the forecast goes. */
function surfaceOver({ temperatures }: BayStatus, fromMs: number, toMs: number): CureHistory['surfaceC'] {
  const before = temperatures.findLast((s) => s.fromMs <= fromMs);
  const temps = [before, ...temperatures.filter((s) => s.fromMs > fromMs && s.fromMs < toMs)].flatMap(
    (s) => s?.tempC ?? [],
  );
  return temps.length === 0 ? undefined : { coldest: Math.min(...temps), warmest: Math.max(...temps) };
}

/** Each coat of a bay in the order of laying, seen just before the next layer was begun on it, or now. */
export function cureHistory(
  basis: JobBasis & { readonly atMs: number },
  { bay, laid, others }: BayStatus,
): CureHistory[] {
  const { book } = basis.kept.inputs;
  const begun = [...laid, ...others].map(({ entry }) => Date.parse(entry.startedAt)).sort((a, b) => a - b);
  return laid.map((l): CureHistory => {
    const startedMs = Date.parse(l.entry.startedAt);
    const coveredMs = begun.find((ms) => ms > startedMs);
    const seenMs = coveredMs === undefined ? basis.atMs : coveredMs - 1;
    const { status } = seenAt(basis, bay, seenMs);
    const finishedMs = l.entry.finishedAt === undefined ? undefined : Date.parse(l.entry.finishedAt);
    // Another coat may have been begun in the same instant, or a ply lie on it: its times are not told then.
    const isTop = status.laid.at(-1)?.entry.id === l.entry.id && status.basis !== undefined;
    return {
      laid: l,
      reading: latestConditions(book, bay.zoneId, startedMs),
      coveredMs,
      isLast: status.next === undefined,
      ...(isTop
        ? { opensMs: status.opensMs, closesMs: status.closesMs, unknown: status.unknown, basis: status.basis }
        : { opensMs: undefined, closesMs: undefined, unknown: undefined, basis: undefined }),
      surfaceC:
        isTop && finishedMs !== undefined
          ? surfaceOver(status, finishedMs, status.opensMs ?? seenMs)
          : undefined,
    };
  });
}
