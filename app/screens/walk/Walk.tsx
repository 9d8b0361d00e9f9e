import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import useMediaQuery from '@mui/material/useMediaQuery';
import Drawer from '@mui/material/Drawer';
import { Suspense, useCallback, useEffect, useState, type ReactNode } from 'react';
import { fetchedLater } from '../../device/fetched-later.ts';
import { useJob } from '../../open-job/use-job.ts';
import { goTo, useRoute } from '../../device/route.ts';
import { EmptyState } from '../../parts/Section.tsx';
import { LiftedBar } from '../../parts/LiftedBar.tsx';
import { Assumed } from './Assumed.tsx';
import { CutList } from './CutList.tsx';
import { ListsMenu } from './ListsMenu.tsx';
import { PieceWall } from './PieceWall.tsx';
import { QuickLine } from './QuickLine.tsx';
import { Rooms } from './Rooms.tsx';
import { useBegunList } from './use-begun-list.ts';

// What is not on the wall comes when it is asked for, or when the wall stands.
const load = {
  editor: () => import('./PieceEditor.tsx').then((module) => ({ default: module.PieceEditor })),
  adding: () => import('./AddPieces.tsx').then((module) => ({ default: module.AddPieces })),
  table: () => import('./PieceTable.tsx').then((module) => ({ default: module.PieceTable })),
  list: () => import('./ListDialog.tsx').then((module) => ({ default: module.ListDialog })),
};
const PieceEditor = fetchedLater(load.editor);
const AddPieces = fetchedLater(load.adding);
const PieceTable = fetchedLater(load.table);
const ListDialog = fetchedLater(load.list);
const LATER = 400;

const VIEWS = { wall: 'Wall', table: 'Table', 'cut-list': 'Cut list' } as const;
type View = keyof typeof VIEWS;

/** Walk the job: every piece with its size, surface and scope, typed in a line, drawn to scale, or set in a table. */
export default function Walk() {
  const job = useJob();
  const route = useRoute();
  useEffect(() => {
    const timer = setTimeout(() => void Promise.all([load.editor(), load.adding()]), LATER);
    return () => clearTimeout(timer);
  }, []);
  const isWide = useMediaQuery('(min-width: 1200px)', { noSsr: true });
  const view: View = route.view !== null && route.view in VIEWS ? (route.view as View) : 'wall';
  const [isAdding, setIsAdding] = useState(false);
  const [isListing, setIsListing] = useState(false);
  const { list, setList, unread, begin } = useBegunList(job.id);
  const chosen = job.pieces.find((piece) => piece.id === route.pieceId);
  const show = useCallback(
    (next: { view?: string; pieceId?: string | null }): void =>
      goTo({ stage: 'walk', jobId: job.id, view, pieceId: null, ...next }, 'replace'),
    [job.id, view],
  );
  const choose = useCallback((pieceId: string | null): void => show({ pieceId }), [show]);

  const views: Readonly<Record<View, () => ReactNode>> = {
    wall: () => <PieceWall chosen={chosen?.id ?? null} onChoose={choose} />,
    table: () => <PieceTable chosen={chosen?.id ?? null} onChoose={choose} />,
    'cut-list': () => <CutList />,
  };

  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: chosen ? 'minmax(0, 1fr) 430px' : 'minmax(0, 1fr)' },
        alignItems: 'start',
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <LiftedBar />
        <Assumed />
        <QuickLine
          onOpen={choose}
          onList={(text) => {
            begin(text);
            setIsListing(true);
          }}
        />
        <Box sx={{ display: 'flex', gap: 1, mb: 2.5, flexWrap: 'wrap', alignItems: 'center' }}>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={view}
            aria-label="Show as"
            onChange={(_event, next: View | null) =>
              next && show({ view: next, pieceId: next === 'cut-list' ? null : route.pieceId })
            }
            sx={{ mr: 'auto' }}
          >
            {Object.entries(VIEWS).map(([id, name]) => (
              <ToggleButton key={id} value={id}>
                {name}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Button variant="outlined" onClick={() => setIsAdding(true)}>
            Add pieces
          </Button>
          <Rooms />
          <ListsMenu isBegun={list !== null} onTakeIn={() => setIsListing(true)} />
        </Box>
        {job.pieces.length === 0 ? (
          <EmptyState
            title="Walk the rooms with a tape"
            action={
              <Button variant="contained" size="large" onClick={() => setIsAdding(true)}>
                Add first piece
              </Button>
            }
          >
            Type what you see in the line above, e.g. <em>2 door 6p 762x1981 oil gloss</em>. Or choose a piece by its
            drawing, or import a list.
          </EmptyState>
        ) : (
          <Suspense fallback={<Box sx={{ color: 'var(--ink-soft)' }}>Loading table…</Box>}>{views[view]()}</Suspense>
        )}
      </Box>
      {chosen && (
        <BesideOrOver isBeside={isWide} onClose={() => choose(null)}>
          <Suspense fallback={null}>
            <PieceEditor key={chosen.id} piece={chosen} onClose={() => choose(null)} onChoose={choose} />
          </Suspense>
        </BesideOrOver>
      )}
      {isAdding && (
        <Suspense fallback={null}>
          <AddPieces onClose={() => setIsAdding(false)} onAdded={choose} />
        </Suspense>
      )}
      {isListing && (
        <Suspense fallback={null}>
          <ListDialog list={list} unread={unread} setList={setList} onClose={() => setIsListing(false)} />
        </Suspense>
      )}
    </Box>
  );
}

interface BesideOrOverProps {
  isBeside: boolean;
  onClose(): void;
  children: ReactNode;
}

/** The chosen piece: beside the pieces where there is room, over them on a phone. */
function BesideOrOver({ isBeside, onClose, children }: BesideOrOverProps) {
  if (isBeside) {
    return (
      <Box
        sx={{ position: 'sticky', top: 16, maxHeight: 'calc(100vh - 32px)', overflowY: 'auto', borderRadius: '8px' }}
      >
        {children}
      </Box>
    );
  }
  return (
    <Drawer
      open
      anchor="right"
      onClose={onClose}
      slotProps={{ paper: { sx: { width: 'min(100vw, 470px)', background: 'var(--ground)' } } }}
    >
      {children}
    </Drawer>
  );
}
