import type { PlanProblem, PlanTask } from '../problem.ts';
import type { Shifts } from './calendar.ts';

/** A limit of a wait, ready to be asked. */
export interface PreparedMeasure {
  /** First whole tick at which the limit is made after `end`; `Infinity` if never. */
  reach(end: number): number;
  /** Last whole tick from which the limit is made by `start`; `-Infinity` if there is none. */
  latest(start: number): number;
  /** Whether more than the limit has passed between two ticks. */
  passed(end: number, start: number): boolean;
  /** A typical length in ticks, to rank tasks by. */
  typical: number;
  /** Limits of the same name are the same. */
  name: string;
  /** The id of the clock by which it is measured, and how much of it; null for plain ticks. */
  clock: string | null;
  dose: number;
}

export interface PreparedWait {
  from: number;
  to: number;
  atLeast: PreparedMeasure | null;
  atMost: PreparedMeasure | null;
  /** Extra work when `atMost` has passed; null when it must not. */
  lateWork: number | null;
}

export interface PreparedSetup {
  index: number;
  key: string;
  work: number;
  keeps: number;
  acrossShifts: boolean;
  /** By the index of another set-up: the ticks that this one takes after it. */
  after: Int32Array;
  /** Whether setting up is mixing a two-part product. */
  mixes: boolean;
}

export interface PreparedTask {
  index: number;
  task: PlanTask;
  setup: PreparedSetup | null;
  /** Tasks of the same kind go on in one batch: those of one set-up, or without one the same step of their pieces. */
  kind: number;
  /** How long what it leaves wet takes to dry; 0 for nothing. */
  dries: number;
  /** Where it is done, as a number; −1 for nowhere in particular. */
  place: number;
  earliest: number;
  latest: number;
  /** Whether it can stand in one place only, as what was done does. */
  isFixed: boolean;
  /** Whether it is an appointment of whoever does it. */
  isPinned: boolean;
  /** Whether those who do it have nothing but appointments, as the owners of recorded work do. */
  isRecorded: boolean;
  window: readonly (readonly [number, number])[] | null;
  /** Indices of the painters who may do it, and the index of this crew; the same for all tasks that say the same. */
  by: readonly number[];
  crew: number;
  spaces: readonly { space: number; slots: number }[];
  before: PreparedWait[];
  after: PreparedWait[];
  /** Holds that begin when this task ends, and holds that end when it starts. */
  opens: PreparedHold[];
  closes: PreparedHold[];
  /** Tasks of the same need take the same tool and the same places, and leave and give back the same. */
  need: number;
  /** Whether it is on the way from a task to another one that has to follow that in time. */
  hurries: boolean;
  /** Where another one has to follow it in time: that one and all on the way to it, in the order of waits. */
  leadsOn: readonly number[];
  /** Slots that it needs beyond those that it gives back, by the spaces in which it leaves something. */
  leaves: readonly { space: number; needs: number }[];
  /** Spaces of which it gives back more slots than it takes up again. */
  releases: readonly number[];
}

export interface PreparedHold {
  index: number;
  space: number;
  slots: number;
  after: number;
  until: number;
}

/** Work of a painter that stands in one place: what somebody has pinned, or what was done. */
export interface Appointment {
  task: number;
  start: number;
  end: number;
}

/** Pieces that have to take turns at a place: more of them want to lie there than there are slots. */
export interface Lane {
  pieces: readonly number[];
  /** How many of them can lie there at once. */
  slots: number;
  /** How long one of them usually lies there, from first to last, in ticks. */
  cycle: number;
}

/** A space that changes between tasks that share it and tasks that need all of it, as wet paint and dust do with air. */
export interface TurnedSpace {
  sharing: readonly number[];
  clearing: readonly number[];
}

/** A problem with its references resolved to indices and its clocks summed. */
export interface Prepared {
  problem: PlanProblem;
  tasks: PreparedTask[];
  /** Per painter; those who work the same hours share them. */
  shifts: readonly Shifts[];
  /** Per painter, what stands already in hands that do other work as well. */
  appointments: readonly (readonly Appointment[])[];
  /** The hours in which all of a team work. */
  jointShifts(team: readonly number[]): Shifts;
  /** Crews by their index; first, for each painter, the crew of that painter alone. */
  crews: readonly (readonly number[])[];
  /** Per painter, the indices of the crews that they belong to. */
  crewsOf: readonly (readonly number[])[];
  capacities: readonly number[];
  /** By space, whether something is left there between tasks. */
  isHeld: readonly boolean[];
  /** Set-ups by their index. */
  setups: readonly PreparedSetup[];
  holds: PreparedHold[];
  /** Indices of tasks in an order that respects every wait; null when waits run in a circle. */
  order: number[] | null;
  /** Per task, whether it is a moment in the drying of something: what takes nothing and may end a hold. */
  isMoment: Uint8Array;
  /** Moments that wait for nothing. */
  firstMoments: readonly number[];
  /** What each task waits for, one task's after another's: those of a task are between two of `before.starts`. */
  before: { starts: Int32Array; from: Int32Array };
  /** Per task, how many waits are before it. */
  waitCounts: Int32Array;
  /** Tasks that hang together by waits, each in that order: mostly those of one piece. */
  pieces: readonly (readonly number[])[];
  /** Pieces that have to take turns. */
  lanes: readonly Lane[];
  /** Per task, the index of its piece. */
  pieceOf: Int32Array;
  /** Per task, the number of what is left to do from it on: those of one number are of one step, and so is what follows. */
  courses: Int32Array;
  /** Per task, the typical length in ticks from its start to the end of all that follows it. */
  tails: Float64Array;
  /** How many different needs tasks have. */
  needs: number;
  /** Spaces that change between those who share them and those who need all. */
  turned: readonly TurnedSpace[];
  /** How far a finish counts. */
  counted(finish: number): number;
  /** Half of the first shift, in ticks. */
  halfShift: number;
  /** What the longest set-up takes, in ticks. */
  longestSetup: number;
}
