import { DOOR_FILM, FILM_FRAMES } from './door-film.ts';

/** Where the door lies, px of the drawing. */
const DOOR = { x: 56, y: 52, width: 84, height: 168 } as const;
const PANELS = [
  { x: 12, y: 12, width: 26, height: 40 },
  { x: 46, y: 12, width: 26, height: 40 },
  { x: 12, y: 62, width: 26, height: 44 },
  { x: 46, y: 62, width: 26, height: 44 },
  { x: 12, y: 116, width: 26, height: 40 },
  { x: 46, y: 116, width: 26, height: 40 },
] as const;

/** A door that is painted, dries through a cold night and hangs: drawn, moved by the style sheet, told in words. */
export function DoorFilm() {
  const told = FILM_FRAMES.map(({ when, words }) => `${when}: ${words}`).join('. ');
  return (
    <svg className="film" viewBox="0 0 440 300" role="img" aria-label={`A door through a cold night. ${told}.`}>
      <rect className="film-night" width="440" height="300" fill="#1f3a4d" fillOpacity="0.5" />
      <g stroke="var(--ink-soft)" strokeWidth="4" fill="none">
        <path d="M40 228 H156 M52 228 l-8 26 M144 228 l8 26" />
        <path d="M252 254 V44 H360 V254" />
      </g>
      <g className="film-night" fill="var(--vial-glass)">
        <path d="M396 40 a18 18 0 1 0 14 28 a15 15 0 0 1 -14 -28" />
      </g>
      <g className="film-door">
        <g transform={`translate(${DOOR.x} ${DOOR.y})`}>
          <rect width={DOOR.width} height={DOOR.height} fill="var(--bare)" stroke="var(--ink)" strokeWidth="2" />
          <rect className="film-wet" width={DOOR.width} height={DOOR.height} fill="var(--wet)" fillOpacity="0.75" />
          {PANELS.map((panel) => (
            <rect key={`${panel.x}/${panel.y}`} {...panel} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
          ))}
          <circle cx={DOOR.width - 7} cy="92" r="3.5" fill="var(--ink)" />
        </g>
      </g>
      <g transform="translate(178 52)">
        <rect width="52" height="26" rx="13" fill="var(--sheet)" stroke="var(--ink)" />
        <text x="26" y="18" textAnchor="middle" fontSize="14" fontWeight="700" fill="var(--ink)">
          {DOOR_FILM.warmest} °C
        </text>
        <g className="film-night">
          <rect width="52" height="26" rx="13" fill="var(--sheet)" stroke="var(--ink)" />
          <text x="26" y="18" textAnchor="middle" fontSize="14" fontWeight="700" fill="var(--wet)">
            {DOOR_FILM.coldest} °C
          </text>
        </g>
      </g>
      <g transform="translate(20 266)">
        <rect width="128" height="20" rx="10" fill="var(--vial)" stroke="var(--ink)" strokeWidth="1.5" />
        <path d="M46 0 V20 M82 0 V20" stroke="var(--ink)" strokeWidth="1.5" />
        <ellipse
          className="film-bubble"
          cx="18"
          cy="10"
          rx="12"
          ry="6.5"
          fill="var(--vial-glass)"
          stroke="var(--ink)"
        />
      </g>
      {FILM_FRAMES.map(({ when, words }) => (
        <text className="film-words" key={when} x="160" y="272" fontSize="14.5" fill="var(--ink)">
          <tspan fontWeight="700">{when}</tspan>
          <tspan x="160" dy="17">
            {words}
          </tspan>
        </text>
      ))}
    </svg>
  );
}
