/** Roofs with courses on them: rectangles, Ls and rings of corners, falling one way, with openings. */
import { catalogue, resolve, type BuildUp, type BuildUpDoc, type Layer } from '@lentum/core/buildup';
import { type Opening, type Zone } from '@lentum/core/survey';
import { pointsZone } from './zones.ts';

/** Levels that fall so much along x and along y, per metre. */
export function falling(zone: Zone, dx: number, dy: number): Zone {
  const points = zone.outline.kind === 'points' ? zone.outline.points : [];
  const [x0, y0] = points[0] ?? [0, 0];
  const [x1, y1] = points[1] ?? [1, 0];
  const along = Math.atan2(y1 - y0, x1 - x0);
  const levels = points.map(([x, y], i) => {
    const [ax, ay] = [x - x0, y - y0];
    return {
      id: `l${i}`,
      at: {
        alongM: ax * Math.cos(along) + ay * Math.sin(along),
        acrossM: -ax * Math.sin(along) + ay * Math.cos(along),
      },
      valueM: 10 + dx * x + dy * y,
    };
  });
  return { ...zone, levels: { ...zone.levels, points: levels } };
}

export const roof = (
  id: string,
  points: [number, number][],
  openings: Opening[] = [],
  fall: readonly [number, number] = [0, 0.015],
): Zone => falling({ ...pointsZone(points, { openings }), id, code: 'R', name: id }, ...fall);

export const built = (id: string, choices: Record<string, string> = {}): BuildUp => {
  const found = catalogue().find((b) => b.id === id);
  if (!found) throw new Error(`the catalogue has no ${id}`);
  return resolve(found, { conditions: [], choices });
};

export const docFor = (zones: readonly Zone[], buildUp: BuildUp): BuildUpDoc => ({
  // As it stands, whatever was chosen.
  buildUps: [{ ...buildUp, choices: [], layers: buildUp.layers.map(({ only: _only, ...l }) => l as Layer) }],
  zones: zones.map((z) => ({
    zoneId: z.id,
    buildUpId: buildUp.id,
    revision: buildUp.revision,
    conditions: [],
    choices: {},
  })),
});

export const L_SHAPE: [number, number][] = [
  [0, 0],
  [14, 0],
  [14, 5.3],
  [8.2, 5.3],
  [8.2, 11.4],
  [0, 11.4],
];
