/**
 * How a roof is drawn, cut, filled and divided: what decides pieces, bays and what is worth a second look. Not set by a
 * job: what follows from these is drawn and ordered.
 */
import { number } from './number.ts';

export const MAKING = {
  leastBend: number('a bend of less is no corner', 15, 'angle', [1, 60]),
  slopeFrom: number('a slope begins at', 5, 'fall', [1, 30]),
  rampFrom: number('a ramp begins at', 6, 'fall', [1, 30]),
  roughFrom: number(
    'rough begins at a profile of',
    5,
    'count',
    [1, 10],
    'common practice; scale of ICRI 310.2R',
  ),
  smallJoint: number(
    'up to this width a joint is as deep as wide',
    12,
    'gap',
    [3, 50],
    'common practice, as ASTM C1193 recommends',
  ),
  leastJointDepth: number('least depth of a sealant joint', 10, 'gap', [3, 30]),
  rodOver: number('backer rod over the width of its joint', 1.25, 'fraction', [1.05, 2]),
  barBead: number('leg of the bead over a bar', 6, 'gap', [2, 20]),
  largePocket: number('a pocket is large from', 0.05, 'area', [0.005, 1]),
  largePocketWait: number('wait after the skin of a large pocket', 60, 'minutes', [10, 600]),
  finger: number('fingers of a foot along a bend', 60, 'lap', [20, 200]),
  clearOfLow: number('a day joint stays off an outlet by', 0.5, 'length', [0.05, 3]),
  passage: number('a passage for a person with a bucket', 0.5, 'length', [0.2, 2]),
  spike: number('a level stands out by', 0.03, 'length', [0.005, 0.5]),
  spikeTimes: number('a level stands out by so many times the usual roughness', 6, 'fraction', [2, 30]),
  atOutlet: number('a level is one of an outlet within', 0.25, 'length', [0.05, 2]),
  staleForecast: number('a forecast is old after', 24, 'hours', [3, 120]),
  farWeather: number('weather is of another place from, km', 50, 'number', [5, 500]),
  clockFromSun: number('a clock is no farther from the sun than', 3.5, 'hours', [1, 6]),
} as const;
