import { itemAt } from '@/core/lists/items'

/**
 * Corners as somebody types them, one a line or parted by semicolons, in cm.
 * @returns mm; undefined where a line is no two numbers
 */
export function cornersOf(text: string): [number, number][] | undefined {
  const lines = text
    .split(/[\n;]/)
    .map((line) => line.trim())
    .filter(Boolean)
  const corners = lines.map((line) => {
    const numbers = line.split(/[\s,×x/]+/i).map(Number)
    return numbers.length === 2 && numbers.every(Number.isFinite)
      ? ([itemAt(numbers, 0) * 10, itemAt(numbers, 1) * 10] as [number, number])
      : undefined
  })
  return corners.every((corner) => corner !== undefined) ? corners : undefined
}
