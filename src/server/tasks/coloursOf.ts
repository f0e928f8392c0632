import sharp from 'sharp'
import { mainColours, type MainColour } from '../../core/colour/mainColours'
import { mustHave } from '@/core/lists/items'

/** A picture made so small holds its colours still, px. */
const SIDE = 64
/** What stands at the edge is table and hand more often than cloth: the middle is looked at. */
const MIDDLE = 0.8

/** The main colours of a picture's middle, the broadest first. */
export async function coloursOf({ bytes }: { bytes: Uint8Array }): Promise<MainColour[]> {
  const { data, info } = await sharp(bytes).resize(SIDE, SIDE, { fit: 'cover' }).removeAlpha().raw().toBuffer({
    resolveWithObject: true,
  })
  const edge = Math.floor((SIDE * (1 - MIDDLE)) / 2)
  const pixels: number[] = []
  for (let y = edge; y < info.height - edge; y++)
    for (let x = edge; x < info.width - edge; x++) {
      const at = (y * info.width + x) * info.channels
      pixels.push(mustHave(data[at]), mustHave(data[at + 1]), mustHave(data[at + 2]))
    }
  return mainColours(pixels)
}
