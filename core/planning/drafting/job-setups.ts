import { labOf } from '../../colour/colour.ts';
import { dryingProduct, type JobClocks } from '../../clocks/job-clocks.ts';
import { colourOn } from '../../job/queries/faces.ts';
import { groupOf } from '../../job/queries/groups.ts';
import type { Tool } from '../../job/document/coat-schema.ts';
import type { FinishGroup } from '../../job/document/group-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import type { Coating } from '../../shelf/coating.ts';
import { workOf } from '../../steps/crew-work.ts';
import type { CoatStep, PieceStep } from '../../steps/step.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import type { PlanProblem } from '../../scheduling/problem.ts';

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
const KITS: Readonly<Partial<Record<PieceStep['operation'], { key: string; minutes: number; words: string }>>> = {
  'take-off': { key: 'kit/hardware', minutes: 1, words: 'Screwdrivers, bags and labels' },
  'take-down': { key: 'kit/hardware', minutes: 1, words: 'Screwdrivers, bags and labels' },
  mask: { key: 'kit/mask', minutes: 1, words: 'Tape, paper and sheets' },
  wash: { key: 'kit/wash', minutes: 3, words: 'Buckets, cloths and cleaner' },
  abrade: { key: 'kit/abrade', minutes: 2, words: 'Abrasive, block and vacuum cleaner' },
  'wet-abrade': { key: 'kit/wet-abrade', minutes: 3, words: 'Wet abrasive and water' },
  degloss: { key: 'kit/degloss', minutes: 2, words: 'Deglosser and cloths' },
  plant: { key: 'kit/moulding', minutes: 8, words: 'Mitre saw, glue and tape' },
  fill: { key: 'kit/filler', minutes: 2, words: 'Filler and knife' },
  drill: { key: 'kit/drill', minutes: 3, words: 'Drill and template' },
  'grain-fill': { key: 'kit/grain-filler', minutes: 3, words: 'Grain filler and spreader' },
  preserve: { key: 'kit/preservative', minutes: 2, words: 'Preservative and brush' },
  denib: { key: 'kit/denib', minutes: 1, words: 'Fine abrasive and tack cloth' },
  'put-right': { key: 'kit/put-right', minutes: 2, words: 'Repair kit' },
  'hang-for-night': { key: 'kit/hardware', minutes: 1, words: 'Screwdrivers, bags and labels' },
  rehang: { key: 'kit/hardware', minutes: 1, words: 'Screwdrivers, bags and labels' },
  refit: { key: 'kit/hardware', minutes: 1, words: 'Screwdrivers, bags and labels' },
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
  #coat(step: CoatStep, climateId: string): string {
    const { coat, coating } = step.coat;
    const colour = colourLoaded(this.#job, step)?.hex;
    const key = coatKey(step, colour);
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

/** The colour in a coat’s tool; null for a primer, whose colour makes no difference. */
function colourLoaded(job: Job, { piece, coat: { coating, faces } }: CoatStep): FinishGroup['colour'] | null {
  const group = groupOf(job, piece);
  const [face] = faces;
  return coating.role === 'topcoat' && group && face ? colourOn(group, face) : null;
}

const coatKey = ({ coat: { coat } }: CoatStep, colour: string | undefined): string =>
  [coat.product, colour, coat.tool].filter(Boolean).join('/');

/** The key of what a step is set up with: what has the same key is done in one batch. Null when it takes nothing. */
export function setupKey(job: Job, step: PieceStep): string | null {
  return isCoat(step) ? coatKey(step, colourLoaded(job, step)?.hex) : (KITS[step.operation]?.key ?? null);
}

/** What is got out for a step, in words; null for nothing. */
export function setupWords(job: Job, step: PieceStep): string | null {
  if (!isCoat(step)) return KITS[step.operation]?.words ?? null;
  const { coat, coating } = step.coat;
  const colour = colourLoaded(job, step)?.name;
  return [coating.name, colour, coat.tool].filter(Boolean).join(', ');
}
