import sharp from 'sharp'
import { shoot } from '../devices/standins/camera'
import { itemAt } from '@/core/lists/items'

interface Photographed {
  of: 'plain' | 'twill'
  endsPerCm: number
  picksPerCm: number
}

/** Numbers like chance, the same at each start: the demo is always the same. */
function chanceFrom(seed: number): () => number {
  let state = seed
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296
    return state / 4_294_967_296
  }
}

/** A photograph of a cloth by the made-up camera, in the cloth's own colours, as JPEG. */
export async function photographOf(
  { of, endsPerCm, picksPerCm }: Photographed,
  [warp, weft]: readonly [string, string],
  seed: number,
): Promise<Uint8Array> {
  const shot = shoot({ of, endsPerCm, picksPerCm, turnDeg: 3, drape: 0.5 }, chanceFrom(seed))
  const mean = [1, 3, 5].map((at) => (channel(warp, at) + channel(weft, at)) / 2)
  const raw = Buffer.alloc(shot.width * shot.height * 3)
  for (let i = 0; i < shot.width * shot.height; i++)
    for (let c = 0; c < 3; c++) raw[i * 3 + c] = Math.min(255, (shot.data[i * 4 + c]! / 150) * itemAt(mean, c))
  return new Uint8Array(
    await sharp(raw, { raw: { width: shot.width, height: shot.height, channels: 3 } })
      .jpeg({ quality: 88 })
      .toBuffer(),
  )
}

const channel = (hex: string, at: number) => Number.parseInt(hex.slice(at, at + 2), 16)
