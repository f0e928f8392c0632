import ts from 'typescript'

const NAMES = /^(?:readonly TextPart\[\]|Phrase|Amount|Verbatim|PieceNamed)$/

/** Places of a file where a text with amounts is made a string other than for a reader. */
export function stringsOfPhrases(file: ts.SourceFile, checker: ts.TypeChecker): string[] {
  const isPhrase = (type: ts.Type): boolean =>
    type.isUnion() ? type.types.some(isPhrase) : NAMES.test(checker.typeToString(type))
  const holds = (node: ts.Node) => isPhrase(checker.getTypeAtLocation(node))
  const listHolds = (node: ts.Node) => {
    const item = checker.getIndexTypeOfType(checker.getTypeAtLocation(node), ts.IndexKind.Number)
    return item !== undefined && isPhrase(item)
  }
  const found: string[] = []
  const visit = (node: ts.Node) => {
    if (makesString(node, holds, listHolds)) found.push(`${file.fileName}: ${node.getText()}`)
    ts.forEachChild(node, visit)
  }
  visit(file)
  return found
}

type Asks = (node: ts.Node) => boolean

function makesString(node: ts.Node, holds: Asks, listHolds: Asks): boolean {
  if (ts.isTemplateSpan(node)) {
    const { parent } = node.parent
    const isTagged = ts.isTaggedTemplateExpression(parent) && parent.tag.getText() === 'phrase'
    return !isTagged && holds(node.expression)
  }
  if (ts.isBinaryExpression(node) && node.operatorToken.kind === ts.SyntaxKind.PlusToken)
    return holds(node.left) || holds(node.right)
  if (!ts.isCallExpression(node) || !ts.isPropertyAccessExpression(node.expression)) return false
  return node.expression.name.text === 'join' && listHolds(node.expression.expression)
}
