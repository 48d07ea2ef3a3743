/** Times of a device whose clock is off: what it entered reads as if its clock had been right. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import {
  bayStatus,
  bodyOfDevice,
  clockShiftMs,
  foldRecord,
  INSTANT_FIELDS,
  isSecondForm,
  EMPTY_BOOK,
  KINDS,
  link,
  readEntry,
  secondFormSchema,
  type Entry,
  type Kind,
  type StoredEntry,
} from '@lentum/core/record';
import { job, make, names, now, SAMPLES } from './support/entries.ts';

const HOUR_MS = 3_600_000;

/** How the schema of an entry says "an instant to the millisecond". */
const INSTANT = String.raw`T\d\d:\d\d:\d\d\.\d{3}Z$`;

/** The names of fields that hold an instant, wherever a schema has them. */
function instantsIn(node: unknown, name: string, found: Set<string>): Set<string> {
  if (Array.isArray(node)) for (const each of node) instantsIn(each, name, found);
  else if (node !== null && typeof node === 'object') {
    const { pattern, properties } = node as { readonly pattern?: unknown; readonly properties?: object };
    if (pattern === INSTANT) found.add(name);
    for (const [key, value] of Object.entries(properties ?? {})) instantsIn(value, key, found);
    for (const [key, value] of Object.entries(node)) if (key !== 'properties') instantsIn(value, name, found);
  }
  return found;
}

/** An entry of a device whose clock is behind by the offset, of what was so at the right times. */
function offBy<T extends Entry>(entry: T, offsetMs: number): T {
  const madeAt = new Date(Date.parse(entry.madeAt) - clockShiftMs(offsetMs)).toISOString();
  return { ...entry, offsetMs, madeAt, body: bodyOfDevice(entry.body as never, offsetMs) as T['body'] };
}

describe('a clock that is off', () => {
  it('knows each field of an entry that holds an instant', () => {
    const found = instantsIn(z.toJSONSchema(secondFormSchema, { io: 'input' }), '', new Set());
    found.delete('madeAt');
    expect([...found].sort()).toEqual([...INSTANT_FIELDS].sort());
  });
  it.each([
    [undefined, 0],
    [0, 0],
    [119_000, 0],
    [-120_000, 0],
    [120_001, 120_001],
    [-3_600_000, -3_600_000],
  ])('an offset of %s ms moves times by %s ms', (offsetMs, shiftMs) => {
    expect(clockShiftMs(offsetMs)).toBe(shiftMs);
  });
  it.each(KINDS)('%s reads as from a clock that is right', (kind: Kind) => {
    const { body, where } = SAMPLES[kind];
    const right = make(kind, body, where);
    fc.assert(
      fc.property(fc.integer({ min: -1e9, max: 1e9 }), (offsetMs) => {
        const read = readEntry(offBy(right, offsetMs), names);
        expect({ ...read, offsetMs: undefined, receivedAt: '' }).toEqual({
          ...readEntry(right, names),
          offsetMs: undefined,
          receivedAt: '',
        });
      }),
      { numRuns: 30 },
    );
  });
  it('moves nothing where the clocks are within two minutes', () => {
    const near = make('event', SAMPLES.event.body, { offsetMs: 100_000 });
    expect(readEntry(near, names).body).toBe((near as { readonly body: unknown }).body);
  });
  it('the demo, entered by a phone that is an hour slow, has the same bays, waiting times and all', () => {
    const slow: StoredEntry[] = [];
    for (const { entry, receivedAt } of job.record)
      slow.push(link(slow.at(-1), isSecondForm(entry) ? offBy(entry, HOUR_MS) : entry, receivedAt));
    const told = (record: readonly StoredEntry[]) => {
      const book = foldRecord(EMPTY_BOOK, record, names);
      return job.site.bays.map((bay) => {
        const s = bayStatus(bay, job.buildUp, book, now);
        const laid = [...s.laid, ...s.others].map((l) => l.entry.id);
        return [
          bay.label,
          s.state,
          s.next?.id,
          s.opensMs,
          s.closesMs,
          s.workableUntilMs,
          s.hold?.at,
          ...laid,
        ];
      });
    };
    expect(told(slow)).toEqual(told(job.record));
  });
});
