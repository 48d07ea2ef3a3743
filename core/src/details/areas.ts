/** Areas of a detail: of its pieces, and of what goes up and is not in the plan area. */
import { cited, sumOf, type DetailRules } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import type { Detail } from './find.ts';
import { patternAreaMm2 } from './folding.ts';
import type { Piece } from './pieces.ts';

/** Area of one piece, flat. */
function pieceArea(piece: Piece): Figure | Given {
  const { length, width, ...rest } = piece.measures;
  if (length === undefined || width === undefined || Object.keys(rest).length > 0) {
    return given(
      piece.name,
      patternAreaMm2(piece.pattern) / 1e6,
      'area',
      'definition',
      'area of the flat pattern, from its corners',
    );
  }
  return {
    label: piece.name,
    value: (length * width) / 1e6,
    quantity: 'area',
    formula: '{length} × {width} / 1000000',
    inputs: {
      length: given('length', length, 'lap', 'measured', 'with its lap'),
      width: given('width', width, 'lap', 'chosen', 'by the rules for details'),
    },
    from: 'length times the width of all its bands',
  };
}

/** Pieces of one detail times how many details are alike. */
export function piecesArea(detail: Detail, pieces: readonly Piece[]): Figure {
  const count = given('details alike', detail.count, 'count', 'measured');
  return sumOf(
    'Pieces, area',
    'area',
    pieces.map((p): Figure => {
      const area = pieceArea(p);
      const pcs = given(`${p.name}, pieces`, p.count, 'count', 'chosen');
      return {
        label: p.name,
        value: area.value * p.count * detail.count,
        quantity: 'area',
        formula: '{area} × {pieces} × {count}',
        inputs: { area, pieces: pcs, count },
        from: 'area of one, times how many',
      };
    }),
    'every piece of the detail',
  );
}

/** A stripe along the whole run. */
export function stripeArea(detail: Detail, width: Given): Figure {
  const length = detail.length ?? given('length', 0, 'length', 'measured');
  return {
    label: 'Stripe',
    value: (length.value * width.value) / 1000,
    quantity: 'area',
    formula: '{length} × {width} / 1000',
    inputs: { length, width },
    from: 'length by width',
  };
}

/** The area that goes up, and is not in the plan area: m². */
export function risingArea(detail: Detail, rules: DetailRules): Figure | undefined {
  const s = detail.sizes;
  const count = given('details alike', detail.count, 'count', 'measured');
  const label = `${detail.where}, going up`;
  switch (detail.kind) {
    case 'upstand':
    case 'parapet':
    case 'kerb':
    case 'threshold': {
      if (!detail.length) return undefined;
      const height = given('height', s['heightMm'] ?? 0, 'lap', 'measured');
      const top = given('width of its top', s['topMm'] ?? 0, 'lap', 'measured');
      return {
        label,
        value: (detail.length.value * (height.value + top.value)) / 1000,
        quantity: 'area',
        formula: '{length} × ({height} + {top}) / 1000',
        inputs: { length: detail.length, height, top },
        from: 'length by height, and by the width of a parapet’s top',
      };
    }
    case 'wall-foot': {
      if (!detail.length) return undefined;
      const width = given('on to the footing', s['widthMm'] ?? 0, 'lap', 'measured');
      return {
        label: `${detail.where}, on the footing`,
        value: (detail.length.value * width.value) / 1000,
        quantity: 'area',
        formula: '{length} × {width} / 1000',
        inputs: { length: detail.length, width },
        from: 'length by how far it goes on to the footing, which is not in the area of the wall',
      };
    }
    case 'pipe': {
      const diameter = given('diameter', s['diameterMm'] ?? 0, 'lap', 'measured');
      const up = cited('up the pipe', rules.upMm, 'lap');
      return {
        label,
        value: (Math.PI * diameter.value * up.value * detail.count) / 1e6,
        quantity: 'area',
        formula: '4 × atan(1) × {diameter} × {up} × {count} / 1000000',
        inputs: { diameter, up, count },
        from: 'girth by height; 4 atan(1) is π',
      };
    }
    case 'stairs': {
      const riser = given('height of a riser', s['riserMm'] ?? 0, 'lap', 'measured');
      const width = given('width of the flight', s['widthMm'] ?? 0, 'lap', 'measured');
      const risers = given('risers', s['steps'] ?? 0, 'count', 'measured');
      return {
        label: `${detail.where}, risers`,
        value: (risers.value * riser.value * width.value * detail.count) / 1e6,
        quantity: 'area',
        formula: '{risers} × {riser} × {width} × {count} / 1000000',
        inputs: { risers, riser, width, count },
        from: 'every riser, height by width; the treads are in the area of the zone',
      };
    }
    case 'post': {
      const [l, w] = [
        given('length', s['lengthMm'] ?? 0, 'lap', 'measured'),
        given('width', s['widthMm'] ?? 0, 'lap', 'measured'),
      ];
      const up = given('up the post', Math.min(s['heightMm'] ?? 0, rules.upMm.value), 'lap', 'chosen');
      return {
        label,
        value: (2 * (l.value + w.value) * up.value * detail.count) / 1e6,
        quantity: 'area',
        formula: '2 × ({length} + {width}) × {up} × {count} / 1000000',
        inputs: { length: l, width: w, up, count },
        from: 'girth by height',
      };
    }
    default:
      return undefined;
  }
}
