export { shiftJob } from './shift.ts';
export { velmora } from './velmora.ts';

/** The instant at which the demo file stands still. */
export const DEMO_ANCHOR = '2026-05-12T09:30:00.000Z';

/** The demo file in the published job format. */
export const DEMO_FILE = new URL('../velmora.lentum.json', import.meta.url);
