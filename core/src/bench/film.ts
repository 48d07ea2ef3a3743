/** Coverage, film, spray and aggregate. */
import { notchFilm } from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import { readings } from './readings.ts';
import { answer, figure, number, refuse, word, type Calculator } from './types.ts';

const DENSITY = number('density', 'Density', 'density', 1.3, 0.3, 4);
const SOLIDS = number('solids', 'Volume solids', 'share', 0.85, 0.01, 1);

const coverage: Calculator = {
  key: 'coverage',
  name: 'Coverage and film',
  group: 'film',
  says: 'Any form of a rate into all the others, and what an area takes.',
  asks: [
    word(
      'known',
      'What is known',
      ['volume', 'volume on an area'],
      ['mass', 'mass on an area'],
      ['wet', 'wet film'],
      ['dry', 'dry film'],
    ),
    number('volumeRate', 'Rate by volume', 'rateVolume', 1, 0.001, 200),
    number('massRate', 'Rate by mass', 'rateMass', 1.3, 0.001, 200),
    number('wet', 'Wet film', 'film', 1, 0.001, 200),
    number('dry', 'Dry film', 'film', 0.85, 0.001, 200),
    DENSITY,
    SOLIDS,
    number('area', 'Area', 'area', 100, 0.01, 1e6),
  ],
  run: (v) => {
    const [density, solids, area] = [v.number('density'), v.number('solids'), v.number('area')];
    const wetFrom = (): Figure => {
      switch (v.word('known')) {
        case 'mass': {
          const rate = v.number('massRate');
          return figure(
            'Wet film',
            'film',
            rate.value / density.value,
            '{rate} / {density}',
            { rate, density },
            'mass over density; 1 L on 1 m² is 1 mm',
          );
        }
        case 'wet': {
          const film = v.number('wet');
          return figure('Wet film', 'film', film.value, '{film}', { film }, 'as given');
        }
        case 'dry': {
          const film = v.number('dry');
          return figure(
            'Wet film',
            'film',
            film.value / solids.value,
            '{film} / {solids}',
            { film, solids },
            'dry film over volume solids',
          );
        }
        default: {
          const rate = v.number('volumeRate');
          return figure(
            'Wet film',
            'film',
            rate.value,
            '{rate}',
            { rate },
            '1 L on 1 m² is 1 mm, by definition of the litre',
          );
        }
      }
    };
    const wet = wetFrom();
    const litres = figure(
      'Volume for the area',
      'volume',
      wet.value * area.value,
      '{wet} × {area}',
      { wet, area },
      'film times area',
    );
    return answer([
      wet,
      figure(
        'Dry film',
        'film',
        wet.value * solids.value,
        '{wet} × {solids}',
        { wet, solids },
        'what stays of it',
      ),
      figure('Rate by volume', 'rateVolume', wet.value, '{wet}', { wet }, '1 mm is 1 L on 1 m²'),
      figure(
        'Rate by mass',
        'rateMass',
        wet.value * density.value,
        '{wet} × {density}',
        { wet, density },
        'volume times density',
      ),
      litres,
      figure(
        'Mass for the area',
        'mass',
        litres.value * density.value,
        '{litres} × {density}',
        { litres, density },
        'volume times density',
      ),
    ]);
  },
};

const notch: Calculator = {
  key: 'notch',
  name: 'Notched trowel to film',
  group: 'film',
  says: 'What a trowel leaves at the angle at which it is held.',
  asks: [
    word('shape', 'Notches', ['square', 'square'], ['triangular', 'triangular']),
    number('notch', 'Depth of the notch', 'gap', 5, 0.5, 40),
    number('angle', 'Angle to the floor, degrees', 'angle', 37, 1, 90),
  ],
  run: (v) => {
    const film = notchFilm({
      kind: 'notched trowel',
      shape: v.word('shape') === 'triangular' ? 'triangular' : 'square',
      notchMm: { value: v.number('notch').value, source: v.number('notch').source },
      angleDeg: { value: v.number('angle').value, source: v.number('angle').source },
      note: '',
    });
    return answer([film], 'Held flatter it leaves less; worn teeth leave less. A wet-film gauge decides.');
  },
};

const spray: Calculator = {
  key: 'spray',
  name: 'Spray fan and tip',
  group: 'film',
  says: 'Width of the fan, how far the next pass is, and general ranges of tip and pressure.',
  asks: [
    word(
      'kind',
      'What is sprayed',
      ['thin', 'primer, thin'],
      ['acrylic', 'acrylic, elastomeric'],
      ['silicone', 'silicone'],
      ['thick', 'thick, high solids'],
    ),
    number('angle', 'Angle of the fan, degrees', 'angle', 50, 10, 110),
    number('away', 'Gun from the surface', 'lap', 300, 100, 1000),
    number('overlap', 'Overlap', 'percent', 50, 0, 90),
  ],
  run: (v) => {
    const [angle, away, overlap] = [v.number('angle'), v.number('away'), v.number('overlap')];
    const half = given('half the angle', angle.value / 2, 'angle', angle.source);
    const right = given('a right angle', 90, 'angle', 'definition');
    const width = figure(
      'Width of the fan',
      'lap',
      2 * away.value * Math.tan(half.value / DEGREES_PER_RADIAN),
      '2 × {away} × sind({half}) / sind({right} − {half})',
      { away, half, right },
      'two right-angled triangles',
    );
    const RANGES: Record<string, string> = {
      thin: 'Tips of about 0.33 to 0.43 mm, 100 to 160 bar.',
      acrylic: 'Tips of about 0.53 to 0.79 mm, 150 to 220 bar.',
      silicone: 'Tips of about 0.58 to 0.89 mm, 200 to 300 bar.',
      thick: 'Tips of about 0.64 to 1.1 mm, 200 to 350 bar.',
    };
    return answer(
      [
        width,
        figure(
          'Next pass',
          'lap',
          width.value * (1 - overlap.value / 100),
          '{width} × (1 − {overlap} / 100)',
          { width, overlap },
          'width less the overlap',
        ),
      ],
      `${RANGES[v.word('kind')] ?? ''} General ranges, no source; the data sheet decides.`,
      'Raise the pressure only until the tails at the fan’s edges are gone; more is overspray. Next coat at right angles.',
      'Injection from an airless gun is a surgical emergency.',
    );
  },
};

const aggregate: Calculator = {
  key: 'aggregate',
  name: 'Aggregate',
  group: 'film',
  says: 'What is thrown, what stays, what is swept off, in bags.',
  asks: [
    number('area', 'Area', 'area', 100, 0.01, 1e6),
    number('thrown', 'Thrown', 'rateMass', 4, 0.01, 20),
    number('retained', 'Stays', 'rateMass', 2.5, 0.01, 20),
    number('bag', 'Bag', 'mass', 25, 1, 1500),
  ],
  run: (v) => {
    const [area, thrown, retained, bag] = [
      v.number('area'),
      v.number('thrown'),
      v.number('retained'),
      v.number('bag'),
    ];
    if (retained.value > thrown.value)
      return refuse(
        'retained',
        'Stays',
        `${retained.value} kg/m² of ${thrown.value} kg/m² thrown`,
        'no more than is thrown',
      );
    const all = figure(
      'Thrown',
      'mass',
      area.value * thrown.value,
      '{area} × {thrown}',
      { area, thrown },
      'order what is thrown',
    );
    return answer(
      [
        all,
        figure(
          'Bags',
          'count',
          Math.ceil(all.value / bag.value),
          'ceil({all} / {bag})',
          { all, bag },
          'whole bags',
        ),
        figure(
          'Stays',
          'mass',
          area.value * retained.value,
          '{area} × {retained}',
          { area, retained },
          'count what stays',
        ),
        figure(
          'Swept off',
          'mass',
          area.value * (thrown.value - retained.value),
          '{area} × ({thrown} − {retained})',
          { area, thrown, retained },
          'the excess, partly used again if it is clean and dry',
        ),
      ],
      'Light about 0.3, measured about 0.5 to 1.5, to refusal about 3 to 5 kg/m²: common practice.',
    );
  },
};

export const FILM_CALCULATORS: readonly Calculator[] = [coverage, readings, notch, spray, aggregate];
