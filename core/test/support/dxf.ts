/** DXF texts by hand, as other programs write them, and what is read of them. */
import { readDxf, type Drawing } from '@lentum/core/drawings';
import { sentence } from '@lentum/core/problems';

export const drawing = (text: string): Drawing => {
  const read = readDxf(text);
  if (!read.ok) throw new Error(read.problems.map(sentence).join(' '));
  return read.value;
};

type Code = readonly [number, string | number];
export const entity = (type: string, ...codes: readonly Code[]): string =>
  [[0, type] as const, ...codes].map(([c, v]) => `${c}\n${v}`).join('\n');

export const section = (name: string, parts: readonly string[]): string =>
  `0\nSECTION\n2\n${name}\n${parts.join('\n')}\n0\nENDSEC\n`;

export const file = (entities: readonly string[], before = ''): string =>
  `${before}${section('ENTITIES', entities)}0\nEOF\n`;

/** The head of a file that names its unit by its code. */
export const header = (unit: number): string => section('HEADER', [`9\n$INSUNITS\n70\n${unit}`]);
