import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readinessOf, type Readiness } from '../hanging/readiness.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { partsOf, type Block, type Cell } from './blocks.ts';
import { faceRecords } from './face-record.ts';
import { handoverGaps } from './gaps.ts';
import { handoverDocument } from './handover-document.ts';

const TIN = {
  id: 'tin',
  product: 'enamel-acrylic',
  hex: '#efece2',
  batch: 'TE 2207',
  litres: 1,
  openedAt: '2027-03-02T08:00',
  boxedWith: [] as string[],
  seen: null,
  emptiedAt: null,
  end: null,
};

/** A door with its first coat on both faces, and the second on its back, from a tin and with a film that was read. */
const worked = (): WorkedDays =>
  new WorkedDays()
    .tell('add-tin', { entry: TIN })
    .doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T10:20', { air: { temperature: 17.2, humidity: 58 } })
    .done('coat-1/front', '2027-03-01T13:20', { by: null })
    .done('coat-2/back', '2027-03-02T09:20', { tinId: 'tin' })
    .tell('take-readings', {
      readings: [{ id: 'f', kind: 'film', from: 'typed', at: '2027-03-02T09:20', taskId: 'd/coat-2/back', film: 90 }],
    });

/** The door with all its coats on, and its readiness. */
function finished() {
  const days = worked().doneAll(['coat-2/front', 'denib-3', 'coat-3/back', 'coat-3/front'], '2027-03-04T08:00');
  const problem = days.problem('2027-03-04T16:00');
  const [row] = readinessOf(days.job, problem, new Map());
  assert.ok(row, 'a finished door has its dates');
  return { job: days.job, clocks: problem.clocks, row };
}

function blocksOf(
  { job, problem }: { job: WorkedDays['job']; problem: ReturnType<WorkedDays['problem']> },
  now: string,
) {
  const rows = readinessOf(job, problem, new Map());
  return handoverDocument(job, { clocks: problem.clocks, rows, now, vocabulary: 'uk' });
}
const documentOf = (days: WorkedDays, now = '2027-03-03T16:00'): Block[] =>
  blocksOf({ job: days.job, problem: days.problem(now) }, now);
const tableOf = (blocks: readonly Block[], label: string): (readonly Cell[])[] => {
  const table = blocks.find((block) => block.kind === 'table' && block.label === label);
  assert.ok(table?.kind === 'table', `there is a table “${label}”`);
  assert.ok(
    table.rows.every((row) => row.length === table.head.length),
    'every row has a cell under each head',
  );
  return [...table.rows];
};
const words = (rows: readonly (readonly Cell[])[]): string[] =>
  rows.map((row) => row.map(({ text, isGap }) => (isGap ? `[${text}]` : text)).join(' | '));
const sectionOf = (blocks: readonly Block[], id: string): Block[] => {
  const from = blocks.findIndex((block) => block.kind === 'heading' && block.id === id);
  const rest = blocks.slice(from + 1);
  const until = rest.findIndex((block) => block.kind === 'heading');
  return until < 0 ? rest : rest.slice(0, until);
};
const textOf = (blocks: readonly Block[]): string =>
  blocks.flatMap((block) => ('text' in block ? block.text : [])).join(' ');

test('each coat of a face is a row, its face named once; what is missing is shown behind, as a gap', () => {
  const { job } = worked();
  const [room] = job.rooms;
  assert.deepEqual(words(tableOf(documentOf(worked()), `Coats in ${room!.name}`)), [
    'D-01 | front | 1 | Bonding primer | — | [not recorded] | 1 Mar, 13:20 | [not recorded] | — | [not recorded]',
    ' |  | [Turn, then second coat: trim enamel, front and edges] | [not logged] |  |  |  |  |  | ',
    ' |  | [Turn, then third coat: trim enamel, front and edges] | [not logged] |  |  |  |  |  | ',
    'D-01 | back | 1 | Bonding primer | — | [not recorded] | 1 Mar, 10:20 | 17 °C, 58% | — | Painter 1',
    ' |  | 2 | Trim enamel | chalk line | TE 2207 | 2 Mar, 09:20 | [not recorded] | 90 µm | Painter 1',
    ' |  | [Third coat: trim enamel, back] | [not logged] |  |  |  |  |  | ',
  ]);
});

test('a face without a single coat is named at what it lacks first, and not again', () => {
  const rows = tableOf(documentOf(new WorkedDays()), `Coats in ${new WorkedDays().job.rooms[0]!.name}`);
  assert.deepEqual(
    rows.map(([mark, face]) => [mark!.text, face!.text]),
    [
      ['D-01', 'front'],
      ['', ''],
      ['', ''],
      ['D-01', 'back'],
      ['', ''],
      ['', ''],
    ],
  );
});

test('what was skipped stands with its reason, under its face', () => {
  const days = worked().tell('leave-out', {
    steps: [{ taskId: 'd/denib-2', at: '2027-03-02T08:00', by: null, why: 'smooth' }],
  });
  const rows = words(tableOf(documentOf(days), `Coats in ${days.job.rooms[0]!.name}`));
  assert.ok(
    rows.some((row) => /smooth.*\[skipped\]/.test(row)),
    rows.join('\n'),
  );
});

test('gaps of the whole record are counted, and a film that was read', () => {
  const said = textOf(sectionOf(documentOf(worked()), 'record'));
  assert.match(said, /^3 coats logged\. 2 faces still lack coats\. 2 coats without a batch\./);
});

test('a finish lists its products as they were laid, its batches and the pieces that it is on', () => {
  const [row] = tableOf(documentOf(worked()), 'Finishes');
  assert.match(
    words([row!])[0]!,
    /^Softwood, oil gloss \| chalk line #efece2 \| Bonding primer, waterborne, Trim enamel, acrylic \| TE 2207 \| D-01$/,
  );
  const [bare] = tableOf(documentOf(new WorkedDays()), 'Finishes');
  assert.deepEqual(
    bare!.filter(({ isGap }) => isGap).map(({ text }) => text),
    ['nothing logged yet', 'not recorded'],
  );
});

test('children are kept away while any film is soft, and no longer once all is hard', () => {
  const days = worked()
    .done('coat-2/front', '2027-03-02T14:20')
    .done('denib-3', '2027-03-03T08:30')
    .done('coat-3/back', '2027-03-03T09:20')
    .done('coat-3/front', '2027-03-03T14:20')
    .done('rehang', '2027-03-08T09:00');
  const caution = (now: string): boolean =>
    sectionOf(documentOf(days, now), 'care').some((block) => block.kind === 'caution');
  assert.ok(caution('2027-03-09T09:00'));
  assert.ok(!caution('2027-06-01T09:00'));
  const [row] = tableOf(documentOf(days, '2027-06-01T09:00'), `Ready-for-use dates, ${days.job.rooms[0]!.name}`);
  assert.deepEqual(
    row!.slice(2).map(({ text }) => text),
    ['now', 'now', 'now'],
  );
});

test('like pieces of a room with the same dates are one row, others their own', () => {
  const { job, clocks, row } = finished();
  const like = (mark: string, close = row.from.close): Readiness => ({
    ...row,
    piece: { ...row.piece, id: mark, mark },
    from: { ...row.from, close },
  });
  const rows = [row, like('D-02'), like('D-03', (row.from.close ?? 0) + 2 * 1440)];
  const blocks = handoverDocument(job, { clocks, rows, now: '2027-03-04T16:00', vocabulary: 'uk' });
  assert.deepEqual(
    tableOf(blocks, `Ready-for-use dates, ${job.rooms[0]!.name}`).map(([tag]) => tag!.text),
    ['D-01, D-02', 'D-03'],
  );
});

test('what a handover still lacks is told until it is there', () => {
  const gapsOf = (days: WorkedDays): string[] =>
    handoverGaps(days.job, faceRecords(days.job, days.problem('2027-03-03T16:00').clocks)).map(({ words }) => words);
  assert.deepEqual(gapsOf(worked()), [
    '2 faces with coats not logged',
    '1 room not signed off',
    'client not named',
    'no place for the touch-up kit',
  ]);
  const told = worked()
    .doneAll(['coat-2/front', 'denib-3', 'coat-3/back', 'coat-3/front'], '2027-03-04T08:00')
    .tell('change-hand-over', { owner: 'A. Nobody', kit: { where: 'under the stairs' } });
  assert.deepEqual(gapsOf(told), ['1 room not signed off']);
});

test('a document falls into parts at what opens one; what stands before the first is a part of its own', () => {
  const parts = partsOf(documentOf(worked()), (block) => block.kind === 'heading');
  assert.deepEqual(
    parts.map(({ opening }) => opening?.id ?? null),
    [null, 'finishes', 'record', 'checked', 'left', 'upkeep'],
  );
  assert.deepEqual(
    parts.flatMap(({ opening, blocks }) => (opening ? [opening, ...blocks] : blocks)),
    documentOf(worked()),
  );
});

test('a title says where and when, and whose it is where that is known', () => {
  const [untold] = documentOf(worked());
  assert.ok(untold?.kind === 'title' && /as of 3 Mar/.test(untold.lines[0]!));
  assert.equal(untold.lines.length, 1);
  const told = worked()
    .tell('change-site', { place: '4 Elm Row' })
    .tell('change-hand-over', { owner: 'A. Nobody', painter: 'B. Brush', at: '2027-03-10T12:00' });
  const [title] = documentOf(told);
  assert.ok(title?.kind === 'title');
  assert.match(title.lines[0]!, /^4 Elm Row, handed over on 10 Mar/);
  assert.deepEqual(title.lines.slice(1), ['For A. Nobody', 'Work by B. Brush']);
});

test('the touch-up kit says where it is, what is in it, both, or that nobody has said', () => {
  const kit = (where: string, contents: string): string =>
    textOf(sectionOf(documentOf(worked().tell('change-hand-over', { kit: { where, contents } })), 'left'));
  assert.match(kit('', ''), /^Touch-up kit: location not recorded\./);
  assert.match(kit('under the stairs', ''), /^Touch-up kit: under the stairs\./);
  assert.match(kit('under the stairs', 'two brushes'), /Touch-up kit: under the stairs\. Contents: two brushes\./);
  assert.match(kit('', 'two brushes'), /Touch-up kit: location not recorded\. Contents: two brushes\./);
});

test('words of the painter’s own come last, and no heading stands without them', () => {
  const ids = (days: WorkedDays): string[] =>
    documentOf(days).flatMap((block) => (block.kind === 'heading' ? block.id : []));
  assert.deepEqual(ids(worked()).slice(-1), ['upkeep']);
  assert.deepEqual(ids(worked().tell('change-hand-over', { words: 'Mind the cat.' })).slice(-2), ['upkeep', 'words']);
});
