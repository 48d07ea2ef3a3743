/** Areas, rolls and tins. */
import { given } from '../figures/index.ts';
import { chooseBoth } from '../order/index.ts';
import { answer, figure, number, refuse, type Calculator } from './types.ts';

const slope: Calculator = {
  key: 'slope',
  name: 'Area on a slope',
  group: 'surface',
  says: 'Plan area to the area that is coated.',
  asks: [number('plan', 'Plan area', 'area', 100, 0.01, 1e6), number('slope', 'Slope', 'fall', 30, 0, 1000)],
  run: (v) => {
    const [plan, s] = [v.number('plan'), v.number('slope')];
    return answer([
      figure(
        'Area on the slope',
        'area',
        plan.value * Math.sqrt(1 + (s.value / 100) ** 2),
        '{plan} × sqrt(1 + {s} / 100 × {s} / 100)',
        { plan, s },
        'plan area over the cosine of the slope',
      ),
    ]);
  },
};

const rolls: Calculator = {
  key: 'rolls',
  name: 'Rolls',
  group: 'surface',
  says: 'Rolls for an area with side and end laps.',
  asks: [
    number('area', 'Area', 'area', 100, 0.01, 1e6),
    number('width', 'Roll, width', 'length', 1, 0.05, 6),
    number('length', 'Roll, length', 'length', 10, 0.2, 1000),
    number('side', 'Side lap', 'lap', 100, 0, 500),
    number('end', 'End lap', 'lap', 150, 0, 500),
    number('waste', 'Waste', 'percent', 5, 0, 100),
  ],
  run: (v) => {
    const [area, width, length, side, end, waste] = [
      v.number('area'),
      v.number('width'),
      v.number('length'),
      v.number('side'),
      v.number('end'),
      v.number('waste'),
    ];
    if (side.value >= width.value * 1000)
      return refuse(
        'side',
        'Side lap',
        `${side.value} mm on a roll ${width.value} m wide`,
        'a lap narrower than the roll',
      );
    if (end.value >= length.value * 1000)
      return refuse(
        'end',
        'End lap',
        `${end.value} mm on a roll ${length.value} m long`,
        'a lap shorter than the roll',
      );
    const each = figure(
      'One roll covers',
      'area',
      (width.value - side.value / 1000) * (length.value - end.value / 1000),
      '({width} − {side} / 1000) × ({length} − {end} / 1000)',
      { width, side, length, end },
      'its area less one side lap and one end lap',
    );
    return answer(
      [
        each,
        figure(
          'Rolls',
          'count',
          Math.ceil((area.value * (1 + waste.value / 100)) / each.value),
          'ceil({area} × (1 + {waste} / 100) / {each})',
          { area, waste, each },
          'whole rolls',
        ),
      ],
      'For courses laid out on a real roof the count may differ: this one is by area.',
    );
  },
};

const tins: Calculator = {
  key: 'tins',
  name: 'Tins',
  group: 'surface',
  says: 'Which of two sizes cover a need with least left over.',
  asks: [
    number('need', 'Need', 'mass', 130, 0.01, 1e5),
    number('large', 'Large tin', 'mass', 25, 0.1, 2000),
    number('small', 'Small tin', 'mass', 5, 0.1, 2000),
  ],
  run: (v) => {
    const [need, large, small] = [v.number('need'), v.number('large'), v.number('small')];
    const { best } = chooseBoth(need.value, [{ net: large.value }, { net: small.value }]);
    const of = (net: number): number =>
      best.picks.filter((p) => p.container.net === net).reduce((n, p) => n + p.count, 0);
    const [a, b] = [of(large.value), large.value === small.value ? 0 : of(small.value)];
    const inputs = {
      large,
      small,
      a: given('large tins', a, 'count', 'chosen', 'least left over'),
      b: given('small tins', b, 'count', 'chosen', 'least left over'),
    };
    const total = figure(
      'Bought',
      'mass',
      a * large.value + b * small.value,
      '{a} × {large} + {b} × {small}',
      inputs,
      'whole tins',
    );
    return answer([
      figure('Large tins', 'count', a, '{a}', { a: inputs.a }, 'least left over, then fewest tins'),
      figure('Small tins', 'count', b, '{b}', { b: inputs.b }, 'least left over, then fewest tins'),
      total,
      figure(
        'Left over',
        'mass',
        total.value - need.value,
        '{total} − {need}',
        { total, need },
        'bought less needed',
      ),
    ]);
  },
};

/** A patch smaller than this tells nothing, m². */
const LEAST_PATCH_M2 = 0.01;

/** Up to three patches: a fill varies with the stone, so one patch tells little. */
const PATCHES = [1, 2, 3] as const;

const trial: Calculator = {
  key: 'trial',
  name: 'Trial patch',
  group: 'surface',
  says: 'What a fill coat takes on this stone: area and litres of one to three patches give the rate.',
  asks: [
    ...PATCHES.flatMap((n) => [
      number(`area${n}`, `Patch ${n}, area`, 'area', n === 1 ? 2 : 0, 0, 200),
      number(`used${n}`, `Patch ${n}, used`, 'volume', n === 1 ? 5 : 0, 0, 2000),
    ]),
    number('area', 'Area to be filled', 'area', 100, 0.01, 1e6),
    number('waste', 'Waste', 'percent', 5, 0, 100),
  ],
  run: (v) => {
    const laid = PATCHES.filter(
      (n) => v.number(`area${n}`).value >= LEAST_PATCH_M2 || v.number(`used${n}`).value > 0,
    );
    const bare = laid.find(
      (n) => v.number(`area${n}`).value < LEAST_PATCH_M2 || v.number(`used${n}`).value === 0,
    );
    if (laid.length === 0)
      return refuse('area1', 'Patch 1, area', '0', 'at least one patch with its area and litres');
    if (bare !== undefined)
      return refuse(`area${bare}`, `Patch ${bare}`, 'an area or litres of 0', 'both, or neither');
    const rates = laid.map((n) => {
      const [area, used] = [v.number(`area${n}`), v.number(`used${n}`)];
      return figure(
        `Patch ${n}`,
        'rateVolume',
        used.value / area.value,
        '{used} / {area}',
        { used, area },
        'what went on, over the area that it levelled',
      );
    });
    const inputs = Object.fromEntries(rates.map((r, i) => [`rate${i + 1}`, r]));
    const sum = Object.keys(inputs).map((k) => `{${k}}`);
    const mean = figure(
      'Mean rate',
      'rateVolume',
      rates.reduce((total, r) => total + r.value, 0) / rates.length,
      `(${sum.join(' + ')}) / ${rates.length}`,
      inputs,
      'mean of the patches',
    );
    const most = figure(
      'Thirstiest patch',
      'rateVolume',
      Math.max(...rates.map((r) => r.value)),
      `max(${sum.join(', ')})`,
      inputs,
      'the patch that took most',
    );
    const [area, waste] = [v.number('area'), v.number('waste')];
    const order = (label: string, rate: typeof mean): typeof mean =>
      figure(
        label,
        'volume',
        area.value * rate.value * (1 + waste.value / 100),
        '{area} × {rate} × (1 + {waste} / 100)',
        { area, rate, waste },
        'area by rate, and waste',
      );
    return answer(
      [
        ...rates,
        mean,
        order('To order, by the mean', mean),
        ...(rates.length > 1 ? [most, order('To order, if all of it is as thirsty', most)] : []),
      ],
      rates.length === 1
        ? 'One patch says what its own stones take: lay others where the stones stand higher or closer.'
        : 'Level means that no stone stands up under the fabric. The rate goes into the build-up’s fill coat, measured.',
    );
  },
};

export const SURFACE_CALCULATORS: readonly Calculator[] = [slope, rolls, tins, trial];
