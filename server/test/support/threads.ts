/** Threads of the servers under test start out of the bundle of these very sources: compiling them anew for each takes seconds. */
import { inject } from 'vitest';
import { threadsFrom } from '../../src/operations/ownthread.ts';

threadsFrom(inject('bundle'));
