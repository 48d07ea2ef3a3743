/** What of a bay a layer covers: all of it, or its share of the zone's edges, laps, fasteners or rust. */
import type { BuildUp, WorkLayer } from '../buildup/index.ts';
import { treatedArea } from '../details/index.ts';
import { given, type Figure } from '../figures/index.ts';
import { zoneQuantities, type Zone } from '../survey/index.ts';
import { bayAreaFigure } from './bays.ts';
import type { Bay } from './schema.ts';

export interface BayPlace {
  readonly zone: Zone | undefined;
  readonly buildUp: BuildUp | undefined;
}

/** @returns the bay's whole area for what goes all over, and where the zone cannot be measured */
export function workArea(bay: Bay, layer: WorkLayer | undefined, { zone, buildUp }: BayPlace): Figure {
  const area = bayAreaFigure(bay);
  if (layer?.kind !== 'coat' || layer.treats === undefined || !zone || !buildUp) return area;
  const q = zoneQuantities(zone);
  if (!q.ok || !(q.value.area.value > 0)) return area;
  const whole = q.value.area;
  const treated = treatedArea(layer, zone, q.value, buildUp, whole);
  return {
    label: `Bay ${bay.label}, what the ${layer.name.toLowerCase()} covers`,
    value: (area.value * treated.value) / whole.value,
    quantity: 'area',
    formula: '{area} × {treated} / {whole}',
    inputs: { area, treated, whole: given(whole.label, whole.value, 'area', 'measured') },
    from: 'as if they lay evenly over the zone',
  };
}
