/** The section of a build-up, worked out in points: designed wet and dry, and the film achieved, on one ground. */
import { dryFilm, inField, thicknessOf, wetFilm, type BuildUp, type Layer } from '@lentum/core/buildup';
import type { AchievedFilm } from '@lentum/core/record';

/** Height of the designed stack, the thinnest slab that is still seen, and what a thick course is cut down to. */
const TALL = 300;
export const THINNEST = 14;
const THICKEST = 70;
const TOP = 12;
const LINE = 38;
/** Fabric takes the room of a line, aggregate without a height of its own that of a row of grains. */
const FABRIC = 9;
const GRAINS = 18;
/** Courses over the films that are thicker than this, mm, are drawn shortened: they would press the films flat. */
const SHORTENED_FROM_MM = 12;

export interface Slab {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly dryMm: number | undefined;
  readonly wetMm: number | undefined;
  readonly achievedMm: number | undefined;
  readonly shortened: boolean;
  readonly height: number;
  readonly wetHeight: number;
  readonly achievedHeight: number;
  readonly y: number;
  readonly wetY: number;
  readonly achievedY: number;
  readonly textY: number;
}

export interface Column {
  readonly slabs: readonly Slab[];
  /** Where the ground begins, and where the last line of text ends. */
  readonly bottom: number;
  readonly textEnd: number;
  readonly anyShortened: boolean;
}

const kindOf = (layer: Layer): string => (layer.kind === 'coat' ? layer.role : layer.kind);

export function layerColumn(buildUp: BuildUp, achieved: readonly AchievedFilm[]): Column {
  const rows = buildUp.layers.filter(inField).map((layer) => ({
    layer,
    dryMm: layer.kind === 'coat' ? dryFilm(layer).value : thicknessOf(layer)?.value,
    wetMm: layer.kind === 'coat' ? wetFilm(layer).value : undefined,
  }));
  const isShortened = (r: (typeof rows)[number]): boolean =>
    r.layer.kind !== 'coat' && (r.dryMm ?? 0) > SHORTENED_FROM_MM;
  const drawn = rows.filter((r) => !isShortened(r));
  const total = drawn.reduce((sum, r) => sum + (r.dryMm ?? 0), 0) || 1;
  const scale = TALL / total;
  const sized = rows.map((row) => {
    const { layer, dryMm, wetMm } = row;
    const shortened = isShortened(row);
    const bare = layer.kind === 'fabric' ? FABRIC : layer.kind === 'pieces' ? 0 : GRAINS;
    const height = dryMm === undefined ? bare : shortened ? THICKEST : Math.max(THINNEST, dryMm * scale);
    const got = achieved.find((a) => a.layerId === layer.id)?.dry.value;
    return {
      id: layer.id,
      name: layer.name,
      kind: kindOf(layer),
      dryMm,
      wetMm,
      achievedMm: got,
      shortened,
      height,
      // As much taller as the wet film is thicker.
      wetHeight: wetMm === undefined || !dryMm ? height : height * (wetMm / dryMm),
      achievedHeight: got === undefined || !dryMm ? 0 : height * (got / dryMm),
    };
  });
  const gotHeight = (s: (typeof sized)[number]): number =>
    s.wetMm === undefined ? s.height : s.achievedHeight;
  const sum = (of: (s: (typeof sized)[number]) => number): number => sized.reduce((t, s) => t + of(s), 0);
  const bottom =
    TOP +
    Math.max(
      sum((s) => s.height),
      sum((s) => s.wetHeight),
      sum(gotHeight),
    );
  let [y, wetY, achievedY] = [bottom, bottom, bottom];
  const fromTop = sized
    .map((s) => {
      y -= s.height;
      wetY -= s.wetHeight;
      achievedY -= gotHeight(s);
      return { ...s, y, wetY, achievedY, textY: y + s.height / 2 };
    })
    .reverse();
  // Names keep a line's distance from each other.
  let last = -Infinity;
  const slabs = fromTop.map((s) => {
    last = Math.max(s.textY, last + LINE);
    return { ...s, textY: last };
  });
  return { slabs, bottom, textEnd: last, anyShortened: sized.some((s) => s.shortened) };
}

export const isThin = (s: Slab): boolean =>
  s.dryMm !== undefined && s.achievedMm !== undefined && s.achievedMm < s.dryMm;
