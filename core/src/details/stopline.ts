/** How the line at which a layer stops for the night is closed, what that takes, and how it is opened again. */
import { cited, detailRulesOf, isCoat, isSheet, type BuildUp, type WorkLayer } from '../buildup/index.ts';
import { words, type Figure, type Given, type Part } from '../figures/index.ts';
import type { Way } from './bonding.ts';
import type { Detail } from './find.ts';
import { sealedForTheNight, type MaterialUse } from './uses.ts';
import { nightSeal } from './particular.ts';

export interface ClosedForTheNight {
  readonly tonight: readonly (readonly Part[])[];
  readonly tomorrow: readonly (readonly Part[])[];
  readonly materials: readonly MaterialUse[];
  /** Sheet for a strip over the open edge of boards. */
  readonly strip?: Figure;
}

function wayOfLayer(layer: WorkLayer): Way | undefined {
  if (isSheet(layer)) return layer.bonding;
  // What soaks in or levels has no film that ends at a line.
  if (isCoat(layer) && ['primer', 'preparation', 'levelling'].includes(layer.role)) return undefined;
  if (isCoat(layer)) return layer.kettle === undefined ? 'resin' : 'melt';
  return undefined;
}

/** Boards must not drink overnight: the sheet is turned down over their edge and bonded to what lies below. */
function boards(layer: WorkLayer & { kind: 'protection' }, length: Figure, lap: Given): ClosedForTheNight {
  const thickness = cited('thickness of the boards', layer.thicknessMm, 'lap');
  const strip: Figure = {
    label: 'Strip over the open edge',
    value: (length.value * (thickness.value + 2 * lap.value)) / 1000,
    quantity: 'area',
    formula: '{length} × ({thickness} + 2 × {lap}) / 1000',
    inputs: { length, thickness, lap },
    from: 'over the edge of the boards, with a lap above and one below',
  };
  return {
    tonight: [
      words`No board stays open: what is laid is covered the same day.`,
      words`A strip of sheet goes over the open edge of the boards, bonded above and to the layer below.`,
    ],
    tomorrow: [words`Next day: take the strip off; boards that got wet come out and are not covered.`],
    materials: [],
    strip,
  };
}

/**
 * What closes a stop line of a layer.
 * @param length of the line, m
 * @returns undefined for layers that need no closing: primers, gravel, mats, curb parts
 */
export function closeForTheNight(
  layer: WorkLayer,
  buildUp: BuildUp,
  zone: { readonly id: string; readonly name: string },
  length: Figure,
): ClosedForTheNight | undefined {
  const rules = detailRulesOf(buildUp);
  if (layer.kind === 'protection' && layer.material === 'insulation board') {
    return boards(layer, length, cited('lap of details', rules.lapMm, 'lap'));
  }
  const way = wayOfLayer(layer);
  if (way === undefined) return undefined;
  const { before, after } = nightSeal({ rules, way });
  const line: Detail = {
    id: 'stop-line',
    kind: 'day-joint',
    zoneId: zone.id,
    zoneName: zone.name,
    where: 'stop line',
    place: undefined,
    path: [],
    count: 1,
    length,
    straightsM: [length.value],
    sizes: {},
    metal: false,
  };
  return {
    tonight: before.map((s) => s.says),
    tomorrow: after.map((s) => s.says),
    materials: sealedForTheNight(line, way),
  };
}
