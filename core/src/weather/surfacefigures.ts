/** The working of an hour of a surface: why it is so warm, and why it is wet. */
import { given, type Figure, type Given } from '../figures/index.ts';
import { skyHour, type RoofClimate } from './roofclimate.ts';
import { balance, dryingMmPerH, DRY_MM, lagHours, type Balance, type SkyHour } from './surface.ts';

/** Where the weather of the hour comes from, and who says so. */
export interface Said {
  readonly source: Given['source'];
  readonly note: string;
}

const FROM =
  'one layer of heat under the open sky, exact for an hour whose inputs hold; sol-air as in ASHRAE Fundamentals';

/** Where the surface would settle in the weather of the hour. */
function settlesFigure({ model }: RoofClimate, sky: SkyHour, b: Balance, weather: Said): Figure {
  const { source, note } = weather;
  const { kind } = model;
  return {
    label: 'where the surface would settle',
    value: b.settlesC,
    quantity: 'temperature',
    formula:
      '({absorptance} × {reaches} × {sun} + {convection} × {air} + {radiation} × {sky} + {below} × {under}) / ({convection} + {radiation} + {below})',
    inputs: {
      absorptance: given('share of the sun taken in', kind.absorptance, 'share', 'typical'),
      reaches: given(
        'share of the sun that reaches it',
        kind.sunShare,
        'share',
        'measured',
        'past walls and machines',
      ),
      sun: given('sun on a level surface, W/m²', sky.sunWPerM2, 'number', source, note),
      convection: given(
        'heat to the air, W/(m² K)',
        b.convection,
        'number',
        'assumed',
        'by wind over a plate, Jürges 1924',
      ),
      air: given('air temperature', sky.airC, 'temperature', source, note),
      radiation: given(
        'heat to the sky, W/(m² K)',
        b.radiation,
        'number',
        'assumed',
        'long waves, Stefan and Boltzmann',
      ),
      sky: given(
        'temperature of the sky',
        b.skyC,
        'temperature',
        'assumed',
        'by dew point and cloud, Berdahl and Martin 1984',
      ),
      below: given('heat to below, W/(m² K)', kind.belowWPerM2K, 'number', 'typical'),
      under: given(
        'temperature below',
        kind.belowC ?? sky.airC,
        'temperature',
        kind.belowC === undefined ? source : 'typical',
        kind.belowC === undefined ? 'open below' : 'a room',
      ),
    },
    from: FROM,
  };
}

/**
 * Surface temperature of an hour with its working.
 * @returns undefined where it is not known
 */
export function surfaceFigure(climate: RoofClimate, hour: number, weather: Said): Figure | undefined {
  const { line, model, biasK, surfaceC } = climate;
  const begun = model.begunC[hour] ?? NaN;
  const value = surfaceC[hour] ?? NaN;
  const sky = skyHour(line, hour, model.sun[hour] ?? 0);
  if (!sky || Number.isNaN(begun) || Number.isNaN(value)) return undefined;
  const b = balance(model.kind, sky, begun);
  return {
    label: 'surface temperature',
    value,
    quantity: 'temperature',
    formula: '{settles} + ({before} − {settles}) × {lag} × (1 − exp(−1 / {lag})) + {readings}',
    inputs: {
      settles: settlesFigure(climate, sky, b, weather),
      before: given('as the hour begins', begun, 'temperature', 'assumed', 'from the hours before'),
      lag: given(
        'time that the surface takes to follow',
        lagHours(model.kind, b.exchange),
        'hours',
        'typical',
        `heat that it holds, ${model.kind.heatKJPerM2K} kJ/(m² K), by ${b.exchange.toFixed(1)} W/(m² K)`,
      ),
      readings: given(
        'set by readings',
        biasK[hour] ?? 0,
        'temperatureDifference',
        'measured',
        'what a reading was above the model, carried on and fading',
      ),
    },
    from: FROM,
  };
}

/**
 * Water on a surface at the end of an hour, with its working.
 * @returns undefined where it is not known
 */
export function wetnessFigure(climate: RoofClimate, hour: number, weather: Said): Figure | undefined {
  const { line, model, wetMm, surfaceC, biasK } = climate;
  const sky = skyHour(line, hour, model.sun[hour] ?? 0);
  const value = wetMm[hour] ?? NaN;
  if (!sky || Number.isNaN(value)) return undefined;
  const dries = dryingMmPerH((surfaceC[hour] ?? 0) - (biasK[hour] ?? 0), sky);
  const before = (hour > 0 ? wetMm[hour - 1] : 0) ?? 0;
  const start = Number.isNaN(before) || Number.isNaN(model.begunC[hour - 1] ?? NaN) ? 0 : before;
  return {
    label: 'water',
    value,
    quantity: 'film',
    formula: 'min({holds}, max(0, {before} + {rain} − {dries}))',
    inputs: {
      holds: given('most that clings', model.kind.holdsMm, 'film', 'typical'),
      before: given('an hour before', start, 'film', 'assumed', 'calculated hour by hour since the rain'),
      rain: given('rain of the hour', sky.rainMm, 'rain', weather.source, weather.note),
      dries: given(
        dries < 0 ? 'dries (dew settles)' : 'dries',
        dries,
        'film',
        'assumed',
        'vapour goes as heat goes (Lewis), by the surface, the dew point and the wind',
      ),
    },
    from: `kg/m² are mm; less than ${DRY_MM} mm is dry`,
  };
}
