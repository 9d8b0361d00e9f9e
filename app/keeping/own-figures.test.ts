import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';
import { TestJob } from '../../core/fixtures/jobs.ts';
import { DEFAULT_COATINGS } from '../../core/shelf/default-coatings.ts';
import { emptyShelf } from '../../core/shelf/shelf.ts';
import { local } from './local.ts';
import { keepFigures, ownFigures, withOwnFigures } from './own-figures.ts';

const enamel = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-acrylic')!;
const shelfWith = (...coatings: (typeof enamel)[]) => ({ ...emptyShelf(), coatings });
beforeEach(() => local.removeItem('nivel-own-figures'));

test('a job’s own paces and products begin the next job', () => {
  keepFigures({ paces: { abrade: 1.4 }, shelf: shelfWith({ ...enamel, dryFilm: 40 }) });
  const next = withOwnFigures(new TestJob().job);
  assert.deepEqual(next.paces, { abrade: 1.4 });
  assert.equal(next.shelf.coatings.find(({ id }) => id === enamel.id)?.dryFilm, 40);
});

test('figures of a later job go over those of before, and what it says nothing of stays', () => {
  keepFigures({ paces: { abrade: 1.4, wash: 0.8 }, shelf: shelfWith({ ...enamel, dryFilm: 40 }) });
  keepFigures({ paces: { abrade: 1.2 }, shelf: shelfWith({ ...enamel, id: 'own', name: 'Own' }) });
  const own = ownFigures();
  assert.deepEqual(own?.paces, { abrade: 1.2, wash: 0.8 });
  assert.deepEqual(
    own?.shelf.coatings.map(({ id }) => id),
    ['enamel-acrylic', 'own'],
  );
  keepFigures({ paces: {}, shelf: shelfWith({ ...enamel, dryFilm: 44 }) });
  assert.equal(ownFigures()?.shelf.coatings.find(({ id }) => id === enamel.id)?.dryFilm, 44);
});

test('without figures, or with what does not hold, a new job is as usual', () => {
  const { job } = new TestJob();
  assert.equal(ownFigures(), null);
  assert.equal(withOwnFigures(job), job);
  for (const spoilt of ['{', '{"paces":{"abrade":99},"shelf":{}}', '[]', 'null']) {
    local.setItem('nivel-own-figures', spoilt);
    assert.equal(ownFigures(), null, spoilt);
    assert.equal(withOwnFigures(job), job);
  }
});
