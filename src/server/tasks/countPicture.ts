import sharp from 'sharp'
import { countThreads, MOST_READ_PX, NothingToCount, type ThreadCount } from '../../core/loupe/count'
import { planeOf, type Plane } from '../../core/loupe/plane'
import { isReadable } from './sides'

/** The most pixels that a picture may have. */
const MOST_PIXELS = 24_000_000

export interface CountTask {
  bytes: Uint8Array
  pixelsPerCm: number
}

/** What was counted, or in words why nothing was. */
export type CountOutcome = { count: ThreadCount } | { refused: string }

/** Counts the threads in a picture file. */
export async function countPicture({ bytes, pixelsPerCm }: CountTask): Promise<CountOutcome> {
  const plane = await lumaOf(bytes)
  if (typeof plane === 'string') return { refused: plane }
  try {
    return { count: countThreads(plane, pixelsPerCm) }
  } catch (error) {
    if (error instanceof NothingToCount) return { refused: error.message }
    throw error
  }
}

const TOO_LARGE = 'We can’t read the photo: it is damaged, of another kind, or has more than 24 million pixels.'

/** The brightness of the picture's middle, turned as its EXIF says; words where it cannot be read. */
async function lumaOf(bytes: Uint8Array): Promise<Plane | string> {
  try {
    const { format, autoOrient } = await sharp(bytes).metadata()
    if (!['jpeg', 'png', 'webp'].includes(format)) return 'The photo is not a JPEG, PNG or WebP file.'
    if (!isReadable(autoOrient, MOST_PIXELS)) return TOO_LARGE
    const [width, height] = [Math.min(MOST_READ_PX, autoOrient.width), Math.min(MOST_READ_PX, autoOrient.height)]
    const { data, info } = await sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
      .autoOrient()
      .extract({
        left: Math.floor((autoOrient.width - width) / 2),
        top: Math.floor((autoOrient.height - height) / 2),
        width,
        height,
      })
      .flatten({ background: '#808080' })
      .toColourspace('srgb')
      .raw()
      .toBuffer({ resolveWithObject: true })
    return planeOf(data, info.width, info.height, info.channels)
  } catch {
    return TOO_LARGE
  }
}
