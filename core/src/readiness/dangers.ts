/**
 * What could hurt somebody on a roof, asked before anybody works there. Common practice; each answer that is not the good
 * one stops the zone, and says who decides. Nobody else answers for it.
 */
import type { Family, Substrate } from '../family/index.ts';
import type { InspectionItem } from './types.ts';

const everywhere = (): boolean => true;
/** Where a flame goes: also where no family is named yet. */
const underFlame = (_: Substrate, family?: Family): boolean => !family || family.heat === 'flame';

/** Felts, mastics and boards of the years in which both were usual. */
const mayBeOld = (s: Substrate): boolean =>
  s.covering || s.key === 'boards' || s.key === 'metal' || s.key === 'concrete-old';

export const DANGERS: readonly InspectionItem[] = [
  {
    key: 'sound',
    question: 'Is the structure sound, without sagging or give underfoot?',
    good: 'yes',
    on: everywhere,
    bad: {
      weight: 'hold',
      says: 'the structure gives or sags',
      change: 'keep off it until a structural engineer has looked at it',
    },
  },
  {
    key: 'fragile',
    question:
      'Does it bear a person everywhere: no roof lights, thin sheets or boards that break underfoot, or all of them covered or fenced off?',
    good: 'yes',
    on: everywhere,
    bad: {
      weight: 'hold',
      says: 'somebody may fall through it',
      change:
        'nobody steps on it: a competent person says how it is reached, with crawl boards and fall protection',
    },
  },
  {
    key: 'edges',
    question: 'Is every edge, opening and stair head protected against a fall: rail, scaffold or cover?',
    good: 'yes',
    on: everywhere,
    bad: {
      weight: 'hold',
      says: 'somebody may fall from an edge or through an opening',
      change: 'a competent person plans the fall protection, and it stands before work begins',
    },
  },
  {
    key: 'excavation',
    question:
      'Has a competent person said, that day, that the excavation is safe: sides shored or sloped, spoil and machines kept back, a ladder near, no water or gas in it?',
    good: 'yes',
    on: (_substrate, _family, use) => use === 'wall',
    bad: {
      weight: 'hold',
      says: 'the sides of the excavation may bury somebody',
      change:
        'nobody goes in: a competent person has it shored or sloped, and looks at it each day and after rain',
    },
  },
  {
    key: 'asbestos',
    question: 'May it hold asbestos: an old felt, board, sheet, mastic or coating that nobody has tested?',
    good: 'no',
    on: (s) => mayBeOld(s) && s.family !== 'sheet',
    bad: {
      weight: 'hold',
      says: 'it may hold asbestos',
      change: 'it is not washed, ground, drilled or cut until a licensed person has tested it',
    },
  },
  {
    key: 'tar',
    question:
      'May it hold coal tar: an old black felt, mastic or coating that smells of tar when it is broken or warmed?',
    good: 'no',
    on: (s) => s.family === 'bitumen' || s.key === 'bitumen-coating',
    bad: {
      weight: 'hold',
      says: 'it may hold coal tar, which causes cancer',
      change:
        'it is not heated, ground or stripped until a laboratory has tested a sample; tar waste goes with a licensed carrier',
    },
  },
  {
    key: 'plant',
    question:
      'Are live machines, aerials, cables and solar panels isolated by licensed people, or well clear of the work?',
    good: 'yes',
    on: everywhere,
    bad: {
      weight: 'hold',
      says: 'live plant could shock, burn, catch or radiate',
      change: 'a licensed electrician, or who runs the plant, isolates it and says so',
    },
  },
  {
    key: 'gas',
    question: 'Are gas lines, flues and vents isolated by licensed people, or well clear of the work?',
    good: 'yes',
    on: everywhere,
    bad: {
      weight: 'hold',
      says: 'gas or flue gas could burn or choke somebody, or catch fire',
      change: 'a licensed gas engineer isolates it, or says how near one may work',
    },
  },
  {
    key: 'torch-below',
    question:
      'Are the deck and the insulation below fit for a flame: they do not burn, or a base sheet or board shields all of them?',
    good: 'yes',
    on: underFlame,
    bad: {
      weight: 'hold',
      says: 'the deck or the insulation below may take fire',
      change:
        'a nailed or self-adhered base sheet first, or no flame; who issues the permit for hot works decides',
    },
  },
  {
    key: 'torch-behind',
    question:
      'Is there nothing that burns behind upstands, in voids, under cladding, at eaves and where the flame may be drawn in?',
    good: 'yes',
    on: underFlame,
    bad: {
      weight: 'hold',
      says: 'fire may start out of sight, in a void or behind the cladding',
      change:
        'no flame there: self-adhered or cold-bonded pieces near it; who issues the permit for hot works decides',
    },
  },
];
