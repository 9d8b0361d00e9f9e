import Box from '@mui/material/Box';
import type { Layer } from '../../core/build-up/coat-stack.ts';
import type { Substrate } from '../../core/pieces/substrate.ts';

const SUBSTRATE_FILL: Readonly<Record<Substrate, string>> = {
  softwood: '#d9b77e',
  oak: '#b58a52',
  mdf: '#b39b78',
  laminate: '#cfcbc0',
  metal: '#9aa6aa',
  vinyl: '#dfe0da',
  plaster: '#e2d9c8',
};

interface CoatStackProps {
  layers: readonly Layer[];
  substrate: Substrate;
  /** The old coat's colour, where somebody has seen it. */
  old: string | null;
  colour: string;
  /** Without words, for a row of candidates that say it beside. */
  bare?: boolean;
}

/** A cross-section through a finished face: coats drawn by their dry film, over the old coat and what it is made of. */
export function CoatStackDrawing({ layers, substrate, old, colour, bare = false }: CoatStackProps) {
  const block = bare ? 132 : 200;
  const perMicron = bare ? 0.36 : 0.7;
  const heightOf = (layer: Layer): number => {
    if (layer.kind === 'substrate') return bare ? 30 : 58;
    if (layer.kind === 'existing' || layer.kind === 'fill') return bare ? 9 : 26;
    return Math.max(bare ? 8 : 26, (layer.dryFilm ?? 0) * perMicron);
  };
  const drawn = layers.map((layer, index) => ({
    layer,
    top: layers.slice(0, index).reduce((sum, above) => sum + heightOf(above), 2),
    height: heightOf(layer),
  }));
  const total = layers.reduce((sum, layer) => sum + heightOf(layer), 4);
  const fillOf = (layer: Layer): string => {
    if (layer.kind === 'substrate') return SUBSTRATE_FILL[substrate];
    if (layer.kind === 'existing') return old ?? '#e9dfba';
    if (layer.kind === 'fill') return '#d9c7a4';
    if (layer.role === 'topcoat') return colour;
    return layer.tint ?? (layer.role === 'sealer' ? '#ffffffaa' : '#dcd8cb');
  };
  const words = layers.map((layer) => [layer.name, layer.detail].filter(Boolean).join(', ')).join('. ');
  return (
    <Box
      sx={{ display: 'flex' }}
      {...(bare ? { 'aria-hidden': true } : { role: 'img', 'aria-label': `Cross-section from the top. ${words}` })}
    >
      <Box
        component="svg"
        width={block}
        height={total}
        sx={{ flex: 'none', width: bare ? block : { xs: 72, sm: block } }}
        aria-hidden
      >
        {drawn.map(({ layer, top, height }, index) => (
          <g key={`${layer.name}-${index}`}>
            <rect
              x={1}
              y={top}
              width={block - 2}
              height={height}
              fill={fillOf(layer)}
              stroke="var(--ink)"
              strokeWidth={1}
            />
            {layer.kind === 'coat' && layer.role === 'topcoat' && (
              <rect
                x={1.5}
                y={top + 0.5}
                width={block - 3}
                height={Math.min(3, height / 3)}
                fill="#fff"
                fillOpacity={0.28}
              />
            )}
            {layer.kind === 'substrate' && <Grain substrate={substrate} width={block} top={top} height={height} />}
            {layer.kind === 'existing' && layer.key === 'abrade' && (
              <path
                d={Array.from(
                  { length: Math.floor(block / 5) },
                  (_unused, tooth) => `${tooth === 0 ? 'M' : 'L'}${1 + tooth * 5} ${top + (tooth % 2) * 3}`,
                ).join('')}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={1}
              />
            )}
          </g>
        ))}
      </Box>
      {!bare && (
        <Box aria-hidden sx={{ flex: 1, minWidth: 0, pt: '2px' }}>
          {drawn.map(({ layer, height }, index) => (
            <Box
              key={`${layer.name}-${index}`}
              sx={{ height, display: 'flex', alignItems: 'center', gap: 1, fontSize: 15, whiteSpace: 'nowrap' }}
            >
              <Box sx={{ width: 18, borderTop: '1px solid var(--ink-soft)', flex: 'none' }} />
              <Box sx={{ overflow: 'hidden', textOverflow: 'ellipsis' }} title={`${layer.name} ${layer.detail}`}>
                {layer.name}{' '}
                <Box
                  component="span"
                  sx={{ color: 'var(--ink-soft)', fontSize: 14, display: { xs: 'none', sm: 'inline' } }}
                >
                  {layer.detail}
                </Box>
              </Box>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** What the cut through the material looks like: year rings for wood, specks for board, nothing for the rest. */
function Grain({
  substrate,
  width,
  top,
  height,
}: {
  substrate: Substrate;
  width: number;
  top: number;
  height: number;
}) {
  if (substrate === 'softwood' || substrate === 'oak') {
    return (
      <g stroke="#6b4a22" strokeOpacity={0.55} fill="none">
        {Array.from({ length: Math.floor(width / 13) }, (_unused, ring) => {
          const x = 8 + ring * 13;
          return <path key={ring} d={`M${x} ${top + 1}q${ring % 2 ? 5 : -4} ${height / 2} 1 ${height - 2}`} />;
        })}
      </g>
    );
  }
  if (substrate !== 'mdf' && substrate !== 'laminate') return null;
  return (
    <g fill="#5c4a30" fillOpacity={0.4}>
      {Array.from({ length: Math.floor(width / 6) }, (_unused, speck) => (
        <circle key={speck} cx={5 + speck * 6} cy={top + 6 + ((speck * 17) % Math.max(1, height - 10))} r={1} />
      ))}
    </g>
  );
}
