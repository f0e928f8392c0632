import { type ElementNode } from 'svg-parser'
import { lengthOf, numbersIn } from './units'
import { mustHave } from '../../lists/items'

/** An element that is drawn, with all that moves it. */
export interface PlacedElement {
  element: ElementNode
  transform: string
  /** What it is called, or else what it lies in. */
  label: string
}

export interface SvgDrawing {
  placed: PlacedElement[]
  /** Elements that are hidden: they are left out. */
  hidden: number
}

/** Elements in elements, and how many are looked at: a file may refer to itself. */
const DEEPEST = 40
const MOST = 40_000
/** What is there to be used, not to be drawn where it stands. */
const NOT_DRAWN = [
  'defs',
  'clipPath',
  'mask',
  'symbol',
  'marker',
  'pattern',
  'linearGradient',
  'radialGradient',
  'filter',
  'metadata',
  'title',
  'desc',
  'style',
]

interface Above {
  transform: string
  label: string
  depth: number
  isUsed?: boolean
}

/** Everything that an SVG draws: `use` and `symbol` put where they belong, hidden layers left out. */
export function elementsOf(root: ElementNode): SvgDrawing {
  const byId = idsOf(root)
  const rules = rulesOf(root)
  const drawing: SvgDrawing = { placed: [], hidden: 0 }

  const visit = (element: ElementNode, above: Above) => {
    const { tagName = '', properties = {} } = element
    if (above.depth > DEEPEST || drawing.placed.length >= MOST) return
    if (NOT_DRAWN.includes(tagName) && !(above.isUsed && tagName === 'symbol')) return
    const style = styleOf(element, rules)
    if (style.display === 'none' || (style.visibility === 'hidden' && tagName !== 'g')) {
      drawing.hidden++
      return
    }
    const own =
      properties['inkscape:label'] ?? properties['data-name'] ?? (above.depth > 0 ? properties.id : undefined)
    const label = String(own ?? above.label)
    const transform = [
      above.transform,
      style.transform ? cssTransform(style.transform) : (properties.transform ?? ''),
    ]
    const here = { transform: transform.join(' ').trim(), label, depth: above.depth + 1 }
    if (tagName === 'use') return putUsed(element, here)
    const inner = tagName === 'symbol' || (tagName === 'svg' && above.depth > 0) ? viewport(element, here) : here
    drawing.placed.push({ element, transform: here.transform, label })
    for (const child of element.children)
      if (typeof child !== 'string' && child.type === 'element') visit(child, inner)
  }
  const putUsed = ({ properties = {} }: ElementNode, here: Above) => {
    const target = byId.get(String(properties.href ?? properties['xlink:href'] ?? '').replace(/^#/, ''))
    if (!target) return
    const at = `translate(${lengthOf(properties.x)} ${lengthOf(properties.y)})`
    // A symbol or a drawing that is used is as large as the use says.
    const sized = ['symbol', 'svg'].includes(target.tagName ?? '')
      ? { ...target, properties: { ...target.properties, ...pick(properties, ['width', 'height']) } }
      : target
    visit(sized, { ...here, transform: `${here.transform} ${at}`.trim(), isUsed: true })
  }

  visit(root, { transform: '', label: '', depth: 0 })
  return drawing
}

const pick = (of: Record<string, unknown>, keys: readonly string[]) =>
  Object.fromEntries(keys.flatMap((key) => (of[key] === undefined ? [] : [[key, of[key] as string | number]])))

/** A drawing in a drawing: moved and scaled so that its view fills its box. */
function viewport({ properties = {}, tagName }: ElementNode, here: Above): Above {
  const [left = 0, top = 0, wide, high] = numbersIn(properties.viewBox)
  const at = tagName === 'svg' ? `translate(${lengthOf(properties.x)} ${lengthOf(properties.y)})` : ''
  const [width, height] = [lengthOf(properties.width), lengthOf(properties.height)]
  if (!wide || !high) return { ...here, transform: `${here.transform} ${at}`.trim() }
  const isStretched = String(properties.preserveAspectRatio ?? '').startsWith('none')
  const [sx, sy] = [width ? width / wide : 1, height ? height / high : 1]
  const by = width && height ? Math.min(sx, sy) : width ? sx : height ? sy : 1
  const [bx, bTop] = isStretched ? [sx, sy] : [by, by]
  // Centred in its box, as is usual.
  const shift = isStretched ? [0, 0] : [width ? (width - wide * by) / 2 : 0, height ? (height - high * by) / 2 : 0]
  const view = `translate(${shift[0]} ${shift[1]}) scale(${bx} ${bTop}) translate(${-left} ${-top})`
  return { ...here, transform: `${here.transform} ${at} ${view}`.trim() }
}

function idsOf(root: ElementNode): Map<string, ElementNode> {
  const found = new Map<string, ElementNode>()
  const waiting: ElementNode[] = [root]
  for (let element = waiting.pop(); element; element = waiting.pop()) {
    const { id } = element.properties ?? {}
    if (id !== undefined && !found.has(String(id))) found.set(String(id), element)
    for (const child of element.children)
      if (typeof child !== 'string' && child.type === 'element') waiting.push(child)
  }
  return found
}

type Style = Record<string, string>

/** Rules of a style sheet for one class or one id: what drawing programs write. */
function rulesOf(root: ElementNode): Map<string, Style> {
  const rules = new Map<string, Style>()
  const text = textsOf(root, 'style')
    .join('\n')
    .replace(/\/\*[\s\S]*?\*\//g, '')
  for (const [, selectors, body] of text.matchAll(/([^{}]+)\{([^{}]*)\}/g))
    for (const selector of mustHave(selectors)
      .split(',')
      .map((one) => one.trim()))
      if (/^[.#]?[\w-]+$/.test(selector))
        rules.set(selector, { ...rules.get(selector), ...declarations(mustHave(body)) })
  return rules
}

/** Words inside elements of a name. */
export function textsOf(element: ElementNode, tagName: string): string[] {
  return element.children.flatMap((child) => {
    if (typeof child === 'string' || child.type !== 'element') return []
    return child.tagName === tagName ? [wordsIn(child)] : textsOf(child, tagName)
  })
}

/** All words in an element. */
export function wordsIn(element: ElementNode): string {
  return element.children
    .map((child) => {
      if (typeof child === 'string') return child
      return child.type === 'text' ? String(child.value ?? '') : wordsIn(child)
    })
    .join(' ')
    .replace(/\s+/g, ' ')
    .trim()
}

function declarations(text: string): Style {
  const pairs = text.split(';').flatMap((one) => {
    const at = one.indexOf(':')
    return at < 0
      ? []
      : [
          [
            one.slice(0, at).trim().toLowerCase(),
            one
              .slice(at + 1)
              .replace('!important', '')
              .trim(),
          ],
        ]
  })
  return Object.fromEntries(pairs) as Style
}

/** What holds of an element: attributes, then rules of its class and id, then its own style. */
function styleOf({ tagName = '', properties = {} }: ElementNode, rules: ReadonlyMap<string, Style>): Style {
  const classes = String(properties.class ?? '').split(/\s+/)
  const own = [tagName, ...classes.map((name) => `.${name}`), `#${properties.id ?? ''}`]
  return {
    ...(properties.display !== undefined && { display: String(properties.display) }),
    ...(properties.visibility !== undefined && { visibility: String(properties.visibility) }),
    ...Object.assign({}, ...own.map((selector) => rules.get(selector) ?? {})),
    ...declarations(String(properties.style ?? '')),
  }
}

/** A transform of a style sheet as one of an attribute: without units, angles in degrees. */
function cssTransform(text: string): string {
  if (text === 'none') return ''
  return [...text.matchAll(/([a-zA-Z]+)\s*\(([^)]*)\)/g)]
    .map(([, name, inner]) => {
      const values = mustHave(inner)
        .split(/[\s,]+/)
        .filter(Boolean)
        .map(plainValue)
      const first = values[0] ?? 0
      if (name === 'translateX') return `translate(${first} 0)`
      if (name === 'translateY') return `translate(0 ${first})`
      if (name === 'scaleX') return `scale(${first} 1)`
      if (name === 'scaleY') return `scale(1 ${first})`
      return `${name}(${values.join(' ')})`
    })
    .join(' ')
}

function plainValue(text: string): number {
  const [, number, unit = ''] = /^(-?[\d.]+(?:e-?\d+)?)\s*([a-z%]*)$/i.exec(text) ?? []
  const value = Number(number ?? 0)
  if (unit === 'rad') return (value * 180) / Math.PI
  if (unit === 'turn') return value * 360
  if (unit === 'grad') return value * 0.9
  return unit === '' || unit === 'deg' ? value : lengthOf(text)
}
