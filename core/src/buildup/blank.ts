/** New layers to begin from: every number assumed, to be replaced with those of a data sheet. */
import type { z } from 'zod';
import type { Coat, CoatRole, Layer, LayerKind } from './layers.ts';
import { layerSchema } from './layers.ts';
import type { BuildUp } from './schema.ts';
import { buildUpSchema } from './schema.ts';

const assumed = (value: number) => ({ value, source: 'assumed' as const });
const table = (...points: [number, number][]) => ({
  source: 'assumed' as const,
  points: points.map(([atC, hours]) => ({ atC, hours })),
});

const LIMITS = {
  airMinC: assumed(5),
  airMaxC: assumed(35),
  surfaceMinC: assumed(5),
  surfaceMaxC: assumed(45),
  humidityMaxPct: assumed(85),
  dewMarginK: assumed(3),
};

/** A layer of a kind to begin with. `into` names the coat that fabric and aggregate are laid into. */
export function blankLayer(kind: LayerKind, id: string, role: CoatRole = 'membrane', into = 'none'): Layer {
  const base = { id, note: '' };
  const rolls = {
    rollWidthM: assumed(1),
    rollLengthM: assumed(50),
    sideLapMm: assumed(75),
    endLapMm: assumed(100),
  };
  const pages: Readonly<Record<LayerKind, z.input<typeof layerSchema>>> = {
    coat: {
      ...base,
      kind: 'coat',
      name: `${role.slice(0, 1).toUpperCase()}${role.slice(1)}${role === 'primer' ? '' : ' coat'}`,
      role,
      rate: { basis: 'volume', value: role === 'primer' ? 0.2 : 0.7, source: 'assumed' },
      densityKgPerL: assumed(1.2),
      volumeSolids: assumed(role === 'primer' ? 0.4 : 0.7),
      containers: [{ id: 'pail', name: '20 L pail', basis: 'volume', net: 20 }],
      potLife: { source: 'assumed', points: [{ atC: 20, minutes: 40 }] },
      limits: LIMITS,
      cure: {
        touch: table([5, 12], [20, 4], [30, 2]),
        rainSafe: table([5, 12], [20, 4], [30, 2]),
        overcoatFrom: table([5, 36], [20, 12], [30, 8]),
        foot: table([5, 48], [20, 24], [30, 16]),
      },
      ifMissed: 'Abrade, clean and prime again before the next coat.',
    },
    fabric: {
      ...base,
      ...rolls,
      kind: 'fabric',
      name: 'Fabric',
      embeddedIn: into,
      weightGPerM2: assumed(110),
      where: 'throughout',
    },
    broadcast: {
      ...base,
      kind: 'broadcast',
      name: 'Aggregate',
      into,
      method: 'at a rate',
      grading: '0.4–0.8 mm',
      thrownKgPerM2: assumed(1),
      retainedKgPerM2: assumed(0.9),
      bagKg: assumed(25),
    },
    sheet: {
      ...base,
      ...rolls,
      rollLengthM: assumed(10),
      kind: 'sheet',
      name: 'Sheet ply',
      bonding: 'self-adhered',
      chemistry: 'bitumen sheet',
      thicknessMm: assumed(3),
      weightKgPerM2: assumed(3.8),
      offset: 'none',
      surfacing: 'film',
      limits: LIMITS,
      ifMissed: 'Warm the lap and roll it again; where it will not hold, a patch over it.',
    },
    protection: {
      ...base,
      kind: 'protection',
      name: 'Protection course',
      material: 'board',
      laid: 'loose',
      thicknessMm: assumed(6),
      weightKgPerM2: assumed(6),
      pieceWidthM: assumed(1),
      pieceLengthM: assumed(2),
      lapMm: assumed(0),
    },
    pieces: {
      ...base,
      kind: 'pieces',
      name: 'Curb parts',
      heightMm: assumed(50),
      clearanceMm: assumed(25),
      skinAboveMm: assumed(25),
      pieces: [{ id: 'straight', name: 'Straight', shape: 'straight', sizeMm: assumed(300) }],
      limits: LIMITS,
      ifMissed: 'Wipe, seal again, press down.',
    },
  };
  return layerSchema.parse(pages[kind]);
}

/** Hot-applied work is a coat that comes out of a kettle. */
export function blankHot(id: string): Coat {
  const coat = blankLayer('coat', id, 'membrane') as Coat;
  return {
    ...coat,
    name: 'Hot layer',
    chemistry: 'bitumen, hot',
    rate: { basis: 'wetFilm', value: 3, source: 'assumed' },
    volumeSolids: assumed(1),
    containers: [{ id: 'block', name: '18 kg block', basis: 'mass', net: 18 }],
    kettle: BLOCKS.kettle as Coat['kettle'],
  };
}

/** Parts of a coat that are there or not, with what they begin as. */
export const BLOCKS = {
  mix: {
    by: 'mass',
    source: 'assumed',
    parts: [
      { id: 'a', name: 'Part A', kind: 'resin', parts: 2, densityKgPerL: assumed(1.1) },
      { id: 'b', name: 'Part B', kind: 'hardener', parts: 1, densityKgPerL: assumed(1.1) },
    ],
  },
  catalyst: {
    source: 'assumed',
    points: [
      { fromC: 5, toC: 15, percent: 4 },
      { fromC: 15, toC: 25, percent: 2 },
    ],
  },
  thickener: {
    source: 'assumed',
    name: 'thickener',
    points: [{ fromSlopePct: 10, percent: 10 }],
    trialMinutes: assumed(20),
  },
  kettle: {
    applyMinC: assumed(175),
    safeMaxC: assumed(210),
    hoursAtHeat: assumed(8),
    probeEveryM2: assumed(10),
  },
} satisfies Partial<Record<keyof Coat, unknown>>;

/** A build-up with one coat, to begin from. */
export const blankBuildUp = (id: string, name: string): BuildUp =>
  buildUpSchema.parse({
    id,
    revision: 1,
    name,
    family: 'PU1',
    summary: '',
    acceptance: 'average-and-spots',
    leastDryFilmMm: assumed(1),
    layers: [blankLayer('coat', 'coat-1')],
    cautions: [
      'Roof edges and openings: fall protection first.',
      'Read the data sheet; it, local rules and licensed people come before any figure here.',
    ],
  });
