/** What is done about a gate: settled by its one tap, or taken over by name and reason. */
import type { Gate } from '@lentum/core/gates';
import type { Body, Entry } from '@lentum/core/record';
import { ALL_DETAILS, sharesByArea } from '@lentum/core/record';
import type { Bay } from '@lentum/core/site';
import { rightNow } from '../app/righttime.ts';
import type { useJob } from '../app/job.ts';
import { may, whyNotEnter } from '../app/session.ts';
import type { Values } from './log/fields.ts';
import type { LoggedKind } from './log/form.ts';

type Job = Pick<ReturnType<typeof useJob>, 'tap'>;

/** What a gate's button says and does. */
export type Settling =
  | { readonly does: 'tap'; readonly name: string }
  | { readonly does: 'form'; readonly name: string; readonly kind: LoggedKind; readonly known: Values }
  | { readonly does: 'coat' | 'reading'; readonly name: string }
  | { readonly does: 'page'; readonly name: string; readonly to: 'survey' | 'weather' }
  | undefined;

const NAMES: Partial<Record<LoggedKind, string>> = {
  test: 'Enter a test',
  permit: 'Open a permit',
  watch: 'Name a watch',
  melt: 'Log the charge',
  broadcast: 'Log the sweeping',
  decision: 'Decide',
};

export function settlingOf({ settle, answer, key }: Gate): Settling {
  if (!settle || answer === 'holds') return undefined;
  if (settle.by === 'survey') return { does: 'page', name: 'To the survey', to: 'survey' };
  if (settle.by === 'method') return { does: 'tap', name: 'Roll it today' };
  if (settle.by === 'weather') return { does: 'page', name: 'To the weather', to: 'weather' };
  switch (settle.kind) {
    case 'conditions':
      return { does: 'reading', name: 'Read air and surface' };
    case 'coat':
      return { does: 'coat', name: key.startsWith('below/film') ? 'Put the coat right' : 'Log the coat' };
    case 'preparation':
      return { does: 'tap', name: key === 'preparation/none' ? 'It was prepared' : 'Done' };
    case 'opening':
      return { does: 'tap', name: settle.known['step'] === 'closed' ? 'Close it' : 'Open it' };
    case 'detail':
      return { does: 'tap', name: settle.known['step'] === 'accepted' ? 'Accepted' : 'Made' };
    case 'remedy':
    case 'ply':
    case 'withdrawal':
      return undefined;
    default:
      return {
        does: 'form',
        name: NAMES[settle.kind] ?? 'Log it',
        kind: settle.kind,
        known: settle.known,
      };
  }
}

/** Whether whoever holds the device may do what the gate's button does; pages may be looked at by everybody. */
export function maySettle({ settle }: Gate, jobId: string): boolean {
  if (settle?.by === 'method') return may('change weather', jobId);
  if (settle?.by !== 'entry') return true;
  return (
    whyNotEnter({ kind: settle.kind, body: settle.known as unknown as Entry['body'] }, jobId) === undefined
  );
}

const takingOver = (gate: Gate): 'accepted' | 'gate taken over' =>
  gate.fixed ? 'accepted' : 'gate taken over';

/** Whether whoever holds the device may answer for a gate. */
export const mayTakeOver = (gate: Gate, jobId: string): boolean =>
  whyNotEnter({ kind: 'decision', body: { what: takingOver(gate) } as Body<'decision'> }, jobId) ===
  undefined;

/** The entry that one tap makes; it can be taken back for a while. */
export async function settleByTap(job: Job, bay: Bay, { settle, name }: Gate): Promise<void> {
  if (settle?.by !== 'entry') return;
  const where = { zoneId: bay.zoneId, bays: sharesByArea([bay]) };
  const at = rightNow();
  const says = `${bay.label}: ${name.toLowerCase()}`;
  if (settle.kind === 'preparation')
    await job.tap(says, 'preparation', where, {
      ...{ at, steps: [], complete: false },
      ...(settle.known as Partial<Body<'preparation'>>),
    });
  if (settle.kind === 'opening')
    await job.tap(says, 'opening', where, { at, ...(settle.known as Pick<Body<'opening'>, 'to' | 'step'>) });
  if (settle.kind === 'detail')
    await job.tap(says, 'detail', where, {
      ...{ at, detailId: ALL_DETAILS, name: 'All details', step: 'made' as const },
      ...(settle.known as Partial<Body<'detail'>>),
    });
}

/** A person answers for a gate; where life hangs on it, a licensed one says by which licence. */
export async function takeOver(
  job: Job,
  bay: Bay,
  gate: Gate,
  layerId: string,
  reason: string,
  licence: string,
): Promise<void> {
  const where = { zoneId: bay.zoneId, bays: sharesByArea([bay]) };
  await job.tap(`${bay.label}: ${gate.name.toLowerCase()} taken over`, 'decision', where, {
    at: rightNow(),
    what: takingOver(gate),
    about: { gate: gate.key, layerId },
    ...(gate.fixed ? { licence } : {}),
    reason,
  });
}
