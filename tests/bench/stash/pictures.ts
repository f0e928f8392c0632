import { mkdir, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp from 'sharp'
import { type Draw } from './bigNotebook'

/** Photographs of plain colours, larger than a tile. @returns their names */
export async function fillPictures(folder: string, count: number, { between, chance }: Draw): Promise<string[]> {
  await mkdir(folder, { recursive: true })
  const names: string[] = []
  for (let i = 0; i < count; i++) {
    const background = { r: between(0, 255), g: between(0, 255), b: between(0, 255) }
    const name = `${idOf(chance)}.jpg`
    const picture = sharp({ create: { width: 640, height: 480, channels: 3, background } }).jpeg({ quality: 70 })
    await writeFile(join(folder, name), await picture.toBuffer())
    names.push(name)
  }
  return names
}

/** A UUID of version 4 from dice. */
function idOf(chance: () => number): string {
  const hex = Array.from({ length: 32 }, () => Math.floor(chance() * 16).toString(16))
  hex[12] = '4'
  hex[16] = 'a'
  return hex.join('').replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-')
}
