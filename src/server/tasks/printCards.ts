import QRCode from 'qrcode'
import sharp from 'sharp'
import { writeBook, type BookTask } from '../../core/formats/pdf/writeBook'
import { writeCards, type CardsTask } from '../../core/formats/pdf/writeCards'
import { fontFiles } from './fontFiles'

/** Pixels of a drawn fabric across a card. */
const DRAWING_PX = 700

/** Cards or stickers as a PDF. */
export const printCards = (task: CardsTask): Promise<Uint8Array> =>
  writeCards(task, { code: codeOf, fabric: fabricOf }, fontFiles())

/** Pieces as a book or a list to tick, as a PDF. */
export const printBook = (task: BookTask): Promise<Uint8Array> => writeBook(task, fontFiles())

const codeOf = (url: string) => QRCode.toBuffer(url, { margin: 1, scale: 6, errorCorrectionLevel: 'M' })

/** One repeat, as often as it takes to fill the swatch. */
async function fabricOf(svg: string): Promise<Uint8Array> {
  const tile = await sharp(Buffer.from(svg), { density: 144 }).png().toBuffer({ resolveWithObject: true })
  return sharp({ create: { width: DRAWING_PX, height: DRAWING_PX, channels: 3, background: '#fff' } })
    .composite([{ input: await atMost(tile.data, tile.info), tile: true, gravity: 'northwest' }])
    .jpeg({ quality: 85 })
    .toBuffer()
}

/** A repeat that is larger than the swatch is cut to it. */
async function atMost(tile: Buffer, { width, height }: { width: number; height: number }): Promise<Buffer> {
  if (width <= DRAWING_PX && height <= DRAWING_PX) return tile
  const [w, h] = [Math.min(width, DRAWING_PX), Math.min(height, DRAWING_PX)]
  return sharp(tile).extract({ left: 0, top: 0, width: w, height: h }).png().toBuffer()
}
