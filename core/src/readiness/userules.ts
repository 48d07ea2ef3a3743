/** Rules of what a zone is, where it is no roof: walls that are covered with earth, and flights of stairs. */
import { zoneUse } from '../survey/index.ts';
import { reason, type Rule } from './rule.ts';

export const wall: Rule = (c) => {
  if (zoneUse(c.zone) !== 'wall') return undefined;
  return [
    c.family.belowGround
      ? reason('wall', 'fine', 'Wall:', [`${c.family.name} seals walls below ground (common practice).`])
      : reason(
          'wall',
          'hold',
          'Wall:',
          [`${c.family.name} is made for roofs; whether it may be covered with earth is not known.`],
          ['A mineral, bitumen or hot-applied family, or its maker’s word in writing for this wall.'],
          { unknown: true },
        ),
    reason(
      'backfill',
      'note',
      'Backfill:',
      [
        'comes when the membrane has cured and was looked at, with boards or a drainage sheet against it down to its foot; in layers, without stones, nothing tipped against it.',
      ],
      ['Open it to backfill on site when that is so.'],
    ),
  ];
};

export const stairs: Rule = (c) => {
  if (zoneUse(c.zone) !== 'stairs') return undefined;
  if (c.family.trafficked !== 'no')
    return reason('stairs', 'fine', 'Stairs:', [`${c.family.name} is walked on.`]);
  return c.family.belowGround
    ? reason(
        'stairs',
        'note',
        'Stairs:',
        [`${c.family.name} is walked on only below tiles or slabs.`],
        ['Tiles or slabs on the treads, opened when it has cured.'],
      )
    : reason(
        'stairs',
        'hold',
        'Stairs:',
        [`${c.family.name} is not made to be walked on.`],
        ['A family for foot traffic, or a mineral, bitumen or hot-applied one below tiles.'],
        { unknown: true },
      );
};
