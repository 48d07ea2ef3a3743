/** A finished roof as it is looked after: its plan, what of it is proven, and how its guarantee stands. */
import { detailSchedule } from '../details/index.ts';
import { DEFAULT_PROVING, type ProvingDoc } from '../proving/index.ts';
import type { JobState } from '../state/index.ts';
import { keptOf, upkeepOfZone, type UpkeepDate, type UpkeepPlan } from '../upkeep/index.ts';
import { guaranteeDate, guaranteeOf, type GuaranteeStand } from './guarantee.ts';
import { proofOf, type ProofLine } from './proof.ts';

export interface KeptAfter {
  /** Undefined where the build-up says nothing of its upkeep. */
  readonly plan: UpkeepPlan | undefined;
  readonly guarantee: GuaranteeStand | undefined;
  /** Of the plan and of the guarantee, in order. */
  readonly dates: readonly UpkeepDate[];
}

/** @param proof of the zone, where it is at hand already */
export function keptAfter(
  state: JobState,
  zoneId: string,
  timeZone: string,
  asked: ProvingDoc = DEFAULT_PROVING,
  proof?: readonly ProofLine[],
): KeptAfter {
  const { survey, buildUps, book } = state.kept.inputs;
  const plan = upkeepOfZone(state, zoneId, timeZone);
  const given = asked.guarantees.find((g) => g.zoneId === zoneId);
  const { handedOver, visits } = keptOf(book, zoneId);
  const details = (): ReturnType<typeof detailSchedule>['zones'][number] | undefined =>
    detailSchedule({ zones: survey.zones.filter((z) => z.id === zoneId) }, buildUps).zones[0];
  const guarantee =
    given &&
    guaranteeOf(given, {
      ...{ visits, timeZone, handedOverMs: handedOver?.atMs, nowMs: state.atMs },
      proof: proof ?? (given.demands.length > 0 ? proofOf(state, zoneId, details(), asked) : []),
    });
  const ends = guarantee && guaranteeDate(guarantee, state.atMs, timeZone);
  return {
    plan,
    guarantee,
    dates: [...(plan?.dates ?? []), ...(ends ? [ends] : [])].sort((a, b) => a.from - b.from),
  };
}
