import { careSymbol, type CareId } from './care'

/** The field of a care symbol, and how thick and large is what stands in it. */
export const CARE_FIELD = { width: 64, height: 66, line: 3, dot: 3, letter: 19 } as const

/** One symbol of a care label as it is drawn in that field. */
export interface DrawnCare {
  /** Lines, as SVG paths. */
  lines: readonly string[]
  /** Filled dots of heat: centres. */
  dots: readonly (readonly [x: number, y: number])[]
  /** What is written in bold across its middle, on this baseline. */
  letters: { text: string; y: number } | null
}

const circle = (r: number, y = 30) => `M${32 - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
const SQUARE = 'M10 8h44v44H10z'
const DRUM = circle(17)
const IN_SQUARE: Partial<Record<CareId, readonly string[]>> = {
  'tumble-normal': [DRUM],
  'tumble-low': [DRUM],
  'tumble-never': [DRUM],
  'dry-line': ['M32 14v32'],
  'dry-line-drip': ['M26 14v32M38 14v32'],
  'dry-flat': ['M17 30h30'],
  'dry-flat-drip': ['M17 24h30M17 36h30'],
  'dry-shade': ['M10 30L32 8M10 18L20 8'],
}
/** How many dots of heat stand in it, and at which height. */
const DOTS: Partial<Record<CareId, readonly [count: number, y: number]>> = {
  'tumble-normal': [2, 30],
  'tumble-low': [1, 30],
  'iron-200': [3, 38],
  'iron-150': [2, 38],
  'iron-110': [1, 38],
}

function outline(id: CareId): readonly string[] {
  switch (careSymbol(id).group) {
    case 'wash':
      return [
        'M6 16l6 34h40l6-34M8 22q6-6 12 0t12 0 12 0 12 0',
        ...(id === 'wash-hand' ? ['M22 12l10 14 12 2M32 26l-8 2'] : []),
      ]
    case 'bleach':
      return [`M32 8l26 44H6z${id === 'bleach-oxygen' ? 'M26 52l15-26M38 52l9-15' : ''}`]
    case 'dry':
      return [SQUARE, ...(IN_SQUARE[id] ?? [])]
    case 'iron':
      return ['M18 14h28l8 32H6c0-12 8-19 22-19h22']
    case 'professional':
      return [circle(23)]
  }
}

function lettersIn(id: CareId): DrawnCare['letters'] {
  const { group, celsius, never } = careSymbol(id)
  if (never) return null
  if (group === 'wash') return id === 'wash-hand' ? null : { text: String(celsius), y: 44 }
  return group === 'professional' ? { text: id.charAt('clean-'.length).toUpperCase(), y: 37 } : null
}

/** The geometry of a care symbol (ISO 3758:2012, tables 1 to 5), for the screen and for paper. */
export function drawnCare(id: CareId): DrawnCare {
  const [count, y] = DOTS[id] ?? [0, 0]
  // Bars below a symbol: one for gentle, two for very gentle.
  const bars = id.endsWith('very-mild') ? ['M14 57h36M14 62h36'] : id.endsWith('-mild') ? ['M14 58h36'] : []
  return {
    lines: [...outline(id), ...bars, ...(careSymbol(id).never ? ['M8 6l48 48M56 6L8 54'] : [])],
    dots: Array.from({ length: count }, (_, i) => [32 + (i - (count - 1) / 2) * 9, y] as const),
    letters: lettersIn(id),
  }
}
