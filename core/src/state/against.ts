/**
 * What was laid, got ready or opened against a gate. It is taken and said: the entry stands, and what stood against it then is
 * named beside it. What is entered later about an earlier time counts; what only the hours after it showed does not.
 */
import { findBuildUp, isWorkLayer, resolve, termsOfZone, type WorkLayer } from '../buildup/index.ts';
import { given, verdictText, type Part } from '../figures/index.ts';
import { brokenIn, floodLoad, openingGates, type Gate, type OpenedTo } from '../gates/index.ts';
import type { BayStatus, BookEntry, BookEntryOf } from '../record/index.ts';
import type { Bay } from '../site/index.ts';
import type { Written } from '../units/index.ts';
import { callAt, gatesOfBay, seenAt, type JobBasis } from './jobstate.ts';

/** What the hours after it brought is no fault of whoever began. */
const HINDSIGHT: readonly string[] = ['weather/rainSafe', 'weather/dewSkin', 'weather/noBelow'];

export interface Against {
  readonly label: string;
  readonly gates: readonly Gate[];
}

/** Bays that an entry names, or all of its zone where it names none. */
function baysOfEntry(basis: JobBasis, { bays, zoneId }: BookEntry): Bay[] {
  const named = new Set(bays.map((b) => b.bayId));
  return basis.kept.inputs.site.bays.filter((b) => (named.size > 0 ? named.has(b.id) : b.zoneId === zoneId));
}

/** What the cure said against an opening of bays when it was given. */
/** The gates of a use of a bay as they stood just before an instant: what opens it then is not counted. */
export function gatesWhenOpened(basis: JobBasis, bay: Bay, to: OpenedTo, at: string): Gate[] {
  const thenMs = Date.parse(at) - 1;
  const { status } = seenAt(basis, bay, thenMs);
  const terms = { zone: basis.kept.zone(bay.zoneId), practice: basis.practice };
  return openingGates(status, basis.kept.inputs.book, thenMs, terms).filter(
    (g) => g.key === `opening/${to}` || (to === 'water' && g.key === 'opening/load'),
  );
}

function openedAgainst(basis: JobBasis, bays: readonly Bay[], to: OpenedTo, at: string): Against[] {
  return bays.flatMap((bay): Against[] => {
    const gates = brokenIn(gatesWhenOpened(basis, bay, to, at));
    return gates.length > 0 ? [{ label: bay.label, gates }] : [];
  });
}

/** Water of a flood test: what the cure says against it, and whether the deck carries so much of it. */
function filledAgainst(basis: JobBasis, entry: BookEntryOf<'flood'>): Against[] {
  const { body } = entry;
  if (body.step !== 'filled') return [];
  const bays = baysOfEntry(basis, entry as BookEntry);
  const zone = basis.kept.zone(entry.zoneId ?? bays[0]?.zoneId ?? '');
  const depth = given('water at its deepest', body.deepestMm, 'gap', 'measured');
  const load = floodLoad(zone, depth);
  const cured = openedAgainst(basis, bays, 'water', body.at).flatMap((a) => {
    const gates = a.gates.filter((g) => g.key !== load.key);
    return gates.length > 0 ? [{ ...a, gates }] : [];
  });
  return load.answer === 'holds' ? cured : [{ label: zone?.name ?? '', gates: [load] }, ...cured];
}

/** A layer on a bay, with its gates as they stood when it was begun. */
export interface WhenLaid {
  readonly bay: Bay;
  readonly layer: WorkLayer;
  readonly gates: readonly Gate[];
}

/**
 * The gates of a coat or a ply when it was begun, for each of its bays; of the weather also what the hours after it brought.
 * Nothing for bays and layers that are not there any more.
 * @param onlyBayId of the bays of the entry this one alone
 */
function gatesWhenLaid(
  basis: JobBasis,
  entry: BookEntryOf<'coat'> | BookEntryOf<'ply'>,
  onlyBayId?: string,
): WhenLaid[] {
  const { site, buildUps } = basis.kept.inputs;
  // Just before it, so that nothing of itself is in the way.
  const thenMs = Date.parse(entry.body.startedAt) - 1;
  const { buildUpId, revision, layerId } = entry.body;
  return entry.bays.flatMap(({ bayId }): WhenLaid[] => {
    if (onlyBayId !== undefined && bayId !== onlyBayId) return [];
    const bay = site.bays.find((b) => b.id === bayId);
    const found = bay && findBuildUp(buildUps, buildUpId, revision);
    const buildUp = found && resolve(found, termsOfZone(buildUps, bay.zoneId));
    const layer = buildUp?.layers.filter(isWorkLayer).find((l) => l.id === layerId);
    if (!bay || !buildUp || !layer) return [];
    const { status, climate } = seenAt(basis, bay, thenMs);
    const then = {
      ...status,
      buildUp,
      next: layer,
      hold: undefined,
      accepted: undefined,
      state: 'ready',
    } as const;
    return [{ bay, layer, gates: callAt(basis, { status: then, climate }, thenMs).gates }];
  });
}

/** A gate says what is now; of a layer that lies it is long past. */
export const asPast = (says: readonly Part[]): Part[] =>
  says.map((p) => (typeof p === 'string' ? p.replace(/ now(?=[;.]|$)/, '') : p));

/** Every layer that lies on a bay, coats first, with the entry that laid it and its gates as they stood when it was begun. */
export function layersWhenLaid(
  basis: JobBasis,
  { bay, laid, others }: BayStatus,
): (WhenLaid & { readonly entryId: string })[] {
  const { book } = basis.kept.inputs;
  return [...laid, ...others].flatMap(({ entry }) => {
    const whole = book.seen.get(entry.id);
    return whole?.kind === 'coat' || whole?.kind === 'ply'
      ? gatesWhenLaid(basis, whole, bay.id).map((w) => ({ ...w, entryId: entry.id }))
      : [];
  });
}

/** The gates that stood against a coat, a ply or a preparation when it was begun, for each of its bays. */
export function laidAgainst(basis: JobBasis, entry: BookEntry): Against[] {
  if (entry.kind === 'opening')
    return entry.body.step === 'opened'
      ? openedAgainst(basis, baysOfEntry(basis, entry), entry.body.to, entry.body.at)
      : [];
  if (entry.kind === 'flood') return filledAgainst(basis, entry);
  if (entry.kind === 'preparation') return preparedAgainst(basis, entry);
  if (entry.kind !== 'coat' && entry.kind !== 'ply') return [];
  return gatesWhenLaid(basis, entry).flatMap(({ bay, gates }): Against[] => {
    // A further helping of the same coat makes up for the film that was thin.
    const broken = brokenIn(gates).filter((g) => !HINDSIGHT.includes(g.key));
    return broken.length > 0 ? [{ label: bay.label, gates: broken }] : [];
  });
}

function preparedAgainst(basis: JobBasis, entry: BookEntryOf<'preparation'>): Against[] {
  const thenMs = Date.parse(entry.body.startedAt ?? entry.body.at) - 1;
  return entry.bays.flatMap(({ bayId }): Against[] => {
    const bay = basis.kept.inputs.site.bays.find((b) => b.id === bayId);
    if (!bay) return [];
    const { status, climate } = seenAt(basis, bay, thenMs);
    const first = status.buildUp?.layers.find(isWorkLayer);
    if (!first || status.laid.length + status.others.length > 0) return [];
    const gates = brokenIn(gatesOfBay(basis, status, first, thenMs, undefined, climate, undefined)).filter(
      (g) => g.group === 'ground' && (g.key === 'ground/fit' || g.fixed),
    );
    return gates.length > 0 ? [{ label: bay.label, gates }] : [];
  });
}

/** In one sentence for each set of bays: what it was laid against. */
export function againstWords(
  against: readonly Against[],
  reason: string | undefined,
  written: Written,
  time: (ms: number) => string,
  done: 'laid' | 'opened' | 'filled' = 'laid',
): string[] {
  const sets = new Map<string, { labels: string[]; says: string }>();
  for (const { label, gates } of against) {
    const says = gates
      .map(
        (g) =>
          `${g.name.toLowerCase()} (${verdictText(g.says, written, time)
            .replace(/ now(?=[;.]|$)/, '')
            .replace(/\.$/, '')})`,
      )
      .join('; ');
    const set = sets.get(says) ?? { labels: [], says };
    sets.set(says, set);
    set.labels.push(label);
  }
  const why = reason ? ` Reason given: ${reason.replace(/\.$/, '')}.` : ' No reason is given.';
  return [...sets.values()].map(({ labels, says }) => `${labels.join(', ')} ${done} against: ${says}.${why}`);
}
