import ts from 'typescript';
import { readFileSync } from 'node:fs';
import { execSync } from 'node:child_process';
const paths = process.argv.slice(2);
const files = execSync(`git ls-files ${paths.join(' ')}`)
  .toString()
  .trim()
  .split('\n')
  .filter((f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$/.test(f));
let words = 0;
const skipAttr = new Set([
  'sx',
  'className',
  'id',
  'key',
  'variant',
  'color',
  'size',
  'component',
  'd',
  'viewBox',
  'fill',
  'stroke',
  'path',
  'points',
  'transform',
  'type',
  'href',
  'edge',
  'severity',
  'align',
  'inputMode',
  'autoComplete',
  'htmlFor',
  'role',
  'name',
  'orientation',
  'position',
  'placement',
  'rel',
  'target',
  'value',
  'view',
  'accept',
  'strokeDasharray',
  'textAnchor',
  'dominantBaseline',
  'preserveAspectRatio',
  'aria-labelledby',
  'data-testid',
  'fontFamily',
  'slot',
  'flexItem',
  'indicatorColor',
  'textColor',
  'margin',
  'padding',
  'direction',
  'to',
]);
for (const f of files) {
  const src = ts.createSourceFile(
    f,
    readFileSync(f, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    f.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const out: string[] = [];
  const line = (n: ts.Node) => src.getLineAndCharacterOfPosition(n.getStart()).line + 1;
  const visit = (n: ts.Node): void => {
    if (ts.isImportDeclaration(n) || ts.isLiteralTypeNode(n) || ts.isTypeNode(n) || ts.isExportDeclaration(n)) return;
    if (ts.isJsxAttribute(n) && skipAttr.has(n.name.getText())) return;
    if (ts.isJsxText(n)) {
      const t = n.text.replace(/\s+/g, ' ').trim();
      if (/[A-Za-z]/.test(t)) out.push(`${line(n)}\t<${t}>`);
      return;
    }
    if (ts.isStringLiteral(n) || ts.isNoSubstitutionTemplateLiteral(n)) {
      const t = n.text;
      const p = n.parent;
      if (ts.isBinaryExpression(p) && /===|!==/.test(p.operatorToken.getText())) return;
      if (ts.isCaseClause(p) || (ts.isPropertyAssignment(p) && p.name === n)) return;
      const inJsx = ts.isJsxAttribute(p);
      if (
        /[A-Za-z]/.test(t) &&
        (/^[A-Z“]/.test(t) || / /.test(t.trim()) || inJsx || /[,:.;?!…]/.test(t)) &&
        !/^[#MmLl0-9 .,-]+$/.test(t) &&
        !/^(\.|\/|[a-z]+(\.[a-z]+)+$|\d|[a-z-]+ [a-z-]+\()/.test(t)
      )
        out.push(`${line(n)}\t${JSON.stringify(t).slice(1, -1)}`);
      return;
    }
    if (ts.isTemplateExpression(n)) {
      const t = n.getText();
      if (/[A-Za-z]{2}/.test(t.replace(/\$\{[^}]*\}/g, '')) && !/^`[a-z-]*\$\{[^}]*\}[a-z/-]*`$/.test(t))
        out.push(`${line(n)}\t${t.replace(/\s+/g, ' ')}`);
      n.templateSpans.forEach((s) => visit(s.expression));
      return;
    }
    ts.forEachChild(n, visit);
  };
  visit(src);
  if (out.length) {
    console.log(`## ${f}`);
    for (const o of out) {
      console.log(o);
      words += o.split(/\s+/).length - 1;
    }
  }
}
console.error(words, 'words');
