import { PLAIN_CLIMATE } from '../../air/climate.ts';
import { USUAL_COATING } from '../../shelf/coating.ts';
import { emptyShelf } from '../../shelf/shelf.ts';
import { accepted, refused, type Outcome } from '../../units/outcome.ts';
import { USUAL_MIXING, USUAL_PRICING } from './buying-schema.ts';
import {
  asRecord,
  each,
  severalFillers,
  statedPiece,
  WATERBORNE,
  waterborneOn,
  withUses,
  type Part,
} from './earlier-parts.ts';
import { NO_HANDOVER } from './handover-schema.ts';
import { ALL_ALONG, NEW_GROUP, OPEN_AIR, USUAL_WEIGHTS } from './new-job.ts';

/** Lifts a document of one version to the next. */
export type Migration = (document: Part) => Part;

/** By the version that they start from. */
const MIGRATIONS: Readonly<Record<number, Migration>> = {
  1: surveyed,
  2: proved,
  3: aired,
  4: stroked,
  5: pinned,
  6: zoned,
  7: recorded,
  8: judgedByTheTrade,
  9: sideBySide,
  10: withAssumed,
};

const CURRENT_VERSION = 11;

/** To 2: a piece says more of its place and its holes, a panelled door of its moulding, a room of its tasks. */
function surveyed(job: Part): Part {
  return {
    ...job,
    site: { ...asRecord(job.site), yearBuilt: null },
    rooms: each(job.rooms, (room) => ({ ...room, tasks: [] })),
    cutting: { stock: [2400], kerf: 3, cut: [] },
    pieces: each(job.pieces, (piece) => ({
      ...piece,
      ...(piece.kind === 'panelled-door'
        ? { shape: { profile: 'ovolo', mouldingWidth: 18, mouldingDepth: 9, ...asRecord(piece.shape) } }
        : {}),
      access: { who: '', closesAtNight: false, neededBy: null },
      fireRated: false,
      upHigh: false,
      filledHoles: 0,
      drillings: [],
      photos: [],
    })),
  };
}

/** To 3: groups have findings, build-ups say all of their preparation, and the shelf has more than coatings. */
function proved(job: Part): Part {
  return {
    ...job,
    groups: each(job.groups, (group) => ({
      ...NEW_GROUP,
      ...group,
      buildUp: group.buildUp === null ? null : preparedBuildUp(asRecord(group.buildUp)),
    })),
    findings: [],
    patches: [],
    shelf: { ...emptyShelf(), coatings: each(job.shelf, hazardousCoating) },
    weights: USUAL_WEIGHTS,
  };
}

/** To 4: climates follow the open air and stated hours, heating takes time, instruments are read, and work has a price. */
function aired(job: Part): Part {
  const climates = each(job.climates, ({ heating, ...climate }) => ({
    ...PLAIN_CLIMATE,
    ...climate,
    heating: heating === null ? null : atOnce(asRecord(heating)),
  }));
  return {
    ...job,
    site: { ...asRecord(job.site), latitude: null, longitude: null },
    climates: Array.isArray(climates) ? [...(climates as unknown[]), openAirBeside(climates)] : climates,
    rooms: each(job.rooms, (room) => ({ ...room, bearing: null })),
    shelf: {
      ...asRecord(job.shelf),
      coatings: each(asRecord(job.shelf).coatings, (coating) => ({ ...USUAL_COATING, ...coating })),
    },
    readings: [],
    mixing: USUAL_MIXING,
    recipes: [],
    pricing: USUAL_PRICING,
  };
}

/** To 5: orders of strokes are chosen; none was. */
function stroked(job: Part): Part {
  return { ...job, strokes: [] };
}

/** To 6: painters have days off and may come for some days only; tasks are pinned, and none was. */
function pinned(job: Part): Part {
  return { ...job, pins: [], crew: each(job.crew, (painter) => ({ ...ALL_ALONG, ...painter })) };
}

/** To 7: doors hang again at night unless something else closes their opening, as plans supposed till then; rooms have zones. */
function zoned(job: Part): Part {
  return {
    ...job,
    plan: job.plan === null ? null : { because: '', ...asRecord(job.plan) },
    rooms: each(job.rooms, (room) => ({ zonesAtOnce: null, ...room })),
    climates: each(job.climates, (climate) => {
      const { heating } = climate;
      if (typeof heating !== 'object' || heating === null) return climate;
      // Whoever planned with heating had seen to it that it is on.
      return { ...climate, heating: { onSince: `${String(asRecord(job.planning).start)}T00:00`, ...heating } };
    }),
    pieces: each(job.pieces, (piece) => {
      const access = asRecord(piece.access);
      return { zone: '', ...piece, access: { standIn: access.closesAtNight === true, ...access } };
    }),
  };
}

/** Heating that was thought to be warm at once, and cold at once; none where it ended in the hour in which it began. */
function atOnce(span: Part): object | null {
  return span.from === span.until ? null : { spans: [span], warmUp: 60, holds: 0 };
}

/** The open air, under an id that no other climate has. */
function openAirBeside(climates: readonly unknown[]): typeof OPEN_AIR {
  const taken = new Set(climates.map((climate) => asRecord(climate).id));
  let id = OPEN_AIR.id;
  while (taken.has(id)) id += '-2';
  return { ...OPEN_AIR, id };
}

function preparedBuildUp({ cleaner, rinsed, ...buildUp }: Part): Part {
  const whole = (coats: unknown): unknown => each(coats, (coat) => ({ ...coat, extent: 'all' }));
  return {
    ...buildUp,
    cleaning: typeof cleaner === 'string' ? [{ product: cleaner, rinsed }] : [],
    filler: null,
    grainFill: null,
    preservative: null,
    coats: whole(buildUp.coats),
    faceCoats: Object.fromEntries(
      Object.entries(asRecord(buildUp.faceCoats)).map(([face, coats]) => [face, whole(coats)]),
    ),
  };
}

function hazardousCoating({ cautions: _cautions, ...coating }: Part): Part {
  const hazards: Readonly<Record<string, string[]>> = {
    oil: ['solvent', 'oily-rags'],
    shellac: ['solvent'],
    'two-part': ['hardener'],
  };
  return { ...USUAL_COATING, ...coating, hazards: hazards[String(coating.family)] ?? [] };
}

/** To 8: what is used, found and handed over is kept, and bags are counted out as well. */
function recorded(job: Part): Part {
  return {
    ...job,
    baseline: null,
    leftOut: [],
    tins: [],
    defects: [],
    inspections: [],
    filmChecks: [],
    signOffs: [],
    handOver: NO_HANDOVER,
    devices: [],
    paces: {},
    pieces: each(job.pieces, (piece) => ({
      ...piece,
      hardware: each(piece.hardware, (item) => ({ ...item, fitted: 0 })),
      holesDone: { filled: 0, drilled: [] },
      keptApart: null,
    })),
  };
}

/** Words by which a job tells what is read otherwise since. */
const LIFTED = {
  sheen:
    'Old waterborne paint now has a sheen. Doors and trim were set to satin to gloss, and need keying. Change any that are matt.',
  paces: 'Hours and days have changed. Edges, masking, spindles and walls are faster. Bad old paint is slower.',
} as const;

/** To 9: old waterborne paint has a sheen, tins say what they are for, build-ups have several fillers, and more is asked. */
function judgedByTheTrade(job: Part): Part {
  const pieces = Array.isArray(job.pieces) ? job.pieces.map(asRecord) : [];
  const isWall = (piece: Part): boolean => asRecord(piece.surface).substrate === 'plaster';
  const coatOfGroup = (groupId: unknown): string => {
    const piece = pieces.find((candidate) => candidate.groupId === groupId);
    return waterborneOn(piece?.surface);
  };
  const hasSheen = pieces.some((piece) => asRecord(piece.surface).existing === WATERBORNE && !isWall(piece));
  return {
    ...job,
    site: { suppliedAir: null, ...asRecord(job.site) },
    planning: { trades: 'walls-first', lines: null, outsideInADay: false, ...asRecord(job.planning) },
    pieces: each(job.pieces, (piece) => statedPiece(piece.kind, piece)),
    findings: each(job.findings, (finding) =>
      finding.found === 'old-coat' && finding.result === WATERBORNE
        ? { ...finding, result: coatOfGroup(finding.groupId) }
        : finding,
    ),
    groups: each(job.groups, (group) => ({
      coveredIn: null,
      ...group,
      buildUp: group.buildUp === null ? null : severalFillers(asRecord(group.buildUp)),
    })),
    shelf: { ...asRecord(job.shelf), coatings: each(asRecord(job.shelf).coatings, withUses) },
    stock: [],
    lifted: pieces.length === 0 ? [] : [...(hasSheen ? [LIFTED.sheen] : []), LIFTED.paces],
  };
}

/** m of joint that a cartridge of caulk fills, by which caulk is ordered since. */
const CARTRIDGE_FILLS = 12;

/** To 10: a piece may be painted one side at a time, and what stays bare of it preserved; caulk is ordered by the metre. */
function sideBySide(job: Part): Part {
  const pricing = asRecord(job.pricing);
  const packs = asRecord(pricing.packs);
  const caulk = asRecord(packs.caulk);
  const byMetre = typeof caulk.count === 'number' ? { caulk: { ...caulk, count: caulk.count * CARTRIDGE_FILLS } } : {};
  return {
    ...job,
    pricing: { ...pricing, packs: { ...packs, ...byMetre } },
    pieces: each(job.pieces, (piece) => statedPiece(piece.kind, piece)),
  };
}

/** To 11: what was assumed when a job was begun is told; of earlier jobs nothing is. */
function withAssumed(job: Part): Part {
  return { ...job, assumed: [] };
}

/**
 * Brings a parsed job file of any earlier version to the current one, step by step.
 * Refuses what is no job, and a version that this Nivel does not know.
 */
export function migrateJob(
  document: unknown,
  migrations: Readonly<Record<number, Migration>> = MIGRATIONS,
  current: number = CURRENT_VERSION,
): Outcome<unknown> {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) {
    return refused('Not a Nivel job file.');
  }
  let lifted = document as Part;
  const match = typeof lifted.format === 'string' ? /^nivel\.job\/(\d{1,4})$/.exec(lifted.format) : null;
  if (match === null) {
    return refused('Not a Nivel job: its format should read “nivel.job/11”. Choose a file that Nivel saved.');
  }
  let version = Number(match[1]);
  if (version > current) {
    return refused(`Saved by a newer Nivel (format ${version}, this one reads ${current}). Update, then import again.`);
  }
  while (version < current) {
    const step = migrations[version];
    if (step === undefined) return refused(`Format ${version} can no longer be read.`);
    version++;
    lifted = { ...step(lifted), format: `nivel.job/${version}` };
  }
  return accepted(lifted);
}
