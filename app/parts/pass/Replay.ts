import type { PassResult } from '../../../core/sequence/simulated-pass.ts';
import type { TimedStroke } from '../../../core/sequence/simulate.ts';

/** How a stroke looks at a time. */
export type StrokeLook = 'bare' | 'queued' | 'painting' | 'fresh' | 'close' | 'gone-off';

/** How a stroke looks at a time on the clock of its pass. */
export function lookAt({ from, until, closeAt, offAt }: TimedStroke, time: number): StrokeLook {
  if (time <= from) return 'bare';
  if (time < until) return 'painting';
  if (time < closeAt) return 'fresh';
  return time < offAt ? 'close' : 'gone-off';
}

/**
 * Shows a pass at any of its times on a drawing that is there already: only attributes of what has changed are
 * written, so that a railing of a hundred spindles is played as smoothly as a door.
 */
export class Replay {
  readonly #root: SVGSVGElement;
  readonly #before: StrokeLook;
  readonly #looks = new Map<string, StrokeLook>();
  readonly #nodes = new Map<string, Element>();
  #result: Pick<PassResult, 'strokes' | 'laps' | 'start'> = { strokes: [], laps: [], start: 0 };
  #laps: { node: Element; at: number; isMet: boolean | null }[] = [];
  #hands: SVGGElement[] = [];

  /** `before` is how a stroke of the pass looks that is not begun yet. */
  constructor(root: SVGSVGElement, before: 'bare' | 'queued' = 'bare') {
    this.#root = root;
    this.#before = before;
    for (const node of root.querySelectorAll('[data-stroke]')) {
      this.#nodes.set(node.getAttribute('data-stroke') ?? '', node);
    }
  }

  /** Takes the pass that is shown from now on, once its laps and hands are drawn. */
  take(result: Pick<PassResult, 'strokes' | 'laps' | 'start'>): void {
    const painted = new Set(result.strokes.map(({ stroke }) => stroke.id));
    for (const id of this.#looks.keys()) if (!painted.has(id)) this.#look(id, 'bare');
    this.#result = result;
    this.#laps = [...this.#root.querySelectorAll('[data-lap]')].flatMap((node) => {
      const lap = result.laps[Number(node.getAttribute('data-lap'))];
      return lap ? [{ node, at: (lap.later.from + lap.later.until) / 2, isMet: null }] : [];
    });
    this.#hands = [...this.#root.querySelectorAll<SVGGElement>('[data-hand]')];
  }

  #look(id: string, look: StrokeLook): void {
    if (this.#looks.get(id) === look) return;
    this.#looks.set(id, look);
    this.#nodes.get(id)?.setAttribute('data-wet', look);
  }

  /** Shows the drawing at a time on the pass's clock. */
  show(time: number): void {
    const isBegun = time > this.#result.start;
    this.#root.toggleAttribute('data-begun', isBegun);
    const hands = new Map<string, TimedStroke>();
    for (const entry of this.#result.strokes) {
      const { id } = entry.stroke;
      const look = time <= entry.from ? this.#before : lookAt(entry, time);
      if (look === 'painting') hands.set(entry.hand.id, entry);
      this.#look(id, look);
    }
    for (const lap of this.#laps) {
      const isMet = time >= lap.at;
      if (lap.isMet === isMet) continue;
      lap.isMet = isMet;
      lap.node.setAttribute('data-met', String(isMet));
    }
    for (const marker of this.#hands) {
      const entry = isBegun ? hands.get(marker.getAttribute('data-hand') ?? '') : undefined;
      const at = entry && this.#nodes.get(entry.stroke.id)?.getAttribute('data-at');
      marker.setAttribute('visibility', at ? 'visible' : 'hidden');
      if (at) marker.setAttribute('transform', `translate(${at})`);
    }
  }
}
