/** Drawings on paper: a few kinds of shapes in one frame, x to the right, y down. Written out as SVG. */
import { z } from 'zod';

const n = z.number().min(-1e6).max(1e6);
const point = z.tuple([n, n]);

/** What a colour is for; each kind of paper has its own. */
const INKS = [
  ...(['ink', 'quiet', 'line', 'done', 'mind', 'stop', 'soft', 'paper'] as const),
  /** Bands of a film map, from too little to plenty. */
  ...(['film0', 'film1', 'film2', 'film3', 'film4', 'film5'] as const),
  /** Bands of a moisture map, from dry to too damp. */
  ...(['damp0', 'damp1', 'damp2'] as const),
] as const;
export type Ink = (typeof INKS)[number];
const ink = z.enum(INKS);

/** Dark enough to be read on white, also without colour. */
export const INK_COLOURS: Readonly<Record<Ink, string>> = {
  ink: '#1f2a30',
  quiet: '#5a666c',
  line: '#b8b4a6',
  done: '#0e6e62',
  mind: '#8a4a00',
  stop: '#a8261c',
  soft: '#e6efec',
  paper: '#ffffff',
  film0: '#f0b96e',
  film1: '#f5e4b4',
  film2: '#cfe3d2',
  film3: '#9ccabd',
  film4: '#62a89d',
  film5: '#2f7e77',
  damp0: '#dcebe6',
  damp1: '#f2d9a8',
  damp2: '#e3a59b',
};

export const shapeSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('path'),
    points: z.array(point).min(1).max(5000),
    closed: z.boolean(),
    stroke: ink.optional(),
    fill: ink.optional(),
    /** Width of the line, in units of the frame. */
    width: n,
    /** Lengths of dashes and gaps, in units of the frame. */
    dash: z.array(n).max(4).optional(),
  }),
  z.strictObject({ kind: z.literal('dot'), at: point, radius: n, fill: ink }),
  z.strictObject({
    kind: z.literal('text'),
    at: point,
    text: z.string().max(200),
    /** Height of the letters, in units of the frame. */
    size: n,
    align: z.enum(['start', 'middle', 'end']).default('start'),
    bold: z.boolean().default(false),
    fill: ink.default('ink'),
    /** Turned about `at`, clockwise. */
    turnDeg: z.number().min(-360).max(360).optional(),
  }),
]);
export type Shape = z.infer<typeof shapeSchema>;

export const drawingSchema = z.strictObject({
  kind: z.literal('drawing'),
  /** What it shows, for who cannot see it. */
  label: z.string().max(300),
  /** Left, top, width and height of what is drawn. */
  frame: z.tuple([n, n, n.positive(), n.positive()]),
  /** Width on paper, mm; absent: as wide as the sheet lets it be, and no higher than `mostHeightMm`. */
  widthMm: z.number().gt(0).max(5000).optional(),
  mostHeightMm: z.number().gt(0).max(5000).default(120),
  shapes: z.array(shapeSchema).max(20_000),
});
export type Drawing = z.infer<typeof drawingSchema>;

/** Size of a drawing on a sheet with so much room, mm. */
export function drawnMm(
  d: Drawing,
  room: { readonly widthMm: number },
): { readonly widthMm: number; readonly heightMm: number } {
  const [, , width, height] = d.frame;
  const widthMm = d.widthMm ?? Math.min(room.widthMm, (d.mostHeightMm / height) * width);
  return { widthMm, heightMm: (widthMm / width) * height };
}

const AMP = /[&<>"']/g;
const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};
const escaped = (text: string): string => text.replace(AMP, (c) => ENTITIES[c] ?? '');
const short = (v: number): string => String(Number(v.toFixed(3)));
const pair = ([x, y]: readonly [number, number]): string => `${short(x)},${short(y)}`;

function shapeSvg(s: Shape, font: string): string {
  switch (s.kind) {
    case 'path': {
      const tag = s.closed ? 'polygon' : 'polyline';
      const stroke = s.stroke
        ? ` stroke="${INK_COLOURS[s.stroke]}" stroke-width="${short(s.width)}" stroke-linejoin="round"`
        : '';
      const dash = s.dash && s.dash.length > 0 ? ` stroke-dasharray="${s.dash.map(short).join(' ')}"` : '';
      const fill = s.fill ? INK_COLOURS[s.fill] : 'none';
      return `<${tag} points="${s.points.map(pair).join(' ')}" fill="${fill}"${stroke}${dash}/>`;
    }
    case 'dot':
      return `<circle cx="${short(s.at[0])}" cy="${short(s.at[1])}" r="${short(s.radius)}" fill="${INK_COLOURS[s.fill]}"/>`;
    case 'text': {
      const turn = s.turnDeg
        ? ` transform="rotate(${short(s.turnDeg)} ${pair(s.at).replace(',', ' ')})"`
        : '';
      return `<text x="${short(s.at[0])}" y="${short(s.at[1])}" font-size="${short(s.size)}" font-family="${font}" text-anchor="${s.align}" fill="${INK_COLOURS[s.fill]}"${s.bold ? ' font-weight="bold"' : ''}${turn}>${escaped(s.text)}</text>`;
    }
  }
}

/** A drawing as SVG; what lies outside its frame is cut off. @param font family of its letters */
export const drawingSvg = (d: Drawing, font: string): string => shapesSvg(d.frame, d.shapes, font);

/** Shapes in a frame (left, top, width, height) as SVG. */
export function shapesSvg(frame: Drawing['frame'], drawn: readonly Shape[], font: string): string {
  const [x, y, width, height] = frame.map(short);
  const shapes = drawn.map((s) => shapeSvg(s, font)).join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${width} ${height}" overflow="hidden">${shapes}</svg>`;
}
