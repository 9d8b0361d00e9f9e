import assert from 'node:assert/strict';
import { test } from 'node:test';
import { usualWeek } from '../document/new-job.ts';
import { usualPiece } from '../document/usual-piece.ts';
import { DOOR } from '../../fixtures/jobs.ts';
import { drilling, greasy, hour, recipe, start, strokes, group, bench, enamel } from '../../fixtures/worked-job.ts';
import { applyCommand, type CommandArgs, type CommandName } from './apply.ts';

/** What hands, files and other tabs can get wrong, and a word of what the painter is told. */
const REFUSED: readonly { [N in CommandName]: [N, CommandArgs<N>, RegExp] }[CommandName][] = [
  ['add-pieces', { ids: ['a'], kind: 'flush-door', piece: DOOR }, /used twice/],
  ['add-pieces', { ids: [], kind: 'flush-door', piece: DOOR }, /./],
  ['duplicate-piece', { id: 'gone', ids: ['c'] }, /no longer in the job/],
  ['move-piece', { id: 'gone', to: 0 }, /no longer in the job/],
  ['count-hardware', { id: 'a', item: 99, bagged: 1 }, /no longer in the bag/],
  ['choose-build-up', { groupId: 'gone', buildUp: null, chosenFor: null }, /no longer in the job/],
  ['change-pieces', { ids: ['a'], facts: {}, shape: { width: 12 } }, /300/],
  ['change-pieces', { ids: ['c'], facts: { comesOff: true } }, /no longer in the job/],
  [
    'survey',
    {
      rooms: [],
      pieces: [{ id: 'c', kind: 'railing', piece: { ...usualPiece('railing', 'room-1'), comesOff: true } }],
    },
    /painted in place/,
  ],
  [
    'survey',
    { rooms: [], pieces: [{ id: 'c', kind: 'railing', piece: usualPiece('railing', 'nowhere') }] },
    /No room has the id nowhere\./,
  ],
  ['add-hardware', { id: 'a', name: 'hinge', count: 1 }, /hinge is already in the bag\. Change how many\./],
  ['add-drilling', { ids: ['a'], drilling: { ...drilling, diameter: 200 } }, /At most 80 mm\./],
  ['change-site', { yearBuilt: 36 }, /four digits/],
  ['change-cutting', { stock: [] }, /at least one length/],
  ['change-group', { groupId: group!.id, colour: { name: 'reed', hex: 'green' } }, /# and six digits/],
  ['add-entry', { compartment: 'coatings', entry: { ...enamel!, volumeSolids: 120 } }, /At most 100%\./],
  ['add-entry', { compartment: 'coatings', entry: { ...enamel!, recoatMax: 0.5 } }, /before it opens/],
  [
    'add-finding',
    { entry: { ...greasy, id: 'f2', result: 'sticky' } },
    /“sticky” isn’t a result of Grease and wax\. Use one of: Clean, Grease, Wax or silicone\./,
  ],
  ['split-group', { groupId: group!.id, pieceIds: ['a', 'b'], name: 'All' }, /Leave at least one piece in the group\./],
  ['remove-entry', { compartment: 'coatings', id: 'gone' }, /no longer on the shelf/],
  [
    'add-room',
    {
      entry: {
        id: 'stair',
        name: 'Stair',
        climateId: 'gone',
        maxOff: null,
        zonesAtOnce: null,
        bearing: null,
        tasks: [],
      },
    },
    /No climate has the id gone\./,
  ],
  ['change-place', { id: bench!.id, facts: { slots: 0 } }, /At least 1 space\./],
  ['remove-climate', { id: 'house' }, /First room, Landing still use it\. Change their conditions first\./],
  ['remove-reading', { id: 'gone' }, /no longer in the job/],
  ['change-recipe', { id: recipe.id, facts: { parts: [] } }, /at least one part/],
  ['choose-strokes', { ...strokes, groupId: 'gone' }, /no longer in the job/],
  ['choose-strokes', { ...strokes, reach: 20 }, /At least 200 mm\./],
  ['forget-strokes', { ...strokes, kind: 'railing' }, /Already the default\./],
  ['change-pricing', { hourlyRate: -5 }, /Must be 0 or more\./],
  [
    'take-hours',
    { climateId: 'gone', hours: [hour(7, 11)], source: 'file', name: 'x', at: '2027-03-01T10:00' },
    /no longer/,
  ],
  [
    'take-readings',
    {
      readings: [
        {
          id: 'r',
          kind: 'air',
          at: '2027-03-01T09:00',
          climateId: 'house',
          temperature: 18,
          humidity: 120,
          from: 'typed',
        },
      ],
    },
    /Humidity must be 1 to 100%\./,
  ],
  [
    'pin-tasks',
    { pins: [{ taskId: 'a/wash', start: '2027-03-01T08:00', painters: ['nobody'] }] },
    /painter is no longer in the job/,
  ],
  [
    'pin-tasks',
    {
      pins: ['2027-03-01T08:00', '2027-03-02T08:00'].map((at) => ({
        taskId: 'a/wash',
        start: at,
        painters: ['painter-1'],
      })),
    },
    /Pin each step to one time only\./,
  ],
  [
    'add-painter',
    { entry: { id: 'p', name: 'P', skill: 'steady', week: usualWeek(), from: '2027-03-09', until: '2027-03-08' } },
    /^Last day must be after the first\.$/,
  ],
  ['change-planning', { start: '31 March' }, /Choose the first day/],
  [
    'add-painter',
    {
      entry: {
        id: 'p',
        name: 'P',
        skill: 'steady',
        week: { ...usualWeek(), mon: [{ from: '12:00', until: '08:00' }] },
      },
    },
    /^End must be after start\.$/,
  ],
  [
    'add-painter',
    {
      entry: {
        id: 'p',
        name: 'P',
        skill: 'steady',
        week: {
          ...usualWeek(),
          mon: [
            { from: '08:00', until: '12:00' },
            { from: '11:00', until: '16:00' },
          ],
        },
      },
    },
    /^Shifts on one day can’t overlap\.$/,
  ],
];

for (const [name, args, message] of REFUSED) {
  test(`${name} refuses with a reason: ${String(message)}`, () => {
    const outcome = applyCommand(start, name, args as never);
    assert.ok(!outcome.ok, 'refused');
    assert.match(outcome.message, message);
  });
}

test('a place of each kind has to stay, and the last bench can’t become a rack', () => {
  const outcome = applyCommand(start, 'change-place', { id: bench!.id, facts: { kind: 'rack' } });
  assert.ok(!outcome.ok);
  assert.match(outcome.message, /at least one bench/);
});
