import { fallsReport } from '@lentum/core/falls';
import { blankZone, type Levels, type Zone } from '@lentum/core/survey';
import { timed, type Row } from './table.ts';

const LEVELS_AIM_MS = 300;

/** A wavy deck of 50 × 40 levels with one outlet and walls all round. */
function wavyDeck(): Zone {
  const points: Levels['points'] = [];
  for (let i = 0; i < 50; i += 1)
    for (let j = 0; j < 40; j += 1) {
      const at = { alongM: 0.1 + i * 0.2, acrossM: 0.05 + j * 0.15 };
      points.push({
        id: `l${points.length}`,
        at,
        valueM: 0.02 * Math.sin(i / 5) * Math.cos(j / 4) + 0.001 * i,
      });
    }
  const zone = blankZone({
    id: 'deck',
    code: 'D',
    name: 'Deck',
    outline: {
      kind: 'points',
      origin: 'typed',
      points: [
        [0, 0],
        [10, 0],
        [10, 6],
        [0, 6],
      ],
    },
  });
  return {
    ...zone,
    sides: [0, 1, 2, 3].map(() => ({
      edge: { kind: 'upstand', heightMm: 150, termination: 'bar' },
      riseM: 0,
    })),
    features: [
      {
        id: 'o',
        kind: 'outlet',
        count: 1,
        at: { alongM: 8, acrossM: 3 },
        sizes: { diameterMm: 100 },
        note: '',
      },
    ],
    levels: { ...zone.levels, points },
  };
}

/** The first answer is what somebody waits for, so it is printed beside the usual one. */
export function benchFalls(): Row[] {
  const zone = wavyDeck();
  const from = performance.now();
  fallsReport(zone);
  const first = performance.now() - from;
  const usual = timed(() => fallsReport(zone), 5);
  const small = {
    ...zone,
    levels: { ...zone.levels, points: zone.levels.points.filter((_, i) => i % 20 === 0) },
  };
  const fewer = timed(() => fallsReport(small), 5);
  const ms = (v: number): string => `${v.toFixed(0)} ms`;
  return [
    {
      what: 'falls, ponds and levelling from 2,000 levels',
      measured: ms(usual),
      aim: '< 300 ms',
      held: usual < LEVELS_AIM_MS,
    },
    { what: '  the first time, cold', measured: ms(first), aim: '' },
    { what: '  reference: 100 levels', measured: ms(fewer), aim: '' },
  ];
}
