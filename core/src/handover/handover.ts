/**
 * The handover of one roof: what the record says of it, as one printout. Made from the state and the record alone; what is
 * not on record is said to be missing, and makes it a draft.
 */
import { buildUpOfZone } from '../buildup/index.ts';
import { detailSchedule } from '../details/index.ts';
import type { JobHead } from '../job/index.ts';
import {
  contents,
  facts,
  group,
  heading,
  jobLines,
  line,
  list,
  PAGE_BREAK,
  tellingOf,
  type Block,
  type Ink,
  type Printout,
} from '../printout/index.ts';
import { fail, ok, sentence, type Problem, type Result } from '../problems/index.ts';
import type { ProvingDoc } from '../proving/index.ts';
import type { BayStatus } from '../record/index.ts';
import type { JobState } from '../state/index.ts';
import { zoneQuantities } from '../survey/index.ts';
import { cureSection } from './curesection.ts';
import { keptAfter } from './keptafter.ts';
import { filmSection } from './filmplan.ts';
import { guaranteeSection, upkeepSection } from './upkeepsection.ts';
import { leakSection, snagSection } from './testsections.ts';
import { summarySection } from './summary.ts';
import { picturesOf, picturesSection } from './pictures.ts';
import { moistureSection } from './moistureplan.ts';
import { roofPlan } from './roofplan.ts';
import {
  detailsSection,
  layersSection,
  layingSection,
  missesSection,
  readingsSection,
  recordSection,
} from './sections.ts';
import type { Receipt } from '../sealed/index.ts';
import { sealBlock, sealLine, type Last } from './seal.ts';
import { isProven, proofOf } from './proof.ts';
import { proofBlocks } from './proofwords.ts';

export interface HandoverAsked {
  readonly head: JobHead;
  readonly state: JobState;
  readonly last: Last;
  /** The first place where the chain of the record is broken, if it is. */
  readonly chain: Problem | undefined;
  readonly zoneId: string;
  /** What the job asks to be proven. */
  readonly asked?: ProvingDoc | undefined;
  /** What the server has signed of the record. */
  readonly receipt?: Receipt | undefined;
}

const fillOf = (s: BayStatus): Ink => (s.accepted && !s.hold ? 'soft' : 'paper');

/** @returns the printout, or why there is none: no such zone, or one that is not measured */
export function handoverOf({
  head,
  state,
  last,
  chain,
  zoneId,
  asked,
  receipt,
}: HandoverAsked): Result<Printout> {
  const { survey, buildUps, site, book, series } = state.kept.inputs;
  const zone = survey.zones.find((z) => z.id === zoneId);
  if (!zone)
    return fail({
      kind: 'unknown',
      field: 'zone',
      label: 'The handover, zone',
      actual: zoneId,
      expected: 'a zone of the survey',
    });
  const quantities = zoneQuantities(zone);
  if (!quantities.ok) return quantities;
  const q = quantities.value;
  const t = tellingOf(head);
  const statuses = state.calls.map((c) => c.status).filter((s) => s.bay.zoneId === zoneId);
  const buildUp = buildUpOfZone(buildUps, zoneId);
  const details = detailSchedule({ zones: [zone] }, buildUps).zones[0];
  const lines = { buildUps, site, book, say: t.say, practice: state.practice };
  const proof = proofOf(state, zoneId, details, asked);
  const after = keptAfter(state, zoneId, head.timeZone, asked, proof);
  const tests = {
    ...{ book, series, bays: site.bays, practice: state.practice },
    nowMs: state.atMs,
  };
  const laidAt = statuses.flatMap((s) => s.laid.map((l) => Date.parse(l.entry.startedAt)));
  const open = [
    ...(chain ? [sentence(chain)] : []),
    ...(statuses.length === 0 ? ['Nothing is laid: the roof is not cut into bays.'] : []),
  ];
  const draft = open.length > 0 || !isProven(proof);

  const blocks: Block[] = [
    facts([
      [t.w('Roof'), `${zone.code} · ${zone.name}`],
      [t.w('Area'), t.figure(q.slopeArea)],
      [
        t.w('Build-up'),
        buildUp ? `${buildUp.name}, ${t.w('revision')} ${buildUp.revision}` : t.w('none chosen'),
      ],
      [t.w('Bays'), String(statuses.length)],
      [
        t.w('Laid'),
        laidAt.length === 0
          ? t.w('nothing')
          : `${t.timeMs(Math.min(...laidAt))} ${t.w('to')} ${t.timeMs(Math.max(...laidAt))}`,
      ],
    ]),
    ...(open.length > 0 ? [list(open.map(t.w))] : []),
    ...summarySection({ zone, quantities: q, buildUp, statuses, proof, after, book }, t),
    contents(t.w('Contents')),
    ...(proof.length > 0 ? proofBlocks(proof, t) : []),
    group(
      heading(1, t.w('Plan')),
      roofPlan(
        q,
        statuses.map((s) => ({ bay: s.bay, fill: fillOf(s) })),
        (m) => t.value(m, 'length'),
        t.w(`Plan of ${zone.name} with its bays`),
      ),
      line(t.w('Accepted bays are tinted.'), 'quiet'),
    ),
    ...(buildUp ? layersSection(buildUp, t) : []),
    PAGE_BREAK,
    ...moistureSection(zoneId, q, book, state.practice, t),
    ...(buildUp ? filmSection(q, statuses, buildUp, state.practice, t) : []),
    ...leakSection(zoneId, tests, t),
    ...snagSection(zoneId, tests, t),
    ...picturesOf(zoneId, lines, t, (e) => e.kind === 'snag'),
    ...layingSection(statuses, state.atMs, t),
    ...cureSection(state, statuses, t),
    ...missesSection(statuses, t),
    ...detailsSection(details, lines, zoneId, t),
    ...picturesOf(zoneId, lines, t, (e) => e.kind === 'detail'),
    ...picturesSection(zoneId, lines, t),
    ...readingsSection(book.zones.get(zoneId)?.conditions ?? [], t),
    ...(after.plan ? upkeepSection(after.plan, t) : []),
    ...(after.guarantee ? guaranteeSection(after.guarantee, t) : []),
    ...(buildUp && buildUp.cautions.length > 0
      ? [group(heading(1, t.w('Cautions')), list(buildUp.cautions))]
      : []),
    PAGE_BREAK,
    ...recordSection(zoneId, lines, t),
    sealBlock(last, t, receipt),
  ];
  return ok({
    title: t.w(`Handover, ${zone.name}`),
    ...jobLines(head, state.atMs),
    seal: sealLine(last),
    ...(draft ? { draft: t.w('Draft: not everything is proven') } : {}),
    blocks,
  });
}
