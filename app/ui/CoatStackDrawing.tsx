import Box from '@mui/material/Box';
import type { Layer } from '../../core/build-up/coat-stack.ts';
import type { Surface } from '../../core/job/schema.ts';

const SUBSTRATE_FILL: Readonly<Record<Surface['substrate'], string>> = {
  softwood: '#d9b77e',
  oak: '#b58a52',
  mdf: '#b39b78',
  laminate: '#cfcbc0',
  metal: '#9aa6aa',
  vinyl: '#dfe0da',
};

interface CoatStackProps {
  layers: readonly Layer[];
  surface: Surface;
  colour: string;
  /** Without words, for a row of candidates. */
  bare?: boolean;
}

/** A cross-section through a finished face: coats drawn by their dry film, over the old coat and what it is made of. */
export function CoatStackDrawing({ layers, surface, colour, bare = false }: CoatStackProps) {
  const width = bare ? 132 : 520;
  const block = bare ? 132 : 210;
  const perMicron = bare ? 0.36 : 0.62;
  const heightOf = (layer: Layer): number => {
    if (layer.kind === 'substrate') return bare ? 30 : 58;
    if (layer.kind === 'existing') return bare ? 9 : 24;
    return Math.max(bare ? 8 : 22, (layer.dryFilm ?? 0) * perMicron);
  };
  let y = 2;
  const drawn = layers.map((layer) => {
    const top = y;
    y += heightOf(layer);
    return { layer, top, height: heightOf(layer) };
  });
  const fillOf = (layer: Layer): string => {
    if (layer.kind === 'substrate') return SUBSTRATE_FILL[surface.substrate];
    if (layer.kind === 'existing') return '#e9dfba';
    if (layer.role === 'topcoat') return colour;
    return layer.role === 'sealer' ? '#ffffffaa' : '#dcd8cb';
  };
  const words = layers.map((layer) => [layer.name, layer.detail].filter(Boolean).join(', ')).join('; ');
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`Cross-section from the top: ${words}`}
      viewBox={`0 0 ${width} ${y + 4}`}
      sx={{ width: '100%', maxWidth: width, display: 'block' }}
    >
      {drawn.map(({ layer, top, height }, index) => (
        <g key={`${layer.name}-${index}`}>
          <rect x={1} y={top} width={block - 2} height={height} fill={fillOf(layer)} stroke="var(--ink)" strokeWidth={1} />
          {layer.kind === 'coat' && layer.role === 'topcoat' && (
            <rect x={1.5} y={top + 0.5} width={block - 3} height={Math.min(3, height / 3)} fill="#fff" fillOpacity={0.28} />
          )}
          {layer.kind === 'substrate' && <Grain surface={surface} width={block} top={top} height={height} />}
          {layer.kind === 'existing' && layer.detail.startsWith('keyed') && (
            <path
              d={Array.from({ length: Math.floor(block / 5) }, (_unused, tooth) => `${tooth === 0 ? 'M' : 'L'}${1 + tooth * 5} ${top + (tooth % 2) * 3}`).join('')}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={1}
            />
          )}
          {!bare && (
            <>
              <line x1={block} x2={block + 16} y1={top + height / 2} y2={top + height / 2} stroke="var(--ink-soft)" />
              <text x={block + 22} y={top + height / 2} dominantBaseline="central" fontSize={14} fill="var(--ink)">
                {layer.name}
                <tspan fill="var(--ink-soft)" fontSize={13}>
                  {layer.detail ? `  ${layer.detail}` : ''}
                </tspan>
              </text>
            </>
          )}
        </g>
      ))}
    </Box>
  );
}

/** What the cut through the material looks like: year rings for wood, specks for board, nothing for the rest. */
function Grain({ surface, width, top, height }: { surface: Surface; width: number; top: number; height: number }) {
  if (surface.substrate === 'softwood' || surface.substrate === 'oak') {
    return (
      <g stroke="#6b4a22" strokeOpacity={0.55} fill="none">
        {Array.from({ length: Math.floor(width / 13) }, (_unused, ring) => {
          const x = 8 + ring * 13;
          return <path key={ring} d={`M${x} ${top + 1}q${ring % 2 ? 5 : -4} ${height / 2} 1 ${height - 2}`} />;
        })}
      </g>
    );
  }
  if (surface.substrate !== 'mdf' && surface.substrate !== 'laminate') return null;
  return (
    <g fill="#5c4a30" fillOpacity={0.4}>
      {Array.from({ length: Math.floor(width / 6) }, (_unused, speck) => (
        <circle key={speck} cx={5 + speck * 6} cy={top + 6 + ((speck * 17) % Math.max(1, height - 10))} r={1} />
      ))}
    </g>
  );
}
