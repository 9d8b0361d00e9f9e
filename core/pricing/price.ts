import { groupOf } from '../job/queries/groups.ts';
import { roomOf } from '../job/queries/places.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { Room } from '../job/document/room-schema.ts';
import { definitionOf, type PieceKind } from '../pieces/registry.ts';
import { consumableNeeds } from '../quantities/consumables.ts';
import { productNeeds } from '../quantities/litres.ts';
import { crewFactor } from '../quantities/pace.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { PieceStep } from '../steps/step.ts';
import { TOOLS, type Tool } from '../shelf/tools.ts';
import { setupKey } from '../planning/drafting/job-setups.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { operationOf, type PriceHeading } from '../steps/operations.ts';

/** Hands-on hours by what is done. */
export interface HoursOf {
  what: string;
  hours: number;
}

/** What a job costs, and what is asked for it. */
export interface Price {
  hours: HoursOf[];
  /** Hands-on hours at the crew's pace, and what comes on top of them. */
  handsOn: number;
  overhead: number;
  labour: number;
  tins: number;
  consumables: number;
  /** Labour, tins and consumables. */
  cost: number;
  margin: number;
  net: number;
  tax: number;
  gross: number;
  rooms: RoomPrice[];
}

/** A room's share of the net price, by the hours and litres that its pieces take. */
export interface RoomPrice {
  room: Room;
  pieces: number;
  hours: number;
  net: number;
}

/** What hours are priced under. */
export const HEADINGS: Readonly<Record<PriceHeading, string>> = {
  hanging: 'Removing, masking and hanging',
  keying: 'Washing and keying',
  filling: 'Filling, moulding and drilling',
  coats: 'Coats',
};

/**
 * The price of a job at its stated rates: hands-on hours by pace and the crew's skill, set-ups and room work, plus a share
 * for what is not hands-on; tins and packs as they are bought; margin on all of it; tax as typed.
 */
export function priceOf(job: Job): Price {
  const factor = crewFactor(job.crew);
  const needs = productNeeds(job);
  const hoursOf = (piece: Piece): number =>
    pieceSteps(job, piece).reduce((sum, { minutes }) => sum + minutes, 0) * (factor / 60);
  const steps = job.pieces.flatMap((piece) => pieceSteps(job, piece));
  const roomMinutes = job.rooms
    .flatMap(({ tasks }) => tasks)
    .reduce((sum, { minutes, people }) => sum + minutes * people, 0);
  const hours = [
    ...Object.entries(HEADINGS).map(([heading, what]) => ({
      what,
      hours:
        (factor / 60) *
        steps.reduce((sum, step) => sum + (operationOf(step).pricedAs === heading ? step.minutes : 0), 0),
    })),
    { what: 'Setting up tools and colours', hours: (factor / 60) * setupMinutes(job, steps) },
    { what: 'Clearing and sheeting rooms', hours: (factor / 60) * roomMinutes },
  ].filter((entry) => entry.hours > 0);
  const handsOn = hours.reduce((sum, entry) => sum + entry.hours, 0);
  const { hourlyRate, overhead, margin, tax } = job.pricing;
  const besides = (handsOn * overhead) / 100;
  const labour = (handsOn + besides) * hourlyRate;
  const tins = needs.reduce((sum, need) => sum + need.tins.best.cost, 0);
  const consumables = consumableNeeds(job).reduce((sum, { cost }) => sum + cost, 0);
  const cost = labour + tins + consumables;
  const net = cost * (1 + margin / 100);
  return {
    hours,
    handsOn,
    overhead: besides,
    labour,
    tins,
    consumables,
    cost,
    margin: net - cost,
    net,
    tax: (net * tax) / 100,
    gross: net * (1 + tax / 100),
    rooms: roomPrices(job, net, hoursOf),
  };
}

/**
 * Minutes at a professional's pace to set up for the coats: once for each coat of a group with one set-up, and again
 * where pieces are turned for their other side.
 */
function setupMinutes(job: Job, steps: readonly PieceStep[]): number {
  const sessions = new Map<string, Tool>();
  for (const step of steps.filter(isCoat)) {
    const { piece, coat, turned } = step;
    sessions.set([groupOf(job, piece)?.id, coat.number, setupKey(job, step), turned].join('/'), coat.coat.tool);
  }
  return [...sessions.values()].reduce((sum, tool) => sum + TOOLS[tool].setup.change, 0);
}

function roomPrices(job: Job, net: number, hoursOf: (piece: Piece) => number): RoomPrice[] {
  const planned = job.pieces.map((piece) => ({ piece, room: roomOf(job, piece), hours: hoursOf(piece) }));
  const all = planned.reduce((sum, { hours }) => sum + hours, 0);
  return job.rooms.flatMap((room) => {
    const own = planned.filter((entry) => entry.room?.id === room.id && entry.hours > 0);
    const hours = own.reduce((sum, entry) => sum + entry.hours, 0);
    return own.length === 0 ? [] : [{ room, pieces: own.length, hours, net: (net * hours) / all }];
  });
}

/** What refinishing a kind of piece costs beside new ones. */
export interface Replacement {
  kind: PieceKind;
  name: string;
  pieces: number;
  /** Net, for one piece, on average. */
  refinish: number;
  /** As the painter stated it; null while nobody has. */
  replace: number | null;
}

/** Refinish or replace, by kind of piece: the net price of one against what a new one costs. */
export function replacementsOf(job: Job, price: Price): Replacement[] {
  const factor = crewFactor(job.crew);
  const byKind = new Map<PieceKind, { pieces: number; hours: number }>();
  let all = 0;
  for (const piece of job.pieces) {
    const hours = pieceSteps(job, piece).reduce((sum, { minutes }) => sum + minutes, 0) * (factor / 60);
    if (hours === 0) continue;
    const known = byKind.get(piece.kind) ?? { pieces: 0, hours: 0 };
    byKind.set(piece.kind, { pieces: known.pieces + 1, hours: known.hours + hours });
    all += hours;
  }
  return [...byKind].map(([kind, { pieces, hours }]) => ({
    kind,
    name: definitionOf(kind).name,
    pieces,
    refinish: (price.net * hours) / all / pieces,
    replace: job.pricing.replacements[kind] ?? null,
  }));
}
