import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { Block, Cell } from '../../../core/handover/blocks.ts';

const INK = '#18292b';
const BOTTLE = '#0e4f49';
const GAP = '#a33a28';
/** A table of more columns than this is set smaller. */
const MANY_COLUMNS = 7;

function cellOf({ text, hex, isGap }: Cell): TableCell {
  const words = isGap && text !== '' ? { text, color: GAP, italics: true } : { text };
  if (!hex) return words;
  return {
    columns: [{ canvas: [{ type: 'rect', x: 0, y: 1, w: 8, h: 8, color: hex, lineColor: INK }], width: 12 }, words],
  };
}

function contentOf(block: Block): Content {
  switch (block.kind) {
    case 'title':
      return [
        { text: block.text, fontSize: 24, bold: true, color: INK },
        ...block.lines.map((line): Content => ({ text: line, color: '#4b5d5f' })),
        {
          canvas: [{ type: 'line', x1: 0, y1: 4, x2: 770, y2: 4, lineWidth: 3, lineColor: BOTTLE }],
          margin: [0, 0, 0, 6],
        },
      ];
    case 'heading':
      return { text: block.text, fontSize: 15, bold: true, margin: [0, 14, 0, 4], color: BOTTLE, headlineLevel: 1 };
    case 'subheading':
      return { text: block.text, fontSize: 11.5, bold: true, margin: [0, 8, 0, 3], headlineLevel: 2 };
    case 'text':
      return { text: block.text, margin: [0, 0, 0, 4] };
    case 'caution':
      return {
        table: { widths: ['*'], body: [[{ text: `Caution. ${block.text}`, fillColor: '#fff6e6' }]] },
        margin: [0, 3, 0, 5],
      };
    case 'list':
      return { ul: [...block.items], margin: [0, 0, 0, 4] };
    case 'table':
      return {
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: block.head.map((_head, index) => block.widths?.[index] ?? 'auto'),
          body: [
            block.head.map((text): TableCell => ({ text, bold: true })),
            ...block.rows.map((row) => row.map(cellOf)),
          ],
        },
        layout: 'lightHorizontalLines',
        fontSize: block.head.length > MANY_COLUMNS ? 7.5 : 8.5,
        margin: [0, 0, 0, 6],
      };
  }
}

/** The handover as a PDF, A4 across. */
export async function handoverPdf(blocks: readonly Block[]): Promise<Blob> {
  const [{ default: pdfmake }, { default: fonts }] = await Promise.all([
    import('pdfmake/build/pdfmake'),
    import('pdfmake/build/vfs_fonts'),
  ]);
  pdfmake.addVirtualFileSystem(fonts);
  const title = blocks.find((block) => block.kind === 'title');
  const definition: TDocumentDefinitions = {
    pageSize: 'A4',
    pageOrientation: 'landscape',
    pageMargins: [36, 36, 36, 40],
    defaultStyle: { fontSize: 9.5, color: INK },
    info: { title: `Handover: ${title?.kind === 'title' ? title.text : ''}`, creator: 'Nivel' },
    content: blocks.map(contentOf),
    footer: (page, pages) => ({ text: `${page} / ${pages}`, alignment: 'right', margin: [36, 8], fontSize: 8 }),
    pageBreakBefore: (node, { getFollowingNodesOnPage }) =>
      node.headlineLevel === 1 && getFollowingNodesOnPage().length === 0,
  };
  return pdfmake.createPdf(definition).getBlob();
}
