import type { DryingPiece } from '../../../core/running/drying-status.ts';
import type { TouchGroup } from '../../../core/running/touch-groups.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { counted } from '../../../core/units/sentence.ts';

export const VERBS = {
  turn: 'turn',
  'other-side': 'paint the other side',
  recoat: 'recoat',
  'put-right': 'make good',
  hang: 'hang',
  use: 'close',
} as const;

/** A forecast moment, or the end of a window. */
export type When = (minutes: number, isEnd?: boolean) => string;

/** The piece whose window closes first; null where none has a window. */
export const earliestClosing = (pieces: readonly DryingPiece[]): DryingPiece | null =>
  pieces.reduce<DryingPiece | null>(
    (soonest, drying) =>
      drying.closes !== null && (soonest?.closes == null || drying.closes < soonest.closes) ? drying : soonest,
    null,
  );

/** What is said of pieces together: what they are ready for, and a detail beside it. */
export function groupWords({ pieces, isResting }: TouchGroup, when: When): [string, string] {
  const [first] = pieces;
  const last = pieces.at(-1) ?? first;
  const soonest = earliestClosing(pieces);
  const verb = VERBS[first.verb];
  const count = counted(pieces.length, 'piece');
  if (isResting) {
    const isClosing = pieces.every((drying) => drying.verb === 'use');
    return [`still curing: ${count}`, `${isClosing ? 'keep open until' : 'leave until'} ${when(first.opens)}`];
  }
  switch (first.state) {
    case 'wet':
      return [
        `wet, leave alone: ${count}`,
        `first touch dry ${when(Math.min(...pieces.map(({ touchDry }) => touchDry)))}`,
      ];
    case 'late':
      return [`sand first: ${count}`, 'recoat window closed'];
    case 'ready':
      return [
        `${verb} now: ${count}`,
        soonest?.closes == null ? '' : `first window closes ${when(soonest.closes, true)}`,
      ];
    default: {
      if (first.opens === Infinity) return [`tacky, leave alone: ${count}`, 'too cold to dry: warm the room'];
      const [from, until] = [when(first.opens), when(last.opens)];
      return [`${verb} from ${from}: ${count}`, from === until ? '' : `last one from ${until}`];
    }
  }
}

/** What is said of one piece: what it is ready for, and a detail beside it. */
export function dryingWords(drying: DryingPiece, at: number, when: When): [string, string] {
  const verb = VERBS[drying.verb];
  switch (drying.state) {
    case 'wet':
      return ['wet: leave it', `touch dry ${when(drying.touchDry)}, ${verb} from ${when(drying.opens)}`];
    case 'tacky':
    case 'hardening':
      if (drying.opens === Infinity) return ['tacky: leave it', 'too cold to dry: warm the room'];
      return [
        `${verb} from ${when(drying.opens)}`,
        `${drying.state === 'hardening' ? 'curing' : drying.state}, ${formatDuration(drying.opens - at)}`,
      ];
    case 'ready':
      return [
        `${verb} now`,
        drying.closes === null ? `since ${when(drying.opens)}` : `until ${when(drying.closes, true)}`,
      ];
    case 'late':
      return ['sand first', `recoat window closed ${when(drying.closes ?? at)}`];
    case 'cured':
      return ['cured', ''];
  }
}
