/** How far the work on each zone is, as a mark beside its name. */
import type { BayStatus } from '@lentum/core/record';
import type { StageMark } from './stages.ts';

export interface ZoneMark {
  readonly mark: StageMark;
  readonly says: string;
}

const WAITS: readonly BayStatus['state'][] = ['closing', 'missed', 'held'];

/** @param bays of one zone */
export function zoneMark(bays: readonly Pick<BayStatus, 'state'>[]): ZoneMark {
  const waits = bays.filter((b) => WAITS.includes(b.state)).length;
  const accepted = bays.filter((b) => b.state === 'accepted').length;
  if (waits > 0) return { mark: 'attention', says: `${waits} held, closing or missed` };
  if (bays.length === 0) return { mark: 'none', says: 'no bays yet' };
  if (accepted === bays.length) return { mark: 'done', says: 'accepted' };
  const begun = bays.some((b) => b.state !== 'bare');
  return { mark: begun ? 'work' : 'none', says: `${accepted} of ${bays.length} accepted` };
}
