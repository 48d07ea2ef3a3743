/** Entities as dxf-parser gives them, and those that it does not read whole. */
import DxfParser from 'dxf-parser';

export interface XY {
  readonly x: number;
  readonly y: number;
}

export type Pair = readonly [code: number, value: string | number | boolean];

/** What of an entity is used here. */
export interface Entity {
  readonly type: string;
  readonly layer?: string;
  readonly inPaperSpace?: boolean;
  readonly visible?: boolean;
  readonly vertices?: readonly (XY & { readonly bulge?: number })[];
  readonly shape?: boolean;
  readonly center?: XY;
  readonly radius?: number;
  /** Radians. */
  readonly startAngle?: number;
  readonly endAngle?: number;
  readonly extrusionDirection?: { readonly z: number };
  readonly extrusionDirectionZ?: number;
  readonly name?: string;
  readonly position?: XY;
  readonly xScale?: number;
  readonly yScale?: number;
  /** Degrees. */
  readonly rotation?: number;
  readonly columnCount?: number;
  readonly rowCount?: number;
  readonly columnSpacing?: number;
  readonly rowSpacing?: number;
  /** Of those that dxf-parser does not read whole: all that they say, in order. */
  readonly pairs?: readonly Pair[];
}

export interface Block {
  readonly position?: XY;
  readonly entities?: readonly Entity[];
}

export interface Parsed {
  readonly header?: Readonly<Record<string, unknown>>;
  readonly blocks?: Readonly<Record<string, Block>>;
  readonly entities?: readonly Entity[];
  readonly tables?: {
    readonly layer?: {
      readonly layers?: Readonly<Record<string, { readonly visible?: boolean; readonly frozen?: boolean }>>;
    };
  };
}

interface Scanner {
  next(): { readonly code: number; readonly value: string | number | boolean };
  isEOF(): boolean;
}

/** The first number of a code among pairs. */
export function numberOf({ pairs = [] }: Entity, code: number): number | undefined {
  const found = pairs.find(([c]) => c === code)?.[1];
  return typeof found === 'number' ? found : undefined;
}

export const pointOf = (entity: Entity, code: number): XY => ({
  x: numberOf(entity, code) ?? 0,
  y: numberOf(entity, code + 10) ?? 0,
});

/** Keeps the pairs of an entity as they stand. */
const keeping = (name: string) =>
  class {
    readonly ForEntityName = name;
    parseEntity(scanner: Scanner): Entity {
      const pairs: Pair[] = [];
      let curr = scanner.next();
      while (!scanner.isEOF() && curr.code !== 0) {
        pairs.push([curr.code, curr.value]);
        curr = scanner.next();
      }
      const of = (code: number): Pair[1] | undefined => pairs.find(([c]) => c === code)?.[1];
      const layer = of(8);
      return {
        ...{ type: name, pairs, inPaperSpace: Boolean(of(67)), visible: !of(60) },
        ...(typeof layer === 'string' ? { layer } : {}),
        ...(of(230) === undefined ? {} : { extrusionDirectionZ: Number(of(230)) }),
      };
    }
  };

/** Kinds of entities that are looked at one by one; others are counted by their names. */
export const KNOWN = new Set([
  ...['LINE', 'LWPOLYLINE', 'POLYLINE', 'ARC', 'CIRCLE', 'ELLIPSE', 'SPLINE', 'HATCH', 'INSERT'],
  ...['3DFACE', 'ATTDEF', 'DIMENSION', 'MTEXT', 'POINT', 'SOLID', 'TEXT'],
]);

/** A text of the format in its parts; undefined where it is not the format. */
export function parse(text: string): Parsed | undefined {
  const parser = new DxfParser();
  for (const name of ['CIRCLE', 'ELLIPSE', 'HATCH', 'SPLINE'])
    parser.registerEntityHandler(keeping(name) as never);
  try {
    return (parser.parseSync(text) ?? undefined) as unknown as Parsed | undefined;
  } catch {
    // The parser throws for anything that is not the format; the caller says so in a sentence.
    return undefined;
  }
}
