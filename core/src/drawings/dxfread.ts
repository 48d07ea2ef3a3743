/**
 * Outlines of a DXF text. The entities are read in portions by dxf-parser, so that a large file can say how far it is
 * and be given up.
 */
import { fail, ok, short, type Problem, type Result } from '../problems/index.ts';
import { KNOWN, parse, type Parsed } from './dxfentities.ts';
import { HATCHED, MOST_PATHS, Reader, spelt } from './dxfreader.ts';
import { unitOfCode } from './dxfunits.ts';
import type { Drawing, LayerFacts } from './types.ts';

const PORTION = 2000;
/** Share of the work that is done once the head is read. */
const HEAD_SHARE = 0.02;

const trouble = (kind: Problem['kind'], actual: string, expected: string): Problem => ({
  kind,
  field: 'file',
  label: 'The DXF file',
  actual,
  expected,
});

interface Cut {
  readonly head: string;
  readonly entities: readonly string[];
}

/** Entities that go on with the one before them. */
const GOES_ON = new Set(['VERTEX', 'SEQEND', 'ATTRIB']);

/** The lines of a file, with its section of entities taken out. */
function cutOut(text: string): Result<Cut> {
  const lines = text.split(/\r\n|\r|\n/);
  const isPair = (i: number, code: string, value: string): boolean =>
    lines[i]?.trim() === code && lines[i + 1]?.trim() === value;
  let from = -1;
  let to = -1;
  for (let i = 0; i + 1 < lines.length; i += 2) {
    if (from < 0 && isPair(i, '0', 'SECTION') && isPair(i + 2, '2', 'ENTITIES')) from = i + 4;
    else if (from >= 0 && isPair(i, '0', 'ENDSEC')) {
      to = i;
      break;
    }
  }
  if (from < 0) {
    const binary = text.includes('\u0000');
    return fail(
      binary
        ? trouble('malformed', 'it is the binary kind', 'a DXF saved as text (ASCII)')
        : trouble(
            'malformed',
            `it begins with “${short(text.trimStart().slice(0, 24))}”`,
            'DXF text with a section of entities',
          ),
    );
  }
  if (to < 0) return fail(trouble('truncated', 'its section of entities does not end', 'the whole file'));
  const rest = lines.slice(to).join('\n').trimEnd();
  return ok({
    // A writer that leaves out the end of the file has written all of it.
    head: `${lines.slice(0, from).join('\n')}\n${rest}${/\n\s*EOF$/.test(rest) ? '' : '\n0\nEOF'}\n`,
    entities: lines.slice(from, to),
  });
}

/** Numbers of the lines at which the portions begin; kinds that nobody knows are counted. */
function portions(lines: readonly string[], unknown: (kind: string) => void): number[] {
  const starts: number[] = [];
  let count = 0;
  for (let i = 0; i + 1 < lines.length; i += 2) {
    if (lines[i]?.trim() !== '0') continue;
    const kind = lines[i + 1]?.trim() ?? '';
    if (GOES_ON.has(kind)) continue;
    if (!KNOWN.has(kind)) unknown(kind);
    if (count % PORTION === 0) starts.push(i);
    count += 1;
  }
  return starts;
}

/** How a layer is kept out of sight in the file. */
function hiddenBy(head: Parsed, layer: string): LayerFacts['hidden'] {
  const layers = Object.entries(head.tables?.layer?.layers ?? {});
  const found = layers.find(([name]) => spelt(name) === layer.replace(HATCHED, ''))?.[1];
  return found?.frozen ? 'frozen' : found?.visible === false ? 'off' : undefined;
}

function report(reader: Reader, head: Parsed): Drawing {
  const counts = new Map<string, number>();
  for (const p of reader.paths) counts.set(p.layer, (counts.get(p.layer) ?? 0) + 1);
  return {
    paths: reader.paths,
    layers: [...counts]
      .map(([name, paths]) => ({ name, paths, hidden: hiddenBy(head, name) }))
      // What is out of sight in the file comes last, and hatches after what they follow.
      .sort(
        (a, b) =>
          Number(a.hidden !== undefined) - Number(b.hidden !== undefined) ||
          Number(a.name.endsWith(HATCHED)) - Number(b.name.endsWith(HATCHED)) ||
          b.paths - a.paths,
      ),
    ...unitOfCode(Number(head.header?.['$INSUNITS'] ?? 0)),
    leftOut: [...reader.skipped].map(([kind, count]) => `${count} × ${kind}`),
  };
}

/**
 * Reads a DXF text step by step.
 * @yields the share that is done, 0 to 1
 * @returns the drawing, or a problem when the text is no DXF
 */
export function* readDxfInSteps(text: string): Generator<number, Result<Drawing>> {
  const cut = cutOut(text);
  if (!cut.ok) return cut;
  yield HEAD_SHARE;
  const head = parse(cut.value.head);
  if (!head)
    return fail(
      trouble('malformed', 'its header or blocks are broken', 'a DXF as drawing programs write it'),
    );
  const reader = new Reader(head.blocks ?? {});
  const lines = cut.value.entities;
  const starts = portions(lines, (kind) => {
    reader.skip(kind.toLowerCase());
  });
  for (const [k, from] of starts.entries()) {
    const portion = lines.slice(from, starts[k + 1] ?? lines.length).join('\n');
    const parsed = parse(`0\nSECTION\n2\nENTITIES\n${portion}\n0\nENDSEC\n0\nEOF\n`);
    if (!parsed)
      return fail(
        trouble(
          'malformed',
          `it breaks near entity ${k * PORTION + 1}`,
          'a DXF as drawing programs write it',
        ),
      );
    for (const entity of parsed.entities ?? []) reader.take(entity);
    if (reader.paths.length > MOST_PATHS)
      return fail(trouble('outOfRange', `more than ${MOST_PATHS} lines`, 'a drawing of the roof alone'));
    yield HEAD_SHARE + ((1 - HEAD_SHARE) * (k + 1)) / starts.length;
  }
  return ok(report(reader, head));
}

/** Reads a DXF text at once. */
export function readDxf(text: string): Result<Drawing> {
  const steps = readDxfInSteps(text);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
