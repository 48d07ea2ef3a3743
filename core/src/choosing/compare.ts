/** Build-ups side by side for one zone: what each takes, costs, weighs, needs and asks for. */
import { cited, costs, isFieldCoat, totals, wetFilm, type BuildUp, type Layer } from '../buildup/index.ts';
import { stageHours } from '../cure/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { sentence } from '../problems/index.ts';
import { schedule, type Pace, type Schedule } from './schedule.ts';
import { upkeepOver, type Upkeep } from './upkeep.ts';

export type Value = Figure | Given;

export interface Measures {
  readonly buildUp: BuildUp;
  readonly membrane: Figure;
  readonly thickness: Figure;
  readonly weightPerM2: Figure;
  /** On the whole zone. */
  readonly material: Figure;
  readonly costPerM2: Figure;
  readonly cost: Figure;
  readonly unpriced: readonly string[];
  /** Coats that keep to places, which the sums leave out. */
  readonly places: readonly string[];
  readonly schedule: Schedule | undefined;
  /** Why there is no schedule. */
  readonly noSchedule: string | undefined;
  /** The least surface temperature at which every layer may be laid, and the greatest. */
  readonly leastC: Value | undefined;
  readonly mostC: Value | undefined;
  /** The greatest margin above the dew point that any layer asks for, and the least of the greatest humidities. */
  readonly dewMarginK: Value | undefined;
  readonly humidityMaxPct: Value | undefined;
  /** The longest that any layer must stay without rain, at the temperature asked about. */
  readonly rainSafeH: Value | undefined;
  readonly upkeep: Upkeep | undefined;
}

const onArea = (
  label: string,
  perM2: Figure,
  area: Given,
  quantity: Figure['quantity'],
  from: string,
): Figure => ({
  label,
  value: perM2.value * area.value,
  quantity,
  formula: '{perM2} × {area}',
  inputs: { perM2, area },
  from,
});

const limited = (layer: Layer): layer is Extract<Layer, { limits: unknown }> => 'limits' in layer;

type Strict = 'surfaceMinC' | 'surfaceMaxC' | 'dewMarginK' | 'humidityMaxPct';
const STRICT: Readonly<Record<Strict, readonly [name: string, quantity: Figure['quantity'], sign: 1 | -1]>> =
  {
    surfaceMinC: ['minimum surface temperature', 'temperature', 1],
    surfaceMaxC: ['maximum surface temperature', 'temperature', -1],
    dewMarginK: ['margin above the dew point', 'temperatureDifference', 1],
    humidityMaxPct: ['maximum humidity', 'percent', -1],
  };

/** The limit of the layer that is strictest. */
function strictest(buildUp: BuildUp, key: Strict): Value | undefined {
  const [name, quantity, sign] = STRICT[key];
  const all = buildUp.layers.filter(limited).map((l) => cited(`${l.name}, ${name}`, l.limits[key], quantity));
  return all.sort((a, b) => sign * (b.value - a.value))[0];
}

function longestRain(buildUp: BuildUp, pace: Pace): Value | undefined {
  return buildUp.layers
    .filter(isFieldCoat)
    .flatMap((c) => {
      const h = stageHours(c.cure.rainSafe, { ...pace, wetFilmMm: wetFilm(c).value });
      return h.kind === 'hours'
        ? [given(`${c.name}, rain-safe`, h.hours, 'hours', c.cure.rainSafe.source)]
        : [];
    })
    .sort((a, b) => b.value - a.value)[0];
}

/** Measures one build-up, resolved, for a zone. */
export function measure(buildUp: BuildUp, pace: Pace): Measures {
  const sums = totals(buildUp);
  const money = costs(buildUp);
  const area = given('Area', pace.areaM2, 'area', 'measured');
  const plan = schedule(buildUp, pace);
  return {
    buildUp,
    membrane: sums.membraneDry,
    thickness: sums.thickness,
    weightPerM2: sums.weight,
    material: onArea(
      'Material on the zone',
      sums.weight,
      area,
      'mass',
      'weight laid times area; wet, before it dries',
    ),
    costPerM2: money.perM2,
    cost: onArea(
      'Material of the zone',
      money.perM2,
      area,
      'price',
      'cost on a square metre times area; no labour, no waste',
    ),
    unpriced: money.unpriced,
    places: money.places,
    schedule: plan.ok ? plan.value : undefined,
    noSchedule: plan.ok ? undefined : plan.problems.map(sentence).join(' '),
    leastC: strictest(buildUp, 'surfaceMinC'),
    mostC: strictest(buildUp, 'surfaceMaxC'),
    dewMarginK: strictest(buildUp, 'dewMarginK'),
    humidityMaxPct: strictest(buildUp, 'humidityMaxPct'),
    rainSafeH: longestRain(buildUp, pace),
    upkeep: upkeepOver(buildUp),
  };
}
