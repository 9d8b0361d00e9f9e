import assert from 'node:assert/strict';
import { test, type TestContext } from 'node:test';
import { expose } from 'comlink';
import { KeptWorkers } from './kept-workers.ts';

interface Adder {
  add(one: number, other: number): number;
  never(): Promise<never>;
  fail(): never;
}

/** Workers that add, in this thread; what was opened and ended is counted. */
function adders(t: TestContext) {
  // The test skips the minute that idle workers are kept.
  t.mock.timers.enable({ apis: ['setTimeout'] });
  const count = { opened: 0, ended: 0 };
  const ports: MessagePort[] = [];
  const workers = new KeptWorkers<Adder>(() => {
    count.opened += 1;
    const { port1, port2 } = new MessageChannel();
    const adder: Adder = {
      add: (one, other) => one + other,
      never: () => new Promise(() => undefined),
      fail: () => {
        throw new RangeError('Too much.');
      },
    };
    expose(adder, port2);
    for (const port of [port1, port2]) port.start();
    ports.push(port1);
    t.after(() => port1.close());
    const terminate = (): void => {
      count.ended += 1;
    };
    return Object.assign(port1, { terminate });
  });
  return { workers, count, ports };
}

test('a worker that has answered takes the next question, also after one that it could not answer', async (t) => {
  const { workers, count } = adders(t);
  assert.equal(await workers.ask((worker) => worker.add(1, 2)).result, 3);
  await assert.rejects(workers.ask((worker) => worker.fail()).result, /Too much/);
  assert.equal(await workers.ask((worker) => worker.add(3, 4)).result, 7);
  assert.deepEqual(count, { opened: 1, ended: 0 });
});

test('a question that is given up ends its worker, and two at once have one each', async (t) => {
  const { workers, count } = adders(t);
  const waiting = workers.ask((worker) => worker.never());
  assert.equal(await workers.ask((worker) => worker.add(1, 2)).result, 3);
  waiting.cancel();
  assert.deepEqual(count, { opened: 2, ended: 1 });
  waiting.cancel();
  assert.deepEqual(count, { opened: 2, ended: 1 }, 'and ends it once');
});

test('no more wait than may be wanted at once', async (t) => {
  const { workers, count } = adders(t);
  await Promise.all(Array.from({ length: 4 }, () => workers.ask((worker) => worker.add(1, 1)).result));
  assert.deepEqual(count, { opened: 4, ended: 2 });
  t.mock.timers.tick(60_000);
  assert.deepEqual(count, { opened: 4, ended: 4 }, 'and none for ever');
  await workers.ask((worker) => worker.add(1, 1)).result;
  assert.deepEqual(count, { opened: 5, ended: 4 });
});

test('a worker whose script can’t be loaded says so, and is not kept', async (t) => {
  const { workers, count, ports } = adders(t);
  const asked = workers.ask((worker) => worker.never());
  ports[0]?.dispatchEvent(new Event('error'));
  await assert.rejects(asked.result, /A part of Nivel can’t be loaded/);
  assert.deepEqual(count, { opened: 1, ended: 1 });
});
