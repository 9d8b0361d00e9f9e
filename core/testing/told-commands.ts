import { emptyShelf } from '../shelf/shelf.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import type { Job } from '../job/document/schema.ts';
import { buildUp, DOOR } from './jobs.ts';
import {
  helper,
  drilling,
  greasy,
  patch,
  ownWash,
  hour,
  recipe,
  strokes,
  start,
  divided,
  entry,
  plan,
  group,
  climate,
  bench,
  enamel,
  tin,
  defect,
} from './worked-job.ts';
import { ownEntries } from '../job/document/own-entries.ts';
import type { CommandArgs, CommandName } from '../job/commands/apply.ts';

/** For every command: what it is given, what history calls it, and what must be true afterwards. */
export const TOLD: { [N in CommandName]: [CommandArgs<N>, RegExp, (job: Job) => boolean] } = {
  'add-pieces': [
    { ids: ['c', 'd'], kind: 'flush-door', piece: DOOR },
    /^Add 2 flush doors$/,
    (job) => job.pieces.map(({ mark }) => mark).join() === 'D-01,D-02,D-03,D-04',
  ],
  'duplicate-piece': [
    { id: 'a', ids: ['c'] },
    /^Copy D-01 ×1$/,
    (job) => job.pieces[1]?.id === 'c' && job.pieces[1].hardware.every(({ bagged }) => bagged === 0),
  ],
  'change-pieces': [
    { ids: ['a', 'b'], facts: { note: 'sticks' }, shape: { thickness: 44, bevelDepth: 9 } },
    /^Change sizes, note of D-01, D-02$/,
    (job) =>
      job.pieces.every(({ note, shape }) => note === 'sticks' && shape.thickness === 44 && !('bevelDepth' in shape)),
  ],
  'switch-heating': [
    { climateId: 'spare', onSince: '2027-03-01T16:30' },
    /^Heating on: Spare$/,
    (job) => job.climates.find(({ id }) => id === 'spare')?.heating?.onSince === '2027-03-01T16:30',
  ],
  'tick-room-task': [
    { roomId: 'room-1', taskId: 'sheets', doneAt: '2027-03-01T08:10' },
    /^Done in /,
    (job) => job.rooms[0]?.tasks[0]?.doneAt === '2027-03-01T08:10',
  ],
  'copy-holes': [
    { from: 'b', ids: ['a'] },
    /^Holes of D-02 on 1 piece$/,
    (job) => job.pieces[0]?.drillings.map(({ name }) => name).join() === 'knob',
  ],
  'revise-pieces': [
    {
      edits: [
        { id: 'a', facts: { note: 'sticks' } },
        { id: 'b', facts: { surface: { ...DOOR.surface, substrate: 'oak' } }, shape: { thickness: 44 } },
      ],
    },
    /^Set D-01, D-02$/,
    (job) =>
      job.pieces[0]?.note === 'sticks' &&
      job.pieces[1]?.shape.thickness === 44 &&
      job.pieces[1].groupId !== job.pieces[0].groupId,
  ],
  survey: [
    {
      rooms: [{ ...start.rooms[1]!, id: 'stair', name: 'Stair' }],
      pieces: [
        { id: 'c', kind: 'railing', piece: usualPiece('railing', 'stair') },
        { id: 'd', kind: 'panelled-door', piece: usualPiece('panelled-door', 'stair') },
        { id: 'e', kind: 'flush-door', piece: DOOR },
      ],
    },
    /^Add 3 pieces$/,
    (job) => job.pieces.map(({ mark }) => mark).join() === 'D-01,D-02,R-01,D-03,D-04' && job.rooms.length === 3,
  ],
  'remove-pieces': [{ ids: ['a'] }, /^Remove D-01$/, (job) => job.pieces.map(({ id }) => id).join() === 'b'],
  'move-piece': [{ id: 'a', to: 1 }, /^Move D-01$/, (job) => job.pieces.map(({ id }) => id).join() === 'b,a'],
  'count-hardware': [
    { id: 'a', item: 0, bagged: 1 },
    /^Count the bag of D-01$/,
    (job) => job.pieces[0]?.hardware[0]?.bagged === 1 && job.pieces[1]?.hardware[0]?.bagged === 0,
  ],
  'add-hardware': [
    { id: 'a', name: 'door closer', count: 1 },
    /^Add door closer to D-01$/,
    (job) => job.pieces[0]?.hardware.at(-1)?.name === 'door closer',
  ],
  'remove-hardware': [
    { id: 'a', item: 0 },
    /^Take hardware off the list of D-01$/,
    (job) => job.pieces[0]?.hardware[0]?.name === 'hinge screw',
  ],
  'fill-holes': [
    { ids: ['a', 'b'], count: 4 },
    /^Fill 4 holes of 2 pieces$/,
    (job) => job.pieces.every(({ filledHoles }) => filledHoles === 4),
  ],
  'add-drilling': [
    { ids: ['a', 'b'], drilling },
    /^Drill 2 pieces for bar pull$/,
    (job) => job.pieces.every(({ drillings }) => drillings.some(({ centres }) => centres === 160)),
  ],
  'remove-drilling': [
    { id: 'b', drillingId: 'knob' },
    /^Drill less on D-02$/,
    (job) => job.pieces[1]?.drillings.length === 0,
  ],
  'add-photo': [
    { id: 'a', photo: { id: 'photo-1', caption: 'crack', width: 1600, height: 1200, spots: [] } },
    /^Photo of D-01$/,
    (job) => job.pieces[0]?.photos[0]?.caption === 'crack',
  ],
  'remove-photo': [
    { id: 'b', photoId: 'photo-0' },
    /^Take a photo off D-02$/,
    (job) => job.pieces[1]?.photos.length === 0,
  ],
  'change-site': [
    { yearBuilt: 1936 },
    /^Change year built of the site$/,
    (job) => job.site.yearBuilt === 1936 && job.site.timeZone === 'Europe/Berlin',
  ],
  'change-cutting': [
    { stock: [2400, 3000] },
    /^Change stock of the cut list$/,
    (job) => job.cutting.stock.length === 2 && job.cutting.kerf === 3,
  ],
  'choose-build-up': [
    { groupId: group!.id, buildUp: buildUp('enamel-oil'), chosenFor: 'softwood' },
    /^Choose the build-up of Softwood, oil gloss$/,
    (job) => job.groups[0]?.buildUp?.coats[2]?.product === 'enamel-oil',
  ],
  'change-group': [
    { groupId: group!.id, name: 'Doors', colour: { name: 'reed', hex: '#8fa37c' } },
    /^Change Softwood, oil gloss$/,
    (job) => job.groups[0]?.name === 'Doors' && job.groups[0].colour.name === 'reed',
  ],
  'keep-build-up': [
    { groupId: group!.id, chosenFor: 'oak' },
    /^Keep the build-up of Softwood, oil gloss$/,
    (job) => job.groups[0]?.chosenFor === 'oak' && job.groups[0].buildUp !== null,
  ],
  'change-weights': [
    { smell: 4 },
    /^Change what counts$/,
    (job) => job.weights.smell === 4 && job.weights.risk === start.weights.risk,
  ],
  'split-group': [
    { groupId: group!.id, pieceIds: ['b'], name: 'Back doors' },
    /^Split off Back doors$/,
    (job) => job.groups[1]?.byHand === true && job.pieces[1]?.groupId === job.groups[1].id && job.findings.length === 2,
  ],
  'merge-groups': [
    { from: 'group-2', into: group!.id },
    /^Put Back doors into Softwood, oil gloss$/,
    (job) => job.groups.length === 1 && job.pieces.every(({ groupId }) => groupId === group!.id),
  ],
  'add-finding': [
    { entry: { ...greasy, id: 'f2', result: 'clean' } },
    /^What is on it: clean \(Softwood, oil gloss\)$/,
    (job) => job.findings.map(({ result }) => result).join() === 'grease,clean',
  ],
  'remove-finding': [{ id: 'f1' }, /^Strike out a finding$/, (job) => job.findings.length === 0],
  'change-patch': [
    { id: patch.id, facts: { read: { at: '2027-03-03T08:00', held: true } } },
    /^Read the patch on D-01, hinge edge$/,
    (job) => job.patches.length === 1 && job.patches[0]?.read?.held === true,
  ],
  'remove-patch': [{ id: 'patch-1' }, /^Strike out a test patch$/, (job) => job.patches.length === 0],
  'add-entry': [
    { compartment: 'coatings', entry: { ...enamel!, name: 'From the tin' } },
    /^Put From the tin on the shelf$/,
    (job) => job.shelf.coatings[0]?.name === 'From the tin',
  ],
  'remove-entry': [
    { compartment: 'cleaners', id: 'own-wash' },
    /^Take off Own wash$/,
    (job) => job.shelf.cleaners.length === 0,
  ],
  'take-shelf': [
    { shelf: { ...emptyShelf(), cleaners: [ownWash], coatings: [enamel!] } },
    /^Take in 2 entries of a shelf$/,
    (job) => job.shelf.cleaners.length === 1 && job.shelf.coatings.length === 1,
  ],
  'rename-job': [{ name: ' Mill cottage ' }, /^Rename the job to Mill cottage$/, (job) => job.name === 'Mill cottage'],
  'change-settings': [
    { units: 'us' },
    /^Change units$/,
    (job) => job.settings.units === 'us' && job.settings.vocabulary === 'uk',
  ],
  'add-room': [
    {
      entry: { ...start.rooms[1]!, id: 'room-3', name: 'Stair', maxOff: 2 },
    },
    /^Add the room Stair$/,
    (job) => job.rooms.length === 3,
  ],
  'remove-room': [{ id: 'room-2' }, /^Remove the room Landing$/, (job) => job.rooms.length === 1],
  'remove-climate': [
    { id: 'spare' },
    /^Remove the climate Spare$/,
    (job) => job.climates.every(({ id }) => id !== 'spare'),
  ],
  'take-hours': [
    {
      climateId: 'spare',
      hours: [hour(9, 14), hour(7, 11)],
      source: 'file',
      name: 'logger.csv',
      at: '2027-03-01T10:00',
    },
    /^Take 2 hours into Spare$/,
    (job) => {
      const { hours, taken } = job.climates.at(-1)!.stated;
      return (
        hours.map(({ at, temperature }) => `${at.slice(11, 13)} ${temperature}`).join() === '07 11,08 12,09 14' &&
        taken.length === 2
      );
    },
  ],
  'forget-hours': [
    { climateId: 'spare', from: '2027-03-01T08:00' },
    /^Forget hours of Spare$/,
    (job) => job.climates.at(-1)!.stated.hours.length === 0 && job.climates.at(-1)!.stated.taken.length === 0,
  ],
  'take-readings': [
    {
      readings: [
        { id: 'read-2', kind: 'surface', at: '2027-03-01T09:00', pieceId: 'a', temperature: 14, from: 'typed' },
      ],
    },
    /^Log a reading$/,
    (job) => job.readings.map(({ id }) => id).join() === 'read-1,read-2',
  ],
  'change-mixing': [
    { bucket: 15 },
    /^Change bucket of mixing$/,
    (job) => job.mixing.bucket === 15 && job.mixing.smallest === 5,
  ],
  'change-recipe': [
    { id: recipe.id, facts: { name: 'reed, darker' } },
    /^Change the recipe reed$/,
    (job) => job.recipes.length === 1 && job.recipes[0]?.name === 'reed, darker',
  ],
  'remove-recipe': [{ id: 'reed' }, /^Remove the recipe reed$/, (job) => job.recipes.length === 0],
  'change-pricing': [
    { hourlyRate: 52, packs: { sleeves: { count: 5, price: 9 } } },
    /^Change hourly rate, packs of the price$/,
    (job) => job.pricing.hourlyRate === 52 && job.pricing.margin === 12 && job.pricing.packs.sleeves?.price === 9,
  ],
  'choose-strokes': [
    strokes,
    /^Choose the strokes on flush doors of /,
    (job) => job.strokes.map(({ product }) => product).join() === 'prime-bond-wb,enamel-acrylic',
  ],
  'forget-strokes': [
    { groupId: 'group-1', kind: 'flush-door', product: 'prime-bond-wb' },
    /^Back to the usual strokes on flush doors$/,
    (job) => job.strokes.length === 0,
  ],
  'remove-reading': [{ id: 'read-1' }, /^Remove a reading$/, (job) => job.readings.length === 0],
  'change-climate': [
    { id: climate!.id, facts: { ventilation: 'fan' } },
    /^Change the climate of House$/,
    (job) => job.climates[0]?.ventilation === 'fan',
  ],
  'change-place': [{ id: bench!.id, facts: { slots: 3 } }, /^Change Bench$/, (job) => job.places[0]?.slots === 3],
  'add-painter': [
    { entry: { ...helper, id: 'painter-3', name: 'Second helper' } },
    /^Add Second helper to the crew$/,
    (job) => job.crew.length === 3,
  ],
  'remove-painter': [
    { id: 'painter-2' },
    /^Remove Helper$/,
    (job) => job.crew.map(({ id }) => id).join() === 'painter-1',
  ],
  'change-planning': [
    { turning: 'both-on-points' },
    /^Change turning of the plan$/,
    (job) => job.planning.turning === 'both-on-points' && job.planning.start === '2027-03-01',
  ],
  'accept-plan': [
    { plan: structuredClone(plan) as never },
    /^First plan$/,
    (job) => job.plan?.finish === 490 && job.baseline?.finish === 700,
  ],
  'pin-tasks': [
    { pins: [{ taskId: 'b/wash', start: '2027-03-02T09:00', painters: ['painter-2'] }] },
    /^Pin a task$/,
    (job) =>
      job.pins.map(({ taskId, start: at }) => `${taskId} ${at}`).join() ===
      'a/wash 2027-03-01T08:00,b/wash 2027-03-02T09:00',
  ],
  'unpin-tasks': [{ taskIds: ['a/wash'] }, /^Unpin a task$/, (job) => job.pins.length === 0],
  'give-day-off': [
    { painterIds: ['painter-2'], date: '2027-03-09', comes: false },
    /^Helper off on 2027-03-09$/,
    (job) => job.crew[1]?.daysOff.join() === '2027-03-09',
  ],
  stamp: [{ entries: [entry] }, /^Stamp: Done$/, (job) => job.log.length === 1],
  'take-stamps': [
    { entries: { ...ownEntries(start, 'phone-b', '2027-03-01T12:00:00Z'), log: [{ ...entry, device: 'phone-b' }] } },
    /^Take in 1 stamps of another device$/,
    (job) => job.log.length === 1 && job.devices[0]?.id === 'phone-b',
  ],
  'take-day': [
    { job: structuredClone(divided), device: 'phone-b', madeAt: '2027-03-01T12:00:00Z' },
    /^Take over the day from another device$/,
    (job) => job.groups.length === divided.groups.length && job.settings.units === start.settings.units,
  ],
  'measure-against': [{}, /^Measure against this plan$/, (job) => job.baseline?.finish === 700],
  'leave-out': [
    { steps: [{ taskId: 'a/wash', at: '2027-03-01T08:00', by: null, why: '' }] },
    /^Leave out a step$/,
    (job) => job.leftOut.map(({ taskId }) => taskId).join() === 'a/denib-2,a/wash',
  ],
  'take-in': [{ taskIds: ['a/denib-2'] }, /^Do it after all$/, (job) => job.leftOut.length === 0],
  'change-tin': [
    { id: tin.id, facts: { boxedWith: [], seen: { litres: 0.8, at: '2027-03-02T12:00' } } },
    /^Change a tin$/,
    (job) => job.tins.length === 2 && job.tins[0]?.seen?.litres === 0.8,
  ],
  'remove-tin': [
    { id: 'tin-1' },
    /^Take a tin off the list$/,
    (job) => job.tins.map(({ id, boxedWith }) => id + boxedWith.join()).join() === 'tin-2',
  ],
  'state-pace': [{ key: 'brush', factor: 1.3 }, /^Own pace: brush$/, (job) => job.paces.brush === 1.3],
  'tick-holes': [
    { id: 'b', filled: 2, drilling: { id: 'knob', isDrilled: true } },
    /^Holes of D-02$/,
    (job) => job.pieces[1]?.holesDone.filled === 2 && job.pieces[1].holesDone.drilled.join() === 'knob',
  ],
  'keep-apart': [
    { id: 'a', keptApart: { by: 'wedge', since: '2027-03-04T12:00' } },
    /^Keep D-01 off its stop$/,
    (job) => job.pieces[0]?.keptApart?.by === 'wedge' && job.pieces[1]?.keptApart === null,
  ],
  'change-defect': [
    {
      id: defect.id,
      facts: {
        photoIds: [],
        rework: {
          after: 'b/coat-1/front',
          isInPlace: false,
          steps: [{ name: 'sand', words: 'Sand it flat', minutes: 4, waitFor: 'rehang', coat: null }],
        },
      },
    },
    /^Rework of D-02 into the plan$/,
    (job) => job.defects.length === 1 && job.defects[0]?.rework?.steps[0]?.minutes === 4,
  ],
  'remove-defect': [{ id: 'defect-1' }, /^No defect on D-02$/, (job) => job.defects.length === 0],
  inspect: [
    { inspections: [{ id: 'look-1', pieceId: 'a', face: 'front', at: '2027-03-05T09:00', by: null }] },
    /^Look at D-01$/,
    (job) => job.inspections[0]?.face === 'front',
  ],
  'add-film-check': [
    {
      filmCheck: {
        ...{ id: 'film-1', check: 'fingernail', pieceId: 'a', face: 'front', at: '2027-03-05T09:00' },
        ...{ held: true, note: '' },
      },
    },
    /^Check the film on D-01$/,
    (job) => job.filmChecks[0]?.held === true,
  ],
  'sign-off': [
    { signOff: { roomId: 'room-2', at: '2027-03-06T12:00', by: 'Caretaker', remark: 'scratch on the sill' } },
    /^Sign off Landing$/,
    (job) => job.signOffs.map(({ by }) => by).join() === 'Caretaker',
  ],
  'withdraw-sign-off': [{ roomId: 'room-2' }, /^Open Landing again$/, (job) => job.signOffs.length === 0],
  'change-hand-over': [
    { owner: 'Caretaker' },
    /^Change the hand-over$/,
    (job) => job.handOver.owner === 'Caretaker' && job.handOver.painter === '',
  ],
  'change-drilling': [
    { id: 'b', drillingId: 'knob', facts: { diameter: 8 } },
    /^Change holes of D-02$/,
    (job) => job.pieces[1]?.drillings[0]?.diameter === 8 && job.pieces[1].drillings[0].name === 'knob',
  ],
  'change-photo': [
    { id: 'b', photoId: 'photo-0', facts: { spots: { s: { id: 's', x: 0.5, y: 0.5, words: 'crack' } } } },
    /^Mark a photo of D-02$/,
    (job) => job.pieces[1]?.photos[0]?.spots[0]?.words === 'crack' && job.pieces[1].photos[0].width === 800,
  ],
  'change-finding': [
    { id: 'f1', facts: { note: 'near the lock' } },
    /^Correct a finding: what is on it$/,
    (job) => job.findings[0]?.note === 'near the lock' && job.findings[0].result === 'grease',
  ],
  'add-patch': [
    { entry: { ...patch, id: 'patch-2', where: 'D-02, sill', coats: [...patch.coats] } },
    /^Test patch on D-02, sill$/,
    (job) => job.patches.length === 2,
  ],
  'change-entry': [
    { compartment: 'coatings', id: 'enamel-acrylic', facts: { hours: { recoat: 6 } } },
    /^State Trim enamel, acrylic$/,
    (job) => job.shelf.coatings[0]?.hours.recoat === 6 && job.shelf.coatings[0].hours.touch > 0,
  ],
  'add-recipe': [
    { entry: { ...recipe, id: 'moss', name: 'moss' } },
    /^Add the recipe moss$/,
    (job) => job.recipes.map(({ name }) => name).join() === 'reed,moss',
  ],
  'change-room': [
    { id: 'room-1', facts: { maxOff: 2, tasks: { sheets: { minutes: 25 } } } },
    /^Change the room First room$/,
    (job) => job.rooms[0]?.maxOff === 2 && job.rooms[0].tasks[0]?.minutes === 25 && job.rooms[0].tasks[0].people === 1,
  ],
  'add-climate': [
    { entry: { ...climate!, id: 'attic', name: 'Attic' } },
    /^Add the climate Attic$/,
    (job) => job.climates.at(-1)?.id === 'attic',
  ],
  'change-painter': [
    { id: 'painter-2', facts: { week: { sat: [{ from: '08:00', until: '12:00' }] } } },
    /^State the hours of Helper$/,
    (job) => job.crew[1]?.week.sat.length === 1 && job.crew[1].week.mon.length > 0,
  ],
  'add-stock': [{ entry: { id: 's', product: 'x', hex: null, litres: 1 } }, /^Note/, (job) => job.stock.length === 2],
  'change-stock': [{ id: 'stock-1', facts: { litres: 2 } }, /^Change/, (job) => job.stock[0]?.litres === 2],
  'remove-stock': [{ id: 'stock-1' }, /^Take paint out of stock$/, (job) => job.stock.length === 0],
  'confirm-lifted': [{}, /^Confirm/, (job) => job.lifted.length === 0],
  'add-tin': [
    { entry: { ...tin, id: 'tin-3', boxedWith: ['tin-1'] } },
    /^Open a tin$/,
    (job) => job.tins.map(({ id }) => id).join() === 'tin-1,tin-2,tin-3',
  ],
  'add-defect': [
    { entry: { ...defect, id: 'defect-2', pieceId: 'a', photoIds: [] } },
    /^Defect on D-01$/,
    (job) => job.defects.length === 2,
  ],
};
