/**
 * How long a container of resin stands in a warm (or cool) room until its middling temperature is where it should be.
 * Newton's law of cooling over a round container; the resin is not stirred, so that heat has to come in by conduction:
 * half a diameter over four times the conductivity stands for that (quasi-steady state of a cylinder). From textbooks of
 * heat transfer; the figures of the resin are from memory. A thermometer in the stirred resin decides.
 */
import { given, type Figure, type Given } from '../figures/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';

export const RESIN = {
  /** J/(kg K), of most resins. */
  heat: given('specific heat of resin', 1900, 'count', 'typical', 'J/(kg K); 1500 to 2200'),
  conducts: given('conductivity of resin', 0.2, 'fraction', 'typical', 'W/(m K)'),
  /** W/(m² K), convection and radiation in still air. */
  air: given('heat from still air', 9, 'count', 'typical', 'W/(m² K)'),
  slender: given('height of a container over its diameter', 1.4, 'fraction', 'typical'),
} as const;

/** Nobody waits for the last tenth of a degree: the room has to lie this much beyond what is wanted, K. */
const LEAST_BEYOND_K = 1;

export interface WarmingTerms {
  readonly massKg: Given;
  readonly densityKgPerL: Given;
  readonly fromC: Given;
  readonly roomC: Given;
  readonly wantedC: Given;
}

export interface Warming {
  readonly hours: Figure;
  /** Hours in which two thirds of the way to the room's temperature are gone. */
  readonly pace: Figure;
}

/** @returns a problem where the room can never bring it there */
export function warming({ massKg, densityKgPerL, fromC, roomC, wantedC }: WarmingTerms): Result<Warming> {
  const warms = wantedC.value >= fromC.value;
  const beyond = warms ? roomC.value - wantedC.value : wantedC.value - roomC.value;
  if (wantedC.value !== fromC.value && beyond < LEAST_BEYOND_K)
    return fail({
      kind: 'outOfRange',
      field: 'room',
      label: 'Temperature of the room',
      actual: `${roomC.value} °C`,
      expected: `at least ${LEAST_BEYOND_K} K ${warms ? 'warmer' : 'cooler'} than the ${wantedC.value} °C that is wanted`,
    });
  const { heat, conducts, air, slender } = RESIN;
  const diameter: Figure = {
    label: 'Diameter of the container',
    value: Math.cbrt((4 * (massKg.value / densityKgPerL.value / 1000)) / (Math.PI * slender.value)),
    quantity: 'length',
    formula: 'exp(ln({mass} / {density} / 1000 / (atan(1) × {slender})) / 3)',
    inputs: { mass: massKg, density: densityKgPerL, slender },
    from: 'a cylinder of its volume; 4 atan(1) is π',
  };
  const pace: Figure = {
    label: 'Two thirds of the way take',
    value:
      (massKg.value * heat.value * (1 / air.value + diameter.value / (8 * conducts.value))) /
      (Math.PI * diameter.value ** 2 * (0.5 + slender.value)) /
      3600,
    quantity: 'hours',
    formula:
      '{mass} × {heat} × (1 / {air} + {diameter} / (8 × {conducts})) / (4 × atan(1) × {diameter} × {diameter} × (0.5 + {slender})) / 3600',
    inputs: { mass: massKg, heat, air, diameter, conducts, slender },
    from: 'what it holds over what comes in through its skin and itself; not stirred',
  };
  const hours: Figure = {
    label: 'Time in the room',
    value:
      wantedC.value === fromC.value
        ? 0
        : pace.value * Math.log((roomC.value - fromC.value) / (roomC.value - wantedC.value)),
    quantity: 'hours',
    formula: wantedC.value === fromC.value ? '0' : '{pace} × ln(({room} − {from}) / ({room} − {wanted}))',
    inputs: { pace, room: roomC, from: fromC, wanted: wantedC },
    from: 'Newton’s law of cooling; a thermometer in the stirred resin decides',
  };
  return ok({ hours, pace });
}
