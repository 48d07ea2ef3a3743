/**
 * Sealant joints and fillets. Width to depth as is common practice (and as ASTM C1193 recommends, from memory): small
 * joints as deep as wide and at least 10 mm, wide ones half as deep as wide, over a backer rod about a quarter wider
 * than the joint.
 */
import type { Figure, Given } from '../figures/index.ts';
import { COMMON } from '../practice/index.ts';

/** Rods on sale, mm. */
export const ROD_SIZES_MM = [6, 8, 10, 13, 15, 20, 25, 30, 40, 50, 60, 80, 100] as const;

/** A joint that is narrower than the least depth of its sealant: it would be deeper than wide, and tears as it moves. */
export const isNarrow = (widthMm: number): boolean => widthMm > 0 && widthMm < COMMON.leastJointDepth.value;

export interface SealantJoint {
  readonly depth: Figure;
  /** Diameter of the rod; nothing under the least size or for the smallest joints. */
  readonly rodMm: Figure;
  /** The rod to buy, or nothing where none is large enough. */
  readonly rodOnSaleMm: number | undefined;
  readonly volume: Figure;
}

/**
 * @param widthMm above nothing
 * @param length m
 */
export function sealantJoint(widthMm: Given, length: Figure | Given): SealantJoint {
  const { leastJointDepth: least, smallJoint, rodOver: times } = COMMON;
  const small = widthMm.value <= smallJoint.value;
  const depth: Figure = {
    label: 'Depth of the sealant',
    value: Math.max(least.value, small ? widthMm.value : widthMm.value / 2),
    quantity: 'gap',
    formula: small ? 'max({least}, {width})' : 'max({least}, {width} / 2)',
    inputs: { least, width: widthMm },
    from: isNarrow(widthMm.value)
      ? `no less than ${least.value} mm, though that is deeper than wide: a wider joint lasts longer`
      : small
        ? `up to ${smallJoint.value} mm as deep as wide`
        : `wider than ${smallJoint.value} mm: half as deep as wide`,
  };
  const rodMm: Figure = {
    label: 'Backer rod, at least',
    value: widthMm.value * times.value,
    quantity: 'gap',
    formula: '{width} × {times}',
    inputs: { width: widthMm, times },
    from: 'about a quarter wider than the joint, so that it holds by itself',
  };
  return {
    depth,
    rodMm,
    rodOnSaleMm: ROD_SIZES_MM.find((d) => d >= rodMm.value),
    volume: {
      label: 'Sealant in the joint',
      value: (widthMm.value * depth.value * length.value) / 1000,
      quantity: 'volume',
      formula: '{width} × {depth} × {length} / 1000',
      inputs: { width: widthMm, depth, length },
      from: 'a prism; 1 mm by 1 mm by 1 m is a millilitre',
    },
  };
}

/** A fillet of two equal legs: a triangular prism. */
export function filletVolume(legMm: Given, length: Figure | Given): Figure {
  return {
    label: 'Fillet',
    value: (legMm.value * legMm.value * length.value) / 2 / 1000,
    quantity: 'volume',
    formula: '{leg} × {leg} / 2 × {length} / 1000',
    inputs: { leg: legMm, length },
    from: 'a triangular prism of two equal legs; 1 mm by 1 mm by 1 m is a millilitre',
  };
}
