import { wrap, type Endpoint, type Remote } from 'comlink';
import { tellNotLoaded } from '../keeping/new-version.ts';
import type { PendingQuery } from './pending-query.ts';

/** Idle workers that are kept, at most. */
const MAX_IDLE = 2;
/** An idle worker is terminated after this many ms, to free its memory. */
const IDLE_FOR = 60_000;

/** The part of a browser's worker that is used here. */
export type Opened = Endpoint & Pick<Worker, 'terminate'>;

/** An open worker, and a promise that rejects when its script can't be loaded. */
interface Entry<W> {
  worker: Opened;
  remote: Remote<W>;
  failed: Promise<never>;
}

/** A worker lent to one caller. */
export interface Held<W> {
  /** Asks a question. Rejects with the worker's error, or when its script can't be loaded. */
  ask<A>(question: (worker: Remote<W>) => Promise<A>): Promise<A>;
  /** Returns the worker. With a question still open it is terminated, and that answer never comes. */
  end(): void;
}

/** Workers that run the same script. A worker that has answered is kept for the next question, its script compiled. */
export class KeptWorkers<W> {
  readonly #create: () => Opened;
  /** Idle workers, each with the timer that terminates it. */
  readonly #idle: { entry: Entry<W>; timer: ReturnType<typeof setTimeout> }[] = [];

  constructor(create: () => Opened) {
    this.#create = create;
  }

  /** Asks a single question of an idle worker. */
  ask<A>(question: (worker: Remote<W>) => Promise<A>): PendingQuery<A> {
    const held = this.hold();
    return { result: held.ask(question).finally(held.end), cancel: held.end };
  }

  /** Lends a worker for several questions. */
  hold(): Held<W> {
    const entry = this.#take();
    const { worker, remote, failed } = entry;
    let open = 0;
    let hasFailed = false;
    let isHeld = true;
    failed.catch(() => (hasFailed = true));
    return {
      ask: async (question) => {
        open += 1;
        try {
          return await Promise.race([question(remote), failed]);
        } finally {
          open -= 1;
        }
      },
      end: () => {
        if (isHeld && open === 0 && !hasFailed) this.#keep(entry);
        else if (isHeld) worker.terminate();
        isHeld = false;
      },
    };
  }

  #take(): Entry<W> {
    const kept = this.#idle.pop();
    if (kept) {
      clearTimeout(kept.timer);
      return kept.entry;
    }
    const worker = this.#create();
    const failed = new Promise<never>((_answer, fail) => {
      worker.addEventListener('error', () => {
        tellNotLoaded();
        fail(new Error('A part of Nivel can’t be loaded. Your work is saved. Reload, or try again.'));
      });
    });
    return { worker, remote: wrap<W>(worker), failed };
  }

  #keep(entry: Entry<W>): void {
    if (this.#idle.length >= MAX_IDLE) {
      entry.worker.terminate();
      return;
    }
    const timer = setTimeout(() => {
      this.#idle.splice(
        this.#idle.findIndex((each) => each.entry === entry),
        1,
      );
      entry.worker.terminate();
    }, IDLE_FOR);
    this.#idle.push({ entry, timer });
  }
}
