/** The name with its vial. */
export function Wordmark({ ink = 'currentColor' }: { ink?: string }) {
  return (
    <svg width={132} height={34} viewBox="0 0 132 34" role="img" aria-label="nivel">
      <text x={0} y={26} fontSize={31} className="condensed" fill={ink} letterSpacing={0.5}>
        nivel
      </text>
      <rect x={74} y={10} width={54} height={15} rx={7.5} fill="var(--vial)" stroke="#18292b" strokeWidth={1} />
      <ellipse cx={101} cy={17.5} rx={9} ry={5} fill="#fbfdf0" stroke="#44721a" strokeWidth={1.5} />
      <path d="M91.5 9v17M110.5 9v17" stroke="#18292b" strokeWidth={1.8} />
    </svg>
  );
}
