import { labOf } from '../../colour/colour.ts';
import { dryingProduct, type JobClocks } from '../../clocks/job-clocks.ts';
import { colourOn } from '../../job/queries/faces.ts';
import { groupOf } from '../../job/queries/groups.ts';
import { type Tool, TOOLS } from '../../shelf/tools.ts';
import type { FinishGroup } from '../../job/document/group-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import type { Coating } from '../../shelf/coating.ts';
import { workOf } from '../../steps/crew-work.ts';
import { operationOf } from '../../steps/operations.ts';
import type { CoatStep, PieceStep } from '../../steps/step.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import type { PlanProblem } from '../../scheduling/problem.ts';

/** CIELAB lightness by which a colour is darker than another one to matter. */
const DARKER = 10;

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
    const { change, darkToLight } = TOOLS[to.tool].setup;
    const isFromDark = (to.lightness ?? 100) - (from.lightness ?? 100) > DARKER;
    return workOf(change + (isFromDark ? darkToLight : 0), this.#factor);
  }

  /** Bucket, abrasive or screwdriver: getting it out is what makes like work worth doing in one go. */
  #kit(step: PieceStep): string | null {
    const { kit } = operationOf(step);
    if (kit === null) return null;
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
        work: workOf(TOOLS[coat.tool].setup.fresh, this.#factor),
        keeps: potLife ?? TOOLS[coat.tool].keeps,
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
  return isCoat(step) ? coatKey(step, colourLoaded(job, step)?.hex) : (operationOf(step).kit?.key ?? null);
}

/** What is got out for a step, in words; null for nothing. */
export function setupWords(job: Job, step: PieceStep): string | null {
  if (!isCoat(step)) return operationOf(step).kit?.words ?? null;
  const { coat, coating } = step.coat;
  const colour = colourLoaded(job, step)?.name;
  return [coating.name, colour, coat.tool].filter(Boolean).join(', ');
}
