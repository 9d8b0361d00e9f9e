import assert from 'node:assert/strict';
import { test } from 'node:test';
import { writeHandoverHtml } from '../exchange/handover-html.ts';
import { writeUpkeepIcs } from '../exchange/upkeep-ics.ts';
import { dryingClimateId } from '../job/queries/places.ts';
import { localIso, localTime, minutesSince } from '../job/site-time.ts';
import { readinessOf } from '../hanging/readiness.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import type { Coating } from '../shelf/coating.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import type { Vocabulary } from '../units/vocabulary.ts';
import type { Block } from './blocks.ts';
import { careLines } from './care.ts';
import { faceRecords, gapsIn } from './face-record.ts';
import { handoverDocument } from './handover-document.ts';
import { leftPaints } from './leftover-paint.ts';
import { hoursAccount } from './hours-account.ts';
import { daysAgainst, hoursAgainst, lessonsOf, litresAgainst } from './planned-against-real.ts';
import { upkeepDates } from './upkeep.ts';

const TIN = {
  id: 'tin',
  product: 'enamel-acrylic',
  hex: '#efece2',
  batch: 'TE 2207',
  litres: 1,
  openedAt: '2027-03-02T08:00',
  boxedWith: [],
  seen: null,
  emptiedAt: null,
  end: null,
};

/** A door that was planned with three coats, of which one face got two and a half: a gap, a batch, and air that was noted. */
const worked = (): WorkedDays =>
  new WorkedDays()
    .planned('2027-03-01T07:00')
    .tell('add-tin', { entry: { ...TIN, boxedWith: [] } })
    .doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T10:20', { air: { temperature: 17.2, humidity: 58 } })
    .done('coat-1/front', '2027-03-01T13:20')
    .done('coat-2/back', '2027-03-02T09:20', { tinId: 'tin', air: { temperature: 16, humidity: 60 } })
    .done('coat-2/front', '2027-03-02T14:20', { tinId: 'tin', by: null })
    .done('coat-3/back', '2027-03-03T09:20', { tinId: 'tin' });

function blocksOf(job: WorkedDays, vocabulary: Vocabulary = 'uk'): Block[] {
  const made = job.problem('2027-03-03T16:00');
  const rows = readinessOf(job.job, made, new Map());
  return handoverDocument(job.job, { clocks: made.clocks, rows, now: '2027-03-03T16:00', vocabulary });
}
const textOf = (blocks: readonly Block[]): string => JSON.stringify(blocks);

test('the record is what the log has, face by face, with its gaps; the plan adds nothing', () => {
  const { job } = worked();
  const records = faceRecords(job, worked().problem('2027-03-03T16:00').clocks);
  const front = records.find(({ face }) => face === 'front')!;
  assert.deepEqual(
    front.coats.map(({ number, at, batch, by }) => [number, at, batch, by]),
    [
      [1, '2027-03-01T13:20', null, 'Painter 1'],
      [2, '2027-03-02T14:20', 'TE 2207', null],
    ],
  );
  assert.equal(front.missing.length, 1, 'the third coat is planned, and not logged');
  assert.deepEqual(front.gaps, ['batch of coat 1', 'air of coats 1 and 2', 'painter of coat 2']);
  const back = records.find(({ face }) => face === 'back')!;
  assert.equal(back.missing.length, 0);
  assert.deepEqual(back.coats[0]?.air, { temperature: 17.2, humidity: 58 });
  const gaps = gapsIn(records);
  assert.deepEqual([gaps.unfinished, gaps.coats, gaps.noBatch, gaps.noAir], [1, 5, 2, 3]);
});

test('the document says colour, batch and dates, shows gaps, and speaks either vocabulary', () => {
  const job = worked().tell('change-hand-over', {
    owner: 'A. Nobody',
    kit: { where: 'under the stairs', contents: '' },
  });
  const uk = textOf(blocksOf(job));
  for (const said of ['TE 2207', 'For A. Nobody', 'under the stairs', 'not logged', 'not recorded', '3 Mar, 09:20']) {
    assert.ok(uk.includes(said), said);
  }
  assert.ok(uk.includes('No tin') || /tins?\b/.test(uk));
  const us = textOf(blocksOf(job, 'us'));
  assert.ok(us.includes('Color') && !us.includes('Colour'));
  assert.ok(/\bcans?\b/.test(us) && !/\btins?\b/.test(us));
});

/** The rows of the table that is called so, cell by cell. */
function rowsOf(blocks: readonly Block[], label: string): string[][] {
  const table = blocks.find((block) => block.kind === 'table' && block.label === label);
  assert.ok(table?.kind === 'table', `there is a table “${label}”`);
  return table.rows.map((row) => row.map(({ text }) => text));
}

test('what was found, checked and signed is told with what became of it, and what was not is told as well', () => {
  const job = worked();
  const found = {
    ...({ kind: 'run', pieceId: 'd', face: 'front', spot: null, at: '2027-03-03T10:00', by: null, note: '' } as const),
    ...{ photoIds: [], cause: null, rework: null },
  };
  const untold = textOf(blocksOf(job));
  for (const said of ['No defects logged.', 'No film tests logged.', 'Not signed off: ']) {
    assert.ok(untold.includes(said), said);
  }
  job.tell('add-defect', { entry: { ...found, id: 'a', settled: null } });
  job.tell('add-defect', {
    entry: { ...found, id: 'b', settled: { at: '2027-03-03T11:00', how: 'accepted', why: 'behind the stop' } },
  });
  job.tell('add-film-check', {
    filmCheck: {
      ...{ id: 'c', check: 'fingernail', pieceId: 'd', face: 'front', at: '2027-03-03T12:00' },
      ...{ held: false, note: 'near the hinge' },
    },
  });
  const [room] = job.job.rooms;
  job.tell('sign-off', { signOff: { roomId: room!.id, at: '2027-03-03T13:00', by: 'A. Nobody', remark: 'one run' } });
  const blocks = blocksOf(job);
  assert.deepEqual(
    rowsOf(blocks, 'Defects').map(([mark, name, , , fate]) => [mark, name, fate]),
    [
      ['D-01', 'Run or sag', 'open'],
      ['D-01', 'Run or sag', 'accepted as is: behind the stop'],
    ],
  );
  const [check] = rowsOf(blocks, 'Film tests');
  assert.match(
    check!.join(' | '),
    /Fingernail \| D-01 \| 3 Mar 2027 \| Marks or lifts: not cured, or won’t hold\. Wait, warm, retest, then cross-cut\. near the hinge/,
  );
  assert.deepEqual(rowsOf(blocks, 'Rooms signed off')[0]?.slice(0, 2), [room!.name, 'A. Nobody']);
  assert.ok(!textOf(blocks).includes('Not signed off'));
});

test('a step that was skipped stands in the record with its reason, and left oil paint with how it is disposed of', () => {
  const job = worked().tell('leave-out', {
    steps: [{ taskId: 'd/coat-3/front', at: '2027-03-03T15:00', by: null, why: 'two coats hide it' }],
  });
  const record = rowsOf(blocksOf(job), `Coats in ${job.job.rooms[0]!.name}`);
  assert.ok(record.some((row) => row[3] === 'skipped' && /: two coats hide it$/.test(row[2] ?? '')));
  assert.ok(textOf(blocksOf(job)).includes('No coats missing.'), 'what was skipped on purpose is not missing');
  job.tell('add-tin', {
    entry: {
      ...TIN,
      id: 'oil',
      product: 'enamel-oil',
      boxedWith: [],
      end: { kind: 'collected', where: 'the yard' },
    },
  });
  const left = rowsOf(blocksOf(job), 'Leftover paint').find((row) => row[4]?.includes('the yard'));
  assert.match(
    left?.join(' | ') ?? '',
    /not used \| Taken to collection point, the yard \| Solvent paint, its tins and wash solvent are hazardous waste/,
  );
});

test('dates of care that are still to come go into the calendar, each for all pieces that have it', () => {
  const job = worked().done('coat-3/front', '2027-03-03T14:20').done('rehang', '2027-03-06T09:00');
  const made = job.problem('2027-03-06T10:00');
  const lines = careLines(readinessOf(job.job, made, new Map()));
  const ics = (stamp: string): string => writeUpkeepIcs(job.job, { dates: [], lines, t0: made.clocks.t0, stamp });
  const early = ics('2027-03-06T10:00');
  assert.match(early, /SUMMARY:Wash: D-01/);
  assert.match(early, /SUMMARY:Full use: D-01/);
  assert.ok(!ics('2028-01-01T10:00').includes('BEGIN:VEVENT'), 'what is past is no date any more');
});

test('a product that dried slower than its tin says is a lesson, with all its hours', () => {
  const job = worked();
  const made = job.problem('2027-03-03T16:00');
  const enamel = job.step('coat-2/back').coat!.coating;
  const zone = job.job.site.timeZone;
  const since = minutesSince(made.clocks.t0, '2027-03-02T09:20', zone);
  const due = made.clocks.reached(enamel, 'handle', since, dryingClimateId(job.job, job.piece))! - since;
  const at = localIso(localTime(made.clocks.t0, Math.round(since + 2 * due), zone));
  job.tell('take-readings', {
    readings: [{ id: 'late', kind: 'stage', at, taskId: 'd/coat-2/back', stage: 'handle' }],
  });
  const lesson = lessonsOf(job.job, made.clocks).find(({ id }) => id === 'drying/enamel-acrylic');
  assert.match(lesson?.words ?? '', /takes 4\d% longer to dry than its tin says/);
  assert.ok(lesson?.command.name === 'change-entry' && lesson.command.args.compartment === 'coatings');
  const { hours } = lesson.command.args.facts as { hours: Coating['hours'] };
  assert.ok(Math.abs(hours.recoat / enamel.hours.recoat - Math.SQRT2) < 0.02);
});

test('the file opens anywhere: one file, no script, nothing fetched, and what people typed is text in it', () => {
  const job = worked().tell('change-hand-over', {
    owner: '<script>alert(1)</script> & sons',
    words: 'a "quoted" word',
  });
  const html = writeHandoverHtml(blocksOf(job), 'en-GB');
  assert.doesNotMatch(html, /<script|src=|href="(?!#)|url\(|@import/);
  assert.ok(html.includes('&lt;script&gt;alert(1)&lt;/script&gt; &amp; sons'));
  assert.ok(html.includes('TE 2207') && html.includes('a &quot;quoted&quot; word'));
  assert.equal(html.match(/<table/g)?.length, html.match(/<\/table>/g)?.length);
});

test('upkeep begins with a look back after half a year and comes again each spring, for what it concerns', () => {
  const job = worked();
  job.tell('add-pieces', {
    ids: ['w'],
    kind: 'sash-window',
    piece: usualPiece('sash-window', 'room-1', { exposure: { front: 'outside', back: 'inside' } }),
  });
  const dates = upkeepDates(job.job, '2027-04-16');
  assert.deepEqual([dates.find(({ definition }) => definition.id === 'look-back')?.date], ['2027-10-16']);
  const sills = dates.filter(({ definition }) => definition.id === 'sills');
  assert.deepEqual(
    sills.map(({ date }) => date),
    ['2028-04-15', '2029-04-15', '2030-04-15', '2031-04-15', '2032-04-15'],
  );
  assert.equal(sills[0]?.marks, 'W-01');
  assert.ok(!dates.some(({ definition }) => definition.id === 'rails'), 'there is no rail');
  const made = job.problem('2027-03-03T16:00');
  const lines = careLines(readinessOf(job.job, made, new Map()));
  const text = writeUpkeepIcs(job.job, { dates, lines, t0: made.clocks.t0, stamp: '2027-04-16T12:00' });
  assert.equal(text.match(/BEGIN:VEVENT/g)?.length, dates.length);
  assert.match(text, /DTSTART;VALUE=DATE:20280415/);
});

test('a rest knows where its paint lies and how it may be thrown away', () => {
  const job = worked();
  const [rest] = leftPaints(job.job, job.problem('2027-03-03T16:00').clocks);
  assert.equal(rest?.on, 'D-01');
  assert.equal(rest.lastUsed, '2027-03-03T09:20');
  assert.ok(rest.disposal.allowed.includes('dried-out'));
  job.tell('add-tin', { entry: { ...TIN, id: 'oil', product: 'enamel-oil', boxedWith: [] } });
  const oil = leftPaints(job.job, job.problem('2027-03-03T16:00').clocks).find(
    ({ bucket }) => bucket.coating.id === 'enamel-oil',
  );
  assert.match(oil?.disposal.advice ?? '', /hazardous waste/);
  assert.ok(!oil?.disposal.allowed.includes('dried-out'));
});

test('planned against real: days from the baseline, hours that were timed, litres that were seen, and what they teach', () => {
  const job = worked();
  const days = daysAgainst(job.job);
  assert.deepEqual(days.find(({ name }) => name === 'Primed')?.real, {
    from: '2027-03-01',
    until: '2027-03-01',
    isOver: true,
  });
  assert.equal(days.find(({ name }) => name === 'Finished')?.real?.isOver, false);
  assert.equal(hoursAgainst(job.job).byWork.length, 0, 'nothing was timed');
  for (const name of ['coat-1/back', 'coat-1/front', 'coat-2/back']) {
    const minutes = job.step(name).minutes * 1.5 * 1.4;
    job.done(name, job.job.log.find(({ taskId }) => taskId === `d/${name}`)!.at, {
      minutes,
      isMeasured: true,
      ...(name === 'coat-2/back' ? { tinId: 'tin' } : {}),
    });
  }
  const [rolled] = hoursAgainst(job.job).byWork;
  assert.equal(rolled?.key, 'roller');
  const account = hoursAccount(rolled);
  assert.equal(account.filter((line) => /: \d+ min, standard \d+ min\.$/.test(line)).length, 3, account.join(' '));
  assert.ok(account.at(-1)?.endsWith('40% longer than standard.'), account.join(' '));
  assert.ok(Math.abs(rolled.real / rolled.planned - 1.4) < 0.01);
  const { clocks } = job.problem('2027-03-03T16:00');
  const pace = lessonsOf(job.job, clocks).find(({ id }) => id === 'pace/roller');
  assert.deepEqual(pace?.command, { name: 'state-pace', args: { key: 'roller', factor: 1.4 } });
  job.tell('state-pace', { key: 'roller', factor: 1.4 });
  assert.ok(
    !lessonsOf(job.job, clocks).some(({ id }) => id === 'pace/roller'),
    'once it is stated there is nothing more to learn',
  );

  const [drawn] = litresAgainst(job.job);
  assert.equal(drawn?.real, null);
  const left = 1 - drawn.estimated * 1.3;
  job.tell('change-tin', {
    id: TIN.id,
    facts: { seen: { litres: Math.max(0, left), at: '2027-03-03T16:00' } },
  });
  const spread = lessonsOf(job.job, clocks).find(({ id }) => id.startsWith('spread/enamel-acrylic'));
  assert.match(spread?.words ?? '', /4[12] µm a coat, not 32 µm/);
  assert.ok(spread && spread.command.name === 'change-entry');
});
