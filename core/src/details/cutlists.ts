/** What is cut from each roll for the details of a job, left-overs of the courses first. */
import type { BuildUp, DetailRules, Layer } from '../buildup/index.ts';
import { Kept } from '../keeping/index.ts';
import { cutHint, type CutHint } from './cuthint.ts';
import type { Cut } from './cuts.ts';
import { patternBox } from './folding.ts';
import { nestWithLeftOvers, type CutLeftOver, type LeftOver, type NestWithLeftOvers } from './leftovers.ts';
import { nest, type Nest } from './nesting.ts';
import type { Roll } from './pieces.ts';
import { rollOf, type DetailSchedule, type PieceGroup, type ZoneDetails } from './schedule.ts';

/** The pieces of some zones that share a roll, as cuts. */
const cutsOf = (groups: readonly PieceGroup[]): Cut[] =>
  groups.map((g) => {
    const { widthMm, heightMm } = patternBox(g.piece.pattern);
    return { key: g.key, label: g.label, widthMm, heightMm, count: g.count };
  });

const NESTS_KEPT = 60;
const nestsMade = new Kept<Nest>(NESTS_KEPT);
const withEndsMade = new Kept<NestWithLeftOvers>(NESTS_KEPT);

export interface CutList {
  readonly roll: Roll;
  /** What it is cut from: a layer of the build-up, or the detail fabric. */
  readonly layerId: string | undefined;
  readonly buildUp: BuildUp;
  readonly zones: readonly ZoneDetails[];
  /** The pieces that are cut from this roll. */
  readonly groups: readonly PieceGroup[];
  /** What the courses leave over and these pieces are cut from first. */
  readonly leftOvers: readonly CutLeftOver[];
  /** Pieces that are cut from rolls of their own. */
  readonly nest: Nest;
}

/** What is left over of a layer of a build-up; none of it counts as bought for details. */
export type LeftOversOf = (buildUp: BuildUp, layerId: string) => readonly LeftOver[];
const NOTHING_LEFT: LeftOversOf = () => [];

function nestOnce(
  groups: readonly PieceGroup[],
  roll: Roll,
  leftOvers: readonly LeftOver[],
): NestWithLeftOvers {
  const cuts = cutsOf(groups);
  const { widthMm, lengthMm } = roll;
  const asked = JSON.stringify([widthMm, lengthMm, cuts]);
  const alone = nestsMade.get(asked, () => nest(cuts, widthMm, lengthMm, true));
  if (leftOvers.length === 0) return { leftOvers: [], nest: alone };
  return withEndsMade.get(`${asked}${JSON.stringify(leftOvers)}`, () =>
    nestWithLeftOvers(cuts, widthMm, lengthMm, true, leftOvers, alone),
  );
}

/** A small change of the pieces that would pay on this roll, if there is one; with left-overs nobody can tell so simply. */
export const hintOf = ({ groups, roll, nest: now, leftOvers }: CutList): CutHint | undefined =>
  leftOvers.length > 0 ? undefined : cutHint(cutsOf(groups), roll.widthMm, roll.lengthMm, true, now);

/** Detail fabric of one roll and one price is cut together, whatever the build-ups of the zones are. */
const detailFabricKey = ({ currency }: BuildUp, rules: DetailRules): string =>
  JSON.stringify([
    ...[rules.rollWidthMm.value, rules.rollLengthM.value, currency],
    rules.sundries.find((s) => s.key === 'fabric')?.packs,
  ]);

/**
 * Cut lists: one for each roll that pieces are cut from. A piece may lie across the roll; its face stays up.
 * @param leftOversOf what the courses leave over; absent: nothing
 */
export function cutLists(schedule: DetailSchedule, leftOversOf = NOTHING_LEFT): CutList[] {
  interface Open {
    readonly layer: Layer | undefined;
    readonly roll: Roll;
    readonly buildUp: BuildUp;
    readonly zones: ZoneDetails[];
    readonly groups: PieceGroup[];
  }
  const byRoll = new Map<string, Open>();
  for (const zone of schedule.zones) {
    for (const group of zone.groups) {
      const layer = zone.buildUp.layers.find((l) => l.id === group.piece.from);
      const key = layer
        ? `${zone.buildUp.id}/${zone.buildUp.revision}/${layer.id}`
        : detailFabricKey(zone.buildUp, zone.rules);
      let open = byRoll.get(key);
      if (!open) {
        const { cutFrom: _, ...bare } = zone.rules;
        open = {
          layer,
          roll: rollOf(zone.buildUp.layers, layer ? { ...bare, cutFrom: layer.id } : bare),
          buildUp: zone.buildUp,
          zones: [],
          groups: [],
        };
        byRoll.set(key, open);
      }
      if (!open.zones.includes(zone)) open.zones.push(zone);
      open.groups.push(group);
    }
  }
  return [...byRoll.values()].map(({ layer, roll, buildUp, zones, groups }) => ({
    roll,
    layerId: layer?.id,
    buildUp,
    zones,
    groups,
    ...nestOnce(groups, roll, layer ? leftOversOf(buildUp, layer.id) : []),
  }));
}
