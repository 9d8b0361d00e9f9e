import Box from '@mui/material/Box';

interface SwatchProps {
  hex: string;
  /** Pixels on a side. */
  size: number;
}

/** A colour in the line of words that name it. */
export function Swatch({ hex, size }: SwatchProps) {
  return (
    <Box
      component="span"
      aria-hidden
      sx={{
        display: 'inline-block',
        flex: 'none',
        width: size,
        height: size,
        mr: 0.75,
        verticalAlign: `${-size * 0.18}px`,
        border: '1px solid var(--ink)',
        borderRadius: '3px',
        background: hex,
      }}
    />
  );
}
