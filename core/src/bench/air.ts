/** Dew and evaporation. */
import { given } from '../figures/index.ts';
import { dewOf } from '../site/index.ts';
import { SECONDS_PER_HOUR } from '../units/index.ts';
import { checkAir, saturationHPa } from '../weather/index.ts';
import { answer, figure, number, type Calculator } from './types.ts';

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

export const AIR_CALCULATORS: readonly Calculator[] = [dew, evaporation];
