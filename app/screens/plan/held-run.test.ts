import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Landing, Move, Moved } from '../../../core/planning/revising/moving.ts';
import { HeldRun, type Aim } from './held-run.ts';

const at = (start: number): Move => ({ taskIds: ['a'], start, painters: ['lead'] });
const MAY: Landing = { pins: [] };
const planned = (finish: number): Moved => ({ plan: { finish }, pins: [], changes: {} }) as unknown as Moved;

/** A board whose planner answers when it is told to, and whose hand is still when it is told to. */
function board(landing: (move: Move) => Landing = () => MAY) {
  const asked: { move: Move; answer(moved: Moved): void; fail(error: Error): void }[] = [];
  const still: (() => void)[] = [];
  const moved: number[] = [];
  const seen = { aim: null as Aim | null, drawn: 0 };
  const run = new HeldRun({
    land: landing,
    plan: (move) =>
      new Promise((resolve, reject) => {
        asked.push({ move, answer: resolve, fail: reject });
      }),
    onceStill: (act) => {
      still.push(act);
      return () => still.splice(still.indexOf(act), 1);
    },
    onAim: (aim) => {
      seen.aim = aim;
      seen.drawn += 1;
    },
    onMoved: ({ plan }) => moved.push(plan.finish),
  });
  const holdStill = (): void => still.splice(0).forEach((act) => act());
  /** Lets what was answered come through. */
  const settle = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));
  return { run, asked, moved, seen, holdStill, settle };
}

test('what moves is told once the hand is still, and the plan is handed out when the run is let go', async () => {
  const { run, asked, moved, seen, holdStill, settle } = board();
  run.aimAt(at(600));
  assert.deepEqual(seen.aim?.landing, MAY, 'whether it may stand there is known at once');
  assert.equal(asked.length, 0, 'a hand that goes on does not ask');
  holdStill();
  asked[0]!.answer(planned(3000));
  await settle();
  assert.ok(seen.aim?.moved && 'plan' in seen.aim.moved);
  assert.deepEqual(moved, [], 'while it is held, nothing is moved');
  run.drop();
  assert.deepEqual([moved, seen.aim], [[3000], null]);
});

test('a run that is let go before it is planned is moved as soon as it is', async () => {
  const { run, asked, moved, seen, holdStill, settle } = board();
  run.aimAt(at(600));
  run.drop();
  assert.notEqual(seen.aim, null, 'it stays in the air until then');
  holdStill();
  asked[0]!.answer(planned(3000));
  await settle();
  assert.deepEqual([moved, seen.aim], [[3000], null]);
});

test('where the hand has gone on, the answer to the place before does not count', async () => {
  const { run, asked, moved, seen, holdStill, settle } = board();
  run.aimAt(at(600));
  holdStill();
  run.aimAt(at(660));
  run.drop();
  asked[0]!.answer(planned(3000));
  await settle();
  assert.deepEqual([moved, seen.aim?.start, seen.aim?.moved], [[], 660, null]);
  holdStill();
  asked[1]!.answer(planned(3060));
  await settle();
  assert.deepEqual(moved, [3060]);
});

test('the same place again asks nothing again, and a hand that goes on calls off what would be asked', () => {
  const { run, asked, seen, holdStill } = board();
  run.aimAt(at(600));
  run.aimAt(at(600));
  assert.equal(seen.drawn, 1);
  run.aimAt(at(660));
  holdStill();
  assert.deepEqual(
    asked.map(({ move }) => move.start),
    [660],
  );
});

test('what may not stand there is refused at once, is not planned, and stays refused when it is let go', () => {
  const { run, asked, moved, seen, holdStill } = board(() => ({ refused: 'The coat below is wet until 15:00.' }));
  run.aimAt(at(600));
  holdStill();
  run.drop();
  assert.equal(asked.length, 0);
  assert.deepEqual(seen.aim?.landing, { refused: 'The coat below is wet until 15:00.' });
  assert.deepEqual(moved, []);
});

test('a planner that fails refuses with its reason, and the run can be put back', async () => {
  const { run, asked, moved, seen, holdStill, settle } = board();
  run.aimAt(at(600));
  holdStill();
  run.drop();
  asked[0]!.fail(new Error('The worker was ended.'));
  await settle();
  assert.deepEqual(seen.aim?.moved, { refused: 'The worker was ended.' });
  run.putBack();
  assert.deepEqual([moved, seen.aim], [[], null]);
});

test('a run that was put back is not moved by an answer that comes later', async () => {
  const { run, asked, moved, seen, holdStill, settle } = board();
  run.aimAt(at(600));
  run.drop();
  holdStill();
  run.putBack();
  asked[0]!.answer(planned(3000));
  await settle();
  assert.deepEqual([moved, seen.aim], [[], null]);
});
