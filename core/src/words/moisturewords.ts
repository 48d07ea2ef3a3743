/** What a moisture map says, the same on screen and on paper. `pct` writes a moisture content as the job reads it. */
import type { DampPatch, MoistureMap } from '../proving/index.ts';

type Pct = (value: number) => string;

/** What each colour stands for, from dry to too damp. */
export function moistureLegend(map: MoistureMap, pct: Pct): string[] {
  const [low, high] = [pct(map.unprimed.value), pct(map.most.value)];
  return [
    `under ${low}: may go unprimed`,
    `${low} to ${high}: only with primer`,
    `over ${high}: not to be coated`,
  ];
}

/** How well what lies between the readings is known. */
export const moistureKnown = ({ leftOut }: MoistureMap, pct: Pct): string =>
  leftOut
    ? `Left out in turn, a reading is found again within ${pct(leftOut.surface)}; by the nearest within ${pct(leftOut.nearest)}, by the mean within ${pct(leftOut.mean)}.`
    : 'Too few readings lie near each other to say anything between them.';

export const patchWords = ({ isSure }: DampPatch): string => (isSure ? 'Too damp' : 'Perhaps too damp');

/** Readings that are of no use to the map; undefined: none. */
export const leftAsideWords = ({ leftAside }: MoistureMap): string | undefined =>
  leftAside > 0 ? `${leftAside} older, read again since, or without a place are not on it` : undefined;
