/** The inspection sheet that goes with a substrate: what to look at, which answer is good, what the other one means. */
import type { Family, Substrate } from '../family/index.ts';
import type { ZoneUse } from '../survey/index.ts';
import { DANGERS } from './dangers.ts';
import type { InspectionItem } from './types.ts';

const everywhere = (): boolean => true;
const is =
  (...kinds: Substrate['family'][]) =>
  (s: Substrate): boolean =>
    kinds.includes(s.family);

/** Weighed on a square metre that was cleared: nobody can tell it from its look. */
const WEIGHS = { label: 'what comes off a square metre', quantity: 'rateMass' } as const;

const INSPECTION: readonly InspectionItem[] = [
  ...DANGERS,
  {
    key: 'leak-elsewhere',
    question: 'Can water come in from elsewhere: walls above, parapets, services?',
    good: 'no',
    on: everywhere,
    bad: {
      weight: 'hold',
      says: 'water may come in from elsewhere',
      change: 'the other leak is found and closed',
    },
  },
  {
    key: 'outlets-work',
    question: 'Are the outlets clean and working?',
    good: 'yes',
    on: (_substrate, _family, use) => use === undefined || use === 'roof',
    bad: {
      weight: 'steps',
      says: 'outlets are blocked or broken',
      change: 'they are cleared or renewed',
      step: {
        key: 'outlets',
        what: 'Clear or renew outlets',
        how: 'water runs away freely before anything else is done',
      },
    },
  },
  {
    key: 'growth',
    question: 'Is there moss, algae or dirt that washing has to take off?',
    good: 'no',
    on: everywhere,
    bad: { weight: 'steps', says: 'moss, algae or dirt lie on it', change: 'it is washed off' },
  },
  {
    key: 'oil',
    question: 'Is there oil, fat, or a release or curing agent on it?',
    good: 'no',
    on: is('mineral', 'metal', 'plastic'),
    amount: { label: 'area', quantity: 'area' },
    bad: {
      weight: 'steps',
      says: 'oil, or a release or curing agent, keeps a coat off',
      change: 'it is taken off by grinding or with its cleaner',
      step: {
        key: 'degrease',
        what: 'Take off oil, release and curing agents',
        how: 'grind or clean, then test with a drop of water: it soaks in',
      },
    },
  },
  {
    key: 'fins',
    question: 'Are there fins, ridges or broom marks?',
    good: 'no',
    on: is('mineral'),
    amount: { label: 'length', quantity: 'length' },
    bad: {
      weight: 'steps',
      says: 'fins and ridges show through a film and thin it',
      change: 'they are ground off',
      step: { key: 'grind', what: 'Grind fins and ridges', how: 'with extraction: silica dust' },
    },
  },
  {
    key: 'voids',
    question: 'Are there pinholes, honeycombs or voids?',
    good: 'no',
    on: is('mineral'),
    amount: { label: 'volume', quantity: 'volume' },
    bad: {
      weight: 'steps',
      says: 'pinholes and voids blow bubbles',
      change: 'they are filled flush',
      step: {
        key: 'voids',
        what: 'Fill pinholes and voids flush',
        how: 'scrape coat; deep ones in layers, as deep fill cures slowly',
      },
    },
  },
  {
    key: 'bonded',
    question: 'Is the covering bonded all over: no lifting, no hollow sound?',
    good: 'yes',
    on: (s) => s.covering,
    amount: { label: 'loose area', quantity: 'area' },
    bad: {
      weight: 'steps',
      says: 'the covering is loose in places',
      change: 'loose parts are cut out and made good',
      step: {
        key: 'splits',
        what: 'Cut out and make good loose covering',
        how: 'to firm edges, dried, levelled to the old surface',
      },
    },
  },
  {
    key: 'survives-wash',
    question: 'Does the old coating stay on under the high-pressure wash?',
    good: 'yes',
    on: is('coating'),
    amount: WEIGHS,
    bad: {
      weight: 'steps',
      says: 'the old coating comes off under the washer',
      change: 'it is taken off; what survives the washer may stay',
      step: { key: 'strip', what: 'Take off the old coating', how: 'down to what holds under the washer' },
    },
  },
  {
    key: 'gravel',
    question: 'Is there loose gravel?',
    good: 'no',
    on: (s) => s.key === 'gravelled-felt',
    amount: WEIGHS,
    bad: {
      weight: 'steps',
      says: 'loose gravel lies on it',
      change: 'it is swept or vacuumed to what is bedded',
      step: { key: 'strip', what: 'Sweep up loose gravel', how: 'what is bedded may stay under a fill coat' },
    },
  },
  {
    key: 'rust',
    question: 'Is there rust?',
    good: 'no',
    on: is('metal'),
    amount: { label: 'area', quantity: 'area' },
    bad: {
      weight: 'steps',
      says: 'rust grows on under a coat',
      change: 'it is taken to firm metal and primed the same day',
      step: {
        key: 'rust',
        what: 'Remove rust, prime the same day',
        how: 'to firm metal; sheet that is rusted through is renewed',
      },
    },
  },
  {
    key: 'fasteners-loose',
    question: 'Are fasteners loose or missing?',
    good: 'no',
    on: is('metal', 'timber'),
    amount: { label: 'number', quantity: 'count' },
    bad: {
      weight: 'steps',
      says: 'loose fasteners tear the film',
      change: 'they are renewed',
      step: {
        key: 'renew-fasteners',
        what: 'Renew loose fasteners',
        how: 'one size up where the hole has worn',
      },
    },
  },
  {
    key: 'rot',
    question: 'Is any of it rotten or delaminated?',
    good: 'no',
    on: is('timber'),
    amount: { label: 'area', quantity: 'area' },
    bad: {
      weight: 'steps',
      says: 'rotten boards give way',
      change: 'they are renewed',
      step: { key: 'cut-wet', what: 'Renew rotten boards', how: 'back to firm bearing, joints on supports' },
    },
  },
];

/** Life hangs on these: nobody answers for them but a licensed or competent person. */
export const FIXED_ITEMS: ReadonlySet<string> = new Set(DANGERS.map((d) => d.key));

/**
 * The items for a substrate, in the order in which one walks the roof.
 * @param family of what would be laid; absent: the questions of every family
 * @param use what the zone is: a wall and a flight have no outlets
 */
export const inspectionFor = (
  substrate: Substrate,
  family?: Family,
  use: ZoneUse = 'roof',
): InspectionItem[] => INSPECTION.filter((item) => item.on(substrate, family, use));
