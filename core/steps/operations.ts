import type { PaceKey } from '../job/document/crew-schema.ts';
import type { DryingStage } from '../shelf/coating.ts';
import type { HazardId } from '../shelf/hazards.ts';

/** What is got out for work without paint, under one key for what serves several operations. */
interface Kit {
  key: string;
  /** To get it out, at a professional's pace. */
  minutes: number;
  words: string;
}

/** The headings under which a price states hours. */
export type PriceHeading = 'hanging' | 'keying' | 'filling' | 'coats';

/** All that there is to know of one kind of work on a piece. */
export interface OperationDefinition {
  /** On a sheet; a coat and rework are worded by what they are. */
  words: string;
  /** Instead, on a piece without hardware. */
  bareWords?: string;
  /** On a bar of the board. */
  short: string;
  /** Which part of the work it is, for its colour on the board and for the days of each part. */
  phase: 'prepare' | 'coat' | 'put-right' | 'hang';
  /** Whether it is done on the bench, to a piece that comes off. */
  isBenchWork: boolean;
  /** Whether it takes the piece off, hangs it for a night, or brings it back to stay; null where it does not move it. */
  moves: 'off' | 'night' | 'back' | null;
  /** Whether the piece is lifted off its hinges or onto them. */
  isLifted: boolean;
  /** Whether hardware stays on while it is lifted. */
  leavesHardware: boolean;
  /** What a piece is then: “hung”. */
  doneWord: string;
  /** Whose pace counts; null for a coat, which goes by its tool. */
  pace: PaceKey | null;
  /** Under which heading of a price its hours stand; null for rework, which is not charged. */
  pricedAs: PriceHeading | null;
  kit: Kit | null;
  hazards: readonly HazardId[];
  /** Whether it puts a coat on. */
  laysCoat: boolean;
  /** Whether it roughens old paint or takes it off. */
  disturbsOldPaint: boolean;
  /** Whether it fills the air with dust. */
  isDusty: boolean;
  /** What a coat on the piece must have reached before; null where that is the coat's own affair. */
  awaits: DryingStage | null;
  /** Whether it is done between two coats of one layer upon the other, so that the piece stays where it dries. */
  isBetweenCoats: boolean;
  /** What fails where it is left out: that dirt is off, that grain is closed, that lines or furniture stay clean. */
  serves: 'cleaning' | 'grain' | 'masking' | 'furniture' | null;
}

const PREPARATION = {
  phase: 'prepare',
  isBenchWork: true,
  moves: null,
  isLifted: false,
  leavesHardware: false,
  doneWord: 'done',
  hazards: [],
  laysCoat: false,
  disturbsOldPaint: false,
  isDusty: false,
  awaits: null,
  isBetweenCoats: false,
  serves: null,
} as const;

const HARDWARE_KIT: Kit = { key: 'kit/hardware', minutes: 1, words: 'Screwdrivers, bags and labels' };

/** What is done on hinges, or to furniture. */
const HANGING = { ...PREPARATION, isBenchWork: false, kit: HARDWARE_KIT, pricedAs: 'hanging' } as const;

/** What is done to a piece, in the order of the work. */
export const OPERATIONS = {
  'take-off': {
    ...HANGING,
    words: 'Take off and bag hardware',
    short: 'take off',
    moves: 'off',
    isLifted: true,
    pace: 'hardware',
    serves: 'furniture',
  },
  'take-down': {
    ...HANGING,
    words: 'Take down again',
    short: 'take down',
    phase: 'hang',
    moves: 'off',
    isLifted: true,
    leavesHardware: true,
    pace: 'rehang',
  },
  mask: {
    ...PREPARATION,
    words: 'Take off hardware and mask',
    bareWords: 'Mask',
    short: 'mask',
    isBenchWork: false,
    pace: 'mask',
    pricedAs: 'hanging',
    kit: { key: 'kit/mask', minutes: 1, words: 'Tape, paper and sheets' },
    serves: 'masking',
  },
  wash: {
    ...PREPARATION,
    words: 'Wash and rinse',
    short: 'wash',
    pace: 'wash',
    pricedAs: 'keying',
    kit: { key: 'kit/wash', minutes: 3, words: 'Buckets, cloths and cleaner' },
    serves: 'cleaning',
  },
  abrade: {
    ...PREPARATION,
    words: 'Sand and dust off',
    short: 'abrade',
    pace: 'abrade',
    pricedAs: 'keying',
    kit: { key: 'kit/abrade', minutes: 2, words: 'Abrasive, block and vacuum cleaner' },
    hazards: ['dust'],
    disturbsOldPaint: true,
    isDusty: true,
  },
  'wet-abrade': {
    ...PREPARATION,
    words: 'Wet-sand and wipe off',
    short: 'wet-sand',
    pace: 'abrade',
    pricedAs: 'keying',
    kit: { key: 'kit/wet-abrade', minutes: 3, words: 'Wet abrasive and water' },
    disturbsOldPaint: true,
    serves: 'cleaning',
  },
  degloss: {
    ...PREPARATION,
    words: 'Degloss',
    short: 'degloss',
    pace: 'wash',
    pricedAs: 'keying',
    kit: { key: 'kit/degloss', minutes: 2, words: 'Deglosser and cloths' },
    hazards: ['solvent'],
    disturbsOldPaint: true,
  },
  scrape: {
    ...PREPARATION,
    words: 'Scrape off loose paint',
    short: 'scrape',
    pace: 'abrade',
    pricedAs: 'keying',
    kit: { key: 'kit/scrape', minutes: 2, words: 'Scrapers, sheets and vacuum cleaner' },
    hazards: ['dust'],
    disturbsOldPaint: true,
    isDusty: true,
  },
  'wet-scrape': {
    ...PREPARATION,
    words: 'Scrape off loose paint, wet',
    short: 'scrape wet',
    pace: 'abrade',
    pricedAs: 'keying',
    kit: { key: 'kit/wet-scrape', minutes: 4, words: 'Scrapers, spray bottle, sheets and waste bags' },
    disturbsOldPaint: true,
  },
  feather: {
    ...PREPARATION,
    words: 'Feather the edges of the old paint',
    short: 'feather',
    pace: 'abrade',
    pricedAs: 'keying',
    kit: { key: 'kit/abrade', minutes: 2, words: 'Abrasive, block and vacuum cleaner' },
    hazards: ['dust'],
    disturbsOldPaint: true,
    isDusty: true,
  },
  'wet-feather': {
    ...PREPARATION,
    words: 'Feather the edges of the old paint, wet',
    short: 'feather wet',
    pace: 'abrade',
    pricedAs: 'keying',
    kit: { key: 'kit/wet-abrade', minutes: 3, words: 'Wet abrasive and water' },
    disturbsOldPaint: true,
  },
  'spot-fill': {
    ...PREPARATION,
    words: 'Fill where paint came off, and sand flush',
    short: 'spot-fill',
    pace: 'fill',
    pricedAs: 'filling',
    kit: { key: 'kit/filler', minutes: 2, words: 'Filler and knife' },
    isDusty: true,
  },
  'dust-off': {
    ...PREPARATION,
    words: 'Vacuum and wipe off dust',
    short: 'dust off',
    pace: 'wash',
    pricedAs: 'keying',
    kit: { key: 'kit/dust-off', minutes: 1, words: 'Vacuum cleaner, brush and tack cloth' },
  },
  plant: {
    ...PREPARATION,
    words: 'Cut moulding, glue it on and tape it down',
    short: 'moulding',
    pace: 'fill',
    pricedAs: 'filling',
    kit: { key: 'kit/moulding', minutes: 8, words: 'Mitre saw, glue and tape' },
  },
  fill: {
    ...PREPARATION,
    words: 'Fill, sand flush and dust off',
    short: 'fill',
    pace: 'fill',
    pricedAs: 'filling',
    kit: { key: 'kit/filler', minutes: 2, words: 'Filler and knife' },
    isDusty: true,
  },
  caulk: {
    ...PREPARATION,
    words: 'Caulk the joints',
    short: 'caulk',
    pace: 'fill',
    pricedAs: 'filling',
    kit: { key: 'kit/caulk', minutes: 1, words: 'Caulk gun and a wet finger' },
  },
  putty: {
    ...PREPARATION,
    words: 'Putty along the glass',
    short: 'putty',
    pace: 'fill',
    pricedAs: 'filling',
    kit: { key: 'kit/putty', minutes: 3, words: 'Putty and knife' },
  },
  drill: {
    ...PREPARATION,
    words: 'Drill by the template',
    short: 'drill',
    pace: 'fill',
    pricedAs: 'filling',
    kit: { key: 'kit/drill', minutes: 3, words: 'Drill and template' },
  },
  'grain-fill': {
    ...PREPARATION,
    words: 'Fill the grain, sand and dust off',
    short: 'fill grain',
    pace: 'fill',
    pricedAs: 'filling',
    kit: { key: 'kit/grain-filler', minutes: 3, words: 'Grain filler and spreader' },
    isDusty: true,
    serves: 'grain',
  },
  preserve: {
    ...PREPARATION,
    words: 'Brush on preservative',
    short: 'preserve',
    pace: 'brush',
    pricedAs: 'filling',
    kit: { key: 'kit/preservative', minutes: 2, words: 'Preservative and brush' },
  },
  denib: {
    ...PREPARATION,
    words: 'Denib and dust off',
    short: 'denib',
    phase: 'coat',
    pace: 'denib',
    pricedAs: 'coats',
    kit: { key: 'kit/denib', minutes: 1, words: 'Fine abrasive and tack cloth' },
    isDusty: true,
    awaits: 'recoat',
    isBetweenCoats: true,
  },
  coat: {
    ...PREPARATION,
    words: 'Coat',
    short: 'coat',
    phase: 'coat',
    pace: null,
    pricedAs: 'coats',
    kit: null,
    laysCoat: true,
  },
  'put-right': {
    ...PREPARATION,
    words: 'Make good',
    short: 'make good',
    phase: 'put-right',
    pace: 'denib',
    pricedAs: null,
    kit: { key: 'kit/put-right', minutes: 2, words: 'Repair kit' },
    hazards: ['dust'],
    isDusty: true,
  },
  'hang-for-night': {
    ...HANGING,
    words: 'Hang for the night',
    short: 'hang for night',
    phase: 'hang',
    moves: 'night',
    isLifted: true,
    leavesHardware: true,
    pace: 'rehang',
    awaits: 'handle',
  },
  rehang: {
    ...HANGING,
    words: 'Rehang',
    short: 'hang',
    phase: 'hang',
    moves: 'back',
    isLifted: true,
    doneWord: 'hung',
    pace: 'rehang',
    awaits: 'rehang',
  },
  refit: {
    ...HANGING,
    words: 'Refit hardware',
    bareWords: 'Pull the tape',
    short: 'refit',
    phase: 'hang',
    moves: 'back',
    doneWord: 'refitted',
    pace: 'hardware',
    awaits: 'handle',
  },
} as const satisfies Record<string, OperationDefinition>;

export type Operation = keyof typeof OPERATIONS;

/** The kind of work that a step is. */
export const operationOf = ({ operation }: { operation: Operation }): OperationDefinition => OPERATIONS[operation];
