import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { applyPatches } from 'immer';
import { DOOR, TestJob } from '../../fixtures/jobs.ts';
import { jobSchema, type Job } from '../document/schema.ts';
import { applyCommand, type CommandArgs, type CommandName } from './apply.ts';

const refusalOf = <N extends CommandName>(job: Job, name: N, args: CommandArgs<N>): string => {
  const outcome = applyCommand(job, name, args);
  assert.equal(outcome.ok, false, 'refused');
  return outcome.ok ? '' : outcome.message;
};

test('pieces get the next marks of their letter, also after one is removed', () => {
  const { job } = new TestJob()
    .tell('add-pieces', { ids: ['a', 'b', 'c'], kind: 'flush-door', piece: DOOR })
    .tell('remove-pieces', { ids: ['b'] })
    .tell('duplicate-piece', { id: 'a', ids: ['d', 'e'] })
    .tell('add-pieces', {
      ids: ['f'],
      kind: 'drawer-front',
      piece: {
        ...DOOR,
        shape: { width: 497, height: 213, thickness: 18 },
        scope: { faces: ['front'], edges: ['left'] },
      },
    });
  assert.deepEqual(
    job.pieces.map(({ id, mark }) => [id, mark]),
    [
      ['a', 'D-01'],
      ['d', 'D-04'],
      ['e', 'D-05'],
      ['c', 'D-03'],
      ['f', 'F-01'],
    ],
  );
});

test('like pieces share a group; a changed surface moves a piece, and an empty group is forgotten', () => {
  const made = new TestJob().door('a').door('b').coated();
  assert.equal(made.job.groups.length, 1);
  const surface = { substrate: 'oak', existing: 'bare', condition: 'sound' } as const;
  made.tell('change-pieces', { ids: ['b'], facts: { surface } });
  assert.deepEqual(
    made.job.groups.map((group) => [group.name, group.buildUp !== null]),
    [
      ['Softwood, oil gloss', true],
      ['Oak or ash, bare', false],
    ],
  );
  made.tell('change-pieces', { ids: ['a'], facts: { surface } });
  assert.deepEqual(
    made.job.groups.map((group) => group.name),
    ['Oak or ash, bare'],
  );
  assert.equal(made.job.pieces[0]?.groupId, made.job.pieces[1]?.groupId);
});

test('a size out of bounds is refused and the document stays', () => {
  const { job } = new TestJob().door('a');
  const before = JSON.stringify(job);
  const message = refusalOf(job, 'change-pieces', {
    ids: ['a'],
    facts: {},
    shape: { width: 12 },
  });
  assert.match(message, /300/);
  assert.equal(JSON.stringify(job), before);
});

test('what people rely on is refused with a reason', () => {
  const { job } = new TestJob().door('a');
  assert.match(refusalOf(job, 'remove-painter', { id: 'painter-1' }), /at least one painter/);
  assert.match(refusalOf(job, 'remove-room', { id: 'room-1' }), /Still has D-01\. Move them first\./);
  assert.match(refusalOf(job, 'change-pieces', { ids: ['gone'], facts: { note: 'x' } }), /no longer in the job/);
  assert.match(refusalOf(job, 'rename-job', { name: '   ' }), /Give it a name/);
  assert.match(
    refusalOf(job, 'change-pieces', { ids: ['a'], facts: { roomId: 'nowhere' } }),
    /No room has the id nowhere\./,
  );
});

const step = fc.oneof(
  fc.record({ name: fc.constant('add-pieces' as const), id: fc.integer({ min: 1, max: 6 }) }),
  fc.record({ name: fc.constant('duplicate-piece' as const), id: fc.integer({ min: 1, max: 6 }) }),
  fc.record({ name: fc.constant('remove-pieces' as const), id: fc.integer({ min: 1, max: 6 }) }),
  fc.record({ name: fc.constant('move-piece' as const), id: fc.integer({ min: 1, max: 6 }) }),
  fc.record({ name: fc.constant('change-pieces' as const), id: fc.integer({ min: 1, max: 6 }) }),
);

test('any run of commands leaves valid documents, and patches lead back and forth exactly', () => {
  fc.assert(
    fc.property(fc.array(step, { maxLength: 14 }), (steps) => {
      let job = new TestJob().job;
      let next = 0;
      for (const { name, id } of steps) {
        const target = `p${id}`;
        const outcome =
          name === 'add-pieces'
            ? applyCommand(job, name, { ids: [`p${++next}`], kind: 'flush-door', piece: DOOR })
            : name === 'duplicate-piece'
              ? applyCommand(job, name, { id: target, ids: [`p${++next}`] })
              : name === 'remove-pieces'
                ? applyCommand(job, name, { ids: [target] })
                : name === 'move-piece'
                  ? applyCommand(job, name, { id: target, to: id % 3 })
                  : applyCommand(job, name, {
                      ids: [target],
                      facts: { surface: { substrate: id % 2 ? 'oak' : 'mdf', existing: 'bare', condition: 'sound' } },
                    });
        if (!outcome.ok) continue;
        const { job: changed, patches, inverse } = outcome.value;
        assert.equal(jobSchema.safeParse(changed).success, true);
        assert.deepEqual(applyPatches(job, patches), changed);
        assert.deepEqual(applyPatches(changed, inverse), job);
        job = changed;
      }
      assert.equal(new Set(job.pieces.map((piece) => piece.mark)).size, job.pieces.length);
    }),
    { numRuns: 60 },
  );
});
