import assert from 'node:assert/strict';
import { test } from 'node:test';
import { OPEN_AIR } from '../job/document/new-job.ts';
import { statedPieceSchema } from '../job/document/piece-schema.ts';
import { DEFECT_IDS, type DefectId } from '../job/document/defect-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { CAUSES, type CauseId } from './causes/registry.ts';
import { DEFECTS } from './defects.ts';
import { evidenceOn } from './evidence.ts';
import { rankCauses, type RankedCause } from './rank-causes.ts';

const PREPARED = ['take-off', 'wash', 'degloss'] as const;

/** A door with all coats put on in their time, in a warm room: what is wrong with it has to be added. */
function wellPainted(facts: ConstructorParameters<typeof WorkedDays>[0] = {}, buildUp = {}): WorkedDays {
  return new WorkedDays(facts, buildUp).doneAll(
    facts.comesOff === false ? ['mask', 'wash', 'degloss'] : PREPARED,
    '2027-03-01T08:00',
  );
}

function coated(worked: WorkedDays, at: readonly [string, string, string]): WorkedDays {
  const faces = worked.piece.comesOff ? ['back', 'front'] : ['back+front'];
  at.forEach((time, index) => {
    const number = index + 1;
    if (number > 1) worked.done(`denib-${number}`, `${time.slice(0, 14)}05`);
    faces.forEach((face, turn) => {
      const hour = String(Number(time.slice(11, 13)) + turn * 4).padStart(2, '0');
      worked.done(`coat-${number}/${face}`, `${time.slice(0, 11)}${hour}${time.slice(13)}`);
    });
  });
  return worked;
}

const INTIME = ['2027-03-01T13:20', '2027-03-02T09:20', '2027-03-03T09:20'] as const;

function rankedIn(job: Job, kind: DefectId): RankedCause[] {
  const [piece] = job.pieces;
  return rankCauses(kind, evidenceOn(job, jobToProblem(job, '2027-03-20T08:00'), piece!, 'front'));
}

const firstOf = (worked: WorkedDays, kind: DefectId): RankedCause => rankedIn(worked.job, kind)[0]!;

test('every defect has causes that there are, a remedy that waits, and likelihoods that add up to one', () => {
  const { job } = coated(wellPainted(), INTIME);
  for (const kind of DEFECT_IDS) {
    const { causes } = DEFECTS[kind];
    assert.ok(Object.keys(causes).length >= 3, `${kind} has few causes`);
    for (const id of Object.keys(causes)) assert.ok(id in CAUSES, `${kind}: ${id} is no cause`);
    const ranked = rankedIn(job, kind);
    const sum = ranked.reduce((total, { likelihood }) => total + likelihood, 0);
    assert.ok(Math.abs(sum - 1) < 1e-9, kind);
    assert.deepEqual(
      ranked.map(({ likelihood }) => likelihood),
      ranked.map(({ likelihood }) => likelihood).toSorted((one, other) => other - one),
    );
  }
});

/** What is done to a well painted door so that a defect has this cause, and what the ranking says for it. */
const CASES: { defect: DefectId; cause: CauseId; because: RegExp; made: () => WorkedDays }[] = [
  {
    defect: 'run',
    cause: 'film-thick',
    because: /the comb read 153% of the tin’s wet film in coat 3, trim enamel/,
    made: () =>
      coated(wellPainted(), INTIME).tell('take-readings', {
        readings: [
          { id: 'f', kind: 'film', from: 'typed', at: '2027-03-03T13:20', taskId: 'd/coat-3/front', film: 140 },
        ],
      }),
  },
  {
    defect: 'roller-lines',
    cause: 'roller-pressed',
    because: /painted by roller/,
    made: () => coated(wellPainted(), INTIME),
  },
  { defect: 'orange-peel', cause: 'nap', because: /painted by roller/, made: () => coated(wellPainted(), INTIME) },
  {
    defect: 'brush-marks',
    cause: 'film-thin',
    because: /the comb read 55% of the tin’s wet film in coat 3, trim enamel/,
    made: () =>
      coated(wellPainted({}, { coats: brushed() }), INTIME).tell('take-readings', {
        readings: [
          { id: 'f', kind: 'film', from: 'typed', at: '2027-03-03T13:20', taskId: 'd/coat-3/front', film: 50 },
        ],
      }),
  },
  {
    defect: 'lap-mark',
    cause: 'edge-set',
    because: /an edge of coat 3, trim enamel stayed wet for 11 min\. The longest gap used 285% of it/,
    made: () =>
      coated(wellPainted(), INTIME).done('coat-3/front', '2027-03-03T14:30', { minutes: 150, isMeasured: true }),
  },
  {
    defect: 'missed-spot',
    cause: 'clear-primer',
    because: /dries clear/,
    made: () =>
      coated(wellPainted({}, { coats: withPrimer('prime-2k-tile') }), [
        '2027-03-01T09:20',
        '2027-03-03T09:20',
        '2027-03-05T09:20',
      ]),
  },
  {
    defect: 'show-through',
    cause: 'too-few-coats',
    because: /2 coats on; 5 needed to hide the old colour/,
    made: () =>
      coated(wellPainted(), INTIME)
        .tell('change-group', { groupId: 'group-1', colour: { name: 'rape field', hex: '#f2c81e' } })
        .tell('add-finding', { entry: found('old-colour', 'seen', '#8a1010') }),
  },
  {
    defect: 'grain',
    cause: 'grain-open',
    because: /no grain filler/,
    made: () => coated(wellPainted({ surface: { substrate: 'oak', existing: 'bare', condition: 'sound' } }), INTIME),
  },
  {
    defect: 'grit',
    cause: 'dusty-air',
    because: /D-02 was sanded nearby Wed 3 Mar, 13:40 while coat 3, trim enamel was wet/,
    made: () => {
      const worked = coated(wellPainted(), INTIME)
        .tell('add-pieces', { ids: ['e'], kind: 'flush-door', piece: worked0() })
        .tell('stamp', {
          entries: [{ id: 'dust', at: '2027-03-03T13:40', taskId: 'e/denib-2', event: 'done', by: null, minutes: 15 }],
        });
      return worked;
    },
  },
  {
    defect: 'bleed',
    cause: 'tannin',
    because: /oak and ash bleed tannin, and no stain-blocking primer under it/,
    made: () => coated(wellPainted({ surface: { substrate: 'oak', existing: 'bare', condition: 'sound' } }), INTIME),
  },
  {
    defect: 'fish-eyes',
    cause: 'silicone',
    because: /test showed wax or silicone/,
    made: () => coated(wellPainted(), INTIME).tell('add-finding', { entry: found('contamination', 'wax') }),
  },
  {
    defect: 'blisters',
    cause: 'early-recoat',
    because: /coat 3, trim enamel went on after 1\.5 h\. It needed 6\.7 h/,
    made: () => {
      const worked = coated(wellPainted(), INTIME);
      return worked.done('coat-3/front', '2027-03-02T15:30').done('coat-2/front', '2027-03-02T13:40');
    },
  },
  {
    defect: 'wrinkling',
    cause: 'early-recoat',
    because: /coat 3, trim enamel went on after 0\.5 h\. It needed 6\.9 h/,
    made: () =>
      coated(wellPainted(), INTIME).done('coat-3/front', '2027-03-02T15:30').done('coat-2/front', '2027-03-02T14:40'),
  },
  {
    defect: 'cracking',
    cause: 'hard-over-soft',
    because: /enamel over bonding primer/,
    made: () =>
      coated(wellPainted({}, { topcoat: 'enamel-oil' }), ['2027-03-01T09:20', '2027-03-04T09:20', '2027-03-08T09:20']),
  },
  {
    defect: 'peeling',
    cause: 'not-keyed',
    because: /the keying was skipped/,
    made: () =>
      coated(wellPainted(), INTIME).tell('leave-out', {
        steps: [{ taskId: 'd/degloss', at: '2027-03-01T08:20', by: null, why: '' }],
      }),
  },
  {
    defect: 'dull-patch',
    cause: 'unboxed',
    because: /coats from tins that weren’t boxed/,
    made: () => {
      const worked = coated(wellPainted(), INTIME)
        .tell('add-tin', { entry: tin('one') })
        .tell('add-tin', { entry: tin('other') });
      return worked
        .done('coat-2/front', '2027-03-02T13:30', { tinId: 'one' })
        .done('coat-3/front', '2027-03-03T13:30', { tinId: 'other' });
    },
  },
  {
    defect: 'soft-film',
    cause: 'cold',
    because: /dried\. It needs/,
    made: () =>
      coated(wellPainted(), INTIME).tell('take-hours', {
        climateId: 'workshop',
        hours: Array.from({ length: 20 }, (_none, hour) => hourAt(3, 4 + hour, 3)),
        source: 'file',
        name: 'logger',
        at: '2027-03-04T08:00',
      }),
  },
  {
    defect: 'blocking',
    cause: 'closed-early',
    because: /, close date/,
    made: () => coated(wellPainted(), INTIME).done('rehang', '2027-03-04T16:00'),
  },
  {
    defect: 'tape-bleed',
    cause: 'tape-loose',
    because: /^$/,
    made: () => coated(wellPainted({ comesOff: false }), INTIME),
  },
  {
    defect: 'torn-line',
    cause: 'tape-late',
    because: /tape off 24\.7 h after the last coat/,
    made: () => coated(wellPainted({ comesOff: false }), INTIME).done('refit', '2027-03-04T10:00'),
  },
  {
    defect: 'paint-astray',
    cause: 'unmasked',
    because: /masking or removing hardware was skipped/,
    made: () =>
      coated(wellPainted(), INTIME).tell('leave-out', {
        steps: [{ taskId: 'd/take-off', at: '2027-03-01T08:00', by: null, why: '' }],
      }),
  },
];

for (const { defect, cause, because, made } of CASES) {
  test(`${DEFECTS[defect].name}: “${CAUSES[cause].name}” comes first when that is what the log shows`, () => {
    const ranked = firstOf(made(), defect);
    assert.equal(
      ranked.id,
      cause,
      rankedIn(made().job, defect)
        .map(({ id, because: why, likelihood }) => `${id} ${likelihood.toFixed(2)} ${why}`)
        .join('\n'),
    );
    assert.match(ranked.because ?? '', because);
  });
}

test('every defect has a case of its own', () => {
  assert.deepEqual(new Set(CASES.map(({ defect }) => defect)), new Set(DEFECT_IDS));
});

test('a third coat at noon on a sunlit face, and the sun that comes after it, are named with hour and surface', () => {
  const outside = { comesOff: false, exposure: { front: 'outside', back: 'inside' } } as const;
  const worked = wellPainted(outside, { topcoat: 'ext-acrylic' })
    .tell('change-site', { latitude: 52, longitude: 10 })
    .tell('change-climate', {
      id: OPEN_AIR.id,
      facts: { usual: { warmest: 24, coldest: 12, humidityAtWarmest: 40, humidityAtColdest: 70 } },
    })
    .tell('change-room', { id: new WorkedDays().job.rooms[0]!.id, facts: { bearing: 180 } });
  const noon = coated(worked, ['2027-03-01T13:20', '2027-03-02T12:20', '2027-03-03T12:20']);
  const ranked = rankedIn(noon.job, 'lap-mark');
  const sun = ranked.find(({ id }) => id === 'sun');
  assert.match(sun?.because ?? '', /, surface/);
  assert.match(
    rankedIn(noon.job, 'blisters').find(({ id }) => id === 'sun-after')?.because ?? '',
    /the sun came onto coat/,
  );
  // Inside there is no sun to blame.
  assert.ok(!rankedIn(coated(wellPainted(), INTIME).job, 'lap-mark').some(({ id }) => id === 'sun'));
});

test('a coat that was recoated in its time gives no sign, nor does a warm room', () => {
  const ranked = rankedIn(coated(wellPainted(), INTIME).job, 'blisters');
  assert.equal(ranked.find(({ id }) => id === 'early-recoat')?.because, null);
  assert.equal(rankedIn(coated(wellPainted(), INTIME).job, 'soft-film').find(({ id }) => id === 'cold')?.because, null);
});

function brushed() {
  return ['prime-bond-wb', 'enamel-acrylic', 'enamel-acrylic'].map((product) => ({
    product,
    tool: 'brush' as const,
    thinning: 0,
    extent: 'all' as const,
  }));
}

function withPrimer(primer: string) {
  return [primer, 'enamel-acrylic', 'enamel-acrylic'].map((product) => ({
    product,
    tool: 'roller' as const,
    thinning: 0,
    extent: 'all' as const,
  }));
}

const worked0 = () => statedPieceSchema.parse(new WorkedDays().piece);

function found(id: 'contamination' | 'old-colour', result: string, hex: string | null = null) {
  return {
    id: `found-${id}`,
    groupId: 'group-1',
    found: id,
    result,
    reading: null,
    hex,
    at: '2027-02-27T08:00',
    where: 'D-01',
    photoId: null,
    note: '',
  };
}

function tin(id: string) {
  return {
    id,
    product: 'enamel-acrylic',
    hex: '#efece2',
    batch: id,
    litres: 1,
    openedAt: '2027-03-01T08:00',
    boxedWith: [],
    seen: null,
    emptiedAt: null,
    end: null,
  };
}

function hourAt(day: number, hour: number, temperature: number) {
  const date = day + Math.floor((10 + hour) / 24);
  const clock = (10 + hour) % 24;
  return {
    at: `2027-03-${String(date).padStart(2, '0')}T${String(clock).padStart(2, '0')}:00`,
    temperature,
    humidity: 70,
    wind: null,
    cloud: null,
    rain: null,
  };
}
