import ts from 'typescript';

/** One small fault put into a file: the text between two places replaced by another. */
export interface Mutant {
  file: string;
  start: number;
  end: number;
  text: string;
  /** Where in the file, and what is done there, in a few words. */
  line: number;
  column: number;
  what: string;
}

const OPERATORS = new Map<ts.SyntaxKind, string>([
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
]);
const SWAPPED: Record<string, string> = { min: 'max', max: 'min', some: 'every', every: 'some', floor: 'ceil', ceil: 'floor' };

const isText = (node: ts.Node) => ts.isStringLiteralLike(node) || ts.isTemplateExpression(node);

/** Every fault that can be put into a file, in the order of its text. */
export function mutantsOf(file: string, source: string): Mutant[] {
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true);
  const mutants: Mutant[] = [];
  const put = (node: ts.Node, text: string, what: string) => {
    const start = node.getStart(tree);
    const { line, character } = tree.getLineAndCharacterOfPosition(start);
    mutants.push({ file, start, end: node.getEnd(), text, line: line + 1, column: character + 1, what });
  };
  const negated = (node: ts.Expression) => put(node, `!(${node.getText(tree)})`, `not (${node.getText(tree)})`);

  function visit(node: ts.Node) {
    // Types and imports do nothing when they run.
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isTypeAliasDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const to = OPERATORS.get(node.operatorToken.kind);
      const joinsText = node.operatorToken.kind === ts.SyntaxKind.PlusToken && (isText(node.left) || isText(node.right));
      if (to && !joinsText) put(node.operatorToken, to, `${node.operatorToken.getText(tree)} → ${to}`);
    } else if (ts.isNumericLiteral(node)) {
      put(node, String(Number(node.text) + 1), `${node.text} → ${Number(node.text) + 1}`);
    } else if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
      const { name, expression } = node.expression;
      const to = SWAPPED[name.text];
      if (to) put(name, to, `${name.text} → ${to}`);
      if (name.text === 'filter') put(node, expression.getText(tree), 'filter left out');
    } else if (ts.isIfStatement(node)) negated(node.expression);
    else if (ts.isConditionalExpression(node)) negated(node.condition);
    else if (node.kind === ts.SyntaxKind.TrueKeyword) put(node, 'false', 'true → false');
    else if (node.kind === ts.SyntaxKind.FalseKeyword) put(node, 'true', 'false → true');
    ts.forEachChild(node, visit);
  }
  visit(tree);
  return mutants;
}

/** The source with the fault in it. */
export const mutated = (source: string, { start, end, text }: Mutant) => source.slice(0, start) + text + source.slice(end);
