import assert from 'node:assert/strict';
import { test } from 'node:test';
import { localTime } from '../job/site-time.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { eveningTasks, type EveningTask } from './end-of-day.ts';

const PREPARED = ['take-off', 'wash', 'degloss'] as const;
const evening = (worked: WorkedDays, now: string): EveningTask[] => eveningTasks(worked.day(now));
const words = (tasks: readonly EveningTask[]): string => tasks.map((task) => `${task.words} (${task.why})`).join('\n');

test('a roller that is needed in the morning is wrapped, one that is not is washed out with what thins its paint', () => {
  const worked = new WorkedDays()
    .planned('2027-03-01T07:00')
    .doneAll(PREPARED, '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T16:10')
    .planned('2027-03-01T16:15');
  const day = worked.day('2027-03-01T16:18');
  const next = day.reading.runs.find(
    ({ start, steps: [step] }) => start > day.at && step?.coat?.coating.id === 'prime-bond-wb',
  );
  assert.ok(next);
  assert.match(words(evening(worked, '2027-03-01T16:18')), /Wrap the roller of bonding primer air-tight/);
  worked.done('coat-1/front', '2027-03-02T08:40');
  assert.match(
    words(evening(worked, '2027-03-02T16:20')),
    /Clean the roller of bonding primer with water \(No longer needed/,
  );
});

test('oil asks for its rags to be laid flat, a pot of two parts is left to set', () => {
  const coats = ['prime-2k-tile', 'enamel-oil', 'enamel-oil'].map((product) => ({
    ...{ product, tool: 'brush', thinning: 0, extent: 'all' },
  })) as never;
  const worked = new WorkedDays({}, { coats })
    .planned('2027-03-01T07:00')
    .doneAll(PREPARED, '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T14:20');
  const first = words(evening(worked, '2027-03-01T16:00'));
  assert.match(first, /leftover mixed adhesion primer set in the open pot/);
  assert.match(first, /Two-part paint sets in it for ever/);
  worked
    .done('coat-1/front', '2027-03-02T14:20')
    .done('denib-2', '2027-03-04T08:30')
    .done('coat-2/back', '2027-03-04T09:20');
  assert.match(words(evening(worked, '2027-03-04T16:00')), /Lay rags flat outdoors, or under water/);
});

test('a night colder than the soft paint stands is named with its degrees, and what is to be kept open', () => {
  const worked = new WorkedDays({ comesOff: false })
    .tell('change-climate', {
      id: new WorkedDays().job.climates[0]!.id,
      facts: { usual: { warmest: 18, coldest: 4, humidityAtWarmest: 50, humidityAtColdest: 70 } },
    })
    .planned('2027-03-01T07:00')
    .doneAll(['mask', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back+front', '2027-03-01T16:10');
  const told = words(evening(worked, '2027-03-01T16:20'));
  assert.match(told, /Keep House above 8 °C tonight \(4 °C forecast\. D-01 won’t dry below/);
  assert.match(told, /Leave D-01 open and marked “wet paint”/);
});

test('a coat that was left half done, or is still going on, has a tool to wrap and a pot to leave as well', () => {
  const left = new WorkedDays()
    .planned('2027-03-01T07:00')
    .doneAll(PREPARED, '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T16:00', { event: 'partly', share: 0.5, minutes: null })
    .planned('2027-03-01T16:05');
  assert.match(words(evening(left, '2027-03-01T16:05')), /Wrap the roller of bonding primer air-tight/);
  assert.doesNotMatch(words(evening(left, '2027-03-02T16:05')), /bonding primer air-tight/, 'that was yesterday');

  const coats = ['prime-2k-tile', 'enamel-acrylic'].map((product) => ({
    product,
    tool: 'brush',
    thinning: 0,
    extent: 'all',
  }));
  const going = new WorkedDays({}, { coats } as never)
    .planned('2027-03-01T07:00')
    .doneAll(PREPARED, '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T15:30', { event: 'started', minutes: null });
  assert.match(words(evening(going, '2027-03-01T16:00')), /leftover mixed adhesion primer/);
});

test('what hangs outside is covered for a cold night, since the open air can’t be kept warm', () => {
  const made = new WorkedDays();
  const outdoors = made.job.climates.find(({ whereabouts }) => whereabouts === 'outdoors')!;
  const worked = new WorkedDays({ comesOff: false, exposure: { front: 'outside', back: 'outside' } })
    .tell('change-climate', {
      id: outdoors.id,
      facts: { usual: { warmest: 12, coldest: 1, humidityAtWarmest: 50, humidityAtColdest: 80 } },
    })
    .planned('2027-03-01T07:00')
    .doneAll(['mask', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back+front', '2027-03-01T15:00');
  const told = words(evening(worked, '2027-03-01T16:20'));
  assert.match(told, /Hang a sheet in front of D-01 tonight, clear of the paint \(1 °C forecast/);
  assert.doesNotMatch(told, /Keep \w+ above/);
});

test('a door that hangs is kept warm where it hangs, not on the rack', () => {
  const cold = { warmest: 18, coldest: 4, humidityAtWarmest: 50, humidityAtColdest: 70 };
  const made = new WorkedDays().job;
  const rack = made.places.find(({ kind }) => kind === 'rack')!;
  const house = made.climates.find(({ id }) => id === made.rooms[0]!.climateId)!;
  assert.notEqual(rack.climateId, house.id);
  const worked = new WorkedDays()
    .tell('change-climate', { id: house.id, facts: { usual: cold } })
    .planned('2027-03-01T07:00')
    .doneAll(PREPARED, '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T10:00')
    .done('coat-1/front', '2027-03-01T15:55')
    .done('rehang', '2027-03-01T16:00');
  assert.match(words(evening(worked, '2027-03-01T16:05')), /Keep House above 8 °C tonight/);
});

test('a gun that is needed again stands in what thins its paint, and what two have to lift and clear tomorrow is told', () => {
  const heavy = { width: 1000, height: 2400, thickness: 60 };
  const sprayed = ['prime-bond-wb', 'enamel-acrylic'].map((product) => ({
    ...{ product, tool: 'spray', thinning: 0, extent: 'all' },
  }));
  const worked = new WorkedDays({ shape: heavy }, { coats: sprayed } as never);
  const [room] = worked.job.rooms;
  const clear = {
    id: 'clear',
    words: 'take the sheets up',
    when: 'after',
    minutes: 20,
    people: 1,
    doneAt: null,
  } as const;
  worked.tell('change-room', { id: room!.id, facts: { tasks: { [clear.id]: clear } } });
  worked
    .planned('2027-03-01T07:00')
    .doneAll(PREPARED, '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T16:10')
    .planned('2027-03-01T16:15');
  assert.match(
    words(evening(worked, '2027-03-01T16:18')),
    /Stand the gun of bonding primer in water, nozzle and needle out/,
  );
  const hangs = worked.day('2027-03-01T16:18').reading.runs.find(({ operation }) => operation === 'rehang')!;
  const t0 = worked.job.plan!.t0;
  const before = localTime(t0, hangs.start - 1440, worked.job.site.timeZone);
  const told = words(evening(worked, before.toFormat("yyyy-MM-dd'T'17:00")));
  assert.match(told, /Two people \w{3} \d\d:\d\d: D-01 \(Too heavy for one/);
  assert.match(told, /Take the sheets up \(.*\) \(Planned/);
});

test('tomorrow names its first run, the paint that is not open, and a door that hangs soft is wedged', () => {
  const worked = new WorkedDays()
    .planned('2027-03-01T07:00')
    .doneAll(PREPARED, '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T14:20');
  const told = words(evening(worked, '2027-03-01T16:00'));
  assert.match(told, /Tue \d\d:\d\d: .*D-01 \(First job tomorrow/);
  assert.match(told, /Bring .*(bonding primer|trim enamel).*: \d\.\d\d L or more/);
  for (const [number, day] of [
    [2, 2],
    [3, 3],
  ] as const) {
    if (number === 2) worked.done('coat-1/front', '2027-03-01T17:20');
    worked
      .done(`denib-${number}`, `2027-03-0${day}T08:30`)
      .done(`coat-${number}/back`, `2027-03-0${day}T09:20`)
      .done(`coat-${number}/front`, `2027-03-0${day}T14:20`);
  }
  worked.done('rehang', '2027-03-05T15:00');
  assert.match(words(evening(worked, '2027-03-05T16:00')), /Wedge D-01 ajar, or fit bumpers/);
  worked.tell('keep-apart', { id: 'd', keptApart: { by: 'bumpers', since: '2027-03-05T15:10' } });
  assert.doesNotMatch(words(evening(worked, '2027-03-05T16:00')), /Wedge/);
});
