/** How a detail is made with a product of its own, after the ground and before it is looked at. */
import { cited, pastOf, stripeOf, timesLaid, wetFilm, type OwnWay } from '../buildup/index.ts';
import { given, words } from '../figures/index.ts';
import { lap, say, type Step, type Terms } from './particular.ts';

const ABRADED = say(
  words`Once cured, abrade it until it is dull all over and wipe it clean: what goes over it keys to nothing else.`,
  { hold: 'abraded and clean' },
);

/** Steps of each form; `t` are the rules as they hold for this kind. */
function formSteps(t: Terms, own: OwnWay): Step[] {
  const name = own.coat.name.toLowerCase();
  const film = wetFilm(own.coat);
  const past = cited('past the piece', t.rules.pastSeamMm, 'lap');
  const coats = given('coats', timesLaid(own), 'count', 'chosen');
  switch (own.form) {
    case 'bedded pieces': {
      return [
        say(words`Spread the larger part of the ${name} where the pieces go.`),
        say(
          words`Lay the pieces in at once, laps of ${lap(t)}; press them out from the middle, no folds, no air.`,
        ),
        say(
          words`The rest of the ${name} on top, wet on wet, until saturated: no white fibre, no pinholes; ${past} past every edge.`,
          { hold: 'saturated, no pinholes' },
        ),
      ];
    }
    case 'coats alone':
      return [
        say(
          words`${coats} coats of ${name} by brush from all sides, ${film} wet each, ${past} past the place; the next once the one before may be overcoated.`,
          { hold: 'no miss, no thin place' },
        ),
      ];
    case 'stripe':
      return [
        say(
          words`${own.coat.name} over the line, ${cited('width', stripeOf(own), 'lap')} wide and centred, ${film} wet, its edges feathered out.`,
          { hold: 'stripe whole and cured' },
        ),
      ];
    case 'three courses':
      return [
        say(words`First course: ${name}, ${film} thick, ${past} past where the fabric goes.`),
        say(words`The fabric into it at once, pressed out from the middle, laps of ${lap(t)}, no folds.`),
        say(
          words`Second course of ${name} over it, ${film} thick, ${past} past every edge; no weave shows.`,
          { hold: 'fabric covered, edges down' },
        ),
      ];
    case 'thick patch':
      return [
        say(
          words`One coat of ${name}, ${film} thick in the middle, ${cited('past the damage', pastOf(own), 'lap')} past the damage on every side, worked into it; edges feathered out, or masked and the tape pulled wet.`,
          { hold: 'damage covered, no air below' },
        ),
      ];
    case 'liquid flashing':
      return [
        say(
          words`Base coat of ${name}, ${film} wet, on clean sheet: film or foil off, loose granules swept off.`,
        ),
        say(
          words`The fabric into it at once, laps of ${lap(t)}, brushed until it is saturated: no white fibre, no folds.`,
        ),
        say(
          words`The further coats, ${coats} in all, ${film} wet each and ${past} past the fabric; each once the one before may be overcoated.`,
          { hold: 'no fabric shows, no pinholes' },
        ),
        ...(own.granulesKgPerM2
          ? [say(words`Granules into the last coat while it is wet, until they cover it.`)]
          : []),
      ];
  }
}

export const ownMaking = (t: Terms, own: OwnWay): Step[] => [
  ...formSteps(t, own),
  ...(own.abrade ? [ABRADED] : []),
];
