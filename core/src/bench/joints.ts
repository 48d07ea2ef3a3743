/** Joints, fillets and pockets. */
import { resolve, shippedPocket, type Pieces } from '../buildup/index.ts';
import { filletVolume, fitCurb, isNarrow, pourVolume, sealantJoint } from '../details/index.ts';
import { COMMON } from '../practice/index.ts';
import { answer, figure, number, refuse, type Calculator } from './types.ts';

const joint: Calculator = {
  key: 'joint',
  name: 'Sealant joint',
  group: 'joints',
  says: 'Depth, backer rod and sealant for a joint of a width.',
  asks: [
    number('width', 'Width of the joint', 'gap', 20, 1, 100),
    number('length', 'Length', 'length', 10, 0.01, 10000),
    number('pack', 'Cartridge or bag', 'volumeFine', 0.6, 0.05, 20),
  ],
  run: (v) => {
    const [width, length, pack] = [v.number('width'), v.number('length'), v.number('pack')];
    const j = sealantJoint(width, length);
    return answer(
      [
        j.depth,
        j.rodMm,
        j.volume,
        figure(
          'Packs',
          'count',
          Math.ceil(j.volume.value / pack.value),
          'ceil({volume} / {pack})',
          { volume: j.volume, pack },
          'whole packs',
        ),
      ],
      j.rodOnSaleMm === undefined
        ? 'No rod on sale is that large: a profile of its own is needed.'
        : `The next rod on sale is ${j.rodOnSaleMm} mm.`,
      ...(isNarrow(width.value)
        ? [
            `Narrower than ${COMMON.leastJointDepth.value} mm: the sealant would be deeper than wide and tears as the joint moves. A wider joint lasts longer.`,
          ]
        : []),
    );
  },
};

const fillet: Calculator = {
  key: 'fillet',
  name: 'Fillet',
  group: 'joints',
  says: 'Sealant or mortar in a fillet of 45°.',
  asks: [
    number('leg', 'Leg', 'gap', 50, 2, 200),
    number('length', 'Length', 'length', 10, 0.01, 10000),
    number('density', 'Density', 'density', 1.9, 0.3, 4),
  ],
  run: (v) => {
    const volume = filletVolume(v.number('leg'), v.number('length'));
    const density = v.number('density');
    return answer([
      volume,
      figure(
        'Mass',
        'mass',
        volume.value * density.value,
        '{volume} × {density}',
        { volume, density },
        'volume times density',
      ),
    ]);
  },
};

const pocket: Calculator = {
  key: 'pocket',
  name: 'Pocket round pipes',
  group: 'joints',
  says: 'Curb parts round a cluster, and what is poured.',
  asks: [
    number('length', 'Pipes together, length', 'lap', 300, 10, 3000),
    number('width', 'Pipes together, width', 'lap', 150, 10, 3000),
    number('pipes', 'Pipes', 'count', 3, 1, 100),
    number('pipe', 'Diameter of each', 'lap', 50, 5, 500),
    number('depth', 'Depth of the fill', 'film', 50, 5, 300),
  ],
  run: (v) => {
    const pieces = resolve(shippedPocket()).layers.find((l): l is Pieces => l.kind === 'pieces');
    if (!pieces) return refuse('pieces', 'Curb parts', 'none', 'a pocket in the catalogue');
    const cluster = {
      lengthMm: v.number('length').value,
      widthMm: v.number('width').value,
      pipes: v.number('pipes').value,
      pipeMm: v.number('pipe').value,
    };
    const curb = fitCurb(cluster, pieces, 'Pocket');
    if (!curb.ok) return curb;
    const pour = pourVolume(curb.value, cluster, v.number('depth').value, 'Pocket');
    if (!pour.ok) return pour;
    const parts = curb.value.parts.map((p) => `${p.count} × ${p.part.name.toLowerCase()}`).join(', ');
    return answer(
      [curb.value.inside, pour.value],
      `Parts: ${parts}.`,
      `The nearest pipe is ${Math.round(curb.value.clearanceMm)} mm off the curb. Parts are typical ones; replace with your data sheet.`,
    );
  },
};

export const JOINT_CALCULATORS: readonly Calculator[] = [joint, fillet, pocket];
