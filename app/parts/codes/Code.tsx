import Box from '@mui/material/Box';
import QRCode from 'qrcode';
import { useMemo } from 'react';

/** Blank modules around a code, as its standard asks. */
const QUIET = 4;

/** A text as a QR code: black on white whatever the scheme, since cameras read it. */
export function Code({ text, label, size }: { text: string; label: string; size: number | string }) {
  const { path, side } = useMemo(() => {
    const { modules } = QRCode.create(text, { errorCorrectionLevel: 'L' });
    const parts: string[] = [];
    for (let row = 0; row < modules.size; row++) {
      for (let column = 0; column < modules.size; column++) {
        if (modules.get(row, column)) parts.push(`M${column + QUIET} ${row + QUIET}h1v1h-1z`);
      }
    }
    return { path: parts.join(''), side: modules.size + 2 * QUIET };
  }, [text]);
  return (
    <Box
      component="svg"
      role="img"
      aria-label={label}
      viewBox={`0 0 ${side} ${side}`}
      shapeRendering="crispEdges"
      sx={{ width: size, height: size, display: 'block', background: '#fff', flex: 'none' }}
    >
      <path d={path} fill="#000" />
    </Box>
  );
}
