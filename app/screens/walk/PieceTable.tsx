import Box from '@mui/material/Box';
import {
  DataGrid,
  type GridCellParams,
  type GridColDef,
  type GridPreProcessEditCellProps,
  type GridRowSelectionModel,
} from '@mui/x-data-grid';
import { useMemo, useState } from 'react';
import { editCells } from '../../../core/typing/edit-cell.ts';
import { COLUMNS, type ColumnId } from '../../../core/typing/piece-columns.ts';
import { compareMarks } from '../../../core/job/marks.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import { weightOf } from '../../../core/job/queries/pieces.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { takeOff } from '../../../core/quantities/take-off.ts';
import { parseLength } from '../../../core/units/length.ts';
import { AREA, formatWeight } from '../../../core/units/measures.ts';
import type { UnitSystem } from '../../../core/units/unit-systems.ts';
import { PieceThumb } from '../../drawing/elevation/PieceThumb.tsx';
import { thumbSize } from '../../drawing/elevation/thumb-size.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { Tag } from '../../parts/Tag.tsx';
import { ChosenBar } from './ChosenBar.tsx';
import { TypedCell } from './TypedCell.tsx';

interface PieceTableProps {
  chosen: string | null;
  onChoose(id: string): void;
}

/** A row while a cell of it is being typed over. */
type Row = Piece & { typed?: Partial<Record<ColumnId, string>> };

/** Columns in the order of the table, with their widths in px; those that start hidden are the rarer ones. */
const SHOWN: readonly (readonly [ColumnId, number, 'shown' | 'hidden'])[] = [
  ['room', 150, 'shown'],
  ['width', 84, 'shown'],
  ['height', 84, 'shown'],
  ['thickness', 92, 'hidden'],
  ['length', 84, 'shown'],
  ['substrate', 150, 'shown'],
  ['existing', 160, 'shown'],
  ['condition', 110, 'shown'],
  ['faces', 120, 'shown'],
  ['edges', 150, 'hidden'],
  ['painted', 92, 'shown'],
  ['front', 92, 'hidden'],
  ['back', 92, 'hidden'],
  ['who', 120, 'hidden'],
  ['closesAtNight', 120, 'hidden'],
  ['standIn', 130, 'hidden'],
  ['zone', 120, 'hidden'],
  ['neededBy', 112, 'hidden'],
  ['fireRated', 92, 'hidden'],
  ['upHigh', 110, 'hidden'],
  ['note', 180, 'shown'],
];
const SIZES: ReadonlySet<ColumnId> = new Set(['width', 'height', 'thickness', 'length']);
/** What follows from the sizes stands beside them. */
const AFTER_AREA: ReadonlySet<ColumnId> = new Set(
  SHOWN.map(([id]) => id).filter((id) => !SIZES.has(id) && id !== 'room'),
);
const HIDDEN = Object.fromEntries(SHOWN.filter(([, , is]) => is === 'hidden').map(([id]) => [id, false]));
const DRAWING = { width: 64, height: 44 } as const;

/** A size as it stands in its cell, in mm; blank ones come first. */
function sizeIn(text: string, units: UnitSystem): number {
  const read = parseLength(text, units);
  return read.ok ? read.value : -1;
}

const areaOf = (piece: Piece): number => takeOff(piece).reduce((sum, part) => sum + part.area, 0);

/** A column of the list as one of the table: written, read, sorted and refused by the same definition. */
function gridColumn(id: ColumnId, width: number, job: Job, say: (words: string) => string): GridColDef<Row> {
  const column = COLUMNS.find((known) => known.id === id);
  const choices = id === 'room' ? job.rooms.map(({ name }) => name) : column?.choices;
  return {
    field: id,
    headerName: say(column?.name ?? id),
    width,
    editable: true,
    valueGetter: (_value, row) => row.typed?.[id] ?? column?.write?.(row, job) ?? '',
    valueSetter: (value: string | null, row) => ({ ...row, typed: { ...row.typed, [id]: value ?? '' } }),
    preProcessEditCellProps: ({ props, row }: GridPreProcessEditCellProps<string, Row>) => {
      const read = editCells(job, row, { [id]: props.value ?? '' });
      return { ...props, error: read.ok ? false : read.message };
    },
    ...(choices
      ? { type: 'singleSelect', valueOptions: choices.map((value) => ({ value, label: value || 'no' })) }
      : { renderEditCell: (parameters) => <TypedCell {...parameters} /> }),
    ...(SIZES.has(id)
      ? {
          align: 'right',
          headerAlign: 'right',
          sortComparator: (one: string, other: string) =>
            sizeIn(one, job.settings.units) - sizeIn(other, job.settings.units),
        }
      : {}),
  };
}

/** All pieces as a table: sorted, filtered, typed over in place; chosen rows are set together. */
export function PieceTable({ chosen, onChoose }: PieceTableProps) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { units } = job.settings;
  const [selection, setSelection] = useState<GridRowSelectionModel>({ type: 'include', ids: new Set() });
  const columns = useMemo((): GridColDef<Row>[] => {
    return [
      {
        field: 'drawing',
        headerName: 'Drawing',
        width: 84,
        sortable: false,
        filterable: false,
        renderCell: ({ row }) => <RowDrawing piece={row} fill={groupOf(job, row)?.colour.hex ?? '#efece2'} />,
      },
      {
        field: 'mark',
        headerName: 'Tag',
        width: 92,
        sortComparator: (one: string, other: string) => compareMarks(one, other),
        renderCell: ({ row }) => (
          <Box
            component="button"
            type="button"
            tabIndex={-1}
            aria-label={`Open ${row.mark}`}
            onClick={() => onChoose(row.id)}
            sx={{ border: 0, background: 'none', p: 0, cursor: 'pointer', display: 'flex', font: 'inherit' }}
          >
            <Tag mark={row.mark} tone={row.id === chosen ? 'chosen' : 'plain'} />
          </Box>
        ),
      },
      {
        field: 'kind',
        headerName: 'Kind',
        width: 150,
        valueGetter: (_value, row) => localise(definitionOf(row.kind).name),
      },
      ...SHOWN.filter(([id]) => !AFTER_AREA.has(id)).map(([id, width]) => gridColumn(id, width, job, localise)),
      {
        field: 'area',
        headerName: 'To paint',
        width: 100,
        type: 'number',
        valueGetter: (_value, row) => areaOf(row),
        valueFormatter: (value: number) => AREA.format(value, units),
      },
      ...SHOWN.filter(([id]) => AFTER_AREA.has(id)).map(([id, width]) => gridColumn(id, width, job, localise)),
      {
        field: 'weight',
        headerName: 'Weight',
        width: 86,
        type: 'number',
        valueGetter: (_value, row) => weightOf(row),
        valueFormatter: (value: number) => formatWeight(value, job.settings.units),
      },
    ];
  }, [job, localise, units, chosen, onChoose]);

  const selected =
    selection.type === 'exclude'
      ? job.pieces.filter(({ id }) => !selection.ids.has(id))
      : job.pieces.filter(({ id }) => selection.ids.has(id));
  const open = ({ field, id }: GridCellParams): void => {
    if (field === 'mark' || field === 'drawing') onChoose(String(id));
  };
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <ChosenBar pieces={selected} onDone={() => setSelection({ type: 'include', ids: new Set() })} />
      <DataGrid<Row>
        label="Pieces"
        rows={job.pieces}
        columns={columns}
        rowHeight={52}
        showToolbar
        checkboxSelection
        disableRowSelectionOnClick
        rowSelectionModel={selection}
        onRowSelectionModelChange={setSelection}
        initialState={{
          columns: { columnVisibilityModel: HIDDEN },
          pagination: { paginationModel: { pageSize: 100 } },
        }}
        pageSizeOptions={[25, 100]}
        onCellKeyDown={(cell, event) => {
          if (event.key === 'Enter' && (cell.field === 'mark' || cell.field === 'drawing')) open(cell);
        }}
        processRowUpdate={(row, before) => {
          const read = editCells(job, before, row.typed ?? {});
          if (!read.ok) throw new Error(read.message);
          const isNothing = Object.keys(read.value.facts).length + Object.keys(read.value.shape).length === 0;
          if (isNothing) return before;
          const outcome = apply('revise-pieces', { edits: [read.value] }, { quiet: true });
          if (!outcome.ok) throw new Error(outcome.message);
          return outcome.value.pieces.find(({ id }) => id === before.id) ?? before;
        }}
        slotProps={{
          toolbar: { csvOptions: { disableToolbarButton: true }, printOptions: { disableToolbarButton: true } },
          basePagination: { material: { labelRowsPerPage: 'Rows' } },
        }}
        sx={{
          height: 'min(72vh, 900px)',
          background: 'var(--sheet)',
          borderColor: 'var(--line)',
          borderRadius: '8px',
          '--DataGrid-t-color-background-base': 'var(--sheet)',
          '--DataGrid-containerBackground': 'var(--ground)',
          '--DataGrid-rowBorderColor': 'var(--line)',
          '& .MuiDataGrid-columnHeaderTitle': { fontWeight: 650 },
          '& .MuiDataGrid-cell': { display: 'flex', alignItems: 'center' },
        }}
      />
    </Box>
  );
}

function RowDrawing({ piece, fill }: { piece: Piece; fill: string }) {
  const { width, height } = thumbSize(piece, 1);
  return <PieceThumb piece={piece} fill={fill} mmPerPixel={Math.max(width / DRAWING.width, height / DRAWING.height)} />;
}
