/**
 * How long a build-up takes on an area: one crew lays layer after layer, bay after bay, in working hours; a layer
 * begins when the crew is free and the first bay of the one below may be overcoated, and ends no sooner than its last
 * bay may. Weather is taken to hold. Common practice, no source.
 */
import { isCoat, isWorkLayer, wetFilm, type BuildUp, type Layer, type WorkLayer } from '../buildup/index.ts';
import { stageHours } from '../cure/index.ts';
import { given, type Figure } from '../figures/index.ts';
import { COMMON } from '../practice/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';

export interface Pace {
  readonly areaM2: number;
  readonly tempC: number;
  readonly humidityPct: number;
  /** Crews of two that work side by side. */
  readonly crews: number;
  readonly hoursPerDay: number;
}

export interface Laid {
  readonly layer: WorkLayer;
  /** Hours of the clock after the first morning. */
  readonly startH: number;
  readonly finishH: number;
  readonly workH: number;
}

export interface Schedule {
  readonly laid: readonly Laid[];
  /** Days until the last layer is on. */
  readonly days: Figure;
  /** Working hours of all layers. */
  readonly workHours: Figure;
  /** Days until foot traffic, and until wheels where the build-up takes them. */
  readonly toFeet: Figure | undefined;
  readonly toWheels: Figure | undefined;
}

const DAY_H = 24;

const outputOf = (layer: Layer): number => layer.outputM2PerH?.value ?? COMMON.usualOutput.value;

/** The next instant at which somebody works, and the instant at which so much work is done. */
function workFrom(startH: number, hours: number, perDay: number): { startH: number; finishH: number } {
  const intoDay = startH % DAY_H;
  let at = intoDay >= perDay ? startH - intoDay + DAY_H : startH;
  const first = at;
  let left = hours;
  for (;;) {
    const today = perDay - (at % DAY_H);
    if (left <= today) return { startH: first, finishH: at + left };
    left -= today;
    at = at - (at % DAY_H) + DAY_H;
  }
}

const daysFigure = (label: string, hours: number, says: string): Figure => ({
  label,
  value: Math.ceil(hours / DAY_H),
  quantity: 'count',
  formula: 'ceil({hours} / {day})',
  inputs: {
    hours: given('hours after the first morning', hours, 'hours', 'assumed', says),
    day: given('hours in a day', DAY_H, 'hours', 'definition'),
  },
  from: 'laid layer after layer by the same people, while the weather holds',
});

/**
 * Lays a resolved build-up on an area.
 * @returns a problem where a layer cannot cure at the temperature
 */
export function schedule(buildUp: BuildUp, pace: Pace): Result<Schedule> {
  const laid: Laid[] = [];
  const opens = (layer: WorkLayer, stage: 'overcoatFrom' | 'foot' | 'wheels'): Result<number> => {
    if (!isCoat(layer)) return ok(0);
    const model = layer.cure[stage];
    if (!model) return ok(0);
    const h = stageHours(model, { ...pace, wetFilmMm: wetFilm(layer).value });
    if (h.kind === 'hours') return ok(h.hours);
    return fail({
      kind: 'outOfRange',
      field: 'tempC',
      label: `${layer.name}, temperature`,
      actual: `${pace.tempC} °C`,
      expected: `at least ${h.belowC} °C: below it the cure stands still`,
    });
  };
  let work = 0;
  for (const [i, layer] of buildUp.layers.entries()) {
    if (!isWorkLayer(layer)) continue;
    // What is laid into it is laid with it.
    const nextWork = buildUp.layers.findIndex((l, j) => j > i && isWorkLayer(l));
    const with_ = buildUp.layers.slice(i, nextWork < 0 ? undefined : nextWork);
    const hours = with_.reduce((sum, l) => sum + pace.areaM2 / outputOf(l), 0) / pace.crews;
    work += hours;
    const before = laid.at(-1);
    let from = 0;
    let wait = 0;
    if (before) {
      const open = opens(before.layer, 'overcoatFrom');
      if (!open.ok) return open;
      wait = open.value;
      from = Math.max(before.finishH, before.startH + wait);
    }
    const span = workFrom(from, hours, pace.hoursPerDay);
    laid.push({
      layer,
      startH: span.startH,
      finishH: Math.max(span.finishH, (before?.finishH ?? 0) + wait),
      workH: hours,
    });
  }
  const last = laid.at(-1);
  const feet = last ? opens(last.layer, 'foot') : ok(0);
  if (!feet.ok) return feet;
  const wheels =
    last && isCoat(last.layer) && last.layer.cure.wheels ? opens(last.layer, 'wheels') : undefined;
  if (wheels && !wheels.ok) return wheels;
  const end = last?.finishH ?? 0;
  return ok({
    laid,
    days: daysFigure('Days until it is laid', end, 'when the last layer is on'),
    workHours: {
      label: 'Work',
      value: work,
      quantity: 'hours',
      formula: laid.map((_, i) => `{layer${i + 1}}`).join(' + ') || '0',
      inputs: Object.fromEntries(
        laid.map((l, i) => [
          `layer${i + 1}`,
          given(
            l.layer.name,
            l.workH,
            'hours',
            'typical',
            'area over what the crews lay in an hour, with what is laid into it',
          ),
        ]),
      ),
      from: 'sum of the layers, per crew of two',
    },
    toFeet: daysFigure('Days until foot traffic', end + feet.value, 'when the last layer may be walked on'),
    toWheels:
      wheels && daysFigure('Days until wheels', end + wheels.value, 'when the last layer may be driven on'),
  });
}
