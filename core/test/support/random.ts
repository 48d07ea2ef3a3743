/** The core's own generator, for tests that draw the same random cases each time. */
export { seeded } from '../../src/keeping/index.ts';
