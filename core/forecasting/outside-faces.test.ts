import assert from 'node:assert/strict';
import { test } from 'node:test';
import { JobClocks } from '../clocks/job-clocks.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import { DEFAULT_COATINGS } from '../shelf/default-coatings.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { outsideFaces } from './outside-faces.ts';
import { bestWindow, hindrancesIn, limitsOf, stretchesOf } from './painting-hours.ts';

const exterior = DEFAULT_COATINGS.find(({ id }) => id === 'ext-acrylic')!;
const hours = Array.from({ length: 48 }, (_unused, index) => ({
  at: `2027-05-0${1 + Math.floor(index / 24)}T${String(index % 24).padStart(2, '0')}:00`,
  temperature: index % 24 < 7 ? 10 : 18,
  humidity: 55,
  wind: 2,
  cloud: 0,
  // A shower at 15:00 of the second day.
  rain: index === 39 ? 1.2 : 0,
}));

/** A door with its front to the weather, painted where it hangs, and a shutter that is taken off. */
function house(bearing: number | null): TestJob {
  const outside = { front: 'outside', back: 'inside' } as const;
  return new TestJob('2027-05-01')
    .tell('change-site', { latitude: 45, longitude: 10 })
    .tell('change-room', { id: 'room-1', facts: { name: 'Street', bearing } })
    .tell('take-hours', { climateId: 'open-air', hours, source: 'typed', name: '', at: '2027-05-01T06:00' })
    .door('door', { exposure: outside, comesOff: false })
    .tell('add-pieces', {
      ids: ['shutter'],
      kind: 'louvred-shutter',
      piece: usualPiece('louvred-shutter', 'room-1', {
        exposure: { front: 'outside', back: 'outside' },
        comesOff: true,
      }),
    })
    .coated('ext-acrylic')
    .tell('change-group', { groupId: 'group-1', colour: { name: 'harbour slate', hex: '#2f4b5c' } });
}

const paintable = (job: TestJob['job'], day: number): string => {
  const clocks = new JobClocks(job, '2027-05-01', 3);
  const face = outsideFaces(job).find(({ areInPlace }) => areInPlace)!;
  const hindrances = hindrancesIn(clocks, face.climateId, exterior, 'brush');
  return stretchesOf(hindrances, (day - 1) * 24 + 6, (day - 1) * 24 + 21)
    .map(({ from, until, hindrance }) => `${from % 24}–${((until - 1) % 24) + 1} ${hindrance ?? 'paint'}`)
    .join(', ');
};

test('faces that look out stand together by room, finish and side; the back of a free piece looks the other way', () => {
  const faces = outsideFaces(house(225).job);
  assert.deepEqual(
    faces.map(({ face, bearing, areInPlace, pieces }) => [pieces[0]?.id, face, bearing, areInPlace]),
    [
      ['door', 'front', 225, true],
      ['shutter', 'front', 225, false],
      ['shutter', 'back', 45, false],
    ],
  );
  assert.deepEqual(
    faces[0]!.coats.map(({ coating }) => coating.id),
    ['prime-bond-wb', 'ext-acrylic'],
  );
});

test('a south-west face is painted before the afternoon sun, an east face after the morning sun', () => {
  assert.match(paintable(house(225).job, 1), /^6–12 paint, 12–20 sun, 20–21 dark$/);
  const east = paintable(house(90).job, 1);
  assert.match(east, /sun, 13–20 paint/);
  assert.doesNotMatch(paintable(house(null).job, 1), /sun/);
});

test('rain at 15:00 forbids the four hours before it as well', () => {
  const { job } = house(null);
  assert.match(paintable(job, 2), /paint, 11–15 rain-soon, 15–16 rain/);
  assert.equal(limitsOf(exterior, 'spray').mostWind, 4);
});

test('the best window of a day is its longest', () => {
  const clear = [[], [], ['rain'], [], [], [], ['sun']] as const;
  assert.deepEqual(bestWindow(stretchesOf(clear, 0, 7)), { from: 3, until: 6, hindrance: null });
  assert.equal(bestWindow(stretchesOf([['rain']], 0, 1)), null);
});

test('a face in place dries in the open air and by its own warmth, a shutter on the rack by the workshop', () => {
  const { job } = house(225);
  const clocks = new JobClocks(job, '2027-05-01', 3);
  const { climateId } = outsideFaces(job)[0]!;
  const sunlit = clocks.face(climateId)[15]!;
  assert.ok(sunlit.surface > sunlit.outdoor.temperature + 10, 'a dark face in the afternoon sun');
  const shaded = outsideFaces(house(45).job)[0]!;
  const north = new JobClocks(house(45).job, '2027-05-01', 3);
  assert.ok(
    clocks.reached(exterior, 'touch', 15 * 60, climateId)! <
      north.reached(exterior, 'touch', 15 * 60, shaded.climateId)!,
  );
});
