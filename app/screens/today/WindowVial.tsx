import type { DryingPiece } from '../../../core/running/drying-status.ts';
import { Vial } from '../../drawing/Vial.tsx';
import { vialReading } from '../../drawing/vial-reading.ts';
import { VERBS, type When } from './touch-words.ts';

/** Minutes before a window closes from which it is drawn: before that its date says enough. */
const WINDOW_IS_NEWS = 3 * 24 * 60;
const isWindowNews = ({ closes }: DryingPiece, at: number): boolean => closes !== null && closes - at < WINDOW_IS_NEWS;

interface WindowVialProps {
  drying: DryingPiece;
  at: number;
  when: When;
  words: string;
}

/** Where now stands in the window of a piece; nothing while its end is days away. */
export function WindowVial({ drying, at, when, words }: WindowVialProps) {
  if (!isWindowNews(drying, at)) return null;
  const { coated, since, touchDry, opens, closes, verb } = drying;
  return (
    <Vial
      reading={vialReading(at, drying)}
      words={words}
      detail={`${coated.coat.coating.name}: painted ${when(since)}, touch dry ${when(touchDry)}, ${VERBS[verb]} from ${when(opens)}${closes ? ` (after ${when(closes, true)}, sand first)` : ''}.`}
    />
  );
}
