import { useMemo, type RefObject } from 'react';
import { layoutOf, type Layout } from '../../../core/sequence/layout.ts';
import type { Pass } from '../../../core/sequence/pass.ts';
import { useWidth } from '../../device/use-width.ts';

/** The layout of a pass in a box as wide as it comes, and `height` px high at most but for rows; null before it is measured. */
export function usePassLayout(
  pass: Pass,
  height: number,
): { box: RefObject<HTMLDivElement | null>; layout: Layout | null } {
  const { box, width } = useWidth();
  const layout = useMemo(() => (width > 0 ? layoutOf(pass, width, height) : null), [pass, width, height]);
  return { box, layout };
}
