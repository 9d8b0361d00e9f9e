import Box from '@mui/material/Box';
import InputBase from '@mui/material/InputBase';
import Popper from '@mui/material/Popper';
import { useGridApiContext, type GridRenderEditCellParams, type GridValidRowModel } from '@mui/x-data-grid';
import { useEffect, useRef } from 'react';

/** A cell while it is typed over; what can't be stays in it, with what would be right beneath. */
export function TypedCell({ id, field, value, hasFocus, error }: GridRenderEditCellParams<GridValidRowModel, string>) {
  const grid = useGridApiContext();
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (hasFocus) input.current?.focus();
  }, [hasFocus]);
  const fault = typeof error === 'string' ? error : null;
  return (
    <>
      <InputBase
        inputRef={input}
        value={value ?? ''}
        fullWidth
        onChange={(event) => void grid.current.setEditCellValue({ id, field, value: event.target.value })}
        inputProps={{ 'aria-label': `${field}, edited`, 'aria-invalid': fault !== null }}
        sx={{ px: 1.25, fontSize: 14, color: fault ? 'var(--late)' : 'inherit' }}
      />
      <Popper open={fault !== null} anchorEl={input.current} placement="bottom-start" sx={{ zIndex: 1500 }}>
        <Box
          role="alert"
          sx={{
            background: 'var(--late)',
            color: 'var(--sheet)',
            fontSize: 14,
            p: 1,
            mt: 0.75,
            borderRadius: '6px',
            maxWidth: 300,
          }}
        >
          {fault}
        </Box>
      </Popper>
    </>
  );
}
