import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useImperativeHandle, useRef, type Ref } from 'react';
import { useLocalise } from '../../open-job/use-job.ts';
import { ROLE_DEFINITIONS, toolFor } from '../../../core/sequence/roles.ts';
import type { PassResult } from '../../../core/sequence/simulated-pass.ts';
import type { MetLap, TimedStroke } from '../../../core/sequence/simulate.ts';
import type { StrokesView } from './use-strokes.ts';
import { strokeAt } from '../../../core/sequence/playhead.ts';
import { DragIcon } from '../../drawing/icons.tsx';
import { SortableList } from '../../parts/SortableList.tsx';

/** Longer orders are searched, not shifted by hand. */
const MAX_SHIFTED = 80;

/** Marks the stroke of a time. */
export interface ListHandle {
  show(time: number): void;
}

interface OrderListProps {
  view: StrokesView;
  onGoTo(time: number): void;
  onOrder(order: string[]): void;
  ref?: Ref<ListHandle>;
}

/** The lap of a stroke over which it is pulled the latest; null when it meets nothing wet. */
function oldestMet(result: PassResult): ReadonlyMap<string, MetLap> {
  const oldest = new Map<string, MetLap>();
  for (const lap of result.laps) {
    const known = oldest.get(lap.later.stroke.id);
    if (!known || lap.share > known.share) oldest.set(lap.later.stroke.id, lap);
  }
  return oldest;
}

/** The order as a list: what, with what, how long, and the oldest edge that it meets. Short ones can be shifted by hand. */
export function OrderList({ view, onGoTo, onOrder, ref }: OrderListProps) {
  const { result, setting } = view;
  const list = useRef<HTMLOListElement>(null);
  const shown = useRef<string | null>(null);
  const met = oldestMet(result);
  useImperativeHandle(ref, () => ({
    show: (time) => {
      const id = time > result.start ? (strokeAt(result, time)?.stroke.id ?? null) : null;
      if (id === shown.current) return;
      shown.current = id;
      list.current?.querySelector('[aria-current]')?.removeAttribute('aria-current');
      const row = id === null ? null : list.current?.querySelector(`[data-row="${CSS_ESCAPE(id)}"]`);
      row?.setAttribute('aria-current', 'step');
      if (row && list.current) keepInSight(list.current, row as HTMLElement);
    },
  }));
  const ids = result.strokes.map(({ stroke }) => stroke.id);
  const canShift = ids.length <= MAX_SHIFTED && result.stops.length === 0;
  const names = new Map(result.strokes.map(({ stroke }) => [stroke.id, stroke.name]));
  return (
    <SortableList ids={ids} what="stroke" nameOf={(id) => names.get(id) ?? ''} isDisabled={!canShift} onOrder={onOrder}>
      <Box
        component="ol"
        ref={list}
        aria-label="Painting order"
        tabIndex={0}
        sx={{ maxHeight: { xs: 'none', md: 520 }, overflowY: 'auto', position: 'relative' }}
      >
        {result.strokes.map((entry) => (
          <OrderRow
            key={entry.stroke.id}
            entry={entry}
            met={met.get(entry.stroke.id) ?? null}
            tool={toolFor(entry.stroke, setting.application)}
            start={result.start}
            hasTwo={setting.painters === 2}
            canShift={canShift}
            onGoTo={onGoTo}
          />
        ))}
      </Box>
    </SortableList>
  );
}

const CSS_ESCAPE = (id: string): string => window.CSS.escape(id);

/** Scrolls a list, and nothing around it, until a row of it can be seen. */
function keepInSight(list: HTMLElement, row: HTMLElement): void {
  if (list.scrollHeight <= list.clientHeight) return;
  const { offsetTop, offsetHeight } = row;
  if (offsetTop < list.scrollTop) list.scrollTop = offsetTop;
  else if (offsetTop + offsetHeight > list.scrollTop + list.clientHeight) {
    list.scrollTop = offsetTop + offsetHeight - list.clientHeight;
  }
}

interface OrderRowProps {
  entry: TimedStroke;
  met: MetLap | null;
  tool: string;
  start: number;
  hasTwo: boolean;
  canShift: boolean;
  onGoTo(time: number): void;
}

const MET_COLOURS = {
  fresh: 'var(--ink-soft)',
  close: 'var(--tacky)',
  'gone-off': 'var(--late)',
  stopped: 'var(--ink-soft)',
} as const;

function OrderRow({ entry, met, tool, start, hasTwo, canShift, onGoTo }: OrderRowProps) {
  const { stroke, number, from, until, hand } = entry;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: stroke.id });
  const localise = useLocalise();
  const { how, from: stand } = ROLE_DEFINITIONS[stroke.role];
  return (
    <Box
      component="li"
      ref={setNodeRef}
      data-row={stroke.id}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      sx={{
        display: 'grid',
        gridTemplateColumns: canShift ? '30px minmax(0, 1fr) auto' : 'minmax(0, 1fr)',
        alignItems: 'center',
        borderBottom: '1px solid var(--line)',
        background: isDragging ? 'var(--vial-glass)' : 'var(--sheet)',
        zIndex: isDragging ? 2 : 0,
        '&[aria-current]': { background: 'color-mix(in srgb, var(--vial) 30%, var(--sheet))' },
      }}
    >
      {canShift && (
        <IconButton
          size="small"
          {...attributes}
          {...listeners}
          aria-label={localise(`Move ${stroke.name}`)}
          sx={{ width: 30, height: 44, borderRadius: 1, cursor: 'grab', touchAction: 'none' }}
        >
          <DragIcon fontSize="small" />
        </IconButton>
      )}
      <Box
        component="button"
        type="button"
        onClick={() => onGoTo(from + 0.001)}
        sx={{
          font: 'inherit',
          color: 'inherit',
          background: 'none',
          border: 0,
          textAlign: 'left',
          p: 0,
          py: 0.75,
          pr: 1,
          cursor: 'pointer',
          minHeight: 44,
          width: '100%',
          gridColumn: canShift ? '2 / 4' : '1',
        }}
      >
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
          <Box component="span" className="condensed" sx={{ minWidth: 24 }}>
            {number}
          </Box>
          <Box component="span" sx={{ flex: 1, fontWeight: 600, lineHeight: 1.3 }}>
            {localise(stroke.name)}
            {stand !== null && (
              <Box component="span" sx={{ fontWeight: 400 }}>
                , {stand}
              </Box>
            )}
          </Box>
          <Box component="span" sx={{ fontSize: 14, color: 'var(--ink-soft)', whiteSpace: 'nowrap' }}>
            {(until - from).toFixed(1)} min
          </Box>
        </Box>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)', pl: 4, lineHeight: 1.35 }}>
          {localise(tool)}
          {hasTwo && `, ${hand.name}`}, from {(from - start).toFixed(1)} min. {localise(how)}
          {met && met.state !== 'fresh' && (
            <Box component="span" sx={{ color: MET_COLOURS[met.state], fontWeight: 650 }}>
              {' '}
              {met.state === 'stopped'
                ? localise(`Starts at a dry line: ${met.earlier.stroke.name}.`)
                : localise(
                    `Reaches ${met.earlier.stroke.name} at ${met.age.toFixed(1)} min (wet until ${met.limit.toFixed(0)}).`,
                  )}
            </Box>
          )}
        </Box>
      </Box>
    </Box>
  );
}
