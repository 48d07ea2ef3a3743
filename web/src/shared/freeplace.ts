/** Where a label goes on a drawing: beside what it names, on nothing else that must be read. */

/** From its upper left corner, in the units of the drawing; y down. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The area that two boxes share; 0 where they only touch. */
export function sharedArea(a: Box, b: Box): number {
  const width = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
  const height = Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y);
  return width > 0 && height > 0 ? width * height : 0;
}

/** Moved as little as it takes to lie within the drawing. */
function within(box: Box, { width, height }: Pick<Box, 'width' | 'height'>): Box {
  return {
    ...box,
    x: Math.max(0, Math.min(width - box.width, box.x)),
    y: Math.max(0, Math.min(height - box.height, box.y)),
  };
}

/**
 * @param choices places for it, the best one first
 * @param taken what it may not cover
 * @returns the first choice that covers nothing, else the one that covers least, moved into the drawing
 */
export function freePlace(
  choices: readonly [Box, ...Box[]],
  taken: readonly Box[],
  drawing: Pick<Box, 'width' | 'height'>,
): Box {
  const covers = (box: Box): number => taken.reduce((sum, t) => sum + sharedArea(box, t), 0);
  let best = within(choices[0], drawing);
  for (const choice of choices) {
    const box = within(choice, drawing);
    if (covers(box) < covers(best)) best = box;
  }
  return best;
}

/** Whether a box covers nothing of what is taken. */
export const isFree = (box: Box, taken: readonly Box[]): boolean =>
  taken.every((t) => sharedArea(box, t) === 0);

/** The box round a text that is turned about its middle. */
export function turnedBox(
  [x, y]: readonly [number, number],
  { width, height }: Pick<Box, 'width' | 'height'>,
  degrees: number,
): Box {
  const [c, s] = [
    Math.abs(Math.cos((degrees * Math.PI) / 180)),
    Math.abs(Math.sin((degrees * Math.PI) / 180)),
  ];
  const [w, h] = [width * c + height * s, width * s + height * c];
  return { x: x - w / 2, y: y - h / 2, width: w, height: h };
}

/** Below a circle, above it, to its right and to its left. */
export function roundCircle(
  [x, y]: readonly [number, number],
  r: number,
  { width, height }: Pick<Box, 'width' | 'height'>,
): [Box, ...Box[]] {
  const size = { width, height };
  return [
    { x: x - width / 2, y: y + r + 2, ...size },
    { x: x - width / 2, y: y - r - 2 - height, ...size },
    { x: x + r + 2, y: y - height / 2, ...size },
    { x: x - r - 2 - width, y: y - height / 2, ...size },
  ];
}
