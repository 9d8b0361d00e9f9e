import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { ROOMS, STOREYS } from '../lint/rooms.mjs';

/**
 * `npm run draw`: the pictures of docs/architecture.md, from the order of rooms that lint holds. A test compares them with
 * what stands there.
 */
const WIDTH = 760;
const ROW = 34;
const GAP = 8;
const INK = '#18292b';

const box = (x: number, y: number, width: number, words: string, fill: string): string =>
  `<rect x="${x}" y="${y}" width="${width}" height="${ROW}" rx="5" fill="${fill}" stroke="${INK}"/>` +
  `<text x="${x + width / 2}" y="${y + ROW / 2 + 5}" text-anchor="middle">${words}</text>`;

const sheet = (height: number, title: string, content: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${height}" font-family="sans-serif" font-size="14" fill="${INK}">` +
  `<title>${title}</title><rect width="${WIDTH}" height="${height}" fill="#f6f4ec"/>${content}</svg>\n`;

/** Rows of rooms, the first ones at the foot: each stands on those below it. */
function storeys(rows: readonly (readonly string[])[], left: number, width: number, top: number, fill: string): string {
  return rows
    .map((row, index) => {
      const y = top + (rows.length - 1 - index) * (ROW + GAP);
      const each = (width - (row.length - 1) * GAP) / row.length;
      return row.map((room, at) => box(left + at * (each + GAP), y, each, room, fill)).join('');
    })
    .join('');
}

/** The rooms of the core on the left, the storeys of the app on the right; who stands higher may use who stands lower. */
export function roomsPicture(): string {
  const height = 56 + ROOMS.length * (ROW + GAP);
  const appTop = 40 + (ROOMS.length - STOREYS.length - 1) * (ROW + GAP);
  return sheet(
    height,
    'The modules of Nivel: each may use those below it',
    `<text x="20" y="26" font-weight="700">core: each module may use those below it</text>` +
      storeys(ROOMS, 20, 400, 40, '#dfe9df') +
      `<text x="460" y="${appTop - 14}" font-weight="700">app: each layer likewise</text>` +
      storeys(STOREYS, 460, 280, appTop, '#efe6d2') +
      box(460, appTop + STOREYS.length * (ROW + GAP), 280, 'the core', '#dfe9df'),
  );
}

const WAY = [
  ['typing', 'a line, a list, a cell', 'core/typing'],
  ['command', 'a named change, checked', 'core/job/commands'],
  ['job', 'the document, frozen', 'core/job/document'],
  ['steps', 'operations on each piece, and how wet it is', 'core/steps'],
  ['draft', 'tasks, waits, holds, set-ups', 'core/planning/drafting'],
  ['problem', 'minutes and spaces, without paint', 'core/scheduling/problem.ts'],
  ['plan', 'found, bounded, verified', 'core/scheduling/solve, bound, verify.ts'],
  ['reading', 'batches, rack, day sheet, why', 'core/planning/reading'],
  ['day', 'records, reminders, tins', 'core/running'],
  ['record', 'work done', 'core/handover'],
] as const;

/** How what is typed becomes a day of work and a record of it. */
export function wayPicture(): string {
  const rows = WAY.map(([name, what, where], index) => {
    const y = 20 + index * (ROW + 18);
    const arrow =
      index === 0 ? '' : `<path d="M95 ${y - 18}v12m-5 -5l5 6l5 -6" stroke="${INK}" fill="none" stroke-width="1.5"/>`;
    return (
      arrow +
      box(20, y, 150, name, '#dfe9df') +
      `<text x="190" y="${y + 21}">${what}</text>` +
      `<text x="${WIDTH - 20}" y="${y + 21}" text-anchor="end" fill="#4f6061">${where}</text>`
    );
  });
  return sheet(24 + WAY.length * (ROW + 18), 'Data flow through Nivel', rows.join(''));
}

export const PICTURES = { 'docs/rooms.svg': roomsPicture, 'docs/way.svg': wayPicture } as const;

if (process.argv[1] === fileURLToPath(import.meta.url))
  for (const [path, draw] of Object.entries(PICTURES)) {
    const file = new URL(`../${path}`, import.meta.url);
    const drawn = draw();
    if (readFileSync(file, { encoding: 'utf8', flag: 'a+' }) !== drawn) writeFileSync(file, drawn);
    console.log(path);
  }
