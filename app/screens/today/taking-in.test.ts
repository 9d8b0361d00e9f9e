import assert from 'node:assert/strict';
import { test } from 'node:test';
import { writeDayFile, writeStampsFile } from '../../../core/exchange/day-file.ts';
import { applyCommand, type CommandArgs, type CommandName } from '../../../core/job/commands/apply.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { TestJob } from '../../../core/fixtures/jobs.ts';
import { WorkedDays } from '../../../core/fixtures/worked-days.ts';
import { accepted, type Outcome } from '../../../core/units/outcome.ts';
import { takenIn, type Taking } from './taking-in.ts';

const MADE_AT = '2027-03-01T10:00:00.000Z';

/** A device that takes things into a job, as the app does; what it was asked for is noted. */
function device(job: Job, facts: Partial<Taking> = {}) {
  const told: string[] = [];
  let shown = job;
  const give = <N extends CommandName>(name: N, args: CommandArgs<N>): Outcome<Job> => {
    told.push(name);
    const outcome = applyCommand(shown, name, args);
    if (!outcome.ok) return outcome;
    shown = outcome.value.job;
    return accepted(shown);
  };
  const taking: Taking = {
    device: 'helper',
    takeDay: (args) => give('take-day', args),
    takeStamps: (args) => give('take-stamps', args),
    keepPictures: (pictures) => {
      told.push(`pictures ${Object.keys(pictures).length}`);
      return Promise.resolve();
    },
    ...facts,
  };
  return { told, take: (text: string) => takenIn(text, shown, taking), job: () => shown };
}

const day = () => new WorkedDays().planned('2027-03-01T07:00');

test('a day of another device is taken over, and what was stamped here stays', async () => {
  const lead = day();
  const helper = device(lead.done('take-off', '2027-03-01T08:00', { device: 'helper' }).job);
  const told = await helper.take(writeDayFile(day().job, 'lead', MADE_AT));
  assert.deepEqual([told.isFault, told.areStamps], [false, false]);
  assert.equal(helper.job().log.length, 1);
});

test('stamps come once, however often they are taken in, and their pictures before them', async () => {
  const lead = day().done('take-off', '2027-03-01T08:00', { device: 'lead' });
  const helper = device(day().job);
  const file = writeStampsFile(lead.job, 'lead', MADE_AT);
  assert.deepEqual(await helper.take(file), {
    isFault: false,
    words: '1 new entry loaded. Duplicates skipped.',
    areStamps: true,
  });
  assert.deepEqual(helper.told, ['pictures 0', 'take-stamps']);
  const again = await helper.take(file);
  assert.deepEqual([again.isFault, again.words], [true, 'Already loaded. Duplicates skipped.']);
  assert.equal(helper.job().log.length, 1);
});

test('what is of another job, or of this device, is refused and asks for nothing', async () => {
  const helper = device(day().job);
  const other = { ...new TestJob().door('d').job, id: 'another' };
  assert.match(
    (await helper.take(writeDayFile(other, 'lead', MADE_AT))).words,
    /That’s for another job\. Open that job and load it there\./,
  );
  assert.match(
    (await helper.take(writeStampsFile(other, 'lead', MADE_AT))).words,
    /That’s for another job\. Open that job and load it there\./,
  );
  assert.match(
    (await helper.take(writeDayFile(day().job, 'helper', MADE_AT))).words,
    /This device sent that day\. There’s nothing to load\./,
  );
  assert.match((await helper.take('no file')).words, /./);
  assert.deepEqual(helper.told, []);
});

test('photos that can’t be kept leave their stamps where they are', async () => {
  const lead = day().done('take-off', '2027-03-01T08:00', { device: 'lead' });
  const full = device(day().job, { keepPictures: () => Promise.reject(new Error('the disk is full')) });
  const told = await full.take(writeStampsFile(lead.job, 'lead', MADE_AT));
  assert.deepEqual([told.isFault, told.words], [true, 'Can’t save its photos: the disk is full']);
  assert.equal(full.job().log.length, 0);
});
