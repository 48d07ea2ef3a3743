/** Areas, rolls, tins, joints, fillets, pockets, dew and evaporation. */
import { CATALOGUE, resolve, type Pieces } from '../buildup/index.ts';
import { filletVolume, fitCurb, pourVolume, sealantJoint } from '../details/index.ts';
import { given } from '../figures/index.ts';
import { chooseBoth } from '../order/index.ts';
import { dewOf } from '../site/index.ts';
import { SECONDS_PER_HOUR } from '../units/index.ts';
import { checkAir, saturationHPa } from '../weather/index.ts';
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

const joint: Calculator = {
  key: 'joint',
  name: 'Sealant joint',
  group: 'joints',
  says: 'Depth, backer rod and sealant for a joint of a width.',
  asks: [
    number('width', 'Width of the joint', 'gap', 20, 1, 100),
    number('length', 'Length', 'length', 10, 0.01, 10000),
    number('pack', 'Cartridge or bag', 'volumeFine', 0.6, 0.05, 20),
  ],
  run: (v) => {
    const [width, length, pack] = [v.number('width'), v.number('length'), v.number('pack')];
    const j = sealantJoint(width, length);
    return answer(
      [
        j.depth,
        j.rodMm,
        j.volume,
        figure(
          'Packs',
          'count',
          Math.ceil(j.volume.value / pack.value),
          'ceil({volume} / {pack})',
          { volume: j.volume, pack },
          'whole packs',
        ),
      ],
      j.rodOnSaleMm === undefined
        ? 'No rod on sale is that large: a profile of its own is needed.'
        : `The next rod on sale is ${j.rodOnSaleMm} mm.`,
    );
  },
};

const fillet: Calculator = {
  key: 'fillet',
  name: 'Fillet',
  group: 'joints',
  says: 'Sealant or mortar in a fillet of 45°.',
  asks: [
    number('leg', 'Leg', 'gap', 50, 2, 200),
    number('length', 'Length', 'length', 10, 0.01, 10000),
    number('density', 'Density', 'density', 1.9, 0.3, 4),
  ],
  run: (v) => {
    const volume = filletVolume(v.number('leg'), v.number('length'));
    const density = v.number('density');
    return answer([
      volume,
      figure(
        'Mass',
        'mass',
        volume.value * density.value,
        '{volume} × {density}',
        { volume, density },
        'volume times density',
      ),
    ]);
  },
};

const pocket: Calculator = {
  key: 'pocket',
  name: 'Pocket round pipes',
  group: 'joints',
  says: 'Curb parts round a cluster, and what is poured.',
  asks: [
    number('length', 'Pipes together, length', 'lap', 300, 10, 3000),
    number('width', 'Pipes together, width', 'lap', 150, 10, 3000),
    number('pipes', 'Pipes', 'count', 3, 1, 100),
    number('pipe', 'Diameter of each', 'lap', 50, 5, 500),
    number('depth', 'Depth of the fill', 'film', 50, 5, 300),
  ],
  run: (v) => {
    const shipped = CATALOGUE.find((b) => b.family === 'POCKET');
    const pieces = shipped && resolve(shipped).layers.find((l): l is Pieces => l.kind === 'pieces');
    if (!pieces) return refuse('pieces', 'Curb parts', 'none', 'a pocket in the catalogue');
    const cluster = {
      lengthMm: v.number('length').value,
      widthMm: v.number('width').value,
      pipes: v.number('pipes').value,
      pipeMm: v.number('pipe').value,
    };
    const curb = fitCurb(cluster, pieces, 'Pocket');
    if (!curb.ok) return curb;
    const pour = pourVolume(curb.value, cluster, v.number('depth').value, 'Pocket');
    if (!pour.ok) return pour;
    const parts = curb.value.parts.map((p) => `${p.count} × ${p.part.name.toLowerCase()}`).join(', ');
    return answer(
      [curb.value.inside, pour.value],
      `Parts: ${parts}.`,
      `The nearest pipe is ${Math.round(curb.value.clearanceMm)} mm off the curb. Parts are typical ones; replace with your data sheet.`,
    );
  },
};

const dew: Calculator = {
  key: 'dew',
  name: 'Dew point',
  group: 'air and water',
  says: 'Dew point of the air, and how far the surface is above it.',
  asks: [
    number('air', 'Air', 'temperature', 18, -40, 60),
    number('humidity', 'Humidity', 'percent', 65, 1, 100),
    number('surface', 'Surface', 'temperature', 16, -40, 90),
  ],
  run: (v) => {
    const found = dewOf({
      airC: v.number('air').value,
      humidityPct: v.number('humidity').value,
      surfaceC: v.number('surface').value,
    });
    if (!found.ok) return found;
    return answer(
      [found.value.dewPoint, found.value.margin],
      'At least 3 °C above the dew point, by common rules (ISO 8502-4 for steel).',
    );
  },
};

/** Of water at about 20 °C, kJ/kg; and the coefficients of still and of moving air (pools; from memory). */
const EVAPORATION = { still: 0.089, moved: 0.0782, latent: 2450 } as const;

const evaporation: Calculator = {
  key: 'evaporation',
  name: 'Evaporation in a flood test',
  group: 'air and water',
  says: 'How much of a falling level is only evaporation.',
  asks: [
    number('water', 'Water', 'temperature', 18, 0, 50),
    number('air', 'Air', 'temperature', 18, -40, 60),
    number('humidity', 'Humidity', 'percent', 65, 1, 100),
    number('wind', 'Wind over it', 'speed', 2, 0, 20),
    number('hours', 'Test lasts', 'hours', 24, 1, 200),
    number('area', 'Area under water', 'area', 50, 0.1, 1e5),
  ],
  run: (v) => {
    const [water, air, humidity, wind, hours, area] = [
      v.number('water'),
      v.number('air'),
      v.number('humidity'),
      v.number('wind'),
      v.number('hours'),
      v.number('area'),
    ];
    const checked = checkAir(air.value, humidity.value);
    if (!checked.ok) return checked;
    const kPa = (label: string, hPa: number) =>
      given(label, hPa / 10, 'number', 'definition', 'saturation over water, kPa (Magnus)');
    const [pw, sat] = [
      kPa('vapour pressure at the water', saturationHPa(water.value)),
      kPa('saturation of the air', saturationHPa(air.value)),
    ];
    const c = (label: string, value: number) => given(label, value, 'number', 'definition');
    const [still, moved, latent, day] = [
      c('still air', EVAPORATION.still),
      c('moving air', EVAPORATION.moved),
      c('latent heat', EVAPORATION.latent),
      c('seconds in a day', 24 * SECONDS_PER_HOUR),
    ];
    const drive = Math.max(0, pw.value - (sat.value * humidity.value) / 100);
    const perDay = figure(
      'Evaporates in a day',
      'gap',
      (drive * (still.value + moved.value * wind.value) * day.value) / latent.value,
      'max(0, {pw} − {sat} × {humidity} / 100) × ({still} + {moved} × {wind}) × {day} / {latent}',
      { pw, sat, humidity, still, moved, wind, day, latent },
      'formula for pools (ASHRAE, from memory): pressure difference times a coefficient of the wind, over the latent heat',
    );
    const twentyFour = c('hours in a day', 24);
    const lost = figure(
      'Level falls by',
      'gap',
      (perDay.value * hours.value) / 24,
      '{perDay} × {hours} / {twentyFour}',
      { perDay, hours, twentyFour },
      'over the test',
    );
    return answer(
      [
        perDay,
        lost,
        figure(
          'Volume',
          'volume',
          lost.value * area.value,
          '{lost} × {area}',
          { lost, area },
          '1 mm on 1 m² is a litre',
        ),
      ],
      'An aid: a bucket of water set beside it tells better. Sun on the water and rain are not in it.',
    );
  },
};

export const SURFACE_CALCULATORS: readonly Calculator[] = [
  slope,
  rolls,
  tins,
  joint,
  fillet,
  pocket,
  dew,
  evaporation,
];
