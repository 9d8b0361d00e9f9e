import Box from '@mui/material/Box';
import Tooltip from '@mui/material/Tooltip';

interface ProgressMarkProps {
  /** 0 to 1. */
  share: number;
  /** What is counted, for eyes and screen readers alike: “3 of 5 bagged”. */
  words: string;
  /** Pixels. */
  width?: number;
  /** The colour of what is done, where it stands on a dark ground. */
  colour?: string;
}

const HEIGHT = 12;

/** How far something is that is counted: a bar that fills, and a tick when all is done. */
export function ProgressMark({ share, words, width = 38, colour = 'var(--ready)' }: ProgressMarkProps) {
  const done = Math.max(0, Math.min(1, Number.isFinite(share) ? share : 0));
  return (
    <Tooltip title={words}>
      <Box
        component="svg"
        role="img"
        aria-label={words}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        sx={{ width, height: HEIGHT, display: 'block', flex: 'none', color: colour }}
      >
        {done >= 1 ? (
          <path
            d={`M${width - 13} 6.5l4 4l8 -9`}
            fill="none"
            stroke="currentColor"
            strokeWidth={2.5}
            strokeLinecap="round"
          />
        ) : (
          <>
            <rect
              x={0.5}
              y={3.5}
              width={width - 1}
              height={5}
              rx={2.5}
              fill="none"
              stroke="currentColor"
              opacity={0.7}
            />
            {done > 0 && <rect x={0} y={3} width={Math.max(4, width * done)} height={6} rx={3} fill="currentColor" />}
          </>
        )}
      </Box>
    </Tooltip>
  );
}
