/**
 * Light of a value of a picture or a colour, both 0 … 1 (sRGB to linear, IEC 61966-2-1).
 */
export function lightOf(value: number): number {
  return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4
}

/** Red, green and blue light of a colour `#rrggbb`, each 0 … 1. */
export function lightsOf(hex: string): [red: number, green: number, blue: number] {
  return [1, 3, 5].map((at) => lightOf(Number.parseInt(hex.slice(at, at + 2), 16) / 255)) as [number, number, number]
}
