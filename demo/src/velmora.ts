/** The demo job: some bays accepted, some curing, one held, one window about to close, one film too thin. */
import type { JobContent } from '@lentum/core/jobfile';
import { link, type StoredEntry } from '@lentum/core/record';
import { programmeAt } from './days.ts';
import { orderAt } from './orders.ts';
import { buildUps, cutBays } from './roofs.ts';
import { BLISTER, BLISTER_MARKS, OUTLET, OUTLET_MARKS } from './pictures.ts';
import { provingAt } from './proving.ts';
import { people, Story } from './story.ts';
import { morningZone, skyOver, weatherAt } from './sky.ts';
import { surveyAt } from './zones.ts';

const PRIMER = {
  containerId: 'can-5',
  net: 5,
  over: 0.04,
  gauge: 'fine',
  lastWetMm: [],
  batch: 'P-0417',
} as const;
/** The slab was warming, and the primer says to wait until it cools. */
const SHADED = {
  ...PRIMER,
  more: { against: 'Under the shade sail since seven; no bubbles on the trial patch.' },
} as const;
const FIRST = {
  ...{ containerId: 'pail-25', net: 25, over: 0.02, gauge: 'deep', batch: 'F-2231', placed: true },
} as const;
const SECOND = {
  ...{ containerId: 'pail-25', net: 25, over: 0.03, gauge: 'middle', batch: 'F-2240', placed: true },
} as const;

const numbered = (letter: string, from: number, to: number): string[] =>
  Array.from({ length: to - from + 1 }, (_, i) => `${letter}${from + i}`);

/** What the lorries brought, by the keys of the order's lines. */
function deliveries(story: Story): void {
  const hall: [string, string, number, string][] = [
    ['resin', 'Polyurethane resin', 14, 'F-2231'],
    ['resin', 'Polyurethane resin', 8, 'F-2240'],
    ['hall-primer', 'Polyurethane primer', 12, 'P-0417'],
    ['tack-primer', 'Tack primer', 4, 'P-0418'],
    ['methacrylate-primer', 'Methacrylate primer', 6, 'M-0877'],
    ['methacrylate', 'Membrane resin', 22, 'M-0902'],
    ['methacrylate', 'Finish resin', 4, 'M-0911'],
    ['wear', 'Wear coat', 8, 'W-3310'],
    ['quartz', 'Quartz 0.7 to 1.2 mm', 20, 'Q-5521'],
    ['rust', 'Anticorrosive primer', 1, 'R-1180'],
    ['base-ply', 'Base ply', 12, 'B-7702'],
    ['cap', 'Cap sheet', 14, 'C-9914'],
    ['conditioner', 'Surface conditioner', 2, 'S-0206'],
    ['blocks', 'Rubberised bitumen in blocks', 46, 'K-6610'],
  ];
  hall.forEach(([item, name, count, batch], i) =>
    story.came(-94 + i * 0.02, item, name, count, batch, i < 10 ? 'note 118' : 'note 121'),
  );
}

function hall(story: Story): void {
  story.conditions('hall', -71, -62, -47, -38, -23, -15, -0.4);
  const bays = numbered('H', 1, 11);
  story.prepared(bays, -75.4, {
    ...{
      startedAt: story.at(-77),
      steps: ['wash'],
      complete: false,
      method: 'high pressure, turning nozzle',
    },
    ...{ pressureBar: 320, product: 'wash concentrate', waterParts: 9, litres: 6, dwellMin: 15 },
    dryingFrom: story.at(-75.4),
  });
  story.prepared(bays, -71.9, { steps: ['dry', 'fillets'], note: 'Dry to the touch, fillets 50 mm.' });
  for (const bay of ['H1', 'H2', 'H3', 'H4']) story.coat([bay], 'primer', -69, SHADED);
  const late = story.coat(['H11'], 'primer', -68.6, SHADED);
  story.detailed(['H1', 'H2', 'H3', 'H4'], -63, 'Upstand and corner pieces laid, saturated, no pinholes.');
  story.coat(['H1'], 'first', -46, { ...FIRST, lastWetMm: [1.5, 1.4, 1.5, 1.4, 1.5, 1.4] });
  story.coat(['H2'], 'first', -45, { ...FIRST, lastWetMm: [1.5, 1.5, 1.4, 1.4, 1.5, 1.5] });
  story.coat(['H3'], 'first', -44, { ...FIRST, lastWetMm: [1.4, 1.5, 1.5, 1.4, 1.5, 1.4] });
  story.coat(['H4'], 'first', -43, { ...FIRST, lastWetMm: [1.5, 1.4, 1.5, 1.5, 1.4, 1.5] });
  story.coat(['H1'], 'second', -22.5, { ...SECOND, lastWetMm: [0.9, 0.8, 0.9, 0.9, 0.8, 0.9] });
  const typo = story.coat(['H2'], 'second', -21.5, {
    ...SECOND,
    lastWetMm: [0.8, 0.9, 0.9, 0.9, 0.9, 0.8],
    batch: 'F-2204',
  });
  story.correct(typo, -21, { containers: [{ containerId: 'pail-25', opened: 1, batch: 'F-2240' }] });
  story.coat(['H3'], 'second', -20.5, {
    ...SECOND,
    over: -0.2,
    lastWetMm: [0.7, 0.6, 0.6, 0.7, 0.8, 0.7],
    note: 'Pail ran short toward the north edge.',
  });
  story.decided(['H1'], 'accepted', -13.8);
  story.decided(['H2'], 'accepted', -13.7);
  story.coat(['H4'], 'second', -0.2, { ...SECOND, over: -0.09, lastWetMm: [0.7, 0.8, 0.7, 0.6, 0.8, 0.7] });
  for (const bay of ['H5', 'H6', 'H9']) story.coat([bay], 'primer', -18, SHADED);
  // The primer of H11 was missed: abraded, wiped, primed again, and looked at.
  story.mended('H11', 'primer', late, 'overcoatUntil', -18);
  story.decided(['H11'], 'accepted', -17.2, 'Matt all over, primer closed, no dust.', {
    ...{ entryId: late, limit: 'overcoatUntil' as const },
  });
  story.detailed(['H5', 'H6', 'H7'], -16.6, 'Upstand and corner pieces laid, saturated, no pinholes.');
  story.detailed(['H11'], -16.9, 'Upstand pieces laid over the new primer.');
  story.coat(['H5'], 'first', -14.6, { ...FIRST, lastWetMm: [1.5, 1.4, 1.5, 1.5, 1.4, 1.4] });
  story.coat(['H6'], 'first', -10.8, { ...FIRST, lastWetMm: [1.4, 1.5, 1.4, 1.5, 1.5, 1.5] });
  story.prepared(['H5'], -1.2, { steps: ['fibres'], complete: false, note: 'Two strands by the outlet.' });
  story.coat(['H7'], 'primer', -26, PRIMER);
  story.coat(['H8'], 'primer', -47, SHADED);
  story.decided(['H9'], 'held', -13.5, 'blister under the primer by the outlet, cut out and dry first');
}

function terrace(story: Story): void {
  story.conditions('terrace', -47, -22, -15, -0.5);
  const drum = { containerId: 'drum-10', net: 10, over: 0.02, gauge: 'deep', batch: 'M-0902' } as const;
  const all = numbered('T', 1, 12);
  story.prepared(all, -47.5, { steps: ['grind', 'profile', 'dry'], method: 'shot-blasted, vacuumed' });
  story.add(
    -46.7,
    'Tomas',
    'mix',
    { zoneId: 'terrace' },
    {
      ...story.layer('terrace', 'primer'),
      at: story.at(-46.9),
      parts: [
        { name: 'Primer resin', kg: 10, batch: 'M-0877' },
        { name: 'Catalyst', kg: 0.3, batch: '' },
      ],
      ...{ catalystPct: 3, stirredMin: 2, placedAt: story.at(-46.7) },
    },
  );
  // One shift over twelve bays, from the drums that they shared.
  story.coat(all, 'primer', -44.8, {
    ...drum,
    ...{ over: 0.05, gauge: 'fine', lastWetMm: [], batch: 'M-0877', hours: 2 },
    more: { method: 'rolled' },
  });
  story.detailed(all, -44, 'Thresholds and post bases in fleece, saturated.');
  for (const [from, to, hours] of [
    [1, 4, -42.2],
    [5, 8, -41],
  ] as const)
    story.coat(numbered('T', from, to), 'membrane', hours, {
      ...drum,
      ...{ over: 0.06, lastWetMm: [2, 2, 2.5, 2, 2.5], hours: 1.1 },
      // The last of the drum was drawn out over it.
      lastWetOn: { T8: [1.6, 1.5, 1.6, 1.8, 1.5] },
      more: { against: 'Shaded with sheets, resin kept cool in the shed.' },
    });
  const wear = numbered('T', 1, 4);
  story.prepared(wear, -23.4, { steps: ['fibres'], complete: false });
  story.prepared(['T5', 'T6'], -1.6, { steps: ['fibres'], complete: false });
  const laid = story.coat(wear, 'wear', -21.3, {
    ...{ containerId: 'bucket-33', net: 33, over: 0.03, gauge: 'deep', batch: 'W-3310', hours: 1.2 },
    lastWetMm: [2, 2.5, 2, 2.5, 2.5],
    more: { method: 'trowelled' },
  });
  story.thrown(wear, 'quartz', -21.2, 10, 'Q-5521');
  story.add(
    -21,
    'Ines',
    'event',
    { zoneId: 'terrace', bays: [{ bayId: 'terrace-4', share: 1 }] },
    { at: story.at(-21), what: 'shoes', note: 'A passenger stepped over the tape at the door.' },
  );
  story.mended('T4', 'wear', laid, 'foot', -19.5);
  story.swept(wear, 'quartz', -18.4, 96, 70);
  story.coat(['T1', 'T2'], 'finish', -16.4, {
    ...drum,
    ...{ over: 0.04, gauge: 'fine', lastWetMm: [0.6, 0.55, 0.6, 0.6], batch: 'M-0911' },
  });
  story.decided(['T1', 'T2'], 'accepted', -13.6);
  // The corner that is still bare has drawn water overnight.
  story.moisture('terrace', -1.5, 5.2, { alongM: 8, acrossM: 5.5 });
  for (const bay of ['terrace-1', 'terrace-2'])
    story.add(
      -13.5,
      'Marek',
      'opening',
      { zoneId: 'terrace', bays: [{ bayId: bay, share: 1 }] },
      { at: story.at(-13.5), to: 'feet', step: 'opened' },
    );
}

/** What was tested and found on finished bays. */
function proving(story: Story): void {
  const on = (zoneId: string, ...ids: string[]) => ({
    zoneId,
    bays: ids.map((bayId) => ({ bayId, share: 1 })),
  });
  const pass = { method: 'low voltage', instrument: 'leak detector' } as const;
  story.add(-12.6, 'Marek', 'leak test', on('hall', 'hall-1', 'hall-2'), {
    ...{ at: story.at(-12.6), ...pass, finds: ['collar of the outlet, south side'] },
  });
  story.add(-11.9, 'Marek', 'leak test', on('hall', 'hall-1', 'hall-2'), {
    ...{ at: story.at(-11.9), ...pass, finds: [], note: 'After the collar was sealed again.' },
  });
  const flooded = on('terrace', 'terrace-1', 'terrace-2');
  const flood = story.add(-12, 'Ines', 'flood', flooded, {
    ...{ step: 'filled', at: story.at(-12), deepestMm: 40, levelMm: 31.5, panMm: 25, plugged: 1 },
    ...{ hours: 24, note: 'Dammed with sand bags, mark on the post base.' },
  });
  story.add(-1.2, 'Ines', 'flood', flooded, {
    ...{ step: 'read', at: story.at(-1.2), floodId: flood, levelMm: 30.5, panMm: 24 },
  });
  const print = story.add(-20.9, 'Ines', 'snag', on('terrace', 'terrace-4'), {
    ...{ step: 'found', at: story.at(-20.9), what: 'Shoe print at the door', forWhom: 'Tomas' },
  });
  story.add(-19.2, 'Tomas', 'snag', on('terrace', 'terrace-4'), {
    ...{ step: 'done', at: story.at(-19.2), snagId: print, note: 'Ground out and laid again.' },
  });
  story.add(-13.2, 'Marek', 'snag', on('hall', 'hall-3'), {
    ...{ step: 'found', at: story.at(-13.2), what: 'Second coat thin toward the north edge' },
    forWhom: 'Tomas',
  });
  story.add(
    -1.1,
    'Ines',
    'snag',
    { ...on('terrace', 'terrace-1'), attachments: [BLISTER.id], marks: BLISTER_MARKS },
    {
      ...{ step: 'found', at: story.at(-1.1), what: 'Blister a hand wide beside the post base' },
      forWhom: 'Tomas',
    },
  );
}

function canopy(story: Story): void {
  story.conditions('canopy', -47, -22);
  const six = numbered('C', 1, 6);
  story.prepared(six, -21.5, {
    ...{ steps: ['wash', 'dry'], method: 'high pressure', pressureBar: 300 },
    note: 'Washed, rinsed, old coating holds.',
  });
  story.add(
    -20.6,
    'Ines',
    'dry film',
    { zoneId: 'canopy' },
    {
      ...{ at: story.at(-20.6), gauge: 'magnetic', instrument: 'dry-film gauge', ground: 'steel' },
      ...{ when: 'before', zeroUm: 2, shims: [{ nominalUm: 250, readUm: 252 }] },
      readingsUm: [84, 91, 78, 88, 95],
      note: 'Old coating, before anything new.',
    },
  );
  story.add(
    -19.7,
    'Tomas',
    'trial',
    { zoneId: 'canopy' },
    {
      ...{ at: story.at(-20), about: 'spray', layerId: 'base', judgedAt: story.at(-19.7), result: 'good' },
      ...{ tip: '0.43 mm', pressureBar: 180, decidedBy: 'Ines' },
      note: 'Tails gone at this pressure; not raised further.',
    },
  );
  // Rust along the gutter of three bays, weighed again afterwards.
  const can = { containerId: 'kit-5', net: 5, over: 0.15, gauge: 'fine', batch: 'R-1180' } as const;
  const shift = story.coat(['C1', 'C2', 'C3'], 'rust', -18.5, {
    ...can,
    ...{ lastWetMm: [], hours: 0.8, coveredM2: 1.6, more: { method: 'brushed' } },
  });
  const first = story.entries.find((e) => e.id === shift);
  if (first?.kind === 'coat')
    story.correct(shift, -17.8, {
      leftOver: { ...first.body.leftOver, value: Number((first.body.leftOver.value - 0.1).toFixed(2)) },
      note: 'Left over weighed again: the lid was on the scale the first time.',
    });
  story.decided(['C1', 'C2', 'C3'], 'accepted', -17.5, 'Every rusted place closed, edges feathered.', {
    layerId: 'rust',
  });
  // The end at the mooring went ahead: primed and striped two days ago.
  story.prepared(['C7'], -47.5, {
    steps: ['wash', 'rust', 'dry'],
    method: 'high pressure',
    pressureBar: 300,
  });
  story.coat(['C7'], 'rust', -46.4, {
    ...can,
    ...{ lastWetMm: [], hours: 0.4, coveredM2: 0.9, more: { method: 'brushed' } },
  });
  story.decided(['C7'], 'accepted', -42, 'Rust at the mooring end closed.', { layerId: 'rust' });
  story.coat(['C7'], 'stripe', -41.5, {
    ...{ containerId: 'pail-10', net: 10, over: 0.05, gauge: 'fine', batch: 'E-1204', hours: 0.6 },
    ...{ coveredM2: 1.6, lastWetMm: [0.4, 0.4, 0.35, 0.4, 0.4], more: { method: 'brushed' } },
  });
  story.detailed(['C7'], -41, 'Every fastener, cut edge and lap by brush, fleece on the laps.');
  story.windy('canopy', -0.005, 6.8);
}

/** Emulsion over gravel: one bay got far too much, the other was begun too early. */
function office(story: Story): void {
  story.add(
    -76,
    'Ines',
    'upkeep',
    { zoneId: 'office' },
    {
      ...{ step: 'visit', at: story.at(-76), done: ['looked at', 'outlets cleared'], details: [], topUm: [] },
      note: 'Before the restoration: laps lift at the gutter, the outlet was full of moss.',
    },
  );
  story.conditions('office', -69, -43, -0.7);
  story.prepared(['O1', 'O2'], -70, { steps: ['dry'], complete: true });
  const drum = { containerId: 'drum-200', net: 200, gauge: 'deep', batch: 'B-4471', hours: 1 } as const;
  story.coat(['O1'], 'fill', -68, { ...drum, over: 0.03, lastWetMm: [2.5, 2.5, 2.5] });
  story.coat(['O1'], 'base', -42.5, {
    ...{ ...drum, over: 2.8, lastWetMm: [3, 3, 3] },
    note: 'Both crews poured this bay.',
  });
  story.detailed(['O1'], -41.2, 'Outlet, corners and kerb in fabric over the base.');
  story.coat(['O2'], 'fill', -41, { ...drum, over: 0.02, lastWetMm: [2.5, 2.5, 2.5] });
  // Five minutes after the fill coat.
  story.coat(['O2'], 'base', -40.2, { ...drum, over: 0.03, lastWetMm: [1.6, 1.6, 1.8], hours: 0.8 - 5 / 60 });
  story.detailed(['O2'], -39, 'Corners and the curved parapet in fabric over the base.');
}

/** Sheets: primed in the morning, the first bays under their base ply by now. */
function workshop(story: Story): void {
  story.conditions('workshop', -23);
  const can = { containerId: 'can-10', net: 10, over: 0.05, gauge: 'fine', batch: 'P-0418' } as const;
  story.prepared(numbered('W', 1, 4), -23, { steps: ['wash', 'dry'] });
  for (let n = 1; n <= 3; n += 1) story.coat([`W${n}`], 'primer', -21.5 + n * 0.3, { ...can, lastWetMm: [] });
  story.detailed(['W1', 'W2'], -19.5, 'Corners and outlets in self-adhered pieces.');
  story.ply('W1', 'base', -17.5, 2.7, 'B-7702');
  story.ply('W2', 'base', -15.8, 2.8, 'B-7702');
  story.ply('W1', 'cap', -13.9, 4.1, 'C-9914');
  story.conditions('workshop', -1.3);
}

/** Hot work: two charges under one permit, with a watch after the last flame. */
function garden(story: Story): void {
  story.conditions('garden', -42, -23, -0.6);
  story.prepared(['G1', 'G2'], -43, { steps: ['wash', 'dry'] });
  const can = { containerId: 'can-10', net: 10, over: 0.04, gauge: 'fine', batch: 'S-0206' } as const;
  story.coat(['G1', 'G2'], 'primer', -40, { ...can, lastWetMm: [], hours: 1 });
  story.detailed(['G1', 'G2'], -23.4, 'Fabric over corners and the planter foot, both hot layers.');
  const permit = story.add(
    -22.8,
    'Marek',
    'permit',
    { zoneId: 'garden' },
    {
      ...{ step: 'opened', at: story.at(-22.8), number: '31', issuedBy: 'Marek', until: story.at(-13.5) },
      work: 'Kettle and hot-applied membrane on the podium',
    },
  );
  // From the first flame until an hour after the last.
  const watch = story.add(
    -22.7,
    'Ines',
    'watch',
    { zoneId: 'garden' },
    {
      ...{ step: 'opened', at: story.at(-22.7), watcher: 'Ines', until: story.at(-14.9), extinguisher: true },
      permitId: permit,
    },
  );
  const charge = (n: number, litH: number, layH: number, kettle: readonly number[], drawnKg: number) =>
    story.add(
      layH,
      'Tomas',
      'melt',
      { zoneId: 'garden' },
      {
        ...story.layer('garden', 'first'),
        ...{ charge: n, litAt: story.at(litH), offAt: story.at(layH), blocks: 16, chargedKg: 288 },
        temperatures: kettle.map((kettleC, i) => ({
          at: story.at(litH + 1.5 + i * 0.5),
          kettleC,
          layingC: kettleC - 9,
        })),
        ...{ drawnKg, leftKg: 288 - drawnKg, batch: 'K-6610' },
      },
    );
  // A block of 18 kg is 15.65 L of melt at 1.15 kg/L.
  const block = {
    ...{ containerId: 'block-18', net: 18 / 1.15, gauge: 'probe', batch: 'K-6610', hours: 1.2 },
  } as const;
  charge(1, -22.6, -19.8, [188, 194, 191], 218);
  story.coat(['G1'], 'first', -19.9, { ...block, over: 0.05, lastWetMm: [3, 3, 3.5, 3, 3, 3.5] });
  charge(2, -19.2, -16.4, [186, 196, 193], 216);
  story.coat(['G2'], 'first', -16.5, { ...block, over: 0.04, lastWetMm: [3, 3.5, 3, 3, 3, 3] });
  story.add(
    -14.85,
    'Ines',
    'watch',
    { zoneId: 'garden' },
    { step: 'closed', at: story.at(-14.85), watchId: watch, nothingFound: true },
  );
  story.add(
    -15,
    'Marek',
    'permit',
    { zoneId: 'garden' },
    { step: 'closed', at: story.at(-15), permitId: permit, closedBy: 'Marek' },
  );
}

/** Details that were made and looked at: most of the hall's, one refused. */
function details(story: Story): void {
  for (const [id, name, hours] of [
    ['corner-1', 'Internal corner, corner 1', -66],
    ['corner-2', 'Internal corner, corner 2', -65.8],
    ['corner-3', 'External corner, corner 3', -65.6],
    ['hall-f1', 'Outlet, Outlet 1', -65.4],
    ['hall-f3', 'Pipe, Pipe 1', -65.2],
  ] as const) {
    const shown = id === 'hall-f1' ? { attachments: [OUTLET.id], marks: OUTLET_MARKS } : {};
    story.detail('hall', id, name, 'made', hours, undefined, shown);
    story.detail('hall', id, name, 'accepted', hours + 1.4);
  }
  story.detail('hall', 'hall-f4', 'Pipe, Pipe 2', 'made', -65);
  story.detail(
    'hall',
    'hall-f4',
    'Pipe, Pipe 2',
    'refused',
    -63.8,
    'white shows under the wrap on the north side',
  );
  story.takenOver(
    ['H7'],
    { gate: 'details/refused', layerId: 'first' },
    -1.1,
    'The wrap is closed with resin on the north side; it is covered by the fabric of the first coat.',
  );
  story.detail('hall', 'rooflight-1', 'Roof light kerb, Roof light', 'made', -63.5);
}

/** Puts entries in the order in which they were made and chains them. */
export function chain(
  entries: readonly { entry: StoredEntry['entry']; receivedAt: string }[],
): StoredEntry[] {
  const record: StoredEntry[] = [];
  for (const { entry, receivedAt } of entries) record.push(link(record.at(-1), entry, receivedAt));
  return record;
}

/** The demo as it stands at an instant. */
export function velmora(anchor: Date): JobContent {
  const tested = surveyAt(anchor);
  const site = cutBays(tested);
  const story = new Story(site, tested.zones, anchor.getTime(), skyOver(tested, anchor));
  for (const zone of tested.zones) story.tests(zone);
  deliveries(story);
  hall(story);
  terrace(story);
  canopy(story);
  workshop(story);
  garden(story);
  office(story);
  details(story);
  proving(story);
  const inOrder = [...story.entries].sort((a, b) => Date.parse(a.madeAt) - Date.parse(b.madeAt));
  // What was tested is told by the record.
  const survey = { ...tested, zones: tested.zones.map((zone) => ({ ...zone, tests: [] })) };
  return {
    job: {
      name: 'Velmora ferry terminal',
      place: 'Velmora quay (made up)',
      timeZone: morningZone(anchor),
      currency: 'EUR',
      units: 'metric',
      demo: true,
    },
    survey,
    buildUp: buildUps,
    order: orderAt(survey, anchor),
    programme: programmeAt(anchor),
    proving: provingAt(),
    site,
    weather: weatherAt(anchor),
    weatherSeries: [],
    pictures: [OUTLET, BLISTER],
    picturesLeftOut: [],
    papers: [],
    people,
    record: chain(inOrder.map((entry) => ({ entry, receivedAt: entry.madeAt }))),
  };
}
