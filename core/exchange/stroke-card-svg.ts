import { groupBy } from '../units/maps.ts';
import type { Point } from '../pieces/elevation.ts';
import { lapLine } from '../sequence/lap-line.ts';
import { layingOff } from '../sequence/laying-off.ts';
import { drawnAt, LABEL_RADIUS, labelsOf, layoutOf, rowOf, type Layout } from '../sequence/layout.ts';
import { dripSpots } from '../sequence/roles.ts';
import type { PassResult } from '../sequence/simulated-pass.ts';

/** What stands on a card beside its drawing. */
export interface StrokeCard {
  /** “D-01 · Panelled door”. */
  title: string;
  /** Coat, faces, colour. */
  subtitle: string;
  /** School, tool, hands, air: a line each. */
  ways: readonly string[];
  /** The order, a line each, numbers included. */
  order: readonly string[];
  /** When to look for drips, when to pull tape, what may hurt. */
  notes: readonly string[];
}

/** A sheet of A4 at 96 px an inch. */
const PAGE = { width: 794, height: 1123, margin: 44 };
const DRAWING = 470;
const LINE = 17;
const FONT = 13;
/** Letters to a px, about, of a text face of that size. */
const LETTERS_PER_PX = 1 / 6.7;

const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

const closed = (outline: readonly Point[]): string => `M${outline.map((point) => point.join(' ')).join('L')}Z`;

/** A text broken into lines of at most so many px. */
export function wrapped(text: string, width: number): string[] {
  const most = Math.max(8, Math.floor(width * LETTERS_PER_PX));
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    if (line !== '' && line.length + word.length + 1 > most) {
      lines.push(line);
      line = word;
    } else line = line === '' ? word : `${line} ${word}`;
  }
  return [...lines, line];
}

/** The drawing of a pass by itself: outlines, numbers, directions and drips, in px. */
function drawing(result: PassResult, layout: Layout): string {
  const before = groupBy(result.laps, ({ later }) => later.stroke.id);
  const shapes = layout.rows.map((row) => {
    const paths = result.strokes
      .filter(({ stroke }) => rowOf(layout, stroke) === row)
      .map(({ stroke }) => `<path d="${[stroke.outline, ...stroke.holes].map(closed).join('')}"/>`);
    const title = row.title
      ? `<text x="${row.title.x.toFixed(1)}" y="${row.title.y.toFixed(1)}" text-anchor="middle" fill="#4b5d5f">${escaped(row.title.words)}</text>`
      : '';
    return `${title}<g transform="translate(${row.x.toFixed(2)} ${row.y.toFixed(2)}) scale(${layout.scale.toFixed(5)})" fill="#f7f4ea" fill-rule="evenodd" stroke="#18292b" stroke-width="${(1 / layout.scale).toFixed(2)}">${paths.join('')}</g>`;
  });
  const arrows = result.strokes.map(({ stroke }) => {
    const { from, to } = layingOff(
      stroke,
      (before.get(stroke.id) ?? []).map(({ earlier }) => earlier.stroke),
    );
    const [x1, y1] = drawnAt(layout, stroke, from);
    const [x2, y2] = drawnAt(layout, stroke, to);
    return Math.hypot(x2 - x1, y2 - y1) < 26
      ? ''
      : `<path d="M${x1.toFixed(1)} ${y1.toFixed(1)}L${x2.toFixed(1)} ${y2.toFixed(1)}" marker-end="url(#tip)"/>`;
  });
  const drips = result.strokes.flatMap(({ stroke }) =>
    dripSpots(stroke).map((spot) => {
      const [x, y] = drawnAt(layout, stroke, spot);
      return `<path d="M${x.toFixed(1)} ${(y - 7).toFixed(1)}q6 8 0 10q-6 -2 0 -10Z"/>`;
    }),
  );
  const worst = result.worst;
  const oldest =
    worst === null
      ? ''
      : ((): string => {
          const on = worst.earlier.stroke.role === 'edge' ? worst.later.stroke : worst.earlier.stroke;
          const [from, to] = lapLine(worst.earlier.stroke, worst.later.stroke);
          const [x1, y1] = drawnAt(layout, on, from);
          const [x2, y2] = drawnAt(layout, on, to);
          return `<path d="M${x1.toFixed(1)} ${y1.toFixed(1)}L${x2.toFixed(1)} ${y2.toFixed(1)}" stroke="#a33a28" stroke-width="4"/>`;
        })();
  const labels = labelsOf(
    layout,
    result.strokes.map(({ stroke }) => stroke),
  ).map(
    ({ number, x, y }) =>
      `<circle cx="${x.toFixed(1)}" cy="${y.toFixed(1)}" r="${LABEL_RADIUS}" fill="#fff" stroke="#18292b"/><text x="${x.toFixed(1)}" y="${(y + 4.6).toFixed(1)}" text-anchor="middle" font-weight="700">${number}</text>`,
  );
  return `${shapes.join('')}<g stroke="#0e4f49" stroke-width="1.4" fill="none">${arrows.join('')}</g><g fill="#2b6cb0">${drips.join('')}</g>${oldest}${labels.join('')}`;
}

/**
 * One page for a kind of piece, to print or to keep beside the work: drawing, numbers, times and cautions. What does not
 * fit on the page makes it longer.
 */
export function strokeCardSvg(result: PassResult, card: StrokeCard): string {
  const { margin, width } = PAGE;
  const inner = width - 2 * margin;
  const layout = layoutOf(result.pass, inner, DRAWING);
  let y = margin + 22;
  const out: string[] = [];
  const text = (words: string, x: number, size = FONT, more = ''): void => {
    out.push(`<text x="${x}" y="${y.toFixed(1)}" font-size="${size}"${more}>${escaped(words)}</text>`);
  };
  text(card.title, margin, 28, ' font-weight="700" font-stretch="condensed"');
  y += 24;
  text(card.subtitle, margin, 15, ' fill="#4b5d5f"');
  for (const way of card.ways) {
    for (const line of wrapped(way, inner)) {
      y += LINE + 1;
      text(line, margin);
    }
  }
  y += 18;
  out.push(`<g transform="translate(${margin} ${y.toFixed(1)})" font-size="13">${drawing(result, layout)}</g>`);
  y += layout.height + 34;
  const columns = card.order.length > 10 ? 2 : 1;
  const columnWidth = (inner - (columns - 1) * 24) / columns;
  const lines = card.order.map((entry) => wrapped(entry, columnWidth));
  const all = lines.reduce((sum, entry) => sum + entry.length, 0);
  const top = y;
  let column = 0;
  let used = 0;
  let lowest = y;
  for (const entry of lines) {
    if (columns === 2 && column === 0 && used >= all / 2) {
      column = 1;
      y = top;
    }
    for (const [index, line] of entry.entries()) {
      text(line, margin + column * (columnWidth + 24) + (index === 0 ? 0 : 22));
      y += LINE;
      used += 1;
    }
    lowest = Math.max(lowest, y);
  }
  y = lowest + 14;
  for (const note of card.notes) {
    out.push(
      `<rect x="${margin}" y="${(y - 12).toFixed(1)}" width="4" height="${wrapped(note, inner - 16).length * LINE}" fill="#c9dc3b"/>`,
    );
    for (const line of wrapped(note, inner - 16)) {
      text(line, margin + 14);
      y += LINE;
    }
    y += 6;
  }
  const height = Math.max(PAGE.height, Math.ceil(y + margin));
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" font-family="'Archivo Variable', Archivo, 'Helvetica Neue', Arial, sans-serif" fill="#18292b">`,
    `<title>${escaped(`${card.title}: painting order`)}</title>`,
    '<defs><marker id="tip" viewBox="0 0 8 8" refX="6" refY="4" markerWidth="6" markerHeight="6" orient="auto"><path d="M0 0L8 4L0 8Z" fill="#0e4f49"/></marker></defs>',
    `<rect width="${width}" height="${height}" fill="#fff"/>`,
    ...out,
    '</svg>',
  ].join('\n');
}
