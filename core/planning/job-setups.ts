import { labOf } from '../colour/colour.ts';
import { dryingProduct, type JobClocks } from '../job/job-clocks.ts';
import { colourOn, groupOf } from '../job/queries.ts';
import type { Tool } from '../job/coat-schema.ts';
import type { Job } from '../job/schema.ts';
import type { Coating } from '../shelf/coating.ts';
import { workOf } from './crew-work.ts';
import type { CoatStep, PieceStep } from './step.ts';
import { isCoat } from './lying-coats.ts';
import type { PlanProblem } from './problem.ts';

/** A brush or roller wrapped air-tight keeps overnight; a gun stands in water for a day at most. Minutes. */
const WRAPPED_KEEPS = 16 * 60;
const SOAKED_KEEPS = 24 * 60;
/**
 * Minutes at a professional's pace to set up, to change over from another product or colour, and how much longer that
 * takes from a dark one to a light one: what is left of white does not show in slate.
 */
const SETUP: Readonly<Record<Tool, { fresh: number; change: number; darkToLight: number }>> = {
  brush: { fresh: 5, change: 6, darkToLight: 3 },
  roller: { fresh: 5, change: 6, darkToLight: 3 },
  spray: { fresh: 15, change: 27, darkToLight: 8 },
};
/** CIELAB lightness by which a colour is darker than another one to matter. */
const DARKER = 10;

/** What is got out for work without paint, and the minutes that takes at a professional's pace. */
const KITS: Readonly<Partial<Record<PieceStep['operation'], { key: string; minutes: number }>>> = {
  'take-off': { key: 'kit/hardware', minutes: 1 },
  'take-down': { key: 'kit/hardware', minutes: 1 },
  mask: { key: 'kit/mask', minutes: 1 },
  wash: { key: 'kit/wash', minutes: 3 },
  abrade: { key: 'kit/abrade', minutes: 2 },
  'wet-abrade': { key: 'kit/wet-abrade', minutes: 3 },
  degloss: { key: 'kit/degloss', minutes: 2 },
  plant: { key: 'kit/moulding', minutes: 8 },
  fill: { key: 'kit/filler', minutes: 2 },
  drill: { key: 'kit/drill', minutes: 3 },
  'grain-fill': { key: 'kit/grain-filler', minutes: 3 },
  preserve: { key: 'kit/preservative', minutes: 2 },
  denib: { key: 'kit/denib', minutes: 1 },
  'put-right': { key: 'kit/put-right', minutes: 2 },
  'hang-for-night': { key: 'kit/hardware', minutes: 1 },
  rehang: { key: 'kit/hardware', minutes: 1 },
  refit: { key: 'kit/hardware', minutes: 1 },
};

type Setup = PlanProblem['setups'][number];

/** The tool of a coat, with the colour in it; null for a primer, whose colour does not matter. */
interface Loaded {
  tool: Tool;
  lightness: number | null;
}

/** Everything that is set up for the steps of a job: kits, and tools with a product and a colour in them. */
export class JobSetups {
  readonly #job: Job;
  readonly #clocks: JobClocks;
  readonly #factor: number;
  readonly #setups = new Map<string, Setup & { loaded: Loaded | null }>();

  /** `factor`: the crew's pace against a professional's. */
  constructor(job: Job, clocks: JobClocks, factor: number) {
    this.#job = job;
    this.#clocks = clocks;
    this.#factor = factor;
  }

  /** The key of what a step is set up with, which dries in such a climate; null when it takes nothing. */
  of(step: PieceStep, climateId: string): string | null {
    return isCoat(step) ? this.#coat(step, climateId) : this.#kit(step);
  }

  /** All that were asked for. Changing from one paint to another takes longer than starting afresh. */
  all(): Setup[] {
    const setups = [...this.#setups.values()];
    return setups.map(({ loaded, ...setup }) => ({
      ...setup,
      after: Object.fromEntries(
        setups.flatMap((other) =>
          loaded && other.loaded && other.key !== setup.key ? [[other.key, this.#change(loaded, other.loaded)]] : [],
        ),
      ),
    }));
  }

  #change(to: Loaded, from: Loaded): number {
    const { change, darkToLight } = SETUP[to.tool];
    const isFromDark = (to.lightness ?? 100) - (from.lightness ?? 100) > DARKER;
    return workOf(change + (isFromDark ? darkToLight : 0), this.#factor);
  }

  /** Bucket, abrasive or screwdriver: getting it out is what makes like work worth doing in one go. */
  #kit({ operation }: PieceStep): string | null {
    const kit = KITS[operation];
    if (kit === undefined) return null;
    const work = workOf(kit.minutes, this.#factor);
    this.#setups.set(kit.key, { key: kit.key, work, keeps: null, acrossShifts: true, loaded: null });
    return kit.key;
  }

  /** A coat's tool, product and colour. */
  #coat({ piece, coat: { coat, coating, faces } }: CoatStep, climateId: string): string {
    const group = groupOf(this.#job, piece);
    const [face] = faces;
    const colour = coating.role === 'topcoat' && group && face ? colourOn(group, face).hex : undefined;
    const key = [coat.product, colour, coat.tool].filter(Boolean).join('/');
    if (!this.#setups.has(key)) {
      const potLife = coating.potLife === null ? null : this.#potLife(coating, climateId);
      this.#setups.set(key, {
        key,
        work: workOf(SETUP[coat.tool].fresh, this.#factor),
        keeps: potLife ?? (coat.tool === 'spray' ? SOAKED_KEEPS : WRAPPED_KEEPS),
        acrossShifts: potLife === null,
        mixes: potLife !== null,
        loaded: { tool: coat.tool, lightness: colour === undefined ? null : labOf(colour).l },
      });
    }
    return key;
  }

  /** Minutes that a mixed pot keeps in the warmest hour of its climate in two weeks: the least that it may keep. */
  #potLife(coating: Coating, climateId: string): number {
    const [kind] = coating.drying;
    const rates = kind ? this.#clocks.rates(climateId, kind, dryingProduct(coating)).slice(0, 14 * 24) : [];
    return Math.floor(((coating.potLife ?? 0) * 60) / Math.max(0.2, ...rates));
  }
}
