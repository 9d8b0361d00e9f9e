/** How far a raking lamp's light reaches across the face, as a share of its width. */
const RAKE = 0.55;

interface RakingLightProps {
  /** Unique in the page. */
  id: string;
  /** mm. */
  width: number;
  height: number;
}

/** The light of a lamp held along a face, over its drawing. */
export function RakingLight({ id, width, height }: RakingLightProps) {
  return (
    <>
      <defs>
        <linearGradient id={id} x1="0" x2="1" y1="0" y2="0.25">
          <stop offset="0" stopColor="#fff7d6" stopOpacity={0.75} />
          <stop offset={RAKE} stopColor="#fff7d6" stopOpacity={0.1} />
          <stop offset="1" stopColor="#18292b" stopOpacity={0.28} />
        </linearGradient>
      </defs>
      <rect width={width} height={height} fill={`url(#${id})`} style={{ pointerEvents: 'none' }} />
    </>
  );
}
