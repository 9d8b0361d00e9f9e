import type { Landing, Move, Moved } from '../../../core/planning/revising/moving.ts';

/** A plan that came of moving a run, with the pins that hold it there. */
export type MovedPlan = Extract<Moved, { plan: unknown }>;

/** Where a run is held over the board, and what comes of letting it go there. */
export interface Aim extends Move {
  /** Whether it may stand there, as all else is now: known at once. */
  landing: Landing;
  /** What it changes; null while that is being planned. */
  moved: Moved | null;
}

interface Surroundings {
  /** Whether a run may stand at a place; quick. */
  land(move: Move): Landing;
  /** The plan with a run at a place; slow. */
  plan(move: Move): Promise<Moved>;
  /** Calls `act` once the pointer has rested; returns a function that cancels it. */
  onceStill(act: () => void): () => void;
  onAim(aim: Aim | null): void;
  onMoved(moved: MovedPlan, move: Move): void;
}

const isSame = (one: Move, other: Move): boolean =>
  one.start === other.start &&
  one.painters.join() === other.painters.join() &&
  one.taskIds.join() === other.taskIds.join();

/** A run being dragged over the board. Refusals come at once, consequences once the pointer rests, the plan on release. */
export class HeldRun {
  readonly #around: Surroundings;
  #aim: Aim | null = null;
  #isLetGo = false;
  #callOff = (): void => undefined;

  constructor(around: Surroundings) {
    this.#around = around;
  }

  /** Holds a run over a place; the same place again changes nothing. */
  aimAt(move: Move): void {
    if (this.#aim !== null && isSame(this.#aim, move)) return;
    this.#callOff();
    this.#isLetGo = false;
    const landing = this.#around.land(move);
    this.#show({ ...move, landing, moved: null });
    if ('pins' in landing) this.#callOff = this.#around.onceStill(() => void this.#plan(move));
  }

  /** Lets it go: the plan is handed out when it is made, or the refusal stays in the aim. */
  drop(): void {
    if (this.#aim === null) return;
    this.#isLetGo = true;
    this.#handOut(this.#aim);
  }

  putBack(): void {
    this.#callOff();
    this.#isLetGo = false;
    this.#show(null);
  }

  async #plan(move: Move): Promise<void> {
    const moved = await this.#around
      .plan(move)
      .catch((error: unknown) => ({ refused: error instanceof Error ? error.message : String(error) }));
    // The pointer has moved on.
    if (this.#aim === null || !isSame(this.#aim, move)) return;
    const aim = { ...this.#aim, moved };
    this.#show(aim);
    if (this.#isLetGo) this.#handOut(aim);
  }

  #handOut(aim: Aim): void {
    if (aim.moved === null || !('plan' in aim.moved)) return;
    this.putBack();
    this.#around.onMoved(aim.moved, aim);
  }

  #show(aim: Aim | null): void {
    this.#aim = aim;
    this.#around.onAim(aim);
  }
}
