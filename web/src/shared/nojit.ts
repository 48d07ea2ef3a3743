/**
 * Imported before any schema is made. Schemas compile themselves where they may; the page's policy forbids it, and a
 * browser reports the attempt, which costs a tenth of a second of every start.
 */
import { config } from 'zod';

config({ jitless: true });
