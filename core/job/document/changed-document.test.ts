import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { produce } from 'immer';
import { TestJob } from '../../fixtures/jobs.ts';
import { faultOfChange, jobSchema, type Job } from './schema.ts';
import { usualPiece } from './usual-piece.ts';

const { job } = new TestJob()
  .door('a')
  .door('b')
  .coated()
  .tell('add-pieces', { ids: ['c'], kind: 'railing', piece: usualPiece('railing', 'room-1') })
  .tell('stamp', {
    entries: [{ id: 's', at: '2027-03-01T09:00', taskId: 'a/wash', event: 'done', by: null, minutes: 5 }],
  });

type Path = readonly (string | number)[];
type Node = Record<string | number, unknown>;

/** Every place in a document that holds something. */
function pathsIn(value: unknown, path: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [path];
  return [
    ...(path.length > 0 ? [path] : []),
    ...Object.entries(value).flatMap(([key, entry]) => pathsIn(entry, [...path, key])),
  ];
}

function put(document: Job, path: Path, value: unknown): Job {
  return produce(document, (draft) => {
    const holder = path.slice(0, -1).reduce<Node>((node, key) => node[key] as Node, draft as unknown as Node);
    holder[path.at(-1) ?? ''] = value;
  });
}

const ODD = [null, '', 'x'.repeat(400), -1, 0, 1e9, 1.5, true, [], {}, 'front', '2027-03-01', ['front'], undefined];

test('reading only what has changed refuses just what reading all of it refuses', () => {
  const paths = pathsIn(job);
  fc.assert(
    fc.property(fc.constantFrom(...paths), fc.constantFrom(...ODD), (path, value) => {
      const changed = put(job, path, value);
      assert.equal(faultOfChange(job, changed) === null, jobSchema.safeParse(changed).success, path.join('.'));
    }),
    { numRuns: 600 },
  );
});

test('a piece too many is refused however few are new', () => {
  const [piece] = job.pieces;
  assert.ok(piece);
  const many = produce(job, (draft) => {
    draft.pieces = Array.from({ length: 2001 }, (_unused, index) => ({ ...piece, id: `p${index}` }));
  });
  assert.match(faultOfChange(job, many) ?? '', /At most 2000 pieces a job\. Start a second job\./);
});
