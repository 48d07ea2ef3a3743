/** What is left to prepare and to detail on a bay. */
import type { BuildUp } from '../buildup/index.ts';
import type { Call } from '../call/index.ts';
import type { DetailWork, ZoneDetails } from '../details/index.ts';
import { detailsToMake, stepsBefore } from '../gates/index.ts';
import type { PrepStep } from '../readiness/index.ts';
import type { Bay } from '../site/index.ts';
import { groundAt } from '../state/index.ts';
import type { WorkTerms } from './work.ts';
import { WAITS } from './worktimes.ts';

/** Details near a bay that are left to make, each shared among the bays that it lies at, with their minutes. */
export function detailsLeft(
  { state, nowMs }: WorkTerms,
  zone: ZoneDetails | undefined,
  bay: Bay,
  bays: readonly Bay[],
): { work: DetailWork; share: number }[] {
  if (!zone) return [];
  const { kept } = state;
  const left = detailsToMake(kept.detailsOf(bay), { book: kept.inputs.book, bay, nowMs });
  return left.flatMap((d) => {
    const work = zone.work.find((w) => w.detail.id === d.id);
    const others = bays.filter((b) => kept.detailsOf(b).some((o) => o.id === d.id)).length;
    return work ? [{ work, share: 1 / Math.max(1, others) }] : [];
  });
}

/** What is left to prepare, with the hours that it dries; nothing once something lies there. */
export function preparationLeft(
  { state, nowMs }: WorkTerms,
  call: Call,
  buildUp: BuildUp,
): { steps: PrepStep[]; dryH: number } {
  const { status } = call;
  if (status.laid.length + status.others.length > 0) return { steps: [], dryH: 0 };
  const ground = groundAt(state, status, buildUp, nowMs).readiness;
  const open = new Set(
    call.gates.filter((g) => g.group === 'preparation' && g.answer !== 'holds').map((g) => g.key),
  );
  const steps = stepsBefore(ground?.steps ?? []).filter((s) => open.has(`preparation/${s.key}`));
  const dryH = steps
    .filter((s) => WAITS.includes(s.key))
    .reduce((n, s) => Math.max(n, s.quantity?.value ?? 24), 0);
  return { steps, dryH };
}
