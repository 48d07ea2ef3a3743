/** What is drawn on a picture, as shapes over it: a thousand units are the width of the picture. */
import { markLength, readLength, type PictureMark } from '../record/index.ts';
import { PICTURE_UNITS, type Shape } from '../printout/index.ts';

const LINE = 6;
/** A white edge round each line, so that it is seen on dark and on light. */
const EDGE = 12;
const LETTERS = 34;
/** Width of a letter by its height, about. */
const LETTER_WIDTH = 0.6;
const HEAD = 36;
const TICK = 18;
const ROUND = 48;

type Point = [number, number];
const lines = (points: Point[], closed = false): Shape[] => [
  { kind: 'path', points, closed, stroke: 'paper', width: EDGE },
  { kind: 'path', points, closed, stroke: 'stop', width: LINE },
];

/** Words on white above a spot: from it to the right, or with their middle on it; never outside the picture. */
function label([x, y]: Point, text: string, centred: boolean): Shape[] {
  const width = text.length * LETTERS * LETTER_WIDTH + LETTERS * 0.6;
  const left = Math.max(0, Math.min(centred ? x - width / 2 : x, PICTURE_UNITS - width));
  const top = Math.max(0, y - LETTERS * 1.3);
  const bottom = top + LETTERS * 1.3;
  return [
    {
      kind: 'path',
      closed: true,
      fill: 'paper',
      width: 0,
      points: [
        [left, top],
        [left + width, top],
        [left + width, bottom],
        [left, bottom],
      ],
    },
    {
      kind: 'text',
      text,
      size: LETTERS,
      align: 'start',
      bold: true,
      fill: 'stop',
      at: [left + LETTERS * 0.3, bottom - LETTERS * 0.35],
    },
  ];
}

function arrow(from: Point, to: Point): Shape[] {
  const along = Math.atan2(to[1] - from[1], to[0] - from[0]);
  const barb = (turn: number): Point => [
    to[0] - HEAD * Math.cos(along + turn),
    to[1] - HEAD * Math.sin(along + turn),
  ];
  return [...lines([from, to]), ...lines([barb(0.45), to, barb(-0.45)])];
}

function circle(middle: Point, rim: Point): Shape[] {
  const r = Math.hypot(rim[0] - middle[0], rim[1] - middle[1]);
  return lines(
    Array.from({ length: ROUND }, (_, i): Point => {
      const turn = (2 * Math.PI * i) / ROUND;
      return [middle[0] + r * Math.cos(turn), middle[1] + r * Math.sin(turn)];
    }),
    true,
  );
}

function length(from: Point, to: Point): Shape[] {
  const along = Math.atan2(to[1] - from[1], to[0] - from[0]);
  const tick = ([x, y]: Point): Point[] => {
    const [dx, dy] = [TICK * Math.sin(along), -TICK * Math.cos(along)];
    return [
      [x - dx, y - dy],
      [x + dx, y + dy],
    ];
  };
  return [...lines([from, to]), ...lines(tick(from)), ...lines(tick(to))];
}

export interface MarkTerms {
  /** A length in mm, in the units of the job. */
  readonly mm: (mm: number) => string;
  /** Words of the program as the job has them. */
  readonly w: (text: string) => string;
}

/** What a mark says beside it: what was typed, and its length where one on the picture is known. */
export function markWords(mark: PictureMark, marks: readonly PictureMark[], t: MarkTerms): string {
  const lengthSaid = (): string[] => {
    if (mark.shape !== 'length') return [];
    if (mark.knownMm !== undefined) return [`${t.mm(mark.knownMm)} (${t.w('known')})`];
    const read = readLength(mark, marks);
    return read ? [`${t.mm(read.mm)} ± ${t.mm(read.offMm)}`] : [];
  };
  return [...(mark.says === undefined ? [] : [mark.says]), ...lengthSaid()].join(': ');
}

/** The marks of one picture, drawn. */
export function markShapes(picture: string, marks: readonly PictureMark[], t: MarkTerms): Shape[] {
  const scaled = ([x, y]: Point): Point => [x * PICTURE_UNITS, y * PICTURE_UNITS];
  const own = marks.filter((m) => m.picture === picture);
  const drawn = { arrow, circle, length };
  return own.flatMap((m) => {
    const [from, to] = [scaled(m.from), scaled(m.to)];
    const text = markWords(m, own, t);
    // An arrow is named at its end, away from what it points at; a circle above it.
    const above: Point = [from[0], from[1] - PICTURE_UNITS * markLength(m)];
    const at: Point =
      m.shape === 'arrow'
        ? from
        : m.shape === 'circle'
          ? above
          : [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
    return [
      ...drawn[m.shape](from, to),
      ...(text === '' ? [] : label([at[0], at[1] - LETTERS * 0.4], text, m.shape !== 'arrow')),
    ];
  });
}
