/** Rules of the roof: falls and standing water, what was found by looking, defects, joints and upstands. */
import { given, words } from '../figures/index.ts';
import { FEATURE_KINDS, featureFacts, upstandMm, zoneUse } from '../survey/index.ts';
import { inspectionFor } from './inspection.ts';
import { reason, type Rule } from './rule.ts';
import type { Reason } from './types.ts';

export const standing: Rule = (c) => {
  if (!c.falls || zoneUse(c.zone) !== 'roof') return undefined;
  const reasons: Reason[] = [];
  const deep = c.falls.ponds.filter((p) => p.deepestM * 1000 >= c.practice.pondDepth.value);
  const deepest = deep.reduce((most, p) => Math.max(most, p.deepestM), 0);
  if (deep.length > 0) {
    const says = words`${given('ponds', deep.length, 'count', 'measured')} of up to ${given('depth', deepest * 1000, 'gap', 'measured', 'from the levels')} over ${c.falls.pondArea}`;
    if (c.family.ponding === 'refused')
      reasons.push(
        reason(
          'ponding',
          'steps',
          'Ponding:',
          says.concat(`: ${c.family.name} must not stand under water (common practice).`),
          ['Level the ponds first, or a family that stands ponding.'],
        ),
      );
    else if (c.family.ponding === 'short')
      reasons.push(
        reason(
          'ponding',
          'steps',
          'Ponding:',
          says.concat(`: ${c.family.name} stands water for two days, not for good (common practice).`),
          ['Level them, or bring the outlets down.'],
        ),
      );
    else reasons.push(reason('ponding', 'note', 'Ponding:', says.concat(`; ${c.family.name} stands it.`)));
  }
  const { meanFall } = c.falls;
  const least = given('least fall', c.family.minFallPct, 'fall', 'typical', 'common practice');
  if (c.family.minFallPct > 0 && meanFall.value < c.family.minFallPct)
    reasons.push(
      reason(
        'fall',
        'steps',
        'Fall:',
        words`${meanFall} on the mean is below ${least} for ${c.family.name} (common practice).`,
        ['Level to a fall, or a family that may lie flat.'],
      ),
    );
  for (const o of c.falls.outlets) {
    if (o.proudM === undefined || o.proudM * 1000 <= c.practice.outletProud.value) continue;
    const by = given(`${o.name}, rim over the surface`, o.proudM * 1000, 'gap', 'measured');
    reasons.push(
      reason(
        'proud-outlet',
        'steps',
        'Outlet:',
        words`${o.name} stands ${by} proud of the surface; it belongs below it.`,
        ['Set it lower, or raise the surface around it.'],
      ),
    );
  }
  if (!c.falls.hasDrain)
    reasons.push(
      reason(
        'no-drain',
        'hold',
        'Drainage:',
        ['no outlet and no edge drains it.'],
        ['Enter the outlets, or the edge over which it drains.'],
      ),
    );
  return reasons;
};

export const noLevels: Rule = (c) =>
  c.falls ||
  zoneUse(c.zone) !== 'roof' ||
  c.family.ponding === 'stands' ||
  (c.zone.fallPct ?? 0) >= Math.max(c.family.minFallPct, 1)
    ? undefined
    : reason(
        'no-levels',
        'hold',
        'Falls:',
        words`no levels were taken, and ${c.family.name} does not stand under water.`,
        ['Take levels on a grid, at the outlets and at the edges.'],
        { unknown: true },
      );

export const inspection: Rule = (c) =>
  inspectionFor(c.substrate, c.family, zoneUse(c.zone)).flatMap((item): Reason[] => {
    const found = c.zone.findings.find((f) => f.item === item.key);
    const subject = 'Inspection:';
    if (!found || found.answer === 'not looked at')
      return [
        reason(
          `look-${item.key}`,
          'hold',
          subject,
          [`not yet looked at: ${item.question}`],
          ['Look, and answer.'],
          { unknown: true, item: item.key },
        ),
      ];
    if (found.answer === item.good) return [];
    const note = found.note.trim() === '' ? '' : ` (${found.note.trim()})`;
    return [
      reason(
        item.key,
        item.bad.weight,
        subject,
        [`${item.bad.says}${note}.`],
        [`${item.bad.change.charAt(0).toUpperCase()}${item.bad.change.slice(1)}.`],
        { item: item.key },
      ),
    ];
  });

export const defects: Rule = (c) =>
  FEATURE_KINDS.filter((kind) => featureFacts(kind).defect).flatMap((kind): Reason[] => {
    const found = c.quantities.features.find((f) => f.kind === kind);
    if (!found) return [];
    const name = featureFacts(kind).name.toLowerCase();
    const says = found.length
      ? words`${name}, ${found.length}.`
      : words`${found.count} ${found.count.value === 1 ? name : `${name}s`}.`;
    return [reason(`defect-${kind}`, 'steps', 'Defect:', says, ['Repaired as listed in the preparation.'])];
  });

export const movementJoints: Rule = (c) => {
  const joint = c.quantities.edges.find((e) => e.kind === 'joint');
  return joint
    ? reason(
        'joint',
        'steps',
        'Movement joint:',
        words`${joint.length}: sealed with its own profile before the coat, never coated straight over.`,
        ['The joint is built first.'],
      )
    : undefined;
};

export const lowUpstands: Rule = (c) => {
  const low = c.quantities.sides.filter(
    ({ edge }) => edge.kind === 'upstand' && upstandMm(edge) < c.practice.upstandHeight.value,
  );
  const lowest = Math.min(...low.map((s) => upstandMm(s.edge)));
  return low.length > 0
    ? reason(
        'upstand',
        'note',
        'Upstands:',
        words`${given('lowest upstand', lowest, 'lap', 'measured')} at the lowest; ${c.practice.upstandHeight} above the finished surface is usual (common practice).`,
        ['Raised, or agreed with whoever signs for it.'],
      )
    : undefined;
};
