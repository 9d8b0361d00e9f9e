import { wrap, type Endpoint, type Remote } from 'comlink';
import type { Asked } from './asked.ts';

/** Workers that wait for the next question, at most. */
const MOST_WAITING = 2;
/** Ms after which one that nobody has asked ends: a phone has better use for what it holds. */
const WAITS_FOR = 60_000;

/** The browser's worker, as far as it is used. */
export type Opened = Endpoint & Pick<Worker, 'terminate' | 'onerror'>;

/** A worker in the hands of one asker. */
export interface Held<W> {
  /** Asks it something. Rejects with what it throws, or where its script can't be had. */
  ask<A>(question: (worker: Remote<W>) => Promise<A>): Promise<A>;
  /** Gives it back; with a question unanswered it is ended, and that answer never comes. */
  end(): void;
}

/**
 * Workers with the same script. One that has answered all that it was asked stays for the next asker, who then need not
 * wait until another has read and compiled it.
 */
export class KeptWorkers<W> {
  readonly #open: () => Opened;
  /** Those that wait, with the timers of their ends. */
  readonly #waiting: { worker: Opened; remote: Remote<W>; ends: ReturnType<typeof setTimeout> }[] = [];

  constructor(open: () => Opened) {
    this.#open = open;
  }

  /** Asks one thing of a worker that has nothing else to do. */
  ask<A>(question: (worker: Remote<W>) => Promise<A>): Asked<A> {
    const held = this.hold();
    return { result: held.ask(question).finally(held.end), cancel: held.end };
  }

  /** A worker for several questions. */
  hold(): Held<W> {
    const { worker, remote } = this.#take();
    let unanswered = 0;
    let isHeld = true;
    const failed = new Promise<never>((_answer, fail) => {
      worker.onerror = ({ message }) => {
        unanswered = Infinity;
        fail(new Error(message || 'What works this out can’t be loaded.'));
      };
    });
    failed.catch(() => undefined);
    return {
      ask: async (question) => {
        unanswered += 1;
        try {
          return await Promise.race([question(remote), failed]);
        } finally {
          unanswered -= 1;
        }
      },
      end: () => {
        if (isHeld && unanswered === 0) this.#keep(worker, remote);
        else if (isHeld) worker.terminate();
        isHeld = false;
      },
    };
  }

  #take(): { worker: Opened; remote: Remote<W> } {
    const kept = this.#waiting.pop();
    if (kept) {
      clearTimeout(kept.ends);
      return kept;
    }
    const worker = this.#open();
    return { worker, remote: wrap<W>(worker) };
  }

  #keep(worker: Opened, remote: Remote<W>): void {
    if (this.#waiting.length >= MOST_WAITING) {
      worker.terminate();
      return;
    }
    const ends = setTimeout(() => {
      this.#waiting.splice(
        this.#waiting.findIndex((each) => each.worker === worker),
        1,
      );
      worker.terminate();
    }, WAITS_FOR);
    this.#waiting.push({ worker, remote, ends });
  }
}
