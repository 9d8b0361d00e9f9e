import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../exchange/job-file.ts';
import { UNIT_SYSTEMS } from '../units/unit-systems.ts';
import { answeredJob, type AnsweredJob } from './answered-job.ts';

/** What a good painter would answer about a job; ranges are from and until. */
interface Practice {
  practice: string;
  /** What may lie first on the surface. */
  first: string[];
  /** The coat that is seen. */
  last: string;
  coats: [number, number];
  hours: [number, number];
  /** By product, or by any of several: “enamel-(acrylic|alkyd-wb)”. */
  litres: Record<string, [number, number]>;
  days: [number, number];
  /** Pairs of kinds of pieces: the first is done before the second. */
  order: [string, string][];
  sections: string[];
  outsideADay: number;
}

const JOBS = new URL('../../cases/jobs/', import.meta.url);
const names = readdirSync(JOBS).flatMap((file) => /^(.+)\.nivel\.json$/.exec(file)?.[1] ?? []);

const isWithin = (value: number, [from, until]: readonly [number, number], what: string): void =>
  assert.ok(value >= from && value <= until, `${what}: ${value} is not within ${from} to ${until}`);

function answersOf(name: string): { answers: AnsweredJob; units: keyof typeof UNIT_SYSTEMS } {
  const read = readJobFile(readFileSync(new URL(`${name}.nivel.json`, JOBS), 'utf8'));
  assert.ok(read.ok, name);
  return { answers: answeredJob(read.value), units: read.value.settings.units };
}

const PAPER = readFileSync(new URL('../../docs/paces.md', import.meta.url), 'utf8');

/** Hours and days of a job as the paper has them. */
function onPaper(name: string): string[] {
  const row = PAPER.split('\n').find((line) => line.startsWith(`| ${name} `)) ?? '';
  const [, , , hours = '', , days = ''] = row.split('|').map((cell) => cell.trim());
  return [hours, days];
}

test('everyday jobs are answered as a good painter would', async (t) => {
  assert.ok(names.length >= 10);
  for (const name of names) {
    await t.test(name, () => {
      const wanted = JSON.parse(readFileSync(new URL(`${name}.answers.json`, JOBS), 'utf8')) as Practice;
      const { answers, units } = answersOf(name);
      for (const [group, coats] of Object.entries(answers.coats)) {
        assert.ok(wanted.first.includes(coats[0] ?? ''), `${group}: ${coats.join(', ')}`);
        assert.match(coats.at(-1) ?? '', new RegExp(`^(${wanted.last})$`), group);
        isWithin(coats.length, wanted.coats, `coats on ${group}`);
      }
      isWithin(answers.hours, wanted.hours, 'hours');
      assert.deepEqual(onPaper(name), [answers.hours.toFixed(1), String(answers.days)], 'docs/paces.md');
      for (const [products, range] of Object.entries(wanted.litres)) {
        const litres = Object.entries(answers.litres).filter(([id]) => new RegExp(`^(${products})$`).test(id));
        isWithin(
          litres.reduce((sum, [, one]) => sum + one, 0),
          range,
          `litres of ${products}`,
        );
      }
      isWithin(answers.days, wanted.days, 'days');
      assert.deepEqual(answers.leftOut, []);
      assert.deepEqual(answers.sections, wanted.sections);
      assert.ok(answers.outsideADay <= wanted.outsideADay, `${answers.outsideADay} coats outside in a day`);
      for (const [before, after] of wanted.order) {
        assert.ok(answers.order.indexOf(before) < answers.order.indexOf(after), answers.order.join(', '));
      }
      const { tinSizes } = UNIT_SYSTEMS[units];
      if (tinSizes === null) return;
      const sold: readonly number[] = Object.values(tinSizes);
      assert.ok(
        Object.values(answers.tins)
          .flat()
          .every((litres) => sold.includes(litres)),
      );
    });
  }
});
