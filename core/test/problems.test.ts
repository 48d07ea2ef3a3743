/** From a schema's reports to sentences: what a person sees when data are wrong. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { check, sentence, short } from '@lentum/core/problems';
import { entrySchema } from '@lentum/core/record';
import { surveySchema } from '@lentum/core/survey';
import { buildUpDocSchema } from '@lentum/core/buildup';
import { jobHeadSchema } from '@lentum/core/job';

const said = (schema: z.ZodType, input: unknown): string => {
  const r = check(schema, input, 'The thing');
  return r.ok ? 'fine' : r.problems.map(sentence).join(' ');
};

describe('sentences', () => {
  const cases: [string, z.ZodType, unknown, string][] = [
    ['a missing entry', z.object({ a: z.number() }), {}, 'The thing, a is missing; expected a number.'],
    [
      'text for a number',
      z.object({ a: z.number() }),
      { a: 'x' },
      'The thing, a: “x” does not fit; expected a number.',
    ],
    [
      'a list for an object',
      z.object({ a: z.number() }),
      [],
      'The thing: “[]” does not fit; expected an object.',
    ],
    ['too small', z.number().min(3), 2, 'The thing: 2 is out of range; expected at least 3.'],
    ['not above', z.number().gt(0), 0, 'The thing: 0 is out of range; expected more than 0.'],
    ['too big', z.number().max(9), 12, 'The thing: 12 is out of range; expected at most 9.'],
    ['not below', z.number().lt(180), 180, 'The thing: 180 is out of range; expected less than 180.'],
    ['empty', z.string().min(1), '', 'The thing is missing; expected a few words.'],
    ['too short', z.string().min(2), 'a', 'The thing: a is out of range; expected at least 2 characters.'],
    [
      'too long',
      z.string().max(3),
      'abcd',
      'The thing: abcd is out of range; expected at most 3 characters.',
    ],
    [
      'too few',
      z.array(z.number()).min(3),
      [1],
      'The thing: [1] is out of range; expected at least 3 entries.',
    ],
    [
      'too many',
      z.array(z.number()).max(1),
      [1, 2],
      'The thing: [1,2] is out of range; expected at most 1 entries.',
    ],
    [
      'one of some',
      z.enum(['left', 'right']),
      'up',
      'The thing: “up” does not fit; expected one of “left”, “right”.',
    ],
    ['just one', z.literal('lentum-job'), 'other', 'The thing: “other” does not fit; expected “lentum-job”.'],
    [
      'an unknown key',
      z.strictObject({}),
      { b: 1 },
      'The thing: “b” does not fit; expected no such entry as “b”.',
    ],
    [
      'a form',
      z.string().regex(/^[A-Z]$/, 'one capital letter'),
      'b',
      'The thing: “b” does not fit; expected one capital letter.',
    ],
    ['no number at all', z.number(), Number.NaN, 'The thing: “NaN” does not fit; expected a number.'],
    [
      'deep inside',
      z.object({ a: z.array(z.object({ b: z.number() })) }),
      { a: [{ b: 1 }, { b: 'x' }] },
      'The thing, a › 2 › b: “x” does not fit; expected a number.',
    ],
  ];
  it.each(cases)('%s', (_, schema, input, words) => expect(said(schema, input)).toBe(words));

  it('a wrong kind inside a choice names the branch that came furthest', () => {
    expect(
      said(surveySchema, {
        zones: [
          {
            id: 'a',
            code: 'A',
            name: 'A',
            openings: [],
            note: '',
            outline: { kind: 'walk', adjustmentAccepted: false, legs: [] },
          },
        ],
      }),
    ).toBe('The thing, zones › 1 › outline › legs: [] is out of range; expected at least 3 entries.');
    expect(
      said(surveySchema, {
        zones: [{ id: 'a', code: 'A', name: 'A', openings: [], note: '', outline: { kind: 'circle' } }],
      }),
    ).toContain('outline › kind');
  });

  it('long values are cut, so that a sentence stays one', () => {
    expect(short('x'.repeat(200))).toBe(`${'x'.repeat(59)}…`);
    expect(said(z.number(), 'y'.repeat(5000)).length).toBeLessThan(130);
  });
});

describe('nothing that comes in can make it throw or let it through', () => {
  it.each([
    ['a survey', surveySchema],
    ['build-ups', buildUpDocSchema],
    ['an entry', entrySchema],
    ['a job', jobHeadSchema],
  ])('%s', (_, schema) => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        const r = check(schema, value, 'The data');
        if (r.ok) expect(schema.safeParse(value).success).toBe(true);
        else {
          expect(r.problems.length).toBeGreaterThan(0);
          for (const p of r.problems) expect(sentence(p)).toMatch(/^The data.*; expected .+\.$/s);
        }
      }),
    );
  });
});

describe('a union that nothing fits', () => {
  const at = '2026-05-04T08:00:00.000Z';
  const id = '7a0f5f3e-4a57-4c83-9d8e-0f9f0f4f0a11';
  const second = {
    ...{
      form: 2,
      id,
      kind: 'stock',
      version: 1,
      personId: id,
      deviceId: id,
      madeAt: at,
      bays: [],
      attachments: [],
    },
    body: { at, step: 'came', item: 'x', name: 'Primer', count: 1, batch: 'A' },
  };
  const first = {
    kind: 'conditions',
    id,
    madeAt: at,
    who: 'Ines',
    zoneId: 'hall',
    at,
    airC: 20,
    humidityPct: 50,
    surfaceC: 20,
  };
  it.each<[string, object, RegExp]>([
    [
      'the second form, deep inside',
      { ...second, body: { ...second.body, batch: 7 } },
      /^The entry, body › batch: “7” does not fit; expected a string\.$/,
    ],
    [
      'the second form, at its top',
      { ...second, madeAt: undefined },
      /^The entry, madeAt is missing; expected a string\.$/,
    ],
    [
      'the second form, of no kind',
      { ...second, kind: 'nonsense' },
      /kind: “nonsense” does not fit; expected one of “conditions”, .*“stock”, “withdrawal”\.$/,
    ],
    [
      'the first form',
      { ...first, humidityPct: 500 },
      /^The entry, humidityPct: 500 is out of range; expected at most 100\.$/,
    ],
  ])('says what is wrong in the form that was meant: %s', (_, entry, says) => {
    const checked = check(entrySchema, entry, 'The entry');
    expect(checked.ok ? 'taken' : checked.problems.map(sentence).join(' ')).toMatch(says);
  });
  it('takes both forms where nothing is wrong', () => {
    expect(check(entrySchema, second, 'The entry').ok).toBe(true);
    expect(check(entrySchema, first, 'The entry').ok).toBe(true);
  });
});
