/** Yield of filled mixes, catalyst, dilution. */
import { warming } from '../site/index.ts';
import { answer, figure, number, type Calculator } from './types.ts';

const filled: Calculator = {
  key: 'yield',
  name: 'Yield of a filled mix',
  group: 'mixing',
  says: 'Volume of a mix with sand or filler, and what it covers.',
  asks: [
    number('resin', 'Resin', 'mass', 10, 0.01, 1e5),
    number('resinDensity', 'Density of the resin', 'density', 1.1, 0.3, 4),
    number('filler', 'Sand or filler', 'mass', 20, 0, 1e5),
    number('fillerDensity', 'Density of its grain', 'density', 2.65, 0.3, 8),
    number('film', 'Film to lay', 'film', 2, 0.01, 200),
  ],
  run: (v) => {
    const [resin, rd, filler, fd, film] = ['resin', 'resinDensity', 'filler', 'fillerDensity', 'film'].map(
      (k) => v.number(k),
    ) as [
      ReturnType<typeof v.number>,
      ReturnType<typeof v.number>,
      ReturnType<typeof v.number>,
      ReturnType<typeof v.number>,
      ReturnType<typeof v.number>,
    ];
    const volume = figure(
      'Yield',
      'volume',
      resin.value / rd.value + filler.value / fd.value,
      '{resin} / {rd} + {filler} / {fd}',
      { resin, rd, filler, fd },
      'volumes add up: sand fills its own solid volume and no more',
    );
    return answer([
      volume,
      figure(
        'Density of the mix',
        'density',
        (resin.value + filler.value) / volume.value,
        '({resin} + {filler}) / {volume}',
        { resin, filler, volume },
        'mass over volume',
      ),
      figure(
        'It covers',
        'area',
        volume.value / film.value,
        '{volume} / {film}',
        { volume, film },
        'coverage follows the mixed volume',
      ),
    ]);
  },
};

const catalyst: Calculator = {
  key: 'catalyst',
  name: 'Catalyst',
  group: 'mixing',
  says: 'Grams of catalyst for a batch, by the per cent that the data sheet names for the temperature.',
  asks: [
    number('resin', 'Resin', 'mass', 10, 0.01, 1000),
    number('percent', 'Catalyst, by mass', 'moisture', 2, 0.1, 10),
  ],
  run: (v) => {
    const [resin, percent] = [v.number('resin'), v.number('percent')];
    return answer(
      [
        figure(
          'Catalyst',
          'massFine',
          (resin.value * percent.value) / 100,
          '{resin} × {percent} / 100',
          { resin, percent },
          'per cent by mass of the resin',
        ),
      ],
      'The per cent comes from the manufacturer’s table at the temperature of the surface; outside the table nothing is mixed.',
    );
  },
};

const dilution: Calculator = {
  key: 'dilution',
  name: 'Dilution in parts',
  group: 'mixing',
  says: '“9 : 1” and the like: how much of each for a bucket.',
  asks: [
    number('first', 'Parts of the first (water)', 'number', 9, 0.01, 1000),
    number('second', 'Parts of the second', 'number', 1, 0.01, 1000),
    number('total', 'Together', 'volume', 10, 0.01, 1e5),
  ],
  run: (v) => {
    const [first, second, total] = [v.number('first'), v.number('second'), v.number('total')];
    const all = first.value + second.value;
    return answer(
      [
        figure(
          'Of the first',
          'volume',
          (total.value * first.value) / all,
          '{total} × {first} / ({first} + {second})',
          { total, first, second },
          'its share of the parts',
        ),
        figure(
          'Of the second',
          'volume',
          (total.value * second.value) / all,
          '{total} × {second} / ({first} + {second})',
          { total, first, second },
          'its share of the parts',
        ),
      ],
      'Into the water, not the other way round. Chlorine is never mixed with acids. Wash water may not be allowed in a drain.',
    );
  },
};

const warm: Calculator = {
  key: 'warming',
  name: 'Bring resin to temperature',
  group: 'mixing',
  says: 'How long a container stands in a room until the resin in it is as warm, or as cool, as it should be.',
  asks: [
    number('mass', 'Resin in the container', 'mass', 25, 0.5, 2000),
    number('density', 'Density of the resin', 'density', 1.3, 0.5, 3),
    number('from', 'Resin now', 'temperature', 8, -30, 80),
    number('room', 'Room', 'temperature', 22, -30, 80),
    number('wanted', 'Resin wanted', 'temperature', 18, -30, 80),
  ],
  run: (v) => {
    const found = warming({
      massKg: v.number('mass'),
      densityKgPerL: v.number('density'),
      fromC: v.number('from'),
      roomC: v.number('room'),
      wantedC: v.number('wanted'),
    });
    return found.ok
      ? answer(
          [found.value.hours, found.value.pace],
          'One by itself, air on all sides, not stirred; pallets and wrapped drums take far longer.',
          'No flame, no radiator against it, no water bath that is not meant for it: read the safety sheet.',
          'Stir it, then read it: the thermometer decides.',
        )
      : found;
  },
};

export const MIXING_CALCULATORS: readonly Calculator[] = [filled, catalyst, dilution, warm];
