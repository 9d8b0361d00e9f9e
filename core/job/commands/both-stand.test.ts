import assert from 'node:assert/strict';
import { test } from 'node:test';
import { full, given, KINDS, takenValues } from '../../fixtures/changeable-kinds.ts';
import { TOLD } from '../../fixtures/told-commands.ts';
import { divided } from '../../fixtures/worked-job.ts';
import type { Job } from '../document/schema.ts';
import { applyCommand } from './apply.ts';
import { contested, keyed } from './contested.ts';
import { COMMANDS } from './registry.ts';

/** Fields that can't be changed by themselves, beside ids. */
const FEW: Readonly<Record<string, number>> = { place: 2, settings: 2, cutting: 1, pricing: 4, planning: 3, stock: 2 };

for (const [name, kind] of Object.entries(KINDS)) {
  test(`${name}: two changes of different fields both stand, in either order`, () => {
    const fields = takenValues(kind);
    assert.ok(fields.length >= (FEW[name] ?? 3), fields.map(({ path }) => path).join(' '));
    for (const one of fields) {
      for (const other of fields) {
        if (one.path === other.path || one.path.startsWith(`${other.path}/`) || other.path.startsWith(`${one.path}/`))
          continue;
        const [first, second] = [kind.change(one.facts), kind.change(other.facts)];
        const [there, back] = [given(given(full, first)!, second), given(given(full, second)!, first)];
        // Two fields that do not go together are refused, whichever comes last.
        if (there === null || back === null) continue;
        assert.deepEqual(inOneOrder(there), inOneOrder(back), `${one.path} and ${other.path}`);
        assert.notDeepEqual(there, given(full, first), `${other.path} stands`);
        assert.notDeepEqual(there, given(full, second), `${one.path} stands`);
      }
    }
  });
}

/** A job with the words of every list in one order: which of two was put in first does not matter. */
function inOneOrder(job: Job): unknown {
  return JSON.parse(JSON.stringify(job), (_key, value: unknown) =>
    Array.isArray(value) && value.every((entry) => typeof entry === 'string') ? value.toSorted() : value,
  );
}

test('whatever two commands were given on the same job, what the first did stands after the second, or it is told', () => {
  const names = Object.keys(TOLD) as (keyof typeof TOLD)[];
  const alone = new Map(names.map((name) => [name, applyCommand(divided, name, TOLD[name][0] as never)]));
  for (const one of names) {
    for (const other of names) {
      // What a job is measured against is whatever plan there is.
      if (one === other || other === 'measure-against') continue;
      const [first, second] = [alone.get(one)!, alone.get(other)!];
      if (!first.ok || !second.ok) continue;
      const both = applyCommand(first.value.job, other, TOLD[other][0] as never);
      // Refused, and told by that.
      if (!both.ok || contested(divided, first.value.job, both.value.job)) continue;
      const lost = (Object.keys(divided) as (keyof Job)[]).flatMap((key) =>
        undone(divided[key], first.value.job[key], second.value.job[key], both.value.job[key], `/${key}`),
      );
      // A group comes and goes with its pieces.
      const others = lost.filter((path) => path !== '/groups');
      assert.deepEqual(others, [], `${other} undid ${one} without a word`);
    }
  }
});

test('of a list of words only one that both had a hand in is told as overwritten, and an order that is gone', () => {
  assert.equal(contested(['a'], ['a', 'b'], ['a', 'b', 'c']), false);
  assert.equal(contested(['a', 'b'], ['a'], ['a', 'c']), false);
  assert.equal(contested(['a'], ['a', 'b'], ['a', 'c']), true);
  assert.equal(contested(['a', 'b'], ['a'], ['a', 'b', 'c']), true);
  assert.equal(contested(['a', 'b'], ['b', 'a'], ['a', 'b']), true);
});

/** Where `both` lacks what `first` had changed and `second` had not: paths of keys and ids. */
function undone(base: unknown, first: unknown, second: unknown, both: unknown, path = ''): string[] {
  const same = (one: unknown, another: unknown): boolean =>
    one === another || JSON.stringify(one) === JSON.stringify(another);
  if (same(base, first)) return [];
  if (same(base, second)) return same(first, both) ? [] : [path];
  const all = [base, first, second, both].map(keyed);
  if (all.includes(null)) return [];
  const [one, two, three, four] = all as Record<string, unknown>[];
  return Object.keys({ ...one, ...two }).flatMap((key) =>
    undone(one![key], two![key], three![key], four![key], `${path}/${key}`),
  );
}

test('every command that changes a thing in part is looked at here', () => {
  const changed = new Set(Object.values(KINDS).map(({ change }) => change({})[0]));
  const others = Object.keys(COMMANDS).filter((name) => name.startsWith('change-') && !changed.has(name));
  assert.deepEqual(others, []);
});
