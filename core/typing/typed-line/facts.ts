import type { Condition, ExistingCoat, Substrate } from '../../pieces/substrate.ts';
import { EDGE_IDS, FACE_IDS } from '../../pieces/elevation.ts';
import type { PieceDefinition } from '../../pieces/definition.ts';
import type { StatedPiece } from '../../job/document/piece-schema.ts';
import { facingOut } from '../../job/document/usual-piece.ts';

/** What words state of any piece, whatever its kind. */
export interface Fact {
  words: readonly string[];
  /** As the preview says it. */
  said: string;
  /** Whether it tells of the surface: then nothing of that is assumed. */
  isSurface?: true;
  state(piece: StatedPiece, definition: PieceDefinition): StatedPiece;
}

const substrate = (id: Substrate, said: string, ...words: string[]): Fact => ({
  words,
  said,
  isSurface: true,
  state: (piece) => ({ ...piece, surface: { ...piece.surface, substrate: id } }),
});
const coat = (id: ExistingCoat, said: string, ...words: string[]): Fact => ({
  words,
  said,
  isSurface: true,
  state: (piece) => ({ ...piece, surface: { ...piece.surface, existing: id } }),
});
const condition = (id: Condition, said: string, ...words: string[]): Fact => ({
  words,
  said,
  state: (piece) => ({ ...piece, surface: { ...piece.surface, condition: id } }),
});
const scope = (
  said: string,
  of: (definition: PieceDefinition) => Partial<StatedPiece['scope']>,
  ...words: string[]
): Fact => ({
  words,
  said,
  state: (piece, definition) => ({ ...piece, scope: { ...piece.scope, ...of(definition) } }),
});
/** Acrylic on a wall is usually matt; on doors and trim it has a sheen. */
const acrylic = (said: string, ...words: string[]): Fact => ({
  words,
  said,
  isSurface: true,
  state: (piece, { traits }) => ({
    ...piece,
    surface: { ...piece.surface, existing: traits.includes('wall') ? 'waterborne-matt' : 'waterborne-sheen' },
  }),
});
/** Only the face that looks out is painted. */
const outerFaceOnly = (...words: string[]): Fact => ({
  words,
  said: 'the outside face only',
  state: (piece, definition) => ({
    ...piece,
    scope: { ...piece.scope, faces: [definition.outerFace ?? 'front'] },
    exposure: facingOut({ outerFace: definition.outerFace ?? 'front' }),
  }),
});
const fact = (said: string, facts: Partial<StatedPiece>, ...words: string[]): Fact => ({
  words,
  said,
  state: (piece) => ({ ...piece, ...facts }),
});

const facesOf = (definition: PieceDefinition) => FACE_IDS.filter((id) => definition.faceNames[id] !== undefined);
const edgesOf = (definition: PieceDefinition) => EDGE_IDS.filter((id) => definition.edgeNames[id] !== undefined);

/** Every word for surface, scope and place, in both vocabularies. */
export const FACTS: readonly Fact[] = [
  substrate('softwood', 'softwood', 'softwood', 'pine', 'timber', 'wood', 'wooden', 'plywood', 'ply'),
  substrate('softwood', 'close-grained wood, as softwood', 'maple', 'birch', 'beech', 'alder', 'poplar', 'tulipwood'),
  substrate('oak', 'oak or ash', 'oak', 'ash', 'oak veneer'),
  substrate('oak', 'hardwood, as oak', 'hardwood', 'mahogany', 'meranti', 'sapele', 'walnut', 'chestnut'),
  substrate('mdf', 'MDF', 'mdf', 'hdf', 'fibreboard', 'fiberboard', 'chipboard', 'particle board'),
  substrate(
    'laminate',
    'melamine, laminate or foil',
    'laminate',
    'melamine',
    'foil',
    'foil wrapped',
    'foil-wrapped',
    'vinyl wrapped',
    'vinyl-wrapped',
    'thermofoil',
  ),
  substrate(
    'metal',
    'metal',
    ...['steel', 'galvanised steel', 'galvanized steel', 'aluminium', 'aluminum', 'metal'],
    ...['iron', 'wrought iron', 'cast iron'],
  ),
  substrate('vinyl', 'vinyl', 'vinyl', 'pvc', 'upvc', 'plastic'),
  substrate('vinyl', 'glass fibre, as vinyl', 'fibreglass', 'fiberglass', 'composite', 'grp'),
  substrate('plaster', 'plaster', 'plaster', 'plasterboard', 'drywall'),
  coat('bare', 'bare', 'bare', 'bare wood', 'stripped', 'unpainted', 'new plaster', 'bare plaster'),
  coat('factory-primed', 'factory-primed', 'factory primed', 'factory-primed', 'primed', 'pre-primed', 'preprimed'),
  acrylic('waterborne paint', 'waterborne', 'acrylic', 'emulsion', 'latex', 'water-based'),
  coat('waterborne-matt', 'matt waterborne paint', 'matt', 'flat', 'matt acrylic', 'matt emulsion', 'flat latex'),
  coat(
    'waterborne-sheen',
    'waterborne paint with a sheen',
    ...['satin', 'eggshell', 'semi-gloss', 'semigloss', 'semi gloss', 'satinwood', 'acrylic gloss', 'acrylic satin'],
    ...['acrylic eggshell', 'satin acrylic', 'gloss acrylic', 'semi-gloss latex', 'satin latex'],
  ),
  coat('oil-gloss', 'oil gloss', 'oil gloss', 'gloss', 'oil', 'oil paint', 'enamel'),
  coat('varnish', 'varnish or lacquer', 'varnish', 'varnished', 'lacquer', 'lacquered'),
  coat('factory-finish', 'factory finish', 'factory finish', 'factory', 'factory white'),
  coat('unknown', 'old coat not known', 'unknown'),
  fact('hollow or solid core', {}, 'hollow core', 'solid core'),
  condition('sound', 'sound', 'sound'),
  condition('worn', 'worn or chalking', 'worn', 'chalking', 'faded'),
  condition('flaking', 'flaking', 'flaking', 'peeling', 'alligatored', 'cracked', 'crazed', 'blistered'),
  condition('greasy', 'greasy or waxed', 'greasy', 'waxed'),
  condition('mouldy', 'mould on it', 'mould', 'mouldy', 'mold', 'moldy'),
  condition('rusty', 'rusting', 'rusty', 'rusting', 'rusted', 'rust'),
  scope('both faces', (d) => ({ faces: facesOf(d) }), 'both sides', 'both faces', 'all round'),
  scope('front only', () => ({ faces: ['front'] }), 'front only', 'fronts only', 'front', 'fronts', 'one face'),
  scope('back only', () => ({ faces: ['back'] }), 'back only'),
  scope('edges only', (d) => ({ faces: [], edges: edgesOf(d) }), 'edges only'),
  scope('all edges', (d) => ({ edges: edgesOf(d) }), 'all edges', 'edges', 'with edges', 'and edges'),
  scope('no edges', () => ({ edges: [] }), 'no edges', 'without edges'),
  fact('in place', { comesOff: false }, 'in place', 'on its hinges', 'hung'),
  fact('off, on the bench', { comesOff: true }, 'off', 'taken off', 'on the bench', 'off the wall'),
  fact(
    'in place, one side at a time',
    { comesOff: false, oneSideAtATime: true },
    ...['one side at a time', 'a side at a time', 'one side then the other', 'side by side'],
  ),
  fact(
    'what stays bare is preserved',
    { preservesRest: true },
    ...['rest preserved', 'preserve the rest', 'preserve rest', 'bare faces preserved', 'bare edges preserved'],
  ),
  fact(
    'inside',
    { exposure: { front: 'inside', back: 'inside' } },
    'inside',
    'interior',
    'internal',
    'indoor',
    'indoors',
  ),
  outerFaceOnly('outside face', 'outer face', 'outside only', 'outside face only'),
  {
    words: ['outside', 'exterior', 'entrance', 'external', 'outdoor', 'outdoors'],
    said: 'outside',
    state: (piece, definition) => ({ ...piece, exposure: facingOut(definition) }),
  },
  fact(
    'outside on both faces',
    { exposure: { front: 'outside', back: 'outside' } },
    'outside both sides',
    'in the open',
  ),
  fact('fire door', { fireRated: true, comesOff: false }, 'fire', 'fire rated', 'fire-rated', 'fire door'),
  fact('worked from a ladder', { upHigh: true }, 'ladder', 'up high', 'high up'),
];
