/** Pixels of CSS in a unit: 96 an inch. */
const PIXELS: Readonly<Record<string, number>> = {
  px: 1,
  mm: 96 / 25.4,
  cm: 960 / 25.4,
  in: 96,
  pt: 96 / 72,
  pc: 16,
}

/** A length of an attribute in the drawing’s own units: `10mm` counts in pixels of CSS. */
export function lengthOf(value: unknown): number {
  const [, number, unit = ''] = /^\s*([-+]?[\d.]+(?:e[-+]?\d+)?)\s*([a-z]*)\s*$/i.exec(String(value ?? '')) ?? []
  return number === undefined ? 0 : Number(number) * (PIXELS[unit.toLowerCase() || 'px'] ?? 1)
}

export const numbersIn = (value: unknown) =>
  (String(value ?? '').match(/[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/gi) ?? []).map(Number)
