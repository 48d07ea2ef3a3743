/** Which batch the codes of a picture say, and the sentence where they say none, or more than one. */
import { expect, it } from 'vitest';
import { oneBatch } from '../src/app/readcode.ts';

const GS1 = (text: string) => ({ text, isGs1: true });
const plain = (text: string) => ({ text, isGs1: false });

it.each([
  ['one', [plain('F-2240')], { batch: 'F-2240' }],
  [
    'the same twice, the second with its date',
    [plain('F1'), GS1('1728123110F1')],
    { batch: 'F1', until: '2028-12-31' },
  ],
  ['goods beside it', [GS1('0109506000134352'), GS1('10F1')], { batch: 'F1' }],
  ['none', [], /^No code was found on the picture/],
  ['no batch', [GS1('0109506000134352')], /^The code says no batch/],
  ['two', [plain('F1'), plain('F2')], /^The picture shows several codes: F1, F2\./],
] as const)('%s', (_, codes, expected) => {
  const read = oneBatch(codes, 2026);
  if (expected instanceof RegExp) expect(read).toMatch(expected);
  else expect(read).toEqual(expected);
});
