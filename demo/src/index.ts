export { shiftJob } from './shift.ts';
export { velmora } from './velmora.ts';

export { DEMO_ANCHOR, morningZone, weatherAt } from './sky.ts';

/** The demo file in the published job format. */
export const DEMO_FILE = new URL('../velmora.lentum.json', import.meta.url);
export { hallFinished } from './hallfinished.ts';
