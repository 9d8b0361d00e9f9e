import { inSentence } from '../units/sentence.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import { MAX_ZONE, type Piece, type StatedPiece } from '../job/document/piece-schema.ts';
import { roomOf } from '../job/queries/places.ts';
import type { Job } from '../job/document/schema.ts';
import { FACTS } from './typed-line/facts.ts';
import type { Shape, ShapeField, ShapeValue } from '../pieces/shape.ts';
import { EDGE_IDS, FACE_IDS } from '../pieces/elevation.ts';
import { definitionOf, type PieceKind } from '../pieces/registry.ts';
import {
  CONDITION_IDS,
  CONDITIONS,
  EXISTING_COAT_IDS,
  EXISTING_COATS,
  SUBSTRATE_IDS,
  SUBSTRATES,
} from '../pieces/substrate.ts';
import { formatLength, lengthFieldText, parseLength } from '../units/length.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';

/** What the cells of a row have stated so far. */
export interface CellContext {
  job: Job;
  kind: PieceKind;
  shape: Record<string, ShapeValue>;
  piece: StatedPiece;
  room: { id: string } | { name: string } | null;
  count: number;
}

/** One column of a list of pieces: how it is named, written and read. */
interface Column {
  name: string;
  /** What others call it. */
  alsoNamed: readonly string[];
  /** The words that it takes, where it takes only these. */
  choices?: readonly string[];
  write?(piece: Piece, job: Job): string;
  read?(cell: string, context: CellContext): Outcome<unknown>;
}

/** Sizes that have a column of their own; the rest of a shape stands together in one. */
const SIZE_KEYS = ['width', 'height', 'thickness', 'length', 'depth'] as const;

const fieldOf = (kind: PieceKind, key: string): ShapeField | undefined =>
  definitionOf(kind).fields.find((field) => field.key === key);

function size(key: (typeof SIZE_KEYS)[number], name: string, ...alsoNamed: string[]): Column {
  return {
    name,
    alsoNamed,
    write: (piece, job) => {
      const value = piece.shape[key];
      return typeof value === 'number' ? lengthFieldText(value, job.settings.units) : '';
    },
    read: (cell, context) => {
      const field = fieldOf(context.kind, key);
      const { units } = context.job.settings;
      if (!field) {
        return refused(`${definitionOf(context.kind).name} has no ${inSentence(name)}. Leave the cell empty.`);
      }
      const length = parseLength(cell, units);
      if (!length.ok) return length;
      if ('max' in field && (length.value < field.min || length.value > field.max)) {
        return refused(
          `${field.label} ${formatLength(length.value, units)} – must be ${formatLength(field.min, units)} to ${formatLength(field.max, units)}.`,
        );
      }
      context.shape[key] = length.value;
      return length;
    },
  };
}

const shapeText = (value: ShapeValue): string => (typeof value === 'object' ? value.join(' ') : String(value));

/** `panel=raised; rowShares=2 5 5`, in mm. */
function readShape(cell: string, context: CellContext): Outcome<unknown> {
  for (const pair of cell
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean)) {
    const [key = '', value = ''] = pair.split('=').map((part) => part.trim());
    const field = fieldOf(context.kind, key);
    if (!field) {
      const known = definitionOf(context.kind)
        .fields.map((entry) => entry.key)
        .join(', ');
      return refused(
        `${definitionOf(context.kind).name} has no “${key}”. Type pairs like panel=raised. Known: ${known}.`,
      );
    }
    if (field.unit === 'choice') context.shape[key] = value;
    else {
      const numbers = value.split(/\s+/).map(Number);
      if (numbers.some((number) => !Number.isFinite(number)))
        return refused(`Can’t read “${value}” for ${key}. Type a number.`);
      context.shape[key] = field.unit === 'shares' || field.unit === 'profile' ? numbers : (numbers[0] ?? 0);
    }
  }
  return accepted(context.shape);
}

/** A column with one of several words: by id, by its full name, or as it is typed in a line. */
function oneOf<T extends string>(
  name: string,
  alsoNamed: string[],
  ids: readonly T[],
  said: (id: T) => string,
  of: (piece: StatedPiece) => T,
  state: (piece: StatedPiece, id: T) => StatedPiece,
): Column {
  return {
    name,
    alsoNamed,
    choices: ids.map(said),
    write: (piece) => said(of(piece)),
    read: (cell, context) => {
      const typed = cell.toLowerCase();
      const id = ids.find((candidate) => candidate === typed || said(candidate).toLowerCase() === typed);
      if (id !== undefined) {
        context.piece = state(context.piece, id);
        return accepted(id);
      }
      const fact = FACTS.find(({ words }) => words.includes(typed));
      if (fact) {
        const withFact = (piece: StatedPiece): StatedPiece => fact.state(piece, definitionOf(context.kind));
        const stated = withFact(context.piece);
        // A word of another column never changes the value of this one.
        if (ids.some((id) => id !== of(stated) && of(withFact(state(context.piece, id))) === of(stated))) {
          context.piece = stated;
          return accepted(of(stated));
        }
      }
      return refused(`Can’t read “${cell}”. Use one of: ${ids.map(said).join(', ')}.`);
    },
  };
}

/** Names of faces or edges, separated by anything but letters; “all” and “none” as well. */
function namedParts<T extends string>(
  cell: string,
  ids: readonly T[],
  nameOf: (id: T) => string | undefined,
): Outcome<T[]> {
  const known = ids.filter((id) => nameOf(id) !== undefined);
  const said = cell.toLowerCase();
  if (['all', 'both'].includes(said)) return accepted(known);
  if (['none', '-', 'no'].includes(said)) return accepted([]);
  const parts = said
    .split(/[,;+/&]| and /)
    .map((part) => part.trim())
    .filter(Boolean);
  const found: T[] = [];
  for (const part of parts) {
    const id = known.find((candidate) => candidate === part || nameOf(candidate)?.toLowerCase() === part);
    if (id === undefined) {
      return refused(
        `Can’t read “${part}”. Use ${known.map((entry) => nameOf(entry)).join(', ') || 'none'}, all or none.`,
      );
    }
    found.push(id);
  }
  return accepted(known.filter((id) => found.includes(id)));
}

const YES = ['yes', 'y', 'true', 'x', '1'];
const NO = ['no', 'n', 'false', '-', '0', ''];

function yesOrNo(
  name: string,
  alsoNamed: string[],
  of: (piece: StatedPiece) => boolean,
  state: (piece: StatedPiece, is: boolean) => StatedPiece,
): Column {
  return {
    name,
    alsoNamed,
    choices: ['yes', ''],
    write: (piece) => (of(piece) ? 'yes' : ''),
    read: (cell, context) => {
      const said = cell.toLowerCase();
      if (!YES.includes(said) && !NO.includes(said)) return refused(`Can’t read “${cell}”. Type yes or no.`);
      context.piece = state(context.piece, YES.includes(said));
      return accepted(said);
    },
  };
}

const EXPOSED = ['inside', 'outside'] as const;

const COLUMN_OF = {
  mark: { name: 'Tag', alsoNamed: ['mark', 'no', 'number'], write: (piece) => piece.mark },
  kind: {
    name: 'Kind',
    alsoNamed: ['piece', 'item', 'type', 'description', 'what'],
    write: (piece) => definitionOf(piece.kind).name,
  },
  count: {
    name: 'How many',
    alsoNamed: ['count', 'qty', 'quantity', 'pcs', 'number of'],
    read: (cell, context) => {
      const count = Number(cell);
      if (!Number.isInteger(count) || count < 1 || count > 200) return refused('Type a whole number, 1 to 200.');
      context.count = count;
      return accepted(count);
    },
  },
  room: {
    name: 'Room',
    alsoNamed: ['place', 'location', 'where', 'area'],
    write: (piece, job) => roomOf(job, piece)?.name ?? '',
    read: (cell, context) => {
      const known = context.job.rooms.find((room) => room.name.toLowerCase() === cell.toLowerCase());
      if (cell.length > 120) return refused('Keep the room’s name under 120 characters.');
      context.room = known ? { id: known.id } : { name: cell };
      return accepted(cell);
    },
  },
  width: size('width', 'Width', 'w', 'wide'),
  height: size('height', 'Height', 'h', 'high'),
  thickness: size('thickness', 'Thickness', 't', 'thick', 'thk'),
  length: size('length', 'Length', 'l', 'long', 'run'),
  depth: size('depth', 'Depth', 'd', 'deep'),
  shape: {
    name: 'Shape',
    alsoNamed: [],
    write: (piece) =>
      Object.entries(piece.shape)
        .filter(([key]) => !(SIZE_KEYS as readonly string[]).includes(key))
        .map(([key, value]) => `${key}=${shapeText(value)}`)
        .join('; '),
    read: readShape,
  },
  substrate: oneOf(
    'Material',
    ['made of', 'substrate', 'wood', 'timber'],
    SUBSTRATE_IDS,
    (id) => SUBSTRATES[id].name,
    (piece) => piece.surface.substrate,
    (piece, substrate) => ({ ...piece, surface: { ...piece.surface, substrate } }),
  ),
  existing: oneOf(
    'Existing finish',
    ['on it now', 'existing', 'existing coat', 'old coat', 'finish', 'current finish'],
    EXISTING_COAT_IDS,
    (id) => EXISTING_COATS[id],
    (piece) => piece.surface.existing,
    (piece, existing) => ({ ...piece, surface: { ...piece.surface, existing } }),
  ),
  condition: oneOf(
    'Condition',
    ['state'],
    CONDITION_IDS,
    (id) => CONDITIONS[id],
    (piece) => piece.surface.condition,
    (piece, condition) => ({ ...piece, surface: { ...piece.surface, condition } }),
  ),
  faces: {
    name: 'Faces',
    alsoNamed: ['sides', 'scope'],
    write: (piece) => piece.scope.faces.map((id) => definitionOf(piece.kind).faceNames[id]).join(', ') || 'none',
    read: (cell, context) => {
      const { faceNames } = definitionOf(context.kind);
      const faces = namedParts(cell, FACE_IDS, (id) => faceNames[id]);
      if (faces.ok) context.piece = { ...context.piece, scope: { ...context.piece.scope, faces: faces.value } };
      return faces;
    },
  },
  edges: {
    name: 'Edges',
    alsoNamed: [],
    write: (piece) => piece.scope.edges.map((id) => definitionOf(piece.kind).edgeNames[id]).join(', ') || 'none',
    read: (cell, context) => {
      const { edgeNames } = definitionOf(context.kind);
      const edges = namedParts(cell, EDGE_IDS, (id) => edgeNames[id]);
      if (edges.ok) context.piece = { ...context.piece, scope: { ...context.piece.scope, edges: edges.value } };
      return edges;
    },
  },
  painted: {
    name: 'Painted',
    alsoNamed: ['off or in place', 'comes off'],
    choices: ['off', 'in place'],
    write: (piece) => (piece.comesOff ? 'off' : 'in place'),
    read: (cell, context) => {
      const said = cell.toLowerCase();
      if (!['off', 'in place', 'yes', 'no'].includes(said))
        return refused(`Can’t read “${cell}”. Type off or in place.`);
      const comesOff = said === 'off' || said === 'yes';
      if (comesOff && definitionOf(context.kind).comesOff === 'never') {
        return refused(`${definitionOf(context.kind).plural} are painted in place.`);
      }
      context.piece = { ...context.piece, comesOff };
      return accepted(comesOff);
    },
  },
  oneSideAtATime: yesOrNo(
    'One side at a time',
    ['side by side'],
    (piece) => piece.oneSideAtATime,
    (piece, oneSideAtATime) => ({ ...piece, oneSideAtATime }),
  ),
  preservesRest: yesOrNo(
    'Preserve bare faces',
    ['rest preserved', 'preserved'],
    (piece) => piece.preservesRest,
    (piece, preservesRest) => ({ ...piece, preservesRest }),
  ),
  front: oneOf(
    'Front is',
    ['exposure'],
    EXPOSED,
    (id) => id,
    (piece) => piece.exposure.front,
    (piece, front) => ({ ...piece, exposure: { ...piece.exposure, front } }),
  ),
  back: oneOf(
    'Back is',
    [],
    EXPOSED,
    (id) => id,
    (piece) => piece.exposure.back,
    (piece, back) => ({ ...piece, exposure: { ...piece.exposure, back } }),
  ),
  fireRated: yesOrNo(
    'Fire door',
    ['fire rated'],
    (piece) => piece.fireRated,
    (piece, fireRated) => ({ ...piece, fireRated }),
  ),
  upHigh: yesOrNo(
    'From a ladder',
    ['ladder'],
    (piece) => piece.upHigh,
    (piece, upHigh) => ({ ...piece, upHigh }),
  ),
  closesAtNight: yesOrNo(
    'Closes at night',
    ['must close'],
    (piece) => piece.access.closesAtNight,
    (piece, closesAtNight) => ({ ...piece, access: { ...piece.access, closesAtNight } }),
  ),
  standIn: yesOrNo(
    'Temporary door',
    ['stand-in at night', 'boarded at night', 'stand-in'],
    (piece) => piece.access.standIn,
    (piece, standIn) => ({ ...piece, access: { ...piece.access, standIn } }),
  ),
  zone: {
    name: 'Zone',
    alsoNamed: ['part of the room'],
    write: (piece) => piece.zone,
    read: (cell, context) => {
      if (cell.length > MAX_ZONE) return refused(`Keep the zone to ${MAX_ZONE} characters.`);
      context.piece = { ...context.piece, zone: cell };
      return accepted(cell);
    },
  },
  neededBy: {
    name: 'Back by',
    alsoNamed: ['needed by', 'due'],
    write: (piece) => piece.access.neededBy ?? '',
    read: (cell, context) => {
      if (cell !== '' && (!/^\d{4}-\d{2}-\d{2}$/.test(cell) || Number.isNaN(Date.parse(cell)))) {
        return refused(`Can’t read “${cell}”. Type the day like 2027-03-12.`);
      }
      context.piece = { ...context.piece, access: { ...context.piece.access, neededBy: cell || null } };
      return accepted(cell);
    },
  },
  who: {
    name: 'Used by',
    alsoNamed: ['needed for', 'who', 'for whom'],
    write: (piece) => piece.access.who,
    read: (cell, context) => {
      if (cell.length > 80) return refused('Keep it under 80 characters.');
      context.piece = { ...context.piece, access: { ...context.piece.access, who: cell } };
      return accepted(cell);
    },
  },
  note: {
    name: 'Note',
    alsoNamed: ['notes', 'remark', 'remarks', 'comment'],
    write: (piece) => piece.note,
    read: (cell, context) => {
      if (cell.length > 300) return refused('Keep the note under 300 characters.');
      context.piece = { ...context.piece, note: cell };
      return accepted(cell);
    },
  },
} as const satisfies Readonly<Record<string, Column>>;

export type ColumnId = keyof typeof COLUMN_OF;

/** Every column, in the order in which it is written. To add one, state it above. */
export const COLUMNS: readonly (Column & { id: ColumnId })[] = (Object.keys(COLUMN_OF) as ColumnId[]).map((id) => ({
  id,
  ...(COLUMN_OF[id] as Column),
}));

/** Why a shape can't be, and at which of its fields; null when it can. */
export function shapeFault(
  kind: PieceKind,
  shape: Shape,
  units: UnitSystem,
): { field: string; message: string } | null {
  const definition = definitionOf(kind);
  const parsed = definition.schema.safeParse(shape);
  if (parsed.success) return definition.fault(parsed.data, units);
  const [issue] = parsed.error.issues;
  const field = String(issue?.path[0] ?? '');
  const label = definition.fields.find(({ key }) => key === field)?.label ?? field;
  return { field, message: `${label}: ${issue?.message ?? 'does not fit'}` };
}
