import assert from 'node:assert/strict';
import { test } from 'node:test';
import { WorkedDays } from '../fixtures/worked-days.ts';
import type { Day } from './day.ts';
import { minutesOn, timeOn } from './day.ts';
import type { Reminder } from './reminder-kinds.ts';
import { dueReminders, remindersOf } from './reminders.ts';

const PREPARED = ['take-off', 'wash', 'degloss'] as const;

const kindOf = ({ id }: Reminder): string => id.split('/')[0] ?? '';
const ofKind = (day: Day, kind: string): Reminder[] => remindersOf(day).filter((reminder) => kindOf(reminder) === kind);
/** The only reminder of a kind, with its time on the clock. */
function only(day: Day, kind: string): Reminder & { time: string } {
  const [reminder, ...more] = ofKind(day, kind);
  assert.ok(
    reminder,
    `no reminder ${kind}: ${remindersOf(day)
      .map(({ id }) => id)
      .join()}`,
  );
  assert.equal(more.length, 0);
  return { ...reminder, time: timeOn(day, reminder.at) };
}

/** A door whose back is primed at 13:20 of the first day. */
const primed = (): WorkedDays =>
  new WorkedDays()
    .planned('2027-03-01T07:00')
    .doneAll(PREPARED, '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T13:20');

test('drips are looked for ten minutes after a face, and no longer when they have set', () => {
  const worked = primed();
  const look = only(worked.day('2027-03-01T13:25'), 'drip-look');
  assert.equal(look.time, '13:30');
  assert.match(look.words, /Check D-01 for runs and drips/);
  assert.equal(ofKind(worked.day('2027-03-01T15:00'), 'drip-look').length, 0);
});

test('a piece rings when its clock opens for what comes next, and again before its window closes', () => {
  const day = primed().day('2027-03-01T13:30');
  const [drying] = day.dryingPieces;
  const opens = only(day, 'opens');
  assert.equal(opens.at, drying?.opens);
  assert.match(opens.words, /^D-01 is ready to turn$/);
  const back = primed().done('coat-1/front', '2027-03-01T16:20').day('2027-03-01T16:30');
  const closes = only(back, 'closes');
  // The primer's window is 336 hours by its tin, and it is said two hours before.
  assert.equal(closes.at, minutesOn(back, '2027-03-01T13:20') + 334 * 60);
});

test('the end of a mixed pot follows the warmth of its place', () => {
  const coats = ['prime-2k-tile', 'enamel-acrylic', 'enamel-acrylic'].map((product) => ({
    ...{ product, tool: 'roller', thinning: 0, extent: 'all' },
  })) as never;
  const worked = new WorkedDays({}, { coats }).planned('2027-03-01T07:00').doneAll(PREPARED, '2027-03-01T08:00');
  const started = {
    id: 'start',
    at: '2027-03-01T13:00',
    taskId: 'd/coat-1/back',
    event: 'started',
    by: null,
    minutes: null,
  } as const;
  const day = worked.tell('stamp', { entries: [started] }).day('2027-03-01T13:05');
  const pot = only(day, 'pot-life');
  // Three hours at 23 °C; the workshop is colder, so that it lasts longer.
  assert.ok(pot.at > minutesOn(day, '2027-03-01T13:00') + 165, pot.time);
  assert.match(pot.words, /Pot life ends 17:01: adhesion primer/);
});

test('tape is pulled right after the last coat, while it is wet, and not before', () => {
  const worked = new WorkedDays({ comesOff: false })
    .planned('2027-03-01T07:00')
    .doneAll(['mask', 'wash', 'degloss'], '2027-03-01T08:00');
  worked.done('coat-1/back+front', '2027-03-01T13:20').done('coat-2/back+front', '2027-03-02T13:20');
  assert.equal(ofKind(worked.day('2027-03-02T13:21'), 'tape').length, 0);
  worked.done('coat-3/back+front', '2027-03-03T13:20');
  assert.equal(only(worked.day('2027-03-03T13:21'), 'tape').time, '13:25');
  worked.done('refit', '2027-03-03T13:40');
  assert.equal(ofKind(worked.day('2027-03-03T13:45'), 'tape').length, 0);
});

test('a gun in water is remembered before its day is over, whatever night lies between', () => {
  const coats = ['prime-bond-wb', 'enamel-acrylic', 'enamel-acrylic'].map((product) => ({
    ...{ product, tool: 'spray', thinning: 5, extent: 'all' },
  })) as never;
  const worked = new WorkedDays({}, { coats }).planned('2027-03-01T07:00').doneAll(PREPARED, '2027-03-01T08:00');
  const day = worked.done('coat-1/back', '2027-03-01T14:00').day('2027-03-02T08:00');
  const gun = only(day, 'gun');
  assert.equal(gun.time, '10:00');
  assert.match(gun.words, /by 14:00/);
});

test('a wrapped roller that is not needed in time is to be washed out, and one that is, is not', () => {
  const day = primed().day('2027-03-01T13:30');
  const next = day.reading.runs.find(
    ({ start, steps: [step] }) => start > day.at && step?.coat?.coating.id === 'prime-bond-wb',
  );
  const reminded = ofKind(day, 'wrapped');
  assert.equal(reminded.length === 0, next !== undefined && next.start <= day.at + 16 * 60);
  const last = primed().done('coat-1/front', '2027-03-01T16:20').day('2027-03-01T16:30');
  assert.match(only(last, 'wrapped').detail, /Wrapped since 16:20\. Keeps until about Tue 08:20\. No longer needed\./);
});

test('what was washed is dry when its water is', () => {
  const day = new WorkedDays()
    .planned('2027-03-01T07:00')
    .doneAll(['take-off', 'wash'], '2027-03-01T08:00')
    .day('2027-03-01T08:30');
  const dry = only(day, 'dries');
  assert.ok(dry.at > minutesOn(day, '2027-03-01T08:15'));
  assert.match(dry.words, /D-01 is dry \(wash and rinse\)/);
});

test('a door that must close tonight is named while the crew is still there', () => {
  const access = { who: 'office', closesAtNight: true, standIn: false, neededBy: null };
  const worked = new WorkedDays({ access }).planned('2027-03-01T07:00').done('take-off', '2027-03-01T08:10');
  const night = only(worked.day('2027-03-01T09:00'), 'close-tonight');
  assert.equal(night.time, '15:15');
  assert.match(night.words, /D-01 must close tonight/);
  // With boards before the opening, nobody needs it.
  const boarded = new WorkedDays({ access: { ...access, standIn: true } }).planned('2027-03-01T07:00');
  assert.equal(ofKind(boarded.done('take-off', '2027-03-01T08:10').day('2027-03-01T09:00'), 'close-tonight').length, 0);
});

test('a test patch and work in a room ring when they are due', () => {
  const worked = new WorkedDays().planned('2027-03-01T07:00').tell('add-patch', {
    entry: {
      ...{ id: 'p', groupId: 'group-1', where: 'D-01', key: 'degloss', read: null, note: '' },
      coats: [{ product: 'prime-bond-wb', at: '2027-03-01T08:00' }],
    },
  });
  assert.match(only(worked.day('2027-03-01T09:00'), 'patch').words, /Read the test patch/);
  const task = { id: 't', words: 'Lay sheets', when: 'before', minutes: 20, people: 1, doneAt: null } as const;
  const roomed = new WorkedDays();
  roomed
    .tell('change-room', { id: roomed.job.rooms[0]!.id, facts: { tasks: { [task.id]: task } } })
    .planned('2027-03-01T07:00');
  assert.match(only(roomed.day('2027-03-01T07:10'), 'site').words, /First room: lay sheets/);
});

test('what was seen stays seen, and the next one is the next that nobody has seen', () => {
  const day = primed().day('2027-03-01T13:31');
  const all = remindersOf(day);
  const before = dueReminders(all, new Set(), day.at);
  assert.deepEqual(before.due.map(kindOf), ['drip-look']);
  const after = dueReminders(all, new Set(before.due.map(({ id }) => id)), day.at);
  assert.equal(after.due.length, 0);
  assert.ok(after.next && after.next.at > day.at);
});

test('a wedge is taken out when the coat may close, not before', () => {
  const worked = primed().done('coat-1/front', '2027-03-01T16:20');
  worked
    .done('denib-2', '2027-03-02T09:00')
    .done('coat-2/back', '2027-03-02T09:20')
    .done('coat-2/front', '2027-03-02T14:20');
  worked
    .done('denib-3', '2027-03-03T09:00')
    .done('coat-3/back', '2027-03-03T09:20')
    .done('coat-3/front', '2027-03-03T14:20');
  worked
    .done('rehang', '2027-03-05T10:00')
    .tell('keep-apart', { id: 'd', keptApart: { by: 'wedge', since: '2027-03-05T10:05' } });
  const day = worked.day('2027-03-05T12:00');
  const close = only(day, 'opens');
  assert.equal(close.words, 'D-01 can close: take the wedge out');
  assert.ok(close.at > day.at + 4 * 1440, 'days away');
});
