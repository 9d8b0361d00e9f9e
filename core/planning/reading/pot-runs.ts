import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import { litresOfStep } from '../../steps/coat-litres.ts';
import { meanAir } from '../../forecasting/drying-account.ts';
import { TIN_AIR } from '../../shelf/drying/tin-air.ts';
import { formatDuration, TEMPERATURE } from '../../units/measures.ts';
import type { UnitSystem } from '../../units/unit-systems.ts';
import { dryingProduct } from '../../clocks/job-clocks.ts';
import type { Job } from '../../job/document/schema.ts';
import { residueIn } from '../../shelf/tools.ts';
import { potPortions, type Portions } from '../../quantities/mixes.ts';
import type { Coating } from '../../shelf/coating.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import type { PlanReading, Run } from './read-plan.ts';

/** One run of a two-part product, and how it is mixed for it. */
export interface PotRun {
  run: Run;
  coating: Coating;
  marks: string[];
  litres: number;
  workMinutes: number;
  /** Where it is put on. */
  climateId: string;
  /** Minutes that a pot lives which is mixed when the run begins, in the air of that place and those hours. */
  potLife: number;
  portions: Portions;
}

/** How every planned run of a two-part product is mixed: by what it needs, and the pot's life at that hour. */
export function potRuns(job: Job, problem: Pick<JobProblem, 'clocks'>, reading: PlanReading): PotRun[] {
  return reading.runs.flatMap((run): PotRun[] => {
    const steps = run.steps.filter(isCoat).filter(({ coat }) => coat.coating.potLife !== null);
    const [first] = steps;
    if (first === undefined) return [];
    const { coating, coat } = first.coat;
    const litres = steps.reduce((sum, step) => sum + litresOfStep(step, job.mixing.gun), residueIn(coat.tool));
    const workMinutes = run.spans.reduce((sum, [from, until]) => sum + until - from, 0);
    const climateId = coatClimateId(job, first);
    const potLife = potLifeAt(problem.clocks, coating, climateId, run.start);
    return [
      {
        run,
        coating,
        marks: [...new Set(steps.map(({ piece }) => piece.mark))],
        litres,
        workMinutes,
        climateId,
        potLife,
        portions: potPortions(coating, { litres, workMinutes, potLife }, job.mixing.smallest),
      },
    ];
  });
}

/**
 * Minutes that a pot of a two-part product lives in a place when it is mixed at `from`: its stated hours on its own
 * drying clock, which a cold pot runs more slowly and no minimum temperature stops. `Infinity` when it is not two-part.
 */
export function potLifeAt(clocks: JobProblem['clocks'], coating: Coating, climateId: string, from: number): number {
  const [kind] = coating.drying;
  if (coating.potLife === null || kind === undefined) return Infinity;
  const pot = { ...dryingProduct(coating), minTemperature: -100 };
  return clocks.clock(climateId, kind, pot).reach(from, coating.potLife * 60) - from;
}

/** How the life of a pot that is mixed at `from` came about, and how much of it is counted on. */
export function potAccount(
  clocks: JobProblem['clocks'],
  coating: Coating,
  climateId: string,
  from: number,
  units: UnitSystem,
): string[] {
  const life = potLifeAt(clocks, coating, climateId, from);
  if (coating.potLife === null || life === Infinity) return ['The tin states no pot life.'];
  return [
    `Tin: pot life ${formatDuration(coating.potLife * 60)} at ${TEMPERATURE.format(TIN_AIR.temperature, units, 0)}.`,
    `Here: ${TEMPERATURE.format(meanAir(clocks, climateId, from, from + life).temperature, units, 0)} on average.`,
    `So ${formatDuration(life)}. Four fifths of it are counted on, since a full pot warms itself.`,
    ...(coating.induction ? [`Of that it stands ${coating.induction} min before use.`] : []),
  ];
}
