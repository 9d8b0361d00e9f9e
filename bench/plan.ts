import { readFileSync } from 'node:fs';
import { readJobFile } from '../core/exchange/job-file.ts';
import { jobToProblem } from '../core/planning/job-to-problem.ts';
import { solve } from '../core/planning/solve/solve.ts';
import { verify } from '../core/planning/verify.ts';
import type { Job } from '../core/job/schema.ts';

/** `npm run bench`: how long planning takes and how far it is from its bound, on the demo jobs and on many copies of them. */
function demo(name: string): Job {
  const read = readJobFile(readFileSync(new URL(`../demo/${name}.nivel.json`, import.meta.url), 'utf8'));
  if (!read.ok) throw new Error(read.message);
  return { ...read.value, log: [], plan: null };
}

/** The same pieces `times` over, with as many rack places. */
function copies(job: Job, times: number): Job {
  return {
    ...job,
    places: job.places.map((place) => ({ ...place, slots: place.slots * times })),
    rooms: job.rooms.map((room) => ({ ...room, maxOff: room.maxOff === null ? null : room.maxOff * times })),
    crew: job.crew,
    pieces: Array.from({ length: times }, (_unused, copy) =>
      job.pieces.map((piece) => ({ ...piece, id: `${piece.id}-${copy}` })),
    ).flat(),
  };
}

const timed = <T>(work: () => T): [T, number] => {
  const start = performance.now();
  const value = work();
  return [value, performance.now() - start];
};

const jobs: [string, Job][] = [
  ['linen press', demo('linen-press')],
  ['school', demo('tern-street')],
  ['school ×4', copies(demo('tern-street'), 4)],
  ['linen press ×100', copies(demo('linen-press'), 100)],
];
console.log('job                pieces  tasks  problem ms  first ms  search ms  finish h  bound h  broken');
for (const [name, job] of jobs) {
  const [{ problem }, making] = timed(() => jobToProblem(job, `${job.planning.start}T00:00`));
  const [, first] = timed(() => solve(problem, { steps: 1 }));
  const [plan, whole] = timed(() => solve(problem, { steps: problem.tasks.length > 1000 ? 6 : 60 }));
  if (plan.status === 'infeasible') {
    console.log(name.padEnd(18), plan.reasons[0]?.message);
    continue;
  }
  const figures = [
    job.pieces.length,
    problem.tasks.length,
    making.toFixed(0),
    first.toFixed(0),
    whole.toFixed(0),
    (plan.finish / 60).toFixed(1),
    (plan.lowerBound / 60).toFixed(1),
    verify(problem, plan).length,
  ];
  console.log(name.padEnd(18), figures.map((figure) => String(figure).padStart(8)).join(' '));
}
