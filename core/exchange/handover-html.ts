import type { Block, Cell } from '../handover/blocks.ts';

const ESCAPES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};
const escaped = (words: string): string => words.replace(/[&<>"']/g, (sign) => ESCAPES[sign] ?? sign);

const STYLE = `
:root{--ground:#f3f1ea;--sheet:#fbfaf6;--ink:#18292b;--soft:#4e5f60;--line:#d9d5c7;--bottle:#0e4f49;--vial:#c9dc3b;--gap:#a33a28}
*{box-sizing:border-box}
body{margin:0;background:var(--ground);color:var(--ink);font:16px/1.45 "Segoe UI",system-ui,-apple-system,"Helvetica Neue",Arial,sans-serif;font-variant-numeric:tabular-nums}
main{max-width:1060px;margin:0 auto;padding:28px 20px 60px;background:var(--sheet)}
header{border-bottom:6px solid var(--bottle);padding-bottom:14px;margin-bottom:8px}
h1{font-size:34px;line-height:1.1;margin:0 0 6px}
header p{margin:2px 0;color:var(--soft)}
nav{display:flex;flex-wrap:wrap;gap:6px 16px;padding:10px 0;font-weight:650}
nav a{color:var(--bottle)}
h2{font-size:23px;margin:34px 0 8px;padding-left:10px;border-left:8px solid var(--vial)}
h3{font-size:17px;margin:20px 0 6px}
.scroll{overflow-x:auto}
table{border-collapse:collapse;width:100%;font-size:14px;background:#fff}
th{text-align:left;border-bottom:2px solid var(--ink);padding:5px 8px;white-space:nowrap}
td{border-bottom:1px solid var(--line);padding:5px 8px;vertical-align:top}
td:first-child{font-weight:700;white-space:nowrap}
.gap{color:var(--gap);font-style:italic}
.gap span::before{content:"△ ";font-style:normal}
.swatch{display:inline-block;width:13px;height:13px;border:1px solid var(--ink);border-radius:3px;margin-right:6px;vertical-align:-2px}
.caution{border:2px solid #b96a00;background:#fff6e6;padding:8px 12px;border-radius:6px}
li{margin:3px 0}
footer{margin-top:40px;color:var(--soft);font-size:13px}
@media screen and (max-width:640px){main{padding:20px 14px 50px}thead{position:absolute;clip-path:inset(50%);width:1px;height:1px;overflow:hidden}table,tbody,tr{display:block}table{background:none}tr{background:#fff;border:1px solid var(--line);border-radius:6px;margin-bottom:8px;padding:6px 10px}td{display:grid;grid-template-columns:116px minmax(0,1fr);border:0;padding:2px 0;overflow-wrap:anywhere}td::before{content:attr(data-head);color:var(--soft);font-weight:400;font-style:normal}td:first-child{display:block;white-space:normal;font-size:16px}td:first-child::before{content:none}td:has(>span:empty){display:none}}
@media print{body,main{background:#fff}nav{display:none}main{padding:0;max-width:none}h2{break-after:avoid}tr{break-inside:avoid}table{font-size:10.5px}}
`;

function cellHtml({ text, hex, isGap }: Cell, head = ''): string {
  const swatch = hex && /^#[0-9a-f]{6}$/i.test(hex) ? `<span class="swatch" style="background:${hex}"></span>` : '';
  return `<td role="cell" data-head="${escaped(head)}"${isGap ? ' class="gap"' : ''}><span>${swatch}${escaped(text)}</span></td>`;
}

function blockHtml(block: Block): string {
  switch (block.kind) {
    case 'title':
      return `<header><h1>${escaped(block.text)}</h1>${block.lines.map((line) => `<p>${escaped(line)}</p>`).join('')}</header>`;
    case 'heading':
      return `<h2 id="${escaped(block.id)}">${escaped(block.text)}</h2>`;
    case 'subheading':
      return `<h3>${escaped(block.text)}</h3>`;
    case 'text':
      return `<p>${escaped(block.text)}</p>`;
    case 'caution':
      return `<p class="caution" role="note">${escaped(block.text)}</p>`;
    case 'list':
      return `<ul>${block.items.map((item) => `<li>${escaped(item)}</li>`).join('')}</ul>`;
    case 'table': {
      // Roles are said outright: laid out as cards on a phone, a table would no longer be one to a screen reader.
      const head = block.head.map((words) => `<th scope="col" role="columnheader">${escaped(words)}</th>`).join('');
      const rows = block.rows
        .map((row) => `<tr role="row">${row.map((entry, column) => cellHtml(entry, block.head[column])).join('')}</tr>`)
        .join('\n');
      return `<div class="scroll"><table role="table" aria-label="${escaped(block.label)}"><thead role="rowgroup"><tr role="row">${head}</tr></thead><tbody role="rowgroup">${rows}</tbody></table></div>`;
    }
  }
}

/** A handover as one HTML file that opens anywhere: no script, no picture, nothing to be fetched. `language` as BCP 47. */
export function writeHandoverHtml(blocks: readonly Block[], language: string): string {
  const title = blocks.find((block) => block.kind === 'title');
  const links = blocks
    .flatMap((block) =>
      block.kind === 'heading' ? [`<a href="#${escaped(block.id)}">${escaped(block.text)}</a>`] : [],
    )
    .join('');
  const body = blocks.map(blockHtml);
  const head = title ? [body[blocks.indexOf(title)] ?? '', `<nav aria-label="Contents">${links}</nav>`] : [];
  const rest = body.filter((_html, index) => blocks[index] !== title);
  return `<!doctype html>
<html lang="${escaped(language)}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1">
<title>Handover: ${escaped(title?.kind === 'title' ? title.text : '')}</title><style>${STYLE}</style></head>
<body><main>${[...head, ...rest].join('\n')}<footer>Made with Nivel from the job log. Local rules and the products’ safety data sheets come first.</footer></main></body></html>
`;
}
