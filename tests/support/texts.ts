import { readFileSync } from 'node:fs'
import ts from 'typescript'

/** A piece of text that somebody may read. */
export interface Text {
  file: string
  /** From 1. */
  line: number
  /** What is put in while the program runs stands as “…”. */
  text: string
  /** The JSX element around it, or the attribute that it is the value of: “TextField.label”. */
  at?: string
}

/** Attributes whose value nobody reads. */
const UNREAD =
  /^(?:className|href|type|role|id|name|key|htmlFor|rel|target|method|action|d|viewBox|fill|stroke|lang)$/
/** Templates that are no text. */
const CODE_TAGS = /sql|css|styled|keyframes|createGlobalStyle/
/** Markup, patterns, queries and the names of keys and errors. */
const CODE = new RegExp(
  [
    '^use (?:client|server)$',
    '^[<M(^[].*[>Z)]$',
    '^(?:select|insert|create|update|delete|drop|with|pragma|begin) ',
    '^\\(?(?:min|max|prefers)-|^@media|max-age|-mix\\(|^--|xmlns|translate\\(|scale\\(',
    '^(?:Arrow|Page)[A-Z]|^[A-Z]\\w+(?:Error|Refusal|Trouble)$|^\\w+: ',
    '\\(\\?:|json_|\\\\[sdb]|\\bplaceholder\\b',
  ].join('|'),
)

/** Texts of a source file, in their order. */
export function textsIn(file: string): Text[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
  const found: Text[] = []
  const keep = (node: ts.Node, text: string, at?: string) => {
    const said = text.replace(/\s+/g, ' ').trim()
    if (!isRead(said)) return
    const { line } = source.getLineAndCharacterOfPosition(node.getStart(source))
    found.push({ file, line: line + 1, text: said, at })
  }
  const visit = (node: ts.Node): void => {
    if (isUnread(node, source)) return
    if (ts.isJsxText(node)) return keep(node, node.text, elementOf(node, source))
    const whole = joined(node)
    if (whole === undefined) return ts.forEachChild(node, visit)
    keep(node, whole, attributeOf(node.parent, source))
    ts.forEachChild(node, (child) => inside(child, visit))
  }
  visit(source)
  return found
}

/** Two words or more, or one that begins with a capital. */
function isRead(text: string): boolean {
  const words = /\p{L}{2,}[’',.;:)”]* +[\p{L}“(‘…\d]|… +\p{L}{2,}/u
  return (words.test(text) || /^[A-Z][a-z]+$/.test(text)) && !CODE.test(text)
}

function isUnread(node: ts.Node, source: ts.SourceFile): boolean {
  if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return true
  if (ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)) return true
  // What the search finds a page by, in whatever words people type.
  if (ts.isPropertyAssignment(node) && /^(?:also|asks)$/.test(node.name.getText(source))) return true
  // A mistake of whoever calls; no person reads it.
  if (ts.isNewExpression(node)) return /^(?:Range)?Error$/.test(node.expression.getText(source))
  if (ts.isTaggedTemplateExpression(node)) return CODE_TAGS.test(node.tag.getText(source))
  // A string is an address or a name for the machine; elements that are handed on are read.
  return ts.isJsxAttribute(node) && UNREAD.test(node.name.getText(source)) && !/[<]\w/.test(node.getText(source))
}

/** A string, a template or several that are added, as one text. */
function joined(node: ts.Node): string | undefined {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text
  if (ts.isParenthesizedExpression(node)) return joined(node.expression)
  if (ts.isTemplateExpression(node))
    return node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join('')
  if (!ts.isBinaryExpression(node) || node.operatorToken.kind !== ts.SyntaxKind.PlusToken) return undefined
  const [left, right] = [joined(node.left), joined(node.right)]
  return left === undefined || right === undefined ? undefined : left + right
}

/** Looks for texts in what is put into a text, not for its own parts. */
function inside(node: ts.Node, visit: (node: ts.Node) => void): void {
  if (ts.isTemplateSpan(node)) visit(node.expression)
  else if (joined(node) !== undefined) ts.forEachChild(node, (child) => inside(child, visit))
}

function attributeOf(node: ts.Node, source: ts.SourceFile): string | undefined {
  if (!ts.isJsxAttribute(node)) return undefined
  return `${node.parent.parent.tagName.getText(source)}.${node.name.getText(source)}`
}

function elementOf(node: ts.Node, source: ts.SourceFile): string | undefined {
  return ts.isJsxElement(node.parent) ? node.parent.openingElement.tagName.getText(source) : undefined
}
