/** Sun, humid air and the temperature of a roof, against things outside the project. */
import psychrolib from 'psychrolib';
import * as SunCalc from 'suncalc';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { roofSurface } from '@lentum/core/programme';
import {
  balance,
  clearSkyWPerM2,
  convection,
  dryingMmPerH,
  humidityFromDew,
  isNight,
  nextHour,
  saturationHPa,
  skyEmissivity,
  STEFAN_BOLTZMANN,
  sunOnLevelWPerM2,
  sunPosition,
  throughCloud,
  vapourHPa,
  wetBulb,
  type SkyHour,
  type SurfaceKind,
} from '@lentum/core/weather';

psychrolib.SetUnitSystem(psychrolib.SI);
const HOUR = 3_600_000;

describe('the sun', () => {
  const places: [number, number][] = [
    [0, 0],
    [38.7, -9.1],
    [52.5, 13.4],
    [-33.9, 151.2],
    [64.1, -21.9],
    [32.6, -105],
  ];
  it('stands where an independent library puts it (suncalc), within 0.1°, over a year; its refraction is less above 15°', () => {
    let worst = 0;
    let compared = 0;
    for (const [latitudeDeg, longitudeDeg] of places)
      for (let ms = Date.UTC(2026, 0, 1, 0, 30); ms < Date.UTC(2027, 0, 1); ms += 37 * HOUR) {
        const ours = sunPosition(ms, { latitudeDeg, longitudeDeg });
        const theirs = SunCalc.getPosition(new Date(ms), latitudeDeg, longitudeDeg);
        if (theirs.altitude < 15) continue;
        compared += 1;
        worst = Math.max(worst, Math.abs(ours.elevationDeg - theirs.altitude));
        if (theirs.altitude > 80) continue;
        const apart = Math.abs(ours.azimuthDeg - theirs.azimuth);
        worst = Math.max(worst, Math.min(apart, 360 - apart));
      }
    expect(worst).toBeLessThan(0.1);
    expect(compared).toBeGreaterThan(400);
  });
  it('rises and sets when that library says, within two minutes', () => {
    for (const [latitudeDeg, longitudeDeg] of places.filter(([lat]) => Math.abs(lat) < 60))
      for (let month = 0; month < 12; month += 1) {
        const noon = new Date(Date.UTC(2026, month, 15, 12) - (longitudeDeg / 15) * HOUR);
        const times = SunCalc.getTimes(noon, latitudeDeg, longitudeDeg);
        const place = { latitudeDeg, longitudeDeg };
        for (const [turn, before] of [
          [times.sunrise, true],
          [times.sunset, false],
        ] as const) {
          if (!turn) throw new Error('the sun neither rises nor sets');
          expect(isNight(turn.getTime() - 120_000, place), `${turn.toISOString()} before`).toBe(before);
          expect(isNight(turn.getTime() + 120_000, place)).toBe(!before);
        }
      }
  });
  it('is in the zenith at the tropic at midsummer noon, due south of the north (Astronomical Almanac, from memory)', () => {
    const noon = Date.UTC(2026, 5, 21, 12, 2);
    expect(sunPosition(noon, { latitudeDeg: 23.44, longitudeDeg: 0 }).elevationDeg).toBeGreaterThan(89.7);
    expect(sunPosition(noon, { latitudeDeg: 52, longitudeDeg: 0 }).azimuthDeg).toBeCloseTo(180, 0);
  });
  it('gives about 1,000 W/m² from overhead and nothing at night; clouds take three quarters (Kasten and Czeplak)', () => {
    expect(clearSkyWPerM2(90)).toBeGreaterThan(980);
    expect(clearSkyWPerM2(90)).toBeLessThan(1080);
    expect(clearSkyWPerM2(-5)).toBe(0);
    expect(throughCloud(800, 1)).toBeCloseTo(200, 9);
    expect(sunOnLevelWPerM2(Date.UTC(2026, 5, 21, 0), { latitudeDeg: 40, longitudeDeg: 0 }, 0)).toBe(0);
  });
});

describe('humid air', () => {
  it('wet bulb of a ventilated psychrometer agrees with psychrolib’s thermodynamic one within 0.3 K from 1 to 50 °C', () => {
    for (let t = 1; t <= 50; t += 3.5)
      for (let rh = 10; rh <= 100; rh += 10) {
        const theirs = psychrolib.GetTWetBulbFromRelHum(t, rh / 100, 101325);
        if (theirs < 0.5) continue;
        const ours = wetBulb(t, rh);
        expect(ours.ok && Math.abs(ours.value - theirs), `${t} °C ${rh} %`).toBeLessThan(0.3);
      }
  });
  it('vapour pressure agrees with psychrolib within 0.5 % from 0.5 to 60 °C', () => {
    for (let t = 0.5; t <= 60; t += 1)
      for (const rh of [10, 50, 90])
        expect(vapourHPa(t, rh) / (psychrolib.GetVapPresFromRelHum(t, rh / 100) / 100)).toBeCloseTo(1, 2);
  });
  it('over water below zero, as WMO guide no. 8 has it: 1.254 hPa at −20 °C (Smithsonian table, from memory)', () => {
    expect(saturationHPa(-20)).toBeCloseTo(1.254, 2);
  });
  it('a dew point above the air is refused in a sentence; back and forth gives the same', () => {
    expect(humidityFromDew(10, 10.5)).toMatchObject({ ok: false });
    const back = humidityFromDew(20, 9.26);
    expect(back.ok && back.value).toBeCloseTo(50, 0);
    expect(wetBulb(20, 100)).toMatchObject({ ok: true });
    expect(wetBulb(70, 50).ok).toBe(false);
  });
});

const SKY: SkyHour = { airC: 18, humidityPct: 60, windMPerS: 2, cloud: 0.3, sunWPerM2: 500, rainMm: 0 };
const SLAB: SurfaceKind = {
  absorptance: 0.6,
  sunShare: 1,
  emissivity: 0.9,
  heatKJPerM2K: 150,
  belowWPerM2K: 1.5,
  belowC: 19,
  holdsMm: 0.5,
};

describe('the temperature of a surface', () => {
  it('settles where the heat that comes equals the heat that goes: the sol-air balance, written out (ASHRAE Fundamentals)', () => {
    const state = { tempC: 5, wetMm: 0 };
    for (let h = 0; h < 400; h += 1) nextHour(SLAB, state, SKY);
    const t = state.tempC;
    const hc = convection(SKY.windMPerS);
    const skyK = (SKY.airC + 273.15) * skyEmissivity(10.1, SKY.cloud) ** 0.25;
    // Long waves by the fourth powers themselves: the model takes their slope at the mean, which is near.
    const long = SLAB.emissivity * STEFAN_BOLTZMANN * ((t + 273.15) ** 4 - skyK ** 4);
    const net = SLAB.absorptance * SKY.sunWPerM2 - hc * (t - SKY.airC) - long - SLAB.belowWPerM2K * (t - 19);
    expect(Math.abs(net)).toBeLessThan(2);
    expect(t).toBeGreaterThan(SKY.airC + 5);
  });
  it('decays as exp(−t / tau) to where it settles, whatever the steps (analytic answer of the equation)', () => {
    const night = { ...SKY, sunWPerM2: 0 };
    const state = { tempC: 40, wetMm: 0 };
    let analytic = 40;
    for (let h = 0; h < 6; h += 1) {
      const b = balance(SLAB, night, analytic);
      // A thousand small steps of Euler's, with the balance held through the hour.
      const step = HOUR / 1000 / 1000;
      for (let i = 0; i < 1000; i += 1)
        analytic += ((b.exchange * (b.settlesC - analytic)) / (SLAB.heatKJPerM2K * 1000)) * step;
      nextHour(SLAB, state, night);
      expect(state.tempC).toBeCloseTo(analytic, 1);
    }
  });
  it('the hour’s mean lies between its ends', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 60, noNaN: true }),
        fc.double({ min: -15, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 1000, noNaN: true }),
        (start, airC, sunWPerM2) => {
          const state = { tempC: start, wetMm: 0 };
          const mean = nextHour(SLAB, state, { ...SKY, airC, sunWPerM2 }).tempC;
          expect(mean).toBeGreaterThanOrEqual(Math.min(start, state.tempC) - 1e-9);
          expect(mean).toBeLessThanOrEqual(Math.max(start, state.tempC) + 1e-9);
        },
      ),
    );
  });
  it('a dark membrane over insulation falls below the air under a clear night sky; a slab is still warm at dusk', () => {
    const night = { ...SKY, sunWPerM2: 0, cloud: 0, windMPerS: 0.5 };
    const membrane = { tempC: 18, wetMm: 0 };
    for (let h = 0; h < 4; h += 1) nextHour(roofSurface({ kind: 'bitumen-smooth' }, 'dark'), membrane, night);
    expect(membrane.tempC).toBeLessThan(night.airC - 2);
    const slab = { tempC: 18, wetMm: 0 };
    for (let h = 0; h < 6; h += 1)
      nextHour(roofSurface({ kind: 'concrete-old' }), slab, { ...SKY, sunWPerM2: 700 });
    nextHour(roofSurface({ kind: 'concrete-old' }), slab, { ...SKY, sunWPerM2: 0 });
    expect(slab.tempC).toBeGreaterThan(SKY.airC + 3);
  });
  it('a light surface stays cooler than a dark one, a shaded one cooler than either, and a coat on top decides', () => {
    const noon = { ...SKY, sunWPerM2: 800 };
    const settles = (...facts: Parameters<typeof roofSurface>) =>
      balance(roofSurface(...facts), noon, noon.airC).settlesC;
    const kind = 'bitumen-smooth' as const;
    const [light, dark] = [settles({ kind, colour: 'light' }), settles({ kind, colour: 'dark' })];
    // Sun taken in, over what is exchanged (sol-air, ASHRAE Fundamentals).
    const { exchange } = balance(roofSurface({ kind }), noon, noon.airC);
    expect(dark - light).toBeCloseTo(((0.9 - 0.35) * 800) / exchange, 6);
    expect(settles({ kind, colour: 'dark', sunShare: 0.25 })).toBeLessThan(light);
    expect(settles({ kind, colour: 'dark' }, 'light')).toBeCloseTo(light, 9);
    expect(settles({ kind, colour: 'light' }, 'clear')).toBeCloseTo(light, 9);
    expect(settles({ kind })).toBeCloseTo(dark, 9);
  });
  it('rain wets it, wind and sun dry it, dew wets it again; it never holds more than it can', () => {
    const kind = roofSurface({ kind: 'concrete-old' });
    const state = { tempC: 15, wetMm: 0 };
    expect(nextHour(kind, state, { ...SKY, rainMm: 5, sunWPerM2: 0, humidityPct: 95 }).wetMm).toBe(
      kind.holdsMm,
    );
    let hours = 0;
    while (state.wetMm > 0 && hours < 48) {
      nextHour(kind, state, SKY);
      hours += 1;
    }
    expect(hours).toBeGreaterThanOrEqual(1);
    expect(hours).toBeLessThan(6);
    expect(dryingMmPerH(8, { airC: 15, humidityPct: 90, windMPerS: 1 })).toBeLessThan(0);
    // Open water at 20 °C, 50 %, 2 m/s loses some 0.3 mm an hour (Dalton's law; common practice, no source).
    expect(dryingMmPerH(20, { airC: 20, humidityPct: 50, windMPerS: 2 })).toBeGreaterThan(0.2);
    expect(dryingMmPerH(20, { airC: 20, humidityPct: 50, windMPerS: 2 })).toBeLessThan(0.5);
  });
});
