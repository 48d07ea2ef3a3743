/** The share of a cause with its working, so that it can be followed by hand. */
import { given, type Figure } from '../figures/index.ts';
import { factName } from './facts.ts';
import type { Diagnosis, Ranked, Weighing } from './rank.ts';

const OWN = 'our own estimate';
const ELSE = 'something else';

function weightFigure(name: string, { before, chances }: Weighing): Figure {
  const names = chances.map((_, i) => `f${i + 1}`);
  return {
    label: `weight of: ${name}`,
    value: chances.reduce((w, c) => w * c.chance, before),
    quantity: 'number',
    formula: ['before', ...names].map((n) => `{${n}}`).join(' × '),
    inputs: {
      before: given(
        'how common beside the others, before anything is known',
        before,
        'share',
        'assumed',
        OWN,
      ),
      ...Object.fromEntries(
        chances.map(({ fact, is, chance }, i) => [
          names[i],
          given(
            `${is ? 'so often true' : 'so often not true'}: ${factName(fact)}`,
            chance,
            'share',
            'assumed',
            OWN,
          ),
        ]),
      ),
    },
    from: 'Bayes, facts taken to have nothing to do with each other; common practice, no source',
  };
}

/**
 * @param ranked one of the causes of the diagnosis; undefined: something else
 * @returns its share, 0 to 1, by the weights of all of them
 */
export function shareFigure(diagnosis: Diagnosis, ranked: Ranked | undefined): Figure {
  const of = (r: Ranked): Figure => weightFigure(r.cause.name, r.weighing);
  const other = weightFigure(ELSE, diagnosis.elseWeighing);
  const all = [...diagnosis.ranked.map(of), other];
  const names = all.map((_, i) => `w${i + 1}`);
  return {
    label: `Share of: ${ranked?.cause.name ?? ELSE}`,
    value: ranked?.likelihood ?? diagnosis.somethingElse,
    quantity: 'share',
    formula: '{own} / {all}',
    inputs: {
      own: ranked ? of(ranked) : other,
      all: {
        label: 'weights of all causes and of something else',
        value: all.reduce((sum, f) => sum + f.value, 0),
        quantity: 'number',
        formula: names.map((n) => `{${n}}`).join(' + '),
        inputs: Object.fromEntries(all.map((f, i) => [names[i] ?? '', f])),
        from: 'each cause of this symptom, weighed alike',
      },
    },
    from: 'it ranks the causes, and is no measurement',
  };
}
