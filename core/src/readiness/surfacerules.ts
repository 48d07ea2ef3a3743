/** Rules of the surface: profile, strength, pull-off. Tests as in ICRI 310.2R and EN 1542; limits common practice. */
import { given, words } from '../figures/index.ts';
import { against, isMineral, isTrafficked, reason, untested, type Rule } from './rule.ts';
import { worst } from './tests.ts';

export const profile: Rule = (c) => {
  if (!isMineral(c) || c.substrate.key === 'tiles') return undefined;
  const [least, most] = c.family.profile;
  const asks = words`CSP ${given('least profile', least, 'count', 'typical')} to ${given('most profile', most, 'count', 'typical')}`;
  const low = worst(c, 'profile', 'low');
  const high = worst(c, 'profile', 'high');
  if (!low || !high)
    return isTrafficked(c)
      ? reason(
          'profile',
          'hold',
          'Surface profile:',
          ['has not been compared with the chips; ', ...asks, ' is wanted.'],
          ['Compare in three places.'],
          untested('profile'),
        )
      : undefined;
  if (low.number < least)
    return reason(
      'profile',
      'steps',
      'Surface profile:',
      words`CSP ${low.reading} is too smooth: `.concat(asks, ' is wanted (scale of ICRI 310.2R).'),
      ['Grind or shot-blast, and compare again.'],
      against(low, given('least profile', least, 'count', 'typical')),
    );
  if (high.number > most)
    return reason(
      'profile',
      'steps',
      'Surface profile:',
      words`CSP ${high.reading} is too rough: `.concat(
        asks,
        ' is wanted; it eats material and shows through.',
      ),
      ['A scrape coat first, or allow for its volume.'],
      against(high, given('most profile', most, 'count', 'typical')),
    );
  return reason(
    'profile',
    'fine',
    'Surface profile:',
    words`CSP ${low.reading} to ${high.reading}; `.concat(asks, ' is wanted.'),
  );
};

export const strength: Rule = (c) => {
  if (c.family.trafficked !== 'wheels') return undefined;
  const weakest = worst(c, 'strength', 'low');
  if (!weakest)
    return reason(
      'strength',
      'hold',
      'Strength:',
      words`has not been tested; ${c.practice.strengthTraffic} is wanted under wheels.`,
      ['Rebound hammer in ten places, or cores.'],
      untested('strength', c.practice.strengthTraffic),
    );
  return weakest.number < c.practice.strengthTraffic.value
    ? reason(
        'strength',
        'refused',
        'Strength:',
        words`${weakest.reading} is below ${c.practice.strengthTraffic} (common practice): wheels break the surface away under the coat.`,
        ['A structural repair of the surface, tested again; or no wheels on it.'],
        against(weakest, c.practice.strengthTraffic),
      )
    : reason(
        'strength',
        'fine',
        'Strength:',
        words`${weakest.reading}, at least ${c.practice.strengthTraffic}.`,
        [],
        against(weakest, c.practice.strengthTraffic),
      );
};

export const pullOff: Rule = (c) => {
  if (!isMineral(c)) return undefined;
  const limit = isTrafficked(c) ? c.practice.pullOffTraffic : c.practice.pullOff;
  const weakest = worst(c, 'pull-off', 'low');
  if (!weakest)
    return isTrafficked(c)
      ? reason(
          'pull-off',
          'hold',
          'Pull-off:',
          words`has not been tested; ${limit} is wanted.`,
          ['Pull three dollies.'],
          untested('pull-off', limit),
        )
      : undefined;
  return weakest.number < limit.value
    ? reason(
        'pull-off',
        'hold',
        'Pull-off:',
        words`${weakest.reading} is below ${limit} (common practice, test as in EN 1542).`,
        ['Take off the weak layer and pull again.'],
        against(weakest, limit),
      )
    : reason(
        'pull-off',
        'fine',
        'Pull-off:',
        words`${weakest.reading}, at least ${limit}.`,
        [],
        against(weakest, limit),
      );
};
