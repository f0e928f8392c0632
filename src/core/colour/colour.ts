import {
  ColorSpace,
  deltaE2000,
  getColor,
  Lab,
  LCH,
  OKLab,
  OKLCH,
  sRGB,
  sRGB_Linear,
  to,
  XYZ_D50,
  XYZ_D65,
} from 'colorjs.io/fn'
import { mustHave } from '../lists/items'

for (const space of [XYZ_D65, XYZ_D50, sRGB_Linear, sRGB, Lab, LCH, OKLab, OKLCH]) ColorSpace.register(space)

/** Linear light of red, green and blue, each 0 … 1. */
export type Lights = readonly [red: number, green: number, blue: number]

/** How far two colours `#rrggbb` look apart (CIEDE2000); about 1 is the least that an eye sees, 2 to 3 on cloth. */
export function deltaE(a: string, b: string): number {
  return deltaE2000(getColor(a), getColor(b))
}

/** CIELAB of a colour (D50, as colorjs.io has it): lightness 0 … 100, chroma, hue in degrees. */
export function lchOf(hex: string): { lightness: number; chroma: number; hue: number } {
  const [lightness, chroma, hue] = to(getColor(hex), LCH).coords.map((one) =>
    Number.isFinite(one) ? Number(one) : 0,
  )
  return { lightness: mustHave(lightness), chroma: mustHave(chroma), hue: mustHave(hue) }
}

/** Linear light of a colour. */
export function linearOf(hex: string): Lights {
  const [red, green, blue] = to(getColor(hex), sRGB_Linear).coords
  return [Number(red), Number(green), Number(blue)]
}

/** A colour `#rrggbb` of linear light; what no screen shows is brought to its nearest. */
export function hexOfLinear(lights: Lights): string {
  const held = lights.map((one) => Math.min(1, Math.max(0, one))) as [number, number, number]
  const color = to({ space: sRGB_Linear, coords: held, alpha: 1 }, sRGB)
  const byte = (one: unknown) => Math.round(Math.min(1, Math.max(0, Number(one))) * 255)
  return `#${color.coords.map((one) => byte(one).toString(16).padStart(2, '0')).join('')}`
}
