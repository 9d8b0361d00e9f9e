import ts from 'typescript';

/** A small fault in a source: what would stand there instead. */
export interface Mutant {
  start: number;
  end: number;
  line: number;
  was: string;
  becomes: string;
}

const OPERATORS: Readonly<Record<string, string>> = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '===': '!==',
  '!==': '===',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '&&': '||',
  '||': '&&',
  '??': '&&',
};

const METHODS: Readonly<Record<string, string>> = {
  some: 'every',
  every: 'some',
  max: 'min',
  min: 'max',
  ceil: 'floor',
  floor: 'ceil',
  find: 'findLast',
  findLast: 'find',
};

/** What stands for an entry that is always there, since types can't know it: `sums[index] ?? 0`. */
const isNeverReached = (node: ts.Node): boolean =>
  ts.isNumericLiteral(node) &&
  ts.isBinaryExpression(node.parent) &&
  node.parent.operatorToken.kind === ts.SyntaxKind.QuestionQuestionToken &&
  ts.isElementAccessExpression(node.parent.left);

/** A search by id: ids stand in a list once, so that the first and the last are the same. */
const findsById = (node: ts.Node, source: ts.SourceFile): boolean =>
  ts.isPropertyAccessExpression(node) &&
  (node.name.text === 'find' || node.name.text === 'findLast') &&
  ts.isCallExpression(node.parent) &&
  /\b(id|taskId) === /.test(node.parent.arguments[0]?.getText(source) ?? '');

/** Names and sentences are no faults of a computation, and a type computes nothing. */
const isLeftAlone = (node: ts.Node): boolean =>
  ts.isTypeNode(node) || ts.isImportDeclaration(node) || isNeverReached(node);

/** What would be a small fault at one place of a syntax tree: the part that changes, and to what. */
function faultAt(node: ts.Node, source: ts.SourceFile): [ts.Node, string] | null {
  if (ts.isBinaryExpression(node)) {
    const other = OPERATORS[node.operatorToken.getText(source)];
    const isText = [node.left, node.right].some(
      (side) => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side),
    );
    return other === undefined || isText ? null : [node.operatorToken, other];
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
    return [node, node.operand.getText(source)];
  if (ts.isNumericLiteral(node)) return [node, node.text === '0' ? '1' : `(${node.getText(source)} + 1)`];
  if (node.kind === ts.SyntaxKind.TrueKeyword) return [node, 'false'];
  if (node.kind === ts.SyntaxKind.FalseKeyword) return [node, 'true'];
  if (ts.isPropertyAccessExpression(node) && ts.isCallExpression(node.parent) && node.parent.expression === node) {
    if (findsById(node, source)) return null;
    const other = METHODS[node.name.text];
    return other === undefined ? null : [node.name, other];
  }
  if (ts.isIfStatement(node)) return [node.expression, 'false'];
  if (ts.isConditionalExpression(node)) return [node.condition, `!(${node.condition.getText(source)})`];
  return null;
}

/** Every small fault that can be put into a source. */
export function mutantsOf(text: string, file: string): Mutant[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Mutant[] = [];
  const visit = (node: ts.Node): void => {
    if (isLeftAlone(node)) return;
    const fault = faultAt(node, source);
    if (fault !== null) {
      const [part, becomes] = fault;
      const [start, end] = [part.getStart(source), part.end];
      const line = source.getLineAndCharacterOfPosition(start).line + 1;
      found.push({ start, end, line, was: text.slice(start, end), becomes });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}
