/** What the demo asks to be proven. */
import { provingSchema, type ProvingDoc } from '@lentum/core/proving';

export const provingAt = (): ProvingDoc =>
  provingSchema.parse({
    demands: [
      { zoneId: 'hall', leak: 'flood', pictures: false, says: 'specification, part 4' },
      { zoneId: 'terrace', leak: 'either', says: 'specification, part 4' },
      { zoneId: 'canopy', leak: 'none', dryFilm: true, says: 'specification, part 6' },
    ],
    guarantees: [
      {
        ...{ zoneId: 'hall', by: 'the applicator', covers: 'no water comes through the roof', years: 10 },
        demands: ['details', 'film', 'missed', 'leak', 'snags', 'accepted'],
        ...{ visitsPerYear: 1, visitsBy: 'the applicator', sentWithinDays: 30 },
      },
    ],
  });
