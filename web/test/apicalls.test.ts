/** Calls of the API as they are made and as commands: what a shell makes of the command is what was meant. */
import { execFileSync } from 'node:child_process';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { callOf, commandOf, operationsOf, shellWord, type Operation } from '../src/settings/apicalls.ts';

// What calls share stands once in a description, and is referred to.
const DOCUMENT = {
  components: {
    parameters: { way: { name: 'way', in: 'query' as const, schema: { $ref: '#/components/schemas/ways' } } },
    schemas: { ways: { enum: ['a', 'b'] } },
  },
  paths: {
    '/jobs/{jobId}/survey': {
      get: {
        operationId: 'getSurvey',
        parameters: [{ name: 'jobId', in: 'path' as const, required: true }],
        responses: { 200: { content: { 'application/json': {} } } },
      },
      put: {
        operationId: 'putSurvey',
        tags: ['Survey'],
        summary: 'Replace the survey',
        parameters: [
          { name: 'jobId', in: 'path' as const, required: true },
          { name: 'If-Match', in: 'header' as const, required: true, description: 'The version' },
          { $ref: '#/components/parameters/way' },
        ],
        requestBody: { content: { 'application/json': { example: { zones: [] } } } },
        responses: { 200: {} },
      },
    },
    '/papers/{sha256}': {
      put: { operationId: 'putPaper', requestBody: { content: { 'application/pdf': {} } }, responses: {} },
    },
    '/jobs/{jobId}/live': {
      get: { operationId: 'live', responses: { 200: { content: { 'text/event-stream': {} } } } },
    },
  },
};
const operations = operationsOf(DOCUMENT);
const op = (id: string): Operation => operations.find((o) => o.id === id)!;
/** The words that a shell hands to the program of a command. */
const wordsOf = (command: string): string[] =>
  execFileSync('sh', ['-c', `curl() { printf '%s\\0' "$@"; }; ${command}`], { encoding: 'utf8' })
    .split('\0')
    .slice(0, -1);

describe('calls', () => {
  it('are those that are described, with what each takes', () => {
    expect(operations.map((o) => o.id)).toEqual(['getSurvey', 'putSurvey', 'putPaper', 'live']);
    expect(op('putSurvey')).toMatchObject({ method: 'PUT', tag: 'Survey', body: 'json', streams: false });
    expect(op('putSurvey').fields.map((f) => [f.name, f.required, f.options.length])).toEqual([
      ['jobId', true, 0],
      ['If-Match', true, 0],
      ['way', false, 2],
    ]);
    expect(op('putPaper').body).toBe('file');
    expect(op('putSurvey').example).toBe('{\n  "zones": []\n}');
    expect([op('putPaper').example, op('getSurvey').example]).toEqual([undefined, undefined]);
    expect(op('live').streams).toBe(true);
  });

  it('have their path, query, heads and body', () => {
    expect(callOf(op('putSurvey'), { jobId: 'a/b ', 'If-Match': '"3"', way: 'b' }, '{"zones":[]}')).toEqual({
      method: 'PUT',
      address: '/api/v1/jobs/a%2Fb/survey?way=b',
      headers: { 'If-Match': '"3"', 'Content-Type': 'application/json' },
      body: '{"zones":[]}',
    });
  });

  it.each([
    ['a field that is needed', { jobId: ' ' }, '{}', 'jobId: nothing was entered; the call needs it.'],
    [
      'a body that is none',
      { jobId: 'a', 'If-Match': '"1"' },
      '{zones}',
      /^Body: what was entered is no JSON; /,
    ],
    ['no body', { jobId: 'a', 'If-Match': '"1"' }, ' ', /it is empty; expected one JSON value\.$/],
  ])('want %s, in a sentence', (_name, values, body, says) => {
    expect(callOf(op('putSurvey'), values as Record<string, string>, body)).toEqual(
      typeof says === 'string' ? says : expect.stringMatching(says),
    );
  });
});

describe('commands', () => {
  it('come out of the shell as they were meant, whatever is in them', () => {
    const text = fc.string({ unit: 'grapheme', maxLength: 40 }).filter((t) => !t.includes('\0'));
    fc.assert(
      fc.property(text, text, (id, note) => {
        fc.pre(id.trim() !== '');
        const body = JSON.stringify({ note });
        const call = callOf(op('putSurvey'), { jobId: id, 'If-Match': '"1"' }, body);
        if (typeof call === 'string') throw new Error(call);
        expect(wordsOf(commandOf(call, 'http://127.0.0.1:4174'))).toEqual([
          ...['-X', 'PUT', '-H', 'If-Match: "1"', '-H', 'Content-Type: application/json'],
          ...[
            '--data-binary',
            body,
            `http://127.0.0.1:4174/api/v1/jobs/${encodeURIComponent(id.trim())}/survey`,
          ],
        ]);
      }),
      { numRuns: 60, examples: [["'; rm -rf / #", '$(id) `id` \\ " \' \n']] },
    );
  });

  it('a question needs no method', () => {
    const call = callOf(op('getSurvey'), { jobId: 'x' }, '');
    if (typeof call === 'string') throw new Error(call);
    expect(commandOf(call, 'http://h')).toBe(`curl ${shellWord('http://h/api/v1/jobs/x/survey')}`);
  });
});
