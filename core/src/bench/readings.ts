/** How many readings a film needs. */
import { given, type Given } from '../figures/index.ts';
import { SAMPLING, samplingPlan, type AcceptanceRule } from '../film/index.ts';
import { answer, figure, number, word, type Calculator } from './types.ts';

export const readings: Calculator = {
  key: 'readings',
  name: 'How many readings',
  group: 'film',
  says: 'Readings until a rule of acceptance holds of the film itself, at a confidence.',
  asks: [
    word(
      'rule',
      'Rule',
      ['mean-and-share', 'mean, least and share'],
      ['average-and-spots', 'average and spots'],
      ['minimum', 'every reading'],
    ),
    number('mean', 'Mean film, of the design', 'share', 1.1, 0.2, 5),
    number('spread', 'Spread of the film, of its mean', 'share', 0.12, 0, 1),
    number(
      'missed',
      'Area that may be short without being found',
      'share',
      SAMPLING.missed.value,
      0.005,
      0.5,
    ),
    number('confidence', 'Confidence', 'share', SAMPLING.confidence.value, 0.5, 0.999),
  ],
  run: (v) => {
    const [mean, spread, missed, confidence] = ['mean', 'spread', 'missed', 'confidence'].map((k) =>
      v.number(k),
    ) as [Given, Given, Given, Given];
    const plan = samplingPlan({
      rule: v.word('rule') as AcceptanceRule,
      meanOfNominal: mean.value,
      spreadOfMean: spread.value,
      missed: missed.value,
      confidence: confidence.value,
    });
    const known = plan.parts.flatMap(({ name, readings: n }) =>
      n === undefined
        ? []
        : [
            figure(
              `Readings for ${name}`,
              'count',
              n,
              '{n}',
              {
                n: given('the first number at which it holds', n, 'count', 'definition'),
                mean,
                spread,
                missed,
                confidence,
              },
              'tried number by number: Student’s t for a mean, binomial for a share',
            ),
          ],
    );
    const cannot = plan.parts.filter((p) => p.readings === undefined).map((p) => p.name);
    return answer(
      plan.readings === undefined
        ? known
        : [
            ...known,
            figure(
              'Readings in all',
              'count',
              plan.readings,
              known.length > 1 ? `max(${known.map((_, i) => `{r${i + 1}}`).join(', ')})` : '{r1}',
              Object.fromEntries(known.map((f, i) => [`r${i + 1}`, f])),
              'the most of them',
            ),
          ],
      ...cannot.map(
        (name) => `No number of readings can show this of such a film: ${name}. Lay more, or more evenly.`,
      ),
      'At places that nobody chose for their look; none of them short.',
    );
  },
};
