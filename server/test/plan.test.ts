/** The plan of a job as files, over the API. */
import DxfParser from 'dxf-parser';
import { describe, expect, it } from 'vitest';
import { velmora } from '@lentum/demo';
import { zoneQuantities } from '@lentum/core/survey';
import { geoJsonSchema, planJsonSchema } from '../src/survey/planfiles.ts';
import { api, detail, importDemo, NOW, V1 } from './support/api.ts';

const survey = velmora(NOW).survey;
const areas = new Map(
  survey.zones.flatMap((z) => {
    const q = zoneQuantities(z);
    return q.ok ? [[z.name, q.value.area.value] as const] : [];
  }),
);

describe('the plan as files', () => {
  it('areas as CSV, the drawing as DXF, outlines in metres: of every zone', async () => {
    const job = await importDemo();
    const csv = (await api.get(`${V1}/jobs/${job}/areas.csv`).expect(200)).text;
    for (const [name, area] of areas) {
      const [, , , value] =
        csv
          .split('\r\n')
          .find((l) => l.startsWith(`${name},`) && l.includes('plan area'))
          ?.split(',') ?? [];
      expect(Number(value)).toBeCloseTo(area, 2);
    }
    const dxf = (await api.get(`${V1}/jobs/${job}/plan.dxf`).buffer(true).expect(200)).body as Buffer;
    expect(new DxfParser().parseSync(dxf.toString('utf8'))?.entities.length).toBeGreaterThan(
      survey.zones.length - 1,
    );
    const told: unknown = JSON.parse((await api.get(`${V1}/jobs/${job}/plan.json`).expect(200)).text);
    const plan = planJsonSchema.parse(told);
    expect(plan, 'all that is told is described').toEqual(told);
    for (const z of plan.zones) expect(z.area_m2).toBeCloseTo(areas.get(z.name) ?? 0, 2);
    expect(plan.zones.length).toBe(areas.size);
  });

  it('GeoJSON asks for the place of the plan, and is in degrees once it has one', async () => {
    const job = await importDemo();
    const doc = await api.get(`${V1}/jobs/${job}/survey`).expect(200);
    const { origin: _, ...without } = doc.body as Record<string, unknown>;
    const put = (body: object) =>
      api.put(`${V1}/jobs/${job}/survey`).set('If-Match', '*').send(body).expect(200);
    await put(without);
    expect(detail(await api.get(`${V1}/jobs/${job}/plan.geojson`).expect(422))).toContain(
      'The survey, place of the plan',
    );
    await put({ ...without, origin: { lonDeg: 12.5, latDeg: 41.9, bearingDeg: 20 } });
    const { body } = await api.get(`${V1}/jobs/${job}/plan.geojson`).expect(200);
    const geo = geoJsonSchema.parse(body);
    expect(geo, 'all that is told is described').toEqual(body);
    for (const [lon, lat] of geo.features.flatMap((f) => f.geometry.coordinates.flat())) {
      expect(Math.abs(lon - 12.5)).toBeLessThan(0.01);
      expect(Math.abs(lat - 41.9)).toBeLessThan(0.01);
    }
  });
});
