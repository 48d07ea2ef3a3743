/** Photographs: what their files say against the entry that they are kept with. */
import { describe, expect, it } from 'vitest';
import { keepPhoto, photoDoubts, type Photo } from '../src/app/photos.ts';
import { openPhotos } from '../src/workers/photowork.ts';

const HOUR = 3_600_000;
const NOW = Date.parse('2026-05-12T09:30:00Z');
const JOB = { latitudeDeg: 50, longitudeDeg: 10 };
const photo = (more: Partial<Photo> = {}): Photo => ({
  ...{ id: 'x', name: 'a.jpg', takenMs: undefined, place: undefined, isReduced: false },
  ...more,
});
const doubts = (p: Photo, atMs = NOW - HOUR): string[] =>
  photoDoubts(p, { atMs, nowMs: NOW, jobPlace: JOB, time: (ms) => new Date(ms).toISOString().slice(0, 10) });

describe('a photograph', () => {
  it.each<[string, Photo, RegExp | undefined]>([
    ['that says nothing', photo(), undefined],
    ['of the hour of the entry', photo({ takenMs: NOW - HOUR }), undefined],
    // A camera says no time zone: half a day is no difference.
    ['of another time zone', photo({ takenMs: NOW - 12 * HOUR }), undefined],
    [
      'of three days before',
      photo({ takenMs: NOW - 73 * HOUR }),
      /2026-05-09, 3 days before what it is entered for/,
    ],
    [
      'of next week',
      photo({ takenMs: NOW + 7 * 24 * HOUR }),
      /which has not come: the camera’s clock is off/,
    ],
    ['from the job', photo({ place: { latitudeDeg: 50.005, longitudeDeg: 10 } }), undefined],
    ['from elsewhere', photo({ place: { latitudeDeg: 50.5, longitudeDeg: 10 } }), /56 km from the job/],
  ])('%s', (_, p, says) => {
    const said = doubts(p);
    if (says === undefined) expect(said).toEqual([]);
    else expect(said).toEqual([expect.stringMatching(says)]);
  });
});

describe('a file that is kept as a photograph', () => {
  it('of 200 MB is refused before it is read, in one sentence', async () => {
    const file = new File(['x'], 'roof.jpg', { type: 'image/jpeg' });
    Object.defineProperty(file, 'size', { value: 200_000_000 });
    await expect(keepPhoto('job', file, openPhotos().ask)).rejects.toThrow(
      '“roof.jpg” has 200 MB; expected a picture of at most 80 MB.',
    );
  });
});
